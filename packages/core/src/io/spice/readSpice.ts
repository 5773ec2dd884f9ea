import { GROUND, LAMP_EXPONENT, type Element } from "../../circuit/index.ts";
import { fail, ok, type Result } from "../../util/index.ts";
import { SUBCIRCUIT } from "./lamp.ts";

/** Why a netlist cannot be read: the line, counted from 1, and what is wrong there. */
export type SpiceProblem =
  | { readonly line: number; readonly code: "unknown-element"; readonly text: string }
  | { readonly line: number; readonly code: "unknown-statement"; readonly text: string }
  | { readonly line: number; readonly code: "too-short"; readonly text: string; readonly wanted: string }
  | { readonly line: number; readonly code: "not-a-number"; readonly text: string }
  | { readonly line: number; readonly code: "out-of-range"; readonly text: string; readonly wanted: string }
  | { readonly line: number; readonly code: "no-such-model"; readonly text: string }
  | { readonly line: number; readonly code: "same-name"; readonly text: string; readonly first: number }
  | { readonly line: number; readonly code: "empty" };

export interface Netlist {
  readonly title: string;
  readonly elements: readonly Element[];
  /** The title reads like an element; in SPICE the first line never is one. */
  readonly titleLooksLikeElement: boolean;
}

interface Line {
  readonly at: number;
  readonly words: readonly string[];
}

/** SI prefixes as SPICE writes them: M is milli, MEG is mega; letters behind are units. */
const PREFIX: readonly (readonly [string, number])[] = [
  ["meg", 1e6],
  ["mil", 25.4e-6],
  ["t", 1e12],
  ["g", 1e9],
  ["k", 1e3],
  ["m", 1e-3],
  ["u", 1e-6],
  ["n", 1e-9],
  ["p", 1e-12],
  ["f", 1e-15],
];
function numberIn(text: string): number | null {
  const found = /^([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)([a-z]*)$/i.exec(text);
  if (found === null) return null;
  const letters = (found[2] ?? "").toLowerCase();
  const factor = PREFIX.find(([prefix]) => letters.startsWith(prefix))?.[1] ?? 1;
  const value = Number(found[1]) * factor;
  return Number.isFinite(value) ? value : null;
}

/** Splits into statements: the first line is the title, `*` starts a comment line, `;` and `$` the rest of one, `+` goes on with the line above. */
function linesOf(text: string): { readonly title: string; readonly lines: readonly Line[] } {
  const raw = text.replace(/^\uFEFF/, "").split(/\r\n|\r|\n/);
  const lines: { at: number; words: string[] }[] = [];
  raw.slice(1).forEach((line, i) => {
    const said = line.replace(/(?:;|\s\$|^\$).*$/, "").trim();
    if (said === "" || said.startsWith("*")) return;
    const words = said
      .replace(/^\+/, "")
      .replace(/\s*=\s*/g, "=")
      .split(/[\s,()]+/)
      .filter((word) => word !== "");
    const last = lines.at(-1);
    if (said.startsWith("+") && last !== undefined) last.words.push(...words);
    else if (words.length > 0) lines.push({ at: i + 2, words });
  });
  return { title: raw[0]?.trim() ?? "", lines };
}

interface Model {
  readonly kind: string;
  readonly values: ReadonlyMap<string, number>;
}

class Unreadable extends Error {
  readonly problem: SpiceProblem;
  constructor(problem: SpiceProblem) {
    super(problem.code);
    this.problem = problem;
  }
}
const ELEMENT_LIKE =
  /^(?:[rvicl]\w*\s+\S+\s+\S+\s+(?:dc\s+)?[+-]?\.?\d|[ds]\d\w*\s+\S+\s+\S+\s+\S+|x\w*\s+\S+\s+\S+\s+lamp\b)/i;
const refuse = (problem: SpiceProblem): never => {
  throw new Unreadable(problem);
};

function valueAt(at: number, text: string | undefined): number {
  const value = numberIn(text ?? "");
  return value ?? refuse({ line: at, code: "not-a-number", text: text ?? "" });
}

/** The words `name=value` of a line. */
function settingsOf(at: number, words: readonly string[]): ReadonlyMap<string, number> {
  return new Map(
    words.flatMap((word) => {
      const [name = "", value] = word.split("=");
      return value === undefined ? [] : [[name.toLowerCase(), valueAt(at, value)] as const];
    }),
  );
}

/**
 * Reads a netlist for one operating point: R, V, I, D (IS, N, RS), S (RON, ROFF, VT, VH), C (open), L (bare wire), and lamps as calls of the subcircuit
 * `lamp` (docs/circuit.md). Names and nodes are told apart without regard to case, and keep the first spelling. `gnd` is node 0.
 */
export function readSpice(text: string): Result<Netlist, SpiceProblem> {
  try {
    return read(text);
  } catch (problem) {
    if (problem instanceof Unreadable) return fail(problem.problem);
    throw problem;
  }
}

/** Statements that ask for something or set how it is computed; an operating point is given in any case. */
const PASSED = new Set([
  ".op",
  ".end",
  ".options",
  ".option",
  ".opt",
  ".temp",
  ".save",
  ".print",
  ".probe",
  ".plot",
  ".title",
]);

function read(text: string): Result<Netlist, SpiceProblem> {
  const { title, lines } = linesOf(text);
  const kept: Line[] = [];
  const models = new Map<string, Model>();
  let skipTo: string | null = null;
  for (const { at, words } of lines) {
    const first = words[0]?.toLowerCase() ?? "";
    if (skipTo !== null) {
      if (first === skipTo) skipTo = null;
      continue;
    }
    if (first === ".end") break;
    if (first === ".control") skipTo = ".endc";
    else if (first === ".subckt") {
      // Only the lamp's own definition, which other simulators need.
      if (words[1]?.toLowerCase() !== SUBCIRCUIT)
        return fail({ line: at, code: "unknown-statement", text: words.slice(0, 2).join(" ") });
      skipTo = ".ends";
    } else if (first === ".model") {
      const [, name = "", kind = ""] = words;
      models.set(name.toLowerCase(), { kind: kind.toLowerCase(), values: settingsOf(at, words.slice(3)) });
    } else if (first.startsWith(".")) {
      if (!PASSED.has(first)) return fail({ line: at, code: "unknown-statement", text: first });
    } else kept.push({ at, words });
  }
  if (kept.length === 0) return fail({ line: 1, code: "empty" });

  const spelt = new Map<string, string>([["gnd", GROUND]]);
  const node = (word: string): string => {
    const key = word.toLowerCase();
    const known = spelt.get(key);
    if (known === undefined) spelt.set(key, word);
    return known ?? word;
  };
  const seen = new Map<string, number>();
  const elements: Element[] = [];
  for (const { at, words } of kept) {
    const [name = ""] = words;
    const first = seen.get(name.toLowerCase());
    if (first !== undefined) return fail({ line: at, code: "same-name", text: name, first });
    seen.set(name.toLowerCase(), at);
    elements.push(...elementsOf(at, words, models, node));
  }
  return ok({ title, elements, titleLooksLikeElement: ELEMENT_LIKE.test(title) });
}

function elementsOf(
  at: number,
  words: readonly string[],
  models: ReadonlyMap<string, Model>,
  node: (word: string) => string,
): readonly Element[] {
  const [name = "", one, other, third, ...rest] = words;
  const letter = name.charAt(0).toUpperCase();
  const wanted = SHAPES[letter];
  if (wanted === undefined) return refuse({ line: at, code: "unknown-element", text: name });
  if (
    one === undefined ||
    other === undefined ||
    third === undefined ||
    words.length < wanted.split(" ").filter((word) => !word.includes("=")).length
  )
    return refuse({ line: at, code: "too-short", text: name, wanted });
  const placed = { name, a: node(one), b: node(other) };
  const modelOf = (word: string, kind: string): ReadonlyMap<string, number> => {
    const model = models.get(word.toLowerCase());
    return model?.kind === kind ? model.values : refuse({ line: at, code: "no-such-model", text: word });
  };
  const inRange = (value: number, holds: boolean, says: string): number =>
    holds ? value : refuse({ line: at, code: "out-of-range", text: `${name} ${value}`, wanted: says });
  switch (letter) {
    case "R": {
      const ohms = valueAt(at, third.replace(/^r=/i, ""));
      return [{ ...placed, kind: "resistor", ohms: inRange(ohms, ohms >= 0, "0 Ω or more") }];
    }
    case "V":
    case "I": {
      const value = valueAt(at, /^dc$/i.test(third) ? rest[0] : third.replace(/^dc=/i, ""));
      return [
        letter === "V"
          ? { ...placed, kind: "source", volts: value }
          : { ...placed, kind: "current", amps: value },
      ];
    }
    case "C":
      // A capacitor carries nothing at rest; its nodes are there all the same.
      valueAt(at, third);
      return [{ ...placed, kind: "resistor", ohms: Infinity }];
    case "L":
      valueAt(at, third);
      return [{ ...placed, kind: "resistor", ohms: 0 }];
    case "D": {
      const values = modelOf(third, "d");
      const saturation = values.get("is") ?? 1e-14;
      const ideality = values.get("n") ?? 1;
      const series = values.get("rs") ?? 0;
      inRange(saturation, saturation > 0, "IS above 0");
      inRange(ideality, ideality > 0, "N above 0");
      inRange(series, series >= 0, "RS of 0 Ω or more");
      const diode = { kind: "diode", saturation, ideality } as const;
      if (series === 0) return [{ ...placed, ...diode }];
      const inner = `${name}#inner`;
      return [
        { ...placed, ...diode, b: inner },
        { name: `${name}#rs`, a: inner, b: placed.b, kind: "resistor", ohms: series },
      ];
    }
    case "S": {
      const [fourth = "", model = "", state = ""] = rest;
      const values = modelOf(model, "sw");
      const on = values.get("ron") ?? 1;
      const off = values.get("roff") ?? 1e12;
      const [middle, half] = [values.get("vt") ?? 0, Math.abs(values.get("vh") ?? 0)];
      inRange(on, on >= 0 && off >= 0, "RON and ROFF of 0 Ω or more");
      return [
        {
          ...placed,
          kind: "switch",
          on,
          off,
          closed: /^on$/i.test(state),
          control: {
            plus: node(third),
            minus: node(fourth),
            pullIn: middle + half,
            dropOut: middle - half,
            atRest: false,
          },
        },
      ];
    }
    default: {
      if (third.toLowerCase() !== SUBCIRCUIT)
        return refuse({ line: at, code: "unknown-element", text: `${name} ${third}` });
      const values = settingsOf(at, rest);
      const volts = values.get("v") ?? 12;
      const watts = values.get("w");
      const amps = values.get("i") ?? (watts === undefined ? NaN : watts / volts);
      const exponent = values.get("x") ?? LAMP_EXPONENT;
      inRange(
        amps,
        volts > 0 && amps > 0 && exponent > 0 && exponent <= 1,
        "v and w (or i) above 0, x up to 1",
      );
      return [{ ...placed, kind: "lamp", volts, amps, exponent }];
    }
  }
}

/** Names that a diode with RS adds between its parts. */
export const isInner = (name: string): boolean => name.endsWith("#inner") || name.endsWith("#rs");

/** What stands in the line of each kind of element. */
const SHAPES: Readonly<Record<string, string>> = {
  R: "Rname node node ohms",
  V: "Vname plus minus volts",
  I: "Iname from to amps",
  C: "Cname node node farads",
  L: "Lname node node henries",
  D: "Dname anode cathode model",
  S: "Sname node node control+ control- model",
  X: `Xname node node ${SUBCIRCUIT} v=volts w=watts`,
};
