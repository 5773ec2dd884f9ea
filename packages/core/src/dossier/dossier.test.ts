import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  plainSupply,
  blankPoint,
  blankPin,
  connectorId,
  decisionId,
  joinPointId,
  loomWireId,
  pinId,
  sourceId,
  type PinId,
  type Dossier,
  type LoomWire,
  type WireEnd,
} from "../model/index.ts";
import { decidedDossier } from "../testing/index.ts";
import { applyCommand } from "./apply.ts";
import type { Command } from "./command.ts";
import { undoState, type Change } from "./history.ts";
import { isApartFrom } from "./touched.ts";

/** Order of rows is no content: the database gives them back by id. */
const sorted = (dossier: Dossier): unknown => ({
  ...dossier,
  connectors: [...dossier.connectors]
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .map((connector) => ({ ...connector, pins: [...connector.pins].sort((a, b) => (a.id < b.id ? -1 : 1)) })),
  decisions: [...dossier.decisions].sort((a, b) => (decisionId(a) < decisionId(b) ? -1 : 1)),
  wires: [...dossier.wires].sort((a, b) => (a.id < b.id ? -1 : 1)),
  points: [...dossier.points].sort((a, b) => (a.id < b.id ? -1 : 1)),
});

/** A dossier with wires between its pins, a splice and open ends. */
const wired = decidedDossier(4).chain((dossier) => {
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
const bare = (id: string): LoomWire => ({
  id: loomWireId(id),
  ends: [{ at: "point", point: joinPointId("S1") }, { at: "loom" }],
  colour: "",
  colourSystem: null,
  size: null,
  circuit: "",
  bundle: null,
});

function commandsOn(dossier: Dossier): fc.Arbitrary<Command> {
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
          decisions: [],
          wires: [],
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

describe("applyCommand", () => {
  it("is taken back exactly by its inverse, and put back by the inverse's inverse", () => {
    const kinds = new Map<string, number>();
    fc.assert(
      fc.property(
        wired.chain((dossier) => fc.tuple(fc.constant(dossier), commandsOn(dossier))),
        ([dossier, command]) => {
          const done = applyCommand(dossier, command);
          if (!done.ok) return;
          kinds.set(command.kind, (kinds.get(command.kind) ?? 0) + 1);
          const undone = applyCommand(done.value.dossier, done.value.inverse);
          if (!undone.ok) throw new Error(undone.error.code);
          expect(sorted(undone.value.dossier)).toEqual(sorted(dossier));
          const redone = applyCommand(undone.value.dossier, undone.value.inverse);
          if (!redone.ok) throw new Error(redone.error.code);
          expect(sorted(redone.value.dossier)).toEqual(sorted(done.value.dossier));
        },
      ),
      { numRuns: 1500, seed: 10 },
    );
    for (const kind of [
      "set-head",
      "put-connector",
      "remove-connector",
      "change-pins",
      "change-wiring",
      "decide",
    ])
      expect(kinds.get(kind) ?? 0, kind).toBeGreaterThan(50);
  });

  it("refuses, with a reason, what would contradict itself", () => {
    const [dossier] = fc.sample(decidedDossier(5), { numRuns: 1, seed: 11 });
    const first = dossier!.connectors[0]!;
    const pin = first.pins[0]!;
    const code = (command: Command): string => {
      const result = applyCommand(dossier!, command);
      return result.ok ? "ok" : result.error.code;
    };
    const { pins: _pins, ...head } = first;
    expect(code({ kind: "set-head", head: { ...dossier!.head, name: " " } })).toBe("name-missing");
    expect(code({ kind: "put-connector", connector: { ...head, id: connectorId("other") } })).toBe(
      "name-taken",
    );
    expect(
      code({
        kind: "change-pins",
        connector: first.id,
        put: [{ ...pin, id: pinId("double") }],
        remove: [],
        decisions: [],
        wires: [],
      }),
    ).toBe("cavity-taken");
    expect(
      code({
        kind: "change-pins",
        connector: first.id,
        put: [{ ...pin, cavity: "" }],
        remove: [],
        decisions: [],
        wires: [],
      }),
    ).toBe("cavity-missing");
    const wiring = { kind: "change-wiring", put: [], remove: [], putPoints: [], removePoints: [] } as const;
    const ends = (...list: WireEnd[]): Command => ({ ...wiring, put: [{ ...bare("w"), ends: list }] });
    expect(code(ends({ at: "loom" }, { at: "loose", end: "bare" }))).toBe("wire-needs-two-ends");
    expect(code(ends({ at: "pin", pin: pinId("gone") }, { at: "loom" }))).toBe("no-such-pin");
    expect(code(ends({ at: "point", point: joinPointId("S9") }, { at: "loom" }))).toBe("no-such-point");
    expect(code({ ...wiring, remove: [loomWireId("gone")] })).toBe("no-such-wire");
    const point = blankPoint(joinPointId("S1"), "S1", "splice");
    expect(code({ ...wiring, putPoints: [point, { ...point, id: joinPointId("S2") }] })).toBe("name-taken");
    const supply = (id: string, behind: string) => ({
      ...blankPoint(joinPointId(id), id, "supply"),
      supply: { ...plainSupply("battery"), behind: joinPointId(behind) },
    });
    expect(code({ ...wiring, putPoints: [supply("A", "gone")] })).toBe("no-such-point");
    expect(code({ ...wiring, putPoints: [supply("A", "B"), supply("B", "A")] })).toBe("supply-ring");
    expect(code({ ...wiring, putPoints: [supply("A", "A")] })).toBe("supply-ring");
    const spliced = applyCommand(dossier!, { ...wiring, put: [bare("w")], putPoints: [point] });
    expect(
      spliced.ok && applyCommand(spliced.value.dossier, { ...wiring, removePoints: [point.id] }),
    ).toMatchObject({ ok: false, error: { code: "point-in-use", name: "S1" } });
    expect(
      code({
        kind: "decide",
        put: [
          {
            kind: "join",
            vehicle: pin.id,
            incoming: pin.id,
            method: "move",
            sure: "sure",
            reason: "",
            answers: [],
          },
        ],
        remove: [],
      }),
    ).not.toBe("ok");
  });
});

describe("undoState", () => {
  it("walks the same way as two plain stacks", () => {
    let undone = 0;
    fc.assert(
      fc.property(fc.array(fc.constantFrom("edit", "undo", "undo", "redo"), { maxLength: 60 }), (moves) => {
        const history: Change[] = [];
        const done: number[] = [];
        const redo: number[] = [];
        for (const move of moves) {
          const revision = history.length + 2;
          const state = undoState(history);
          expect(state).toEqual({ undo: done.at(-1) ?? null, redo: redo.at(-1) ?? null });
          if (move === "edit") {
            history.push({ revision, role: "edit" });
            done.push(revision);
            redo.length = 0;
          } else if (move === "undo" && state.undo !== null) {
            history.push({ revision, role: "undo", of: state.undo });
            redo.push(done.pop()!);
            undone++;
          } else if (move === "redo" && state.redo !== null) {
            history.push({ revision, role: "redo", of: state.redo });
            done.push(redo.pop()!);
          }
        }
      }),
      { numRuns: 500, seed: 12 },
    );
    expect(undone).toBeGreaterThan(100);
  });
});

describe("commands of two people", () => {
  const two = wired.chain((dossier) =>
    fc.tuple(fc.constant(dossier), commandsOn(dossier), commandsOn(dossier)),
  );
  const after = (dossier: Dossier, ...commands: readonly Command[]): Dossier | null =>
    commands.reduce<Dossier | null>((now, command) => {
      const next = now === null ? null : applyCommand(now, command);
      return next?.ok === true ? next.value.dossier : null;
    }, dossier);
  it("that are apart give the same job in either order; the same record is never apart", () => {
    const met = { apart: 0, same: 0 };
    fc.assert(
      fc.property(two, ([dossier, a, b]) => {
        expect(isApartFrom(a, [b])).toBe(isApartFrom(b, [a]));
        expect(isApartFrom(a, [])).toBe(true);
        expect(isApartFrom(a, [a])).toBe(touchesNothing(a));
        const [one, other] = [after(dossier, a, b), after(dossier, b, a)];
        if (!isApartFrom(a, [b])) met.same++;
        else if (one !== null && other !== null) {
          expect(sorted(one)).toEqual(sorted(other));
          met.apart++;
        }
      }),
      { numRuns: 400, seed: 97 },
    );
    expect(met.apart).toBeGreaterThan(60);
    expect(met.same).toBeGreaterThan(30);
  });
  it("never take along what the other one has made: a cavity, a connector or a source that goes is waited for", () => {
    const [dossier] = fc.sample(wired, { numRuns: 1, seed: 3 });
    const [connector] = dossier!.connectors;
    const pin = { ...blankPin(pinId("fresh"), "99", 99), content: "occupied" as const };
    const change = (put: readonly (typeof pin)[], remove: readonly PinId[]): Command => ({
      ...{ kind: "change-pins", connector: connector!.id, put, remove, decisions: [], wires: [] },
    });
    const decide: Command = { kind: "decide", put: [], remove: [] };
    const sourced = change([{ ...pin, sources: { colour: sourceId("s") } }], []);
    expect(isApartFrom(decide, [change([], [pinId("gone")])])).toBe(false);
    expect(isApartFrom(decide, [{ kind: "remove-connector", connector: connector!.id }])).toBe(false);
    expect(isApartFrom(sourced, [{ kind: "remove-source", source: sourceId("s") }])).toBe(false);
    expect(isApartFrom(sourced, [decide])).toBe(true);
  });
  const touchesNothing = (command: Command): boolean => {
    const lists = Object.values(command).filter((field): field is readonly unknown[] => Array.isArray(field));
    return ["change-pins", "decide", "change-wiring"].includes(command.kind) && lists.flat().length === 0;
  };
});
