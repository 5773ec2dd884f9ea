import { request as httpRequest } from "node:http";
import ExcelJS from "exceljs";
import sharp from "sharp";
import { expect, it } from "vitest";
import type { JobView } from "@trevin/core/contract";
import { DEMO, useServer } from "./harness.ts";
import { Random } from "./fuzz/random.ts";
import { requestOf, type HostileRequest, type Paths, type World } from "./fuzz/requests.ts";

/** `npm run fuzz` sends more of them; a seed makes a run again. */
const REQUESTS = Number(process.env["FUZZ_REQUESTS"] ?? 400);
const SEED = Number(process.env["FUZZ_SEED"] ?? 15);
/** Longest that anything may take, ms: against hanging, not a measure of speed. */
const LONGEST_MS = 5000;

const { send, base } = useServer();

interface Answered {
  readonly status: number;
  readonly text: string;
  readonly ms: number;
}
/** As it stands: fetch would clean the path and refuse the headers. Status 0: the connection was closed. */
const sendRaw = ({ method, path, headers, body }: HostileRequest): Promise<Answered> =>
  new Promise((resolve) => {
    const { hostname, port, host } = new URL(base());
    const began = Date.now();
    const done = (status: number, text: string): void => resolve({ status, text, ms: Date.now() - began });
    const chunks: Buffer[] = [];
    try {
      httpRequest(
        { hostname, port, method, path, headers: ["Host", host, ...headers.flat()], setHost: false },
        (response) =>
          response
            .on("data", (chunk: Buffer) => chunks.push(chunk))
            .on("end", () => done(response.statusCode ?? 0, Buffer.concat(chunks).toString("utf8"))),
      )
        .on("error", () => done(0, ""))
        .end(body ?? undefined);
    } catch {
      done(-1, ""); // the client's own library refuses to send it
    }
  });

it(
  `answers ${REQUESTS} hostile requests over every route without a fault of its own, and everything stored is readable`,
  async () => {
    const random = new Random(SEED);
    const { paths } = (await send("GET", "/openapi.json")).body as unknown as { paths: Paths };
    const operations = Object.entries(paths).flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
    );
    const view = async (id: string): Promise<JobView> => {
      const { status, body } = await send("GET", `/jobs/${id}`);
      if (status !== 200) throw new Error(`job ${id} cannot be read any more: ${JSON.stringify(body)}`);
      return body as unknown as JobView;
    };
    const book = new ExcelJS.Workbook();
    book.addWorksheet("a").addRows([
      [1, "GN", "Horn"],
      [2, "BK", "Ground"],
    ]);
    const world: World = {
      jobs: new Map(),
      photo: await sharp({ create: { width: 40, height: 30, channels: 3, background: "#888" } })
        .jpeg()
        .toBuffer(),
      workbook: Buffer.from(await book.xlsx.writeBuffer()),
      file: DEMO,
    };
    for (let i = 0; i < 3; i++) {
      const made = (await send("POST", "/imports", DEMO)).body as unknown as JobView;
      world.jobs.set(made.id, made);
    }
    const faults: string[] = [];
    const seen = new Map<number, number>();
    for (let i = 0; i < REQUESTS; i++) {
      const { path, method, operation } = random.pick(operations);
      const request = requestOf(path, method, operation, world, random);
      const { status, text, ms } = await sendRaw(request);
      seen.set(status, (seen.get(status) ?? 0) + 1);
      if ((status >= 500 && status !== 503) || ms > LONGEST_MS)
        faults.push(
          `#${i} ${status} in ${ms} ms: ${request.method} ${request.path.slice(0, 200)} ${request.headers.join(" ")} ${(request.body ?? "").toString().slice(0, 300)} → ${text.slice(0, 200)}`,
        );
      const id = /^\/api\/v1\/jobs\/([0-9a-f-]{36})/.exec(request.path)?.[1];
      if (method !== "get" && status < 300 && id !== undefined && world.jobs.has(id))
        world.jobs.set(id, await view(id));
    }
    expect(faults).toEqual([]);
    // Both sides of the door were tried.
    const of = (from: number, to: number): number =>
      [...seen].reduce((sum, [status, count]) => sum + (status >= from && status < to ? count : 0), 0);
    expect(of(200, 300)).toBeGreaterThan(REQUESTS / 10);
    expect(of(400, 500)).toBeGreaterThan(REQUESTS / 4);
    // Whatever was taken is still there for everybody.
    for (let after = ""; ;) {
      const { jobs, next } = (await send("GET", `/jobs${after}`)).body as unknown as {
        jobs: { id: string }[];
        next: string | null;
      };
      for (const { id } of jobs) {
        await view(id);
        for (const what of ["ledger", "file", "as-built.csv", "ledger.csv", "photos"]) {
          // A ledger is a table only once work has begun.
          const { status, body } = await send("GET", `/jobs/${id}/${what}`);
          expect([what, id, status, status === 200 ? "" : body]).toEqual([what, id, 200, ""]);
        }
      }
      if (next === null) break;
      after = `?after=${next}`;
    }
    for (const path of ["/shelf", "/health"]) expect((await send("GET", path)).status).toBe(200);
    process.stdout.write(
      `fuzz: ${REQUESTS} requests, seed ${SEED}: ${[...seen]
        .sort(([a], [b]) => a - b)
        .map(([status, count]) => `${count} × ${status}`)
        .join(", ")}\n`,
    );
  },
  60_000 + REQUESTS * 100,
);
