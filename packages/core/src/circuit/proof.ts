import type { HarnessState } from "../harness/index.ts";
import type { Dossier } from "../model/index.ts";
import type { CircuitFinding } from "./finding.ts";
import { findingsOf } from "./findings.ts";
import { jobNetwork, type JobNetwork } from "./jobNetwork.ts";
import { isUsualDraw, type Port, type Rail } from "./ports.ts";
import type { CircuitNote, OperatingPoint } from "./network.ts";
import { byKey, LIVE_IN, liveIn, type Key } from "./keys.ts";
import {
  faresOf,
  GLOWS,
  OVER,
  solverOf,
  strongest,
  weakest,
  type Drive,
  type LoadRow,
  type SolvedState,
  voltsAcross,
} from "./states.ts";

export interface Proof {
  readonly network: JobNetwork;
  readonly loads: readonly LoadRow[];
  readonly findings: readonly CircuitFinding[];
  readonly notes: readonly CircuitNote[];
  /** How many positions were solved. */
  readonly states: number;
  /** Directions and currents that nobody stated. */
  readonly assumed: number;
  readonly verdict: "unsafe" | "fails" | "look" | "works" | "nothing";
}

/** The job's circuit in one state of its harness, solved for every position of the key, with everything off, everything on, and each output alone. */
export function proofOf(
  dossier: Dossier,
  state: HarnessState,
  /** Told after each position: how many are solved, and of how many. */
  onProgress?: (done: number, total: number) => unknown,
): Proof {
  const network = jobNetwork(dossier, state);
  const { positions } = network;
  const perKey = <T>(of: (key: Key) => T) => byKey(positions, of);
  const solve = solverOf(network);
  const states: SolvedState[] = [];
  const total = 2 * positions.length + network.drivers.length;
  const solved = (key: Key, drive: Drive): OperatingPoint => {
    const point = solve(key, drive);
    states.push({ key, drive, point });
    onProgress?.(states.length, total);
    return point;
  };
  const atRest = perKey((key) => solved(key, "none"));
  const allOn = perKey((key) => solved(key, "all"));
  const alone = new Map(
    network.drivers.map(({ element }) => [element, solved("run", { only: element })] as const),
  );
  const across = voltsAcross(network);
  const nominal = dossier.head.nominalVolts;
  const signalRow = (port: Port, most: number): readonly LoadRow[] => {
    const [rest, on] = [
      perKey((key) => across(atRest[key], port)),
      perKey((key) => across(allOn[key], port)),
    ];
    const highest = Math.max(...Object.values(rest), ...Object.values(on));
    const fares = highest > most + OVER ? "over" : "within";
    const { id } = port.read.placed.pin;
    return highest > HEARD
      ? [{ port, pin: id, rail: null, atRest: rest, on, workedBy: workers(port, rest.run), fares }]
      : [];
  };
  const workers = (port: Port, rest: number): readonly string[] =>
    [...alone].flatMap(([element, point]) => (across(point, port) > rest + GLOWS * nominal ? [element] : []));
  const loads = network.ports.flatMap((port): readonly LoadRow[] => {
    const { kind, read } = port;
    if (kind.kind === "signal" && kind.most !== null) return signalRow(port, kind.most);
    if (kind.kind !== "load" && kind.kind !== "pulled-load") return [];
    const rail = kind.kind === "load" && read.signal in LIVE_IN ? (read.signal as Rail) : null;
    const rest = perKey((key) => across(atRest[key], port));
    const on = perKey((key) => across(allOn[key], port));
    const workedBy = workers(port, rest.run);
    const best =
      rail === null
        ? strongest([on.run, on.crank, on.off])
        : weakest(liveIn(network, rail).map((key) => strongest([rest[key], on[key]])));
    const fares = faresOf(port, best / nominal);
    return [{ port, pin: read.placed.pin.id, rail, atRest: rest, on, workedBy, fares }];
  });
  const findings = findingsOf({ dossier, network, loads, states, across });
  const notes = states.flatMap(({ point }) => point.notes).filter(({ kind }) => kind !== "free-division");
  const once = [...new Map(notes.map((note) => [JSON.stringify(note), note])).values()];
  return {
    network,
    loads,
    findings,
    notes: once,
    states: states.length,
    assumed: network.ports.filter((port) => port.assumed || isUsualDraw(port)).length,
    verdict: verdictOf(network, findings),
  };
}

/** A signal that never gets more, V, is told nothing of. */
const HEARD = 0.5;

function verdictOf(network: JobNetwork, findings: readonly CircuitFinding[]): Proof["verdict"] {
  // A short needs no part to burn.
  if (findings.some(({ severity }) => severity === "stop")) return "unsafe";
  if (network.ports.length === 0) return "nothing";
  if (findings.some(({ kind }) => kind === "dark" || kind === "dim" || kind === "reversed")) return "fails";
  return findings.length > 0 ? "look" : "works";
}
