export { asBuiltCsv, inertCell, ledgerCsv, pinTableCsv, toCsv } from "./csv/csv.ts";
export { EMPTY_WORDS, FIELDS, parseTable, TABLE_LINE_LIMIT, type Field, type LineProblem, type ReadTable, type TableLine, type TableProblem } from "./table/parseTable.ts";
export {
  documentOf, fileOf, JOB_FORMAT, JOB_FORMAT_VERSION, type DocumentProblem, type FileConnector, type FileDecision, type FilePin, type JobDocument, type JobFile, type PinRef,
} from "./job/document.ts";
