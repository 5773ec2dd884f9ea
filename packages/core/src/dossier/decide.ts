import {
  decisionId,
  decisionPins,
  indexPins,
  isTapOf,
  suppliesOf,
  type Decision,
  type DecisionId,
  type Dossier,
  type PinId,
} from "../model/index.ts";
import { fail, ok, type Result } from "../util/index.ts";
import type { Command, CommandProblem } from "./command.ts";
import {
  firstClaimedTwice,
  firstForbidden,
  firstPlugClaimedTwice,
  shapeProblem,
} from "./decisionProblems.ts";
import { changeWiring } from "./wiring.ts";

type Decide = Extract<Command, { kind: "decide" }>;

/** Puts and takes back decisions. New supplies come before the decisions that name them. */
export function decide(
  dossier: Dossier,
  { put, remove, points = [] }: Decide,
): Result<Dossier, CommandProblem> {
  if (points.length === 0) return decidePins(dossier, put, remove);
  const brought = changeWiring(dossier, {
    kind: "change-wiring",
    put: [],
    remove: [],
    putPoints: points,
    removePoints: [],
  });
  return brought.ok ? decidePins(brought.value, put, remove) : brought;
}

function decidePins(
  dossier: Dossier,
  put: readonly Decision[],
  remove: readonly DecisionId[],
): Result<Dossier, CommandProblem> {
  const pins = indexPins(dossier);
  const points = new Set(dossier.points.map(({ id }) => id));
  const replaced = new Set<DecisionId>([...remove, ...put.map(decisionId)]);
  const kept = dossier.decisions.filter((decision) => !replaced.has(decisionId(decision)));
  // A loom's wire that is tapped stays free for what else is decided of it; the one lead of a pigtail is used up.
  const settled = (decision: Decision): readonly PinId[] =>
    decisionPins(decision).filter(
      (pin) => !isTapOf(decision, pin) || pins.get(pin)?.connector.leads === "flying",
    );
  const taken = new Map(
    kept.flatMap((decision) => settled(decision).map((pin) => [pin, decisionId(decision)] as const)),
  );
  for (const decision of put) {
    const misshapen = shapeProblem(decision, pins);
    if (misshapen !== null) return fail(misshapen);
    const lost = suppliesOf(decision).find((id) => !points.has(id));
    if (lost !== undefined) return fail({ code: "no-such-point", point: lost });
    for (const id of settled(decision)) {
      const by = taken.get(id);
      if (by !== undefined) return fail({ code: "pin-already-decided", pin: id, by });
      taken.set(id, decisionId(decision));
    }
  }
  const after = [...kept, ...put];
  const claimed = firstClaimedTwice(after, pins);
  if (claimed !== null) return fail(claimed);
  const plug = firstPlugClaimedTwice(after, pins);
  if (plug !== null) return fail(plug);
  const clash = firstForbidden(after);
  if (clash !== null) return fail(clash);
  return ok({ ...dossier, decisions: after });
}
