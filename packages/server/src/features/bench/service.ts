import type { StoredEntry } from "@trevin/core";
import type { BenchAnswer, BenchCommand } from "@trevin/core/contract";
import { sizeOf, type Compute } from "../../compute/compute.ts";
import { databaseTime, inTransaction, type Database } from "../../db/connect.ts";
import * as repo from "../jobs/repo.ts";
import { lockedJob } from "../jobs/service.ts";

/**
 * Takes one bench command: under the job's lock, a known event gets its first answer, otherwise the command is judged and
 * its entries are added.
 */
export async function record(
  db: Database,
  compute: Compute,
  id: string,
  command: BenchCommand,
): Promise<BenchAnswer> {
  return inTransaction(db, async (tx) => {
    const job = await lockedJob(tx, id);
    const known = await repo.answerTo(tx, id, command.event);
    if (known.length > 0) return answer(known);
    const { dossier } = job;
    const stored = await repo.readLedger(tx, id);
    const size = sizeOf(dossier, stored);
    const now = await databaseTime(tx);
    const { rows, finished } = await compute.run("judge", size, dossier, stored, command, now.toISOString());
    await repo.appendLedger(tx, id, rows);
    await repo.setFinished(tx, id, finished);
    return answer(rows);
  });
}

const answer = (rows: readonly (StoredEntry & { readonly seq: number })[]): BenchAnswer => ({
  entries: rows.map(({ bytes, hash }) => ({ bytes, hash })),
  seq: rows.at(-1)?.seq ?? -1,
});
