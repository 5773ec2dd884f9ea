import { applyCommand } from "../dossier/index.ts";
import type { Decision, Dossier } from "../model/index.ts";
import { byName, demoDossier, F22 } from "./index.ts";

/** The demo with its open pins decided as the crosswalk suggests; the speed signal joined otherwise where that is asked for. */
export function decidedDemo(speed: object = { sure: "check" }): Dossier {
  const start = demoDossier();
  const at = byName(start);
  const common = { sure: "sure" as const, reason: "", answers: [] };
  const join = (vehicle: string, incoming: string): Decision => ({
    kind: "join",
    vehicle: at(`B12.${vehicle}`),
    incoming: at(`AL-P.${incoming}`),
    method: "move",
    ...common,
  });
  const put: Decision[] = [
    join("4", "M"),
    { ...join("5", "H"), ...speed } as Decision,
    join("9", "F"),
    join("10", "N"),
    join("11", "G"),
    join("14", "L"),
    { kind: "cap", pin: at("B12.3"), ...common },
    { kind: "feed", pin: at("AL-P.B"), feed: "battery", supply: F22.id, ...common },
  ];
  const done = applyCommand(start, { kind: "decide", put, remove: [], points: [F22] });
  if (!done.ok) throw new Error(done.error.code);
  return done.value;
}
