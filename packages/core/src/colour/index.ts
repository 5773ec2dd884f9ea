export {
  COLOUR_NAMES,
  colourInWords,
  plain,
  sameColour,
  type ColourName,
  type Rings,
  type WireColour,
} from "./colour.ts";
export { COLOUR_SYSTEM_NAMES, COLOUR_SYSTEMS, type ColourSystem } from "./codeTables.ts";
export {
  formatColour,
  habitOf,
  parseColour,
  readColour,
  type CodeHabit,
  type ColourProblem,
  type ColourInterpretation,
  type OtherReading,
} from "./parse.ts";
export { rankSystems, type RankedSystem } from "./rank.ts";
export { likenessOf, NOMINAL_SRGB, SIGHTS, toldBySize, type Likeness, type Sight } from "./lookAlike.ts";
