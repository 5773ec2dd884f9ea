import { Router, type Response } from "express";
import type { z } from "zod";
import {
  changePinsSchema,
  changeWiringSchema,
  connectorIdSchema,
  decideSchema,
  newJobSchema,
  patchJobSchema,
  putConnectorSchema,
  putSourceSchema,
  setBriefSchema,
  setWordsSchema,
  setWorklistSchema,
  sourceIdSchema,
  upcastLayout,
  type JobView,
} from "@trevin/core/contract";
import type { ConnectorId, SourceId } from "@trevin/core";
import type { Database } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import { etagOf, expectedRevision, jobIdOf, readBody } from "../../http/read.ts";
import * as repo from "./repo.ts";
import * as service from "./service.ts";

function sendJob(response: Response, view: JobView, status = 200): void {
  response.status(status).setHeader("ETag", etagOf(view.revision));
  response.json(view);
}

type Params = Record<string, string | string[] | undefined>;

/** An id of the path; one that no record can have is not there. */
function idOf<T>(schema: z.ZodType<T>, params: Params, what: "connector" | "source"): T {
  const read = schema.safeParse(params[what]);
  if (!read.success) throw new HttpProblem(404, `no-such-${what}`, `There is no such ${what}.`);
  return read.data;
}
const connectorOf = (params: Params): ConnectorId => idOf(connectorIdSchema, params, "connector");
const sourceOf = (params: Params): SourceId => idOf(sourceIdSchema, params, "source");

export function jobRoutes(db: Database): Router {
  const router = Router();
  router.get("/jobs", async (_request, response) => void response.json({ jobs: await repo.listJobs(db) }));
  router.post("/jobs", async (request, response) => {
    const id = await service.createJob(db, readBody(newJobSchema, request));
    response.setHeader("Location", `/api/v1/jobs/${id}`);
    sendJob(response, await service.viewJob(db, id), 201);
  });
  router.get("/jobs/:job", async (request, response) =>
    sendJob(response, await service.viewJob(db, jobIdOf(request))),
  );
  router.patch("/jobs/:job", async (request, response) => {
    const id = jobIdOf(request);
    const { head, archived } = readBody(patchJobSchema, request);
    const expected = expectedRevision(request);
    const view =
      head === undefined
        ? await service.viewJob(db, id)
        : await service.edit(db, id, expected, () => service.headCommand(head));
    sendJob(
      response,
      archived === undefined
        ? view
        : await service.setArchived(db, id, head === undefined ? expected : view.revision, archived),
    );
  });
  router.put("/jobs/:job/connectors/:connector", async (request, response) => {
    request.body = upcastLayout(request.body);
    const connector = readBody(putConnectorSchema, request);
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () =>
        service.putConnectorCommand(connectorOf(request.params), connector),
      ),
    );
  });
  router.delete("/jobs/:job/connectors/:connector", async (request, response) => {
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "remove-connector",
        connector: connectorOf(request.params),
      })),
    );
  });
  router.patch("/jobs/:job/connectors/:connector/pins", async (request, response) => {
    const { put, remove } = readBody(changePinsSchema, request);
    const connector = connectorOf(request.params);
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "change-pins",
        connector,
        put,
        remove,
        decisions: [],
        wires: [],
      })),
    );
  });
  router.put("/jobs/:job/sources/:source", async (request, response) => {
    const source = readBody(putSourceSchema, request);
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "put-source",
        source: { id: sourceOf(request.params), ...source },
      })),
    );
  });
  router.delete("/jobs/:job/sources/:source", async (request, response) => {
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "remove-source",
        source: sourceOf(request.params),
      })),
    );
  });
  router.put("/jobs/:job/words", async (request, response) => {
    const { words } = readBody(setWordsSchema, request);
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "set-words",
        words,
      })),
    );
  });
  router.put("/jobs/:job/brief", async (request, response) => {
    const { brief } = readBody(setBriefSchema, request);
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "set-brief",
        brief,
      })),
    );
  });
  router.put("/jobs/:job/worklist", async (request, response) => {
    const { worklist } = readBody(setWorklistSchema, request);
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "set-worklist",
        worklist,
      })),
    );
  });
  router.patch("/jobs/:job/wiring", async (request, response) => {
    const change = readBody(changeWiringSchema, request);
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "change-wiring",
        ...change,
      })),
    );
  });
  router.get("/words", async (_request, response) => void response.json({ words: await repo.shopWords(db) }));
  router.patch("/jobs/:job/decisions", async (request, response) => {
    const { put, remove } = readBody(decideSchema, request);
    sendJob(
      response,
      await service.edit(db, jobIdOf(request), expectedRevision(request), () => ({
        kind: "decide",
        put,
        remove,
      })),
    );
  });
  router.post("/jobs/:job/undo", async (request, response) =>
    sendJob(response, await service.stepHistory(db, jobIdOf(request), expectedRevision(request), "undo")),
  );
  router.post("/jobs/:job/redo", async (request, response) =>
    sendJob(response, await service.stepHistory(db, jobIdOf(request), expectedRevision(request), "redo")),
  );
  return router;
}
