import { COLOUR_SYSTEM_NAMES, colourInWords, type ColourProblem } from "../colour/index.ts";
import type { CommandProblem } from "../dossier/index.ts";
import {
  builtCavity,
  builtShell,
  cutFarEnd,
  cutPlugEnd,
  farEnd,
  farPart,
  plugEnd,
  plugPart,
  wireOf,
  type Anchor,
  type OperationProblem,
} from "../harness/index.ts";
import type {
  DocumentProblem,
  LineProblem,
  TableFileNote,
  TableFileProblem,
  TableProblem,
} from "../io/index.ts";
import type { ChainProblem, PlaceProblem } from "../ledger/index.ts";
import type { Block, Fault } from "../plan/index.ts";
import type { SizeProblem } from "../sizing/index.ts";
import { capital } from "../util/index.ts";
import { indexPins, pinName, pointLabel, type Dossier, type PinId } from "../model/index.ts";

/** Names a pin, an end or a connector for a message: "B12.7", "the adapter half of B12", or the id while it is not there any more. */
export function pinNamer(dossier: Dossier): (id: string) => string {
  let names: ReadonlyMap<string, string> | null = null;
  return (id) => {
    names ??= new Map(namesOf(dossier));
    return names.get(id) ?? id;
  };
}

/** Every id that an operation can name, with the name of its pin, connector or point: nothing is taken apart to find it. */
function namesOf(dossier: Dossier): readonly (readonly [string, string])[] {
  const half = (name: string): string => `the adapter half of ${name}`;
  const ofPin = (pin: PinId, name: string): readonly (readonly [string, string])[] =>
    [
      pin,
      plugEnd(pin),
      farEnd(pin),
      cutPlugEnd(pin),
      cutFarEnd(pin),
      wireOf(pin),
      plugPart(pin),
      farPart(pin),
    ].map((id) => [id, name] as const);
  return [
    ...dossier.points.map((point) => [point.id, pointLabel(point)] as const),
    ...dossier.connectors.flatMap(({ id, name }) => [
      [id, name] as const,
      [builtShell(id), half(name)] as const,
    ]),
    ...[...indexPins(dossier).values()].flatMap((placed) => [
      ...ofPin(builtCavity(placed.pin.id), half(pinName(placed))),
      ...ofPin(placed.pin.id, pinName(placed)),
    ]),
  ];
}

/** A place of the copper in words: "the loom wire of B12.3", "the part behind B12.3". */
function anchorName(anchor: Anchor, name: Namer): string {
  switch (anchor.at) {
    case "beyond":
      return `the loom wire of ${name(anchor.pin)}`;
    case "part":
      return `the part that ${name(anchor.cavity)} plugs into`;
    case "point":
      return name(anchor.point);
    case "supply":
      return anchor.supply;
    case "terminal":
      return `terminal ${anchor.terminal} of the part between`;
  }
}

type Namer = (id: string) => string;
const asIs: Namer = (id) => id;

export function operationProblemWords(problem: OperationProblem, name: Namer = asIs): string {
  switch (problem.code) {
    case "no-such-end":
      return `The wire of ${name(problem.end)} has no such end; it may not be cut yet.`;
    case "no-such-cavity":
      return `There is no cavity ${name(problem.cavity)}.`;
    case "no-such-wire":
      return `There is no whole wire at ${name(problem.pin)} to cut.`;
    case "battery-is-on":
      return "The battery is connected. Disconnect it before you touch a wire.";
    case "battery-already":
      return `The battery is ${problem.to} already.`;
    case "lock-already":
      return `The lock is ${problem.to} already.`;
    case "lock-closed":
      return "The connector lock is closed. Open it first.";
    case "end-not-in-cavity":
      return `The wire of ${name(problem.end)} is not in ${name(problem.cavity)} any more.`;
    case "cavity-not-free":
      return `${name(problem.cavity)} is not free. Empty it first.`;
    case "end-not-loose":
      return `The end of ${name(problem.end)} is still held somewhere.`;
    case "end-covered":
    case "end-already-covered":
      return `The end of ${name(problem.end)} is capped already.`;
    case "end-not-covered":
      return `The end of ${name(problem.end)} is not capped.`;
    case "wire-out":
      return `The wire of ${name(problem.end)} was taken out of the harness.`;
    case "end-without-terminal":
      return `The end of ${name(problem.end)} has no terminal, so it cannot be inserted.`;
    case "end-carries-terminal":
      return `The end of ${name(problem.end)} has a terminal; it is not bare.`;
    case "already-cut":
      return `The wire of ${name(problem.pin)} is cut already.`;
    case "joined-to-itself":
      return `The wire of ${name(problem.end)} cannot be joined to itself.`;
    case "joint-needs-two-ends":
      return "A joint needs at least two ends.";
    case "joint-in-use":
      return "There is a joint there already.";
    case "not-joined-there":
      return `The end of ${name(problem.end)} is not joined there.`;
    case "wire-still-held":
      return `The wire of ${name(problem.wire)} is still held at one end.`;
    case "no-stubs":
      return problem.to === "out"
        ? `No wire in ${name(problem.connector)} is cut off: there is nothing to take away with it.`
        : `${name(problem.connector)} was not taken away.`;
    case "wire-already":
      return `The wire of ${name(problem.wire)} is ${problem.to} already.`;
    case "cavity-not-vacated":
      return `${name(problem.cavity)} cannot take a cavity plug now.`;
    case "membrane-closed":
      return `The membrane of ${name(problem.cavity)} is closed. Pierce it first.`;
    case "cavity-not-blank":
      return `${name(problem.cavity)} has no membrane to pierce.`;
    case "connector-plugged":
      return `${name(problem.connector)} is still plugged in. Unplug it first.`;
    case "connector-not-there":
      return problem.at === "own"
        ? `${name(problem.connector)} is not plugged into its own place.`
        : `${name(problem.connector)} and ${name(problem.at)} do not meet here.`;
    case "lock-open":
      return `The lock of ${name(problem.connector)} is open. Close it before it is plugged in.`;
    case "supply-not-there":
      return `Nothing is connected to ${name(problem.supply)} yet.`;
    case "fuse-already":
      return `The fuse of ${name(problem.supply)} is ${problem.to} already.`;
    case "built-already":
      return `${name(problem.what)} is made already, or was never made.`;
    case "built-in-use":
      return `${name(problem.what)} is in use and cannot be put away.`;
    case "device-already":
      return problem.to === "in" ? "That part is fitted already." : "That part is not fitted.";
    case "terminal-without-wire":
      return `Terminal ${problem.terminal} of the part has no wire.`;
    case "live-bare-end":
      return `The end of ${name(problem.end)} is bare, and a supply can reach it. Insulate it before power goes on.`;
  }
}

export function commandProblemWords(problem: CommandProblem, name: Namer = asIs): string {
  switch (problem.code) {
    case "no-such-connector":
      return "That connector is no longer in this job.";
    case "no-such-pin":
      return `Pin ${name(problem.pin)} is not in this job.`;
    case "name-taken":
      return `There is already a connector called ${problem.name}.`;
    case "name-missing":
      return "Enter a name.";
    case "job-too-large":
      return tooManyPins(problem);
    case "cavity-missing":
      return "Enter a cavity label.";
    case "cavity-taken":
      return `${problem.connector} already has a cavity ${problem.cavity}.`;
    case "pin-already-decided":
      return `${name(problem.pin)} already has a decision. Undo that decision first.`;
    case "join-needs-both-sides":
      return "A join needs one pin of the vehicle and one of the incoming part.";
    case "pin-with-itself":
      return `${name(problem.pin)} is joined to itself. Choose another pin.`;
    case "too-few-pins":
      return "This needs at least two pins to join.";
    case "mate-not-plug-to-plug":
      return "Mating joins the wires of one connector to those of one other, pair by pair.";
    case "plug-claimed":
      return `The connector of ${name(problem.pin)} already goes into something else. Undo that first.`;
    case "jumper-across-connectors":
      return "A jumper joins cavities of one connector. Across connectors it is a join.";
    case "supply-ring":
      return `${problem.name} would be taken from itself. One of the supplies in that ring has to come first.`;
    case "terminal-twice":
      return `Terminal ${problem.terminal} of the part between is named twice.`;
    case "not-a-free-lead":
      return "Only the free end of a pigtail's lead can go into a cavity, and into one of another plug.";
    case "move-across-sides":
      return "A wire moves within its own side; to the other side it is a join.";
    case "cavity-claimed":
      return `Another wire already goes into ${name(problem.pin)}. Undo that first.`;
    case "step-text-missing":
      return "Enter a text for the step or part.";
    case "step-id-repeated":
      return "Two steps or parts have the same id.";
    case "pair-forbidden":
      return `${name(problem.vehicle)} and ${name(problem.incoming)} must never be joined${problem.reason === "" ? "" : ` (${problem.reason})`}. Undo that first.`;
    case "brief-text-missing":
      return "Enter a text for the brief item.";
    case "brief-repeated":
      return `“${problem.text}” is already on the brief.`;
    case "pin-of-other-connector":
      return `Pin ${name(problem.pin)} belongs to another connector.`;
    case "no-such-source":
      return "That source is no longer in this job.";
    case "source-in-use":
      return `${problem.pin} uses “${problem.title}”. Change its source first.`;
    case "wire-needs-two-ends":
      return "A wire needs two ends, and one of them at a cavity or a named point.";
    case "no-such-wire":
      return "That wire is no longer in this job.";
    case "no-such-point":
      return "That splice, stud, supply or ground point is no longer in this job.";
    case "point-in-use":
      return `Something still hangs on ${problem.name}: a wire that ends there, a feed that is taken from it, or a supply behind it. Change that first.`;
    case "pin-is-empty":
      return `${name(problem.pin)} is an empty cavity: there is no wire.`;
  }
}

export function tableProblemWords(problem: TableProblem): string {
  switch (problem.code) {
    case "table-empty":
      return "The pasted text contains no table.";
    case "table-binary":
      return `Line ${problem.line} contains characters that are not text. It looks like a program file or an old spreadsheet: save it as CSV or copy the cells.`;
    case "table-too-long":
      return `${problem.lines} lines exceed the limit of ${problem.limit} per connector. Paste one connector at a time.`;
    case "table-too-wide":
      return `${problem.columns} columns exceed the limit of ${problem.limit}. Copy only the columns you need.`;
  }
}

export function tableFileProblemWords(problem: TableFileProblem): string {
  switch (problem.code) {
    case "file-empty":
      return "The file is empty.";
    case "file-too-large":
      return `The file has ${(problem.bytes / 1e6).toFixed(1)} MB; the limit is ${problem.limit / 1e6} MB. Save only the sheet with the pin table.`;
    case "file-locked":
      return "The file is locked with a password. Remove the password in your spreadsheet program, or copy the cells.";
    case "file-old-spreadsheet":
      return "This is an old spreadsheet format (XLS). Save it as XLSX or CSV, or copy the cells.";
    case "file-not-a-spreadsheet":
      return "This is a zip file, not a spreadsheet. Extract the XLSX or CSV first.";
    case "file-damaged":
      return `The file is damaged or incomplete${problem.detail === "" ? "" : ` (${problem.detail.slice(0, 100)})`}. Copy it again, or save it as CSV.`;
    case "file-swells":
      return `The unpacked file exceeds ${problem.limit / 1e6} MB, too large for a pin table. It was not opened.`;
    case "file-too-many-cells":
      return `The sheets hold more than ${problem.limit.toLocaleString("en")} cells. Save the part with the pin table, or copy its cells.`;
    case "file-too-much-text":
      return `The sheets hold more than ${problem.limit / 1e6} million characters of text. Save the part with the pin table, or copy its cells.`;
    case "reader-busy":
      return "Other spreadsheets are being read. Try again in a moment.";
    case "file-too-slow":
      return `Reading the file was stopped after ${problem.seconds} seconds. Copy the cells instead.`;
  }
}

export function tableFileNoteWords(note: TableFileNote): string {
  switch (note.code) {
    case "macros-ignored":
      return "The file contains macros; they were not run.";
    case "encoding-guessed":
      return `The text is not UTF-8; read as ${note.encoding}. Check accented letters.`;
    case "hidden-sheets":
      return `Hidden sheets skipped: ${note.names.join(", ")}.`;
  }
}

export function lineProblemWords(problem: LineProblem): string {
  switch (problem.code) {
    case "cavity-missing":
      return "no cavity";
    case "cavity-repeated":
      return `cavity ${problem.cavity} already used on line ${problem.firstLine}`;
    case "cavity-too-long":
      return `“${problem.cavity}” is too long for a cavity label`;
    case "colour-unread":
      return problem.stripes
        ? `colour “${problem.text}” has more than two stripes; kept as written`
        : `colour “${problem.text}” is not a known code; kept as written`;
    case "colour-other-system":
      return `“${problem.text}” is not a code in this colour system; read as ${COLOUR_SYSTEM_NAMES[problem.system]}`;
    case "colour-divided":
      return `“${problem.text}” could also be ${colourInWords(problem.other.colour)}`;
    case "colour-elsewhere":
      return `“${problem.text}” would be ${colourInWords(problem.other.colour)} in ${problem.other.systems.map((system) => COLOUR_SYSTEM_NAMES[system]).join(" and ")}`;
    case "size-unread":
      return `size “${problem.text}” is neither mm² nor AWG`;
    case "size-as-awg":
      return `${problem.text} read as AWG: ${problem.mm2} mm²`;
    case "function-likened":
      return `“${problem.text.slice(0, 40)}” taken for ${problem.term}`;
    case "merged-cell":
      return `${problem.fields.join(" and ")} copied from a merged cell`;
    case "signal-unread":
      return `signal “${problem.text}” put into the note`;
    case "formula-kept-as-text":
      return `“${problem.text.slice(0, 24)}” kept as text, nothing is calculated`;
    case "direction-marks-removed":
      return "hidden text-direction marks removed";
    case "too-many-columns":
      return `more columns than fields: “${problem.extra.slice(0, 24)}” put into the note`;
  }
}

const tooManyPins = ({ pins, limit }: { readonly pins: number; readonly limit: number }): string =>
  `A job takes up to ${limit.toLocaleString("en")} pins; this would be ${pins.toLocaleString("en")}. Leave out connectors that the work does not touch, or make two jobs.`;

export function documentProblemWords(problem: DocumentProblem): string {
  switch (problem.code) {
    case "job-too-large":
      return tooManyPins(problem);
    case "connector-repeated":
      return `Two connectors are called ${problem.name}.`;
    case "cavity-repeated":
      return `${problem.connector} has cavity ${problem.cavity} twice.`;
    case "id-repeated":
      return `The id ${problem.id} is used twice.`;
    case "source-unknown":
      return `The source ${problem.source} is not in the file.`;
    case "pin-not-found":
      return `There is no pin ${problem.connector}.${problem.cavity}.`;
    case "pin-joined-to-itself":
      return `${problem.connector}.${problem.cavity} is joined to itself.`;
    case "brief-refused":
    case "worklist-refused":
    case "wiring-refused":
    case "decision-refused":
      return commandProblemWords(problem.problem);
  }
}

export function chainProblemWords(problem: ChainProblem): string {
  switch (problem.code) {
    case "hash-differs":
      return `Entry ${problem.seq} of the ledger was changed after it was written.`;
    case "link-broken":
      return `Entry ${problem.seq} of the ledger does not follow from the one before it.`;
    case "sequence-gap":
      return `An entry is missing before entry ${problem.seq} of the ledger.`;
    case "entry-unreadable":
      return `Entry ${problem.seq} of the ledger cannot be read.`;
    case "event-repeated":
      return `Entry ${problem.seq} of the ledger records what an earlier one has recorded already.`;
  }
}

/** The pin that a block is about, where it is about one. */
export const pinOfBlock = (block: Block): PinId | null => {
  if (block.code === "stop") return block.hazard.pins[0] ?? null;
  return "pin" in block ? block.pin : null;
};

/** Why a wire cannot be recorded as found in another cavity. */
export function placeProblemWords(problem: PlaceProblem, name: Namer): string {
  switch (problem.code) {
    case "no-such-pin":
      return "That pin is not in this job.";
    case "same-place":
      return `${name(problem.pin)} is where the table already has it.`;
    case "no-cavity-there":
      return `This housing has no cavity ${problem.place}.`;
    case "no-wire-in-it":
      return `No wire of its own is in ${name(problem.pin)} now. Keep a note instead.`;
    case "wire-moved":
      return `${name(problem.pin)} has been worked on already: what is in it now is not what the table began with. Keep a note instead.`;
    case "place-decided":
      return `A decision means cavity ${name(problem.pin)} itself, whichever wire is in it. Undo that decision first.`;
  }
}

export function blockWords(block: Block, name: Namer): string {
  switch (block.code) {
    case "undecided":
      return `${name(block.pin)} is undecided`;
    case "stop":
      return block.hazard.title;
    case "unserved":
      return block.line.state === "lost"
        ? `“${block.line.item.text}” must work, but every wire for it is left open`
        : `“${block.line.item.text}” must work, but no pin does it`;
    case "feed-from-where":
      return `${name(block.pin)}: choose a feed source`;
    case "look-first":
      return `${name(block.pin)}: cavity not checked yet`;
    case "keep-out":
      return `${name(block.pin)} is in a keep-out connector: it can only be left as it is`;
    case "counterpart":
      return `${name(block.connector)}: does what is behind it stay, is it taken away, or does a new one come?`;
    case "cavity-kept":
      return `${name(block.by)} moves into ${name(block.pin)}, which is still occupied: move or cap that wire`;
    case "broken":
      return `This sequence fails: ${faultWords(block.fault, name)}`;
    case "nothing-to-do":
      return "No decision changes a wire";
  }
}

export function faultWords(
  fault: Fault,
  name: Namer,
  step: (id: string) => string = (id) => `Step ${id}`,
): string {
  switch (fault.code) {
    case "step-cannot-be-done":
      return `${step(fault.step)} cannot be done: ${operationProblemWords(fault.problem, name)}`;
    case "step-repeated":
      return `${step(fault.step)} is in the list twice.`;
    case "unexplained-step":
      return `${step(fault.step)} changes a wire without a decision.`;
    case "keep-out-opened":
      return `${step(fault.step)} works on ${name(fault.connector)}, a keep-out connector.`;
    case "not-photographed":
      return `${step(fault.step)} comes before ${name(fault.connector)} has been photographed and its wires flagged.`;
    case "still-plugged":
      return `${step(fault.step)} works behind ${name(fault.connector)} while it is still plugged in.`;
    case "unchecked-doubt":
      return `${step(fault.step)} works on a wire in doubt that was not checked.`;
    case "two-ends-in-the-hand":
      return `After ${step(fault.step)} ${fault.ends.map(name).join(" and ")} are loose together.`;
    case "twins-loose":
      return `After ${step(fault.step)} ${fault.ends.map(name).join(" and ")} look alike and are loose without tags.`;
    case "halves-bare":
      return `After ${step(fault.step)} both halves of ${name(fault.pin)} are bare. Insulate one at once.`;
    case "bare-ends-can-touch":
      return `After ${step(fault.step)} ${[...new Set(fault.ends.map(name))].join(" and ")} are bare at the same time and can touch.`;
    case "joints-side-by-side":
      return `${step(fault.step)} cuts at the same place as the wire before it, ${fault.length} mm behind ${name(fault.connector)}: the joints would sit side by side.`;
    case "tap-before-cut":
      return `${step(fault.step)}: the tap would sit between the plug and the cut of the same wire, on the half that does not go on.`;
    case "run-not-laid":
      return `${step(fault.step)} joins a wire to ${name(fault.supply)} before its own wire is laid.`;
    case "not-stripped":
      return `${step(fault.step)} comes before the ends are stripped.`;
    case "seal-missing":
      return `${step(fault.step)}: the cavity is sealed, but no wire seal was fitted before the terminal.`;
    case "not-tugged":
      return `${step(fault.step)} plugs ${name(fault.connector)} in before the tug test.`;
    case "not-measured":
      return `${step(fault.step)} powers up before the measurements.`;
    case "power-with-end-loose":
      return `${step(fault.step)} powers up while ${name(fault.end)} is out of its cavity.`;
    case "fuse-before-power":
      return `${step(fault.step)} fits a fuse before the battery is on. Fuses go in last.`;
    case "evening-ends-open":
      return `The session ends after ${step(fault.step)} with ${name(fault.end)} still open. End it earlier or later.`;
    case "decision-not-carried-out":
      return `The decision about ${fault.pins.map(name).join(" and ")} is not carried out.`;
    case "wire-moved-without-decision":
      return `The wire of ${name(fault.pin)} moved without a decision.`;
    case "bare-end-left":
      return `The end of ${name(fault.end)} is left bare.`;
    case "cavity-left-open":
      return `${name(fault.pin)} is left open in a sealed plug.`;
    case "fuse-left-out":
      return `The fuse for ${fault.pins.map(name).join(" and ")} is never fitted.`;
    case "cut-off":
      return `${capital(anchorName(fault.anchors[0], name))} is cut off from ${anchorName(fault.anchors[1], name)}, and nothing decided that.`;
    case "joined-undecided":
      return `${capital(anchorName(fault.anchors[0], name))} ends up joined to ${anchorName(fault.anchors[1], name)}, and nothing decided that.`;
    case "short-circuit":
      return `Short circuit: ${anchorName(fault.anchors[0], name)} ends up on ${anchorName(fault.anchors[1], name)}.`;
    case "part-not-off":
      return `${name(fault.connector)} is never unplugged from the part that is taken away.`;
    case "left-open":
      return fault.what === "battery-off"
        ? "The battery is left disconnected."
        : `${fault.connector === undefined ? "A connector" : name(fault.connector)} is left ${fault.what === "lock-open" ? "unlocked" : "unplugged"}.`;
  }
}

export function colourProblemWords(problem: ColourProblem): string {
  switch (problem.code) {
    case "colour-unknown":
      return `“${problem.text}” is not a colour in ${COLOUR_SYSTEM_NAMES[problem.system]}${problem.knownIn.length === 0 ? "" : `; ${problem.knownIn.map((system) => COLOUR_SYSTEM_NAMES[system]).join(" and ")} would read it`}`;
    case "colour-too-many-stripes":
      return `“${problem.text}” has more than two stripes`;
    case "colour-empty":
      return "no colour given";
  }
}

export function sizeProblemWords(problem: SizeProblem): string {
  return problem.code === "size-out-of-range"
    ? `“${problem.text}” is outside 0.05 to 120 mm²`
    : `“${problem.text}” is neither mm² nor AWG; write 0.5 or 18 AWG`;
}
