import { bench, colourForColour, findHazards, suggest, type BenchView, type ColourJoin, type Crosswalk, type Dossier, type Entry, type Hazard } from "@trevin/core";

/** Everything that is computed from a job, as plain data that a worker can hand over. */
export interface Analysis {
  readonly crosswalk: Crosswalk;
  readonly hazards: readonly Hazard[];
  readonly verdict: readonly ColourJoin[];
  readonly bench: BenchView;
}

export function analyse(dossier: Dossier, entries: readonly Entry[]): Analysis {
  const view = bench(dossier, entries);
  const crosswalk = suggest(view.dossier);
  return { crosswalk, hazards: findHazards(view.dossier, crosswalk.pairs), verdict: colourForColour(view.dossier), bench: view };
}
