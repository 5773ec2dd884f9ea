import { spawnSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";

const BIN = fileURLToPath(new URL("../bin/trevin.mjs", import.meta.url));
const DEMO = fileURLToPath(new URL("../../server/demo/levelling.trevin.json", import.meta.url));
const trevin = (args: readonly string[], input = "") => spawnSync(process.execPath, [BIN, ...args], { encoding: "utf8", input });
const report = (...args: string[]): Record<string, unknown> => JSON.parse(trevin(args).stdout) as Record<string, unknown>;

describe("trevin", () => {
  it("explains itself", () => {
    expect(trevin(["--help"])).toMatchObject({ status: 0, stdout: expect.stringContaining("trevin match JOB.json") });
    expect(trevin([]).status).toBe(2);
  });
  it("matches the demo by function and names the trap and the missing feed", () => {
    const match = report("match", DEMO) as { pairs: { vehicle: string; incoming: string; sure: string }[]; hazards: { rule: string; pins: string[] }[]; colourForColour: { damage: number } };
    expect(match.pairs).toContainEqual(expect.objectContaining({ vehicle: "B12.5", incoming: "AL-P.H", sure: "sure" }));
    expect(match.hazards).toContainEqual(expect.objectContaining({ rule: "same-colour-other-function", pins: ["B12.1", "AL-P.C", "AL-P.K"] }));
    expect(match.hazards).toContainEqual(expect.objectContaining({ rule: "missing-feed", pins: ["AL-P.B"] }));
    expect(match.colourForColour.damage).toBe(1);
  });
  it("plans with a second opinion and lists what stands in the way", () => {
    const plan = report("plan", DEMO) as { steps: { words: string }[]; fault: unknown; blocks: string[] };
    expect(plan.fault).toBeNull();
    expect(plan.blocks).toContain("AL-P.B is undecided");
    expect(plan.steps[0]!.words).toContain("Battery off");
    expect(report("validate", DEMO)).toMatchObject({ valid: true, pins: 30, unreadColours: [] });
  });
  it("reads standard input, and tells bad input (1) from a wrong command line (2)", () => {
    const small = JSON.stringify({ format: "trevin-job", version: 1, connectors: [{ name: "A", pins: [{ cavity: "1", function: "Horn" }] }, { name: "B", pins: [{ cavity: "1", function: "Horn" }] }] });
    expect(trevin(["match", "-"], small)).toMatchObject({ status: 0, stderr: "" });
    expect(trevin(["match", "-"], small.slice(0, 60))).toMatchObject({ status: 1, stdout: "", stderr: expect.stringContaining("line 1") });
    expect(trevin(["plan", "/nowhere.json"])).toMatchObject({ status: 1, stderr: expect.stringContaining("/nowhere.json") });
    expect(trevin(["weld", DEMO])).toMatchObject({ status: 2, stderr: expect.stringContaining('no command "weld"') });
    expect(trevin(["match"]).status).toBe(2);
    expect(trevin(["match", DEMO, "--colour"]).status).toBe(2);
  });
});
