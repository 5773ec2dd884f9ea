import fc from "fast-check";
import { DirectedGraph } from "graphology";
import { hasCycle, topologicalSort } from "graphology-dag";
import { describe, expect, it } from "vitest";
import { orderByPlace, type Unit } from "./order.ts";

const unit = (id: number, place: string, tier: number, after: readonly number[]): Unit => ({
  id: String(id),
  place,
  rank: id,
  tier,
  after: after.map(String),
});

/** Units that wait only for earlier ones, so that there is an order. */
const work = (most: number, places: readonly string[]): fc.Arbitrary<readonly Unit[]> =>
  fc
    .array(
      fc.record({
        place: fc.constantFrom(...places),
        tier: fc.constantFrom(0, 0, 1),
        waits: fc.array(fc.nat(most), { maxLength: 2 }),
      }),
      { minLength: 1, maxLength: most },
    )
    .map((rows) =>
      rows.map(({ place, tier, waits }, id) =>
        unit(
          id,
          place,
          tier,
          waits.filter((other) => other < id && (rows[other]?.tier ?? 0) <= tier),
        ),
      ),
    );

const changesOf = (units: readonly Unit[]): number =>
  units.reduce((sum, { place }, i) => sum + (i > 0 && units[i - 1]?.place !== place ? 1 : 0), 0);
const mayFollow = (unit: Unit, done: ReadonlySet<string>, all: readonly Unit[]): boolean =>
  unit.after.every((id) => done.has(id)) &&
  all.every((other) => other.tier >= unit.tier || done.has(other.id));

/** The fewest changes of place over every order that is allowed, tried one by one. */
function fewestChanges(units: readonly Unit[]): number {
  let best = Infinity;
  const go = (
    left: readonly Unit[],
    done: ReadonlySet<string>,
    place: string | null,
    changes: number,
  ): void => {
    if (changes >= best) return;
    if (left.length === 0) best = changes;
    for (const one of left)
      if (mayFollow(one, done, units))
        go(
          left.filter((other) => other !== one),
          new Set([...done, one.id]),
          one.place,
          changes + (place !== null && place !== one.place ? 1 : 0),
        );
  };
  go(units, new Set(), null, 0);
  return best;
}

describe("orderByPlace", () => {
  it("keeps every order that graphology would keep", () => {
    let edges = 0;
    fc.assert(
      fc.property(work(20, ["sill", "bulkhead", "dash", "boot"]), (units) => {
        const graph = new DirectedGraph();
        for (const { id } of units) graph.addNode(id);
        for (const one of units)
          for (const other of units)
            if ((one.after.includes(other.id) || other.tier < one.tier) && !graph.hasEdge(other.id, one.id))
              graph.addEdge(other.id, one.id);
        expect(hasCycle(graph)).toBe(false);
        const ordered = orderByPlace(units).units;
        const place = new Map(ordered.map(({ id }, i) => [id, i]));
        expect([...place.keys()].sort()).toEqual([...topologicalSort(graph)].sort());
        graph.forEachEdge((_edge, _attributes, before, after) => {
          edges++;
          expect(place.get(before)).toBeLessThan(place.get(after) ?? -1);
        });
      }),
      { numRuns: 500, seed: 61 },
    );
    expect(edges).toBeGreaterThan(2000);
  });

  it("changes place no more often than the best of all orders, in work small enough to try them all", () => {
    let forced = 0;
    fc.assert(
      fc.property(work(7, ["sill", "bulkhead", "dash"]), (units) => {
        const { units: ordered, walk } = orderByPlace(units);
        expect(walk.proven).toBe(true);
        expect(changesOf(ordered)).toBe(walk.changes);
        expect(walk.changes).toBe(fewestChanges(units));
        if (walk.changes > new Set(units.map(({ place }) => place)).size - 1) forced++;
      }),
      { numRuns: 600, seed: 62 },
    );
    expect(forced).toBeGreaterThan(30);
  });

  it("stays sound where the places are too many to search, and says how good it can be at best", () => {
    const places = [...Array(20).keys()].map((n) => `place ${n}`);
    fc.assert(
      fc.property(work(60, places), (units) => {
        const { units: ordered, walk } = orderByPlace(units);
        const done = new Set<string>();
        for (const one of ordered) {
          expect(mayFollow(one, done, units)).toBe(true);
          done.add(one.id);
        }
        expect(walk.atLeast).toBeLessThanOrEqual(walk.changes);
        expect(walk.changes).toBe(changesOf(ordered));
      }),
      { numRuns: 100, seed: 63 },
    );
  });

  it("is the same in whatever order the units come", () => {
    fc.assert(
      fc.property(work(12, ["a", "b", "c"]), (units) => {
        expect(orderByPlace([...units].reverse())).toEqual(orderByPlace(units));
      }),
      { numRuns: 200, seed: 64 },
    );
  });
});
