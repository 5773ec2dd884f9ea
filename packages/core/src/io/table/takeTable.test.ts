import { describe, expect, it } from "vitest";
import { lineProblemWords } from "../../words/index.ts";
import { parseTable, type ReadTable } from "./parseTable.ts";
import { takeTable, type TakeMode } from "./take.ts";
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
    expect(pins[1]!.sources).toEqual({ cavity: maker, function: maker, colour: maker, signal: maker });
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
});
