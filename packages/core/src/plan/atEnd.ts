import { proofOf, type Proof } from "../circuit/index.ts";
import { initialState, type HarnessState } from "../harness/index.ts";
import type { Dossier } from "../model/index.ts";
import { stateAfter } from "./afterSteps.ts";
import { planWork } from "./plan.ts";

/** The harness that a job ends with: planned from its start, whatever was done. */
export const stateAtEnd = (dossier: Dossier): HarnessState =>
  stateAfter(initialState(dossier), planWork(dossier).steps);

/** The circuit of that harness, solved. */
export const provedAtEnd = (dossier: Dossier): Proof => proofOf(dossier, stateAtEnd(dossier));
