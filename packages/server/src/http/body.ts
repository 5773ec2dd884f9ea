import express, { type NextFunction, type Request, type RequestHandler, type Response } from "express";
import { contentProblem } from "@trevin/core/contract";
import { HttpProblem } from "./problem.ts";

/** A JSON body of at most `limit` bytes, nested sanely, with text that can be stored as it is; otherwise 4xx with where and why. */
export const jsonBody = (limit: number): RequestHandler[] => [express.json({ limit }), soundContent];

function soundContent(request: Request, _response: Response, next: NextFunction): void {
  const problem = contentProblem(request.body);
  if (problem === null) return next();
  next(
    new HttpProblem(422, "invalid", `${problem.path || "body"}: ${problem.message}`, { issues: [problem] }),
  );
}
