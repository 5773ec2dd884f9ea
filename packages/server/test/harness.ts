import { randomUUID } from "node:crypto";
import { once } from "node:events";
import { createServer } from "node:http";
import { readFileSync } from "node:fs";
import { pino } from "pino";
import { afterAll, beforeAll, inject } from "vitest";
import {
  blankPoint,
  decisionId,
  indexPins,
  joinPointId,
  pinName,
  plainSupply,
  planHash,
  planWork,
  type Decision,
  type Dossier,
  type Plan,
  type JoinPoint,
  type PinId,
} from "@trevin/core";
import type { JobView } from "@trevin/core/contract";
import { databaseUrl, runAsOwner, TEMPLATE } from "./cluster.ts";
import { createApp } from "../src/app.ts";
import { newCompute, type Compute } from "../src/compute/compute.ts";
import { connect, type Connection } from "../src/db/connect.ts";

export interface Answer {
  readonly status: number;
  readonly body: Record<string, unknown> & Partial<JobView>;
  readonly headers: Headers;
}

/** Everything of an application but its database: silent, without pages, computing in its own thread. */
export const QUIET = {
  log: pino({ level: "silent" }),
  webRoot: null,
  compute: newCompute(null),
};

/** An application on a free port of its own. */
export async function listening(
  app: ReturnType<typeof createApp>,
): Promise<{ readonly url: string; readonly close: () => void }> {
  const server = createServer(app).listen(0, "127.0.0.1");
  // Server and test share a process: while it plans a large job, no connection may count as forgotten.
  server.keepAliveTimeout = 300_000;
  await once(server, "listening");
  const address = server.address();
  const port = typeof address === "object" && address !== null ? address.port : 0;
  return {
    url: `http://127.0.0.1:${port}`,
    close: () => {
      server.close();
      server.closeAllConnections();
    },
  };
}

/** The real application on a port of its own, over a real database of its own. */
export function useServer({ compute }: { readonly compute?: () => Promise<Compute> } = {}) {
  const name = `t_${randomUUID().replaceAll("-", "")}`;
  const urlOf = (role: "owner" | "app"): string => databaseUrl(inject(`${role}Url`), name);
  let base = "";
  let connection: Connection;
  let close: () => void;
  beforeAll(async () => {
    await runAsOwner(inject("ownerUrl"), `CREATE DATABASE ${name} TEMPLATE ${TEMPLATE}`);
    connection = connect(urlOf("app"));
    ({ url: base, close } = await listening(
      createApp({ ...QUIET, db: connection.db, compute: (await compute?.()) ?? QUIET.compute }),
    ));
  });
  afterAll(async () => {
    close();
    await connection.close();
  });
  const textOf = (body: unknown): string | null => {
    if (body === undefined) return null;
    return typeof body === "string" ? body : JSON.stringify(body);
  };
  const send = async (
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer> => {
    const response = await fetch(`${base}/api/v1${path}`, {
      method,
      headers: { ...(body === undefined ? {} : { "Content-Type": "application/json" }), ...headers },
      body: textOf(body),
    });
    const text = await response.text();
    return {
      status: response.status,
      body: (response.headers.get("content-type")?.includes("json")
        ? JSON.parse(text)
        : { text }) as Answer["body"],
      headers: response.headers,
    };
  };
  const at = (revision: number): Record<string, string> => ({ "If-Match": `"${revision}"` });
  return { send, at, urlOf, base: () => base, db: () => connection.db };
}

/** A demonstration job, as its file holds it. */
export const demo = (name: string): Record<string, unknown> =>
  JSON.parse(readFileSync(new URL(`../demo/${name}.trevin.json`, import.meta.url), "utf8")) as Record<
    string,
    unknown
  >;
export const DEMO = demo("levelling");

export function namer(dossier: Dossier): (name: string) => PinId {
  const ids = new Map([...indexPins(dossier).values()].map((placed) => [pinName(placed), placed.pin.id]));
  return (name) => ids.get(name)!;
}

/** The spare fuse that the demo's memory supply is taken from. */
export const F22: JoinPoint = {
  ...blankPoint(joinPointId("F22"), "F22", "supply"),
  supply: { ...plainSupply("battery"), fuse: { amps: 5, fitted: false } },
};
const common = { sure: "sure" as const, reason: "", answers: [] };
/** The decisions that the demo leaves open. */
export function restOfDemo(dossier: Dossier): readonly Decision[] {
  const at = namer(dossier);
  const join = (vehicle: string, incoming: string): Decision => ({
    kind: "join",
    vehicle: at(`B12.${vehicle}`),
    incoming: at(`AL-P.${incoming}`),
    method: "move",
    ...common,
  });
  return [
    join("4", "M"),
    join("5", "H"),
    join("9", "F"),
    join("10", "N"),
    join("11", "G"),
    join("14", "L"),
    { kind: "cap", pin: at("B12.3"), ...common },
    { kind: "feed", pin: at("AL-P.B"), feed: "battery", supply: F22.id, ...common },
  ];
}
export const decisionIds = (decisions: readonly Decision[]): readonly string[] => decisions.map(decisionId);

/** The demo, imported and decided to its end: its id, and the job. */
export async function readyDemo({ send, at }: Pick<ReturnType<typeof useServer>, "send" | "at">): Promise<{
  readonly id: string;
  readonly dossier: Dossier;
}> {
  const imported = (await send("POST", "/imports", DEMO)).body;
  const decided = (
    await send(
      "PATCH",
      `/jobs/${imported.id}/decisions`,
      { put: restOfDemo(imported.dossier!), points: [F22] },
      at(1),
    )
  ).body;
  return { id: decided.id!, dossier: decided.dossier! };
}

let events = 0;
const plans = new WeakMap<Dossier, Plan>();
/** A bench command as a device would send it. */
export function benchCommand(
  dossier: Dossier,
  index: number,
  more: Record<string, unknown> = {},
): Record<string, unknown> {
  const plan = plans.get(dossier) ?? planWork(dossier);
  plans.set(dossier, plan);
  return {
    kind: "done",
    step: plan.steps[index]?.id,
    plan: planHash(plan),
    event: `event-${process.pid}-${++events}`,
    person: "Ines",
    device: "test",
    deviceAt: "2026-01-01T10:00:00.000Z",
    lastSeen: -1,
    note: "",
    ...more,
  };
}
