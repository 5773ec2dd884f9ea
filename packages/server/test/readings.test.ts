import { describe, expect, it } from "vitest";
import { entryNarrator, planWork, verifyChain, type StoredEntry } from "@trevin/core";
import { readEntry } from "@trevin/core/contract";
import { benchCommand, readyDemo, useServer } from "./harness.ts";

describe("readings", () => {
  const { send, at } = useServer();
  const ready = () => readyDemo({ send, at });
  const ledger = async (id: string): Promise<readonly StoredEntry[]> =>
    (await send("GET", `/jobs/${id}/ledger`)).body["entries"] as StoredEntry[];

  it("keeps what was measured before power with its step, and refuses figures that it does not ask for", async () => {
    const { id, dossier } = await ready();
    const { steps } = planWork(dossier);
    const measure = steps.findIndex(({ kind }) => kind === "measure");
    for (let index = 0; index < measure; index++)
      expect((await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, index))).status).toBe(201);
    const told = (...readings: object[]) =>
      send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, measure, { readings }));
    const join = { of: "worst-join", quantity: "ohms", value: 0.2 };
    expect((await told({ ...join, of: "battery" })).body).toMatchObject({ code: "no-such-reading" });
    expect((await told({ ...join, quantity: "volts" })).body).toMatchObject({ code: "no-such-reading" });
    expect((await told(join, join)).body).toMatchObject({ code: "no-such-reading" });
    expect((await told({ ...join, value: "little" })).status).toBe(422);
    const short = { of: "supply-to-ground", quantity: "ohms", value: null };
    expect((await told(short, join)).status).toBe(201);
    const entries = verifyChain(await ledger(id), readEntry);
    if (!entries.ok) throw new Error("chain");
    const last = entries.value.at(-1)!;
    expect(last.what).toMatchObject({ kind: "done", readings: [short, join] });
    expect(entryNarrator(dossier)(last)).toContain(
      "Measured: supply to ground open, worst join, end to end 0.2 Ω",
    );
  });
});
