import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { indexPins, type Dossier } from "../model/index.ts";
import { byName, undecidedDossier } from "../testing/index.ts";
import { applyCommand } from "../dossier/index.ts";
import { planWork } from "../plan/index.ts";
import { decisionFromAlone, decisionFromPair } from "./accept.ts";
import { candidatesFor } from "./candidates.ts";
import { suggest } from "./crosswalk.ts";
import { weigh, pinReader } from "../pairing/index.ts";
import { shortJob, nameOf, pairsIn } from "../testing/shortTables.ts";

describe("weigh", () => {
  const pair = (dossier: Dossier, a: string, b: string) => {
    const pins = indexPins(dossier);
    return weigh(
      pinReader(dossier)(pins.get(byName(dossier)(a))!),
      pinReader(dossier)(pins.get(byName(dossier)(b))!),
    );
  };
  it("forbids a supply on a ground, on data and on a low-level input", () => {
    const dossier = shortJob(
      [["1", "Constant supply"]],
      [
        ["A", "Ground"],
        ["B", "CAN high"],
        ["C", "Throttle position"],
      ],
    );
    for (const other of ["X.A", "X.B", "X.C"]) expect(pair(dossier, "V.1", other)).toBeNull();
  });
  it("weighs a pair the same from either end", () => {
    let weighed = 0;
    fc.assert(
      fc.property(undecidedDossier(4), (dossier) => {
        const pins = [...indexPins(dossier).values()].map(pinReader(dossier));
        for (const a of pins)
          for (const b of pins) {
            expect(weigh(a, b)?.strength).toBe(weigh(b, a)?.strength);
            weighed++;
          }
      }),
      { numRuns: 60, seed: 33 },
    );
    expect(weighed).toBeGreaterThan(1000);
  });
  it("tells left from right", () => {
    const dossier = shortJob(
      [["1", "Level sender, left"]],
      [
        ["A", "Level sender, left"],
        ["B", "Level sender, right"],
      ],
    );
    expect(pair(dossier, "V.1", "X.A")!.strength).toBeGreaterThan(35);
    expect(pair(dossier, "V.1", "X.B")).toBeNull();
  });
  it.each([
    ["Blinker rechts", "Left turn indicator"],
    ["Blinker li.", "Turn signal R/H"],
    ["Fensterheber vorn links", "Window motor, rear LH"],
    ["Lautsprecher hi re", "Speaker front right"],
    ["Low beam", "High beam"],
    ["Fan, low speed", "Fan high speed"],
    ["Injector 1", "Injector 4"],
    ["Zündspule Zyl. 2", "Ignition coil, cylinder 3"],
    ["Türschalter Fahrer", "Door switch, passenger"],
  ])("never offers %s for %s, whatever else speaks for it", (ours, theirs) => {
    const dossier = shortJob([["1", ours, "RD"]], [["A", theirs, "RD"]]);
    expect(pair(dossier, "V.1", "X.A")).toBeNull();
    expect(pairsIn(dossier)).toEqual([]);
    const [offer] = candidatesFor(dossier, [...indexPins(dossier).values()][0]!);
    expect(offer).toMatchObject({ strength: null, reasons: [{ kind: "opposite" }] });
  });
  it("leaves a wire without partner in its cavity where its connector goes into an adapter, and measures one that nobody knows", () => {
    const sides = shortJob(
      [
        ["1", "Horn"],
        ["2", "Rear wiper"],
        ["3", "", "RD"],
      ],
      [["A", "Horn"]],
    );
    const proposals = (dossier: Dossier): readonly string[] =>
      suggest(dossier).alone.map(({ pin, proposal, why }) => `${nameOf(dossier, pin)} ${proposal} ${why}`);
    expect(proposals(sides)).toEqual(["V.2 leave no-partner", "V.3 identify nothing-known"]);
    const adapter = { ...sides, head: { ...sides.head, method: "adapter" as const } };
    expect(proposals(adapter)).toEqual(["V.2 leave ends-at-adapter", "V.3 identify nothing-known"]);
    const put = suggest(adapter).alone.flatMap((alone) => decisionFromAlone(alone, adapter) ?? []);
    const decided = applyCommand(adapter, {
      kind: "decide",
      put: [...suggest(adapter).pairs.map((pair) => decisionFromPair(pair, adapter)), ...put],
      remove: [],
    });
    if (!decided.ok) throw new Error(JSON.stringify(decided.error));
    const onCar = planWork(decided.value).steps.filter(
      ({ kind, op }) => kind === "release" || kind === "cut" || (op?.kind === "cap" && op.to === "covered"),
    );
    expect(onCar.filter(({ connector }) => connector === adapter.connectors[0]!.id)).toEqual([]);
  });
  it("joins grounds of any side, and feeds whatever their number in the list", () => {
    const dossier = shortJob(
      [
        ["1", "Ground left"],
        ["2", "Battery supply 2"],
      ],
      [
        ["A", "Ground right"],
        ["B", "Battery supply 1"],
      ],
    );
    expect(pair(dossier, "V.1", "X.A")!.strength).toBeGreaterThan(0);
    expect(pair(dossier, "V.2", "X.B")!.strength).toBeGreaterThan(0);
  });
  it("keeps colour out of the strength, and lets it decide between equals", () => {
    const dossier = shortJob(
      [["1", "Oil temperature", "GN"]],
      [
        ["A", "Oil temperature", "RD"],
        ["B", "Oil temperature", "GN"],
      ],
    );
    expect(pair(dossier, "V.1", "X.A")).toEqual(pair(dossier, "V.1", "X.B"));
    expect(pairsIn(dossier)).toEqual(["V.1 X.B guess"]);
  });
});
