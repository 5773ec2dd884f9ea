import { leadPin, type Decision } from "./decision.ts";
import { fedLegs } from "./device.ts";
import type { JoinPointId, PinId } from "./ids.ts";
import type { FeedClass } from "./signal.ts";
import type { JoinPoint } from "./wiring.ts";

/** Switches that keep an engine from cranking in gear. */
export const INTERLOCKS = ["clutch", "neutral"] as const;
export type Interlock = (typeof INTERLOCKS)[number];

/** The fuse of a supply, named as the supply is. */
export interface Fuse {
  /** A; null while nobody has read it. */
  readonly amps: number | null;
  /** It is in its holder already, and goes on feeding what it fed. */
  readonly fitted: boolean;
}

/** What a supply or a ground point gives, behind its fuse. */
export interface Supply {
  readonly feed: FeedClass;
  /** V, null for what its class usually has. */
  readonly volts: number | null;
  /** Null where there is none, or none is known. */
  readonly fuse: Fuse | null;
  /** The supply or battery post in front of the fuse; null where it is not recorded. */
  readonly behind: JoinPointId | null;
  /** The switch that it comes through, where one keeps the engine from cranking in gear. */
  readonly through: Interlock | null;
  /** What older records call it. */
  readonly aliases: readonly string[];
}

export const plainSupply = (feed: FeedClass): Supply => ({
  feed,
  volts: null,
  fuse: null,
  behind: null,
  through: null,
  aliases: [],
});

const isReturn = (feed: FeedClass): boolean => feed === "ground" || feed === "sensor-return";

/** What can be taken from a point; null for a splice, a part's terminal, and a supply of which nobody has said what it gives. */
export const feedOf = ({ kind, supply }: JoinPoint): FeedClass | null =>
  supply?.feed ?? (kind === "ground" ? "ground" : null);

/** What a point is to the copper around it: something that feeds, something that leads back, or neither. */
export function polarityOf(point: JoinPoint): "supply" | "ground" | null {
  const feed = feedOf(point);
  if (feed !== null) return isReturn(feed) ? "ground" : "supply";
  return point.kind === "supply" ? "supply" : null;
}

/** Whether a fuse is fitted last, when everything that hangs on the supply is in place. One that is in already goes on feeding. */
export const hasFuseToFit = (point: JoinPoint): boolean =>
  polarityOf(point) === "supply" && point.supply?.fuse?.fitted !== true;

/** A point with the rating of its fuse: "F22, 5 A". */
export function pointLabel({ name, supply }: JoinPoint): string {
  const amps = supply?.fuse?.amps ?? null;
  return amps === null ? name : `${name}, ${amps} A`;
}

/** The same with its place: "F22, 5 A, kick panel". */
export const supplyWords = (point: JoinPoint): string =>
  [pointLabel(point), ...(point.place === "" ? [] : [point.place])].join(", ");

/** The same for one of a job's points; "the supply" where it is not known which. */
export const supplyWordsIn = (points: readonly JoinPoint[], id: JoinPointId | null): string => {
  const point = points.find((one) => one.id === id);
  return point === undefined ? "the supply" : supplyWords(point);
};

/** What hangs on a supply or a ground point by a decision: a pin, or a terminal of the part between at its pin. */
export interface Hanging {
  readonly pin: PinId;
  /** Null for the pin itself. */
  readonly terminal: string | null;
  readonly feed: FeedClass;
  readonly decision: Decision;
}

/** Everything that hangs on each supply and ground point, in the order of the decisions. */
export function hangingOn(decisions: readonly Decision[]): ReadonlyMap<JoinPointId, readonly Hanging[]> {
  const hanging = new Map<JoinPointId, Hanging[]>();
  const hang = (supply: JoinPointId, one: Hanging): void => {
    hanging.set(supply, [...(hanging.get(supply) ?? []), one]);
  };
  for (const decision of decisions) {
    if (decision.kind === "feed" && decision.supply !== null)
      hang(decision.supply, { pin: decision.pin, terminal: null, feed: decision.feed, decision });
    if (!("device" in decision)) continue;
    for (const { terminal, feed, supply } of fedLegs(decision.device))
      hang(supply, { pin: leadPin(decision), terminal, feed, decision });
  }
  return hanging;
}
