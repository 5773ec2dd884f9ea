import type { PinId } from "../model/index.ts";
import type { JobNetwork } from "./jobNetwork.ts";
import { GROUND, type Element, type OperatingPoint } from "./network.ts";
import type { Rail } from "./ports.ts";
import type { LoadRow } from "./states.ts";

/** A piece of the way that current takes from the battery to a part and back, in the order of the way. */
export type PathPart = (
  | { readonly what: "battery" }
  | { readonly what: "key"; readonly rail: Rail; readonly closed: boolean }
  | {
      readonly what: "supply" | "ground";
      readonly name: string;
      readonly fuse: { readonly amps: number | null } | null;
    }
  | { readonly what: "wire" | "supply-wire" | "ground-wire"; readonly pin: PinId }
  | { readonly what: "output" | "pull"; readonly pin: PinId; readonly closed: boolean }
  /** `diode`: whether the way goes with it or against it; null for another part. */
  | {
      readonly what: "device";
      readonly device: string;
      readonly closed: boolean;
      readonly diode: "with" | "against" | null;
    }
  | { readonly what: "passes"; readonly closed: boolean }
  | { readonly what: "part"; readonly pin: PinId }
  | { readonly what: "chassis" }
) & {
  /** V before and behind it; null where it floats. */
  readonly before: number | null;
  readonly behind: number | null;
  readonly amps: number;
};

/** What a way costs to go over, so that the one that current takes is found first: an open contact or a blocked diode only where there is no other. */
const [OPEN, PLAIN] = [1000, 1];

/** The way from the battery over a part to ground, in one solved state. Where nothing leads there, the parts that are there. */
export function pathOf(network: JobNetwork, point: OperatingPoint, { port }: LoadRow): readonly PathPart[] {
  const own = network.elements.find(({ name }) => name === port.element);
  if (own === undefined) return [];
  const loads = new Set(
    network.ports
      .filter(({ kind }) => "load" in kind || kind.kind === "signal")
      .map(({ element }) => element),
  );
  const steps = meaningsOf(network);
  const near = new Map<string, Element[]>();
  for (const element of network.elements) {
    if (loads.has(element.name) || !steps.has(element.name)) continue;
    near.set(element.a, [...(near.get(element.a) ?? []), element]);
    near.set(element.b, [...(near.get(element.b) ?? []), element]);
  }
  const price = (element: Element, from: string): number => {
    if (element.kind === "switch") return point.closed.get(element.name) === true ? PLAIN : OPEN;
    if (element.kind === "diode") return element.a === from ? PLAIN : OPEN;
    return PLAIN;
  };
  const way = (from: string, to: string, apart: string): readonly Element[] | null => {
    const best = new Map<
      string,
      { readonly cost: number; readonly by: Element | null; readonly before: string }
    >([[from, { cost: 0, by: null, before: from }]]);
    const open = new Set([from]);
    while (open.size > 0) {
      let at = "";
      let least = Infinity;
      for (const node of open) {
        const { cost = Infinity } = best.get(node) ?? {};
        if (cost < least) [at, least] = [node, cost];
      }
      open.delete(at);
      if (at === to) break;
      for (const element of near.get(at) ?? []) {
        const next = element.a === at ? element.b : element.a;
        if (next === apart) continue;
        const cost = least + price(element, at);
        if (cost >= (best.get(next)?.cost ?? Infinity)) continue;
        best.set(next, { cost, by: element, before: at });
        open.add(next);
      }
    }
    const line: Element[] = [];
    for (let at = to; at !== from;) {
      const step = best.get(at);
      if (step === undefined || step.by === null) return null;
      line.unshift(step.by);
      at = step.before;
    }
    return line;
  };
  const post = "battery post";
  const there = way(post, own.a, GROUND) ?? [];
  const back = own.b === GROUND ? [] : (way(own.b, GROUND, post) ?? []);
  const volts = (node: string): number | null => point.volts.get(node) ?? null;
  const parts: PathPart[] = [
    { what: "battery", before: 0, behind: volts(post), amps: -(point.amps.get("battery") ?? 0) },
  ];
  let at = post;
  for (const element of [...there, own, ...back]) {
    const meaning =
      element === own ? ({ what: "part", pin: port.read.placed.pin.id } as const) : steps.get(element.name);
    if (element === own) at = own.a;
    const next = element.a === at ? element.b : element.a;
    const last = parts.at(-1);
    // The two ends of one wire are one wire to the hand.
    const isSame =
      meaning !== "plain" && meaning?.what === "wire" && last?.what === "wire" && last.pin === meaning.pin;
    if (isSame) parts[parts.length - 1] = { ...last, behind: volts(next) };
    else if (meaning !== undefined && meaning !== "plain")
      parts.push({
        ...meaning,
        ...("closed" in meaning
          ? { closed: element.kind !== "switch" || point.closed.get(element.name) === true }
          : {}),
        ...(element.kind === "diode"
          ? { diode: element.a === at ? ("with" as const) : ("against" as const) }
          : {}),
        before: volts(at),
        behind: volts(next),
        amps: Math.abs(point.amps.get(element.name) ?? 0),
      });
    at = next;
  }
  return [...parts, { what: "chassis", before: volts(at), behind: 0, amps: 0 }];
}

type Bare<T> = T extends unknown ? Omit<T, "before" | "behind" | "amps"> : never;
type Meaning = Bare<PathPart> | "plain";
/** What each element of a network is; one that current never takes on purpose is not in it. */
function meaningsOf(network: JobNetwork): ReadonlyMap<string, Meaning> {
  const found = new Map<string, Meaning>([["battery inside", "plain"]]);
  for (const [rail, element] of network.keys) found.set(element, { what: "key", rail, closed: false });
  for (const { element, name, polarity, fuse } of network.points)
    found.set(element, { what: polarity === "ground" ? "ground" : "supply", name, fuse });
  for (const { element, wire, kind, read } of network.ports) {
    const pin = read.placed.pin.id;
    found.set(wire, { what: "wire", pin });
    if (kind.kind === "feed") found.set(element, { what: "supply-wire", pin });
    if (kind.kind === "ground" || kind.kind === "own-ground")
      found.set(element, { what: "ground-wire", pin });
    if (kind.kind === "drives") found.set(element, { what: "output", pin, closed: false });
    if (kind.kind === "pulls") found.set(element, { what: "pull", pin, closed: false });
  }
  for (const { device, elements } of network.devices)
    for (const element of elements)
      found.set(element, { what: "device", device, closed: false, diode: null });
  for (const element of network.passes)
    if (!found.has(element)) found.set(element, { what: "passes", closed: false });
  return found;
}
