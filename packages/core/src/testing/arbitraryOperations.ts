import fc from "fast-check";
import { pinId } from "../model/index.ts";
import type { Operation } from "../harness/operation.ts";
import {
  builtCavity,
  builtShell,
  cutFarEnd,
  cutPlugEnd,
  farEnd,
  plugEnd,
  plugPart,
  wireOf,
  type HarnessState,
} from "../harness/state.ts";

/** Operations of every kind on a few pins, most of them possible at some time. */
export function operationsOn(start: HarnessState): fc.Arbitrary<Operation> {
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
