import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pinId } from "../model/index.ts";
import { demoDossier, NaiveHarness, undecidedDossier } from "../testing/index.ts";
import { applyOperation } from "./apply.ts";
import { initialState } from "./initialState.ts";
import { owned, settled } from "./operations/guards.ts";
import { anchorKey, netOf } from "./netOf.ts";
import type { Operation } from "./operation.ts";
import { cutFarEnd, cutPlugEnd, endsByCavity, plugEnd, wireOf, type HarnessState } from "./state.ts";
import { operationsOn } from "../testing/arbitraryOperations.ts";

const scenario = undecidedDossier(3).chain((dossier) => {
  const start = initialState(dossier);
  const one = operationsOn(start).map((op) => [op]);
  // Moving a terminal needs three things in a row that chance alone seldom brings together.
  const pin = fc.constantFrom(...Object.keys(start.cavities).map(pinId));
  const move = fc.tuple(pin, pin).map(([from, to]): Operation[] => [
    ...[from, to].map((cavity): Operation => ({
      kind: "disconnect",
      connector: start.cavities[cavity]!.connector,
      from: "own",
    })),
    ...[from, to].map((cavity): Operation => ({
      kind: "lock",
      connector: start.cavities[cavity]!.connector,
      to: "open",
    })),
    ...[from, to].map((cavity): Operation => ({ kind: "release", end: plugEnd(cavity), cavity })),
    { kind: "take-out", wire: wireOf(to), to: "out" },
    { kind: "insert", end: plugEnd(from), cavity: to },
  ]);
  // A device needs two bare ends: a wire that was cut has both.
  const between = pin.map((id): Operation[] => [
    { kind: "cut", pin: id },
    {
      kind: "fit",
      device: "D1",
      what: { kind: "fuse", amps: 5 },
      terminals: [
        { terminal: "1", ends: [cutPlugEnd(id)] },
        { terminal: "2", ends: [cutFarEnd(id)] },
      ],
      to: "in",
    },
  ]);
  return fc.tuple(
    fc.constant(start),
    fc
      .array(fc.oneof({ weight: 12, arbitrary: one }, { weight: 1, arbitrary: fc.oneof(move, between) }), {
        minLength: 8,
        maxLength: 40,
      })
      .map((parts) => parts.flat()),
  );
});
const plainState = (state: unknown): unknown => JSON.parse(JSON.stringify(state));

describe("applyOperation", () => {
  it("does the same as a naive second interpreter, and refuses the same", () => {
    const done = new Map<string, number>();
    fc.assert(
      fc.property(scenario, ([start, operations]) => {
        const naive = new NaiveHarness(start);
        let state = start;
        for (const op of [{ kind: "battery", to: "off" } as const, ...operations]) {
          const result = applyOperation(state, op);
          expect(`${op.kind} ${naive.do(op)}`).toBe(`${op.kind} ${result.ok}`);
          if (!result.ok) continue;
          state = result.value.state;
          done.set(op.kind, (done.get(op.kind) ?? 0) + 1);
          expect(plainState(state)).toEqual(naive.state);
        }
      }),
      { numRuns: 1800, seed: 7 },
    );
    for (const kind of [
      "battery",
      "lock",
      "release",
      "insert",
      "cut",
      "splice",
      "tap",
      "fit",
      "cap",
      "feed",
      "take-out",
      "discard",
      "plug",
      "disconnect",
      "connect",
      "pierce",
      "crimp",
      "fuse",
      "build-shell",
      "build-wire",
    ])
      expect(done.get(kind) ?? 0, kind).toBeGreaterThan(20);
  });

  it("reverses exactly where it says exact, and otherwise joins the same points again", () => {
    let exact = 0;
    let equivalent = 0;
    fc.assert(
      fc.property(scenario, ([start, operations]) => {
        let state = start;
        for (const op of [{ kind: "battery", to: "off" } as const, ...operations]) {
          const result = applyOperation(state, op);
          if (!result.ok) continue;
          const { reverse } = result.value;
          const back = applyOperation(result.value.state, reverse.op);
          // Battery on again may rightly be refused by what is bare now; nothing else may.
          if (back.ok) {
            if (reverse.kind === "exact") {
              exact++;
              expect(back.value.state).toEqual(state);
            } else {
              equivalent++;
              expect(joined(back.value.state)).toEqual(joined(state));
            }
          } else expect([back.error.code, op.kind]).toEqual(["live-bare-end", "battery"]);
          state = result.value.state;
        }
      }),
      { numRuns: 400, seed: 8 },
    );
    expect(exact).toBeGreaterThan(1000);
    expect(equivalent).toBeGreaterThan(200);
  });

  it("gives the same on tables of its own, and leaves the state that it began with alone", () => {
    fc.assert(
      fc.property(scenario, ([start, operations]) => {
        const before = JSON.stringify(start);
        let [plain, own] = [start, owned(start)];
        for (const op of [{ kind: "battery", to: "off" } as const, ...operations]) {
          const [a, b] = [applyOperation(plain, op), applyOperation(own, op)];
          expect(b.ok).toBe(a.ok);
          if (a.ok) plain = a.value.state;
          if (b.ok) own = b.value.state;
        }
        expect(own).toEqual(plain);
        expect(JSON.stringify(start)).toBe(before);
        // Settled, it is a state like any other again.
        const end = JSON.stringify(settled(own));
        for (const op of operations) applyOperation(own, op);
        expect(JSON.stringify(own)).toBe(end);
      }),
      { numRuns: 300, seed: 10 },
    );
  });

  it("keeps every end in one place and one terminal in a cavity", () => {
    fc.assert(
      fc.property(scenario, ([start, operations]) => {
        let state = start;
        for (const op of [{ kind: "battery", to: "off" } as const, ...operations]) {
          const result = applyOperation(state, op);
          if (result.ok) state = result.value.state;
        }
        const seated = endsByCavity(state);
        for (const id of Object.keys(state.cavities).map(pinId)) {
          expect(seated.get(id)?.length ?? 0).toBe(state.cavities[id]!.state === "occupied" ? 1 : 0);
        }
        const ends = Object.values(state.wires).flatMap((wire) => wire.ends);
        expect(new Set(ends).size).toBe(ends.length);
        expect([...ends].sort()).toEqual(Object.keys(state.ends).sort());
      }),
      { numRuns: 400, seed: 9 },
    );
  });

  it("refuses power while a bare end hangs on the loom, and names it", () => {
    const start = initialState(demoDossier());
    const pin = pinId("B12.1");
    let state = start;
    for (const op of [
      { kind: "battery", to: "off" },
      { kind: "cut", pin },
    ] as const) {
      const next = applyOperation(state, op);
      if (next.ok) state = next.value.state;
    }
    expect(applyOperation(state, { kind: "battery", to: "on" })).toEqual({
      ok: false,
      error: { code: "live-bare-end", end: cutPlugEnd(pin) },
    });
  });
});

/** Which cavities, looms, parts and supplies are joined to which. */
function joined(state: HarnessState): unknown {
  return netOf(state)
    .all.map((net) => [...net.cavities, ...net.anchors.map(anchorKey)].sort().join(" "))
    .filter((group) => group !== "")
    .sort();
}
