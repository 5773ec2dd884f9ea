import { defineStore } from "pinia";
import { ref, shallowRef, watch } from "vue";
import { stepsLeft, type BenchView, type Key, type Progress, type Proof, type Step } from "@trevin/core";
import { startProof } from "../workers/client.ts";
import { useJob } from "./job.ts";

/** Which harness is proved: as it will be when everything is done, as it is now, or as it was found. */
export const MOMENTS = ["done", "now", "before"] as const;
export type Moment = (typeof MOMENTS)[number];
export const MOMENT_WORDS: Readonly<Record<Moment, string>> = {
  done: "When all is done",
  now: "As it is now",
  before: "Before the work",
};

/** The job's circuit, solved anew after each change. */
export const useProof = defineStore("proof", () => {
  const job = useJob();
  const moment = ref<Moment>("done");
  /** The position of the key in which faces show what is live; null while they do not. */
  const liveAt = ref<Key | null>(null);
  /** The circuit as planned, which the stages speak of, and the one in sight. */
  const planned = shallowRef<Proof | null>(null);
  const shown = shallowRef<Proof | null>(null);
  /** The job that `planned` is of. */
  let provedOf: BenchView | null = null;
  let proving: Promise<void> | null = null;
  let stale = false;
  /** How far it is; null while nothing is being solved. */
  const progress = shallowRef<Progress | null>(null);
  /** Whether it was stopped: nothing is solved then till it is asked for again. */
  const stopped = ref(false);
  let stopSolving: () => void = () => undefined;
  /** Solves once at a time; while the worker is busy, changes gather and only the last state is solved. */
  function prove(): Promise<void> {
    stale = true;
    if (stopped.value) return Promise.resolve();
    proving ??= (async () => {
      try {
        while (stale && !stopped.value) {
          stale = false;
          await proveOnce(job.analysis?.bench ?? null);
        }
      } finally {
        progress.value = null;
        proving = null;
      }
    })();
    return proving;
  }
  async function proveOnce(bench: BenchView | null): Promise<void> {
    if (bench === null) {
      planned.value = shown.value = provedOf = null;
      return;
    }
    const solve = (state: BenchView["state"], steps: readonly Step[]): Promise<Proof | null> => {
      const running = startProof(bench.dossier, state, steps, (far) => {
        progress.value = far;
      });
      stopSolving = running.stop;
      return running.result;
    };
    if (bench !== provedOf) {
      const done = await solve(bench.state, stepsLeft(bench));
      if (stale || done === null) return;
      planned.value = done;
      provedOf = bench;
    }
    const wanted = moment.value;
    const other =
      wanted === "done" ? planned.value : await solve(wanted === "now" ? bench.state : bench.start, []);
    if (!stale && other !== null) shown.value = other;
  }
  /** Ends what takes too long; the other stages go on without it, and nothing is claimed of an older circuit. */
  function stop(): void {
    stopped.value = true;
    planned.value = shown.value = provedOf = null;
    stopSolving();
  }
  const solveAgain = (): Promise<void> => {
    stopped.value = false;
    return prove();
  };
  watch([() => job.analysis, moment], prove, { immediate: true });
  return { moment, liveAt, planned, shown, progress, stopped, stop, solveAgain };
});
