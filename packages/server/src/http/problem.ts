import type { NextFunction, Request, Response } from "express";
import type { Logger } from "pino";
import type { Problem } from "@trevin/core/contract";

const TITLES: Readonly<Record<number, string>> = {
  400: "Bad request",
  403: "Forbidden",
  404: "Not found",
  409: "Conflict",
  412: "Changed elsewhere",
  413: "Too large",
  415: "Unsupported media type",
  421: "Wrong host",
  422: "Cannot be processed",
  428: "Revision needed",
  500: "Internal error",
  503: "Not available",
};

/** A failure that the caller can do something about; becomes an RFC 9457 answer. */
export class HttpProblem extends Error {
  override readonly name = "HttpProblem";
  constructor(
    readonly status: number,
    readonly code: string,
    readonly detail: string,
    readonly more: Partial<Pick<Problem, "revision" | "changes" | "issues">> = {},
  ) {
    super(detail);
  }
}

/** Seconds after which trying again makes sense. */
const RETRY_AFTER = 2;

function sendProblem(response: Response, problem: HttpProblem): void {
  if (problem.status === 503) response.setHeader("Retry-After", RETRY_AFTER);
  const body: Problem = {
    type: "about:blank",
    title: TITLES[problem.status] ?? "Error",
    status: problem.status,
    code: problem.code,
    detail: problem.detail,
    ...problem.more,
  };
  response.status(problem.status).type("application/problem+json").send(JSON.stringify(body));
}

/** Everything thrown below ends here once. `onUnreachable` hears of a database that does not answer. */
export function problemHandler(log: Logger, onUnreachable: () => void) {
  return (error: unknown, request: Request, response: Response, next: NextFunction): void => {
    if (response.headersSent) return next(error);
    const problem = asProblem(error);
    if (problem.code === "database-unreachable") onUnreachable();
    if (problem.status >= 500)
      log.error({ err: error, request: request.id, path: request.path }, "request failed");
    sendProblem(response, problem);
  };
}

interface BodyError {
  readonly type: string;
  readonly message: string;
  readonly limit?: number;
}
const isBodyError = (error: unknown): error is BodyError =>
  error instanceof Error && "type" in error && typeof error.type === "string";
/** An error and what caused it, outermost first. */
const causes = (error: unknown): readonly Error[] =>
  error instanceof Error ? [error, ...causes(error.cause)] : [];
const codeOf = (error: Error): string =>
  "code" in error && typeof error.code === "string" ? error.code : "";
/** The status of an error that a library below names the caller's fault. */
const statusOf = (error: unknown): number =>
  error instanceof Error && "status" in error && typeof error.status === "number" ? error.status : 500;

function asProblem(error: unknown): HttpProblem {
  if (error instanceof HttpProblem) return error;
  if (isBodyError(error)) {
    if (error.type === "entity.too.large")
      return new HttpProblem(
        413,
        "too-large",
        `The request is larger than the limit of ${Math.round((error.limit ?? 0) / 1e6)} MB. Nothing was stored.`,
      );
    if (error.type === "entity.parse.failed")
      return new HttpProblem(400, "not-json", `The body is not complete JSON: ${error.message}`);
    if (error.type === "request.aborted")
      return new HttpProblem(400, "aborted", "The request was interrupted. Nothing was stored.");
    if (error.type.startsWith("encoding") || error.type.startsWith("charset"))
      return new HttpProblem(415, "encoding", error.message);
  }
  return ofDatabase(causes(error)) ?? ofRequest(error);
}

function ofRequest(error: unknown): HttpProblem {
  const status = statusOf(error);
  if (status >= 400 && status < 500 && error instanceof Error)
    return new HttpProblem(status, "bad-request", `The request cannot be read: ${error.message}`);
  if (causes(error).some((one) => /^Z_/.test(codeOf(one))))
    return new HttpProblem(400, "encoding", "The body is not in its Content-Encoding. Nothing was stored.");
  return new HttpProblem(500, "internal", "Something went wrong on the server. This change was not stored.");
}

/** How pg says that a connection broke. */
const LOST = /Connection terminated|not queryable|Cannot use a pool after calling end/;

/** What the database, or the way to it, says. Codes: appendix A of PostgreSQL's manual. */
function ofDatabase(errors: readonly Error[]): HttpProblem | null {
  const is = (code: RegExp): boolean => errors.some((error) => code.test(codeOf(error)));
  const says = (words: RegExp): boolean => errors.some(({ message }) => words.test(message));
  if (is(/^(53100|ENOSPC)$/))
    return new HttpProblem(
      503,
      "disk-full",
      "The disk is full. This change was not stored; nothing is damaged, and it goes on when there is room.",
    );
  if (says(/timeout exceeded when trying to connect/))
    return new HttpProblem(
      503,
      "busy",
      "The server is busy. This change was not stored; try again in a moment.",
    );
  if (is(/^(08|57P|ECONN|EPIPE)/) || says(LOST))
    return new HttpProblem(
      503,
      "database-unreachable",
      "The database does not answer. What was saved before is safe; whether this change was stored shows when it answers again.",
    );
  return null;
}
