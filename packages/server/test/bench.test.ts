import { Client } from "pg";
import { describe, expect, it } from "vitest";
import { decisionId, foldLedger, planWork, verifyChain, type Decision, type StoredEntry } from "@trevin/core";
import { readEntry } from "@trevin/core/contract";
import { benchCommand, demo, readyDemo, DEMO, namer, useServer } from "./harness.ts";

describe("bench", () => {
  const { send, at, urlOf } = useServer();
  const ready = () => readyDemo({ send, at });
  const ledger = async (id: string): Promise<readonly StoredEntry[]> =>
    (await send("GET", `/jobs/${id}/ledger`)).body["entries"] as StoredEntry[];

  it("freezes the baseline with the first step, chains every entry, and works through to the end", async () => {
    const { id, dossier } = await ready();
    const { steps } = planWork(dossier);
    for (let i = 0; i < steps.length; i++)
      expect((await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, i))).status).toBe(201);
    const stored = await ledger(id);
    const chain = verifyChain(stored, readEntry);
    if (!chain.ok) throw new Error(chain.error.code);
    expect(chain.value.slice(0, 3).map((entry) => entry.what.kind)).toEqual([
      "baseline",
      "plan-adopted",
      "done",
    ]);
    expect(stored).toHaveLength(steps.length + 2);
    expect(foldLedger(chain.value).fold.state.battery).toBe("on");
    const csv = (await send("GET", `/jobs/${id}/as-built.csv`)).body["text"] as string;
    expect(csv).toContain('AL-P,D,occupied,"Level sender, left",L/W');
    expect((await send("GET", `/jobs/${id}/ledger.csv`)).body["text"]).toContain("Release turquoise");
  });

  it("records the engine swap, the demonstration with the most steps, to its end", async () => {
    const { id, dossier } = (await send("POST", "/imports", demo("engine-swap"))).body;
    const { steps } = planWork(dossier!);
    expect(steps.length).toBeGreaterThan(300);
    for (let i = 0; i < steps.length; i++)
      expect((await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier!, i))).status).toBe(201);
    const chain = verifyChain(await ledger(id!), readEntry);
    if (!chain.ok) throw new Error(chain.error.code);
    expect(foldLedger(chain.value).fold.state.battery).toBe("on");
  });

  it("answers a known event with its first answer and records it once", async () => {
    const { id, dossier } = await ready();
    const command = benchCommand(dossier, 0);
    const first = await send("POST", `/jobs/${id}/ledger`, command);
    const again = await Promise.all([
      send("POST", `/jobs/${id}/ledger`, command),
      send("POST", `/jobs/${id}/ledger`, command),
    ]);
    for (const answer of again) expect(answer.body).toEqual(first.body);
    expect(await ledger(id)).toHaveLength(3);
  });

  it("lets two devices work at once without losing or repeating an entry", async () => {
    const { id, dossier } = await ready();
    await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, 0));
    const notes = await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        send("POST", `/jobs/${id}/ledger`, {
          ...benchCommand(dossier, 0),
          kind: "note",
          text: `note ${i}`,
          step: null,
        }),
      ),
    );
    expect(notes.every((answer) => answer.status === 201)).toBe(true);
    expect(verifyChain(await ledger(id), readEntry)).toMatchObject({ ok: true });
    expect(await ledger(id)).toHaveLength(15);
  });

  it("refuses what does not fit the state, with the reason, and records nothing", async () => {
    const { id, dossier } = await ready();
    const late = await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, 8));
    expect(late.body).toMatchObject({ status: 409, code: "battery-is-on" });
    expect(
      (await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, 0, { plan: "0".repeat(64) }))).body[
        "code"
      ],
    ).toBe("plan-changed");
    expect(
      (
        await send(
          "POST",
          `/jobs/${id}/ledger`,
          benchCommand(dossier, 0, { kind: "skipped", reason: "no time" }),
        )
      ).body["code"],
    ).toBe("step-changes-wiring");
    expect(await ledger(id)).toHaveLength(0);
    const blocked = (await send("POST", "/imports", DEMO)).body;
    expect(
      (await send("POST", `/jobs/${blocked.id}/ledger`, benchCommand(blocked.dossier!, 0))).body,
    ).toMatchObject({ code: "blocked", detail: expect.stringContaining("B12.3 is undecided") });
  });

  it("goes past a test of which half is live only with its answer", async () => {
    const { id, dossier: before } = await ready();
    const join = before.decisions.find(({ kind }) => kind === "join") as Decision & { kind: "join" };
    const { dossier } = (
      await send(
        "PATCH",
        `/jobs/${id}/decisions`,
        { put: [{ ...join, method: "splice", findLive: true }] },
        at(2),
      )
    ).body;
    const { steps } = planWork(dossier!);
    const test = steps.findIndex(({ kind }) => kind === "find-live");
    const code = async (index: number, more: Record<string, unknown> = {}) =>
      (await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier!, index, more))).body["code"];
    for (let i = 0; i < test; i++) expect(await code(i)).toBeUndefined();
    expect(await code(test)).toBe("live-half-not-said");
    expect(await code(test, { kind: "skipped", reason: "no meter" })).toBe("test-decides-joint");
    expect(await code(test + 1, { live: "loom" })).toBe("live-half-not-said");
    const uncover = steps.findIndex(({ kind }) => kind === "uncover");
    expect(await code(uncover)).toBe("live-half-not-known");
    expect(await code(test, { live: "loom" })).toBeUndefined();
  });

  it("puts no power on a circuit that is not safe, unless somebody says why", async () => {
    const answers = [{ rule: "supply-onto-ground", reason: "to see what the circuit says" }];
    const file = {
      format: "trevin-job",
      version: 1,
      job: { name: "Short", kind: "module-integration", nominalVolts: 12, method: "splice" },
      connectors: [
        {
          name: "V",
          side: "vehicle",
          leads: "flying",
          pins: [
            { cavity: "1", function: "Permanent 12 V" },
            { cavity: "2", function: "Ground" },
          ],
        },
        {
          name: "X",
          side: "incoming",
          leads: "flying",
          module: "radio",
          pins: [{ cavity: "A", function: "Ground" }],
        },
      ],
      decisions: [
        {
          kind: "merge",
          vehicle: ["1", "2"].map((cavity) => ({ connector: "V", cavity })),
          incoming: { connector: "X", cavity: "A" },
          answers,
        },
      ],
    };
    const { id, dossier } = (await send("POST", "/imports", file)).body;
    const { steps } = planWork(dossier!);
    const power = steps.findLastIndex(({ kind }) => kind === "battery-on");
    const record = async (index: number, more: Record<string, unknown> = {}) =>
      (await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier!, index, more))).body;
    for (let i = 0; i < power; i++) expect((await record(i))["code"]).toBeUndefined();
    expect(await record(power)).toMatchObject({
      code: "not-safe-to-power",
      detail: expect.stringContaining("Short circuit"),
    });
    expect((await record(power, { accept: "bench supply, 1 A limit" }))["code"]).toBeUndefined();
    const last = JSON.parse((await ledger(id!)).at(-1)!.bytes) as { what: { note: string } };
    expect(last.what.note).toBe("Powered in spite of: Short circuit. Reason: bench supply, 1 A limit");
  });

  it("takes back the last step, but not one that later steps stand on", async () => {
    const { id, dossier } = await ready();
    for (let i = 0; i < 6; i++) await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, i));
    const retract = (seq: number) =>
      send("POST", `/jobs/${id}/ledger`, {
        ...benchCommand(dossier, 0),
        kind: "retracted",
        seq,
        reason: "went back",
      });
    expect((await retract(2)).body).toMatchObject({ status: 409, code: "later-entries-depend" });
    expect((await retract(7)).status).toBe(201);
    expect((await retract(7)).body["code"]).toBe("already-retracted");
    expect((await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, 5))).status).toBe(201);
  });

  it("locks the pin tables and the decisions carried out, also against undo, and takes corrections as found", async () => {
    const { id, dossier } = await ready();
    const join = planWork(dossier).steps.findIndex((step) => step.kind === "cut");
    for (let i = 0; i <= join; i++) await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, i));
    const connector = dossier.connectors.find((one) => one.name === "B12")!;
    const change = { put: [{ ...connector.pins[7]!, colour: "L" }] };
    expect(
      (await send("PATCH", `/jobs/${id}/connectors/${connector.id}/pins`, change, at(2))).body["code"],
    ).toBe("work-has-begun");
    const carried = planWork(dossier).steps[join]!.decision!;
    expect((await send("PATCH", `/jobs/${id}/decisions`, { remove: [carried] }, at(2))).body["code"]).toBe(
      "decision-carried-out",
    );
    expect(
      (await send("PATCH", `/jobs/${id}/decisions`, { remove: [`cap:${namer(dossier)("B12.3")}`] }, at(2)))
        .status,
    ).toBe(200);
    const found = await send("POST", `/jobs/${id}/ledger`, {
      ...benchCommand(dossier, 0),
      kind: "found",
      pin: namer(dossier)("B12.8"),
      facts: { colour: "L" },
      note: "looked",
    });
    expect(found.status).toBe(201);
    expect((await send("GET", `/jobs/${id}/as-built.csv`)).body["text"]).toContain(
      'B12,8,occupied,"Level sender, right",L,',
    );
  });

  it("lets a stop that was found late be answered at a decision that is carried out, and work goes on", async () => {
    const { id, dossier } = await ready();
    const { steps } = planWork(dossier);
    const at0 = steps.findIndex((step) => step.kind === "splice");
    for (let i = 0; i <= at0; i++) await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, i));
    const carried = dossier.decisions.find((decision) => decisionId(decision) === steps[at0]!.decision)!;
    if (carried.kind !== "join") throw new Error(carried.kind);
    const find = (pin: string, signal: string) =>
      send("POST", `/jobs/${id}/ledger`, {
        ...benchCommand(dossier, 0),
        kind: "found",
        pin,
        facts: { signal },
        note: "measured",
      });
    await find(carried.vehicle, "battery");
    await find(carried.incoming, "ground");
    const next = benchCommand(dossier, at0 + 1);
    const stopped = await send("POST", `/jobs/${id}/ledger`, next);
    expect(stopped.body).toMatchObject({ status: 409, code: "blocked" });
    const revision = (await send("GET", `/jobs/${id}`)).body.revision!;
    const answer = { rule: "supply-onto-ground", reason: "the meter was on the wrong pin", by: "Ines" };
    const answered = await send(
      "PATCH",
      `/jobs/${id}/decisions`,
      { put: [{ ...carried, answers: [answer] }] },
      at(revision),
    );
    expect(answered.status).toBe(200);
    expect((await send("POST", `/jobs/${id}/ledger`, next)).status).toBe(201);
    // What the decision does to the wires stays as it was carried out.
    const otherwise = { put: [{ ...carried, answers: [], device: { kind: "fuse", amps: 5 } }] };
    expect((await send("PATCH", `/jobs/${id}/decisions`, otherwise, at(revision + 1))).body["code"]).toBe(
      "decision-carried-out",
    );
  });

  it("gives the same job back from its file, ledger included, as often as one likes", async () => {
    const { id, dossier } = await ready();
    for (let i = 0; i < 9; i++) await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, i));
    const file = (await send("GET", `/jobs/${id}/file`)).body;
    const copy = await send("POST", "/imports", file);
    expect(copy.status).toBe(201);
    expect((await send("GET", `/jobs/${copy.body.id}/file`)).body).toEqual(file);
    expect(await ledger(copy.body.id!)).toEqual(await ledger(id));
    expect((await send("POST", `/jobs/${copy.body.id}/ledger`, benchCommand(dossier, 9))).status).toBe(201);
    const forged = structuredClone(file) as { ledger: { bytes: string }[] };
    forged.ledger[4]!.bytes = forged.ledger[4]!.bytes.replace("Ines", "Nobody");
    expect((await send("POST", "/imports", forged)).body).toMatchObject({
      status: 422,
      code: "ledger-damaged",
    });
  });

  it("cannot be altered or emptied by the application's role, nor by the owner by mistake", async () => {
    const { id, dossier } = await ready();
    await send("POST", `/jobs/${id}/ledger`, benchCommand(dossier, 0));
    for (const [url, code] of [
      [urlOf("app"), "42501"],
      [urlOf("owner"), "23001"],
    ] as const) {
      const client = new Client({ connectionString: url });
      await client.connect();
      for (const statement of ["UPDATE ledger SET bytes = ''", "DELETE FROM ledger", "TRUNCATE ledger"]) {
        await expect(client.query(statement), statement).rejects.toMatchObject({ code });
      }
      await client.end();
    }
  });
});
