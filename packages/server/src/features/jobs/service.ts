import { randomUUID } from "node:crypto";
import { isDeepStrictEqual } from "node:util";
import {
  applyCommand,
  commandProblemWords,
  commandWords,
  decisionId,
  emptyDossier,
  pinNamer,
  undoState,
  type Change,
  isApartFrom,
  type Command,
  type Decision,
  type Dossier,
  type JobHead,
} from "@trevin/core";
import type { JobView, PatchJob } from "@trevin/core/contract";
import { sizeOf, type Compute } from "../../compute/compute.ts";
import type { ReadFile } from "../../compute/tasks.ts";
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
    await repo.insertJob(tx, id, dossier, demo);
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

/** One edit in one transaction: expected revision or nothing in common with what came after it, command, inverse, new revision. */
export async function edit(shop: Shop, id: string, expected: number, command: Command): Promise<JobView> {
  return inTransaction(shop.db, async (tx) => {
    const job = await lockedJob(tx, id);
    if (!(await isApart(tx, job, expected, command))) await refuseStale(tx, job, expected);
    await commit(tx, shop.compute, job, editOf(job, command));
    return viewJob(tx, id);
  });
}

const editOf = ({ dossier }: repo.JobRow, command: Command): Edit => ({
  command,
  role: "edit",
  of: null,
  words: commandWords(command, connectorNamer(dossier)),
});

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
    if (head !== undefined) await commit(tx, compute, job, editOf(job, { kind: "set-head", head }));
    if (archived !== undefined) await repo.setArchived(tx, id, archived);
    return viewJob(tx, id);
  });
}

/** Whether everything that happened since concerns other records: two people at two connectors of one job do not get in each other's way. */
async function isApart(
  tx: Queryable,
  job: repo.JobRow,
  expected: number,
  command: Command,
): Promise<boolean> {
  if (expected >= job.revision) return false;
  const unseen = await repo.commandsSince(tx, job.id, expected);
  return unseen !== null && unseen.length === job.revision - expected && isApartFrom(command, unseen);
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

type Edit = Omit<Revision, "revision" | "inverse">;

async function commit(tx: Queryable, compute: Compute, job: repo.JobRow, change: Edit): Promise<void> {
  const result = applyCommand(job.dossier, change.command);
  if (!result.ok)
    throw new HttpProblem(422, result.error.code, commandProblemWords(result.error, pinNamer(job.dossier)));
  await refuseLocked(tx, compute, job, result.value.dossier);
  // What is decided after the end is work to do.
  if (job.ledgerLength > 0 && result.value.dossier.decisions !== job.dossier.decisions)
    await repo.setFinished(tx, job.id, false);
  await repo.saveRevision(tx, job.id, job.dossier, result.value.dossier, {
    ...change,
    revision: job.revision + 1,
    inverse: result.value.inverse,
  });
}

/** After work has begun the pin tables change through the ledger only, and what was carried out is not decided anew. */
async function refuseLocked(
  tx: Queryable,
  compute: Compute,
  job: repo.JobRow,
  after: Dossier,
): Promise<void> {
  if (job.ledgerLength === 0) return;
  if (after.connectors !== job.dossier.connectors) {
    throw new HttpProblem(
      409,
      "work-has-begun",
      "Work on the car has started, so the pin tables are locked. Record differences as found, at the bench.",
    );
  }
  if (after.decisions === job.dossier.decisions) return;
  const stored = await repo.readLedger(tx, job.id);
  const carriedOut = new Set(await compute.run("carriedOut", sizeOf(job.dossier, stored), stored));
  const now = new Map(after.decisions.map((decision) => [decisionId(decision), decision]));
  for (const decision of job.dossier.decisions) {
    const id = decisionId(decision);
    if (carriedOut.has(id) && !isSameWork(now.get(id), decision))
      throw new HttpProblem(
        409,
        "decision-carried-out",
        "That decision has been carried out on the car, at least in part. Undo its steps at the bench first.",
      );
  }
}

/** What was found since may raise a hazard at a decision that is carried out: an answer to it changes nothing on the car. */
const isSameWork = (now: Decision | undefined, before: Decision): boolean =>
  now === before ||
  (now !== undefined && isDeepStrictEqual({ ...now, answers: [] }, { ...before, answers: [] }));

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
    const state = undoState((await repo.historyOf(tx, id)).map(asChange));
    const target = state[direction];
    if (target === null)
      throw new HttpProblem(409, `nothing-to-${direction}`, `There is nothing to ${direction}.`);
    const original = await repo.inverseOf(tx, id, target);
    const command =
      direction === "undo" ? await latestInverse(tx, id, target) : await repo.lastUndoOf(tx, id, target);
    if (command === null || original === null)
      throw new HttpProblem(409, `nothing-to-${direction}`, `There is nothing to ${direction}.`);
    await commit(tx, compute, job, {
      command,
      role: direction,
      of: target,
      words: `${direction === "undo" ? "undone" : "done again"}: ${original.words}`,
    });
    return viewJob(tx, id);
  });
}

/** An edit that was undone and redone is taken back by the inverse of its latest redo. */
async function latestInverse(tx: Queryable, id: string, revision: number): Promise<Command | null> {
  const history = await repo.historyOf(tx, id);
  const redone = history.findLast((change) => change.role === "redo" && change.of === revision);
  return (await repo.inverseOf(tx, id, redone?.revision ?? revision))?.inverse ?? null;
}
