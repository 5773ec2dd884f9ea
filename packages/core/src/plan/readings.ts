import type { MeasuredOf, Quantity, Reading } from "../model/index.ts";
import { daysUntilFlat, USUAL_BATTERY } from "../sizing/index.ts";
import type { Volts } from "../util/index.ts";
import type { Step } from "./step.ts";

/** A figure that a step may be told with. */
export type AskedReading = Pick<Reading, "of" | "quantity">;
const asked = (of: MeasuredOf, quantity: Quantity): AskedReading => ({ of, quantity });

/** The figures that a step may be told with: none has to be. */
export function readingsAsked({
  kind,
  role,
  text,
}: Pick<Step, "kind" | "role" | "text">): readonly AskedReading[] {
  const join = asked("worst-join", "ohms");
  if (kind === "measure") return text === "adapter" ? [join] : [asked("supply-to-ground", "ohms"), join];
  if (kind === "check") return [asked("wire", "volts")];
  if (kind === "find-live") return [asked("loom-half", "volts"), asked("plug-half", "volts")];
  return kind === "battery-on" && role === "battery"
    ? [asked("battery", "volts"), asked("asleep", "amps")]
    : [];
}

/** Why a reading is no good one. */
export type ReadingDoubt =
  | { readonly code: "short" }
  | { readonly code: "open-join" }
  | { readonly code: "poor-join" }
  | { readonly code: "battery-low"; readonly least: Volts }
  | { readonly code: "drains"; readonly days: number };

/** From supply to ground less than that is a short, or something cold that is switched on; a good join has far less than the other, Ω (common practice, no source). */
const [SHORTED, GOOD_JOIN] = [10, 1];
/** A 12 V battery that stands at less is less than half full (common practice, no source). */
const HALF_FULL = 12.2 / 12;
/** More than that asleep is too much, A (common practice, no source). */
const ASLEEP_MOST = 0.05;

/** What speaks against a reading, or null. */
export function doubtOf({ of, value }: Reading, nominalVolts: Volts): ReadingDoubt | null {
  switch (of) {
    case "supply-to-ground":
      return value !== null && value < SHORTED ? { code: "short" } : null;
    case "worst-join":
      if (value === null) return { code: "open-join" };
      return value > GOOD_JOIN ? { code: "poor-join" } : null;
    case "battery": {
      const least = Math.round(10 * HALF_FULL * nominalVolts) / 10;
      return value !== null && value < least ? { code: "battery-low", least } : null;
    }
    case "asleep":
      return value !== null && value > ASLEEP_MOST
        ? { code: "drains", days: daysUntilFlat(value, USUAL_BATTERY) }
        : null;
    case "wire":
    case "loom-half":
    case "plug-half":
      return null;
  }
}
