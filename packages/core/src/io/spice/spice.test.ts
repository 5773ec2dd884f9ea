import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { circuitOf, frozen, jobNetwork, KEYS, solverOf, type Element } from "../../circuit/index.ts";
import { readJobFile } from "../../contract/index.ts";
import { stateAtEnd } from "../../plan/index.ts";
import { heldNodes, vehicleNetwork } from "../../testing/index.ts";
import { readSpice, writeSpice, type SpiceProblem } from "./index.ts";

const read = (...lines: readonly string[]) => {
  const netlist = readSpice(["title", ...lines].join("\n"));
  if (!netlist.ok) throw new Error(JSON.stringify(netlist.error));
  return netlist.value.elements;
};
const problem = (...lines: readonly string[]): SpiceProblem | null => {
  const netlist = readSpice(["title", ...lines].join("\n"));
  return netlist.ok ? null : netlist.error;
};

describe("readSpice", () => {
  it("reads values with their prefixes, comments and lines that go on", () => {
    expect(
      read(
        "* comment",
        "R1 a b 4.7k",
        "R2 a b 1MEG ; rest",
        "r3 A GND",
        "+ 2.2m",
        "V1 a 0 DC 12V $ battery",
        ".op",
        ".end",
        "X",
      ),
    ).toEqual([
      { kind: "resistor", name: "R1", a: "a", b: "b", ohms: 4700 },
      { kind: "resistor", name: "R2", a: "a", b: "b", ohms: 1e6 },
      { kind: "resistor", name: "r3", a: "a", b: "0", ohms: 0.0022 },
      { kind: "source", name: "V1", a: "a", b: "0", volts: 12 },
    ]);
  });
  it("reads diodes, switches and lamps with their models", () => {
    expect(
      read(
        "D1 a k dm",
        "S1 a b c 0 sm ON",
        "X1 b 0 lamp w=21",
        ".model DM D (IS=1e-9 N = 1.7)",
        ".model sm sw(ron=1m roff=1e9 vt=3 vh=1)",
      ),
    ).toEqual([
      { kind: "diode", name: "D1", a: "a", b: "k", saturation: 1e-9, ideality: 1.7 },
      {
        kind: "switch",
        name: "S1",
        a: "a",
        b: "b",
        on: 0.001,
        off: 1e9,
        closed: true,
        control: { plus: "c", minus: "0", pullIn: 4, dropOut: 2, atRest: false },
      },
      { kind: "lamp", name: "X1", a: "b", b: "0", volts: 12, amps: 1.75, exponent: 0.55 },
    ]);
  });
  it("the first line is the title, also where it looks like an element", () => {
    const netlist = readSpice("R1 a 0 5\nR2 a 0 5");
    expect(netlist.ok && [netlist.value.titleLooksLikeElement, netlist.value.elements.length]).toEqual([
      true,
      1,
    ]);
  });
  it.each([
    [["R1 a 0 x"], { line: 2, code: "not-a-number", text: "x" }],
    [["R1 a 0 -4"], { line: 2, code: "out-of-range", text: "R1 -4", wanted: "0 Ω or more" }],
    [["R1 a"], { line: 2, code: "too-short", text: "R1", wanted: "Rname node node ohms" }],
    [["R1 a 0 1", "", "R1 a 0 2"], { line: 4, code: "same-name", text: "R1", first: 2 }],
    [["D1 a 0 none"], { line: 2, code: "no-such-model", text: "none" }],
    [["Q1 a b c m"], { line: 2, code: "unknown-element", text: "Q1" }],
    [["R1 a 0 1", ".tran 1 2"], { line: 3, code: "unknown-statement", text: ".tran" }],
    [[], { line: 1, code: "empty" }],
  ])("%j is refused with its line", (lines, wanted) => {
    expect(problem(...lines)).toEqual(wanted);
  });
  it("anything gets a reading or a reason", () => {
    fc.assert(
      fc.property(fc.string({ unit: "binary", maxLength: 200 }), (text) => {
        const netlist = readSpice(`title\n${text}`);
        if (netlist.ok) circuitOf(netlist.value.elements).solve();
      }),
      { numRuns: 500 },
    );
  });
});

/** Nodes in the order in which writeSpice numbers them. */
function numbersOf(elements: readonly Element[]): ReadonlyMap<string, string> {
  const numbers = new Map([["0", "0"]]);
  for (const { a, b } of elements)
    for (const node of [a, b]) if (!numbers.has(node)) numbers.set(node, String(numbers.size));
  return numbers;
}

describe("writeSpice", () => {
  it("writes what readSpice reads as the same network", () => {
    fc.assert(
      fc.property(vehicleNetwork({ curved: true }), (elements) => {
        const back = readSpice(writeSpice("a network", elements));
        if (!back.ok) throw new Error(JSON.stringify(back.error));
        const [one, other] = [circuitOf(elements).solve(), circuitOf(back.value.elements).solve()];
        const held = heldNodes(elements);
        for (const [node, number] of numbersOf(elements))
          if (held.has(node)) expect(other.volts.get(number)).toBeCloseTo(one.volts.get(node) ?? NaN, 6);
      }),
      { numRuns: 100 },
    );
  });
});

const NGSPICE = spawnSync("ngspice", ["--version"]).status === 0;
if (!NGSPICE)
  process.stderr.write("\nNOT COMPARED WITH ngspice: it is not installed (apt-get install ngspice)\n\n");

/** Node voltages of several networks by ngspice, in one process: each is loaded, solved and printed in turn. */
function byNgspice(networks: readonly (readonly Element[])[]): readonly ReadonlyMap<string, number>[] {
  const folder = mkdtempSync(join(tmpdir(), "trevin-spice-"));
  const script = networks.flatMap((elements, i) => {
    const path = join(folder, `n${i}.cir`);
    writeFileSync(path, writeSpice(`network ${i}`, elements));
    return [`source ${path}`, "op", `echo network ${i}`, "print all", "destroy all", "remcirc"];
  });
  const all = ["all", ".control", "set numdgt=12", ...script, "quit 0", ".endc", ".end"].join("\n");
  writeFileSync(join(folder, "all.cir"), all);
  const run = spawnSync("ngspice", ["-b", join(folder, "all.cir")], { encoding: "utf8", maxBuffer: 1e9 });
  rmSync(folder, { recursive: true, force: true });
  const parts = run.stdout.split(/^network \d+$/m).slice(1);
  return parts.map(
    (part) =>
      new Map(
        [...part.matchAll(/^v\((\d+)\) = (\S+)$/gm)].map(([, node = "", value]) => [node, Number(value)]),
      ),
  );
}

/** Compares every node that is held; gives how many were. */
function compared(
  networks: readonly (readonly Element[])[],
  share: (elements: readonly Element[]) => number,
): number {
  const theirs = byNgspice(networks);
  expect(theirs.length).toBe(networks.length);
  let count = 0;
  networks.forEach((elements, i) => {
    const point = circuitOf(elements).solve();
    const held = heldNodes(elements);
    for (const [node, number] of numbersOf(elements)) {
      const value = theirs[i]?.get(number);
      if (value === undefined || !held.has(node)) continue;
      count++;
      const own = point.volts.get(node) ?? NaN;
      const off = Math.abs(own - value);
      expect(off, `network ${i} ${node}: ${own} for ${value}`).toBeLessThanOrEqual(
        share(elements) * Math.abs(value) + 1e-6,
      );
    }
  });
  return count;
}
/** 1e-6 for straight networks; diodes and filaments within ngspice's own tolerance. */
const tolerance = (elements: readonly Element[]): number =>
  elements.some(({ kind }) => kind === "diode" || kind === "lamp") ? 1e-5 : 1e-6;

describe.skipIf(!NGSPICE)("beside ngspice", () => {
  it("gives the node voltages of 200 random vehicle networks, straight and curved", () => {
    const networks = [
      ...fc.sample(vehicleNetwork({ branches: 40 }), { numRuns: 120, seed: 11 }),
      ...fc.sample(vehicleNetwork({ branches: 40, curved: true }), { numRuns: 80, seed: 12 }),
    ];
    expect(compared(networks, tolerance)).toBeGreaterThan(1200);
  });
  it("gives those of every demo job, in each position of the key, at rest and with everything on", () => {
    const folder = new URL("../../../../server/demo/", import.meta.url);
    const networks = readdirSync(folder).flatMap((name) => {
      const read = readJobFile(readFileSync(new URL(name, folder), "utf8"));
      if (!read.ok) throw new Error(name);
      const { dossier } = read.value;
      const network = jobNetwork(dossier, stateAtEnd(dossier));
      const solve = solverOf(network);
      return KEYS.flatMap((key) =>
        (["none", "all"] as const).map((drive) => frozen(network.elements, solve(key, drive))),
      );
    });
    expect(compared(networks, tolerance)).toBeGreaterThan(1000);
  });
});
