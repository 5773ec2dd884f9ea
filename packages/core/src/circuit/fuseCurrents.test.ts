import { describe, expect, it } from "vitest";
import { CAR, demoOf, ended, join, pin, proofOfJob } from "../testing/circuitJobs.ts";
import { fuseCurrents, KEYS } from "./index.ts";

const F1 = {
  id: "F1",
  name: "F1",
  kind: "supply",
  supply: { feed: "ignition", fuse: { amps: 10, fitted: false } },
};

describe("what flows through each fuse", () => {
  const { network } = proofOfJob(
    CAR,
    [
      pin("A", "Ignition supply", { amps: 4, size: 2.5 }),
      pin("B", "Ignition supply", { amps: 2, size: 2.5 }),
      pin("C", "Ground", { size: 4 }),
    ],
    [
      { kind: "feed", pin: "X.A", feed: "ignition", supply: "F1" },
      { kind: "feed", pin: "X.B", feed: "ignition", supply: "F1" },
      join("V.3", "X.C"),
    ],
    { points: [F1] },
  );
  const [battery, fuse] = fuseCurrents(network);
  it("is the sum of what hangs on it, while the key feeds it (Kirchhoff, Ohm)", () => {
    // 12 V / 4 A and 12 V / 2 A at 12.6 V less what wires keep.
    expect(fuse).toMatchObject({ name: "F1", rating: 10 });
    expect(fuse?.amps.run).toBeGreaterThan(6);
    expect(fuse?.amps.run).toBeLessThan((6 * 12.6) / 12);
    expect([fuse?.amps.off, fuse?.amps.accessory]).toEqual([0, 0]);
    expect(fuse?.amps.crank).toBeCloseTo(fuse?.amps.run ?? 0, 2);
  });
  it("comes out of the battery, with what else hangs on the key's supplies", () => {
    expect(battery?.name).toBeNull();
    for (const key of KEYS) expect(battery?.amps[key]).toBeGreaterThanOrEqual((fuse?.amps[key] ?? 0) - 1e-9);
  });
  it("is never more than the battery gives, in any demo", () => {
    let fuses = 0;
    for (const name of ["engine-swap", "cluster-swap", "gearbox", "light-board", "levelling"]) {
      const [all, ...each] = fuseCurrents(ended(demoOf(name)).network);
      fuses += each.length;
      for (const key of KEYS)
        for (const one of each) expect(one.amps[key]).toBeLessThanOrEqual((all?.amps[key] ?? 0) + 1e-9);
    }
    expect(fuses).toBeGreaterThan(2);
  });
});
