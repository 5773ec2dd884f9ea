import { computed } from "vue";
import {
  cardOf,
  indexPins,
  isAtJoint,
  pinColour,
  stepWords,
  type Group,
  type PinId,
  type PlacedPin,
  type Step,
  type StepId,
  type StepWords,
  type WireColour,
} from "@trevin/core";
import { useJob } from "../stores/job.ts";

export interface ShownStep {
  readonly step: Step;
  readonly number: number;
  readonly words: StepWords;
  readonly colour: WireColour | null;
  readonly size: number | null;
  /** The wire's colour as the diagram writes it; empty where none is in the hand, or several are that meet. */
  readonly code: string;
  readonly at: PlacedPin | null;
  readonly state: "open" | "done" | "skipped";
}

/** The worklist with its words, colours and ticks. */
export function usePlan() {
  const store = useJob();
  const bench = computed(() => store.analysis!.bench);
  const pins = computed(() => indexPins(bench.value.dossier));
  const placed = (id: PinId | null): PlacedPin | null => (id === null ? null : (pins.value.get(id) ?? null));
  const steps = computed<readonly ShownStep[]>(() =>
    bench.value.plan.steps.map((step, index) => {
      const wire = placed(step.wire);
      return {
        step,
        number: index + 1,
        words: stepWords(step, bench.value.dossier, pins.value),
        colour: wire === null ? null : pinColour(wire.pin, wire.connector),
        size: wire?.pin.size ?? null,
        code: isAtJoint(step) ? "" : (wire?.pin.colour ?? ""),
        at: placed(step.at),
        state: bench.value.progress.get(step.id) ?? "open",
      };
    }),
  );
  const byId = computed(() => new Map<StepId, ShownStep>(steps.value.map((shown) => [shown.step.id, shown])));
  const groups = computed(() =>
    bench.value.plan.groups.map((group: Group) => ({
      ...group,
      shown: group.steps.flatMap((id) => byId.value.get(id) ?? []),
    })),
  );
  const current = computed(() =>
    bench.value.current === null ? null : (byId.value.get(bench.value.current.id) ?? null),
  );
  /** The steps in hand: the current one, and what goes on from it in the same gesture. */
  const card = computed(() => {
    const first = current.value;
    if (first === null) return [];
    const whole = cardOf(bench.value.plan.steps, first.step.id).map(({ id }) => id);
    return whole
      .slice(whole.indexOf(first.step.id))
      .flatMap((id) => byId.value.get(id) ?? [])
      .filter(({ state }) => state === "open");
  });
  return { bench, steps, byId, groups, current, card, pins, placed };
}
