import { readdirSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pinName } from "../model/index.ts";
import { decidedDossier } from "../testing/index.ts";
import { CAR, demoOf, ended, join, MODULE, pin, POWERED, proofOfJob } from "../testing/circuitJobs.ts";
import { sceneOf } from "../testing/scenes.ts";
import {
  pathOf,
  solverOf,
  whatIf,
  type CircuitFinding,
  type FaultKind,
  type Key,
  type Proof,
} from "./index.ts";

const kinds = ({ findings }: Proof): readonly CircuitFinding["kind"][] => findings.map(({ kind }) => kind);
describe("a job's circuit", () => {
  it("works where it is wired as it should be", () => {
    const proof = proofOfJob(CAR, MODULE, [...POWERED, join("V.4", "X.D")]);
    expect(proof.findings).toEqual([]);
    expect(proof.verdict).toBe("works");
    expect(proof.loads.map(({ fares }) => fares)).toEqual(["full", "full", "full"]);
  });
  it("has its supplies live in their own key positions", () => {
    const { loads } = proofOfJob(CAR, MODULE, POWERED);
    const live = loads.map(({ atRest }) => Object.values(atRest).map((volts) => volts > 10));
    expect(live).toEqual([
      [true, true, true, true],
      [false, false, true, true],
    ]);
  });
  it("a supply onto ground is a short, and nothing else is said", () => {
    const proof = proofOfJob(
      CAR,
      [pin("A", "Ground")],
      [join("V.1", "X.A"), join("V.3", "X.A")].slice(0, 1),
      {},
    );
    const shorted = proofOfJob(
      CAR,
      [pin("A", "12 V constant"), pin("C", "Ground")],
      [
        { kind: "merge", vehicle: ["V.1", "V.3"], incoming: "X.A" },
        { kind: "cap", pin: "X.C" },
      ],
    );
    expect(kinds(shorted)).toEqual(["short"]);
    expect(shorted.verdict).toBe("unsafe");
    // The part's own ground on a supply alone shorts nothing: it stands at 12 V.
    expect(kinds(proof)).not.toContain("short");
  });
  it("a module with supply and ground exchanged is not safe to power, though nothing is shorted", () => {
    const proof = proofOfJob(
      CAR,
      [pin("A", "12 V constant"), pin("C", "Ground")],
      [join("V.1", "X.C"), join("V.3", "X.A")],
    );
    expect(kinds(proof)).toEqual(["reversed"]);
    expect(proof.findings[0]).toMatchObject({ severity: "stop" });
    expect(proof.verdict).toBe("unsafe");
  });
  it("large loads beside it and thin wires hide no short", () => {
    const heavy = Array.from({ length: 12 }, (_, i) => pin(`H${i}`, "12 V constant", { amps: 30, size: 6 }));
    const proof = proofOfJob(
      [...CAR, ...heavy.map((_, i) => pin(`${20 + i}`, "Permanent 12 V"))],
      [pin("A", "12 V constant", { size: 0.35 }), pin("C", "Ground"), ...heavy],
      [
        { kind: "merge", vehicle: ["V.1", "V.3"], incoming: "X.A" },
        ...heavy.map((_, i) => join(`V.${20 + i}`, `X.H${i}`)),
      ],
    );
    expect(kinds(proof)).toEqual(["short"]);
    expect(proof.verdict).toBe("unsafe");
  });
  it("a constant supply on the ignition wire feeds the ignition backwards with the key off", () => {
    const proof = proofOfJob(CAR, MODULE, [
      { kind: "merge", vehicle: ["V.1", "V.2"], incoming: "X.A" },
      join("V.3", "X.C"),
    ]);
    expect(proof.findings[0]).toMatchObject({
      kind: "back-feed",
      severity: "stop",
      rail: "ignition",
      key: "off",
    });
  });
  it("a part without its ground is dark, and the ground is named as the reason", () => {
    const proof = proofOfJob(CAR, MODULE, [...POWERED.slice(0, 2), { kind: "cap", pin: "X.C" }]);
    expect(proof.findings).toMatchObject([
      { kind: "dark", why: "no-return" },
      { kind: "dark", why: "no-return" },
    ]);
  });
  it("diodes the right way round light one lamp from two wires, and keep them apart", () => {
    const merged = (device: object): Proof =>
      proofOfJob(CAR, MODULE, [
        ...POWERED,
        { kind: "merge", vehicle: ["V.4", "V.5"], incoming: "X.D", ...device },
      ]);
    const right = merged({ device: { kind: "diodes", band: "incoming" } });
    expect(right.findings).toEqual([]);
    expect(right.loads.at(-1)?.workedBy.length).toBe(2);
    const turned = merged({ device: { kind: "diodes", band: "vehicle" } });
    expect(turned.findings).toMatchObject([{ kind: "dark", why: "diode-blocks" }]);
    expect(kinds(merged({}))).toEqual(["output-back-fed"]);
  });
  it("12 V on a 5 V input is a stop, and a divider cures it", () => {
    const car = [
      ...CAR,
      pin("6", "Request switch, 12 V", { signal: "switched-supply", direction: "source" }),
    ];
    const module = [...MODULE, pin("E", "Request input", { signal: "analog", level: 5, direction: "load" })];
    const wired = (device: object): Proof =>
      proofOfJob(car, module, [...POWERED, join("V.6", "X.E", device)]);
    expect(wired({}).findings).toMatchObject([{ kind: "level", severity: "stop", most: 5 }]);
    const ground = { id: "G1", name: "G1", kind: "ground", supply: { feed: "ground" } };
    const divided = proofOfJob(
      car,
      module,
      [
        ...POWERED,
        join("V.6", "X.E", {
          device: {
            kind: "divider",
            upper: 22000,
            lower: 10000,
            legs: [{ terminal: "ground", to: { kind: "feed", feed: "ground", supply: "G1" } }],
          },
        }),
      ],
      { points: [ground] },
    );
    expect(kinds(divided)).toEqual([]);
  });
  it("a fuse that carries too much blows, with how soon (ISO 8820-3)", () => {
    const proof = proofOfJob(
      CAR,
      [pin("A", "12 V constant", { amps: 9, size: 2.5 }), pin("C", "Ground")],
      [{ kind: "feed", pin: "X.A", feed: "battery", supply: "F1" }, join("V.3", "X.C")],
      {
        points: [
          {
            id: "F1",
            name: "F1",
            kind: "supply",
            supply: { feed: "battery", fuse: { amps: 5, fitted: false } },
          },
        ],
      },
    );
    expect(proof.findings).toMatchObject([{ kind: "fuse-blows", fuse: "F1", rating: 5, within: 50 }]);
  });
  it("a wire too thin for its load is named", () => {
    const proof = proofOfJob(
      CAR,
      [pin("A", "12 V constant", { amps: 18, size: 0.75 }), pin("C", "Ground", { size: 4 })],
      [join("V.1", "X.A"), join("V.3", "X.C")],
    );
    expect(proof.findings).toMatchObject([{ kind: "wire-overloaded", size: 0.75, carries: 10 }]);
  });
  it("where nothing is decided there is nothing to prove", () => {
    expect(proofOfJob(CAR, MODULE, []).verdict).toBe("nothing");
  });
});

describe("ordinary jobs", () => {
  const scenes = readdirSync(new URL("../testing/scenes/", import.meta.url)).map((name) =>
    name.replace(".json", ""),
  );
  it.each(scenes)("%s: no stop that is none, and every figure exact", (name) => {
    const proof = ended(sceneOf(name).dossier);
    expect(proof.findings.filter(({ severity }) => severity === "stop")).toEqual([]);
    expect(proof.notes).toEqual([]);
  });
  it("the planted 12 V on a 5 V input of the tail-lift demo is found", () => {
    expect(kinds(ended(demoOf("tail-lift")))).toEqual(["level"]);
  });
});

describe("over random jobs", () => {
  it("the figures add up, whatever was decided: no race, no refusal, and power balanced", () => {
    const met = { circuits: 0, devices: 0 };
    fc.assert(
      fc.property(decidedDossier(3), (dossier) => {
        const proof = ended(dossier);
        met.circuits += proof.network.ports.length > 2 ? 1 : 0;
        met.devices += proof.network.devices.length > 0 ? 1 : 0;
        expect(proof.notes.filter(({ kind }) => kind === "not-settled" || kind === "inexact")).toEqual([]);
        for (const drive of ["none", "all"] as const) {
          const { volts, amps } = solverOf(proof.network)("run", drive);
          let [sum, most] = [0, 0];
          for (const { name, a, b } of proof.network.elements) {
            const [one, other, through] = [volts.get(a), volts.get(b), amps.get(name)];
            if (typeof one !== "number" || typeof other !== "number" || typeof through !== "number") continue;
            sum += (one - other) * through;
            most = Math.max(most, Math.abs((one - other) * through));
          }
          expect(Math.abs(sum)).toBeLessThanOrEqual(1e-6 * most + 1e-9);
        }
      }),
      { numRuns: 150 },
    );
    expect(met.circuits).toBeGreaterThan(15);
    expect(met.devices).toBeGreaterThan(5);
  });
});

describe("what if", () => {
  const proof = proofOfJob(CAR, MODULE, [...POWERED, join("V.4", "X.D")]);
  const at = (name: string, fault: FaultKind) => {
    const pin = [...proof.network.ports].find(({ read }) => pinName(read.placed) === name)?.read.placed.pin
      .id;
    if (pin === undefined) throw new Error(name);
    const { changes, extra } = whatIf(proof, 12, pin, fault);
    return { changes: changes.map(({ row, after }) => `${pinName(row.port.read.placed)} ${after}`), extra };
  };
  it("a broken feed darkens its part alone", () => {
    expect(at("V.1", "open").changes).toEqual(["X.A off"]);
  });
  it("a broken ground darkens everything on it: what fails together", () => {
    expect(at("X.C", "open").changes).toEqual(["X.A off", "X.B off", "X.D off"]);
  });
  it("a corroded contact dims a lamp", () => {
    expect(at("X.D", "poor").changes).toEqual(["X.D dim"]);
  });
  it("chafed to ground, a supply is a short; chafed to a live wire, a lamp comes on by itself", () => {
    expect(at("V.1", "ground").extra).toBeGreaterThan(50);
    expect(at("X.D", "supply").changes).toEqual(["X.D full"]);
  });
});

describe("the way of the current", () => {
  it("runs from the battery over key, wires and part to ground", () => {
    const { network, loads } = proofOfJob(CAR, MODULE, [...POWERED, join("V.4", "X.D")]);
    const way = (name: string, key: Key): string => {
      const row = loads.find(({ port }) => pinName(port.read.placed) === name);
      if (row === undefined) throw new Error(name);
      return pathOf(network, solverOf(network)(key, "all"), row)
        .map(({ what }) => what)
        .join(" ");
    };
    const back = "part ground-wire wire wire ground-wire chassis";
    expect(way("X.A", "off")).toBe(`battery supply-wire wire wire ${back}`);
    expect(way("X.B", "run")).toBe(`battery key supply-wire wire wire ${back}`);
  });
});

describe("LED lamps (trade facts, common practice)", () => {
  const lamps = (...texts: readonly string[]) =>
    texts.map((text, i) => pin("DEFG".charAt(i), text, { direction: "load" }));
  const fed = (text: string): Proof =>
    proofOfJob(CAR, [...MODULE.slice(0, 3), ...lamps(text)], [...POWERED, join("V.4", "X.D")]);
  it("light at their voltage, and draw little", () => {
    const led = fed("LED turn lamp");
    expect(led.loads.find(({ port }) => port.read.placed.pin.cavity === "D")?.fares).toBe("full");
  });
  it("load a flasher too little, which filament lamps do not", () => {
    expect(kinds(fed("LED turn lamp"))).toEqual(["flasher-light"]);
    expect(kinds(fed("Turn lamp"))).toEqual([]);
    // A stated draw of two bulbs' worth, as with load resistors beside them.
    const loaded = proofOfJob(
      CAR,
      [...MODULE.slice(0, 3), pin("D", "LED turn lamp", { direction: "load", amps: 3.5 })],
      [...POWERED, join("V.4", "X.D")],
    );
    expect(kinds(loaded)).toEqual([]);
  });
  it("glimmer on a current that leaves a filament dark, and shine where it is dim", () => {
    const behind = (text: string, ohms: number): string | undefined => {
      const series = proofOfJob(
        CAR,
        [...MODULE.slice(0, 3), ...lamps(text)],
        [
          ...POWERED,
          {
            kind: "join",
            vehicle: "V.4",
            incoming: "X.D",
            method: "splice",
            device: { kind: "resistor", ohms, watts: 10, how: "in series" },
          },
        ],
      );
      return series.loads.find(({ port }) => port.read.placed.pin.cavity === "D")?.fares;
    };
    expect([behind("Turn lamp", 5), behind("Turn lamp", 50)]).toEqual(["dim", "off"]);
    expect([behind("LED turn lamp", 5), behind("LED turn lamp", 1000)]).toEqual(["full", "glows"]);
  });
});
