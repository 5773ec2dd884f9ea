import { present } from "../util/index.ts";
import { curveOf, type Curve } from "./branches.ts";
import { eliminationOf, type Elimination } from "./elimination.ts";
import { groupsOf, type Groups, type Ideal } from "./groups.ts";
import type { Element } from "./network.ts";

/** Whether each switch is closed. */
export type Closed = ReadonlyMap<string, boolean>;

/** An element between two unknowns, with the offsets of its ends. */
export interface Branch {
  readonly element: Element;
  readonly a: number;
  readonly b: number;
  /** V that a's offset stands above b's. */
  readonly rise: number;
  readonly edge: number;
  readonly curve: Curve | null;
}
/** What does not change between states that have the same bare wires. */
export interface Wiring {
  readonly nodes: readonly string[];
  readonly groups: Groups;
  readonly elimination: Elimination;
  readonly branches: readonly Branch[];
  /** Places of the curved ones among them. */
  readonly curved: readonly number[];
  readonly isIdeal: ReadonlySet<Element>;
}

function idealOf(element: Element, closed: Closed): Ideal | null {
  if (element.kind === "source") return { element, volts: element.volts };
  if (element.kind === "resistor" && element.ohms === 0) return { element, volts: 0 };
  if (element.kind !== "switch") return null;
  return (closed.get(element.name) === true ? element.on : element.off) === 0 ? { element, volts: 0 } : null;
}

export function wiringOf(elements: readonly Element[], closed: Closed): Wiring {
  const nodes = [
    ...new Set(
      elements.flatMap((one) => [
        one.a,
        one.b,
        ...(one.kind === "switch" && one.control !== null ? [one.control.plus, one.control.minus] : []),
      ]),
    ),
  ];
  const ideals = elements.flatMap((element) => idealOf(element, closed) ?? []);
  const isIdeal = new Set(ideals.map(({ element }) => element));
  const groups = groupsOf(nodes, ideals);
  const groupAt = (node: string): number => present(groups.groupOf.get(node), node);
  const loose = elements.filter((element) => !isIdeal.has(element));
  const elimination = eliminationOf(
    groups.count,
    loose.filter(({ kind }) => kind !== "current").map(({ a, b }) => [groupAt(a), groupAt(b)] as const),
  );
  const branches = loose.map((element): Branch => {
    const [a, b] = [groupAt(element.a), groupAt(element.b)];
    return {
      element,
      a,
      b,
      rise: (groups.offset.get(element.a) ?? 0) - (groups.offset.get(element.b) ?? 0),
      edge: elimination.edgeOf(a, b),
      curve: curveOf(element),
    };
  });
  const curved = branches.flatMap(({ curve }, i) => (curve === null ? [] : [i]));
  return { nodes, groups, elimination, branches, curved, isIdeal };
}

/** The conductance of what is straight, S. */
export function siemensOf(element: Element, closed: Closed): number {
  if (element.kind === "resistor") return 1 / element.ohms;
  if (element.kind !== "switch") return 0;
  return 1 / (closed.get(element.name) === true ? element.on : element.off);
}

/** Voltages of the unknowns, the current through each branch, and what the voltages of its two ends could drive through it, A. */
export interface Round {
  readonly volts: Float64Array;
  readonly amps: Float64Array;
  readonly scale: Float64Array;
}

export const voltsAt = (volts: Float64Array, group: number): number => (group < 0 ? 0 : (volts[group] ?? 0));
export const across = (volts: Float64Array, { a, b, rise }: Branch): number =>
  voltsAt(volts, a) - voltsAt(volts, b) + rise;
