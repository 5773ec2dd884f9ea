import fc from "fast-check";
import { LU, Matrix } from "ml-matrix";
import { describe, expect, it } from "vitest";
import { heldNodes, vehicleNetwork } from "../testing/index.ts";
import { circuitOf, type Element, type OperatingPoint } from "./index.ts";

const close = (
  a: number | null | undefined,
  b: number | null | undefined,
  share = 1e-9,
  floor = 1e-9,
): boolean =>
  a === null || b === null
    ? a === b
    : Math.abs((a ?? NaN) - (b ?? NaN)) <= Math.max(share * Math.abs(b ?? 0), floor);

/** Conductance of an element of a straight network, S. */
const siemens = (element: Element): number => {
  if (element.kind === "resistor") return 1 / element.ohms;
  return element.kind === "switch" ? 1 / (element.closed ? element.on : element.off) : 0;
};

/** Nodal analysis with a dense matrix: every source that stands on ground fixes its node. */
function byDenseLu(elements: readonly Element[]): ReadonlyMap<string, number> {
  const fixed = new Map<string, number>([["0", 0]]);
  for (const one of elements) if (one.kind === "source") fixed.set(one.a, one.volts);
  const nodes = [...new Set(elements.flatMap(({ a, b }) => [a, b]))].filter((node) => !fixed.has(node));
  const at = new Map(nodes.map((node, i) => [node, i]));
  const g = Matrix.zeros(nodes.length, nodes.length);
  const right = Matrix.zeros(nodes.length, 1);
  for (const one of elements) {
    const s = siemens(one);
    for (const [near, far] of [
      [one.a, one.b],
      [one.b, one.a],
    ] as const) {
      const i = at.get(near);
      if (i === undefined) continue;
      g.set(i, i, g.get(i, i) + s);
      const j = at.get(far);
      if (j === undefined) right.set(i, 0, right.get(i, 0) + s * (fixed.get(far) ?? 0));
      else g.set(i, j, g.get(i, j) - s);
    }
  }
  const solved = new LU(g).solve(right);
  return new Map([...fixed, ...nodes.map((node, i) => [node, solved.get(i, 0)] as const)]);
}

const volts = (point: OperatingPoint, node: string): number => point.volts.get(node) ?? NaN;

describe("laws", () => {
  it("agrees with dense LU (ml-matrix) on every node that is held", () => {
    let compared = 0;
    fc.assert(
      fc.property(vehicleNetwork(), (elements) => {
        const point = circuitOf(elements).solve();
        const held = heldNodes(elements);
        for (const [node, value] of byDenseLu(elements)) {
          if (!held.has(node)) continue;
          compared++;
          expect(
            close(point.volts.get(node), value, 1e-7),
            `${node}: ${point.volts.get(node)} for ${value}`,
          ).toBe(true);
        }
      }),
      { numRuns: 300 },
    );
    expect(compared).toBeGreaterThan(2000);
  });
  it("gives the power that it takes, straight or curved", () => {
    fc.assert(
      fc.property(vehicleNetwork({ curved: true }), (elements) => {
        const point = circuitOf(elements).solve();
        let [sum, most] = [0, 0];
        for (const { name, a, b } of elements) {
          const watts = (volts(point, a) - volts(point, b)) * (point.amps.get(name) ?? NaN);
          if (Number.isNaN(watts)) continue;
          sum += watts;
          most = Math.max(most, Math.abs(watts));
        }
        expect(Math.abs(sum)).toBeLessThanOrEqual(1e-6 * most + 1e-9);
      }),
      { numRuns: 300 },
    );
  });
  it("does not depend on the order of the elements, nor on which end is written first", () => {
    fc.assert(
      fc.property(vehicleNetwork({ curved: true }), fc.infiniteStream(fc.nat()), (elements, stream) => {
        const shuffled = elements
          .map((element) => ({ element, key: stream.next().value as number }))
          .sort((x, y) => x.key - y.key)
          .map(({ element, key }): Element =>
            key % 2 === 1 && (element.kind === "resistor" || element.kind === "lamp")
              ? { ...element, a: element.b, b: element.a }
              : element,
          );
        const [one, other] = [circuitOf(elements).solve(), circuitOf(shuffled).solve()];
        const held = heldNodes(elements);
        for (const [node, value] of one.volts)
          if (held.has(node)) expect(close(other.volts.get(node), value), node).toBe(true);
      }),
      { numRuns: 200 },
    );
  });
  it("superposes: two sources together give the sum of each alone", () => {
    fc.assert(
      fc.property(vehicleNetwork(), fc.double({ min: -20, max: 20, noNaN: true }), (elements, amps) => {
        const drive = (value: number): Element => ({
          kind: "current",
          name: "drive",
          a: "0",
          b: "bus",
          amps: value,
        });
        const dead = elements.map((one): Element => (one.kind === "source" ? { ...one, volts: 0 } : one));
        const both = circuitOf([...elements, drive(amps)]).solve();
        const battery = circuitOf([...elements, drive(0)]).solve();
        const alone = circuitOf([...dead, drive(amps)]).solve();
        for (const node of heldNodes(elements))
          expect(close(both.volts.get(node), volts(battery, node) + volts(alone, node), 1e-7, 1e-8)).toBe(
            true,
          );
      }),
      { numRuns: 150 },
    );
  });
  it("is reciprocal: a current at one node moves another as the other way round", () => {
    fc.assert(
      fc.property(vehicleNetwork(), fc.nat(), fc.nat(), (elements, i, j) => {
        const dead = elements.map((one): Element => (one.kind === "source" ? { ...one, volts: 0 } : one));
        const nodes = [...heldNodes(elements)];
        const [one = "bus", other = "bus"] = [nodes[i % nodes.length], nodes[j % nodes.length]];
        const moved = (from: string, at: string): number =>
          volts(
            circuitOf([...dead, { kind: "current", name: "drive", a: "0", b: from, amps: 1 }]).solve(),
            at,
          );
        expect(close(moved(one, other), moved(other, one), 1e-7, 1e-10)).toBe(true);
      }),
      { numRuns: 150 },
    );
  });
  it("a conductance more to ground raises no voltage above ground", () => {
    fc.assert(
      fc.property(vehicleNetwork({ curved: true }), fc.nat(), (elements, i) => {
        const nodes = [...heldNodes(elements)].filter((node) => node !== "0");
        const at = nodes[i % nodes.length] ?? "bus";
        const before = circuitOf(elements).solve();
        const after = circuitOf([
          ...elements,
          { kind: "resistor", name: "more", a: at, b: "0", ohms: 5 },
        ]).solve();
        for (const node of nodes) expect(volts(after, node)).toBeLessThanOrEqual(volts(before, node) + 1e-8);
      }),
      { numRuns: 150 },
    );
  });
  it("one circuit for all positions gives what a new one for each gives", () => {
    fc.assert(
      fc.property(
        vehicleNetwork({ curved: true }),
        fc.array(fc.boolean(), { minLength: 40, maxLength: 40 }),
        (elements, bits) => {
          const named = elements.filter(({ kind }) => kind === "switch").map(({ name }) => name);
          const closed = new Map(named.map((name, i) => [name, bits[i] === true]));
          const set = elements.map((one): Element =>
            one.kind === "switch" ? { ...one, closed: closed.get(one.name) === true } : one,
          );
          const [one, other] = [circuitOf(elements).solve(closed), circuitOf(set).solve()];
          for (const [node, value] of other.volts) expect(close(one.volts.get(node), value), node).toBe(true);
        },
      ),
      { numRuns: 100 },
    );
  });
  it("answers a ladder of ten thousand nodes, and milliohms beside gigohms", () => {
    const ladder = Array.from({ length: 10_000 }, (_, i): Element[] => [
      { kind: "resistor", name: `s${i}`, a: String(i), b: String(i + 1), ohms: 0.001 },
      { kind: "resistor", name: `p${i}`, a: String(i + 1), b: "0", ohms: 1e9 },
    ]).flat();
    const elements: readonly Element[] = [
      { kind: "source", name: "v", a: "top", b: "0", volts: 12 },
      { kind: "resistor", name: "first", a: "top", b: "1", ohms: 0.001 },
      ...ladder.slice(1),
    ];
    const point = circuitOf(elements).solve();
    // Closed form of a ladder of equal sections.
    const a = Math.sqrt(0.001 / 1e9);
    expect(point.volts.get("10000")).toBeCloseTo((12 * Math.cosh(a / 2)) / Math.cosh(10_000.5 * a), 10);
    expect(point.residual).toBeLessThan(1e-12);
  });
});
