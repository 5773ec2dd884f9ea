import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { faceOf, fitOf, locate, meetings, seenFrom, type Hold } from "../face/index.ts";
import { builtCavity } from "../harness/index.ts";
import { indexPins, methodOf, pinsInOrder, type Connector } from "../model/index.ts";
import { SHELLS } from "../shelf/index.ts";
import { decidedDossier, demoDossier } from "../testing/index.ts";
import { filled } from "../testing/filled.ts";
import { stepLine, stepWords } from "../words/index.ts";
import { adapterHalf, endsOfStep, facesOfStep } from "./hands.ts";
import { planWork } from "./plan.ts";

const WIRE_SIDE: Hold = { view: "wire", grip: "up" };

describe("the adapter's half", () => {
  it("is the mirror image of its connector cavity by cavity, and mates with it, for every shell of the Shelf", () => {
    const [base] = demoDossier().connectors as [Connector];
    let cavities = 0;
    for (const { id, shell } of SHELLS.filter((one) => one.shell.pattern.kind !== "none")) {
      const connector: Connector = { ...base, ...filled(shell) };
      const half = adapterHalf(connector);
      expect(fitOf(connector.shell!, half.shell!), id).toEqual({ kind: "mates" });
      const [own, other] = [faceOf(connector)!, faceOf(half)!];
      const sums = new Set<string>();
      // Which cavity meets which is found by where they are, not by their labels.
      for (const { a, b } of meetings(own, other)!) {
        expect(b.pin?.id, `${id} ${a.label}`).toBe(a.pin === null ? undefined : builtCavity(a.pin.id));
        const here = seenFrom(own.shell, WIRE_SIDE)(a.slot);
        const there = seenFrom(other.shell, WIRE_SIDE)(b.slot);
        expect(there.y, `${id} ${a.label}`).toBeCloseTo(here.y, 6);
        // Both seen from their wires, mark up: what is on the left of the one is as far on the right of the other.
        sums.add((here.x + there.x).toFixed(6));
        cavities++;
      }
      expect(sums.size, id).toBe(1);
    }
    expect(cavities).toBeGreaterThan(1000);
  });
  it("shows a cavity in the words of the part that is in the hand: the other end of its row", () => {
    const [b12] = demoDossier().connectors as [Connector];
    const [first] = pinsInOrder(b12);
    const place = (connector: Connector, pin: Parameters<typeof locate>[1]) => {
      const { locator } = locate(faceOf(connector)!, pin, WIRE_SIDE)!;
      return locator.kind === "ring" ? null : [locator.line, locator.place, locator.places];
    };
    const [line, at, of] = place(b12, first!.id)!;
    expect(place(adapterHalf(b12), builtCavity(first!.id))).toEqual([line, of! + 1 - at!, of]);
  });
  it("is what the hand is at in every step that makes it, and never in a step at the connector", () => {
    const met = { half: 0, own: 0 };
    fc.assert(
      fc.property(decidedDossier(5), (dossier) => {
        const pins = indexPins(dossier);
        for (const step of planWork(dossier, { hazards: [] }).steps) {
          const touchesHalf =
            step.op !== null &&
            (("cavity" in step.op && !pins.has(step.op.cavity)) ||
              ("connector" in step.op &&
                !dossier.connectors.some(({ id }) => id === step.op!["connector" as never])));
          const [face] = facesOfStep(step, dossier, pins);
          if (touchesHalf && step.op?.kind !== "connect" && step.op?.kind !== "disconnect") {
            expect(face!.isHalf, step.id).toBe(true);
            expect(stepLine(stepWords(step, dossier, pins))).toMatch(/adapter half|new housing/);
            met.half++;
          } else if (step.op !== null && "cavity" in step.op && face !== undefined) {
            expect(face.isHalf, step.id).toBe(false);
            met.own++;
          }
        }
      }),
      { numRuns: 300, seed: 21 },
    );
    expect(met.half).toBeGreaterThan(50);
    expect(met.own).toBeGreaterThan(200);
  });
});

describe("the ends of a joint", () => {
  it("are all named, each once, with its own tick and its cavity marked on a face", () => {
    const met = { two: 0, more: 0, adapter: 0 };
    fc.assert(
      fc.property(decidedDossier(6), (dossier) => {
        const pins = indexPins(dossier);
        for (const step of planWork(dossier, { hazards: [] }).steps) {
          if (step.op?.kind !== "splice") continue;
          const ends = endsOfStep(step, pins);
          expect(ends.length, step.id).toBe(step.op.ends.length);
          const faces = facesOfStep(step, dossier, pins);
          const marked = new Set(faces.flatMap(({ pin, also }) => [pin, ...also]));
          const words = stepWords(step, dossier, pins);
          for (const { placed, part } of ends) {
            expect(marked.has(part === "adapter wire" ? builtCavity(placed.pin.id) : placed.pin.id)).toBe(
              true,
            );
            expect(
              words.before.filter((line) =>
                line.includes(`${placed.connector.name}, cavity ${placed.pin.cavity}`),
              ).length,
            ).toBeGreaterThanOrEqual(1);
            expect(stepLine(words)).toContain(`${placed.connector.name}.${placed.pin.cavity}`);
          }
          if (ends.some(({ part }) => part === "adapter wire")) met.adapter++;
          else if (ends.length > 2) met.more++;
          else met.two++;
        }
      }),
      { numRuns: 800, seed: 11 },
    );
    for (const count of Object.values(met)) expect(count).toBeGreaterThan(4);
  });
  it("are the half in the loom and the lead, never the stub that is left at the plug", () => {
    const demo = demoDossier();
    const dossier = {
      ...demo,
      decisions: demo.decisions.map((decision) =>
        methodOf(decision) === "move" ? { ...decision, method: "splice" as const } : decision,
      ) as typeof demo.decisions,
    };
    const pins = indexPins(dossier);
    const joints = planWork(dossier, { hazards: [] }).steps.filter(({ op }) => op?.kind === "splice");
    expect(joints.length).toBeGreaterThan(5);
    for (const step of joints)
      for (const { placed, part } of endsOfStep(step, pins))
        expect(part).toBe(placed.connector.side === "vehicle" ? "loom half" : "lead");
  });
});
