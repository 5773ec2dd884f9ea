import { describe, expect, it } from "vitest";
import { fedLegs, supplyWordsIn } from "../model/index.ts";
import { job, pin, V, X } from "../testing/twoPlugs.ts";
import { adapterLoom } from "./adapter.ts";
import { adapterGraph, adapterRowAt, drawAdapter } from "./adapterDrawing.ts";

/** Two wires straight through, and one by a relay that has its own feed. */
const dossier = job({
  v: [pin("1", "Fan request"), pin("2", "Horn"), pin("3", "Oil lamp")],
  x: [pin("A", "Fan request"), pin("B", "Horn"), pin("C", "Oil lamp")],
  decisions: [
    {
      kind: "join",
      vehicle: V("1"),
      incoming: X("A"),
      method: "adapter",
      device: {
        kind: "relay",
        coil: "vehicle",
        legs: [
          { terminal: "30", to: { kind: "feed", feed: "battery", supply: "F5" } },
          { terminal: "86", to: { kind: "feed", feed: "ignition", supply: "F6" } },
        ],
      },
    },
    { kind: "join", vehicle: V("2"), incoming: X("B"), method: "adapter" },
    { kind: "join", vehicle: V("3"), incoming: X("C"), method: "adapter" },
  ],
  file: {
    points: [
      { id: "F5", name: "F5", kind: "supply", supply: { feed: "battery", fuse: { amps: 10 } } },
      { id: "F6", name: "F6", kind: "supply", supply: { feed: "ignition", fuse: { amps: 5 } } },
    ],
  },
});
const graph = adapterGraph(adapterLoom(dossier), ({ device }) => [
  device.kind,
  ...fedLegs(device).map(
    ({ terminal, supply }) => `${terminal} from ${supplyWordsIn(dossier.points, supply)}`,
  ),
]);

describe("the adapter as a graph", () => {
  it("has each wire once, from a cavity of one half to a cavity of the other, or by the part between", () => {
    const ends = graph.edges.map(({ from, to }) => [from, to].map(({ node, pin }) => pin ?? node));
    expect(ends).toHaveLength(4);
    expect(ends.filter((pair) => pair.every((end) => !end.startsWith("middle")))).toEqual([
      ["V.2", "X.B"],
      ["V.3", "X.C"],
    ]);
    const rows = graph.nodes.flatMap((node) => node.rows.map((row) => row.pin));
    expect(rows).toHaveLength(6);
    for (const { from, to } of graph.edges)
      for (const { node, pin: own } of [from, to])
        expect(graph.nodes.find(({ id }) => id === node)?.rows.some((row) => row.pin === own)).toBe(
          own !== null,
        );
  });
  it("says what each further leg of a part hangs on, in the drawing as well", () => {
    const part = graph.nodes.find(({ at }) => at === "middle");
    expect(part?.legs).toEqual([
      expect.stringMatching(/^30 from .*F5/),
      expect.stringMatching(/^86 from .*F6/),
    ]);
    const layout = {
      width: 600,
      height: 200,
      nodes: new Map(graph.nodes.map(({ id }, i) => [id, { x: i * 200, y: 10 }])),
      edges: new Map(),
    };
    const { shapes, height } = drawAdapter(graph, layout);
    for (const leg of part?.legs ?? []) expect(JSON.stringify(shapes)).toContain(leg);
    // Each run has its length below the wires.
    expect(height).toBeGreaterThan(layout.height);
    expect(adapterRowAt(1) - adapterRowAt(0)).toBeGreaterThan(15);
  });
});
