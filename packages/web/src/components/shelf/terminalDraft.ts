import {
  fail,
  locksOf,
  ok,
  releaseOrder,
  type Result,
  type SecondaryLock,
  type TerminalSystem,
} from "@trevin/core";

/** A terminal system as its form has it: ranges and lists as text. */
export interface TerminalDraft extends Pick<
  TerminalSystem,
  "name" | "gender" | "lockSide" | "release" | "tool" | "bendBack" | "tell" | "goodCrimp" | "source"
> {
  locks: readonly SecondaryLock[];
  twoStop: boolean;
  mat: boolean;
  width: string;
  depth: string;
  order: string;
  strip: string;
  conductor: string;
  insulation: string;
  seals: string;
  cautions: string;
}

export const BLANK_TERMINAL: TerminalDraft = {
  name: "",
  gender: "female",
  lockSide: "top",
  release: "lance-from-front",
  locks: [],
  twoStop: false,
  mat: false,
  width: "",
  depth: "",
  order: "",
  tool: "",
  strip: "",
  conductor: "",
  insulation: "",
  seals: "",
  bendBack: true,
  tell: "",
  goodCrimp: "",
  cautions: "Wear eye protection: springs and picks fly.",
  source: "",
};

/** The form filled from a system; readTerminal gives the same system back. */
export function terminalDraft(system: TerminalSystem): TerminalDraft {
  const { secondary: _secondary, further: _further, id: _id, ...shown } = system;
  const pair = ([from, to]: readonly [number, number]): string => `${from} to ${to}`;
  return {
    ...shown,
    locks: locksOf(system),
    twoStop: system.twoStop ?? false,
    mat: system.mat ?? false,
    depth: system.depth === undefined ? "" : String(system.depth),
    width: system.width === null ? "" : String(system.width),
    order: system.order.join("\n"),
    strip: pair(system.strip),
    conductor: pair(system.conductor),
    insulation: pair(system.insulation),
    seals: system.seals
      .map(
        ({ from, to, ribs }) =>
          `${from} to ${to}${ribs === "towards the terminal" ? ", ribs to the terminal" : ""}`,
      )
      .join("; "),
    cautions: system.cautions.join("\n"),
  };
}

/** "4.5 to 5.2", "4,5-5,2" or one number; null when it is none. */
function readRange(text: string): [number, number] | null {
  const parts = [...text.replace(/,/g, ".").matchAll(/\d+(?:\.\d+)?/g)].map(([number]) => Number(number));
  const [from, to = from] = parts;
  return from === undefined || to === undefined || from > to || parts.length > 2 ? null : [from, to];
}
const readNumber = (text: string): number | null =>
  text.trim() === "" ? null : Number(text.replace(",", "."));
const lines = (text: string): readonly string[] =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
const readSeals = (text: string) =>
  text
    .split(";")
    .filter((part) => part.trim() !== "")
    .map((part) => ({
      range: readRange(part),
      ribs: /terminal/i.test(part) ? ("towards the terminal" as const) : ("towards the wire" as const),
    }));

/** The system that a form describes, or what is wrong with it. */
export function readTerminal(draft: TerminalDraft, id: string): Result<TerminalSystem, string> {
  const { locks, ...rest } = draft;
  const [strip, conductor, insulation] = [draft.strip, draft.conductor, draft.insulation].map(readRange);
  const [width, depth] = [readNumber(draft.width), readNumber(draft.depth)];
  const seals = readSeals(draft.seals).map(({ range, ribs }) =>
    range === null ? null : { from: range[0], to: range[1], ribs },
  );
  const order = lines(draft.order);
  if (draft.name.trim() === "") return fail("Enter a name.");
  if (!strip || !conductor || !insulation)
    return fail("Strip length, conductor and insulation are ranges, for example 4.5 to 5.2.");
  if (seals.includes(null))
    return fail("Seals are ranges of insulation, for example 1.4 to 1.8; 1.8 to 2.4, ribs to the terminal.");
  if (width !== null && !(width > 0 && width <= 30)) return fail("The width is a number in mm, or nothing.");
  if (depth !== null && !(depth >= 1 && depth <= 60))
    return fail("The depth of the tool is 1 to 60 mm, or nothing.");
  if (order.length === 0) return fail("Enter the release, one step per line.");
  const [secondary = "none", ...further] = locks;
  const { depth: _depth, ...shown } = rest;
  return ok({
    ...shown,
    ...(depth === null ? {} : { depth }),
    id,
    name: draft.name.trim(),
    secondary,
    further,
    width,
    strip,
    conductor,
    insulation,
    order,
    cautions: lines(draft.cautions),
    seals: seals.flatMap((seal) => seal ?? []),
    source: draft.source.trim() || "custom",
  });
}

/** The release by its locks, as the families of the Shelf have it. */
export function orderFromLocks(draft: TerminalDraft): string {
  const { lockSide, release, tool, mat, gender, seals } = draft;
  const [secondary = "none", ...further] = draft.locks;
  const depth = readNumber(draft.depth);
  return releaseOrder({
    ...{ lockSide, release, tool: tool.trim() || "release tool", mat, gender, secondary, further },
    seals: seals.trim() === "" ? [] : [{ from: 1, to: 2, ribs: "towards the wire" }],
    ...(depth !== null && depth >= 1 ? { depth } : {}),
  }).join("\n");
}
