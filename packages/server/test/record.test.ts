import { describe, expect, it } from "vitest";
import {
  decisionId,
  decisionsOnRecord,
  planWork,
  verifyChain,
  type Dossier,
  type StoredEntry,
} from "@trevin/core";
import { readEntry } from "@trevin/core/contract";
import { benchCommand, readyDemo, namer, useServer } from "./harness.ts";

describe("what is found, and what is decided, on record", () => {
  const { send, at } = useServer();
  const ready = () => readyDemo({ send, at });
  const ledger = async (id: string): Promise<readonly StoredEntry[]> =>
    (await send("GET", `/jobs/${id}/ledger`)).body["entries"] as StoredEntry[];

  it("takes a wire as found in another cavity, and refuses that of one that was moved", async () => {
    const { id, dossier } = await ready();
    const { steps } = planWork(dossier);
    const release = steps.findIndex(({ op }) => op?.kind === "release");
    for (let i = 0; i <= release; i++) await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, i));
    const find = (pin: string, place: string) =>
      send("POST", `/jobs/${id}/ledger`, {
        ...benchCommand(dossier, 0),
        kind: "found",
        pin,
        facts: {},
        place,
      });
    expect((await find(namer(dossier)("B12.8"), "7")).status).toBe(201);
    expect((await find(namer(dossier)("B12.8"), " ")).status).toBe(422);
    expect((await find(namer(dossier)("B12.8"), "99")).body["code"]).toBe("no-cavity-there");
    const gone = steps[release]!.wire!;
    const beside = dossier.connectors
      .find(({ pins }) => pins.some((one) => one.id === gone))!
      .pins.find((one) => one.id !== gone)!;
    expect((await find(gone, beside.cavity)).body["code"]).toBe("no-wire-in-it");
    const csv = (await send("GET", `/jobs/${id}/as-built.csv`)).body["text"];
    expect(csv).toContain('B12,7,occupied,"Level sender, right"');
  });

  it("writes down what is decided with the plan that is followed, and what of it changes", async () => {
    const { id, dossier } = await ready();
    await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, 0));
    const entries = async () => {
      const chain = verifyChain(await ledger(id), readEntry);
      if (!chain.ok) throw new Error(chain.error.code);
      return chain.value;
    };
    const inForce = async () => (await send("GET", `/jobs/${id}`)).body["dossier"] as Dossier;
    expect(new Map(decisionsOnRecord(await entries()))).toEqual(
      new Map((await inForce()).decisions.map((one) => [decisionId(one), one])),
    );
    const cap = `cap:${namer(dossier)("B12.3")}`;
    await send("PATCH", `/jobs/${id}/decisions`, { remove: [cap] }, at(2));
    const leave = { kind: "leave", pin: namer(dossier)("B12.3"), sure: "sure", reason: "", answers: [] };
    await send("PATCH", `/jobs/${id}/decisions`, { put: [leave] }, at(3));
    const changed = { ...dossier, decisions: (await inForce()).decisions };
    expect((await send("POST", `/jobs/${id}/ledger`, benchCommand(changed, 1))).status).toBe(201);
    const after = await entries();
    const adopted = after.findLast(({ what }) => what.kind === "plan-adopted")!.what;
    expect(adopted).toMatchObject({ decided: [{ kind: "leave" }], undone: [{ kind: "cap" }] });
    expect([...decisionsOnRecord(after)!.keys()].sort()).toEqual(changed.decisions.map(decisionId).sort());
  });
});
