import {
  asBuilt,
  asBuiltCsv,
  bench,
  entryNarrator,
  foldLedger,
  ledgerCsv,
  standingOf,
  type BenchView,
  type DecisionId,
  type Dossier,
  type JobDocument,
  type PlanMemo,
  type Standing,
  type StoredEntry,
} from "@trevin/core";
import { jobFileProblemWords, readJobFile } from "@trevin/core/contract";
import { judge, type Judged } from "../features/bench/judge.ts";
import { entriesOf } from "../features/jobs/entries.ts";
import { HttpProblem } from "../http/problem.ts";

/** The last plans of this thread: a step that is ticked costs no new one. */
const plans: PlanMemo = new Map();

/** What takes long on a large job: pure functions that a thread can run as well. They may throw an HttpProblem. */
export const TASKS = {
  judge: (...[dossier, stored, command, now]: Parameters<typeof judge>): Judged =>
    judge(dossier, stored, command, now, plans),
  standing: (dossier: Dossier, stored: readonly StoredEntry[]): Standing =>
    standingOf(bench(dossier, entriesOf(stored), plans)),
  asBuiltCsv: (dossier: Dossier, stored: readonly StoredEntry[]): string => {
    const view = bench(dossier, entriesOf(stored));
    return asBuiltCsv(asBuilt(view.dossier, view.state));
  },
  ledgerCsv: (dossier: Dossier, stored: readonly StoredEntry[]): string => {
    const entries = entriesOf(stored);
    return ledgerCsv(entries, entryNarrator(bench(dossier, entries).dossier));
  },
  /** Decisions of which something was carried out on the car. */
  carriedOut: (stored: readonly StoredEntry[]): readonly DecisionId[] => [
    ...foldLedger(entriesOf(stored)).fold.carriedOut,
  ],
  readJob: (text: string): ReadFile => {
    const read = readJobFile(text);
    if (!read.ok)
      throw new HttpProblem(
        read.error.code === "not-json" ? 400 : 422,
        read.error.code,
        jobFileProblemWords(read.error),
        read.error.code === "wrong-shape" ? { issues: [...read.error.issues] } : {},
      );
    const { dossier, ledger, entries } = read.value;
    return {
      dossier,
      ledger: ledger.map((entry, seq) => ({ ...entry, seq, event: entries[seq]?.event ?? "" })),
      finished: entries.length > 0 && isFinished(bench(dossier, entries)),
    };
  },
} as const;

const isFinished = ({ plan, current }: BenchView): boolean => plan.steps.length > 0 && current === null;

/** A job file that was read, ready to be stored. */
export interface ReadFile {
  readonly dossier: JobDocument["dossier"];
  readonly ledger: readonly (StoredEntry & { readonly seq: number; readonly event: string })[];
  /** Whether every step of its plan is done. */
  readonly finished: boolean;
}

export type TaskName = keyof typeof TASKS;
export type TaskArguments<N extends TaskName> = Parameters<(typeof TASKS)[N]>;
export type TaskResult<N extends TaskName> = ReturnType<(typeof TASKS)[N]>;
