import TinyQueue from "tinyqueue";
import { invariant, present } from "../util/index.ts";

/** Two ranked priorities: the second counts only where the first is equal. Integers, so that sums are exact. */
export type Cost = readonly [number, number];

export interface Edge {
  readonly column: number;
  readonly cost: Cost;
}

/** Rows and columns may pair along an edge or stay alone at their own price. A missing edge is a forbidden pair. */
export interface AssignmentProblem {
  readonly columns: number;
  readonly edges: readonly (readonly Edge[])[];
  readonly rowAlone: readonly Cost[];
  readonly columnAlone: readonly Cost[];
}

export interface Assignment {
  /** Column of each row, or null where the row stays alone. */
  readonly columnOf: readonly (number | null)[];
  readonly total: Cost;
  /**
   * Extra cost of the best assignment in which `row` does not take its column, nor any other edge that `also` forbids. Looked for no
   * further than to `enough` of the first tier, which is then the answer: it is at least so much.
   */
  readonly marginOf: (row: number, also?: (row: number, column: number) => boolean, enough?: number) => Cost;
}

/** A column with the distance at which it was reached. */
interface Reach {
  readonly column: number;
  readonly first: number;
  readonly second: number;
}

const FREE = -1;
const ALONE = -2;

export const addCost = (a: Cost, b: Cost): Cost => [a[0] + b[0], a[1] + b[1]];
export const compareCost = (a: Cost, b: Cost): number => a[0] - b[0] || a[1] - b[1];

/**
 * Least-cost pairing of rows and columns, exact, by shortest augmenting paths with potentials
 * (R. Jonker and A. Volgenant, Computing 38, 1987), compared lexicographically in two tiers. Each row has a private
 * dummy that means "alone", so nothing is padded to a square. Ties go to a free column, then to the lower index, then to staying
 * alone; so rows that are all alike do not push each other about.
 * Time O(rows · edges) at worst; state O(rows + columns).
 */
export function solveAssignment(problem: AssignmentProblem): Assignment {
  const rows = problem.edges.length;
  const { columns } = problem;
  // A column that is taken saves its price of staying alone: subtract that price from its edges once.
  const heads = shared(problem.edges, (edges) => Int32Array.from(edges, (edge) => edge.column));
  const firsts = shared(problem.edges, (edges) =>
    Float64Array.from(edges, (edge) => edge.cost[0] - present(problem.columnAlone[edge.column], "price")[0]),
  );
  const seconds = shared(problem.edges, (edges) =>
    Float64Array.from(edges, (edge) => edge.cost[1] - present(problem.columnAlone[edge.column], "price")[1]),
  );
  const alone1 = Float64Array.from(problem.rowAlone, (cost) => cost[0]);
  const alone2 = Float64Array.from(problem.rowAlone, (cost) => cost[1]);
  const u1 = new Float64Array(rows);
  const u2 = new Float64Array(rows);
  const v1 = new Float64Array(columns);
  const v2 = new Float64Array(columns);
  const columnOf = new Int32Array(rows).fill(FREE);
  const rowOf = new Int32Array(columns).fill(FREE);
  const dist1 = new Float64Array(columns).fill(Infinity);
  const dist2 = new Float64Array(columns);
  const from = new Int32Array(columns);
  const done = new Uint8Array(columns);
  // Columns with a distance, in the order in which they were reached; a sparse problem touches few of them.
  const reached = new Int32Array(columns);
  let reachedCount = 0;
  /** Nearer first, else free, else of the lower index. */
  const queue = new TinyQueue<Reach>([], (a, b) => {
    if (a.first !== b.first) return a.first - b.first;
    if (a.second !== b.second) return a.second - b.second;
    const taken = Number(rowOf[a.column] !== FREE) - Number(rowOf[b.column] !== FREE);
    return taken === 0 ? a.column - b.column : taken;
  });
  const setDistance = (column: number, first: number, second: number): void => {
    if (dist1[column] === Infinity) reached[reachedCount++] = column;
    dist1[column] = first;
    dist2[column] = second;
    queue.push({ column, first, second });
  };

  const scan = (
    row: number,
    base1: number,
    base2: number,
    forbidden: ((row: number, column: number) => boolean) | undefined,
  ): void => {
    const head = heads[row]!;
    const first = firsts[row]!;
    const second = seconds[row]!;
    const shift1 = base1 - u1[row]!;
    const shift2 = base2 - u2[row]!;
    for (let e = 0; e < head.length; e++) {
      const column = head[e]!;
      if (done[column] === 1 || forbidden?.(row, column) === true) continue;
      const reach1 = shift1 + first[e]! - v1[column]!;
      const known = dist1[column]!;
      if (reach1 > known) continue;
      const reach2 = shift2 + second[e]! - v2[column]!;
      if (reach1 < known || reach2 < dist2[column]!) {
        setDistance(column, reach1, reach2);
        from[column] = row;
      }
    }
  };
  /** The nearest column that is not done; what was reached on a shorter way since is passed over. */
  const nearest = (): number => {
    for (let next = queue.peek(); next !== undefined; next = queue.peek()) {
      const { column, first, second } = next;
      if (done[column] === 0 && dist1[column] === first && dist2[column] === second) return column;
      queue.pop();
    }
    return FREE;
  };
  const restart = (): void => {
    for (let i = 0; i < reachedCount; i++) {
      dist1[reached[i]!] = Infinity;
      done[reached[i]!] = 0;
    }
    reachedCount = 0;
    queue.data = [];
    queue.length = 0;
  };

  const augment = (start: number): void => {
    restart();
    const settled: number[] = [];
    let row = start;
    let base1 = 0;
    let base2 = 0;
    let drop1 = Infinity;
    let drop2 = 0;
    let dropRow = FREE;
    let sink: number;
    for (;;) {
      scan(row, base1, base2, undefined);
      const stay1 = base1 + alone1[row]! - u1[row]!;
      const stay2 = base2 + alone2[row]! - u2[row]!;
      if (stay1 < drop1 || (stay1 === drop1 && stay2 < drop2)) [drop1, drop2, dropRow] = [stay1, stay2, row];
      sink = nearest();
      if (sink === FREE || drop1 < dist1[sink]! || (drop1 === dist1[sink] && drop2 < dist2[sink]!)) {
        sink = ALONE;
        [base1, base2] = [drop1, drop2];
        break;
      }
      [base1, base2] = [dist1[sink]!, dist2[sink]!];
      if (rowOf[sink] === FREE) break;
      done[sink] = 1;
      settled.push(sink);
      row = rowOf[sink]!;
    }
    u1[start]! += base1;
    u2[start]! += base2;
    for (const column of settled) {
      const slack1 = base1 - dist1[column]!;
      const slack2 = base2 - dist2[column]!;
      v1[column]! -= slack1;
      v2[column]! -= slack2;
      u1[rowOf[column]!]! += slack1;
      u2[rowOf[column]!]! += slack2;
    }
    let into = sink;
    let mover = sink === ALONE ? dropRow : from[sink]!;
    for (;;) {
      const left = columnOf[mover]!;
      columnOf[mover] = into;
      if (into >= 0) rowOf[into] = mover;
      if (mover === start) return;
      into = left;
      mover = from[left]!;
    }
  };
  for (let row = 0; row < rows; row++) augment(row);

  const marginOf = (
    row: number,
    also?: (row: number, column: number) => boolean,
    enough = Infinity,
  ): Cost => {
    const goal = columnOf[row]!;
    invariant(goal >= 0, "a margin is asked of a pair");
    restart();
    // Residual search from the row to the column it gives up; `spare` is the node that all unused capacity hangs on.
    const forbidden = (r: number, c: number): boolean =>
      (r === row && c === goal) || (columnOf[r] !== c && also?.(r, c) === true);
    let spare1 = Infinity;
    let spare2 = 0;
    let spareDone = false;
    const offerSpare = (a: number, b: number): void => {
      if (a < spare1 || (a === spare1 && b < spare2)) [spare1, spare2] = [a, b];
    };
    const visit = (r: number, a: number, b: number): void => {
      scan(r, a, b, forbidden);
      if (columnOf[r] !== ALONE) offerSpare(a + alone1[r]! - u1[r]!, b + alone2[r]! - u2[r]!);
    };
    visit(row, 0, 0);
    for (;;) {
      const next = nearest();
      if (Math.min(spareDone ? Infinity : spare1, next === FREE ? Infinity : dist1[next]!) >= enough)
        return [enough, 0];
      const spareFirst =
        !spareDone &&
        (next === FREE || spare1 < dist1[next]! || (spare1 === dist1[next] && spare2 < dist2[next]!));
      if (spareFirst) {
        invariant(spare1 !== Infinity, "a row can always stay alone");
        spareDone = true;
        for (let c = 0; c < columns; c++) {
          if (done[c] === 1 || rowOf[c] === FREE) continue;
          const reach1 = spare1 - v1[c]!;
          const reach2 = spare2 - v2[c]!;
          if (reach1 < dist1[c]! || (reach1 === dist1[c] && reach2 < dist2[c]!))
            setDistance(c, reach1, reach2);
        }
        for (let r = 0; r < rows; r++) if (columnOf[r] === ALONE) visit(r, spare1, spare2);
        continue;
      }
      invariant(next !== FREE, "the given-up column can always be reached");
      if (next === goal) return [dist1[next]!, dist2[next]!];
      done[next] = 1;
      if (rowOf[next] === FREE) offerSpare(dist1[next]! - v1[next]!, dist2[next]! - v2[next]!);
      else visit(rowOf[next]!, dist1[next]!, dist2[next]!);
    }
  };

  const result = Array.from(columnOf, (column) => (column >= 0 ? column : null));
  return { columnOf: result, total: totalOf(problem, result), marginOf };
}

/** Computed once for rows that share one list of edges. */
function shared<T>(lists: AssignmentProblem["edges"], make: (edges: readonly Edge[]) => T): readonly T[] {
  const known = new Map<readonly Edge[], T>();
  return lists.map((edges) => {
    const made = known.get(edges) ?? make(edges);
    known.set(edges, made);
    return made;
  });
}

/** Cost of a given pairing: edges taken plus the prices of all who stay alone. */
export function totalOf(problem: AssignmentProblem, columnOf: readonly (number | null)[]): Cost {
  const taken = new Set<number>();
  let total: Cost = [0, 0];
  columnOf.forEach((column, row) => {
    if (column === null) {
      total = addCost(total, present(problem.rowAlone[row], "price"));
      return;
    }
    taken.add(column);
    total = addCost(
      total,
      present(
        problem.edges[row]?.find((edge) => edge.column === column),
        "edge",
      ).cost,
    );
  });
  problem.columnAlone.forEach((price, column) => {
    if (!taken.has(column)) total = addCost(total, price);
  });
  return total;
}
