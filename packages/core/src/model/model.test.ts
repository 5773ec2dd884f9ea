import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { compareNatural } from "../util/index.ts";
import { demoDossier, byName } from "../testing/demo.ts";
import { blankPin } from "./connector.ts";
import { connectorId, pinId } from "./ids.ts";
import { locate, placesOf } from "./face.ts";
import { nextLabel } from "./label.ts";
import type { Connector } from "./connector.ts";
import { SIGNAL_CLASSES, signalFit } from "./signal.ts";

describe("labels", () => {
  it("sort as a hand would count them", () => {
    expect(["10", "2", "B12", "B9", "A"].sort(compareNatural)).toEqual(["2", "10", "A", "B9", "B12"]);
  });
  it("follow one another, letters without I, O and Q (common practice)", () => {
    expect(["1", "9", "B9", "H", "N", "P", "87a", "Z"].map(nextLabel)).toEqual(["2", "10", "B10", "J", "P", "R", "", ""]);
  });
});

describe("signalFit", () => {
  it("is the same both ways round", () => {
    for (const a of SIGNAL_CLASSES) for (const b of SIGNAL_CLASSES) expect(signalFit(a, b)).toBe(signalFit(b, a));
  });
  it("knows what does damage (common practice)", () => {
    expect(signalFit("battery", "ground")).toBe("damage");
    expect(signalFit("ground", "can-l")).toBe("damage");
    expect(signalFit("ignition", "analog")).toBe("damage");
    expect(signalFit("battery", "switched-ground")).toBe("damage");
    expect(signalFit("ground", "ground")).toBe("same");
  });
});

const faced = fc.record({ rows: fc.array(fc.record({ places: fc.integer({ min: 1, max: 12 }), offset: fc.integer({ min: 0, max: 3 }) }), { minLength: 1, maxLength: 4 }), view: fc.constantFrom("wire" as const, "mating" as const) }).map((layout): Connector => ({
  id: connectorId("c"), name: "C", side: "vehicle", place: "", branch: "", module: "", colourSystem: "iec", leads: "loom", sealed: false, layout,
  pins: Array.from({ length: layout.rows.reduce((sum, row) => sum + row.places, 0) }, (_, order) => ({ ...blankPin(pinId(`c.${order}`), String(order + 1), order), content: "occupied" as const })),
}));

describe("faces", () => {
  it("mirror left to right between the views, and twice mirrored is the view", () => {
    fc.assert(fc.property(faced, (connector) => {
      const width = Math.max(...connector.layout!.rows.map((row) => row.offset + row.places));
      const wire = placesOf(connector, "wire")!;
      const mating = placesOf(connector, "mating")!;
      wire.forEach((place, i) => expect(mating[i]).toMatchObject({ row: place.row, column: width - 1 - place.column }));
    }), { seed: 5 });
  });
  it("locate one cavity only, in either view", () => {
    fc.assert(fc.property(faced, fc.constantFrom("wire" as const, "mating" as const), (connector, view) => {
      const seen = new Set(connector.pins.map((pin) => { const at = locate(connector, pin.id, view)!; return `${at.row}/${at.fromLeft}`; }));
      expect(seen.size).toBe(connector.pins.length);
    }), { seed: 6 });
  });
  it("find cavity 7 of the demo's B12 at the right end of the bottom row, seen from the wire side", () => {
    const dossier = demoDossier();
    expect(locate(dossier.connectors[0]!, byName(dossier)("B12.7"), "wire")).toEqual({ row: 2, rows: 2, fromLeft: 8, fromRight: 1 });
    expect(locate(dossier.connectors[0]!, byName(dossier)("B12.7"), "mating")).toMatchObject({ fromLeft: 1 });
  });
  it("claim no place where no layout is known", () => {
    expect(locate({ ...demoDossier().connectors[0]!, layout: null }, pinId("B12.7"), "wire")).toBeNull();
  });
});
