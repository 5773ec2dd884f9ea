export { type BriefLine, briefLines, type BriefState, droppedOption, goesOnBehind } from "./brief.ts";
export { type KeepOut, keepOutOf } from "./keepOut.ts";
