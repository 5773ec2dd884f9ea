import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import { cutFarEnd, cutPlugEnd, farPart, plugPart, wireOf, type HarnessState } from "../state.ts";
import { applied, BARE, placeEnd, put, without, type ApplyResult } from "./guards.ts";

/** Cuts the wire of a pin behind the plug: two wires, two bare ends. Taken back only by a joint. */
export function applyCut(state: HarnessState, { pin }: OperationOf<"cut">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  if (state.wires[plugPart(pin)] !== undefined) return fail({ code: "already-cut", pin });
  const whole = state.wires[wireOf(pin)];
  if (whole === undefined) return fail({ code: "no-such-wire", pin });
  if (!whole.aboard) return fail({ code: "wire-already", wire: wireOf(pin), to: "out" });
  const [plug, far] = whole.ends;
  const wires = put(without(state.wires, [wireOf(pin)]), {
    [plugPart(pin)]: { pin, ends: [plug, cutPlugEnd(pin)] as const, aboard: true },
    [farPart(pin)]: { pin, ends: [cutFarEnd(pin), far] as const, aboard: true },
  });
  return applied(placeEnd({ ...state, wires }, { [cutPlugEnd(pin)]: BARE, [cutFarEnd(pin)]: BARE }), {
    kind: "equivalent",
    op: { kind: "splice", ends: [cutPlugEnd(pin), cutFarEnd(pin)], joint: `${pin}#repair` },
    residue: "joint-left-in-wire",
  });
}
