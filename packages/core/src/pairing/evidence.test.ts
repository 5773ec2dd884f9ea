import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { allPins } from "../model/index.ts";
import { swapJobs, tableJob } from "../testing/readingTables.ts";
import { weigh } from "./evidence.ts";
import { FEATURES, featuresOf, type Feature } from "./features.ts";
import { pinReader } from "./readPin.ts";
import { WEIGHTS } from "./weights.ts";

const JOBS = swapJobs(readFileSync(new URL("../testing/reading/swaps.txt", import.meta.url), "utf8"));

describe("the evidence for a pair", () => {
  it("counts every feature that the weights are fitted for", () => {
    const silent = new Set<Feature>(FEATURES);
    for (const job of JOBS) {
      if (silent.size === 0) break;
      const { dossier } = tableJob(job);
      const read = pinReader(dossier);
      const pins = allPins(dossier).map(read);
      const [vehicle, incoming] = (["vehicle", "incoming"] as const).map((side) =>
        pins.filter(({ placed }) => placed.connector.side === side),
      );
      for (const left of vehicle ?? [])
        for (const right of incoming ?? []) {
          const evidence = weigh(left, right);
          // Where nothing is shared, a ceiling hides what the features say.
          if (evidence === null || evidence.reasons.some(({ kind }) => kind === "nothing-shared")) continue;
          const values = featuresOf(left, right);
          for (const name of silent) {
            if (Math.abs(values[name] ?? 0) < 0.2) continue;
            const louder = weigh(left, right, { ...WEIGHTS, [name]: WEIGHTS[name] + 3 });
            if (louder?.strength !== evidence.strength) silent.delete(name);
          }
        }
    }
    expect([...silent]).toEqual([]);
  });
});
