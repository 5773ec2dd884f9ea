import { FIRST_LINK, type Entry, type What } from "../ledger/index.ts";

/** What happened as entries of a ledger, numbered and unchained: the fold asks for no hashes. */
export const entriesOf = (whats: readonly What[]): readonly Entry[] =>
  whats.map((what, seq) => ({
    v: 1,
    seq,
    event: `event-${seq}`,
    at: "2026-01-02T03:04:05.000Z",
    deviceAt: "2026-01-02T03:04:05.000Z",
    person: "",
    device: "",
    plan: null,
    what,
    prev: FIRST_LINK,
  }));
