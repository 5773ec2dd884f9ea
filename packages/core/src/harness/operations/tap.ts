import type { EndId, WireId } from "../../model/index.ts";
import { fail, ok, type Result } from "../../util/index.ts";
import type { OperationOf, OperationProblem } from "../operation.ts";
import {
  cutFarEnd,
  cutPlugEnd,
  farEnd,
  farPart,
  plugPart,
  tapFarEnd,
  tapNearEnd,
  tapPart,
  wireOf,
  wireOfEnd,
  type EndPlace,
  type HarnessState,
  type Wire,
} from "../state.ts";
import { applied, BARE, bareEnds, placeEnd, put, without, type ApplyResult } from "./guards.ts";

type Tap = OperationOf<"tap">;
/** The two parts that a tap makes of a run, what the run was called, and the ends on both sides of the joint. */
interface Parts {
  readonly run: WireId;
  readonly near: WireId;
  readonly far: WireId;
  readonly ends: readonly [near: EndId, far: EndId];
}

/**
 * Hangs branches on the run of a wire that leads to its far end. It stays whole: both its parts and every branch meet in the
 * joint. Records of before know no taps behind a cut: theirs are named like one.
 */
export function applyTap(state: HarnessState, op: Tap): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  const { pin, ends, joint, to } = op;
  const parts = partsOf(state, op);
  const reverse = {
    kind: "equivalent",
    op: { ...op, to: to === "on" ? "off" : "on" },
    residue: "insulation-opened",
  } as const;
  const met = [...parts.ends, ...ends];
  if (to === "on") {
    const problem = cannotTap(state, op, parts.run);
    if (problem !== null) return fail(problem);
    const whole = state.wires[parts.run];
    if (whole === undefined) return fail({ code: "no-such-wire", pin });
    const wires = put(without(state.wires, [parts.run]), {
      [parts.near]: { pin, ends: [whole.ends[0], parts.ends[0]] as const, aboard: true },
      [parts.far]: { pin, ends: [parts.ends[1], whole.ends[1]] as const, aboard: true },
    });
    const next = placeEnd(
      { ...state, wires },
      Object.fromEntries(met.map((end) => [end, { at: "joint", joint }])),
    );
    return applied({ ...next, joints: put(state.joints, { [joint]: met }) }, reverse);
  }
  const held = heldBy(state, met, joint);
  if (!held.ok) return held;
  const [near, beyond] = [state.wires[parts.near], state.wires[parts.far]];
  if (near === undefined || beyond === undefined) return fail({ code: "no-such-wire", pin });
  const whole: Wire = { pin, ends: [near.ends[0], beyond.ends[1]], aboard: true };
  const wires = put(without(state.wires, [parts.near, parts.far]), { [parts.run]: whole });
  const free = placeEnd({ ...state, wires }, Object.fromEntries(ends.map((end) => [end, BARE])));
  return applied(
    { ...free, ends: without(free.ends, parts.ends), joints: without(state.joints, [joint]) },
    reverse,
  );
}

function partsOf(state: HarnessState, { pin, joint, mid, to }: Tap): Parts {
  if (mid === undefined)
    return {
      run: wireOf(pin),
      near: plugPart(pin),
      far: farPart(pin),
      ends: [cutPlugEnd(pin), cutFarEnd(pin)],
    };
  const ends = [tapNearEnd(pin, joint), tapFarEnd(pin, joint)] as const;
  const run = wireOfEnd(state, to === "on" ? farEnd(pin) : ends[0]) ?? wireOf(pin);
  return { run, near: run, far: tapPart(pin, joint), ends };
}

function cannotTap(
  state: HarnessState,
  { pin, ends, joint, mid }: Tap,
  run: WireId,
): OperationProblem | null {
  if (mid === undefined && state.wires[plugPart(pin)] !== undefined) return { code: "already-cut", pin };
  const whole = state.wires[run];
  if (whole === undefined) return { code: "no-such-wire", pin };
  if (!whole.aboard) return { code: "wire-already", wire: run, to: "out" };
  if (ends.length === 0) return { code: "joint-needs-two-ends" };
  const bare = bareEnds(state, ends);
  if (!bare.ok) return bare.error;
  const own = ends.find((end) => whole.ends.includes(end));
  if (own !== undefined) return { code: "joined-to-itself", end: own };
  return state.joints[joint] === undefined ? null : { code: "joint-in-use", joint };
}

/** Whether a joint holds these ends and no others. */
export function heldBy(
  state: HarnessState,
  ends: readonly EndId[],
  joint: string,
): Result<true, OperationProblem> {
  for (const end of ends) {
    const place: EndPlace | undefined = state.ends[end];
    if (place === undefined) return fail({ code: "no-such-end", end });
    if (place.at !== "joint" || place.joint !== joint) return fail({ code: "not-joined-there", end });
  }
  return state.joints[joint]?.some((end) => !ends.includes(end)) === true
    ? fail({ code: "joint-in-use", joint })
    : ok(true);
}
