import type { ElkNode, ElkPort } from "elkjs/lib/elk-api.js";
import { adapterRowAt, type AdapterGraph, type AdapterLayout } from "@trevin/core";

/** Plugs of the vehicle left, of the incoming side right, joints and parts between; wires at right angles and apart from each other. */
const OPTIONS = {
  "elk.algorithm": "layered",
  "elk.direction": "RIGHT",
  "elk.edgeRouting": "ORTHOGONAL",
  "elk.partitioning.activate": "true",
  "elk.spacing.nodeNode": "28",
  "elk.spacing.edgeEdge": "13",
  "elk.spacing.edgeNode": "18",
  "elk.layered.spacing.nodeNodeBetweenLayers": "60",
  "elk.layered.spacing.edgeEdgeBetweenLayers": "13",
  "elk.layered.spacing.edgeNodeBetweenLayers": "24",
  "elk.padding": "[top=8,left=8,bottom=8,right=8]",
} as const;
const PARTITION = { vehicle: "0", middle: "1", incoming: "2" } as const;
const portOf = (node: string, pin: string): string => `${node}\n${pin}`;

/** The library is fetched with the first drawing and works in a thread of its own. */
const newElk = async () => {
  const [{ default: Elk }, { default: worker }] = await Promise.all([
    import("elkjs/lib/elk-api.js"),
    import("elkjs/lib/elk-worker.min.js?url"),
  ]);
  return new Elk({ workerFactory: () => new Worker(worker) });
};
let elk: ReturnType<typeof newElk> | null = null;

/** Where the plugs and wires of an adapter are drawn. */
export async function layoutAdapter({ nodes, edges }: AdapterGraph): Promise<AdapterLayout> {
  elk ??= newElk();
  const graph: ElkNode = {
    id: "adapter",
    layoutOptions: OPTIONS,
    children: nodes.map(({ id, at, rows, width, height }) => ({
      id,
      width,
      height,
      layoutOptions: { "elk.portConstraints": "FIXED_POS", "elk.partitioning.partition": PARTITION[at] },
      ports: rows.map(({ pin }, i): ElkPort => ({
        id: portOf(id, pin),
        x: at === "vehicle" ? width : 0,
        y: adapterRowAt(i),
        width: 0,
        height: 0,
        layoutOptions: { "elk.port.side": at === "vehicle" ? "EAST" : "WEST" },
      })),
    })),
    edges: edges.map(({ id, from, to }) => ({
      id,
      sources: [from.pin === null ? from.node : portOf(from.node, from.pin)],
      targets: [to.pin === null ? to.node : portOf(to.node, to.pin)],
    })),
  };
  const done = await (await elk).layout(graph);
  return {
    width: done.width ?? 0,
    height: done.height ?? 0,
    nodes: new Map((done.children ?? []).map(({ id, x = 0, y = 0 }) => [id, { x, y }])),
    edges: new Map(
      (done.edges ?? []).map(({ id, sections = [] }) => [
        id,
        sections.flatMap(({ startPoint, bendPoints = [], endPoint }) => [
          startPoint,
          ...bendPoints,
          endPoint,
        ]),
      ]),
    ),
  };
}
