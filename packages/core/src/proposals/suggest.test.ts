import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { indexPins, type Dossier, type PinId } from "../model/index.ts";
import { demoDossier, undecidedDossier } from "../testing/index.ts";
import { colourForColour } from "../hazards/index.ts";
import { applyCommand } from "../dossier/index.ts";
import { checkPlan, planWork } from "../plan/index.ts";
import { bestArrangement } from "../testing/bestArrangement.ts";
import { decisionFromAlone, decisionFromGroup, decisionFromPair, leftOpen } from "./accept.ts";
import type { MatchMemo } from "./chosenLinks.ts";
import { suggest, type Crosswalk } from "./crosswalk.ts";
import { aloneCost, pinReader } from "../pairing/index.ts";
import { shortJob, nameOf, pairsIn } from "../testing/shortTables.ts";

/** Without bars in the plugs: of what they contradict nothing is proposed. */
const withoutBars = (dossier: Dossier): Dossier => ({
  ...dossier,
  connectors: dossier.connectors.map((one) => ({
    ...one,
    shell: one.shell === null ? null : { ...one.shell, joined: [] },
  })),
});
const pinsOf = (walk: Crosswalk): readonly PinId[] => [
  ...new Set(
    [...walk.pairs, ...walk.groups.flatMap((group) => group.pairs)].flatMap((pair) => [
      pair.vehicle,
      pair.incoming,
    ]),
  ),
];

describe("suggest", () => {
  it("pairs the demo by what the wires do, leaves the memory feed open and the accessory in its plug", () => {
    const dossier = { ...demoDossier(), decisions: [] };
    expect(pairsIn(dossier)).toEqual([
      "B12.1 AL-P.C sure",
      "B12.2 AL-P.A check",
      "B12.4 AL-P.M sure",
      "B12.5 AL-P.H sure",
      "B12.7 AL-P.D sure",
      "B12.8 AL-P.E sure",
      "B12.9 AL-P.F sure",
      "B12.10 AL-P.N sure",
      "B12.11 AL-P.G sure",
      "B12.12 AL-P.J sure",
      "B12.13 AL-P.K sure",
      "B12.14 AL-P.L sure",
    ]);
    expect(suggest(dossier).alone.map((alone) => `${nameOf(dossier, alone.pin)} ${alone.proposal}`)).toEqual([
      "B12.3 leave",
      "AL-P.B feed",
      "AL-P.P cap",
      "AL-P.R cap",
    ]);
  });

  it("never joins by colour what the functions tell apart (common practice: position and function over colour)", () => {
    const dossier = shortJob(
      [
        ["1", "Ground", "BK", "ground"],
        ["2", "CAN low", "BN", "can-l"],
      ],
      [
        ["A", "CAN low", "BK", "can-l"],
        ["B", "Ground", "BN", "ground"],
      ],
    );
    expect(pairsIn(dossier)).toEqual(["V.1 X.B sure", "V.2 X.A sure"]);
    expect(colourForColour(dossier).map((join) => join.outcome)).toEqual(["damage", "damage"]);
  });

  it("calls a pair a guess when another arrangement is as good, or the only case is weak", () => {
    const twoToOne = shortJob(
      [
        ["1", "odd lead one", "RD"],
        ["2", "odd lead two", "RD"],
      ],
      [["A", "odd lead", "RD"]],
    );
    expect(pairsIn(twoToOne).every((pair) => pair.endsWith("guess"))).toBe(true);
  });

  it("does not call grounds a guess for being interchangeable", () => {
    const dossier = shortJob(
      [
        ["1", "Ground", "BK", "ground"],
        ["2", "Ground", "BK", "ground"],
      ],
      [
        ["A", "Ground", "BN", "ground"],
        ["B", "Ground", "BN", "ground"],
      ],
    );
    expect(pairsIn(dossier).map((pair) => pair.split(" ")[2])).toEqual(["sure", "sure"]);
  });

  it("names every open pin once, keeps what is decided out of the question and what is forbidden apart", () => {
    let groups = 0;
    fc.assert(
      fc.property(undecidedDossier(6), (dossier) => {
        const walk = suggest(dossier);
        const used = [...pinsOf(walk), ...walk.alone.map((alone) => alone.pin)];
        groups += walk.groups.length;
        expect(new Set(used).size).toBe(used.length);
        expect(used.length).toBe(
          [...indexPins(dossier).values()].filter(({ pin }) => pin.content !== "empty").length,
        );
        const [first] = walk.pairs;
        if (first === undefined) return;
        const common = { sure: "sure", reason: "", answers: [] } as const;
        expect(
          pinsOf(suggest({ ...dossier, decisions: [{ kind: "leave", pin: first.vehicle, ...common }] })),
        ).not.toContain(first.vehicle);
        const apart = suggest({
          ...dossier,
          decisions: [{ kind: "forbid", vehicle: first.vehicle, incoming: first.incoming, ...common }],
        });
        expect(
          [...apart.pairs, ...apart.groups.flatMap((group) => group.pairs)].filter(
            (pair) => pair.vehicle === first.vehicle && pair.incoming === first.incoming,
          ),
        ).toEqual([]);
      }),
      { numRuns: 300, seed: 30 },
    );
    expect(groups).toBeGreaterThan(30);
  });

  it("is the best of all arrangements of joins, splits and merges, found by trying every one", () => {
    let [grouped, tried] = [0, 0];
    fc.assert(
      fc.property(undecidedDossier(3).map(withoutBars), (dossier) => {
        const walk = suggest(dossier);
        grouped += walk.groups.length;
        const pairs = [...walk.pairs, ...walk.groups.flatMap((group) => group.pairs)];
        const read = new Map(
          [...indexPins(dossier).values()].map((placed) => [placed.pin.id, pinReader(dossier)(placed)]),
        );
        const price = walk.alone.reduce(
          (sum, { pin }) =>
            sum + (read.get(pin)!.placed.pin.content === "occupied" ? aloneCost(read.get(pin)!) : 0),
          0,
        );
        const best = bestArrangement(
          [...read.values()].filter(({ placed }) => placed.pin.content === "occupied"),
        );
        if (best === null) return;
        tried++;
        expect(price - pairs.reduce((sum, pair) => sum + pair.strength, 0)).toBe(best);
      }),
      { numRuns: 1500, seed: 34 },
    );
    expect(tried).toBeGreaterThan(1000);
    expect(grouped).toBeGreaterThan(50);
  });

  it("answers the same with what it remembers from before, whatever was decided in between", () => {
    let remembered = 0;
    fc.assert(
      fc.property(undecidedDossier(6), fc.array(fc.nat(), { maxLength: 4 }), (start, choices) => {
        const memo: MatchMemo = new Map();
        let dossier = start;
        for (const choice of choices) {
          const walk = suggest(dossier, { memo });
          expect(walk).toEqual(suggest(dossier));
          const pair = walk.pairs[choice % Math.max(1, walk.pairs.length)];
          if (pair === undefined) return;
          const before = new Set(memo.keys());
          dossier = { ...dossier, decisions: [...dossier.decisions, decisionFromPair(pair, dossier)] };
          expect(suggest(dossier, { memo })).toEqual(suggest(dossier));
          remembered += [...memo.keys()].filter((key) => before.has(key)).length;
        }
      }),
      { numRuns: 250, seed: 35 },
    );
    expect(remembered).toBeGreaterThan(80);
  });

  it("makes suggestions that can all be decided as they stand, and a plan of them that the checker finds sound", () => {
    let steps = 0;
    fc.assert(
      fc.property(undecidedDossier(5), (dossier) => {
        const walk = suggest(dossier);
        const put = [
          ...walk.pairs.map((pair) => decisionFromPair(pair, dossier)),
          ...walk.groups.map((group) => decisionFromGroup(group, dossier)),
          ...walk.alone.flatMap(
            (alone) => decisionFromAlone(alone, dossier) ?? leftOpen("leave", alone.pin, null),
          ),
        ];
        const decided = applyCommand(dossier, { kind: "decide", put, remove: [] });
        if (!decided.ok) throw new Error(JSON.stringify(decided.error));
        expect(suggest(decided.value)).toEqual({ pairs: [], groups: [], jumpers: [], alone: [] });
        const plan = planWork(decided.value);
        steps += plan.steps.length;
        expect(checkPlan(decided.value, plan)).toBeNull();
      }),
      { numRuns: 200, seed: 364 },
    );
    expect(steps).toBeGreaterThan(1000);
  });

  it("gives the same answer whatever the order of the rows", () => {
    fc.assert(
      fc.property(undecidedDossier(6), (dossier) => {
        const turned: Dossier = {
          ...dossier,
          connectors: [...dossier.connectors]
            .reverse()
            .map((connector) => ({ ...connector, pins: [...connector.pins].reverse() })),
        };
        expect(suggest(turned)).toEqual(suggest(dossier));
      }),
      { numRuns: 200, seed: 31 },
    );
  });

  it("is no worse than any single change of the pairing (every pair's margin is at least zero)", () => {
    fc.assert(
      fc.property(undecidedDossier(6), (dossier) => {
        const walk = suggest(dossier);
        for (const pair of [...walk.pairs, ...walk.groups.flatMap((group) => group.pairs)])
          expect(pair.margin).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 300, seed: 32 },
    );
  });
});
