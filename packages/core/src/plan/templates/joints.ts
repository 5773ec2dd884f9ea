import { cutFarEnd, cutPlugEnd, farEnd, plugEnd, type FittedTerminal } from "../../harness/index.ts";
import {
  decisionId,
  fedLegs,
  findsLive,
  isTapping,
  pinId,
  terminalsOf,
  type Decision,
  type EndId,
  type Half,
  type InsertedDevice,
  type PinId,
  type PlacedPin,
  type Tapping,
} from "../../model/index.ts";
import { inHand, isFlying, type Draft } from "./draft.ts";
import { baredEnd, partedEnd, cutIn } from "./cuts.ts";

/** What can be done while the power is still to be turned on, and what follows with the power off for good. */
export interface Phases {
  readonly window: readonly Draft[];
  readonly work: readonly Draft[];
}

/**
 * Cut behind the plug, insulate the half that is not wanted at once, then join everything in one joint or at the terminals of
 * the part that goes between: one wire open at a time.
 */
export function joinTogether(
  ours: readonly PlacedPin[],
  theirs: readonly PlacedPin[],
  decision: Decision,
): Phases {
  if (isTapping(decision)) return { window: [], work: tapped(ours, theirs, decision) };
  const several = ours.length > 1 || theirs.length > 1;
  const device = "device" in decision ? decision.device : undefined;
  const said = "half" in decision ? decision.half : undefined;
  const part = said === undefined || said === "whole" ? "loom" : said;
  const early = findsLive(decision);
  const incoming = theirs.map((one) =>
    baredEnd(one, several ? `incoming-${one.pin.id}` : "incoming", theirHalfOf(decision)),
  );
  // The half that goes on is not known before the test: the cut is made, and both halves insulated, alike for either.
  const made = early && part !== "pulled" ? "loom" : part;
  const vehicle = ours.map((one) => partedEnd(one, several ? `vehicle-${one.pin.id}` : "vehicle", made));
  const meeting = meetingOf(ours, theirs);
  const wire = ours[0];
  if (meeting === null || wire === undefined) return { window: [], work: [] };
  const kept = early ? vehicle.filter(({ drafts }) => drafts.length > 0) : [];
  const goesOn = ({ end }: { readonly end: EndId }): EndId =>
    made !== part && kept.length > 0 ? cutPlugEnd(wire.pin.id) : end;
  const met: Met = { ours: vehicle.map(goesOn), theirs: incoming.map(({ end }) => end) };
  return {
    // Both halves are insulated before the power goes on; which of them carries the supply is then found and marked.
    window: kept.flatMap(({ end, drafts }, i) => [
      ...drafts,
      {
        kind: "cap",
        role: "cap-half",
        op: { kind: "cap", end, to: "covered" },
        ...inHand(ours[i] ?? wire),
      } satisfies Draft,
    ]),
    work: [
      ...incoming.flatMap(({ drafts }) => drafts),
      ...(kept.length > 0 ? [] : vehicle.flatMap(({ drafts }) => drafts)),
      ...kept.map((one): Draft => ({
        kind: "uncover",
        role: "uncover",
        op: { kind: "cap", end: goesOn(one), to: "open" },
        ...inHand(wire),
      })),
      ...legsRouted(device, decision, meeting),
      { kind: "strip", role: "strip", op: null, ...meeting },
      jointDraft(device, met, decision, meeting),
      ...legsFed(device, decision, meeting),
    ],
  };
}

export const theirHalfOf = (decision: Decision): "plug" | "far" =>
  "theirHalf" in decision && decision.theirHalf === "loom" ? "far" : "plug";

/** The wires that meet, in the words of a step: the first of the vehicle's, the last partner, and all between. */
function meetingOf(
  ours: readonly PlacedPin[],
  theirs: readonly PlacedPin[],
): (Partial<Draft> & { readonly wire: PinId }) | null {
  const last = theirs[0] ?? ours.at(-1);
  const wire = ours[0];
  if (last === undefined || wire === undefined) return null;
  // Of a jumper's own wires the last one is the partner already.
  const others =
    ours.length > 1 || theirs.length > 1
      ? [...ours.slice(1), ...theirs.slice(1)].filter((one) => one !== last).map(({ pin }) => pin.id)
      : [];
  return { ...inHand(last), wire: wire.pin.id, partner: last.pin.id, others };
}

/**
 * The insulation of each wire of the vehicle is opened behind its plug, and what joins it is hung on it: it is never parted. Several,
 * and one that a part goes between, get a short lead to where all meet.
 */
function tapped(
  ours: readonly PlacedPin[],
  theirs: readonly PlacedPin[],
  decision: Tapping,
): readonly Draft[] {
  const { device } = decision;
  const incoming = theirs.map((one) =>
    baredEnd(one, theirs.length > 1 ? `incoming-${one.pin.id}` : "incoming", theirHalfOf(decision)),
  );
  const meeting = meetingOf(ours, theirs);
  if (meeting === null) return [];
  const branches = incoming.map(({ end }) => end);
  const ready = incoming.flatMap(({ drafts }) => drafts);
  const [only] = ours;
  if (device === undefined && ours.length === 1 && only !== undefined)
    return [...ready, ...hungOn(only, branches, decision, meeting, null)];
  const leads = ours.map((wire) => {
    if (isFlying(wire)) return { end: farEnd(wire.pin.id), drafts: [] };
    const own = ours.length > 1 ? wire.pin.id : null;
    const lead = legWire(decision, own === null ? "tap" : `tap-${own}`);
    const here = own === null ? meeting : { ...meeting, ...inHand(wire), wire: wire.pin.id, others: [] };
    const laid: Draft = {
      kind: "build-wire",
      role: own === null ? "lead" : `lead-${own}`,
      op: { kind: "build-wire", pin: lead, to: "there" },
      ...here,
      device: device ?? null,
      text: "tap",
    };
    return {
      end: farEnd(lead),
      drafts: [laid, ...hungOn(wire, [plugEnd(lead)], decision, here, own)],
    };
  });
  return [
    ...ready,
    ...leads.flatMap(({ drafts }) => drafts),
    ...legsRouted(device, decision, meeting),
    { kind: "strip", role: "strip", op: null, ...meeting },
    jointDraft(device, { ours: leads.map(({ end }) => end), theirs: branches }, decision, meeting),
    ...legsFed(device, decision, meeting),
  ];
}

/** A wire's insulation opened and branches hung on it; `own` tells several of one decision apart. */
function hungOn(
  wire: PlacedPin,
  ends: readonly EndId[],
  decision: Tapping,
  meeting: Partial<Draft>,
  own: PinId | null,
): readonly Draft[] {
  const [id, suffix] = [decisionId(decision), own === null ? "" : `-${own}`];
  const joint = own === null ? id : `${id}/tap${suffix}`;
  const here = { ...meeting, ...inHand(wire), partner: meeting.partner ?? null };
  return [
    { kind: "strip", role: `strip-tap${suffix}`, op: null, ...here, text: "tap" },
    {
      kind: "tap",
      role: `tap${suffix}`,
      op: { kind: "tap", pin: wire.pin.id, ends, joint, mid: true, to: "on" },
      ...here,
    },
  ];
}

/** The ends of each side that meet in a joint or at a device. */
export interface Met {
  readonly ours: readonly EndId[];
  readonly theirs: readonly EndId[];
}

/** The joint of a decision; how it is made follows from the decision or from the job. */
export function jointDraft(
  device: InsertedDevice | undefined,
  met: Met,
  decision: Decision,
  meeting: Partial<Draft>,
): Draft {
  const id = decisionId(decision);
  return device === undefined
    ? {
        kind: "splice",
        role: "splice",
        op: { kind: "splice", ends: [...met.ours, ...met.theirs], joint: id },
        ...meeting,
      }
    : {
        kind: "fit-device",
        role: "device",
        op: {
          kind: "fit",
          device: id,
          what: device,
          terminals: terminalsMet(device, met, decision),
          to: "in",
        },
        device,
        ...meeting,
      };
}

/** Which end goes to which terminal. A diode sits in each of several wires; the wire that they feed, or are fed by, is at all of them. */
function terminalsMet(device: InsertedDevice, met: Met, decision: Decision): readonly FittedTerminal[] {
  const { vehicle, incoming } = terminalsOf(device);
  const side = (terminal: string, ends: readonly EndId[]): readonly FittedTerminal[] =>
    device.kind === "diodes" && ends.length > 1
      ? ends.map((end, i) => ({ terminal: `${terminal}${i + 1}`, ends: [end] }))
      : [{ terminal, ends }];
  const both =
    vehicle === incoming
      ? [{ terminal: vehicle, ends: [...met.ours, ...met.theirs] }]
      : [...side(vehicle, met.ours), ...side(incoming, met.theirs)];
  const legs = fedLegs(device).map(({ terminal }) => ({
    terminal,
    ends: [plugEnd(legWire(decision, terminal))],
  }));
  return [...both, ...legs];
}

/** A wire that is made for a decision, by what it is for. */
export const legWire = (decision: Decision, what: string): PinId => pinId(`${decisionId(decision)}/${what}`);

export const legsRouted = (
  device: InsertedDevice | undefined,
  decision: Decision,
  meeting: Partial<Draft>,
): readonly Draft[] =>
  fedLegs(device).map(({ terminal, supply }): Draft => ({
    kind: "route",
    role: `route-${terminal}`,
    op: { kind: "build-wire", pin: legWire(decision, terminal), to: "there" },
    ...meeting,
    supply,
    terminal,
    device: device ?? null,
  }));

export const legsFed = (
  device: InsertedDevice | undefined,
  decision: Decision,
  meeting: Partial<Draft>,
): readonly Draft[] =>
  fedLegs(device).flatMap(({ terminal, feed, supply }): readonly Draft[] => {
    const here = { ...meeting, supply, terminal, device: device ?? null };
    return [
      ...(feed === "ground" ? [{ kind: "ring", role: `ring-${terminal}`, op: null, ...here } as const] : []),
      {
        kind: "feed",
        role: `feed-${terminal}`,
        op: { kind: "feed", end: farEnd(legWire(decision, terminal)), supply },
        ...here,
        text: feed,
      },
    ];
  });

/**
 * Cut in mid-run and led through the incoming part: one half onto the lead that takes it in, the other onto the one that comes back.
 * Where the live half is to be found, both are insulated before the power goes on.
 */
export function interrupted(
  wire: PlacedPin,
  into: PlacedPin,
  back: PlacedPin,
  decision: Extract<Decision, { kind: "series" }>,
): Phases {
  const { id } = wire.pin;
  const first: Half = decision.half ?? "loom";
  const [loom, plug] = [cutFarEnd(id), cutPlugEnd(id)];
  const [source, onward] = first === "loom" ? [loom, plug] : [plug, loom];
  const early = findsLive(decision);
  const [theirs, returning] = [baredEnd(into, "into", "plug"), baredEnd(back, "back", "plug")];
  const half = (
    end: EndId,
    other: EndId,
    lead: PlacedPin,
    role: "splice" | "splice-back",
  ): readonly Draft[] => {
    const meeting = { ...inHand(lead), wire: id, partner: lead.pin.id };
    return [
      { kind: "strip", role: role === "splice" ? "strip" : "strip-back", op: null, ...meeting },
      {
        kind: "splice",
        role,
        op: { kind: "splice", ends: [end, other], joint: `${decisionId(decision)}/${role}` },
        ...meeting,
      },
    ];
  };
  const turnCap = (end: EndId, to: "open" | "covered", role: string, text: string): Draft => ({
    kind: to === "open" ? "uncover" : "cap",
    role,
    op: { kind: "cap", end, to },
    ...inHand(wire),
    text,
  });
  // Before the test both halves are made alike: nobody knows yet which one goes where.
  const cut = cutIn(wire, "vehicle", first === "loom" || early ? "far" : "plug").drafts;
  return {
    window: early ? [...cut, turnCap(loom, "covered", "cap-half", "")] : [],
    work: [
      ...theirs.drafts,
      ...returning.drafts,
      ...(early ? [turnCap(source, "open", "uncover", "")] : cut),
      ...half(source, theirs.end, into, "splice"),
      turnCap(onward, "open", "uncover-stub", first === "loom" ? "plug" : "loom"),
      ...half(onward, returning.end, back, "splice-back"),
    ],
  };
}
