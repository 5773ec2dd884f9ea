import type { Dossier, StepId } from "../model/index.ts";
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

/** Where to stop so that each leg of the loom has an evening of its own: after the last circuit before the work goes on at another leg, or place where no leg is named. */
export function splitByLeg(
  { groups, steps }: Pick<Plan, "groups" | "steps">,
  dossier: Pick<Dossier, "connectors">,
): readonly StepId[] {
  const branches = new Map(dossier.connectors.map(({ id, branch }) => [id, branch]));
  const byId = new Map(steps.map((step) => [step.id, step]));
  const legs = groups
    .filter(({ stage }) => stage === "wire")
    .map((group) => {
      const [first] = group.steps;
      const connector = first === undefined ? null : (byId.get(first)?.connector ?? null);
      return {
        leg: (connector === null ? "" : branches.get(connector)) || group.place,
        last: group.steps.at(-1),
      };
    });
  return legs.flatMap(({ leg, last }, i) =>
    last !== undefined && i < legs.length - 1 && legs[i + 1]?.leg !== leg ? [last] : [],
  );
}
