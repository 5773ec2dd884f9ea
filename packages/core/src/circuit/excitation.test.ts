import { describe, expect, it } from "vitest";
import { join, pin, proofOfJob } from "../testing/circuitJobs.ts";
import type { Proof } from "./index.ts";

const kinds = ({ findings }: Proof) => findings.map(({ kind }) => kind);
describe("the charge lamp's wire (DIN 72552: 61, D+; common practice)", () => {
  const charged = (lamp: string, alternator = "Alternator D+") =>
    proofOfJob(
      [pin("1", lamp), pin("2", "Ground")],
      [pin("A", alternator), pin("B", "Ground")],
      [join("V.1", "X.A"), join("V.2", "X.B")],
    );
  it("lights and excites over a bulb, with the key at run and not before", () => {
    const proof = charged("Charge warning lamp");
    expect(kinds(proof)).toEqual([]);
    expect(proof.verdict).toBe("works");
    const lamp = proof.loads.find(({ port }) => port.read.signal === "charge-indicator");
    expect(lamp?.fares).toBe("full");
    expect([lamp?.on.off, lamp?.on.run].map((volts) => (volts ?? 0) > 10)).toEqual([false, true]);
  });
  it("an LED lamp lights, and does not excite", () => {
    const proof = charged("Charge warning lamp LED");
    expect(kinds(proof)).toEqual(["not-excited"]);
    expect(proof.findings[0]).toMatchObject({ severity: "caution" });
  });
  it("a resistor beside the LED lamp does", () => {
    const proof = proofOfJob(
      [pin("1", "Charge warning lamp LED", { amps: 0.15 }), pin("2", "Ground")],
      [pin("A", "Alternator D+"), pin("B", "Ground")],
      [join("V.1", "X.A"), join("V.2", "X.B")],
    );
    expect(kinds(proof)).toEqual([]);
  });
});
