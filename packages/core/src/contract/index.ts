export {
  connectorHeadSchema, connectorIdSchema, connectorSchema, decisionIdSchema, decisionSchema, jobHeadSchema, layoutSchema, ownWordSchema, pinFactsSchema, pinIdSchema, pinSchema, sourceIdSchema, sourceSchema, stepIdSchema,
} from "./job.ts";
export { entrySchema, operationSchema, storedEntrySchema, whatSchema } from "./ledger.ts";
export { issuesOf, jobFileJsonSchema, jobFileSchema, readEntry, readJobFile, readJobValue, type JobFileProblem } from "./jobFile.ts";
export { jobFileProblemWords } from "./words.ts";
export { commandSchema } from "./command.ts";
export {
  benchAnswerSchema, benchCommandSchema, changePinsSchema, decideSchema, jobIdSchema, jobSummarySchema, jobViewSchema, ledgerViewSchema, newJobSchema, patchJobSchema, problemSchema, putConnectorSchema, putSourceSchema, setWordsSchema, tableFileSchema, wordsViewSchema,
  type BenchAnswer, type BenchCommand, type BenchCommandInput, type JobSummary, type JobView, type Problem,
} from "./api.ts";
