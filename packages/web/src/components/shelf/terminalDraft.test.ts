import { describe, expect, it } from "vitest";
import { TERMINAL_SYSTEMS } from "@trevin/core";
import { BLANK_TERMINAL, orderFromLocks, readTerminal, terminalDraft } from "./terminalDraft.ts";

describe("the form of a terminal system", () => {
  it("gives every family of the Shelf back as it was, its further locks, stops and depth as well", () => {
    for (const system of TERMINAL_SYSTEMS) {
      const { further = [], twoStop = false, mat = false, ...rest } = system;
      expect(readTerminal(terminalDraft(system), system.id), system.id).toEqual({
        ok: true,
        value: { ...rest, further, twoStop, mat },
      });
    }
  });
  it("writes the release that the families have, from the locks alone", () => {
    for (const system of TERMINAL_SYSTEMS)
      expect(orderFromLocks(terminalDraft(system)).split("\n"), system.id).toEqual(system.order);
  });
  it.each([
    [{ name: "" }, "Enter a name."],
    [{ strip: "five" }, "ranges"],
    [{ seals: "1.4; x" }, "Seals"],
    [{ width: "-1" }, "width"],
    [{ depth: "90" }, "depth"],
    [{ order: " \n" }, "release"],
  ])("says what is wrong: %o", (wrong, words) => {
    const filled = {
      ...BLANK_TERMINAL,
      name: "Own",
      strip: "5",
      conductor: "1",
      insulation: "2",
      order: "Pull",
    };
    expect(readTerminal(filled, "own").ok).toBe(true);
    const read = readTerminal({ ...filled, ...wrong }, "own");
    expect(read.ok ? "taken" : read.error).toContain(words);
  });
});
