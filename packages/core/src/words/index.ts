export { stepWords, wireWords, type StepWords } from "./stepWords.ts";
export { aloneWords, reasonWords } from "./reasonWords.ts";
export {
  blockWords, chainProblemWords, colourProblemWords, commandProblemWords, documentProblemWords, faultWords, lineProblemWords, operationProblemWords, pinNamer,
  sizeProblemWords, tableFileNoteWords, tableFileProblemWords, tableProblemWords,
} from "./problemWords.ts";
export { entryNarrator } from "./entryWords.ts";
export { locatorWords } from "./locatorWords.ts";
export { factsWords } from "./factsWords.ts";
export { termWords } from "./termWords.ts";
export { sourceWords } from "./sourceWords.ts";
export { sightWords } from "./sightWords.ts";
export { commandWords } from "./commandWords.ts";
