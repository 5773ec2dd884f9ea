import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { EndPlace, HarnessState } from "../state.ts";
import { applied, BARE, bareEnds, placeEnd, put, without, type ApplyResult } from "./guards.ts";

/** Puts a device between bare ends, or takes it out again. Its terminals are joined to their own ends and to nothing else. */
export function applyFit(state: HarnessState, op: OperationOf<"fit">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  const { device, what, terminals, to } = op;
  const fitted = state.devices[device] !== undefined;
  if (fitted === (to === "in")) return fail({ code: "device-already", device, to });
  const ends = terminals.flatMap((one) => one.ends);
  const empty = terminals.find((one) => one.ends.length === 0);
  if (empty !== undefined) return fail({ code: "terminal-without-wire", device, terminal: empty.terminal });
  const reverse = {
    kind: "equivalent",
    op: { ...op, to: to === "in" ? "out" : "in" },
    residue: "wire-shortened",
  } as const;
  if (to === "in") {
    const bare = bareEnds(state, ends);
    if (!bare.ok) return bare;
    const places = terminals.flatMap(({ terminal, ends: own }) =>
      own.map((end) => [end, { at: "device", device, terminal }] as const),
    );
    return applied(
      { ...placeEnd(state, Object.fromEntries(places)), devices: put(state.devices, { [device]: what }) },
      reverse,
    );
  }
  for (const { terminal, ends: own } of terminals)
    for (const end of own) {
      const place = state.ends[end];
      if (place === undefined) return fail({ code: "no-such-end", end });
      if (place.at !== "device" || place.device !== device || place.terminal !== terminal)
        return fail({ code: "not-joined-there", end });
    }
  const other = Object.entries<EndPlace>(state.ends).some(
    ([end, place]) => place.at === "device" && place.device === device && !ends.some((one) => one === end),
  );
  if (other) return fail({ code: "joint-in-use", joint: device });
  return applied(
    {
      ...placeEnd(state, Object.fromEntries(ends.map((end) => [end, BARE]))),
      devices: without(state.devices, [device]),
    },
    reverse,
  );
}
