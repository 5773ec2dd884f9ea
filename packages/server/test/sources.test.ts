import { describe, expect, it } from "vitest";
import { useServer } from "./harness.ts";

describe("sources and own words", () => {
  const { send, at } = useServer();
  it("are stored, undone, kept from being removed while a value leans on them, and shared by the shop", async () => {
    const job = await send("POST", "/jobs", {
      name: "Sources",
      kind: "cluster-swap",
      vehicle: "",
      incoming: "",
      nominalVolts: 12,
      method: "move",
    });
    const path = `/jobs/${job.body.id}`;
    await send(
      "PUT",
      `${path}/connectors/c`,
      { name: "C", side: "vehicle", place: "", colourSystem: "iec", leads: "loom", sealed: false },
      at(1),
    );
    const source = {
      kind: "diagram",
      title: "Diagram 41",
      page: "3",
      appliesTo: "from model year 3",
      colourSystem: "german",
      sure: "check",
    };
    expect((await send("PUT", `${path}/sources/d41`, source, at(2))).body.dossier?.sources).toEqual([
      { id: "d41", ...source },
    ]);
    const pin = {
      id: "p1",
      cavity: "1",
      order: 0,
      content: "occupied",
      function: "Horn",
      colour: "BK",
      size: 0.5,
      signal: "unknown",
      note: "",
      sources: { colour: "d41" },
      claims: [{ fact: "colour", value: "BN", source: "d41", when: "" }],
    };
    const stored = (await send("PATCH", `${path}/connectors/c/pins`, { put: [pin] }, at(3))).body.dossier
      ?.connectors[0]?.pins[0];
    expect(stored).toEqual({
      ...pin,
      circuit: "",
      direction: null,
      level: null,
      amps: null,
      peak: null,
      standby: null,
      condition: "",
      colourSystem: null,
      identified: false,
      doubts: {},
    });
    expect(await send("DELETE", `${path}/sources/d41`, undefined, at(4))).toMatchObject({
      status: 422,
      body: {
        code: "source-in-use",
        detail: "C.1 uses “Diagram 41”. Change its source first.",
      },
    });
    expect(
      (await send("PUT", `${path}/words`, { words: [{ text: "snubber", term: null, signal: "lin" }] }, at(4)))
        .status,
    ).toBe(200);
    // What the shop has taught lies on the Shelf, whatever the capitals.
    const taught = { term: null, signal: "lin", like: true, slots: { side: "left", pole: null } };
    await send("PUT", "/shelf/words/Snubber%20F%2F3", taught);
    expect((await send("PUT", "/shelf/words/SNUBBER%20f%2F3", taught)).body).toMatchObject({
      words: [{ text: "SNUBBER f/3", ...taught }],
    });
    expect((await send("DELETE", "/shelf/words/snubber%20f%2F3")).body).toMatchObject({ words: [] });
    expect((await send("DELETE", "/shelf/words/snubber%20f%2F3")).status).toBe(404);
    expect((await send("PUT", `/shelf/words/${"x".repeat(201)}`, taught)).status).toBe(422);
    expect((await send("POST", `${path}/undo`, undefined, at(5))).body.dossier?.words).toEqual([]);
    expect((await send("POST", `${path}/undo`, undefined, at(6))).body.dossier?.connectors[0]?.pins).toEqual(
      [],
    );
    expect((await send("DELETE", `${path}/sources/d41`, undefined, at(7))).body.dossier?.sources).toEqual([]);
    expect((await send("POST", `${path}/undo`, undefined, at(8))).body.dossier?.sources).toEqual([
      { id: "d41", ...source },
    ]);
  });
});
