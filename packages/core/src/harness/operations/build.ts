import { pinId, type PinId } from "../../model/index.ts";
import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import { farEnd, plugEnd, wireOf, type Cavity, type HarnessState } from "../state.ts";
import { applied, BARE, placeEnd, put, without, type ApplyResult } from "./guards.ts";

/** Lays a new shell on the work table, its lock open and every cavity empty, or puts it away again once nothing is in it. */
export function applyBuildShell(state: HarnessState, op: OperationOf<"build-shell">): ApplyResult {
  const { connector, cavities, to } = op;
  const there = state.locks[connector] !== undefined;
  if (there === (to === "there")) return fail({ code: "built-already", what: connector });
  const reverse = { kind: "exact", op: { ...op, to: to === "there" ? "gone" : "there" } } as const;
  if (to === "there") {
    const holes = Object.fromEntries(
      cavities.map(({ cavity, meets }): [PinId, Cavity] => [cavity, { connector, state: "empty", meets }]),
    );
    return applied(
      {
        ...state,
        locks: put(state.locks, { [connector]: "open" }),
        plugged: put(state.plugged, { [connector]: null }),
        cavities: put(state.cavities, holes),
      },
      reverse,
    );
  }
  const own = Object.entries<Cavity>(state.cavities).filter(([, hole]) => hole.connector === connector);
  if (
    (state.plugged[connector] ?? null) !== null ||
    own.some(([, hole]) => hole.state === "occupied") ||
    own.some(([cavity]) => !cavities.some((one) => one.cavity === pinId(cavity)))
  )
    return fail({ code: "built-in-use", what: connector });
  if (state.locks[connector] === "closed") return fail({ code: "lock-closed", connector });
  return applied(
    {
      ...state,
      locks: without(state.locks, [connector]),
      plugged: without(state.plugged, [connector]),
      cavities: without(
        state.cavities,
        own.map(([cavity]) => pinId(cavity)),
      ),
    },
    reverse,
  );
}

/** Cuts a new wire to length, both ends bare, or puts it away again while they are. */
export function applyBuildWire(state: HarnessState, { pin, to }: OperationOf<"build-wire">): ApplyResult {
  const id = wireOf(pin);
  const wire = state.wires[id];
  if ((wire !== undefined) === (to === "there")) return fail({ code: "built-already", what: pin });
  const ends = [plugEnd(pin), farEnd(pin)] as const;
  const reverse = {
    kind: "exact",
    op: { kind: "build-wire", pin, to: to === "there" ? "gone" : "there" },
  } as const;
  if (to === "there") {
    if (ends.some((end) => state.ends[end] !== undefined)) return fail({ code: "built-already", what: pin });
    return applied(
      placeEnd(
        { ...state, wires: put(state.wires, { [id]: { pin, ends, aboard: true } }) },
        Object.fromEntries(ends.map((end) => [end, BARE])),
      ),
      reverse,
    );
  }
  const bare = ends.every((end) => {
    const place = state.ends[end];
    return place?.at === "loose" && !place.terminal && !place.covered;
  });
  if (!bare || wire?.aboard !== true) return fail({ code: "built-in-use", what: pin });
  return applied({ ...state, wires: without(state.wires, [id]), ends: without(state.ends, ends) }, reverse);
}
