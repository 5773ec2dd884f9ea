import type { Problem } from "@trevin/core/contract";

/** The server was not reached, or has no database at the moment: the same request succeeds later. */
export const isOutage = ({ status }: Problem): boolean => status === 0 || status === 503;

const FIRST_MS = 1000;
const LONGEST_MS = 15_000;

/** Tries something again after a while, and after longer and longer ones, until it says that it is done. */
export function patience(again: () => Promise<boolean>): { readonly start: () => void } {
  let wait = FIRST_MS;
  let timer = 0;
  const start = (): void => {
    if (timer !== 0) return;
    timer = window.setTimeout(async () => {
      const done = await again();
      timer = 0;
      wait = done ? FIRST_MS : Math.min(wait * 2, LONGEST_MS);
      if (!done) start();
    }, wait);
  };
  return { start };
}
