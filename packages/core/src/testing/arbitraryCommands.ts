import fc from "fast-check";
import {
  blankPoint,
  blankPin,
  decisionId,
  joinPointId,
  loomWireId,
  pinId,
  type Dossier,
  type LoomWire,
  type WireEnd,
} from "../model/index.ts";
import { decidedDossier } from "./arbitraries.ts";
import type { Command } from "../dossier/command.ts";

/** Order of rows is no content: the database gives them back by id. */
export const sorted = (dossier: Dossier): unknown => ({
  ...dossier,
  connectors: [...dossier.connectors]
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .map((connector) => ({ ...connector, pins: [...connector.pins].sort((a, b) => (a.id < b.id ? -1 : 1)) })),
  decisions: [...dossier.decisions].sort((a, b) => (decisionId(a) < decisionId(b) ? -1 : 1)),
  wires: [...dossier.wires].sort((a, b) => (a.id < b.id ? -1 : 1)),
  points: [...dossier.points].sort((a, b) => (a.id < b.id ? -1 : 1)),
});

/** A dossier with wires between its pins, a splice and open ends. */
export const wired = decidedDossier(4).chain((dossier) => {
  const pins = dossier.connectors
    .flatMap((connector) => connector.pins)
    .filter((pin) => pin.content !== "empty");
  const end: fc.Arbitrary<WireEnd> = fc.oneof(
    ...(pins.length === 0
      ? []
      : [fc.constantFrom(...pins).map((pin): WireEnd => ({ at: "pin", pin: pin.id }))]),
    fc.constant<WireEnd>({ at: "point", point: joinPointId("S1") }),
    fc.constant<WireEnd>({ at: "loom" }),
  );
  return fc.array(fc.array(end, { minLength: 2, maxLength: 4 }), { maxLength: 6 }).map((all): Dossier => ({
    ...dossier,
    points: [...dossier.points, blankPoint(joinPointId("S1"), "S1", "splice")],
    wires: all
      .filter((ends) => ends.some((one) => one.at !== "loom"))
      .map((ends, i) => ({ ...bare(`w${i}`), ends })),
  }));
});
export const bare = (id: string): LoomWire => ({
  id: loomWireId(id),
  ends: [{ at: "point", point: joinPointId("S1") }, { at: "loom" }],
  colour: "",
  colourSystem: null,
  size: null,
  circuit: "",
  bundle: null,
});

export function commandsOn(dossier: Dossier): fc.Arbitrary<Command> {
  const connector = fc.constantFrom(...dossier.connectors);
  const blank = { ...blankPin(pinId("fresh"), "99", 99), function: "Horn", colour: "Y", size: 0.5 };
  return fc.oneof(
    fc
      .string({ maxLength: 8 })
      .map((name): Command => ({ kind: "set-head", head: { ...dossier.head, name } })),
    fc
      .tuple(
        connector,
        fc.constantFrom("V1", "X1", "NEW"),
        fc.constantFrom("vehicle" as const, "incoming" as const),
      )
      .map(([{ pins: _pins, ...head }, name, side]): Command => ({
        kind: "put-connector",
        connector: { ...head, name, side },
      })),
    connector.map((one): Command => ({ kind: "remove-connector", connector: one.id })),
    connector.chain((one) =>
      fc
        .record({
          remove: fc.shuffledSubarray(one.pins.map((pin) => pin.id)),
          put: fc.shuffledSubarray([
            ...one.pins.map((pin) => ({ ...pin, function: "Horn", content: "empty" as const })),
            blank,
          ]),
        })
        .map(({ put, remove }): Command => ({
          kind: "change-pins",
          connector: one.id,
          put: put.filter((pin) => !remove.includes(pin.id)),
          remove,
        })),
    ),
    fc
      .record({
        put: fc.shuffledSubarray([...dossier.wires, bare("new")]),
        remove: fc.shuffledSubarray(dossier.wires.map((wire) => wire.id)),
      })
      .map(({ put, remove }): Command => ({
        kind: "change-wiring",
        put: put.filter((wire) => !remove.includes(wire.id)).map((wire) => ({ ...wire, circuit: "7" })),
        remove,
        putPoints: [{ ...blankPoint(joinPointId("G1"), "G1", "ground"), place: "sill", thread: 6 }],
        removePoints: [],
      })),
    fc.shuffledSubarray([...dossier.decisions]).map((some): Command => ({
      kind: "decide",
      put: some.map((decision) => ({ ...decision, reason: "again" })),
      remove: [],
    })),
    fc
      .shuffledSubarray(dossier.decisions.map(decisionId))
      .map((remove): Command => ({ kind: "decide", put: [], remove })),
  );
}
