import { describe, expect, it } from "vitest";
import type { HazardAnswer } from "../model/index.ts";
import { job, join, pin, X, type Pin } from "../testing/twoPlugs.ts";
import { findHazards, type Hazard } from "./index.ts";

const REASON = "only for the drive home";
/** What a technician accepts: a hazard as it stands. */
const accepted = ({ rule, facts }: Hazard): HazardAnswer => ({ rule, reason: REASON, facts });

describe("an answer", () => {
  const fed = (amps: number, answers: readonly HazardAnswer[] = []) =>
    findHazards(
      job({
        x: [pin("A", "Radiator fan", { signal: "ignition", size: 0.5 })],
        decisions: [{ kind: "feed", pin: X("A"), feed: "ignition", supply: "F1", answers }],
        file: {
          points: [{ id: "F1", name: "F1", kind: "supply", supply: { feed: "ignition", fuse: { amps } } }],
        },
      }),
    ).find(({ rule }) => rule === "fuse-too-large")!;
  it("accepts the figures that were seen: a larger fuse on the same wire is another question", () => {
    const answer = accepted(fed(10));
    expect(fed(10, [answer]).answered).toEqual(answer);
    expect(fed(30, [answer]).answered).toBeNull();
    expect(fed(30, [answer, accepted(fed(30))]).answered?.reason).toBe(REASON);
  });
  it("of before, which does not say what it accepted, still holds", () => {
    expect(fed(30, [{ rule: "fuse-too-large", reason: REASON }]).answered).toEqual({
      rule: "fuse-too-large",
      reason: REASON,
    });
    expect(fed(30, [{ rule: "size-step", reason: REASON }]).answered).toBeNull();
  });
  it("to a card that tells of several covers those and no others", () => {
    const gauges = ["Fuel level", "Oil pressure gauge", "Vehicle speed"];
    const card = (count: number, answers: readonly HazardAnswer[] = []) => {
      const named = (cavities: string) =>
        gauges.slice(0, count).map((text, i): Pin => pin(cavities[i]!, text));
      return findHazards(
        job({
          v: named("123"),
          x: named("ABC"),
          decisions: ["1A", "2B", "3C"]
            .slice(0, count)
            .map(([v, x], i) => join(v!, x!, i === 0 ? { answers } : {})),
        }),
      ).find(({ rule }) => rule === "sender-scale")!;
    };
    const answer = accepted(card(2));
    expect(card(2, [answer]).answered).toEqual(answer);
    expect(card(3, [answer]).answered).toBeNull();
  });
});
