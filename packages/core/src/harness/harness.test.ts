import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pinId } from "../model/index.ts";
import { demoDossier, NaiveHarness, undecidedDossier } from "../testing/index.ts";
import { applyOperation } from "./apply.ts";
import { initialState } from "./initialState.ts";
import { owned, settled } from "./operations/guards.ts";
import { anchorKey, netOf } from "./netOf.ts";
import type { Operation } from "./operation.ts";
import {
  builtCavity,
  builtShell,
  cutFarEnd,
  cutPlugEnd,
  endsByCavity,
  farEnd,
  plugEnd,
  plugPart,
  wireOf,
  type HarnessState,
} from "./state.ts";

/** Operations of every kind on a few pins, most of them possible at some time. */
function operationsOn(start: HarnessState): fc.Arbitrary<Operation> {
  const cavities = Object.keys(start.cavities).map(pinId);
  const pin = fc.constantFrom(...cavities);
  const end = pin.chain((id) => fc.constantFrom(plugEnd(id), farEnd(id), cutPlugEnd(id), cutFarEnd(id)));
  const connector = pin.map((id) => start.cavities[id]!.connector);
  return fc.oneof(
    {
      weight: 2,
      arbitrary: fc.record({
        kind: fc.constant("battery" as const),
        to: fc.constantFrom("off" as const, "off" as const, "on" as const),
      }),
    },
    {
      weight: 4,
      arbitrary: fc.record({
        kind: fc.constant("lock" as const),
        connector,
        to: fc.constantFrom("open" as const, "open" as const, "closed" as const),
      }),
    },
    {
      weight: 8,
      arbitrary: pin.map((cavity) => ({ kind: "release" as const, end: plugEnd(cavity), cavity })),
    },
    { weight: 5, arbitrary: fc.record({ kind: fc.constant("insert" as const), end, cavity: pin }) },
    { weight: 5, arbitrary: fc.record({ kind: fc.constant("cut" as const), pin }) },
    {
      weight: 14,
      arbitrary: fc.record({
        kind: fc.constant("splice" as const),
        ends: fc.oneof(
          { weight: 3, arbitrary: fc.array(end, { minLength: 2, maxLength: 2 }) },
          { weight: 1, arbitrary: fc.array(end, { minLength: 1, maxLength: 4 }) },
        ),
        joint: fc.constantFrom("j1", "j2", "j3"),
      }),
    },
    {
      weight: 2,
      arbitrary: fc.record({
        kind: fc.constant("part" as const),
        ends: fc.array(end, { minLength: 2, maxLength: 3 }),
        joint: fc.constantFrom("j1", "j2", "j3"),
      }),
    },
    {
      weight: 5,
      arbitrary: fc.record({
        kind: fc.constant("cap" as const),
        end,
        to: fc.constantFrom("covered" as const, "open" as const),
      }),
    },
    {
      weight: 5,
      arbitrary: fc.record({ kind: fc.constant("feed" as const), end, supply: fc.constant("F5") }),
    },
    {
      weight: 1,
      arbitrary: fc.record({
        kind: fc.constant("unfeed" as const),
        end,
        supply: fc.constant("F5"),
      }),
    },
    {
      weight: 2,
      arbitrary: pin.chain((id) =>
        fc.record({
          kind: fc.constant("take-out" as const),
          wire: fc.constantFrom(wireOf(id), plugPart(id)),
          to: fc.constantFrom("out" as const, "back" as const),
        }),
      ),
    },
    {
      weight: 2,
      arbitrary: connector.chain((id) =>
        fc.record({
          kind: fc.constant("discard" as const),
          connector: fc.constant(id),
          to: fc.constantFrom("out" as const, "out" as const, "back" as const),
        }),
      ),
    },
    {
      weight: 3,
      arbitrary: connector.map((id) => ({
        kind: "disconnect" as const,
        connector: id,
        from: "own" as const,
      })),
    },
    {
      weight: 2,
      arbitrary: connector.chain((id) =>
        fc.record({
          kind: fc.constant("connect" as const),
          connector: fc.constant(id),
          into: fc.constantFrom("own" as const, builtShell(id)),
        }),
      ),
    },
    {
      weight: 1,
      arbitrary: connector.map((id) => ({
        kind: "disconnect" as const,
        connector: id,
        from: builtShell(id),
      })),
    },
    { weight: 2, arbitrary: pin.map((cavity) => ({ kind: "pierce" as const, cavity })) },
    {
      weight: 4,
      arbitrary: fc.record({
        kind: fc.constant("crimp" as const),
        end: fc.oneof(
          end,
          pin.chain((id) => fc.constantFrom(plugEnd(builtCavity(id)), farEnd(builtCavity(id)))),
        ),
        to: fc.constantFrom("fitted" as const, "fitted" as const, "cut-off" as const),
      }),
    },
    {
      weight: 6,
      arbitrary: fc.record({
        kind: fc.constant("fuse" as const),
        supply: fc.constant("F5"),
        to: fc.constantFrom("in" as const, "out" as const),
      }),
    },
    {
      weight: 5,
      arbitrary: fc.record({
        kind: fc.constant("tap" as const),
        pin,
        ends: fc.uniqueArray(pin.map(farEnd), { minLength: 1, maxLength: 2 }),
        joint: fc.constantFrom("J1", "J2"),
        mid: fc.constantFrom(true as const, true as const, undefined),
        to: fc.constantFrom("on" as const, "on" as const, "off" as const),
      }),
    },
    {
      weight: 4,
      arbitrary: fc
        .record({
          device: fc.constantFrom("D1", "D2"),
          ends: fc.uniqueArray(end, { minLength: 2, maxLength: 3 }),
          to: fc.constantFrom("in" as const, "in" as const, "out" as const),
        })
        .map(({ device, ends, to }) => ({
          kind: "fit" as const,
          device,
          what: { kind: "fuse" as const, amps: 5 },
          terminals: ends.map((one, i) => ({ terminal: i === 0 ? "1" : "2", ends: [one] })),
          to,
        })),
    },
    {
      weight: 3,
      arbitrary: fc
        .record({
          kind: fc.constant("build-shell" as const),
          connector,
          to: fc.constantFrom("there" as const, "there" as const, "gone" as const),
        })
        .map(({ connector: id, ...op }) => ({
          ...op,
          connector: builtShell(id),
          cavities: cavities
            .filter((cavity) => start.cavities[cavity]!.connector === id)
            .map((cavity) => ({ cavity: builtCavity(cavity), meets: cavity })),
        })),
    },
    {
      weight: 3,
      arbitrary: fc.record({
        kind: fc.constant("build-wire" as const),
        pin: pin.map(builtCavity),
        to: fc.constantFrom("there" as const, "there" as const, "gone" as const),
      }),
    },
    {
      weight: 4,
      arbitrary: pin.chain((id) =>
        fc.record({
          kind: fc.constant("insert" as const),
          end: fc.constantFrom(plugEnd(builtCavity(id)), farEnd(builtCavity(id)), farEnd(id)),
          cavity: fc.constant(builtCavity(id)),
        }),
      ),
    },
    {
      weight: 8,
      arbitrary: fc.record({
        kind: fc.constant("plug" as const),
        cavity: pin,
        to: fc.constantFrom("plugged" as const, "open" as const),
      }),
    },
  );
}
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
