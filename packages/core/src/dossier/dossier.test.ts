import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  plainSupply,
  blankPoint,
  connectorId,
  joinPointId,
  loomWireId,
  pinId,
  type WireEnd,
} from "../model/index.ts";
import { bare } from "../testing/arbitraryCommands.ts";
import { decidedDossier } from "../testing/index.ts";
import { applyCommand } from "./apply.ts";
import type { Command } from "./command.ts";
import { undoState, type Change } from "./history.ts";

describe("applyCommand", () => {
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
      }),
    ).toBe("cavity-taken");
    expect(
      code({
        kind: "change-pins",
        connector: first.id,
        put: [{ ...pin, cavity: "" }],
        remove: [],
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
    expect(spliced.ok && applyCommand(spliced.value, { ...wiring, removePoints: [point.id] })).toMatchObject({
      ok: false,
      error: { code: "point-in-use", name: "S1" },
    });
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
