import { isSupply } from "../../model/index.ts";
import type { Finding, Rule } from "./rule.ts";
import { fuseAmps } from "./fuseAmps.ts";
import { named } from "./say.ts";

/** A supply that is brought in starts at a fuse (common practice: as near to the source as can be). */
export const feedWithoutFuse: Rule = {
  id: "feed-without-fuse",
  class: "electrical",
  find: ({ feeds }) =>
    feeds.flatMap(({ pin, decision }): readonly Finding[] =>
      isSupply(decision.feed) &&
      decision.from.trim() !== "" &&
      fuseAmps(decision.from) === null &&
      !/fuse|\bF\d|breaker|limiter/i.test(decision.from)
        ? [
            {
              severity: "caution",
              pins: [pin],
              decision,
              title: "No fuse at the source",
              detail: `${named(pin)} is fed from “${decision.from}” with no fuse named.`,
              cure: "Name the fuse and its rating, or fit a fuse holder at the source.",
            },
          ]
        : [],
    ),
};
