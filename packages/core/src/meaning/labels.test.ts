import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { likelyClass } from "./meaning.ts";
import { readMeaning } from "./readMeaning.ts";

/** `thing | class, or * where several are right | labels`, system by system, as they are written on looms, sheets and diagrams (common practice, no source). */
const LINES = readFileSync(new URL("../testing/reading/labels.txt", import.meta.url), "utf8")
  .trim()
  .split("\n")
  .map((line) => line.split("|").map((part) => part.trim()))
  .flatMap(([thing = "", signal = "", labels = ""]) =>
    labels.split(";").map((label) => ({ thing, signal, label: label.trim() })),
  );

describe("labels as people write them", () => {
  it("are read as the thing that the wire serves", () => {
    expect(LINES.length).toBeGreaterThan(7000);
    const misread = LINES.filter(({ thing, label }) => readMeaning(label).thing?.name !== thing);
    expect(misread).toEqual([]);
  });
  it("are read with the class that they name", () => {
    const misread = LINES.filter(
      ({ signal, label }) => signal !== "*" && likelyClass(readMeaning(label)) !== signal,
    );
    expect(misread).toEqual([]);
  });
  it("mean the same in capitals and with a full stop behind a word", () => {
    const differing = LINES.filter(({ thing, label }) =>
      [label.toUpperCase(), label.replace(/(?<=\p{L})$/u, ".")].some(
        (text) => readMeaning(text).thing?.name !== thing,
      ),
    );
    expect(differing.map(({ label }) => label)).toEqual([]);
  });
  it("carry what their words say: supplies, grounds, what is driven and what is told, in the words of many hands", () => {
    const lines = readFileSync(new URL("../testing/reading/classes.txt", import.meta.url), "utf8")
      .trim()
      .split("\n");
    const labels = lines.flatMap((line) => {
      const [classes = "", texts = ""] = line.split(" | ");
      return texts.split("; ").map((label) => ({ label, classes: classes.split("/") }));
    });
    expect(labels.length).toBeGreaterThan(450);
    const misread = labels.filter(({ label, classes }) => !classes.includes(readMeaning(label).signal));
    expect(misread).toEqual([]);
  });
});
