import { decisionId, type Decision, type DecisionId, type Dossier, type Hazard } from "@trevin/core";
import type { Edit } from "./acts.ts";

/** Hazards that one answer may cover: the same rule and the same cure, still open, at a decision. */
export const sameAnswer = (hazards: readonly Hazard[], hazard: Hazard): readonly Hazard[] =>
  hazards.filter(
    (other) =>
      other.rule === hazard.rule &&
      other.cure === hazard.cure &&
      other.decision !== null &&
      !other.cured &&
      other.answered === null,
  );

/** Accepts hazards of one rule with a reason. */
export function acceptHazards(
  dossier: Dossier,
  hazards: readonly Hazard[],
  reason: string,
  by: string,
): Edit {
  const rules = new Map<DecisionId, Set<string>>();
  for (const { decision, rule } of hazards)
    if (decision !== null) rules.set(decision, (rules.get(decision) ?? new Set()).add(rule));
  const put = dossier.decisions.flatMap((decision): readonly Decision[] => {
    const own = rules.get(decisionId(decision));
    if (own === undefined) return [];
    return [
      {
        ...decision,
        answers: [
          ...decision.answers.filter(({ rule }) => !own.has(rule)),
          ...[...own].map((rule) => ({ rule, reason, ...(by === "" ? {} : { by }) })),
        ],
      },
    ];
  });
  return { put, remove: [] };
}

/** An acceptance taken back. */
export const withoutAnswer = (decision: Decision, rule: string): Edit => ({
  put: [{ ...decision, answers: decision.answers.filter((answer) => answer.rule !== rule) }],
  remove: [],
});
