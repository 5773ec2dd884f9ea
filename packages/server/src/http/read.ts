import type { Request } from "express";
import type { z } from "zod";
import { issuesOf, jobIdSchema } from "@trevin/core/contract";
import { HttpProblem } from "./problem.ts";

/** The body by its schema, or 422 with where and why. */
export function readBody<T extends z.ZodType>(schema: T, request: Request): z.output<T> {
  if (request.body === undefined)
    throw new HttpProblem(415, "json-wanted", "Send JSON with content type application/json.");
  return readInput(schema, request.body);
}

/** Anything that came with a request by its schema, or 422 with where and why. */
export function readInput<T extends z.ZodType>(schema: T, input: unknown): z.output<T> {
  const read = schema.safeParse(input);
  if (read.success) return read.data;
  throw invalid("invalid", "", read.error);
}

/** Nothing is stored that the schema which will read it refuses. */
export function refuseUnreadable(schema: z.ZodType, value: unknown): void {
  const read = schema.safeParse(value);
  if (!read.success)
    throw invalid("not-storable", "This could not be read again, so it was not stored: ", read.error);
}

function invalid(code: string, words: string, error: z.ZodError): HttpProblem {
  const issues = issuesOf(error);
  const where = issues.map((issue) => `${issue.path || "body"}: ${issue.message}`).join("; ");
  return new HttpProblem(422, code, `${words}${where}`, { issues: [...issues] });
}

export function jobIdOf(request: Request): string {
  const read = jobIdSchema.safeParse(request.params["job"]);
  if (!read.success) throw new HttpProblem(404, "no-such-job", "There is no such job.");
  return read.data;
}

/** The revision that a change was made on, from If-Match. */
export function expectedRevision(request: Request): number {
  const header = request.headers["if-match"];
  const match = header === undefined ? null : /^"(\d{1,9})"$/.exec(header);
  if (match === null)
    throw new HttpProblem(
      428,
      "revision-needed",
      'Send If-Match with the revision that the change was made on, for example If-Match: "12".',
    );
  return Number(match[1]);
}

export const etagOf = (revision: number): string => `"${revision}"`;
