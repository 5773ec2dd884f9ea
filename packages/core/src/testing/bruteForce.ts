import { addCost, compareCost, totalOf, type AssignmentProblem, type Cost } from "../numeric/index.ts";

/** The least cost over every possible pairing; for small problems only. */
export function bruteForce(
  problem: AssignmentProblem,
  forbidden: (row: number, column: number) => boolean = () => false,
): Cost {
  let best: Cost | null = null;
  const walk = (row: number, chosen: (number | null)[]): void => {
    if (row === problem.edges.length) {
      const cost = addCost(totalOf(problem, chosen), [0, 0]);
      if (best === null || compareCost(cost, best) < 0) best = cost;
      return;
    }
    walk(row + 1, [...chosen, null]);
    for (const { column } of problem.edges[row] ?? [])
      if (!chosen.includes(column) && !forbidden(row, column)) walk(row + 1, [...chosen, column]);
  };
  walk(0, []);
  return best ?? [0, 0];
}
