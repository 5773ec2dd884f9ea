import type { StoredEntry } from "@trevin/core";
import type { BenchAnswer, BenchCommand } from "@trevin/core/contract";
import { sizeOf, type Compute } from "../../compute/compute.ts";
import { databaseTime, inTransaction, snapshot, type Database, type Queryable } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import * as repo from "../jobs/repo.ts";
import { fingerprintOf } from "../photos/repo.ts";
import { noSuchJob } from "../jobs/service.ts";
import type { Judged } from "./judge.ts";

/** How often a command is judged beside others' writing, before it has the job to itself. */
const BESIDE_OTHERS = 3;

type Stands =
  | { readonly known: Awaited<ReturnType<typeof repo.answerTo>> }
  | { readonly job: repo.JobRow; readonly stored: readonly StoredEntry[] };

/**
 * Takes one bench command: a known event gets its first answer, otherwise the command is judged and its entries are added.
 * Judging plans the whole job, so that is done before the job's lock is taken; what was judged counts only while the job still stands as
 * it did then.
 */
export async function record(
  db: Database,
  compute: Compute,
  id: string,
  command: BenchCommand,
): Promise<BenchAnswer> {
  const judged = async (
    tx: Queryable,
    { job, stored }: Extract<Stands, { job: unknown }>,
  ): Promise<Judged> => {
    const now = await databaseTime(tx);
    const size = sizeOf(job.dossier, stored);
    return compute.run("judge", size, job.dossier, stored, command, now.toISOString());
  };
  const add = async (tx: Queryable, { rows, finished }: Judged): Promise<BenchAnswer> => {
    await repo.appendLedger(tx, id, rows);
    await repo.setFinished(tx, id, finished);
    return answer(rows);
  };
  if (command.kind === "photo") await refuseOtherPhoto(db, id, command);
  for (let attempt = 1; attempt <= BESIDE_OTHERS; attempt++) {
    const stands = await snapshot(db, (tx) => standsAt(tx, id, command));
    if ("known" in stands) return answer(stands.known);
    const verdict = await judged(db, stands);
    const done = await inTransaction(db, async (tx) => {
      const now = await repo.stateOf(tx, id, true);
      const isSame = now?.revision === stands.job.revision && now.ledgerLength === stands.job.ledgerLength;
      return isSame ? add(tx, verdict) : null;
    });
    if (done !== null) return done;
  }
  return inTransaction(db, async (tx) => {
    await repo.stateOf(tx, id, true);
    const stands = await standsAt(tx, id, command);
    return "known" in stands ? answer(stands.known) : add(tx, await judged(tx, stands));
  });
}

/** An entry tells of a picture that is here, and of that very one. */
async function refuseOtherPhoto(
  db: Queryable,
  job: string,
  { photo, sha256 }: Extract<BenchCommand, { kind: "photo" }>,
): Promise<void> {
  if ((await fingerprintOf(db, job, photo)) !== sha256)
    throw new HttpProblem(422, "no-such-photo", "That photo is not in this job, or is another picture.");
}

async function standsAt(tx: Queryable, id: string, { event }: BenchCommand): Promise<Stands> {
  const known = await repo.answerTo(tx, id, event);
  if (known.length > 0) return { known };
  const job = await repo.findJob(tx, id);
  if (job === null) throw noSuchJob();
  return { job, stored: await repo.readLedger(tx, id) };
}

const answer = (rows: readonly (StoredEntry & { readonly seq: number })[]): BenchAnswer => ({
  entries: rows.map(({ bytes, hash }) => ({ bytes, hash })),
  seq: rows.at(-1)?.seq ?? -1,
});
