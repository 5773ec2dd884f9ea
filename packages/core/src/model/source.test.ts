import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readJobValue } from "../contract/index.ts";
import { checkPlan, planWork } from "../plan/index.ts";
import { blankPin, type Pin } from "./connector.ts";
import { SURENESS } from "./decision.ts";
import { FACTS, type Fact } from "./fact.ts";
import { pinId, sourceId } from "./ids.ts";
import { indexSources, leastSure, OWN_SOURCES, surenessOf, vouched, type Source } from "./source.ts";

const source = (id: string, sure: Source["sure"]): Source => ({
  id: sourceId(id),
  kind: "diagram",
  title: id,
  page: "",
  appliesTo: "",
  colourSystem: null,
  sure,
});
const SOURCES = indexSources([source("good", "sure"), source("old", "check"), source("rumour", "guess")]);
const ids = ["good", "old", "rumour", "read-off", "measured", "recalled", "guessed"].map(sourceId);

const pins = fc
  .record({
    sources: fc.dictionary(fc.constantFrom<Fact>(...FACTS), fc.constantFrom(...ids)),
    doubts: fc.dictionary(fc.constantFrom<Fact>(...FACTS), fc.constant("faint scan"), { maxKeys: 2 }),
    claims: fc.array(
      fc.record({
        fact: fc.constantFrom<Fact>(...FACTS),
        value: fc.constant("x"),
        source: fc.constantFrom(...ids),
        when: fc.constantFrom("", "up to model year 2"),
      }),
      { maxLength: 3 },
    ),
  })
  .map((more): Pin => ({ ...blankPin(pinId("p"), "1", 0), ...more }));

describe("surenessOf", () => {
  it("is as sure as its source, less when somebody doubts or another source contradicts", () => {
    const pin: Pin = {
      ...blankPin(pinId("p"), "1", 0),
      sources: { colour: sourceId("good"), size: sourceId("rumour"), function: sourceId("good") },
      doubts: { colour: "faint scan" },
      claims: [{ fact: "function", value: "Horn", source: sourceId("old"), when: "" }],
    };
    expect(FACTS.map((fact) => surenessOf(pin, fact, SOURCES))).toEqual([
      null,
      "check",
      "check",
      "guess",
      null,
    ]);
    expect(leastSure(pin, SOURCES)).toBe("guess");
    expect(
      leastSure(
        {
          ...pin,
          claims: pin.claims.map((claim) => ({ ...claim, when: "up to model year 2" })),
          doubts: {},
          sources: { function: sourceId("good") },
        },
        SOURCES,
      ),
    ).toBe("sure");
    expect(leastSure(blankPin(pinId("p"), "1", 0), SOURCES)).toBeNull();
  });
  it("is sure of every value once all are vouched for by a sure source, and only claims for other cars are left", () => {
    let settled = 0;
    fc.assert(
      fc.property(pins, (pin) => {
        const seen = vouched(pin, FACTS, sourceId("read-off"));
        expect(FACTS.every((fact) => surenessOf(seen, fact, SOURCES) === "sure")).toBe(true);
        expect(seen.claims).toEqual(pin.claims.filter((claim) => claim.when !== ""));
        expect(vouched(seen, FACTS, sourceId("read-off"))).toEqual(seen);
        if (leastSure(pin, SOURCES) !== "sure") settled++;
      }),
      { numRuns: 500, seed: 40 },
    );
    expect(settled).toBeGreaterThan(300);
  });
  it("rises for a whole source at once, and never falls when a source is raised", () => {
    const order = [...SURENESS, null].map(String);
    fc.assert(
      fc.property(pins, fc.constantFrom("old", "rumour"), (pin, raised) => {
        const after = new Map(SOURCES).set(sourceId(raised), source(raised, "sure"));
        for (const fact of FACTS)
          expect(order.indexOf(String(surenessOf(pin, fact, after)))).toBeLessThanOrEqual(
            order.indexOf(String(surenessOf(pin, fact, SOURCES))),
          );
      }),
      { numRuns: 300, seed: 41 },
    );
  });
  it("has its own sources in every job, of distinct ids", () => {
    expect(new Set(OWN_SOURCES.map((one) => one.id)).size).toBe(OWN_SOURCES.length);
  });
});

describe("a doubtful pin in the plan", () => {
  const job = (doubts: object) => {
    const read = readJobValue({
      format: "trevin-job",
      version: 1,
      connectors: [
        { name: "V", pins: [{ cavity: "1", function: "Horn", colour: "BK", doubts }] },
        { name: "X", pins: [{ cavity: "A", function: "Horn", colour: "BK" }] },
      ],
      decisions: [
        {
          kind: "join",
          vehicle: { connector: "V", cavity: "1" },
          incoming: { connector: "X", cavity: "A" },
          method: "splice",
        },
      ],
    });
    if (!read.ok) throw new Error(read.error.code);
    return read.value.dossier;
  };
  it("is looked at before it is cut, and the checker sees a plan that forgets it", () => {
    const kinds = (doubts: object): readonly string[] =>
      planWork(job(doubts))
        .steps.filter((step) => step.decision !== null)
        .map((step) => step.kind);
    expect(kinds({})[0]).not.toBe("check");
    expect(kinds({ colour: "faint scan" })[0]).toBe("check");
    expect(checkPlan(job({ colour: "faint scan" }), planWork(job({ colour: "faint scan" })))).toBeNull();
    expect(checkPlan(job({ colour: "faint scan" }), planWork(job({})))).toMatchObject({
      code: "unchecked-doubt",
    });
  });
});
