import { colourInWords } from "../colour/index.ts";
import { indexPins, pinColour, type Dossier, type StepId } from "../model/index.ts";
import type { Plan, Step, StepKind } from "../plan/index.ts";
import { stepWords, whereLine } from "./stepWords.ts";

/** A line of somebody else's instructions, and the steps of the plan that it speaks of, in their order; a step may be told by several lines. */
export interface InstructionLine {
  /** As it is numbered there; empty for a line without a number. */
  readonly number: string;
  readonly text: string;
  readonly steps: readonly StepId[];
}

export interface ReadInstructions {
  readonly lines: readonly InstructionLine[];
  /** Steps of the plan that change a wire, a plug or the power, and that the instructions do not speak of. */
  readonly missing: readonly StepId[];
}

const NUMBERED = /^\s*(?:step\s+)?(\d{1,3}|[a-z])\s*[.):-]\s+(.*)$/i;
const BULLET = /^\s*[-*•–]\s+(.*)$/;

/** Numbered lines; a line without a number goes on with the one before it. A text without any number has a step in each line. */
export function instructionLines(
  text: string,
): readonly { readonly number: string; readonly text: string }[] {
  const lines = text
    .replaceAll("\r", "")
    .split("\n")
    .filter((line) => line.trim() !== "");
  const numbered = lines.some((line) => NUMBERED.test(line));
  const steps: { number: string; text: string }[] = [];
  for (const line of lines) {
    const match = NUMBERED.exec(line);
    const last = steps.at(-1);
    if (match !== null) steps.push({ number: match[1] ?? "", text: (match[2] ?? "").trim() });
    else if (numbered && last !== undefined) last.text = `${last.text} ${line.trim()}`;
    else steps.push({ number: "", text: (BULLET.exec(line)?.[1] ?? line).trim() });
  }
  return steps.filter((step) => step.text !== "");
}

/** Other words for what is done, as people write them. */
const SYNONYMS: readonly (readonly [RegExp, string])[] = [
  [/\b(disconnect|remove|take off|undo)\b.*\bbattery\b|\bbattery\b.*\b(off|disconnect\w*)\b/i, "battery-off"],
  [/\b(reconnect|connect|refit)\b.*\bbattery\b|\bbattery\b.*\b(on|reconnect\w*)\b/i, "battery-on"],
  [/\b(unplug|disconnect|separate)\b/i, "disconnect"],
  [/\b(plug in|plug .* in|reconnect|mate)\b/i, "connect"],
  [/\b(de-?pin|release|extract|push out|pull out|take out|remove)\b/i, "release"],
  [/\b(insert|re-?pin|push into|seat|put into|move to|place in)\b/i, "insert"],
  [/\b(move|shift|transfer|relocate)\b/i, "move"],
  [/\b(blank|plug|seal|close)\b.*\bcavit/i, "plug"],
  [/\b(cut|snip)\b/i, "cut"],
  [/\b(splice|join|solder|crimp together|connect to)\b/i, "splice"],
  [/\b(cap|insulate|tape off|heat ?shrink)\b/i, "cap"],
  [/\b(photo|photograph|picture)\b/i, "photograph"],
  [/\b(unlock|tpa|secondary lock)\b/i, "open-lock"],
  [/\b(measure|test|continuity)\b/i, "measure"],
  [/\bfuse\b/i, "fuse"],
  [/\bstrip\b/i, "strip"],
];
const RELATED: Readonly<Record<string, readonly string[]>> = {
  release: ["release", "take-out"],
  move: ["release", "take-out", "insert"],
  splice: ["splice", "fit-device", "feed"],
  cap: ["cap", "park"],
  measure: ["measure", "check", "find-live"],
};

/** What else the hand does in one go with an act, and what a line that names the act speaks of without naming it. */
const ALONG: Readonly<Record<string, readonly StepKind[]>> = {
  insert: ["pierce", "seal", "strip", "crimp", "cut-terminal"],
  splice: ["cut", "strip", "cut-terminal", "uncover", "seal"],
  "fit-device": ["cut", "strip", "uncover"],
  feed: ["cut", "strip", "route", "ring"],
  crimp: ["strip", "seal"],
  release: ["open-lock"],
};
const actsIn = (line: string): ReadonlySet<string> => {
  const said = SYNONYMS.flatMap(([pattern, act]) => (pattern.test(line) ? (RELATED[act] ?? [act]) : []));
  return new Set(said);
};

const tokens = (text: string): readonly string[] =>
  text.toLowerCase().match(/[\p{L}\p{N}]+(?:-[\p{L}\p{N}]+)*/gu) ?? [];

/**
 * Finds the steps that each line speaks of: what is done, in which plug, at which cavity, with which colour. What a line names of these
 * must agree with the step, and one word alone is never a match. Lines answer in order of how clear they are, so a doubtful line never
 * takes the step of a clear one; a line also answers what goes with its act, and a step that another line has told may be told again.
 */
export function readInstructions(
  text: string,
  plan: Pick<Plan, "steps">,
  dossier: Dossier,
): ReadInstructions {
  const lines = instructionLines(text);
  const pins = indexPins(dossier);
  const plugs = dossier.connectors.map(({ name }) => name.toLowerCase());
  const known = plan.steps.map((step) => ({ step, marks: marksOf(step, dossier, pins) }));
  const offers = lines
    .flatMap((line, index) =>
      known.map(({ step, marks }) => ({ index, step, score: scoreOf(line.text, step, marks, plugs) })),
    )
    .filter(({ score }) => score >= 3);
  offers.sort((a, b) => b.score - a.score || a.index - b.index);
  const taken = new Map<number, Step[]>();
  const used = new Set<StepId>();
  const best = new Map<number, number>();
  for (const { index, step, score } of offers) {
    // "Unplug B12 and B14", "release it and insert it": as clear as the first, and each of its own act or plug.
    const own = taken.get(index) ?? [];
    const isAnother = own.every((one) => one.kind !== step.kind || one.connector !== step.connector);
    if (used.has(step.id) || !isAnother || score < (best.get(index) ?? score)) continue;
    best.set(index, score);
    taken.set(index, [...own, step]);
    used.add(step.id);
  }
  for (const [index, own] of taken) {
    const along = plan.steps.filter(
      (step) =>
        !used.has(step.id) &&
        own.some(
          (one) =>
            one.decision !== null &&
            one.decision === step.decision &&
            ALONG[one.kind]?.includes(step.kind) === true,
        ),
    );
    for (const { id } of along) used.add(id);
    taken.set(index, [...own, ...along]);
  }
  // What is left may say again what another line has said.
  for (const { index, step, score } of offers)
    if (!taken.has(index) && score >= SAID_AGAIN) taken.set(index, [step]);
  const place = new Map(plan.steps.map(({ id }, at) => [id, at]));
  const ordered = (steps: readonly Step[]): readonly StepId[] =>
    steps.map(({ id }) => id).sort((one, other) => (place.get(one) ?? 0) - (place.get(other) ?? 0));
  return {
    lines: lines.map((line, index) => ({ ...line, steps: ordered(taken.get(index) ?? []) })),
    missing: plan.steps.filter(({ id, op }) => op !== null && !used.has(id)).map(({ id }) => id),
  };
}
/** A line whose step another line has: it must name the act and the plug to say it again. */
const SAID_AGAIN = 4;

interface Marks {
  readonly plug: readonly string[];
  readonly cavities: readonly string[];
  readonly colour: readonly string[];
  readonly words: ReadonlySet<string>;
}

function marksOf(step: Step, dossier: Dossier, pins: ReturnType<typeof indexPins>): Marks {
  const placed = [step.wire, step.at, step.partner].flatMap((id) =>
    id === null ? [] : (pins.get(id) ?? []),
  );
  const wire = step.wire === null ? undefined : pins.get(step.wire);
  const colour = wire === undefined ? null : pinColour(wire.pin, wire.connector);
  const words = stepWords(step, dossier, pins);
  const [object, where] = [words.object, whereLine(words)];
  return {
    plug: [
      ...new Set([
        ...placed.map(({ connector }) => connector.name),
        ...dossier.connectors.filter(({ id }) => id === step.connector).map(({ name }) => name),
      ]),
    ].map((name) => name.toLowerCase()),
    cavities: placed.map(({ pin }) => pin.cavity.toLowerCase()),
    colour: colour === null ? [] : tokens(colourInWords(colour)).filter((word) => !word.startsWith("stripe")),
    words: new Set([
      ...tokens(object),
      ...tokens(where),
      ...placed.flatMap(({ pin }) => tokens(pin.function)),
    ]),
  };
}

/** Cavities that a line names as such: "cavity 7", "pin B4". */
const NAMED_CAVITY = /\b(?:cavity|cavities|pin|terminal|position|pos)\.?\s+([a-z]?\d{1,3}|[a-z])\b/giu;
const namesPlug = (line: string, name: string): boolean =>
  new RegExp(`(?<![\\p{L}\\p{N}])${name.replace(/[.*+?^${}()|[\]\\]/g, "\\$&")}(?![\\p{L}\\p{N}])`, "u").test(
    line,
  );

/**
 * Two points for the right act and the right plug each, two for the cavity beside a plug or a colour, one for the whole colour and for
 * words in common; nothing where the line names another plug or another cavity.
 */
function scoreOf(
  line: string,
  step: Step,
  { plug, cavities, colour, words }: Marks,
  plugs: readonly string[],
): number {
  const acts = actsIn(line);
  const lower = line.toLowerCase();
  const own = tokens(line);
  const other = acts.size === 0 ? 0 : -2;
  const act = acts.has(step.kind) ? 2 : other;
  if (step.kind === "battery-off" || step.kind === "battery-on") return act === 2 ? 4 : 0;
  const named = plugs.filter((name) => namesPlug(lower, name));
  if (named.length > 0 && !plug.some((name) => named.includes(name))) return 0;
  const at = [...lower.matchAll(NAMED_CAVITY)].map(([, cavity = ""]) => cavity);
  if (at.length > 0 && cavities.length > 0 && !cavities.some((cavity) => at.includes(cavity))) return 0;
  const inPlug = named.length > 0 ? 2 : 0;
  const inCavity = cavities.some((cavity) => own.includes(cavity)) ? 2 : 0;
  const ofColour = colour.length > 0 && colour.every((word) => own.includes(word)) ? 1 : 0;
  const shared = Math.min(2, own.filter((word) => word.length > 3 && words.has(word)).length);
  // One word is never a match: the act alone, or the plug alone, says nothing.
  return (
    act +
    inPlug +
    (inPlug > 0 || ofColour > 0 ? inCavity : 0) +
    ofColour +
    (shared > 1 || inPlug > 0 ? shared * 0.5 : 0)
  );
}
