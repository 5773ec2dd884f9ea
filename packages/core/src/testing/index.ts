export { decidedDossier, undecidedDossier } from "./arbitraries.ts";
export { bruteForce } from "./bruteForce.ts";
export { byName, demoDossier } from "./demo.ts";
export { NaiveHarness } from "./naiveApply.ts";
export { filled } from "./filled.ts";
