import { distance } from "fastest-levenshtein";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readJobValue } from "../contract/index.ts";
import { colourInWords, likenessOf, SIGHTS } from "../colour/index.ts";
import { allPins, connectorId, pinColour, pinName, type Dossier } from "../model/index.ts";
import { demoDossier, undecidedDossier } from "../testing/index.ts";
import { groupLookAlikes, lookAlikes, twinMarks } from "./lookAlikes.ts";
import { nameLookAlikes, oneCharacterApart } from "./names.ts";
import { whatIsThisWire } from "./whatWire.ts";

function job(connectors: readonly object[]): Dossier {
  const read = readJobValue({ format: "trevin-job", version: 1, connectors });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
const pins = (...rows: readonly (readonly [string, string, string?, number?])[]) =>
  rows.map(([cavity, colour, circuit = "", size]) => ({
    cavity,
    colour,
    function: "x",
    circuit,
    ...(size === undefined ? {} : { size }),
  }));
const words = (dossier: Dossier, open: readonly string[] = []) =>
  lookAlikes(dossier, open.map(connectorId)).map(
    ({ scope, kind, sights, pair }) =>
      `${pair.map(pinName).join(" ")} ${scope} ${kind}${sights.length === 0 ? "" : ` ${sights.join("+")}`}`,
  );

describe("lookAlikes", () => {
  const module = { colourSystem: "iec", side: "incoming", module: "engine controller" };
  const dossier = job([
    {
      name: "A",
      colourSystem: "iec",
      side: "vehicle",
      pins: pins(["1", "BK"], ["2", "BK"], ["3", "RD", "", 0.5], ["4", "RD", "", 2.5]),
    },
    { name: "M1", ...module, pins: pins(["1", "BU"], ["2", "WH"]) },
    { name: "M2", ...module, pins: pins(["1", "BU"], ["2", "VT"]) },
  ]);
  it("finds them in a connector, across plugs of a module, and among those that are open together", () => {
    expect(words(dossier)).toEqual([
      "A.1 A.2 connector same",
      "M1.1 M2.1 module same",
      "M1.1 M2.2 module near poor light+protan+deutan",
      "M2.1 M2.2 connector near poor light+protan+deutan",
    ]);
    expect(
      words(
        job([
          { name: "A", colourSystem: "iec", pins: pins(["1", "BK"]) },
          { name: "B", colourSystem: "iec", pins: pins(["1", "BK"]) },
        ]),
      ),
    ).toEqual([]);
    expect(
      words(
        job([
          { name: "A", colourSystem: "iec", pins: pins(["1", "BK"]) },
          { name: "B", colourSystem: "iec", pins: pins(["1", "BK"]) },
        ]),
        ["A", "B"],
      ),
    ).toEqual(["A.1 B.1 open same"]);
  });
  it("gives each pair once, and every pair that likeness and size allow", () => {
    let found = 0;
    fc.assert(
      fc.property(undecidedDossier(6), (some) => {
        const all = lookAlikes(
          some,
          some.connectors.map(({ id }) => id),
        );
        const keys = all.map(({ pair }) =>
          pair
            .map(({ pin }) => pin.id)
            .sort()
            .join(" "),
        );
        expect(new Set(keys).size).toBe(keys.length);
        for (const {
          pair: [a, b],
          kind,
        } of all)
          expect(likenessOf(pinColour(a.pin, a.connector)!, pinColour(b.pin, b.connector)!)?.kind).toBe(kind);
        found += all.length;
      }),
      { numRuns: 200, seed: 20 },
    );
    expect(found).toBeGreaterThan(500);
  });
});

describe("groupLookAlikes", () => {
  it("gathers twins under one colour and near ones under two, and loses no pair", () => {
    const dossier = job([
      {
        name: "A",
        colourSystem: "iec",
        pins: pins(["1", "BK"], ["2", "BU"], ["3", "BK"], ["4", "VT"], ["5", "BK"], ["6", "BU"]),
      },
    ]);
    const groups = groupLookAlikes(lookAlikes(dossier)).map(({ sides }) =>
      sides
        .map(
          ({ colour, pins: some }) =>
            `${colourInWords(colour)} ${some.map(({ pin }) => pin.cavity).join(",")}`,
        )
        .join(" ~ "),
    );
    expect(groups).toEqual(["black 1,3,5", "blue 2,6", "blue 2,6 ~ violet 4"]);
    fc.assert(
      fc.property(undecidedDossier(8), (some) => {
        const pairs = lookAlikes(
          some,
          some.connectors.map(({ id }) => id),
        );
        const grouped = groupLookAlikes(pairs);
        for (const { scope, pair } of pairs)
          expect(
            grouped.some(
              (group) =>
                group.scope === scope &&
                pair.every((one) =>
                  group.sides.some((side) => side.pins.some(({ pin }) => pin.id === one.pin.id)),
                ),
            ),
          ).toBe(true);
        expect(grouped.length).toBeLessThanOrEqual(pairs.length);
      }),
      { numRuns: 100, seed: 23 },
    );
  });
});

describe("twinMarks", () => {
  it("marks a pin exactly when the list of pairs has it, twins before near ones", () => {
    let marked = 0;
    fc.assert(
      fc.property(undecidedDossier(9), (some) => {
        for (const connector of some.connectors) {
          const pairs = lookAlikes({ ...some, connectors: [connector] });
          const kinds = (id: string) =>
            pairs.filter(({ pair }) => pair.some(({ pin }) => pin.id === id)).map(({ kind }) => kind);
          const marks = twinMarks(connector, SIGHTS);
          for (const pin of connector.pins)
            expect(marks.get(pin.id)).toBe(kinds(pin.id).includes("same") ? "same" : kinds(pin.id)[0]);
          marked += marks.size;
        }
      }),
      { numRuns: 200, seed: 22 },
    );
    expect(marked).toBeGreaterThan(300);
  });
});

describe("names", () => {
  it("are one character apart when an edit-distance package says so, or two neighbours are exchanged", () => {
    let apart = 0;
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom("A", "B", "1", "2"), maxLength: 5 }),
        fc.string({ unit: fc.constantFrom("A", "B", "1", "2"), maxLength: 5 }),
        (a, b) => {
          const exchanged =
            a.length === b.length &&
            [...a].some(
              (_, i) => a.slice(0, i) + (a[i + 1] ?? "") + a[i]! + a.slice(i + 2) === b && i + 1 < a.length,
            ) &&
            a !== b;
          expect(oneCharacterApart(a, b)).toBe(distance(a, b) === 1 || exchanged);
          if (oneCharacterApart(a, b)) apart++;
        },
      ),
      { numRuns: 5000, seed: 21 },
    );
    expect(apart).toBeGreaterThan(300);
  });
  it("are named where they mislead, and counted labels are left alone", () => {
    const dossier = job([
      { name: "C21", pins: pins(["1", "", "1401"], ["2", "", "1410"], ["3", "", "1402"]) },
      { name: "C2I", pins: pins(["86", ""], ["87", ""], ["87a", ""], ["30", ""]) },
      { name: "X", pins: pins(["A", ""], ["a", ""], ["O", ""], ["0", ""]) },
    ]);
    expect(
      nameLookAlikes(dossier).map(({ what, names, at }) =>
        `${what} ${at} ${names.join("/")}`.replace("  ", " "),
      ),
    ).toEqual([
      "connector C21/C2I",
      "circuit C21 1401/1410",
      "cavity C2I 87/87a",
      "cavity X A/a",
      "cavity X O/0",
    ]);
  });
});

describe("whatIsThisWire", () => {
  it("finds every wire by its own colour, itself among the same", () => {
    const dossier = demoDossier();
    let asked = 0;
    for (const placed of allPins(dossier)) {
      const colour = placed.pin.content === "empty" ? null : pinColour(placed.pin, placed.connector);
      if (colour === null) continue;
      const same = whatIsThisWire(dossier, colourInWords(colour).replace(", ", " with ")).flatMap(
        ({ hits }) => hits.filter((hit) => hit.likeness.kind === "same").map((hit) => hit.placed.pin.id),
      );
      expect(same, pinName(placed)).toContain(placed.pin.id);
      asked++;
    }
    expect(asked).toBeGreaterThan(20);
  });
  it("asks the job's own systems first, counts twins, and adds the near ones", () => {
    const dossier = job([
      { name: "J", colourSystem: "japanese", pins: pins(["1", "P"], ["2", "P"], ["3", "V"], ["4", "LA"]) },
    ]);
    const answers = whatIsThisWire(dossier, "P").map(({ colour, systems, hits }) => [
      colourInWords(colour),
      systems,
      hits.map((hit) => `${pinName(hit.placed)} ${hit.likeness.kind} ${hit.twins}`),
    ]);
    expect(answers).toEqual([
      ["pink", ["japanese"], ["J.1 same 1", "J.2 same 1", "J.4 near 2"]],
      ["violet", ["north-american"], ["J.3 same 0"]],
    ]);
    expect(whatIsThisWire(dossier, "nonsense")).toEqual([]);
  });
});
