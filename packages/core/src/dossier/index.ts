export { applyCommand, type Command, type Commanded, type CommandProblem, type ConnectorHead } from "./command.ts";
export { undoState, type Change } from "./history.ts";
