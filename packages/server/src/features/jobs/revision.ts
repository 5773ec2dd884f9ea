import type { Diff } from "@trevin/core";

/** One edit of a job as it is kept: what was done in words, and the records that it changed. */
export interface Revision {
  readonly revision: number;
  readonly role: "edit" | "undo" | "redo";
  readonly of: number | null;
  readonly words: string;
  readonly diff: Diff;
}

/** Rows that go to the database in one statement. */
const CHUNK = 500;
export function chunks<T>(items: readonly T[]): readonly T[][] {
  return Array.from({ length: Math.ceil(items.length / CHUNK) }, (_, index) =>
    items.slice(index * CHUNK, (index + 1) * CHUNK),
  );
}
