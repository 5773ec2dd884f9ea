import { raw, Router } from "express";
import { tableFileProblemWords } from "@trevin/core";
import { HttpProblem } from "../../http/problem.ts";
import { readTableFile, TABLE_FILE_LIMIT } from "./readFile.ts";

/** Reads a table file for the preview; nothing is stored. */
export function tableRoutes(): Router {
  const router = Router();
  router.post("/tables", raw({ type: () => true, limit: TABLE_FILE_LIMIT }), async (request, response) => {
    const read = await readTableFile(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));
    if (!read.ok)
      throw new HttpProblem(
        read.error.code === "reader-busy" ? 503 : 422,
        read.error.code,
        tableFileProblemWords(read.error),
      );
    response.json(read.value);
  });
  return router;
}
