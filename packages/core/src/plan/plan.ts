import { initialState, type HarnessState } from "../harness/index.ts";
import { findHazards, type Hazard } from "../hazards/index.ts";
import {
  decisionId,
  indexPins,
  ranked,
  rankPins,
  type Decision,
  type DecisionId,
  type Dossier,
  stepId,
  type StepId,
} from "../model/index.ts";
import { blocksOf } from "./blocks.ts";
import { withEdits } from "./edits.ts";
import { rangeOf } from "./minutes.ts";
import { renewed } from "./stages.ts";
import type { Plan, Walk } from "./step.ts";
import { type Round, planRound, twinFinder, groupsOf } from "./planRound.ts";
import { sum, stateAfter } from "./afterSteps.ts";

export interface PlanOptions {
  /** The harness that the work begins with; the dossier's own when left out. */
  readonly start?: HarnessState;
  /** Steps done, in the order in which they were, with the decision of each. What is decided after the battery went on again is a new round of work. */
  readonly done?: readonly DoneStep[];
  /** Whether the work has begun; left out: whether any step is done. */
  readonly begun?: boolean;
  /** The hazards of the job, where they are known already. */
  readonly hazards?: readonly Hazard[];
}

export interface DoneStep {
  readonly step: StepId;
  readonly decision: DecisionId | null;
}

/**
 * The ordered worklist. Looks that need the power first; then battery off, plugs opened place by place, one decision after
 * another without interruption (a cavity emptied before it is filled, insulated before the next cut, supplies last), plugs
 * closed, and only then power, fuses and proof. A pure function of the dossier, of the state it begins with and of what was done.
 */
export function planWork(
  dossier: Dossier,
  {
    start = initialState(dossier),
    done = [],
    begun = done.length > 0,
    hazards = findHazards(dossier),
  }: PlanOptions = {},
): Plan {
  const rounds: Round[] = [];
  let state = start;
  const all = roundsOf(dossier, done);
  all.forEach(({ decisions, suffix }, i) => {
    // A part is changed once: later rounds find the new one.
    const pulled = new Set(
      rounds.flatMap(({ steps }) =>
        steps.flatMap(({ op }) => (op?.kind === "disconnect" ? [op.connector] : [])),
      ),
    );
    const fresh = new Set([...renewed(dossier, state)].filter((id) => !pulled.has(id)));
    const round = planRound(dossier, decisions, suffix, state, fresh, hazards);
    if (round === null) return;
    rounds.push(round);
    if (i < all.length - 1) state = stateAfter(state, round.steps);
  });
  const blocks = blocksOf(dossier, hazards, begun);
  if (rounds.length === 0)
    return {
      steps: [],
      groups: [],
      minutes: 0,
      range: [0, 0],
      transfers: 0,
      walk: { changes: 0, atLeast: 0, proven: true },
      blocks: [
        ...blocks,
        ...(blocks.some(({ code }) => code === "undecided") ? [] : [{ code: "nothing-to-do" } as const]),
      ],
    };
  const twinsOf = twinFinder(indexPins(dossier));
  const steps = withEdits(
    rounds.flatMap((round) => round.steps),
    dossier.worklist,
  ).map((step) => ({ ...step, twins: twinsOf(step) }));
  const heads = new Map(rounds.flatMap((round) => [...round.heads]));
  const walks = rounds.map(({ walk }) => walk);
  const walk: Walk = {
    changes: sum(walks.map(({ changes }) => changes)),
    atLeast: sum(walks.map(({ atLeast }) => atLeast)),
    proven: walks.every(({ proven }) => proven),
  };
  return {
    steps,
    groups: groupsOf(steps, heads),
    blocks,
    minutes: sum(steps.map(({ minutes }) => minutes)),
    range: rangeOf(steps),
    transfers: sum(rounds.map(({ transfers }) => transfers)),
    walk,
  };
}

/** All that a plan takes from the steps done: two lists with the same answer give the same plan. */
export const roundsDone = (dossier: Dossier, done: readonly DoneStep[]): readonly (readonly DecisionId[])[] =>
  roundsOf(dossier, done).map(({ decisions }) => decisions.map(decisionId));

/** The decisions by the round in which they are carried out: each time the battery is back on, what was not begun is left for the next. */
function roundsOf(
  dossier: Dossier,
  done: readonly DoneStep[],
): readonly { readonly decisions: readonly Decision[]; readonly suffix: string }[] {
  const ranks = rankPins(dossier);
  let left = dossier.decisions
    .filter(({ kind }) => kind !== "forbid")
    .sort(ranked((id) => ranks.get(id) ?? 0));
  const rounds: { decisions: readonly Decision[]; suffix: string }[] = [];
  for (let n = 1, from = 0; ; n++) {
    const suffix = n === 1 ? "" : `~${n}`;
    const closed = stepId(`close${suffix}/battery`);
    const end = done.findIndex(({ step }, i) => i >= from && step === closed);
    if (end < 0) return [...rounds, { decisions: left, suffix }];
    const begun = new Set(done.slice(0, end).map((one) => one.decision));
    const now = left.filter((decision) => begun.has(decisionId(decision)));
    rounds.push({ decisions: now, suffix });
    left = left.filter((decision) => !begun.has(decisionId(decision)));
    from = end + 1;
  }
}
