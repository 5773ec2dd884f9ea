import type { Dossier } from "../model/index.ts";
import { checkPlan, type Fault, type Plan } from "../plan/index.ts";

/** What is wrong with the plan of a random job, but for a short that its decisions themselves make: that is what they ask for. */
export function planFault(dossier: Dossier, plan: Pick<Plan, "steps">): Fault | null {
  const fault = checkPlan(dossier, plan);
  return fault?.code === "short-circuit" ? null : fault;
}
