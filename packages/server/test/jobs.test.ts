import { describe, expect, it } from "vitest";
import { DEMO, namer, F22, restOfDemo, useServer } from "./harness.ts";

const HEAD = {
  name: "Slice",
  kind: "module-integration",
  vehicle: "camper",
  incoming: "controller",
  nominalVolts: 12,
  method: "move",
};
const CONNECTOR = {
  name: "B1",
  side: "vehicle",
  place: "sill",
  colourSystem: "iec",
  leads: "loom",
  sealed: false,
};
const pin = (cavity: string) => ({
  id: `p${cavity}`,
  cavity,
  order: Number(cavity),
  content: "occupied",
  function: "Horn",
  colour: "BK",
  size: 0.5,
  signal: "unknown",
  note: "",
});

describe("jobs", () => {
  const { send, at } = useServer();
  const create = async () => (await send("POST", "/jobs", HEAD)).body;

  it("are created, listed, changed and archived", async () => {
    const made = await send("POST", "/jobs", HEAD);
    expect(made.status).toBe(201);
    expect(made.headers.get("etag")).toBe('"1"');
    expect(made.headers.get("location")).toBe(`/api/v1/jobs/${made.body.id}`);
    const changed = await send(
      "PATCH",
      `/jobs/${made.body.id}`,
      { head: { ...HEAD, name: "Renamed" } },
      at(1),
    );
    expect(changed.body.dossier?.head.name).toBe("Renamed");
    const archived = await send("PATCH", `/jobs/${made.body.id}`, { archived: true }, at(2));
    expect(archived.body.archived).toBe(true);
    const list = (await send("GET", "/jobs")).body["jobs"] as {
      id: string;
      name: string;
      archived: boolean;
    }[];
    expect(list.find((job) => job.id === made.body.id)).toMatchObject({ name: "Renamed", archived: true });
  });

  it("keep connectors and pins, and undo and redo them across reloads", async () => {
    const { id } = await create();
    let revision = 1;
    const put = await send("PUT", `/jobs/${id}/connectors/c1`, CONNECTOR, at(revision++));
    expect(put.status).toBe(200);
    const pins = await send(
      "PATCH",
      `/jobs/${id}/connectors/c1/pins`,
      { put: [pin("1"), pin("2")] },
      at(revision++),
    );
    expect(pins.body.dossier?.connectors[0]?.pins).toHaveLength(2);
    expect(pins.body.undo).toBe("B1: 2 pins changed");
    await send(
      "PATCH",
      `/jobs/${id}/connectors/c1/pins`,
      { put: [{ ...pin("1"), colour: "RD" }], remove: ["p2"] },
      at(revision++),
    );
    const undone = await send("POST", `/jobs/${id}/undo`, undefined, at(revision++));
    expect(undone.body.dossier?.connectors[0]?.pins.map((one) => one.colour)).toEqual(["BK", "BK"]);
    expect(undone.body.redo).toContain("B1");
    const redone = await send("POST", `/jobs/${id}/redo`, undefined, at(revision++));
    expect(redone.body.dossier?.connectors[0]?.pins.map((one) => one.colour)).toEqual(["RD"]);
    for (let i = 0; i < 3; i++)
      expect((await send("POST", `/jobs/${id}/undo`, undefined, at(revision++))).status).toBe(200);
    const empty = await send("GET", `/jobs/${id}`);
    expect(empty.body.dossier?.connectors).toEqual([]);
    expect(empty.body.undo).toBeNull();
    expect((await send("POST", `/jobs/${id}/undo`, undefined, at(revision))).body["code"]).toBe(
      "nothing-to-undo",
    );
    for (let i = 0; i < 3; i++) await send("POST", `/jobs/${id}/redo`, undefined, at(revision++));
    expect(
      (await send("GET", `/jobs/${id}`)).body.dossier?.connectors[0]?.pins.map((one) => one.colour),
    ).toEqual(["RD"]);
  });

  it("refuse a stale write with what changed, and never overwrite it", async () => {
    const { id } = await create();
    await send("PUT", `/jobs/${id}/connectors/c1`, CONNECTOR, at(1));
    const stale = await send("PUT", `/jobs/${id}/connectors/c1`, { ...CONNECTOR, name: "B2" }, at(1));
    expect(stale.status).toBe(412);
    expect(stale.headers.get("content-type")).toContain("application/problem+json");
    expect(stale.body).toMatchObject({
      code: "stale-revision",
      revision: 2,
      changes: ["connector B1 changed"],
    });
    expect((await send("GET", `/jobs/${id}`)).body.dossier?.connectors).toHaveLength(1);
    expect((await send("PUT", `/jobs/${id}/connectors/c2`, CONNECTOR)).status).toBe(428);
    expect((await send("PATCH", `/jobs/${id}`, { archived: true }, at(1))).status).toBe(412);
    expect(
      (await send("PUT", `/jobs/${id}/connectors/c2`, { ...CONNECTOR, name: "__proto__" }, at(2))).status,
    ).toBe(422);
  });

  it("let two who edit different records go on, each seeing what the other one did", async () => {
    const { id } = await create();
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        send("PUT", `/jobs/${id}/connectors/c${i}`, { ...CONNECTOR, name: `B${i}` }, at(1)),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual(Array.from({ length: 8 }, () => 200));
    const pinAt = (connector: string, pin: string, colour = "RD") =>
      send(
        "PATCH",
        `/jobs/${id}/connectors/${connector}/pins`,
        {
          put: [
            {
              id: pin,
              cavity: pin,
              order: 1,
              content: "occupied",
              function: "Horn",
              colour,
              size: null,
              signal: "unknown",
              note: "",
            },
          ],
        },
        at(9),
      );
    const pins = await Promise.all([pinAt("c0", "p1"), pinAt("c1", "p2"), pinAt("c0", "p3")]);
    expect(pins.map(({ status }) => status)).toEqual([200, 200, 200]);
    // What is gone meanwhile is no longer there to be edited, and the same record is never overwritten.
    expect((await send("DELETE", `/jobs/${id}/connectors/c0`, undefined, at(9))).status).toBe(412);
    expect((await pinAt("c1", "p2", "BU")).status).toBe(412);
    expect((await pinAt("c1", "p2")).body.revision).toBe(12);
    expect((await send("DELETE", `/jobs/${id}/connectors/c0`, undefined, at(12))).status).toBe(200);
    expect((await pinAt("c0", "p1")).status).toBe(412);
    const { dossier } = (await send("GET", `/jobs/${id}`)).body;
    expect(dossier?.connectors.flatMap((one) => one.pins.map((pin) => pin.id))).toEqual(["p2"]);
  });

  it("let only one of many writers of the same record through", async () => {
    const { id } = await create();
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        send("PUT", `/jobs/${id}/connectors/c1`, { ...CONNECTOR, name: `B${i}` }, at(1)),
      ),
    );
    expect(answers.filter((answer) => answer.status === 200)).toHaveLength(1);
    expect(answers.filter((answer) => answer.status === 412)).toHaveLength(7);
  });

  it("refuse bad bodies with where and why, and stay as they were", async () => {
    const { id } = await create();
    await send("PUT", `/jobs/${id}/connectors/c1`, CONNECTOR, at(1));
    const bad = await send(
      "PATCH",
      `/jobs/${id}/connectors/c1/pins`,
      { put: [{ ...pin("1"), size: -3 }] },
      at(2),
    );
    expect(bad.status).toBe(422);
    expect(bad.body["issues"]).toEqual([expect.objectContaining({ path: "put[0].size" })]);
    expect(
      (
        await send(
          "PATCH",
          `/jobs/${id}/connectors/c1/pins`,
          { put: [pin("1"), { ...pin("1"), id: "twice" }] },
          at(2),
        )
      ).body,
    ).toMatchObject({ code: "cavity-taken", detail: "B1 already has a cavity 1." });
    expect((await send("PATCH", `/jobs/${id}/connectors/c1/pins`, '{"put": [', at(2))).body).toMatchObject({
      status: 400,
      code: "not-json",
    });
    expect(
      (
        await send(
          "PATCH",
          `/jobs/${id}/connectors/c1/pins`,
          JSON.stringify({ put: [], pad: "x".repeat(4_100_000) }),
          at(2),
        )
      ).body,
    ).toMatchObject({ status: 413, code: "too-large" });
    expect((await send("POST", "/jobs", { ...HEAD, nominalVolts: 400 })).status).toBe(422);
    expect((await send("GET", "/jobs/not-a-job")).status).toBe(404);
    expect((await send("GET", "/jobs/11111111-1111-4111-8111-111111111111")).status).toBe(404);
    expect((await send("GET", "/nothing")).body["code"]).toBe("no-such-resource");
    expect((await send("GET", `/jobs/${id}`)).body).toMatchObject({ revision: 2 });
  });

  it("take 5,000 pins in one go and give them back in order", async () => {
    const { id } = await create();
    await send("PUT", `/jobs/${id}/connectors/c1`, CONNECTOR, at(1));
    const many = Array.from({ length: 5000 }, (_, i) => pin(String(i + 1)));
    const put = await send("PATCH", `/jobs/${id}/connectors/c1/pins`, { put: many }, at(2));
    expect(put.status).toBe(200);
    expect(put.body.dossier?.connectors[0]?.pins.map((one) => one.cavity).slice(0, 3)).toEqual([
      "1",
      "2",
      "3",
    ]);
    expect(put.body.dossier?.connectors[0]?.pins).toHaveLength(5000);
  });

  it("make decisions, one for each pin, and take them back", async () => {
    const { id, dossier } = (await send("POST", "/imports", DEMO)).body;
    const put = restOfDemo(dossier!);
    const made = await send("PATCH", `/jobs/${id}/decisions`, { put, points: [F22] }, at(1));
    expect(made.body.dossier?.decisions).toHaveLength(16);
    expect(made.body.dossier?.points).toContainEqual(F22);
    const again = await send(
      "PATCH",
      `/jobs/${id}/decisions`,
      { put: [{ kind: "leave", pin: namer(dossier!)("B12.4"), sure: "sure", reason: "", answers: [] }] },
      at(2),
    );
    expect(again.body).toMatchObject({ status: 422, code: "pin-already-decided" });
    const back = await send("POST", `/jobs/${id}/undo`, undefined, at(2));
    expect(back.body.dossier?.decisions).toHaveLength(8);
    expect(back.body.dossier?.points).toEqual(dossier!.points);
  });
});
