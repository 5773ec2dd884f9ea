import { HttpProblem } from "../http/problem.ts";
import { TASKS, type TaskName } from "./tasks.ts";

/** What a thread gives back: an error loses its class on the way between threads. */
export type FromThread =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly problem: ConstructorParameters<typeof HttpProblem> };

export interface ThreadTask {
  readonly name: TaskName;
  readonly args: readonly unknown[];
}

/** Runs one task in this thread. */
export default function runTask({ name, args }: ThreadTask): FromThread {
  try {
    return { ok: true, value: (TASKS[name] as (...all: readonly unknown[]) => unknown)(...args) };
  } catch (error) {
    if (!(error instanceof HttpProblem)) throw error;
    return { ok: false, problem: [error.status, error.code, error.detail, error.more] };
  }
}
