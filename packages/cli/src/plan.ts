import { blockWords, checkPlan, compareMethods, faultWords, indexPins, kitOf, pinName, pinNamer, planHash, planWork, stepWords, type JobDocument, type PinId } from "@trevin/core";

/** The worklist in order, what it needs, the ways of working side by side, the second opinion, and what stands in its way. */
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
    kit: kitOf(dossier, plan).map(({ kind, what, size, count, spare, steps }) => ({ kind, what, size, count, spare, steps: steps.length })),
    methods: compareMethods(dossier, plan).map(({ method, cost }) => ({ method, ...cost })),
    fault: fault === null ? null : faultWords(fault, pinNamer(dossier)),
  };
}
