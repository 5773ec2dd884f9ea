import { isFeed, pinName, pinsOfSide } from "../../model/index.ts";
import { pinReader } from "../evidence.ts";
import type { Rule } from "./rule.ts";

const LOSS: Readonly<Record<string, string>> = {
  battery: "memory is lost at every key-off, or the part never wakes",
  ignition: "the part never switches on",
  ground: "nothing on this part works",
};

/** A supply or ground that the incoming part needs and that no wire of the vehicle gives. */
export const missingFeed: Rule = ({ dossier, links, decided }) => {
  const read = pinReader(dossier);
  const linked = new Set(links.map((link) => link.incoming.pin.id));
  return pinsOfSide(dossier, "incoming").flatMap((placed) => {
    const { signal } = read(placed);
    if (placed.pin.content !== "occupied" || !isFeed(signal) || linked.has(placed.pin.id) || decided.has(placed.pin.id)) return [];
    return [{
      rule: "missing-feed",
      class: "completeness" as const,
      severity: "stop" as const,
      pins: [placed.pin.id],
      decision: null,
      title: `${placed.pin.function || signal} has no feed`,
      detail: `${pinName(placed)} needs ${signal} and no wire of the vehicle gives it: ${LOSS[signal] ?? "what hangs on it stays dead"}.`,
      cure: "Feed it from a fuse or ground point and say which, or decide to leave it open.",
    }];
  });
};
