import fc from "fast-check";
import { UndirectedGraph } from "graphology";
import { connectedComponents } from "graphology-components";
import { describe, expect, it } from "vitest";
import { endId, pinId } from "../model/index.ts";
import { planWork } from "../plan/index.ts";
import { decidedDossier, demoDossier, slowlyLive, spread, touchingPairs } from "../testing/index.ts";
import { nets } from "../wiring/index.ts";
import { applyOperation } from "./apply.ts";
import { anchorKey, liveEnds, netOf } from "./netOf.ts";
import { initialState } from "./initialState.ts";
import { farEnd, plugEnd, type HarnessState } from "./state.ts";

const states = fc.tuple(decidedDossier(3), fc.nat(60)).map(([dossier, count]) => {
  let state: HarnessState = initialState(dossier);
  for (const step of planWork(dossier, { hazards: [] }).steps.slice(0, count)) {
    const next = step.op === null ? null : applyOperation(state, step.op);
    if (next?.ok) state = next.value.state;
  }
  return state;
});

describe("netOf", () => {
  it("joins what going through all that touches joins, in every state that a plan passes through", () => {
    const met = { compared: 0, runs: 0, mates: 0, devices: 0 };
    fc.assert(
      fc.property(states, (state) => {
        const nets = netOf(state);
        const pairs = touchingPairs(state);
        met.runs += state.runs.length > 0 ? 1 : 0;
        met.mates += Object.values(state.plugged).some((into) => into !== null && into !== "own") ? 1 : 0;
        met.devices += Object.keys(state.devices).length > 0 ? 1 : 0;
        for (const end of Object.keys(state.ends)) {
          const reached = spread([`end ${end}`], pairs);
          const net = nets.ofEnd(endId(end))!;
          const found = [
            ...[...net.ends].map((one) => `end ${one}`),
            ...[...net.cavities].map((one) => `cavity ${one}`),
            ...net.anchors.map(anchorKey),
          ].sort();
          expect(found).toEqual([...reached].filter((node) => !node.startsWith("joint ")).sort());
          met.compared++;
        }
      }),
      { numRuns: 400, seed: 95 },
    );
    expect(met.compared).toBeGreaterThan(3000);
    expect(Math.min(met.runs, met.mates, met.devices)).toBeGreaterThan(15);
  });

  it("are the connected components that graphology finds among all that touches", () => {
    let largest = 0;
    fc.assert(
      fc.property(states, (state) => {
        const graph = new UndirectedGraph();
        for (const [a, b] of touchingPairs(state)) {
          graph.mergeNode(a);
          graph.mergeNode(b);
          graph.mergeEdge(a, b);
        }
        const named = (nodes: readonly string[]): string =>
          nodes
            .filter((node) => !node.startsWith("joint "))
            .sort()
            .join(" | ");
        const theirs = connectedComponents(graph)
          .map(named)
          .filter((text) => text.includes(" | "));
        const ours = netOf(state)
          .all.map(({ ends, cavities, anchors }) =>
            named([
              ...[...ends].map((one) => `end ${one}`),
              ...[...cavities].map((one) => `cavity ${one}`),
              ...anchors.map(anchorKey),
            ]),
          )
          .filter((text) => text.includes(" | "));
        expect(ours.sort()).toEqual(theirs.sort());
        largest = Math.max(largest, ...ours.map((text) => text.split(" | ").length));
      }),
      { numRuns: 300, seed: 97 },
    );
    expect(largest).toBeGreaterThan(10);
  });

  it("joins before any work what following a wire from pin to pin and point joins", () => {
    let joined = 0;
    const plain = decidedDossier(4).filter(({ connectors }) =>
      connectors.every(({ shell }) => shell === null),
    );
    fc.assert(
      fc.property(plain, (made) => {
        // A wire that the job still has to lay is none that could be followed.
        const points = made.points.map((point) =>
          point.supply === null ? point : { ...point, supply: { ...point.supply, trunk: null } },
        );
        const dossier = { ...made, points };
        const named = (groups: readonly (readonly string[])[]): readonly string[] =>
          groups
            .filter((group) => group.length > 1)
            .map((group) => [...group].sort().join(" | "))
            .sort();
        const followed = nets(dossier).map((keys) => keys.filter((key) => /^(pin|point) /.test(key)));
        const ours = netOf(initialState(dossier)).all.map(({ cavities, anchors }) => [
          ...[...cavities].map((id) => `pin ${id}`),
          ...anchors.flatMap((one) => (one.at === "point" ? [anchorKey(one)] : [])),
        ]);
        expect(named(ours)).toEqual(named(followed));
        joined += named(ours).length;
      }),
      { numRuns: 300, seed: 98 },
    );
    expect(joined).toBeGreaterThan(100);
  });

  it("finds the ends that a supply can reach, as the slow search does", () => {
    const met = { live: 0, dead: 0 };
    fc.assert(
      fc.property(states, (state) => {
        const slow = slowlyLive(state);
        const live = liveEnds(state);
        for (const end of Object.keys(state.ends)) {
          expect(live.has(endId(end))).toBe(slow.has(`end ${end}`));
          met[live.has(endId(end)) ? "live" : "dead"]++;
        }
      }),
      { numRuns: 400, seed: 96 },
    );
    expect(Math.min(met.live, met.dead)).toBeGreaterThan(500);
  });

  it("joins a whole wire's cavity to its loom and to the part it is plugged into, and a pigtail on the mat to nothing", () => {
    const state = initialState(demoDossier());
    const nets = netOf(state);
    const own = nets.ofEnd(plugEnd(pinId("B12.7")))!;
    expect([...own.cavities]).toEqual(["B12.7"]);
    expect(own.anchors.map(anchorKey).sort()).toEqual(["beyond B12.7", "part B12.7", "point LS-L-2"]);
    const lead = nets.ofEnd(farEnd(pinId("AL-P.D")))!;
    expect([...lead.cavities]).toEqual(["AL-P.D"]);
    expect(lead.anchors).toEqual([]);
  });
});
