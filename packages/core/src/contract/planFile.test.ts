import { describe, expect, it } from "vitest";
import { fileOf } from "../io/index.ts";
import { checkPlan, planWork } from "../plan/index.ts";
import { demoDossier } from "../testing/index.ts";
import { planFileProblemWords, readPlanFile } from "./planFile.ts";

const dossier = demoDossier();
const { steps } = planWork(dossier);
const names = new Map(
  dossier.connectors.flatMap((connector) =>
    connector.pins.map((pin) => [pin.id, `${connector.name}.${pin.cavity}`] as const),
  ),
);
const name = (id: (typeof steps)[number]["wire"]): string | null =>
  id === null ? null : (names.get(id) ?? null);
const file = (
  edit: (step: Record<string, unknown>, index: number) => Record<string, unknown> = (step) => step,
): string =>
  JSON.stringify({
    job: fileOf({ dossier, ledger: [] }),
    steps: steps.map(
      ({ id, kind, group, decision, op, connector, wire, at, partner, others, length, place }, i) =>
        edit(
          {
            id,
            kind,
            group,
            discharges: decision,
            op,
            connector,
            wire: name(wire),
            at: name(at),
            partner: name(partner),
            others: others.map(name),
            length,
            place,
          },
          i,
        ),
    ),
  });
const wordsOf = (text: string): string => {
  const read = readPlanFile(text);
  return read.ok ? "ok" : planFileProblemWords(read.error);
};

describe("a plan file", () => {
  it("gives back every step with what the checker looks at", () => {
    const read = readPlanFile(file());
    if (!read.ok) throw new Error(planFileProblemWords(read.error));
    const seen = (step: (typeof steps)[number]) => [
      step.id,
      step.kind,
      step.group,
      step.decision,
      step.op,
      step.connector,
      step.wire,
      step.at,
      step.partner,
      step.others,
      step.length,
      step.place,
    ];
    expect(read.value.steps.map(seen)).toEqual(steps.map(seen));
    expect(checkPlan(read.value.dossier, { steps: read.value.steps })).toBeNull();
  });

  it("says where a pin, a kind or the job itself is wrong", () => {
    const at = steps.findIndex(({ wire }) => wire !== null);
    expect(wordsOf(file((step, i) => (i === at ? { ...step, wire: "B12.99" } : step)))).toBe(
      `Step ${steps[at]!.id} names B12.99, and the job has no such pin.`,
    );
    expect(wordsOf(file((step, i) => (i === 2 ? { ...step, kind: "weld" } : step)))).toContain(
      "steps.2.kind",
    );
    expect(wordsOf(JSON.stringify({ job: { format: "something" }, steps: [] }))).not.toBe("ok");
    expect(wordsOf("{ not json")).toContain("line 1");
  });
});
