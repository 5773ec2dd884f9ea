import { describe, expect, it } from "vitest";
import { kinOf, thingNamed, THINGS } from "../meaning/index.ts";
import { allPins } from "../model/index.ts";
import { jobOf, pin } from "../testing/circuitJobs.ts";
import { suggest } from "./index.ts";

/** What is proposed between the labels of a vehicle and those of a part, a line for each pair. */
function proposed(vehicle: readonly string[], incoming: readonly string[]): readonly string[] {
  const pins = (labels: readonly string[]) => labels.map((label, i) => pin(String(i + 1), label));
  const dossier = jobOf(pins(vehicle), pins(incoming), []);
  const label = new Map(allPins(dossier).map(({ pin: own }) => [own.id, own.function]));
  const { pairs, groups } = suggest(dossier);
  return [...pairs, ...groups.flatMap((group) => group.pairs)]
    .map((pair) => `${label.get(pair.vehicle) ?? ""} = ${label.get(pair.incoming) ?? ""}`)
    .sort();
}

describe("one wire in the words of either end (common practice)", () => {
  it.each([
    ["Rev counter feed off alternator", "W on alternator"],
    ["A/C compressor clutch wire", "A/C request in (+)"],
    ["Overheat horn", "Alarm output, sinks 1 A"],
    ["Check engine light", "Fault lamp, module grounds to turn on"],
    ["OD OFF indicator lamp", "LS OUT 1 warn lamp"],
    ["Seat switch, closed with driver", "Interlock input"],
  ])("%s is %s", (vehicle, incoming) => {
    expect(proposed([vehicle], [incoming])).toEqual([`${vehicle} = ${incoming}`]);
  });
  it("what comes from the key goes to the common of a relay's contact, what goes to the starter to the other end", () => {
    const [from, to] = ["crank wire coming from key", "crank wire going to starter solenoid"];
    const [common, make] = ["RLY 2 COM - start interlock", "RLY 2 NO - start interlock"];
    for (const incoming of [
      [common, make],
      [make, common],
    ])
      expect(proposed([from, to], incoming)).toEqual([`${from} = ${common}`, `${to} = ${make}`]);
  });
  it("grounds go to their own end of the car", () => {
    expect(proposed(["Earth, front panel", "Earth, boot floor"], ["GROUND rear", "GROUND front"])).toEqual([
      "Earth, boot floor = GROUND rear",
      "Earth, front panel = GROUND front",
    ]);
  });
  it("what names two lamps takes a wire of each", () => {
    expect(
      proposed(["58R tail light right", "58K number plate light"], ["Tail O/S and no. plate"]),
    ).toHaveLength(2);
  });
  it("valves that open and close one door never change places", () => {
    expect(
      proposed(["Front door valve open", "Front door valve close"], ["DOOR 1 CLOSE SOL", "DOOR 1 OPEN SOL"]),
    ).toEqual(["Front door valve close = DOOR 1 CLOSE SOL", "Front door valve open = DOOR 1 OPEN SOL"]);
  });
  it("a list names its channels before what they do", () => {
    const outputs = ["O1 FRONT BLUES", "O2 REAR BLUES", "O3 SIREN"];
    expect(proposed(["Oxygen sensor"], outputs)).toEqual([]);
  });
  it("is no kin of what nobody works on, nor of its own family, and either way round", () => {
    let count = 0;
    for (const { name, family, keepOut } of THINGS)
      for (const other of kinOf(name)) {
        count++;
        expect([keepOut, thingNamed(other)?.keepOut], `${name}, ${other}`).toEqual([null, null]);
        expect(thingNamed(other)?.family, `${name}, ${other}`).not.toBe(family);
        expect(kinOf(other).has(name)).toBe(true);
      }
    expect(count).toBeGreaterThan(200);
  });
  it("feeds and grounds go by the kind of part that they are for", () => {
    expect(proposed(["Minus electronics", "Ground for solenoids"], ["GND VALVES", "GND ECU"])).toEqual([
      "Ground for solenoids = GND VALVES",
      "Minus electronics = GND ECU",
    ]);
  });
  it("one wire never meets two outputs that have numbers of their own", () => {
    const lines = proposed(
      ["Electric fan relay control"],
      ["Fan output 1, grounds relay", "Fan output 2, grounds relay"],
    );
    expect(lines.length).toBeLessThanOrEqual(1);
  });
  it("a buzzer's wire is not the lamp's beside it", () => {
    expect(proposed(["Jack warning buzzer", "Jack down lamp"], ["JACK IND LAMP", "JACK BUZZ"])).toEqual([
      "Jack down lamp = JACK IND LAMP",
      "Jack warning buzzer = JACK BUZZ",
    ]);
  });
});
