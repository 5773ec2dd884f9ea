export { applyCommand } from "./apply.ts";
export type { Command, CommandProblem } from "./command.ts";
export {
  diffOf,
  isApartFrom,
  patched,
  reversed,
  type ConnectorHead,
  type Diff,
  type Difference,
  type DiffProblem,
  type RecordKind,
  type Records,
} from "./diff.ts";
export { undoState, type Change } from "./history.ts";
