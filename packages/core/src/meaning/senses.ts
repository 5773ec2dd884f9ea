import type { Token } from "./lex.ts";
import type { Thing } from "./lexicon/index.ts";
import type { Meaning } from "./meaning.ts";
import type { Dimension } from "./whichOne.ts";

type Which = Meaning["which"];
type Sense = Pick<Meaning, "which" | "pole">;

const BEAMS: Readonly<Record<string, string>> = { "main beam": "high", "dipped beam": "low" };
/** What the buttons of a cruise control do, by the words for it (common practice, no source). */
const CRUISE_ACTIONS: Readonly<Record<string, string>> = {
  set: "set",
  coast: "set",
  decelerate: "set",
  resume: "resume",
  accelerate: "resume",
  cancel: "cancel",
  main: "main",
  master: "main",
};

/**
 * What the words for which one mean of this thing: the high lead of a pickup is its plus, a mirror's "up and down" is one motor, and the
 * plus button of a hand throttle raises the idle.
 */
export function sensesOf(tokens: readonly Token[], things: readonly Thing[], said: Sense): Sense {
  const [thing] = things;
  if (thing === undefined || thing.name === "ground")
    return tokens.some(({ word }) => word === "ground")
      ? { ...said, which: withValues(said.which, "end", groundEnd(tokens)) }
      : said;
  const { name, signal, family } = thing;
  if (BEAMS[name] !== undefined) return { ...said, which: withValues(said.which, "level", [BEAMS[name]]) };
  if (signal === "vr-pair") return asPole(said);
  if (name === "mirror adjust") return { ...said, which: alongAxis(tokens, said.which) };
  if (LIFTED.has(name))
    return asTravel({ ...said, which: withValues(without(said.which, "height"), "travel", liftOf(tokens)) });
  if (name === "boom telescope" && said.pole !== null)
    return {
      which: withValues(said.which, "opening", [said.pole === "plus" ? "open" : "close"]),
      pole: null,
    };
  if (TRAVELS.has(name) && !MOVED.has(name)) return asTravel(said);
  if (family === "door lock") return { ...said, which: withValues(said.which, "lock", lockOf(name, tokens)) };
  if (name === "mode door actuator")
    return { ...said, which: withValues(said.which, "action", airOf(tokens)) };
  if (name === "navigation lamp" && !said.which.has("side"))
    return {
      ...said,
      which: withValues(
        said.which,
        "side",
        tokens.flatMap(({ raw }) => SIDE_LIGHTS[raw] ?? []),
      ),
    };
  if (name === "bilge pump") return { ...said, which: withValues(said.which, "action", bilgeOf(tokens)) };
  if (name === "mirror fold") return { ...said, which: withValues(said.which, "opening", foldOf(tokens)) };
  if (MOVED.has(name) || family === "passenger door and step")
    return {
      ...said,
      which: withValues(said.which, "opening", movesOf(name, tokens)),
    };
  if (name.startsWith("seat ") && name.endsWith(" motor"))
    return { ...said, which: ofSeat(name, tokens, said.which) };
  if (family === "cruise") {
    const actions = tokens.flatMap(({ word }) => CRUISE_ACTIONS[word] ?? []);
    if (actions.length === 0 && tokens.some(({ word }) => /^(on|off|enable)$/.test(word)))
      actions.push("main");
    return actions.length === 0 ? said : { which: withValues(said.which, "action", actions), pole: null };
  }
  return said;
}

/** Which end of the car a ground is bolted to, by the panel that is named (common practice). */
const PANELS: Readonly<Record<string, string>> = {
  boot: "rear",
  tailgate: "rear",
  bonnet: "front",
  radiator: "front",
  grille: "front",
  front: "front",
};
const groundEnd = (tokens: readonly Token[]): readonly string[] =>
  tokens.flatMap(({ word }) => PANELS[word] ?? []);

/** "Reel raise", "reel lower": where a list names both ways, the last word is one of them and no place. */
export function asWay(tokens: readonly Token[], which: Which): Which {
  const way = LAST_WAYS[tokens.at(-1)?.word ?? ""];
  return way === undefined ? which : withValues(without(which, "height"), "travel", [way]);
}
const LAST_WAYS: Readonly<Record<string, string>> = {
  raise: "up",
  forward: "up",
  lower: "down",
  rearward: "down",
};

/** What goes up and down or out and in, so that plus and minus behind it are its two ways. */
export const TRAVELS: ReadonlySet<string> = new Set([
  "engine speed adjust",
  "regulating valve",
  "basket levelling",
  "boom telescope",
  "boom lift",
]);

/** What is raised and lowered: there "lower" is a way to go, and no place. */
const LIFTED: ReadonlySet<string> = new Set([
  "boom lift",
  "plough lift",
  "header lift",
  "pickup lift",
  "reel",
  "squeegee lift",
]);

/** What goes out and comes back in. */
const MOVED = new Set([
  "boom telescope",
  "lumbar motor",
  "awning",
  "slide-out motor",
  "outrigger",
  "unloading auger",
  "sheet motor",
  "winch motor",
]);
/** Which way a step or an awning goes, and a lumbar cushion; "in" and "out" of a cushion may mean either. */
const MOVES: Readonly<Record<string, string>> = {
  out: "open",
  extend: "open",
  inflate: "open",
  unwind: "open",
  unfold: "open",
  in: "close",
  retract: "close",
  deflate: "close",
  wind: "close",
  fold: "close",
};
const movesOf = (name: string, tokens: readonly Token[]): readonly string[] =>
  tokens.flatMap(({ word }, i) => {
    // "OUT 5 winch in": a channel of the module goes nowhere.
    const isChannel = /^(in|out)$/.test(word) && tokens[i + 1]?.kind === "number";
    return isChannel || (name === "lumbar motor" && /^(in|out)$/.test(word)) ? [] : (MOVES[word] ?? []);
  });

const LIFTS: Readonly<Record<string, string>> = {
  up: "up",
  lift: "up",
  raise: "up",
  down: "down",
  lower: "down",
};
/** "Boom lift down": of its name and the way it goes, the way counts. */
function liftOf(tokens: readonly Token[]): readonly string[] {
  const ways = tokens.flatMap(({ word }, i) =>
    word === "lift" || tokens[i - 1]?.word === "pick" ? [] : (LIFTS[word] ?? []),
  );
  return ways.length > 0 ? ways : tokens.flatMap(({ word }) => LIFTS[word] ?? []);
}

/** A bilge pump has a wire that its float works and one that the helm switches. */
function bilgeOf(tokens: readonly Token[]): readonly string[] {
  if (tokens.some(({ word }) => /^(auto|automatic|float|unswitched)$/.test(word))) return ["automatic"];
  return tokens.some(({ word }) => /^(manual|switch|man)$/.test(word)) ? ["manual"] : [];
}

/** Whether a mirror folds away or comes out. */
function foldOf(tokens: readonly Token[]): readonly string[] {
  if (tokens.some(({ word }) => /^(unfold|out)$/.test(word))) return ["open"];
  return tokens.some(({ word, raw }) => word === "in" || raw === "folding") ? ["close"] : [];
}

/** Whether a lock's wire locks or unlocks. */
function lockOf(name: string, tokens: readonly Token[]): readonly string[] {
  if (tokens.some(({ word }) => /^(unlock|open)$/.test(word)) || name.includes("unlock")) return ["unlock"];
  return /^(door lock motor|lock switch)$/.test(name) ||
    tokens.some(({ word, raw }) => word === "lock" || raw === "l")
    ? ["lock"]
    : [];
}

/** "Recirc flap: fresh": of two words for where the air comes from the last one counts. */
function airOf(tokens: readonly Token[]): readonly string[] {
  const said = tokens.flatMap(({ word }) => (/^(recirculation|fresh)$/.test(word) ? [word] : []));
  return said.length > 1 ? said.slice(-1) : [];
}

/** A seat goes forward and back; which of its ends is lifted is another matter. */
function ofSeat(name: string, tokens: readonly Token[], which: Which): Which {
  const isLift = name === "seat height motor";
  const ways = tokens.flatMap(({ word, raw }) => {
    if (word === "forward") return ["up"];
    if (word === "rearward" || (raw === "back" && !isLift)) return ["down"];
    return isLift && word === "lower" ? ["down"] : [];
  });
  return withValues(without(which, isLift ? "height" : "end"), "travel", ways);
}

/** The side lights of a ship: red to port, green to starboard (COLREG 1972, rule 21; from memory). */
const SIDE_LIGHTS: Readonly<Record<string, string>> = { red: "left", green: "right" };

const withValues = (which: Which, dimension: Dimension, values: readonly string[]): Which =>
  values.length === 0 ? which : new Map([...which, [dimension, new Set(values)]]);
const without = (which: Which, ...dimensions: readonly Dimension[]): Which =>
  new Map([...which].filter(([dimension]) => !dimensions.includes(dimension)));
const onlyOf = (which: Which, dimension: Dimension): string | undefined => {
  const values = [...(which.get(dimension) ?? [])];
  return values.length === 1 ? values[0] : undefined;
};

function asPole({ which, pole }: Sense): Sense {
  const level = onlyOf(which, "level");
  if (pole !== null || level === undefined) return { which, pole };
  return { which: without(which, "level"), pole: level === "high" ? "plus" : "minus" };
}

function asTravel({ which, pole }: Sense): Sense {
  if (pole === null) return { which, pole };
  return { which: withValues(which, "travel", [pole === "plus" ? "up" : "down"]), pole: null };
}

const AXES: Readonly<Record<string, string>> = {
  v: "up and down",
  h: "across",
  ud: "up and down",
  lr: "across",
};
function alongAxis(tokens: readonly Token[], which: Which): Which {
  const both = (dimension: Dimension): boolean => (which.get(dimension)?.size ?? 0) > 1;
  const letter = AXES[tokens.at(-1)?.word ?? ""];
  if (both("travel")) return withValues(without(which, "travel"), "axis", ["up and down"]);
  if (both("side")) return withValues(without(which, "side"), "axis", ["across"]);
  return letter === undefined ? which : withValues(which, "axis", [letter]);
}
