import fc from "fast-check";
import Graph from "graphology";
import { connectedComponents } from "graphology-components";
import { describe, expect, it } from "vitest";
import { connectorId, indexPins, pinId, type WireEnd } from "../model/index.ts";
import { matingHalf } from "../face/index.ts";
import { filled } from "../testing/filled.ts";
import { goesTo, pointWords, sharedWords, traceLines } from "../words/index.ts";
import { allMatings, bridgedPins, meetingPins, nets, sharedWith, stretches, trace } from "./index.ts";
import { shelf, pin, point, wire, base, sensors } from "../testing/wired.ts";

describe("trace", () => {
  it("says that K.7 is shared by three sensors", () => {
    expect([...sharedWith(sensors, pinId("K.7"))].sort()).toEqual(["T1.1", "T2.1", "T3.1"]);
    const pins = indexPins(sensors);
    expect(sharedWords(sensors, pins.get(pinId("K.7"))!, pins)).toBe(
      "K.7 is joined to 3 pins: Coolant temperature; Oil pressure; Fuel level.",
    );
    expect(traceLines(trace(sensors, pinId("K.7"))!, pins)).toEqual([
      "K.7 (Sensor return)",
      "  S104 (splice) over wire, 0.5 mm², circuit 212",
      "    T1.1 (Coolant temperature) over wire, 0.5 mm²",
      "    T2.1 (Oil pressure) over wire, 0.5 mm²",
      "    T3.1 (Fuel level) over wire, 0.5 mm²",
    ]);
    expect(sharedWith(sensors, pinId("K.8"))).toEqual([]);
    expect(pointWords(sensors, sensors.points[0]!)).toBe(
      "S104 is shared by 4 pins: Coolant temperature; Oil pressure; Fuel level; Sensor return.",
    );
  });

  it("says on a sheet where each wire goes in its own loom", () => {
    expect(goesTo(sensors, pinId("K.7"))).toBe("S104, T1.1, T2.1, T3.1");
    expect(goesTo(sensors, pinId("K.8"))).toBe("");
  });

  it("joins a junction connector's groups only while it is mated", () => {
    const junction = filled(shelf("junction-12"), "J1");
    const cap = { ...filled(matingHalf(shelf("junction-12")), "J1cap"), matesWith: junction.id };
    const dossier = base(
      [junction, cap, filled(shelf("sealed-2"), "A"), filled(shelf("sealed-2"), "B")],
      [wire("a", [pin("A.1"), pin("J1.1")]), wire("b", [pin("B.1"), pin("J1.8")])],
    );
    expect(sharedWith(dossier, pinId("A.1"))).toEqual(["J1.1"]);
    const mated = stretches(trace(dossier, pinId("A.1"))!).map((stretch) => stretch.key);
    expect(mated).toContain("pin B.1");
    expect(stretches(trace(dossier, pinId("A.1"), [])!).map((stretch) => stretch.key)).not.toContain(
      "pin B.1",
    );
    expect(bridgedPins(junction)).toHaveLength(3);
  });

  it("goes through a plug cavity by cavity, to both ends of a fork, and ends where nobody has followed it", () => {
    const plug = filled(shelf("sealed-4"), "P");
    const header = { ...filled(matingHalf(shelf("sealed-4")), "H"), matesWith: plug.id };
    const dossier = base(
      [plug, header, filled(shelf("sealed-2"), "L"), filled(shelf("sealed-2"), "R")],
      [
        wire("fork", [pin("P.2"), pin("L.1"), pin("R.1")]),
        wire("on", [pin("H.2"), { at: "loom" }]),
        wire("cut", [pin("L.1"), { at: "loose", end: "capped" }]),
      ],
    );
    expect(meetingPins(plug, header).map(([a, b]) => `${a}=${b}`)).toEqual([
      "P.1=H.1",
      "P.2=H.2",
      "P.3=H.3",
      "P.4=H.4",
    ]);
    const reached = stretches(trace(dossier, pinId("R.1"))!);
    expect(reached.map(({ key, depth }) => `${depth} ${key}`)).toEqual([
      "0 pin R.1",
      "1 pin P.2",
      "2 pin H.2",
      "3 loom on 1",
      "1 pin L.1",
      "2 loose cut 1",
    ]);
    expect(reached.every((stretch) => !stretch.again)).toBe(true);
    expect(allMatings(dossier)).toEqual([["H", "P"]]);
  });

  it("marks where a loop closes, and does not go round it", () => {
    const dossier = base(
      [filled(shelf("sealed-3"), "A")],
      [
        wire("a", [pin("A.1"), point("S1")]),
        wire("b", [point("S1"), point("S2")]),
        wire("c", [point("S2"), pin("A.1")]),
      ],
      ["S1", "S2"],
    );
    const all = stretches(trace(dossier, pinId("A.1"))!);
    expect(all.filter((stretch) => stretch.again)).toHaveLength(1);
    expect(new Set(all.map((stretch) => stretch.key)).size).toBe(3);
  });
});

describe("nets", () => {
  const many = fc
    .record({
      wires: fc.array(fc.array(fc.integer({ min: 0, max: 29 }), { minLength: 2, maxLength: 4 }), {
        maxLength: 25,
      }),
      mated: fc.boolean(),
    })
    .map(({ wires, mated }) => {
      const junction = filled(shelf("junction-12"), "J");
      const cap = {
        ...filled(matingHalf(shelf("junction-12")), "Q"),
        matesWith: mated ? connectorId("J") : null,
      };
      const ends: readonly WireEnd[] = [
        ...[...junction.pins, ...cap.pins].map((one): WireEnd => ({ at: "pin", pin: one.id })),
        ...["S1", "S2", "S3", "S4"].map(point),
        { at: "loom" },
        { at: "loose", end: "bare" },
      ];
      return base(
        [junction, cap],
        wires.map((list, i) =>
          wire(
            `w${i}`,
            list.map((index) => ends[index % ends.length]!),
          ),
        ),
        ["S1", "S2", "S3", "S4"],
      );
    });

  it("are the connected components that a graph library finds (graphology)", () => {
    let largest = 0;
    fc.assert(
      fc.property(many, (dossier) => {
        const graph = new Graph({ multi: true, allowSelfLoops: true });
        const node = (end: WireEnd): string | null => {
          if (end.at === "pin") return `pin ${end.pin}`;
          return end.at === "point" ? `point ${end.point}` : null;
        };
        const join = (a: string, b: string): void => {
          graph.mergeNode(a);
          graph.mergeNode(b);
          graph.addEdge(a, b);
        };
        for (const { ends } of dossier.wires) {
          const held = ends.flatMap((end) => node(end) ?? []);
          held.slice(1).forEach((other) => join(held[0]!, other));
        }
        const [junction, cap] = dossier.connectors;
        if (cap!.matesWith !== null) {
          for (const one of junction!.pins) join(`pin J.${one.cavity}`, `pin Q.${one.cavity}`);
          for (const group of junction!.shell!.joined)
            group.slice(1).forEach((label) => join(`pin J.${group[0]}`, `pin J.${label}`));
        }
        const theirs = connectedComponents(graph)
          .filter((set) => set.length > 1)
          .map((set) => [...set].sort().join(" | "))
          .sort();
        const ours = nets(dossier)
          .map((set) => set.filter((key) => /^(pin|point) /.test(key)))
          .filter((set) => set.length > 1)
          .map((set) => [...set].sort().join(" | "))
          .sort();
        expect(ours).toEqual(theirs);
        largest = Math.max(largest, ...theirs.map((set) => set.split(" | ").length));
      }),
      { numRuns: 300, seed: 21 },
    );
    expect(largest).toBeGreaterThan(6);
  });

  it("hold exactly what following a wire from any member reaches", () => {
    fc.assert(
      fc.property(many, (dossier) => {
        for (const net of nets(dossier))
          for (const key of net.filter((one) => one.startsWith("pin "))) {
            expect(
              stretches(trace(dossier, pinId(key.slice(4)))!)
                .filter((stretch) => !stretch.again)
                .map((stretch) => stretch.key)
                .sort(),
            ).toEqual([...net].sort());
          }
      }),
      { numRuns: 60, seed: 22 },
    );
  });
});
