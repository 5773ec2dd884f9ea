import { performance } from "node:perf_hooks";

export const say = (line: string): void => void process.stdout.write(`${line}\n`);
export const round = (value: number): string => (value < 10 ? value.toFixed(2) : value.toFixed(0));

/** Median of several runs, ms. */
export function median(runs: number, work: () => unknown): number {
  const times = Array.from({ length: runs }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return percentile(times, 0.5);
}

export const percentile = (times: readonly number[], p: number): number =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * p))] ?? Number.NaN;

/** Milliseconds that a promise takes. */
export async function timed(work: () => Promise<unknown>): Promise<number> {
  const began = performance.now();
  await work();
  return performance.now() - began;
}
