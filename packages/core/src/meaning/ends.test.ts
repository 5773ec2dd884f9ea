import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { SignalClass } from "../model/index.ts";
import { THINGS } from "./lexicon/index.ts";
import { readMeaning } from "./readMeaning.ts";

/** `classes | parts | what is said of them`, "%" for the part: which end of it a wire is (common practice, no source). */
const MANNERS = readFileSync(new URL("../testing/reading/manners.txt", import.meta.url), "utf8")
  .trim()
  .split("\n")
  .map((line) => line.split("|").map((part) => part.trim()))
  .flatMap(([classes = "", parts = "", manners = ""]) =>
    parts
      .split("; ")
      .flatMap((part) =>
        manners
          .split("; ")
          .map((manner) => ({ text: manner.replace("%", part), classes: classes.split(", ") })),
      ),
  );

const FEEDS: ReadonlySet<SignalClass> = new Set([
  "battery",
  "ignition",
  "accessory",
  "run-not-crank",
  "start",
  "charge-indicator",
]);
const said = (manners: readonly string[], name: string): readonly string[] =>
  manners.map((manner) => manner.replace("%", name));

describe("which end of a part a wire is", () => {
  it("is told in every manner of saying it", () => {
    expect(MANNERS.length).toBeGreaterThan(1000);
    const misread = MANNERS.filter(({ text, classes }) => !classes.includes(readMeaning(text).signal));
    expect(misread.map(({ text }) => text)).toEqual([]);
  });

  it("is never a feed where the text calls it ground, return or minus, whatever usually feeds the part", () => {
    const fed = THINGS.filter(({ signal, name }) => FEEDS.has(signal) && !/relay/.test(name));
    expect(fed.length).toBeGreaterThan(40);
    const manners = [
      "% ground",
      "% earth",
      "% return",
      "% negative",
      "% minus",
      "% -",
      "% 0V",
      "earth for %",
    ];
    const misread = fed
      .filter(({ name }) => !/run|crank/.test(name))
      .flatMap(({ name }) => said(manners, name))
      .filter((text) => FEEDS.has(readMeaning(text).signal));
    expect(misread).toEqual([]);
  });

  it("is never a ground where the text says that it feeds", () => {
    const parts = THINGS.filter(
      ({ signal, name }) => signal !== "ground" && !/ground|return|minus/.test(name),
    );
    const misread = parts
      .flatMap(({ name }) => said(["% 12V feed", "% supply", "% +12V", "12V to %", "fused feed %"], name))
      .filter((text) => readMeaning(text).signal === "ground");
    expect(misread).toEqual([]);
  });

  it("is not lost when a return is called that of a feed", () => {
    for (const text of ["Return for permanent supply", "Earth for battery", "Negative, ignition feed"])
      expect(readMeaning(text).signal, text).toBe("ground");
  });

  it("tells the pins of a thirteen-pin trailer socket (ISO 11446, from memory)", () => {
    const pins = ["9", "10", "13", "6", "8"].map((pin) => readMeaning(`13-pin socket pin ${pin}`).signal);
    expect(pins).toEqual(["battery", "ignition", "ground", "lamp-feed", "lamp-feed"]);
  });

  it("does not take what a module shuts off or forbids for a spare wire", () => {
    for (const text of ["Emergency cut off", "No drive while charging", "no charge light"])
      expect(readMeaning(text).thing?.name, text).not.toBe("spare");
    for (const text of ["No connection", "no wire", "cut off, taped back"])
      expect(readMeaning(text).signal, text).toBe("none");
  });
});
