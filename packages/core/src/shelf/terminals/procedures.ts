import { pullOutForce } from "../../sizing/index.ts";
import { LOCK_WORK, type SecondaryLock } from "./locks.ts";
import { sectionOf, type Section, type SectionFacts } from "./section.ts";
import type { TerminalSystem } from "./terminal.ts";

const SIDES: Readonly<Record<TerminalSystem["lockSide"], string>> = {
  top: "along the top of the terminal",
  bottom: "along the bottom of the terminal",
  side: "along both flanks of the terminal",
  none: "along the terminal",
};
const deep = ({ depth }: Section): string => (depth === null ? "" : `, about ${depth} mm deep`);

/** What the tool does, in the order in which the hand does it. */
function letGo(tool: string, section: Section): readonly string[] {
  const [what = tool, size = ""] = tool.split(";")[0]?.split(", ") ?? [];
  const name = size === "" ? what : `${size} ${what}`;
  switch (section.holder) {
    case "none":
      return [];
    case "barbs":
      return [`Slide the ${name} along the wire into the wire side until it stops${deep(section)}`];
    case "finger":
      return section.toolFrom === "rear"
        ? [
            `Slide the ${name} in at the wire side between shell and terminal, ${SIDES[section.side]}, until it stops${deep(section)}`,
            "Pry the finger of the shell up, away from the terminal",
          ]
        : [
            `Put the ${name} into the mating face, ${SIDES[section.side]}${deep(section)}`,
            "Lift the finger of the shell away from the terminal",
          ];
    case "lance":
      return [
        ...(section.pushFirst
          ? ["Push the wire forward to take the load off the lance, and hold it there"]
          : []),
        `Slide the ${name} in from the mating face ${SIDES[section.side]}${deep(section)}`,
        section.side === "side"
          ? "Press both lances flat, towards the terminal"
          : "Press the lance flat, towards the terminal",
      ];
  }
}

const OUT: Readonly<Record<Section["seal"], string>> = {
  none: "Draw the wire out to the wire side",
  single: "Draw the wire out to the wire side with its seal",
  mat: "Draw the wire out to the wire side; the mat seal stays where it is",
};

/** What is let go in which order, before the wire comes out. */
export function releaseOrder(system: SectionFacts & Pick<TerminalSystem, "tool">): readonly string[] {
  const section = sectionOf(system);
  if (section.isRing) return ["Undo the nut", "Lift the ring off the stud"];
  const out =
    section.leavesTo === "front"
      ? [
          "Push the wire forward until the contact comes out of the mating face",
          "Cut the contact off, or draw the wire back through for a new one",
        ]
      : [OUT[section.seal]];
  return [
    ...section.locks.map((lock) => LOCK_WORK[lock].open),
    ...letGo(system.tool, section),
    ...(section.holder === "none" ? ["Lift the terminal out of its seat"] : out),
  ];
}

const WAY_UP: Readonly<Record<TerminalSystem["lockSide"], string>> = {
  top: "looks up, to the latch of the plug",
  bottom: "looks down, away from the latch of the plug",
  side: "looks to either flank",
  none: "looks the way that the old one did",
};

/** A line of an order, and what of the drawing it is about; null where it is about no part of it. */
export interface OrderLine {
  readonly of:
    Exclude<SecondaryLock, "none"> | "holder" | "push" | "seal" | "strip" | "barrel" | "wings" | null;
  readonly text: string;
}
const of = (what: OrderLine["of"], text: string): OrderLine => ({ of: what, text });
const textOf = ({ text }: OrderLine): string => text;

/** How a terminal goes in, from the state of the locks to the tug. */
export const insertOrder = (system: TerminalSystem): readonly string[] => insertLines(system).map(textOf);

export function insertLines(system: TerminalSystem): readonly OrderLine[] {
  const section = sectionOf(system);
  if (section.isRing)
    return [
      of(null, "Bare metal under a ground ring, the ring with the highest current next to it"),
      of(null, "Washer and nut in the order in which they came off"),
      of(null, "Nut to the maker's torque; a ground point sealed afterwards"),
    ];
  const [first] = section.locks;
  const facing: Readonly<Record<Section["holder"], string>> = {
    lance: `Turn the terminal so that its lance ${WAY_UP[section.side]}`,
    finger: `Turn the terminal so that the edge which the finger catches ${WAY_UP[section.side]}`,
    barbs: "The terminal may stand any way round",
    none: "Lay the terminal into its seat, the way that its neighbours lie",
  };
  const inward =
    section.leavesTo === "front"
      ? "Draw the wire back from behind until the contact clicks into the mating face"
      : "Push it in straight, held close behind the terminal, until it clicks";
  const seal: Readonly<Record<Section["seal"], readonly OrderLine[]>> = {
    none: [],
    single: [of("seal", "The seal sits in its hole, no rib turned over")],
    mat: [of("seal", "One wire, one hole of the mat; it closes round the insulation")],
  };
  return [
    ...(first === undefined
      ? []
      : [
          of(
            null,
            system.twoStop === true
              ? "Check that the lock stands open in its first stop: with it home no terminal goes in"
              : "Check that every second lock stands open",
          ),
        ]),
    ...(system.bendBack
      ? [
          of(
            null,
            "A lance that was pressed flat is bent back up first; a cracked or soft one is not used again",
          ),
        ]
      : []),
    of("holder", facing[section.holder]),
    ...(section.holder === "none" ? [] : [of("push", inward), of(null, "Tug gently: it must not come back")]),
    ...seal[section.seal],
    ...[...section.locks].reverse().map((lock) => of(lock, LOCK_WORK[lock].close)),
    ...(first === undefined ? [] : [of(null, "A lock that will not go home says that a terminal is not")]),
  ];
}

/** From here on a barrel takes two squeezes, conductor first (common practice, no source). */
const TWO_SQUEEZES = 6.3;
/** How a new terminal goes on a wire. Pull-out force by IEC 60352-2 (from memory). */
export const crimpOrder = (system: TerminalSystem): readonly string[] => crimpLines(system).map(textOf);

export function crimpLines(system: TerminalSystem): readonly OrderLine[] {
  const { strip, conductor, insulation, seals, release, width } = system;
  const section = sectionOf(system);
  const size = [0.35, 0.5, 0.75, 1, 1.5, 2.5, 4, 6].find((one) => one >= conductor[0] && one <= conductor[1]);
  const force = size === undefined ? null : pullOutForce(size);
  const through =
    release === "pull-to-seat"
      ? [of(null, "Thread the wire through the shell from the wire side, before anything is crimped")]
      : [];
  const seal =
    section.seal === "single"
      ? [
          of(
            "seal",
            `Slide the seal for the insulation on first: ${seals.map(({ from, to }) => `${from} to ${to} mm`).join(" or ")}, ribs ${seals[0]?.ribs ?? "towards the wire"}`,
          ),
        ]
      : [];
  const wings =
    section.seal === "single"
      ? "Insulation wings round the neck of the seal, its ribs free"
      : "Insulation wings grip the insulation and do not pierce it";
  const squeezes =
    width === null || width >= TWO_SQUEEZES
      ? "Two squeezes: the conductor barrel first, the insulation after it"
      : "One squeeze in a ratchet tool with both dies; with an open tool the conductor first, the insulation after it";
  return [
    ...through,
    of(
      null,
      `Wire of ${conductor[0]} to ${conductor[1]} mm², ${insulation[0]} to ${insulation[1]} mm over the insulation`,
    ),
    ...seal,
    of("strip", `Strip ${strip[0]} to ${strip[1]} mm, no strand cut, and do not twist them`),
    of("barrel", "All strands in the barrel, their ends just past its front, the insulation up to its rear"),
    of(null, squeezes),
    of("wings", wings),
    ...(force === null ? [] : [of(null, `Pull a sample: on ${size} mm² it holds ${force} N`)]),
  ];
}
