import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FACE_VIEWS, GRIPS, pinId, rowsOnly, type Grip } from "../model/index.ts";
import { SHELLS, waysOf, type ShelfShell } from "../shelf/index.ts";
import { byName, demoDossier } from "../testing/demo.ts";
import { filled } from "../testing/filled.ts";
import { landmarkWords, locatorWords, placeWords } from "../words/index.ts";
import {
  boundsOf,
  faceOf,
  findPlace,
  landmarks,
  locate,
  locateAll,
  seenFrom,
  slotsOf,
  type Face,
  type Hold,
} from "./index.ts";

const FACED = SHELLS.filter(({ shell }) => shell.pattern.kind !== "none");
const HOLDS: readonly Hold[] = FACE_VIEWS.flatMap((view) => GRIPS.map((grip) => ({ view, grip })));
const shelf = (id: string): ShelfShell => SHELLS.find((one) => one.id === id)!;
const face = (id: string): Face => faceOf(filled(shelf(id).shell))!;
const at = (one: Face, label: string, hold: Hold): string =>
  placeWords(locateAll(one, hold).find((place) => place.label === label)!.locator);

const anyRows = fc
  .record({
    rows: fc.array(
      fc.record({
        places: fc.integer({ min: 1, max: 12 }),
        offset: fc.integer({ min: 0, max: 6 }).map((half) => half / 2),
      }),
      { minLength: 1, maxLength: 5 },
    ),
    view: fc.constantFrom(...FACE_VIEWS),
  })
  .map(({ rows, view }) => rowsOnly(rows, view));
const anyShell = fc.oneof(anyRows, fc.constantFrom(...FACED.map(({ shell }) => shell)));

describe("views and grips", () => {
  it("mirror left to right between the views, whatever the shell; mirrored twice is the view", () => {
    fc.assert(
      fc.property(anyShell, (shell) => {
        const [wire, mating] = (["wire", "mating"] as const).map((view) =>
          slotsOf(shell).map(seenFrom(shell, { view, grip: "up" })),
        ) as [{ x: number; y: number }[], { x: number; y: number }[]];
        const width =
          Math.max(...slotsOf(shell).map((slot) => slot.x + slot.w / 2)) -
          Math.min(...slotsOf(shell).map((slot) => slot.x - slot.w / 2));
        wire.forEach((point, i) => {
          expect(point.x + mating[i]!.x).toBeCloseTo(width, 9);
          expect(point.y).toBeCloseTo(mating[i]!.y, 9);
        });
      }),
      { seed: 5, numRuns: 300 },
    );
  });

  it("turn a quarter at a time: four quarters are none, two are upside down", () => {
    fc.assert(
      fc.property(anyShell, fc.constantFrom(...FACE_VIEWS), (shell, view) => {
        const seen = (grip: Grip): readonly { x: number; y: number }[] =>
          slotsOf(shell).map(seenFrom(shell, { view, grip }));
        const [up, right, down, left] = [seen("up"), seen("right"), seen("down"), seen("left")];
        const bounds = boundsOf(slotsOf(shell));
        const [width, height] = [bounds.right - bounds.left, bounds.bottom - bounds.top];
        up.forEach((point, i) => {
          // A quarter turn clockwise takes the left to the top and the top to the right.
          expect(right[i]!.y).toBeCloseTo(point.x, 9);
          expect(right[i]!.x).toBeCloseTo(height - point.y, 9);
          expect(down[i]!.x).toBeCloseTo(width - point.x, 9);
          expect(down[i]!.y).toBeCloseTo(height - point.y, 9);
          expect(left[i]!.x).toBeCloseTo(point.y, 9);
        });
      }),
      { seed: 6, numRuns: 300 },
    );
  });
});

describe("locators", () => {
  it("lead back to their cavity and to no other, on every shell of the Shelf in every view and grip", () => {
    let places = 0;
    for (const { shell, id } of FACED) {
      const one = faceOf(filled(shell))!;
      for (const hold of HOLDS) {
        const all = locateAll(one, hold);
        expect(all.length, id).toBe(waysOf(shell));
        const words = all.map((place) => locatorWords(place.locator, hold, shell));
        expect(new Set(words).size, `${id} ${hold.view} ${hold.grip}`).toBe(all.length);
        for (const place of all) {
          expect(findPlace(one, hold, place.label), `${id} ${place.label}`).toMatchObject({
            kind: "one",
            place: { label: place.label },
          });
          if (place.locator.kind === "line")
            expect(
              findPlace(one, hold, placeWords(place.locator)),
              `${id} ${placeWords(place.locator)}`,
            ).toMatchObject({ kind: "one", place: { label: place.label } });
          places++;
        }
      }
    }
    expect(places).toBeGreaterThan(8 * 1000);
  });

  it("lead back to their cavity on rows of any lengths and offsets", () => {
    fc.assert(
      fc.property(anyRows, fc.constantFrom(...HOLDS), (shell, hold) => {
        const one = faceOf(filled(shell))!;
        for (const place of locateAll(one, hold))
          expect(findPlace(one, hold, placeWords(place.locator))).toMatchObject({
            kind: "one",
            place: { label: place.label },
          });
      }),
      { seed: 7, numRuns: 150 },
    );
  });

  it("number a 68-way header of rows 11, 23, 23, 11 through, and find cavity 38 on the wire side with the lock down", () => {
    const header = face("header-68");
    const rows = [1, 2, 3, 4].map((line) =>
      locateAll(header, { view: "mating", grip: "up" })
        .filter(({ locator }) => locator.kind === "line" && locator.line === line)
        .map((place) => Number(place.label)),
    );
    const upTo = (from: number, count: number): readonly number[] =>
      Array.from({ length: count }, (_, i) => from + i);
    expect(rows).toEqual([upTo(1, 11), upTo(12, 23), upTo(35, 23), upTo(58, 11)]);
    expect(at(header, "38", { view: "mating", grip: "up" })).toBe("row 3 of 4, 4th from the left");
    expect(at(header, "38", { view: "wire", grip: "up" })).toBe("row 3 of 4, 4th from the right");
    // Upside down, the third row from the lock is the second from the top, and right becomes left again.
    expect(at(header, "38", { view: "wire", grip: "down" })).toBe("row 2 of 4, 4th from the left");
    expect(at(header, "38", { view: "wire", grip: "left" })).toBe("column 3 of 4, 4th from the top");
    expect(at(header, "38", { view: "wire", grip: "right" })).toBe("column 2 of 4, 4th from the bottom");
  });

  it("find cavity 7 of the demo's B12 at the right end of the bottom row, seen from the wire side", () => {
    const dossier = demoDossier();
    const one = faceOf(dossier.connectors[0]!);
    expect(
      locatorWords(
        locate(one, byName(dossier)("B12.7"), { view: "wire", grip: "up" })!.locator,
        { view: "wire", grip: "up" },
        one!.shell,
      ),
    ).toBe("wire side, lock up: bottom row, right end");
    expect(placeWords(locate(one, byName(dossier)("B12.7"), { view: "mating", grip: "up" })!.locator)).toBe(
      "bottom row, left end",
    );
  });

  it("count a round shell clockwise from its key and give the hour of the clock as it is held", () => {
    const round = face("trailer-j2863");
    // SAE J2863, vehicle's socket, from memory: battery at one o'clock, ground at seven, reversing lamp in the centre.
    const hours: readonly (readonly [string, string])[] = [
      ["1h", "1"],
      ["3h", "3"],
      ["5h", "5"],
      ["7h", "7"],
      ["9h", "9"],
      ["11h", "11"],
    ];
    for (const [label, hour] of hours)
      expect(at(round, label, { view: "mating", grip: "up" })).toContain(`at ${hour} o'clock`);
    expect(at(round, "C", { view: "mating", grip: "up" })).toBe("in the centre");
    expect(at(round, "1h", { view: "wire", grip: "up" })).toContain("at 11 o'clock");
    expect(at(round, "1h", { view: "mating", grip: "down" })).toContain("at 7 o'clock");
    expect(findPlace(round, { view: "mating", grip: "up" }, "7 o'clock")).toMatchObject({
      kind: "one",
      place: { label: "7h" },
    });
  });

  it("claim no place where no shell is known, or where there is no face", () => {
    const [first] = demoDossier().connectors;
    expect(faceOf({ ...first!, shell: null })).toBeNull();
    expect(faceOf({ ...first!, shell: shelf("studs").shell })).toBeNull();
    expect(locate(null, first!.pins[0]!.id, { view: "wire", grip: "up" })).toBeNull();
  });

  it("name the pins that a shell has no cavity for, and take 07 and 7 for one label", () => {
    const connector = filled(shelf("sealed-4").shell);
    const one = faceOf({
      ...connector,
      pins: [
        ...connector.pins.slice(0, 3),
        { ...connector.pins[3]!, cavity: "04" },
        { ...connector.pins[0]!, id: pinId("extra"), cavity: "9" },
      ],
    })!;
    expect(one.unplaced.map((pin) => pin.cavity)).toEqual(["9"]);
    expect(one.places.map((place) => place.label)).toEqual(["1", "2", "3", "04"]);
  });
});

describe("findPlace", () => {
  const one = face("sealed-14-stepped");
  const hold: Hold = { view: "mating", grip: "up" };
  it.each([
    ["row 2, 4 from left", "10"],
    ["row 2, 4 from the right", "11"],
    ["2/4", "10"],
    ["r2 4", "10"],
    ["second row, fourth along", "10"],
    ["top row, 3rd from left", "3"],
    ["bottom left", "7"],
    ["top right", "6"],
    ["row 1 right end", "6"],
    ["cavity 12", "12"],
    ["12", "12"],
    ["bottom row, 2nd from the right", "13"],
  ])("reads %s", (text, label) => {
    expect(findPlace(one, hold, text)).toMatchObject({ kind: "one", place: { label } });
  });
  it("gives what words leave open, and nothing for what is not there", () => {
    expect(findPlace(one, hold, "left")).toMatchObject({ kind: "several" });
    expect(findPlace(one, hold, "row 3, 1")).toMatchObject({ kind: "none", lines: 2, longest: 8 });
    expect(findPlace(one, hold, "row 1, 7")).toMatchObject({ kind: "none" });
    expect(findPlace(one, hold, "")).toMatchObject({ kind: "none" });
  });
});

describe("landmarks", () => {
  it("name the empty cavity beside, what stands across, and the only thick wire", () => {
    const dossier = demoDossier();
    const one = faceOf(dossier.connectors[0]!)!;
    const hold: Hold = { view: "wire", grip: "up" };
    const words = (name: string, how = hold): string =>
      landmarkWords(landmarks(one, locate(one, byName(dossier)(name), how)!, how));
    expect(words("B12.4")).toBe("The empty 6 is two to its left; 10 is below.");
    expect(words("B12.4", { view: "mating", grip: "up" })).toBe(
      "The empty 6 is two to its right; 10 is below.",
    );
    expect(words("B12.4", { view: "wire", grip: "left" })).toMatch(
      /^The empty 6 is two below; 10 is to its right\.$/,
    );
    expect(words("B12.5")).toMatch(/^The empty 6 is next to its left/);
  });
  it("point where they say, on every shell in every hold", () => {
    const steps = { left: [-1, 0], right: [1, 0], above: [0, -1], below: [0, 1] } as const;
    let told = 0;
    for (const { shell } of FACED) {
      const connector = filled(shell);
      const half = faceOf({
        ...connector,
        pins: connector.pins.map((pin, i) => ({
          ...pin,
          content: i % 5 === 2 ? ("empty" as const) : pin.content,
          size: i === 4 ? 4 : 0.5,
        })),
      })!;
      for (const hold of HOLDS) {
        const all = locateAll(half, hold);
        for (const here of all)
          for (const mark of landmarks(half, here, hold)) {
            if (mark.kind === "only-thick") {
              expect(here.pin?.size).toBe(4);
              continue;
            }
            const there = all.find((place) => place.label === mark.label)!;
            const [dx, dy] = steps[mark.to];
            expect((there.x - here.x) * dx + (there.y - here.y) * dy).toBeGreaterThan(0);
            if (mark.kind === "beside" && mark.what === "empty") expect(there.pin?.content).toBe("empty");
            told++;
          }
      }
    }
    expect(told).toBeGreaterThan(5000);
  });
});
