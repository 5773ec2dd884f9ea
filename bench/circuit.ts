import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { performance } from "node:perf_hooks";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { circuitOf, proofOf, stateAtEnd, writeSpice, type Element } from "../packages/core/src/index.ts";
import { networkSample } from "../packages/core/src/testing/index.ts";
import { decided } from "./plan.ts";
import { median, round, say } from "./tools.ts";

/** Fewer for the largest: the other simulator takes minutes there. */
const STATES: Readonly<Record<number, number>> = { 20: 100, 100: 100, 500: 20, 2000: 4 };
const nodesOf = (elements: readonly Element[]): number =>
  new Set(elements.flatMap(({ a, b }) => [a, b])).size;

/** Nearly five of nine branches of a random network end in a new node. */
const BRANCHES = 9 / 5;
/** A network of about so many nodes. */
const networkOf = (nodes: number): readonly Element[] => networkSample(Math.round(nodes * BRANCHES), nodes);
/** Positions of all switches, the same for both solvers. */
const positions = (switches: readonly string[], count: number): readonly ReadonlyMap<string, boolean>[] =>
  Array.from(
    { length: count },
    (_, n) => new Map(switches.map((name, i) => [name, ((n * 7919 + i * 104729) >> 3) % 2 === 0])),
  );

/** Seconds that ngspice takes in one process for so many operating points, its start taken off. */
function ngspice(
  elements: readonly Element[],
  states: readonly ReadonlyMap<string, boolean>[],
): number | null {
  const folder = mkdtempSync(join(tmpdir(), "trevin-bench-"));
  const at = new Map(elements.map(({ name }, i) => [name, i + 1]));
  const run = (points: readonly ReadonlyMap<string, boolean>[]): number => {
    const alters = points.flatMap((closed) => [
      ...[...closed].map(([name, on]) => `alter vcontrol${at.get(name)} = ${on ? 1 : 0}`),
      "op",
    ]);
    const control = [".control", ...alters, "quit 0", ".endc", ".end"].join("\n");
    const path = join(folder, "all.cir");
    writeFileSync(path, writeSpice("network", elements).replace(/^\.op\n\.end\n/m, `${control}\n`));
    const began = performance.now();
    const { status } = spawnSync("ngspice", ["-b", path], { encoding: "utf8", maxBuffer: 1e9 });
    return status === 0 ? performance.now() - began : Number.NaN;
  };
  const [none, all] = [run([]), run(states)];
  rmSync(folder, { recursive: true, force: true });
  return Number.isNaN(all) ? null : all - none;
}

/** The solver beside ngspice on the same networks, and the proof of a large job. */
export function circuits(): void {
  for (const wanted of [20, 100, 500, 2000]) {
    const elements = networkOf(wanted);
    const switches = elements.filter(({ kind }) => kind === "switch").map(({ name }) => name);
    const states = positions(switches, STATES[wanted] ?? 0);
    const one = median(5, () => circuitOf(elements).solve());
    const circuit = circuitOf(elements);
    const many = median(3, () => states.forEach((closed) => circuit.solve(closed)));
    const theirs = spawnSync("ngspice", ["--version"]).status === 0 ? ngspice(elements, states) : null;
    const beside =
      theirs === null ? "ngspice not there" : `ngspice ${round(theirs)} ms (ratio ${round(many / theirs)})`;
    say(
      `circuit of ${nodesOf(elements)} nodes, ${switches.length} switches: one state ${round(one)} ms with its order; ${states.length} states ${round(many)} ms, ${beside}`,
    );
  }
  for (const pins of [250, 500]) {
    const dossier = decided(pins);
    const state = stateAtEnd(dossier);
    say(`proof of a job of ${pins} decided pins: ${round(median(3, () => proofOf(dossier, state)))} ms`);
  }
}
