import { cutFarEnd, cutPlugEnd, farEnd, plugEnd, plugPart, wireOf } from "../../harness/index.ts";
import type { DeadEnd, EndId, Part, PlacedPin } from "../../model/index.ts";
import { inHand, isFlying, type Draft } from "./draft.ts";

/** The bare end to work on: a flying lead's own, or one half of a cut whose other half is insulated at once. */
export function baredEnd(
  placed: PlacedPin,
  role: string,
  half: "plug" | "far",
): { readonly end: EndId; readonly drafts: readonly Draft[] } {
  return isFlying(placed) ? { end: farEnd(placed.pin.id), drafts: [] } : cutIn(placed, role, half);
}

/** The end of a vehicle's wire that goes on, cut or with its terminal pulled and cut off. */
export function partedEnd(placed: PlacedPin, role: string, part: Part): ReturnType<typeof baredEnd> {
  if (part !== "pulled" || isFlying(placed)) return baredEnd(placed, role, part === "plug" ? "plug" : "far");
  const end = plugEnd(placed.pin.id);
  return {
    end,
    drafts: [
      {
        kind: "release",
        role: `release-${role}`,
        op: { kind: "release", end, cavity: placed.pin.id },
        ...inHand(placed),
      },
      {
        kind: "cut-terminal",
        role: `cut-terminal-${role}`,
        op: { kind: "crimp", end, to: "cut-off" },
        ...inHand(placed),
      },
    ],
  };
}

/** Cut behind the plug; the half that is not worked on is insulated at once. */
export function cutIn(
  placed: PlacedPin,
  role: string,
  half: "plug" | "far",
): { readonly end: EndId; readonly drafts: readonly Draft[] } {
  const { id } = placed.pin;
  const [kept, stub] = half === "plug" ? [cutPlugEnd(id), cutFarEnd(id)] : [cutFarEnd(id), cutPlugEnd(id)];
  return {
    end: kept,
    drafts: [
      { kind: "cut", role: `cut-${role}`, op: { kind: "cut", pin: id }, ...inHand(placed) },
      {
        kind: "cap",
        role: `cap-stub-${role}`,
        op: { kind: "cap", end: stub, to: "covered" },
        ...inHand(placed),
      },
    ],
  };
}

/** Cap and tuck: a flying lead's bare end is capped; a loom's wire comes out of its cavity and its terminal is capped. */
function deadEnd(placed: PlacedPin): readonly Draft[] {
  const { id, content } = placed.pin;
  if (content !== "occupied") return [];
  if (isFlying(placed))
    return [
      { kind: "cap", role: "cap", op: { kind: "cap", end: farEnd(id), to: "covered" }, ...inHand(placed) },
    ];
  return [
    {
      kind: "release",
      role: "release",
      op: { kind: "release", end: plugEnd(id), cavity: id },
      ...inHand(placed),
    },
    { kind: "cap", role: "cap", op: { kind: "cap", end: plugEnd(id), to: "covered" }, ...inHand(placed) },
  ];
}

/** Out of the loom: a pigtail's lead as it is, a loom's wire from its cavity to where it leaves its branch, where the rest is insulated. */
function takenOut(placed: PlacedPin): readonly Draft[] {
  const { id, content } = placed.pin;
  if (content !== "occupied") return [];
  const release: Draft = {
    kind: "release",
    role: "release",
    op: { kind: "release", end: plugEnd(id), cavity: id },
    ...inHand(placed),
  };
  if (isFlying(placed))
    return [
      release,
      {
        kind: "take-out",
        role: "take-out",
        op: { kind: "take-out", wire: wireOf(id), to: "out" },
        ...inHand(placed),
      },
    ];
  return [
    release,
    {
      kind: "cut",
      role: "cut-branch",
      op: { kind: "cut", pin: id },
      ...inHand(placed),
      text: "branch",
      minutes: 5,
      range: [2, 15],
    },
    {
      kind: "cap",
      role: "cap-branch",
      op: { kind: "cap", end: cutFarEnd(id), to: "covered" },
      ...inHand(placed),
    },
    {
      kind: "take-out",
      role: "take-out",
      op: { kind: "take-out", wire: plugPart(id), to: "out" },
      ...inHand(placed),
    },
  ];
}

/** How a wire that goes nowhere leaves its cavity: tucked away, or out of the loom. */
export const deadEndOf = (decision: DeadEnd, placed: PlacedPin): readonly Draft[] =>
  decision.kind === "cap" ? deadEnd(placed) : takenOut(placed);

/** A lead that makes room: a flying one leaves the harness, one of a loom is capped and tucked. */
export function evict(placed: PlacedPin): readonly Draft[] {
  const { id } = placed.pin;
  return [
    {
      kind: "release",
      role: "release-old",
      op: { kind: "release", end: plugEnd(id), cavity: id },
      ...inHand(placed),
    },
    isFlying(placed)
      ? {
          kind: "take-out",
          role: "take-out-old",
          op: { kind: "take-out", wire: wireOf(id), to: "out" },
          ...inHand(placed),
        }
      : {
          kind: "cap",
          role: "cap-old",
          op: { kind: "cap", end: plugEnd(id), to: "covered" },
          ...inHand(placed),
        },
  ];
}
