import fc from "fast-check";
import {
  blankPoint,
  joinPointId,
  loomWireId,
  methodOf,
  namedPins,
  plainSupply,
  type Dossier,
  type InsertedDevice,
  type JoinPoint,
  type JoinPointKind,
  type LoomWire,
  type Supply,
  type WireEnd,
} from "../model/index.ts";

/** What is known of the looms: wires from pin to pin and to points; and which plugs are in each other already. */
export const withLooms = (dossier: Dossier): fc.Arbitrary<Dossier> => {
  const pins = dossier.connectors
    .filter(({ leads }) => leads === "loom")
    .flatMap((connector) => connector.pins.filter(({ content }) => content === "occupied"));
  if (pins.length === 0) return fc.constant(dossier);
  const end = fc.constantFrom(...pins).map(({ id }): WireEnd => ({ at: "pin", pin: id }));
  const point = fc.constantFrom(...POINTS).map(({ id }): WireEnd => ({ at: "point", point: id }));
  return fc
    .record({
      wires: fc.array(fc.tuple(end, fc.oneof(end, point)), { maxLength: 3 }),
      mated: fc.integer({ min: 0, max: 9 }),
    })
    .map(({ wires, mated }) => ({
      ...dossier,
      wires: wires.map((ends, i): LoomWire => ({
        id: loomWireId(`run ${i}`),
        ends,
        colour: "",
        colourSystem: null,
        size: null,
        circuit: "",
        bundle: null,
      })),
      connectors: dossier.connectors.map((one, i) =>
        i === 0 && mated === 0 ? { ...one, matesWith: dossier.connectors[2]?.id ?? null } : one,
      ),
    }));
};
/** Points of every job: supplies with and without a fuse to fit, a ground and a splice, and one that older records call otherwise. */
export const POINTS: readonly JoinPoint[] = [
  point("splice", "splice", null),
  point("ground", "ground", null),
  point("supply", "supply", null),
  point("F5", "supply", { ...plainSupply("battery"), fuse: { amps: 10, fitted: false } }),
  point("F6", "supply", {
    ...plainSupply("ignition"),
    fuse: { amps: 5, fitted: true },
    aliases: ["ignition fuse F6"],
  }),
  point("G2", "ground", plainSupply("ground")),
  point("bus", "supply", {
    ...plainSupply("battery"),
    behind: joinPointId("F5"),
    trunk: { size: 2.5, length: 900 },
  }),
];
function point(name: string, kind: JoinPointKind, supply: Supply | null): JoinPoint {
  return { ...blankPoint(joinPointId(name), name, kind), supply };
}

/** Parts between, with what their further terminals hang on, or not. */
export const BETWEEN: readonly (InsertedDevice | undefined)[] = [
  undefined,
  undefined,
  undefined,
  { kind: "divider", upper: 22_000, lower: 10_000 },
  {
    kind: "relay",
    coil: "vehicle",
    legs: [
      { terminal: "30", to: { kind: "feed", feed: "battery", supply: joinPointId("F5") } },
      { terminal: "85", to: { kind: "feed", feed: "ground", supply: joinPointId("G2") } },
      { terminal: "87a", to: { kind: "open" } },
    ],
  },
  { kind: "resistor", ohms: 470, how: "in parallel" },
];

/** Plugs that are in each other already stay so; where an adapter or another plug claims one of them, they begin apart. */
export function freeToMate(dossier: Dossier): Dossier {
  const claimed = new Set(
    dossier.decisions
      .filter((decision) => decision.kind === "mate" || methodOf(decision) === "adapter")
      .flatMap(namedPins),
  );
  const taken = dossier.connectors.filter(({ pins }) => pins.some(({ id }) => claimed.has(id)));
  return {
    ...dossier,
    connectors: dossier.connectors.map((one) =>
      taken.some(({ id, matesWith }) => id === one.id || id === one.matesWith || matesWith === one.id)
        ? { ...one, matesWith: null }
        : one,
    ),
  };
}
