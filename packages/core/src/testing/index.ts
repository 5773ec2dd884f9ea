export { decidedDossier, undecidedDossier } from "./arbitraries.ts";
export { byName, demoDossier } from "./demo.ts";
export { NaiveHarness } from "./naiveApply.ts";
