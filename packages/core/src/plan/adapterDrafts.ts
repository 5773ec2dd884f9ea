import { builtCavity, builtShell, farEnd, plugEnd } from "../harness/index.ts";
import {
  decisionId,
  fedLegs,
  indexPins,
  leadPin,
  namedPins,
  rankPins,
  type Decision,
  type DecisionId,
  type Dossier,
  type EndId,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { present } from "../util/index.ts";
import { inHand, isFlying, type Draft } from "./templates/draft.ts";
import { newTerminal } from "./templates/fills.ts";
import { jointDraft, legsFed, legsRouted, legWire } from "./templates/joints.ts";
import {
  WORK_TABLE,
  type AdapterDecision,
  byAdapter,
  isByAdapter,
  membersOf,
  deviceOf,
  isStraight,
  lengthOf,
  shellsOf,
} from "./adapter.ts";

/** The steps at the work table, from the shells laid out to the last check; the decision of each, or null for the loom as a whole. */
export function adapterDrafts(
  dossier: Dossier,
  decisions: readonly Decision[],
): readonly { readonly decision: DecisionId | null; readonly draft: Draft }[] {
  const pins = indexPins(dossier);
  const pin = (id: PinId): PlacedPin => present(pins.get(id), `pin ${id}`);
  const own = byAdapter(decisions, rankPins(dossier));
  if (own.length === 0) return [];
  const built = shellsOf(dossier, own, pin);
  const whole = (draft: Draft) => ({ decision: null, draft: { ...draft, place: WORK_TABLE } });
  const shells = built.map(({ id }) => {
    const cavities = own
      .flatMap((decision) => membersOf(decision, pin))
      .filter(({ connector }) => connector.id === id)
      .map((placed) => ({ cavity: builtCavity(placed.pin.id), meets: placed.pin.id }));
    return whole({
      kind: "build-shell",
      role: `shell:${id}`,
      op: { kind: "build-shell", connector: builtShell(id), cavities, to: "there" },
      connector: id,
      built: true,
    });
  });
  const wires = own.flatMap((decision) =>
    wireDrafts(dossier, decision, membersOf(decision, pin)).map((draft) => ({
      decision: decisionId(decision),
      draft: { ...draft, place: WORK_TABLE },
    })),
  );
  const closing = built.flatMap(({ id }) => [
    whole({
      kind: "close-lock",
      role: `lock:${id}`,
      op: { kind: "lock", connector: builtShell(id), to: "closed" },
      connector: id,
      built: true,
    }),
    whole({ kind: "tug", role: `tug:${id}`, op: null, connector: id, built: true }),
  ]);
  return [
    ...shells,
    ...wires,
    ...closing,
    whole({ kind: "measure", role: "measure", op: null, text: "adapter" }),
  ];
}

/** What a device in the adapter hangs on besides the plugs is connected on the car, once the adapter is there. */
export function adapterFeeds(decision: Decision, pin: (id: PinId) => PlacedPin): readonly Draft[] {
  if (!isByAdapter(decision)) return [];
  const device = deviceOf(decision);
  const last = pin(namedPins(decision).at(-1) ?? leadPin(decision));
  const meeting = { ...inHand(last), wire: leadPin(decision), partner: last.pin.id };
  return fedLegs(device).flatMap(({ terminal }, i): readonly Draft[] => [
    {
      kind: "uncover",
      role: `uncover-${terminal}`,
      op: { kind: "cap", end: farEnd(legWire(decision, terminal)), to: "open" },
      ...meeting,
      terminal,
      device: device ?? null,
    },
    { kind: "strip", role: `strip-${terminal}`, op: null, ...meeting, terminal, device: device ?? null },
    ...legsFed(device, decision, meeting).filter((draft) => draft.terminal === fedLegs(device)[i]?.terminal),
  ]);
}

/** A pigtail's own lead is used where there is one; a plug of a loom gets a new wire in the housing that mates with it. */
function wireDrafts(
  dossier: Dossier,
  decision: AdapterDecision,
  members: readonly PlacedPin[],
): readonly Draft[] {
  const [first, second] = members;
  const last = members.find(({ connector }) => connector.side === "incoming") ?? members.at(-1);
  if (first === undefined || second === undefined || last === undefined) return [];
  const wire = first.pin.id;
  // Where several meet, each goes on in its own colour.
  const wireFor = (placed: PlacedPin): PinId => (members.length > 2 ? placed.pin.id : wire);
  const partnerOf = (placed: PlacedPin): PinId | null =>
    members.length > 2 ? null : (placed === first ? second : first).pin.id;
  const roleOf = ({ pin, connector }: PlacedPin): string =>
    decision.kind === "join" ? connector.side : `${connector.side}-${pin.id}`;
  const made = (placed: PlacedPin): Draft => ({
    kind: "build-wire",
    role: `wire:${placed.pin.id}`,
    op: { kind: "build-wire", pin: builtCavity(placed.pin.id), to: "there" },
    wire: wireFor(placed),
    at: placed.pin.id,
    partner: partnerOf(placed),
    length: lengthOf(dossier, members, placed),
  });
  const seated = (end: EndId, at: PlacedPin, held = wireFor(at)): readonly Draft[] => {
    const here = {
      wire: held,
      at: at.pin.id,
      connector: at.connector.id,
      built: true,
      partner: partnerOf(at),
    };
    const suffix = `-${roleOf(at)}`;
    return [
      ...newTerminal(end, at.connector.sealed, suffix, here),
      {
        kind: "insert",
        role: `insert${suffix}`,
        op: { kind: "insert", end, cavity: builtCavity(at.pin.id) },
        ...here,
      },
    ];
  };
  if (isStraight(decision, members)) {
    if (isFlying(first)) return seated(farEnd(first.pin.id), second, first.pin.id);
    if (isFlying(second)) return seated(farEnd(second.pin.id), first, second.pin.id);
    const built = builtCavity(first.pin.id);
    return [made(first), ...seated(plugEnd(built), first), ...seated(farEnd(built), second)];
  }
  const halves = members.map((placed): { readonly end: EndId; readonly drafts: readonly Draft[] } => {
    const own = builtCavity(placed.pin.id);
    return isFlying(placed)
      ? { end: farEnd(placed.pin.id), drafts: [] }
      : { end: farEnd(own), drafts: [made(placed), ...seated(plugEnd(own), placed)] };
  });
  const device = deviceOf(decision);
  const endsOf = (is: (placed: PlacedPin) => boolean): readonly EndId[] =>
    halves.flatMap(({ end }, i) => (is(members[i] ?? first) ? [end] : []));
  const others = members.filter((placed) => placed !== first && placed !== last).map(({ pin }) => pin.id);
  const meeting = { wire, at: last.pin.id, partner: last.pin.id, connector: last.connector.id, others };
  return [
    ...halves.flatMap(({ drafts }) => drafts),
    ...legsRouted(device, decision, meeting),
    { kind: "strip", role: "strip", op: null, ...meeting },
    jointDraft(
      device,
      {
        ours: endsOf((placed) => placed.connector.side === "vehicle"),
        theirs: endsOf((placed) => placed.connector.side === "incoming"),
      },
      decision,
      meeting,
    ),
    ...fedLegs(device).map(({ terminal }): Draft => ({
      kind: "cap",
      role: `cap-${terminal}`,
      op: { kind: "cap", end: farEnd(legWire(decision, terminal)), to: "covered" },
      ...meeting,
      terminal,
      device: device ?? null,
    })),
  ];
}
