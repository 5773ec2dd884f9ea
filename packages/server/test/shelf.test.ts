import { describe, expect, it } from "vitest";
import { SHELLS, TERMINAL_SYSTEMS } from "@trevin/core";
import { useServer } from "./harness.ts";

const job = (name: string) => ({
  name,
  kind: "cluster-swap",
  vehicle: "",
  incoming: "",
  nominalVolts: 12,
  method: "move",
});

describe("the shop's Shelf", () => {
  const { send } = useServer();
  it("takes shells and terminal systems, gives them back, and lets go of them", async () => {
    const shell = SHELLS.find((one) => one.id === "header-68")!.shell;
    const system = { ...TERMINAL_SYSTEMS[0]!, name: "Ours" };
    expect(
      (await send("PUT", "/shelf/shells/ours", { shell, note: "from the blue van" })).body,
    ).toMatchObject({ shells: [{ id: "ours", shell, note: "from the blue van" }] });
    const { id: _id, ...body } = system;
    expect((await send("PUT", "/shelf/terminals/ours-t", body)).body).toMatchObject({
      terminals: [{ ...system, id: "ours-t" }],
    });
    expect(
      (await send("PUT", "/shelf/shells/ours", { shell: { ...shell, name: "Renamed" } })).body,
    ).toMatchObject({ shells: [{ shell: { name: "Renamed" } }] });
    expect((await send("GET", "/shelf")).body).toMatchObject({
      shells: [{ id: "ours" }],
      terminals: [{ id: "ours-t" }],
    });
    expect((await send("DELETE", "/shelf/shells/ours")).body).toMatchObject({ shells: [] });
    expect((await send("DELETE", "/shelf/shells/ours")).status).toBe(404);
    expect((await send("DELETE", "/shelf/terminals/ours-t")).body).toMatchObject({ terminals: [] });
  });
  it("keeps what ships as it is, and says what is wrong with what comes in", async () => {
    const shell = SHELLS[0]!.shell;
    expect((await send("PUT", "/shelf/shells/header-68", { shell })).status).toBe(409);
    expect((await send("DELETE", `/shelf/terminals/${TERMINAL_SYSTEMS[0]!.id}`)).status).toBe(409);
    expect(
      (await send("PUT", "/shelf/shells/x", { shell: { ...shell, pattern: { kind: "rows", rows: [] } } }))
        .body,
    ).toMatchObject({ code: "invalid", issues: [{ path: "shell.pattern.rows" }] });
    expect(
      (await send("PUT", "/shelf/terminals/x", { ...TERMINAL_SYSTEMS[0], strip: [5, 4] })).body,
    ).toMatchObject({ issues: [{ path: "strip", message: "the range ends before it begins" }] });
  });
});

describe("a word of the shop", () => {
  const { send, at } = useServer();
  it("comes into the job whose label it speaks of, and leaves with that label's undo", async () => {
    await send("PUT", "/shelf/words/snubber", { term: null, signal: "pwm" });
    await send("PUT", "/shelf/words/gizmo", { term: null, signal: "lin" });
    const { id } = (await send("POST", "/jobs", job("Taught"))).body;
    const pin = { id: "c.1", cavity: "1", order: 0, content: "occupied", function: "Snubber", colour: "" };
    const put = await send(
      "PUT",
      `/jobs/${id}/connectors/c`,
      {
        ...{ name: "C", side: "vehicle", place: "", colourSystem: "iec", leads: "loom", sealed: false },
      },
      at(1),
    );
    const typed = await send(
      "PATCH",
      `/jobs/${id}/connectors/c/pins`,
      { put: [{ ...pin, size: null, signal: null, note: "" }], remove: [] },
      at(2),
    );
    expect(put.body.dossier?.words).toEqual([]);
    expect(typed.body.dossier?.words).toEqual([{ text: "snubber", term: null, signal: "pwm" }]);
    const undone = await send("POST", `/jobs/${id}/undo`, undefined, at(3));
    expect(undone.body.dossier?.words).toEqual([]);
    await send("DELETE", "/shelf/words/snubber");
    await send("DELETE", "/shelf/words/gizmo");
  });
});

describe("wiring", () => {
  const { send, at } = useServer();
  it("is stored with its points, undone and redone, and leaves with the pin that it ends at", async () => {
    const { id } = (await send("POST", "/jobs", job("Wired"))).body;
    // A connector as older clients send it: rows only.
    const put = await send(
      "PUT",
      `/jobs/${id}/connectors/c`,
      {
        name: "C",
        side: "vehicle",
        place: "",
        colourSystem: "iec",
        leads: "loom",
        sealed: false,
        layout: { rows: [{ places: 2, offset: 0 }], view: "wire" },
      },
      at(1),
    );
    expect(put.body.dossier?.connectors[0]?.shell).toMatchObject({
      view: "wire",
      mark: "lock",
      pattern: {
        kind: "rows",
        rows: [{ places: 2, offset: 0, size: null }],
        numbering: { scheme: "listed" },
      },
    });
    const pins = [
      {
        id: "p1",
        cavity: "1",
        order: 0,
        content: "occupied",
        function: "Ground",
        colour: "BK",
        size: 0.5,
        signal: "ground",
        note: "",
      },
    ];
    await send("PATCH", `/jobs/${id}/connectors/c/pins`, { put: pins }, at(2));
    const wired = await send(
      "PATCH",
      `/jobs/${id}/wiring`,
      {
        putPoints: [{ id: "s1", name: "S104", kind: "splice" }],
        put: [
          {
            id: "w1",
            ends: [
              { at: "pin", pin: "p1" },
              { at: "point", point: "s1" },
            ],
          },
        ],
      },
      at(3),
    );
    expect(wired.body).toMatchObject({
      undo: "wires: 1 wire put, S104 changed",
      dossier: { wires: [{ id: "w1", colour: "" }], points: [{ name: "S104", place: "" }] },
    });
    expect((await send("PATCH", `/jobs/${id}/wiring`, { removePoints: ["s1"] }, at(4))).body).toMatchObject({
      status: 422,
      code: "point-in-use",
      detail: expect.stringContaining("Something still hangs on S104") as unknown,
    });
    const gone = await send("PATCH", `/jobs/${id}/connectors/c/pins`, { remove: ["p1"] }, at(4));
    expect(gone.body.dossier?.wires).toEqual([]);
    const back = await send("POST", `/jobs/${id}/undo`, undefined, at(5));
    expect(back.body.dossier).toMatchObject({
      wires: [{ id: "w1" }],
      connectors: [{ pins: [{ id: "p1" }] }],
    });
    expect((await send("POST", `/jobs/${id}/undo`, undefined, at(6))).body.dossier).toMatchObject({
      wires: [],
      points: [],
    });
    expect((await send("POST", `/jobs/${id}/redo`, undefined, at(7))).body.dossier).toMatchObject({
      wires: [{ id: "w1" }],
      points: [{ id: "s1" }],
    });
    const file = (await send("GET", `/jobs/${id}/file`)).body;
    expect((await send("POST", "/imports", file)).body.dossier).toMatchObject({
      wires: [{ id: "w1" }],
      points: [{ id: "s1" }],
    });
  });
});
