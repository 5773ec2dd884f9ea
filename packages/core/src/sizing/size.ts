import { fail, ok, type Result, type SquareMillimetres } from "../util/index.ts";
import { awgToMm2 } from "./awg.ts";

export type SizeProblem =
  | { readonly code: "size-unreadable"; readonly text: string }
  | { readonly code: "size-out-of-range"; readonly text: string };

/**
 * Reads a conductor size into mm²: "0.5", ".35", "0,75 mm²", "18 AWG", "#18". Whole numbers of 8 and above without a
 * unit are refused as ambiguous between AWG and mm². Accepts 0.05 to 120 mm².
 */
export function parseSize(text: string): Result<SquareMillimetres, SizeProblem> {
  const clean = text.trim().toLowerCase().replace(",", ".").replace(/\s+/g, " ");
  const awg = /^(?:#|awg ?)(\d{1,2})$|^(\d{1,2}) ?(?:awg|ga|gauge)$/.exec(clean);
  if (awg !== null) return inRange(Math.round(100 * awgToMm2(Number(awg[1] ?? awg[2]))) / 100, text);
  const metric = /^(\d*\.?\d+) ?(mm2|mm²|mm\^2|mm|sq ?mm|qmm)?$/.exec(clean);
  if (metric === null) return fail({ code: "size-unreadable", text });
  const value = Number(metric[1]);
  if (metric[2] === undefined && Number.isInteger(value) && value >= 8)
    return fail({ code: "size-unreadable", text });
  return inRange(value, text);
}

function inRange(value: number, text: string): Result<SquareMillimetres, SizeProblem> {
  return value >= 0.05 && value <= 120 ? ok(value) : fail({ code: "size-out-of-range", text });
}
