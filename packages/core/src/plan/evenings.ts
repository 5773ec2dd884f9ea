import type { StepId } from "../model/index.ts";
import type { Plan } from "./step.ts";

/**
 * Where to stop so that no evening is longer than so many minutes: always after a whole circuit, when nothing is in the hand. A
 * circuit that is longer by itself has an evening of its own. The last evening ends with the work and is not named.
 */
export function splitIntoEvenings({ groups }: Pick<Plan, "groups">, minutes: number): readonly StepId[] {
  const ends: StepId[] = [];
  let spent = 0;
  let last: StepId | null = null;
  for (const group of groups) {
    if (last !== null && spent + group.minutes > minutes) {
      ends.push(last);
      spent = 0;
    }
    spent += group.minutes;
    last = group.steps.at(-1) ?? last;
  }
  return ends;
}
