export { componentsOf, partOf, type Component } from "./components.ts";
export {
  addCost,
  compareCost,
  solveAssignment,
  totalOf,
  type Assignment,
  type AssignmentProblem,
  type Cost,
  type Edge,
} from "./assignment.ts";
