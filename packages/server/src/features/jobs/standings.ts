import type { Standing } from "@trevin/core";
import type { StandingView } from "@trevin/core/contract";
import { sizeOf, type Compute } from "../../compute/compute.ts";
import type { Queryable } from "../../db/connect.ts";
import { latestPhoto } from "../photos/repo.ts";
import * as repo from "./repo.ts";
import { noSuchJob } from "./service.ts";

/** How many jobs' standings are remembered. */
const STANDINGS = 500;

/** Where jobs stand. What takes long is worked out once for each state of a job. */
export function newStandings() {
  const known = new Map<string, { readonly state: string; readonly standing: Standing }>();
  return {
    of: async (db: Queryable, compute: Compute, id: string): Promise<StandingView> => {
      const photo = await latestPhoto(db, id);
      const at = await repo.stateOf(db, id);
      if (at === null) throw noSuchJob();
      const state = `${at.revision} ${at.ledgerLength}`;
      const before = known.get(id);
      if (before?.state === state) return view(before.standing, photo);
      const job = await repo.findJob(db, id);
      if (job === null) throw noSuchJob();
      const stored = await repo.readLedger(db, id);
      const standing = await compute.run("standing", sizeOf(job.dossier, stored), job.dossier, stored);
      known.delete(id);
      known.set(id, { state, standing });
      const [oldest] = known.keys();
      if (known.size > STANDINGS && oldest !== undefined) known.delete(oldest);
      return view(standing, photo);
    },
  };
}
const view = (standing: Standing, photo: string | null): StandingView => ({
  ...standing,
  waits: [...standing.waits],
  photo,
});
