import { suppliesIn, withSupplies } from "../io/index.ts";
import { joinPointSchema } from "./job.ts";

/** A value that holds decisions and points, as versions wrote it in which a feed was a text: each text becomes a supply of its own. */
export function upcastSupplies(value: unknown): unknown {
  if (typeof value !== "object" || value === null || !("decisions" in value)) return value;
  const { decisions } = value;
  if (!Array.isArray(decisions)) return value;
  const given = joinPointSchema.array().safeParse("points" in value ? (value.points ?? []) : []);
  // Points that cannot be read are reported where the whole value is.
  if (!given.success) return value;
  const supplies = suppliesIn(given.data);
  const moved = decisions.map((decision) => withSupplies(decision, supplies.at));
  const points = supplies.points();
  return { ...value, decisions: moved, ...(points.length === 0 ? {} : { points }) };
}
