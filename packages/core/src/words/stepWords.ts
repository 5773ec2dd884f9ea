import { colourInWords } from "../colour/index.ts";
import { cutFarEnd, cutPlugEnd, isBuilt, plugEnd } from "../harness/index.ts";
import { deviceWords } from "../proposals/index.ts";
import {
  driveOf,
  indexPins,
  pinColour,
  pinName,
  fuseWordsIn,
  isNewShell,
  supplyWordsIn,
  type Connector,
  type DeviceKind,
  type Dossier,
  type JointKind,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { endsOfStep, isAtJoint, partOfStep, type EndPart, type Step, type StepKind } from "../plan/index.ts";
import { systemsOf } from "../shelf/index.ts";
import { POWER_WORDS } from "./powerWords.ts";
import { checkedWords, liveWords } from "./checkedWords.ts";
import { tryWords } from "./tryWords.ts";
import { pullOutForce } from "../sizing/index.ts";
import { capital, list, present } from "../util/index.ts";

export interface StepWords {
  /** The one word to act on: "Release". */
  readonly verb: string;
  /** What is in the hand: "blue, white stripe"; or what the act is about. */
  readonly object: string;
  /** Where: "out of B12, cavity"; what follows the cavity's label comes in `after`. */
  readonly where: string;
  /** The label of the cavity in hand, which `where` leads up to; null where the step is at none. */
  readonly cavity: string | null;
  /** What else is said of the place: "100 mm of it". */
  readonly after: string;
  /** The act alone, where it is one of several of one card: "Strip 4.5 to 5.2 mm". */
  readonly act: string;
  /** What to see before it counts as done. */
  readonly before: readonly string[];
}

/** Up to the label of a cavity, the label, and what follows it. */
type Place = Pick<StepWords, "where" | "cavity" | "after">;

/** What is done at one of several steps of a card, in the words of a tick. */
function actWords(step: Step, object: string, connector: Connector | null): string {
  switch (step.kind) {
    case "seal":
      return "Slide the wire seal on";
    case "strip":
      return isAtJoint(step)
        ? `Strip ${object} to the depth of the barrel`
        : `Strip ${stripWords(connector)}`;
    case "crimp":
      return "Crimp the new terminal";
    case "insert":
      return "Insert it";
    case "splice":
      return "Join the ends";
    case "tap":
      return "Hang the branch on it";
    case "fit-device":
      return "Fit the device";
    default:
      return `${VERBS[step.kind]} ${object}`;
  }
}

/** Steps of one gesture as one card: named by what it ends in, with the acts on the way to it. Of one step the step itself. */
export function cardWords(words: readonly StepWords[]): StepWords & { readonly acts: readonly StepWords[] } {
  const main = present(words.at(-1), "step of a card");
  const crimped =
    words.length > 1 && main.verb === VERBS.insert && words.some(({ verb }) => verb === VERBS.crimp);
  return {
    ...main,
    verb: crimped ? `${VERBS.crimp}, insert` : main.verb,
    before: words.flatMap(({ before }) => before),
    acts: words,
  };
}

/** What of a wire comes to a joint, where that is not the whole of it. */
const PART_WORDS: Readonly<Record<EndPart, string>> = {
  wire: "",
  lead: "",
  "loom half": " (loom half)",
  "connector half": " (connector half)",
  "adapter wire": " (adapter wire)",
};
/** "out of B12, cavity 7": the place in one line. */
export const whereLine = ({ where, cavity, after }: Place): string =>
  cavity === null ? where : `${where} ${cavity}${after}`;

/** "Release blue, out of B12, cavity 7": one line, with no comma where the place is not known. */
export const stepLine = (words: Pick<StepWords, "verb" | "object"> & Place): string =>
  [`${words.verb} ${words.object}`, whereLine(words)].filter((part) => part !== "").join(", ");

const VERBS: Readonly<Record<StepKind, string>> = {
  "note-odometer": "Note",
  check: "Check",
  "battery-off": "Battery off",
  wait: "Wait",
  "remove-part": "Remove",
  drill: "Drill",
  "battery-on": "Battery on",
  "find-live": "Find live",
  photograph: "Photograph",
  disconnect: "Unplug",
  "open-lock": "Unlock",
  label: "Tag",
  release: "Release",
  "take-out": "Take out",
  "set-aside": "Take away",
  park: "Park",
  "take-up": "Pick up",
  pierce: "Pierce",
  insert: "Insert",
  cut: "Cut",
  uncover: "Uncover",
  "cut-terminal": "Cut off",
  strip: "Strip",
  splice: "Splice",
  tap: "Tap",
  "fit-device": "Fit",
  cap: "Cap",
  route: "Route",
  ring: "Fit ring",
  feed: "Feed",
  "build-shell": "Lay out",
  "build-wire": "Cut",
  seal: "Slide on",
  crimp: "Crimp",
  plug: "Plug",
  "close-lock": "Lock",
  tug: "Tug",
  tape: "Tape",
  connect: "Plug in",
  measure: "Measure",
  fuse: "Fit fuse",
  try: "Try",
  program: "Program",
  aim: "Aim",
  "refit-part": "Refit",
  inspect: "Inspect",
  own: "Do",
};

const BEFORE: Readonly<Record<StepKind, readonly string[]>> = {
  "note-odometer": [
    "Mileage in the ledger and on the job sheet",
    "Reading unchanged; local law says how to record it",
  ],
  check: ["Settled by a reading or a look at the part"],
  "battery-off": ["Radio codes and settings that will be lost noted", "Negative lead off and bagged"],
  wait: ["Maker's waiting time for restraints and capacitors has passed", "Modules asleep"],
  "remove-part": ["Fasteners in a marked tray", "No lead or airbag connector under strain"],
  drill: [
    "Nothing behind the panel",
    "Edge smooth and painted, grommet fitted",
    "Swarf cleared: it chafes and shorts",
  ],
  "battery-on": ["No bare ends, hands clear", "First power through a lamp or a small fuse"],
  "find-live": ["Meter or lamp to a known ground", "One half live, the other dead", "Live half flagged"],
  photograph: ["Mating face and wire side photographed", "Every wire that will move is flagged"],
  disconnect: [
    "Restraint and high-voltage connectors stay closed",
    "Pulled by the housing, never by the wires",
  ],
  "open-lock": ["Secondary lock fully open"],
  label: ["Each tagged wire names its cavity"],
  release: ["Lance straight, crimp whole", "Only this wire came out", "Eye protection on: picks slip"],
  "take-out": ["Kept and flagged for the way back"],
  "set-aside": ["Every wire of it is cut or out", "Kept until the job is proved"],
  park: ["Tagged with its original cavity", "Terminal covered, tied aside"],
  "take-up": ["The tag says the same cavity"],
  pierce: ["Only this membrane is open"],
  insert: ["Clicked; tug test holds", "Lance was straight; same system and size"],
  cut: ["Enough length on both sides", "Clear of the other joints"],
  uncover: ["Power is off", "The other half is insulated"],
  "cut-terminal": ["Cut right behind the crimp"],
  strip: ["No strand nicked", "Sleeve or seal on before joining"],
  splice: ["Joint insulated and away from heat"],
  tap: ["The wire itself is not parted, no strand nicked", "Joint insulated and away from heat"],
  "fit-device": [
    "Polarity and terminals the right way round",
    "Joints insulated; device fixed and able to shed heat",
    "Tug test holds on each joint",
  ],
  cap: ["No metal exposed", "Tied back clear of anything that rubs"],
  route: ["Clear of heat, edges and moving parts, with slack", "Grommet at every hole in metal"],
  ring: ["Ring fits the stud; crimp passes a tug test", "Sleeve over the crimp"],
  feed: [],
  "build-shell": ["Mates with its connector", "Labels read from the same side"],
  "build-wire": ["Flagged at both ends"],
  seal: ["Seal on before the terminal, ribs the right way"],
  crimp: ["Right die, all strands in, insulation gripped", "Sample crimp pull-tested"],
  plug: ["Cavity plug flush"],
  "close-lock": ["Every terminal home (if the lock will not close, one is not)"],
  tug: ["Every seated wire holds; pull gently"],
  tape: ["Joints staggered, none in a wet place", "Nothing rubs on an edge"],
  connect: ["Clicked; lock closed"],
  measure: ["Supply to ground: no short", "Every join: continuity end to end"],
  fuse: ["Rated for the thinnest wire it protects", "Stays cool and intact"],
  try: ["Works, and nothing else comes on with it"],
  program: ["Keys, coding and calibration to the maker's procedure, by an authorised person"],
  aim: ["Checked on a wall or at an inspection centre"],
  "refit-part": ["Nothing pinched behind it", "All fasteners refitted"],
  inspect: ["Local codes and licensed practice decide"],
  own: [],
};

/** What to see of a joint by how it is made (common practice, no source). */
const JOINT_CHECKS: Readonly<Record<JointKind, readonly string[]>> = {
  crimp: ["All strands in, right die, tug test holds", "Sample of this crimp pull-tested"],
  solder: [
    "Wetted through, no spikes, flux cleaned off; tug test holds",
    "Supported on both sides beyond the wicked part, where it would break",
  ],
  sleeve: [
    "Solder flowed into the strands, both rings shrunk; tug test holds",
    "Supported on both sides beyond the wicked part, where it would break",
  ],
};

/** "4.5 to 5.5 mm" by the sheet of the terminal that the shell takes; about 5 mm where nobody knows (common practice). */
function stripWords(connector: Connector | null): string {
  if (connector !== null && isOnStuds(connector)) return "to the depth of the lug";
  const [system] = connector === null ? [] : systemsOf(connector);
  return system === undefined ? "about 5 mm" : `${system.strip[0]} to ${system.strip[1]} mm`;
}

const asIs = (text: string): string => (text === "" ? "" : `, ${text}`);

/** Cables under nuts have no plug to pull or to click home. */
const isOnStuds = ({ shell }: Connector): boolean =>
  shell?.pattern.kind === "none" && /^(studs|terminals)$/.test(shell.pattern.what);
const STUD_WORDS = {
  disconnect: {
    verb: "Unbolt",
    act: "Unbolt the cable",
    before: ["Nut, washers and rings kept in their order", "A live post stays covered"],
  },
  connect: {
    verb: "Bolt down",
    act: "Bolt the ring down",
    before: [
      "Ring with the highest current next to the metal, washer on top",
      "Nut to the maker's torque",
      "Boot over the live post",
    ],
  },
} as const;

/** A step in the words of the trade, the same in print, on the bench and on the command line. Pass `pins` when many are worded. */
export function stepWords(
  step: Step,
  dossier: Dossier,
  pins: ReadonlyMap<PinId, PlacedPin> = indexPins(dossier),
): StepWords {
  const placed = (id: PinId | null): PlacedPin | null => (id === null ? null : (pins.get(id) ?? null));
  const [wire, at, partner] = [placed(step.wire), placed(step.at), placed(step.partner)];
  const connector =
    step.connector === null ? null : (dossier.connectors.find(({ id }) => id === step.connector) ?? null);
  const name = connector === null ? "" : `${connector.name}${asIs(connector.place)}`;
  const cavity = (pin: PlacedPin | null): string =>
    pin === null ? "" : `${pin.connector.name}, cavity ${pin.pin.cavity}`;
  const words = (object: string, place: string | Place, more: readonly string[] = []): StepWords => ({
    verb: VERBS[step.kind],
    object,
    act: actWords(step, object, connector),
    ...(typeof place === "string" ? { where: place, cavity: null, after: "" } : place),
    before: [...more, ...BEFORE[step.kind]],
  });
  const half = step.built ? "adapter half for " : "";
  /** Up to the cavity in hand, and what is said after it. */
  const here = (lead: string, after = ""): string | Place =>
    at === null ? "" : { where: `${lead} ${half}${at.connector.name}, cavity`, cavity: at.pin.cavity, after };
  const ends = endsOfStep(step, pins);
  const meeting = ends.map(({ placed: one, part }) => `${pinName(one)}${PART_WORDS[part]}`);
  const endLines = ends.map(
    ({ placed: one, part }) => `${capital(wireWords(one))}, ${cavity(one)}${PART_WORDS[part]}`,
  );
  const part = partOfStep(step, dossier.worklist);
  const supply = supplyWordsIn(dossier.points, step.supply);
  const drive = driveOf(dossier.head);
  const power = POWER_WORDS[drive][step.kind];
  if (power !== undefined)
    return {
      ...words(power.object, power.place),
      ...(power.verb === undefined ? {} : { verb: power.verb }),
      before: power.before,
    };
  switch (step.kind) {
    case "note-odometer":
      return words("the mileage", "before the cluster comes out");
    case "battery-off":
      return words("at the battery", "negative first");
    case "wait":
      return words("until the modules sleep", "the maker's waiting time");
    case "battery-on":
      return words(
        "at the battery",
        `negative last, ${step.role === "battery" ? "fuses afterwards" : "for this test only"}`,
      );
    case "remove-part":
      return words(
        step.text,
        [part?.fasteners, part?.tool].filter(Boolean).join(", ") || "fasteners into a marked tray",
      );
    case "refit-part":
      return words(
        step.text,
        [part?.fasteners, typeof part?.torque === "number" ? `tightened to ${part.torque} N·m` : ""]
          .filter(Boolean)
          .join(", ") || "in reverse order",
      );
    case "drill":
      return words(`for ${step.text}`, step.place || "where it goes");
    case "measure":
      return step.text === "adapter"
        ? words("the adapter end to end", "before it goes on the car")
        : words("before any power", "supply to ground, and every join end to end");
    case "photograph":
      return words("and flag the wires", name);
    case "disconnect":
    case "connect":
      if (connector !== null && isOnStuds(connector)) return { ...words(name, ""), ...STUD_WORDS[step.kind] };
      return words(connector?.name ?? "", whereTo(dossier, step, connector, pins) ?? connector?.place ?? "");
    case "open-lock":
    case "close-lock":
      return words("secondary lock", step.built ? `${half}${connector?.name ?? ""}` : name);
    case "tug":
      return words("each wire gently", step.built ? `${half}${connector?.name ?? ""}` : name);
    case "tape":
      if (step.text === "apart")
        return words(
          "the plug over, and tie it back",
          `${name}: its part is gone, and wires in it still lead somewhere`,
        );
      return step.text === "dead"
        ? words("the empty plug back", `${name}, all its wires now cut off`)
        : words("the loom over its joints", `${name}, joints apart from each other`);
    case "set-aside":
      return step.text === "empty"
        ? {
            ...words("the empty shell", name),
            before: ["No wire is left in it", "Kept until the job is proved"],
          }
        : words("the old plug with its stubs", name);
    case "label":
      return words(wireWords(wire), here("at", ", and its twins"));
    case "check":
      return words(wireWords(wire), here("at", checkedWords(step, dossier, at, partner)));
    case "find-live":
      return words(wireWords(wire), here("of", at === null ? "" : liveWords(at, dossier.words)));
    case "release":
      if (step.text === "ring")
        return {
          ...words(wireWords(wire), here("ring off the stud,")),
          act: "Lift the ring off the stud",
          before: ["Order of the other rings noted"],
        };
      return words(wireWords(wire), here("out of"));
    case "park":
      return words(wireWords(wire), here("from", ", until its place is free"));
    case "take-up":
      return words(wireWords(wire), here("parked, from"));
    case "pierce":
      if (step.text === "plug")
        return {
          ...words("the cavity plug", here("out of")),
          verb: "Pull",
          act: "Pull the cavity plug",
          before: ["Kept for the way back"],
        };
      return words("the membrane", here("of"));
    case "insert":
      if (step.text === "ring")
        return {
          ...words(wireWords(wire), here("new ring onto the stud,")),
          act: "Put the new ring on the stud",
          before: ["Bright metal under it", "Rings in the order they were"],
        };
      return words(wireWords(wire), here("into"));
    case "take-out":
      return words(wireWords(wire), here("the lead that was in"));
    case "cut":
      return words(
        wireWords(wire),
        here(
          step.text === "branch" ? "where it leaves the branch, towards" : `${step.length ?? 100} mm behind`,
        ),
      );
    case "uncover":
      if (step.terminal !== null)
        return words("the free end of the new wire", `at terminal ${step.terminal} of ${partWords(step)}`);
      return words(wireWords(wire), here(`the ${halfUncovered(step)} half, of`));
    case "cut-terminal":
      return words("the old terminal", here(`from ${wireWords(wire)}, towards`));
    case "strip":
      if (step.text === "tap")
        return {
          ...words(wireWords(wire), here("open for 15 mm, not cut, behind")),
          act: "Open 15 mm of its insulation; do not cut it",
          before: ["No strand nicked"],
        };
      if (step.terminal !== null) return words("the end of the new wire", `for ${supply}`);
      if (step.text === "far") return words(wireWords(wire), here("of", `: its other end, for ${supply}`));
      return !isAtJoint(step)
        ? words(wireWords(wire), here(`${stripWords(connector)}, for`))
        : words(
            step.others.length === 0 ? "both ends" : `all ${step.others.length + 2} ends`,
            `to the depth of the barrel, sleeve on first: ${[wire, at, ...step.others.map(placed)].map((one) => (one === null ? "" : pinName(one))).join(", ")}`,
          );
    case "seal":
      return words("wire seal", here(`onto ${wireWords(wire)}, for`));
    case "crimp":
      if (step.text === "ring")
        return words(`ring for M${step.length}`, here(`onto ${wireWords(wire)}, for`), pullWords(wire));
      return words(wireWords(wire), here("new terminal for"), pullWords(wire));
    case "build-shell":
      return words("a new housing", `to mate with ${name}`);
    case "build-wire":
      if (step.device !== null || step.text === "tap")
        return words(
          "a short lead",
          here(`from the tap to ${step.device === null ? "the joint" : "the part between"}, at`),
        );
      return words(
        `new wire, ${wireWords(wire)}`,
        `${step.length === null ? "to the length between the connectors" : `${step.length} mm`}, from ${cavity(at)} to ${partner === null ? "the joint" : cavity(partner)}`,
      );
    case "splice":
      return words(
        list(ends.map(({ placed: one }) => wireWords(one))),
        `one joint, ${JOINT_WORDS[step.joint ?? "crimp"]}: ${meeting.join(", ")}`,
        [...endLines, ...JOINT_CHECKS[step.joint ?? "crimp"]],
      );
    case "tap":
      return words(
        wireWords(wire),
        here(
          `${step.length ?? 100} mm behind`,
          `: ${meeting.length > 1 ? list(meeting.slice(1)) : "the short lead"} onto it, ${TAP_WORDS[step.joint ?? "crimp"]}`,
        ),
        [...endLines, ...JOINT_CHECKS[step.joint === "sleeve" ? "solder" : (step.joint ?? "crimp")]],
      );
    case "fit-device":
      return words(
        step.device === null ? "the part" : deviceWords(step.device),
        `between ${list(meeting.length > 1 ? meeting : [wire, ...step.others.map(placed), partner].flatMap((one) => (one === null ? [] : [pinName(one)])))}`,
        endLines,
      );
    case "cap":
      if (step.terminal !== null)
        return words("the free end of the new wire", `at terminal ${step.terminal} of ${partWords(step)}`);
      return words(wireWords(wire), here(`${capped(step)} of`));
    case "route":
      if (step.text === "trunk") return words("a new wire", trunkWords(dossier, step));
      if (step.terminal !== null)
        return words(
          "a new wire",
          `from ${supply} to terminal ${step.terminal} of ${partWords(step)}, before it is cut to length`,
        );
      return words("a new wire", here(`from ${supply} to`, ", before it is cut to length"));
    case "feed":
      if (step.terminal !== null)
        return {
          ...words(
            `terminal ${step.terminal} of ${partWords(step)}`,
            `${step.text === "ground" ? "at" : "from"} ${supply}`,
            step.text === "ground"
              ? ["Bare metal under the ring, nut tight, then sealed"]
              : ["Fuse rated for the thinnest wire and not fitted yet"],
          ),
          verb: step.text === "ground" ? "Ground" : VERBS.feed,
        };
      return step.text === "ground"
        ? {
            ...words(wireWords(wire), here("of", `, at ${supply}`), [
              "Bare metal under the ring, nut tight, then sealed",
              "Ring with the highest current next to the metal",
            ]),
            verb: "Ground",
          }
        : words(wireWords(wire), here("of", `, from ${supply}`), [
            "Fuse rated for the thinnest wire and not fitted yet",
          ]);
    case "ring":
      if (step.terminal !== null)
        return words(
          "onto the new wire",
          `from terminal ${step.terminal} of ${partWords(step)}, for ${supply}`,
        );
      return words(`onto ${wireWords(wire)}`, here("of", `, for ${supply}`));
    case "plug":
      return words("the open cavity", here("of"));
    case "fuse":
      return words(fuseWordsIn(dossier.points, step.supply), here("feeds"));
    case "try":
      return words(step.text || "everything that was touched", tryWords(step.text, drive));
    case "program":
      return words(step.text, "coding, keys and calibration to the maker's procedure");
    case "aim":
      return words("the lamps", "after they were touched");
    case "inspect":
      return words("the finished work", "by local codes and licensed practice");
    case "own":
      return words(step.text, step.from ?? step.place);
  }
}

/** How a joint is made, in the words of a label. */
const JOINT_WORDS: Readonly<Record<JointKind, string>> = {
  crimp: "crimped",
  solder: "soldered",
  sleeve: "in a solder sleeve",
};

/** Which half of a cut comes out of its cover: the one that was found live, or the other one. */
function halfUncovered({ role, text }: Step): string {
  if (role !== "uncover-stub") return "live";
  return text === "loom" ? "loom" : "connector";
}

/** A branch goes on a wire that is not cut, so no closed barrel or sleeve can be slid over it. */
const TAP_WORDS: Readonly<Record<JointKind, string>> = {
  crimp: "splice band",
  solder: "wrapped and soldered",
  sleeve: "wrapped and soldered",
};

/** What a connector is plugged into, where that is not simply its own counterpart. */
function whereTo(
  dossier: Dossier,
  { op, text }: Step,
  connector: Connector | null,
  pins: ReadonlyMap<PinId, PlacedPin>,
): string | null {
  if (op?.kind === "disconnect" && text === "old") return "off the old part";
  if (op?.kind !== "connect") return null;
  if (text === "new") return "onto the new part";
  if (op.into === "own") {
    const old = connector !== null && isNewShell(connector) ? movedFrom(dossier, connector, pins) : null;
    return old === null ? null : `where ${old} was`;
  }
  if (isBuilt(op.into)) return "into the adapter";
  return `into ${dossier.connectors.find(({ id }) => id === op.into)?.name ?? "its mate"}`;
}

/** The plug whose wires go over into a shell; null where they come from several. */
function movedFrom(
  { decisions }: Dossier,
  shell: Connector,
  pins: ReadonlyMap<PinId, PlacedPin>,
): string | null {
  const from = new Set(
    decisions.flatMap((decision) =>
      decision.kind === "move" && pins.get(decision.to)?.connector.id === shell.id
        ? [pins.get(decision.pin)?.connector.name ?? ""]
        : [],
    ),
  );
  const [only = null] = from;
  return from.size === 1 ? only : null;
}

/** "2.5 mm², from F22, 20 A to the bus bar, fuse holder near F22 and no fuse in it". */
function trunkWords({ points }: Dossier, { supply }: Step): string {
  const point = points.find(({ id }) => id === supply);
  const { size = null } = point?.supply?.trunk ?? {};
  const behind = point?.supply?.behind ?? null;
  const from = behind === null ? "its source" : supplyWordsIn(points, behind);
  const holder = point?.supply?.fuse ? ", fuse holder next to the source and no fuse in it" : "";
  return `${size === null ? "" : `${size} mm², `}from ${from} to ${point?.name ?? "its end"}${holder}`;
}

/** Which bare end is insulated: of a cut the half at the plug, or the one that runs on into the loom. */
function capped({ role, op, wire }: Step): string {
  if (role === "cap-half") return "the other half,";
  if (role === "cap-branch") return "the rest that stays in the loom,";
  if (op?.kind !== "cap" || wire === null) return "the end";
  if (op.end === cutPlugEnd(wire)) return "the connector-side stub,";
  return op.end === cutFarEnd(wire) ? "the loom-side half," : "the end";
}

/** Which wire it is that is inserted: one that came out of its cavity, a lead of its own, or one that was made for the adapter. */
export function originWords({ op }: Pick<Step, "op">, { pin, connector }: PlacedPin): string {
  if (op?.kind !== "insert") return "";
  if (pin.content === "empty") return "a new wire";
  if (op.end === plugEnd(pin.id)) return `the wire that came out of ${connector.name}, cavity ${pin.cavity}`;
  return op.end.startsWith(`${pin.id}#`)
    ? `the lead of ${connector.name}, cavity ${pin.cavity}`
    : "a new wire of the adapter";
}

const PART_NAMES: Readonly<Record<DeviceKind, string>> = {
  diodes: "the diodes",
  divider: "the divider",
  regulator: "the regulator",
  relay: "the relay",
  resistor: "the resistor",
  fuse: "the fuse",
  switch: "the switch",
  converter: "the converter",
};
const partWords = ({ device }: Pick<Step, "device">): string =>
  device === null ? "the part between" : PART_NAMES[device.kind];

/** What a sample of the crimp must hold (IEC 60352-2; from memory). */
function pullWords(wire: PlacedPin | null): readonly string[] {
  const size = wire?.pin.size ?? null;
  const force = size === null ? null : pullOutForce(size);
  return force === null ? [] : [`A sample crimp on ${size} mm² holds ${force} N`];
}

/** "blue, white stripe", or the code as written, or that nobody noted it. */
function wireWords(placed: PlacedPin | null): string {
  if (placed === null) return "";
  if (placed.pin.content === "empty") return "the new wire";
  const colour = pinColour(placed.pin, placed.connector);
  if (colour === null)
    return placed.pin.colour === "" ? "wire, colour not recorded" : `wire marked ${placed.pin.colour}`;
  return colourInWords(colour);
}
