import { expose } from "comlink";
import {
  analyse,
  proofOf,
  readMeaning,
  curesOf,
  provedOtherwise,
  stateAfter,
  waysOfWire,
  type Analysis,
  type Dossier,
  type Entry,
  type MatchMemo,
  type PlanMemo,
  type Progress,
  type Proof,
} from "@trevin/core";
import { lookAlikesOf, needsOf, tableOf } from "./onDemand.ts";

/** What was matched last: after a decision only what hangs together with it is matched again. */
const memo: MatchMemo = new Map();
/** What was planned last: ticking a step changes none of it. */
const plans: PlanMemo = new Map();
/** Progress is told at most so often, in ms. */
const PACE = 80;

function analyseHere(
  dossier: Dossier,
  entries: readonly Entry[],
  match: boolean,
  onProgress: (progress: Progress) => unknown,
): Analysis {
  return analyse(dossier, entries, { match, memo, plans, onProgress: paced(onProgress) });
}

/** Passes progress on as often as somebody can see it. */
function paced(tell: (progress: Progress) => unknown): (progress: Progress) => void {
  let told = performance.now();
  return (progress) => {
    if (performance.now() - told < PACE) return;
    told = performance.now();
    void tell(progress);
  };
}

function prove(
  dossier: Dossier,
  state: Parameters<typeof stateAfter>[0],
  steps: Parameters<typeof stateAfter>[1],
  onProgress: (progress: Progress) => unknown,
): Proof {
  const tell = paced(onProgress);
  return proofOf(dossier, stateAfter(state, steps), (done, total) => tell({ done, total }));
}

/** Reads one label, so that the lexicon is there when a job's are to be read. */
const warmUp = (): void => void readMeaning("+12 V");

const worker = {
  warmUp,
  analyse: analyseHere,
  lookAlikes: lookAlikesOf,
  needs: needsOf,
  ways: waysOfWire,
  readTable: tableOf,
  prove,
  otherwise: provedOtherwise,
  cures: curesOf,
};
export type ComputeWorker = typeof worker;
expose(worker);
