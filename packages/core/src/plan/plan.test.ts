import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  anchorKey,
  applyOperation,
  initialState,
  netOf,
  type EndPlace,
  type HarnessState,
  type Operation,
} from "../harness/index.ts";
import { applyCommand } from "../dossier/index.ts";
import { decisionPins, type Dossier } from "../model/index.ts";
import { stepWords, whereLine } from "../words/index.ts";
import { byName, decidedDossier, demoDossier, NaiveHarness } from "../testing/index.ts";
import { checkPlan } from "./check/check.ts";
import { planWork } from "./plan.ts";
import { decidedDemo } from "../testing/decidedDemo.ts";

const RUNS = 3_000;
const plainState = (state: unknown): unknown => JSON.parse(JSON.stringify(state));

function replay(start: HarnessState, operations: readonly Operation[]): HarnessState {
  return operations.reduce((state, op) => {
    const next = applyOperation(state, op);
    if (!next.ok) throw new Error(`${op.kind}: ${next.error.code}`);
    return next.value.state;
  }, start);
}
const operationsOf = (dossier: Dossier): readonly Operation[] =>
  planWork(dossier, { hazards: [] }).steps.flatMap((step) => step.op ?? []);

describe("planWork", () => {
  it("gives plans that the independent checker finds nothing wrong with", () => {
    let steps = 0;
    const met = {
      cycles: 0,
      chains: 0,
      adapters: 0,
      windows: 0,
      sealed: 0,
      pierced: 0,
      series: 0,
      interrupted: 0,
      removed: 0,
      joined: 0,
      mated: 0,
      tapped: 0,
      tappedAndParted: 0,
      devices: 0,
      legs: 0,
      halves: 0,
      leaves: 0,
      looms: 0,
      begunMated: 0,
      shorts: 0,
    };
    fc.assert(
      fc.property(
        fc.oneof({ weight: 4, arbitrary: decidedDossier(3) }, { weight: 1, arbitrary: decidedDossier() }),
        (dossier) => {
          const plan = planWork(dossier, { hazards: [] });
          steps += plan.steps.length;
          const has = (kind: string): number => (plan.steps.some((step) => step.kind === kind) ? 1 : 0);
          met.cycles += has("park");
          met.chains += plan.groups.some(({ title }) => title.startsWith("In sequence")) ? 1 : 0;
          met.adapters += has("build-shell");
          met.windows += has("find-live");
          met.sealed += has("seal");
          met.pierced += has("pierce");
          const step = (part: string): number => (plan.steps.some(({ id }) => id.includes(part)) ? 1 : 0);
          met.series += step("/insert-back");
          met.interrupted += step("/splice-back");
          met.removed += step("/cut-branch");
          met.mated += plan.steps.some(({ op, decision }) => op?.kind === "connect" && decision !== null)
            ? 1
            : 0;
          met.tapped += has("tap");
          met.tappedAndParted += dossier.decisions.some(
            (one) =>
              one.kind === "tap" &&
              dossier.decisions.some(
                (other) =>
                  !["tap", "leave", "forbid"].includes(other.kind) &&
                  decisionPins(other).includes(one.vehicle),
              ),
          )
            ? 1
            : 0;
          met.devices += has("fit-device");
          met.legs += step("/feed-");
          met.halves += dossier.decisions.some((one) => "half" in one) ? 1 : 0;
          met.leaves += dossier.worklist.counterparts.length > 0 ? 1 : 0;
          met.looms += dossier.wires.length > 0 ? 1 : 0;
          met.begunMated += dossier.connectors.some(({ matesWith }) => matesWith !== null) ? 1 : 0;
          met.joined += plan.steps.some(
            ({ place, op }) =>
              place === "work table" && ((op?.kind === "splice" && op.ends.length > 2) || op?.kind === "fit"),
          )
            ? 1
            : 0;
          // A short that the decisions themselves make is what they ask for; it is named, and nothing else is wrong.
          const fault = checkPlan(dossier, plan);
          met.shorts += fault?.code === "short-circuit" ? 1 : 0;
          expect(fault?.code === "short-circuit" ? null : fault).toBeNull();
        },
      ),
      { numRuns: RUNS, seed: 20 },
    );
    expect(steps).toBeGreaterThan(RUNS * 10);
    const { shorts, ...often } = met;
    expect(shorts).toBeGreaterThan(8);
    for (const [what, count] of Object.entries(often)) expect(count, what).toBeGreaterThan(35);
  });

  it("replays the same in the naive interpreter, and taken back step by step in refolding gives every state before", () => {
    fc.assert(
      fc.property(decidedDossier(5), (dossier) => {
        const start = initialState(dossier);
        const operations = operationsOf(dossier);
        const naive = new NaiveHarness(start);
        for (const op of operations) expect(naive.do(op)).toBe(true);
        expect(naive.state).toEqual(plainState(replay(start, operations)));
      }),
      { numRuns: 600, seed: 21 },
    );
  });

  it("reversed on the car ends where it began, up to the residues that it names", () => {
    let residues = 0;
    let exact = 0;
    fc.assert(
      fc.property(decidedDossier(5), (dossier) => {
        const start = initialState(dossier);
        const reverses: Operation[] = [];
        const named = new Set<string>();
        let state = start;
        for (const op of operationsOf(dossier)) {
          const next = applyOperation(state, op);
          if (!next.ok) throw new Error(next.error.code);
          reverses.unshift(next.value.reverse.op);
          if (next.value.reverse.kind === "equivalent") named.add(next.value.reverse.residue);
          state = next.value.state;
        }
        const back = reverses.reduce((current, op) => {
          const next = applyOperation(current, op);
          if (!next.ok) throw new Error(`${op.kind} back: ${next.error.code}`);
          return next.value.state;
        }, state);
        if (named.size === 0) {
          exact++;
          expect(back).toEqual(start);
        } else {
          residues++;
          expect(projected(back)).toEqual(projected(start));
          for (const [cavity, { state: now }] of Object.entries(back.cavities)) {
            const before = start.cavities[cavity as keyof typeof start.cavities]!.state;
            if (now !== before)
              expect([[before, now], named.has("membrane-pierced")]).toEqual([
                before === "blank" ? ["blank", "plugged"] : ["empty", "vacated"],
                true,
              ]);
          }
        }
      }),
      { numRuns: 800, seed: 22 },
    );
    expect(residues).toBeGreaterThan(200);
    expect(exact).toBeGreaterThan(10);
  });

  it("is the same for the same dossier, in whatever order the rows come", () => {
    fc.assert(
      fc.property(decidedDossier(4), fc.infiniteStream(fc.nat()), (dossier, noise) => {
        const mixed = <T>(items: readonly T[]): T[] =>
          [...items]
            .map((item) => [noise.next().value as number, item] as const)
            .sort((a, b) => a[0] - b[0])
            .map(([, item]) => item);
        const other: Dossier = {
          ...dossier,
          connectors: mixed(dossier.connectors).map((connector) => ({
            ...connector,
            pins: mixed(connector.pins),
          })),
          decisions: mixed(dossier.decisions),
        };
        expect(JSON.stringify(planWork(other))).toBe(JSON.stringify(planWork(dossier)));
      }),
      { numRuns: 300, seed: 23 },
    );
  });

  it("has the demo job done in the order of a careful hand", () => {
    const dossier = decidedDemo();
    const plan = planWork(dossier);
    expect(plan.blocks).toEqual([]);
    expect(checkPlan(dossier, plan)).toBeNull();
    const lines = plan.steps.map((step) => {
      const words = stepWords(step, dossier);
      return `${words.verb} ${words.object}, ${whereLine(words)}`;
    });
    const at = (part: string): number => {
      const found = lines.findIndex((line) => line.includes(part));
      expect(found, part).toBeGreaterThanOrEqual(0);
      return found;
    };
    expect(at("Battery off at the battery, negative first")).toBeLessThan(at("Unplug"));
    expect(lines.at(-1)).toContain("local codes");
    expect(at("Fit fuse")).toBeGreaterThan(at("Battery on"));
    // The cavity is empty before it is filled; the vehicle's wire comes out only then.
    expect([
      at("Release turquoise, out of AL-P, cavity D"),
      at("Take out turquoise"),
      at("out of B12, cavity 7"),
      at("into AL-P, cavity D"),
    ]).toEqual([...Array(4)].map((_, i) => at("Release turquoise") + i));
    // Supply last: the ignition splice and the memory feed come after every signal.
    expect(at("Splice white, red stripe")).toBeGreaterThan(at("into AL-P, cavity L"));
    expect(at("from F22")).toBeGreaterThan(at("Splice white, red stripe"));
    // The doubtful speed signal is looked at before its wire is touched.
    expect(at("Check violet, white stripe")).toBeLessThan(at("Release violet, white stripe"));
  });

  it("is blocked by each undecided pin, a feed from nowhere and an unanswered stop, and says so", () => {
    const dossier = demoDossier();
    expect(planWork(dossier).blocks.filter((block) => block.code === "undecided")).toHaveLength(14);
    const at = byName(dossier);
    const common = { sure: "sure" as const, reason: "", answers: [] };
    const bad = applyCommand(dossier, {
      kind: "decide",
      put: [
        { kind: "join", vehicle: at("B12.3"), incoming: at("AL-P.N"), method: "move", ...common },
        { kind: "feed", pin: at("AL-P.B"), feed: "battery", supply: null, ...common },
      ],
      remove: [],
    });
    if (!bad.ok) throw new Error(bad.error.code);
    expect(planWork(bad.value).blocks).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ code: "feed-from-where", pin: at("AL-P.B") }),
        expect.objectContaining({ code: "stop" }),
      ]),
    );
    const stops = planWork(bad.value).blocks.flatMap((block) =>
      block.code === "stop" ? [block.hazard.rule] : [],
    );
    expect(stops).toEqual(["supply-onto-signal"]);
    const answered = {
      ...bad.value,
      decisions: bad.value.decisions.map((decision) => ({
        ...decision,
        answers: stops.map((rule) => ({ rule, reason: "measured" })),
      })),
    };
    expect(planWork(answered).blocks.some((block) => block.code === "stop")).toBe(false);
    // Nothing is worked on in a plug that stays shut, whatever was answered; leaving a wire as it is is no work.
    const shut = {
      ...answered,
      connectors: answered.connectors.map((connector) => ({ ...connector, keepOut: "restraint system" })),
    };
    const touched = planWork(shut).blocks.flatMap((block) => (block.code === "keep-out" ? [block.pin] : []));
    expect(new Set(touched)).toEqual(
      new Set(answered.decisions.filter((decision) => decision.kind !== "leave").flatMap(decisionPins)),
    );
  });
});

/** What is joined to what, by what outlasts every cut: cavities, loom runs, parts, supplies. */
function projected(state: HarnessState): unknown {
  const groups = netOf(state).all.map((net) =>
    [...net.cavities, ...net.anchors.map(anchorKey)].sort().join(" "),
  );
  const covered = (Object.values(state.ends) as EndPlace[]).filter(
    (place) => place.at === "loose" && place.covered,
  ).length;
  return { groups: groups.sort(), covered };
}
