import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { fileOf, FIRST_LINK, planWork, seal, type StoredEntry, type What } from "@trevin/core";
import { readJobFile } from "@trevin/core/contract";
import { entriesOf } from "@trevin/core/testing";
import { describe, expect, it } from "vitest";
import { report, trevin } from "./run.ts";

const BIN = fileURLToPath(new URL("../bin/trevin.mjs", import.meta.url));
const DEMO = fileURLToPath(new URL("../../server/demo/levelling.trevin.json", import.meta.url));
describe("trevin", () => {
  it("runs as a program of its own, with standard input and exit codes", () => {
    const spawned = (args: readonly string[], input = "") =>
      spawnSync(process.execPath, [BIN, ...args], { encoding: "utf8", input });
    expect(spawned(["colour", "--column", "-"], "L/W\n")).toMatchObject({
      status: 0,
      stderr: "",
      stdout: expect.stringContaining("blue, white stripe"),
    });
    expect(spawned(["weld", DEMO])).toMatchObject({
      status: 2,
      stdout: "",
      stderr: expect.stringContaining('no command "weld"'),
    });
  });
  it("explains itself", async () => {
    expect(await trevin(["--help"])).toMatchObject({
      status: 0,
      stdout: expect.stringContaining("trevin match JOB.json"),
    });
    expect((await trevin([])).status).toBe(2);
  });
  it("matches the demo by function and names the trap and the missing feed", async () => {
    const match = (await report("match", DEMO)) as {
      pairs: { vehicle: string; incoming: string; sure: string }[];
      hazards: { rule: string; pins: string[] }[];
      colourForColour: { damage: number };
    };
    expect(match.pairs).toContainEqual(
      expect.objectContaining({ vehicle: "B12.5", incoming: "AL-P.H", sure: "sure" }),
    );
    expect(match.hazards).toContainEqual(
      expect.objectContaining({
        rule: "same-colour-other-function",
        pins: ["B12.1", "AL-P.C", "AL-P.K", "B12.13"],
      }),
    );
    expect(match.hazards).toContainEqual(expect.objectContaining({ rule: "missing-feed", pins: ["AL-P.B"] }));
    expect(match.colourForColour.damage).toBe(1);
  });
  it("plans with a second opinion and lists what stands in the way", async () => {
    const plan = (await report("plan", DEMO)) as {
      steps: { words: string }[];
      fault: unknown;
      blocks: string[];
    };
    expect(plan.fault).toBeNull();
    expect(plan.blocks).toContain("AL-P.B is undecided");
    const at = (verb: string): number => plan.steps.findIndex(({ words }) => words.startsWith(verb));
    expect(at("Battery off")).toBeGreaterThanOrEqual(0);
    expect(at("Battery off")).toBeLessThan(at("Unplug"));
    const { kit, methods } = plan as unknown as {
      kit: { what: string; count: number }[];
      methods: { method: string; joints: number; moved: number }[];
    };
    // Decided in the demo: two splices (4 wires meet in 2 joints) and four moves.
    expect(kit).toContainEqual(
      expect.objectContaining({ what: "butt splice", size: "3.5 mm² together", count: 1 }),
    );
    expect(methods.map(({ method, joints, moved }) => [method, joints, moved])).toEqual([
      ["as-decided", 2, 4],
      ["move", 0, 6],
      ["splice", 6, 0],
      ["adapter", 0, 0],
    ]);
    expect(await report("validate", DEMO)).toMatchObject({ valid: true, pins: 30, unreadColours: [] });
  });
  it("plans on from what the ledger in the file says was done, and checks it from where that work began", async () => {
    const read = readJobFile(readFileSync(DEMO, "utf8"));
    if (!read.ok) throw new Error("unread");
    const { dossier } = read.value;
    const { steps } = planWork(dossier);
    const whats: readonly What[] = [
      { kind: "baseline", head: dossier.head, connectors: dossier.connectors, begins: "plugged" },
      ...steps
        .slice(0, 4)
        .map(({ id, decision, op }): What => ({ kind: "done", step: id, decision, op, note: "" })),
    ];
    const ledger = entriesOf(whats).reduce<readonly StoredEntry[]>(
      (chain, entry) => [...chain, seal({ ...entry, prev: chain.at(-1)?.hash ?? FIRST_LINK })],
      [],
    );
    const begun = await trevin(["plan", "-"], JSON.stringify(fileOf({ dossier, ledger })));
    expect(begun).toMatchObject({ status: 0, stderr: "" });
    const plan = JSON.parse(begun.stdout) as { steps: { id: string; state: string }[]; fault: unknown };
    expect(plan.fault).toBeNull();
    expect(plan.steps.map(({ state }) => state).slice(0, 6)).toEqual([
      "done",
      "done",
      "done",
      "done",
      "open",
      "open",
    ]);
    expect(plan.steps.map(({ id }) => id)).toEqual(steps.map(({ id }) => id));
    expect(JSON.parse((await trevin(["check", "-"], begun.stdout)).stdout)).toMatchObject({ rule: null });
  });
  it("checks a plan as it was printed, and one that a hand has spoiled", async () => {
    const plan = (await report("plan", DEMO)) as { steps: { kind: string; discharges: string | null }[] };
    const check = async (steps: readonly unknown[]): Promise<unknown> =>
      JSON.parse((await trevin(["check", "-"], JSON.stringify({ ...plan, steps }))).stdout);
    expect(await check(plan.steps)).toEqual({
      steps: plan.steps.length,
      rule: null,
      step: null,
      fault: null,
    });
    const off = plan.steps.findIndex(({ kind }) => kind === "battery-off");
    expect(await check(plan.steps.filter((_, i) => i !== off))).toMatchObject({
      rule: "step-cannot-be-done",
      fault: expect.stringContaining("battery is connected"),
    });
    const tug = plan.steps.findIndex(({ kind }) => kind === "tug");
    expect(await check(plan.steps.filter((_, i) => i !== tug))).toMatchObject({
      rule: "not-tugged",
      step: expect.any(Number),
    });
    expect((await trevin(["check", "-"], JSON.stringify({ steps: [] }))).status).toBe(1);
  });
  it("reads standard input, and tells bad input (1) from a wrong command line (2)", async () => {
    const small = JSON.stringify({
      format: "trevin-job",
      version: 1,
      connectors: [
        { name: "A", pins: [{ cavity: "1", function: "Horn" }] },
        { name: "B", pins: [{ cavity: "1", function: "Horn" }] },
      ],
    });
    expect(await trevin(["match", "-"], small)).toMatchObject({ status: 0, stderr: "" });
    expect(await trevin(["match", "-"], small.slice(0, 60))).toMatchObject({
      status: 1,
      stdout: "",
      stderr: expect.stringContaining("line 1"),
    });
    expect(await trevin(["plan", "/nowhere.json"])).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("/nowhere.json"),
    });
    expect(await trevin(["weld", DEMO])).toMatchObject({
      status: 2,
      stderr: expect.stringContaining('no command "weld"'),
    });
    expect((await trevin(["match"])).status).toBe(2);
    expect((await trevin(["match", DEMO, "--colour"])).status).toBe(2);
  });
  it("reads a colour in every system, or in the declared one with what else it could be", async () => {
    expect(await report("colour", "SW/GN")).toMatchObject({
      ambiguous: false,
      readings: [
        { systems: ["german"], words: "black, green stripe", codes: { iec: "BK/GN", japanese: "B/G" } },
      ],
    });
    expect(await report("colour", "BR", "--system", "japanese")).toMatchObject({
      words: "brown",
      ambiguous: true,
      readings: [{ words: "brown" }, { words: "black, red stripe" }],
    });
    expect(await report("colour", "0.75 SW/GN", "--system", "german")).toMatchObject({
      size: "0.75",
      base: "black",
      stripes: ["green"],
    });
    expect(await trevin(["colour", "SW", "--system", "iec"])).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("German abbreviations would read it"),
    });
    expect((await trevin(["colour", "SW", "--system", "french"])).status).toBe(2);
  });
  it("locates a cavity in the hold that is asked for, draws its face, and follows its wire", async () => {
    expect(await report("locate", DEMO, "B12", "4")).toMatchObject({
      pin: "B12.4",
      words: "wire side, lock up: top row, 3rd from the left",
      landmarks: "The empty 6 is two to its left; 10 is below.",
      holds: "Cavity 4: Park brake switch; brown; 0.5 mm²",
    });
    expect(await report("locate", DEMO, "b12", "4", "--view", "mating", "--grip", "lock-left")).toMatchObject(
      { words: "mating face, lock to the left: left column, 3rd from the top" },
    );
    const svg = await trevin(["face", DEMO, "AL-P", "--view", "mating", "--grip", "lock-down"]);
    expect(svg).toMatchObject({ status: 0, stderr: "" });
    expect(svg.stdout).toMatch(/^<\?xml.*<title>Cavity S: empty<\/title>.*<\/svg>\n$/s);
    expect(svg.stdout).toContain("AL-P: mating face, lock down");
    expect(await report("trace", DEMO, "B12", "10")).toMatchObject({
      at: "B12.10",
      beyond: [
        {
          at: "S104",
          over: "black, yellow stripe, 0.5 mm², circuit 212",
          beyond: [{ at: "LS-L.3" }, { at: "LS-R.3" }],
        },
      ],
      sharedWith: [],
    });
    expect(await trevin(["locate", DEMO, "B12", "99"])).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("B12 has no cavity 99"),
    });
    expect(await trevin(["face", DEMO, "B99"])).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("there are B12, AL-P"),
    });
    expect(await trevin(["locate", DEMO, "B12"])).toMatchObject({
      status: 2,
      stderr: expect.stringContaining("locate takes JOB.json CONNECTOR CAVITY"),
    });
    expect((await trevin(["locate", DEMO, "B12", "4", "--grip", "sideways"])).status).toBe(2);
    expect((await trevin(["match", DEMO, "--view", "wire"])).status).toBe(2);
    expect((await trevin(["match", DEMO, "B12"])).status).toBe(2);
  });
  it("ranks the systems for a column", async () => {
    const column = JSON.parse((await trevin(["colour", "--column", "-"], "L/W\nG/Y\n\nBR\nXQ\n")).stdout) as {
      system: string;
      systems: { system: string; read: number }[];
      codes: object[];
    };
    expect(column).toMatchObject({
      system: "japanese",
      declared: false,
      codes: [
        { line: 1, words: "blue, white stripe" },
        { line: 2 },
        { line: 4, words: "brown", otherwise: [] },
        { line: 5, words: null, problem: expect.stringContaining("XQ") },
      ],
    });
    expect(column.systems[0]).toMatchObject({ system: "japanese", read: 3, total: 4 });
  });
  it("lists look-alikes and imports a table with its doubts", async () => {
    const alike = (await report("lookalikes", DEMO)) as {
      wires: { pins: string[]; kind: string }[];
      names: object[];
    };
    expect(alike.wires).toContainEqual(
      expect.objectContaining({ kind: "near", pins: ["B12.5", "B12.7"], scope: "connector" }),
    );
    const imported = JSON.parse(
      (
        await trevin(
          ["import", "-"],
          "14 – ORN/BLK – wake-up\n15 – BLK – ground\n15 – PNK – ignition feed\n16 – ZZ – horn",
        )
      ).stdout,
    ) as { tables: Record<string, unknown>[] };
    expect(imported.tables[0]).toMatchObject({
      columns: ["cavity", "colour", "function"],
      colourSystem: "north-american",
      pins: [
        {
          cavity: "14",
          colourWords: "orange, black stripe",
          signal: "ignition",
          signalGiven: false,
          doubtful: [],
        },
        { cavity: "15" },
        { cavity: "16", doubtful: ["colour “ZZ” is not a known code; kept as written"] },
      ],
      refused: [{ line: 3, why: ["cavity 15 already used on line 2"] }],
    });
    expect(await trevin(["import", "-"], "")).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("The file is empty"),
    });
    expect((await trevin(["import", DEMO, "--column", "x"])).status).toBe(2);
  });
});
