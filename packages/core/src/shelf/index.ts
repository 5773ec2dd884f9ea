export { OPEN_WORDS, SIGNAL_WORDS } from "./names.ts";
export { SHELLS, waysOf } from "./shells/index.ts";
export { SHELL_GROUPS, type ShelfShell, type ShellGroup, type UsualContact } from "./shells/build.ts";
export {
  crimpOrder,
  drawCrimp,
  drawInsert,
  drawSection,
  findTerminals,
  insertOrder,
  LOCK_WORK,
  locksOf,
  releaseOrder,
  RELEASES,
  sectionOf,
  SECONDARY_LOCKS,
  systemsOf,
  TERMINAL_SYSTEMS,
  type Release,
  type SealRange,
  type SecondaryLock,
  type Section,
  type SectionDrawing,
  type SeenTraits,
  type TerminalMatch,
  type TerminalSystem,
} from "./terminals/index.ts";
