import { plugEnd, type HarnessState } from "../../harness/index.ts";
import {
  blankOf,
  decisionId,
  type DeadEnd,
  type Decision,
  type DecisionId,
  type PinId,
  type PlacedPin,
} from "../../model/index.ts";
import type { Displaced, Displacement } from "../displacements.ts";
import { inHand, type Draft } from "./draft.ts";
import { intoCavity, newTerminal, opened } from "./fills.ts";
import { baredEnd, deadEndOf, evict } from "./cuts.ts";

/** A step with the decision that it carries out. */
export interface OwnedDraft {
  readonly decision: DecisionId;
  readonly draft: Draft;
}
export const ownedBy = (decision: Decision, drafts: readonly Draft[]): readonly OwnedDraft[] =>
  drafts.map((draft) => ({ decision: decisionId(decision), draft }));

interface Surroundings {
  readonly start: HarnessState;
  readonly pin: (id: PinId) => PlacedPin;
  /** The decision about the wire that a chain's last cavity holds, when it is capped to make room. */
  readonly capping: (id: PinId) => DeadEnd | undefined;
  /** Whether a wire can lie loose without being taken for another one that is open. */
  readonly parkable: (id: PinId) => boolean;
}

/** Terminals from cavity to cavity without interruption: one in the hand, one more parked in an exchange or a longer ring. */
export function moveTogether(component: Displaced, around: Surroundings): readonly OwnedDraft[] {
  const { pin } = around;
  const [first, ...others] = component.moves;
  if (first === undefined) return [];
  const seat = (move: Displacement): readonly OwnedDraft[] => ownedBy(move.decision, seated(move, around));
  const taken = (move: Displacement): readonly OwnedDraft[] => ownedBy(move.decision, [released(move, pin)]);
  if (component.kind === "chain")
    return [
      ...freed(first, around),
      ...component.moves.flatMap((move) => [
        ...taken(move),
        ...seat(move),
        ...ownedBy(move.decision, ledBack(move, pin)),
      ]),
    ];
  const parked = { ...inHand(pin(first.from)) };
  const tag: readonly Draft[] = around.parkable(first.from)
    ? []
    : [{ kind: "label", role: "label", op: null, ...parked, others: others.map(({ from }) => from) }];
  return [
    ...ownedBy(first.decision, tag),
    ...taken(first),
    ...ownedBy(first.decision, [
      { kind: "park", role: "park", op: { kind: "cap", end: plugEnd(first.from), to: "covered" }, ...parked },
    ]),
    ...others.flatMap((move) => [...taken(move), ...seat(move)]),
    ...ownedBy(first.decision, [
      {
        kind: "take-up",
        role: "take-up",
        op: { kind: "cap", end: plugEnd(first.from), to: "open" },
        ...parked,
      },
    ]),
    ...seat(first),
  ];
}

/** The last cavity of a chain is emptied before it is filled. */
function freed(move: Displacement, { pin, capping }: Surroundings): readonly OwnedDraft[] {
  const target = pin(move.to);
  if (target.pin.content !== "occupied") return [];
  if (move.decision.kind !== "move") return ownedBy(move.decision, evict(target));
  const cap = capping(move.to);
  return cap === undefined ? [] : ownedBy(cap, deadEndOf(cap, target));
}

function released({ from, to }: Displacement, pin: Surroundings["pin"]): Draft {
  return {
    kind: "release",
    role: "release",
    op: { kind: "release", end: plugEnd(from), cavity: from },
    ...inHand(pin(from)),
    partner: to,
  };
}

/** In a series the lead that comes back gets a terminal of the plug and takes the place of the wire. */
function ledBack({ decision }: Displacement, pin: Surroundings["pin"]): readonly Draft[] {
  if (decision.kind !== "series") return [];
  const [lead, target] = [pin(decision.back), pin(decision.vehicle)];
  const { end, drafts } = baredEnd(lead, "back", "plug");
  const here = { ...inHand(target), wire: lead.pin.id, partner: lead.pin.id };
  return [...drafts, ...intoCavity(end, target, "-back", here)];
}

/** Into its new cavity; a wire that comes from an unsealed plug gets a seal, and the seal goes on before the terminal. */
function seated({ from, to }: Displacement, { pin }: Surroundings): readonly Draft[] {
  const end = plugEnd(from);
  const target = pin(to);
  const here = { ...inHand(target), wire: from, partner: from };
  const seal: readonly Draft[] =
    !target.connector.sealed || pin(from).connector.sealed
      ? []
      : [
          { kind: "cut-terminal", role: "cut-terminal", op: { kind: "crimp", end, to: "cut-off" }, ...here },
          ...newTerminal(end, true, "", here),
        ];
  return [
    ...seal,
    ...(target.pin.content === "empty" ? opened(blankOf(target.connector), to, "", here) : []),
    { kind: "insert", role: "insert", op: { kind: "insert", end, cavity: to }, ...here },
  ];
}
