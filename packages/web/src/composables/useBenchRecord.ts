import { computed, ref, watch, type Ref } from "vue";
import {
  cardOf,
  MEASURED_OF_WORDS,
  parseReading,
  readingsAsked,
  type Half,
  type PinFacts,
  type PinId,
  type Reading,
  type StepId,
} from "@trevin/core";
import type { BenchReading } from "../components/bench/benchReading.ts";
import { readingKey, tickKey } from "../components/bench/tickKey.ts";
import { useJob } from "../stores/job.ts";
import type { usePlan } from "./usePlan.ts";

type Plan = ReturnType<typeof usePlan>;

/** What the bench records of the card in hand; one at a time. */
export function useBenchRecord(
  { bench, card }: Pick<Plan, "bench" | "card">,
  /** Whether the solved circuit says stop to the step in hand. */
  stopped: Readonly<Ref<boolean>>,
) {
  const store = useJob();
  const busy = ref(false);
  const ticked = ref<ReadonlySet<string>>(new Set());
  const mileage = ref("");
  /** The half that was found live, where that is what the step is for. */
  const live = ref<Half | null>(null);
  /** What the meter showed, as it was typed, by step and what it was measured of. */
  const measured = ref<ReadonlyMap<string, string>>(new Map());
  /** Why the power goes on in spite of a stop. */
  const accept = ref("");
  /** Whether Done has asked for what is not ticked: it asks once, and then it is done without. */
  const asked = ref(false);
  const first = computed(() => card.value[0]?.step ?? null);
  watch(
    () => first.value?.id,
    () => {
      ticked.value = new Set();
      asked.value = false;
      mileage.value = "";
      live.value = null;
      measured.value = new Map();
      accept.value = "";
    },
  );
  const keys = computed(() =>
    card.value.flatMap(({ words }, i) => words.before.map((line) => ({ key: tickKey(i, line), line }))),
  );
  const missing = computed(() => keys.value.filter(({ key }) => !ticked.value.has(key)));
  const tickAll = (): void => {
    ticked.value = new Set(keys.value.map(({ key }) => key));
  };
  const needsMileage = computed(() => first.value?.kind === "note-odometer" && !/\d/.test(mileage.value));
  const needsLive = computed(() => first.value?.kind === "find-live" && live.value === null);

  /** The figures that the card asks for, with what was typed and how it is read; where several steps ask, each says which it is. */
  const readings = computed<readonly BenchReading[]>(() => {
    const asks = card.value.flatMap(({ step, words }) =>
      readingsAsked(step).map((one) => ({ ...one, step: step.id, object: words.object })),
    );
    const several = new Set(asks.map(({ step }) => step)).size > 1;
    return asks.map(({ step, object, of, quantity }) => {
      const key = readingKey(step, of);
      const text = measured.value.get(key) ?? "";
      const words = MEASURED_OF_WORDS[of];
      const read = text.trim() === "" ? null : parseReading(text, quantity);
      return { of, quantity, step, key, text, read, label: several ? `${object}: ${words}` : words };
    });
  });
  const unreadable = computed(() => readings.value.some(({ read }) => read?.ok === false));
  const readingsOf = (step: StepId): Reading[] =>
    readings.value.flatMap(({ step: own, of, quantity, read }) =>
      own === step && read?.ok === true ? [{ of, quantity, value: read.value }] : [],
    );

  const needsReason = computed(() => stopped.value && accept.value.trim() === "");

  const isRetracted = (seq: number): boolean => bench.value.fold?.retracted.has(seq) ?? false;
  /** The last thing done that was not taken back. */
  const last = computed(
    () =>
      store.entries.findLast(
        ({ what, seq }) => (what.kind === "done" || what.kind === "skipped") && !isRetracted(seq),
      ) ?? null,
  );
  const notes = computed(() => {
    const here = new Set<string>(card.value.map(({ step }) => step.id));
    return store.entries.flatMap(({ what, seq }) =>
      what.kind === "note" && what.step !== null && here.has(what.step) && !isRetracted(seq)
        ? [{ seq, text: what.text }]
        : [],
    );
  });

  async function alone(work: () => Promise<unknown>): Promise<void> {
    if (busy.value) return;
    busy.value = true;
    try {
      await work();
    } finally {
      busy.value = false;
    }
  }
  /** Every step of the card, one entry each; what was left unticked and the mileage stand with the last of them. */
  const done = (): Promise<void> =>
    alone(async () => {
      if (first.value === null || bench.value.plan.blocks.length > 0) return;
      // Pressed again while it waits for the server: it is tried again, and not recorded twice.
      if (store.isOnItsWay(first.value.id)) return store.again();
      // Which half is joined hangs on it: there is no doing without.
      if (needsLive.value || needsReason.value || unreadable.value) {
        asked.value = true;
        return;
      }
      if ((missing.value.length > 0 || needsMileage.value) && !asked.value) {
        asked.value = true;
        return;
      }
      const note = [
        ...(mileage.value.trim() === "" ? [] : [`Mileage ${mileage.value.trim()}`]),
        ...(missing.value.length === 0
          ? []
          : [`Not ticked: ${missing.value.map(({ line }) => line).join("; ")}`]),
      ].join(". ");
      const steps = card.value.map(({ step }) => ({ step: step.id, readings: readingsOf(step.id) }));
      for (const [i, { step, readings }] of steps.entries()) {
        const stored = await store.record({
          kind: "done",
          step,
          note: i === steps.length - 1 ? note : "",
          ...(live.value === null ? {} : { live: live.value }),
          ...(readings.length === 0 ? {} : { readings }),
          ...(stopped.value ? { accept: accept.value.trim() } : {}),
        });
        if (!stored) return;
      }
    });
  /** Takes back what was done last, with everything of its card. */
  const back = (): Promise<void> =>
    alone(async () => {
      const { plan } = bench.value;
      const what = last.value?.what;
      if (what?.kind !== "done" && what?.kind !== "skipped") return;
      const own = new Set<string>([what.step, ...cardOf(plan.steps, what.step).map(({ id }) => id)]);
      for (;;) {
        const entry = last.value;
        if (entry === null || (entry.what.kind !== "done" && entry.what.kind !== "skipped")) return;
        if (!own.has(entry.what.step)) return;
        if (!(await store.record({ kind: "retracted", seq: entry.seq, reason: "went back at the bench" })))
          return;
      }
    });
  const skip = (step: StepId, reason: string): unknown => store.record({ kind: "skipped", step, reason });
  const found = (pin: PinId, facts: PinFacts, place: string | null, note: string): unknown =>
    store.record({ kind: "found", pin, facts, ...(place === null ? {} : { place }), note });
  const keepNote = (step: StepId | null, text: string): unknown => store.record({ kind: "note", step, text });

  return {
    busy,
    last,
    ticked,
    mileage,
    live,
    measured,
    readings,
    unreadable,
    accept,
    asked,
    missing,
    needsMileage,
    needsLive,
    needsReason,
    notes,
    tickAll,
    done,
    back,
    skip,
    found,
    keepNote,
  };
}
