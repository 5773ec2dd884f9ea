import { Router, type Request } from "express";
import { SHELLS, TERMINAL_SYSTEMS } from "@trevin/core";
import { ownShellSchema, ownWordSchema, shelfIdSchema, terminalSystemSchema } from "@trevin/core/contract";
import type { Database } from "../../db/connect.ts";
import { HttpProblem } from "../../http/problem.ts";
import { readBody, readInput } from "../../http/read.ts";
import * as repo from "./repo.ts";

/** One label in capitals and in small letters is one. */
const wordKey = (text: string): string => text.trim().toLowerCase();

/** The shop's own shells, terminal systems and words; those that ship are in the program and cannot be changed. */
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
    const id = idOf(request);
    await repo.putItem(db, "shell", id, { ...readBody(ownShellSchema.omit({ id: true }), request), id });
    response.json(await repo.readShelf(db));
  });
  router.put("/shelf/terminals/:id", async (request, response) => {
    const id = idOf(request);
    const terminal = readBody(terminalSystemSchema.omit({ id: true }), request);
    await repo.putItem(db, "terminal", id, { ...terminal, id });
    response.json(await repo.readShelf(db));
  });
  router.put("/shelf/words/:id", async (request, response) => {
    const rest = readBody(ownWordSchema.omit({ text: true }), request);
    const word = readInput(ownWordSchema, { ...rest, text: request.params["id"] });
    await repo.putItem(db, "word", wordKey(word.text), word);
    response.json(await repo.readShelf(db));
  });
  for (const [path, kind] of [
    ["shells", "shell"],
    ["terminals", "terminal"],
    ["words", "word"],
  ] as const)
    router.delete(`/shelf/${path}/:id`, async (request, response) => {
      const asked = String(request.params["id"]);
      const id = kind === "word" ? wordKey(asked) : asked;
      refuseShipped(id);
      if (!(await repo.removeItem(db, kind, id)))
        throw new HttpProblem(404, "no-such-item", "That is not on the shop's own Shelf.");
      response.json(await repo.readShelf(db));
    });
  return router;
}
