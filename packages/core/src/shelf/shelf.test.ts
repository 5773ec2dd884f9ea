import { describe, expect, it } from "vitest";
import din from "../testing/reference/din72552.json" with { type: "json" };
import sae from "../testing/reference/sae-j1930.json" with { type: "json" };
import { learn, readFunction, suggestTerms, tokensOf } from "./matchFunction.ts";
import { VOCABULARY } from "./vocabulary/vocabulary.ts";

const termOf = (text: string): string | undefined => readFunction(text).thing?.name;

describe("readFunction", () => {
  it.each([
    ["Level sender, left", "height sensor", ["left"]],
    ["lvl rr", "height sensor", ["rear"]],
    ["Ground, body left", "ground", ["body", "left"]],
    ["KL30", "constant supply", []],
    ["ignition supplly", "ignition supply", []],
    ["Park brake", "park brake switch", []],
    ["ECT", "coolant temperature", []],
  ] as const)("reads %s as %s", (text, term, qualifiers) => {
    const reading = readFunction(text);
    expect(reading.thing?.name).toBe(term);
    expect(reading.qualifiers).toEqual(qualifiers);
  });
  it("claims nothing for words that it does not know", () => {
    expect(termOf("zzyx quorb")).toBeUndefined();
    expect(termOf("")).toBeUndefined();
  });
  it("knows every abbreviation of SAE J1930 that names a wire (reference from memory)", () => {
    const wanted: Readonly<Record<string, string>> = {
      ECT: "coolant temperature",
      IAT: "intake air temperature",
      MAP: "manifold pressure",
      MAF: "mass air flow",
      CKP: "crankshaft position",
      CMP: "camshaft position",
      APP: "accelerator position",
      HO2S: "oxygen sensor",
      VSS: "vehicle speed",
      TP: "throttle position",
      FP: "fuel pump",
      MIL: "malfunction indicator lamp",
      KS: "knock sensor",
      PNP: "neutral switch",
      EVAP: "purge valve",
      TFT: "transmission fluid temperature",
      PSP: "power steering pressure",
    };
    for (const [abbreviation, term] of Object.entries(wanted)) expect(termOf(abbreviation)).toBe(term);
    // Parts without a wire of that name, states of the engine, and control modules as a whole.
    const noWire = new Set([
      "ACL",
      "CFI",
      "CL",
      "DTC",
      "ECM",
      "EEPROM",
      "FT",
      "KOEO",
      "KOER",
      "M/C",
      "MFI",
      "OC",
      "OL",
      "PCM",
      "SFI",
      "TBI",
      "TCM",
      "TWC",
    ]);
    const unknown = sae.rows
      .map((row) => row.abbr)
      .filter((abbreviation) => !noWire.has(abbreviation) && readFunction(abbreviation).score < 1);
    expect(unknown).toEqual([]);
    expect(sae.rows.length - noWire.size).toBeGreaterThan(50);
  });
  it("knows every terminal number of DIN 72552 (reference from memory)", () => {
    for (const [number, term] of [
      ["30", "constant supply"],
      ["15", "ignition supply"],
      ["31", "ground"],
      ["50", "crank signal"],
      ["75", "accessory supply"],
      ["61", "charge indicator"],
      ["87a", "relay rest output"],
      ["49a", "flasher output"],
      ["53e", "wiper park"],
      ["58d", "instrument lighting"],
    ] as const) {
      expect(termOf(`KL${number}`), number).toBe(term);
      expect(termOf(`terminal ${number}`), number).toBe(term);
    }
    expect(
      din.rows.map((row) => row.terminal).filter((number) => readFunction(`terminal ${number}`).score < 1),
    ).toEqual([]);
  });
  it("puts the user's own words before the vocabulary's", () => {
    const words = learn(
      learn([], "snubber", null, "lin"),
      "Lamp 7",
      VOCABULARY.find((term) => term.name === "fault lamp") ?? null,
      "unknown",
    );
    expect(readFunction("snubber rear", words)).toMatchObject({
      term: { name: "snubber", signal: "lin" },
      qualifiers: ["rear"],
      score: 1,
    });
    expect(readFunction("lamp 7", words).thing?.name).toBe("fault lamp");
    expect(
      readFunction("snubber", [...words, { text: "snubber", term: null, signal: "hall" }]).thing?.signal,
    ).toBe("hall"); // the last one given counts
    expect(learn(words, "SNUBBER", null, "pwm")).toEqual([
      words[1],
      { text: "SNUBBER", term: null, signal: "pwm" },
    ]);
  });
});

describe("VOCABULARY", () => {
  it("has at least 250 functions, each word of one function only", () => {
    expect(VOCABULARY.length).toBeGreaterThanOrEqual(250);
    const owner = new Map<string, string>();
    for (const term of VOCABULARY) {
      for (const word of new Set([term.name, ...term.words].map((text) => tokensOf(text).join(" ")))) {
        expect(word, `${term.name} has a word without letters`).not.toBe("");
        expect(owner.get(word) ?? term.name, `“${word}”`).toBe(term.name);
        owner.set(word, term.name);
      }
    }
    expect(owner.size).toBeGreaterThan(1200);
  });
  it("reads each of its words back as its own function", () => {
    for (const term of VOCABULARY)
      for (const word of [term.name, ...term.words])
        expect(readFunction(word).thing?.name, word).toBe(term.name);
  });
});

describe("suggestTerms", () => {
  const texts = (typed: string): readonly string[] => suggestTerms(typed, 3).map((one) => one.text);
  it("offers what is being typed, with the place that was typed, and forgives slips", () => {
    expect(texts("lvl rr")[0]).toBe("height sensor, rear");
    expect(texts("ign")[0]).toBe("ignition supply");
    expect(texts("turn l")[0]).toBe("turn lamp, left");
    expect(texts("fuel pmp")[0]).toBe("fuel pump");
    expect(texts("coola")).toContain("coolant temperature");
    expect(texts("")).toEqual([]);
  });
  it("finds each term by the first letters of its name", () => {
    for (const term of VOCABULARY)
      expect(
        suggestTerms(term.name.slice(0, -1), 8).some((one) => one.term === term),
        term.name,
      ).toBe(true);
  });
});
