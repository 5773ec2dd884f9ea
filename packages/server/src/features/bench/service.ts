import type { StoredEntry } from "@trevin/core";
import type { BenchAnswer, BenchCommand } from "@trevin/core/contract";
import { sizeOf, type Compute } from "../../compute/compute.ts";
import { databaseTime, inTransaction, snapshot, type Database, type Queryable } from "../../db/connect.ts";
import * as repo from "../jobs/repo.ts";
import { foundJob, noSuchJob } from "../jobs/service.ts";
import type { judge } from "./judge.ts";

/** How often a command is judged without the job's lock before it takes it. */
const FREE_ATTEMPTS = 2;

/**
 * Takes one bench command: a known event gets its first answer, otherwise the command is judged and its entries are added. It is
 * judged, which takes a whole plan, without the job's lock; under the lock the job must still be the one that was seen. Where
 * many work at one job at once, it is judged under the lock in the end.
 */
export async function record(
  db: Database,
  compute: Compute,
  id: string,
  command: BenchCommand,
): Promise<BenchAnswer> {
  for (let attempt = 1; attempt <= FREE_ATTEMPTS; attempt++) {
    const seen = await snapshot(db, (tx) => look(tx, id, command));
    if (seen.known.length > 0) return answer(seen.known);
    const judged = await judgedBy(compute, seen, command);
    const kept = await inTransaction(db, async (tx) => {
      const now = await repo.lockRow(tx, id);
      if (now === null) throw noSuchJob();
      const known = await repo.answerTo(tx, id, command.event);
      if (known.length > 0) return answer(known);
      const isSame = now.revision === seen.job.revision && now.ledgerLength === seen.job.ledgerLength;
      return isSame ? keep(tx, id, judged) : null;
    });
    if (kept !== null) return kept;
  }
  return inTransaction(db, async (tx) => {
    await repo.lockRow(tx, id);
    const seen = await look(tx, id, command);
    return seen.known.length > 0 ? answer(seen.known) : keep(tx, id, await judgedBy(compute, seen, command));
  });
}

/** Everything that a command is judged by. */
async function look(tx: Queryable, id: string, { event }: BenchCommand) {
  return {
    job: await foundJob(tx, id),
    known: await repo.answerTo(tx, id, event),
    stored: await repo.readLedger(tx, id),
    at: (await databaseTime(tx)).toISOString(),
  };
}
type Seen = Awaited<ReturnType<typeof look>>;
type Judged = ReturnType<typeof judge>;

const judgedBy = (compute: Compute, { job, stored, at }: Seen, command: BenchCommand): Promise<Judged> =>
  compute.run("judge", sizeOf(job.dossier, stored), job.dossier, stored, command, at);

async function keep(tx: Queryable, id: string, { rows, finished }: Judged): Promise<BenchAnswer> {
  await repo.appendLedger(tx, id, rows);
  await repo.setFinished(tx, id, finished);
  return answer(rows);
}

const answer = (rows: readonly (StoredEntry & { readonly seq: number })[]): BenchAnswer => ({
  entries: rows.map(({ bytes, hash }) => ({ bytes, hash })),
  seq: rows.at(-1)?.seq ?? -1,
});
