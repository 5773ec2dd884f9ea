import { describe, expect, it } from "vitest";
import { demoOf } from "../testing/circuitJobs.ts";
import { entriesOf } from "../testing/entries.ts";
import type { Dossier } from "../model/index.ts";
import { bench, type PlanMemo } from "./bench.ts";
import type { What } from "./entry.ts";

const begun = ({ head, connectors }: Dossier): What => ({
  kind: "baseline",
  head,
  connectors,
  begins: "plugged",
});
/** Everything done in the order of the plan, with a remark and something found on the way. */
const worked = (dossier: Dossier): readonly What[] => [
  begun(dossier),
  ...bench(dossier, []).plan.steps.flatMap(({ id: step, decision, op }, i): readonly What[] => [
    { kind: "done", step, decision, op, note: "" },
    ...(i === 4 ? [{ kind: "note", step: null, text: "rain" } as const] : []),
    ...(i === 6
      ? [
          {
            kind: "found",
            pin: dossier.connectors[0]!.pins[0]!.id,
            facts: { note: "green with rust" },
            note: "",
          } as const,
        ]
      : []),
  ]),
];

describe("plans that are remembered", () => {
  it.each(["cluster-swap", "platform-truck"])(
    "are what would be made anew, after each entry of %s",
    (name) => {
      const dossier = demoOf(name);
      const all = worked(dossier);
      const memo: PlanMemo = new Map();
      let kept = 0;
      let before: unknown = null;
      for (let n = 0; n <= all.length; n += n < 12 || n > all.length - 4 ? 1 : 7) {
        const entries = entriesOf(all.slice(0, n));
        const [with_, without] = [bench(dossier, entries, memo), bench(dossier, entries)];
        expect(with_).toEqual(without);
        if (with_.plan === before) kept++;
        before = with_.plan;
      }
      // Most entries tick a step; the baseline and what was found make a new plan.
      expect(kept).toBeGreaterThan(8);
      expect(memo.size).toBeLessThanOrEqual(3);
    },
  );
  it("are made anew for another decision, another fact and another job", () => {
    const [one, other] = [demoOf("platform-truck"), demoOf("light-board")];
    const memo: PlanMemo = new Map();
    const first = bench(one, [], memo).plan;
    expect(bench(one, [], memo).plan).toBe(first);
    expect(bench({ ...one, decisions: one.decisions.slice(1) }, [], memo).plan).not.toBe(first);
    const [connector, ...rest] = one.connectors;
    const thick = { ...connector!, pins: connector!.pins.map((pin) => ({ ...pin, size: 6 })) };
    expect(bench({ ...one, connectors: [thick, ...rest] }, [], memo).plan).not.toBe(first);
    expect(bench(other, [], memo).plan).not.toBe(first);
    expect(bench(one, [], memo).plan).toEqual(first);
  });
  it("know when a round is closed: what is decided after the power came back on is work of its own", () => {
    const dossier = demoOf("platform-truck");
    const fewer = { ...dossier, decisions: dossier.decisions.slice(0, -1) };
    const memo: PlanMemo = new Map();
    const done = entriesOf(worked(fewer));
    bench(fewer, done, memo);
    const view = bench(dossier, done, memo);
    expect(view).toEqual(bench(dossier, done));
    expect(view.plan.steps.length).toBeGreaterThanOrEqual(bench(fewer, done).plan.steps.length);
  });
  it("of ledgers that began otherwise are apart, though what was found since makes the jobs alike", () => {
    const dossier = demoOf("platform-truck");
    const [connector, ...rest] = dossier.connectors;
    const [pin, ...pins] = connector!.pins;
    const once = { ...connector!, pins: [{ ...pin!, signal: "unknown" as const }, ...pins] };
    const [as, other] = [
      [begun(dossier)],
      [
        begun({ ...dossier, connectors: [once, ...rest] }),
        { kind: "found", pin: pin!.id, facts: { signal: pin!.signal }, note: "" } as const,
      ],
    ].map(entriesOf);
    const memo: PlanMemo = new Map();
    const first = bench(dossier, as!, memo);
    const second = bench(dossier, other!, memo);
    expect(second.dossier.connectors).toEqual(first.dossier.connectors);
    expect(second.plan).not.toBe(first.plan);
    expect(second).toEqual(bench(dossier, other!));
  });
});
