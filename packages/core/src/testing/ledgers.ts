import type { Dossier } from "../model/index.ts";
import { planWork } from "../plan/index.ts";
import { FIRST_LINK, seal } from "../ledger/chain.ts";
import type { Entry, StoredEntry, What } from "../ledger/entry.ts";

export function written(whats: readonly What[]): {
  readonly entries: readonly Entry[];
  readonly stored: readonly StoredEntry[];
} {
  const entries: Entry[] = [];
  const stored: StoredEntry[] = [];
  whats.forEach((what, seq) => {
    const entry: Entry = {
      v: 1,
      seq,
      event: `event-${seq}`,
      at: "2026-01-02T03:04:05.000Z",
      deviceAt: "2026-01-02T03:04:05.000Z",
      person: "Ines",
      device: "bench",
      plan: null,
      what,
      prev: stored.at(-1)?.hash ?? FIRST_LINK,
    };
    entries.push(entry);
    stored.push(seal(entry));
  });
  return { entries, stored };
}
export const baseline = (dossier: Dossier): What => ({
  kind: "baseline",
  head: dossier.head,
  connectors: dossier.connectors,
  begins: "plugged",
});
/** The baseline and the first `count` steps of the plan as done. */
export function worked(dossier: Dossier, count: number): readonly What[] {
  return [
    baseline(dossier),
    ...planWork(dossier)
      .steps.slice(0, count)
      .map((step): What => ({ kind: "done", step: step.id, decision: step.decision, op: step.op, note: "" })),
  ];
}
