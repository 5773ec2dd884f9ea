import { describe, expect, it } from "vitest";
import { pinName } from "../model/index.ts";
import { daysUntilFlat } from "../sizing/index.ts";
import { CAR, ended, jobOf, join, MODULE, pin, POWERED, proofOfJob } from "../testing/circuitJobs.ts";
import { askedWords } from "../words/index.ts";
import { askedOf, canUnplug, solverOf, standbyOf, whatIfUnplugged } from "./index.ts";

describe("what was asked for", () => {
  const brief = ["Turn lamp", "Radio", "Ground"].map((text) => ({ kind: "function", text }));
  const asked = (decisions: readonly object[], vehicle = CAR) => {
    const dossier = jobOf(vehicle, MODULE, decisions, { brief });
    return askedOf(dossier, ended(dossier)).map((one) => askedWords(one, (id) => id));
  };
  it("is answered line by line, with the key where it works, or why it does not", () => {
    expect(asked([...POWERED, join("V.4", "X.D")])).toEqual([
      // What feeds the wire to the lamp is not told: a stalk, a flasher, a module.
      "works when it is switched on",
      "no pin does this",
      "not in the circuit: test it",
    ]);
    expect(asked(POWERED)[0]).toBe("not decided yet");
    // Its return goes with the module's ground wire.
    expect(
      asked([join("V.1", "X.A"), join("V.2", "X.B"), join("V.4", "X.D"), { kind: "cap", pin: "X.C" }])[0],
    ).toBe("It never works");
  });
});

describe("the voltage lost on the way", () => {
  const fed = (size: number | null, amps: number) =>
    proofOfJob(
      [pin("1", "Permanent 12 V", { size }), pin("3", "Ground", { size: 6 })],
      [pin("A", "Fan supply, battery", { size, amps }), pin("C", "Ground", { size: 6 })],
      [join("V.1", "X.A"), join("V.3", "X.C")],
    );
  it("is told above a tenth, by Ohm's law, and not below", () => {
    // Of wires without a size 1 mm² is taken, and 1.5 m of each.
    const heavy = fed(null, 24);
    const drop = heavy.findings.find(({ kind }) => kind === "drop");
    expect(drop).toMatchObject({ severity: "caution", stated: true });
    expect(fed(6, 24).findings.map(({ kind }) => kind)).not.toContain("drop");
    // What draws 24 A at 12 V is half an ohm: what does not stand across it is lost.
    const { network, loads } = heavy;
    const amps = Math.abs(solverOf(network)("off", "none").amps.get(loads[0]!.port.element) ?? 0);
    expect(amps).toBeLessThan(24);
    // What is lost inside the battery is not lost on the way.
    const inside = amps * 0.01;
    const lost = drop?.kind === "drop" ? drop.lost : 0;
    expect(Math.abs(lost + inside - (network.battery - amps * (12 / 24)))).toBeLessThan(0.05);
    // The least is the copper: two wires of 1.5 m and 1 mm², two of 6 mm².
    expect(lost).toBeGreaterThan(amps * 0.0185 * 1.5 * (2 + 2 / 6));
  });
});

describe("a plug pulled, a car parked", () => {
  const proof = proofOfJob(
    CAR,
    [pin("A", "12 V constant", { standby: 0.04 }), ...MODULE.slice(1)],
    [...POWERED, join("V.4", "X.D")],
  );
  it("darkens all that the plug fed, and all that went to ground through it", () => {
    const x = proof.network.ports.find(({ read }) => pinName(read.placed) === "X.C")!.read.placed.connector
      .id;
    expect(canUnplug(proof.network, x)).toBe(true);
    expect(
      whatIfUnplugged(proof, 12, x).changes.map(
        ({ row, after }) => `${pinName(row.port.read.placed)} ${after}`,
      ),
    ).toEqual(["X.A off", "X.B off", "X.D off"]);
  });
  it("draws what is live with the key off: stated ones are summed, the others named", () => {
    const { known, unknown, amps } = standbyOf(proof);
    expect([known.map(({ pin: id }) => id), unknown, amps]).toEqual([["X.A"], [], 0.04]);
    // 30 of 60 Ah at 40 mA: 750 hours.
    expect(daysUntilFlat(amps, 60)).toBeCloseTo(31.25, 6);
    expect(standbyOf(proofOfJob(CAR, MODULE, POWERED)).unknown).toEqual(["X.A"]);
  });
});
