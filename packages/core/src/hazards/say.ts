import { goesOnBehind } from "../brief/index.ts";
import { leftOpenOf } from "../meaning/index.ts";
import { goesOnInItsLoom, type ReadPin } from "../pairing/index.ts";
import { pinName, type Decision, type Dossier, type LeavingOpen, type OpenEffect } from "../model/index.ts";

/** "B12.7": a pin in the words of a hazard. */
export const at = (pin: ReadPin): string => pinName(pin.placed);
/** "B12.7 to AL-P.A": the two ends that a finding is about. */
export const fromTo = ({ pins }: { readonly pins: readonly ReadPin[] }): string => pins.map(at).join(" to ");
/** "B12.7, Level sender, left". */
export const named = (pin: ReadPin): string =>
  pin.placed.pin.function === "" ? at(pin) : `${at(pin)}, ${pin.placed.pin.function}`;
/** What the wire is for, or that nobody knows. */
export const what = (pin: ReadPin): string => pin.placed.pin.function || "a wire without a known function";
/** Whether the vocabulary reads the pin as one of these terms. */
export const isTerm = (pin: ReadPin, ...names: readonly string[]): boolean =>
  pin.reading.thing !== null && names.includes(pin.reading.thing.name);
/** Whether two pins are read as these two terms, either way round: a crossed pair. */
export const areTerms = (a: ReadPin, b: ReadPin, one: string, other: string): boolean =>
  (isTerm(a, one) && isTerm(b, other)) || (isTerm(a, other) && isTerm(b, one));
/** A vehicle's wire that stays where it is goes on doing its work as long as the part behind its plug does. */
export const goesOn = (pin: ReadPin, decision: Decision, dossier: Dossier): boolean =>
  decision.kind === "leave" && (goesOnBehind(dossier, pin.placed.connector) || goesOnInItsLoom(pin));
/** What happens because a pin is left open: as decided, else as the vocabulary says; undefined where its wire goes on working. */
export const openEffect = (pin: ReadPin, decision: LeavingOpen, dossier: Dossier): OpenEffect | undefined =>
  goesOn(pin, decision, dossier) ? undefined : (decision.open ?? leftOpenOf(pin.reading) ?? undefined);
