import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { drizzle } from "drizzle-orm/node-postgres";
import { migrate } from "drizzle-orm/node-postgres/migrator";
import { Client } from "pg";
import { describe, expect, inject, it } from "vitest";
import { patched, reversed, suppliesOf } from "@trevin/core";
import { connect } from "../src/db/connect.ts";
import { prepareDatabase } from "../src/db/migrate.ts";
import { diffsSince, findJob, historyOf, revisionOf, wordsSince } from "../src/features/jobs/repo.ts";
import { passwordOf } from "../src/launch/cluster.ts";
import { databaseUrl, runAsOwner } from "./cluster.ts";

const MIGRATIONS = fileURLToPath(new URL("../migrations", import.meta.url));
const JOB = "0b8f0c9e-1111-4000-8000-000000000000";

/** The migrations of an older version, in a folder of their own. */
function migrationsUpTo(count: number): string {
  const folder = mkdtempSync(join(tmpdir(), "trevin-migrations-"));
  cpSync(MIGRATIONS, folder, { recursive: true });
  const journal = join(folder, "meta/_journal.json");
  const { entries, ...rest } = JSON.parse(readFileSync(journal, "utf8")) as { entries: object[] };
  writeFileSync(journal, JSON.stringify({ ...rest, entries: entries.slice(0, count) }));
  return folder;
}

const common = { sure: "sure", reason: "", answers: [] };

describe("a database of the version before shells", () => {
  it("keeps its rows as shells and its feeds as supplies; edits from then stand", async () => {
    await runAsOwner(inject("ownerUrl"), "CREATE DATABASE older");
    const url = databaseUrl(inject("ownerUrl"), "older");
    const folder = migrationsUpTo(3);
    const client = new Client({ connectionString: url });
    await client.connect();
    try {
      await migrate(drizzle(client), { migrationsFolder: folder });
      await client.query(
        "INSERT INTO jobs (id, revision, name, kind, vehicle, incoming, nominal_volts, method) VALUES ($1, 2, 'Old', 'cluster-swap', '', '', 12, 'move')",
        [JOB],
      );
      const layout = {
        rows: [
          { places: 6, offset: 0 },
          { places: 8, offset: 1 },
        ],
        view: "mating",
      };
      for (const [id, value] of [
        ["a", JSON.stringify(layout)],
        ["b", null],
        ["c", "null"],
      ] as const) {
        await client.query(
          "INSERT INTO connectors (job_id, id, name, side, place, colour_system, leads, sealed, layout) VALUES ($1, $2, $2, 'vehicle', '', 'iec', 'loom', false, $3::jsonb)",
          [JOB, id, value],
        );
      }
      const inverse = {
        kind: "put-connector",
        connector: {
          id: "a",
          name: "a",
          side: "vehicle",
          place: "",
          colourSystem: "iec",
          leads: "loom",
          sealed: false,
          layout,
        },
      };
      const feed = { kind: "feed", pin: "a.1", feed: "battery", from: "F22, 5 A", ...common };
      const relay = {
        ...{ kind: "merge", vehicle: ["a.2", "a.3"], incoming: "b.1", ...common },
        device: {
          kind: "relay",
          coil: "vehicle",
          legs: [{ terminal: "30", to: { kind: "feed", feed: "battery", from: "spare fuse F22 5A" } }],
        },
      };
      for (const [id, body] of Object.entries({ "feed:a.1": feed, "merge:a.2": relay }))
        await client.query("INSERT INTO decisions (job_id, id, body) VALUES ($1, $2, $3)", [
          JOB,
          id,
          JSON.stringify(body),
        ]);
      await client.query(
        "INSERT INTO dossier_changes (job_id, revision, role, words, command, inverse) VALUES ($1, 1, 'edit', 'fed', $2::jsonb, $3::jsonb)",
        [
          JOB,
          JSON.stringify({ kind: "decide", put: [], remove: ["feed:a.1"] }),
          JSON.stringify({ kind: "decide", put: [feed], remove: [] }),
        ],
      );
      await client.query(
        "INSERT INTO dossier_changes (job_id, revision, role, words, command, inverse) VALUES ($1, 2, 'edit', 'connector a changed', $2::jsonb, $2::jsonb)",
        [JOB, JSON.stringify(inverse)],
      );
    } finally {
      await client.end();
      rmSync(folder, { recursive: true });
    }
    await prepareDatabase(url, { role: "trevin_app", password: passwordOf(inject("appUrl")) });
    const connection = connect(url);
    try {
      const job = await findJob(connection.db, JOB);
      const shells = job?.dossier.connectors.map(({ shell }) => shell);
      expect(shells?.[0]).toMatchObject({
        view: "mating",
        mark: "lock",
        pattern: {
          kind: "rows",
          rows: [
            { places: 6, offset: 0 },
            { places: 8, offset: 1 },
          ],
          numbering: { scheme: "listed" },
        },
      });
      expect(shells?.slice(1)).toEqual([null, null]);
      // Edits from before records were kept stand: there is nothing to undo, and none to go through for a conflict.
      expect(await historyOf(connection.db, JOB)).toEqual([]);
      expect(await revisionOf(connection.db, JOB, 2)).toBeNull();
      expect(await diffsSince(connection.db, JOB, 0)).toBeNull();
      expect(await wordsSince(connection.db, JOB, 0)).toEqual(["fed", "connector a changed"]);
      // Each text that a feed was taken from is a supply now, once for its two spellings.
      expect(job?.dossier.points).toMatchObject([
        { name: "F22", kind: "supply", supply: { feed: "battery", fuse: { amps: 5, fitted: false } } },
      ]);
      const [fuse] = job!.dossier.points;
      expect(job?.dossier.decisions.flatMap(suppliesOf)).toEqual([fuse!.id, fuse!.id]);
    } finally {
      await connection.close();
    }
  });
});

describe("a database of the version in which every pin had a class", () => {
  it("gives up the classes that only repeat the words, in its pins and in its edits, so that undo still fits", async () => {
    await runAsOwner(inject("ownerUrl"), "CREATE DATABASE classed");
    const url = databaseUrl(inject("ownerUrl"), "classed");
    const folder = migrationsUpTo(14);
    const client = new Client({ connectionString: url });
    await client.connect();
    const pins = [
      ["a.1", "Horn", "switched-ground"],
      ["a.2", "Horn", "lin"],
      ["a.3", "zzyx", "unknown"],
      ["a.4", "Snubber", "pwm"],
    ] as const;
    const record = (id: string, name: string, signal: string) => ({
      connector: "a",
      pin: {
        id,
        cavity: id.slice(2),
        order: 0,
        content: "occupied",
        function: name,
        colour: "",
        size: null,
        signal,
        note: "",
      },
    });
    try {
      await migrate(drizzle(client), { migrationsFolder: folder });
      await client.query(
        "INSERT INTO jobs (id, revision, name, kind, vehicle, incoming, nominal_volts, method, words) VALUES ($1, 1, 'Classed', 'cluster-swap', '', '', 12, 'move', $2::jsonb)",
        [JOB, JSON.stringify([{ text: "snubber", term: null, signal: "pwm" }])],
      );
      await client.query(
        "INSERT INTO connectors (job_id, id, name, side, place, colour_system, leads, sealed) VALUES ($1, 'a', 'a', 'vehicle', '', 'iec', 'loom', false)",
        [JOB],
      );
      for (const [id, name, signal] of pins)
        await client.query(
          "INSERT INTO pins (job_id, id, connector_id, cavity, position, content, function, colour, signal, note) VALUES ($1, $2, 'a', $3, 0, 'occupied', $4, '', $5, '')",
          [JOB, id, id.slice(2), name, signal],
        );
      const diff = pins.map(([id, name, signal]) => ({
        of: "pin",
        key: id,
        before: null,
        after: record(id, name, signal),
      }));
      await client.query(
        "INSERT INTO dossier_changes (job_id, revision, role, words, diff) VALUES ($1, 1, 'edit', 'pins typed', $2::jsonb)",
        [JOB, JSON.stringify(diff)],
      );
    } finally {
      await client.end();
      rmSync(folder, { recursive: true });
    }
    const login = { role: "trevin_app", password: passwordOf(inject("appUrl")) };
    await prepareDatabase(url, login);
    // A second start brings nothing twice.
    await prepareDatabase(url, login);
    const connection = connect(url);
    try {
      const job = await findJob(connection.db, JOB);
      expect(job?.dossier.connectors[0]?.pins.map(({ id, signal }) => [id, signal])).toEqual([
        ["a.1", null],
        ["a.2", "lin"],
        ["a.3", null],
        ["a.4", null],
      ]);
      const edit = await revisionOf(connection.db, JOB, 1);
      const undone = patched(job!.dossier, reversed(edit!.diff));
      expect(undone.ok && undone.value.connectors[0]?.pins).toEqual([]);
    } finally {
      await connection.close();
    }
  });
});
