import {
  colourInWords,
  likenessOf,
  toldBySize,
  type Likeness,
  type Sight,
  type WireColour,
} from "../colour/index.ts";
import {
  connectorsInOrder,
  pinColour,
  pinsInOrder,
  type Connector,
  type ConnectorId,
  type Dossier,
  type Pin,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";

/** Where two wires can be mixed up: in one connector, in plugs of one module, or in connectors that are open together. */
export const LOOK_ALIKE_SCOPES = ["connector", "module", "open"] as const;
export type LookAlikeScope = (typeof LOOK_ALIKE_SCOPES)[number];

export interface LookAlike {
  readonly scope: LookAlikeScope;
  readonly kind: Likeness["kind"];
  /** Under which conditions they are near; empty when they are the same. */
  readonly sights: readonly Sight[];
  readonly pair: readonly [PlacedPin, PlacedPin];
  readonly colours: readonly [WireColour, WireColour];
}

interface Wire {
  readonly placed: PlacedPin;
  readonly colour: WireColour;
  readonly look: string;
}

/** The nearest place that two connectors share, or null when nobody would confuse their wires. */
function scopeOf(a: Connector, b: Connector, open: ReadonlySet<ConnectorId>): LookAlikeScope | null {
  if (a.id === b.id) return "connector";
  if (a.side === b.side && a.module !== "" && a.module === b.module) return "module";
  return open.has(a.id) && open.has(b.id) ? "open" : null;
}

/** Likeness of two looks, computed once for each pair of distinct colours. */
function comparer(): (a: Wire, b: Wire) => Likeness | null {
  const known = new Map<string, Likeness | null>();
  return (a, b) => {
    const key = a.look < b.look ? `${a.look}|${b.look}` : `${b.look}|${a.look}`;
    let likeness = known.get(key);
    if (likeness === undefined) known.set(key, (likeness = likenessOf(a.colour, b.colour)));
    return likeness;
  };
}

/**
 * Wires that can be taken for each other, each pair once, in canonical order: the same colours or near ones at a size that
 * the hand does not tell apart. `open` names the connectors that are open together.
 */
export function lookAlikes(dossier: Dossier, open: readonly ConnectorId[] = []): readonly LookAlike[] {
  const opened = new Set(open);
  const wires = connectorsInOrder(dossier).flatMap((connector) =>
    pinsInOrder(connector).flatMap((pin): Wire[] => {
      const colour = pin.content === "occupied" ? pinColour(pin, connector) : null;
      return colour === null ? [] : [{ placed: { pin, connector }, colour, look: colourInWords(colour) }];
    }),
  );
  const compare = comparer();
  const found: LookAlike[] = [];
  wires.forEach((a, index) => {
    for (let other = index + 1; other < wires.length; other++) {
      const b = wires[other] as Wire;
      const scope = scopeOf(a.placed.connector, b.placed.connector, opened);
      if (scope === null || toldBySize(a.placed.pin.size, b.placed.pin.size)) continue;
      const likeness = compare(a, b);
      if (likeness !== null)
        found.push({
          scope,
          kind: likeness.kind,
          sights: likeness.kind === "near" ? likeness.sights : [],
          pair: [a.placed, b.placed],
          colours: [a.colour, b.colour],
        });
    }
  });
  return found;
}

/** Wires of one look, or of two looks that are near, gathered from their pairs. */
export interface LookAlikeGroup {
  readonly scope: LookAlikeScope;
  readonly sights: readonly Sight[];
  /** One side of wires that are the same, or two that are near each other. */
  readonly sides: readonly { readonly colour: WireColour; readonly pins: readonly PlacedPin[] }[];
}

/** Pairs as groups, those of the same colour first: "black: 1, 6 and 11" instead of three pairs. */
export function groupLookAlikes(pairs: readonly LookAlike[]): readonly LookAlikeGroup[] {
  const groups = new Map<
    string,
    {
      readonly scope: LookAlikeScope;
      readonly sights: readonly Sight[];
      readonly sides: Map<string, { readonly colour: WireColour; readonly pins: Set<PlacedPin> }>;
    }
  >();
  for (const { scope, sights, pair, colours } of pairs) {
    const wires = pair.map((placed, i) => ({
      placed,
      colour: colours[i] as WireColour,
      look: colourInWords(colours[i] as WireColour),
    }));
    const looks = [...new Set(wires.map(({ look }) => look))].sort();
    const { connector } = pair[0];
    const places: Partial<Record<LookAlikeScope, string>> = {
      connector: connector.id,
      module: `${connector.side} ${connector.module}`,
    };
    const where = places[scope] ?? "";
    const key = [scope, where, ...looks].join("|");
    const group = groups.get(key) ?? { scope, sights, sides: new Map() };
    for (const { placed, colour, look } of wires) {
      const side = group.sides.get(look) ?? { colour, pins: new Set() };
      side.pins.add(placed);
      group.sides.set(look, side);
    }
    groups.set(key, group);
  }
  const list = [...groups.values()].map(({ scope, sights, sides }): LookAlikeGroup => ({
    scope,
    sights,
    sides: [...sides.values()].map(({ colour, pins }) => ({ colour, pins: [...pins] })),
  }));
  return [...list.filter(({ sides }) => sides.length === 1), ...list.filter(({ sides }) => sides.length > 1)];
}

/**
 * How a wire of a connector can be mixed up with another in it: it has a twin, or at least one that is near under one of the
 * sights, by default those that every eye shares.
 */
export function twinMarks(
  connector: Connector,
  sights: readonly Sight[] = ["daylight", "poor light"],
): ReadonlyMap<PinId, Likeness["kind"]> {
  const groups = new Map<string, { readonly colour: WireColour; readonly pins: Pin[] }>();
  for (const pin of connector.pins) {
    const colour = pin.content === "occupied" ? pinColour(pin, connector) : null;
    if (colour === null) continue;
    const look = colourInWords(colour);
    const group = groups.get(look) ?? { colour, pins: [] };
    group.pins.push(pin);
    groups.set(look, group);
  }
  const marks = new Map<PinId, Likeness["kind"]>();
  for (const [look, group] of groups) {
    const near = [...groups].flatMap(([other, { colour, pins }]) =>
      other !== look && isNear(colour, group.colour, sights) ? [pins] : [],
    );
    const sizes = sizesOf(group.pins);
    for (const pin of group.pins) {
      if (hasAlike(pin, sizes, true)) marks.set(pin.id, "same");
      else if (near.some((pins) => hasAlike(pin, sizesOf(pins), false))) marks.set(pin.id, "near");
    }
  }
  return marks;
}

function isNear(a: WireColour, b: WireColour, sights: readonly Sight[]): boolean {
  const likeness = likenessOf(a, b);
  return likeness?.kind === "near" && likeness.sights.some((sight) => sights.includes(sight));
}

/** How many wires of each size there are. */
const sizesOf = (pins: readonly Pin[]): ReadonlyMap<number | null, number> =>
  pins.reduce(
    (counts, { size }) => counts.set(size, (counts.get(size) ?? 0) + 1),
    new Map<number | null, number>(),
  );
const hasAlike = (pin: Pin, sizes: ReadonlyMap<number | null, number>, itself: boolean): boolean =>
  [...sizes].some(
    ([size, count]) => !toldBySize(size, pin.size) && count > (itself && size === pin.size ? 1 : 0),
  );
