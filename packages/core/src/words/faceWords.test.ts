import { describe, expect, it } from "vitest";
import {
  compareShells,
  faceOf,
  findPlace,
  fitOf,
  locateAll,
  looksOf,
  matingHalf,
  type Landmark,
} from "../face/index.ts";
import { FACE_VIEWS, GRIPS, indexPins, pinId, type Numbering } from "../model/index.ts";
import { shellLookAlikes } from "../lookalikes/index.ts";
import { SHELLS } from "../shelf/index.ts";
import { byName, demoDossier } from "../testing/demo.ts";
import { filled } from "../testing/filled.ts";
import { trace } from "../wiring/index.ts";
import {
  cavityWords,
  fitWords,
  foundWords,
  goesTo,
  landmarkWords,
  likenessWords,
  linkWords,
  locatorWords,
  numberingWords,
  placeWords,
  rowsWords,
  spotDetail,
  spotWords,
  traceLines,
} from "./index.ts";

const shelf = (id: string) => SHELLS.find((one) => one.id === id)!.shell;

describe("words of places", () => {
  it("count from the nearer end, and name the ends", () => {
    const at = (place: number, places = 9, line = 2, lines = 3, sense: "row" | "column" = "row") =>
      placeWords({ kind: "line", sense, line, lines, place, places });
    expect([1, 2, 3, 5, 6, 8, 9].map((place) => at(place))).toEqual([
      "row 2 of 3, left end",
      "row 2 of 3, 2nd from the left",
      "row 2 of 3, 3rd from the left",
      "row 2 of 3, 5th from the left",
      "row 2 of 3, 4th from the right",
      "row 2 of 3, 2nd from the right",
      "row 2 of 3, right end",
    ]);
    expect(at(11, 30)).toBe("row 2 of 3, 11th from the left");
    expect(at(1, 1)).toBe("row 2 of 3, alone");
    expect(at(2, 4, 1, 1)).toBe("one row, 2nd from the left");
    expect([at(1, 4, 1, 2, "column"), at(4, 4, 2, 2, "column")]).toEqual([
      "left column, top end",
      "right column, bottom end",
    ]);
    expect(placeWords({ kind: "ring", ring: 2, rings: 3, place: 1, places: 4, clock: 12 })).toBe(
      "ring 2 of 3, at 12 o'clock, 1st of 4 clockwise from the mark",
    );
  });

  it("name the mark of the shell, whatever it is, in every hold", () => {
    for (const { id, shell } of SHELLS.filter((one) => one.shell.pattern.kind !== "none")) {
      for (const view of FACE_VIEWS)
        for (const grip of GRIPS) {
          const words = locatorWords(
            locateAll(faceOf(filled(shell))!, { view, grip })[0]!.locator,
            { view, grip },
            shell,
          );
          expect(words, id).toMatch(
            new RegExp(
              `^(wire side|mating face), ${shell.mark} (up|down|to the left|to the right): [a-z0-9]`,
            ),
          );
          expect(words).not.toMatch(/undefined|NaN|from the mark/);
        }
    }
  });

  it("tell landmarks in one line", () => {
    const marks: readonly Landmark[] = [
      { kind: "only-thick" },
      { kind: "beside", what: "empty", label: "6", steps: 1, to: "above" },
      { kind: "across", label: "10", to: "right" },
    ];
    expect(landmarkWords(marks)).toBe("The only thick wire; the empty 6 is just above; 10 is to its right.");
    expect(landmarkWords([{ kind: "beside", what: "thick", label: "2", steps: 3, to: "left" }])).toBe(
      "The thick 2 is three to its left.",
    );
    expect(landmarkWords([])).toBe("");
  });

  it("say what was found, what is open, and what there is", () => {
    const face = faceOf(demoDossier().connectors[0]!)!;
    const hold = { view: "wire", grip: "up" } as const;
    const say = (text: string): string => foundWords(findPlace(face, hold, text), text);
    expect(say("7")).toBe("");
    expect(say("")).toBe("");
    expect(say("2 from left")).toMatch(
      /^2 cavities fit “2 from left”: (5, 13|13, 5)\. Say the row as well\.$/,
    );
    expect(say("row 4, 1")).toBe(
      "Nothing is at “row 4, 1”. There are 2 rows of up to 8. Type a label, or “row 2, 4 from left”.",
    );
  });

  it("say what a cavity holds", () => {
    const demo = demoDossier();
    const looks = looksOf(demo.connectors[0]!);
    const say = (name: string): string => {
      const { pin } = indexPins(demo).get(byName(demo)(name))!;
      return cavityWords(pin.cavity, pin, looks.get(pin.id));
    };
    expect([say("B12.7"), say("B12.6")]).toEqual([
      "Cavity 7: Level sender, left; blue, white stripe; 0.5 mm²",
      "Cavity 6: empty",
    ]);
    expect(cavityWords("9", null, undefined)).toBe("Cavity 9: not in the pin table");
    const { pin } = indexPins(demo).get(byName(demo)("B12.4"))!;
    expect(
      cavityWords(
        "4",
        { ...pin, function: "" },
        { state: "occupied", readings: [], size: null, doubt: true, more: [null] },
      ),
    ).toBe("Cavity 4: wire, colour not known; 0.5 mm²; 2 wires in one terminal; in doubt");
    expect(
      cavityWords("4", pin, { state: "vacated", readings: [], size: null, doubt: false, more: [] }),
    ).toBe("Cavity 4: Park brake switch; vacated");
  });
});

describe("words of shells", () => {
  it("say how each likeness and each fit ends at the car", () => {
    expect(
      likenessWords(compareShells(shelf("sealed-14-stepped"), shelf("sealed-14-stepped-mirror")), "P1", "P2"),
    ).toBe(
      "P1 and P2 look alike but are mirror images: they cannot mate, and cavity counts do not carry over.",
    );
    expect(likenessWords(compareShells(shelf("sealed-6"), shelf("sealed-6-letters")), "P1", "P2")).toMatch(
      /^P1 and P2 have the same housing, so each also fits the other's socket\./,
    );
    expect(likenessWords(compareShells(shelf("diagnostic-a"), shelf("diagnostic-b")), "P1", "P2")).toMatch(
      /keyed differently/,
    );
    expect(likenessWords("different", "P1", "P2")).toBeNull();
    const fit = (a: string, b: string, half = true): string =>
      fitWords(fitOf(shelf(a), half ? matingHalf(shelf(b)) : shelf(b)), "P1", "P2");
    expect(fit("sealed-4", "sealed-4")).toBe("P1 and P2 mate: each cavity meets the one of the same place.");
    expect(fit("sealed-4", "sealed-4", false)).toBe(
      "P1 and P2 cannot mate: the contacts of both are female.",
    );
    expect(fit("sealed-14-stepped", "sealed-14-stepped-mirror")).toMatch(
      /^P1 and P2 cannot mate: their cavities are mirror images/,
    );
    expect(fit("diagnostic-a", "diagnostic-b")).toMatch(/different keying/);
    expect(fit("sealed-4", "sealed-12")).toMatch(/do not lie alike/);
  });

  it("are given for the pairs of a job that can be mixed up, halves of one connection left out", () => {
    const [a, b] = [filled(shelf("sealed-6"), "A"), filled(shelf("sealed-6"), "B")];
    const mate = { ...filled(matingHalf(shelf("sealed-6")), "H"), matesWith: a.id };
    const twins = shellLookAlikes({
      ...demoDossier(),
      connectors: [a, b, mate, { ...filled(shelf("sealed-4"), "C"), shell: null }],
    });
    expect(twins.map(({ pair, likeness }) => [...pair.map((one) => one.name), likeness])).toEqual([
      ["A", "B", "same"],
    ]);
    expect(shellLookAlikes(demoDossier())).toEqual([]);
  });

  it("describe every numbering and every arrangement of the Shelf", () => {
    const way = { from: "right", first: "bottom" } as const;
    const cases: readonly (readonly [Numbering, string])[] = [
      [{ scheme: "listed" }, "labels in pin-table order"],
      [{ scheme: "explicit", labels: ["a"] }, "explicit labels"],
      [
        { scheme: "rows", ...way, labels: { kind: "numbers", start: 1 } },
        "numbered row by row from the right, bottom row first",
      ],
      [
        { scheme: "serpentine", ...way, labels: { kind: "letters", skip: ["I"] } },
        "lettered back and forth, first row from the right, bottom row first, without I",
      ],
      [
        { scheme: "columns", ...way, labels: { kind: "letters", skip: [] } },
        "lettered column by column from the right, bottom row first, no letter skipped",
      ],
      [
        { scheme: "grid", ...way, skip: ["I", "O"] },
        "letter for the row, number for the place, from the right, bottom row first, without I, O",
      ],
    ];
    for (const [numbering, words] of cases) expect(numberingWords(numbering)).toBe(words);
    for (const { id, shell } of SHELLS)
      expect(rowsWords(shell), id).toMatch(
        /^(\d+( \+ \d+)*|rings? of \d+( and \d+)*|\d+ places|leg|studs|terminals|fuse slots|port)$/,
      );
  });
});

describe("words of wires", () => {
  it("follow the demo's sensor return over its splice, with size, circuit and place", () => {
    const demo = demoDossier();
    const pins = indexPins(demo);
    expect(traceLines(trace(demo, byName(demo)("B12.10"))!, pins)).toEqual(
      [
        "B12.10 (Sensor return, body, left sill) ",
        "  S104 (splice, under the cabin floor, 30 cm behind B12) over black, yellow stripe, 0.5 mm², circuit 212",
        "    LS-L.3 (terminal of a part, level sender, left rear axle) over black, yellow stripe, 0.5 mm², circuit 212",
        "    LS-R.3 (terminal of a part, level sender, right rear axle) over black, yellow stripe, 0.5 mm², circuit 212",
      ].map((line) => line.trimEnd()),
    );
    expect(goesTo(demo, byName(demo)("B12.12"))).toBe("");
    const [, twisted] = traceLines(trace(demo, byName(demo)("B12.12"))!, pins);
    expect(twisted).toBe("  continues, not traced yet over yellow, 0.35 mm², twisted T1");
  });
  it("say of every kind of end and link what it is", () => {
    expect(spotWords({ at: "loose", end: "capped" })).toBe("capped end");
    expect([spotDetail({ at: "loom" }), spotWords({ at: "loom" })]).toEqual([
      "",
      "continues, not traced yet",
    ]);
    expect(linkWords({ by: "mated" }, new Map())).toBe("through the plug");
    expect(linkWords({ by: "bridge", connector: filled(shelf("junction-6"), "J3") }, new Map())).toBe(
      "bridged inside J3 while mated",
    );
    const fork = {
      id: "w" as never,
      ends: [{ at: "pin" as const, pin: pinId("gone") }, { at: "loom" as const }, { at: "loom" as const }],
      colour: "SW/GN",
      colourSystem: "german" as const,
      size: 1.5,
      circuit: "",
      bundle: { kind: "shield" as const, name: "S1" },
    };
    expect(linkWords({ by: "wire", wire: fork }, new Map())).toBe(
      "black, green stripe, 1.5 mm², shielded S1, forks",
    );
  });
});
