import type { EndId } from "../../model/index.ts";
import { fail, ok, type Result } from "../../util/index.ts";
import type { OperationProblem, Reverse } from "../operation.ts";
import { wireOfEnd, type EndPlace, type HarnessState } from "../state.ts";

export interface Applied {
  readonly state: HarnessState;
  readonly reverse: Reverse;
}
export type ApplyResult = Result<Applied, OperationProblem>;

export const applied = (state: HarnessState, reverse: Reverse): ApplyResult => ok({ state, reverse });

/** An end as a cut or a parted joint leaves it. */
export const BARE = { at: "loose", terminal: false, covered: false } as const;

/** A loose, uncovered end that is aboard: one that a hand can work on. */
export function looseEnd(state: HarnessState, end: EndId): Result<Extract<EndPlace, { at: "loose" }>, OperationProblem> {
  const place = state.ends[end];
  if (place === undefined) return fail({ code: "no-such-end", end });
  if (place.at !== "loose") return fail({ code: "end-not-loose", end });
  if (place.covered) return fail({ code: "end-covered", end });
  const wire = wireOfEnd(state, end);
  return wire !== undefined && state.wires[wire]?.aboard === true ? ok(place) : fail({ code: "wire-out", end });
}

export const placeEnd = (state: HarnessState, places: Readonly<Record<EndId, EndPlace>>): HarnessState => ({ ...state, ends: { ...state.ends, ...places } });
