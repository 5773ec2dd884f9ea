import { Piscina } from "piscina";
import type { Dossier, StoredEntry } from "@trevin/core";
import { HttpProblem } from "../http/problem.ts";
import { TASKS, type TaskArguments, type TaskName, type TaskResult } from "./tasks.ts";
import type { FromThread } from "./thread.ts";

/** Runs what takes long so that nobody else waits for it. `size` in pins and ledger entries says how long it may take. */
export interface Compute {
  readonly run: <N extends TaskName>(
    name: N,
    size: number,
    ...args: TaskArguments<N>
  ) => Promise<TaskResult<N>>;
  readonly close: () => Promise<void>;
}

/** Pins and ledger entries up to which a task is done at once: about 50 ms. */
const SMALL = 400;
const SECONDS = 60;
const MEMORY_MB = 2048;

export const sizeOf = (dossier: Dossier, stored: readonly StoredEntry[]): number =>
  dossier.connectors.reduce((sum, { pins }) => sum + pins.length, stored.length);

/** Small tasks here and at once, large ones in two threads that start when they are needed. Without a thread file all run here. */
export function newCompute(thread: URL | null): Compute {
  const threads =
    thread === null
      ? null
      : new Piscina({
          filename: thread.href,
          minThreads: 0,
          maxThreads: 2,
          idleTimeout: 60_000,
          maxQueue: 100,
          resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
          execArgv: [],
        });
  return {
    run: async (name, size, ...args) => {
      const here = TASKS[name] as (...all: unknown[]) => TaskResult<typeof name>;
      if (threads === null || size <= SMALL) return here(...args);
      const answer = await inThread(threads, { name, args });
      if (!answer.ok) throw new HttpProblem(...answer.problem);
      return answer.value as TaskResult<typeof name>;
    },
    close: async () => threads?.destroy(),
  };
}

async function inThread(threads: Piscina, task: object): Promise<FromThread> {
  try {
    return (await threads.run(task, { signal: AbortSignal.timeout(SECONDS * 1000) })) as FromThread;
  } catch (error) {
    const { name, code, message } = error as Error & { readonly code?: string };
    if (message === "Task queue is at limit")
      throw new HttpProblem(503, "busy", "The server is busy with large jobs. Try again in a moment.");
    if (name === "AbortError" || code === "ERR_WORKER_OUT_OF_MEMORY")
      throw new HttpProblem(
        422,
        "job-too-heavy",
        `This job takes more than ${SECONDS} seconds or ${MEMORY_MB} MB to work out, so nothing was stored. Split it into two jobs.`,
      );
    throw error;
  }
}
