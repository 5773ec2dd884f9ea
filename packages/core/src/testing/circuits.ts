import { readFileSync } from "node:fs";
import type { Element } from "../circuit/index.ts";

/** One element as the reference files write it. */
export interface WrittenElement {
  readonly t: "R" | "V" | "I" | "D" | "SW" | "LAMP";
  readonly id: string;
  readonly a?: string | number;
  readonly b?: string | number;
  readonly p?: string | number;
  readonly n?: string | number;
  readonly k?: string | number;
  readonly r?: number | string;
  readonly v?: number;
  readonly i?: number;
  readonly is?: number;
  readonly ron?: number;
  readonly roff?: number;
  readonly closed?: boolean;
  readonly i0?: number;
  readonly v0?: number;
  readonly exp?: number;
}

const number = (value: number | string | undefined): number => {
  const [top = 0, bottom = 1] = String(value).split("/").map(Number);
  return top / bottom;
};

/** An element of the reference files; `n` of a diode is its ideality, of a source its minus. */
export function elementOf(written: WrittenElement): Element {
  const node = (value: string | number | undefined): string => String(value);
  const placed = { name: written.id, a: node(written.a), b: node(written.b) };
  switch (written.t) {
    case "R":
      return { ...placed, kind: "resistor", ohms: number(written.r) };
    case "V":
      return { ...placed, a: node(written.p), b: node(written.n), kind: "source", volts: number(written.v) };
    case "I":
      return { ...placed, kind: "current", amps: number(written.i) };
    case "D":
      return {
        ...placed,
        b: node(written.k),
        kind: "diode",
        saturation: written.is ?? 0,
        ideality: Number(written.n),
      };
    case "LAMP":
      return {
        ...placed,
        kind: "lamp",
        amps: written.i0 ?? 0,
        volts: written.v0 ?? 0,
        exponent: written.exp ?? 0,
      };
    case "SW":
      return {
        ...placed,
        kind: "switch",
        on: written.ron ?? 0,
        off: written.roff ?? Infinity,
        closed: written.closed === true,
        control: null,
      };
  }
}

export const circuitReference = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`./reference/circuits/${name}.json`, import.meta.url), "utf8"));
