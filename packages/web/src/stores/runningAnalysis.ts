import { ref, shallowRef } from "vue";
import type { Analysis, Dossier, Entry, Plan, Progress } from "@trevin/core";
import { startAnalysis } from "../workers/client.ts";

/** What the worker makes of the job: computed anew after each change, one computation at a time. */
export function runningAnalysis(dossier: () => Dossier | null, entries: () => readonly Entry[]) {
  const analysis = shallowRef<Analysis | null>(null);
  /** The plan as it was before the last change of it. */
  const planBefore = shallowRef<Plan | null>(null);
  let computing: Promise<void> | null = null;
  let stale = false;
  let stopMatching: () => void = () => undefined;
  /** How far a matching is that takes a while; null while nothing is being computed, or hardly anything. */
  const progress = shallowRef<Progress | null>(null);
  /** Whether suggestions are wanted: not after a matching was stopped, till it is asked for again. */
  const matching = ref(true);
  /** Computes anew; while the worker is busy, changes gather and only the last state is computed. */
  function recompute(): Promise<void> {
    stale = true;
    computing ??= (async () => {
      try {
        for (let now = dossier(); stale && now !== null; now = dossier()) {
          stale = false;
          const running = startAnalysis(now, entries(), matching.value, (far) => {
            progress.value = far;
          });
          stopMatching = running.stop;
          const result = await running.result;
          progress.value = null;
          if (result === null) stale = true;
          else if (!stale) {
            const before = analysis.value?.bench.plan;
            if (before !== undefined && analysis.value?.bench.planHash !== result.bench.planHash)
              planBefore.value = before;
            analysis.value = result;
          }
        }
      } finally {
        computing = null;
      }
    })();
    return computing;
  }
  /** Ends a matching that takes too long: what is decided stays, suggestions are left out. */
  function stopMatch(): void {
    matching.value = false;
    stopMatching();
  }
  const matchAgain = (): Promise<void> => {
    matching.value = true;
    return recompute();
  };

  return { analysis, planBefore, progress, matching, recompute, stopMatch, matchAgain };
}
