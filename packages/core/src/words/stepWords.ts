import { colourInWords } from "../colour/index.ts";
import { findConnector, indexPins, pinColour, pinName, type Dossier, type PinId, type PlacedPin } from "../model/index.ts";
import type { Step, StepKind } from "../plan/index.ts";
import { deviceWords } from "../matching/index.ts";
import { present } from "../util/index.ts";

export interface StepWords {
  /** The one word to act on: "Release". */
  readonly verb: string;
  /** What is in the hand: "blue, white stripe"; or what the act is about. */
  readonly object: string;
  /** Where: "out of B12, cavity 7". */
  readonly where: string;
  /** What to see before it counts as done. */
  readonly before: readonly string[];
}

const VERBS: Readonly<Record<StepKind, string>> = {
  "battery-off": "Battery off", photograph: "Photograph", "open-lock": "Unlock", check: "Check", release: "Release", "take-out": "Take out", insert: "Insert",
  cut: "Cut", splice: "Splice", "fit-device": "Put in", cap: "Cap", feed: "Feed", plug: "Plug", "close-lock": "Lock", measure: "Measure", "battery-on": "Battery on",
};

const BEFORE: Readonly<Record<StepKind, readonly string[]>> = {
  "battery-off": ["Radio codes and settings that will be lost are noted", "The maker's waiting time for restraint systems has passed", "Negative lead is off and bagged"],
  photograph: ["Face and wire side are in the picture", "Every wire that will move carries its flag"],
  "open-lock": ["Restraint and high-voltage plugs stay shut", "Secondary lock is at its stop"],
  check: ["A reading or a look at the part settled it"],
  release: ["Lance straight, crimp whole", "Only this wire came out", "Eye protection on: picks slip"],
  "take-out": ["Kept with its flag for the way back"],
  insert: ["Same terminal system and size; if not, splice instead", "Seal on before the terminal", "It clicked, and a gentle tug holds"],
  cut: ["Enough length left on both sides", "Cut apart from the other joints"],
  splice: ["Sleeve is on before the crimp", "All strands in, a tug holds", "Joint is covered and away from heat"],
  "fit-device": ["Its band, polarity or terminals are the right way round", "Every joint is covered; the part is held and can shed its heat", "A tug on each joint holds"],
  cap: ["Nothing of the metal shows", "Tied back where it cannot rub"],
  feed: ["Fuse protects the thinnest wire, and is not in yet", "Grommet wherever the wire goes through metal"],
  plug: ["Plug sits flush"],
  "close-lock": ["Every terminal is home; a lock that will not close says one is not"],
  measure: ["Supply against ground: no short", "Every join: continuity from end to end"],
  "battery-on": ["Fuses of new feeds go in now, one by one", "First power through a lamp or a small fuse"],
};

/** A step in the words of the trade, the same in print, on the bench and on the command line. */
export function stepWords(step: Step, dossier: Dossier): StepWords {
  const pins = indexPins(dossier);
  const placed = (id: PinId | null): PlacedPin | null => (id === null ? null : present(pins.get(id), `pin ${id}`));
  const wire = placed(step.wire);
  const at = placed(step.at);
  const partner = placed(step.partner);
  const connector = step.connector === null ? null : findConnector(dossier, step.connector);
  const name = connector === null ? "" : connector.place === "" ? connector.name : `${connector.name}, ${connector.place}`;
  const cavity = (pin: PlacedPin | null): string => (pin === null ? "" : `${pin.connector.name}, cavity ${pin.pin.cavity}`);
  const words = (object: string, where: string): StepWords => ({ verb: VERBS[step.kind], object, where, before: BEFORE[step.kind] });
  const others = step.others.map((id) => placed(id)).map((other) => `, with ${wireWords(other)} of ${cavity(other)}`).join("");
  switch (step.kind) {
    case "battery-off":
      return words("negative lead first", "at the battery");
    case "battery-on":
      return words("negative lead last", "at the battery, fuses after that");
    case "measure":
      return words("before any power", "supply to ground, and every join end to end");
    case "photograph":
      return words("and flag the wires", name);
    case "open-lock":
    case "close-lock":
      return words("secondary lock", name);
    case "check":
      return words(wireWords(wire), partner === null ? `at ${cavity(at)}: is it ${at?.pin.function || "what the table says"}?` : `at ${cavity(at)}: does it belong to ${pinName(partner)}, ${partner.pin.function}?`);
    case "release":
      return words(wireWords(wire), `out of ${cavity(at)}`);
    case "insert":
      return words(wireWords(wire), `into ${cavity(at)}`);
    case "take-out":
      return words(wireWords(wire), `the lead that was in ${cavity(at)}`);
    case "cut":
      return words(wireWords(wire), `100 mm behind ${cavity(at)}`);
    case "splice":
      return words(wireWords(wire), `onto ${wireWords(at)} of ${cavity(at)}${others}`);
    case "fit-device":
      return words(step.device === null ? "the part" : deviceWords(step.device), `between ${wireWords(wire)} of ${cavity(wire)} and ${wireWords(at)} of ${cavity(at)}${others}`);
    case "cap":
      return words(wireWords(wire), `${step.id.endsWith("cap") || step.id.endsWith("cap-old") ? "the end" : "the stub"} of ${cavity(at)}`);
    case "feed":
      return words(wireWords(wire), `of ${cavity(at)} from ${step.from ?? ""}`);
    case "plug":
      return words("the open cavity", cavity(at));
  }
}

/** "blue, white stripe", or the code as written, or that nobody noted it. */
export function wireWords(placed: PlacedPin | null): string {
  if (placed === null) return "";
  const colour = pinColour(placed.pin, placed.connector);
  return colour === null ? (placed.pin.colour === "" ? "wire, colour not noted" : `wire marked ${placed.pin.colour}`) : colourInWords(colour);
}
