import { describe, expect, it } from "vitest";
import { CAR, demoOf, ended, jobOf, join, pin, proofOfJob } from "../testing/circuitJobs.ts";
import { stateAtEnd } from "../plan/index.ts";
import { circuitFindingWords, stepLine, stepWords } from "../words/index.ts";
import { planWork } from "../plan/index.ts";
import { askedOf, proofOf } from "./index.ts";

const F1 = (amps: number) => ({
  id: "F1",
  name: "F1",
  kind: "supply",
  supply: { feed: "ignition", fuse: { amps, fitted: false } },
});
/** A fan motor on a fuse of its own, over wires of this size. */
const fan = (peak: number | null, fuse: number, size: number) =>
  proofOfJob(
    CAR,
    [
      pin("A", "Radiator fan", { signal: "ignition", direction: "load", amps: 15, peak, size }),
      pin("B", "Ground", { size }),
    ],
    [{ kind: "feed", pin: "X.A", feed: "ignition", supply: "F1" }, join("V.3", "X.B")],
    { points: [F1(fuse)] },
  );
const starts = (proof: ReturnType<typeof fan>) =>
  proof.findings.filter(({ kind }) => kind === "starts-weak" || kind === "fuse-at-start");

describe("the current with which a part starts", () => {
  it("is not looked at where nobody knows it, and harmless where wires and fuse are made for it", () => {
    expect(starts(fan(null, 20, 2.5))).toEqual([]);
    expect(starts(fan(45, 30, 4))).toEqual([]);
  });
  it("leaves too little voltage over a thin wire (Ohm's law, by hand)", () => {
    const [weak] = starts(fan(60, 60, 0.75));
    if (weak?.kind !== "starts-weak") throw new Error("nothing found");
    // 12 V / 60 A = 0.2 Ω; two wires of 1.5 m and 0.75 mm² of 0.0185 Ω·mm²/m: 0.074 Ω; the vehicle's ground wire of
    // 1 mm²: 0.028 Ω; the battery's 0.01 Ω.
    expect(weak.volts).toBeCloseTo((12.6 * 0.2) / (0.2 + 0.074 + 0.028 + 0.01), 0);
    expect(weak.amps).toBe(60);
    expect(circuitFindingWords(weak, (id) => id).detail).toBe(
      "X.A draws 60 A for a moment, and the wires keep the rest of the voltage.",
    );
  });
  it("opens a fuse of a sixth of it within a tenth of a second (ISO 8820-3, from memory), before the motor runs", () => {
    const [fuse] = starts(fan(130, 20, 6)).filter(({ kind }) => kind === "fuse-at-start");
    if (fuse?.kind !== "fuse-at-start") throw new Error("nothing found");
    expect(fuse).toMatchObject({ fuse: "F1", rating: 20, severity: "caution" });
    expect(fuse.amps).toBeGreaterThan(70);
    expect(fuse.within).toBeLessThanOrEqual(0.5);
  });
});

describe("the positions of the key", () => {
  const positions = (job: object) =>
    proofOfJob(CAR, [pin("A", "Radio supply", { signal: "accessory" })], [join("V.1", "X.A")], { job })
      .network.positions;
  it("are those of what drives the vehicle", () => {
    expect(positions({ nominalVolts: 12 })).toEqual(["off", "accessory", "run", "crank"]);
    expect(positions({ nominalVolts: 48 })).toEqual(["off", "accessory", "run"]);
    expect(positions({ nominalVolts: 12, drive: "trailer" })).toEqual(["off", "run"]);
    expect(positions({ nominalVolts: 48, drive: "combustion" })).toEqual([
      "off",
      "accessory",
      "run",
      "crank",
    ]);
  });
  it("are more where a supply of the job would never be live in them", () => {
    const cranked = proofOfJob(
      [pin("1", "Start", { signal: "start", direction: "source" })],
      [pin("A", "Start input", { signal: "start", direction: "load" })],
      [join("V.1", "X.A")],
      { job: { drive: "bench" } },
    );
    expect(cranked.network.positions).toEqual(["off", "run", "crank"]);
  });
  it("are the only ones that findings, the brief and the count of states speak of", () => {
    const board = demoOf("light-board");
    const proof = ended(board);
    expect(proof.network.positions).toEqual(["off", "run"]);
    expect(proof.states).toBe(2 * 2 + proof.network.drivers.length);
    const said = JSON.stringify([proof.findings, askedOf(board, proof)]);
    expect(said).not.toMatch(/"crank"|"accessory"/);
    const engine = proofOf({ ...board, head: { ...board.head, drive: "combustion" } }, stateAtEnd(board));
    expect(engine.states).toBe(2 * 4 + engine.network.drivers.length);
    // What works, works alike: a trailer's lamps know nothing of the key.
    expect(engine.verdict).toBe(proof.verdict);
  });
});

it("power is taken off where it comes from, and nobody is sent to an engine that is not there", () => {
  const lines = (drive: string) => {
    const dossier = jobOf(
      CAR,
      [pin("A", "Radiator fan", { signal: "switched-supply" })],
      [join("V.4", "X.A")],
      {
        job: { drive },
        brief: [{ kind: "function", text: "Radiator fan" }],
        worklist: { counterparts: [{ connector: "V", becomes: "leaves" }] },
      },
    );
    return planWork({ ...dossier, decisions: dossier.decisions }).steps.map((step) =>
      stepLine(stepWords(step, dossier)),
    );
  };
  const trailer = lines("trailer");
  expect(trailer).toContain("Power off at the trailer plug, out of the towing vehicle");
  expect(trailer.some((line) => /battery|engine|negative/i.test(line))).toBe(false);
  expect(lines("bench")).toContain("Power on at the bench supply, current limit low");
  expect(lines("electric")).toContain(
    "Wait until the controller's capacitors are empty, discharged through a resistor or a lamp, then measured",
  );
  expect(lines("combustion")).toContain("Battery off at the battery, negative first");
});
