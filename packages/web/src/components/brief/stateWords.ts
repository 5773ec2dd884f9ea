import type { BriefLine, BriefState } from "@trevin/core";

const STATES: Readonly<Record<BriefState, { readonly mark: string; readonly words: string }>> = {
  served: { mark: "✓", words: "served by a wire" },
  open: { mark: "?", words: "its pins are undecided" },
  lost: { mark: "✕", words: "all its wires are capped, left or removed" },
  "no-pin": { mark: "✕", words: "no pin does this" },
};
/** The mark and the words of an item of the brief. */
export const stateOf = ({ item, state }: BriefLine) =>
  item.kept ? STATES[state] : { mark: "–", words: "dropped: its pins are left out of the crosswalk" };
