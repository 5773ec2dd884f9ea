export { connectorIdSchema, sourceIdSchema } from "./ids.ts";
export {
  briefItemSchema,
  connectorHeadSchema,
  jobHeadSchema,
  joinPointSchema,
  loomWireSchema,
  ownWordSchema,
  pinSchema,
  sourceSchema,
} from "./job.ts";
export { worklistEditsSchema } from "./worklist.ts";
export { withGivenClasses } from "./classes.ts";
export { upcastSupplies } from "./supplies.ts";
export { contentProblem, type ContentProblem } from "./content.ts";
export { decisionSchema } from "./decision.ts";
export { entrySchema, operationSchema } from "./ledger.ts";
export {
  issuesOf,
  jobFileJsonSchema,
  jobFileSchema,
  readEntry,
  readJobFile,
  readJobValue,
  type JobFileProblem,
  type ReadJob,
} from "./jobFile.ts";
export { planFileProblemWords, readPlanFile, type PlanFileProblem } from "./planFile.ts";
export { jobFileProblemWords } from "./words.ts";
export { diffSchema } from "./diff.ts";
export {
  standingSchema,
  type StandingView,
  benchAnswerSchema,
  benchCommandSchema,
  changePinsSchema,
  changeWiringSchema,
  decideSchema,
  jobIdSchema,
  jobViewSchema,
  ledgerQuerySchema,
  ledgerViewSchema,
  newJobSchema,
  patchJobSchema,
  problemSchema,
  putConnectorSchema,
  putSourceSchema,
  setBriefSchema,
  setWorklistSchema,
  setWordsSchema,
  tableFileSchema,
  type BenchAnswer,
  type BenchCommand,
  type BenchCommandInput,
  jobsQuerySchema,
  jobsViewSchema,
  type JobsQuery,
  type PatchJob,
  type JobsView,
  type JobSummary,
  type JobView,
  type Problem,
} from "./api.ts";
export { shellSchema, upcastLayout } from "./shell.ts";
export {
  patchPhotoSchema,
  photoIdSchema,
  photoPlaceSchema,
  photoSchema,
  photosViewSchema,
  type PatchPhoto,
  type Photo,
} from "./photo.ts";
export {
  ownShellSchema,
  shelfIdSchema,
  shelfViewSchema,
  terminalSystemSchema,
  type OwnShell,
  type ShelfView,
} from "./shelf.ts";
