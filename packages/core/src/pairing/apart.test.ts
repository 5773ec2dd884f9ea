import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { readJobFile } from "../contract/index.ts";
import { suggest } from "../proposals/index.ts";

/** What a fitter must never see proposed as one wire, or never as sure (common practice, no source): two labels a line. */
const [never = [], unsure = []] = readFileSync(
  new URL("../testing/reading/apart.txt", import.meta.url),
  "utf8",
)
  .split(/^# .*$/m)
  .slice(1)
  .map((block) => block.trim().split("\n"));

function proposed(line: string): string | null {
  const [vehicle = "", incoming = ""] = line.split(" | ");
  const plug = (name: string, side: string, text: string) => ({
    name,
    side,
    leads: side === "vehicle" ? "loom" : "flying",
    pins: [{ cavity: "1", function: text }],
  });
  const read = readJobFile(
    JSON.stringify({
      format: "trevin-job",
      version: 1,
      connectors: [plug("V", "vehicle", vehicle), plug("X", "incoming", incoming)],
    }),
  );
  if (!read.ok) throw new Error(line);
  return suggest(read.value.dossier).pairs[0]?.sure ?? null;
}

describe("labels that are kept apart", () => {
  it("are never proposed as one wire, whichever side they stand on", () => {
    expect(never.length).toBeGreaterThan(120);
    const turned = never.map((line) => line.split(" | ").reverse().join(" | "));
    expect([...never, ...turned].filter((line) => proposed(line) !== null)).toEqual([]);
  });
  it("are never sure where they may be one", () => {
    expect(unsure.length).toBeGreaterThan(10);
    expect(unsure.filter((line) => proposed(line) === "sure")).toEqual([]);
  });
  it("keep a load from a feed that is fused for half of what it wants, and from none that gives more", () => {
    expect(proposed("Battery +, fuse 15 A | 12V+ constant, fuse 30A at battery")).toBeNull();
    expect(proposed("Battery +, fuse 40 A | 12V+ constant, fuse 30A at battery")).not.toBeNull();
    expect(proposed("Ignition feed, 5 A | Ignition supply, draws 20 A")).toBeNull();
  });
});
