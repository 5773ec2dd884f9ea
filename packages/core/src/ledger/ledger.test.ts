import fc from "fast-check";
import { createHash } from "node:crypto";
import { describe, expect, it } from "vitest";
import { readEntry } from "../contract/index.ts";
import { applyOperation, initialState } from "../harness/index.ts";
import {
  indexPins,
  linkedPairs,
  methodOf,
  pinId,
  pinName,
  stepId,
  type Dossier,
  type PinId,
} from "../model/index.ts";
import { planWork } from "../plan/index.ts";
import { byName, decidedDossier, demoDossier } from "../testing/index.ts";
import { job, pin } from "../testing/twoPlugs.ts";
import { asBuilt, pluggedNow } from "./asBuilt.ts";
import { bench } from "./bench.ts";
import { canonicalJson, hashText } from "./canonical.ts";
import { FIRST_LINK, seal, verifyChain } from "./chain.ts";
import { factsBetween, type Entry, type StoredEntry, type What } from "./entry.ts";
import { foldLedger, obstaclesToRetract, retractChain } from "./fold.ts";

function written(whats: readonly What[]): {
  readonly entries: readonly Entry[];
  readonly stored: readonly StoredEntry[];
} {
  const entries: Entry[] = [];
  const stored: StoredEntry[] = [];
  whats.forEach((what, seq) => {
    const entry: Entry = {
      v: 1,
      seq,
      event: `event-${seq}`,
      at: "2026-01-02T03:04:05.000Z",
      deviceAt: "2026-01-02T03:04:05.000Z",
      person: "Ines",
      device: "bench",
      plan: null,
      what,
      prev: stored.at(-1)?.hash ?? FIRST_LINK,
    };
    entries.push(entry);
    stored.push(seal(entry));
  });
  return { entries, stored };
}
const baseline = (dossier: Dossier): What => ({
  kind: "baseline",
  head: dossier.head,
  connectors: dossier.connectors,
  begins: "plugged",
});
/** The baseline and the first `count` steps of the plan as done. */
function worked(dossier: Dossier, count: number): readonly What[] {
  return [
    baseline(dossier),
    ...planWork(dossier)
      .steps.slice(0, count)
      .map((step): What => ({ kind: "done", step: step.id, decision: step.decision, op: step.op, note: "" })),
  ];
}

describe("a record of before new shells came open", () => {
  it("still folds: what was pierced had a membrane", () => {
    const dossier = job({
      v: [pin("1", "Horn")],
      x: [pin("A", "", { content: "empty" }), pin("B", "", { content: "empty" })],
      onX: { sealed: true, leads: "flying" },
    });
    const cavity = pinId("X.A");
    expect(initialState(dossier).cavities[cavity]?.state).toBe("vacated");
    const pierced: What = {
      kind: "done",
      step: stepId("s"),
      decision: null,
      op: { kind: "pierce", cavity },
      note: "",
    };
    const { fold, misfits } = foldLedger(written([baseline(dossier), pierced]).entries);
    expect(misfits).toEqual([]);
    expect(["A", "B"].map((one) => fold.start.cavities[pinId(`X.${one}`)]?.state)).toEqual([
      "blank",
      "vacated",
    ]);
    expect(fold.state.cavities[cavity]?.state).toBe("vacated");
  });
});

describe("factsBetween", () => {
  it("turns what was believed into what was found, but for place and content, and says nothing where nothing differs", () => {
    let differing = 0;
    fc.assert(
      fc.property(decidedDossier(4), (dossier) => {
        const [believed, found] = dossier.connectors.flatMap((connector) => connector.pins);
        if (believed === undefined || found === undefined) return;
        const facts = factsBetween(believed, found);
        const { id, cavity, order, content } = believed;
        expect({ ...believed, ...facts }).toEqual({ ...found, id, cavity, order, content });
        expect(factsBetween(believed, believed)).toEqual({});
        if (Object.keys(facts).length > 0) differing++;
      }),
      { numRuns: 200, seed: 24 },
    );
    expect(differing).toBeGreaterThan(100);
  });
});

describe("foldLedger", () => {
  it("gives what applying the operations one after another gives (state is a fold)", () => {
    fc.assert(
      fc.property(decidedDossier(4), fc.nat(80), (dossier, count) => {
        const { entries } = written(worked(dossier, count));
        let state = initialState(dossier);
        for (const { what } of entries) {
          if (what.kind !== "done" || what.op === null) continue;
          const next = applyOperation(state, what.op);
          if (next.ok) state = next.value.state;
        }
        const { fold, misfits } = foldLedger(entries, new Set(), dossier);
        expect(misfits).toEqual([]);
        expect(fold.state).toEqual(state);
      }),
      { numRuns: 300, seed: 40 },
    );
  });

  it("without its last entry is the state before it, exactly (retract)", () => {
    let retracted = 0;
    fc.assert(
      fc.property(decidedDossier(4), fc.nat(60), (dossier, count) => {
        const whats = worked(dossier, count);
        if (whats.length < 2) return;
        const { entries } = written([
          ...whats,
          { kind: "retracted", seq: whats.length - 1, reason: "mistake" },
        ]);
        expect(foldLedger(entries).fold.state).toEqual(
          foldLedger(written(whats.slice(0, -1)).entries).fold.state,
        );
        retracted++;
      }),
      { numRuns: 300, seed: 41 },
    );
    expect(retracted).toBeGreaterThan(200);
  });

  it("taken back step by step from the end passes through every state before, to the baseline", () => {
    const dossier = { ...demoDossier() };
    const whats = worked(dossier, 200);
    const states = whats.map((_, i) => foldLedger(written(whats.slice(0, i + 1)).entries).fold.state);
    const all: What[] = [...whats];
    for (let seq = whats.length - 1; seq >= 1; seq--) {
      expect(obstaclesToRetract(written(all).entries, seq)).toEqual([]);
      all.push({ kind: "retracted", seq, reason: "back" });
      expect(foldLedger(written(all).entries).fold.state).toEqual(states[seq - 1]);
    }
    expect(whats.length).toBeGreaterThan(20);
  });

  it("retracts an entry with everything that stands on it, the last first, and none of them is refused", () => {
    let further = 0;
    fc.assert(
      fc.property(decidedDossier(4), fc.nat(60), fc.nat(40), (dossier, count, at) => {
        const all: What[] = [...worked(dossier, count)];
        const seq = 1 + (at % Math.max(1, all.length - 1));
        if (all[seq]?.kind !== "done") return;
        const chain = retractChain(written(all).entries, seq);
        expect(chain.at(-1)).toBe(seq);
        for (const one of chain) {
          expect(obstaclesToRetract(written(all).entries, one)).toEqual([]);
          all.push({ kind: "retracted", seq: one, reason: "together" });
        }
        expect(foldLedger(written(all).entries).misfits).toEqual([]);
        further += chain.length - 1;
      }),
      { numRuns: 150, seed: 43 },
    );
    expect(further).toBeGreaterThan(50);
  });

  it("names the later entries that stand on one that is to be retracted", () => {
    const { entries } = written(worked(demoDossier(), 30));
    const release = entries.findIndex(({ what }) => what.kind === "done" && what.op?.kind === "release");
    expect(obstaclesToRetract(entries, release).map((misfit) => misfit.seq)).toContain(release + 1);
  });

  it("takes a found colour as knowledge throughout, and leaves the harness alone", () => {
    const dossier = demoDossier();
    const pin = byName(dossier)("B12.8");
    const { entries } = written([
      ...worked(dossier, 9),
      { kind: "found", pin, facts: { colour: "L" }, note: "seen" },
    ]);
    const before = foldLedger(entries.slice(0, -1)).fold;
    const after = foldLedger(entries).fold;
    expect(after.state).toEqual(before.state);
    expect(
      after.connectors.flatMap((connector) => connector.pins).find((one) => one.id === pin)!.colour,
    ).toBe("L");
    expect(bench(dossier, entries).plan.steps.length).toBe(planWork(dossier).steps.length);
  });
});

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
