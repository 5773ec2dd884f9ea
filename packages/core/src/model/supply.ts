import type { Decision } from "./decision.ts";
import type { FeedClass } from "./signal.ts";

/** What a supply is called in the harness: its class and the place that it is taken from. */
export const supplyName = (feed: FeedClass, from: string): string => `${feed} ${from}`.trim();

/** A place that feeds are taken from, without what people write differently: "F22, 5 A", "spare fuse F22 5A". */
const placeKey = (from: string): string =>
  from
    .toLowerCase()
    .replace(/\b(spare|fuse)\b/g, " ")
    .replace(/[^\p{L}\p{N}.+]+/gu, " ")
    .replace(/(\d) (a|v)\b/g, "$1$2")
    .trim();

/**
 * The same decisions with one spelling for each place that feeds are taken from: two spellings are one fuse, and its currents
 * add. The first one stands.
 */
export function withOneSpelling(decisions: readonly Decision[]): readonly Decision[] {
  const spelt = new Map<string, string>();
  const same = (feed: FeedClass, from: string): string => {
    const key = placeKey(from);
    if (key === "") return from;
    const known = spelt.get(`${feed} ${key}`);
    if (known === undefined) spelt.set(`${feed} ${key}`, from);
    return known ?? from;
  };
  return decisions.map((decision): Decision => {
    if (decision.kind === "feed") {
      const from = same(decision.feed, decision.from);
      return from === decision.from ? decision : { ...decision, from };
    }
    const device = "device" in decision ? decision.device : undefined;
    if (device?.legs === undefined) return decision;
    const legs = device.legs.map((leg) =>
      leg.to.kind === "feed" ? { ...leg, to: { ...leg.to, from: same(leg.to.feed, leg.to.from) } } : leg,
    );
    return { ...decision, device: { ...device, legs } } as Decision;
  });
}
