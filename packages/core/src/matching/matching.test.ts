import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { indexPins, pinName, type Dossier, type PinId } from "../model/index.ts";
import { readJobValue } from "../contract/index.ts";
import { byName, demoDossier, undecidedDossier } from "../testing/index.ts";
import { colourForColour } from "./colourVerdict.ts";
import { suggest } from "./crosswalk.ts";
import { pinReader, weigh } from "./evidence.ts";

/** A dossier from two short tables of [cavity, function, colour, signal]. */
function job(vehicle: readonly (readonly string[])[], incoming: readonly (readonly string[])[]): Dossier {
  const pins = (rows: readonly (readonly string[])[]) => rows.map(([cavity, name, colour, signal]) => ({ cavity, function: name, ...(colour ? { colour } : {}), ...(signal ? { signal } : {}) }));
  const read = readJobValue({ format: "trevin-job", version: 1, connectors: [{ name: "V", colourSystem: "iec", pins: pins(vehicle) }, { name: "X", colourSystem: "iec", pins: pins(incoming) }] });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
const named = (dossier: Dossier, id: PinId): string => pinName(indexPins(dossier).get(id)!);
const pairsOf = (dossier: Dossier): readonly string[] => suggest(dossier).pairs.map((pair) => `${named(dossier, pair.vehicle)} ${named(dossier, pair.incoming)} ${pair.sure}`);

describe("suggest", () => {
  it("pairs the demo by what the wires do, leaves the memory feed open and caps the accessory", () => {
    const dossier = { ...demoDossier(), decisions: [] };
    expect(pairsOf(dossier)).toEqual([
      "B12.1 AL-P.C sure", "B12.2 AL-P.A sure", "B12.4 AL-P.M sure", "B12.5 AL-P.H sure", "B12.7 AL-P.D sure", "B12.8 AL-P.E sure", "B12.9 AL-P.F sure",
      "B12.10 AL-P.N sure", "B12.11 AL-P.G sure", "B12.12 AL-P.J sure", "B12.13 AL-P.K sure", "B12.14 AL-P.L sure",
    ]);
    expect(suggest(dossier).alone.map((alone) => `${named(dossier, alone.pin)} ${alone.proposal}`)).toEqual(["B12.3 cap", "AL-P.B feed", "AL-P.P cap", "AL-P.R cap"]);
  });

  it("never joins by colour what the functions tell apart (common practice: position and function over colour)", () => {
    const dossier = job([["1", "Ground", "BK", "ground"], ["2", "CAN low", "BN", "can-l"]], [["A", "CAN low", "BK", "can-l"], ["B", "Ground", "BN", "ground"]]);
    expect(pairsOf(dossier)).toEqual(["V.1 X.B sure", "V.2 X.A sure"]);
    expect(colourForColour(dossier).map((join) => join.outcome)).toEqual(["damage", "damage"]);
  });

  it("calls a pair a guess when another arrangement is as good, or the only case is weak", () => {
    const twoToOne = job([["1", "odd lead one", "RD"], ["2", "odd lead two", "RD"]], [["A", "odd lead", "RD"]]);
    expect(pairsOf(twoToOne).every((pair) => pair.endsWith("guess"))).toBe(true);
  });

  it("does not call grounds a guess for being interchangeable", () => {
    const dossier = job([["1", "Ground", "BK", "ground"], ["2", "Ground", "BK", "ground"]], [["A", "Ground", "BN", "ground"], ["B", "Ground", "BN", "ground"]]);
    expect(pairsOf(dossier).map((pair) => pair.split(" ")[2])).toEqual(["sure", "sure"]);
  });

  it("keeps what is decided out of the question, and uses each pin once", () => {
    fc.assert(fc.property(undecidedDossier(6), (dossier) => {
      const walk = suggest(dossier);
      const used = [...walk.pairs.flatMap((pair) => [pair.vehicle, pair.incoming]), ...walk.alone.map((alone) => alone.pin)];
      expect(new Set(used).size).toBe(used.length);
      const open = [...indexPins(dossier).values()].filter(({ pin }) => pin.content !== "empty").length;
      expect(used.length).toBe(open);
      const [first] = walk.pairs;
      if (first === undefined) return;
      const fixed: Dossier = { ...dossier, decisions: [{ kind: "leave", pin: first.vehicle, sure: "sure", reason: "", answers: [] }] };
      expect(suggest(fixed).pairs.some((pair) => pair.vehicle === first.vehicle)).toBe(false);
    }), { numRuns: 300, seed: 30 });
  });

  it("gives the same answer whatever the order of the rows", () => {
    fc.assert(fc.property(undecidedDossier(6), (dossier) => {
      const turned: Dossier = { ...dossier, connectors: [...dossier.connectors].reverse().map((connector) => ({ ...connector, pins: [...connector.pins].reverse() })) };
      expect(suggest(turned)).toEqual(suggest(dossier));
    }), { numRuns: 200, seed: 31 });
  });

  it("is no worse than any single change of the pairing (every pair's margin is at least zero)", () => {
    fc.assert(fc.property(undecidedDossier(6), (dossier) => {
      for (const pair of suggest(dossier).pairs) expect(pair.margin).toBeGreaterThanOrEqual(0);
    }), { numRuns: 300, seed: 32 });
  });
});

describe("weigh", () => {
  const pair = (dossier: Dossier, a: string, b: string) => {
    const pins = indexPins(dossier);
    return weigh(pinReader(dossier)(pins.get(byName(dossier)(a))!), pinReader(dossier)(pins.get(byName(dossier)(b))!));
  };
  it("forbids a supply on a ground, on data and on a low-level input", () => {
    const dossier = job([["1", "Constant supply"]], [["A", "Ground"], ["B", "CAN high"], ["C", "Throttle position"]]);
    for (const other of ["X.A", "X.B", "X.C"]) expect(pair(dossier, "V.1", other)).toBeNull();
  });
  it("weighs a pair the same from either end", () => {
    let weighed = 0;
    fc.assert(fc.property(undecidedDossier(4), (dossier) => {
      const pins = [...indexPins(dossier).values()].map(pinReader(dossier));
      for (const a of pins) for (const b of pins) {
        expect(weigh(a, b)?.strength).toBe(weigh(b, a)?.strength);
        weighed++;
      }
    }), { numRuns: 60, seed: 33 });
    expect(weighed).toBeGreaterThan(1000);
  });
  it("tells left from right", () => {
    const dossier = job([["1", "Level sender, left"]], [["A", "Level sender, left"], ["B", "Level sender, right"]]);
    expect(pair(dossier, "V.1", "X.A")!.strength).toBeGreaterThan(pair(dossier, "V.1", "X.B")!.strength + 60);
  });
  it("keeps colour out of the strength", () => {
    const dossier = job([["1", "Horn", "RD"]], [["A", "Horn", "RD"], ["B", "Horn", "GN"]]);
    expect(pair(dossier, "V.1", "X.A")!.strength).toBe(pair(dossier, "V.1", "X.B")!.strength);
    expect(pair(dossier, "V.1", "X.A")!.colour).toBe(1);
  });
});

/** Worked swaps of our own, each with the right answer worked out by hand beside it (trade facts: common practice). */
describe("worked swaps", () => {
  it("joins turn lamps side for side and leaves the third brake lamp lead over", () => {
    const dossier = job(
      [["1", "Turn lamp, left", "GN"], ["2", "Turn lamp, right", "YE"], ["3", "Stop lamp", "RD"]],
      [["A", "Indicator right", "GN"], ["B", "Indicator left", "YE"], ["C", "Brake light", "BK"], ["D", "Reverse lamp", "RD"]],
    );
    expect(pairsOf(dossier).map((pair) => pair.slice(0, 7))).toEqual(["V.1 X.B", "V.2 X.A", "V.3 X.C"]);
    expect(suggest(dossier).alone.map((alone) => `${named(dossier, alone.pin)} ${alone.proposal}`)).toEqual(["X.D cap"]);
  });
  it("keeps a constant supply and an ignition supply apart, and asks for the memory feed that is not there", () => {
    const dossier = job([["1", "KL15", "BK"], ["2", "KL31", "BN"]], [["A", "KL30", "RD"], ["B", "KL15", "YE"], ["C", "KL31", "BK"]]);
    expect(pairsOf(dossier).map((pair) => pair.slice(0, 7))).toEqual(["V.1 X.B", "V.2 X.C"]);
    expect(suggest(dossier).alone).toEqual([expect.objectContaining({ proposal: "feed", why: "needs-feed" })]);
  });
  it("never feeds a horn lead that is only ever grounded from a supply", () => {
    const dossier = job([["1", "Constant supply", "RD", "battery"]], [["A", "Horn", "RD", "switched-ground"]]);
    expect(suggest(dossier).pairs).toEqual([]);
    expect(colourForColour(dossier).map((join) => join.outcome)).toEqual(["damage"]);
  });
  it("tells CAN high from CAN low whatever their colours, and the sensor return from the chassis ground", () => {
    const dossier = job(
      [["1", "CAN H", "YE"], ["2", "CAN L", "GN"], ["3", "Sensor ground", "BK"], ["4", "Chassis ground", "BN"]],
      [["A", "CAN-L", "YE"], ["B", "CAN-H", "GN"], ["C", "Ground", "BK"], ["D", "Sensor return", "BN"]],
    );
    expect(pairsOf(dossier)).toEqual(["V.1 X.B sure", "V.2 X.A sure", "V.3 X.D sure", "V.4 X.C sure"]);
    expect(colourForColour(dossier).filter((join) => join.outcome === "works")).toEqual([]);
  });
});
