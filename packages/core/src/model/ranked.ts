import { compareText, firstDifference } from "../util/index.ts";
import { decisionId, isTapping, leadPin, type Decision } from "./decision.ts";
import type { PinId } from "./ids.ts";

/** Decisions in the order of their wires; what only hangs on a wire comes after what else is decided of it. */
export const ranked =
  (rank: (id: PinId) => number) =>
  (a: Decision, b: Decision): number =>
    firstDifference(
      rank(leadPin(a)) - rank(leadPin(b)),
      Number(isTapping(a)) - Number(isTapping(b)),
      compareText(decisionId(a), decisionId(b)),
    );
