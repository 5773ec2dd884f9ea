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
  503: "Database not reachable",
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

function sendProblem(response: Response, problem: HttpProblem): void {
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

/** Everything thrown below ends here once. */
export function problemHandler(log: Logger) {
  return (error: unknown, request: Request, response: Response, next: NextFunction): void => {
    if (response.headersSent) return next(error);
    const problem = asProblem(error);
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
const codeOf = (error: unknown): string => {
  if (error instanceof Error && "code" in error && typeof error.code === "string") return error.code;
  return error instanceof Error && error.cause !== undefined ? codeOf(error.cause) : "";
};

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
  if (
    /^(08|57P|ECONN|EPIPE)/.test(codeOf(error)) ||
    (error instanceof Error &&
      /timeout exceeded when trying to connect|Connection terminated/.test(error.message))
  ) {
    return new HttpProblem(
      503,
      "database-unreachable",
      "The database does not answer. Earlier changes are safe; this change was not stored.",
    );
  }
  return new HttpProblem(500, "internal", "Something went wrong on the server. This change was not stored.");
}
