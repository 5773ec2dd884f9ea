import type { z } from "zod";
import {
  benchAnswerSchema,
  jobsViewSchema,
  jobViewSchema,
  ledgerViewSchema,
  photoSchema,
  photosViewSchema,
  problemSchema,
  shelfViewSchema,
  standingSchema,
  tableFileSchema,
  type BenchAnswer,
  type BenchCommandInput,
  type JobsView,
  type JobSummary,
  type JobView,
  type OwnShell,
  type PatchPhoto,
  type Photo,
  type Problem,
  type ShelfView,
  type StandingView,
} from "@trevin/core/contract";
import type {
  BriefItem,
  Command,
  ConnectorHead,
  ConnectorId,
  Decision,
  JoinPoint,
  DecisionId,
  JobHead,
  OwnWord,
  Pin,
  PinId,
  Source,
  SourceId,
  StoredEntry,
  TableFile,
  TerminalSystem,
  WorklistEdits,
} from "@trevin/core";

/** An answer that is not a success, with the server's own account of it. */
export class ApiProblem extends Error {
  override readonly name = "ApiProblem";
  constructor(readonly problem: Problem) {
    super(problem.detail ?? problem.title);
  }
}

const UNREACHABLE: Problem = {
  type: "about:blank",
  title: "No answer",
  status: 0,
  code: "unreachable",
  detail:
    "Trevin's server does not answer. What was saved before is safe; this change is kept here and not stored yet.",
};

/** Longest body that outlives its page, in characters: all that are under way may have 64 KiB together (Fetch standard). */
const CARRIED = 16_000;

async function send(
  method: string,
  path: string,
  options: {
    readonly body?: unknown;
    readonly text?: string;
    readonly file?: Blob;
    readonly revision?: number;
  } = {},
): Promise<Response> {
  const headers: Record<string, string> = {};
  if (options.body !== undefined || options.text !== undefined) headers["Content-Type"] = "application/json";
  if (options.revision !== undefined) headers["If-Match"] = `"${options.revision}"`;
  const body =
    options.file ?? options.text ?? (options.body === undefined ? null : JSON.stringify(options.body));
  // An edit that is under way when the page is left still arrives; browsers carry no more than this with them.
  const keepalive = method !== "GET" && typeof body === "string" && body.length < CARRIED;
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, { method, headers, body, keepalive });
  } catch {
    throw new ApiProblem(UNREACHABLE);
  }
  if (response.ok) return response;
  const problem = problemSchema.safeParse(await response.json().catch(() => null));
  throw new ApiProblem(
    problem.success
      ? problem.data
      : {
          type: "about:blank",
          title: "Error",
          status: response.status,
          code: "unknown",
          detail: `The server answered ${response.status}.`,
        },
  );
}

async function read<T extends z.ZodType>(schema: T, response: Promise<Response>): Promise<z.output<T>> {
  return schema.parse(await (await response).json());
}

const at = (job: string, rest = ""): string => `/jobs/${encodeURIComponent(job)}${rest}`;

export const api = {
  /** Whether the server is there and has its database. */
  isThere: (): Promise<boolean> =>
    send("GET", "/health").then(
      () => true,
      () => false,
    ),
  /** All jobs, latest first; one that is changed between two pages is listed once. */
  jobs: async (): Promise<JobSummary[]> => {
    const byId = new Map<string, JobSummary>();
    for (let after: string | null = ""; after !== null;) {
      const path: string = after === "" ? "/jobs" : `/jobs?after=${after}`;
      const page: JobsView = await read(jobsViewSchema, send("GET", path));
      for (const job of page.jobs) byId.set(job.id, job);
      after = page.next;
    }
    return [...byId.values()];
  },
  standing: (id: string): Promise<StandingView> => read(standingSchema, send("GET", `${at(id)}/standing`)),
  create: (head: JobHead): Promise<JobView> => read(jobViewSchema, send("POST", "/jobs", { body: head })),
  importFile: (text: string): Promise<JobView> => read(jobViewSchema, send("POST", "/imports", { text })),
  job: (id: string): Promise<JobView> => read(jobViewSchema, send("GET", at(id))),
  ledger: async (id: string): Promise<readonly StoredEntry[]> =>
    (await read(ledgerViewSchema, send("GET", at(id, "/ledger")))).entries,
  patch: (id: string, revision: number, body: { head?: JobHead; archived?: boolean }): Promise<JobView> =>
    read(jobViewSchema, send("PATCH", at(id), { body, revision })),
  putConnector: (id: string, revision: number, { id: connector, ...body }: ConnectorHead): Promise<JobView> =>
    read(
      jobViewSchema,
      send("PUT", at(id, `/connectors/${encodeURIComponent(connector)}`), { body, revision }),
    ),
  removeConnector: (id: string, revision: number, connector: ConnectorId): Promise<JobView> =>
    read(jobViewSchema, send("DELETE", at(id, `/connectors/${encodeURIComponent(connector)}`), { revision })),
  changePins: (
    id: string,
    revision: number,
    connector: ConnectorId,
    body: { put: readonly Pin[]; remove: readonly PinId[] },
  ): Promise<JobView> =>
    read(
      jobViewSchema,
      send("PATCH", at(id, `/connectors/${encodeURIComponent(connector)}/pins`), { body, revision }),
    ),
  putSource: (id: string, revision: number, { id: source, ...body }: Source): Promise<JobView> =>
    read(jobViewSchema, send("PUT", at(id, `/sources/${encodeURIComponent(source)}`), { body, revision })),
  removeSource: (id: string, revision: number, source: SourceId): Promise<JobView> =>
    read(jobViewSchema, send("DELETE", at(id, `/sources/${encodeURIComponent(source)}`), { revision })),
  changeWiring: (
    id: string,
    revision: number,
    body: Omit<Extract<Command, { kind: "change-wiring" }>, "kind">,
  ): Promise<JobView> => read(jobViewSchema, send("PATCH", at(id, "/wiring"), { body, revision })),
  photos: async (id: string): Promise<readonly Photo[]> =>
    (await read(photosViewSchema, send("GET", at(id, "/photos")))).photos,
  addPhoto: (
    id: string,
    file: Blob,
    place: { readonly connector?: ConnectorId; readonly pin?: PinId },
  ): Promise<Photo> =>
    read(
      photoSchema,
      send("POST", at(id, `/photos?${new URLSearchParams(place as Record<string, string>).toString()}`), {
        file,
      }),
    ),
  changePhoto: (id: string, photo: string, body: PatchPhoto): Promise<Photo> =>
    read(photoSchema, send("PATCH", at(id, `/photos/${photo}`), { body })),
  shelf: (): Promise<ShelfView> => read(shelfViewSchema, send("GET", "/shelf")),
  putShell: ({ id, ...body }: OwnShell): Promise<ShelfView> =>
    read(shelfViewSchema, send("PUT", `/shelf/shells/${encodeURIComponent(id)}`, { body })),
  putTerminal: ({ id, ...body }: TerminalSystem): Promise<ShelfView> =>
    read(shelfViewSchema, send("PUT", `/shelf/terminals/${encodeURIComponent(id)}`, { body })),
  removeShelfItem: (kind: "shells" | "terminals" | "words", id: string): Promise<ShelfView> =>
    read(shelfViewSchema, send("DELETE", `/shelf/${kind}/${encodeURIComponent(id)}`)),
  setWords: (id: string, revision: number, words: readonly OwnWord[]): Promise<JobView> =>
    read(jobViewSchema, send("PUT", at(id, "/words"), { body: { words }, revision })),
  setWorklist: (id: string, revision: number, worklist: WorklistEdits): Promise<JobView> =>
    read(jobViewSchema, send("PUT", at(id, "/worklist"), { body: { worklist }, revision })),
  setBrief: (id: string, revision: number, brief: readonly BriefItem[]): Promise<JobView> =>
    read(jobViewSchema, send("PUT", at(id, "/brief"), { body: { brief }, revision })),
  putWord: ({ text, ...body }: OwnWord): Promise<ShelfView> =>
    read(shelfViewSchema, send("PUT", `/shelf/words/${encodeURIComponent(text)}`, { body })),
  /** What a table file holds; nothing is stored. */
  readTable: (file: Blob): Promise<TableFile> => read(tableFileSchema, send("POST", "/tables", { file })),
  decide: (
    id: string,
    revision: number,
    body: { put: readonly Decision[]; remove: readonly DecisionId[]; points?: readonly JoinPoint[] },
  ): Promise<JobView> => read(jobViewSchema, send("PATCH", at(id, "/decisions"), { body, revision })),
  undo: (id: string, revision: number): Promise<JobView> =>
    read(jobViewSchema, send("POST", at(id, "/undo"), { revision })),
  redo: (id: string, revision: number): Promise<JobView> =>
    read(jobViewSchema, send("POST", at(id, "/redo"), { revision })),
  record: (id: string, command: BenchCommandInput): Promise<BenchAnswer> =>
    read(benchAnswerSchema, send("POST", at(id, "/ledger"), { body: command })),
};

export const downloadPath = (job: string, what: "file" | "as-built.csv" | "ledger.csv"): string =>
  `/api/v1${at(job, `/${what}`)}`;

export const photoPath = (job: string, photo: string, size: "small" | "full" = "full"): string =>
  `/api/v1${at(job, `/photos/${photo}/image`)}${size === "small" ? "?size=small" : ""}`;
