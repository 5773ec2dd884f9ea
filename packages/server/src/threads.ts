import { Piscina } from "piscina";

/** Why a thread gave no answer. */
export class ThreadTrouble extends Error {
  override readonly name = "ThreadTrouble";
  constructor(readonly kind: "busy" | "too-slow" | "too-much-memory") {
    super(kind);
  }
}

export interface ThreadLimits {
  /** Threads at once, and tasks that may wait for one. */
  readonly threads: number;
  readonly waiting: number;
  /** For one task, waiting included. */
  readonly seconds: number;
  readonly memoryMb: number;
}

/** Threads that run the default export of a file; they start when they are needed and end when they are not. */
export function newThreads<Task, Answer>(file: URL, { threads, waiting, seconds, memoryMb }: ThreadLimits) {
  const pool = new Piscina<Task, Answer>({
    filename: file.href,
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: memoryMb },
    execArgv: [],
  });
  let open = 0;
  return {
    /** Throws a ThreadTrouble, or what the task threw. */
    run: async (task: Task): Promise<Answer> => {
      if (open >= threads + waiting) throw new ThreadTrouble("busy");
      open++;
      try {
        return await pool.run(task, { signal: AbortSignal.timeout(seconds * 1000) });
      } catch (error) {
        const { name, code } = error as Error & { readonly code?: string };
        if (name === "AbortError") throw new ThreadTrouble("too-slow");
        if (code === "ERR_WORKER_OUT_OF_MEMORY") throw new ThreadTrouble("too-much-memory");
        throw error;
      } finally {
        open--;
      }
    },
    close: (): Promise<void> => pool.destroy(),
  };
}
