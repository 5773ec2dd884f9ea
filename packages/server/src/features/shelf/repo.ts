import { and, asc, eq, sql } from "drizzle-orm";
import {
  ownShellSchema,
  ownWordSchema,
  terminalSystemSchema,
  type OwnShell,
  type ShelfView,
} from "@trevin/core/contract";
import type { OwnWord, TerminalSystem } from "@trevin/core";
import type { Queryable } from "../../db/connect.ts";
import { shelfItems } from "../../db/schema.ts";

export type ShelfKind = "shell" | "terminal" | "word";

export async function readShelf(db: Queryable): Promise<ShelfView> {
  const rows = await db.select().from(shelfItems).orderBy(asc(shelfItems.kind), asc(shelfItems.id));
  const of = (kind: ShelfKind): readonly unknown[] =>
    rows.filter((row) => row.kind === kind).map((row) => row.body);
  return {
    shells: ownShellSchema.array().parse(of("shell")),
    terminals: terminalSystemSchema.array().parse(of("terminal")),
    words: ownWordSchema.array().parse(of("word")),
  };
}

export async function shopWords(db: Queryable): Promise<readonly OwnWord[]> {
  const rows = await db.select({ body: shelfItems.body }).from(shelfItems).where(eq(shelfItems.kind, "word"));
  return rows.map(({ body }) => ownWordSchema.parse(body));
}

export async function putItem(
  db: Queryable,
  kind: ShelfKind,
  id: string,
  body: OwnShell | TerminalSystem | OwnWord,
): Promise<void> {
  await db
    .insert(shelfItems)
    .values({ kind, id, body })
    .onConflictDoUpdate({
      target: [shelfItems.kind, shelfItems.id],
      set: { body: sql`excluded.body`, updatedAt: new Date() },
    });
}

export async function removeItem(db: Queryable, kind: ShelfKind, id: string): Promise<boolean> {
  return (
    (
      await db
        .delete(shelfItems)
        .where(and(eq(shelfItems.kind, kind), eq(shelfItems.id, id)))
        .returning({ id: shelfItems.id })
    ).length > 0
  );
}
