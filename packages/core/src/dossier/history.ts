/** One revision of the dossier: an edit, or an undo or redo of an earlier revision. */
export type Change =
  | { readonly revision: number; readonly role: "edit" }
  | { readonly revision: number; readonly role: "undo" | "redo"; readonly of: number };

/**
 * Which edits can be undone and redone next, from the whole history: edits form a stack, an undo pops it, a redo puts
 * back what was popped, a new edit forgets what could be redone.
 */
export function undoState(history: readonly Change[]): {
  readonly undo: number | null;
  readonly redo: number | null;
} {
  const done: number[] = [];
  let undone: number[] = [];
  for (const change of history) {
    if (change.role === "edit") {
      done.push(change.revision);
      undone = [];
    } else if (change.role === "undo") {
      done.pop();
      undone.push(change.of);
    } else {
      undone.pop();
      done.push(change.of);
    }
  }
  return { undo: done.at(-1) ?? null, redo: undone.at(-1) ?? null };
}
