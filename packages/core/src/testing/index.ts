export { decidedDossier, undecidedDossier } from "./arbitraries.ts";
export { byName, demoDossier, F22 } from "./demo.ts";
export { slowlyLive, spread, touchingPairs } from "./slowNets.ts";
export { planFault } from "./planFault.ts";
export { NaiveHarness } from "./naiveApply.ts";
export {
  namesOf,
  outcomeOf,
  pairsOf,
  swapJobs,
  tableJob,
  type Outcome,
  type RawJob,
  type TableJob,
} from "./readingTables.ts";
export { entriesOf } from "./entries.ts";
export { largeJob } from "./largeJob.ts";
export { heldNodes, networkSample, vehicleNetwork } from "./arbitraryNetworks.ts";
