import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { looksOf } from "../face/index.ts";
import { mistakenFor } from "../lookalikes/index.ts";
import { allPins, indexPins, pinColour, type Dossier } from "../model/index.ts";
import { planWork, stateAfter } from "../plan/index.ts";
import { decidedDossier, demoDossier } from "../testing/index.ts";
import { cavitiesNow } from "./cavitiesNow.ts";
import { initialState } from "./index.ts";

const tables = (dossier: Dossier) =>
  new Map(dossier.connectors.flatMap((one) => [...looksOf(one, dossier.wires)]));

describe("what is in each cavity now", () => {
  it("is what the pin tables say before anything is done", () => {
    fc.assert(
      fc.property(decidedDossier(3), (dossier) => {
        const before = cavitiesNow(dossier, initialState(dossier));
        for (const [id, look] of tables(dossier))
          if (look.state === "occupied") expect(before.get(id)).toEqual(look);
      }),
    );
  });
  it("follows the work: occupied where a wire sits, and in its own colour wherever it went", () => {
    let moved = 0;
    fc.assert(
      fc.property(decidedDossier(3), fc.nat(), (dossier, count) => {
        const { steps } = planWork(dossier);
        const state = stateAfter(initialState(dossier), steps.slice(0, count % (steps.length + 1)));
        const now = cavitiesNow(dossier, state);
        const pins = indexPins(dossier);
        const seated = new Map(
          Object.entries(state.ends).flatMap(([end, place]) =>
            place.at === "cavity" ? [[place.cavity, end] as const] : [],
          ),
        );
        for (const [cavity, look] of now) {
          const end = seated.get(cavity);
          expect(look.state === "occupied").toBe(end !== undefined);
          const wire = Object.values(state.wires).find((one) => one.ends.some((own) => own === end));
          const source = wire === undefined ? undefined : pins.get(wire.pin);
          if (source === undefined || source.pin.id === cavity || wire?.pin !== source.pin.id) continue;
          moved++;
          const colour = pinColour(source.pin, source.connector);
          expect(look.readings).toEqual(colour === null ? [] : [colour]);
        }
      }),
      { numRuns: 300 },
    );
    expect(moved).toBeGreaterThan(20);
  });
});

describe("wires that could be mistaken for the one in hand", () => {
  it("sit in its connector now and have its base colour", () => {
    const demo = demoDossier();
    const now = cavitiesNow(demo, initialState(demo));
    let found = 0;
    for (const placed of allPins(demo)) {
      const colour = pinColour(placed.pin, placed.connector);
      if (colour === null) continue;
      for (const other of mistakenFor(placed, colour, now)) {
        found++;
        expect(other.pin.id).not.toBe(placed.pin.id);
        expect(placed.connector.pins).toContain(other.pin);
        expect(other.colour.base).toBe(colour.base);
      }
    }
    expect(found).toBeGreaterThan(0);
  });
});
