import type { PinId } from "../model/index.ts";
import type { JobNetwork } from "./jobNetwork.ts";
import { LIVE_IN, type Key } from "./keys.ts";
import type { Port, Rail } from "./ports.ts";
import type { Element, OperatingPoint } from "./network.ts";
import { circuitOf, type Circuit } from "./operatingPoint.ts";

/** Which outputs and switches are on: none, all, one of them by its element, or some. */
export type Drive = "none" | "all" | { readonly only: string } | { readonly some: ReadonlySet<string> };
const isOn = (drive: Drive, element: string): boolean => {
  if (typeof drive === "string") return drive === "all";
  return "only" in drive ? drive.only === element : drive.some.has(element);
};
/** A network solved for one position of key and switches. */
export interface SolvedState {
  readonly key: Key;
  readonly drive: Drive;
  readonly point: OperatingPoint;
}

/** Solves a job's network for any position. */
export const solverOf = (network: JobNetwork, elements: readonly Element[] = network.elements) => {
  const circuit: Circuit = circuitOf(elements);
  return (key: Key, drive: Drive): OperatingPoint => {
    const closed = new Map<string, boolean>();
    for (const [rail, element] of network.keys) closed.set(element, LIVE_IN[rail].includes(key));
    for (const { element } of network.drivers) closed.set(element, isOn(drive, element));
    for (const element of network.passes) closed.set(element, key !== "off" && drive !== "none");
    return circuit.solve(closed);
  };
};
export type Solver = ReturnType<typeof solverOf>;

/** So far may a signal stand above its level before its input is in danger, V. */
export const OVER = 0.6;

/** How a load fares: the share of its nominal voltage that counts as full, dim, or a glow (common practice, no source). */
export type Fares = "full" | "dim" | "glows" | "off" | "reversed" | "within" | "over";
export const GLOWS = 0.05;
const PLAIN = { full: 0.85, dim: 0.4, glows: GLOWS };
/** An LED lamp stays dark where a filament glows, and glimmers on next to no current (common practice, no source). */
const LED: typeof PLAIN = { full: 0.85, dim: 0.7, glows: 0.55 };
export const faresAt = (share: number, from = PLAIN): Exclude<Fares, "reversed" | "within" | "over"> => {
  if (share >= from.full) return "full";
  if (share >= from.dim) return "dim";
  return share >= from.glows ? "glows" : "off";
};

/** Of voltages the one furthest from nothing, and the one next to it, with their signs. */
export const strongest = (volts: readonly number[]): number =>
  volts.reduce((best, one) => (Math.abs(one) > Math.abs(best) ? one : best), 0);
export const weakest = (volts: readonly number[]): number =>
  volts.reduce((best, one) => (Math.abs(one) < Math.abs(best) ? one : best));

/** A filament does not care which end is live; everything else is the wrong way round below this share of its voltage. */
export const faresOf = ({ kind }: Port, share: number): Exclude<Fares, "within" | "over"> => {
  const load = "load" in kind ? kind.load.kind : null;
  if (load === "lamp") return faresAt(Math.abs(share));
  return share <= -PLAIN.dim ? "reversed" : faresAt(share, load === "led" ? LED : PLAIN);
};

/** A part that takes, or a signal that gets voltage, with what it gets, V: with everything off in each key position, and with what works it on. */
export interface LoadRow {
  readonly port: Port;
  readonly pin: PinId;
  /** The supply that it belongs on, or null where an output or a switch works it. */
  readonly rail: Rail | null;
  readonly atRest: Readonly<Record<Key, number>>;
  readonly on: Readonly<Record<Key, number>>;
  /** Outputs that work it, by element. */
  readonly workedBy: readonly string[];
  readonly fares: Fares;
}

/** V across what works at a port, 0 where it floats. */
export function voltsAcross(network: JobNetwork): (point: OperatingPoint, port: Port) => number {
  const elements = new Map(network.elements.map((element) => [element.name, element]));
  return (point, { element }) => {
    const one = elements.get(element);
    if (one === undefined) return 0;
    const [a, b] = [point.volts.get(one.a) ?? null, point.volts.get(one.b) ?? null];
    return a === null || b === null ? 0 : a - b;
  };
}
