import { describe, expect, it } from "vitest";
import { planWork } from "../plan/index.ts";
import { demoDossier } from "../testing/index.ts";
import { instructionLines, readInstructions } from "./instructions.ts";
import { stepWords, whereLine } from "./stepWords.ts";

describe("somebody else's instructions", () => {
  it("are read by their numbers, with lines that go on, or line by line where there are none", () => {
    expect(instructionLines("1. Battery off.\n2) Unplug B12\n   and put it aside\n\nStep 3: Done")).toEqual([
      { number: "1", text: "Battery off." },
      { number: "2", text: "Unplug B12 and put it aside" },
      { number: "3", text: "Done" },
    ]);
    expect(instructionLines("- one\n- two")).toEqual([
      { number: "", text: "one" },
      { number: "", text: "two" },
    ]);
    expect(instructionLines("  \n")).toEqual([]);
  });

  it("are held against the plan: what they speak of, what is not in it, and what they leave out", () => {
    const dossier = demoDossier();
    const plan = planWork(dossier);
    const read = readInstructions(
      "1. Disconnect the battery\n2. Unplug B12\n3. De-pin the blue/white wire from B12 cavity 7\n4. Paint the bracket\n5. Cut the black wire behind B12 cavity 1",
      plan,
      dossier,
    );
    const words = read.lines.map(({ steps }) => {
      const found = plan.steps.find(({ id }) => id === steps.at(-1));
      return found === undefined
        ? null
        : `${stepWords(found, dossier).verb} ${whereLine(stepWords(found, dossier))}`;
    });
    expect(words).toEqual([
      "Battery off negative first",
      "Unplug body, left sill",
      "Release out of B12, cavity 7",
      null,
      "Cut 100 mm behind B12, cavity 1",
    ]);
    // The battery is never switched on again in them, and four more wires move.
    expect(read.missing).toContain(plan.steps.find(({ kind }) => kind === "battery-on")!.id);
    expect(read.missing).not.toContain(read.lines[0]!.steps[0]);
    expect(read.missing.length + 4).toBe(plan.steps.filter(({ op }) => op !== null).length);
  });
});
