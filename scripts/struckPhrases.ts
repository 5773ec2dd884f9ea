import type { RawJob } from "@trevin/core/testing";
import {
  phrasesIn,
  remarkTable,
  signTable,
  thingTable,
  type PhraseTable,
} from "../packages/core/src/meaning/phrases.ts";
import { tokensIn } from "../packages/core/src/meaning/tokensIn.ts";

const TABLES = [thingTable(), signTable(), remarkTable()];
type Lists = Map<string, PhraseTable["byWord"] extends ReadonlyMap<string, infer List> ? List : never>;

const labelsOf = (job: RawJob): readonly string[] =>
  [...job.vehicle, ...job.incoming].flatMap(({ pins }) => pins.map((pin) => pin.function ?? ""));

/** The phrases that fire in the labels of a job, each with its table. */
function firedIn(job: RawJob): ReadonlySet<string> {
  const fired = new Set<string>();
  for (const label of labelsOf(job)) {
    const tokens = tokensIn(label, {});
    TABLES.forEach((table, index) => {
      for (const { of, at } of phrasesIn(table, tokens))
        fired.add(
          keyOf(
            index,
            of,
            at.map((place) => tokens[place]?.word ?? ""),
          ),
        );
    });
  }
  return fired;
}
const keyOf = (table: number, of: string, words: readonly string[]): string =>
  `${table} ${of}: ${[...words].sort().join(" ")}`;

/** For each job the phrases that fire in it and in no other one. */
export function ownPhrases(jobs: readonly RawJob[]): readonly ReadonlySet<string>[] {
  const fired = jobs.map(firedIn);
  const jobsOf = new Map<string, number>();
  for (const one of fired) for (const key of one) jobsOf.set(key, (jobsOf.get(key) ?? 0) + 1);
  return fired.map((one) => new Set([...one].filter((key) => jobsOf.get(key) === 1)));
}

/** Does some work with phrases taken out of the lexicon, and puts them back. */
export function without<T>(struck: ReadonlySet<string>, work: () => T): T {
  const whole = TABLES.map(({ byWord }) => new Map(byWord));
  TABLES.forEach(({ byWord }, index) => {
    for (const [word, phrases] of byWord)
      (byWord as Lists).set(
        word,
        phrases.filter(({ of, words }) => !struck.has(keyOf(index, of, words))),
      );
  });
  try {
    return work();
  } finally {
    TABLES.forEach(({ byWord }, index) => {
      for (const [word, phrases] of whole[index] ?? []) (byWord as Lists).set(word, phrases);
    });
  }
}

/** The same job, its labels told apart from those that were read before: readings are remembered by their text. */
export function unread(job: RawJob): RawJob {
  const sides = (all: RawJob["vehicle"]): RawJob["vehicle"] =>
    all.map((side) => ({
      ...side,
      pins: side.pins.map((pin) =>
        pin.function === undefined ? pin : { ...pin, function: `${pin.function} ` },
      ),
    }));
  return { ...job, vehicle: sides(job.vehicle), incoming: sides(job.incoming) };
}
