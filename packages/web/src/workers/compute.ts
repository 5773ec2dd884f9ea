import { expose } from "comlink";
import {
  analyse,
  proofOf,
  provedOtherwise,
  stateAfter,
  waysOfWire,
  type Analysis,
  type Dossier,
  type Entry,
  type MatchMemo,
  type Progress,
} from "@trevin/core";
import { lookAlikesOf, needsOf, tableOf } from "./onDemand.ts";

/** What was matched last: after a decision only what hangs together with it is matched again. */
const memo: MatchMemo = new Map();
/** Progress is told at most so often, in ms. */
const PACE = 80;

function analyseHere(
  dossier: Dossier,
  entries: readonly Entry[],
  match: boolean,
  onProgress: (progress: Progress) => unknown,
): Analysis {
  let told = performance.now();
  return analyse(dossier, entries, {
    match,
    memo,
    onProgress: (progress) => {
      if (performance.now() - told < PACE) return;
      told = performance.now();
      void onProgress(progress);
    },
  });
}

const worker = {
  analyse: analyseHere,
  lookAlikes: lookAlikesOf,
  needs: needsOf,
  ways: waysOfWire,
  readTable: tableOf,
  prove: (
    dossier: Dossier,
    state: Parameters<typeof stateAfter>[0],
    steps: Parameters<typeof stateAfter>[1],
  ) => proofOf(dossier, stateAfter(state, steps)),
  otherwise: provedOtherwise,
};
export type ComputeWorker = typeof worker;
expose(worker);
