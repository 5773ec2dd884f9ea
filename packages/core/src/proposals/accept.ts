import {
  counterpartIn,
  isKept,
  isNewShell,
  isTapping,
  linkedPairs,
  methodOf,
  speaksOfPart,
  type Connector,
  type Decision,
  type Dossier,
  type LeavingOpen,
  type PinId,
  type Sureness,
  type Tapping,
} from "../model/index.ts";
import { leaningOf } from "../meaning/index.ts";
import { present, once } from "../util/index.ts";
import type { SuggestedAlone } from "./alone.ts";
import type { SuggestedGroup, SuggestedPair } from "./grouped.ts";
import type { SuggestedJumper } from "./jumpers.ts";

const common = { reason: "", answers: [] } as const;

/** Whether the wire at a vehicle's pin goes on feeding a part that stays behind its plug, so that it is tapped and not cut. */
export const staysWhole = (dossier: Dossier, pin: PinId): boolean =>
  dossier.connectors.some(
    (connector) =>
      connector.leads === "loom" && isKept(dossier, connector) && connector.pins.some(({ id }) => id === pin),
  );

/** Wires that are cut for a joint, tapped instead, with all that is decided of them; null where none are, or they are tapped. */
export function tappedInstead(decision: Decision): Tapping | null {
  if (decision.kind === "merge" && methodOf(decision) === "splice" && !isTapping(decision))
    return { ...decision, half: "whole" };
  if (decision.kind !== "join" && decision.kind !== "split") return null;
  const { vehicle, sure, reason, answers, device, joint, theirHalf, cutAt } = decision;
  return {
    kind: "tap",
    vehicle,
    incoming: linkedPairs(decision).map(([, incoming]) => incoming),
    sure,
    reason,
    answers,
    ...(device === undefined ? {} : { device }),
    ...(joint === undefined ? {} : { joint }),
    ...(cutAt === undefined ? {} : { cutAt }),
    ...(theirHalf === undefined ? {} : { theirHalf }),
  };
}

/**
 * The half of incoming wires that leads to what their table speaks of: where it speaks of a loom (an engine with its sensors, a
 * towed car with its lamps), that is not the plug's.
 */
export function halfOfTheirs(dossier: Dossier, pins: readonly PinId[]): { readonly theirHalf?: "loom" } {
  const speakOfLoom = dossier.connectors.some(
    (connector) =>
      connector.side === "incoming" &&
      connector.pins.some(({ id }) => pins.includes(id)) &&
      !isAtItsPart(connector),
  );
  return speakOfLoom ? { theirHalf: "loom" } : {};
}

/** The half of the vehicle's wires that leads to a new part which comes onto their plug. */
export const halfOfOurs = (dossier: Dossier, pins: readonly PinId[]): { readonly half?: "plug" } =>
  dossier.connectors.some(
    (one) => counterpartIn(dossier, one) === "comes" && one.pins.some(({ id }) => pins.includes(id)),
  )
    ? { half: "plug" }
    : {};

/** How the vehicle's wires of a merge go on: whole while the part behind one of them stays. */
export const halfOfMerged = (
  dossier: Dossier,
  pins: readonly PinId[],
): { readonly half?: "plug" | "whole" } =>
  pins.some((pin) => staysWhole(dossier, pin)) ? { half: "whole" } : halfOfOurs(dossier, pins);

/** What joins a wire of the vehicle to an incoming one, and how: by the job's method where that suits the two plugs. */
type How =
  | Pick<Extract<Decision, { kind: "tap" }>, "kind" | "vehicle" | "incoming" | "theirHalf">
  | Pick<
      Extract<Decision, { kind: "join" }>,
      "kind" | "vehicle" | "incoming" | "method" | "half" | "theirHalf"
    >;

/** From this leaning on the texts alone tell that a plug is the module's: "supply to computer", "start signal input". */
const MODULES_OWN = 0.6;
/** Whether a table speaks of the part that its plug is on: it says so, or its words do. */
export const isAtItsPart = once((connector: Connector): boolean => {
  const texts = connector.pins.flatMap(({ function: text }) => (text === "" ? [] : [text]));
  return speaksOfPart(connector) || leaningOf(texts, connector.side) >= MODULES_OWN;
});

/** A tap where the part behind the vehicle's plug stays, else a join; one with a part `between` needs a joint. */
export function joined(dossier: Dossier, vehicle: PinId, incoming: PinId, between: boolean): How {
  const theirs = halfOfTheirs(dossier, [incoming]);
  if (staysWhole(dossier, vehicle)) return { kind: "tap", vehicle, incoming: [incoming], ...theirs };
  const { method: usual } = dossier.head;
  // The terminal of a loom that is spoken of stays in its plug: nothing moves into its cavity.
  // A part between sits in the adapter like its wires; else it needs a joint on the car.
  const ours = halfOfOurs(dossier, [vehicle]);
  const onCar = between || "theirHalf" in theirs || "half" in ours ? "splice" : "move";
  const method = usual === "move" ? onCar : usual;
  return { kind: "join", vehicle, incoming, method, ...(method === "splice" ? { ...ours, ...theirs } : {}) };
}

/**
 * The decision that a suggested pair stands for. A part between the wires needs a joint, whatever the job's method; a wire whose
 * part stays is tapped.
 */
export function decisionFromPair(pair: SuggestedPair, dossier: Dossier): Decision {
  const shell = dossier.connectors.find(({ pins }) => pins.some(({ id }) => id === pair.incoming));
  if (shell !== undefined && isNewShell(shell))
    return { kind: "move", pin: pair.vehicle, to: pair.incoming, sure: pair.sure, ...common };
  const device = pair.device === null ? {} : { device: pair.device.device };
  const how = joined(dossier, pair.vehicle, pair.incoming, pair.device !== null);
  return { ...how, sure: pair.sure, ...device, ...common };
}

/** A wire of the vehicle led through a part: cut in mid-run in a job of splices, else its terminal goes into the part's cavity. */
export function ledThrough(
  dossier: Dossier,
  vehicle: PinId,
  into: PinId,
  back: PinId,
  sure: Sureness,
): Extract<Decision, { kind: "series" }> {
  const hasOwnWire = dossier.connectors.some(({ pins }) =>
    pins.some(({ id, content }) => id === into && content === "occupied"),
  );
  const method = hasOwnWire && dossier.head.method === "splice" ? "splice" : "move";
  return { kind: "series", vehicle, into, back, method, sure, ...common };
}

/** A free lead has no cavity that a terminal could go into. */
const isFreeLead = ({ connectors }: Dossier, pin: PinId): boolean =>
  connectors.some(({ leads, pins }) => leads === "flying" && pins.some(({ id }) => id === pin));

export function decisionFromGroup(
  { kind, pairs, sure, device, findLive = false }: SuggestedGroup,
  dossier: Dossier,
): Decision {
  const between = device === null ? {} : { device: device.device };
  const [first] = pairs;
  const { vehicle, incoming } = present(first, "pair of a group");
  if (kind === "series") {
    const led = ledThrough(dossier, vehicle, incoming, present(pairs[1], "second pair").incoming, sure);
    const method = isFreeLead(dossier, incoming) ? "splice" : led.method;
    return { ...led, method, ...(findLive && method === "splice" ? { findLive } : {}) };
  }
  const [vehicles, incomings] = [pairs.map((pair) => pair.vehicle), pairs.map((pair) => pair.incoming)];
  const isAdapter = dossier.head.method === "adapter";
  const theirs = isAdapter
    ? ({ method: "adapter" } as const)
    : halfOfTheirs(dossier, kind === "split" ? incomings : [incoming]);
  const rest = { sure, ...theirs, ...between, ...common };
  if (kind === "split" && staysWhole(dossier, vehicle))
    return {
      kind: "tap",
      vehicle,
      incoming: incomings,
      sure,
      ...halfOfTheirs(dossier, incomings),
      ...between,
      ...common,
    };
  if (kind === "split")
    return {
      kind,
      vehicle,
      incoming: incomings,
      ...(isAdapter ? {} : halfOfOurs(dossier, vehicles)),
      ...rest,
    };
  return {
    kind,
    vehicle: vehicles,
    incoming,
    ...(isAdapter ? {} : halfOfMerged(dossier, vehicles)),
    ...rest,
  };
}

export const decisionFromJumper = ({ pins, sure }: SuggestedJumper): Decision => ({
  kind: "jumper",
  pins,
  sure,
  ...common,
});

/**
 * Cap, leave or feed as proposed; null for a wire that has to be identified first. A feed without a place to take it from still
 * blocks the work and asks for one.
 */
export function decisionFromAlone(
  { pin, proposal, feed, from, open, why }: SuggestedAlone,
  dossier: Dossier,
): Decision | null {
  if (proposal === "identify") return null;
  if (proposal === "re-end") return { kind: "re-end", pin, sure: "sure", ...common };
  const place = from.find(({ at }) => at.kind === "point");
  if (proposal === "feed" && feed !== null)
    return {
      kind: "feed",
      pin,
      feed,
      supply: place?.at.kind === "point" ? place.at.point : null,
      ...halfOfTheirs(dossier, [pin]),
      // A feed may come from several places; where the job has one only, there is nothing to look up.
      sure: from.length > 1 ? "check" : "sure",
      ...common,
    };
  return leftOpen(proposal === "leave" ? "leave" : "cap", pin, why === "spare" ? null : open);
}

/** A pin that nothing is connected to, with what happens because of it. */
export const leftOpen = (kind: LeavingOpen["kind"], pin: PinId, open: SuggestedAlone["open"]): Decision => ({
  kind,
  pin,
  sure: "sure",
  ...(open === null ? {} : { open }),
  ...common,
});
