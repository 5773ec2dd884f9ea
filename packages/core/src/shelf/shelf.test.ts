import { describe, expect, it } from "vitest";
import din from "../testing/reference/din72552.json" with { type: "json" };
import sae from "../testing/reference/sae-j1930.json" with { type: "json" };
import { readFunction } from "./matchFunction.ts";

const termOf = (text: string): string | undefined => readFunction(text).term?.name;

describe("readFunction", () => {
  it.each([
    ["Level sender, left", "height sensor", ["left"]], ["lvl rr", "height sensor", ["rear"]], ["Ground, body left", "ground", ["body", "left"]], ["KL30", "constant supply", []],
    ["ignition supplly", "ignition supply", []], ["Park brake", "park brake switch", []], ["ECT", "coolant temperature", []],
  ] as const)("reads %s as %s", (text, term, qualifiers) => {
    const reading = readFunction(text);
    expect(reading.term?.name).toBe(term);
    expect(reading.qualifiers).toEqual(qualifiers);
  });
  it("claims nothing for words that it does not know", () => {
    expect(termOf("zzyx quorb")).toBeUndefined();
    expect(termOf("")).toBeUndefined();
  });
  it("knows the abbreviations of SAE J1930 that its terms stand for (reference from memory)", () => {
    const wanted: Readonly<Record<string, string>> = { ECT: "coolant temperature", IAT: "intake air temperature", MAP: "manifold pressure", MAF: "mass air flow", CKP: "crankshaft position", CMP: "camshaft position", APP: "accelerator position", HO2S: "oxygen sensor", VSS: "vehicle speed", TP: "throttle position", FP: "fuel pump", MIL: "fault lamp", KS: "knock sensor", PNP: "neutral switch" };
    const listed = new Set(sae.rows.map((row) => row.abbr));
    for (const [abbreviation, term] of Object.entries(wanted)) {
      expect(listed.has(abbreviation), `${abbreviation} is in the reference`).toBe(true);
      expect(termOf(abbreviation)).toBe(term);
    }
  });
  it("knows the DIN 72552 numbers of the main supplies (reference from memory)", () => {
    const numbers = new Set(din.rows.map((row) => row.terminal));
    for (const [number, term] of [["30", "constant supply"], ["15", "ignition supply"], ["31", "ground"], ["50", "crank signal"], ["75", "accessory supply"], ["61", "charge indicator"]] as const) {
      expect(numbers.has(number), number).toBe(true);
      expect(termOf(`KL${number}`)).toBe(term);
    }
  });
});
