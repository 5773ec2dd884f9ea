import type { StepId } from "../model/index.ts";
import type { Plan, Step } from "./step.ts";

/** What a change made of a plan. Steps are told apart by what they are for, so a step that only moved is not new. */
export interface PlanDifference {
  readonly added: readonly Step[];
  readonly gone: readonly Step[];
  /** Steps that stand elsewhere now, the fewest that explain the new order. */
  readonly moved: readonly StepId[];
  /** Steps of the same identity that do something else: another cavity, another length, another part. */
  readonly changed: readonly StepId[];
  readonly minutes: number;
}

export function planDifference(
  before: Pick<Plan, "steps" | "minutes">,
  after: Pick<Plan, "steps" | "minutes">,
): PlanDifference {
  const old = new Map(before.steps.map((step, index) => [step.id, { step, index }]));
  const now = new Set(after.steps.map(({ id }) => id));
  const common = after.steps.filter(({ id }) => old.has(id));
  const kept = longestRising(common.map(({ id }) => old.get(id)?.index ?? 0));
  return {
    added: after.steps.filter(({ id }) => !old.has(id)),
    gone: before.steps.filter(({ id }) => !now.has(id)),
    moved: common.filter((_, i) => !kept.has(i)).map(({ id }) => id),
    changed: common
      .filter((step) => {
        const was = old.get(step.id)?.step;
        return (
          was !== undefined &&
          JSON.stringify([was.op, was.length, was.device, was.supply, was.from, was.text]) !==
            JSON.stringify([step.op, step.length, step.device, step.supply, step.from, step.text])
        );
      })
      .map(({ id }) => id),
    minutes: after.minutes - before.minutes,
  };
}

/** The places of a longest rising subsequence (patience sorting). */
function longestRising(numbers: readonly number[]): ReadonlySet<number> {
  const tails: number[] = [];
  const before = numbers.map(() => -1);
  numbers.forEach((number, i) => {
    let low = 0;
    for (let high = tails.length; low < high;) {
      const middle = (low + high) >> 1;
      if ((numbers[tails[middle] ?? 0] ?? 0) < number) low = middle + 1;
      else high = middle;
    }
    before[i] = low > 0 ? (tails[low - 1] ?? -1) : -1;
    tails[low] = i;
  });
  const rising = new Set<number>();
  for (let i = tails.at(-1) ?? -1; i >= 0; i = before[i] ?? -1) rising.add(i);
  return rising;
}
