import { stepId, type OwnStep, type StepId, type WorklistEdits } from "../model/index.ts";
import type { Step } from "./step.ts";
import { stepOf } from "./templates/draft.ts";

export const ownStepId = ({ id }: Pick<OwnStep, "id">): StepId => stepId(`own/${id}`);

/** The steps with those of the technician among them, and in the technician's order. What no longer has an anchor comes last, or stays where it is. */
export function withEdits(
  steps: readonly Step[],
  { own, order }: Pick<WorklistEdits, "own" | "order">,
): readonly Step[] {
  const list = [...steps];
  for (const one of own) {
    const at = one.after === null ? 0 : placeBehind(list, one.after, list.length);
    const group = (list[at - 1] ?? list[at])?.group ?? "open";
    const { text, place, minutes, deviation, from } = one;
    list.splice(
      at,
      0,
      stepOf(group, "own", null, {
        kind: "own",
        role: one.id,
        op: null,
        text: deviation === "" ? text : `${text} (done otherwise: ${deviation})`,
        place,
        minutes,
        range: [minutes, minutes],
        from: from === "" ? null : from,
      }),
    );
  }
  for (const { step, after } of order) {
    const from = list.findIndex(({ id }) => id === step);
    if (from < 0 || step === after || (after !== null && !list.some(({ id }) => id === after))) continue;
    const [moved] = list.splice(from, 1);
    if (moved !== undefined)
      list.splice(after === null ? 0 : placeBehind(list, after, list.length), 0, moved);
  }
  return list;
}

function placeBehind(list: readonly Step[], anchor: StepId, otherwise: number): number {
  const at = list.findIndex(({ id }) => id === anchor);
  return at < 0 ? otherwise : at + 1;
}

/** Own steps one after another in the order given: those with the same anchor stand behind each other, not in front. */
export function chained(steps: readonly OwnStep[]): readonly OwnStep[] {
  return steps.map((step, i) => {
    const before = steps[i - 1];
    return before !== undefined && before.after === step.after ? { ...step, after: ownStepId(before) } : step;
  });
}

/** One more edit of the order, in the fewest edits: what moved before and moves again is told once. */
export function movedBehind(edits: WorklistEdits, step: StepId, after: StepId | null): WorklistEdits {
  return { ...edits, order: [...edits.order.filter((one) => one.step !== step), { step, after }] };
}
