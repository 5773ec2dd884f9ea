import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { indexPins, pinName, type Dossier, type PinId } from "../model/index.ts";
import { readJobValue } from "../contract/index.ts";
import { byName, demoDossier, undecidedDossier } from "../testing/index.ts";
import { colourForColour } from "./colourVerdict.ts";
import { applyCommand } from "../dossier/index.ts";
import { checkPlan, planWork } from "../plan/index.ts";
import { bestArrangement } from "../testing/bestArrangement.ts";
import { decisionFromAlone, decisionFromGroup, decisionFromPair, leftOpen } from "./accept.ts";
import { candidatesFor, suggest, type Crosswalk, type MatchMemo } from "./crosswalk.ts";
import { aloneCost } from "./problem.ts";
import { weigh } from "./evidence.ts";
import { pinReader } from "./readPin.ts";

/** A dossier from two short tables of [cavity, function, colour, signal]. */
function job(vehicle: readonly (readonly string[])[], incoming: readonly (readonly string[])[]): Dossier {
  const pins = (rows: readonly (readonly string[])[]) =>
    rows.map(([cavity, name, colour, signal]) => ({
      cavity,
      function: name,
      ...(colour ? { colour } : {}),
      ...(signal ? { signal } : {}),
    }));
  const read = readJobValue({
    format: "trevin-job",
    version: 1,
    connectors: [
      { name: "V", colourSystem: "iec", pins: pins(vehicle) },
      { name: "X", colourSystem: "iec", pins: pins(incoming) },
    ],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
/** Without bars in the plugs: of what they contradict nothing is proposed. */
const withoutBars = (dossier: Dossier): Dossier => ({
  ...dossier,
  connectors: dossier.connectors.map((one) => ({
    ...one,
    shell: one.shell === null ? null : { ...one.shell, joined: [] },
  })),
});
const named = (dossier: Dossier, id: PinId): string => pinName(indexPins(dossier).get(id)!);
const pinsOf = (walk: Crosswalk): readonly PinId[] => [
  ...new Set(
    [...walk.pairs, ...walk.groups.flatMap((group) => group.pairs)].flatMap((pair) => [
      pair.vehicle,
      pair.incoming,
    ]),
  ),
];
const pairsOf = (dossier: Dossier): readonly string[] =>
  suggest(dossier).pairs.map(
    (pair) => `${named(dossier, pair.vehicle)} ${named(dossier, pair.incoming)} ${pair.sure}`,
  );

describe("suggest", () => {
  it("pairs the demo by what the wires do, leaves the memory feed open and the accessory in its plug", () => {
    const dossier = { ...demoDossier(), decisions: [] };
    expect(pairsOf(dossier)).toEqual([
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
    expect(suggest(dossier).alone.map((alone) => `${named(dossier, alone.pin)} ${alone.proposal}`)).toEqual([
      "B12.3 leave",
      "AL-P.B feed",
      "AL-P.P cap",
      "AL-P.R cap",
    ]);
  });

  it("never joins by colour what the functions tell apart (common practice: position and function over colour)", () => {
    const dossier = job(
      [
        ["1", "Ground", "BK", "ground"],
        ["2", "CAN low", "BN", "can-l"],
      ],
      [
        ["A", "CAN low", "BK", "can-l"],
        ["B", "Ground", "BN", "ground"],
      ],
    );
    expect(pairsOf(dossier)).toEqual(["V.1 X.B sure", "V.2 X.A sure"]);
    expect(colourForColour(dossier).map((join) => join.outcome)).toEqual(["damage", "damage"]);
  });

  it("calls a pair a guess when another arrangement is as good, or the only case is weak", () => {
    const twoToOne = job(
      [
        ["1", "odd lead one", "RD"],
        ["2", "odd lead two", "RD"],
      ],
      [["A", "odd lead", "RD"]],
    );
    expect(pairsOf(twoToOne).every((pair) => pair.endsWith("guess"))).toBe(true);
  });

  it("does not call grounds a guess for being interchangeable", () => {
    const dossier = job(
      [
        ["1", "Ground", "BK", "ground"],
        ["2", "Ground", "BK", "ground"],
      ],
      [
        ["A", "Ground", "BN", "ground"],
        ["B", "Ground", "BN", "ground"],
      ],
    );
    expect(pairsOf(dossier).map((pair) => pair.split(" ")[2])).toEqual(["sure", "sure"]);
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
      { numRuns: 150, seed: 35 },
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
        expect(suggest(decided.value.dossier)).toEqual({ pairs: [], groups: [], jumpers: [], alone: [] });
        const plan = planWork(decided.value.dossier);
        steps += plan.steps.length;
        expect(checkPlan(decided.value.dossier, plan)).toBeNull();
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

describe("weigh", () => {
  const pair = (dossier: Dossier, a: string, b: string) => {
    const pins = indexPins(dossier);
    return weigh(
      pinReader(dossier)(pins.get(byName(dossier)(a))!),
      pinReader(dossier)(pins.get(byName(dossier)(b))!),
    );
  };
  it("forbids a supply on a ground, on data and on a low-level input", () => {
    const dossier = job(
      [["1", "Constant supply"]],
      [
        ["A", "Ground"],
        ["B", "CAN high"],
        ["C", "Throttle position"],
      ],
    );
    for (const other of ["X.A", "X.B", "X.C"]) expect(pair(dossier, "V.1", other)).toBeNull();
  });
  it("weighs a pair the same from either end", () => {
    let weighed = 0;
    fc.assert(
      fc.property(undecidedDossier(4), (dossier) => {
        const pins = [...indexPins(dossier).values()].map(pinReader(dossier));
        for (const a of pins)
          for (const b of pins) {
            expect(weigh(a, b)?.strength).toBe(weigh(b, a)?.strength);
            weighed++;
          }
      }),
      { numRuns: 60, seed: 33 },
    );
    expect(weighed).toBeGreaterThan(1000);
  });
  it("tells left from right", () => {
    const dossier = job(
      [["1", "Level sender, left"]],
      [
        ["A", "Level sender, left"],
        ["B", "Level sender, right"],
      ],
    );
    expect(pair(dossier, "V.1", "X.A")!.strength).toBeGreaterThan(35);
    expect(pair(dossier, "V.1", "X.B")).toBeNull();
  });
  it.each([
    ["Blinker rechts", "Left turn indicator"],
    ["Blinker li.", "Turn signal R/H"],
    ["Fensterheber vorn links", "Window motor, rear LH"],
    ["Lautsprecher hi re", "Speaker front right"],
    ["Low beam", "High beam"],
    ["Fan, low speed", "Fan high speed"],
    ["Injector 1", "Injector 4"],
    ["Zündspule Zyl. 2", "Ignition coil, cylinder 3"],
    ["Türschalter Fahrer", "Door switch, passenger"],
  ])("never offers %s for %s, whatever else speaks for it", (ours, theirs) => {
    const dossier = job([["1", ours, "RD"]], [["A", theirs, "RD"]]);
    expect(pair(dossier, "V.1", "X.A")).toBeNull();
    expect(pairsOf(dossier)).toEqual([]);
    const [offer] = candidatesFor(dossier, [...indexPins(dossier).values()][0]!);
    expect(offer).toMatchObject({ strength: null, reasons: [{ kind: "opposite" }] });
  });
  it("leaves a wire without partner in its cavity where its connector goes into an adapter, and measures one that nobody knows", () => {
    const sides = job(
      [
        ["1", "Horn"],
        ["2", "Rear wiper"],
        ["3", "", "RD"],
      ],
      [["A", "Horn"]],
    );
    const proposals = (dossier: Dossier): readonly string[] =>
      suggest(dossier).alone.map(({ pin, proposal, why }) => `${named(dossier, pin)} ${proposal} ${why}`);
    expect(proposals(sides)).toEqual(["V.2 leave no-partner", "V.3 identify nothing-known"]);
    const adapter = { ...sides, head: { ...sides.head, method: "adapter" as const } };
    expect(proposals(adapter)).toEqual(["V.2 leave ends-at-adapter", "V.3 identify nothing-known"]);
    const put = suggest(adapter).alone.flatMap((alone) => decisionFromAlone(alone, adapter) ?? []);
    const decided = applyCommand(adapter, {
      kind: "decide",
      put: [...suggest(adapter).pairs.map((pair) => decisionFromPair(pair, adapter)), ...put],
      remove: [],
    });
    if (!decided.ok) throw new Error(JSON.stringify(decided.error));
    const onCar = planWork(decided.value.dossier).steps.filter(
      ({ kind, op }) => kind === "release" || kind === "cut" || (op?.kind === "cap" && op.to === "covered"),
    );
    expect(onCar.filter(({ connector }) => connector === adapter.connectors[0]!.id)).toEqual([]);
  });
  it("joins grounds of any side, and feeds whatever their number in the list", () => {
    const dossier = job(
      [
        ["1", "Ground left"],
        ["2", "Battery supply 2"],
      ],
      [
        ["A", "Ground right"],
        ["B", "Battery supply 1"],
      ],
    );
    expect(pair(dossier, "V.1", "X.A")!.strength).toBeGreaterThan(0);
    expect(pair(dossier, "V.2", "X.B")!.strength).toBeGreaterThan(0);
  });
  it("keeps colour out of the strength, and lets it decide between equals", () => {
    const dossier = job(
      [["1", "Oil temperature", "GN"]],
      [
        ["A", "Oil temperature", "RD"],
        ["B", "Oil temperature", "GN"],
      ],
    );
    expect(pair(dossier, "V.1", "X.A")).toEqual(pair(dossier, "V.1", "X.B"));
    expect(pairsOf(dossier)).toEqual(["V.1 X.B guess"]);
  });
});
