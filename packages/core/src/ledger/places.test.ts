import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { indexPins, pinName, type Connector, type Dossier, type Pin, type PinId } from "../model/index.ts";
import { checkPlan, planWork } from "../plan/index.ts";
import { byName, decidedDossier, demoDossier } from "../testing/index.ts";
import { baseline, worked, written } from "../testing/ledgers.ts";
import { job, pin, V } from "../testing/twoPlugs.ts";
import { bench } from "./bench.ts";
import type { What } from "./entry.ts";
import { foldLedger, obstaclesToRetract } from "./fold.ts";
import { placeProblem } from "./places.ts";

const seen = (dossier: Dossier, at: PinId, place: string): What => ({
  kind: "found",
  pin: at,
  facts: {},
  place: { found: place, believed: indexPins(dossier).get(at)!.pin.cavity },
  note: "",
});
const occupiedPins = ({ pins }: Connector): readonly Pin[] =>
  pins.filter(({ content }) => content === "occupied");
const labels = (dossier: Pick<Dossier, "connectors">): ReadonlyMap<string, string> =>
  new Map(dossier.connectors.flatMap(({ pins }) => pins.map(({ id, cavity }) => [id, cavity] as const)));

describe("a wire found in another cavity", () => {
  it("changes places with the one that the table has there, and what is decided goes with the wire", () => {
    const dossier = demoDossier();
    const name = byName(dossier);
    const moved = name("B12.1");
    const other = name("B12.5");
    const view = bench(dossier, written([...worked(dossier, 4), seen(dossier, moved, "5")]).entries);
    expect(pinName(indexPins(view.dossier).get(moved)!)).toBe("B12.5");
    expect(pinName(indexPins(view.dossier).get(other)!)).toBe("B12.1");
    expect(view.plan.steps.map(({ id }) => id).sort()).toEqual(
      planWork(dossier)
        .steps.map(({ id }) => id)
        .sort(),
    );
  });

  it("keeps every label once and every step possible, for each wire that has not been worked on; retracted, all is as before", () => {
    let recorded = 0;
    let checked = 0;
    fc.assert(
      fc.property(decidedDossier(5), fc.nat(40), fc.nat(), fc.nat(), (dossier, count, at, to) => {
        const before = worked(dossier, count);
        const view = bench(dossier, written(before).entries);
        const pins = view.dossier.connectors.flatMap((connector) => occupiedPins(connector));
        const moved = pins[at % Math.max(1, pins.length)];
        const row =
          moved &&
          indexPins(view.dossier)
            .get(moved.id)!
            .connector.pins.map(({ cavity }) => cavity);
        const place = row?.[to % row.length];
        if (moved === undefined || place === undefined) return;
        if (placeProblem(view.dossier, view.state, moved.id, place) !== null) return;
        recorded++;
        const whats = [...before, seen(view.dossier, moved.id, place)];
        const { fold, misfits } = foldLedger(written(whats).entries);
        expect(misfits).toEqual([]);
        for (const { pins: all } of fold.connectors)
          expect(new Set(all.map(({ cavity }) => cavity)).size).toBe(all.length);
        const after = bench(dossier, written(whats).entries);
        // A plan that was sound before is sound with the two wires in each other's place.
        if (checkPlan(view.dossier, view.plan, view.start) === null) {
          expect(checkPlan(after.dossier, after.plan, after.start)).toBeNull();
          checked++;
        }
        // Found back where the table had it, everything is where it was.
        const back = [...whats, seen(after.dossier, moved.id, moved.cavity)];
        expect(labels(foldLedger(written(back).entries).fold)).toEqual(labels(view.dossier));
        expect(obstaclesToRetract(written(whats).entries, whats.length - 1)).toEqual([]);
        const retracted: What[] = [...whats, { kind: "retracted", seq: whats.length - 1, reason: "no" }];
        expect(foldLedger(written(retracted).entries).fold.state).toEqual(
          foldLedger(written(before).entries).fold.state,
        );
      }),
      { numRuns: 150, seed: 51 },
    );
    expect(recorded).toBeGreaterThan(60);
    expect(checked).toBeGreaterThan(20);
  });

  it("takes back the first of two, and the second still holds", () => {
    const dossier = job({ v: [pin("1", "Horn"), pin("2", "Fan"), pin("3", "Pump")], x: [pin("A", "Horn")] });
    const whats: What[] = [
      baseline(dossier),
      seen(dossier, "V.1" as PinId, "2"),
      seen(dossier, "V.2" as PinId, "3"),
      { kind: "retracted", seq: 1, reason: "misread" },
    ];
    expect(Object.fromEntries(labels(foldLedger(written(whats).entries).fold))).toMatchObject({
      "V.1": "1",
      "V.2": "3",
      "V.3": "2",
    });
  });

  it("is refused where the housing has no such cavity, where a wire was worked on, and where a decision means the cavity", () => {
    const dossier = demoDossier();
    const name = byName(dossier);
    const steps = planWork(dossier).steps;
    const release = steps.findIndex(({ op }) => op?.kind === "release");
    const gone = steps[release]!.wire!;
    const { dossier: inForce, state } = bench(dossier, written(worked(dossier, release + 1)).entries);
    const code = (at: PinId, place: string) => placeProblem(inForce, state, at, place)?.code ?? null;
    const { connector, pin: own } = indexPins(inForce).get(gone)!;
    const still = occupiedPins(connector).find(({ id }) => id !== gone)!;
    expect(code(gone, still.cavity)).toBe("no-wire-in-it");
    expect(code(still.id, own.cavity)).toBe("wire-moved");
    expect(code(still.id, still.cavity)).toBe("same-place");
    expect(code(name("B12.8"), "99")).toBe("no-cavity-there");
    const moving = job({
      v: [pin("1", "Horn"), pin("2", "", { content: "empty" }), pin("3", "Fan")],
      x: [],
      decisions: [{ kind: "move", pin: V("1"), to: V("2") }],
    });
    const start = bench(moving, []).state;
    expect(placeProblem(moving, start, "V.3" as PinId, "2")?.code).toBe("place-decided");
    expect(placeProblem(moving, start, "V.3" as PinId, "1")).toBeNull();
    expect(placeProblem(moving, start, "V.3" as PinId, "9")).toBeNull();
  });
});
