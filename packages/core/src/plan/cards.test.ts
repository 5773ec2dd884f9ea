import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { decidedDossier, demoDossier } from "../testing/index.ts";
import { cardOf, cardsOf } from "./cards.ts";
import { planWork } from "./plan.ts";

describe("cards", () => {
  it("hold every step of the plan once and in its order, one wire in the hand at a time", () => {
    const sizes = new Map<number, number>();
    fc.assert(
      fc.property(decidedDossier(5), (dossier) => {
        const { steps } = planWork(dossier, { hazards: [] });
        const cards = cardsOf(steps);
        expect(cards.flat()).toEqual(steps);
        for (const card of cards) {
          expect(new Set(card.map(({ wire, at }) => `${wire} ${at}`)).size).toBe(1);
          // Only the last act of a gesture may be one that cannot be taken up again where it was left.
          expect(card.filter(({ op }) => op?.kind === "cut" || op?.kind === "battery").length).toBeLessThan(
            card.length === 1 ? 2 : 1,
          );
          for (const step of card) expect(cardOf(steps, step.id)).toEqual(card);
          sizes.set(card.length, (sizes.get(card.length) ?? 0) + 1);
        }
      }),
      { numRuns: 150, seed: 14 },
    );
    for (const size of [1, 2, 3, 4]) expect(sizes.get(size) ?? 0, `cards of ${size}`).toBeGreaterThan(10);
  });
  it("make one card of strip, seal, crimp and insert: an adapter takes at most two for each of its ends", () => {
    const demo = demoDossier();
    const dossier = {
      ...demo,
      decisions: demo.decisions.map((decision) =>
        decision.kind === "join" && decision.device === undefined
          ? { ...decision, method: "adapter" as const }
          : decision,
      ),
    };
    const { steps } = planWork(dossier, { hazards: [] });
    const inserts = cardsOf(steps).filter((card) => card.at(-1)?.kind === "insert" && card[0]!.built);
    expect(inserts.length).toBeGreaterThan(5);
    for (const card of inserts)
      expect(card.map(({ kind }) => kind).filter((kind) => kind !== "seal")).toEqual([
        "strip",
        "crimp",
        "insert",
      ]);
  });
});
