import { defineStore } from "pinia";
import { ref, shallowRef, watch } from "vue";
import type { Proof, Step } from "@trevin/core";
import { computeWorker } from "../workers/client.ts";
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
  let asked = 0;
  async function prove(): Promise<void> {
    const bench = job.analysis?.bench;
    const own = ++asked;
    if (bench === undefined) {
      planned.value = shown.value = null;
      return;
    }
    const { dossier, start, state, plan, progress } = bench;
    const open: readonly Step[] = plan.steps.filter(({ id }) => !progress.has(id));
    const { prove: solve } = computeWorker();
    const done = await solve(dossier, state, open);
    if (own !== asked) return;
    planned.value = done;
    const other =
      moment.value === "done" ? done : await solve(dossier, moment.value === "now" ? state : start, []);
    if (own === asked) shown.value = other;
  }
  watch([() => job.analysis, moment], prove, { immediate: true });
  return { moment, planned, shown };
});
