import { Router } from "express";
import { benchCommandSchema, ledgerQuerySchema } from "@trevin/core/contract";
import type { Compute } from "../../compute/compute.ts";
import { snapshot, type Database } from "../../db/connect.ts";
import { jobIdOf, readBody, readInput } from "../../http/read.ts";
import * as repo from "../jobs/repo.ts";
import { noSuchJob } from "../jobs/service.ts";
import { record } from "./service.ts";

export function benchRoutes(db: Database, compute: Compute): Router {
  const router = Router();
  router.get("/jobs/:job/ledger", async (request, response) => {
    const id = jobIdOf(request);
    const { after } = readInput(ledgerQuerySchema, request.query);
    const entries = await snapshot(db, async (tx) => {
      if (!(await repo.jobExists(tx, id))) throw noSuchJob();
      return repo.readLedger(tx, id, after);
    });
    response.json({ entries });
  });
  router.post("/jobs/:job/ledger", async (request, response) => {
    response
      .status(201)
      .json(await record(db, compute, jobIdOf(request), readBody(benchCommandSchema, request)));
  });
  return router;
}
