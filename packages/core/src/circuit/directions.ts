import type { ReadPin } from "../pairing/index.ts";
import { isGrounded, isSupply, type PinId } from "../model/index.ts";
import { firstDifference } from "../util/index.ts";
import { PULLED, type PortEnd } from "./ports.ts";

/** A pin of a circuit with the ends that are there, and the one that its table speaks of. */
export interface Placing {
  readonly read: ReadPin;
  readonly ends: readonly PortEnd[];
  readonly speaksOf: PortEnd;
  /** One of several wires that a diode each joins to one: it is there because each of them gives. */
  readonly isOneOfSeveral: boolean;
}

/** Which end gives, and whether that was only assumed because nothing else in the circuit does. */
export interface Giving {
  readonly pin: PinId;
  readonly gives: PortEnd;
  readonly assumed: boolean;
}

/** So certain is a direction that was stated, or that the words themselves tell. */
const CERTAIN = 0.9;
const other = (end: PortEnd): PortEnd => (end === "beyond" ? "part" : "beyond");

/** The end that gives as far as the pin itself tells it; null where it does not. */
function told({ read, ends, speaksOf, isOneOfSeveral }: Placing): Told | null {
  const { direction, certain } = read.way;
  const [only] = ends;
  if (isOneOfSeveral && only !== undefined && ends.length === 1) return { gives: only, certain: 1 };
  if (read.direction === null && (isSupply(read.signal) || isGrounded(read.signal))) {
    // What the loom of an incoming engine leads on to takes the supply that the vehicle gives.
    const isLedOn = only === "beyond" && ends.length === 1 && speaksOf === "beyond";
    if (read.placed.connector.side === "incoming" && isLedOn && isSupply(read.signal))
      return { gives: "part", certain: 1 };
    // A supply or ground of the vehicle is in its loom; a part takes it.
    const gives = read.placed.connector.side === "vehicle" ? "beyond" : other("part");
    return { gives, certain: direction === "source" && certain >= CERTAIN ? 0.5 : 1 };
  }
  if (read.direction === null && read.signal === "charge-indicator") {
    const isLamp = read.reading.kinds.has("lamp") || read.reading.kinds.has("telltale");
    return { gives: isLamp ? other(speaksOf) : speaksOf, certain: CERTAIN };
  }
  if (read.direction === null && certain < CERTAIN) {
    if (isLitInCluster(read)) return { gives: "beyond", certain: CERTAIN };
    if (FROM.test(read.placed.pin.function)) return { gives: "beyond", certain: CERTAIN };
    if (ends.length === 2) return { gives: usualGiver(read), certain: 0.5 };
  }
  if (direction === "source") return { gives: speaksOf, certain };
  return direction === "load" ? { gives: other(speaksOf), certain } : null;
}
const CLUSTER = /\b(?:cluster|instrument|gauges?|dash(?:board)?)\b/i;
/** A tell-tale on a cluster's plug is in the cluster: what works it is outside. */
const isLitInCluster = ({ reading: { kinds }, placed: { connector } }: ReadPin): boolean =>
  (kinds.has("telltale") || kinds.has("lamp")) &&
  CLUSTER.test(`${connector.name} ${connector.place} ${connector.module}`);
const FROM = /\bfrom\b/i;
/** Parts that drive the wires in their plugs (common practice, no source). */
const GIVING_PARTS = /\b(?:switch|relay|fuse ?box|ecu|computer|controller|module|sensor|sender|key)\b/i;
/** A wire that is pulled to ground is pulled by the module at its plug; any other is driven by the loom unless the part is one that drives. */
function usualGiver({ signal, placed: { connector } }: ReadPin): PortEnd {
  const drives = GIVING_PARTS.test(`${connector.place} ${connector.module}`);
  return drives || PULLED.has(signal) ? "part" : "beyond";
}
/** "Key switch output" and "controller key input" of one plug, joined: the one feeds the other, as the module that sat there did. */
const isLedOnBy = ({ read, ends }: Placing, by: Placing): boolean =>
  ends.length === 1 &&
  isSupply(read.signal) &&
  read.signal === by.read.signal &&
  read.placed.connector.side === "vehicle" &&
  read.placed.connector.id === by.read.placed.connector.id &&
  says(read, "load") &&
  says(by.read, "source");
const says = ({ direction, way }: ReadPin, which: "load" | "source"): boolean =>
  direction === null && way.direction === which && way.certain >= CERTAIN;
interface Told {
  readonly gives: PortEnd;
  readonly certain: number;
}

/**
 * Which ends drive the wires that meet in one circuit. What is certain stands. Of the rest a wire that has both its ends goes on working as it did; where one end is
 * all there is, it takes if something gives already, and else the vehicle's gives: a circuit has one source (common practice).
 */
export function givingEnds(placings: readonly Placing[]): readonly Giving[] {
  const rank = (one: Placing): number => {
    if ((told(one)?.certain ?? 0) >= CERTAIN) return 0;
    if (one.ends.length === 2) return 1;
    return one.read.placed.connector.side === "vehicle" ? 2 : 3;
  };
  const inOrder = [...placings].sort((a, b) =>
    firstDifference(rank(a) - rank(b), (told(b)?.certain ?? 0) - (told(a)?.certain ?? 0)),
  );
  let driven = false;
  const found = inOrder.map((placing): Giving => {
    const own = told(placing);
    const [only] = placing.ends;
    const pin = placing.read.placed.pin.id;
    if (only !== undefined && placings.some((one) => isLedOnBy(placing, one)))
      return { pin, gives: other(only), assumed: false };
    if (rank(placing) === 0 && own !== null) {
      driven ||= placing.ends.includes(own.gives);
      return { pin, gives: own.gives, assumed: false };
    }
    if (placing.ends.length === 2 || only === undefined) {
      driven ||= placing.ends.length === 2;
      return { pin, gives: own?.gives ?? "beyond", assumed: own === null };
    }
    const givesHere = !driven && (own === null ? rank(placing) === 2 : own.gives === only);
    driven ||= givesHere;
    return {
      pin,
      gives: givesHere ? only : other(only),
      assumed: own === null || (own.gives === only) !== givesHere,
    };
  });
  if (driven) return found;
  // Nothing gives: the least certain of the vehicle's that only seemed to take is the source.
  const turned = inOrder.findLastIndex(
    ({ read, ends }) =>
      read.placed.connector.side === "vehicle" &&
      ends.length === 1 &&
      read.direction === null &&
      !isGrounded(read.signal),
  );
  return found.map((one, i) => {
    const [only] = inOrder[i]?.ends ?? [];
    return i === turned && only !== undefined ? { ...one, gives: only, assumed: true } : one;
  });
}
