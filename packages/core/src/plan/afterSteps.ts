import { applyOperation, owned, settled, type HarnessState } from "../harness/index.ts";
import type { Step } from "./step.ts";

export const sum = (numbers: readonly number[]): number => numbers.reduce((total, one) => total + one, 0);

/** The state after the steps that can be done. */
export function stateAfter(start: HarnessState, steps: readonly Step[]): HarnessState {
  return settled(
    steps.reduce((state, step) => {
      const next = step.op === null ? null : applyOperation(state, step.op);
      return next?.ok ? next.value.state : state;
    }, owned(start)),
  );
}
