import { randomUUID } from "node:crypto";
import { existsSync } from "node:fs";
import { join } from "node:path";
import compression from "compression";
import { sql } from "drizzle-orm";
import express, { type Express } from "express";
import helmet from "helmet";
import type { Logger } from "pino";
import type { Compute } from "./compute/compute.ts";
import type { Database } from "./db/connect.ts";
import { benchRoutes } from "./features/bench/routes.ts";
import { jobRoutes } from "./features/jobs/routes.ts";
import { photoRows } from "./features/photos/repo.ts";
import { photoRoutes } from "./features/photos/routes.ts";
import { shelfRoutes } from "./features/shelf/routes.ts";
import { tableRoutes } from "./features/tables/routes.ts";
import { transferRoutes } from "./features/transfer/routes.ts";
import { jsonBody } from "./http/body.ts";
import { hostGuard } from "./http/guard.ts";
import { HttpProblem, problemHandler } from "./http/problem.ts";
import { openApiDocument } from "./openApi.ts";

declare module "express-serve-static-core" {
  interface Request {
    id?: string;
  }
}

export interface AppDeps {
  readonly db: Database;
  readonly log: Logger;
  /** Folder of the built web application, or null to serve the API alone. */
  readonly webRoot: string | null;
  readonly hosts?: readonly string[];
  readonly compute: Compute;
  /** Called when a request has found the database unreachable. */
  readonly onUnreachable?: () => void;
}

/** Body limit of ordinary requests, in bytes; job files have their own. */
const BODY_LIMIT = 4_000_000;

/** The fixed style elements that PrimeVue puts into a page: an empty one, its base rules, those of its lists. Nothing else is inline; the browser tests fail on any other. */
const PRIMEVUE_STYLES = [
  "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='",
  "'sha256-Fd0QD0FqL+7/xbtxgLdOiaqgrzQ+aCPAt30l0g1PmgI='",
  "'sha256-UmtTyyLNQnYAvy909krSz5Ex3J0XukTxr54qJ6RJ2PA='",
];

/** The whole HTTP side. Listens to nothing, so that tests inject what they like. */
export function createApp({
  db,
  log,
  webRoot,
  compute,
  onUnreachable = () => {},
  hosts = ["127.0.0.1", "localhost", "[::1]"],
}: AppDeps): Express {
  const app = express();
  app.disable("x-powered-by");
  app.set("etag", false);
  app.use((request, response, next) => {
    request.id = randomUUID();
    response.setHeader("X-Request-Id", request.id);
    const started = process.hrtime.bigint();
    response.on("finish", () => {
      const ms = Number(process.hrtime.bigint() - started) / 1e6;
      log.info(
        {
          request: request.id,
          method: request.method,
          path: request.path,
          status: response.statusCode,
          ms: Math.round(ms * 10) / 10,
        },
        "answered",
      );
    });
    next();
  });
  app.use(hostGuard(hosts));
  app.use(
    helmet({
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", ...PRIMEVUE_STYLES],
          imgSrc: ["'self'", "data:"],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
    }),
  );
  app.use(compression());
  const api = express.Router();
  api.use((request, response, next) => {
    response.setHeader("Cache-Control", "no-store");
    // No name holds a NUL, and no database stores one.
    next(
      /%00/.test(request.url) ? new HttpProblem(400, "bad-request", "The address holds a NUL.") : undefined,
    );
  });
  api.get("/health", async (_request, response) => {
    await db.execute(sql`select 1`);
    response.json({ status: "ok" });
  });
  api.get("/openapi.json", (_request, response) => void response.json(openApiDocument()));
  api.use(transferRoutes(db, compute));
  api.use(tableRoutes());
  api.use(photoRoutes(photoRows(db)));
  api.use(jsonBody(BODY_LIMIT));
  api.use(jobRoutes(db, compute));
  api.use(benchRoutes(db, compute));
  api.use(shelfRoutes(db));
  api.use((request, _response, next) =>
    next(new HttpProblem(404, "no-such-resource", `There is nothing at ${request.method} ${request.path}.`)),
  );
  app.use("/api/v1", api);
  if (webRoot !== null && existsSync(join(webRoot, "index.html"))) {
    app.use(
      "/assets",
      express.static(join(webRoot, "assets"), { immutable: true, maxAge: "1y", etag: true }),
    );
    app.use(express.static(webRoot, { index: false, etag: true }));
    app.get("/{*page}", (_request, response) =>
      response.sendFile(join(webRoot, "index.html"), { headers: { "Cache-Control": "no-cache" } }),
    );
  }
  app.use(problemHandler(log, onUnreachable));
  return app;
}
