import { groupLookAlikes, lookAlikes, nameLookAlikes, readTable, rowsOfSheet, rowsOfText, type ConnectorId, type Dossier, type LookAlikeGroup, type NameLookAlike, type ReadTable, type Result, type Sheet, type TableChoice, type TableProblem } from "@trevin/core";

/** Where a table comes from: a pasted text, or a sheet of a file. */
export type TableOrigin = { readonly kind: "text"; readonly text: string } | { readonly kind: "sheet"; readonly sheet: Sheet };

export function tableOf(origin: TableOrigin, choice: TableChoice): Result<ReadTable, TableProblem> {
  const rows = origin.kind === "text" ? rowsOfText(origin.text) : rowsOfSheet(origin.sheet);
  return rows.ok ? { ok: true, value: readTable(rows.value, choice) } : rows;
}

export interface LookAlikesFound {
  readonly wires: readonly LookAlikeGroup[];
  readonly names: readonly NameLookAlike[];
}

export const lookAlikesOf = (dossier: Dossier, open: readonly ConnectorId[]): LookAlikesFound => ({ wires: groupLookAlikes(lookAlikes(dossier, open)), names: nameLookAlikes(dossier) });
