export { planWork } from "./plan.ts";
export { checkPlan, type Fault } from "./check/check.ts";
export { type Block, type Group, type Plan, type Step, type StepKind } from "./step.ts";
export { KIT_KINDS, kitKey, kitOf, type KitItem, type KitKind } from "./kit.ts";
export { allBy, compareMethods, costOf, type MethodChoice, type MethodCost } from "./methods.ts";
