import { randomUUID } from "node:crypto";
import {
  applyCommand,
  bench,
  commandProblemWords,
  commandWords,
  decisionId,
  emptyDossier,
  foldLedger,
  undoState,
  type Change,
  type Command,
  type ConnectorHead,
  type ConnectorId,
  type Dossier,
  type Entry,
  type JobDocument,
  type JobHead,
  type StoredEntry,
} from "@trevin/core";
import { pinNamer } from "@trevin/core";
import { readEntry, type JobView } from "@trevin/core/contract";
import type { Database, Queryable } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import * as repo from "./repo.ts";

export const noSuchJob = (): HttpProblem =>
  new HttpProblem(404, "no-such-job", "Job not found. It may be in another data folder.");

export async function lockedJob(db: Queryable, id: string): Promise<repo.JobRow> {
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
export async function importJob(db: Database, { dossier, ledger }: JobDocument): Promise<string> {
  const id = randomUUID();
  await db.transaction(async (tx) => {
    await repo.insertJob(tx, id, dossier);
    const entries = entriesOf(ledger);
    if (entries.length > 0) {
      const { plan, current } = bench(dossier, entries);
      await repo.setFinished(tx, id, plan.steps.length > 0 && current === null);
    }
    await repo.appendLedger(
      tx,
      id,
      entries.map((entry, index) => ({
        seq: entry.seq,
        event: entry.event,
        command: entry.event,
        bytes: ledger[index]?.bytes ?? "",
        hash: ledger[index]?.hash ?? "",
      })),
    );
  });
  return id;
}

/** Stored bytes as entries; what is in the database was checked when it went in. */
export function entriesOf(stored: readonly StoredEntry[]): readonly Entry[] {
  return stored.map(({ bytes }, seq) => {
    const entry = readEntry(JSON.parse(bytes));
    if (entry === null) throw new Error(`ledger entry ${seq} is unreadable`);
    return entry;
  });
}

/** One edit in one transaction: expected revision, command, inverse, new revision. */
export async function edit(
  db: Database,
  id: string,
  expected: number,
  build: (dossier: Dossier) => Command,
): Promise<JobView> {
  return db.transaction(async (tx) => {
    const job = await lockedJob(tx, id);
    await refuseStale(tx, job, expected);
    const command = build(job.dossier);
    await commit(tx, job, command, "edit", null, commandWords(command, connectorNamer(job.dossier)));
    return viewJob(tx, id);
  });
}

export async function setArchived(
  db: Database,
  id: string,
  expected: number,
  archived: boolean,
): Promise<JobView> {
  return db.transaction(async (tx) => {
    await refuseStale(tx, await lockedJob(tx, id), expected);
    await repo.setArchived(tx, id, archived);
    return viewJob(tx, id);
  });
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

async function commit(
  tx: Queryable,
  job: repo.JobRow,
  command: Command,
  role: "edit" | "undo" | "redo",
  of: number | null,
  words: string,
): Promise<void> {
  const result = applyCommand(job.dossier, command);
  if (!result.ok)
    throw new HttpProblem(422, result.error.code, commandProblemWords(result.error, pinNamer(job.dossier)));
  await refuseLocked(tx, job, result.value.dossier);
  // What is decided after the end is work to do.
  if (job.ledgerLength > 0 && result.value.dossier.decisions !== job.dossier.decisions)
    await repo.setFinished(tx, job.id, false);
  await repo.saveRevision(tx, job.id, job.dossier, result.value.dossier, {
    revision: job.revision + 1,
    role,
    of,
    words,
    command,
    inverse: result.value.inverse,
  });
}

/** After work has begun the pin tables change through the ledger only, and what was carried out is not decided anew. */
async function refuseLocked(tx: Queryable, job: repo.JobRow, after: Dossier): Promise<void> {
  if (job.ledgerLength === 0) return;
  if (after.connectors !== job.dossier.connectors) {
    throw new HttpProblem(
      409,
      "work-has-begun",
      "Work on the car has started, so the pin tables are locked. Record differences as found, at the bench.",
    );
  }
  const { fold } = foldLedger(entriesOf(await repo.readLedger(tx, job.id)));
  const now = new Map(after.decisions.map((decision) => [decisionId(decision), decision]));
  for (const decision of job.dossier.decisions) {
    const id = decisionId(decision);
    if (fold.carriedOut.has(id) && now.get(id) !== decision)
      throw new HttpProblem(
        409,
        "decision-carried-out",
        "That decision has been carried out on the car, at least in part. Undo its steps at the bench first.",
      );
  }
}

const connectorNamer =
  (dossier: Dossier) =>
  (id: string): string =>
    dossier.connectors.find((connector) => connector.id === id)?.name ?? "connector";

export async function stepHistory(
  db: Database,
  id: string,
  expected: number,
  direction: "undo" | "redo",
): Promise<JobView> {
  return db.transaction(async (tx) => {
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
    await commit(
      tx,
      job,
      command,
      direction,
      target,
      `${direction === "undo" ? "undone" : "done again"}: ${original.words}`,
    );
    return viewJob(tx, id);
  });
}

/** An edit that was undone and redone is taken back by the inverse of its latest redo. */
async function latestInverse(tx: Queryable, id: string, revision: number): Promise<Command | null> {
  const history = await repo.historyOf(tx, id);
  const redone = history.findLast((change) => change.role === "redo" && change.of === revision);
  return (await repo.inverseOf(tx, id, redone?.revision ?? revision))?.inverse ?? null;
}

export function headCommand(head: JobHead): Command {
  return { kind: "set-head", head };
}

export const putConnectorCommand = (id: ConnectorId, connector: Omit<ConnectorHead, "id">): Command => ({
  kind: "put-connector",
  connector: { ...connector, id },
});
