import type { Sheet } from "./rows.ts";

/** What a table file held, before anybody reads its lines. */
export type TableFile =
  | { readonly kind: "text"; readonly text: string; readonly notes: readonly TableFileNote[] }
  | { readonly kind: "sheets"; readonly sheets: readonly Sheet[]; readonly notes: readonly TableFileNote[] };

/** What was passed over, and is no reason to refuse the file. */
export type TableFileNote =
  | { readonly code: "macros-ignored" }
  | { readonly code: "encoding-guessed"; readonly encoding: string }
  | { readonly code: "hidden-sheets"; readonly names: readonly string[] };

/** Why a file is not a table. Nothing of it was taken. */
export type TableFileProblem =
  | { readonly code: "file-empty" }
  | { readonly code: "file-too-large"; readonly bytes: number; readonly limit: number }
  | { readonly code: "file-locked" }
  | { readonly code: "file-old-spreadsheet" }
  | { readonly code: "file-not-a-spreadsheet" }
  | { readonly code: "file-damaged"; readonly detail: string }
  | { readonly code: "file-swells"; readonly limit: number }
  | { readonly code: "file-too-many-cells"; readonly limit: number }
  | { readonly code: "file-too-much-text"; readonly limit: number }
  | { readonly code: "reader-busy" }
  | { readonly code: "file-too-slow"; readonly seconds: number };
