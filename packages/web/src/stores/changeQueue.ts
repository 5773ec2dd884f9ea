import { computed, ref, shallowRef } from "vue";
import type { Problem } from "@trevin/core/contract";
import type { Command } from "@trevin/core";
import { api, ApiProblem } from "../api/client.ts";
import { isOutage, patience } from "../api/patience.ts";

/** A change that could not be stored, kept so that it can be tried again or dropped. */
interface Refused {
  readonly problem: Problem;
  readonly change: Change;
}

/** A change on its way: what it does to the dossier is shown at once, before the server has it. */
interface Change {
  readonly work: () => Promise<void>;
  readonly command: Command | null;
  /** Told when it will never be made. */
  readonly dropped?: () => void;
}

/**
 * Changes on their way to the server, one after another. What it cannot take now waits and is made again in order; what it has
 * understood and refused is dropped and said. `refresh` fetches its state, `recompute` follows what is shown.
 */
export function changeQueue(refresh: () => Promise<void>, recompute: () => Promise<void>) {
  /** On their way or waiting: what they do is shown already. */
  const pending = shallowRef<readonly Change[]>([]);
  const waiting = shallowRef<readonly Refused[]>([]);
  /** A change that the server understood and refused: it is dropped, and only said. */
  const refusal = shallowRef<Problem | null>(null);
  /** Why the last change was refused, or why the oldest of those that wait was not stored. */
  const refused = computed(() => refusal.value ?? waiting.value[0]?.problem ?? null);
  /** How many changes are on their way to the server. */
  const busy = computed(
    () => pending.value.filter((change) => waiting.value.every((one) => one.change !== change)).length,
  );
  const savedAt = ref<Date | null>(null);

  let queue: Promise<unknown> = Promise.resolve();
  const settle = (done: Change): void => {
    pending.value = pending.value.filter((change) => change !== done);
  };
  /** Whether making a change again can succeed: the server was not reached, failed, or knew of a newer state. */
  const canComeRight = ({ status }: Problem): boolean =>
    status === 0 || status === 412 || status === 429 || status >= 500;
  /** Changes go one after another, each on the revision that the one before it left. Gives whether it was stored. */
  function enqueue(
    work: () => Promise<void>,
    command: Command | null = null,
    dropped: () => void = () => undefined,
  ): Promise<boolean> {
    return put({ work, command, dropped });
  }
  function put(change: Change): Promise<boolean> {
    refusal.value = null;
    pending.value = [...pending.value, change];
    if (change.command !== null) void recompute();
    const attempt = async (): Promise<boolean> => {
      // What was done later is not stored before what waits: both may be about the same pin.
      const earlier = waiting.value.find((one) => isOutage(one.problem));
      if (earlier !== undefined) {
        waiting.value = [...waiting.value, { problem: earlier.problem, change }];
        return false;
      }
      try {
        await change.work();
        settle(change);
        savedAt.value = new Date();
        return true;
      } catch (error) {
        if (!(error instanceof ApiProblem)) throw error;
        const { problem } = error;
        if (isOutage(problem)) sending.start();
        if (canComeRight(problem)) waiting.value = [...waiting.value, { problem, change }];
        else {
          refusal.value = problem;
          change.dropped?.();
        }
        // What the server has understood and refused is not shown as if it were so.
        if (problem.status >= 400 && problem.status < 500) {
          settle(change);
          await refresh().catch(() => undefined); // the banner says what happened; a second failure adds nothing
        }
        return false;
      }
    };
    const turn = queue.then(attempt, attempt);
    queue = turn.catch(() => undefined);
    return turn;
  }

  /** Makes every change that waits again, oldest first. */
  async function again(): Promise<boolean> {
    const list = waiting.value.map(({ change }) => change);
    waiting.value = [];
    list.forEach(settle);
    return (await Promise.all(list.map(put))).every(Boolean);
  }
  /** What waits for the server alone is made again as soon as it answers; a conflict waits for a decision. */
  const sending = patience(async () => {
    const outages = () => waiting.value.filter(({ problem }) => isOutage(problem)).length;
    if (outages() === 0 || outages() < waiting.value.length) return true;
    if (!(await api.isThere())) return false;
    await again();
    return outages() === 0;
  });
  async function drop(): Promise<void> {
    refusal.value = null;
    waiting.value.forEach(({ change }) => {
      settle(change);
      change.dropped?.();
    });
    waiting.value = [];
    await recompute();
  }
  /** Another job is opened: nothing of this one is sent any more. */
  function forgetAll(): void {
    pending.value = [];
    waiting.value = [];
    refusal.value = null;
  }

  return { pending, waiting, refused, busy, savedAt, enqueue, again, drop, forgetAll };
}
