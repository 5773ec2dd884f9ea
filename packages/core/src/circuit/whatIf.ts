import type { ConnectorId, PinId } from "../model/index.ts";
import { GROUND, type Element, type OperatingPoint } from "./network.ts";
import type { JobNetwork } from "./jobNetwork.ts";
import { byKey, liveIn, type Key } from "./keys.ts";
import {
  faresOf,
  GLOWS,
  solverOf,
  strongest,
  weakest,
  voltsAcross,
  type Fares,
  type LoadRow,
} from "./states.ts";

/** A fault put into a wire. `poor`: a corroded contact; `ground` and `supply`: chafed through onto metal or onto a live wire. */
export const FAULTS = ["open", "poor", "ground", "supply"] as const;
export type FaultKind = (typeof FAULTS)[number];

/** What a corroded contact puts into its wire, and what a chafed wire leaves, Ω (common practice, no source). */
const [CORRODED, CHAFED] = [5, 0.02];

/** The elements of a network with a fault at the wire of a pin; unchanged where no wire of it is in the circuit. */
function faulty(network: JobNetwork, pin: PinId, fault: FaultKind): readonly Element[] {
  const ports = network.ports.filter(({ read }) => read.placed.pin.id === pin);
  const wires = new Set(ports.map(({ wire }) => wire));
  const nodes = [...new Set(ports.map(({ net }) => net))];
  if (fault === "open" || fault === "poor")
    return rewired(network, wires, (ohms) => (fault === "open" ? Infinity : ohms + CORRODED));
  const onto = fault === "ground" ? GROUND : (network.railNode.get("battery") ?? GROUND);
  return [
    ...network.elements,
    ...nodes.map((node): Element => ({
      kind: "resistor",
      name: `fault at ${node}`,
      a: onto,
      b: node,
      ohms: CHAFED,
    })),
  ];
}

/** The elements with other resistances in some wires. */
const rewired = (
  { elements }: JobNetwork,
  wires: ReadonlySet<string>,
  to: (ohms: number) => number,
): readonly Element[] =>
  elements.map((element) =>
    wires.has(element.name) && element.kind === "resistor" ? { ...element, ohms: to(element.ohms) } : element,
  );

/** Whether a plug goes into a part of the circuit, so that pulling it parts something. */
export const canUnplug = (network: JobNetwork, connector: ConnectorId): boolean =>
  contactsOf(network, connector).size > 0;
const contactsOf = ({ ports }: JobNetwork, connector: ConnectorId): ReadonlySet<string> =>
  new Set(
    ports.flatMap(({ end, read, wire }) =>
      end === "part" && read.placed.connector.id === connector ? [wire] : [],
    ),
  );

/** A part that fares otherwise with the fault than without. */
export interface Change {
  readonly row: LoadRow;
  readonly before: Fares;
  readonly after: Fares;
  /** It is on with everything off, which it was not before. */
  readonly comesOn: boolean;
}
/** A part that other outputs and switches work than before, by their pins. */
export interface Crossed {
  readonly row: LoadRow;
  readonly before: readonly PinId[];
  readonly after: readonly PinId[];
}
export interface WhatIf {
  readonly changes: readonly Change[];
  readonly crossed: readonly Crossed[];
  /** Largest current that the fault draws from the battery beyond what flowed before, A. */
  readonly extra: number;
}

interface Solved {
  readonly network: JobNetwork;
  readonly loads: readonly LoadRow[];
}
/** What differs with a fault at the wire of a pin: each part with everything on, and with everything off, in every position of the key. */
export const whatIf = (proof: Solved, nominal: number, pin: PinId, fault: FaultKind): WhatIf =>
  differing(proof, nominal, faulty(proof.network, pin, fault));

/** What differs with a plug pulled off its part: what it fed, and what lost its ground with it. */
export function whatIfUnplugged(proof: Solved, nominal: number, connector: ConnectorId): WhatIf {
  const { network } = proof;
  return differing(
    proof,
    nominal,
    rewired(network, contactsOf(network, connector), () => Infinity),
  );
}

/** Pins whose wires may be confused with that of a pin: the others of its plug that are in the circuit at the same end. */
export function swappable({ ports }: Pick<JobNetwork, "ports">, pin: PinId): readonly PinId[] {
  const own = ports.filter(({ read }) => read.placed.pin.id === pin);
  const others = ports.filter(({ read, end }) =>
    own.some(
      (port) =>
        read.placed.pin.id !== pin &&
        port.end === end &&
        port.read.placed.connector.id === read.placed.connector.id,
    ),
  );
  return [...new Set(others.map(({ read }) => read.placed.pin.id))];
}

/** What differs with two wires of one plug in each other's cavity; nothing where they are not at the same end of the circuit. */
export function whatIfSwapped(proof: Solved, nominal: number, pin: PinId, other: PinId): WhatIf {
  const { network } = proof;
  const endsOf = (wanted: PinId) => network.ports.filter(({ read }) => read.placed.pin.id === wanted);
  const swapped = new Map(
    endsOf(pin).flatMap((port) => {
      const twin = endsOf(other).find(({ end }) => end === port.end);
      return twin === undefined ? [] : [[port.wire, twin.net] as const, [twin.wire, port.net] as const];
    }),
  );
  const elements = network.elements.map((element) => {
    const onto = swapped.get(element.name);
    return onto === undefined ? element : { ...element, a: onto };
  });
  return { ...differing(proof, nominal, elements), crossed: crossedBy(proof, nominal, elements) };
}

/** The parts that other outputs work alone with these elements than in the network as it is. */
function crossedBy(
  { network, loads }: Solved,
  nominal: number,
  elements: readonly Element[],
): readonly Crossed[] {
  const across = voltsAcross(network);
  const solve = solverOf(network, elements);
  const atRest = solve("run", "none");
  const alone = network.drivers.map(({ element, port }) => ({
    element,
    pin: port.read.placed.pin.id,
    point: solve("run", { only: element }),
  }));
  return loads.flatMap((row): readonly Crossed[] => {
    const least = across(atRest, row.port) + GLOWS * nominal;
    const before = alone.flatMap(({ element, pin }) => (row.workedBy.includes(element) ? [pin] : []));
    const after = alone.flatMap(({ pin, point }) => (across(point, row.port) > least ? [pin] : []));
    const isSame = before.length === after.length && before.every((pin) => after.includes(pin));
    return isSame ? [] : [{ row, before, after }];
  });
}

function differing({ network, loads }: Solved, nominal: number, elements: readonly Element[]): WhatIf {
  const { positions } = network;
  const across = voltsAcross(network);
  const [sound, broken] = [network.elements, elements].map((elements) => {
    const solve = solverOf(network, elements);
    return {
      on: byKey(positions, (key) => solve(key, "all")),
      rest: byKey(positions, (key) => solve(key, "none")),
    };
  }) as [States, States];
  const changes = loads.flatMap((row): readonly Change[] => {
    const { port, rail } = row;
    if (port.kind.kind === "signal") return [];
    const fares = (volts: number): Fares => faresOf(port, volts / nominal);
    const reaches = (rail === null ? positions : liveIn(network, rail)).map((key) =>
      across(broken.on[key], port),
    );
    const after = fares(rail === null ? strongest(reaches) : weakest(reaches));
    const comesOn = positions.some(
      (key) => fares(across(broken.rest[key], port)) !== "off" && fares(row.atRest[key]) === "off",
    );
    return after === row.fares && !comesOn ? [] : [{ row, before: row.fares, after, comesOn }];
  });
  const drawn = ({ amps }: OperatingPoint): number => -(amps.get("battery") ?? 0);
  const extra = Math.max(
    ...positions.flatMap((key) => [
      drawn(broken.on[key]) - drawn(sound.on[key]),
      drawn(broken.rest[key]) - drawn(sound.rest[key]),
    ]),
  );
  return { changes, crossed: [], extra };
}
type States = Readonly<Record<"on" | "rest", Readonly<Record<Key, OperatingPoint>>>>;
