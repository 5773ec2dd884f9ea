import { describe, expect, it } from "vitest";
import { lineProblemWords } from "../../words/index.ts";
import { parseTable, type ReadTable } from "./parseTable.ts";
import { isBlank, overwritten, takeTable, type TakeMode } from "./take.ts";
import { blankConnector, blankPin, connectorId, pinId, sourceId, type Connector } from "../../model/index.ts";

const table = (text: string, system: Parameters<typeof parseTable>[1] = null): ReadTable => {
  const read = parseTable(text, system);
  if (!read.ok) throw new Error(read.error.code);
  return read.value;
};

describe("takeTable", () => {
  const maker = sourceId("maker");
  const pin = (cavity: string, order: number, more: object) => ({
    ...blankPin(pinId(`p${cavity}`), cavity, order),
    content: "occupied" as const,
    ...more,
  });
  const connector: Connector = {
    ...blankConnector(connectorId("c"), "C", "vehicle"),
    pins: [
      pin("1", 0, { colour: "BK", function: "Ground", size: 2 }),
      pin("2", 1, { colour: "RD", function: "Horn" }),
    ],
  };
  const take = (text: string, mode: TakeMode, source: typeof maker | null = maker) => {
    let next = 0;
    return takeTable(table(text), connector, {
      source,
      mode,
      newId: () => pinId(`n${next++}`),
      say: lineProblemWords,
    });
  };
  it("replaces what is there, adds after the last, leaves out what cannot go in, and names the source of each value", () => {
    const pins = take("1\tBN\tGround\n3\tGN\tFan\n3\tGN\tagain\n\tYE\tno label", { kind: "replace" });
    expect(
      pins.map(({ id, cavity, order, colour, function: name }) => [id, cavity, order, colour, name]),
    ).toEqual([
      ["p1", "1", 0, "BN", "Ground"],
      ["n0", "3", 2, "GN", "Fan"],
    ]);
    expect(pins[1]!.sources).toEqual({ cavity: maker, function: maker, colour: maker });
  });
  it("keeps what is there beside what another source says, and fills what was missing", () => {
    const pins = take("1\tblack\tChassis\t1.5\n2\tRD\tHorn\t0.5", { kind: "compare", when: "" });
    expect(pins).toHaveLength(2);
    expect(pins[0]).toMatchObject({
      colour: "BK",
      function: "Ground",
      size: 2,
      claims: [
        { fact: "function", value: "Chassis", source: maker, when: "" },
        { fact: "size", value: "1.5", source: maker, when: "" },
      ],
    });
    expect(pins[1]).toMatchObject({ size: 0.5, sources: { size: maker }, claims: [] });
    const variant = take("2\tYE\tHorn", { kind: "compare", when: "up to model year 2" });
    expect(variant).toHaveLength(1);
    expect(variant[0]).toMatchObject({
      colour: "RD",
      claims: [{ fact: "colour", value: "YE", when: "up to model year 2" }],
    });
  });
  it("does not fill a cavity that is known to be empty", () => {
    const empty: Connector = { ...connector, pins: [pin("1", 0, { content: "empty", signal: "none" })] };
    const [first] = takeTable(table("1\tBN\tHorn\t0.5"), empty, {
      source: maker,
      mode: { kind: "compare", when: "" },
      newId: () => pinId("n"),
      say: lineProblemWords,
    });
    expect(first).toMatchObject({
      content: "empty",
      colour: "",
      size: null,
      claims: [{ fact: "function", value: "Horn", source: maker }],
    });
  });
  it("keeps a line's doubts with the value", () => {
    const [first] = take("5\t22\tXQ\tFan\n6\t20\tBK\tFan\n7\t18\tRD\tFan", { kind: "replace" });
    expect(first!.doubts).toEqual({
      colour: "colour “XQ” is not a known code; kept as written",
      size: "22 read as AWG: 0.33 mm²",
    });
  });
  it("leaves alone what the table has no column for, and what its cells leave blank", () => {
    const full: Connector = {
      ...connector,
      pins: [
        pin("1", 0, {
          colour: "BK",
          function: "Ground",
          size: 2,
          signal: "ground",
          sources: { size: maker },
        }),
        pin("2", 1, { colour: "RD", function: "Horn", size: 0.5, note: "behind the fuse box" }),
        blankPin(pinId("p3"), "3", 2),
      ],
    };
    const into = (text: string) => {
      let next = 0;
      return takeTable(table(text), full, {
        source: null,
        mode: { kind: "replace" },
        newId: () => pinId(`n${next++}`),
        say: lineProblemWords,
      });
    };
    const [one, two, three] = into("cavity\tfunction\n1\tChassis ground\n2\t\n3\tFan");
    expect(one).toMatchObject({
      function: "Chassis ground",
      colour: "BK",
      size: 2,
      sources: { size: maker },
    });
    expect(two).toMatchObject({ function: "Horn", colour: "RD", size: 0.5, note: "behind the fuse box" });
    expect(three).toMatchObject({ function: "Fan", content: "occupied" });
    const [coloured] = into("pin\tcolour\n1\tGN\n2\tGN\n3\tGN");
    expect(coloured).toMatchObject({ function: "Ground", colour: "GN", size: 2, signal: "ground" });
    // A class that was given for other words goes with them; for the same words it stays.
    expect([one!.signal, into("cavity\tfunction\n1\tGround")[0]!.signal]).toEqual([null, "ground"]);
    // A word for an empty cavity empties it.
    expect(into("cavity\tfunction\n2\tempty")[0]).toMatchObject({
      content: "empty",
      function: "",
      colour: "",
    });
  });
  it("says what of a pin would be lost, and nothing of what stays or is only written otherwise", () => {
    const lost = (text: string) => {
      const read = table(text);
      return read.lines.map((line) =>
        overwritten(
          line,
          read,
          connector.pins.find(({ cavity }) => cavity === line.cavity)!,
          connector,
        ),
      );
    };
    expect(lost("cavity\tcolour\tfunction\n1\tblack\tChassis\n2\tRD\t")).toEqual([
      [{ fact: "function", before: "Ground" }],
      [],
    ]);
    expect([isBlank(blankPin(pinId("p"), "9", 0)), isBlank(connector.pins[0]!)]).toEqual([true, false]);
  });
});
