import type { Entry, StoredEntry } from "@trevin/core";
import { readEntry } from "@trevin/core/contract";

/** Stored bytes as entries; what is in the database was checked when it went in. */
export function entriesOf(stored: readonly StoredEntry[]): readonly Entry[] {
  return stored.map(({ bytes }, seq) => {
    const entry = readEntry(JSON.parse(bytes));
    if (entry === null) throw new Error(`ledger entry ${seq} is unreadable`);
    return entry;
  });
}
