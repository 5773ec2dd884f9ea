import { bench, type BenchView, type Entry, type PlanMemo } from "../ledger/index.ts";
import { suggest, type Crosswalk, type MatchMemo } from "../proposals/index.ts";
import { colourForColour, findHazards, type ColourJoin, type Hazard } from "../hazards/index.ts";
import type { Dossier } from "../model/index.ts";

/** Everything that is computed from a job: the same for the screens, the server and the command line. */
export interface Analysis {
  readonly crosswalk: Crosswalk;
  /** Those of what is decided, and of what is suggested. */
  readonly hazards: readonly Hazard[];
  readonly verdict: readonly ColourJoin[];
  readonly bench: BenchView;
  /** False where the matching was left out: there are no suggestions then, and everything that is decided. */
  readonly matched: boolean;
}

/** How far a matching is, in steps of its own. */
export interface Progress {
  readonly done: number;
  readonly total: number;
}

export interface AnalyseOptions {
  /** False leaves the suggestions out. */
  readonly match?: boolean;
  readonly onProgress?: ((progress: Progress) => unknown) | undefined;
  /** What was matched last; it changes how long it takes and nothing else. */
  readonly memo?: MatchMemo | undefined;
  /** What was planned last; the same holds of it. */
  readonly plans?: PlanMemo | undefined;
}

const NO_SUGGESTIONS: Crosswalk = { pairs: [], groups: [], jumpers: [], alone: [] };

/** The job in force (what the ledger holds over what was believed), its plan, what is suggested for the rest, and the hazards of both, each found once. */
export function analyse(
  dossier: Dossier,
  entries: readonly Entry[],
  { match = true, onProgress, memo, plans }: AnalyseOptions = {},
): Analysis {
  const view = bench(dossier, entries, plans);
  const crosswalk = match
    ? suggest(view.dossier, {
        memo,
        ...(onProgress === undefined ? {} : { onProgress: (done, total) => onProgress({ done, total }) }),
      })
    : NO_SUGGESTIONS;
  const isDecided = Object.values(crosswalk).every(({ length }) => length === 0);
  return {
    crosswalk,
    // With nothing suggested they are those that the plan was made with.
    hazards: isDecided ? view.hazards : findHazards(view.dossier, crosswalk),
    verdict: colourForColour(view.dossier),
    bench: view,
    matched: match,
  };
}
