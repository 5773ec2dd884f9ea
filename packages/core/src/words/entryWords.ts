import type { Entry, What } from "../ledger/index.ts";
import { indexPins, type Decision, type Dossier, type Half } from "../model/index.ts";
import { planWork, type Step } from "../plan/index.ts";
import { unreachable } from "../util/index.ts";
import { decisionWords } from "./decisionWords.ts";
import { factsWords, wireWords } from "./factsWords.ts";
import { pinNamer } from "./problemWords.ts";
import { readingWords } from "./readingWords.ts";
import { stepLine, stepWords } from "./stepWords.ts";

/** The halves of a cut as a hand finds them. */
export const LIVE_HALF_WORDS: Readonly<Record<Half, string>> = { loom: "loom half", plug: "connector half" };

const FEW = 4;

/** One line for each ledger entry, built once for a whole ledger. */
export function entryNarrator(dossier: Dossier): (entry: Pick<Entry, "what">) => string {
  let planned: ReadonlyMap<string, Step> | null = null;
  const steps = (): ReadonlyMap<string, Step> =>
    (planned ??= new Map(planWork(dossier).steps.map((step) => [step.id, step])));
  const name = pinNamer(dossier);
  /** What was written down at the time; of older entries what the plan of today says of that step. */
  const stepText = (id: string, words: string | undefined): string => {
    if (words !== undefined) return words;
    const step = steps().get(id);
    return step === undefined ? "a step that is no longer in the plan" : stepLine(stepWords(step, dossier));
  };
  const showing = ({ pin, connector }: Extract<What, { kind: "photo" }>): string => {
    if (pin !== null) return ` of ${name(pin)}`;
    const shown = dossier.connectors.find(({ id }) => id === connector);
    return shown === undefined ? "" : ` of ${shown.name}`;
  };
  let pins: ReturnType<typeof indexPins> | null = null;
  const foundAt = ({ pin, place, facts }: Extract<What, { kind: "found" }>): string => {
    const other = factsWords(facts, dossier);
    if (place === undefined) return `Found at ${name(pin)}: ${other}`;
    const placed = (pins ??= indexPins(dossier)).get(pin);
    const wire = placed === undefined ? "a wire" : wireWords(placed.pin);
    return `Found ${wire} in cavity ${place.found} of ${placed?.connector.name ?? "its plug"}, not in ${place.believed}${other === "" ? "" : `: ${other}`}`;
  };
  /** A few changes are said, many are counted: all that is in force at the beginning. */
  const listed = (title: string, counted: string, decisions: readonly Decision[] = []): string => {
    if (decisions.length === 0) return "";
    if (decisions.length > FEW) return `. ${decisions.length} decisions ${counted}`;
    return `. ${title}: ${decisions.map((one) => decisionWords(one, name)).join("; ")}`;
  };
  return ({ what }) => {
    switch (what.kind) {
      case "baseline":
        return `Work started; ${what.connectors.length} connectors with ${what.connectors.reduce((sum, connector) => sum + connector.pins.length, 0)} cavities recorded as the baseline`;
      case "plan-adopted":
        return `Plan of ${what.steps} steps adopted${listed("Decided", "on record", what.decided)}${listed("Taken back", "taken back", what.undone)}`;
      case "done":
        return `${stepText(what.step, what.words)}${what.live === undefined ? "" : ` The ${LIVE_HALF_WORDS[what.live]} is live`}${what.readings === undefined ? "" : `. Measured: ${what.readings.map(readingWords).join(", ")}`}${what.note === "" ? "" : `. Note: ${what.note}`}`;
      case "skipped":
        return `Skipped: ${stepText(what.step, what.words)}. Reason: ${what.reason}`;
      case "note":
        return what.step === null ? what.text : `${what.text} (at: ${stepText(what.step, what.words)})`;
      case "photo":
        return `Photo taken${showing(what)}; fingerprint ${what.sha256.slice(0, 12)}`;
      case "found":
        return `${foundAt(what)}${what.note === "" ? "" : `. ${what.note}`}`;
      case "retracted":
        return `Entry ${what.seq} retracted: ${what.reason}`;
      default:
        return unreachable(what);
    }
  };
}
