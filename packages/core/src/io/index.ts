export { asBuiltCsv, ledgerCsv } from "./csv/csv.ts";
export { rowsOfSheet, rowsOfText, type RawRow, type Sheet, type TableProblem } from "./table/rows.ts";
export type { TableFile, TableFileNote, TableFileProblem } from "./table/file.ts";
export { FIELDS, type Field, type TableShape } from "./table/shape.ts";
export {
  EMPTY_WORDS,
  parseTable,
  readTable,
  type LineProblem,
  type ReadTable,
  type TableChoice,
  type TableLine,
} from "./table/parseTable.ts";
export {
  canGoIn,
  isBlank,
  overwritten,
  takeTable,
  valueOf,
  type Overwritten,
  type TakeMode,
  type TakeOptions,
} from "./table/take.ts";
export { documentOf, fileOf, type DocumentProblem, type JobDocument } from "./job/document.ts";
export {
  JOB_FORMAT,
  JOB_FORMAT_VERSION,
  type FileConnector,
  type FileDecision,
  type FilePin,
  type JobFile,
  type PinRef,
} from "./job/jobFile.ts";
export { readSupply, suppliesIn, withSupplies, type WrittenSupply } from "./job/supplies.ts";
export { drawingSvg, faceSvg, type FaceSvgText } from "./svg/faceSvg.ts";
export * from "./spice/index.ts";
