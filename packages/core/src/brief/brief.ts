import {
  decisionByPin,
  indexPins,
  isKept,
  isParted,
  type BriefItem,
  type Connector,
  type Decision,
  type Dossier,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { oppositeOf, readFunction } from "../meaning/index.ts";
import { tokensOf } from "../util/index.ts";

/**
 * How a line of the brief stands. `served`: a wire carries it. `open`: its pins are not decided yet. `lost`: every wire for
 * it is capped, left or taken away. `no-pin`: nothing in the pin tables does this.
 */
export type BriefState = "served" | "open" | "lost" | "no-pin";

export interface BriefLine {
  readonly item: BriefItem;
  readonly pins: readonly PlacedPin[];
  /** Whether a person linked the pins, or only the words do. */
  readonly linked: "by-hand" | "by-words";
  readonly state: BriefState;
}

const ALWAYS: ReadonlySet<Decision["kind"]> = new Set([
  "join",
  "merge",
  "split",
  "tap",
  "mate",
  "series",
  "feed",
  "jumper",
]);
/** Words around an option that say nothing: "only with air conditioning". */
const EMPTY_WORDS = new Set([
  "only",
  "with",
  "if",
  "when",
  "for",
  "option",
  "optional",
  "fitted",
  "models",
  "vehicles",
  "the",
]);
const meat = (text: string): string =>
  tokensOf(text)
    .filter((token) => !EMPTY_WORDS.has(token))
    .join(" ");

/** Whether two texts name the same thing: the same term of the vocabulary, or one within the other. */
function sameThing(a: string, b: string, { words }: Pick<Dossier, "words">): boolean {
  const [left, right] = [meat(a), meat(b)];
  if (left === "" || right === "") return false;
  if (` ${left} `.includes(` ${right} `) || ` ${right} `.includes(` ${left} `)) return true;
  const [one, two] = [readFunction(left, words), readFunction(right, words)];
  if (one.thing === null || one.thing !== two.thing || one.fuzzy || two.fuzzy) return false;
  if (Math.min(one.understood, two.understood) < 0.7) return false;
  return oppositeOf(one.which, two.which) === null;
}

/** Each line of the brief with the pins that stand for it and whether the decisions serve it. */
export function briefLines(dossier: Dossier): readonly BriefLine[] {
  if (dossier.brief.length === 0) return [];
  const pins = indexPins(dossier);
  const decisionOf = decisionByPin(dossier);
  const wired = [...pins.values()].filter(({ pin }) => pin.content !== "empty");
  return dossier.brief.map((item): BriefLine => {
    const byHand = item.pins.flatMap((id) => pins.get(id) ?? []);
    const linked = byHand.length > 0 ? "by-hand" : "by-words";
    const own =
      byHand.length > 0
        ? byHand
        : wired.filter(
            ({ pin }) =>
              sameThing(item.kind === "option" ? pin.condition : pin.function, item.text, dossier) ||
              (item.kind === "option" && sameThing(pin.function, item.text, dossier)),
          );
    return {
      item,
      pins: own,
      linked,
      state: stateOf(
        own.map(({ pin }) => pin.id),
        linked,
        decisionOf,
        dossier,
        pins,
      ),
    };
  });
}

function stateOf(
  own: readonly PinId[],
  linked: BriefLine["linked"],
  decisionOf: ReadonlyMap<PinId, Decision>,
  dossier: Dossier,
  pins: ReadonlyMap<PinId, PlacedPin>,
): BriefState {
  if (own.length === 0) return "no-pin";
  // A vehicle's wire that stays where it is goes on working as long as its part does; an incoming one that is left is connected to nothing.
  const carries = (id: PinId): boolean => {
    const decision = decisionOf.get(id);
    const connector = pins.get(id)?.connector;
    if (connector === undefined) return false;
    if (decision === undefined) return isKept(dossier, connector);
    const isLeft = decision.kind === "leave" || decision.kind === "re-end";
    return ALWAYS.has(decision.kind) || (isLeft && goesOnBehind(dossier, connector));
  };
  const served = linked === "by-hand" ? own.every(carries) : own.some(carries);
  if (served) return "served";
  return own.some((id) => !decisionOf.has(id)) ? "open" : "lost";
}

/** Whether a wire that stays in this plug goes on working: one of the vehicle, unless the part behind it is taken away. */
export const goesOnBehind = (
  dossier: Pick<Dossier, "worklist" | "connectors">,
  connector: Connector,
): boolean => connector.side === "vehicle" && !isParted(dossier, connector);

/** The option that is given up and that this pin belongs to, or null. */
export function droppedOption(
  dossier: Pick<Dossier, "brief" | "words">,
  { pin }: PlacedPin,
): BriefItem | null {
  return (
    dossier.brief.find(
      (item) =>
        item.kind === "option" &&
        !item.kept &&
        (item.pins.includes(pin.id) ||
          (pin.condition !== "" && sameThing(pin.condition, item.text, dossier))),
    ) ?? null
  );
}
