import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { computed, nextTick, shallowRef } from "vue";
import {
  applyCommand,
  blankConnector,
  blankPin,
  connectorId,
  emptyDossier,
  pinId,
  pinsInOrder,
  type Connector,
  type Dossier,
  type Pin,
  type PinId,
} from "@trevin/core";
import { COLUMNS, textOf, type Column } from "./cells.ts";
import { single } from "./selection.ts";
import { usePinGrid } from "./usePinGrid.ts";
import { NEW } from "./gridTypes.ts";

const FUNCTIONS = ["ground", "horn", "fuel level", "quorb"];
const pin = (cavity: string, order: number): Pin => ({
  ...blankPin(pinId(`p${cavity}`), cavity, order),
  content: "occupied",
  colour: "BK",
  function: FUNCTIONS[order % 4] ?? "",
  size: 0.5,
});
const start = (count: number): Connector => ({
  ...blankConnector(connectorId("c"), "C", "vehicle"),
  colourSystem: "iec",
  pins: Array.from({ length: count }, (_, i) => pin(String(i + 1), i)),
});

/** The grid over a connector that takes its changes as the job does: by commands, which refuse what contradicts itself. */
function bench(count: number, frozen = false) {
  const connector = shallowRef(start(count));
  const changes: (readonly Pin[])[] = [];
  const apply = (put: readonly Pin[], remove: readonly PinId[]): void => {
    const dossier: Dossier = {
      ...emptyDossier({
        name: "n",
        kind: "cluster-swap",
        vehicle: "",
        incoming: "",
        nominalVolts: 12,
        method: "move",
      }),
      connectors: [connector.value],
    };
    const done = applyCommand(dossier, {
      kind: "change-pins",
      connector: connector.value.id,
      put,
      remove,
    });
    if (!done.ok) throw new Error(done.error.code);
    connector.value = done.value.connectors[0] as Connector;
    changes.push(put);
  };
  const rows = computed(() => pinsInOrder(connector.value));
  const grid = usePinGrid({
    connector: () => connector.value,
    rows,
    columns: computed(() => COLUMNS),
    frozen: () => frozen,
    typing: () => ({ words: [], source: null, sourceSystem: null }),
    put: (pins) => apply(pins, []),
    remove: (pins) => apply([], pins),
  });
  const at = (row: number, column: Column): void => {
    grid.selection.value = single({ row, column: COLUMNS.indexOf(column) });
  };
  const range = (top: number, bottom: number, column: Column): void => {
    grid.selection.value = {
      anchor: { row: top, column: COLUMNS.indexOf(column) },
      at: { row: bottom, column: COLUMNS.indexOf(column) },
    };
  };
  const column = (name: Column): readonly string[] => rows.value.map((one) => textOf(one, name));
  return { grid, rows, changes, at, range, column };
}

describe("the pin grid", () => {
  it("begins a new cavity with the next label, and goes on to the one after it", async () => {
    const { grid, at, column } = bench(2);
    for (const name of ["horn", "ground"]) {
      at(column("cavity").length, "function");
      expect(grid.active.value.row).toBe(NEW);
      grid.edit(name);
      grid.enter();
      await nextTick();
    }
    expect(column("cavity")).toEqual(["1", "2", "3", "4"]);
    expect(column("function").slice(2)).toEqual(["horn", "ground"]);
    expect(column("signal").slice(2)).toEqual(["", ""]);
    expect(grid.selection.value.at).toEqual({ row: 4, column: 0 });
  });
  it("keeps what it cannot take with the reason, and gives the old value back", () => {
    const { grid, at, column, changes } = bench(2);
    at(0, "size");
    grid.edit("thick");
    expect(grid.commit()).toBe(false);
    expect(grid.complaint.value?.why).toContain("neither mm² nor AWG");
    expect(grid.go(1, 0)).toBe(false);
    grid.cancel();
    expect([grid.complaint.value, column("size"), changes.length]).toEqual([null, ["0.5", "0.5"], 0]);
  });
  it("writes a pasted block as one change, adds the cavities that are missing and names what it could not take", () => {
    const { grid, at, column, changes } = bench(2);
    at(1, "colour");
    grid.paste("RD\thorn\nBU\tground\nGN\tfan");
    expect(changes).toHaveLength(1);
    expect([column("cavity"), column("colour"), column("function")]).toEqual([
      ["1", "2", "3", "4"],
      ["BK", "RD", "BU", "GN"],
      ["ground", "horn", "ground", "fan"],
    ]);
    at(0, "size");
    grid.paste("1\nthick\n2");
    expect(column("size").slice(0, 3)).toEqual(["1", "0.5", "2"]);
    expect(grid.hasComplaint(pinId("p2"), "size")).toBe(true);
  });
  it("tells cells from tables on the clipboard", () => {
    const { grid, range } = bench(3);
    expect([
      grid.belongsInCells("x"),
      grid.belongsInCells("a\nb\nc"),
      grid.belongsInCells("a\tb\nc\td"),
    ]).toEqual([true, true, false]);
    grid.selection.value = { anchor: { row: 0, column: 1 }, at: { row: 1, column: 2 } };
    const copied = grid.copy();
    expect(copied).toBe("BK\tground\nBK\thorn");
    range(0, 0, "note");
    expect(grid.belongsInCells(copied)).toBe(true);
  });
  it("fills from above, counts on, repeats the value above, and touches no line that is not there yet", () => {
    const { grid, at, range, column } = bench(4);
    at(0, "circuit");
    grid.edit("1401");
    grid.commit();
    range(0, 4, "circuit");
    grid.fill(true);
    expect(column("circuit")).toEqual(["1401", "1402", "1403", "1404"]);
    at(2, "circuit");
    grid.ditto();
    expect([column("circuit")[2], grid.selection.value.at.row]).toEqual(["1402", 3]);
    range(1, 3, "circuit");
    grid.clear();
    expect(column("circuit")).toEqual(["1401", "", "", ""]);
  });
  it("marks doubt and identification for a whole range, and takes the marks back", () => {
    const { grid, range, rows } = bench(3);
    range(0, 2, "colour");
    grid.doubt();
    expect(rows.value.map((one) => Object.keys(one.doubts))).toEqual([["colour"], ["colour"], ["colour"]]);
    grid.doubt();
    grid.identify();
    expect(rows.value.map((one) => [Object.keys(one.doubts).length, one.identified])).toEqual([
      [0, true],
      [0, true],
      [0, true],
    ]);
    grid.identify();
    expect(rows.value.some((one) => one.identified)).toBe(false);
  });
  it("has no line for a new cavity and no way to rename one once work has begun", () => {
    const { grid, at, column } = bench(2, true);
    expect(grid.extent.value.rows).toBe(2);
    at(0, "cavity");
    grid.edit("9");
    expect(grid.editing.value).toBeNull();
    at(1, "function");
    grid.paste("fan\nhorn\nground");
    expect(column("cavity")).toEqual(["1", "2"]);
  });
  it("never contradicts itself, whatever is typed, pasted, filled and removed", () => {
    let changed = 0;
    const text = fc.constantFrom(
      "",
      "1",
      "2",
      "7",
      "A",
      "BK",
      "horn",
      "empty",
      "0.5",
      "thick",
      "can-h",
      "a\tb\tc",
      "1\n2\n3",
      "x\ty\nz\tw",
      "'",
    );
    const act = fc.record({
      what: fc.constantFrom(
        "type",
        "paste",
        "fill",
        "count",
        "ditto",
        "clear",
        "identify",
        "doubt",
        "remove",
        "new",
      ),
      row: fc.nat(8),
      column: fc.constantFrom(...COLUMNS),
      height: fc.nat(3),
      text,
    });
    fc.assert(
      fc.property(fc.array(act, { maxLength: 25 }), (acts) => {
        const { grid, rows, range, changes } = bench(4);
        for (const { what, row, column, height, text: typed } of acts) {
          range(Math.min(row, rows.value.length), Math.min(row + height, rows.value.length), column);
          if (what === "type") {
            grid.edit(typed);
            if (!grid.commit()) grid.cancel();
          } else if (what === "paste") grid.paste(typed);
          else if (what === "fill" || what === "count") grid.fill(what === "count");
          else if (what === "ditto") grid.ditto();
          else if (what === "clear") grid.clear();
          else if (what === "identify") grid.identify();
          else if (what === "doubt") grid.doubt();
          else if (what === "remove") grid.removeRows();
          else grid.commitNew();
        }
        const labels = rows.value.map((one) => one.cavity);
        expect(new Set(labels).size).toBe(labels.length);
        changed += changes.length;
      }),
      { numRuns: 300, seed: 50 },
    );
    expect(changed).toBeGreaterThan(400);
  });
});
