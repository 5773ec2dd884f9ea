import { Router, type Request } from "express";
import { SHELLS, TERMINAL_SYSTEMS } from "@trevin/core";
import { ownShellSchema, shelfIdSchema, terminalSystemSchema } from "@trevin/core/contract";
import type { Database } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import { readBody, readInput } from "../../http/read.ts";
import * as repo from "./repo.ts";

/** The shop's own shells and terminal systems; those that ship are in the program and cannot be changed. */
export function shelfRoutes(db: Database): Router {
  const router = Router();
  const shipped = new Set([...SHELLS.map(({ id }) => id), ...TERMINAL_SYSTEMS.map(({ id }) => id)]);
  const refuseShipped = (id: string): void => {
    if (shipped.has(id))
      throw new HttpProblem(
        409,
        "shipped-item",
        "This one ships with Trevin. Save yours under another name.",
      );
  };
  const idOf = (request: Request): string => {
    const id = readInput(shelfIdSchema, request.params["id"]);
    refuseShipped(id);
    return id;
  };
  router.get("/shelf", async (_request, response) => void response.json(await repo.readShelf(db)));
  router.put("/shelf/shells/:id", async (request, response) => {
    await repo.putItem(db, "shell", {
      ...readBody(ownShellSchema.omit({ id: true }), request),
      id: idOf(request),
    });
    response.json(await repo.readShelf(db));
  });
  router.put("/shelf/terminals/:id", async (request, response) => {
    await repo.putItem(db, "terminal", {
      ...readBody(terminalSystemSchema.omit({ id: true }), request),
      id: idOf(request),
    });
    response.json(await repo.readShelf(db));
  });
  for (const [path, kind] of [
    ["shells", "shell"],
    ["terminals", "terminal"],
  ] as const)
    router.delete(`/shelf/${path}/:id`, async (request, response) => {
      const id = String(request.params["id"]);
      refuseShipped(id);
      if (!(await repo.removeItem(db, kind, id)))
        throw new HttpProblem(404, "no-such-item", "That is not on the shop's own Shelf.");
      response.json(await repo.readShelf(db));
    });
  return router;
}
