import { defineStore } from "pinia";
import { ref, shallowRef, watch } from "vue";
import { stepsLeft, type BenchView, type Proof, type Step } from "@trevin/core";
import { proofWorker } from "../workers/client.ts";
import { useJob } from "./job.ts";

/** Which harness is proved: as it will be when everything is done, as it is now, or as it was found. */
export const MOMENTS = ["done", "now", "before"] as const;
export type Moment = (typeof MOMENTS)[number];

/** The job's circuit, solved anew after each change. */
export const useProof = defineStore("proof", () => {
  const job = useJob();
  const moment = ref<Moment>("done");
  /** The circuit as planned, which the stages speak of, and the one in sight. */
  const planned = shallowRef<Proof | null>(null);
  const shown = shallowRef<Proof | null>(null);
  /** The job that `planned` is of. */
  let provedOf: BenchView | null = null;
  let proving: Promise<void> | null = null;
  let stale = false;
  /** Solves once at a time; while the worker is busy, changes gather and only the last state is solved. */
  function prove(): Promise<void> {
    stale = true;
    proving ??= (async () => {
      try {
        while (stale) {
          stale = false;
          await proveOnce(job.analysis?.bench ?? null);
        }
      } finally {
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
    const solve = (state: BenchView["state"], steps: readonly Step[]): Promise<Proof> =>
      proofWorker().prove(bench.dossier, state, steps);
    if (bench !== provedOf) {
      const done = await solve(bench.state, stepsLeft(bench));
      if (stale) return;
      planned.value = done;
      provedOf = bench;
    }
    const wanted = moment.value;
    const other =
      wanted === "done" ? planned.value : await solve(wanted === "now" ? bench.state : bench.start, []);
    if (!stale) shown.value = other;
  }
  watch([() => job.analysis, moment], prove, { immediate: true });
  return { moment, planned, shown };
});
