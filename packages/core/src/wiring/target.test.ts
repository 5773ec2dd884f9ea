import { describe, expect, it } from "vitest";
import {
  emptyDossier,
  indexPins,
  joinPointId,
  loomWireId,
  pinId,
  type Connector,
  type Dossier,
  type LoomWire,
  type WireEnd,
} from "../model/index.ts";
import { SHELLS } from "../shelf/index.ts";
import { filled } from "../testing/filled.ts";
import { readRunTarget, runTo, sameCircuit, wiresAt } from "./index.ts";

const shelf = (id: string) => SHELLS.find((one) => one.id === id)!.shell;
const named = (connector: Connector, functions: Readonly<Record<string, string>>): Connector => ({
  ...connector,
  pins: connector.pins.map((pin) => ({ ...pin, function: functions[pin.cavity] ?? "" })),
});
const pin = (name: string): WireEnd => ({ at: "pin", pin: pinId(name) });
const point = (name: string): WireEnd => ({ at: "point", point: joinPointId(name) });
const wire = (id: string, ends: readonly WireEnd[], over: Partial<LoomWire> = {}): LoomWire => ({
  id: loomWireId(id),
  ends,
  colour: "",
  colourSystem: null,
  size: null,
  circuit: "",
  bundle: null,
  ...over,
});
const base = (
  connectors: readonly Connector[],
  wires: readonly LoomWire[],
  points: readonly string[] = [],
): Dossier => ({
  ...emptyDossier({
    name: "t",
    kind: "engine-swap",
    vehicle: "",
    incoming: "",
    nominalVolts: 12,
    method: "move",
  }),
  connectors,
  wires,
  points: points.map((name) => ({
    id: joinPointId(name),
    name,
    kind: name.startsWith("G") ? ("ground" as const) : ("splice" as const),
    place: "",
    thread: null,
  })),
});

/** Three sensors on one ground splice, and a controller. */
const sensors = base(
  [
    named(filled(shelf("sealed-3"), "T1"), { 1: "Coolant temperature" }),
    named(filled(shelf("sealed-3"), "T2"), { 1: "Oil pressure" }),
    named(filled(shelf("sealed-3"), "T3"), { 1: "Fuel level" }),
    named(filled(shelf("sealed-16"), "K"), { 7: "Sensor return" }),
  ],
  [
    wire("a", [pin("T1.1"), point("S104")]),
    wire("b", [pin("T2.1"), point("S104")]),
    wire("c", [pin("T3.1"), point("S104")]),
    wire("d", [pin("K.7"), point("S104")], { circuit: "212" }),
  ],
  ["S104"],
);

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
