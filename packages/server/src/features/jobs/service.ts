import { randomUUID } from "node:crypto";
import {
  applyCommand,
  commandProblemWords,
  commandWords,
  diffOf,
  emptyDossier,
  isApartFrom,
  patched,
  pinNamer,
  reversed,
  sameValue,
  undoState,
  withShopWords,
  type Change,
  type Command,
  type CommandProblem,
  type Decision,
  type Diff,
  type Dossier,
  type JobHead,
  type OwnWord,
  type Result,
} from "@trevin/core";
import type { JobView, PatchJob } from "@trevin/core/contract";
import { sizeOf, type Compute } from "../../compute/compute.ts";
import type { ReadFile } from "../../compute/tasks.ts";
import { shopWords } from "../shelf/repo.ts";
import { inTransaction, type Database, type Queryable } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import * as repo from "./repo.ts";
import type { Revision } from "./revision.ts";

export const noSuchJob = (): HttpProblem =>
  new HttpProblem(404, "no-such-job", "Job not found. It may be in another data folder.");

async function lockedJob(db: Queryable, id: string): Promise<repo.JobRow> {
  const job = await repo.findJob(db, id, true);
  if (job === null) throw noSuchJob();
  return job;
}

export async function viewJob(db: Queryable, id: string): Promise<JobView> {
  const job = await repo.findJob(db, id);
  if (job === null) throw noSuchJob();
  const history = await repo.historyOf(db, id);
  const { undo, redo } = undoState(history.map(asChange));
  const words = (revision: number | null): string | null =>
    history.find((change) => change.revision === revision)?.words ?? null;
  return {
    id,
    revision: job.revision,
    archived: job.archived,
    dossier: structuredClone(job.dossier) as JobView["dossier"],
    ledgerLength: job.ledgerLength,
    undo: words(undo),
    redo: words(redo),
  };
}

const asChange = ({
  revision,
  role,
  of,
}: {
  revision: number;
  role: Change["role"];
  of: number | null;
}): Change => (role === "edit" ? { revision, role } : { revision, role, of: of ?? 0 });

export async function createJob(db: Database, head: JobHead): Promise<string> {
  const id = randomUUID();
  await db.transaction((tx) => repo.insertJob(tx, id, emptyDossier(head)));
  return id;
}

/** Stores a whole job as a new one, its ledger byte for byte. */
export async function importJob(
  db: Database,
  { dossier, ledger, finished }: ReadFile,
  demo: boolean = false,
): Promise<string> {
  const id = randomUUID();
  await db.transaction(async (tx) => {
    await repo.insertJob(tx, id, withShopWords(dossier, await shopWords(tx)), demo);
    await repo.setFinished(tx, id, finished);
    await repo.appendLedger(
      tx,
      id,
      ledger.map((entry) => ({ ...entry, command: entry.event })),
    );
  });
  return id;
}

/** What an edit works with. */
export interface Shop {
  readonly db: Database;
  readonly compute: Compute;
}

/**
 * One edit in one transaction: the command on the job as it stands now, which is the one that its author saw, or has changed since in
 * other records only.
 */
export async function edit(shop: Shop, id: string, expected: number, command: Command): Promise<JobView> {
  return inTransaction(shop.db, async (tx) => {
    const job = await lockedJob(tx, id);
    const made = attempt(job, command, await shopWords(tx));
    if (!(made.ok && (await isApart(tx, job, expected, made.value)))) await refuseStale(tx, job, expected);
    await commit(tx, shop.compute, job, editOf(job, command, made));
    return viewJob(tx, id);
  });
}

type Attempt = Result<Pick<Edit, "after" | "diff">, CommandProblem>;

/** New labels bring those words of the shop along that speak of them. */
function attempt({ dossier }: repo.JobRow, command: Command, shop: readonly OwnWord[] = []): Attempt {
  const result = applyCommand(dossier, command);
  if (!result.ok) return result;
  const after =
    result.value.connectors === dossier.connectors ? result.value : withShopWords(result.value, shop);
  return { ok: true, value: { after, diff: diffOf(dossier, after) } };
}

function editOf({ dossier }: repo.JobRow, command: Command, made: Attempt): Edit {
  if (!made.ok)
    throw new HttpProblem(422, made.error.code, commandProblemWords(made.error, pinNamer(dossier)));
  return {
    ...made.value,
    role: "edit",
    of: null,
    words: commandWords(command, connectorNamer(dossier)),
  };
}

/** Changes the details of a job, puts it away or brings it back, all or nothing. */
export async function patchJob(
  { db, compute }: Shop,
  id: string,
  expected: number,
  { head, archived }: PatchJob,
): Promise<JobView> {
  return inTransaction(db, async (tx) => {
    const job = await lockedJob(tx, id);
    await refuseStale(tx, job, expected);
    if (head !== undefined) {
      const command: Command = { kind: "set-head", head };
      await commit(tx, compute, job, editOf(job, command, attempt(job, command)));
    }
    if (archived !== undefined) await repo.setArchived(tx, id, archived);
    return viewJob(tx, id);
  });
}

/** Whether everything that happened since concerns other records: two people at two connectors of one job do not get in each other's way. */
async function isApart(
  tx: Queryable,
  job: repo.JobRow,
  expected: number,
  { diff }: Pick<Edit, "diff">,
): Promise<boolean> {
  if (expected >= job.revision) return false;
  const unseen = await repo.diffsSince(tx, job.id, expected);
  return unseen !== null && unseen.length === job.revision - expected && isApartFrom(diff, unseen);
}

async function refuseStale(tx: Queryable, job: repo.JobRow, expected: number): Promise<void> {
  if (job.revision === expected) return;
  const changes = await repo.wordsSince(tx, job.id, expected);
  throw new HttpProblem(
    412,
    "stale-revision",
    `This job was changed elsewhere (revision ${expected} is now ${job.revision}): ${changes.join("; ") || "details unknown"}. Your change was not stored.`,
    {
      revision: job.revision,
      changes: [...changes],
    },
  );
}

type Edit = Omit<Revision, "revision"> & { readonly after: Dossier };

async function commit(
  tx: Queryable,
  compute: Compute,
  job: repo.JobRow,
  { after, ...change }: Edit,
): Promise<void> {
  // What stands already so is no edit: sent again, it is taken once.
  if (change.diff.length === 0) return;
  await refuseLocked(tx, compute, job, change.diff);
  // What is decided after the end is work to do.
  if (job.ledgerLength > 0 && change.diff.some(({ of }) => of === "decision"))
    await repo.setFinished(tx, job.id, false);
  await repo.saveRevision(tx, job.id, after, { ...change, revision: job.revision + 1 });
}

/** After work has begun the pin tables change through the ledger only, and what was carried out is not decided anew. */
async function refuseLocked(tx: Queryable, compute: Compute, job: repo.JobRow, diff: Diff): Promise<void> {
  if (job.ledgerLength === 0) return;
  if (diff.some(({ of }) => of === "connector" || of === "pin")) {
    throw new HttpProblem(
      409,
      "work-has-begun",
      "Work on the car has started, so the pin tables are locked. Record differences as found, at the bench.",
    );
  }
  const decided = diff.filter((change) => change.of === "decision");
  if (decided.length === 0) return;
  const stored = await repo.readLedger(tx, job.id);
  const carriedOut = new Set<string>(await compute.run("carriedOut", sizeOf(job.dossier, stored), stored));
  // One that a job lacks although it was carried out may be put back.
  if (
    decided.some(
      ({ key, before, after }) => before !== null && carriedOut.has(key) && !isSameWork(after, before),
    )
  )
    throw new HttpProblem(
      409,
      "decision-carried-out",
      "That decision has been carried out on the car, at least in part. Undo its steps at the bench first.",
    );
}

/** What was found since may raise a hazard at a decision that is carried out: an answer to it changes nothing on the car. */
const isSameWork = (now: Decision | null, before: Decision): boolean =>
  now !== null && sameValue({ ...now, answers: [] }, { ...before, answers: [] });

const connectorNamer =
  (dossier: Dossier) =>
  (id: string): string =>
    dossier.connectors.find((connector) => connector.id === id)?.name ?? "connector";

export async function stepHistory(
  { db, compute }: Shop,
  id: string,
  expected: number,
  direction: "undo" | "redo",
): Promise<JobView> {
  return inTransaction(db, async (tx) => {
    const job = await lockedJob(tx, id);
    await refuseStale(tx, job, expected);
    const target = undoState((await repo.historyOf(tx, id)).map(asChange))[direction];
    const edit = target === null ? null : await repo.revisionOf(tx, id, target);
    if (target === null || edit === null)
      throw new HttpProblem(409, `nothing-to-${direction}`, `There is nothing to ${direction}.`);
    const diff = direction === "undo" ? reversed(edit.diff) : edit.diff;
    const after = patched(job.dossier, diff);
    if (!after.ok)
      throw new HttpProblem(
        409,
        after.error.code,
        "Something that this edit touched has changed since, so it stays as it is.",
      );
    await commit(tx, compute, job, {
      after: after.value,
      diff,
      role: direction,
      of: target,
      words: `${direction === "undo" ? "undone" : "done again"}: ${edit.words}`,
    });
    return viewJob(tx, id);
  });
}
