import { setTimeout as pause } from "node:timers/promises";
import { afterAll, expect, it } from "vitest";
import { verifyChain, type StoredEntry } from "@trevin/core";
import { readEntry } from "@trevin/core/contract";
import { DEMO } from "./harness.ts";
import { api, cleanUp, newFolder, postmaster, start, stop, type Started } from "./started.ts";

/** `npm run soak` does more of them. */
const ROUNDS = Number(process.env["SOAK_ROUNDS"] ?? 8);
const WRITERS = 3;
/** Longest that the database may stay away, ms: against hanging. */
const AWAY_MS = 60_000;

afterAll(cleanUp);

const acknowledgedBy = (known: readonly Known[]): number =>
  known.reduce((sum, writer) => sum + writer.acknowledged.length, 0);

/** What a writer knows of its writes. */
interface Known {
  readonly job: string;
  readonly sent: string[];
  readonly acknowledged: string[];
  /** Statuses of answers that were no success. */
  readonly refusals: Set<number>;
}

it(
  `loses and doubles nothing that was acknowledged while server and database are killed ${ROUNDS} times`,
  async () => {
    const data = newFolder();
    let server = await start(data);
    const known: Known[] = [];
    for (let i = 0; i < WRITERS; i++) {
      const { id } = (await api(server.base, "POST", "/imports", DEMO)).body as { id: string };
      known.push({ job: id, sent: [], acknowledged: [], refusals: new Set() });
    }
    const note = async ({ base }: Started, writer: Known, event: string): Promise<boolean> => {
      const command = {
        kind: "note",
        step: null,
        text: event,
        event,
        person: "Ines",
        device: "soak",
        deviceAt: "2026-01-02T03:04:05.000Z",
        lastSeen: -1,
      };
      const status = await api(base, "POST", `/jobs/${writer.job}/ledger`, command).then(
        (answer) => answer.status,
        () => 0,
      );
      if (status === 201) writer.acknowledged.push(event);
      else if (status !== 0) writer.refusals.add(status);
      return status === 201;
    };

    for (let round = 0; round < ROUNDS; round++) {
      const kind = (["database", "server", "both"] as const)[round % 3] ?? "both";
      let writing = true;
      const writers = known.map(async (writer, n) => {
        for (let i = 0; writing; i++) {
          const event = `event-${round}-${n}-${i}`;
          writer.sent.push(event);
          // What was not acknowledged is sent once more, as a device does after a broken connection.
          if (!(await note(server, writer, event))) {
            await pause(20);
            await note(server, writer, event);
          }
        }
      });
      // In each round something gets through first, however slow the machine is, and the kill falls among more of it.
      const before = acknowledgedBy(known);
      for (const until = Date.now() + AWAY_MS; acknowledgedBy(known) === before && Date.now() < until;)
        await pause(5);
      await pause((round * 37) % 160);
      if (kind !== "server") process.kill(postmaster(data), "SIGKILL");
      if (kind !== "database") server.child.kill("SIGKILL");
      await pause(60);
      writing = false;
      await Promise.all(writers);
      if (kind !== "database") {
        await server.exited;
        server = await start(data);
        expect(server.output()).toContain("Trevin is ready");
      }
      // The same server has its database again by itself.
      for (const until = Date.now() + AWAY_MS; ; await pause(100)) {
        const { status } = await api(server.base, "GET", "/health");
        if (status === 200) break;
        expect([status, Date.now() < until]).toEqual([503, true]);
      }
      for (const { job, sent, acknowledged } of known) {
        const { entries } = (await api(server.base, "GET", `/jobs/${job}/ledger`)).body as unknown as {
          entries: StoredEntry[];
        };
        const chain = verifyChain(entries, readEntry);
        expect(chain.ok).toBe(true);
        const events = chain.ok ? chain.value.slice(1).map(({ event }) => event) : [];
        expect(new Set(events).size).toBe(events.length);
        expect(acknowledged.filter((event) => !events.includes(event))).toEqual([]);
        expect(events.filter((event) => !sent.includes(event))).toEqual([]);
      }
    }
    for (const { refusals } of known) expect([...refusals].filter((status) => status !== 503)).toEqual([]);
    const acknowledged = acknowledgedBy(known);
    expect(acknowledged).toBeGreaterThanOrEqual(ROUNDS);
    expect(await stop(server)).toBe(0);
    process.stdout.write(
      `soak: ${ROUNDS} kills, ${acknowledged} acknowledged writes, none lost, none doubled\n`,
    );
  },
  ROUNDS * 30_000,
);
