import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { endId, pinId, type PinId } from "../model/index.ts";
import { planWork } from "../plan/index.ts";
import { decidedDossier, demoDossier } from "../testing/index.ts";
import { applyOperation } from "./apply.ts";
import { connectedPoints, type Point } from "./net.ts";
import { farEnd, initialState, plugEnd, type HarnessState } from "./state.ts";

/** Everything reached from an end, by walking from neighbour to neighbour; slow and plain. */
function walked(state: HarnessState, start: string): readonly string[] {
  const seen = new Set([start]);
  const queue = [start];
  for (let end = queue.shift(); end !== undefined; end = queue.shift()) {
    const place = state.ends[endId(end)];
    const across = Object.values(state.wires)
      .filter((wire) => wire.ends.includes(endId(end!)))
      .flatMap((wire) => wire.ends as readonly string[]);
    const joined =
      place?.at === "joint"
        ? Object.entries(state.ends)
            .filter(([, other]) => other.at === "joint" && other.joint === place.joint)
            .map(([other]) => other)
        : [];
    const meeting =
      place?.at !== "cavity"
        ? []
        : Object.entries(state.ends)
            .filter(
              ([, other]) =>
                other.at === "cavity" &&
                other.cavity !== place.cavity &&
                metBy(state, other.cavity, place.cavity),
            )
            .map(([other]) => other);
    for (const next of [...across, ...joined, ...meeting]) {
      if (seen.has(next)) continue;
      seen.add(next);
      queue.push(next);
    }
  }
  return [...seen];
}
const metBy = (state: HarnessState, a: PinId, b: PinId): boolean =>
  [
    [a, b],
    [b, a],
  ].some(([built, own]) => {
    const hole = state.cavities[built!];
    return hole?.meets === own && state.plugged[hole!.connector] === state.cavities[own!]?.connector;
  });
const pointOf = (state: HarnessState, end: string): readonly string[] => {
  const place = state.ends[endId(end)];
  const pin = Object.values(state.wires).find((wire) => wire.ends.includes(endId(end)))?.pin;
  if (place?.at === "cavity") return [`cavity ${place.cavity}`];
  if (place?.at === "supply") return [`supply ${place.supply}`];
  return place?.at === "loom" ? [`loom ${pin}`] : [];
};
const named = (point: Point): string =>
  point.at === "cavity"
    ? `cavity ${point.cavity}`
    : point.at === "supply"
      ? `supply ${point.supply}`
      : `loom ${point.pin}`;

describe("connectedPoints", () => {
  it("is what walking the wires finds, in every state that a plan passes through", () => {
    let compared = 0;
    fc.assert(
      fc.property(decidedDossier(3), fc.nat(60), (dossier, count) => {
        let state = initialState(dossier);
        for (const step of planWork(dossier).steps.slice(0, count)) {
          const next = step.op === null ? null : applyOperation(state, step.op);
          if (next?.ok) state = next.value.state;
        }
        const points = connectedPoints(state);
        for (const end of Object.keys(state.ends)) {
          const expected = walked(state, end)
            .flatMap((other) => pointOf(state, other))
            .sort();
          expect((points.get(endId(end)) ?? []).map(named).sort()).toEqual(expected);
          compared++;
        }
      }),
      { numRuns: 300, seed: 95 },
    );
    expect(compared).toBeGreaterThan(3000);
  });

  it("joins a whole wire's cavity to its loom, and a pigtail's to nothing", () => {
    const state = initialState(demoDossier());
    const points = connectedPoints(state);
    expect(points.get(plugEnd(pinId("B12.7")))).toEqual([
      { at: "cavity", cavity: "B12.7" },
      { at: "loom", pin: "B12.7" },
    ]);
    expect(points.get(farEnd(pinId("AL-P.D")))).toEqual([{ at: "cavity", cavity: "AL-P.D" }]);
  });
});
