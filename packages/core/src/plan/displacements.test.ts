import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  blankConnector,
  blankPin,
  connectorId,
  emptyDossier,
  pinId,
  type Decision,
  type Dossier,
} from "../model/index.ts";
import { planFault } from "../testing/index.ts";
import { displaced, transfersOf } from "./displacements.ts";
import { planWork } from "./plan.ts";

/**
 * The least number of times that a terminal is taken from one place to another, by breadth-first search over every arrangement:
 * a cavity holds one terminal at most, and any number can lie aside. Knows nothing of chains and cycles.
 */
function fewestTransfers(from: readonly (number | null)[], to: readonly (number | null)[]): number {
  const goal = to.join();
  let layer: readonly (readonly (number | null)[])[] = [from];
  const seen = new Set([from.join()]);
  for (let transfers = 0; layer.length > 0; transfers++) {
    if (layer.some((state) => state.join() === goal)) return transfers;
    const next: (number | null)[][] = [];
    const wires = from.flatMap((wire) => wire ?? []);
    for (const state of layer) {
      for (const wire of wires) {
        const now = state.indexOf(wire);
        const places = [
          ...state.flatMap((one, cavity) => (one === null ? [cavity] : [])),
          ...(now < 0 ? [] : [-1]),
        ];
        for (const place of places) {
          const after = [...state];
          if (now >= 0) after[now] = null;
          if (place >= 0) after[place] = wire;
          if (!seen.has(after.join())) {
            seen.add(after.join());
            next.push(after);
          }
        }
      }
    }
    layer = next;
  }
  throw new Error("never reached");
}

/** A plug of so many cavities; wire i starts in cavity i and goes to target[i]. Null: the cavity begins empty. */
function shuffled(targets: readonly (number | null)[], colours: readonly string[] = []): Dossier {
  const pins = targets.map((target, i) => ({
    ...blankPin(pinId(`C.${i}`), String(i), i),
    content: target === null ? ("empty" as const) : ("occupied" as const),
    colour: colours[i] ?? "",
  }));
  const connector = {
    ...blankConnector(connectorId("C"), "C", "vehicle"),
    colourSystem: "japanese" as const,
    pins,
  };
  const decisions = targets.flatMap((target, i): Decision[] =>
    target === null || target === i
      ? []
      : [
          {
            kind: "move",
            pin: pinId(`C.${i}`),
            to: pinId(`C.${target}`),
            sure: "sure",
            reason: "",
            answers: [],
          },
        ],
  );
  return {
    ...emptyDossier({
      name: "",
      kind: "connector-repair",
      vehicle: "",
      incoming: "",
      nominalVolts: 12,
      method: "move",
    }),
    connectors: [connector],
    decisions,
  };
}

/** Each wire's own cavity in a plug with some empty ones, no two alike. */
const arrangement = fc
  .integer({ min: 2, max: 5 })
  .chain((size) =>
    fc.tuple(
      fc.array(fc.boolean(), { minLength: size, maxLength: size }),
      fc.shuffledSubarray([...Array(size).keys()], { minLength: size, maxLength: size }),
    ),
  )
  .map(([wired, order]) => wired.map((one, i) => (one ? (order[i] ?? i) : null)));

describe("displaced", () => {
  it("never takes a terminal more often than the best of all ways, tried out on thousands of plugs", () => {
    let [cycles, chains] = [0, 0];
    fc.assert(
      fc.property(arrangement, (targets) => {
        const dossier = shuffled(targets);
        const to = targets.map((_, cavity): number | null => {
          const wire = targets.indexOf(cavity);
          return wire < 0 ? null : wire;
        });
        const plan = planWork(dossier);
        expect(planFault(dossier, plan)).toBeNull();
        expect(plan.transfers).toBe(
          fewestTransfers(
            targets.map((target, i) => (target === null ? null : i)),
            to,
          ),
        );
        // What the steps do is what is claimed: one release and one insertion for each end, one more place for each that is parked.
        const count = (kind: string): number => plan.steps.filter((step) => step.kind === kind).length;
        expect(count("insert") + count("park")).toBe(plan.transfers);
        expect(count("release")).toBe(dossier.decisions.length);
        if (count("park") > 0) cycles++;
        if (dossier.decisions.length > 1 && count("park") === 0) chains++;
      }),
      { numRuns: 3000, seed: 60 },
    );
    expect(cycles).toBeGreaterThan(400);
    expect(chains).toBeGreaterThan(300);
  });

  it("works a chain from its free end, and an exchange with both out before either goes in", () => {
    const words = (targets: readonly (number | null)[], colours?: readonly string[]): readonly string[] =>
      planWork(shuffled(targets, colours))
        .steps.filter(({ decision }) => decision !== null)
        .map(({ kind, wire, at }) => `${kind} ${wire}${kind === "insert" ? ` into ${at}` : ""}`);
    expect(words([1, 2, null])).toEqual([
      "release C.1",
      "insert C.1 into C.2",
      "release C.0",
      "insert C.0 into C.1",
    ]);
    expect(words([1, 0])).toEqual([
      "release C.0",
      "park C.0",
      "release C.1",
      "insert C.1 into C.0",
      "take-up C.0",
      "insert C.0 into C.1",
    ]);
  });

  it("parks a wire that has no twin, and tags first where all have one", () => {
    const parked = (colours: readonly string[]): readonly string[] =>
      planWork(shuffled([1, 2, 0], colours))
        .steps.filter(({ kind }) => kind === "park" || kind === "label")
        .map(({ kind, wire }) => `${kind} ${wire}`);
    expect(parked(["B", "B", "W/R"])).toEqual(["park C.2"]);
    expect(parked(["B", "B", "B"])).toEqual(["label C.0", "park C.0"]);
  });

  it("counts one for each displaced end and one more for each cycle", () => {
    const rank = (id: string): number => Number(id.split(".")[1]);
    const of = (targets: readonly (number | null)[]): number =>
      transfersOf(displaced(shuffled(targets).decisions, rank));
    expect([of([1, 2, null]), of([1, 0]), of([1, 0, 3, 2]), of([1, 2, 0, 4, null])]).toEqual([2, 3, 6, 5]);
  });
});
