import { describe, expect, it } from "vitest";
import { analyse } from "../analysis/index.ts";
import { allPins, pinName } from "../model/index.ts";
import { jobOf, pin } from "../testing/circuitJobs.ts";
import { decisionFromAlone, suggest } from "./index.ts";
import { hasSpentTerminal } from "./spentTerminal.ts";

const noted = (note: string): boolean => hasSpentTerminal({ note, content: "occupied" });

describe("a note that a terminal is spent", () => {
  it.each([
    "terminal corroded",
    "green terminal, wire still bright",
    "pin burnt, housing brown",
    "crimp pulls out by hand",
    "lug broken; wire long enough",
    "needs a new terminal",
    "re-terminate",
    "contact spread, no grip",
  ])("is “%s”", (note) => {
    expect(noted(note)).toBe(true);
  });
  it.each([
    "",
    "terminal renewed, was corroded",
    "pin not bent",
    "green wire",
    "sensor burnt",
    "terminal is gold plated",
    "bad smell in the cabin",
    "no corrosion at the terminal",
  ])("is not “%s”", (note) => {
    expect(noted(note)).toBe(false);
  });
  it("is none of a cavity without a wire", () => {
    expect(hasSpentTerminal({ note: "terminal corroded", content: "empty" })).toBe(false);
  });
  it("has a new terminal proposed, also where nothing comes in, and the plan of it stands", () => {
    for (const incoming of [[], [pin("A", "Horn")]]) {
      const job = jobOf(
        [pin("1", "Permanent 12 V", { note: "terminal burnt" }), pin("2", "Stop lamp feed")],
        incoming,
        [],
      );
      const offered = suggest(job).alone.find(({ proposal }) => proposal === "re-end");
      const decision = offered === undefined ? null : decisionFromAlone(offered, job);
      expect(decision).toMatchObject({ kind: "re-end", sure: "sure" });
      const at = allPins(job).find((placed) => placed.pin.id === offered!.pin)!;
      expect(pinName(at)).toBe("V.1");
      const { plan } = analyse({ ...job, decisions: [decision!] }, []).bench;
      expect(plan.steps.map(({ kind }) => kind)).toEqual(expect.arrayContaining(["cut-terminal", "crimp"]));
    }
  });
});
