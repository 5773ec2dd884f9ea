import { Router, type Request, type Response } from "express";
import type { z } from "zod";
import {
  changePinsSchema,
  changeWiringSchema,
  connectorIdSchema,
  decideSchema,
  jobsQuerySchema,
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
import type { Command, ConnectorId, SourceId } from "@trevin/core";
import type { Compute } from "../../compute/compute.ts";
import { snapshot, type Database } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import { etagOf, expectedRevision, jobIdOf, readBody, readInput } from "../../http/read.ts";
import * as repo from "./repo.ts";
import * as service from "./service.ts";
import { newStandings } from "./standings.ts";

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

export function jobRoutes(db: Database, compute: Compute): Router {
  const router = Router();
  const shop: service.Shop = { db, compute };
  const view = (id: string): Promise<JobView> => snapshot(db, (tx) => service.viewJob(tx, id));
  /** Makes the command that a request asks for, on the revision that it names. */
  const edit = async (request: Request, response: Response, command: Command): Promise<void> =>
    sendJob(response, await service.edit(shop, jobIdOf(request), expectedRevision(request), command));

  router.get(
    "/jobs",
    async (request, response) =>
      void response.json(await repo.listJobs(db, readInput(jobsQuerySchema, request.query))),
  );
  router.post("/jobs", async (request, response) => {
    const id = await service.createJob(db, readBody(newJobSchema, request));
    response.setHeader("Location", `/api/v1/jobs/${id}`);
    sendJob(response, await view(id), 201);
  });
  const standings = newStandings();
  router.get(
    "/jobs/:job/standing",
    async (request, response) => void response.json(await standings.of(db, compute, jobIdOf(request))),
  );
  router.get("/jobs/:job", async (request, response) => sendJob(response, await view(jobIdOf(request))));
  router.patch("/jobs/:job", async (request, response) => {
    const change = readBody(patchJobSchema, request);
    sendJob(response, await service.patchJob(shop, jobIdOf(request), expectedRevision(request), change));
  });
  router.put("/jobs/:job/connectors/:connector", async (request, response) => {
    request.body = upcastLayout(request.body);
    const connector = readBody(putConnectorSchema, request);
    await edit(request, response, {
      kind: "put-connector",
      connector: { ...connector, id: connectorOf(request.params) },
    });
  });
  router.delete("/jobs/:job/connectors/:connector", (request, response) =>
    edit(request, response, { kind: "remove-connector", connector: connectorOf(request.params) }),
  );
  router.patch("/jobs/:job/connectors/:connector/pins", async (request, response) => {
    const { put, remove } = readBody(changePinsSchema, request);
    const connector = connectorOf(request.params);
    await edit(request, response, { kind: "change-pins", connector, put, remove });
  });
  router.put("/jobs/:job/sources/:source", async (request, response) => {
    const source = readBody(putSourceSchema, request);
    await edit(request, response, {
      kind: "put-source",
      source: { id: sourceOf(request.params), ...source },
    });
  });
  router.delete("/jobs/:job/sources/:source", (request, response) =>
    edit(request, response, { kind: "remove-source", source: sourceOf(request.params) }),
  );
  router.put("/jobs/:job/words", (request, response) =>
    edit(request, response, { kind: "set-words", ...readBody(setWordsSchema, request) }),
  );
  router.put("/jobs/:job/brief", (request, response) =>
    edit(request, response, { kind: "set-brief", ...readBody(setBriefSchema, request) }),
  );
  router.put("/jobs/:job/worklist", (request, response) =>
    edit(request, response, { kind: "set-worklist", ...readBody(setWorklistSchema, request) }),
  );
  router.patch("/jobs/:job/wiring", (request, response) =>
    edit(request, response, { kind: "change-wiring", ...readBody(changeWiringSchema, request) }),
  );
  router.patch("/jobs/:job/decisions", (request, response) =>
    edit(request, response, { kind: "decide", ...readBody(decideSchema, request) }),
  );
  for (const direction of ["undo", "redo"] as const)
    router.post(`/jobs/:job/${direction}`, async (request, response) =>
      sendJob(
        response,
        await service.stepHistory(shop, jobIdOf(request), expectedRevision(request), direction),
      ),
    );
  return router;
}
