import { describe, expect, it } from "vitest";
import { readJobValue } from "../../contract/index.ts";
import { initialState } from "../../harness/index.ts";
import { connectorId, indexPins, type Dossier } from "../../model/index.ts";
import { originWords } from "../../words/index.ts";
import { checkPlan } from "../check/check.ts";
import { adapterLoom } from "../adapter.ts";
import { planWork } from "../plan.ts";
import { job, V, X, join, steps, closing } from "../../testing/oneDecision.ts";

describe("what a decision on several wires or plugs becomes", () => {
  it("leads a wire through a part at its own plug, by the terminal or by a cut", () => {
    const looped = (method: string, into: "empty" | "occupied", sealed = false): Dossier => {
      const read = readJobValue({
        format: "trevin-job",
        version: 1,
        connectors: [
          { name: "V", side: "vehicle", sealed, pins: [{ cavity: "1", function: "Horn", colour: "BK" }] },
          {
            name: "X",
            side: "incoming",
            sealed,
            leads: "flying",
            pins: [
              {
                cavity: "A",
                function: into === "empty" ? "" : "Horn in",
                colour: into === "empty" ? "" : "RD",
                content: into,
              },
              { cavity: "B", function: "Horn out", colour: "GN" },
            ],
          },
        ],
        decisions: [{ kind: "series", vehicle: V, into: X, back: { connector: "X", cavity: "B" }, method }],
      });
      if (!read.ok) throw new Error(JSON.stringify(read.error));
      return read.value.dossier;
    };
    expect(steps(looped("move", "empty"))).toEqual([
      "release V.1",
      "insert V.1",
      "strip X.B",
      "crimp X.B",
      "insert X.B",
    ]);
    expect(steps(looped("move", "empty", true))).toEqual([
      "release V.1",
      "pierce V.1",
      "insert V.1",
      "seal X.B",
      "strip X.B",
      "crimp X.B",
      "insert X.B",
    ]);
    const origins = (of: Dossier): readonly string[] =>
      planWork(of).steps.flatMap((step) =>
        step.kind === "insert" ? [originWords(step, indexPins(of).get(step.wire!)!)] : [],
      );
    expect(origins(looped("move", "empty"))).toEqual([
      "the wire that came out of V, cavity 1",
      "the lead of X, cavity B",
    ]);
    expect(origins(job(join("adapter"), "loom", "loom"))).toEqual([
      "a new wire of the adapter",
      "a new wire of the adapter",
    ]);
    expect(steps(looped("move", "occupied")).slice(0, 3)).toEqual([
      "release X.A",
      "take-out X.A",
      "release V.1",
    ]);
    expect(steps(looped("splice", "occupied"))).toEqual([
      "cut V.1",
      "cap V.1",
      "strip V.1",
      "splice V.1",
      "uncover V.1",
      "strip V.1",
      "splice V.1",
    ]);
  });
  it("joins several in the adapter, as long as was measured between their plugs, and touches neither loom", () => {
    const read = readJobValue({
      format: "trevin-job",
      version: 1,
      connectors: [
        {
          name: "V",
          side: "vehicle",
          pins: [
            { cavity: "1", function: "Lamp", colour: "BK" },
            { cavity: "2", function: "Door", colour: "RD" },
            { cavity: "3", function: "Door", colour: "GN" },
          ],
        },
        {
          name: "X",
          side: "incoming",
          leads: "loom",
          pins: [
            { cavity: "A", function: "Lamp, left", colour: "RD" },
            { cavity: "B", function: "Lamp, right", colour: "RD" },
          ],
        },
      ],
      decisions: [
        { kind: "split", vehicle: V, incoming: [X, { connector: "X", cavity: "B" }], method: "adapter" },
        {
          kind: "jumper",
          pins: [
            { connector: "V", cavity: "2" },
            { connector: "V", cavity: "3" },
          ],
          method: "adapter",
        },
      ],
      worklist: { adapterLengths: [{ between: ["X", "V"], mm: 350 }], joint: "solder" },
    });
    if (!read.ok) throw new Error(JSON.stringify(read.error));
    const { dossier } = read.value;
    const plan = planWork(dossier);
    expect(checkPlan(dossier, plan)).toBeNull();
    expect(plan.steps.some(({ op }) => op?.kind === "cut" || op?.kind === "release")).toBe(false);
    expect(
      plan.steps
        .filter(({ op }) => op?.kind === "splice")
        .map(({ joint, op }) => [joint, op?.kind === "splice" ? [op.by, op.ends.length] : null]),
    ).toEqual([["solder", ["solder", 3]]]);
    expect(adapterLoom(dossier).wires.map(({ length, ends }) => [length, ends.map(({ at }) => at)])).toEqual([
      [350, ["shell", "joint"]],
      [350, ["joint", "shell"]],
      [350, ["joint", "shell"]],
      [null, ["shell", "shell"]],
    ]);
  });
  it("plugs two plugs together as they are: out of its own half, looked at where in doubt, and into the other", () => {
    const mate = { kind: "mate", vehicle: [V], incoming: [X], sure: "check" };
    const plan = planWork(job(mate, "loom", "loom"));
    expect(checkPlan(job(mate, "loom", "loom"), plan)).toBeNull();
    expect(plan.steps.map(({ kind }) => kind)).toEqual([
      "battery-off",
      "wait",
      "photograph",
      "disconnect",
      "check",
      "photograph",
      "connect",
      "measure",
      "battery-on",
      "try",
      "inspect",
    ]);
    const [into] = plan.steps.flatMap(({ op }) => (op?.kind === "connect" ? [op.into] : []));
    expect(into).toBe("V");
    // Done, it is not asked for again.
    expect(
      planWork(job(mate, "loom", "loom"), {
        start: {
          ...initialState(job(mate, "loom", "loom")),
          plugged: { [connectorId("V")]: connectorId("X"), [connectorId("X")]: connectorId("V") },
        },
      }).steps,
    ).toEqual([]);
  });
  it("leaves alone what is left, and says that nothing is to do", () => {
    const dossier = job({ kind: "leave", pin: V }, "loom", "flying", "empty");
    expect(planWork(dossier)).toMatchObject({ steps: [], blocks: [{ code: "nothing-to-do" }] });
  });
  it("closes the vacated cavity of a sealed connector, locks, measures, and only then lets power on", () => {
    const proof = ["measure", "battery-on", "try", "inspect"];
    expect(closing(job(join("move"), "loom", "flying"))).toEqual([
      "close-lock V",
      "plug V.1",
      "tape V",
      "close-lock X",
      "tug X",
      "connect X",
      ...proof,
    ]);
    expect(closing(job(join("move"), "loom", "flying", "occupied", false))).toEqual([
      "close-lock V",
      "tape V",
      "close-lock X",
      "tug X",
      "connect X",
      ...proof,
    ]);
    expect(closing(job(join("splice"), "loom", "flying"))).toEqual([
      "set-aside V",
      "tape V",
      "tape X",
      "connect X",
      ...proof,
    ]);
  });
  it("wants a cavity that nobody has looked into to be looked at first", () => {
    const read = readJobValue({
      format: "trevin-job",
      version: 1,
      connectors: [
        { name: "V", pins: [{ cavity: "1", function: "Horn" }] },
        { name: "X", pins: [{ cavity: "A", function: "", content: "unknown" }] },
      ],
      decisions: [join("move")],
    });
    if (!read.ok) throw new Error("unread");
    expect(planWork(read.value.dossier).blocks).toContainEqual({ code: "look-first", pin: "X.A" });
  });
});
