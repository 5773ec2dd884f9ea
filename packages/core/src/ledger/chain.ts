import { fail, ok, type Result } from "../util/index.ts";
import { canonicalJson, hashText } from "./canonical.ts";
import type { Entry, StoredEntry } from "./entry.ts";

export const FIRST_LINK = "0".repeat(64);

/** The bytes to keep for an entry and their hash. */
export function seal(entry: Entry): StoredEntry {
  const bytes = canonicalJson(entry);
  return { bytes, hash: hashText(bytes) };
}

export type ChainProblem =
  | { readonly code: "hash-differs"; readonly seq: number }
  | { readonly code: "link-broken"; readonly seq: number }
  | { readonly code: "sequence-gap"; readonly seq: number }
  | { readonly code: "entry-unreadable"; readonly seq: number }
  | { readonly code: "event-repeated"; readonly seq: number };

/**
 * Checks that every entry's bytes still have their hash, that each names the hash before it, that none is missing from the
 * first on and that no event is recorded twice. `read` turns the parsed bytes into an entry, or null when they are not one.
 */
export function verifyChain(
  stored: readonly StoredEntry[],
  read: (value: unknown) => Entry | null,
): Result<readonly Entry[], ChainProblem> {
  const entries: Entry[] = [];
  const events = new Set<string>();
  let prev = FIRST_LINK;
  for (const [seq, { bytes, hash }] of stored.entries()) {
    if (hashText(bytes) !== hash) return fail({ code: "hash-differs", seq });
    const entry = read(parsed(bytes));
    if (entry === null) return fail({ code: "entry-unreadable", seq });
    if (entry.seq !== seq) return fail({ code: "sequence-gap", seq });
    if (entry.prev !== prev) return fail({ code: "link-broken", seq });
    if (events.has(entry.event)) return fail({ code: "event-repeated", seq });
    events.add(entry.event);
    entries.push(entry);
    prev = hash;
  }
  return ok(entries);
}

function parsed(bytes: string): unknown {
  try {
    return JSON.parse(bytes);
  } catch {
    return undefined;
  }
}
