import { describe, expect, it } from "vitest";
import { readJobValue } from "../contract/index.ts";
import { colourForColour } from "../hazards/index.ts";
import { suggest } from "./crosswalk.ts";
import { shortJob, type Row } from "../testing/shortTables.ts";

describe("bad input", () => {
  const many = (count: number, name: (index: number) => string, colour = "BK") =>
    Array.from({ length: count }, (_, i): Row => [String(i + 1), name(i), colour]);
  it("3,000 by 3,000 pins of one function are matched one to one", () => {
    const walk = suggest(
      shortJob(
        many(3000, () => "Ground"),
        many(3000, () => "Ground"),
      ),
    );
    expect(walk.pairs.length).toBe(3000);
    expect(walk.alone).toEqual([]);
  });
  it("3,000 by 3,000 pins with names in no vocabulary are matched by their names, with progress told on the way", () => {
    let last = 0;
    const walk = suggest(
      shortJob(
        many(3000, (i) => `zq ${i}`),
        many(3000, (i) => `zq ${2999 - i}`),
      ),
      {
        onProgress: (done, total) => {
          expect(done).toBeGreaterThanOrEqual(last);
          expect(done).toBeLessThanOrEqual(total);
          last = done;
        },
      },
    );
    expect(
      walk.pairs.filter((pair) => Number(pair.vehicle.slice(2)) + Number(pair.incoming.slice(2)) === 3001)
        .length,
    ).toBeGreaterThan(2900);
    expect(last).toBe(3000);
  });
  it("empty functions pair with nothing and say what to do first; one colour for all changes nothing", () => {
    const dossier = shortJob(
      many(40, () => ""),
      many(40, () => ""),
    );
    expect(suggest(dossier).pairs).toEqual([]);
    expect(new Set(suggest(dossier).alone.map(({ why }) => why))).toEqual(new Set(["nothing-known"]));
    expect(colourForColour(dossier).length).toBe(40);
  });
  it("refuses decisions that contradict each other, join a pin to itself or use one connector on both sides", () => {
    const refused = (decision: object) =>
      readJobValue({
        format: "trevin-job",
        version: 1,
        connectors: [
          {
            name: "V",
            pins: [
              { cavity: "1", function: "a" },
              { cavity: "2", function: "b" },
            ],
          },
          {
            name: "X",
            pins: [
              { cavity: "A", function: "a" },
              { cavity: "B", function: "b" },
            ],
          },
        ],
        decisions: [
          {
            kind: "join",
            vehicle: { connector: "V", cavity: "1" },
            incoming: { connector: "X", cavity: "A" },
          },
          decision,
        ],
      });
    const [V1, V2, XA, XB] = [
      { connector: "V", cavity: "1" },
      { connector: "V", cavity: "2" },
      { connector: "X", cavity: "A" },
      { connector: "X", cavity: "B" },
    ];
    const code = (decision: object) => {
      const read = refused(decision);
      if (read.ok) return "ok";
      if (read.error.code !== "contradiction") return read.error.code;
      const { problem } = read.error;
      return problem.code === "decision-refused" ? problem.problem.code : problem.code;
    };
    expect(code({ kind: "join", vehicle: V1, incoming: XB })).toBe("pin-already-decided");
    expect(code({ kind: "join", vehicle: V2, incoming: V2 })).toBe("pin-joined-to-itself");
    expect(code({ kind: "join", vehicle: V2, incoming: V1 })).toBe("join-needs-both-sides");
    expect(code({ kind: "forbid", vehicle: V1, incoming: XA })).toBe("pair-forbidden");
    expect(code({ kind: "jumper", pins: [V2, XB] })).toBe("jumper-across-connectors");
    expect(code({ kind: "split", vehicle: V2, incoming: [XB] })).toBe("wrong-shape");
    expect(code({ kind: "forbid", vehicle: V2, incoming: XB })).toBe("ok");
  });
});
