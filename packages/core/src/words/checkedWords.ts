import { MEASURED_WORDS, type MeasuredAt } from "../proposals/index.ts";
import { readMeaning, signalOf } from "../meaning/index.ts";
import {
  decisionId,
  pinName,
  type Dossier,
  type OwnWord,
  type PlacedPin,
  type SignalClass,
} from "../model/index.ts";
import type { Step } from "../plan/index.ts";

/** When a wire carries what drives it (common practice). */
const DRIVEN_AT: Readonly<Partial<Record<SignalClass, MeasuredAt>>> = {
  battery: "off",
  start: "cranking",
  "lamp-feed": "lamps",
  "lamp-dimmer": "lamps",
};

const drivenAt = (signal: SignalClass): string => MEASURED_WORDS[DRIVEN_AT[signal] ?? "on"];

/** What is asked of the two halves of a cut with the power on. */
export const liveWords = (placed: PlacedPin, words: readonly OwnWord[]): string =>
  `: ${drivenAt(signalOf(placed, words))}, which half carries the supply? Expect supply voltage on one, 0 V on the other`;

/** What is asked of a wire before anything irreversible is done to it. */
export function checkedWords(
  step: Step,
  dossier: Dossier,
  at: PlacedPin | null,
  partner: PlacedPin | null,
): string {
  const decision = dossier.decisions.find((one) => decisionId(one) === step.decision);
  if (decision?.kind === "series" && at !== null && partner !== null) {
    const entersHere = readMeaning(partner.pin.function).roles.has("in");
    const when = drivenAt(signalOf(at, dossier.words));
    return entersHere
      ? `: with the plug off its part and ${when}, expect the supply here; then the loom drives it, and its half goes to ${pinName(partner)}`
      : `: with the plug off its part and ${when}, expect 0 V here; then the part drives it, and the loom's half goes to ${pinName(partner)}`;
  }
  return partner === null
    ? `: is it ${at?.pin.function || "what the table says"}?`
    : `: does it belong to ${pinName(partner)}, ${partner.pin.function}?`;
}
