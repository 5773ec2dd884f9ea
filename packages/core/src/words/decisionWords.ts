import { deviceWords, type SuggestedAlone } from "../proposals/index.ts";
import {
  isTapping,
  linkedPairs,
  methodOf,
  namedPins,
  type Decision,
  type Method,
  type Merged,
  type PinId,
} from "../model/index.ts";
import { OPEN_WORDS } from "../shelf/index.ts";
import { unreachable } from "../util/index.ts";

const METHOD_WORDS: Readonly<Record<Method, string>> = {
  move: "terminal moved",
  splice: "spliced",
  adapter: "by adapter",
};

/** What a decision does, without its pins; `name` gives the name of a supply: "spliced, through a divider, 22 kΩ over 10 kΩ". */
export function doneWords(decision: Decision, name: (id: string) => string): string {
  switch (decision.kind) {
    case "join":
      return `${METHOD_WORDS[decision.method]}${atHalf(decision)}${behindPlug(decision)}${through(decision)}`;
    case "move":
      return "terminal moved to another cavity";
    case "populate":
      return "new terminal, into that cavity";
    case "re-end":
      return decision.stud === undefined ? "new terminal, same cavity" : `new ring for M${decision.stud}`;
    case "merge":
      if (isTapping(decision))
        return `${decision.vehicle.length} tapped and joined to one, each stays whole${behindPlug(decision)}${through(decision)}`;
      return `${decision.vehicle.length} joined to one${byAdapter(decision)}${atHalf(decision)}${behindPlug(decision)}${through(decision)}`;
    case "split":
      return `one joined to ${decision.incoming.length}${byAdapter(decision)}${atHalf(decision)}${behindPlug(decision)}${through(decision)}`;
    case "tap":
      return `tapped, the wire stays whole${behindPlug(decision)}${through(decision)}`;
    case "jumper":
      return methodOf(decision) === "adapter"
        ? "joined in the adapter"
        : `joined in their own plug${HALF_WORDS[decision.half ?? "loom"]}`;
    case "mate":
      return `plugged together, ${decision.vehicle.length} ${decision.vehicle.length === 1 ? "wire meets" : "wires meet"}`;
    case "series":
      if (decision.method === "move") return "led through it, terminal moved";
      return `led through it, spliced${decision.half === "plug" ? ", connector half into it" : ""}${behindPlug(decision)}`;
    case "cap":
      return `capped and tucked${because(decision)}`;
    case "remove":
      return `taken out of the loom${because(decision)}`;
    case "leave":
      return `stays as it is${because(decision)}`;
    case "feed":
      return `fed from ${decision.supply === null ? "a place not yet chosen" : name(decision.supply)}${decision.theirHalf === "loom" ? ", loom half" : ""}`;
    case "forbid":
      return "never joined";
    default:
      return unreachable(decision);
  }
}
/** Said only where it is not the usual half. */
const HALF_WORDS: Readonly<Record<Merged, string>> = {
  loom: "",
  whole: "",
  plug: ", connector half",
  pulled: ", terminal pulled",
};
const atHalf = ({ half }: Extract<Decision, { half?: unknown }>): string => HALF_WORDS[half ?? "loom"];
const byAdapter = (decision: Decision): string => (methodOf(decision) === "adapter" ? " in the adapter" : "");
const behindPlug = ({ cutAt }: Extract<Decision, { cutAt?: unknown }>): string =>
  cutAt === undefined ? "" : `, ${cutAt} mm behind the plug`;
const through = ({ device }: Extract<Decision, { device?: unknown }>): string =>
  device === undefined ? "" : `, through ${deviceWords(device)}`;
const because = ({ open }: Extract<Decision, { open?: unknown }>): string =>
  open === undefined ? "" : `: ${OPEN_WORDS[open]}`;

/** A decision with its pins: "B12.9 to AL-P.F: spliced, through a divider, 22 kΩ over 10 kΩ". */
export function decisionWords(decision: Decision, name: (id: string) => string): string {
  const all = (pins: readonly PinId[]): string => pins.map(name).join(" and ");
  const pairs = linkedPairs(decision);
  const named = (): string => {
    if (decision.kind === "series")
      return `${name(decision.vehicle)} into ${name(decision.into)}, back from ${name(decision.back)}`;
    if (decision.kind === "populate") return `${name(decision.lead)} into ${name(decision.cavity)}`;
    if (decision.kind === "move") return `${name(decision.pin)} to ${name(decision.to)}`;
    if (decision.kind === "forbid") return `${name(decision.vehicle)} and ${name(decision.incoming)}`;
    if (pairs.length === 0) return all(namedPins(decision));
    const of = (side: 0 | 1): string => all([...new Set(pairs.map((pair) => pair[side]))]);
    return `${of(0)} to ${of(1)}`;
  };
  return `${named()}: ${doneWords(decision, name)}`;
}

/** What is proposed for a pin that has no partner. */
export function proposalWords({ proposal, from, feed }: SuggestedAlone): string {
  if (proposal === "identify") return "measure it and write the readings down";
  if (proposal === "re-end") return "cut its terminal off and crimp a new one on";
  if (proposal === "leave") return "leave it as it is";
  if (proposal === "cap") return "cap and tuck";
  const [first] = from;
  return first === undefined
    ? `feed it (${feed ?? "supply"}); no place for that is known in this job`
    : `feed it from ${first.words}`;
}
