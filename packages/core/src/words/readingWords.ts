import { unitOf, type MeasuredOf, type Quantity, type Reading } from "../model/index.ts";
import type { ReadingDoubt } from "../plan/index.ts";
import { inUnit } from "../util/index.ts";

const valueWords = (value: number, quantity: Quantity): string =>
  quantity === "amps" && Math.abs(value) > 0 && Math.abs(value) < 1
    ? inUnit(value * 1e3, "mA")
    : inUnit(value, unitOf(quantity));
/** Where the probes are held. */
export const MEASURED_OF_WORDS: Readonly<Record<MeasuredOf, string>> = {
  "supply-to-ground": "supply to ground",
  "worst-join": "worst join, end to end",
  wire: "at the wire",
  "loom-half": "loom half",
  "plug-half": "connector half",
  battery: "at the battery",
  asleep: "with everything asleep",
};
/** "supply to ground 4.2 kΩ". */
export const readingWords = ({ of, quantity, value }: Reading): string =>
  `${MEASURED_OF_WORDS[of]} ${value === null ? "open" : valueWords(value, quantity)}`;

/** What a technician should make of a doubtful reading. */
export function doubtWords(doubt: ReadingDoubt): string {
  switch (doubt.code) {
    case "short":
      return "Under 10 Ω: a short, or a cold lamp or motor that is switched on. Find out which before power goes on.";
    case "open-join":
      return "Nothing comes through: this join is open.";
    case "poor-join":
      return "Over 1 Ω: a poor joint or a poor touch of the probe. Measure again.";
    case "battery-low":
      return `Under ${doubt.least} V: less than half full. Charge it before you crank.`;
    case "drains":
      return `Over 50 mA asleep: a 60 Ah battery is flat in ${doubt.days < 10 ? Number(doubt.days.toFixed(1)) : Math.round(doubt.days)} days. Find what stays awake.`;
  }
}
const PROBLEMS = {
  "not-a-figure": "Type what the meter shows: 12.4, 4.2k, 35 mA, or OL.",
  "other-unit": "That is another unit.",
  "too-large": "No meter shows that.",
} as const;
export const readingProblemWords = (problem: keyof typeof PROBLEMS): string => PROBLEMS[problem];
