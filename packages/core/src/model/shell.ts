/** The side that a face is seen from: where the wires go in, or where the other half comes. */
export const FACE_VIEWS = ["wire", "mating"] as const;
export type FaceView = (typeof FACE_VIEWS)[number];

/** How the part is held: the side to which its mark (lock, key, dovetail) points. */
export const GRIPS = ["up", "right", "down", "left"] as const;
export type Grip = (typeof GRIPS)[number];

/** What tells the top of a shell. */
export const MARKS = ["lock", "key", "dovetail", "wide side"] as const;
export type Mark = (typeof MARKS)[number];

/** What closes a cavity that was never filled. */
export const BLANKS = ["open", "membrane", "plug"] as const;
export type Blank = (typeof BLANKS)[number];

/** Locks beyond the terminals' own: terminal position assurance, a lock slid in from the front, connector position assurance. */
export const EXTRA_LOCKS = ["tpa", "front", "cpa"] as const;
export type ExtraLock = (typeof EXTRA_LOCKS)[number];

export const GENDERS = ["female", "male"] as const;
export type Gender = (typeof GENDERS)[number];

/** Letters that labels leave out, since they look like digits (common practice: I, O, Q). */
export const SKIPPED_LETTERS: readonly string[] = ["I", "O", "Q"];

/** What is counted. Letters go on with AA after Z; `skip` names those that are left out. */
export type LabelKind =
  | { readonly kind: "numbers"; readonly start: number }
  | { readonly kind: "letters"; readonly skip: readonly string[] };

/**
 * How labels run over the rows, in the view that they are printed for.
 * `listed`: the shell says nothing, the pins of the table fill it in their order. `rows`: each row from the same side.
 * `serpentine`: every second row runs back. `columns`: down one column, then the next. `grid`: a letter per row and a number
 * per place, "B3". `explicit`: one label for each cavity, row by row from the top left.
 */
export type Numbering =
  | { readonly scheme: "listed" }
  | {
      readonly scheme: "rows" | "serpentine" | "columns";
      readonly from: "left" | "right";
      readonly first: "top" | "bottom";
      readonly labels: LabelKind;
    }
  | {
      readonly scheme: "grid";
      readonly from: "left" | "right";
      readonly first: "top" | "bottom";
      readonly skip: readonly string[];
    }
  | { readonly scheme: "explicit"; readonly labels: readonly string[] };

/** One row from the mark's side down. `offset` in places of the smallest cavity; `size` is the contact's width in mm, null when it does not matter. */
export interface ShellRow {
  readonly places: number;
  readonly offset: number;
  readonly size: number | null;
}

/** One ring of a round shell, outermost first. `at`: where its first cavity stands, in degrees clockwise from the mark. */
export interface ShellRing {
  readonly places: number;
  readonly at: number;
  readonly size: number | null;
}

/** A cavity set by hand: centre in units of one small cavity, x to the right and y down; how its blade lies, where that tells something. */
export interface ShellPoint {
  readonly label: string;
  readonly x: number;
  readonly y: number;
  readonly size: number | null;
  readonly blade?: "upright" | "flat" | undefined;
}

/** What has contacts and no face. */
export const FACELESS = ["leg", "studs", "terminals", "fuse slots", "port"] as const;
export type Faceless = (typeof FACELESS)[number];

/** Where the cavities are, in the view that the labels are printed for and with the mark up. */
export type Pattern =
  | { readonly kind: "rows"; readonly rows: readonly ShellRow[]; readonly numbering: Numbering }
  | {
      readonly kind: "rings";
      readonly rings: readonly ShellRing[];
      readonly direction: "clockwise" | "counter-clockwise";
      readonly numbering:
        | Extract<Numbering, { scheme: "listed" | "explicit" }>
        | { readonly scheme: "round"; readonly labels: LabelKind };
    }
  | { readonly kind: "points"; readonly points: readonly ShellPoint[] }
  | { readonly kind: "none"; readonly what: Faceless };

/** A rib or slot that lets the right half in only: an edge, and how far along it (0 to 1) from the left or the top. */
export interface Keying {
  readonly edge: "top" | "right" | "bottom" | "left";
  readonly at: number;
}

/** A connector housing as geometry. Held by value in each connector, so that what was built stays what it was. */
export interface Shell {
  readonly name: string;
  /** The open standard that fixes it, or empty. */
  readonly standard: string;
  readonly pattern: Pattern;
  /** The side that places and labels are given for. */
  readonly view: FaceView;
  readonly mark: Mark;
  readonly keying: readonly Keying[];
  /** Of the contacts; null when not known. */
  readonly gender: Gender | null;
  /** Labels of contacts of the other gender. */
  readonly reversed: readonly string[];
  readonly blank: Blank;
  readonly locks: readonly ExtraLock[];
  /** Ids of the terminal systems that fit. */
  readonly terminals: readonly string[];
  /** Groups of labels that the mated half joins: a junction connector. */
  readonly joined: readonly (readonly string[])[];
}

/** Whether a shell fixes what its cavities are called; else the pin table gives them their names in its order. */
export const labelsOwnCavities = ({ pattern }: Shell): boolean =>
  pattern.kind === "points" || (pattern.kind !== "none" && pattern.numbering.scheme !== "listed");

/** A shell of which only the rows are known; the pin table fills them in its order. */
export const rowsOnly = (
  rows: readonly { readonly places: number; readonly offset: number }[],
  view: FaceView,
): Shell => ({
  name: "",
  standard: "",
  pattern: {
    kind: "rows",
    rows: rows.map(({ places, offset }) => ({ places, offset, size: null })),
    numbering: { scheme: "listed" },
  },
  view,
  mark: "lock",
  keying: [],
  gender: null,
  reversed: [],
  blank: "open",
  locks: [],
  terminals: [],
  joined: [],
});
