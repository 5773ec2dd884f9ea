import { decisionId, decisionPins, type Decision, type Dossier } from "../model/index.ts";
import { leftOpen } from "../proposals/index.ts";
import { applyCommand } from "../dossier/index.ts";
import { analyse } from "../analysis/index.ts";
import { byName, demoDossier, undecidedDossier } from "../testing/index.ts";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  joinAlso,
  joinPins,
  jumperPins,
  leaveOpen,
  matePlugs,
  meetingWires,
  nextMethod,
  rejectRows,
  seriesThrough,
  shiftPin,
  takeBack,
  takeOffers,
  undone,
  withDevice,
  type Edit,
} from "./acts.ts";
import { tapAlso } from "./taps.ts";
import { pinsOfRow, circuitRows, type CircuitRow } from "./rows.ts";

const done = (dossier: Dossier, edit: Edit | null): Dossier => {
  if (edit === null) throw new Error("no edit");
  const applied = applyCommand(dossier, { kind: "decide", ...edit });
  if (!applied.ok) throw new Error(JSON.stringify(applied.error));
  return applied.value;
};
const rowsOf = (dossier: Dossier): readonly CircuitRow[] => circuitRows(dossier, analyse(dossier, []));

describe("acts of the crosswalk", () => {
  it("moves a wire within its side, in exchange where another one sits, and takes what stood in the way back with it", () => {
    const start = demoDossier();
    const at = byName(start);
    const exchanged = done(start, shiftPin(start, at("B12.7"), at("B12.8")));
    const moves = exchanged.decisions.flatMap((decision) =>
      decision.kind === "move" ? [`${decision.pin} ${decision.to}`] : [],
    );
    expect(moves).toEqual([`${at("B12.7")} ${at("B12.8")}`, `${at("B12.8")} ${at("B12.7")}`]);
    // Both were joined to the incoming part, and are not any more.
    expect(exchanged.decisions.length).toBe(start.decisions.length);
    expect(
      rowsOf(exchanged).find((row) => pinsOfRow(row).some(({ pin }) => pin.id === at("B12.7"))),
    ).toMatchObject({ act: "shift", seat: "B12.8" });
    const back = done(exchanged, shiftPin(exchanged, at("B12.8"), at("B12.7")));
    expect(back.decisions.filter(({ kind }) => kind === "move")).toHaveLength(2);
  });

  it("goes from way to way of working and around again", () => {
    const start = demoDossier();
    const at = byName(start);
    const join = start.decisions.find(
      (decision) => decision.kind === "join" && decision.device === undefined,
    )!;
    expect(
      (["move", "splice", "adapter"] as const).map((method) =>
        nextMethod({ ...join, method } as Decision, start),
      ),
    ).toEqual(["splice", "adapter", "move"]);
    const several: Decision = {
      kind: "jumper",
      pins: [at("AL-P.B"), at("AL-P.P")],
      sure: "sure",
      reason: "",
      answers: [],
    };
    expect([
      nextMethod(several, start),
      nextMethod({ ...several, method: "adapter" }, start),
      nextMethod({ kind: "cap", pin: at("B12.3"), sure: "sure", reason: "", answers: [] }, start),
    ]).toEqual(["adapter", "splice", null]);
  });

  it("leads a wire through the part: in by a cavity or a lead, back by another, and takes what stood in the way back with it", () => {
    const start = demoDossier();
    const at = byName(start);
    const led = done(start, seriesThrough(start, at("B12.7"), at("AL-P.S"), at("AL-P.B")));
    expect(led.decisions.find(({ kind }) => kind === "series")).toMatchObject({
      vehicle: at("B12.7"),
      into: at("AL-P.S"),
      back: at("AL-P.B"),
      method: "move",
    });
    expect(rowsOf(led).find((row) => row.act === "series")).toMatchObject({ sure: "sure", offer: null });
    const spliced = { ...start, head: { ...start.head, method: "splice" as const } };
    expect(
      done(spliced, seriesThrough(spliced, at("B12.7"), at("AL-P.A"), at("AL-P.B"))).decisions.find(
        ({ kind }) => kind === "series",
      ),
    ).toMatchObject({ method: "splice" });
    // Its cavity is taken again by what leads back: no other wire can move there.
    expect(
      applyCommand(led, {
        kind: "decide",
        put: [{ kind: "move", pin: at("B12.4"), to: at("B12.7"), sure: "sure", reason: "", answers: [] }],
        remove: [],
      }),
    ).toMatchObject({ ok: false, error: { code: "cavity-claimed" } });
  });

  it("plugs two plugs together, wire by wire as they meet, and takes back what else was to go into them", () => {
    const start = demoDossier();
    const [vehicle, incoming] = [
      start.connectors.find(({ side }) => side === "vehicle")!,
      start.connectors.find(({ side }) => side === "incoming")!,
    ];
    // Other shells, other labels: nothing meets, so there is nothing to decide.
    expect([meetingWires(vehicle, incoming), matePlugs(start, vehicle, incoming)]).toEqual([[], null]);
    const answering = {
      ...incoming,
      shell: null,
      pins: incoming.pins.map((pin, i) => ({ ...pin, cavity: String(i + 1) })),
    };
    const dossier = { ...start, connectors: [vehicle, answering] };
    const wires = meetingWires(vehicle, answering);
    expect(wires.length).toBeGreaterThan(10);
    const mated = done(dossier, matePlugs(dossier, vehicle, answering));
    const [row, ...others] = rowsOf(mated).filter(({ act }) => act === "mate");
    expect([row!.vehicle.map(({ pin }) => pin.cavity), others]).toEqual([
      row!.incoming.map(({ pin }) => pin.cavity),
      [],
    ]);
    expect(mated.decisions.filter(({ kind }) => kind === "join")).toEqual([]);
    const [a, b] = wires[0]!;
    const common = { sure: "sure" as const, reason: "", answers: [] };
    const [first, second] = mated.decisions.flatMap((decision) =>
      decision.kind === "mate" ? [decision.vehicle, decision.incoming] : [],
    );
    expect(
      applyCommand(mated, {
        kind: "decide",
        put: [{ kind: "mate", vehicle: first!.slice(1), incoming: second!, ...common }],
        remove: mated.decisions.map((decision) => decisionId(decision)),
      }),
    ).toMatchObject({ ok: false, error: { code: "mate-not-plug-to-plug" } });
    // A plug that goes into another one takes no adapter as well.
    const half = {
      ...mated,
      decisions: mated.decisions.map((decision) =>
        decision.kind === "mate"
          ? { ...decision, vehicle: decision.vehicle.slice(1), incoming: decision.incoming.slice(1) }
          : decision,
      ),
    };
    expect(
      applyCommand(half, {
        kind: "decide",
        put: [{ kind: "join", vehicle: a, incoming: b, method: "adapter", ...common }],
        remove: [],
      }),
    ).toMatchObject({ ok: false, error: { code: "plug-claimed" } });
    expect(nextMethod({ kind: "join", vehicle: a, incoming: b, method: "splice", ...common }, half)).toBe(
      "move",
    );
  });

  it("every act on any rows is an edit that the job takes, and taking back leaves nothing behind", () => {
    let acted = 0;
    fc.assert(
      fc.property(
        undecidedDossier(5),
        fc.array(
          fc.tuple(
            fc.constantFrom("take", "reject", "cap", "out", "leave", "back"),
            fc.nat(),
            fc.nat({ max: 3 }),
          ),
          { minLength: 1, maxLength: 6 },
        ),
        (start, plan) => {
          let dossier = start;
          for (const [act, from, count] of plan) {
            const rows = rowsOf(dossier);
            if (rows.length === 0) return;
            const chosen = rows.slice(from % rows.length, (from % rows.length) + count + 1);
            const edits = {
              take: () => takeOffers(chosen),
              reject: () =>
                rejectRows(
                  chosen.filter((row) => row.vehicle.length > 0 && row.incoming.length > 0),
                  "",
                ),
              cap: () => leaveOpen(chosen, "cap", dossier),
              out: () => leaveOpen(chosen, "remove", dossier),
              leave: () => leaveOpen(chosen, "leave", dossier),
              back: () => takeBack(chosen),
            };
            dossier = done(dossier, edits[act]());
            acted++;
            if (act === "cap" || act === "leave")
              for (const row of chosen)
                expect(
                  dossier.decisions.some(
                    (decision) =>
                      decision.kind === act &&
                      pinsOfRow(row).some(({ pin }) => decisionPins(decision).includes(pin.id)),
                  ),
                ).toBe(true);
          }
          const rest = done(dossier, takeBack(rowsOf(dossier)));
          expect(rest.decisions.filter(({ kind }) => kind !== "forbid")).toEqual([]);
        },
      ),
      { numRuns: 120, seed: 83 },
    );
    expect(acted).toBeGreaterThan(200);
  });

  it("a pair that was turned down is not suggested again, and joining it by hand lifts that", () => {
    const dossier = demoDossier();
    const at = byName(dossier);
    const row = rowsOf(dossier).find((one) => one.vehicle[0]?.pin.id === at("B12.4"))!;
    const apart = done(dossier, rejectRows([row], "wrong year"));
    expect(rowsOf(apart).find((one) => one.vehicle[0]?.pin.id === at("B12.4"))?.incoming ?? []).toEqual([]);
    const joined = done(apart, joinPins(apart, [at("B12.4")], [at("AL-P.M")]));
    expect(joined.decisions.some(({ kind }) => kind === "forbid")).toBe(false);
  });

  it("joins one to several and several to one, takes back what stands in the way, and refuses several to several", () => {
    const dossier = demoDossier();
    const at = byName(dossier);
    const split = done(dossier, joinPins(dossier, [at("B12.2")], [at("AL-P.A"), at("AL-P.B")]));
    expect(split.decisions.filter((decision) => decision.kind === "split")).toHaveLength(1);
    expect(
      split.decisions.some((decision) => decision.kind === "join" && decision.vehicle === at("B12.2")),
    ).toBe(false);
    expect(
      done(dossier, joinPins(dossier, [at("B12.3"), at("B12.4")], [at("AL-P.M")])).decisions.some(
        ({ kind }) => kind === "merge",
      ),
    ).toBe(true);
    expect(joinPins(dossier, [at("B12.3"), at("B12.4")], [at("AL-P.M"), at("AL-P.L")])).toBeNull();
    expect(
      done(dossier, jumperPins(dossier, [at("AL-P.B"), at("AL-P.P")])).decisions.some(
        ({ kind }) => kind === "jumper",
      ),
    ).toBe(true);
  });

  it("says what a second wire would take from the first, and joins all of them where it may", () => {
    const start = demoDossier();
    const at = byName(start);
    const [mine, other] = [at("B12.3"), at("AL-P.C")];
    const first = start.decisions.find((decision) => decisionPins(decision).includes(other))!;
    const instead = joinPins(start, [mine], [other])!;
    expect(undone(start, instead)).toContainEqual(first);
    const both = joinAlso(start, [mine], [other]);
    const joined = done(start, both);
    const [merge] = joined.decisions.filter(({ kind }) => kind === "merge");
    for (const pin of [...decisionPins(first), mine]) expect(decisionPins(merge!)).toContain(pin);
    expect(undone(start, { put: [], remove: [] })).toEqual([]);
    // A cap is only an open end: nothing is lost with it.
    const capped = done(start, { put: [leftOpen("cap", at("B12.3"), null)], remove: [] });
    const edit = joinPins(capped, [at("B12.3")], [at("AL-P.S")])!;
    expect(undone(capped, edit).some(({ kind }) => kind === "cap")).toBe(false);
    // Or it hangs on the wire beside them, and nothing is undone.
    const tapped = tapAlso(start, [decisionPins(first)[0]!], [at("AL-P.H")]);
    expect(tapped).toMatchObject({ put: [{ kind: "tap" }], remove: [] });
    expect(done(start, tapped).decisions).toContain(first);
    expect(tapAlso(done(start, tapped), [mine], [at("AL-P.H")])).toBeNull();
    // Several would meet several: only instead.
    const split = done(start, joinPins(start, [at("B12.2")], [at("AL-P.A"), at("AL-P.B")]));
    expect(joinAlso(split, [at("B12.3"), at("B12.4")], [at("AL-P.A")])).toBeNull();
  });

  it("moves a wire into an empty cavity whatever the usual method, and offers no splice there", () => {
    const dossier = { ...demoDossier(), head: { ...demoDossier().head, method: "splice" as const } };
    const at = byName(dossier);
    const joined = done(dossier, joinPins(dossier, [at("B12.3")], [at("AL-P.S")]));
    const row = rowsOf(joined).find((one) => one.vehicle[0]?.pin.id === at("B12.3"))!;
    expect(row.decision).toMatchObject({ kind: "join", method: "move" });
    expect(nextMethod(row.decision!, joined)).toBeNull();
    expect(
      nextMethod(rowsOf(joined).find((one) => one.vehicle[0]?.pin.id === at("B12.7"))!.decision!, joined),
    ).not.toBeNull();
    expect(
      applyCommand(joined, {
        kind: "decide",
        put: [{ ...(row.decision as Extract<Decision, { kind: "join" }>), method: "splice" }],
        remove: [],
      }),
    ).toMatchObject({ ok: false, error: { code: "pin-is-empty" } });
  });

  it("a part between wants a splice, and taking it out leaves the splice", () => {
    const dossier = demoDossier();
    const at = byName(dossier);
    const join: Decision = {
      kind: "join",
      vehicle: at("B12.4"),
      incoming: at("AL-P.M"),
      method: "move",
      sure: "sure",
      reason: "",
      answers: [],
    };
    const [fitted] = withDevice(join, { kind: "diodes", band: "incoming" }).put;
    expect(fitted).toMatchObject({ method: "splice", device: { kind: "diodes" } });
    expect(withDevice(fitted!, undefined).put[0]).toEqual({ ...join, method: "splice" });
  });
});
