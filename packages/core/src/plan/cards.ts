import type { StepId } from "../model/index.ts";
import type { Step, StepKind } from "./step.ts";

/** What the hand does to one wire without putting it down, in its order; each may be left out (common practice). */
const GESTURES: readonly (readonly StepKind[])[] = [
  ["seal", "strip", "crimp", "insert"],
  ["strip", "splice"],
  ["strip", "tap"],
  ["strip", "fit-device"],
];

const isSameHand = (a: Step, b: Step): boolean =>
  a.group === b.group &&
  a.wire === b.wire &&
  a.at === b.at &&
  a.connector === b.connector &&
  a.built === b.built &&
  a.others.join() === b.others.join();

/** Whether a step goes on from the one before it in one gesture. */
function goesOnFrom(before: Step, after: Step): boolean {
  return (
    isSameHand(before, after) &&
    GESTURES.some((gesture) => {
      const [one, other] = [gesture.indexOf(before.kind), gesture.indexOf(after.kind)];
      return one >= 0 && other > one;
    })
  );
}

/** The steps of a plan as cards: neighbours that are one gesture of the hand are one card, everything else is one of its own. */
export function cardsOf(steps: readonly Step[]): readonly (readonly Step[])[] {
  const cards: Step[][] = [];
  for (const step of steps) {
    const card = cards.at(-1);
    const before = card?.at(-1);
    if (card !== undefined && before !== undefined && goesOnFrom(before, step)) card.push(step);
    else cards.push([step]);
  }
  return cards;
}

/** The card that a step belongs to. */
export const cardOf = (steps: readonly Step[], id: StepId): readonly Step[] =>
  cardsOf(steps).find((card) => card.some((step) => step.id === id)) ?? [];
