import { present, unreachable, type Millimetres } from "../util/index.ts";
import { fedLegs, type InsertedDevice } from "./device.ts";
import { decisionIdOf, type DecisionId, type JoinPointId, type PinId } from "./ids.ts";
import type { FeedClass, OpenEffect } from "./signal.ts";

/** `move`: release the terminal and insert it on the other side; `splice`: cut and join; `adapter`: a loom of its own between the two plugs. */
export const METHODS = ["move", "splice", "adapter"] as const;
export type Method = (typeof METHODS)[number];

/** How bare ends are joined: a crimped barrel, solder, or a sleeve that carries its own solder. */
export const JOINT_KINDS = ["crimp", "solder", "sleeve"] as const;
export type JointKind = (typeof JOINT_KINDS)[number];

/** Threads of studs that rings are made for, in mm (metric coarse series, from memory). */
export const STUDS = [4, 5, 6, 8, 10, 12] as const;
export type Stud = (typeof STUDS)[number];

export const SURENESS = ["sure", "check", "guess"] as const;
export type Sureness = (typeof SURENESS)[number];

/** A hazard of this decision that was accepted, with the reason. */
export interface HazardAnswer {
  readonly rule: string;
  readonly reason: string;
  /** What was accepted: pins, severity and figures. Of others it says nothing; an older answer does not say, and holds for all. */
  readonly facts?: string | undefined;
  /** Who accepted it; older records do not say. */
  readonly by?: string | undefined;
}

interface Common {
  readonly sure: Sureness;
  readonly reason: string;
  readonly answers: readonly HazardAnswer[];
}
/** Of the two halves that a cut makes of a loom's wire: the one that stays in the plug, or the one that stays in the loom. */
export const HALVES = ["loom", "plug"] as const;
export type Half = (typeof HALVES)[number];
/** How a vehicle's wire is parted for a joint: cut, one half going on; or its terminal is pulled and cut off, which frees the cavity. */
export const PARTINGS = [...HALVES, "pulled"] as const;
export type Part = (typeof PARTINGS)[number];
/** The same where several wires of the vehicle meet: each may also stay whole, and a branch of it is led to the joint. */
export const MERGED = [...PARTINGS, "whole"] as const;
export type Merged = (typeof MERGED)[number];

interface Jointed extends Common {
  /** How its bare ends are joined, where that is not as in the rest of the job. */
  readonly joint?: JointKind | undefined;
}
interface Across extends Jointed {
  /** What goes between the wires; left out when they meet directly. */
  readonly device?: InsertedDevice | undefined;
}
interface Placed {
  /** How far behind its plug the vehicle's wire is cut or tapped, mm; left out: as the worklist spaces the joints of a plug. */
  readonly cutAt?: Millimetres | undefined;
}
interface Parting extends Placed {
  /** How a vehicle's wire is parted, and which half goes on; left out: cut, the loom's. */
  readonly half?: Part | undefined;
}
interface Meeting {
  /** Which half of an incoming loom's wire that is cut goes on; left out: the plug's, for a part that comes with its plug. */
  readonly theirHalf?: Half | undefined;
}
interface LeftOpen extends Common {
  readonly pin: PinId;
  /** What happens because nothing is connected there. */
  readonly open?: OpenEffect | undefined;
}

/**
 * What becomes of a pin. A pin named by no decision is undecided; `forbid` settles nothing, it only keeps two pins apart. `move`
 * takes a wire to another cavity of its own side, or an incoming loom's wire into the vehicle's plug; a wire that sits there has a
 * decision of its own. `populate` puts the free end of a pigtail's lead into a cavity. `re-end` gives a wire a new
 * terminal in its own cavity, or a ring for another stud. `tap` hangs incoming wires on a
 * vehicle's wire that stays whole; a `merge` can do the same with several. `series` opens a vehicle's wire at its
 * plug and leads it through the incoming part: the loom's half goes to `into`, and `back` goes where the wire was, unless `half` says otherwise. `mate` plugs
 * a plug into one of the other side, and pairs the wires that meet there. `cap` tucks a wire away, `remove` takes it out of the loom. `findLive`: of the two halves of the cut, the one that carries the supply is found with
 * the power on before they are joined; in a series it is the one that goes to `into`.
 */
export type Decision =
  | (Across &
      Parting &
      Meeting & {
        readonly kind: "join";
        readonly vehicle: PinId;
        readonly incoming: PinId;
        readonly method: Method;
        readonly findLive?: boolean | undefined;
      })
  | (Across &
      Placed &
      Meeting & {
        readonly kind: "merge";
        readonly vehicle: readonly PinId[];
        readonly incoming: PinId;
        readonly half?: Merged | undefined;
        readonly method?: JointMethod | undefined;
      })
  | (Across &
      Parting &
      Meeting & {
        readonly kind: "split";
        readonly vehicle: PinId;
        readonly incoming: readonly PinId[];
        readonly method?: JointMethod | undefined;
      })
  | (Across &
      Placed &
      Meeting & {
        readonly kind: "tap";
        readonly vehicle: PinId;
        readonly incoming: readonly PinId[];
      })
  | (Jointed &
      Placed & {
        readonly kind: "series";
        readonly vehicle: PinId;
        readonly into: PinId;
        readonly back: PinId;
        readonly method: "move" | "splice";
        /** Spliced, which half of the wire goes to `into`; left out: the loom's. */
        readonly half?: Half | undefined;
        readonly findLive?: boolean | undefined;
      })
  | (Common & {
      readonly kind: "mate";
      readonly vehicle: readonly PinId[];
      readonly incoming: readonly PinId[];
    })
  | (Common & { readonly kind: "move"; readonly pin: PinId; readonly to: PinId })
  | (Common & { readonly kind: "populate"; readonly lead: PinId; readonly cavity: PinId })
  | (Common & {
      readonly kind: "re-end";
      readonly pin: PinId;
      /** Thread of the stud that a new ring goes on, in mm; left out: a terminal of the plug. */
      readonly stud?: Stud | undefined;
    })
  | (Jointed & {
      readonly kind: "jumper";
      /** Which halves of the wires that are cut are joined; left out: the loom's. */
      readonly half?: Half | undefined;
      readonly pins: readonly PinId[];
      readonly method?: JointMethod | undefined;
    })
  | (LeftOpen & { readonly kind: "cap" })
  | (LeftOpen & { readonly kind: "remove" })
  | (LeftOpen & { readonly kind: "leave" })
  | (Common &
      Meeting & {
        readonly kind: "feed";
        readonly pin: PinId;
        /** What the pin needs. */
        readonly feed: FeedClass;
        /** What it hangs on; null while nobody has said. */
        readonly supply: JoinPointId | null;
      })
  | (Common & { readonly kind: "forbid"; readonly vehicle: PinId; readonly incoming: PinId });
export type DecisionKind = Decision["kind"];

/** Several wires that meet are joined, on the car or within an adapter; left out, on the car. */
export type JointMethod = Exclude<Method, "move">;

/** How a decision's wires are brought together; null where none are. */
export function methodOf(decision: Decision): Method | null {
  switch (decision.kind) {
    case "join":
    case "series":
      return decision.method;
    case "merge":
    case "split":
    case "jumper":
      return decision.method ?? "splice";
    case "tap":
      return "splice";
    default:
      return null;
  }
}

/** Which connectors go into an adapter by what is decided of their pins; the decisions are looked through once. */
export function takesAdapter(
  decisions: readonly Decision[],
): (connector: { readonly pins: readonly { readonly id: PinId }[] }) => boolean {
  const led = new Set(decisions.filter((one) => methodOf(one) === "adapter").flatMap(namedPins));
  return ({ pins }) => pins.some(({ id }) => led.has(id));
}

/** A decision that leaves a pin without connection. */
export type LeavingOpen = Extract<Decision, { kind: "cap" | "remove" | "leave" }>;
export const isLeftOpen = (decision: Decision): decision is LeavingOpen =>
  decision.kind === "cap" || decision.kind === "remove" || decision.kind === "leave";
/** A decision that takes a loom's wire out of its cavity and leaves it without connection. */
export type DeadEnd = Extract<Decision, { kind: "cap" | "remove" }>;
export const isDeadEnd = (decision: Decision): decision is DeadEnd =>
  decision.kind === "cap" || decision.kind === "remove";

/** A decision that makes one electrical thing of wires of both sides. */
export type Joining = Extract<Decision, { kind: "join" | "merge" | "split" | "tap" }>;
export const isJoining = (decision: Decision): decision is Joining =>
  decision.kind === "join" ||
  decision.kind === "merge" ||
  decision.kind === "split" ||
  decision.kind === "tap";

/** Every pin that a decision names, the vehicle's first. */
export function namedPins(decision: Decision): readonly PinId[] {
  switch (decision.kind) {
    case "join":
    case "forbid":
      return [decision.vehicle, decision.incoming];
    case "merge":
      return [...decision.vehicle, decision.incoming];
    case "split":
    case "tap":
      return [decision.vehicle, ...decision.incoming];
    case "mate":
      return [...decision.vehicle, ...decision.incoming];
    case "move":
      return [decision.pin, decision.to];
    case "populate":
      return [decision.lead, decision.cavity];
    case "series":
      return [decision.vehicle, decision.into, decision.back];
    case "jumper":
      return decision.pins;
    case "cap":
    case "remove":
    case "leave":
    case "feed":
    case "re-end":
      return [decision.pin];
    default:
      return unreachable(decision);
  }
}

/** The supplies and ground points that a pin or a part between hangs on by a decision. */
export const suppliesOf = (decision: Decision): readonly JoinPointId[] => {
  if (decision.kind === "feed") return decision.supply === null ? [] : [decision.supply];
  return "device" in decision ? fedLegs(decision.device).map(({ supply }) => supply) : [];
};

/** Whether a cut is made for it whose live half is found with the power on. */
export const findsLive = (decision: Decision): boolean =>
  (decision.kind === "join" || decision.kind === "series") &&
  decision.findLive === true &&
  methodOf(decision) !== "adapter" &&
  seatOf(decision) === null;

/** The pin that a decision is listed at. */
export const leadPin = (decision: Decision): PinId => present(namedPins(decision)[0], "pin of a decision");

/** The pins whose fate it settles. */
export const decisionPins = (decision: Decision): readonly PinId[] => {
  if (decision.kind === "forbid") return [];
  if (decision.kind === "populate") return [decision.lead];
  return decision.kind === "move" ? [decision.pin] : namedPins(decision);
};

/** Decisions that hang something on wires of the vehicle and part none. */
export type Tapping =
  Extract<Decision, { kind: "tap" }> | (Extract<Decision, { kind: "merge" }> & { readonly half: "whole" });
export const isTapping = (decision: Decision): decision is Tapping =>
  decision.kind === "tap" ||
  (decision.kind === "merge" && decision.half === "whole" && methodOf(decision) === "splice");

/** Whether a decision only hangs something on the wire of a pin, which any other decision about it may do, too. */
export const isTapOf = (decision: Decision, pin: PinId): boolean =>
  isTapping(decision) && linkedPairs(decision).some(([vehicle]) => vehicle === pin);

/** The cavity of another wire, or an empty one, that a terminal is seated in; null where no terminal moves. */
export function seatOf(decision: Decision): PinId | null {
  if (decision.kind === "move") return decision.to;
  if (decision.kind === "series") return decision.method === "move" ? decision.into : null;
  return decision.kind === "join" && decision.method === "move" && decision.device === undefined
    ? decision.incoming
    : null;
}

/** Every cavity that a terminal is seated in: in a series the lead that comes back is seated where the wire was. */
export function seatsOf(decision: Decision): readonly PinId[] {
  if (decision.kind === "populate") return [decision.cavity];
  const seat = seatOf(decision);
  if (seat === null) return [];
  return decision.kind === "series" ? [seat, decision.vehicle] : [seat];
}

/** Each pair of a vehicle's pin and an incoming one that a decision joins. */
export function linkedPairs(decision: Decision): readonly (readonly [vehicle: PinId, incoming: PinId])[] {
  switch (decision.kind) {
    case "join":
      return [[decision.vehicle, decision.incoming]];
    case "merge":
      return decision.vehicle.map((vehicle) => [vehicle, decision.incoming]);
    case "split":
    case "tap":
      return decision.incoming.map((incoming) => [decision.vehicle, incoming]);
    case "series":
      return [[decision.vehicle, decision.into]];
    case "mate":
      return decision.vehicle.flatMap((vehicle, i) => {
        const incoming = decision.incoming[i];
        return incoming === undefined ? [] : [[vehicle, incoming] as const];
      });
    default:
      return [];
  }
}

/** A decision is what it does to which pins: taken back and made again, it is the same decision and keeps its ticks. */
export function decisionId(decision: Decision): DecisionId {
  // Two plugs are named by the first wires that meet in them.
  const named = decision.kind === "mate" ? [decision.vehicle[0], decision.incoming[0]] : namedPins(decision);
  return decisionIdOf([decision.kind, ...named].join(":"));
}
