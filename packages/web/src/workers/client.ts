import { proxy, wrap, type Remote } from "comlink";
import type {
  CircuitFinding,
  Decision,
  Analysis,
  Dossier,
  Entry,
  HarnessState,
  Otherwise,
  OtherwiseOutcome,
  Progress,
  Proof,
  Step,
} from "@trevin/core";
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

/** A computation under way; once stopped it gives null. */
export interface Running<T> {
  readonly result: Promise<T | null>;
  readonly stop: () => void;
}
type Work<T> = (remote: Remote<ComputeWorker>) => Promise<T>;

interface OwnWorker {
  readonly run: <T>(work: Work<T>) => Running<T>;
  /** Starts it before there is something to compute. */
  readonly warmUp: () => void;
}
/** A worker of its own for one kind of computation: it is kept for the next, and ended at once when it is stopped. */
function ownWorker(): OwnWorker {
  let kept: ReturnType<typeof start> | null = null;
  const run = <T>(work: Work<T>): Running<T> => {
    const own = (kept ??= start());
    let stop: () => void = () => undefined;
    const stopped = new Promise<null>((resolve) => {
      stop = () => {
        own.worker.terminate();
        if (kept === own) kept = null;
        resolve(null);
      };
    });
    return { result: Promise.race([work(own.remote), stopped]), stop };
  };
  return {
    run,
    warmUp: () => void (kept ??= start()).remote.warmUp(),
  };
}
const inAnalysis = ownWorker();
const inProof = ownWorker();
type Tell = (progress: Progress) => void;

/** Has the worker ready by the time that a job has come from the server. */
export const warmUpAnalysis = (): void => inAnalysis.warmUp();

/** Analyses a job in a worker of its own, which can be stopped at any time without losing anything. */
export const startAnalysis = (
  dossier: Dossier,
  entries: readonly Entry[],
  match: boolean,
  onProgress: Tell,
): Running<Analysis> =>
  inAnalysis.run((remote) => remote.analyse(dossier, entries, match, proxy(onProgress)));

/** Solves a job's circuit: it takes a while on a large job, and no table that is read meanwhile waits for it. */
export const startProof = (
  dossier: Dossier,
  state: HarnessState,
  steps: readonly Step[],
  onProgress: Tell,
): Running<Proof> => inProof.run((remote) => remote.prove(dossier, state, steps, proxy(onProgress)));

/** Solves the job's circuit decided otherwise. */
export const startOtherwise = (dossier: Dossier, how: Otherwise): Running<OtherwiseOutcome> =>
  inProof.run((remote) => remote.otherwise(dossier, how));

/** Tries in the circuit what would cure a finding. */
export const startCures = (dossier: Dossier, finding: CircuitFinding): Running<readonly Decision[]> =>
  inProof.run((remote) => remote.cures(dossier, finding));
