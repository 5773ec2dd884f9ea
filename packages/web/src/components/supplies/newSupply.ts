import { blankPoint, isReturn, joinPointId, plainSupply, type FeedClass, type JoinPoint } from "@trevin/core";

/** A supply or ground point that has no name yet. */
export const newSupply = (feed: FeedClass): JoinPoint => ({
  ...blankPoint(joinPointId(crypto.randomUUID()), "", isReturn(feed) ? "ground" : "supply"),
  supply: plainSupply(feed),
});
