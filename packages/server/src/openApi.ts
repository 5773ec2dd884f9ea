import { z } from "zod";
import {
  benchAnswerSchema,
  benchCommandSchema,
  changePinsSchema,
  changeWiringSchema,
  decideSchema,
  jobFileSchema,
  jobsQuerySchema,
  jobsViewSchema,
  jobViewSchema,
  ledgerQuerySchema,
  ledgerViewSchema,
  newJobSchema,
  ownShellSchema,
  ownWordSchema,
  patchJobSchema,
  patchPhotoSchema,
  photoPlaceSchema,
  photoSchema,
  photosViewSchema,
  problemSchema,
  putConnectorSchema,
  putSourceSchema,
  setBriefSchema,
  setWordsSchema,
  setWorklistSchema,
  shelfViewSchema,
  standingSchema,
  tableFileSchema,
  terminalSystemSchema,
} from "@trevin/core/contract";

interface Operation {
  readonly method: "get" | "post" | "put" | "patch" | "delete";
  readonly path: string;
  readonly summary: string;
  readonly query?: z.ZodObject;
  readonly body?: z.ZodType;
  readonly answer?: z.ZodType;
  readonly status?: number;
  readonly type?: string;
  /** The dossier's revision goes in If-Match; a stale one that meets a record changed since gets 412. */
  readonly revision?: true;
}

const OPERATIONS: readonly Operation[] = [
  {
    method: "get",
    path: "/health",
    summary: "Server and database answer",
    answer: z.object({ status: z.literal("ok") }),
  },
  { method: "get", path: "/openapi.json", summary: "This document" },
  {
    method: "get",
    path: "/jobs",
    summary: "Jobs, latest first, a page at a time",
    query: jobsQuerySchema,
    answer: jobsViewSchema,
  },
  {
    method: "post",
    path: "/jobs",
    summary: "Create a job",
    body: newJobSchema,
    answer: jobViewSchema,
    status: 201,
  },
  { method: "get", path: "/jobs/{job}", summary: "One job; ETag is its revision", answer: jobViewSchema },
  {
    method: "get",
    path: "/jobs/{job}/standing",
    summary: "What a job waits for, its next step, and its latest photo",
    answer: standingSchema,
  },
  {
    method: "patch",
    path: "/jobs/{job}",
    summary: "Change details, archive or bring back",
    body: patchJobSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "put",
    path: "/jobs/{job}/connectors/{connector}",
    summary: "Add or change a connector",
    body: putConnectorSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "delete",
    path: "/jobs/{job}/connectors/{connector}",
    summary: "Remove a connector with its pins and decisions",
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "patch",
    path: "/jobs/{job}/connectors/{connector}/pins",
    summary: "Put and remove pins",
    body: changePinsSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "put",
    path: "/jobs/{job}/sources/{source}",
    summary: "Add or change a document that values come from",
    body: putSourceSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "delete",
    path: "/jobs/{job}/sources/{source}",
    summary: "Remove a source that no value leans on",
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "put",
    path: "/jobs/{job}/brief",
    summary: "What must work in the end, and which equipment is kept",
    body: setBriefSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "put",
    path: "/jobs/{job}/worklist",
    summary: "Parts in the way, own steps, order, evenings, and what of the kit is there",
    body: setWorklistSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "put",
    path: "/jobs/{job}/words",
    summary: "The user's own words for functions",
    body: setWordsSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "patch",
    path: "/jobs/{job}/wiring",
    summary: "Put and remove wires behind the connectors, and the points where they meet",
    body: changeWiringSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "get",
    path: "/jobs/{job}/photos",
    summary: "Photos of a job, oldest first",
    answer: photosViewSchema,
  },
  {
    method: "post",
    path: "/jobs/{job}/photos",
    summary: "Store a photo (the raw body); it is encoded anew without metadata",
    query: photoPlaceSchema,
    answer: photoSchema,
    status: 201,
  },
  {
    method: "get",
    path: "/jobs/{job}/photos/{photo}/image",
    summary: "The picture; size=small for a small one",
    type: "image/jpeg",
  },
  {
    method: "patch",
    path: "/jobs/{job}/photos/{photo}",
    summary: "Caption a photo, say where it belongs, remove it or put it back",
    body: patchPhotoSchema,
    answer: photoSchema,
  },
  {
    method: "get",
    path: "/shelf",
    summary: "The shop's own shells, terminal systems and words",
    answer: shelfViewSchema,
  },
  {
    method: "put",
    path: "/shelf/shells/{id}",
    summary: "Add or change a shell of the shop",
    body: ownShellSchema.omit({ id: true }),
    answer: shelfViewSchema,
  },
  {
    method: "delete",
    path: "/shelf/shells/{id}",
    summary: "Take a shell of the shop off the Shelf",
    answer: shelfViewSchema,
  },
  {
    method: "put",
    path: "/shelf/terminals/{id}",
    summary: "Add or change a terminal system of the shop",
    body: terminalSystemSchema.omit({ id: true }),
    answer: shelfViewSchema,
  },
  {
    method: "delete",
    path: "/shelf/terminals/{id}",
    summary: "Take a terminal system of the shop off the Shelf",
    answer: shelfViewSchema,
  },
  {
    method: "put",
    path: "/shelf/words/{id}",
    summary: "Teach what a label means; the label is the id",
    body: ownWordSchema.omit({ text: true }),
    answer: shelfViewSchema,
  },
  {
    method: "delete",
    path: "/shelf/words/{id}",
    summary: "Forget what a label means",
    answer: shelfViewSchema,
  },
  {
    method: "post",
    path: "/tables",
    summary: "Read a table file (XLSX, CSV or text, as the raw body) for a preview; nothing is stored",
    answer: tableFileSchema,
  },
  {
    method: "patch",
    path: "/jobs/{job}/decisions",
    summary: "Make and take back decisions",
    body: decideSchema,
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "post",
    path: "/jobs/{job}/undo",
    summary: "Take back the last edit",
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "post",
    path: "/jobs/{job}/redo",
    summary: "Put back what undo took",
    answer: jobViewSchema,
    revision: true,
  },
  {
    method: "get",
    path: "/jobs/{job}/ledger",
    summary: "The ledger, whole or after a sequence",
    query: ledgerQuerySchema,
    answer: ledgerViewSchema,
  },
  {
    method: "post",
    path: "/jobs/{job}/ledger",
    summary: "Record what happened at the bench; idempotent by event",
    body: benchCommandSchema,
    answer: benchAnswerSchema,
    status: 201,
  },
  { method: "get", path: "/jobs/{job}/file", summary: "The job file", answer: jobFileSchema },
  {
    method: "get",
    path: "/jobs/{job}/as-built.csv",
    summary: "Pin tables as they are now",
    type: "text/csv",
  },
  { method: "get", path: "/jobs/{job}/ledger.csv", summary: "The ledger as a table", type: "text/csv" },
  {
    method: "post",
    path: "/imports",
    summary: "Import a job file as a new job",
    body: jobFileSchema,
    answer: jobViewSchema,
    status: 201,
  },
];

const schemaOf = (schema: z.ZodType): unknown =>
  z.toJSONSchema(schema, { target: "draft-2020-12", io: "input" });

/** The OpenAPI 3.1 document, made from the same schemas that check the requests. */
export function openApiDocument(): unknown {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const operation of OPERATIONS) {
    const parameters = [...operation.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
      name,
      in: "path",
      required: true,
      schema: { type: "string" },
    }));
    const query = Object.entries(operation.query?.shape ?? {}).map(([name, schema]) => ({
      name,
      in: "query",
      required: false,
      schema: schemaOf(schema as z.ZodType),
    }));
    const revision = operation.revision
      ? [{ name: "If-Match", in: "header", required: true, schema: { type: "string", pattern: '^"\\d+"$' } }]
      : [];
    (paths[operation.path] ??= {})[operation.method] = {
      summary: operation.summary,
      parameters: [...parameters, ...query, ...revision],
      ...(operation.body === undefined
        ? {}
        : {
            requestBody: {
              required: true,
              content: { "application/json": { schema: schemaOf(operation.body) } },
            },
          }),
      responses: {
        [operation.status ?? 200]: { description: "Done", ...contentOf(operation) },
        default: {
          description: "Problem details (RFC 9457)",
          content: { "application/problem+json": { schema: { $ref: "#/components/schemas/Problem" } } },
        },
      },
    };
  }
  return {
    openapi: "3.1.0",
    info: { title: "Trevin", version: "1" },
    servers: [{ url: "/api/v1" }],
    paths,
    components: { schemas: { Problem: schemaOf(problemSchema) } },
  };
}

function contentOf({ answer, type }: Operation): object {
  if (type !== undefined) return { content: { [type]: { schema: { type: "string" } } } };
  return { content: { "application/json": { schema: answer === undefined ? {} : schemaOf(answer) } } };
}
