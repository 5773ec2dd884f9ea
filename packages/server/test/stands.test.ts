import { request } from "node:http";
import { gzipSync } from "node:zlib";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Database } from "../src/db/connect.ts";
import { createApp } from "../src/app.ts";
import { FIRST_LINK, indexPins, seal, type Dossier, type Entry, type Pin } from "@trevin/core";
import { readEntry, type JobView } from "@trevin/core/contract";
import { benchCommand, DEMO, listening, QUIET, F22, restOfDemo, useServer } from "./harness.ts";

const HALF = String.fromCharCode(0xd83d);

describe("what comes through the door", () => {
  const { send, at, base } = useServer();
  const imported = async (): Promise<JobView> =>
    (await send("POST", "/imports", DEMO)).body as unknown as JobView;
  const raw = (
    path: string,
    headers: readonly (readonly [string, string])[] = [],
    method = "GET",
    body: Buffer | null = null,
  ): Promise<number> =>
    new Promise((resolve, reject) => {
      const { hostname, port, host } = new URL(base());
      request(
        {
          hostname,
          port,
          method,
          path: `/api/v1${path}`,
          setHost: false,
          headers: ["Host", host, ...headers.flat()],
        },
        (response) => {
          response.resume();
          resolve(response.statusCode ?? 0);
        },
      )
        .on("error", reject)
        .end(body ?? undefined);
    });

  it("is refused with 4xx where it is not well formed: address, hosts, encoding, depth, text", async () => {
    const { id } = await imported();
    expect(await raw("/jobs/%ff")).toBe(400);
    expect(await raw("/shelf/shells/%00", [], "DELETE")).toBe(400);
    expect(await raw("/jobs", [["host", "evil.example"]])).toBe(400);
    expect(await raw(`/jobs/${id}/ledger?after=1e300`)).toBe(422);
    const json = ["Content-Type", "application/json"] as const;
    const packed = gzipSync("{}").fill(7, 4);
    for (const [bytes, status] of [
      [packed, 400],
      [gzipSync(JSON.stringify(DEMO)), 201],
    ] as const)
      expect(await raw("/imports", [json, ["Content-Encoding", "gzip"]], "POST", bytes)).toBe(status);
    const deep = Buffer.from(`${"[".repeat(400_000)}${"]".repeat(400_000)}`);
    for (const path of ["/imports", "/jobs"]) expect(await raw(path, [json], "POST", deep)).toBe(422);
    for (const name of ["nul \0", `half ${HALF}`]) {
      const refused = await send(
        "PATCH",
        `/jobs/${id}`,
        { head: { ...(DEMO["job"] as object), name } },
        at(1),
      );
      expect(refused).toMatchObject({
        status: 422,
        body: { detail: expect.stringContaining("head.name: ") },
      });
    }
  });

  it("is stored as it was sent, or refused: no text changes on its way", async () => {
    const { id, dossier } = await imported();
    const [connector] = dossier.connectors;
    const pin = connector?.pins[0];
    let revision = 1;
    await fc.assert(
      fc.asyncProperty(fc.string({ unit: "binary", maxLength: 40 }), async (note) => {
        const put: Partial<Pin>[] = [{ ...pin, note, function: note }];
        const path = `/jobs/${id}/connectors/${connector?.id}/pins`;
        const answer = await send("PATCH", path, { put }, at(revision));
        if (answer.status === 422) return;
        revision = answer.body.revision ?? 0;
        const { body } = await send("GET", `/jobs/${id}`);
        expect(body.dossier?.connectors[0]?.pins[0]).toMatchObject({ note, function: note });
      }),
      { numRuns: 60, seed: 153 },
    );
    expect(revision).toBeGreaterThan(20);
  });

  it("may have a long event, a jumper of 40 pins with long ids, a name that is cut between two halves", async () => {
    const { id, dossier } = await imported();
    await send(
      "PATCH",
      `/jobs/${id}/decisions`,
      { put: restOfDemo(dossier as Dossier), points: [F22] },
      at(1),
    );
    const now = (await send("GET", `/jobs/${id}`)).body as unknown as JobView;
    const event = "e".repeat(80);
    const first = benchCommand(now.dossier as Dossier, 0, { event });
    expect((await send("POST", `/jobs/${id}/ledger`, first)).status).toBe(201);
    const { entries } = (await send("GET", `/jobs/${id}/ledger`)).body as unknown as {
      entries: { bytes: string }[];
    };
    expect(entries.map(({ bytes }) => readEntry(JSON.parse(bytes)) === null)).toEqual([false, false, false]);
    expect((await send("POST", `/jobs/${id}/ledger`, { ...first, event: "e".repeat(81) })).status).toBe(422);
    expect((await send("GET", `/jobs/${id}/as-built.csv`)).status).toBe(200);

    const pins = Array.from({ length: 40 }, (_, i) => ({
      id: `${"é".repeat(110)}${i}`,
      cavity: String(i),
      function: "Ground",
    }));
    const name = `${"x".repeat(59)}𐐷${"x".repeat(10)}`;
    const wide = { format: "trevin-job", version: 1, job: { name }, connectors: [{ name: "W", pins }] };
    const made = await send("POST", "/imports", wide);
    const jumper = {
      kind: "jumper",
      pins: pins.map((pin) => pin.id),
      sure: "sure",
      reason: "",
      answers: [],
    };
    const path = `/jobs/${made.body.id}`;
    const put = await send("PATCH", `${path}/decisions`, { put: [jumper] }, at(1));
    expect([put.status, put.body.dossier?.decisions]).toEqual([200, [jumper]]);
    expect(
      (await send("PATCH", `${path}/decisions`, { put: [{ ...jumper, reason: "so" }] }, at(2))).body,
    ).toMatchObject({ dossier: { decisions: [{ reason: "so" }] } });
    expect((await send("POST", `${path}/undo`, undefined, at(3))).body.dossier?.decisions).toEqual([jumper]);
    expect((await send("POST", `${path}/undo`, undefined, at(4))).body.dossier?.decisions).toEqual([]);
    const file = await send("GET", `${path}/file`);
    expect([file.status, decodeURIComponent(file.headers.get("content-disposition") ?? "")]).toEqual([
      200,
      expect.stringContaining(`${"x".repeat(59)}𐐷.trevin.json`),
    ]);
  });

  it("may not be a ledger that records one event twice", async () => {
    const { dossier } = await imported();
    const entries: ReturnType<typeof seal>[] = [];
    for (const [seq, what] of [
      { kind: "baseline", head: dossier.head, connectors: dossier.connectors, begins: "plugged" },
      { kind: "note", step: null, text: "again" },
    ].entries())
      entries.push(
        seal({
          v: 1,
          seq,
          event: "same-event",
          at: "2026-01-02T03:04:05.000Z",
          deviceAt: "2026-01-02T03:04:05.000Z",
          person: "",
          device: "",
          plan: null,
          what: what as Entry["what"],
          prev: entries.at(-1)?.hash ?? FIRST_LINK,
        }),
      );
    expect(await send("POST", "/imports", { ...DEMO, ledger: entries })).toMatchObject({
      status: 422,
      body: { code: "ledger-damaged", detail: expect.stringContaining("has recorded already") },
    });
  });

  it("keeps the Shelf readable: an id of 81 characters is refused, one of 80 is taken", async () => {
    const shell = { name: "Ours", view: "wire", pattern: { kind: "rows", rows: [{ places: 3 }] } };
    expect((await send("PUT", `/shelf/shells/${"x".repeat(81)}`, { shell })).status).toBe(422);
    expect((await send("PUT", `/shelf/shells/${"x".repeat(80)}`, { shell })).status).toBe(200);
    const places = { ...shell, pattern: { kind: "rows", rows: [{ places: 1e308 }] } };
    expect((await send("PUT", "/shelf/shells/wide", { shell: places })).status).toBe(422);
    expect((await send("GET", "/shelf")).body).toMatchObject({ shells: [{ id: "x".repeat(80) }] });
  });
});

describe("many at once", () => {
  const { send, at } = useServer();
  it("change head and archive of a job all or nothing", async () => {
    const job = (await send("POST", "/imports", DEMO)).body as unknown as JobView;
    for (let round = 0, revision = 1; round < 10; round++, revision++) {
      const answers = await Promise.all(
        ["one", "two", "three"].map((name) =>
          send(
            "PATCH",
            `/jobs/${job.id}`,
            { head: { ...job.dossier.head, name: `${name} ${round}` }, archived: name === "two" },
            at(revision),
          ),
        ),
      );
      expect(answers.map(({ status }) => status).sort()).toEqual([200, 412, 412]);
      const now = (await send("GET", `/jobs/${job.id}`)).body;
      expect(now.archived).toBe(now.dossier?.head.name === `two ${round}`);
    }
  });

  it("read a job as of one moment while it is changed", async () => {
    const job = (await send("POST", "/imports", DEMO)).body as unknown as JobView;
    const whole = indexPins(job.dossier as Dossier).size;
    const [gone] = job.dossier.connectors;
    const left = whole - (gone?.pins.length ?? 0);
    let writing = true;
    const write = async (): Promise<void> => {
      for (let revision = 1; revision < 41; revision += 2) {
        await send("DELETE", `/jobs/${job.id}/connectors/${gone?.id}`, undefined, at(revision));
        await send("POST", `/jobs/${job.id}/undo`, undefined, at(revision + 1));
      }
      writing = false;
    };
    const counts = new Map<string, number>();
    const read = async (): Promise<void> => {
      while (writing) {
        const { body } = await send("GET", `/jobs/${job.id}/file`);
        const { connectors } = body as unknown as { connectors: { pins: unknown[] }[] };
        const seen = `${connectors.length} ${connectors.reduce((sum, { pins }) => sum + pins.length, 0)}`;
        counts.set(seen, (counts.get(seen) ?? 0) + 1);
      }
    };
    await Promise.all([write(), read(), read(), read()]);
    expect([...counts.keys()].sort()).toEqual([`1 ${left}`, `2 ${whole}`]);
  });

  it("list hundreds of jobs, a page at a time, with what each one shows", async () => {
    const small = {
      format: "trevin-job",
      version: 1,
      connectors: [{ name: "A", pins: [{ cavity: "1", function: "Horn" }] }],
    };
    for (let i = 0; i < 30; i++)
      await Promise.all(
        Array.from({ length: 10 }, (_, n) =>
          send("POST", "/imports", { ...small, job: { name: `Job ${i} ${n}` } }),
        ),
      );
    const lists = await Promise.all(Array.from({ length: 40 }, () => send("GET", "/jobs")));
    expect(new Set(lists.map(({ status }) => status))).toEqual(new Set([200]));
    type Page = {
      readonly jobs: readonly { id: string; pins: number; undecided: number; updatedAt: string }[];
      readonly next: string | null;
    };
    const all: Page["jobs"][number][] = [];
    for (let path: string | null = "/jobs?limit=7"; path !== null;) {
      const { jobs, next } = (await send("GET", path)).body as unknown as Page;
      all.push(...jobs);
      path = next === null ? null : `/jobs?limit=7&after=${next}`;
    }
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
    expect(all.length).toBe(302);
    expect(all.map(({ updatedAt }) => updatedAt)).toEqual(
      [...all.map(({ updatedAt }) => updatedAt)].sort().reverse(),
    );
    expect(all[0]).toMatchObject({ pins: 1, undecided: 1 });
    expect((await send("GET", "/jobs?limit=0")).status).toBe(422);
  });
});

describe("a database that cannot", () => {
  it.each([
    [new Error("timeout exceeded when trying to connect"), "busy"],
    [Object.assign(new Error("x"), { code: "53100" }), "disk-full"],
    [
      new Error("query failed", { cause: Object.assign(new Error("x"), { code: "57P01" }) }),
      "database-unreachable",
    ],
  ])("%s is 503 with Retry-After", async (error, code) => {
    let asked = 0;
    const db = { execute: () => Promise.reject(error) } as unknown as Database;
    const { url, close } = await listening(createApp({ ...QUIET, db, onUnreachable: () => asked++ }));
    const answer = await fetch(`${url}/api/v1/health`);
    expect([answer.status, answer.headers.get("retry-after"), asked]).toEqual([
      503,
      "2",
      code === "database-unreachable" ? 1 : 0,
    ]);
    expect(await answer.json()).toMatchObject({ code });
    close();
  });
});
