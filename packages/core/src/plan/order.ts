import { compareText, firstDifference } from "../util/index.ts";
import type { Walk } from "./step.ts";

/** A piece of work at one place that is done without interruption. */
export interface Unit {
  readonly id: string;
  readonly place: string;
  /** Smaller first, where nothing else decides. */
  readonly rank: number;
  /** Everything of a lower tier is done before: supplies last. */
  readonly tier: number;
  /** Units that have to be done before, whatever their place. */
  readonly after: readonly string[];
}

export interface Ordered<U> {
  readonly units: readonly U[];
  readonly walk: Walk;
}

/** Up to so many places, and so many states of the work, the fewest changes of place are searched for; beyond, the fullest place comes next. */
const MOST_PLACES = 12;
const MOST_STATES = 20_000;

/**
 * An order of the units that keeps what has to come first, with the fewest changes of place; in a place everything that can be
 * done is done (doing more never hurts, so the sequence of places decides). Breadth first over the sets of units done, so the
 * first order found is the shortest. Throws nothing: units that wait for each other are left in rank order at the end.
 */
export function orderByPlace<U extends Unit>(given: readonly U[]): Ordered<U> {
  const units = [...given].sort((a, b) => firstDifference(a.rank - b.rank, compareText(a.id, b.id)));
  const places = [...new Set(units.map(({ place }) => place))];
  const work = workOf(units);
  const found = places.length <= MOST_PLACES ? shortest(work, places) : null;
  const visits = found ?? greedy(work, places);
  const ordered = visits.flatMap(({ done }) => done.map((index) => units[index] as U));
  const left = units.filter((unit) => !ordered.includes(unit));
  const changes = Math.max(0, visits.length - 1);
  return {
    units: [...ordered, ...left],
    walk: {
      changes,
      atLeast: found === null ? Math.max(0, places.length - 1) : changes,
      proven: found !== null || changes === places.length - 1,
    },
  };
}

interface Work {
  readonly units: readonly Unit[];
  readonly needs: readonly (readonly number[])[];
  /** The units of each tier, first tier first. */
  readonly tiers: readonly (readonly number[])[];
}

function workOf(units: readonly Unit[]): Work {
  const index = new Map(units.map((unit, i) => [unit.id, i]));
  const tiers = [...new Set(units.map(({ tier }) => tier))].sort((a, b) => a - b);
  return {
    units,
    needs: units.map(({ after }) => after.flatMap((id) => index.get(id) ?? [])),
    tiers: tiers.map((tier) => units.flatMap((unit, i) => (unit.tier === tier ? [i] : []))),
  };
}

interface Visit {
  readonly place: string;
  readonly done: readonly number[];
}

/** Everything that can be done at a place without leaving it. */
function visit(
  { units, needs, tiers }: Work,
  before: Uint8Array,
  place: string,
): { readonly done: readonly number[]; readonly after: Uint8Array } {
  const after = before.slice();
  const done: number[] = [];
  for (const tier of tiers) {
    const here = tier.filter((i) => units[i]?.place === place);
    for (let grew = true; grew;) {
      grew = false;
      for (const i of here) {
        if (after[i] === 1 || needs[i]?.some((need) => after[need] !== 1) === true) continue;
        after[i] = 1;
        done.push(i);
        grew = true;
      }
    }
    if (tier.some((i) => after[i] !== 1)) break;
  }
  return { done, after };
}

interface Trail extends Visit {
  readonly after: Uint8Array;
  readonly before: Trail | null;
}

function shortest(work: Work, places: readonly string[]): readonly Visit[] | null {
  const seen = new Set<string>();
  let layer: readonly (Trail | null)[] = [null];
  let furthest: Trail | null = null;
  let furthestCount = 0;
  while (layer.length > 0) {
    const next: Trail[] = [];
    for (const trail of layer) {
      const before = trail?.after ?? new Uint8Array(work.units.length);
      for (const place of places) {
        const { done, after } = visit(work, before, place);
        if (done.length === 0) continue;
        const key = after.join("");
        if (seen.has(key)) continue;
        if (seen.size >= MOST_STATES) return null;
        seen.add(key);
        const here: Trail = { place, done, after, before: trail };
        const count = after.reduce((sum, one) => sum + one, 0);
        if (count > furthestCount) [furthest, furthestCount] = [here, count];
        if (count === work.units.length) return unrolled(here);
        next.push(here);
      }
    }
    layer = next;
  }
  return unrolled(furthest);
}

function unrolled(last: Trail | null): readonly Visit[] {
  const visits: Visit[] = [];
  for (let trail = last; trail !== null; trail = trail.before)
    visits.unshift({ place: trail.place, done: trail.done });
  return visits;
}

function greedy(work: Work, places: readonly string[]): readonly Visit[] {
  const visits: Visit[] = [];
  let state = new Uint8Array(work.units.length);
  for (;;) {
    const best = places
      .map((place) => ({ place, ...visit(work, state, place) }))
      .reduce((a, b) => (b.done.length > a.done.length ? b : a));
    if (best.done.length === 0) return visits;
    visits.push({ place: best.place, done: best.done });
    state = best.after as Uint8Array<ArrayBuffer>;
  }
}
