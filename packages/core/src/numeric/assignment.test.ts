import fc from "fast-check";
import { linearSumAssignment } from "linear-sum-assignment";
import munkres from "munkres-js";
import { describe, expect, it } from "vitest";
import { bruteForce } from "../testing/bruteForce.ts";
import { componentsOf, partOf } from "./components.ts";
import { compareCost, solveAssignment, totalOf, type AssignmentProblem, type Cost } from "./assignment.ts";

const cost = fc.tuple(
  fc.integer({ min: -60, max: 20 }),
  fc.integer({ min: -3, max: 3 }),
) as fc.Arbitrary<Cost>;
const price = fc.tuple(fc.integer({ min: 0, max: 12 }), fc.constant(0)) as fc.Arbitrary<Cost>;

/** Small problems with missing edges and prices for staying alone. */
const problem = (largest: number): fc.Arbitrary<AssignmentProblem> =>
  fc
    .tuple(fc.integer({ min: 1, max: largest }), fc.integer({ min: 1, max: largest }))
    .chain(([rows, columns]) =>
      fc.record({
        columns: fc.constant(columns),
        edges: fc.array(
          fc
            .array(fc.option(cost, { freq: 2 }), { minLength: columns, maxLength: columns })
            .map((row) => row.flatMap((one, column) => (one === null ? [] : [{ column, cost: one }]))),
          { minLength: rows, maxLength: rows },
        ),
        rowAlone: fc.array(price, { minLength: rows, maxLength: rows }),
        columnAlone: fc.array(price, { minLength: columns, maxLength: columns }),
      }),
    );

describe("solveAssignment", () => {
  it("solves a worked example: the better pair for one row gives way to the better whole", () => {
    const zero: Cost = [0, 0];
    const solved = solveAssignment({
      columns: 2,
      edges: [
        [
          { column: 0, cost: [-10, 0] },
          { column: 1, cost: [-9, 0] },
        ],
        [{ column: 0, cost: [-8, 0] }],
      ],
      rowAlone: [zero, zero],
      columnAlone: [zero, zero],
    });
    expect(solved.columnOf).toEqual([1, 0]);
    expect(solved.total).toEqual([-17, 0]);
    // Without row 0 on column 1 the best is row 0 on column 0 alone: -10, which is 7 worse.
    expect(solved.marginOf(0)).toEqual([7, 0]);
  });

  it("costs what the best of all pairings costs, in both tiers", () => {
    let paired = 0;
    fc.assert(
      fc.property(problem(5), (p) => {
        const solved = solveAssignment(p);
        expect(solved.total).toEqual(bruteForce(p));
        expect(totalOf(p, solved.columnOf)).toEqual(solved.total);
        paired += solved.columnOf.filter((column) => column !== null).length;
      }),
      { numRuns: 1500, seed: 1 },
    );
    expect(paired).toBeGreaterThan(1000);
  });

  it("gives as margin what solving again without the pair costs more", () => {
    let asked = 0;
    fc.assert(
      fc.property(problem(5), (p) => {
        const solved = solveAssignment(p);
        solved.columnOf.forEach((column, row) => {
          if (column === null) return;
          asked++;
          const without = bruteForce(p, (r, c) => r === row && c === column);
          const [first, second] = solved.marginOf(row);
          expect([first, second]).toEqual([without[0] - solved.total[0], without[1] - solved.total[1]]);
        });
      }),
      { numRuns: 800, seed: 2 },
    );
    expect(asked).toBeGreaterThan(800);
  });

  it("agrees with linear-sum-assignment and munkres-js on dense square matrices", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 24 }).chain((n) =>
          fc.array(fc.array(fc.integer({ min: 0, max: 1000 }), { minLength: n, maxLength: n }), {
            minLength: n,
            maxLength: n,
          }),
        ),
        (matrix) => {
          const alone: Cost = [1_000_000, 0];
          const n = matrix.length;
          const solved = solveAssignment({
            columns: n,
            edges: matrix.map((row) => row.map((value, column) => ({ column, cost: [value, 0] as const }))),
            rowAlone: Array(n).fill(alone) as Cost[],
            columnAlone: Array(n).fill([0, 0]) as Cost[],
          });
          const theirs = linearSumAssignment(matrix, { maximaze: false });
          const sum = Array.from(theirs.rowAssignments).reduce(
            (total, column, row) => total + matrix[row]![column]!,
            0,
          );
          expect(solved.total).toEqual([sum, 0]);
          expect(
            munkres(matrix.map((row) => [...row])).reduce(
              (total, [row, column]) => total + matrix[row]![column]!,
              0,
            ),
          ).toBe(sum);
        },
      ),
      { numRuns: 300, seed: 3 },
    );
  });

  it("agrees with linear-sum-assignment on thousands of problems with forbidden pairs and prices for staying alone", () => {
    let alone = 0;
    fc.assert(
      fc.property(problem(9), (p) => {
        const rows = p.edges.length;
        const size = rows + p.columns;
        // Each row and column has a private place to stay alone; the corner costs nothing. Tiers are ranked by a factor that no sum reaches.
        const matrix = Array.from({ length: size }, (_, r) =>
          Array.from({ length: size }, (__, c) => {
            const rank = ([first, second]: Cost): number => first * 1000 + second;
            if (r < rows && c < p.columns)
              return rank(p.edges[r]!.find(({ column }) => column === c)?.cost ?? [10_000, 0]);
            if (r < rows) return c - p.columns === r ? rank(p.rowAlone[r]!) : 1e8;
            if (c < p.columns) return r - rows === c ? rank(p.columnAlone[c]!) : 1e8;
            return 0;
          }),
        );
        const solved = solveAssignment(p);
        const theirs = linearSumAssignment(matrix, { maximaze: false });
        expect(solved.total[0] * 1000 + solved.total[1]).toBe(
          Array.from(theirs.rowAssignments).reduce((sum, column, row) => sum + matrix[row]![column]!, 0),
        );
        alone += solved.columnOf.filter((column) => column === null).length;
      }),
      { numRuns: 3000, seed: 4 },
    );
    expect(alone).toBeGreaterThan(1000);
  });

  it("solved component by component costs the same and has the same margins", () => {
    let parts = 0;
    fc.assert(
      fc.property(problem(7), (p) => {
        const whole = solveAssignment(p);
        const components = componentsOf(p);
        parts += components.length;
        const margins = new Map<number, Cost>();
        const columnOf = Array<number | null>(p.edges.length).fill(null);
        for (const component of components) {
          const solved = solveAssignment(partOf(p, component));
          solved.columnOf.forEach((column, row) => {
            if (column === null) return;
            columnOf[component.rows[row]!] = component.columns[column]!;
            margins.set(component.rows[row]!, solved.marginOf(row));
          });
        }
        expect(totalOf(p, columnOf)).toEqual(whole.total);
        for (const [row, margin] of margins)
          if (whole.columnOf[row] === columnOf[row]) expect(whole.marginOf(row)).toEqual(margin);
      }),
      { numRuns: 1500, seed: 5 },
    );
    expect(parts).toBeGreaterThan(1000);
  });

  it("never lets the second tier outweigh the first", () => {
    expect(compareCost([0, 1000], [1, -1000])).toBeLessThan(0);
  });
});
