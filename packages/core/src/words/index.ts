export { readInstructions, type InstructionLine, type ReadInstructions } from "./instructions.ts";
export { cardWords, originWords, stepLine, stepWords, whereLine, type StepWords } from "./stepWords.ts";
export { aloneWords, reasonWords } from "./reasonWords.ts";
export {
  blockWords,
  placeProblemWords,
  pinOfBlock,
  chainProblemWords,
  colourProblemWords,
  commandProblemWords,
  documentProblemWords,
  faultWords,
  lineProblemWords,
  operationProblemWords,
  pinNamer,
  sizeProblemWords,
  tableFileNoteWords,
  tableFileProblemWords,
  tableProblemWords,
} from "./problemWords.ts";
export { standingOf, type Standing } from "./standing.ts";
export { entryNarrator, LIVE_HALF_WORDS } from "./entryWords.ts";
export {
  foundWords,
  gripWords,
  holdWords,
  landmarkWords,
  locatorWords,
  placeWords,
  viewWords,
} from "./locatorWords.ts";
export {
  BLANK_WORDS,
  fitWords,
  GENDER_WORDS,
  JOIN_POINT_WORDS,
  labelProblemWords,
  likenessWords,
  LOCK_WORDS,
  numberingWords,
  rowsWords,
} from "./shellWords.ts";
export {
  goesTo,
  linkWords,
  pointWords,
  sharedWords,
  spotDetail,
  spotWords,
  traceLines,
} from "./wiringWords.ts";
export { factsWords, placeEffectWords } from "./factsWords.ts";
export { termWords } from "./termWords.ts";
export { sourceWords } from "./sourceWords.ts";
export { sightWords } from "./sightWords.ts";
export { decisionWords, doneWords, proposalWords } from "./decisionWords.ts";
export { commandWords } from "./commandWords.ts";
export { cavityWords } from "./cavityWords.ts";
export { faceFile } from "./faceFile.ts";
export { meaningWords, servesWords, SLOT_WORDS, slotValueWords, slotWords } from "./meaningWords.ts";
export { circuitNoteWords, spiceProblemWords } from "./circuitWords.ts";
export {
  askedWords,
  standbyWords,
  circuitFindingWords,
  DEVICE_NAMES,
  FARES_WORDS,
  FAULT_WORDS,
  KEY_WORDS,
  whatIfWords,
  otherwiseWords,
  VERDICT_WORDS,
  voltWords,
  type FindingWords,
} from "./proofWords.ts";
export { howTo, needsHow, orderOf, TERMINAL_ACTS, type HowTo, type TerminalAct } from "./howTo.ts";
export { doubtWords, MEASURED_OF_WORDS, readingProblemWords } from "./readingWords.ts";
