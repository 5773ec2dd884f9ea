import type { Draft } from "./templates/draft.ts";

/** Left behind the plug at the first cut of a connector, and further from joint to joint, in mm (common practice, no source). */
const LEFT_BEHIND = 100;
const STAGGER = 30;
const PLACES_OF_JOINTS = 4;

/** Gives each cut and each tap its distance behind the plug, in the order of the work: two neighbours of one plug never lie side by side. */
export function stagger(): (draft: Draft) => Draft {
  const cuts = new Map<string, number>();
  return (draft) => {
    const atPlug = draft.kind === "tap" || (draft.kind === "cut" && draft.text !== "branch");
    if (!atPlug) return draft;
    const plug = draft.connector ?? "";
    const before = cuts.get(plug) ?? 0;
    cuts.set(plug, before + 1);
    return { ...draft, length: LEFT_BEHIND + STAGGER * (before % PLACES_OF_JOINTS) };
  };
}
