import { describe, expect, it } from "vitest";
import { checkLabels, slotsOf } from "../../face/index.ts";
import { readFunction } from "../../meaning/index.ts";
import { SHELL_GROUPS, SHELLS, TERMINAL_SYSTEMS, waysOf } from "../index.ts";
import { shellSchema } from "../../contract/index.ts";
import { parseColour } from "../../colour/index.ts";

const shelf = (id: string) => SHELLS.find((one) => one.id === id)!;
const uses = (id: string): readonly (readonly [string, string])[] =>
  slotsOf(shelf(id).shell).map((slot): readonly [string, string] => [
    slot.label ?? "",
    shelf(id).contacts[slot.label ?? ""]?.function ?? "",
  ]);

describe("the Shelf's shells", () => {
  it("are forty and more, in every group, each with explicit labels and a shape that a file may hold", () => {
    expect(SHELLS.length).toBeGreaterThanOrEqual(40);
    expect(new Set(SHELLS.map(({ id }) => id)).size).toBe(SHELLS.length);
    for (const group of SHELL_GROUPS)
      expect(SHELLS.filter((one) => one.group === group).length, group).toBeGreaterThan(0);
    for (const { id, shell, contacts } of SHELLS) {
      const labels = slotsOf(shell).map((slot) => slot.label);
      expect(checkLabels(labels, waysOf(shell)).ok, id).toBe(true);
      expect(shellSchema.parse(shell)).toEqual(shell);
      for (const label of [...shell.joined.flat(), ...shell.reversed, ...Object.keys(contacts)])
        expect(labels, id).toContain(label);
      for (const system of shell.terminals)
        expect(
          TERMINAL_SYSTEMS.map((one) => one.id),
          id,
        ).toContain(system);
      for (const { colour } of Object.values(contacts))
        if (colour !== "") expect(parseColour(colour, "iec").ok).toBe(true);
    }
  });

  it("cover the ways that are met in cars", () => {
    const ways = new Map(SHELLS.map(({ id, shell }) => [id, waysOf(shell)]));
    for (const count of [1, 2, 3, 4, 5, 6, 8, 10, 12, 14, 16])
      expect(ways.get(`sealed-${count}`)).toBe(count);
    for (const count of [22, 64, 68, 94, 104, 121]) expect(ways.get(`header-${count}`)).toBe(count);
    for (const count of [20, 24, 32, 36, 40]) expect(ways.get(`mixed-${count}`)).toBe(count);
    expect(shelf("header-68").shell.pattern).toMatchObject({
      rows: [{ places: 11 }, { places: 23 }, { places: 23 }, { places: 11 }],
    });
  });

  it("lay out the diagnostic connector as SAE J1962 / ISO 15031-3 has it", () => {
    const { shell } = shelf("diagnostic-a");
    expect(slotsOf(shell).map((slot) => `${slot.line}:${slot.label}`)).toEqual([
      ...Array.from({ length: 8 }, (_, i) => `0:${i + 1}`),
      ...Array.from({ length: 8 }, (_, i) => `1:${i + 9}`),
    ]);
    expect(shell).toMatchObject({ mark: "wide side", view: "mating", gender: "female" });
    const signals = Object.fromEntries(
      uses("diagnostic-a").map(([label, text]) => [label, readFunction(text).signal]),
    );
    // The signal ground on 5 is a return of its own, apart from the chassis ground on 4.
    expect(signals).toMatchObject({
      4: "ground",
      5: "sensor-return",
      6: "can-h",
      7: "k-line",
      14: "can-l",
      15: "k-line",
      16: "battery",
    });
  });

  it("give relay contacts their DIN 72552 numbers, opposite each other as in ISO 7588", () => {
    const at = Object.fromEntries(slotsOf(shelf("relay-mini-a").shell).map((slot) => [slot.label, slot]));
    expect(Object.keys(at).sort()).toEqual(["30", "85", "86", "87", "87a"]);
    // ISO 7588-1: 30 opposite 87, 85 opposite 86, 87a in the centre of both.
    for (const [a, b] of [
      ["30", "87"],
      ["85", "86"],
    ] as const) {
      expect((at[a]!.x + at[b]!.x) / 2).toBeCloseTo(at["87a"]!.x);
      expect((at[a]!.y + at[b]!.y) / 2).toBeCloseTo(at["87a"]!.y);
    }
    const b = Object.fromEntries(slotsOf(shelf("relay-mini-b").shell).map((slot) => [slot.label, slot]));
    expect([b["30"]!.x, b["30"]!.y, b["86"]!.x, b["86"]!.y]).toEqual([
      at["86"]!.x,
      at["86"]!.y,
      at["30"]!.x,
      at["30"]!.y,
    ]);
    // ISO 7588-3 numbers: 1 is 86, 2 is 85, 3 is 30, 4 is 87a, 5 is 87.
    const micro = Object.fromEntries(slotsOf(shelf("relay-micro").shell).map((slot) => [slot.label, slot]));
    for (const [number, din] of [
      ["1", "86"],
      ["2", "85"],
      ["3", "30"],
      ["4", "87a"],
      ["5", "87"],
    ] as const)
      expect([micro[number]!.x, micro[number]!.y]).toEqual([at[din]!.x, at[din]!.y]);
  });

  it("name the trailer sockets' contacts and colours as ISO 1724 and ISO 11446 do", () => {
    const seven: readonly (readonly [string, string])[] = [
      ["1", "YE"],
      ["2", "BU"],
      ["3", "WH"],
      ["4", "GN"],
      ["5", "BN"],
      ["6", "RD"],
      ["7", "BK"],
    ];
    for (const id of ["trailer-iso1724", "trailer-iso11446"])
      expect(seven.map(([label]) => [label, shelf(id).contacts[label]?.colour])).toEqual(seven);
    expect(uses("trailer-iso1724").map(([, text]) => text)).toEqual([
      "left turn lamp",
      "rear fog lamp",
      "ground",
      "right turn lamp",
      "right tail lamp",
      "stop lamp",
      "left tail lamp",
    ]);
    expect(
      uses("trailer-iso11446")
        .slice(7, 10)
        .map(([label, text]) => `${label} ${text}`),
    ).toEqual(["8 reversing lamp", "9 battery, permanent", "10 ignition switched supply"]);
    // ISO 1724 has six contacts round one.
    expect(slotsOf(shelf("trailer-iso1724").shell).at(-1)).toMatchObject({ label: "7", x: 0 });
  });

  it("leave I, O and Q out of lettered shells (common practice)", () => {
    expect(
      slotsOf(shelf("sealed-16-letters").shell)
        .map((slot) => slot.label)
        .join(""),
    ).toBe("ABCDEFGHJKLMNPRS");
  });

  it("say of every standard that was written down from memory that it is to be compared", () => {
    for (const one of SHELLS)
      if (one.sure === "check")
        expect(one.note, one.id).toMatch(
          /ompare|numbers decide|Labels are|read off|find the common|one way only/,
        );
  });
});
