import type { EndId, PinId } from "../../model/index.ts";
import { fail, ok, type Result } from "../../util/index.ts";
import type { OperationProblem, Reverse } from "../operation.ts";
import { wireOfEnd, type Cavity, type EndPlace, type HarnessState } from "../state.ts";

export interface Applied {
  readonly state: HarnessState;
  readonly reverse: Reverse;
}
export type ApplyResult = Result<Applied, OperationProblem>;

export const applied = (state: HarnessState, reverse: Reverse): ApplyResult => ok({ state, reverse });

/** An end as a cut or a parted joint leaves it. */
export const BARE = { at: "loose", terminal: false, covered: false } as const;

/** A loose, uncovered end that is aboard: one that a hand can work on. */
export function looseEnd(
  state: HarnessState,
  end: EndId,
): Result<Extract<EndPlace, { at: "loose" }>, OperationProblem> {
  const place = state.ends[end];
  if (place === undefined) return fail({ code: "no-such-end", end });
  if (place.at !== "loose") return fail({ code: "end-not-loose", end });
  if (place.covered) return fail({ code: "end-covered", end });
  const wire = wireOfEnd(state, end);
  return wire !== undefined && state.wires[wire]?.aboard === true
    ? ok(place)
    : fail({ code: "wire-out", end });
}

/** Whether these are different ends, all of them loose, uncovered and without a terminal. */
export function bareEnds(state: HarnessState, ends: readonly EndId[]): Result<true, OperationProblem> {
  const twice = ends.find((end, index) => ends.indexOf(end) !== index);
  if (twice !== undefined) return fail({ code: "joined-to-itself", end: twice });
  for (const end of ends) {
    const loose = looseEnd(state, end);
    if (!loose.ok) return loose;
    if (loose.value.terminal) return fail({ code: "end-carries-terminal", end });
  }
  return ok(true);
}

/** Tables that belong to one replay alone: they are changed in place, since nobody else can see them. */
const OWNED = new WeakSet<object>();
/** A copy of a state whose tables the operations may change in place. It is for one caller, who keeps no state from before. */
export function owned(state: HarnessState): HarnessState {
  const own = <T extends object>(table: T): T => {
    const copy = { ...table };
    OWNED.add(copy);
    return copy;
  };
  return {
    ...state,
    locks: own(state.locks),
    plugged: own(state.plugged),
    cavities: own(state.cavities),
    wires: own(state.wires),
    ends: own(state.ends),
    joints: own(state.joints),
    devices: own(state.devices),
  };
}

/** The same state, from now on nobody's own: every operation on it makes new tables again. */
export function settled(state: HarnessState): HarnessState {
  const { locks, plugged, cavities, wires, ends, joints, devices } = state;
  for (const table of [locks, plugged, cavities, wires, ends, joints, devices]) OWNED.delete(table);
  return state;
}

/** A table with some entries put; a new one unless the table is owned. */
export function put<T extends object>(table: T, entries: Partial<T>): T {
  return OWNED.has(table) ? Object.assign(table, entries) : { ...table, ...entries };
}
/** A table without some keys. */
export function without<T extends object>(table: T, keys: readonly (keyof T)[]): T {
  const rest = OWNED.has(table) ? table : { ...table };
  for (const key of keys) delete rest[key];
  return rest;
}

export const placeEnd = (state: HarnessState, places: Readonly<Record<EndId, EndPlace>>): HarnessState => ({
  ...state,
  ends: put(state.ends, places),
});
export const placeCavity = (state: HarnessState, cavity: PinId, hole: Cavity): HarnessState => ({
  ...state,
  cavities: put(state.cavities, { [cavity]: hole }),
});

/** A built shell that is plugged in nowhere: no power can reach it. */
export const isOnTheTable = (state: HarnessState, { connector, meets }: Cavity): boolean =>
  meets !== undefined && (state.plugged[connector] ?? null) === null;
