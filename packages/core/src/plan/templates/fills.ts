import { farEnd, plugEnd } from "../../harness/index.ts";
import {
  blankOf,
  type Blank,
  type EndId,
  type FeedClass,
  type JoinPoint,
  type JoinPointId,
  type PinId,
  type PlacedPin,
  type Stud,
} from "../../model/index.ts";
import { inHand, type Draft } from "./draft.ts";
import { baredEnd } from "./cuts.ts";

/** A terminal crimped onto a bare end, its seal first where it goes into a sealed shell; `suffix` tells the roles of one decision apart. */
export function newTerminal(
  end: EndId,
  sealed: boolean,
  suffix: string,
  here: Partial<Draft>,
): readonly Draft[] {
  return [
    ...(sealed ? [{ kind: "seal", role: `seal${suffix}`, op: null, ...here } as const] : []),
    { kind: "strip", role: `strip${suffix}`, op: null, ...here, text: "terminal" },
    { kind: "crimp", role: `crimp${suffix}`, op: { kind: "crimp", end, to: "fitted" }, ...here },
  ];
}

/** The new wire to a supply with branches, with its fuse holder at the far end and no fuse in it: it lies before anything is joined to it. */
export const trunkLaid = ({ id, place }: JoinPoint): Draft => ({
  kind: "route",
  role: "trunk",
  op: null,
  supply: id,
  place,
  text: "trunk",
});

/** Routed before it is cut to length; the fuse goes in last of all. */
export function feedFrom(
  placed: PlacedPin,
  feed: FeedClass,
  supply: JoinPointId | null,
  half: "plug" | "far",
): readonly Draft[] {
  if (placed.pin.content === "unknown" || supply === null) return [];
  if (placed.pin.content === "empty") return newWireFrom(placed, feed, supply);
  const bared = baredEnd(placed, "fed", half);
  return [
    { kind: "route", role: "route", op: null, ...inHand(placed), supply },
    ...bared.drafts,
    { kind: "strip", role: "strip", op: null, ...inHand(placed) },
    ...(feed === "ground"
      ? [{ kind: "ring", role: "ring", op: null, ...inHand(placed), supply } as const]
      : []),
    {
      kind: "feed",
      role: "feed",
      op: { kind: "feed", end: bared.end, supply },
      ...inHand(placed),
      supply,
      text: feed,
    },
  ];
}
/** A new wire into an empty cavity: its terminal is crimped and seated first, and it is fed last. */
function newWireFrom(placed: PlacedPin, feed: FeedClass, supply: JoinPointId): readonly Draft[] {
  const { id } = placed.pin;
  const here = { ...inHand(placed), supply };
  return [
    { kind: "route", role: "route", op: { kind: "build-wire", pin: id, to: "there" }, ...here },
    ...intoCavity(plugEnd(id), placed, "", here),
    { kind: "strip", role: "strip-far", op: null, ...here, text: "far" },
    ...(feed === "ground" ? [{ kind: "ring", role: "ring", op: null, ...here } as const] : []),
    { kind: "feed", role: "feed", op: { kind: "feed", end: farEnd(id), supply }, ...here, text: feed },
  ];
}

/** The membrane of a cavity pierced, or its plug pulled, before a terminal goes in. */
export function opened(blank: Blank, cavity: PinId, suffix: string, here: Partial<Draft>): readonly Draft[] {
  if (blank === "open") return [];
  const isPlug = blank === "plug";
  return [
    {
      kind: "pierce",
      role: `pierce${suffix}`,
      op: isPlug ? { kind: "plug", cavity, to: "open" } : { kind: "pierce", cavity },
      ...here,
      ...(isPlug ? { text: "plug" } : {}),
    },
  ];
}

/** A bare end gets a terminal of the plug and goes into an empty cavity of it. */
export function intoCavity(
  end: EndId,
  { pin, connector }: PlacedPin,
  suffix: string,
  here: Partial<Draft>,
): readonly Draft[] {
  return [
    ...newTerminal(end, connector.sealed, suffix, here),
    ...(pin.content === "empty" ? opened(blankOf(connector), pin.id, suffix, here) : []),
    { kind: "insert", role: `insert${suffix}`, op: { kind: "insert", end, cavity: pin.id }, ...here },
  ];
}

/** The free end of a pigtail's lead gets a terminal of another plug and goes into a cavity of it. */
export function populated(lead: PlacedPin, cavity: PlacedPin): readonly Draft[] {
  const here = { ...inHand(cavity), wire: lead.pin.id, partner: lead.pin.id };
  return intoCavity(farEnd(lead.pin.id), cavity, "", here);
}

/** A new terminal on the same wire, back into the same cavity; or a new ring, back onto its stud. */
export function reEnded(placed: PlacedPin, stud: Stud | null): readonly Draft[] {
  if (placed.pin.content !== "occupied") return [];
  const { id } = placed.pin;
  const end = plugEnd(id);
  const here = { ...inHand(placed), ...(stud === null ? {} : { text: "ring", length: stud }) };
  return [
    { kind: "release", role: "release", op: { kind: "release", end, cavity: id }, ...here },
    { kind: "cut-terminal", role: "cut-terminal", op: { kind: "crimp", end, to: "cut-off" }, ...here },
    ...(stud === null
      ? newTerminal(end, placed.connector.sealed, "", here)
      : [
          { kind: "strip", role: "strip", op: null, ...inHand(placed), text: "terminal" } as const,
          { kind: "crimp", role: "crimp", op: { kind: "crimp", end, to: "fitted" }, ...here } as const,
        ]),
    { kind: "insert", role: "insert", op: { kind: "insert", end, cavity: id }, ...here },
  ];
}
