import fc from "fast-check";
import {
  blankConnector,
  blankPin,
  connectorId,
  pinId,
  rowsOnly,
  type CavityContent,
  type Connector,
  type Pin,
  type SignalClass,
} from "../model/index.ts";

const FUNCTIONS = [
  "Ground",
  "Ignition supply",
  "Constant supply",
  "CAN high",
  "CAN low",
  "Level sender, left",
  "Level sender, right",
  "Road speed",
  "Door ajar",
  "Horn",
  "odd lead",
  "",
];
const COLOURS = ["B", "W/R", "L/W", "SB", "GR/R", "Y", "G", "BR", "", "zz"];
const SIGNALS: readonly (SignalClass | null)[] = [
  "ground",
  "ignition",
  "battery",
  "can-h",
  "can-l",
  "analog",
  "pwm",
  "switched-ground",
  "unknown",
  null,
];

const pinBody = fc.record({
  content: fc.constantFrom<CavityContent>("occupied", "occupied", "occupied", "empty"),
  function: fc.constantFrom(...FUNCTIONS),
  colour: fc.constantFrom(...COLOURS),
  size: fc.constantFrom(null, 0.35, 0.5, 1.5, 2),
  signal: fc.constantFrom(...SIGNALS),
});

/** Plain names, and some that people really use and that look like parts of a key. */
export function connectorWith(
  names: readonly string[],
  side: Connector["side"],
  largest: number,
): fc.Arbitrary<Connector> {
  return fc
    .record({
      name: fc.constantFrom(...names),
      bars: fc.integer({ min: 0, max: 5 }).map((n) => n === 0),
      leads: fc.constantFrom("loom" as const, "flying" as const),
      sealed: fc.boolean(),
      place: fc.constantFrom("", "left sill", "bulkhead"),
      bodies: fc.array(pinBody, { minLength: 1, maxLength: largest }),
    })
    .map(({ name, bars, leads, sealed, place, bodies }) => ({
      ...blankConnector(connectorId(name), name, side),
      colourSystem: "japanese" as const,
      leads,
      sealed,
      place,
      shell: bars
        ? { ...rowsOnly([{ places: bodies.length, offset: 0 }], "wire"), joined: [["1", "2"]] }
        : null,
      pins: bodies.map((body, order): Pin => ({
        ...blankPin(pinId(`${name}.${order + 1}`), String(order + 1), order),
        ...body,
      })),
    }));
}
