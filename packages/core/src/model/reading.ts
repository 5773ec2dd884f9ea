import { fail, ok, type Result } from "../util/index.ts";

/** What a meter is set to. */
export const QUANTITIES = ["volts", "ohms", "amps"] as const;
export type Quantity = (typeof QUANTITIES)[number];

/** Where it is held. */
export const MEASURED_OF = [
  "supply-to-ground",
  "worst-join",
  "wire",
  "loom-half",
  "plug-half",
  "battery",
  "asleep",
] as const;
export type MeasuredOf = (typeof MEASURED_OF)[number];

/** What was measured, and where. `value` in V, Ω or A; null where the meter shows that nothing comes through ("OL"). */
export interface Reading {
  readonly of: MeasuredOf;
  readonly quantity: Quantity;
  readonly value: number | null;
}

const UNITS: Readonly<Record<Quantity, string>> = { volts: "V", ohms: "Ω", amps: "A" };
export const unitOf = (quantity: Quantity): string => UNITS[quantity];

const OPEN = /^(?:o\.?l\.?|open|∞|inf(?:inite)?|1\.)$/i;
const FIGURE = /^([-+−]?\d+(?:[.,]\d+)?|[-+−]?[.,]\d+)\s*([mkM])?\s*(v|volts?|Ω|ohms?|r|a|amps?)?$/i;
const TIMES: Readonly<Record<string, number>> = { m: 1e-3, k: 1e3, K: 1e3, M: 1e6 };
const NAMED: Readonly<Record<string, Quantity>> = {
  v: "volts",
  Ω: "ohms",
  ω: "ohms",
  o: "ohms",
  r: "ohms",
  a: "amps",
};

/** No meter for vehicles shows more; what is larger is a slip of the hand. */
const MOST: Readonly<Record<Quantity, number>> = { volts: 1000, ohms: 1e9, amps: 2000 };

/** A reading as a meter shows it and a hand types it: "12.4", "4.2k", "35 mA", "OL". An error names what is wrong with it. */
export function parseReading(
  text: string,
  quantity: Quantity,
): Result<number | null, "not-a-figure" | "other-unit" | "too-large"> {
  const typed = text.trim();
  if (quantity === "ohms" && OPEN.test(typed)) return ok(null);
  const found = FIGURE.exec(typed);
  if (found === null) return fail("not-a-figure");
  const [, figure = "", prefix = "", unit = ""] = found;
  if (unit !== "" && NAMED[unit.charAt(0).toLowerCase()] !== quantity) return fail("other-unit");
  const value = Number(figure.replace(",", ".").replace("−", "-")) * (TIMES[prefix] ?? 1);
  return Math.abs(value) > MOST[quantity] || (quantity === "ohms" && value < 0)
    ? fail("too-large")
    : ok(value);
}
