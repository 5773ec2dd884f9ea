import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { findHazards } from "../../hazards/index.ts";
import type { Dossier, SignalClass } from "../../model/index.ts";
import { stepLine, stepWords } from "../../words/index.ts";
import { planWork } from "../plan.ts";
import { ref, read, pin, plug, leaves, faultOf, HARM } from "../../testing/copperJobs.ts";

describe("copper that is joined on one side only", () => {
  it("is not a way to short a supply, and says so", () => {
    const job = (signal: SignalClass): Dossier =>
      read(
        [plug("V", "vehicle", [pin("1", "Feed", "battery"), pin("2", "Other", signal)])],
        [{ kind: "jumper", pins: [ref("V.1"), ref("V.2")] }],
        leaves("V"),
      );
    expect(faultOf(job("ground"))).toMatchObject({ code: "short-circuit" });
    expect(faultOf(job("lamp-feed"))).toBeNull();
  });
  it("is followed through the loom: a splice behind the plug shorts as well as the plug", () => {
    const job = read(
      [plug("V", "vehicle", [pin("1", "Feed"), pin("2", "Other")])],
      [{ kind: "jumper", pins: [ref("V.1"), ref("V.2")] }],
      {
        ...leaves("V"),
        points: [
          { id: "b", name: "B+ rail", kind: "supply" },
          { id: "g", name: "G1", kind: "ground" },
        ],
        wires: [
          {
            id: "w1",
            ends: [
              { at: "pin", pin: "V.1" },
              { at: "point", point: "b" },
            ],
          },
          {
            id: "w2",
            ends: [
              { at: "pin", pin: "V.2" },
              { at: "point", point: "g" },
            ],
          },
        ],
      },
    );
    expect(faultOf(job)).toMatchObject({ code: "short-circuit" });
  });
});

describe("names that look like keys", () => {
  it("make no difference: every word and round of a job with T10/1, X2#1, A:B and C1~ is that of plain names", () => {
    const job = (v: string, w: string, x: string, y: string): Dossier =>
      read(
        [
          plug(v, "vehicle", [pin("1", "Left"), pin("2", "Right"), pin("3", "Third")]),
          plug(w, "vehicle", [pin("1", "Fourth")]),
          plug(x, "incoming", [pin("1", "Left"), pin("2", "Right")]),
          plug(y, "incoming", [pin("1", "Third"), pin("2", "Fourth")]),
        ],
        [
          { kind: "split", vehicle: ref(`${v}.1`), incoming: [ref(`${x}.1`), ref(`${x}.2`)] },
          { kind: "join", vehicle: ref(`${v}.3`), incoming: ref(`${y}.1`), method: "adapter" },
          { kind: "cap", pin: ref(`${v}.2`) },
          { kind: "join", vehicle: ref(`${w}.1`), incoming: ref(`${y}.2`), method: "splice" },
        ],
        leaves(v, w),
      );
    const lines = (dossier: Dossier): readonly string[] =>
      planWork(dossier).steps.map((step) => stepLine(stepWords(step, dossier)));
    const plain = job("V1", "V2", "W1", "W2");
    const odd = job("T10/1", "A:B", "X2#1", "C1~");
    expect(faultOf(odd)).toBeNull();
    const names = [
      ["T10/1", "V1"],
      ["A:B", "V2"],
      ["X2#1", "W1"],
      ["C1~", "W2"],
    ] as const;
    const renamed = lines(odd).map((line) =>
      names.reduce((text, [from, to]) => text.replaceAll(from, to), line),
    );
    // The order of the places and plugs is that of their names; what is said is the same.
    expect([...renamed].sort()).toEqual([...lines(plain)].sort());
  });
  it("never share an id: a connector called like the shell that is built for another one keeps its own", () => {
    const job = read(
      [
        plug("C1", "vehicle", [pin("1", "Left"), pin("2", "Right")]),
        plug("C1~", "vehicle", [pin("1", "Left"), pin("2", "Right")]),
        plug("X", "incoming", [pin("1", "Left"), pin("2", "Right")]),
      ],
      [
        { kind: "join", vehicle: ref("C1.1"), incoming: ref("X.1"), method: "adapter" },
        { kind: "join", vehicle: ref("C1~.1"), incoming: ref("X.2"), method: "adapter" },
      ],
      leaves("C1"),
    );
    expect(faultOf(job)).toBeNull();
  });
});

describe("harm that is decided", () => {
  it.each(Object.keys(HARM))("is never silent: %s", (what) => {
    let met = 0;
    const words = fc.constantFrom("Lead", "odd lead", "B7", "unread", "Zapfen");
    fc.assert(
      fc.property(fc.array(words, { minLength: 2, maxLength: 2 }), fc.nat(3), (names, others) => {
        const { pins, x, decision, file = leaves("V") } = HARM[what]!((n) => names[n]!);
        const more = Array.from({ length: others }, (_, i) => pin(`${i + 10}`, "Horn"));
        const dossier = read(
          [plug("V", "vehicle", [...pins, ...more]), plug("X", "incoming", [...x, ...more])],
          [decision],
          file,
        );
        const named = new Set<string>(
          findHazards(dossier).flatMap((hazard) =>
            hazard.severity === "stop" && !hazard.cured && hazard.decision !== null ? hazard.pins : [],
          ),
        );
        expect([...named].some((id) => id === "V.1" || id === "X.1")).toBe(true);
        met++;
      }),
      { numRuns: 40, seed: 17 },
    );
    expect(met).toBe(40);
  });
});
