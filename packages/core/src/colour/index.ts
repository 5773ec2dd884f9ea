export { COLOUR_NAMES, colourInWords, plain, sameColour, type ColourName, type WireColour } from "./colour.ts";
export { CODE_TABLES, COLOUR_SYSTEM_NAMES, COLOUR_SYSTEMS, type ColourSystem } from "./codeTables.ts";
export { formatColour, parseColour, rankSystems, type ColourProblem } from "./parse.ts";
