import { describe, expect, it } from "vitest";
import { circuitReference, elementOf, type WrittenElement } from "../testing/circuits.ts";
import { circuitOf, type Element, type OperatingPoint } from "./index.ts";

interface Vector {
  readonly id: string;
  readonly elements: readonly WrittenElement[];
  readonly v: Readonly<Record<string, number>>;
  readonly i?: Readonly<Record<string, number>>;
}
interface StateCase {
  readonly closed: readonly boolean[];
  readonly v: readonly (number | null)[];
  readonly floating: readonly number[];
  readonly via_diode_only?: readonly number[];
}
const vectors = (name: string): readonly Vector[] =>
  (circuitReference(name) as { vectors: readonly Vector[] }).vectors;

const near = (got: number | null | undefined, wanted: number, share: number, floor = 1e-12): boolean =>
  typeof got === "number" && Math.abs(got - wanted) <= Math.max(share * Math.abs(wanted), floor);
const r = (name: string, a: string, b: string, ohms: number): Element => ({
  kind: "resistor",
  name,
  a,
  b,
  ohms,
});
const v = (name: string, a: string, b: string, volts: number): Element => ({
  kind: "source",
  name,
  a,
  b,
  volts,
});
const volts = (point: OperatingPoint, node: string): number | null | undefined => point.volts.get(node);

describe("against the outside", () => {
  it.each(vectors("linear").map((one) => [one.id, one] as const))(
    "textbook network %s (closed forms, confirmed with exact fractions)",
    (_, { elements, v: wanted, i = {} }) => {
      const point = circuitOf(elements.map(elementOf)).solve();
      for (const [node, value] of Object.entries(wanted))
        expect(near(volts(point, node), value, 1e-12), `${node}: ${volts(point, node)} for ${value}`).toBe(
          true,
        );
      for (const [name, value] of Object.entries(i))
        expect(near(point.amps.get(name), value, 1e-9), `${name}: ${point.amps.get(name)} for ${value}`).toBe(
          true,
        );
    },
  );
  it.each(vectors("diode").map((one) => [one.id, one] as const))(
    "%s (scalar root finding, Shockley's law)",
    (_, { elements, v: wanted, i = {} }) => {
      const point = circuitOf(elements.map(elementOf)).solve();
      for (const [node, value] of Object.entries(wanted))
        expect(near(volts(point, node), value, 1e-9)).toBe(true);
      for (const [name, value] of Object.entries(i))
        expect(near(point.amps.get(name), value, 1e-7)).toBe(true);
    },
  );
  it.each(vectors("lamp-law").map((one) => [one.id, one] as const))(
    "%s (ngspice)",
    (_, { elements, v: wanted }) => {
      const point = circuitOf(elements.map(elementOf)).solve();
      for (const [node, value] of Object.entries(wanted))
        expect(near(volts(point, node), value, 1e-9)).toBe(true);
    },
  );
  it.each(["N20-s1-linear", "N20-s1-diodes", "N100-s1-linear", "N100-s1-diodes"])(
    "random vehicle network %s in each recorded state (ngspice, dense LU)",
    (name) => {
      const file = circuitReference(name) as {
        readonly elements: readonly WrittenElement[];
        readonly cases: readonly StateCase[];
      };
      const circuit = circuitOf(file.elements.map(elementOf));
      const switches = file.elements.filter(({ t }) => t === "SW");
      let compared = 0;
      for (const { closed, v: wanted, floating, via_diode_only: behind = [] } of file.cases) {
        const point = circuit.solve(new Map(switches.map(({ id }, i) => [id, closed[i] === true])));
        wanted.forEach((value, node) => {
          if (value === null || floating.includes(node) || behind.includes(node)) return;
          compared++;
          const got = volts(point, String(node));
          expect(near(got, value, 1e-6, 1e-9), `${node}: ${got} for ${value}`).toBe(true);
        });
      }
      expect(compared).toBeGreaterThan(20);
    },
  );
});

describe("what is ideal", () => {
  it("two sources that differ are named, and the rest of the network is answered", () => {
    const point = circuitOf([
      v("main", "1", "0", 12),
      v("other", "1", "0", 5),
      r("load", "1", "0", 10),
      v("aside", "2", "0", 9),
      r("far", "2", "0", 9),
    ]).solve();
    expect(point.notes).toEqual([{ kind: "contradiction", elements: ["main", "other"], volts: 7 }]);
    expect([volts(point, "1"), volts(point, "2")]).toEqual([null, 9]);
    expect(point.amps.get("load")).toBe(null);
    expect(point.amps.get("far")).toBe(1);
  });
  it("a source across a bare wire is a contradiction", () => {
    const point = circuitOf([v("main", "1", "0", 12), r("link", "1", "0", 0)]).solve();
    expect(point.notes[0]).toMatchObject({ kind: "contradiction", volts: 12 });
  });
  it("bare wires carry what flows, and in a ring share it as nobody knows", () => {
    const line = [
      v("main", "1", "0", 12),
      r("bare", "1", "2", 0),
      r("load", "2", "3", 6),
      r("back", "3", "0", 0),
    ];
    expect(circuitOf(line).solve().amps.get("bare")).toBe(2);
    expect(circuitOf(line).solve().amps.get("back")).toBe(2);
    expect(circuitOf(line).solve().amps.get("main")).toBe(-2);
    const ring = circuitOf([...line, r("twin", "1", "2", 0)]).solve();
    expect(ring.amps.get("bare")).toBe(null);
    expect(ring.amps.get("main")).toBe(-2);
    expect(ring.notes).toEqual([{ kind: "free-division", elements: ["bare", "twin"] }]);
  });
  it("an island floats, with its currents", () => {
    const point = circuitOf([
      r("load", "1", "0", 10),
      v("cell", "p", "q", 1.5),
      r("inside", "p", "q", 3),
    ]).solve();
    expect(point.floating).toEqual(["p", "q"]);
    expect(volts(point, "p")).toBe(null);
    expect(point.amps.get("inside")).toBe(0.5);
  });
  it("a current without a way back is named", () => {
    const point = circuitOf([
      { kind: "current", name: "drive", a: "0", b: "p", amps: 1 },
      r("load", "p", "q", 10),
      r("other", "1", "0", 10),
    ]).solve();
    expect(point.notes).toEqual([{ kind: "no-return", elements: ["drive"] }]);
    expect(volts(point, "1")).toBe(0);
  });
});

describe("trade facts (common practice, no source)", () => {
  const lamp = (name: string, a: string, b: string, watts = 21): Element => ({
    kind: "lamp",
    name,
    a,
    b,
    volts: 12,
    amps: watts / 12,
    exponent: 0.55,
  });
  it("two equal lamps in series take half the voltage each", () => {
    const point = circuitOf([v("battery", "1", "0", 12), lamp("l", "1", "2"), lamp("r", "2", "0")]).solve();
    expect(volts(point, "2")).toBeCloseTo(6, 9);
  });
  it("a lamp whose ground is lost glows through the other lamps of its plug", () => {
    const point = circuitOf([
      v("battery", "s", "0", 12),
      lamp("stop", "s", "g"),
      lamp("tail", "t", "g", 5),
      lamp("other", "t", "0", 5),
    ]).solve();
    const across = (volts(point, "s") ?? 0) - (volts(point, "g") ?? 0);
    expect(across).toBeGreaterThan(0);
    expect(across).toBeLessThan(2);
    expect(volts(point, "t")).toBeGreaterThan(4);
  });
});

describe("contacts that are worked", () => {
  const relay = (
    name: string,
    plus: string,
    minus: string,
    a: string,
    b: string,
    atRest = false,
  ): Element => ({
    kind: "switch",
    name,
    a,
    b,
    on: 0.005,
    off: Infinity,
    closed: atRest,
    control: { plus, minus, pullIn: 7.2, dropOut: 1.2, atRest },
  });
  const battery = v("battery", "30", "0", 12);
  it("pull in one after the other", () => {
    const point = circuitOf([
      battery,
      r("coil1", "30", "0", 85),
      relay("k1", "30", "0", "30", "86"),
      r("coil2", "86", "0", 85),
      relay("k2", "86", "0", "30", "87"),
      r("load", "87", "0", 6),
    ]).solve();
    expect(point.closed.get("k2")).toBe(true);
    expect(point.amps.get("load")).toBeCloseTo(12 / 6.005, 6);
    expect(point.notes).toEqual([]);
  });
  it("a winding fed over its own contact at rest buzzes", () => {
    const point = circuitOf([
      battery,
      r("coil", "86", "0", 85),
      relay("k", "86", "0", "30", "86", true),
    ]).solve();
    expect(point.notes).toEqual([{ kind: "buzzes", elements: ["k"] }]);
  });
  it("two relays that each open the other's winding race", () => {
    const point = circuitOf([
      battery,
      r("coil1", "a", "0", 85),
      relay("k1", "b", "0", "30", "a", true),
      r("coil2", "b", "0", 85),
      relay("k2", "a", "0", "30", "b", true),
    ]).solve();
    expect(point.notes.map(({ kind }) => kind)).toEqual(["race"]);
  });
  it("a holding contact keeps what a push has started", () => {
    const elements: readonly Element[] = [
      battery,
      {
        kind: "switch",
        name: "push",
        a: "30",
        b: "86",
        on: 0.01,
        off: Infinity,
        closed: false,
        control: null,
      },
      relay("k", "86", "0", "30", "86"),
      r("coil", "86", "0", 85),
    ];
    const circuit = circuitOf(elements);
    expect(circuit.solve().closed.get("k")).toBe(false);
    expect(circuit.solve(new Map([["push", true]])).closed.get("k")).toBe(true);
  });
});
