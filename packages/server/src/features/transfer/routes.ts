import { Router, text, type Request, type Response } from "express";
import { fileOf, type Dossier } from "@trevin/core";
import { sizeOf, type Compute } from "../../compute/compute.ts";
import { snapshot, type Database } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import { etagOf, jobIdOf } from "../../http/read.ts";
import * as repo from "../jobs/repo.ts";
import { importJob, noSuchJob, viewJob } from "../jobs/service.ts";

/** Largest job file taken, in bytes; enforced while the body streams in. */
export const IMPORT_LIMIT = 16_000_000;
/** Roughly, to tell a small file from a large one. */
const CHARACTERS_OF_A_PIN = 200;

export function transferRoutes(db: Database, compute: Compute): Router {
  const router = Router();
  router.post(
    "/imports",
    text({ type: "application/json", limit: IMPORT_LIMIT }),
    async (request, response) => {
      if (typeof request.body !== "string")
        throw new HttpProblem(
          415,
          "json-wanted",
          "Send the job file as JSON with content type application/json.",
        );
      const file = await compute.run("readJob", request.body.length / CHARACTERS_OF_A_PIN, request.body);
      const id = await importJob(db, file);
      const view = await snapshot(db, (tx) => viewJob(tx, id));
      response.setHeader("Location", `/api/v1/jobs/${id}`);
      response.setHeader("ETag", etagOf(view.revision));
      response.status(201).json(view);
    },
  );
  router.get("/jobs/:job/file", async (request, response) => {
    const { dossier, stored } = await whole(request);
    download(
      response,
      `${slug(dossier)}.trevin.json`,
      "application/json",
      JSON.stringify(fileOf({ dossier, ledger: stored }), null, 2),
    );
  });
  for (const [what, task] of [
    ["as built", "asBuiltCsv"],
    ["ledger", "ledgerCsv"],
  ] as const)
    router.get(`/jobs/:job/${what.replace(" ", "-")}.csv`, async (request, response) => {
      const { dossier, stored } = await whole(request);
      const csv = await compute.run(task, sizeOf(dossier, stored), dossier, stored);
      download(response, `${slug(dossier)} ${what}.csv`, "text/csv", csv);
    });

  const whole = (request: Request) => {
    const id = jobIdOf(request);
    return snapshot(db, async (tx) => {
      const job = await repo.findJob(tx, id);
      if (job === null) throw noSuchJob();
      return { dossier: job.dossier, stored: await repo.readLedger(tx, id) };
    });
  };
  return router;
}

/** The job's name as a file name: whole characters only. */
const slug = ({ head }: Dossier): string =>
  [...head.name.replace(/[^\p{L}\p{N} _-]+/gu, " ").trim()].slice(0, 60).join("") || "job";

function download(response: Response, file: string, type: string, body: string): void {
  response.attachment(file).type(`${type}; charset=utf-8`).send(body);
}
