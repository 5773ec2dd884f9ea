import { json, Router, type Request, type Response } from "express";
import { asBuilt, asBuiltCsv, bench, entryNarrator, fileOf, ledgerCsv } from "@trevin/core";
import { jobFileProblemWords, readJobValue } from "@trevin/core/contract";
import type { Database } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import { etagOf, jobIdOf } from "../../http/read.ts";
import * as repo from "../jobs/repo.ts";
import { entriesOf, importJob, noSuchJob, viewJob } from "../jobs/service.ts";

/** Largest job file taken, in bytes; enforced while the body streams in. */
export const IMPORT_LIMIT = 16_000_000;

export function transferRoutes(db: Database): Router {
  const router = Router();
  router.post("/imports", json({ limit: IMPORT_LIMIT }), async (request, response) => {
    if (request.body === undefined)
      throw new HttpProblem(
        415,
        "json-wanted",
        "Send the job file as JSON with content type application/json.",
      );
    const read = readJobValue(request.body);
    if (!read.ok)
      throw new HttpProblem(
        422,
        read.error.code,
        jobFileProblemWords(read.error),
        read.error.code === "wrong-shape" ? { issues: [...read.error.issues] } : {},
      );
    const id = await importJob(db, read.value);
    const view = await viewJob(db, id);
    response.setHeader("Location", `/api/v1/jobs/${id}`);
    response.setHeader("ETag", etagOf(view.revision));
    response.status(201).json(view);
  });
  router.get("/jobs/:job/file", async (request, response) => {
    const { job, stored } = await whole(request);
    download(
      response,
      `${slug(job.dossier.head.name)}.trevin.json`,
      "application/json",
      JSON.stringify(fileOf({ dossier: job.dossier, ledger: stored }), null, 2),
    );
  });
  router.get("/jobs/:job/as-built.csv", async (request, response) => {
    const { job, stored } = await whole(request);
    const view = bench(job.dossier, entriesOf(stored));
    download(
      response,
      `${slug(job.dossier.head.name)} as built.csv`,
      "text/csv",
      asBuiltCsv(asBuilt(view.dossier, view.state)),
    );
  });
  router.get("/jobs/:job/ledger.csv", async (request, response) => {
    const { job, stored } = await whole(request);
    const entries = entriesOf(stored);
    const { dossier } = bench(job.dossier, entries);
    download(
      response,
      `${slug(job.dossier.head.name)} ledger.csv`,
      "text/csv",
      ledgerCsv(entries, entryNarrator(dossier)),
    );
  });

  const whole = async (request: Request) => {
    const id = jobIdOf(request);
    const job = await repo.findJob(db, id);
    if (job === null) throw noSuchJob();
    return { job, stored: await repo.readLedger(db, id) };
  };
  return router;
}

const slug = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N} _-]+/gu, " ")
    .trim()
    .slice(0, 60) || "job";

function download(response: Response, file: string, type: string, body: string): void {
  response.attachment(file).type(`${type}; charset=utf-8`).send(body);
}
