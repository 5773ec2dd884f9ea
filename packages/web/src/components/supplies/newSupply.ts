import { blankPoint, joinPointId, plainSupply, type FeedClass, type JoinPoint } from "@trevin/core";

/** A supply or ground point that has no name yet. */
export const newSupply = (feed: FeedClass): JoinPoint => ({
  ...blankPoint(
    joinPointId(crypto.randomUUID()),
    "",
    feed === "ground" || feed === "sensor-return" ? "ground" : "supply",
  ),
  supply: plainSupply(feed),
});
