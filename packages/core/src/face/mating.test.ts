import { describe, expect, it } from "vitest";
import { rowsOnly, type Shell } from "../model/index.ts";
import { SHELLS } from "../shelf/index.ts";
import { filled } from "../testing/filled.ts";
import { compareShells, faceOf, fitOf, matingHalf, meetings } from "./index.ts";

const FACED = SHELLS.filter(({ shell }) => shell.pattern.kind !== "none");
const shelf = (id: string): Shell => SHELLS.find((one) => one.id === id)!.shell;

describe("mating halves", () => {
  it("meet label to label, for every shell of the Shelf, and the half of the half is the shell", () => {
    for (const { id, shell } of FACED) {
      const half = matingHalf(shell);
      const both = meetings(faceOf(filled(shell))!, faceOf(filled(half))!);
      expect(
        both?.map(({ a, b }) => [a.label, b.label]),
        id,
      ).toEqual(faceOf(filled(shell))!.places.map(({ label }) => [label, label]));
      expect(matingHalf(half)).toEqual(shell);
      expect(fitOf(shell, half)).toEqual({ kind: "mates" });
      expect(fitOf(half, shell)).toEqual({ kind: "mates" });
    }
  });
  it("meet left to right when both are numbered for their own mating face: cavity 1 meets the far end", () => {
    const plug = { ...rowsOnly([{ places: 4, offset: 0 }], "mating"), gender: "female" as const };
    const header = { ...rowsOnly([{ places: 4, offset: 0 }], "mating"), gender: "male" as const };
    expect(
      meetings(faceOf(filled(plug))!, faceOf(filled(header))!)!.map(({ a, b }) => `${a.label}-${b.label}`),
    ).toEqual(["1-4", "2-3", "3-2", "4-1"]);
  });
  it("are refused by gender, by ribs, by mirror image, and when nothing is alike", () => {
    expect(fitOf(shelf("sealed-4"), shelf("sealed-4"))).toEqual({ kind: "same-gender", gender: "female" });
    expect(fitOf(shelf("sealed-6"), { ...matingHalf(shelf("sealed-6")), keying: [] })).toEqual({
      kind: "keyed-apart",
    });
    expect(fitOf(shelf("sealed-14-stepped"), matingHalf(shelf("sealed-14-stepped-mirror")))).toEqual({
      kind: "mirrored",
    });
    expect(fitOf(shelf("sealed-4"), matingHalf(shelf("sealed-5")))).toEqual({ kind: "different" });
    expect(fitOf(shelf("studs"), shelf("sealed-4"))).toEqual({ kind: "different" });
    expect(meetings(faceOf(filled(shelf("sealed-4")))!, faceOf(filled(shelf("sealed-5")))!)).toBeNull();
  });
});

describe("shells that look alike", () => {
  it("compare the same both ways round, and each is the same as itself", () => {
    const counts = new Map<string, number>();
    for (const { shell: a } of FACED) {
      expect(compareShells(a, a)).toBe("same");
      for (const { shell: b } of FACED) {
        const likeness = compareShells(a, b);
        expect(compareShells(b, a)).toBe(likeness);
        counts.set(likeness, (counts.get(likeness) ?? 0) + 1);
      }
    }
    for (const kind of ["same", "keyed-apart", "mirrored", "different"])
      expect(counts.get(kind) ?? 0, kind).toBeGreaterThan(1);
  });
  it("are told to be mirror images, keyed apart, or one fitting the other's place", () => {
    expect(compareShells(shelf("sealed-14-stepped"), shelf("sealed-14-stepped-mirror"))).toBe("mirrored");
    expect(compareShells(shelf("diagnostic-a"), shelf("diagnostic-b"))).toBe("keyed-apart");
    expect(compareShells(shelf("relay-mini-a"), shelf("relay-mini-b"))).toBe("same");
    expect(compareShells(shelf("sealed-6"), shelf("sealed-6-letters"))).toBe("same");
    expect(compareShells(shelf("leg"), shelf("leg"))).toBe("different");
    // The same drawing for the wire side is the mirror image of the one for the mating face.
    expect(compareShells(shelf("sealed-14-stepped"), { ...shelf("sealed-14-stepped"), view: "wire" })).toBe(
      "mirrored",
    );
  });
});
