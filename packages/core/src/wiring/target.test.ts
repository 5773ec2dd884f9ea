import { describe, expect, it } from "vitest";
import { indexPins, loomWireId, pinId } from "../model/index.ts";
import { readRunTarget, runTo, sameCircuit, wiresAt } from "./index.ts";
import { pin, point, wire, sensors } from "../testing/wired.ts";

describe("where a wire goes", () => {
  it("is read from a name: a known point, a cavity, a loose end, or a point that is new", () => {
    const read = (text: string) => readRunTarget(sensors, text);
    expect(read("s104")).toEqual({ kind: "end", end: point("S104") });
    expect(read("T2.1")).toEqual({ kind: "end", end: pin("T2.1") });
    expect(read("t2 1")).toEqual({ kind: "end", end: pin("T2.1") });
    expect(read("capped")).toEqual({ kind: "end", end: { at: "loose", end: "capped" } });
    expect(read("loom")).toEqual({ kind: "end", end: { at: "loom" } });
    expect(read("T2.9")).toEqual({ kind: "no-such-cavity", connector: "T2", cavity: "9" });
    expect(
      ["S7", "G201", "B+ rail", "M8 stud", "wiper motor"]
        .map(read)
        .map((target) => (target.kind === "new-point" ? target.pointKind : target.kind)),
    ).toEqual(["splice", "ground", "supply", "stud", "device"]);
    expect(read("  ")).toEqual({ kind: "nothing" });
  });
  it("continues the run that nobody had followed, and is a second wire where the first is known", () => {
    const placed = indexPins(sensors).get(pinId("K.8"))!;
    const none = { colour: "", circuit: "", bundle: "" };
    const fresh = runTo(sensors, placed, { at: "loom" }, { ...none, bundle: "T1" }, loomWireId("new"));
    expect(fresh).toEqual(
      wire("new", [pin("K.8"), { at: "loom" }], { bundle: { kind: "twist", name: "T1" } }),
    );
    const known = { ...sensors, wires: [...sensors.wires, fresh] };
    expect(
      runTo(known, placed, point("S104"), { ...none, circuit: "9", bundle: "s2" }, loomWireId("other")),
    ).toEqual(
      wire("new", [pin("K.8"), point("S104")], { circuit: "9", bundle: { kind: "shield", name: "s2" } }),
    );
    expect(
      runTo(
        known,
        indexPins(known).get(pinId("K.7"))!,
        pin("T1.2"),
        { ...none, colour: "BK" },
        loomWireId("other"),
      ),
    ).toEqual(wire("other", [pin("K.7"), pin("T1.2")], { colour: "BK", colourSystem: "iec" }));
    expect(wiresAt(known, pinId("K.8"))).toEqual([fresh]);
  });
  it("is offered where the same circuit number is printed at another connector of the side", () => {
    const marked = {
      ...sensors,
      connectors: sensors.connectors.map((connector) => ({
        ...connector,
        pins: connector.pins.map((one) => ({
          ...one,
          circuit: ({ "1": "78", "2": "77" } as Record<string, string>)[one.cavity] ?? "",
        })),
      })),
    };
    expect(sameCircuit(marked, pinId("T1.2"))).toEqual(["K.2", "T2.2", "T3.2"]);
    // T1.1, T2.1 and T3.1 are joined already.
    expect(sameCircuit(marked, pinId("T1.1"))).toEqual(["K.1"]);
    expect(sameCircuit(marked, pinId("T1.3"))).toEqual([]);
  });
});
