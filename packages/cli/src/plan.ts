import { blockWords, checkPlan, faultWords, indexPins, pinName, pinNamer, planHash, planWork, stepWords, type JobDocument, type PinId } from "@trevin/core";

/** The worklist in order, the second opinion on it, and what stands in its way. */
export function planReport({ dossier }: JobDocument): unknown {
  const plan = planWork(dossier);
  const pins = indexPins(dossier);
  const name = (id: PinId | null): string | null => {
    const placed = id === null ? undefined : pins.get(id);
    return placed === undefined ? id : pinName(placed);
  };
  const fault = checkPlan(dossier, plan);
  return {
    blocks: plan.blocks.map((block) => blockWords(block, pinNamer(dossier))),
    minutes: plan.minutes,
    hash: planHash(plan),
    steps: plan.steps.map((step, index) => {
      const { verb, object, where } = stepWords(step, dossier);
      return { number: index + 1, id: step.id, kind: step.kind, words: `${verb} ${object}, ${where}`, wire: name(step.wire), at: name(step.at), twins: step.twins.map(name), minutes: step.minutes, discharges: step.decision };
    }),
    fault: fault === null ? null : faultWords(fault, pinNamer(dossier)),
  };
}
