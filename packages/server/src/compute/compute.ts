import type { Dossier, StoredEntry } from "@trevin/core";
import { HttpProblem } from "../http/problem.ts";
import { newThreads, ThreadTrouble } from "../threads.ts";
import { TASKS, type TaskArguments, type TaskName, type TaskResult } from "./tasks.ts";
import type { FromThread, ThreadTask } from "./thread.ts";

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
const LIMITS = { threads: 2, waiting: 50, seconds: 60, memoryMb: 2048 };

export const sizeOf = (dossier: Dossier, stored: readonly StoredEntry[]): number =>
  dossier.connectors.reduce((sum, { pins }) => sum + pins.length, stored.length);

/** Small tasks here and at once, large ones in threads. Without a thread file all run here. */
export function newCompute(file: URL | null): Compute {
  const threads = file === null ? null : newThreads<ThreadTask, FromThread>(file, LIMITS);
  return {
    run: async (name, size, ...args) => {
      const here = TASKS[name] as (...all: unknown[]) => TaskResult<typeof name>;
      if (threads === null || size <= SMALL) return here(...args);
      const answer = await threads.run({ name, args }).catch(refuse);
      if (!answer.ok) throw new HttpProblem(...answer.problem);
      return answer.value as TaskResult<typeof name>;
    },
    close: async () => threads?.close(),
  };
}

function refuse(error: unknown): never {
  if (!(error instanceof ThreadTrouble)) throw error;
  if (error.kind === "busy")
    throw new HttpProblem(503, "busy", "The server is busy with large jobs. Try again in a moment.");
  throw new HttpProblem(
    422,
    "job-too-heavy",
    `This job takes more than ${LIMITS.seconds} seconds or ${LIMITS.memoryMb} MB to work out, so nothing was stored. Split it into two jobs.`,
  );
}
