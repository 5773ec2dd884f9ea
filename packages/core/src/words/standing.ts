import { stepsLeft, type BenchView } from "../ledger/index.ts";
import type { Block } from "../plan/index.ts";
import { blockWords, pinNamer } from "./problemWords.ts";
import { stepLine, stepWords } from "./stepWords.ts";

/** Where a job stands, for a list of jobs. */
export interface Standing {
  /** Steps of the plan, and those that are done or skipped. */
  readonly steps: number;
  readonly done: number;
  /** The step in hand, in words; null where nothing is left, or where the work cannot begin. */
  readonly next: string | null;
  /** Minutes of the steps that are left. */
  readonly minutes: number;
  /** What has to be settled before the work can begin or go on, the first of it first. */
  readonly waits: readonly string[];
}

const MANY: Readonly<Partial<Record<Block["code"], (count: number) => string>>> = {
  undecided: (count) => `${count} pins undecided`,
  "look-first": (count) => `${count} cavities not checked yet`,
  stop: (count) => `${count} hazards that stop the work`,
  "feed-from-where": (count) => `${count} feeds without a source`,
  counterpart: (count) => `${count} plugs: does the part behind stay?`,
  unserved: (count) => `${count} functions that must work and have no pin`,
};

export function standingOf(view: BenchView): Standing {
  const { plan, dossier, current } = view;
  const left = stepsLeft(view);
  const byCode = new Map<Block["code"], Block[]>();
  for (const block of plan.blocks) byCode.set(block.code, [...(byCode.get(block.code) ?? []), block]);
  const name = pinNamer(dossier);
  const isEmpty = dossier.connectors.every(({ pins }) => pins.length === 0);
  return {
    steps: plan.steps.length,
    done: plan.steps.length - left.length,
    next: current === null || plan.blocks.length > 0 ? null : stepLine(stepWords(current, dossier)),
    minutes: left.reduce((sum, { minutes }) => sum + minutes, 0),
    waits: isEmpty
      ? ["the two pin tables"]
      : [...byCode].map(([code, [first, ...more]]) =>
          more.length === 0 || MANY[code] === undefined
            ? blockWords(first as Block, name)
            : MANY[code](more.length + 1),
        ),
  };
}
