import { describe, expect, it } from "vitest";
import { jobOf, pin } from "../testing/circuitJobs.ts";
import { allPins, pinName } from "../model/index.ts";
import { findHazards } from "../hazards/index.ts";
import { suggest } from "./index.ts";

const CAR = [pin("1", "Permanent 12 V"), pin("2", "Ground"), pin("3", "Ignition supply")];
const outcome = (module: readonly object[]) => {
  const dossier = jobOf(CAR, module, []);
  const names = new Map(allPins(dossier).map((placed) => [placed.pin.id, pinName(placed)]));
  const crosswalk = suggest(dossier);
  return {
    fed: crosswalk.alone.flatMap(({ pin: id, proposal }) => (proposal === "feed" ? [names.get(id)] : [])),
    missing: findHazards(dossier, crosswalk)
      .filter(({ rule }) => rule === "missing-feed")
      .flatMap(({ pins }) => pins.map((id) => names.get(id))),
  };
};
const POWERED = [pin("A", "12 V constant"), pin("B", "GND")];

describe("what an incoming part gives itself (common practice)", () => {
  it("the reference and the ground of its sensors are its own where it has a supply", () => {
    const { fed, missing } = outcome([...POWERED, pin("C", "5V REF"), pin("D", "Sensor ground")]);
    expect([fed, missing]).toEqual([[], []]);
  });
  it("an output is never fed", () => {
    const { fed, missing } = outcome([...POWERED, pin("C", "Accessory heater output 12V ACC out")]);
    expect([fed, missing]).toEqual([[], []]);
  });
  it("a sensor without a supply of its own wants both", () => {
    const { fed } = outcome([
      pin("A", "Sensor 5 V supply"),
      pin("B", "Sensor ground"),
      pin("C", "Level signal"),
    ]);
    expect(fed).toEqual(["X.A", "X.B"]);
  });
  it("a supply that the part takes is still missing where no wire gives it", () => {
    const { fed, missing } = outcome([...POWERED, pin("C", "12V ACC in")]);
    expect([fed, missing]).toEqual([["X.C"], ["X.C"]]);
  });
});
