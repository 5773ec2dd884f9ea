import type { BenchCommandInput } from "@trevin/core/contract";

const KEY = "trevin.outbox";
interface Kept {
  readonly job: string;
  readonly command: BenchCommandInput;
}

const read = (): readonly Kept[] => {
  try {
    const list: unknown = JSON.parse(localStorage.getItem(KEY) ?? "[]");
    return Array.isArray(list) ? (list as readonly Kept[]) : [];
  } catch {
    return []; // what is not JSON was not written by this application
  }
};
const write = (list: readonly Kept[]): void => localStorage.setItem(KEY, JSON.stringify(list));

/** Bench commands that the server has not answered yet, on this device. Each has its event id, so sending one twice records it once. */
export const outbox = {
  keep: (job: string, command: BenchCommandInput): void => write([...read(), { job, command }]),
  forget: (event: string): void => write(read().filter(({ command }) => command.event !== event)),
  of: (job: string): readonly BenchCommandInput[] =>
    read().flatMap((kept) => (kept.job === job ? [kept.command] : [])),
};
