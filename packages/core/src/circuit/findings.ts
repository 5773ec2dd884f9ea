import type { Dossier, PinId } from "../model/index.ts";
import { carries } from "../sizing/index.ts";
import type { JobNetwork } from "./jobNetwork.ts";
import type { PointElement, Port, Rail } from "./ports.ts";
import { GROUND, type Element, type OperatingPoint } from "./network.ts";
import {
  faresAt,
  KEYS,
  LIVE_IN,
  OVER,
  solverOf,
  type Key,
  type LoadRow,
  type SolvedState,
  type Solver,
} from "./states.ts";
import { BLOWS, LOADED, opensWithin } from "./usual.ts";

/** What the solved circuit shows, worst first. Voltages V, currents A, times s; pins: where it is seen, the first of them the one that it is about. */
export type CircuitFinding = {
  readonly severity: "stop" | "caution" | "note";
  readonly pins: readonly PinId[];
} & (
  | {
      readonly kind: "short";
      readonly amps: number;
      readonly key: Key;
      readonly fuse: string | null;
      readonly within: number | null;
    }
  | {
      readonly kind: "fuse-blows";
      readonly fuse: string;
      readonly rating: number;
      readonly amps: number;
      readonly within: number | null;
    }
  | { readonly kind: "fuse-loaded"; readonly fuse: string; readonly rating: number; readonly amps: number }
  /** A supply that is switched off is held up by what hangs on its wire. */
  | { readonly kind: "back-feed"; readonly rail: Rail; readonly key: Key; readonly volts: number }
  /** An output that is off sees voltage from another one. */
  | { readonly kind: "output-back-fed"; readonly volts: number }
  | { readonly kind: "level"; readonly volts: number; readonly most: number; readonly key: Key }
  | { readonly kind: "dark"; readonly why: "no-source" | "no-return" | "diode-blocks" | "relay-never-pulls" }
  | { readonly kind: "dim"; readonly volts: number; readonly fares: "dim" | "glows" }
  /** It is fed where its supply should be off. */
  | { readonly kind: "never-off"; readonly volts: number; readonly key: Key }
  | {
      readonly kind: "wire-overloaded";
      readonly amps: number;
      readonly size: number;
      readonly carries: number;
    }
);
type Fact = CircuitFinding;

interface Solved {
  readonly dossier: Dossier;
  readonly network: JobNetwork;
  readonly loads: readonly LoadRow[];
  readonly states: readonly SolvedState[];
  readonly across: (point: OperatingPoint, port: Port) => number;
}

const RANK = { stop: 0, caution: 1, note: 2 };

export function findingsOf(solved: Solved): readonly CircuitFinding[] {
  const shorts = shortsIn(solved);
  // A short drags everything down with it: nothing else is worth saying before it is gone.
  const found =
    shorts.length > 0
      ? shorts
      : [
          ...fusesIn(solved),
          ...levelsIn(solved),
          ...backFeedsIn(solved),
          ...outputsIn(solved),
          ...loadsIn(solved),
          ...wiresIn(solved),
        ];
  return [...found].sort((a, b) => RANK[a.severity] - RANK[b.severity]);
}

const pinOf = ({ read }: Port): PinId => read.placed.pin.id;
const portsAt = (network: JobNetwork, net: string): readonly PinId[] => [
  ...new Set(network.ports.filter((port) => port.net === net).map(pinOf)),
];

/** A port's pin, then the others on its copper. */
const pinsAround = (network: JobNetwork, port: Port): readonly PinId[] => [
  ...new Set([pinOf(port), ...portsAt(network, port.net)]),
];

/** What a port feeds into its wire while its supply or output is on, A. */
const given = (point: OperatingPoint, { element }: Port): number => point.amps.get(element) ?? 0;

/** More than everything that could be drawn, and more than a good wire limits, A. */
const SHORT = 40;
function shortsIn({ network, states, dossier }: Solved): readonly Fact[] {
  const nominal = dossier.head.nominalVolts;
  const wanted = network.ports.reduce((sum, { kind }) => {
    if (kind.kind !== "load" && kind.kind !== "pulled-load") return sum;
    if (kind.load.kind === "lamp") return sum + kind.load.watts / nominal;
    return sum + (kind.load.kind === "draws" ? kind.load.amps : 0);
  }, 0);
  const limit = SHORT + 1.5 * wanted;
  const found = new Map<string, Fact>();
  const netOf = new Map(network.elements.map(({ name, b }) => [name, b]));
  for (const { key, point } of states) {
    const say = (net: string, amps: number, fuse: PointElement | undefined): void => {
      const before = found.get(net);
      if (amps <= limit || (before?.kind === "short" && amps <= before.amps)) return;
      found.set(net, {
        kind: "short",
        severity: "stop",
        pins: portsAt(network, net),
        amps,
        key,
        fuse: fuse === undefined || fuse.fuse === null ? null : fuse.name,
        within:
          fuse?.fuse?.amps === undefined || fuse.fuse.amps === null
            ? null
            : opensWithin(amps / fuse.fuse.amps),
      });
    };
    for (const port of network.ports)
      if (port.kind.kind === "feed" || port.kind.kind === "drives" || port.kind.kind === "pulls")
        say(port.net, given(point, port), undefined);
    for (const one of network.points)
      if (one.polarity === "supply") say(netOf.get(one.element) ?? "", point.amps.get(one.element) ?? 0, one);
  }
  return [...found.values()];
}

function fusesIn({ network, states }: Solved): readonly Fact[] {
  const netOf = new Map(network.elements.map((element) => [element.name, element.b]));
  return network.points.flatMap(({ element, name, fuse }): readonly Fact[] => {
    const rating = fuse?.amps ?? null;
    if (rating === null) return [];
    const amps = Math.max(...states.map(({ point }) => Math.abs(point.amps.get(element) ?? 0)));
    const pins = portsAt(network, netOf.get(element) ?? "");
    if (amps >= BLOWS * rating)
      return [
        {
          kind: "fuse-blows",
          severity: "stop",
          pins,
          fuse: name,
          rating,
          amps,
          within: opensWithin(amps / rating),
        },
      ];
    return amps > LOADED * rating
      ? [{ kind: "fuse-loaded", severity: "caution", pins, fuse: name, rating, amps }]
      : [];
  });
}

function levelsIn({ network, states, across }: Solved): readonly Fact[] {
  return network.ports.flatMap((port): readonly Fact[] => {
    if (port.kind.kind !== "signal" && port.kind.kind !== "reference") return [];
    const most = port.kind.kind === "reference" ? port.kind.volts : port.kind.most;
    if (most === null) return [];
    let worst: { readonly key: Key; readonly volts: number } | null = null;
    for (const { key, point } of states) {
      const volts = port.kind.kind === "signal" ? across(point, port) : (point.volts.get(port.node) ?? 0);
      if (volts > most + OVER && volts > (worst?.volts ?? 0)) worst = { key, volts };
    }
    return worst === null
      ? []
      : [
          {
            kind: "level",
            severity: "stop",
            pins: pinsAround(network, port),
            most,
            ...worst,
          },
        ];
  });
}

/** From this share of the nominal voltage on, a supply that is off counts as held up. */
const HELD = 0.25;
function backFeedsIn({ network, states, dossier }: Solved): readonly Fact[] {
  const found: Fact[] = [];
  const supplies = new Set(network.points.map(({ element }) => element));
  for (const [rail, node] of network.railNode) {
    if (rail === "battery") continue;
    for (const { key, point } of states) {
      const volts = point.volts.get(node) ?? 0;
      if (LIVE_IN[rail].includes(key) || volts < HELD * dossier.head.nominalVolts) continue;
      // Where current runs into the supply instead of out of it.
      const into = network.ports.filter(
        (port) => port.kind.kind === "feed" && port.kind.rail === rail && given(point, port) < -1e-6,
      );
      const points = network.elements.filter(
        ({ name, a }) => supplies.has(name) && a === node && (point.amps.get(name) ?? 0) < -1e-6,
      );
      const nets = [...into.map(({ net }) => net), ...points.map(({ b }) => b)];
      const pins = [...new Set(nets.flatMap((net) => portsAt(network, net)))];
      if (pins.length === 0) continue;
      found.push({ kind: "back-feed", severity: "stop", rail, key, volts, pins });
      break;
    }
  }
  return found;
}

/** An output alone on that puts its voltage on another output of the same circuit. */
function outputsIn({ network, states, dossier }: Solved): readonly Fact[] {
  const found: Fact[] = [];
  const told = new Set<string>();
  const high = network.drivers.filter(({ port }) => port.kind.kind === "drives");
  const held = HELD * dossier.head.nominalVolts;
  for (const { drive, point } of states) {
    if (typeof drive === "string" || !("only" in drive)) continue;
    const driver = high.find(({ element }) => element === drive.only);
    if (driver === undefined) continue;
    for (const { element, port } of high) {
      const volts = point.volts.get(port.node) ?? 0;
      const pair = [drive.only, element].sort().join("\u0000");
      if (element === drive.only || volts < held || told.has(pair)) continue;
      told.add(pair);
      const pins = [pinOf(port), pinOf(driver.port)];
      found.push({ kind: "output-back-fed", severity: "caution", pins, volts });
    }
  }
  return found;
}

const FAILS: ReadonlySet<LoadRow["fares"]> = new Set(["dim", "glows", "off"]);
function loadsIn(solved: Solved): readonly Fact[] {
  const { loads, network, dossier } = solved;
  const nominal = dossier.head.nominalVolts;
  const failing = loads.filter(({ fares, port }) => FAILS.has(fares) && !network.closedToView.has(port.net));
  const whyOf = failing.some(({ fares }) => fares === "off")
    ? causeFinder(solved)
    : () => "no-source" as const;
  return [
    ...failing.map((row): Fact => {
      const { port, on, fares } = row;
      const pins = pinsAround(network, port);
      if (fares !== "dim" && fares !== "glows")
        return { kind: "dark", severity: "caution", pins, why: whyOf(row) };
      const volts = Math.max(on.run, on.crank, on.off);
      return { kind: "dim", severity: "caution", pins, volts, fares };
    }),
    ...loads.flatMap((row): readonly Fact[] => {
      const { port, atRest, rail } = row;
      if (port.kind.kind === "signal") return [];
      const key = KEYS.find(
        (one) => faresAt(atRest[one] / nominal) !== "off" && (rail === null || !LIVE_IN[rail].includes(one)),
      );
      if (key === undefined) return [];
      const pins = pinsAround(network, port);
      return [{ kind: "never-off", severity: "caution", pins, volts: atRest[key], key }];
    }),
  ];
}

/** What would have to be otherwise for a dark part to work: each is tried in the circuit. */
function causeFinder({
  network,
  across,
  dossier,
}: Solved): (row: LoadRow) => Extract<Fact, { kind: "dark" }>["why"] {
  const nominal = dossier.head.nominalVolts;
  const bridged = (element: Element): Element => ({
    kind: "resistor",
    name: element.name,
    a: element.a,
    b: element.b,
    ohms: 0.01,
  });
  const tries: readonly (readonly [Extract<Fact, { kind: "dark" }>["why"], Solver])[] = [
    [
      "no-return",
      solverOf(network, [
        ...network.elements,
        ...network.partGrounds.map((node): Element => ({
          kind: "resistor",
          name: `${node} tied`,
          a: node,
          b: GROUND,
          ohms: 0.01,
        })),
      ]),
    ],
    [
      "diode-blocks",
      solverOf(
        network,
        network.elements.map((one) => (one.kind === "diode" ? bridged(one) : one)),
      ),
    ],
    [
      "relay-never-pulls",
      solverOf(
        network,
        network.elements.map((one) => (one.kind === "switch" && one.control !== null ? bridged(one) : one)),
      ),
    ],
  ];
  const points = tries.map(([why, solve]) => [why, KEYS.map((key) => solve(key, "all"))] as const);
  return ({ port }) =>
    points.find(([, solved]) =>
      solved.some((point) => faresAt(across(point, port) / nominal) === "full"),
    )?.[0] ?? "no-source";
}

function wiresIn({ network, states }: Solved): readonly Fact[] {
  return network.ports.flatMap((port): readonly Fact[] => {
    const { size } = port.read.placed.pin;
    const most = size === null ? null : carries(size);
    if (size === null || most === null) return [];
    const amps = Math.max(...states.map(({ point }) => Math.abs(point.amps.get(port.wire) ?? 0)));
    return amps > most
      ? [{ kind: "wire-overloaded", severity: "caution", pins: [pinOf(port)], amps, size, carries: most }]
      : [];
  });
}
export type DarkBecause = Extract<Fact, { kind: "dark" }>["why"];
