import { readMeaning } from "../../meaning/index.ts";
import { leftOpen } from "../accept.ts";
import { decisionId, type Decision } from "../../model/index.ts";
import type { ReadPin } from "../readPin.ts";
import type { Finding, Rule } from "./rule.ts";
import { goesOn, isTerm, named } from "./say.ts";

/** A car that cranks in gear runs somebody over: what keeps it from cranking is replaced, never just bridged or left off (common practice). */
export const startInterlock: Rule = {
  id: "start-interlock",
  class: "consequence",
  find: ({ open, jumpers, links, feeds, dossier }) => [
    ...[...open, ...feeds.filter(({ decision }) => !isThroughInterlock(decision.from))].flatMap(
      ({ pin, decision }): readonly Finding[] =>
        isInterlock(pin) && !goesOn(pin, decision, dossier)
          ? [stopFor([pin], decision, [inLoop(pin, decision, "clutch"), inLoop(pin, decision, "neutral")])]
          : [],
    ),
    ...jumpers.flatMap(({ pins, decision }): readonly Finding[] =>
      pins.some(isInterlock)
        ? [
            stopFor(
              pins,
              decision,
              pins.filter(isInterlock).map((pin) => ({
                words: `Undo the jumper and fit a switch at ${pin.placed.pin.cavity}`,
                put: pins.map((one) =>
                  one === pin
                    ? fedThrough(pin, "clutch or neutral")
                    : leftOpen("leave", one.placed.pin.id, null),
                ),
                remove: [decisionId(decision)],
              })),
            ),
          ]
        : [],
    ),
    ...links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] => {
      const bridged =
        (isTerm(vehicle, "start inhibit") && incoming.signal === "ground") ||
        (isInterlock(incoming) && vehicle.signal === "ground");
      return bridged && (decision?.kind === "join" || decision?.kind === "tap")
        ? [
            {
              ...stopFor([vehicle, incoming], decision, [
                {
                  words: "Fit a clutch switch in the loop",
                  put: [inSplice(decision, "clutch")],
                  remove: [],
                },
                {
                  words: "Fit a neutral switch in the loop",
                  put: [inSplice(decision, "neutral")],
                  remove: [],
                },
              ]),
              cured: device?.kind === "switch",
            },
          ]
        : [];
    }),
  ],
};

const inSplice = (
  decision: Extract<Decision, { kind: "join" | "tap" }>,
  what: "clutch" | "neutral",
): Decision => ({
  ...decision,
  ...(decision.kind === "join" ? { method: "splice" as const } : {}),
  device: { kind: "switch", what },
});
const isInterlock = (pin: ReadPin): boolean => pin.reading.thing?.startInterlock === true;
/** Whether the place that a feed comes from names a switch which goes on keeping the car from cranking in gear: "ground through a clutch switch". */
const isThroughInterlock = (from: string): boolean =>
  /\bswitch\b/i.test(from) &&
  [...readMeaning(from).things, ...readMeaning(from).aside].some((thing) => thing.startInterlock);
const fedThrough = (pin: ReadPin, what: string): Decision => ({
  kind: "feed",
  pin: pin.placed.pin.id,
  feed: "ground",
  from: `ground through a ${what} switch`,
  sure: "check",
  reason: "",
  answers: [],
});
const inLoop = (pin: ReadPin, decision: Decision, what: "clutch" | "neutral") => ({
  words: `Fit a ${what} switch in the loop`,
  put: [fedThrough(pin, what)],
  remove: [decisionId(decision)],
});

function stopFor(
  pins: readonly ReadPin[],
  decision: Decision,
  fixes: NonNullable<Finding["fixes"]>,
): Finding {
  const own = pins.find(isInterlock) ?? pins[0];
  return {
    severity: "stop",
    pins,
    decision,
    title: "Start interlock removed",
    detail: `${own === undefined ? "" : named(own)}: the engine could crank in gear.`,
    cure: "Fit a clutch or neutral switch in the loop; local codes and licensed practice decide which.",
    fixes,
  };
}
