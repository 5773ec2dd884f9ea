import { describe, expect, it } from "vitest";
import { pinName, type Dossier, type Pin } from "../model/index.ts";
import { analyse } from "../analysis/index.ts";
import { demoOf, ended } from "../testing/circuitJobs.ts";

/** A job with some pins otherwise. */
const otherwise = (dossier: Dossier, change: (name: string, pin: Pin) => Partial<Pin>): Dossier => ({
  ...dossier,
  connectors: dossier.connectors.map((connector) => ({
    ...connector,
    pins: connector.pins.map((pin) => ({ ...pin, ...change(pinName({ pin, connector }), pin) })),
  })),
});
const withoutCurrents = (dossier: Dossier) => otherwise(dossier, () => ({ amps: null, peak: null }));
const withBulbs = (dossier: Dossier) =>
  otherwise(dossier, (_name, pin) => ({ function: pin.function.replace(", LED", ""), amps: null }));

/** Each demonstration with its planted mistake, where it is seen, and the same job without it. */
const PLANTED: readonly (readonly [
  demo: string,
  kind: string,
  pins: readonly string[],
  without: (dossier: Dossier) => Dossier,
])[] = [
  ["tail-lift", "level", ["TL-A.K", "D4.11"], (dossier) => dossier],
  ["cluster-swap", "not-excited", ["K1.12", "KL.A7"], withBulbs],
  ["engine-swap", "fuse-at-start", ["E2.33"], withoutCurrents],
  ["platform-truck", "wire-overloaded", ["J7.2"], withoutCurrents],
  ["levelling", "wire-overloaded", ["B12.2"], withoutCurrents],
  ["light-board", "flasher-light", ["TV.1", "LB.1"], withBulbs],
];

describe("mistakes planted in the demonstrations", () => {
  it.each(PLANTED)("%s: the circuit finds it (%s)", (demo, kind, pins) => {
    const found = ended(demoOf(demo)).findings.filter((one) => one.kind === kind);
    expect(found.map((one) => one.pins.map(String))).toContainEqual(pins);
  });
  it.each(PLANTED.filter(([demo]) => demo !== "tail-lift"))(
    "%s: the rules say the same with it and without it (%s)",
    (demo, kind, _pins, without) => {
      const told = (dossier: Dossier) => analyse(dossier, []).hazards.map(({ rule, pins }) => [rule, pins]);
      const sound = without(demoOf(demo));
      expect(ended(sound).findings.filter((one) => one.kind === kind)).toEqual([]);
      expect(told(demoOf(demo))).toEqual(told(sound));
    },
  );
});
