export { planWork } from "./plan.ts";
export { checkPlan, type Fault } from "./check/check.ts";
export { type Block, type Group, type Plan, type Step, type StepKind } from "./step.ts";
