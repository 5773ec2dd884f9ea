import { spawn, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import sharp from "sharp";
import { afterAll, describe, expect, it } from "vitest";
import { type Dossier } from "@trevin/core";
import { benchCommand, DEMO, F22, restOfDemo } from "./harness.ts";

import { api, cleanUp, demo, newFolder, ROOT, start, stop } from "./started.ts";

afterAll(cleanUp);

const TREVIN = join(ROOT, "packages/cli/bin/trevin.mjs");

describe("trevin backup and restore", () => {
  const trevin = (data: string, ...args: string[]) =>
    spawnSync(process.execPath, [TREVIN, ...args], {
      encoding: "utf8",
      env: { ...process.env, TREVIN_DATA: data },
    });

  it("bring everything back into an empty folder, and refuse a damaged file and a database in use", async () => {
    const data = newFolder();
    const first = await start(data);
    const job = await demo(first.base);
    await api(
      first.base,
      "PATCH",
      `/jobs/${job.id}/decisions`,
      { put: restOfDemo(job.dossier as Dossier), points: [F22] },
      { "If-Match": '"1"' },
    );
    const dossier = (await demo(first.base)).dossier as Dossier;
    for (let i = 0; i < 4; i++)
      await api(first.base, "POST", `/jobs/${job.id}/ledger`, benchCommand(dossier, i));
    const picture = await sharp({
      create: {
        width: 900,
        height: 600,
        channels: 3,
        noise: { type: "gaussian", mean: 120, sigma: 60 },
        background: "#000",
      },
    })
      .jpeg()
      .toBuffer();
    const photo = (await (
      await fetch(`${first.base}/jobs/${job.id}/photos?connector=B12`, {
        method: "POST",
        body: new Uint8Array(picture),
      })
    ).json()) as { id: string; sha256: string };
    await api(first.base, "PUT", "/shelf/shells/ours", {
      shell: { name: "Ours", view: "wire", pattern: { kind: "rows", rows: [{ places: 3 }] } },
    });
    const image = async (base: string): Promise<string> =>
      createHash("sha256")
        .update(
          Buffer.from(await (await fetch(`${base}/jobs/${job.id}/photos/${photo.id}/image`)).arrayBuffer()),
        )
        .digest("hex");
    const before = await api(first.base, "GET", `/jobs/${job.id}/file`);
    const folder = newFolder();
    mkdirSync(join(folder, "out"));
    const file = join(folder, "out/all.trevin-backup");
    expect(trevin(data, "backup", file)).toMatchObject({
      status: 0,
      stdout: expect.stringContaining("rows written"),
    });
    expect(trevin(data, "restore", file)).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("holds jobs already"),
    });
    await stop(first);

    const fresh = newFolder();
    expect(trevin(fresh, "restore", file)).toMatchObject({
      status: 0,
      stdout: expect.stringContaining("rows restored"),
    });
    const second = await start(fresh);
    expect((await api(second.base, "GET", `/jobs/${job.id}/file`)).body).toEqual(before.body);
    expect(await image(second.base)).toBe(photo.sha256);
    expect((await api(second.base, "GET", "/shelf")).body).toMatchObject({
      shells: [{ id: "ours", shell: { name: "Ours" } }],
    });
    expect((await api(second.base, "POST", `/jobs/${job.id}/ledger`, benchCommand(dossier, 4))).status).toBe(
      201,
    );
    await stop(second);

    const bytes = readFileSync(file);
    writeFileSync(file, bytes.subarray(0, bytes.length - 40));
    expect(trevin(newFolder(), "restore", file)).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("not a sound backup"),
    });
  });

  it("restore over demos that nobody has touched, and leave a server its database", async () => {
    const data = newFolder();
    const made = await start(data);
    await api(made.base, "POST", "/imports", DEMO);
    await stop(made);
    const file = join(newFolder(), "all.trevin-backup");
    // The database runs for the tool alone; a server that starts meanwhile keeps it.
    const [code, server] = await Promise.all([
      new Promise((resolve) =>
        spawn(process.execPath, [TREVIN, "backup", file], {
          env: { ...process.env, TREVIN_DATA: data },
        }).once("exit", resolve),
      ),
      start(data),
    ]);
    expect(server.output()).toContain("Trevin is ready");
    expect((await api(server.base, "GET", "/jobs")).status).toBe(200);
    expect([code, existsSync(file)]).toEqual([0, true]);
    await stop(server);

    const fresh = newFolder();
    await stop(await start(fresh));
    expect(trevin(fresh, "restore", file)).toMatchObject({ status: 0 });
    const again = await start(fresh);
    expect((await api(again.base, "GET", "/jobs")).body["jobs"]).toHaveLength(8);
    await stop(again);
    expect(trevin(fresh, "restore", file)).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("holds jobs already"),
    });
  });

  it("name a job that cannot be read, and offer the rest", async () => {
    const file = join(newFolder(), "part.trevin-backup");
    const [good, bad] = ["0b8f0c9e-2222-4000-8000-000000000001", "0b8f0c9e-2222-4000-8000-000000000002"];
    const job = (id: string, name: string) => ({
      table: "jobs",
      row: {
        id,
        revision: 1,
        name,
        kind: "cluster-swap",
        vehicle: "",
        incoming: "",
        nominal_volts: 12,
        method: "move",
        sources: [],
        words: [],
        brief: [],
        worklist: {},
        archived: false,
        ledger_length: 0,
        finished: false,
        demo: false,
        created_at: "2026-01-01T10:00:00+00:00",
        updated_at: "2026-01-01T10:00:00+00:00",
      },
    });
    const lines = [
      { format: "trevin-backup", version: 1, tables: { jobs: 2, decisions: 1 } },
      job(good, "Sound"),
      job(bad, "Unsound"),
      { table: "decisions", row: { job_id: bad, id: "x", body: { kind: "magic" } } },
    ];
    const body = lines.map((line) => `${JSON.stringify(line)}\n`).join("");
    writeFileSync(
      file,
      gzipSync(`${body}${JSON.stringify({ sha256: createHash("sha256").update(body).digest("hex") })}\n`),
    );
    const data = newFolder();
    const refused = trevin(data, "restore", file);
    expect(refused).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("  Unsound: kind: Invalid discriminator"),
    });
    expect(refused.stderr).toContain("Of the 2 jobs in");
    expect(refused.stderr).toContain(
      "To restore the other 1: npx trevin restore --leave-out-unreadable FILE",
    );
    expect(trevin(data, "restore", "--leave-out-unreadable", file)).toMatchObject({
      status: 0,
      stdout: `1 row restored from ${file}; left out: Unsound\n`,
    });
    const started = await start(data);
    expect((await api(started.base, "GET", "/jobs")).body).toMatchObject({ jobs: [{ name: "Sound" }] });
    await stop(started);
  });

  it("take a backup of the version before shells, and refuse one that was changed by hand", async () => {
    const folder = newFolder();
    const file = join(folder, "older.trevin-backup");
    const id = "0b8f0c9e-2222-4000-8000-000000000000";
    const stamp = "2026-01-01T10:00:00+00:00";
    const lines = [
      { format: "trevin-backup", version: 1, tables: { jobs: 1, connectors: 1 } },
      {
        table: "jobs",
        row: {
          id,
          revision: 1,
          name: "Older",
          kind: "cluster-swap",
          vehicle: "",
          incoming: "",
          nominal_volts: 12,
          method: "move",
          archived: false,
          ledger_length: 0,
          created_at: stamp,
          updated_at: stamp,
        },
      },
      {
        table: "connectors",
        row: {
          job_id: id,
          id: "c",
          name: "C",
          side: "vehicle",
          place: "",
          colour_system: "iec",
          leads: "loom",
          sealed: false,
          layout: { rows: [{ places: 2, offset: 0 }], view: "mating" },
        },
      },
    ]
      .map((line) => `${JSON.stringify(line)}\n`)
      .join("");
    const sealed = (body: string, of = body): Buffer =>
      gzipSync(`${body}${JSON.stringify({ sha256: createHash("sha256").update(of).digest("hex") })}\n`);
    writeFileSync(file, sealed(lines.replace("Older", "Changed"), lines));
    expect(trevin(newFolder(), "restore", file)).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("its digest differs"),
    });
    writeFileSync(file, sealed(lines));
    const data = newFolder();
    expect(trevin(data, "restore", file)).toMatchObject({
      status: 0,
      stdout: "2 rows restored from " + file + "\n",
    });
    const started = await start(data);
    expect((await api(started.base, "GET", `/jobs/${id}`)).body).toMatchObject({
      dossier: {
        head: { name: "Older" },
        connectors: [
          { keepOut: "", shell: { view: "mating", pattern: { kind: "rows", rows: [{ places: 2 }] } } },
        ],
      },
    });
    expect(await stop(started)).toBe(0);
    expect(trevin(newFolder(), "restore", join(folder, "nowhere"))).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("not a sound backup"),
    });
  });
});
