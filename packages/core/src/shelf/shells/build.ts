import {
  SKIPPED_LETTERS,
  type Keying,
  type LabelKind,
  type Numbering,
  type Shell,
  type ShellPoint,
  type ShellRow,
} from "../../model/index.ts";

/** Groups in which the Shelf is browsed. */
export const SHELL_GROUPS = [
  "sealed, rectangular",
  "sealed, round",
  "unsealed",
  "mixed sizes",
  "module header",
  "junction",
  "relay and fuse",
  "lamp",
  "diagnostic",
  "trailer",
  "without a face",
] as const;
export type ShellGroup = (typeof SHELL_GROUPS)[number];

/** What a contact is usually for, where the standard says so. */
export interface UsualContact {
  readonly function: string;
  /** IEC 60757 code, empty where the standard fixes none. */
  readonly colour: string;
}

/** How sure the geometry and the labels are: `sure` as widely published; `check` from memory, to be compared with the part in hand. */
export interface ShelfShell {
  readonly id: string;
  readonly group: ShellGroup;
  readonly shell: Shell;
  readonly contacts: Readonly<Record<string, UsualContact>>;
  readonly sure: "sure" | "check";
  /** What tells it apart, or what to compare before relying on it. */
  readonly note: string;
}

const PLAIN: Omit<Shell, "name" | "pattern"> = {
  standard: "",
  view: "mating",
  mark: "lock",
  keying: [],
  gender: "female",
  reversed: [],
  blank: "open",
  locks: [],
  terminals: [],
  joined: [],
};

export const numbers: LabelKind = { kind: "numbers", start: 1 };
export const letters: LabelKind = { kind: "letters", skip: SKIPPED_LETTERS };
export const byRows = (
  labels: LabelKind = numbers,
  from: "left" | "right" = "left",
  first: "top" | "bottom" = "top",
): Numbering => ({ scheme: "rows", from, first, labels });
export const serpentine: Numbering = { scheme: "serpentine", from: "left", first: "top", labels: numbers };
export const byColumns: Numbering = { scheme: "columns", from: "left", first: "top", labels: numbers };
export const byGrid: Numbering = { scheme: "grid", from: "left", first: "top", skip: SKIPPED_LETTERS };

/** A row of places; `[places, offset, size]`. */
export const row = (places: number, offset = 0, size: number | null = null): ShellRow => ({
  places,
  offset,
  size,
});
export const rib = (edge: Keying["edge"], at: number): Keying => ({ edge, at });
export const at = (
  label: string,
  x: number,
  y: number,
  size: number | null = null,
  blade?: "upright" | "flat",
): ShellPoint => (blade === undefined ? { label, x, y, size } : { label, x, y, size, blade });

type Extra = Partial<Omit<Shell, "name" | "pattern">> &
  Partial<Pick<ShelfShell, "contacts" | "sure" | "note">>;

const entry = (
  id: string,
  group: ShellGroup,
  name: string,
  pattern: Shell["pattern"],
  { contacts = {}, sure = "sure", note = "", ...extra }: Extra,
): ShelfShell => ({ id, group, shell: { ...PLAIN, name, pattern, ...extra }, contacts, sure, note });

export const inRows = (
  id: string,
  group: ShellGroup,
  name: string,
  rows: readonly ShellRow[],
  numbering: Numbering,
  extra: Extra = {},
): ShelfShell => entry(id, group, name, { kind: "rows", rows, numbering }, extra);
export const inRings = (
  id: string,
  group: ShellGroup,
  name: string,
  rings: readonly (readonly [places: number, at: number])[],
  labels: LabelKind | readonly string[],
  extra: Extra = {},
): ShelfShell =>
  entry(
    id,
    group,
    name,
    {
      kind: "rings",
      rings: rings.map(([places, degrees]) => ({ places, at: degrees, size: null })),
      direction: "clockwise",
      numbering: "kind" in labels ? { scheme: "round", labels } : { scheme: "explicit", labels },
    },
    { mark: "key", ...extra },
  );
export const byPoints = (
  id: string,
  group: ShellGroup,
  name: string,
  points: readonly ShellPoint[],
  extra: Extra = {},
): ShelfShell => entry(id, group, name, { kind: "points", points }, extra);
export const faceless = (
  id: string,
  name: string,
  what: Extract<Shell["pattern"], { kind: "none" }>["what"],
  note: string,
): ShelfShell => entry(id, "without a face", name, { kind: "none", what }, { gender: null, note });

/** Labels with their functions, in order. */
export const contacts = (
  list: readonly (readonly [label: string, fn: string, colour?: string])[],
): Readonly<Record<string, UsualContact>> =>
  Object.fromEntries(list.map(([label, fn, colour = ""]) => [label, { function: fn, colour }]));
