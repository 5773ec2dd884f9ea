import { describe, expect, it } from "vitest";
import {
  crimpLines,
  crimpOrder,
  drawCrimp,
  drawInsert,
  drawSection,
  insertLines,
  insertOrder,
  LOCK_WORK,
  locksOf,
  sectionOf,
  TERMINAL_SYSTEMS,
} from "./index.ts";

/** The order of the hand at twenty families and more, held against common practice step by step; no source. */
describe("release, insert and crimp", () => {
  it("open every second lock in its order before a tool goes in, and close them in reverse after the tug", () => {
    for (const system of TERMINAL_SYSTEMS) {
      const locks = locksOf(system);
      expect(system.order.slice(0, locks.length), system.id).toEqual(
        locks.map((lock) => LOCK_WORK[lock].open),
      );
      const back = insertOrder(system);
      const closed = [...locks].reverse().map((lock) => back.indexOf(LOCK_WORK[lock].close));
      expect(
        closed.every((at) => at > 0),
        system.id,
      ).toBe(true);
      expect(
        [...closed].sort((a, b) => a - b),
        system.id,
      ).toEqual(closed);
      const tug = back.findIndex((step) => step.startsWith("Tug"));
      if (tug >= 0) for (const at of closed) expect(at, system.id).toBeGreaterThan(tug);
    }
  });

  it("say the side, the direction and the press as the section has them", () => {
    for (const system of TERMINAL_SYSTEMS) {
      const section = sectionOf(system);
      const text = system.order.join("\n");
      if (section.toolFrom === "front") expect(text, system.id).toMatch(/mating face/);
      if (section.toolFrom === "rear") expect(text, system.id).toMatch(/wire side/);
      if (section.holder === "lance") expect(text, system.id).toMatch(/flat, towards the terminal/);
      if (section.holder === "finger") expect(text, system.id).toMatch(/away from the terminal/);
      const side = { top: "the top", bottom: "the bottom", side: "both flanks", none: "" }[section.side];
      if (section.holder === "lance" || section.holder === "finger") expect(text, system.id).toContain(side);
      if (section.depth !== null) expect(text, system.id).toContain(`about ${section.depth} mm deep`);
      if (section.pushFirst)
        expect(
          system.order.findIndex((step) => step.startsWith("Push the wire forward")),
          system.id,
        ).toBeLessThan(system.order.findIndex((step) => step.startsWith("Press")));
      expect(/seal/.test(text), system.id).toBe(section.seal !== "none");
    }
  });

  it("draw the tool on the side where the terminal is held, and number what is done in the order of the words", () => {
    for (const system of TERMINAL_SYSTEMS) {
      const section = sectionOf(system);
      const { numbers, height, width, shapes } = drawSection(section);
      expect(
        numbers.map(({ of }) => of),
        system.id,
      ).toEqual([...section.locks, ...(section.toolFrom === null ? [] : ["tool"])]);
      const axis = 105;
      // The tool is the only stroke of 4 px.
      const tools = shapes.flatMap((shape) =>
        shape.kind === "path" && shape.width === 4 ? [Number(/M[\d.-]+ ([\d.-]+)/.exec(shape.d)?.[1])] : [],
      );
      if (section.side === "top" && section.toolFrom !== null && section.holder !== "barbs")
        expect(
          tools.every((y) => y < axis),
          system.id,
        ).toBe(true);
      if (section.side === "bottom" && section.toolFrom !== null)
        expect(
          tools.every((y) => y > axis),
          system.id,
        ).toBe(true);
      if (section.side === "side" && section.holder === "lance") expect(tools.length, system.id).toBe(2);
      for (const shape of shapes)
        if (shape.kind === "text") {
          expect(shape.x, system.id).toBeGreaterThanOrEqual(0);
          expect(shape.x, system.id).toBeLessThanOrEqual(width);
          expect(shape.y, system.id).toBeLessThanOrEqual(height);
          expect(shape.y, system.id).toBeGreaterThan(0);
        }
    }
  });

  it("thread a pull-to-seat wire through its shell before anything, and slide the seal on before the wire is stripped", () => {
    for (const system of TERMINAL_SYSTEMS) {
      const order = crimpOrder(system);
      const at = (pattern: RegExp): number => order.findIndex((step) => pattern.test(step));
      if (system.release === "pull-to-seat") expect(at(/^Thread/), system.id).toBe(0);
      if (sectionOf(system).seal === "single")
        expect(at(/^Slide the seal/), system.id).toBeLessThan(at(/^Strip/));
      expect(at(/do not twist/), system.id).toBeGreaterThan(0);
      expect(at(/squeeze/), system.id).toBeGreaterThan(at(/^Strip/));
      expect(
        order.some((step) => step.startsWith("Pull a sample")),
        system.id,
      ).toBe(true);
    }
  });

  it("are drawn with the numbers of their own lines, all of it on the sheet", () => {
    for (const system of TERMINAL_SYSTEMS)
      for (const [lines, drawing] of [
        [insertLines(system), drawInsert(system)],
        [crimpLines(system), drawCrimp(system)],
      ] as const) {
        for (const { number, of } of drawing.numbers) expect(lines[number - 1]?.of, system.id).toBe(of);
        // A badge is drawn for each line that is about a part of the drawing.
        const drawn = drawing.shapes.flatMap((shape) =>
          shape.kind === "text" && /^\d+$/.test(shape.text) ? [Number(shape.text)] : [],
        );
        if (system.gender !== "ring")
          expect(
            [...new Set(drawn)].sort((a, b) => a - b),
            system.id,
          ).toEqual(drawing.numbers.map(({ number }) => number));
        for (const shape of drawing.shapes)
          if (shape.kind === "text") {
            expect(shape.x, system.id).toBeGreaterThanOrEqual(0);
            expect(shape.x, system.id).toBeLessThanOrEqual(drawing.width);
            expect(shape.y, system.id).toBeGreaterThan(0);
            expect(shape.y, system.id).toBeLessThanOrEqual(drawing.height);
          }
        // What was opened last closes first.
        const closing = lines.flatMap(({ of }) => (of !== null && of in LOCK_WORK ? [of] : []));
        if (closing.length > 0) expect(closing).toEqual([...locksOf(system)].reverse());
      }
  });

  it("know twenty families and more, among them every kind of second lock", () => {
    expect(TERMINAL_SYSTEMS.length).toBeGreaterThanOrEqual(25);
    const known = new Set(TERMINAL_SYSTEMS.flatMap(locksOf));
    for (const lock of Object.keys(LOCK_WORK)) expect([...known], lock).toContain(lock);
    expect(TERMINAL_SYSTEMS.filter(({ twoStop }) => twoStop).length).toBeGreaterThan(0);
  });
});
