import { leftOpen } from "../../proposals/index.ts";
import {
  blankPoint,
  decisionId,
  feedOf,
  INTERLOCKS,
  joinPointId,
  plainSupply,
  type Decision,
  type Dossier,
  type Interlock,
  type JoinPoint,
} from "../../model/index.ts";
import type { ReadPin } from "../../pairing/index.ts";
import type { Finding, Fix, Rule } from "../rule.ts";
import { goesOn, isTerm, named } from "../say.ts";

/** A car that cranks in gear runs somebody over: what keeps it from cranking is replaced, never just bridged or left off (common practice). */
export const startInterlock: Rule = {
  id: "start-interlock",
  class: "consequence",
  find: ({ open, jumpers, links, feeds, dossier }) => [
    ...[...open, ...feeds.filter(({ decision }) => !isThroughInterlock(decision, dossier))].flatMap(
      ({ pin, decision }): readonly Finding[] =>
        isInterlock(pin) && !goesOn(pin, decision, dossier)
          ? [
              stopFor([pin], decision, [
                inLoop(pin, decision, "clutch", dossier),
                inLoop(pin, decision, "neutral", dossier),
              ]),
            ]
          : [],
    ),
    ...jumpers.flatMap(({ pins, decision }): readonly Finding[] =>
      pins.some(isInterlock)
        ? [
            stopFor(
              pins,
              decision,
              pins.filter(isInterlock).flatMap((pin) =>
                INTERLOCKS.map((what): Fix => {
                  const fix = inLoop(pin, decision, what, dossier);
                  const others = pins.filter((one) => one !== pin);
                  return {
                    ...fix,
                    words: `Undo the jumper and fit a ${what} switch at ${pin.placed.pin.cavity}`,
                    put: [...fix.put, ...others.map((one) => leftOpen("leave", one.placed.pin.id, null))],
                  };
                }),
              ),
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

const inSplice = (decision: Extract<Decision, { kind: "join" | "tap" }>, what: Interlock): Decision => ({
  ...decision,
  ...(decision.kind === "join" ? { method: "splice" as const } : {}),
  device: { kind: "switch", what },
});
const isInterlock = (pin: ReadPin): boolean => pin.reading.thing?.startInterlock === true;
/** Whether the place that a feed comes from names a switch which goes on keeping the car from cranking in gear: "ground through a clutch switch". */
const isThroughInterlock = ({ supply }: Extract<Decision, { kind: "feed" }>, { points }: Dossier): boolean =>
  points.some((point) => point.id === supply && (point.supply?.through ?? null) !== null);
/** The ground behind a switch in the loop: the job's own, or a new one. */
function groundThrough(
  what: Interlock,
  { points }: Dossier,
): { readonly point: JoinPoint; readonly isNew: boolean } {
  const own = points.find((point) => feedOf(point) === "ground" && point.supply?.through === what);
  if (own !== undefined) return { point: own, isNew: false };
  const name = `ground through a ${what} switch`;
  const taken = new Set(points.map((point) => point.name));
  const free = taken.has(name) ? `${name} (new)` : name;
  const blank = blankPoint(joinPointId(free), free, "ground");
  return { point: { ...blank, supply: { ...plainSupply("ground"), through: what } }, isNew: true };
}
const fedThrough = (pin: ReadPin, ground: JoinPoint): Decision => ({
  kind: "feed",
  pin: pin.placed.pin.id,
  feed: "ground",
  supply: ground.id,
  sure: "check",
  reason: "",
  answers: [],
});
const inLoop = (pin: ReadPin, decision: Decision, what: Interlock, dossier: Dossier): Fix => {
  const { point, isNew } = groundThrough(what, dossier);
  return {
    words: `Fit a ${what} switch in the loop`,
    put: [fedThrough(pin, point)],
    remove: [decisionId(decision)],
    ...(isNew ? { points: [point] } : {}),
  };
};

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
