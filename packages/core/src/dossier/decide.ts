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
import type { Command, Commanded, CommandProblem } from "./command.ts";
import {
  firstClaimedTwice,
  firstForbidden,
  firstPlugClaimedTwice,
  shapeProblem,
} from "./decisionProblems.ts";
import { changeWiring } from "./wiring.ts";

type Decide = Extract<Command, { kind: "decide" }>;

/** Puts and takes back decisions. New supplies come before the decisions that name them; those that go, after. */
export function decide(
  dossier: Dossier,
  { put, remove, points = [], removePoints = [] }: Decide,
): Result<Commanded, CommandProblem> {
  const wiring = { kind: "change-wiring", put: [], remove: [], putPoints: [], removePoints: [] } as const;
  const brought = points.length === 0 ? null : changeWiring(dossier, { ...wiring, putPoints: points });
  if (brought?.ok === false) return brought;
  const decided = decidePins(brought?.value.dossier ?? dossier, put, remove);
  if (!decided.ok || (points.length === 0 && removePoints.length === 0)) return decided;
  const gone =
    removePoints.length === 0 ? null : changeWiring(decided.value.dossier, { ...wiring, removePoints });
  if (gone?.ok === false) return gone;
  const before = new Map(dossier.points.map((point) => [point.id, point]));
  return ok({
    dossier: gone?.value.dossier ?? decided.value.dossier,
    inverse: {
      ...decided.value.inverse,
      points: [...points.map(({ id }) => id), ...removePoints].flatMap((id) => before.get(id) ?? []),
      removePoints: points.map(({ id }) => id).filter((id) => !before.has(id)),
    },
  });
}

function decidePins(
  dossier: Dossier,
  put: readonly Decision[],
  remove: readonly DecisionId[],
): Result<{ readonly dossier: Dossier; readonly inverse: Decide }, CommandProblem> {
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
  const before = new Map(dossier.decisions.map((decision) => [decisionId(decision), decision]));
  const inverse = {
    kind: "decide" as const,
    put: [...replaced].flatMap((id) => before.get(id) ?? []),
    remove: put.map(decisionId).filter((id) => !before.has(id)),
  };
  return ok({ dossier: { ...dossier, decisions: after }, inverse });
}
