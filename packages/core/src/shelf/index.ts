export { OPEN_WORDS, SIGNAL_WORDS } from "./names.ts";
export { SHELLS, waysOf } from "./shells/index.ts";
export { SHELL_GROUPS, type ShelfShell, type ShellGroup, type UsualContact } from "./shells/build.ts";
export {
  findTerminals,
  RELEASES,
  SECONDARY_LOCKS,
  systemsOf,
  TERMINAL_SYSTEMS,
  type Release,
  type SealRange,
  type SecondaryLock,
  type SeenTraits,
  type TerminalMatch,
  type TerminalSystem,
} from "./terminals/index.ts";
