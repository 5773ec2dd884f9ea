import type { PartKind, WireRole } from "../model/index.ts";
import { isGeneric } from "./generic.ts";
import type { Token } from "./lex.ts";
import type { Thing } from "./lexicon/index.ts";
import { endsHere } from "./marks.ts";

const KIND_WORDS: Readonly<Record<string, PartKind>> = {
  relay: "relay",
  winding: "coil",
  coil: "coil",
  switch: "switch",
  contact: "switch",
  trigger: "switch",
  toggle: "switch",
  sensor: "sensor",
  pickup: "sensor",
  motor: "motor",
  lamp: "lamp",
  telltale: "telltale",
  gauge: "gauge",
  valve: "valve",
  solenoid: "valve",
  heater: "heater",
  pump: "pump",
  contactor: "contactor",
  warning: "telltale",
};
const ROLE_WORDS: Readonly<Record<string, WireRole>> = {
  in: "in",
  input: "in",
  out: "out",
  output: "out",
  request: "request",
  signal: "signal",
  supply: "supply",
  feed: "supply",
  return: "return",
  feedback: "feedback",
  control: "control",
  command: "control",
  ground: "ground",
};

/** What a coil is called in front of its trigger. */
export const namesCoil = ({ word }: Pick<Token, "word">): boolean => /^(?:ignition|coil|spark)$/.test(word);

/** The kinds of part that a text names and what the wire is to them; places that tell of another part are not heard. */
export function partsIn(
  tokens: readonly Token[],
  {
    things,
    silenced,
    asidePlaces,
    contained,
  }: {
    readonly things: readonly Thing[];
    readonly silenced: ReadonlySet<number>;
    readonly asidePlaces: ReadonlySet<number>;
    /** Places of the words that belong to the name of a thing. */
    readonly contained: ReadonlySet<number>;
  },
): { readonly kinds: ReadonlySet<PartKind>; readonly roles: ReadonlySet<WireRole> } {
  const kinds = new Set<PartKind>();
  const roles = new Set<WireRole>();
  tokens.forEach(({ word }, i) => {
    if (silenced.has(i)) return;
    const kind = KIND_WORDS[word];
    // What fires a coil is no switch.
    const isFired = word === "trigger" && tokens.slice(Math.max(0, i - 3), i).some(namesCoil);
    if (kind !== undefined && !asidePlaces.has(i) && !isFired) kinds.add(kind);
    // "DIN+ 2", "DIG 5": inputs; what a module puts out says so.
    const isInput =
      word === "digital" && (tokens[i + 1]?.word === "plus" || tokens[i + 1]?.kind === "number");
    const role = isInput ? "in" : ROLE_WORDS[word];
    const isChannel = /^(digital|analog)$/.test(tokens[i - 1]?.word ?? "");
    if ((word === "in" || word === "out") && !isChannel && !endsHere(tokens, i)) return;
    // An input shaft is a part, no input.
    if (tokens[i + 1]?.word === "shaft") return;
    if (role !== undefined && !(role === "ground" && contained.has(i))) roles.add(role);
  });
  // "Defrost indicator", "rear demist LED": a lamp that tells of the thing.
  const isTurn = things.some(
    ({ family }) => family === "turn" || family === "flasher" || family === "trailer",
  );
  if (
    things.length > 0 &&
    !isTurn &&
    tokens.some(({ word, raw }) => word === "indicator" || /^leds?$/.test(raw))
  )
    kinds.add("telltale");
  if (
    kinds.has("lamp") &&
    (kinds.has("telltale") ||
      tokens.some(({ word }) => word === "control" || word === "pilot") ||
      isOfNoLamp(things[0]))
  )
    kinds.add("telltale");
  return { kinds, roles };
}

/** A lamp that is named beside a thing which is no lamp tells of it. */
const isOfNoLamp = (thing: Thing | undefined): boolean =>
  thing !== undefined && !isGeneric(thing) && !/lamp|light|beam/.test(`${thing.family} ${thing.name}`);
