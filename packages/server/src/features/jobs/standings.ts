import type { Standing } from "@trevin/core";
import type { StandingView } from "@trevin/core/contract";
import { sizeOf, type Compute } from "../../compute/compute.ts";
import { snapshot, type Database } from "../../db/connect.ts";
import { latestPhoto } from "../photos/repo.ts";
import * as repo from "./repo.ts";
import { noSuchJob } from "./service.ts";

/** How many jobs' standings are remembered. */
const STANDINGS = 500;

/** Where jobs stand. What takes long is worked out once for each state of a job. */
export function newStandings() {
  const known = new Map<string, { readonly state: string; readonly standing: Standing }>();
  return {
    of: async (db: Database, compute: Compute, id: string): Promise<StandingView> => {
      const stands = await snapshot(db, async (tx) => {
        const at = await repo.stateOf(tx, id);
        if (at === null) throw noSuchJob();
        const state = `${at.revision} ${at.ledgerLength}`;
        const photo = await latestPhoto(tx, id);
        const before = known.get(id);
        if (before?.state === state) return { photo, standing: before.standing };
        const job = await repo.findJob(tx, id);
        if (job === null) throw noSuchJob();
        return { photo, state, dossier: job.dossier, stored: await repo.readLedger(tx, id) };
      });
      if ("standing" in stands) return view(stands.standing, stands.photo);
      // It plans the whole job: no transaction waits for that.
      const { dossier, stored, state, photo } = stands;
      const standing = await compute.run("standing", sizeOf(dossier, stored), dossier, stored);
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
