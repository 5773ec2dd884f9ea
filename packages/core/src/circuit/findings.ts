import { carries } from "../sizing/index.ts";
import {
  type CircuitFinding,
  type DarkBecause,
  given,
  pinOf,
  pinsAround,
  portsAt,
  type Solved,
} from "./finding.ts";
import { pathOf, type PathPart } from "./path.ts";
import { excitationIn } from "./excitation.ts";
import { flashersIn } from "./flasher.ts";
import { isUsualDraw } from "./ports.ts";
import { reversedIn } from "./reversed.ts";
import { shortsIn } from "./shorts.ts";
import { startsIn } from "./starting.ts";
import { GROUND, type Element } from "./network.ts";
import { LIVE_IN, type Key } from "./keys.ts";
import { faresAt, OVER, solverOf, type LoadRow, type Solver } from "./states.ts";
import { BLOWS, LOADED, opensWithin } from "./usual.ts";

const RANK = { stop: 0, caution: 1, note: 2 };

export function findingsOf(solved: Solved): readonly CircuitFinding[] {
  const shorts = shortsIn(solved);
  const wires = wiresIn(solved);
  // A short drags everything down with it: nothing else is worth saying before it is gone.
  const found =
    shorts.length > 0
      ? shorts
      : [
          ...fusesIn(solved),
          ...reversedIn(solved),
          ...levelsIn(solved),
          ...backFeedsIn(solved),
          ...outputsIn(solved),
          ...flashersIn(solved),
          ...excitationIn(solved),
          ...loadsIn(solved),
          ...dropsIn(solved, wires),
          ...startsIn(solved),
          ...wires,
        ];
  return [...found].sort((a, b) => RANK[a.severity] - RANK[b.severity]);
}

function fusesIn({ network, states }: Solved): readonly CircuitFinding[] {
  return network.points.flatMap(({ element, name, net, fuse }): readonly CircuitFinding[] => {
    const rating = fuse?.amps ?? null;
    if (rating === null) return [];
    const amps = Math.max(...states.map(({ point }) => Math.abs(point.amps.get(element) ?? 0)));
    const pins = portsAt(network, net);
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

function levelsIn({ network, states, across }: Solved): readonly CircuitFinding[] {
  return network.ports.flatMap((port): readonly CircuitFinding[] => {
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
function backFeedsIn({ network, states, dossier }: Solved): readonly CircuitFinding[] {
  const found: CircuitFinding[] = [];
  for (const [rail, node] of network.railNode) {
    if (rail === "battery") continue;
    for (const { key, point } of states) {
      const volts = point.volts.get(node) ?? 0;
      if (LIVE_IN[rail].includes(key) || volts < HELD * dossier.head.nominalVolts) continue;
      // Where current runs into the supply instead of out of it.
      const into = network.ports.filter(
        (port) => port.kind.kind === "feed" && port.kind.rail === rail && given(point, port) < -1e-6,
      );
      const points = network.points.filter(
        ({ element, from }) => from === node && (point.amps.get(element) ?? 0) < -1e-6,
      );
      const nets = [...into, ...points].map(({ net }) => net);
      const pins = [...new Set(nets.flatMap((net) => portsAt(network, net)))];
      if (pins.length === 0) continue;
      found.push({ kind: "back-feed", severity: "stop", rail, key, volts, pins });
      break;
    }
  }
  return found;
}

/** An output alone on that puts its voltage on another output of the same circuit. */
function outputsIn({ network, states, dossier }: Solved): readonly CircuitFinding[] {
  const found: CircuitFinding[] = [];
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
function loadsIn(solved: Solved): readonly CircuitFinding[] {
  const { loads, network, dossier } = solved;
  const nominal = dossier.head.nominalVolts;
  const failing = loads.filter(({ fares, port }) => FAILS.has(fares) && !network.closedToView.has(port.net));
  const whyOf = failing.some(({ fares }) => fares === "off")
    ? causeFinder(solved)
    : () => "no-source" as const;
  return [
    ...failing.map((row): CircuitFinding => {
      const { port, on, fares } = row;
      const pins = pinsAround(network, port);
      if (fares !== "dim" && fares !== "glows")
        return { kind: "dark", severity: "caution", pins, why: whyOf(row) };
      const volts = Math.max(on.run, on.crank, on.off);
      return { kind: "dim", severity: "caution", pins, volts, fares };
    }),
    ...loads.flatMap((row): readonly CircuitFinding[] => {
      const { port, atRest, rail } = row;
      if (port.kind.kind === "signal") return [];
      const key = network.positions.find(
        (one) => faresAt(atRest[one] / nominal) !== "off" && (rail === null || !LIVE_IN[rail].includes(one)),
      );
      if (key === undefined) return [];
      const pins = pinsAround(network, port);
      return [{ kind: "never-off", severity: "caution", pins, volts: atRest[key], key }];
    }),
  ];
}

/** What would have to be otherwise for a dark part to work: each is tried in the circuit. */
function causeFinder({ network, across, dossier }: Solved): (row: LoadRow) => DarkBecause {
  const nominal = dossier.head.nominalVolts;
  const bridged = (element: Element): Element => ({
    kind: "resistor",
    name: element.name,
    a: element.a,
    b: element.b,
    ohms: 0.01,
  });
  const tries: readonly (readonly [DarkBecause, Solver])[] = [
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
  const points = tries.map(
    ([why, solve]) => [why, network.positions.map((key) => solve(key, "all"))] as const,
  );
  return ({ port }) =>
    points.find(([, solved]) =>
      solved.some((point) => faresAt(across(point, port) / nominal) === "full"),
    )?.[0] ?? "no-source";
}

/** Of the battery's voltage, so much may be lost on the way to a part that is not critical (ABYC E-11, from memory). */
const MOST_LOST = 0.1;
function dropsIn(
  { network, loads, states, across }: Solved,
  wires: readonly CircuitFinding[],
): readonly CircuitFinding[] {
  const { battery } = network;
  // A wire that is too thin for what flows is told as that.
  const told = new Set(wires.flatMap(({ pins }) => pins));
  return loads.flatMap((row): readonly CircuitFinding[] => {
    const { port, on, atRest, fares } = row;
    if (
      told.has(pinOf(port)) ||
      fares !== "full" ||
      port.kind.kind === "signal" ||
      network.closedToView.has(port.net)
    )
      return [];
    // While cranking the battery itself gives way.
    const most = Math.max(...network.positions.map((key) => Math.max(on[key], atRest[key])));
    if (battery - most <= MOST_LOST * battery) return [];
    const best = states.find(({ point }) => Math.abs(across(point, port)) >= most - 1e-9);
    const lost = best === undefined ? 0 : lostInCopper(pathOf(network, best.point, row));
    if (lost <= MOST_LOST * battery) return [];
    const stated = !isUsualDraw(port);
    return [
      {
        kind: "drop",
        severity: stated ? "caution" : "note",
        pins: [pinOf(port)],
        lost,
        share: lost / battery,
        stated,
      },
    ];
  });
}

/** What stays in wires, fuses and contacts on the way; a diode, relay or output between is there on purpose. */
const lostInCopper = (way: readonly PathPart[]): number =>
  way.reduce(
    (sum, { what, before, behind }) =>
      COPPER.has(what) && before !== null && behind !== null ? sum + Math.abs(before - behind) : sum,
    0,
  );
const COPPER: ReadonlySet<PathPart["what"]> = new Set([
  "key",
  "supply",
  "ground",
  "wire",
  "supply-wire",
  "ground-wire",
  "chassis",
]);

function wiresIn({ network, states }: Solved): readonly CircuitFinding[] {
  return network.ports.flatMap((port): readonly CircuitFinding[] => {
    const { size } = port.read.placed.pin;
    const most = size === null ? null : carries(size);
    if (size === null || most === null) return [];
    const amps = Math.max(...states.map(({ point }) => Math.abs(point.amps.get(port.wire) ?? 0)));
    return amps > most
      ? [{ kind: "wire-overloaded", severity: "caution", pins: [pinOf(port)], amps, size, carries: most }]
      : [];
  });
}
