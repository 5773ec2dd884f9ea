import { deviceWords } from "../proposals/index.ts";
import {
  decisionId,
  findConnector,
  fuseWordsIn,
  indexPins,
  linkedPairs,
  supplyWordsIn,
  type ConnectorId,
  type Dossier,
  type JointKind,
  type PinId,
  type PlacedPin,
  type StepId,
} from "../model/index.ts";
import { systemsOf } from "../shelf/index.ts";
import { compareText, present } from "../util/index.ts";
import { newWireColour } from "./adapter.ts";
import { partOfStep } from "./stages.ts";
import type { Plan, Step } from "./step.ts";

/** `part`: stays in the car. `consumable`: used up. `tool`: comes back into the box. */
export const KIT_KINDS = ["part", "consumable", "tool"] as const;
export type KitKind = (typeof KIT_KINDS)[number];

/** One line of what has to be there, with the steps that wait for it. */
export interface KitItem {
  readonly kind: KitKind;
  /** "joint barrel", "cavity plug for AL-P". */
  readonly what: string;
  /** "1.0 mm² together"; empty where there is nothing to say. */
  readonly size: string;
  /** Pieces that the plan uses; a tool counts once. */
  readonly count: number;
  /** Pieces to have besides: one in ten, one at least, of what is crimped, shrunk or pushed in (common practice, no source). */
  readonly spare: number;
  readonly steps: readonly StepId[];
}

interface Need {
  readonly kind: KitKind;
  readonly what: string;
  readonly size: string;
  readonly spared: boolean;
}

const consumable = (what: string, size = ""): Need => ({ kind: "consumable", what, size, spared: true });
const part = (what: string, size = "", spared = false): Need => ({ kind: "part", what, size, spared });
const tool = (what: string): Need => ({ kind: "tool", what, size: "", spared: false });

/**
 * Everything that a plan needs: parts, what is used up, tools; the same thing once, with its number. A joint is sized by the sum of
 * the conductors that meet in it (common practice), and says so where a size is not known.
 */
export function kitOf(dossier: Dossier, plan: Pick<Plan, "steps">): readonly KitItem[] {
  const pins = indexPins(dossier);
  const items = new Map<string, { readonly need: Need; readonly steps: StepId[] }>();
  for (const step of plan.steps) {
    for (const need of needsOf(step, dossier, pins)) {
      const key = JSON.stringify(need);
      const item = items.get(key) ?? { need, steps: [] };
      items.set(key, item);
      item.steps.push(step.id);
    }
  }
  return [...items.values()]
    .map(({ need: { spared, ...need }, steps }): KitItem => ({
      ...need,
      count: need.kind === "tool" ? 1 : steps.length,
      spare: spared ? Math.ceil(steps.length / 10) : 0,
      steps,
    }))
    .sort(
      (a, b) =>
        KIT_KINDS.indexOf(a.kind) - KIT_KINDS.indexOf(b.kind) ||
        compareText(a.what, b.what) ||
        compareText(a.size, b.size),
    );
}

function needsOf(step: Step, dossier: Dossier, pins: ReadonlyMap<PinId, PlacedPin>): readonly Need[] {
  const placed = (id: PinId): PlacedPin => present(pins.get(id), `pin ${id}`);
  const meeting = [step.wire, step.partner, ...step.others].flatMap((id) =>
    id === null ? [] : [placed(id)],
  );
  const joint = joined(meeting.map(({ pin }) => pin.size));
  const single = joined([step.wire === null ? null : placed(step.wire).pin.size]);
  const plug = step.connector === null ? "the plug" : findConnector(dossier, step.connector).name;
  const supply = supplyWordsIn(dossier.points, step.supply);
  switch (step.kind) {
    case "battery-off":
    case "battery-on":
      return [tool("spanner for the battery terminal"), tool("eye protection")];
    case "photograph":
      return [tool("camera"), consumable("flags for the wires")];
    case "open-lock":
    case "close-lock":
      return [tool("tool for the secondary lock")];
    case "check":
    case "find-live":
    case "measure":
      return [tool("multimeter")];
    case "remove-part":
    case "refit-part": {
      const off = partOfStep(step, dossier.worklist);
      return [
        ...(off === undefined || off.tool === "" ? [] : [tool(off.tool)]),
        ...(step.kind === "refit-part" && typeof off?.torque === "number" ? [tool("torque wrench")] : []),
      ];
    }
    case "drill":
      return [
        tool("drill and deburring tool"),
        part("grommet for the new hole"),
        consumable("paint for the edge"),
      ];
    case "release":
      return [...releaseTools(step.connector, dossier).map(tool), tool("eye protection")];
    case "take-out":
    case "label":
    case "park":
      return [consumable("flags for the wires")];
    case "cut":
    case "cut-terminal":
      return [tool("side cutter")];
    case "strip":
      return [tool("wire stripper")];
    case "splice":
      return jointNeeds(step.joint, joint);
    case "tap":
      return step.joint === "crimp" || step.joint === null
        ? [
            part("open splice band", joint, true),
            consumable("self-fusing tape or split sleeve"),
            tool("crimp tool for the splice band"),
          ]
        : [
            consumable("electrical solder with flux core"),
            consumable("self-fusing tape or split sleeve"),
            tool("soldering iron"),
          ];
    case "fit-device":
      return [
        ...deviceParts(step, dossier).map((what) => part(what)),
        ...jointNeeds(step.joint, joint).filter((need) => need.kind !== "part"),
      ];
    case "cap":
      return [consumable("end cap or adhesive-lined sleeve", single), tool("hot-air gun")];
    case "route": {
      const trunk = dossier.points.find(({ id }) => id === step.supply)?.supply?.trunk ?? null;
      if (step.text === "trunk" && trunk !== null)
        return [
          part(
            `wire to ${supply}`,
            [
              trunk.size === null ? "size not recorded" : `${trunk.size} mm²`,
              ...(trunk.length === null ? [] : [`${(trunk.length / 1000).toFixed(1)} m`]),
            ].join(", "),
          ),
          part("fuse holder"),
          part("grommet for holes in metal"),
          consumable("tape and ties"),
        ];
      return [
        part(
          `wire for the feed, ${step.wire === null ? "any colour" : newWireColour(placed(step.wire))}`,
          `${single}, cut to its route`,
        ),
        part("grommet for holes in metal"),
        consumable("tape and ties"),
      ];
    }
    case "feed":
      return step.text === "ground"
        ? [consumable("sealant for the bared metal"), tool("spanner for the ground point")]
        : [part(`connection to ${supply}`), tool("crimp tool for the terminals")];
    case "ring":
      return [part("ring terminal", single, true), tool("crimp tool for the terminals")];
    case "fuse":
      return [part(`fuse for ${fuseWordsIn(dossier.points, step.supply)}`, "", true)];
    case "build-shell":
      return [part(`housing that mates with ${plug}`)];
    case "build-wire":
      return [
        part(
          `wire, ${step.wire === null ? "any colour" : newWireColour(placed(step.wire))}`,
          `${single}${step.length === null ? "" : `, ${step.length} mm`}`,
        ),
      ];
    case "seal":
      return [part(`wire seal for ${plug}`, single, true)];
    case "crimp":
      if (step.text === "ring")
        return [part(`ring terminal M${step.length}`, single, true), tool("crimp tool for the terminals")];
      return [part(`terminal for ${plug}`, single, true), tool("crimp tool for the terminals")];
    case "plug":
      return [part(`cavity plug for ${plug}`, "", true)];
    case "pierce":
      if (step.text === "plug") return [tool("hook for cavity plugs")];
      return [tool("blunt probe for the membrane")];
    case "tape":
      return [consumable("tape and ties")];
    case "aim":
      return [tool("lamp aiming gauge, or a wall")];
    case "note-odometer":
    case "wait":
    case "disconnect":
    case "connect":
    case "take-up":
    case "insert":
    case "set-aside":
    case "uncover":
    case "tug":
    case "try":
    case "program":
    case "inspect":
    case "own":
      return [];
  }
}

/** What a joint takes by how it is made (common practice, no source). */
function jointNeeds(by: JointKind | null, size: string): readonly Need[] {
  const sleeve = consumable("adhesive-lined sleeve", size);
  switch (by) {
    case "solder":
      return [
        consumable("electrical solder with flux core"),
        sleeve,
        tool("soldering iron"),
        tool("hot-air gun"),
      ];
    case "sleeve":
      return [part("solder sleeve", size, true), tool("hot-air gun")];
    case "crimp":
    case null:
      return [
        part("butt splice", size, true),
        sleeve,
        tool("crimp tool for the barrel"),
        tool("hot-air gun"),
      ];
  }
}

/** The device, and of diodes one for each wire of the side that has several. */
function deviceParts({ device, decision: id }: Step, dossier: Dossier): readonly string[] {
  if (device === null) return ["the device"];
  if (device.kind !== "diodes") return [deviceWords(device)];
  const decision = dossier.decisions.find((one) => decisionId(one) === id);
  const wires = decision === undefined ? 1 : Math.max(1, linkedPairs(decision).length);
  const what = `diode, cathode (band) towards the ${device.band === "vehicle" ? "vehicle" : "incoming part"}`;
  return Array.from({ length: wires }, () => what);
}

/** "1.25 mm² together", or what is missing to say it. */
function joined(sizes: readonly (number | null)[]): string {
  if (sizes.some((size) => size === null)) return "size to be measured";
  const sum = sizes.reduce<number>((total, size) => total + (size ?? 0), 0);
  return `${Number(sum.toFixed(2))} mm²${sizes.length > 1 ? " together" : ""}`;
}

/** What opens the terminals of a connector, by the systems that its shell takes. */
function releaseTools(connector: ConnectorId | null, dossier: Dossier): readonly string[] {
  const tools =
    connector === null
      ? []
      : systemsOf(findConnector(dossier, connector)).flatMap(({ tool: opener }) => opener ?? []);
  return tools.length === 0
    ? ["release tool for the terminals (find the system on the Shelf)"]
    : [...new Set(tools)];
}

/** A name for a line of the kit, the same as long as the thing is the same. */
export const kitKey = ({ kind, what, size }: Pick<KitItem, "kind" | "what" | "size">): string => {
  const key = `${kind}: ${what}${size === "" ? "" : `, ${size}`}`;
  return RENAMED.reduce((text, [now, first]) => text.replaceAll(now, first), key);
};

/** What items are called now, and in the keys of ticks that are stored: a new word must not lose a tick. */
const RENAMED = [
  ["butt splice", "joint barrel"],
  ["part: the device", "part: the part between"],
  ["grommet for holes in metal", "grommet where it goes through metal"],
  ["sealant for the bared metal", "protection for the bare metal"],
  [", cut to its route", ", as long as its way"],
  ["drill and deburring tool", "drill and deburrer"],
  ["housing that mates with", "shell that meets"],
  ["terminal that mates with", "terminal that meets"],
  ["part: diode, cathode", "part: a diode in each wire, cathode"],
  ["cathode (band) towards", "band towards"],
  ["a relay with its coil on", "a relay, its coil on"],
] as const;
