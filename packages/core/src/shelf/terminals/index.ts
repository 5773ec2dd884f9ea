export { systemsOf, TERMINAL_SYSTEMS } from "./families.ts";
export { drawSection, type SectionDrawing } from "./drawSection.ts";
export { LOCK_WORK, SECONDARY_LOCKS, type SecondaryLock } from "./locks.ts";
export { drawCrimp, drawInsert } from "./drawOrders.ts";
export {
  crimpLines,
  crimpOrder,
  insertLines,
  insertOrder,
  releaseOrder,
  type OrderLine,
} from "./procedures.ts";
export { locksOf, sectionOf, type Section } from "./section.ts";
export {
  findTerminals,
  RELEASES,
  type Release,
  type SealRange,
  type SeenTraits,
  type TerminalMatch,
  type TerminalSystem,
} from "./terminal.ts";
