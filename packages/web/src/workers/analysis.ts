import {
  bench,
  colourForColour,
  findHazards,
  suggest,
  type BenchView,
  type ColourJoin,
  type Crosswalk,
  type Dossier,
  type Entry,
  type Hazard,
  type MatchMemo,
} from "@trevin/core";

/** Everything that is computed from a job, as plain data that a worker can hand over. */
export interface Analysis {
  readonly crosswalk: Crosswalk;
  readonly hazards: readonly Hazard[];
  readonly verdict: readonly ColourJoin[];
  readonly bench: BenchView;
  /** False where the matching was stopped: there are no suggestions then, and everything that is decided. */
  readonly matched: boolean;
}

export interface Progress {
  readonly done: number;
  readonly total: number;
}

const NO_SUGGESTIONS: Crosswalk = { pairs: [], groups: [], jumpers: [], alone: [] };

/** `match` false leaves the suggestions out. The memo changes how long it takes and nothing else. */
export function analyse(
  dossier: Dossier,
  entries: readonly Entry[],
  match = true,
  onProgress?: (progress: Progress) => unknown,
  memo?: MatchMemo,
): Analysis {
  const view = bench(dossier, entries);
  const crosswalk = match
    ? suggest(view.dossier, {
        memo,
        ...(onProgress === undefined ? {} : { onProgress: (done, total) => onProgress({ done, total }) }),
      })
    : NO_SUGGESTIONS;
  return {
    crosswalk,
    hazards: findHazards(view.dossier, crosswalk),
    verdict: colourForColour(view.dossier),
    bench: view,
    matched: match,
  };
}
