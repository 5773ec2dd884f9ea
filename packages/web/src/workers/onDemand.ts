import {
  checkPlan,
  compareMethods,
  groupLookAlikes,
  lookAlikes,
  nameLookAlikes,
  kitOf,
  readTable,
  rowsOfSheet,
  rowsOfText,
  type BenchView,
  type ConnectorId,
  type Dossier,
  type Fault,
  type KitItem,
  type LookAlikeGroup,
  type MethodChoice,
  type NameLookAlike,
  type ReadTable,
  type Result,
  type Sheet,
  type TableChoice,
  type TableProblem,
} from "@trevin/core";

/** Where a table comes from: a pasted text, or a sheet of a file. */
export type TableOrigin =
  { readonly kind: "text"; readonly text: string } | { readonly kind: "sheet"; readonly sheet: Sheet };

export function tableOf(origin: TableOrigin, choice: TableChoice): Result<ReadTable, TableProblem> {
  const rows = origin.kind === "text" ? rowsOfText(origin.text) : rowsOfSheet(origin.sheet);
  return rows.ok ? { ok: true, value: readTable(rows.value, choice) } : rows;
}

export interface LookAlikesFound {
  readonly wires: readonly LookAlikeGroup[];
  readonly names: readonly NameLookAlike[];
}

export const lookAlikesOf = (dossier: Dossier, open: readonly ConnectorId[]): LookAlikesFound => ({
  wires: groupLookAlikes(lookAlikes(dossier, open)),
  names: nameLookAlikes(dossier),
});

export interface Needs {
  readonly kit: readonly KitItem[];
  readonly ways: readonly MethodChoice[];
  /** What the second opinion found. */
  readonly fault: Fault | null;
}

/** What the work needs, and what each way of working would cost, and what the second opinion says: several plans, so not while the screen waits. */
export function needsOf({ dossier, plan, start }: Pick<BenchView, "dossier" | "plan" | "start">): Needs {
  return {
    kit: kitOf(dossier, plan),
    ways: compareMethods(dossier, plan),
    fault: checkPlan(dossier, plan, start),
  };
}
