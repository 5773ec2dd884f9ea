import { describe, expect, it } from "vitest";
import { FACE_VIEWS, GRIPS } from "../../model/index.ts";
import { faceSvg } from "../../io/index.ts";
import { SHELLS } from "../../shelf/index.ts";
import { demoDossier } from "../../testing/demo.ts";
import { filled } from "../../testing/filled.ts";
import { drawFace, faceOf, locateAll, looksOf, type FaceDrawing } from "../index.ts";
import { band } from "./shapes.ts";

const FACED = SHELLS.filter(({ shell }) => shell.pattern.kind !== "none");
const HOLDS = FACE_VIEWS.flatMap((view) => GRIPS.map((grip) => ({ view, grip })));
const demo = demoDossier().connectors[0]!;
const draw = (width: number, over = {}): FaceDrawing =>
  drawFace(faceOf(demo)!, {
    hold: { view: "wire", grip: "up" },
    width,
    maxPitch: 60,
    looks: looksOf(demo),
    ...over,
  });

describe("drawFace", () => {
  it("keeps every cavity on the sheet and apart from the others, for every shell in every hold, wide and narrow", () => {
    for (const { id, shell } of FACED) {
      const connector = filled(shell);
      for (const hold of HOLDS)
        for (const width of [1200, 360]) {
          const drawing = drawFace(faceOf(connector)!, {
            hold,
            width,
            maxPitch: 60,
            looks: looksOf(connector),
          });
          expect(drawing.width, `${id} ${hold.grip}`).toBeLessThanOrEqual(width + 1);
          drawing.cavities.forEach(({ box: a }, i) => {
            expect(
              a.x >= 0 && a.y >= 0 && a.x + a.w <= drawing.width && a.y + a.h <= drawing.height,
              `${id} ${hold.view} ${hold.grip}`,
            ).toBe(true);
            for (const { box: b } of drawing.cavities.slice(i + 1))
              expect(
                a.x + a.w <= b.x + 0.01 ||
                  b.x + b.w <= a.x + 0.01 ||
                  a.y + a.h <= b.y + 0.01 ||
                  b.y + b.h <= a.y + 0.01,
                `${id} ${hold.view} ${hold.grip} ${width}`,
              ).toBe(true);
          });
        }
    }
  });

  it("puts the cavities where the locators say: counting along the drawing gives the same labels", () => {
    for (const { shell, id } of FACED.filter((one) => one.shell.pattern.kind === "rows")) {
      const one = faceOf(filled(shell))!;
      for (const hold of HOLDS) {
        const drawing = drawFace(one, { hold, width: 900, maxPitch: 40, looks: new Map() });
        const sideways = hold.grip === "left" || hold.grip === "right";
        const counted = [...drawing.cavities]
          .sort((a, b) =>
            sideways
              ? Math.round(a.box.x + a.box.w / 2 - b.box.x - b.box.w / 2) || a.box.y - b.box.y
              : Math.round(a.box.y + a.box.h / 2 - b.box.y - b.box.h / 2) || a.box.x - b.box.x,
          )
          .map((cavity) => cavity.label);
        expect(counted, `${id} ${hold.view} ${hold.grip}`).toEqual(
          locateAll(one, hold).map((place) => place.label),
        );
      }
    }
  });

  it("leaves labels out where they would be too small to read, and says the ends of the rows instead", () => {
    const header = filled(SHELLS.find((one) => one.id === "header-121")!.shell);
    const small = drawFace(faceOf(header)!, {
      hold: { view: "wire", grip: "up" },
      width: 380,
      maxPitch: 60,
      looks: looksOf(header),
    });
    expect(small.legible).toBe(false);
    expect(
      small.shell
        .flatMap((shape) => (shape.kind === "text" && shape.font === "code" ? [shape.text] : []))
        .sort(),
    ).toEqual(["1", "121", "34", "35", "5", "6", "63", "64", "92", "93"].sort());
    expect(
      drawFace(faceOf(header)!, {
        hold: { view: "wire", grip: "up" },
        width: 1240,
        maxPitch: 60,
        looks: looksOf(header),
      }).legible,
    ).toBe(true);
    expect(draw(400).legible).toBe(true);
  });

  it("tells every state of a cavity without colour", () => {
    const pin = (cavity: string): string => demo.pins.find((one) => one.cavity === cavity)!.id;
    const base = looksOf(demo);
    const states = (["unknown", "empty", "occupied", "vacated", "plugged"] as const).map((state) => {
      const drawing = draw(400, {
        looks: new Map(base).set(pin("8") as never, {
          state,
          readings: [],
          size: null,
          doubt: false,
          more: [],
        }),
      });
      return JSON.stringify(drawing.cavities.find((cavity) => cavity.label === "8")!.shapes);
    });
    const shells = (["open", "membrane", "plug"] as const).map((blank) =>
      JSON.stringify(
        drawFace(faceOf({ ...demo, shell: { ...demo.shell!, blank } })!, {
          hold: { view: "wire", grip: "up" },
          width: 400,
          maxPitch: 60,
          looks: base,
        }).cavities.find((cavity) => cavity.label === "6")!.shapes,
      ),
    );
    const marked = [
      draw(400, { keepOut: true }),
      draw(400, { inHand: pin("8") }),
      draw(400, { twins: [pin("8")] }),
      draw(400, { live: [pin("8")] }),
    ].map((drawing) => JSON.stringify(drawing.cavities.find((cavity) => cavity.label === "8")!.shapes));
    expect(new Set([...states, ...shells, ...marked]).size).toBe(
      states.length + shells.length + marked.length,
    );
    for (const look of [...states.slice(0, 2), ...states.slice(3), ...shells])
      expect(look).not.toContain("insulation");
  });

  it("shows a doubtful colour with both of its readings, and a second wire in the same terminal", () => {
    const doubtful = {
      ...demo,
      pins: demo.pins.map((pin) =>
        pin.cavity === "4" ? { ...pin, doubts: { colour: "one colour or two?" } } : pin,
      ),
    };
    const look = looksOf(doubtful).get(demo.pins.find((pin) => pin.cavity === "4")!.id)!;
    expect(look.readings.map((reading) => [reading.base, ...reading.stripes].join("/"))).toEqual([
      "brown",
      "black/red",
    ]);
    expect(look.doubt).toBe(true);
    const shared = demo.pins[0]!.id;
    const wires = ["a", "b"].map((id) => ({
      id: id as never,
      ends: [{ at: "pin" as const, pin: shared }, { at: "loom" as const }],
      colour: id === "a" ? "" : "W",
      colourSystem: null,
      size: null,
      circuit: "",
      bundle: null,
    }));
    expect(
      looksOf(demo, wires)
        .get(shared)!
        .more.map((colour) => colour?.base),
    ).toEqual(["white"]);
  });

  it("cuts a stripe's band at the edge of the wire", () => {
    const shape = band(0, 0, 10, -6, 8, 0, "ink");
    // At 6 from the centre of a circle of 10 the band is 8 to each side; at 8 it is 6 (a 6-8-10 triangle).
    expect(shape.kind === "path" ? shape.d : "").toBe("M-8 -6L8 -6A10 10 0 0 1 6 8L-6 8A10 10 0 0 1 -8 -6Z");
  });
});

describe("faceSvg", () => {
  it("is well-formed XML with every cavity named, whatever the texts contain", () => {
    const hostile = '<script>&"\u0007';
    const svg = faceSvg(draw(400), {
      title: hostile,
      subtitle: hostile,
      cavities: new Map(demo.pins.map((pin) => [pin.cavity, `${pin.cavity} ${hostile}`])),
    });
    expect(svg).not.toContain("<script>");
    expect(svg.match(/<title>/g)).toHaveLength(demo.pins.length);
    const open = [...svg.matchAll(/<([a-z]+)\b[^>]*?(\/?)>/g)]
      .filter(([, , closed]) => closed === "")
      .map(([, name]) => name);
    const close = [...svg.matchAll(/<\/([a-z]+)>/g)].map(([, name]) => name);
    expect([...open].sort()).toEqual([...close].sort());
    expect(svg).not.toMatch(/NaN|undefined|Infinity/);
  });
});
