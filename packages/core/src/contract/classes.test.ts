import { describe, expect, it } from "vitest";
import { readJobValue } from "./jobFile.ts";

const job = (
  version: 1 | 2,
  pins: readonly (readonly [string, string | null])[],
  more: object = {},
): readonly unknown[] => {
  const back = readJobValue({
    format: "trevin-job",
    version,
    connectors: [
      {
        name: "A",
        pins: pins.map(([name, signal], i) => ({
          cavity: String(i + 1),
          function: name,
          signal,
          colour: "RD",
        })),
      },
    ],
    ...more,
  });
  if (!back.ok) throw new Error(JSON.stringify(back.error));
  return back.value.dossier.connectors.flatMap((one) => one.pins.map(({ signal }) => signal));
};

describe("a job file of version 1, in which every pin has a class", () => {
  const pins = [
    ["STOP", "lamp-feed"],
    ["Horn", "lin"],
    ["zzyx", "unknown"],
    ["Ground", "ground"],
  ] as const;
  it("keeps a class that the words do not tell as given, and reads the others anew", () => {
    expect(job(1, pins)).toEqual([null, "lin", null, null]);
  });
  it("knows the words that were taught in it", () => {
    const words = [{ text: "snubber", term: null, signal: "pwm" }];
    expect(job(1, [["Snubber", "pwm"]], { words })).toEqual([null]);
    expect(job(1, [["Snubber", "pwm"]])).toEqual(["pwm"]);
  });
  it("has every class of version 2 as it was given, null for none", () => {
    expect(job(2, [...pins, ["Horn", null]])).toEqual([...pins.map(([, signal]) => signal), null]);
  });
});
