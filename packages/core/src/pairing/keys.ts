import { isGeneric, kinOf } from "../meaning/index.ts";
import { isFeed, type SignalClass } from "../model/index.ts";
import { compareText, once } from "../util/index.ts";
import type { ReadPin } from "./readPin.ts";
import { tellTaleOf } from "./thingFit.ts";

/** A class that is less likely than this is no ground to look at a pair. */
const LEAST_SHARE = 0.15;
const likelyClasses = ({ classes }: ReadPin): readonly SignalClass[] =>
  [...classes].flatMap(([signal, share]) =>
    signal !== "unknown" && signal !== "none" && share >= LEAST_SHARE ? [signal] : [],
  );
const isOpen = ({ reading }: ReadPin): boolean => reading.vague || reading.things.every(isGeneric);

/** A word that one side has more often than this says nothing. */
const LEAST_RARE = 1 / 6;

function thingKeys({ reading, words }: ReadPin): readonly string[] {
  const things = [...reading.things, ...reading.either, ...reading.aside].filter(
    (thing) => !isGeneric(thing),
  );
  return [
    ...things.map(({ name }) => `thing ${name}`),
    ...reading.things.filter((thing) => !isGeneric(thing)).map(({ family }) => `family ${family}`),
    ...reading.things.flatMap(({ name }) =>
      [...kinOf(name)].map((other) => `kin ${[name, other].sort(compareText).join(", ")}`),
    ),
    ...words.flatMap(({ word, known, rarity }) =>
      rarity < LEAST_RARE ? [] : [`word ${word}`, ...(known ? [] : [`start ${word.slice(0, 1)}`])],
    ),
  ];
}
const tellTale = ({ reading: { thing } }: ReadPin): ReturnType<typeof tellTaleOf> =>
  tellTaleOf(thing?.name ?? "");
/** Supplies that come with the key and differ only while cranking. */
const KEYED: ReadonlySet<SignalClass> = new Set(["ignition", "run-not-crank"]);
const keyedBy = (pin: ReadPin): readonly string[] =>
  isOpen(pin) && likelyClasses(pin).some((signal) => KEYED.has(signal)) ? ["keyed"] : [];
/** What a pin may be found by. */
export const keysOf = once((pin: ReadPin): readonly string[] => [
  `text ${pin.reading.said}`,
  `tell-tale ${tellTale(pin) ?? ""}`,
  ...keyedBy(pin),
  ...thingKeys(pin),
  ...[...pin.reading.kinds].flatMap((kind) => [
    `kind ${kind}`,
    ...(pin.reading.vague ? [`vague ${kind}`] : []),
  ]),
  ...likelyClasses(pin).flatMap((signal) => [`class ${signal}`, ...(isOpen(pin) ? [`open ${signal}`] : [])]),
]);
/** What a partner of a pin may be found by: two pins have a key in common from either end, or there is no case for them. */
export const wantedBy = (pin: ReadPin): readonly string[] => [
  ...(pin.reading.said === "" ? [] : [`text ${pin.reading.said}`]),
  ...keyedBy(pin),
  ...(tellTale(pin) === null ? [] : [`tell-tale ${tellTale(pin) === "any" ? "one" : "any"}`]),
  ...thingKeys(pin),
  ...[...pin.reading.kinds].map((kind) => `${pin.reading.vague ? "kind" : "vague"} ${kind}`),
  ...likelyClasses(pin).map((signal) =>
    isOpen(pin) || isFeed(signal) ? `class ${signal}` : `open ${signal}`,
  ),
];

const wantedKeys = once((pin: ReadPin): ReadonlySet<string> => new Set(wantedBy(pin)));
/** Whether two pins have anything in common that could make them partners. Symmetric. */
export function haveInCommon(left: ReadPin, right: ReadPin): boolean {
  const own = wantedKeys(left);
  return keysOf(right).some((key) => own.has(key));
}
