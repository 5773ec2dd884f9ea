import { colourInWords, likenessOf, toldBySize, type Likeness, type Sight, type WireColour } from "../colour/index.ts";
import { connectorsInOrder, pinColour, pinsInOrder, type Connector, type ConnectorId, type Dossier, type PlacedPin } from "../model/index.ts";

/** Where two wires can be mixed up: in one connector, in plugs of one module, or in connectors that are open together. */
export const LOOK_ALIKE_SCOPES = ["connector", "module", "open"] as const;
export type LookAlikeScope = (typeof LOOK_ALIKE_SCOPES)[number];

export interface LookAlike {
  readonly scope: LookAlikeScope;
  readonly kind: Likeness["kind"];
  /** Under which conditions they are near; empty when they are the same. */
  readonly sights: readonly Sight[];
  readonly pair: readonly [PlacedPin, PlacedPin];
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
  const wires = connectorsInOrder(dossier).flatMap((connector) => pinsInOrder(connector).flatMap((pin): Wire[] => {
    const colour = pin.content === "occupied" ? pinColour(pin, connector) : null;
    return colour === null ? [] : [{ placed: { pin, connector }, colour, look: colourInWords(colour) }];
  }));
  const compare = comparer();
  const found: LookAlike[] = [];
  wires.forEach((a, index) => {
    for (let other = index + 1; other < wires.length; other++) {
      const b = wires[other] as Wire;
      const scope = scopeOf(a.placed.connector, b.placed.connector, opened);
      if (scope === null || toldBySize(a.placed.pin.size, b.placed.pin.size)) continue;
      const likeness = compare(a, b);
      if (likeness !== null) found.push({ scope, kind: likeness.kind, sights: likeness.kind === "near" ? likeness.sights : [], pair: [a.placed, b.placed] });
    }
  });
  return found;
}
