import { area, circle, drawnWords as words, line, rect, type Shape } from "../face/index.ts";
import { pinColour, type Connector, type DecisionId, type PinId, type PlacedPin } from "../model/index.ts";
import type { AdapterEnd, AdapterLoom } from "./adapter.ts";

/** What wires of an adapter end in: the half that meets a plug, the leads of a pigtail, or a joint or part in its middle. */
export interface AdapterNode {
  readonly id: string;
  readonly at: "vehicle" | "middle" | "incoming";
  readonly title: string;
  /** What else a part hangs on, a line for each of its legs: "30 from F5". */
  readonly legs: readonly string[];
  /** Its cavities or leads, top to bottom; a joint has none. */
  readonly rows: readonly { readonly pin: PinId; readonly cavity: string; readonly text: string }[];
  readonly width: number;
  readonly height: number;
}
/** An end of a wire: at a row of a node, or at the node itself. */
export interface AdapterPort {
  readonly node: string;
  readonly pin: PinId | null;
}
export interface AdapterEdge {
  readonly id: string;
  readonly from: AdapterPort;
  readonly to: AdapterPort;
  readonly like: PlacedPin;
  readonly size: number | null;
}
export interface AdapterGraph {
  readonly nodes: readonly AdapterNode[];
  readonly edges: readonly AdapterEdge[];
  readonly runs: AdapterLoom["runs"];
}
/** Where a layout has put everything: the corner of each node, the bends of each wire. */
export interface AdapterLayout {
  readonly width: number;
  readonly height: number;
  readonly nodes: ReadonlyMap<string, Point>;
  readonly edges: ReadonlyMap<string, readonly Point[]>;
}
interface Point {
  readonly x: number;
  readonly y: number;
}

const ADAPTER_ROW = 20;
const ADAPTER_HEAD = 26;
const [PLUG_WIDTH, JOINT, PART] = [236, 14, { width: 118, height: 34 }] as const;
/** Height of the line of a leg. */
const LEG = 18;
/** Letters of a function that have room in a row. */
const TEXT = 30;

/** The middle of a row of a node, from its top. */
export const adapterRowAt = (row: number): number => ADAPTER_HEAD + (row + 0.5) * ADAPTER_ROW;

/** The adapter as a graph, with the size that each node is drawn in; what is laid out and drawn from. `partWords`: a part between, in a few words, then a line for each leg that has a feed of its own. */
export function adapterGraph(
  { wires, runs }: AdapterLoom,
  partWords: (part: Extract<AdapterEnd, { at: "part" }>) => readonly [name: string, ...legs: string[]],
): AdapterGraph {
  const plugs = new Map<string, { connector: Connector; lead: boolean; pins: Map<PinId, PlacedPin> }>();
  const middles = new Map<string, AdapterNode>();
  const port = (end: AdapterEnd, decision: DecisionId): AdapterPort => {
    if (end.at === "shell" || end.at === "pigtail") {
      const placed = end.at === "shell" ? end.meets : end.lead;
      const { id } = placed.connector;
      const plug = plugs.get(id) ?? {
        connector: placed.connector,
        lead: end.at === "pigtail",
        pins: new Map<PinId, PlacedPin>(),
      };
      plugs.set(id, plug);
      plug.pins.set(placed.pin.id, placed);
      return { node: id, pin: placed.pin.id };
    }
    const id = `middle ${decision}`;
    const [title, ...legs] = end.at === "part" ? partWords(end) : [""];
    const size = end.at === "part" ? PART : { width: JOINT, height: JOINT };
    middles.set(id, {
      id,
      at: "middle",
      title,
      legs,
      rows: [],
      width: size.width,
      height: size.height + legs.length * LEG,
    });
    return { node: id, pin: null };
  };
  const edges = wires.map(({ decision, ends, like, size }, i): AdapterEdge => ({
    id: `wire ${i}`,
    from: port(ends[0], decision),
    to: port(ends[1], decision),
    like,
    size,
  }));
  const nodes = [...plugs.values()].map(({ connector, lead, pins }): AdapterNode => {
    const rows = [...pins.values()]
      .sort((a, b) => a.pin.order - b.pin.order)
      .map(({ pin }) => ({ pin: pin.id, cavity: pin.cavity, text: shortened(pin.function) }));
    return {
      id: connector.id,
      at: connector.side,
      title: lead ? `leads of ${connector.name}` : `half that meets ${connector.name}`,
      legs: [],
      rows,
      width: PLUG_WIDTH,
      height: ADAPTER_HEAD + rows.length * ADAPTER_ROW + 4,
    };
  });
  return { nodes: [...nodes, ...middles.values()], edges, runs };
}

const shortened = (text: string): string =>
  text.length <= TEXT ? text : `${text.slice(0, TEXT - 1).trimEnd()}…`;

const RUN = 34;

/** "K1 to KL: 420 mm". */
export const runWords = ({ between: [a, b], mm }: AdapterLoom["runs"][number]): string =>
  `${a.name} to ${b.name}: ${mm === null ? "not measured" : `${mm} mm`}`;

/** The finished adapter: plugs at both sides, each wire in its colour, joints and parts between, and below them how long each run is. */
export function drawAdapter(
  { nodes, edges, runs }: AdapterGraph,
  layout: AdapterLayout,
): { readonly width: number; readonly height: number; readonly shapes: readonly Shape[] } {
  const at = (id: string): Point => layout.nodes.get(id) ?? { x: 0, y: 0 };
  return {
    width: layout.width,
    height: layout.height + runs.length * RUN + (runs.length > 0 ? 8 : 0),
    shapes: [
      ...edges.flatMap((edge) => wire(edge, layout.edges.get(edge.id) ?? [])),
      ...nodes.flatMap((node) => drawn(node, at(node.id))),
      ...runs.flatMap((run, i) => {
        const [a, b] = run.between;
        const [left, right] = [nodes.find(({ id }) => id === a.id), nodes.find(({ id }) => id === b.id)];
        const from = left === undefined ? 0 : at(left.id).x + left.width;
        const to = right === undefined ? layout.width : at(right.id).x;
        return dimension(from, to, layout.height + (i + 0.6) * RUN, runWords(run));
      }),
    ],
  };
}

function wire({ like, size }: AdapterEdge, points: readonly Point[]): readonly Shape[] {
  if (points.length < 2) return [];
  const colour = pinColour(like.pin, like.connector);
  const way = points.map(({ x, y }) => [x, y] as const);
  const width = size !== null && size >= 1.5 ? 6 : 4.5;
  return [
    line(way, "wire-edge", width + 1.6),
    line(way, colour === null ? "cavity" : { insulation: colour.base }, width),
    ...(colour?.stripes.slice(0, 1) ?? []).map((stripe) =>
      line(way, { insulation: stripe }, width * 0.42, "9 6"),
    ),
  ];
}

function drawn({ at, title, legs, rows, width, height }: AdapterNode, { x, y }: Point): readonly Shape[] {
  if (at === "middle" && title === "")
    return [circle(x + width / 2, y + height / 2, width / 2, "ink", null, 0)];
  if (at === "middle")
    return [
      rect(x, y, width, height, "sheet", "ink", 1.6),
      words(x + width / 2, y + PART.height / 2 + 5, title, 14, "ink", "middle", "label"),
      ...legs.map((leg, i) =>
        words(x + width / 2, y + PART.height + (i + 0.5) * LEG, leg, 13, "ink2", "middle", "label"),
      ),
    ];
  const inner = at === "vehicle" ? x + width : x;
  const outer = at === "vehicle" ? x + 8 : x + width - 8;
  const outwards = at === "vehicle" ? "start" : "end";
  return [
    rect(x, y, width, height, "shell", "ink", 1.6),
    words(outer, y + 18, title, 16, "ink", outwards, "label"),
    ...rows.flatMap(({ cavity, text }, i): readonly Shape[] => {
      const middle = y + adapterRowAt(i);
      const label = at === "vehicle" ? inner - 8 : inner + 8;
      return [
        circle(inner, middle, 4, "cavity", "ink", 1.4),
        words(label, middle + 5, cavity, 14, "ink", at === "vehicle" ? "end" : "start"),
        words(outer, middle + 5, text, 14, "ink2", outwards, "label"),
      ];
    }),
  ];
}

/** How long a run is, between two marks. */
function dimension(from: number, to: number, y: number, text: string): readonly Shape[] {
  const [left, right] = [Math.min(from, to), Math.max(from, to)];
  const arrow = (x: number, way: 1 | -1): Shape =>
    area(
      [
        [x, y],
        [x + 8 * way, y - 4],
        [x + 8 * way, y + 4],
      ],
      "ink2",
      null,
      0,
    );
  return [
    line(
      [
        [left, y],
        [right, y],
      ],
      "ink2",
      1,
    ),
    arrow(left, 1),
    arrow(right, -1),
    words((left + right) / 2, y - 6, text, 14, "ink", "middle", "label"),
  ];
}
