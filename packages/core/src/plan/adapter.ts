import { colourInWords } from "../colour/index.ts";
import { builtCavity, builtShell, farEnd, plugEnd } from "../harness/index.ts";
import { connectorsInOrder, decisionId, indexPins, pinColour, rankPins, type Connector, type Decision, type DecisionId, type Dossier, type EndId, type InsertedDevice, type PinId, type PlacedPin } from "../model/index.ts";
import { TERMINAL_SYSTEMS, type TerminalSystem } from "../shelf/index.ts";
import { present } from "../util/index.ts";
import { isFlying, type Draft } from "./templates/draft.ts";

/** Where the adapter is made: off the car, so no power can reach it. */
export const WORK_TABLE = "work table";

type AdapterJoin = Extract<Decision, { kind: "join" }> & { readonly method: "adapter" };
export const isByAdapter = (decision: Decision): decision is AdapterJoin => decision.kind === "join" && decision.method === "adapter";

/** One end of a wire of the adapter: in a cavity of the shell that meets a connector, or at the part in its middle. */
export type AdapterEnd =
  | { readonly at: "shell"; readonly meets: PlacedPin; readonly terminal: string; /** mm, by the terminal's sheet; null where it is not known. */ readonly strip: readonly [number, number] | null; readonly seal: string | null }
  | { readonly at: "part"; readonly device: InsertedDevice }
  | { readonly at: "pigtail"; readonly lead: PlacedPin };

/** A line of the cut list. `own`: a wire to be cut, null for the pigtail's own lead that is used as it is. */
export interface AdapterWire {
  readonly decision: DecisionId;
  readonly own: PinId | null;
  readonly colour: string;
  /** mm²: the larger of the two that it joins; null where neither is known. */
  readonly size: number | null;
  /** mm; null while nobody has measured between the plugs. */
  readonly length: number | null;
  readonly ends: readonly [AdapterEnd, AdapterEnd];
}

export interface AdapterLoom {
  /** Connectors that get a counterpart built, in order. */
  readonly shells: readonly Connector[];
  readonly wires: readonly AdapterWire[];
}

/** The terminal of the other gender that meets a connector's contacts, by its width and sealing; null where the shell names none. */
function counterpart(connector: Connector): TerminalSystem | null {
  const own = TERMINAL_SYSTEMS.find(({ id }) => connector.shell?.terminals.includes(id) === true);
  if (own === undefined) return null;
  return TERMINAL_SYSTEMS.find((one) => one.gender !== own.gender && one.gender !== "ring" && one.width === own.width && one.seals.length > 0 === connector.sealed) ?? null;
}

function inShell(placed: PlacedPin): AdapterEnd {
  const system = counterpart(placed.connector);
  const seal = placed.connector.sealed ? "wire seal for its insulation" : null;
  return { at: "shell", meets: placed, terminal: system?.name ?? `terminal that meets ${placed.connector.name}`, strip: system?.strip ?? null, seal };
}

/**
 * The loom that goes between the plugs, as a list to cut and crimp by: neither factory loom is cut, and the original part can
 * be plugged back in. A pigtail's own leads are used; two looms get a wire of their own for each join.
 */
export function adapterLoom(dossier: Dossier): AdapterLoom {
  const pins = indexPins(dossier);
  const pin = (id: PinId): PlacedPin => present(pins.get(id), `pin ${id}`);
  const joins = adapterJoins(dossier.decisions, rankPins(dossier));
  const met = new Set(joins.flatMap(({ vehicle, incoming }) => [pin(vehicle), pin(incoming)]).filter((placed) => !isFlying(placed)).map(({ connector }) => connector.id));
  const ended = (placed: PlacedPin): AdapterEnd => (isFlying(placed) ? { at: "pigtail", lead: placed } : inShell(placed));
  const wires = joins.flatMap((join): readonly AdapterWire[] => {
    const [ours, theirs] = [pin(join.vehicle), pin(join.incoming)];
    const colour = pinColour(ours.pin, ours.connector);
    const sizes = [ours.pin.size, theirs.pin.size].flatMap((size) => size ?? []);
    const common = { decision: decisionId(join), colour: colour === null ? ours.pin.colour || "any colour, flagged" : colourInWords(colour), size: sizes.length === 0 ? null : Math.max(...sizes), length: dossier.worklist.adapterLength };
    const own = (placed: PlacedPin): PinId | null => (isFlying(placed) ? null : builtCavity(placed.pin.id));
    if (join.device === undefined) return [{ ...common, own: isFlying(ours) || isFlying(theirs) ? null : builtCavity(join.vehicle), ends: [ended(ours), ended(theirs)] }];
    const part: AdapterEnd = { at: "part", device: join.device };
    return [{ ...common, own: own(ours), ends: [ended(ours), part] }, { ...common, own: own(theirs), ends: [part, ended(theirs)] }];
  });
  return { shells: connectorsInOrder(dossier).filter(({ id }) => met.has(id)), wires };
}

const adapterJoins = (decisions: readonly Decision[], rank: ReadonlyMap<PinId, number>): readonly AdapterJoin[] =>
  decisions.filter(isByAdapter).sort((a, b) => (rank.get(a.vehicle) ?? 0) - (rank.get(b.vehicle) ?? 0));

/** The steps at the work table, from the shells laid out to the last check; the decision of each, or null for the loom as a whole. */
export function adapterDrafts(dossier: Dossier, decisions: readonly Decision[]): readonly { readonly decision: DecisionId | null; readonly draft: Draft }[] {
  const pins = indexPins(dossier);
  const pin = (id: PinId): PlacedPin => present(pins.get(id), `pin ${id}`);
  const joins = adapterJoins(decisions, rankPins(dossier));
  if (joins.length === 0) return [];
  const loom = adapterLoom({ ...dossier, decisions: joins });
  const whole = (draft: Draft) => ({ decision: null, draft: { ...draft, place: WORK_TABLE } });
  const shells = loom.shells.map(({ id }) => {
    const cavities = joins.flatMap(({ vehicle, incoming }) => [vehicle, incoming]).filter((one) => pin(one).connector.id === id).map((meets) => ({ cavity: builtCavity(meets), meets }));
    return whole({ kind: "build-shell", role: `shell:${id}`, op: { kind: "build-shell", connector: builtShell(id), cavities, to: "there" }, connector: id });
  });
  const wires = joins.flatMap((join) => wireDrafts(join, pin, dossier.worklist.adapterLength).map((draft) => ({ decision: decisionId(join), draft: { ...draft, place: WORK_TABLE } })));
  const closing = loom.shells.flatMap(({ id }) => [
    whole({ kind: "close-lock", role: `lock:${id}`, op: { kind: "lock", connector: builtShell(id), to: "closed" }, connector: id }),
    whole({ kind: "tug", role: `tug:${id}`, op: null, connector: id }),
  ]);
  return [...shells, ...wires, ...closing, whole({ kind: "measure", role: "measure", op: null, text: "adapter" })];
}

/** A pigtail's own lead is used where there is one; a plug of a loom gets a new wire in the shell that meets it. */
function wireDrafts(join: AdapterJoin, pin: (id: PinId) => PlacedPin, length: number | null): readonly Draft[] {
  const [ours, theirs] = [pin(join.vehicle), pin(join.incoming)];
  const made = (id: PinId): Draft => ({ kind: "build-wire", role: `wire:${id}`, op: { kind: "build-wire", pin: builtCavity(id), to: "there" }, wire: join.vehicle, at: id, partner: id === join.vehicle ? join.incoming : join.vehicle, length });
  const seated = (end: EndId, at: PlacedPin, role: string): readonly Draft[] => {
    const here = { wire: join.vehicle, at: at.pin.id, connector: at.connector.id, partner: at === ours ? join.incoming : join.vehicle };
    return [
      ...(at.connector.sealed ? [{ kind: "seal", role: `seal-${role}`, op: null, ...here } as const] : []),
      { kind: "strip", role: `strip-${role}`, op: null, ...here, text: "terminal" },
      { kind: "crimp", role: `crimp-${role}`, op: { kind: "crimp", end, to: "fitted" }, ...here },
      { kind: "insert", role: `insert-${role}`, op: { kind: "insert", end, cavity: builtCavity(at.pin.id) }, ...here, text: "built" },
    ];
  };
  const built = builtCavity(join.vehicle);
  const [lead, otherLead] = [isFlying(ours), isFlying(theirs)];
  if (join.device === undefined && lead !== otherLead) return lead ? seated(farEnd(join.vehicle), theirs, "incoming") : seated(farEnd(join.incoming), ours, "vehicle");
  if (join.device === undefined && !lead) return [made(join.vehicle), ...seated(plugEnd(built), ours, "vehicle"), ...seated(farEnd(built), theirs, "incoming")];
  const meeting = { wire: join.vehicle, at: join.incoming, partner: join.incoming, connector: theirs.connector.id };
  const half = (placed: PlacedPin, role: string): { readonly end: EndId; readonly drafts: readonly Draft[] } => {
    const own = builtCavity(placed.pin.id);
    return isFlying(placed) ? { end: farEnd(placed.pin.id), drafts: [] } : { end: farEnd(own), drafts: [made(placed.pin.id), ...seated(plugEnd(own), placed, role)] };
  };
  const halves = [half(ours, "vehicle"), half(theirs, "incoming")];
  const op = { kind: "splice", ends: halves.map(({ end }) => end), joint: decisionId(join) } as const;
  return [
    ...halves.flatMap(({ drafts }) => drafts), { kind: "strip", role: "strip", op: null, ...meeting },
    join.device === undefined ? { kind: "splice", role: "splice", op, ...meeting } : { kind: "fit-device", role: "device", op, device: join.device, ...meeting },
  ];
}
