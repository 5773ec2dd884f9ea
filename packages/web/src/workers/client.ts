import { proxy, wrap, type Remote } from "comlink";
import type { Analysis, Dossier, Entry, Progress } from "@trevin/core";
import type { ComputeWorker } from "./compute.ts";

const start = (): { readonly worker: Worker; readonly remote: Remote<ComputeWorker> } => {
  const worker = new Worker(new URL("./compute.ts", import.meta.url), { type: "module" });
  return { worker, remote: wrap<ComputeWorker>(worker) };
};

let reading: Remote<ComputeWorker> | null = null;
/** The worker that answers questions about tables and colours, started when it is first needed. */
export function computeWorker(): Remote<ComputeWorker> {
  reading ??= start().remote;
  return reading;
}

let proving: Remote<ComputeWorker> | null = null;
/** The worker that solves circuits: it takes a while on a large job, and no table that is read meanwhile waits for it. */
export function proofWorker(): Remote<ComputeWorker> {
  proving ??= start().remote;
  return proving;
}

/** An analysis under way; once stopped it gives null. */
export interface RunningAnalysis {
  readonly result: Promise<Analysis | null>;
  readonly stop: () => void;
}

let analysing: ReturnType<typeof start> | null = null;
/** Analyses a job in a worker of its own, which can be stopped at any time without losing anything. */
export function startAnalysis(
  dossier: Dossier,
  entries: readonly Entry[],
  match: boolean,
  onProgress: (progress: Progress) => void,
): RunningAnalysis {
  const own = (analysing ??= start());
  let stop: () => void = () => undefined;
  const stopped = new Promise<null>((resolve) => {
    stop = () => {
      own.worker.terminate();
      if (analysing === own) analysing = null;
      resolve(null);
    };
  });
  return {
    result: Promise.race([own.remote.analyse(dossier, entries, match, proxy(onProgress)), stopped]),
    stop,
  };
}
