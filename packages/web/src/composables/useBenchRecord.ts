import { computed, ref, type Ref } from "vue";
import type { PinFacts, PlacedPin } from "@trevin/core";
import { useJob } from "../stores/job.ts";
import type { usePlan } from "./usePlan.ts";

type Plan = ReturnType<typeof usePlan>;

/** What the bench records of the step in hand; one at a time. */
export function useBenchRecord(
  { bench, current }: Pick<Plan, "bench" | "current">,
  wire: Readonly<Ref<PlacedPin | null>>,
) {
  const store = useJob();
  const busy = ref(false);
  /** The last thing done that was not taken back. */
  const last = computed(() => {
    const fold = bench.value.fold;
    return (
      store.entries.findLast(
        (entry) =>
          (entry.what.kind === "done" || entry.what.kind === "skipped") && !fold?.retracted.has(entry.seq),
      ) ?? null
    );
  });
  async function done(): Promise<void> {
    const step = current.value?.step;
    if (step === undefined || busy.value || bench.value.plan.blocks.length > 0) return;
    busy.value = true;
    if (store.waiting.length > 0) await store.again();
    else await store.record({ kind: "done", step: step.id, note: "" });
    busy.value = false;
  }
  async function back(): Promise<void> {
    if (last.value === null || busy.value) return;
    busy.value = true;
    await store.record({ kind: "retracted", seq: last.value.seq, reason: "went back at the bench" });
    busy.value = false;
  }
  const skip = (reason: string): unknown =>
    current.value && store.record({ kind: "skipped", step: current.value.step.id, reason });
  const found = (facts: PinFacts, note: string): unknown =>
    wire.value && store.record({ kind: "found", pin: wire.value.pin.id, facts, note });
  const keepNote = (text: string): unknown =>
    store.record({ kind: "note", step: current.value?.step.id ?? null, text });

  return { busy, last, done, back, skip, found, keepNote };
}
