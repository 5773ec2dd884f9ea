import { isFeed } from "../../model/index.ts";
import { givesItself, poweredParts, goesOnInItsLoom } from "../../pairing/index.ts";
import { list } from "../../util/index.ts";
import { plugOf, type Finding, type Rule } from "../rule.ts";
import { named, what } from "../say.ts";

const LOSS: Readonly<Record<string, string>> = {
  battery: "memory is lost at every key-off, or the part never wakes up",
  accessory: "it stays off with the key in accessory",
  ignition: "the part never switches on",
  "run-not-crank": "it never switches on",
  start: "it does not see the engine cranking",
  ground: "nothing on this part works",
  "sensor-supply": "its sensors give no signal",
  "sensor-return": "its sensors read wrong",
};
const NAMES: Readonly<Record<string, string>> = {
  battery: "a constant supply",
  accessory: "an accessory feed",
  ignition: "an ignition feed that stays on while cranking",
  "run-not-crank": "a feed that is on in run",
  start: "the crank signal",
  ground: "a ground",
  "sensor-supply": "a sensor supply",
  "sensor-return": "a sensor return",
};

/** A supply or ground that the incoming part needs and that no wire of the vehicle gives (common practice). */
export const missingFeed: Rule = {
  id: "missing-feed",
  class: "completeness",
  together: {
    by: plugOf,
    words: (findings) => ({
      title: `${plugOf(findings[0])}: ${findings.length} pins have no feed`,
      detail: `No vehicle wire supplies ${list(findings.map(({ about }) => about ?? ""))}.`,
      cure: "Choose the fuse or ground point that feeds each of them, or decide to leave it open.",
    }),
  },
  find: ({ links, decided, wires }) => {
    const linked = new Set(links.map((link) => link.incoming.placed.pin.id));
    const powered = poweredParts(wires.incoming);
    return wires.incoming.flatMap((pin): readonly Finding[] => {
      const { id } = pin.placed.pin;
      if (givesItself(pin, powered)) return [];
      if (!isFeed(pin.signal) || linked.has(id) || decided.has(id) || goesOnInItsLoom(pin)) return [];
      return [
        {
          severity: "stop",
          pins: [pin],
          about: `${named(pin)}: ${LOSS[pin.signal]}`,
          title: `${what(pin)} has no feed`,
          detail: `${named(pin)} needs ${NAMES[pin.signal]}, but no vehicle wire supplies it: ${LOSS[pin.signal]}.`,
          cure: "Choose the fuse or ground point that feeds it, or decide to leave it open.",
        },
      ];
    });
  },
};
