import type { LabelProblem, ShellFit, ShellLikeness } from "../face/index.ts";
import type { Blank, ExtraLock, Gender, JoinPointKind, Numbering, Shell } from "../model/index.ts";

/** What is said of two connectors whose shells compare so; null when there is nothing to warn of. */
export function likenessWords(likeness: ShellLikeness, a: string, b: string): string | null {
  switch (likeness) {
    case "same":
      return `${a} and ${b} have the same housing, so each also fits the other's socket. Tag both before you unplug either.`;
    case "keyed-apart":
      return `${a} and ${b} look alike but are keyed differently: the wrong one will not seat. Do not force it.`;
    case "mirrored":
      return `${a} and ${b} look alike but are mirror images: they cannot mate, and cavity counts do not carry over.`;
    case "different":
      return null;
  }
}

/** Whether two connectors that are said to mate can. */
export function fitWords(fit: ShellFit, a: string, b: string): string {
  switch (fit.kind) {
    case "mates":
      return `${a} and ${b} mate: each cavity meets the one of the same place.`;
    case "same-gender":
      return `${a} and ${b} cannot mate: the contacts of both are ${fit.gender}.`;
    case "mirrored":
      return `${a} and ${b} cannot mate: their cavities are mirror images. One of the housings, or its label side, is wrong.`;
    case "keyed-apart":
      return `${a} and ${b} have the same cavities but different keying: they do not mate.`;
    case "different":
      return `${a} and ${b} cannot mate: their cavities do not lie alike.`;
  }
}

export function labelProblemWords(problem: LabelProblem): string {
  return problem.code === "label-repeated"
    ? `Label ${problem.label} is used twice.`
    : `${problem.labels} labels are given for ${problem.cavities} cavities.`;
}

export const BLANK_WORDS: Readonly<Record<Blank, string>> = {
  open: "empty cavities stay open",
  membrane: "empty cavities closed by a membrane",
  plug: "empty cavities closed by plugs",
};
export const LOCK_WORDS: Readonly<Record<ExtraLock, string>> = {
  tpa: "secondary lock (TPA)",
  front: "front lock",
  cpa: "connector lock (CPA)",
};
export const GENDER_WORDS: Readonly<Record<Gender, string>> = {
  female: "female contacts",
  male: "male contacts",
};
export const JOIN_POINT_WORDS: Readonly<Record<JoinPointKind, string>> = {
  splice: "splice",
  ground: "ground point",
  stud: "stud",
  supply: "supply",
  device: "terminal of a part",
};

/** "numbered row by row from the left, top row first". */
export function numberingWords(numbering: Numbering): string {
  switch (numbering.scheme) {
    case "listed":
      return "labels in pin-table order";
    case "explicit":
      return "explicit labels";
    case "grid":
      return `letter for the row, number for the place, from the ${numbering.from}, ${numbering.first} row first${skipWords(numbering.skip)}`;
    default: {
      const what = numbering.labels.kind === "letters" ? "lettered" : "numbered";
      const how = {
        rows: "row by row",
        serpentine: "back and forth, first row",
        columns: "column by column",
      }[numbering.scheme];
      return `${what} ${how} from the ${numbering.from}, ${numbering.first} row first${numbering.labels.kind === "letters" ? skipWords(numbering.labels.skip) : ""}`;
    }
  }
}
const skipWords = (skip: readonly string[]): string =>
  skip.length === 0 ? ", no letter skipped" : `, without ${skip.join(", ")}`;

/** Rows as they are counted: "11 + 23 + 23 + 11", "ring of 6 and 1", "6 places". */
export function rowsWords({ pattern }: Shell): string {
  switch (pattern.kind) {
    case "rows":
      return pattern.rows.map((row) => row.places).join(" + ");
    case "rings":
      return pattern.rings.length === 1
        ? `ring of ${pattern.rings[0]?.places}`
        : `rings of ${pattern.rings.map((ring) => ring.places).join(" and ")}`;
    case "points":
      return `${pattern.points.length} places`;
    case "none":
      return pattern.what;
  }
}
