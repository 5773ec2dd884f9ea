import {
  checkLabels,
  fail,
  labelProblemWords,
  ok,
  rowsWords,
  SKIPPED_LETTERS,
  slotsOf,
  waysOf,
  type Blank,
  type ExtraLock,
  type Faceless,
  type FaceView,
  type Gender,
  type Keying,
  type Mark,
  type Numbering,
  type Pattern,
  type Result,
  type Shell,
} from "@trevin/core";

/** A shell as it stands in the editor: what is typed stays text until it is read. */
export interface ShellDraft {
  name: string;
  standard: string;
  kind: Pattern["kind"];
  rows: { places: string; offset: string; size: string }[];
  rings: { places: string; at: string }[];
  points: string;
  what: Faceless;
  scheme: Numbering["scheme"];
  letters: boolean;
  start: string;
  skip: string;
  from: "left" | "right";
  first: "top" | "bottom";
  direction: "clockwise" | "counter-clockwise";
  labels: string;
  view: FaceView;
  mark: Mark;
  gender: Gender | "unknown";
  blank: Blank;
  locks: ExtraLock[];
  terminals: string[];
  keying: string;
  joined: string;
  reversed: string;
}

const text = (value: number | null): string => (value === null ? "" : String(value));

/** The editor's view of a shell; a null one begins with one row of two. */
export function draftOf(shell: Shell | null): ShellDraft {
  const pattern = shell?.pattern;
  const numbering = pattern?.kind === "rows" ? pattern.numbering : null;
  const round = pattern?.kind === "rings" ? pattern.numbering : null;
  const inRows =
    numbering !== null && "labels" in numbering && numbering.scheme !== "explicit" ? numbering.labels : null;
  const labels = round?.scheme === "round" ? round.labels : inRows;
  const listed = [numbering, round].find((one) => one?.scheme === "explicit");
  const letters = labels?.kind === "letters" ? labels.skip : SKIPPED_LETTERS;
  return {
    name: shell?.name ?? "",
    standard: shell?.standard ?? "",
    kind: pattern?.kind ?? "rows",
    rows:
      pattern?.kind === "rows"
        ? pattern.rows.map((row) => ({
            places: text(row.places),
            offset: text(row.offset),
            size: text(row.size),
          }))
        : [{ places: "2", offset: "0", size: "" }],
    rings:
      pattern?.kind === "rings"
        ? pattern.rings.map((ring) => ({ places: text(ring.places), at: text(ring.at) }))
        : [{ places: "4", at: "45" }],
    points:
      pattern?.kind === "points"
        ? pattern.points
            .map((point) =>
              [point.label, point.x, point.y, point.size ?? "", point.blade ?? ""].join(" ").trim(),
            )
            .join("\n")
        : "1 0.5 0.5\n2 1.7 0.5",
    what: pattern?.kind === "none" ? pattern.what : "studs",
    scheme: numbering?.scheme ?? (round === null || round.scheme === "round" ? "rows" : round.scheme),
    letters: labels?.kind === "letters",
    start: labels?.kind === "numbers" && "start" in labels ? String(labels.start) : "1",
    skip: (numbering?.scheme === "grid" ? numbering.skip : letters).join(" "),
    from: numbering !== null && "from" in numbering ? numbering.from : "left",
    first: numbering !== null && "first" in numbering ? numbering.first : "top",
    direction: pattern?.kind === "rings" ? pattern.direction : "clockwise",
    labels: listed?.scheme === "explicit" ? listed.labels.join(" ") : "",
    view: shell?.view ?? "mating",
    mark: shell?.mark ?? "lock",
    gender: shell?.gender ?? "unknown",
    blank: shell?.blank ?? "open",
    locks: [...(shell?.locks ?? [])],
    terminals: [...(shell?.terminals ?? [])],
    keying: (shell?.keying ?? []).map(({ edge, at }) => `${edge} ${at}`).join(", "),
    joined: (shell?.joined ?? []).map((group) => group.join(" ")).join("; "),
    reversed: (shell?.reversed ?? []).join(" "),
  };
}

const number = (value: string): number => Number(value.trim().replace(",", "."));
const list = (value: string): readonly string[] => value.split(/[\s,]+/).filter((part) => part !== "");
const EDGES = ["top", "right", "bottom", "left"] as const;

/** The shell that a draft describes, or what is wrong with it and where. */
export function readDraft(draft: ShellDraft): Result<Shell, string> {
  const pattern = readPattern(draft);
  if (!pattern.ok) return pattern;
  const keying: Keying[] = [];
  for (const part of draft.keying
    .split(/[,;]/)
    .map((one) => one.trim())
    .filter((one) => one !== "")) {
    const [word = "", place = ""] = part.split(/\s+/);
    const edge = EDGES.find((one) => one === word.toLowerCase());
    const at = number(place);
    if (edge === undefined || !(at >= 0 && at <= 1))
      return fail(`Ribs: “${part}” is not an edge (top, right, bottom, left) and a place from 0 to 1.`);
    keying.push({ edge, at });
  }
  const shell: Shell = {
    name: draft.name.trim(),
    standard: draft.standard.trim(),
    pattern: pattern.value,
    view: draft.view,
    mark: draft.mark,
    keying,
    gender: draft.gender === "unknown" ? null : draft.gender,
    reversed: list(draft.reversed),
    blank: draft.blank,
    locks: draft.locks,
    terminals: draft.terminals,
    joined: draft.joined
      .split(";")
      .map(list)
      .filter((group) => group.length > 0),
  };
  const labels = slotsOf(shell).map((slot) => slot.label);
  const checked = checkLabels(labels, waysOf(shell));
  if (!checked.ok) return fail(labelProblemWords(checked.error));
  const known = new Set(labels);
  const lost = known.has(null)
    ? undefined
    : [...shell.joined.flat(), ...shell.reversed].find((label) => !known.has(label));
  if (lost !== undefined && draft.kind !== "none") return fail(`There is no cavity ${lost}.`);
  return ok(shell);
}

function ringNumbering(draft: ShellDraft): Extract<Pattern, { kind: "rings" }>["numbering"] {
  if (draft.scheme === "listed") return { scheme: "listed" };
  if (draft.scheme === "explicit") return { scheme: "explicit", labels: list(draft.labels) };
  return { scheme: "round", labels: labelKind(draft) };
}

function readPattern(draft: ShellDraft): Result<Pattern, string> {
  switch (draft.kind) {
    case "none":
      return ok({ kind: "none", what: draft.what });
    case "points": {
      const lines = draft.points.split("\n").filter((line) => line.trim() !== "");
      const points = lines.map((line) => line.trim().split(/\s+/));
      const bad = points.findIndex(
        ([label = "", x = "", y = "", size = "1"]) =>
          label.length > 12 ||
          ![x, y].every((value) => value !== "" && Math.abs(number(value)) <= 100) ||
          !(number(size) > 0 || ["upright", "flat"].includes(size)),
      );
      if (points.length === 0 || bad >= 0)
        return fail(
          `Places, line ${bad + 1}: a label, then how far right and down in places, then the contact's width if it matters.`,
        );
      return ok({
        kind: "points",
        points: points.map(([label = "", x = "", y = "", ...rest]) => {
          const blade = rest.find(
            (word): word is "upright" | "flat" => word === "upright" || word === "flat",
          );
          const size = number(rest.find((word) => number(word) > 0) ?? "");
          return {
            label,
            x: number(x),
            y: number(y),
            size: size > 0 ? size : null,
            ...(blade === undefined ? {} : { blade }),
          };
        }),
      });
    }
    case "rings": {
      const rings = draft.rings.map(({ places, at }) => ({
        places: number(places),
        at: number(at || "0"),
        size: null,
      }));
      const bad = rings.findIndex(
        ({ places, at }) => !Number.isInteger(places) || places < 1 || places > 60 || !(Math.abs(at) <= 360),
      );
      if (bad >= 0) return fail(`Ring ${bad + 1}: 1 to 60 places, beginning at 0 to 360 degrees.`);
      return ok({
        kind: "rings",
        rings,
        direction: draft.direction,
        numbering: ringNumbering(draft),
      });
    }
    case "rows": {
      const rows = draft.rows.map(({ places, offset, size }) => ({
        places: number(places),
        offset: number(offset || "0"),
        size: size.trim() === "" ? null : number(size),
      }));
      const bad = rows.findIndex(
        ({ places, offset, size }) =>
          !Number.isInteger(places) ||
          places < 1 ||
          places > 60 ||
          !(offset >= 0 && offset <= 60) ||
          (size !== null && !(size >= 0.1 && size <= 20)),
      );
      if (rows.length === 0 || bad >= 0)
        return fail(
          `Row ${bad + 1}: 1 to 60 places, an offset from 0 to 60, a contact of 0.1 to 20 mm or nothing.`,
        );
      if (draft.letters && draft.scheme !== "listed" && list(draft.skip).length > 25)
        return fail("Some letters must be left to count with.");
      return ok({ kind: "rows", rows, numbering: numberingOf(draft) });
    }
  }
}

const labelKind = (draft: ShellDraft) =>
  draft.letters
    ? ({ kind: "letters", skip: list(draft.skip.toUpperCase()) } as const)
    : ({
        kind: "numbers",
        start: Number.isInteger(number(draft.start)) && number(draft.start) >= 0 ? number(draft.start) : 1,
      } as const);
function numberingOf(draft: ShellDraft): Numbering {
  const { scheme, from, first } = draft;
  if (scheme === "listed") return { scheme };
  if (scheme === "explicit") return { scheme, labels: list(draft.labels) };
  return scheme === "grid"
    ? { scheme, from, first, skip: list(draft.skip.toUpperCase()) }
    : { scheme, from, first, labels: labelKind(draft) };
}

/** "Sealed 6-way, 3 + 3": a shell in one line. */
export const shellLine = (shell: Shell): string => {
  if (shell.name !== "") return shell.name;
  return shell.pattern.kind === "none" ? rowsWords(shell) : `${waysOf(shell)}-way, ${rowsWords(shell)}`;
};
