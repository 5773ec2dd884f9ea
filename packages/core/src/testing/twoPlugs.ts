import { readJobValue } from "../contract/index.ts";
import type { Dossier } from "../model/index.ts";

/** Pins and decisions as a job file has them. */
export type Pin = Record<string, unknown>;
export const pin = (cavity: string, name: string, more: Pin = {}): Pin => ({
  cavity,
  function: name,
  ...more,
});
export const V = (cavity: string) => ({ connector: "V", cavity });
export const X = (cavity: string) => ({ connector: "X", cavity });
export const join = (vehicle: string, incoming: string, more: Pin = {}): Pin => ({
  kind: "join",
  vehicle: V(vehicle),
  incoming: X(incoming),
  ...more,
});

/** Two plugs, V of the vehicle and X that comes in, and what is decided of them. */
export interface Case {
  readonly v?: readonly Pin[];
  readonly x?: readonly Pin[];
  readonly decisions?: readonly Pin[];
  /** Further fields of the two connectors, and of the file. */
  readonly onV?: Pin;
  readonly onX?: Pin;
  readonly more?: readonly Pin[];
  readonly file?: Pin;
}
export function job({
  v = [],
  x = [],
  decisions = [],
  onV = {},
  onX = {},
  more = [],
  file = {},
}: Case): Dossier {
  const read = readJobValue({
    format: "trevin-job",
    version: 1,
    connectors: [
      { name: "V", side: "vehicle", colourSystem: "iec", pins: v, ...onV },
      { name: "X", side: "incoming", colourSystem: "iec", pins: x, ...onX },
      ...more,
    ],
    decisions,
    ...file,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
/** One pin a side, joined. */
export const pair = (vehicle: Pin, incoming: Pin, more: Pin = {}): Case => ({
  v: [{ cavity: "1", ...vehicle }],
  x: [{ cavity: "A", ...incoming }],
  decisions: [join("1", "A", more)],
});
