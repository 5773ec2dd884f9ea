import sharp from "sharp";
import { describe, expect, it } from "vitest";
import { entryNarrator, planWork, verifyChain, type StoredEntry } from "@trevin/core";
import { readEntry } from "@trevin/core/contract";
import { benchCommand, readyDemo, useServer } from "./harness.ts";

describe("what the ledger keeps beside the steps", () => {
  const { send, at, base } = useServer();
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

  it("a photo taken at work stands in the ledger by its fingerprint, and no other picture does", async () => {
    const { id, dossier } = await ready();
    const picture = await sharp({ create: { width: 40, height: 30, channels: 3, background: "#204080" } })
      .png()
      .toBuffer();
    const shot = (await (
      await fetch(`${base()}/api/v1/jobs/${id}/photos?connector=${dossier.connectors[0]!.id}`, {
        method: "POST",
        body: new Uint8Array(picture),
        headers: { "Content-Type": "application/octet-stream" },
      })
    ).json()) as { id: string; sha256: string; connector: string };
    const taken = (more: object = {}) =>
      send("POST", `/jobs/${id}/ledger`, {
        ...benchCommand(dossier, 0),
        kind: "photo",
        photo: shot.id,
        sha256: shot.sha256,
        connector: shot.connector,
        pin: null,
        ...more,
      });
    expect((await taken()).body).toMatchObject({ code: "not-begun" });
    expect((await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, 0))).status).toBe(201);
    expect((await taken({ sha256: "0".repeat(64) })).body).toMatchObject({ code: "no-such-photo" });
    expect((await taken({ photo: "11111111-1111-4111-8111-111111111111" })).body).toMatchObject({
      code: "no-such-photo",
    });
    expect((await taken()).status).toBe(201);
    const entries = verifyChain(await ledger(id), readEntry);
    if (!entries.ok) throw new Error("chain");
    expect(entryNarrator(dossier)(entries.value.at(-1)!)).toBe(
      `Photo taken of ${dossier.connectors[0]!.name}; fingerprint ${shot.sha256.slice(0, 12)}`,
    );
  });
});
