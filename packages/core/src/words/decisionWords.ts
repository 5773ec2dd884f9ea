import type { FeedPlace, SuggestedAlone } from "../matching/index.ts";
import { deviceWords } from "../matching/index.ts";
import type { Decision, PinId } from "../model/index.ts";
import { OPEN_WORDS } from "../shelf/index.ts";
import { unreachable } from "../util/index.ts";

/** A place that a feed can be taken from: "F22, kick panel". */
export const feedPlaceWords = ({ name, where }: FeedPlace): string => (where === "" ? name : `${name}, ${where}`);

/** What a decision does with its pins: "B12.9 to AL-P.F through a divider, 22 kΩ over 10 kΩ". */
export function decisionWords(decision: Decision, name: (pin: PinId) => string): string {
  const all = (pins: readonly PinId[]): string => pins.map(name).join(" and ");
  switch (decision.kind) {
    case "join":
      return `${name(decision.vehicle)} to ${name(decision.incoming)}, ${decision.method === "move" ? "terminal moved" : "spliced"}${through(decision)}`;
    case "merge":
      return `${all(decision.vehicle)} together to ${name(decision.incoming)}${through(decision)}`;
    case "split":
      return `${name(decision.vehicle)} to ${all(decision.incoming)}${through(decision)}`;
    case "jumper":
      return `${all(decision.pins)} joined in their own plug`;
    case "cap":
      return `${name(decision.pin)} capped and tucked${because(decision)}`;
    case "leave":
      return `${name(decision.pin)} stays as it is${because(decision)}`;
    case "feed":
      return `${name(decision.pin)} fed ${decision.from === "" ? "from a place not yet chosen" : `from ${decision.from}`}`;
    case "forbid":
      return `${name(decision.vehicle)} never to ${name(decision.incoming)}`;
    default:
      return unreachable(decision);
  }
}
const through = ({ device }: Extract<Decision, { device?: unknown }>): string => (device === undefined ? "" : `, through ${deviceWords(device)}`);
const because = ({ open }: Extract<Decision, { open?: unknown }>): string => (open === undefined ? "" : `: ${OPEN_WORDS[open]}`);

/** What is proposed for a pin that has no partner. */
export function proposalWords({ proposal, from, feed }: SuggestedAlone): string {
  if (proposal === "leave") return "leave it as it is";
  if (proposal === "cap") return "cap and tuck";
  const [first] = from;
  return first === undefined ? `feed it (${feed ?? "supply"}); no place for that is known in this job` : `feed it from ${feedPlaceWords(first)}`;
}
