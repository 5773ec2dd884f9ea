import { slotsOf } from "../face/index.ts";
import { builtCavity, endsByCavity, plugEnd, type HarnessState } from "../harness/index.ts";
import {
  decisionId,
  indexPins,
  namedPins,
  type Connector,
  type Decision,
  type DecisionId,
  type Dossier,
  type PinId,
} from "../model/index.ts";

/** Why a wire cannot be recorded as found in another cavity. */
export type PlaceProblem =
  | { readonly code: "no-such-pin" }
  | { readonly code: "same-place"; readonly pin: PinId }
  | { readonly code: "no-cavity-there"; readonly pin: PinId; readonly place: string }
  | { readonly code: "no-wire-in-it"; readonly pin: PinId }
  | { readonly code: "wire-moved"; readonly pin: PinId }
  | { readonly code: "place-decided"; readonly pin: PinId; readonly by: DecisionId };

/**
 * The tables with a wire in the cavity that it was found in. A wire that they had there is taken to be where the first one was
 * believed to be. Pins keep their ids, so that what is decided follows the wire, and the record of before says the same wires.
 */
export const withPlace = (
  connectors: readonly Connector[],
  pin: PinId,
  place: string,
): readonly Connector[] =>
  connectors.map((connector) => {
    const found = connector.pins.find(({ id }) => id === pin);
    if (found === undefined || found.cavity === place) return connector;
    const there = connector.pins.find(({ cavity }) => cavity === place);
    const pins = connector.pins.map((one) => {
      if (one === found) return { ...one, cavity: place, order: there?.order ?? one.order };
      return one === there ? { ...one, cavity: found.cavity, order: found.order } : one;
    });
    return { ...connector, pins };
  });

/** The row that the table has where a wire was found; null where it has none. */
export const rowAt = (dossier: Dossier, pin: PinId, place: string): PinId | null =>
  indexPins(dossier)
    .get(pin)
    ?.connector.pins.find(({ cavity }) => cavity === place)?.id ?? null;

/**
 * Whether a wire can be recorded as found in another cavity: the housing has it, neither wire was moved by the work, and no decision
 * means the cavity itself and not the wire in it.
 */
export function placeProblem(
  dossier: Dossier,
  state: HarnessState,
  pin: PinId,
  place: string,
): PlaceProblem | null {
  const placed = indexPins(dossier).get(pin);
  if (placed === undefined) return { code: "no-such-pin" };
  if (placed.pin.cavity === place) return { code: "same-place", pin };
  const there = rowAt(dossier, pin, place);
  const { shell } = placed.connector;
  const labels = shell === null ? [] : slotsOf(shell).flatMap(({ label }) => label ?? []);
  if (there === null && labels.length > 0 && !labels.includes(place))
    return { code: "no-cavity-there", pin, place };
  const seats = endsByCavity(state);
  const sits = (row: PinId): boolean => seats.get(row)?.includes(plugEnd(row)) === true;
  if (!sits(pin)) return { code: "no-wire-in-it", pin };
  const moved = [pin, ...(there === null ? [] : [there])].find(
    (row) =>
      seats.has(builtCavity(row)) ||
      (!sits(row) && (seats.has(row) || state.ends[plugEnd(row)] !== undefined)),
  );
  if (moved !== undefined) return { code: "wire-moved", pin: moved };
  for (const decision of dossier.decisions) {
    const held = cavitiesMeant(decision).find((id) => id === pin || id === there);
    if (held !== undefined) return { code: "place-decided", pin: held, by: decisionId(decision) };
  }
  return null;
}

/** The cavities that a decision means as places, whichever wire is in them. */
function cavitiesMeant(decision: Decision): readonly PinId[] {
  switch (decision.kind) {
    case "move":
      return [decision.to];
    case "populate":
      return [decision.cavity];
    case "mate":
      return namedPins(decision);
    default:
      return [];
  }
}
