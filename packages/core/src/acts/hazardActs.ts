import { decisionId, type Decision, type HazardAnswer, type Dossier } from "../model/index.ts";
import type { Hazard } from "../hazards/index.ts";
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
  const put = dossier.decisions.flatMap((decision): readonly Decision[] => {
    const own = hazards.filter((hazard) => hazard.decision === decisionId(decision));
    if (own.length === 0) return [];
    const replaced = ({ rule, facts }: HazardAnswer): boolean =>
      own.some((one) => one.rule === rule && (facts === undefined || facts === one.facts));
    return [
      {
        ...decision,
        answers: [
          ...decision.answers.filter((answer) => !replaced(answer)),
          ...own.map(({ rule, facts }) => ({ rule, reason, facts, ...(by === "" ? {} : { by }) })),
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
