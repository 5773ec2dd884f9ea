import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Decision, Dossier, PinId } from "@trevin/core";
import { DEMO, namer, useServer } from "./harness.ts";

const TAIL_LIFT: unknown = JSON.parse(
  readFileSync(new URL("../demo/tail-lift.trevin.json", import.meta.url), "utf8"),
);
const common = { sure: "sure" as const, reason: "", answers: [] };

describe("decisions of every kind, and the brief", () => {
  const { send, at } = useServer();
  const imported = async () => {
    const { body } = await send("POST", "/imports", TAIL_LIFT);
    return { id: String(body.id), name: namer(body.dossier as Dossier), dossier: body.dossier as Dossier };
  };

  it("are stored with parts, effects and answers, come back from the file, and are undone as one", async () => {
    const { id, name, dossier } = await imported();
    const put: Decision[] = [
      {
        kind: "merge",
        vehicle: [name("D4.7"), name("D7.4")],
        incoming: name("TL-A.J"),
        device: { kind: "diodes", band: "vehicle" },
        ...common,
      },
      { kind: "split", vehicle: name("D7.2"), incoming: [name("TL-A.F"), name("TL-A.G")], ...common },
      { kind: "jumper", pins: [name("TL-B.5"), name("TL-B.6")], ...common },
      {
        kind: "series",
        vehicle: name("D7.3"),
        into: name("TL-B.3"),
        back: name("TL-B.4"),
        method: "splice",
        joint: "solder",
        ...common,
      },
      {
        kind: "mate",
        vehicle: [name("D7.1"), name("D7.6")],
        incoming: [name("TL-B.1"), name("TL-B.2")],
        ...common,
      },
      { kind: "remove", pin: name("D4.9"), open: "no-start", ...common },
      {
        kind: "cap",
        pin: name("D4.10"),
        open: "no-start",
        ...common,
        answers: [{ rule: "start-interlock", reason: "bench test only", by: "Ines" }],
      },
      {
        kind: "forbid",
        vehicle: name("D4.14"),
        incoming: name("TL-A.S"),
        ...common,
        reason: "drops out while cranking",
      },
      {
        kind: "join",
        vehicle: name("D4.11"),
        incoming: name("TL-A.K"),
        method: "splice",
        device: { kind: "divider", upper: 22_000, lower: 10_000 },
        ...common,
      },
    ];
    const stored = await send("PATCH", `/jobs/${id}/decisions`, { put }, at(1));
    expect(stored.status).toBe(200);
    const kept = (await send("GET", `/jobs/${id}`)).body.dossier as Dossier;
    for (const decision of put) expect(kept.decisions).toContainEqual(decision);
    const again = await send("POST", "/imports", (await send("GET", `/jobs/${id}/file`)).body);
    expect(again.status).toBe(201);
    expect((again.body.dossier as Dossier).decisions).toHaveLength(kept.decisions.length);
    expect((await send("POST", `/jobs/${id}/undo`, undefined, at(2))).body.dossier?.decisions).toEqual(
      dossier.decisions,
    );
  });

  it("are refused where they contradict each other, with the pins named", async () => {
    const { id, name } = await imported();
    const refused = async (put: object[]) =>
      (
        await send(
          "PATCH",
          `/jobs/${id}/decisions`,
          { put: put.map((one) => ({ ...common, ...one })) },
          at(1),
        )
      ).body;
    const join = (vehicle: string, incoming: string) => ({
      kind: "join",
      vehicle: name(vehicle),
      incoming: name(incoming),
      method: "move",
    });
    expect(await refused([join("D4.1", "TL-A.C"), join("D4.1", "TL-B.3")])).toMatchObject({
      code: "pin-already-decided",
      detail: expect.stringContaining("D4.1"),
    });
    expect(await refused([join("D4.1", "D4.2")])).toMatchObject({ code: "join-needs-both-sides" });
    expect(await refused([{ kind: "jumper", pins: [name("TL-A.A"), name("TL-B.1")] }])).toMatchObject({
      code: "jumper-across-connectors",
    });
    expect(await refused([{ kind: "jumper", pins: [name("TL-A.A"), name("TL-A.A")] }])).toMatchObject({
      code: "pin-with-itself",
      detail: expect.stringContaining("TL-A.A"),
    });
    expect(
      await refused([{ kind: "forbid", vehicle: name("D4.12"), incoming: name("TL-A.N") }]),
    ).toMatchObject({ code: "pair-forbidden", detail: expect.stringContaining("D4.12") });
    expect(
      await refused([{ ...join("D4.1", "TL-A.C"), device: { kind: "divider", upper: -1, lower: 0 } }]),
    ).toMatchObject({ status: 422 });
    expect((await send("GET", `/jobs/${id}`)).body.revision).toBe(1);
  });

  it("keeps what the technician adds to the plan and wires that change places, in the job and in its file, and takes both back", async () => {
    const { id, name, dossier } = await imported();
    const [a, b] = [name("D4.12"), name("D4.13")];
    const part = {
      id: "p1",
      name: "rear trim",
      place: "body, rear left",
      fasteners: "5 clips",
      tool: "trim lever",
      torque: null,
      drill: false,
      hides: [],
    };
    const own = {
      id: "o1",
      after: null,
      text: "Sweep the floor",
      place: "",
      minutes: 3,
      from: "",
      deviation: "",
    };
    const worklist = {
      parts: [part],
      own: [own],
      order: [],
      evenings: [],
      have: ["tool: camera"],
      adapterLengths: [{ between: [dossier.connectors[0]!.id, dossier.connectors.at(-1)!.id], mm: 300 }],
      joint: "sleeve",
      counterparts: [],
    };
    expect((await send("PUT", `/jobs/${id}/worklist`, { worklist }, at(1))).body.dossier?.worklist).toEqual(
      worklist,
    );
    expect(
      (await send("PUT", `/jobs/${id}/worklist`, { worklist: { ...worklist, own: [own, own] } }, at(2))).body,
    ).toMatchObject({ code: "step-id-repeated" });
    expect(
      (
        await send(
          "PUT",
          `/jobs/${id}/worklist`,
          { worklist: { ...worklist, own: [{ ...own, text: " " }] } },
          at(2),
        )
      ).status,
    ).toBe(422);
    expect((await send("PUT", `/jobs/${id}/worklist`, { worklist }, at(1))).body.revision).toBe(2);
    const other = { worklist: { ...worklist, have: [] } };
    expect((await send("PUT", `/jobs/${id}/worklist`, other, at(1))).status).toBe(412);
    const move = (pin: PinId, to: PinId): Decision => ({ kind: "move", pin, to, ...common });
    const before = ((await send("GET", `/jobs/${id}`)).body.dossier as Dossier).decisions
      .filter((decision) => decision.kind === "join" && [a, b].includes(decision.vehicle))
      .map(
        (decision) => `join:${decision.kind === "join" ? `${decision.vehicle}:${decision.incoming}` : ""}`,
      );
    expect(
      (await send("PATCH", `/jobs/${id}/decisions`, { put: [move(a, b), move(b, a)], remove: before }, at(2)))
        .status,
    ).toBe(200);
    expect(
      (await send("PATCH", `/jobs/${id}/decisions`, { put: [move(name("D4.11"), b)] }, at(3))).body,
    ).toMatchObject({ code: "pin-already-decided" });
    const again = (await send("POST", "/imports", (await send("GET", `/jobs/${id}/file`)).body)).body
      .dossier as Dossier;
    expect(again.worklist).toEqual(worklist);
    expect(again.decisions.filter(({ kind }) => kind === "move")).toHaveLength(2);
    await send("POST", `/jobs/${id}/undo`, undefined, at(3));
    expect((await send("POST", `/jobs/${id}/undo`, undefined, at(4))).body.dossier?.worklist).toMatchObject({
      parts: [],
      own: [],
    });
  });

  it("keeps the brief, says where it is wrong, and takes it back", async () => {
    const { body } = await send("POST", "/imports", DEMO);
    const item = (id: string, text: string) => ({ id, kind: "function", text, kept: true, pins: [] });
    const put = await send(
      "PUT",
      `/jobs/${body.id}/brief`,
      { brief: [item("a", "Level lamp"), item("b", "Horn")] },
      at(1),
    );
    expect(put.body.dossier?.brief.map(({ text }) => text)).toEqual(["Level lamp", "Horn"]);
    expect(
      (await send("PUT", `/jobs/${body.id}/brief`, { brief: [item("a", "Horn"), item("b", "horn ")] }, at(2)))
        .body,
    ).toMatchObject({ code: "brief-repeated" });
    expect(
      (
        await send(
          "PUT",
          `/jobs/${body.id}/brief`,
          { brief: [{ ...item("a", "Horn"), pins: ["nowhere"] }] },
          at(2),
        )
      ).body,
    ).toMatchObject({ code: "no-such-pin" });
    expect((await send("POST", `/jobs/${body.id}/undo`, undefined, at(2))).body.dossier?.brief).toEqual([]);
  });
});
