import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readJobValue } from "../../contract/index.ts";
import { blankPoint, joinPointId, plainSupply, supplyWords, type FeedClass } from "../../model/index.ts";
import { readSupply, suppliesIn } from "./supplies.ts";

const read = (text: string, feed: FeedClass = "battery") => {
  const { name, place, supply } = readSupply(text, feed);
  return [name, place, supply.fuse?.amps ?? null, supply.fuse !== null];
};
const ids = (...texts: readonly string[]) => {
  const { at } = suppliesIn([]);
  return texts.map((text) => at("battery", text));
};

describe("a supply as people write it", () => {
  it("is name, place and rating", () => {
    expect(read("spare fuse F22, 5 A")).toEqual(["F22", "", 5, true]);
    expect(read("F3 30 amp, under the dash")).toEqual(["F3", "under the dash", 30, true]);
    expect(read("main fuse box")).toEqual(["main fuse box", "", null, true]);
    expect(read("battery post")).toEqual(["battery post", "", null, false]);
    expect(read("G103, left sill", "ground")).toEqual(["G103", "left sill", null, false]);
    expect(read("7,5A")).toEqual(["7,5A", "", 7.5, true]);
  });
  it("comes through an interlock switch only in the words that were written for it, never by likeness", () => {
    const through = (text: string) => readSupply(text, "ground").supply.through;
    expect(through("ground through a clutch switch")).toBe("clutch");
    for (const text of ["earth via neutral switch", "ground stud behind the clutch", "ground"])
      expect(through(text)).toBeNull();
  });
});

describe("texts of feeds", () => {
  it("are one supply in whatever way it is written", () => {
    expect(new Set(ids("F22, 5 A", "F22 5 A", "spare fuse F22, 5A", "f22,5 a")).size).toBe(1);
  });
  it("stay apart where the fuse, its rating, the place or the class differs", () => {
    const texts = ["F22, 5 A", "F2, 25 A", "F22, 15 A", "F22, 5 A, boot", "G201", "G20.1"];
    expect(new Set(ids(...texts)).size).toBe(texts.length);
    const { at } = suppliesIn([]);
    expect(at("battery", "F22, 5 A")).not.toBe(at("ground", "F22 5 A"));
  });
  it("name a point that is there; an empty one names none", () => {
    const ground = blankPoint(joinPointId("p1"), "G201", "ground");
    const supplies = suppliesIn([ground]);
    expect(supplies.at("ground", "G201")).toBe("p1");
    expect(supplies.at("ground", "  ")).toBeNull();
    expect(supplies.points()).toMatchObject([{ id: "p1", supply: { aliases: ["ground G201"] } }]);
  });
  it("always give points that a job takes: names and ids apart, whatever is written", () => {
    const texts = fc.array(
      fc.tuple(fc.constantFrom<FeedClass>("battery", "ground"), fc.string({ maxLength: 120 })),
      { maxLength: 8 },
    );
    fc.assert(
      fc.property(texts, (list) => {
        const supplies = suppliesIn([blankPoint(joinPointId("S1"), "S1", "splice")]);
        for (const [feed, text] of list) supplies.at(feed, text);
        const points = supplies.points();
        for (const key of ["id", "name"] as const)
          expect(new Set(points.map((point) => point[key].trim())).size).toBe(points.length);
        for (const { name } of points) {
          expect(name.trim()).not.toBe("");
          expect(name.length).toBeLessThanOrEqual(40);
        }
      }),
      { seed: 17, numRuns: 400 },
    );
  });
});

describe("a job file from before supplies", () => {
  const file = (decisions: readonly unknown[]) => ({
    format: "trevin-job",
    version: 1,
    connectors: [
      { name: "V", side: "vehicle", pins: [{ cavity: "1", function: "Fan, low" }] },
      {
        name: "X",
        side: "incoming",
        pins: [
          { cavity: "A", function: "Memory supply" },
          { cavity: "B", function: "Fan request" },
        ],
      },
    ],
    decisions,
  });
  it("opens: its texts are supplies with their words, those of a relay's terminals too", () => {
    const job = readJobValue(
      file([
        { kind: "feed", pin: { connector: "X", cavity: "A" }, feed: "battery", from: "F22, 5 A" },
        {
          kind: "join",
          vehicle: { connector: "V", cavity: "1" },
          incoming: { connector: "X", cavity: "B" },
          method: "splice",
          device: {
            kind: "relay",
            coil: "incoming",
            legs: [
              { terminal: "30", to: { kind: "feed", feed: "battery", from: "fuse F22 5A" } },
              { terminal: "85", to: { kind: "feed", feed: "ground", from: "" } },
            ],
          },
        },
      ]),
    );
    if (!job.ok) throw new Error(JSON.stringify(job.error));
    const { decisions, points } = job.value.dossier;
    expect(points.map(supplyWords)).toEqual(["F22, 5 A"]);
    expect(decisions).toMatchObject([
      { supply: points[0]!.id },
      {
        device: {
          legs: [{ to: { supply: points[0]!.id } }, { to: { supply: null } }],
        },
      },
    ]);
  });
  it("is refused with the path where a feed names a supply that is not there", () => {
    const job = readJobValue(
      file([{ kind: "feed", pin: { connector: "X", cavity: "A" }, feed: "battery", supply: "gone" }]),
    );
    expect(job).toMatchObject({
      ok: false,
      error: { code: "contradiction", problem: { path: "decisions[0]" } },
    });
  });
});

it("a supply says its rating and its place", () => {
  const point = { ...blankPoint(joinPointId("p"), "F22", "supply"), place: "kick panel" };
  expect(supplyWords(point)).toBe("F22, kick panel");
  expect(
    supplyWords({ ...point, supply: { ...plainSupply("battery"), fuse: { amps: 5, fitted: true } } }),
  ).toBe("F22, 5 A, kick panel");
});
