import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  blankConnector,
  blankPin,
  connectorId,
  indexPins,
  pinId,
  SIGNAL_CLASSES,
  type Connector,
  type OwnWord,
  type Pin,
  type SignalClass,
} from "../model/index.ts";
import { initialState } from "../harness/index.ts";
import { asBuilt } from "../ledger/asBuilt.ts";
import { pinReader } from "../pairing/index.ts";
import { undecidedDossier } from "../testing/index.ts";
import { withShopWords } from "./ownWords.ts";
import { signalOf } from "./signalOf.ts";

const list = (texts: readonly string[], more: Partial<Pin> = {}): Connector => ({
  ...blankConnector(connectorId("c"), "C", "incoming"),
  pins: texts.map((text, i) => ({
    ...blankPin(pinId(`c.${i}`), String(i + 1), i),
    content: "occupied" as const,
    function: text,
    ...more,
  })),
});
const classes = (connector: Connector, words: readonly OwnWord[] = []): readonly SignalClass[] =>
  connector.pins.map((pin) => signalOf({ pin, connector }, words));

describe("signalOf", () => {
  it("reads a label in the light of its list, for the table as for the pairs", () => {
    expect(classes(list(["STOP"]))).toEqual(["lamp-feed"]);
    expect(classes(list(["STOP", "START"]))).toEqual(["switched-ground", "start"]);
  });
  it("keeps the class that was given, whatever the words say, and unknown as well", () => {
    for (const signal of SIGNAL_CLASSES) expect(classes(list(["Horn"], { signal }))).toEqual([signal]);
  });
  it("knows no class for words that tell none, and none in an empty cavity", () => {
    expect(classes(list(["zzyx", ""]))).toEqual(["unknown", "unknown"]);
    expect(classes(list(["Horn"], { content: "empty" }))).toEqual(["none"]);
  });
  it("is one class for the pairs, the plan's copper and the as-built table", () => {
    let told = 0;
    fc.assert(
      fc.property(undecidedDossier(), (dossier) => {
        const read = pinReader(dossier);
        const state = initialState(dossier);
        const rows = new Map(
          asBuilt(dossier, state).flatMap(({ wire }) =>
            wire === null ? [] : [[wire.pin.id, wire.signal] as const],
          ),
        );
        for (const placed of indexPins(dossier).values()) {
          const signal = signalOf(placed, dossier.words);
          const inState = state.connectors[placed.connector.id]?.pins.find(({ id }) => id === placed.pin.id);
          expect(inState?.signal).toBe(signal);
          if (placed.pin.content === "occupied") expect(rows.get(placed.pin.id)).toBe(signal);
          if (signal === "unknown" || signal === "none") continue;
          expect(read(placed).signal).toBe(signal);
          told++;
        }
      }),
      { numRuns: 100, seed: 16 },
    );
    expect(told).toBeGreaterThan(300);
  });
});

describe("withShopWords", () => {
  const snubber: OwnWord = { text: "Snubber", term: null, signal: "pwm" };
  const spare: OwnWord = { text: "Gizmo feed", term: null, signal: "battery" };
  const job = (words: readonly OwnWord[]) => ({
    ...fc.sample(undecidedDossier(), { numRuns: 1, seed: 1 })[0]!,
    connectors: [list(["snubber", "Horn"])],
    words,
  });
  it("takes over what speaks of the job's labels, once, and reads with it", () => {
    const taken = withShopWords(job([]), [snubber, spare]);
    expect(taken.words).toEqual([snubber]);
    expect(classes(taken.connectors[0]!, taken.words)).toEqual(["pwm", "switched-ground"]);
    expect(withShopWords(taken, [snubber, spare])).toBe(taken);
  });
  it("leaves the job's own word alone", () => {
    const own = job([{ ...snubber, signal: "analog" }]);
    expect(withShopWords(own, [snubber])).toBe(own);
  });
});
