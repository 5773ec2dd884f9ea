import type { Decision, Dossier } from "../model/index.ts";
import { byName, demoDossier } from "../testing/index.ts";
import { describe, expect, it } from "vitest";
import { otherHalf } from "./taps.ts";

describe("the half that goes on", () => {
  it("feeds the other half of an incoming loom's wire and back, and a flying lead has one half only", () => {
    const start = demoDossier();
    const pin = byName(start)("AL-P.B");
    const feed: Decision = {
      kind: "feed",
      pin,
      feed: "battery",
      supply: null,
      sure: "sure",
      reason: "",
      answers: [],
    };
    expect(otherHalf(feed, start, "incoming")).toBeNull();
    const loomed: Dossier = {
      ...start,
      connectors: start.connectors.map((one) => ({ ...one, leads: "loom" as const })),
    };
    const turned = otherHalf(feed, loomed, "incoming");
    expect(turned).toMatchObject({ half: "loom", edit: { put: [{ ...feed, theirHalf: "loom" }] } });
    expect(otherHalf(turned!.edit.put[0]!, loomed, "incoming")).toMatchObject({
      half: "plug",
      edit: { put: [feed] },
    });
    expect(otherHalf(feed, loomed, "vehicle")).toBeNull();
  });
});
