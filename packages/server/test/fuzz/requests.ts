import { SHELLS, TERMINAL_SYSTEMS } from "@trevin/core";
import type { JobView } from "@trevin/core/contract";
import type { Random } from "./random.ts";
import { spoilt, valueOf, type Schema } from "./values.ts";

export interface HostileRequest {
  readonly method: string;
  readonly path: string;
  readonly headers: readonly (readonly [string, string])[];
  readonly body: Buffer | null;
}

interface Parameter {
  readonly name: string;
  readonly in: "path" | "query" | "header";
  readonly schema: Schema;
}
export interface Operation {
  readonly parameters?: readonly Parameter[];
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema: Schema }>> };
}
export type Paths = Readonly<Record<string, Readonly<Record<string, Operation>>>>;

/** Sound things to start from, and the state of the server that the next request meets. */
export interface World {
  readonly jobs: Map<string, JobView>;
  readonly photo: Buffer;
  readonly workbook: Buffer;
  readonly file: object;
}

const ODD_PARTS = [
  "%ff",
  "%00",
  "%ed%a0%80",
  "..",
  "%2e%2e%2f",
  "x".repeat(3000),
  "%f0%9f%94%a7",
  "__proto__",
  "%",
  "%20",
];

/** One request of an operation: sound, or spoilt in its body, its path, its query or its headers. */
export function requestOf(
  path: string,
  method: string,
  operation: Operation,
  world: World,
  random: Random,
): HostileRequest {
  const job = random.pick([...world.jobs.values()]);
  const parts: Record<string, string> = {
    job: job.id,
    connector: random.pick(job.dossier.connectors)?.id ?? "c",
    source: random.pick(["manual", "s1"]),
    photo: "0b8f0c9e-2222-4000-8000-000000000000",
    id: random.pick(["ours", "x".repeat(80 + random.int(3)), SHELLS[0]?.id ?? "x"]),
  };
  const asked = path.replace(/\{(\w+)\}/g, (_, name: string) =>
    random.chance(0.08) ? random.pick(ODD_PARTS) : encodeURIComponent(parts[name] ?? "x"),
  );
  const headers: [string, string][] = [];
  const { body, type } = bodyOf(path, method, operation, job, world, random);
  if (body !== null) headers.push(["Content-Type", type], ["Content-Length", String(body.length)]);
  if (operation.parameters?.some((one) => one.in === "header") === true && random.chance(0.95))
    headers.push([
      "If-Match",
      random.chance(0.85) ? `"${job.revision}"` : random.pick(["*", '"0"', '"9999999999"', "\x7f"]),
    ]);
  if (random.chance(0.03)) headers.push(["Content-Encoding", random.pick(["gzip", "deflate", "br", "zip"])]);
  if (random.chance(0.02)) headers.push(["Transfer-Encoding", "identity"]);
  return {
    method: method.toUpperCase(),
    path: `/api/v1${asked}${queryOf(operation, random)}`,
    headers,
    body,
  };
}

function queryOf({ parameters = [] }: Operation, random: Random): string {
  const said = parameters
    .filter((one) => one.in === "query" && random.chance(0.5))
    .map(({ name, schema }) => {
      const odd = ["1e300", "-2", "%00", "%ff", "x".repeat(2000), "[]", "9".repeat(30), "%ed%a0%80", ""];
      const value = random.chance(0.5)
        ? encodeURIComponent(String(valueOf(schema, random)))
        : random.pick(odd);
      return `${name}=${value}${random.chance(0.1) ? `&${name}=again` : ""}`;
    });
  return said.length === 0 ? "" : `?${said.join("&")}`;
}

interface Body {
  readonly body: Buffer | null;
  readonly type: string;
}

function bodyOf(
  path: string,
  method: string,
  operation: Operation,
  job: JobView,
  world: World,
  random: Random,
): Body {
  const schema = operation.requestBody?.content["application/json"]?.schema;
  if (schema === undefined) {
    if (method !== "post") return { body: null, type: "" };
    return {
      body: cut(random.pick([world.photo, world.workbook, Buffer.from("1;GN;Horn\n")]), random),
      type: "application/octet-stream",
    };
  }
  if (random.chance(0.03)) return { body: Buffer.from(`${"[".repeat(400_000)}`), type: "application/json" };
  if (random.chance(0.03))
    return { body: Buffer.from(`${"[".repeat(20_000)}${"]".repeat(20_000)}`), type: "application/json" };
  const sound = random.chance(0.6) ? soundBody(path, job, world, random) : undefined;
  const value = sound ?? valueOf(schema, random);
  const sent = random.chance(0.25) ? value : spoilt(value, random);
  const text = Buffer.from(JSON.stringify(sent) ?? "null");
  return { body: random.chance(0.04) ? cut(text, random) : text, type: "application/json" };
}

/** Some of the bytes, or one of them changed. */
function cut(bytes: Buffer, random: Random): Buffer {
  const how = random.int(3);
  if (how === 0) return bytes;
  if (how === 1) return bytes.subarray(0, random.int(bytes.length));
  const copy = Buffer.from(bytes);
  copy[random.int(copy.length)] = random.int(256);
  return copy;
}

/** What the real client would send for the state that the job is in. */
function soundBody(path: string, { dossier }: JobView, world: World, random: Random): unknown {
  const connector = random.pick(dossier.connectors);
  const all = dossier.connectors.flatMap(({ pins }) => pins);
  const pin = random.pick(all);
  const device = {
    event: `event-${random.int(10 ** 9)}`.padEnd(random.pick([8, 20, 36, 68, 80]), "x"),
    person: "Ines",
    device: "bench",
    deviceAt: "2026-01-02T03:04:05.000Z",
    lastSeen: -1,
  };
  switch (path.replace(/\{\w+\}/g, "*")) {
    case "/imports":
      return world.file;
    case "/jobs/*":
      return { head: dossier.head, archived: random.chance(0.5) };
    case "/jobs/*/connectors/*": {
      if (connector === undefined) return undefined;
      const { id: _id, pins: _pins, ...head } = connector;
      return head;
    }
    case "/jobs/*/connectors/*/pins":
      return { put: connector?.pins.slice(0, 3) ?? [], remove: [] };
    case "/jobs/*/brief":
      return {
        brief: [
          ...dossier.brief,
          {
            id: `b${random.int(1000)}`,
            kind: "function",
            text: `Item ${random.int(1000)}`,
            kept: true,
            pins: pin === undefined ? [] : [pin.id],
          },
        ],
      };
    case "/jobs/*/worklist":
      return { worklist: dossier.worklist };
    case "/jobs/*/words":
      return { words: [{ text: "snubber", term: null, signal: "lin" }] };
    case "/jobs/*/decisions": {
      const jumper = {
        kind: "jumper",
        pins: all.slice(0, 40).map(({ id }) => id),
        sure: "sure",
        reason: "",
        answers: [],
      };
      return { put: [...dossier.decisions.slice(0, 2), ...(random.chance(0.3) ? [jumper] : [])], remove: [] };
    }
    case "/jobs/*/ledger":
      return pin === undefined
        ? undefined
        : random.pick<object>([
            { kind: "found", ...device, pin: pin.id, facts: { colour: "GN" }, note: "" },
            { kind: "note", ...device, step: null, text: "a note" },
            { kind: "retracted", ...device, seq: 1 + random.int(3), reason: "a slip" },
          ]);
    case "/shelf/shells/*":
      return { shell: random.pick(SHELLS).shell, note: "" };
    case "/shelf/terminals/*": {
      const { id: _id, ...terminal } = random.pick(TERMINAL_SYSTEMS);
      return terminal;
    }
    default:
      return undefined;
  }
}
