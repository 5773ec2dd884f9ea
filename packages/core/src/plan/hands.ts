import { matingHalf } from "../face/index.ts";
import { builtCavity, builtShell, cutFarEnd, cutPlugEnd, farEnd, plugEnd } from "../harness/index.ts";
import {
  blankPin,
  type Connector,
  type Dossier,
  type EndId,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import type { Step } from "./step.ts";

/**
 * What of a wire comes to a joint: the whole wire with its terminal, the lead of a pigtail, the half of a cut that runs into the
 * loom or the one at the connector, or a wire made for the adapter.
 */
export type EndPart = "wire" | "lead" | "loom half" | "connector half" | "adapter wire";
/** One of the ends that meet in a step, by the pin that its wire was read at. */
export interface MeetingEnd {
  readonly placed: PlacedPin;
  readonly part: EndPart;
}

const partsOf = ({ pin, connector }: PlacedPin): readonly (readonly [EndId, EndPart])[] => [
  [cutFarEnd(pin.id), "loom half"],
  [cutPlugEnd(pin.id), "connector half"],
  [farEnd(pin.id), connector.leads === "flying" ? "lead" : "wire"],
  [plugEnd(pin.id), "wire"],
  [farEnd(builtCavity(pin.id)), "adapter wire"],
  [plugEnd(builtCavity(pin.id)), "adapter wire"],
];

/** Whether several ends are in the hand in a step: they are stripped for a joint, joined, or led to a part between. */
export const isAtJoint = ({ kind, text, partner, wire }: Step): boolean =>
  kind === "splice" ||
  kind === "tap" ||
  kind === "fit-device" ||
  (kind === "strip" && text !== "terminal" && partner !== null && partner !== wire);

/** Every end that meets in a joint or at a part between, the vehicle's first; empty for a step in which none do. */
export function endsOfStep(step: Step, pins: ReadonlyMap<PinId, PlacedPin>): readonly MeetingEnd[] {
  const met = endsMet(step.op);
  if (met.length === 0) return [];
  const members = [...new Set([step.wire, step.at, step.partner, ...step.others])].flatMap(
    (id) => (id === null ? undefined : pins.get(id)) ?? [],
  );
  const named = new Map(
    members.flatMap((placed) => partsOf(placed).map(([end, part]) => [end, { placed, part }] as const)),
  );
  return met.flatMap((end) => named.get(end) ?? []);
}

/** The ends that an operation brings together; of a wire that is tapped its own run stands for both its halves. */
function endsMet(op: Step["op"]): readonly EndId[] {
  switch (op?.kind) {
    case "splice":
      return op.ends;
    case "tap":
      return [farEnd(op.pin), ...op.ends];
    case "fit":
      return op.terminals.flatMap(({ ends }) => ends);
    default:
      return [];
  }
}

/**
 * The half of an adapter that meets a connector: its mirror image with the same labels, empty till it is filled. Its cavities
 * carry the ids that the harness gives to what is built.
 */
export const adapterHalf = (connector: Connector): Connector => ({
  ...connector,
  id: builtShell(connector.id),
  name: `adapter half for ${connector.name}`,
  keepOut: "",
  matesWith: connector.id,
  leads: "loom",
  shell: connector.shell === null ? null : matingHalf(connector.shell),
  pins: connector.pins.map((pin) => ({
    ...blankPin(builtCavity(pin.id), pin.cavity, pin.order),
    content: "empty",
  })),
});

/** A face that the hands are at: a connector of the job, or the half of the adapter that is made for one. */
export interface HeldFace {
  readonly connector: Connector;
  /** Whether it is the adapter's half, which shows the mirror image of the connector that it meets. */
  readonly isHalf: boolean;
  /** The cavity in hand, or null. */
  readonly pin: PinId | null;
  /** Further cavities that belong to the step. */
  readonly also: readonly PinId[];
}

/** What is drawn at a step: for a joint each connector that an end comes from, else the one that is in the hand. */
export function facesOfStep(
  step: Step,
  dossier: Pick<Dossier, "connectors">,
  pins: ReadonlyMap<PinId, PlacedPin>,
): readonly HeldFace[] {
  const find = (id: string | null): Connector | undefined =>
    dossier.connectors.find((connector) => connector.id === id);
  const held = (connector: Connector, own: readonly PinId[], isHalf: boolean): HeldFace => {
    const [pin = null, ...also] = isHalf ? own.map(builtCavity) : own;
    return { connector: isHalf ? adapterHalf(connector) : connector, isHalf, pin, also };
  };
  const ends = endsOfStep(step, pins);
  if (ends.length > 0) {
    const faces = new Map<string, { connector: Connector; isHalf: boolean; pins: PinId[] }>();
    for (const { placed, part } of ends) {
      const isHalf = part === "adapter wire";
      const key = isHalf ? builtShell(placed.connector.id) : placed.connector.id;
      const face = faces.get(key) ?? { connector: placed.connector, isHalf, pins: [] };
      faces.set(key, { ...face, pins: [...face.pins, placed.pin.id] });
    }
    return [...faces.values()].map((face) => held(face.connector, face.pins, face.isHalf));
  }
  const connector = find(step.connector);
  if (connector === undefined) return [];
  const at = step.at === null ? undefined : pins.get(step.at);
  return [held(connector, at?.connector.id === connector.id ? [at.pin.id] : [], step.built)];
}
