import fc from "fast-check";
import type { Element } from "../circuit/index.ts";

export interface NetworkOptions {
  readonly branches?: number;
  readonly least?: number;
  /** Diodes and filament lamps as well. */
  readonly curved?: boolean;
}

const spreadOver = (low: number, high: number): fc.Arbitrary<number> =>
  fc.double({ min: Math.log(low), max: Math.log(high), noNaN: true }).map(Math.exp);
const VALUES = fc.record({
  kind: fc.constantFrom("wire", "wire", "wire", "fuse", "switch", "load", "load", "coil", "pull-up"),
  from: fc.nat(),
  back: fc.nat(),
  wire: spreadOver(0.002, 0.2),
  load: spreadOver(0.5, 400),
  high: spreadOver(1e3, 1e6),
  closed: fc.boolean(),
  curve: fc.nat(3),
  turned: fc.boolean(),
});

/**
 * A vehicle in small: a battery with its inner resistance, ground straps, and branches that go on from any node before them:
 * wires, fuses, switches, loads down to a ground, and pull-ups back to the supply.
 */
export function vehicleNetwork({
  branches = 30,
  least = 3,
  curved = false,
}: NetworkOptions = {}): fc.Arbitrary<readonly Element[]> {
  return fc
    .tuple(
      fc.double({ min: 9, max: 15, noNaN: true }),
      spreadOver(0.004, 0.05),
      fc.array(VALUES, { minLength: least, maxLength: branches, size: "max" }),
    )
    .map(([volts, inner, values]) => {
      const elements: Element[] = [
        { kind: "source", name: "battery", a: "post", b: "0", volts },
        { kind: "resistor", name: "inner", a: "post", b: "bus", ohms: inner },
        { kind: "resistor", name: "strap1", a: "earth1", b: "0", ohms: 0.0007 },
        { kind: "resistor", name: "strap2", a: "earth2", b: "0", ohms: 0.003 },
      ];
      const nodes = ["bus"];
      values.forEach(({ kind, from, back, wire, load, high, closed, curve, turned }, i) => {
        const a = nodes[from % nodes.length] ?? "bus";
        const name = `e${i}`;
        const next = `n${i}`;
        const earth = back % 2 === 0 ? "earth1" : "earth2";
        switch (kind) {
          case "wire":
          case "fuse":
            nodes.push(next);
            if (curved && curve === 0) {
              const [plus, minus] = turned ? [next, a] : [a, next];
              elements.push({
                kind: "diode",
                name,
                a: plus,
                b: minus,
                saturation: 1e-12,
                ideality: 1 + wire,
              });
            } else elements.push({ kind: "resistor", name, a, b: next, ohms: wire });
            break;
          case "switch":
            nodes.push(next);
            elements.push({ kind: "switch", name, a, b: next, on: 0.002, off: 1e9, closed, control: null });
            break;
          case "load":
          case "coil":
            if (curved && curve < 2)
              elements.push({
                kind: "lamp",
                name,
                a,
                b: earth,
                volts: 12,
                amps: 12 / (1 + load),
                exponent: 0.55,
              });
            else elements.push({ kind: "resistor", name, a, b: earth, ohms: load });
            break;
          default: {
            const other = nodes[back % nodes.length] ?? "bus";
            if (other !== a) elements.push({ kind: "resistor", name, a, b: other, ohms: high });
          }
        }
      });
      return elements;
    });
}

/** Nodes that something well under a megohm ties to ground in both directions: what is compared between solvers. */
export function heldNodes(elements: readonly Element[]): ReadonlySet<string> {
  const held = new Set(["0"]);
  const ties = elements.filter(
    (one) =>
      one.kind === "source" ||
      one.kind === "lamp" ||
      (one.kind === "resistor" && one.ohms < 1e5) ||
      (one.kind === "switch" && one.closed),
  );
  for (let before = 0; before !== held.size;) {
    before = held.size;
    for (const { a, b } of ties) if (held.has(a) || held.has(b)) held.add(a).add(b);
  }
  return held;
}

/** One network of exactly so many branches, always the same for one seed. */
export const networkSample = (branches: number, seed: number): readonly Element[] =>
  fc.sample(vehicleNetwork({ least: branches, branches }), { numRuns: 1, seed })[0] ?? [];
