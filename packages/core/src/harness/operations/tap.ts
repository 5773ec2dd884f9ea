import type { EndId, PinId } from "../../model/index.ts";
import { fail, ok, type Result } from "../../util/index.ts";
import type { OperationOf, OperationProblem } from "../operation.ts";
import {
  cutFarEnd,
  cutPlugEnd,
  farPart,
  plugPart,
  wireOf,
  type EndPlace,
  type HarnessState,
} from "../state.ts";
import { applied, BARE, bareEnds, placeEnd, put, without, type ApplyResult } from "./guards.ts";

/** Hangs branches on a wire in mid-run. It stays whole: both its halves and every branch meet in the joint. */
export function applyTap(state: HarnessState, op: OperationOf<"tap">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  const { pin, ends, joint, to } = op;
  const own = [cutPlugEnd(pin), cutFarEnd(pin)] as const;
  const reverse = {
    kind: "equivalent",
    op: { ...op, to: to === "on" ? "off" : "on" },
    residue: "insulation-opened",
  } as const;
  if (to === "on") {
    const problem = cannotTap(state, pin, ends, joint);
    if (problem !== null) return fail(problem);
    const whole = state.wires[wireOf(pin)];
    if (whole === undefined) return fail({ code: "no-such-wire", pin });
    const [plug, far] = whole.ends;
    const wires = put(without(state.wires, [wireOf(pin)]), {
      [plugPart(pin)]: { pin, ends: [plug, own[0]] as const, aboard: true },
      [farPart(pin)]: { pin, ends: [own[1], far] as const, aboard: true },
    });
    const met = [...own, ...ends];
    const next = placeEnd(
      { ...state, wires },
      Object.fromEntries(met.map((end) => [end, { at: "joint", joint }])),
    );
    return applied({ ...next, joints: put(state.joints, { [joint]: met }) }, reverse);
  }
  const held = heldBy(state, [...own, ...ends], joint);
  if (!held.ok) return held;
  const [near, beyond] = [state.wires[plugPart(pin)], state.wires[farPart(pin)]];
  if (near === undefined || beyond === undefined) return fail({ code: "no-such-wire", pin });
  const wires = put(without(state.wires, [plugPart(pin), farPart(pin)]), {
    [wireOf(pin)]: { pin, ends: [near.ends[0], beyond.ends[1]] as const, aboard: true },
  });
  const free = placeEnd({ ...state, wires }, Object.fromEntries(ends.map((end) => [end, BARE])));
  return applied({ ...free, ends: without(free.ends, own), joints: without(state.joints, [joint]) }, reverse);
}

function cannotTap(
  state: HarnessState,
  pin: PinId,
  ends: readonly EndId[],
  joint: string,
): OperationProblem | null {
  if (state.wires[plugPart(pin)] !== undefined) return { code: "already-cut", pin };
  const whole = state.wires[wireOf(pin)];
  if (whole === undefined) return { code: "no-such-wire", pin };
  if (!whole.aboard) return { code: "wire-already", wire: wireOf(pin), to: "out" };
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
