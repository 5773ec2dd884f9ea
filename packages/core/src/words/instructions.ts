import { colourInWords } from "../colour/index.ts";
import { indexPins, pinColour, type Dossier, type StepId } from "../model/index.ts";
import type { Plan, Step } from "../plan/index.ts";
import { stepWords, whereLine } from "./stepWords.ts";

/** A line of somebody else's instructions, and the step of the plan that it speaks of. */
export interface InstructionLine {
  /** As it is numbered there; empty for a line without a number. */
  readonly number: string;
  readonly text: string;
  readonly step: StepId | null;
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
  splice: ["splice", "fit-device", "feed"],
  cap: ["cap", "park"],
  measure: ["measure", "check", "find-live"],
};

const tokens = (text: string): readonly string[] =>
  text.toLowerCase().match(/[\p{L}\p{N}]+(?:-[\p{L}\p{N}]+)*/gu) ?? [];

/**
 * Finds the step that each line speaks of: what is done, in which plug, at which cavity, with which colour. A step answers one line at
 * most, and lines answer in order of how clear they are, so a doubtful line never takes the step of a clear one.
 */
export function readInstructions(
  text: string,
  plan: Pick<Plan, "steps">,
  dossier: Dossier,
): ReadInstructions {
  const lines = instructionLines(text);
  const pins = indexPins(dossier);
  const known = plan.steps.map((step) => ({ step, marks: marksOf(step, dossier, pins) }));
  const offers = lines
    .flatMap((line, index) =>
      known.map(({ step, marks }) => ({ index, step, score: scoreOf(line.text, step, marks) })),
    )
    .filter(({ score }) => score >= 3);
  offers.sort((a, b) => b.score - a.score || a.index - b.index);
  const taken = new Map<number, StepId>();
  const used = new Set<StepId>();
  for (const { index, step } of offers) {
    if (taken.has(index) || used.has(step.id)) continue;
    taken.set(index, step.id);
    used.add(step.id);
  }
  return {
    lines: lines.map((line, index) => ({ ...line, step: taken.get(index) ?? null })),
    missing: plan.steps.filter(({ id, op }) => op !== null && !used.has(id)).map(({ id }) => id),
  };
}

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

/** Two points for the right act and the right plug each, two for the cavity beside a plug or a colour, one for the whole colour and for words in common. */
function scoreOf(line: string, step: Step, { plug, cavities, colour, words }: Marks): number {
  const said = SYNONYMS.find(([pattern]) => pattern.test(line))?.[1];
  const acts = said === undefined ? [] : (RELATED[said] ?? [said]);
  const own = tokens(line);
  const other = said === undefined ? 0 : -2;
  const act = acts.includes(step.kind) ? 2 : other;
  if (step.kind === "battery-off" || step.kind === "battery-on") return act === 2 ? 4 : 0;
  const inPlug = plug.some((name) => line.toLowerCase().includes(name)) ? 2 : 0;
  const inCavity = cavities.some((cavity) => own.includes(cavity)) ? 2 : 0;
  const ofColour = colour.length > 0 && colour.every((word) => own.includes(word)) ? 1 : 0;
  const shared = Math.min(2, own.filter((word) => word.length > 3 && words.has(word)).length);
  return act + inPlug + (inPlug > 0 || ofColour > 0 ? inCavity : 0) + ofColour + shared * 0.5;
}
