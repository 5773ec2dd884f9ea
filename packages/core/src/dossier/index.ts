export { applyCommand } from "./apply.ts";
export type { Command, Commanded, CommandProblem, ConnectorHead } from "./command.ts";
export { isApartFrom } from "./touched.ts";
export { undoState, type Change } from "./history.ts";
