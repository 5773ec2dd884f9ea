import { wrap, type Remote } from "comlink";
import type { ComputeWorker } from "./compute.ts";

let remote: Remote<ComputeWorker> | null = null;

/** The one worker that computes, started when it is first needed. */
export function computeWorker(): Remote<ComputeWorker> {
  remote ??= wrap<ComputeWorker>(new Worker(new URL("./compute.ts", import.meta.url), { type: "module" }));
  return remote;
}
