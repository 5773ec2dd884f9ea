import fc from "fast-check";
import { createHash } from "node:crypto";
import { describe, expect, it } from "vitest";
import { readEntry } from "../contract/index.ts";
import { applyOperation, initialState } from "../harness/index.ts";
import { indexPins, linkedPairs, methodOf, pinName, type PinId } from "../model/index.ts";
import { planWork } from "../plan/index.ts";
import { decidedDossier, demoDossier } from "../testing/index.ts";
import { asBuilt, pluggedNow } from "./asBuilt.ts";
import { canonicalJson, hashText } from "./canonical.ts";
import { seal, verifyChain } from "./chain.ts";
import type { Entry } from "./entry.ts";
import { foldLedger } from "./fold.ts";
import { written, baseline, worked } from "../testing/ledgers.ts";

describe("the chain", () => {
  const { stored } = written(worked(demoDossier(), 10));
  it("hashes with SHA-256 as Node's own does", () => {
    for (const { bytes, hash } of stored)
      expect(hash).toBe(createHash("sha256").update(bytes, "utf8").digest("hex"));
  });
  it("writes JSON in the canonical form of RFC 8785 (example of its section 3.2.3, from memory)", () => {
    expect(
      canonicalJson({
        numbers: [Number("333333333.33333329"), 1e30, 4.5, 2e-3, 1e-27],
        string: '\u20ac$\u000f\nA\'B"\\\\"/',
        literals: [null, true, false],
      }),
    ).toBe(
      '{"literals":[null,true,false],"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27],"string":"€$\\u000f\\nA\'B\\"\\\\\\\\\\"/"}',
    );
  });
  it("verifies as written", () => {
    expect(verifyChain(stored, readEntry)).toMatchObject({ ok: true });
  });
  it("does not take an event twice", () => {
    const [first] = written([baseline(demoDossier())]).entries;
    const note: Entry = {
      ...first!,
      seq: 1,
      what: { kind: "note", step: null, text: "again" },
      prev: seal(first!).hash,
    };
    expect(verifyChain([seal(first!), seal(note)], readEntry)).toEqual({
      ok: false,
      error: { code: "event-repeated", seq: 1 },
    });
  });
  it("is broken by any change of any entry's bytes, by a gap and by a swap", () => {
    fc.assert(
      fc.property(
        fc.nat(stored.length - 1),
        fc.nat(),
        fc.integer({ min: 1, max: 90 }),
        (which, where, shift) => {
          const bytes = stored[which]!.bytes;
          const i = where % bytes.length;
          const changed =
            bytes.slice(0, i) +
            String.fromCharCode(((bytes.charCodeAt(i) + shift) % 90) + 33) +
            bytes.slice(i + 1);
          fc.pre(changed !== bytes);
          const forged = stored.map((entry, seq) => (seq === which ? { ...entry, bytes: changed } : entry));
          expect(verifyChain(forged, readEntry).ok).toBe(false);
          const resealed = forged.map((entry) => ({ ...entry, hash: hashText(entry.bytes) }));
          if (which < stored.length - 1) expect(verifyChain(resealed, readEntry).ok).toBe(false);
        },
      ),
      { numRuns: 300, seed: 42 },
    );
    expect(
      verifyChain(
        stored.filter((_, seq) => seq !== 3),
        readEntry,
      ),
    ).toMatchObject({ ok: false });
    expect(verifyChain([stored[0]!, stored[2]!, stored[1]!], readEntry)).toMatchObject({ ok: false });
  });
});

describe("asBuilt", () => {
  it("says where each wire was and what it is joined to now", () => {
    const dossier = demoDossier();
    const { fold } = foldLedger(written(worked(dossier, 500)).entries);
    const rows = asBuilt(dossier, fold.state);
    expect(rows.find((row) => row.connector === "AL-P" && row.cavity === "D")).toMatchObject({
      state: "occupied",
      wire: { was: "B12.7" },
      joinedTo: ["vehicle loom, was B12.7"],
    });
    expect(rows.find((row) => row.connector === "B12" && row.cavity === "7")).toMatchObject({
      state: "plugged",
      wire: null,
    });
    expect(rows.find((row) => row.connector === "AL-P" && row.cavity === "D")!.loose).toEqual([
      "its wire: taken out",
    ]);
    expect(rows.find((row) => row.connector === "AL-P" && row.cavity === "C")).toMatchObject({
      wire: { was: "AL-P.C" },
      joinedTo: ["vehicle loom, was B12.1"],
    });
  });
  it("names both ends of everything that was joined, by a move, a joint or an adapter, and what each plug is in", () => {
    const met = { adapter: 0, mate: 0, joined: 0, capped: 0 };
    fc.assert(
      fc.property(decidedDossier(5), (dossier) => {
        const end = planWork(dossier, { hazards: [] }).steps.reduce((state, { op }) => {
          const next = op === null ? null : applyOperation(state, op);
          return next?.ok ? next.value.state : state;
        }, initialState(dossier));
        const rows = new Map(asBuilt(dossier, end).map((row) => [`${row.connector}.${row.cavity}`, row]));
        const pins = indexPins(dossier);
        const name = (id: PinId): string => pinName(pins.get(id)!);
        const plugged = pluggedNow(dossier, end);
        for (const decision of dossier.decisions) {
          if (decision.kind === "cap" && pins.get(decision.pin)!.pin.content === "occupied") {
            const { connector } = pins.get(decision.pin)!;
            const [loose] = rows.get(name(decision.pin))!.loose;
            expect(loose).toContain("capped");
            expect(loose).toContain(connector.name);
            expect(loose!.includes("terminal still on")).toBe(connector.leads === "loom");
            met.capped++;
          }
          if (decision.kind === "mate") {
            const [own, other] = [
              pins.get(decision.vehicle[0]!)!.connector.name,
              pins.get(decision.incoming[0]!)!.connector.name,
            ];
            expect([plugged.get(own), plugged.get(other)]).toEqual([other, own]);
            met.mate++;
          } else
            for (const [vehicle, incoming] of linkedPairs(decision)) {
              // The loom's half of a pigtail that is led through a part ends in the air and has no other name.
              if (decision.kind === "series" && pins.get(vehicle)!.connector.leads === "flying") continue;
              const row = rows.get(name(incoming))!;
              expect(
                [row.wire?.was, ...row.joinedTo].some(
                  (text) => text !== undefined && text.split(" ").at(-1) === name(vehicle),
                ),
                `${name(vehicle)} at ${name(incoming)}`,
              ).toBe(true);
              met.joined++;
              if (methodOf(decision) === "adapter" && pins.get(vehicle)!.connector.leads === "loom") {
                expect(plugged.get(pins.get(vehicle)!.connector.name)).toBe("the adapter");
                met.adapter++;
              }
            }
        }
      }),
      { numRuns: 800, seed: 44 },
    );
    for (const count of Object.values(met)) expect(count).toBeGreaterThan(15);
  });
});
