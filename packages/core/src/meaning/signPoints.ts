import type { SignalClass } from "../model/index.ts";
import type { ClassClues } from "./clues.ts";
import type { Match } from "./phrases.ts";

/** How much a sign of one word says; signs of several words say more. */
const SINGLE: Readonly<Record<string, number>> = {
  earthed: 6,
  sinks: 6.5,
  sink: 6.5,
  sinking: 6.5,
  opencollector: 6.5,
  ls: 5,
  hs: 5.5,
  npn: 6,
  pnp: 6,
  t31b: 6,
  t87: 6,
  bplus: 5.6,
  permanent: 5.6,
  constant: 5.4,
  unswitched: 6,
  memory: 4.6,
  battery: 4.6,
  t30: 6,
  always: 5,
  t15: 6,
  ignition: 4.7,
  keyed: 5,
  accessory: 5.6,
  t75: 6,
  radio: 3.4,
  reducer: 5,
  dropper: 5,
  crank: 4.8,
  start: 4.3,
  t50: 6,
  pwm: 5.2,
  duty: 5,
  pulse: 4.4,
  hall: 6.2,
  vr: 6.5,
  reluctor: 6.5,
  inductive: 5,
  ntc: 6,
  ptc: 6,
  thermistor: 5,
  ohm: 4.5,
  resistance: 4.5,
  analog: 5.4,
  range5v: 4.8,
  winding: 4.2,
  windingend: 8,
  coil: 3.2,
  "0v": 5.5,
  dimmer: 5,
  dimming: 4.5,
  illumination: 4.2,
  dplus: 6,
  t61: 6,
  exciter: 5,
  wl: 5,
  ground: 5,
  t31: 6.2,
  bminus: 5.6,
  chassis: 3.2,
  frame: 2.6,
  body: 1.6,
  case: 2,
  return: 3.4,
  common: 2.4,
  minus: 2.6,
  supply: 2.6,
  hot: 2.8,
  "5v": 5,
  reference: 3.5,
  vcc: 6,
  diagnostic: 4.8,
  k: 3,
  bus: 3.5,
  data: 4,
  serial: 4.5,
  can: 4,
  shield: 5.8,
};
const STRONG: ReadonlySet<SignalClass> = new Set(["can-h", "can-l", "lin", "k-line", "shield"]);

/** What a sign says for its class. */
export const points = (
  { at }: Match,
  { tokens, asidePlaces, things }: Pick<ClassClues, "tokens" | "asidePlaces" | "things">,
  of: SignalClass,
): number => {
  const [first] = at;
  const token = first === undefined ? undefined : tokens[first];
  const word = token?.word ?? "";
  const single = SINGLE[word] ?? (STRONG.has(of) ? 7 : 4);
  const several = at.length === 2 ? 6.2 : 6.8;
  const base = at.length === 1 ? single : several;
  const said = STRONG.has(of) && at.length > 1 ? base + 1 : base;
  // Behind a bracket stand remarks, but whoever writes there how it is switched means this wire.
  const isRemark = token?.inBrackets === true || at.every((place) => asidePlaces.has(place));
  // "Start signal from ignition switch": where it comes from says little once the text has named what it is.
  const isElsewhere = token?.inBrackets !== true && things.length > 0;
  return isRemark && of !== "switched-ground" && of !== "switched-supply"
    ? said * (isElsewhere ? 0.45 : 0.62)
    : said;
};
