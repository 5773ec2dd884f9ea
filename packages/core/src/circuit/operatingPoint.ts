import { present } from "../util/index.ts";
import { answer, unanswered, type Solved } from "./answer.ts";
import type { CircuitNote, Element, OperatingPoint } from "./network.ts";
import { across, siemensOf, voltsAt, wiringOf, type Closed, type Round, type Wiring } from "./wiring.ts";

/** A network that is ready to be solved for any position of its switches. */
export interface Circuit {
  /** `closed` overrides the positions of the switches named. */
  readonly solve: (closed?: ReadonlyMap<string, boolean>) => OperatingPoint;
}

const MOST_ROUNDS = 300;
/** A curve's voltage has come to rest when a round moves it by less, V and as a share. */
const AT_REST = 1e-11;
/** Extra leakage that is taken away step by step where the plain iteration does not come to rest, S. */
const AIDS = [1e-1, 1e-2, 1e-3, 1e-4, 1e-6, 1e-8, 1e-10, 1e-12, 0];

export function circuitOf(elements: readonly Element[]): Circuit {
  const wirings = new Map<string, Wiring>();
  const switches = elements.filter((element) => element.kind === "switch");
  const solveAt = (closed: ReadonlyMap<string, boolean>): Solved => {
    const bare = switches
      .filter((one) => (closed.get(one.name) === true ? one.on : one.off) === 0)
      .map(({ name }) => name)
      .join("\u0000");
    let wiring = wirings.get(bare);
    if (wiring === undefined) wirings.set(bare, (wiring = wiringOf(elements, closed)));
    return settle(wiring, closed);
  };
  return {
    solve: (given = new Map()) => {
      const start = new Map(switches.map(({ name, closed }) => [name, given.get(name) ?? closed]));
      const worked = switches.filter(({ name, control }) => control !== null && !given.has(name));
      return follow(worked, start, solveAt);
    },
  };
}

type Switch = Extract<Element, { kind: "switch" }>;

/** Lets worked contacts move one step behind their windings until nothing moves any more. */
function follow(
  worked: readonly Switch[],
  start: Closed,
  solveAt: (closed: Closed) => Solved,
): OperatingPoint {
  let closed = start;
  let solved = solveAt(closed);
  const seen = new Set<string>();
  const keyOf = (at: Closed): string =>
    worked.map(({ name }) => (at.get(name) === true ? "1" : "0")).join("");
  let singly = false;
  let moved: readonly string[] = [];
  for (;;) {
    const moving = worked.filter((one) => isClosedBy(one, closed, solved.volts) !== closed.get(one.name));
    if (moving.length === 0) break;
    moved = moving.map(({ name }) => name);
    const key = keyOf(closed);
    if (seen.has(key)) {
      if (singly || moving.length < 2) return pointOf(solved, closed, [{ kind: "buzzes", elements: moved }]);
      singly = true;
      seen.clear();
    }
    seen.add(key);
    const next = new Map(closed);
    for (const { name } of singly ? moving.slice(0, 1) : moving) next.set(name, closed.get(name) !== true);
    closed = next;
    solved = solveAt(closed);
  }
  return pointOf(solved, closed, singly ? [{ kind: "race", elements: moved }] : []);
}

function isClosedBy({ name, control }: Switch, closed: Closed, volts: OperatingPoint["volts"]): boolean {
  const now = closed.get(name) === true;
  if (control === null) return now;
  const signed = (volts.get(control.plus) ?? 0) - (volts.get(control.minus) ?? 0);
  const across = control.eitherWay === true ? Math.abs(signed) : signed;
  const wasPulled = now !== control.atRest;
  const isPulled = across > control.pullIn || (wasPulled && across >= control.dropOut);
  return isPulled !== control.atRest;
}

const pointOf = (solved: Solved, closed: Closed, more: readonly CircuitNote[]): OperatingPoint => ({
  ...solved,
  closed,
  notes: [...solved.notes, ...more],
});

function settle(wiring: Wiring, closed: Closed): Solved {
  const { branches } = wiring;
  const at = Float64Array.from(branches, ({ curve }) => curve?.start ?? 0);
  const isCurved = wiring.curved.length > 0;
  let round = iterate(wiring, closed, at, 0, isCurved ? MOST_ROUNDS : 1);
  if (round === null) {
    // Brought to rest with leakage across every curve first, which is then taken away.
    for (const aid of AIDS) round = iterate(wiring, closed, at, aid, MOST_ROUNDS);
  }
  return round === null ? unanswered(wiring, [{ kind: "not-settled" }]) : answer(wiring, closed, round);
}

/** Newton's method on the tangents of the curves; `at` is where each curve was touched last. Null where it does not come to rest. */
function iterate(wiring: Wiring, closed: Closed, at: Float64Array, aid: number, most: number): Round | null {
  const { branches, elimination, curved } = wiring;
  // What is straight stays as it is through all rounds.
  const siemens = Float64Array.from(branches, ({ element, curve }) =>
    curve === null ? siemensOf(element, closed) : 0,
  );
  const offset = Float64Array.from(branches, ({ element }) =>
    element.kind === "current" ? element.amps : 0,
  );
  for (let round = 1; round <= most; round++) {
    for (const i of curved) {
      const touched = at[i] ?? 0;
      const tangent = present(branches[i]?.curve ?? undefined, "curve").at(touched);
      siemens[i] = tangent.siemens + aid;
      offset[i] = tangent.amps - tangent.siemens * touched;
    }
    const conductance = new Float64Array(elimination.edges);
    const toGround = new Float64Array(elimination.count);
    const currents = new Float64Array(elimination.count);
    branches.forEach(({ a, b, rise, edge }, i) => {
      const own = siemens[i] ?? 0;
      if (edge >= 0) conductance[edge] = (conductance[edge] ?? 0) + own;
      else if (a !== b) toGround[a > b ? a : b] = (toGround[a > b ? a : b] ?? 0) + own;
      const through = own * rise + (offset[i] ?? 0);
      if (through === 0) return;
      if (a >= 0) currents[a] = (currents[a] ?? 0) - through;
      if (b >= 0) currents[b] = (currents[b] ?? 0) + through;
    });
    const volts = elimination.factor(conductance, toGround).solve(currents);
    let isAtRest = true;
    for (const i of curved) {
      const branch = present(branches[i], "branch");
      const before = at[i] ?? 0;
      const wanted = across(volts, branch);
      const next = present(branch.curve ?? undefined, "curve").limited(wanted, before);
      if (next !== wanted || Math.abs(next - before) > AT_REST * (1 + Math.abs(before))) isAtRest = false;
      at[i] = next;
    }
    if (isAtRest)
      return {
        volts,
        amps: Float64Array.from(
          branches,
          (branch, i) => (siemens[i] ?? 0) * across(volts, branch) + (offset[i] ?? 0),
        ),
        scale: Float64Array.from(branches, ({ a, b, rise }, i) => {
          const ends = Math.abs(voltsAt(volts, a)) + Math.abs(voltsAt(volts, b)) + Math.abs(rise);
          return (siemens[i] ?? 0) * ends + Math.abs(offset[i] ?? 0);
        }),
      };
  }
  return null;
}
