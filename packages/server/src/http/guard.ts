import type { NextFunction, Request, Response } from "express";
import { HttpProblem } from "./problem.ts";

/**
 * A loopback server can be reached by a page that rebinds its own name to 127.0.0.1: only known Host values are
 * answered, and a write from a page must come from this origin.
 */
export function hostGuard(allowed: readonly string[]) {
  const names = new Set(allowed);
  return (request: Request, _response: Response, next: NextFunction): void => {
    const hosts = request.rawHeaders.filter((name, i) => i % 2 === 0 && name.toLowerCase() === "host");
    if (hosts.length > 1)
      return next(new HttpProblem(400, "two-hosts", "The request names its host more than once."));
    const host = (request.headers.host ?? "").replace(/:\d+$/, "");
    if (!names.has(host)) return next(new HttpProblem(421, "wrong-host", "This address is not served here."));
    const { origin } = request.headers;
    const safe = request.method === "GET" || request.method === "HEAD";
    if (!safe && origin !== undefined && origin !== `http://${request.headers.host}`)
      return next(new HttpProblem(403, "wrong-origin", "Changes are taken from Trevin's own pages only."));
    if (!safe && request.headers["sec-fetch-site"] === "cross-site")
      return next(new HttpProblem(403, "wrong-origin", "Changes are taken from Trevin's own pages only."));
    next();
  };
}
