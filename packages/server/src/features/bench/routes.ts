import { Router } from "express";
import { benchCommandSchema } from "@trevin/core/contract";
import type { Database } from "../../db/connect.ts";
import { jobIdOf, readBody } from "../../http/read.ts";
import * as repo from "../jobs/repo.ts";
import { noSuchJob } from "../jobs/service.ts";
import { record } from "./service.ts";

export function benchRoutes(db: Database, now: () => Date): Router {
  const router = Router();
  router.get("/jobs/:job/ledger", async (request, response) => {
    const id = jobIdOf(request);
    if ((await repo.findJob(db, id)) === null) throw noSuchJob();
    const after = Number(request.query["after"] ?? -1);
    response.json({ entries: await repo.readLedger(db, id, Number.isInteger(after) ? after : -1) });
  });
  router.post("/jobs/:job/ledger", async (request, response) => {
    response.status(201).json(await record(db, jobIdOf(request), readBody(benchCommandSchema, request), now));
  });
  return router;
}
