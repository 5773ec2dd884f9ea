import type { Pin } from "../model/index.ts";

const PARTS = "terminals?|contacts?|pins?|crimps?|crimping|lugs?|ferrules?";
const SPENT =
  "corroded|corrosion|green(?: with corrosion)?|rotten|rusted|burn(?:t|ed)|melted|overheated|discoloured|arced|pitted|spread|splayed|sprung|slack|bent|broken|snapped|crushed|damaged|worn(?: out)?|spent|no grip|pulls? out|poor|bad|suspect";
const SAYS = new RegExp(
  `\\b(?:${PARTS})\\b[^.;]{0,30}\\b(?:${SPENT})\\b|\\b(?:${SPENT})\\b[^.;]{0,20}\\b(?:${PARTS})\\b|\\b(?:re-?end|re-?terminate|re-?crimp|new terminal)\\b`,
  "i",
);
const NOT = /\b(?:not|no(?! grip)|never|without)\b|\bn't\b|\brenewed\b|\breplaced\b/i;

/** Whether somebody noted that the terminal of a wire is spent, and it is still on. */
export const hasSpentTerminal = ({ note, content }: Pick<Pin, "note" | "content">): boolean =>
  content === "occupied" && note.split(/[.;]/).some((part) => SAYS.test(part) && !NOT.test(part));
