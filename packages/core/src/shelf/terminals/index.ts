export { systemsOf, TERMINAL_SYSTEMS } from "./families.ts";
export {
  findTerminals,
  RELEASES,
  SECONDARY_LOCKS,
  type Release,
  type SealRange,
  type SecondaryLock,
  type SeenTraits,
  type TerminalMatch,
  type TerminalSystem,
} from "./terminal.ts";
