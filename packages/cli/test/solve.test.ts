import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";
import { report, trevin } from "./run.ts";

const DEMO = fileURLToPath(new URL("../../server/demo/levelling.trevin.json", import.meta.url));

describe("trevin solve and whatif", () => {
  const solved = async (netlist: string) => {
    const { status, stdout, stderr } = await trevin(["solve", "-"], netlist);
    return { status, stderr, ...(JSON.parse(stdout || "{}") as object) };
  };
  it("gives volts and amperes of a netlist, null where a node floats", async () => {
    expect(
      await solved("divider\nV1 in 0 12\nR1 in out 1k\nR2 out 0 2k\nR3 a b 5\n.op\n.end\n"),
    ).toMatchObject({
      status: 0,
      v: { "0": 0, in: 12, out: 8, a: null, b: null },
      i: { R1: 0.004, R2: 0.004, V1: -0.004 },
      floating: ["a", "b"],
      notes: [],
    });
  });
  it("names sources that contradict, and fails only where nothing can be said", async () => {
    expect(await solved("two\nV1 a 0 12\nV2 a 0 5\nR1 a 0 1\n")).toMatchObject({ status: 1, v: { a: null } });
    expect(await solved("two\nV1 a 0 12\nV2 a 0 5\nV3 b 0 6\nR1 b 0 3\n")).toMatchObject({
      status: 0,
      v: { a: null, b: 6 },
      notes: [expect.stringContaining("V1 and V2 cannot all hold")],
    });
  });
  it("has no voltages without ground, but currents", async () => {
    expect(await solved("loose\nV1 a b 6\nR1 a b 3\n")).toMatchObject({
      status: 0,
      v: { a: null, b: null },
      i: { R1: 2 },
      notes: [expect.stringContaining("No node is ground")],
    });
  });
  it("says where a netlist cannot be read", async () => {
    expect(await trevin(["solve", "-"], "title\nR1 a 0 five\n")).toMatchObject({
      status: 1,
      stderr: expect.stringContaining('line 2: "five" is not a value'),
    });
  });
  it("proves a job, writes one state of it as a netlist, and reads that again", async () => {
    expect(await report("solve", DEMO)).toMatchObject({
      verdict: "look",
      findings: [{ kind: "wire-overloaded", pins: ["B12.2"] }],
    });
    const { stdout } = await trevin(["solve", DEMO, "--spice", "--state", "key=run,on=1"]);
    const again = await trevin(["solve", "-"], stdout);
    expect(again.status).toBe(0);
    expect(Object.values((JSON.parse(again.stdout) as { v: object }).v)).toContain(12.6);
    expect((await trevin(["solve", DEMO, "--spice", "--state", "key=drive"])).status).toBe(2);
  });
  it("tells volts and amperes of one position, with a switch thrown by its pin", async () => {
    const at = async (state: string) => {
      const { ends } = (await report("solve", DEMO, "--state", state)) as {
        ends: { pin: string; v: number; i: number }[];
      };
      return ends.find(({ pin }) => pin === "AL-P.A")?.v ?? null;
    };
    expect(await at("key=off")).toBe(0);
    // By hand: 18 A at 12 V is 0.667 Ω; wires, key and battery before it 0.056 Ω, the ground wires behind it 0.032 Ω.
    expect(await at("key=run")).toBeCloseTo(12.6 * (1 - 0.056 / (0.667 + 0.056 + 0.032)), 1);
    expect((await trevin(["solve", DEMO, "--state", "key=run,B12.99=1"])).stderr).toContain(
      "no output or switch stands at B12.99",
    );
  });
  it("tells what a broken ground takes down", async () => {
    expect(await report("whatif", DEMO, "AL-P", "C", "open")).toMatchObject({
      at: "AL-P.C",
      changes: [{ pin: "AL-P.A", before: "full", after: "off", comesOn: false }],
    });
    expect(await trevin(["whatif", DEMO, "AL-P", "C", "wet"])).toMatchObject({ status: 1 });
  });
  it("tells what comes of a wire left alone, one in another's cavity, and of joining by colour", async () => {
    expect(await report("whatif", DEMO, "AL-P", "C", "alone")).toMatchObject({
      // The module's own ground floats up and drags its inputs with it.
      verdict: "unsafe",
      findings: expect.arrayContaining([expect.objectContaining({ kind: "dark" })]) as unknown,
      changes: [{ pin: "AL-P.A", before: "full", after: "off" }],
    });
    expect(await report("whatif", DEMO, "AL-P", "A", "swap=C")).toMatchObject({
      fault: "swapped with C",
      changes: [{ pin: "AL-P.A", before: "full", after: "reversed" }],
    });
    expect(await trevin(["whatif", DEMO, "AL-P", "A", "swap=99"])).toMatchObject({ status: 1 });
    expect(await report("whatif", DEMO, "by-colour")).toHaveProperty("verdict");
    expect(await trevin(["whatif", DEMO, "by-size"])).toMatchObject({ status: 2 });
  });
});
