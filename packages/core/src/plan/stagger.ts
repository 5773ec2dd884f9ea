import type { PinId } from "../model/index.ts";
import type { Draft } from "./templates/draft.ts";

/** Left behind the plug at the first cut of a connector, and further from joint to joint, in mm (common practice, no source). */
const LEFT_BEHIND = 100;
const STAGGER = 30;
const PLACES_OF_JOINTS = 4;
/** Where a wire is cut that has a tap on it already: between plug and tap, one after the other. */
const BEFORE_A_TAP = [70, 40] as const;

/**
 * Gives each cut and each tap that has none yet its distance behind the plug, in the order of the work: two neighbours of one plug never lie side by
 * side, and of one wire the tap is always further from the plug than the cut.
 */
export function stagger(isTapped: (wire: PinId) => boolean): (draft: Draft) => Draft {
  const cuts = new Map<string, number>();
  const last = new Map<string, number>();
  const cutAt = new Map<PinId, number>();
  return (draft) => {
    const atPlug = draft.kind === "tap" || (draft.kind === "cut" && draft.text !== "branch");
    if (!atPlug) return draft;
    const plug = draft.connector ?? "";
    const before = cuts.get(plug) ?? 0;
    const wire = draft.wire ?? null;
    cuts.set(plug, before + 1);
    const cut = wire === null ? undefined : cutAt.get(wire);
    const atLeast = Math.max(
      LEFT_BEHIND + STAGGER * (before % PLACES_OF_JOINTS),
      cut === undefined ? 0 : cut + STAGGER,
    );
    const between = draft.kind === "cut" && wire !== null && isTapped(wire);
    const spaced = between ? (BEFORE_A_TAP[before % 2] ?? BEFORE_A_TAP[0]) : atLeast;
    const wanted = draft.length ?? spaced;
    // Where a person wants it, as far as the tap stays behind the cut.
    const behind = cut === undefined ? wanted : Math.max(wanted, cut + STAGGER);
    const place = between ? Math.min(wanted, spaced) : behind;
    const length = place === last.get(plug) ? place + STAGGER : place;
    last.set(plug, length);
    if (draft.kind === "cut" && wire !== null) cutAt.set(wire, length);
    return { ...draft, length };
  };
}
