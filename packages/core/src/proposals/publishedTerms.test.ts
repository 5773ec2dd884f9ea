import { describe, expect, it } from "vitest";
import { indexPins, type PinId } from "../model/index.ts";
import din from "../testing/reference/din72552.json" with { type: "json" };
import sae from "../testing/reference/sae-j1930.json" with { type: "json" };
import { signalOf } from "../meaning/index.ts";
import { suggest } from "./crosswalk.ts";
import { shortJob } from "../testing/shortTables.ts";

describe("published terms", () => {
  it("pairs every abbreviation of SAE J1930 / ISO 15031-2 with its own long form (reference from memory)", () => {
    const rows = sae.rows.filter(
      ({ abbr, term }) => shortJob([["1", abbr]], [["A", term]]).connectors.length === 2,
    );
    const wrong = rows.flatMap(({ abbr, term }) => {
      const walk = suggest(shortJob([["1", abbr]], [["A", term]]));
      return [...walk.pairs].length === 1 || isNoWire(abbr, term) ? [] : [`${abbr} = ${term}`];
    });
    expect(rows.length).toBeGreaterThan(60);
    expect(wrong).toEqual([]);
  });
  const isNoWire = (abbr: string, term: string): boolean =>
    suggest(shortJob([["1", abbr, "", "none"]], [["A", term, "", "none"]])).alone.length === 2 &&
    !/sensor|switch|solenoid|signal|relay|position/.test(term);

  it("pairs every terminal of DIN 72552 with itself under its other name, and with no other terminal for sure", () => {
    const numbers = [...new Set(din.rows.map(({ terminal }) => terminal))].filter((terminal) =>
      /^\d/.test(terminal),
    );
    const half = numbers.filter((_, index) => index % 2 === 0).slice(0, 40);
    const dossier = shortJob(
      half.map((terminal, i) => [String(i + 1), `KL ${terminal}`]),
      half.map((terminal, i) => [String(i + 1), `Terminal ${terminal}`]),
    );
    const pins = indexPins(dossier);
    const number = (id: PinId): string => pins.get(id)!.pin.function.replace(/^\D+/, "");
    const walk = suggest(dossier);
    expect(walk.pairs.length + walk.groups.length).toBeGreaterThan(25);
    for (const pair of walk.pairs.filter(({ sure }) => sure === "sure"))
      expect([number(pair.vehicle), signalOf(pins.get(pair.vehicle)!, [])]).toEqual([
        number(pair.incoming),
        signalOf(pins.get(pair.incoming)!, []),
      ]);
  });
});
