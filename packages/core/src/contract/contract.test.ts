import Ajv2020 from "ajv/dist/2020.js";
import fc from "fast-check";
import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { fileOf, type JobFile } from "../io/index.ts";
import { decisionId, rowsOnly, type Dossier } from "../model/index.ts";
import { SHELLS } from "../shelf/index.ts";
import { decidedDossier, demoDossier } from "../testing/index.ts";
import { jobFileJsonSchema, jobFileProblemWords, readJobFile } from "./index.ts";

const FIXTURES = new URL("../testing/fixtures/", import.meta.url);
const read = (value: unknown) => readJobFile(typeof value === "string" ? value : JSON.stringify(value));
const words = (value: unknown): string => {
  const result = read(value);
  return result.ok ? "ok" : jobFileProblemWords(result.error);
};
const byId = (dossier: Dossier): unknown => ({
  ...dossier,
  connectors: [...dossier.connectors].sort((a, b) => (a.name < b.name ? -1 : 1)),
  decisions: [...dossier.decisions].sort((a, b) => (decisionId(a) < decisionId(b) ? -1 : 1)),
});

describe("job file", () => {
  it("gives the same job back (parse after write)", () => {
    fc.assert(
      fc.property(decidedDossier(5), (dossier) => {
        const back = read(fileOf({ dossier, ledger: [] }));
        if (!back.ok) throw new Error(jobFileProblemWords(back.error));
        expect(byId(back.value.dossier)).toEqual(byId(dossier));
      }),
      { numRuns: 300, seed: 70 },
    );
  });

  it("keeps sources, doubts, variants and own words, and names a source that is not there", () => {
    const file = {
      format: "trevin-job",
      version: 2,
      sources: [
        {
          id: "d1",
          kind: "diagram",
          title: "Diagram 1",
          page: "2",
          appliesTo: "model year 3",
          sure: "check",
        },
      ],
      words: [{ text: "lvl", term: "height sensor", signal: "analog" }],
      connectors: [
        {
          name: "A",
          branch: "engine",
          module: "controller",
          pins: [
            {
              cavity: "1",
              function: "Horn",
              colour: "SW",
              colourSystem: "german",
              circuit: "1401",
              condition: "only with alarm",
              identified: true,
              sources: { colour: "d1", size: "measured" },
              doubts: { size: "worn" },
              claims: [{ fact: "colour", value: "BK", source: "recalled", when: "" }],
            },
          ],
        },
      ],
    };
    const back = read(file);
    if (!back.ok) throw new Error(jobFileProblemWords(back.error));
    const written = fileOf({ dossier: back.value.dossier, ledger: [] });
    expect(written).toMatchObject({ ...file, sources: [{ ...file.sources[0], colourSystem: null }] });
    expect(read(written)).toEqual(back);
    expect(words({ ...file, sources: [] })).toBe("connectors[0].pins[0]: The source d1 is not in the file.");
  });
  it("keeps shells, mates, keep-out, wires and points; reads the rows of older files as a shell", () => {
    const file = {
      format: "trevin-job",
      version: 2,
      points: [{ id: "s1", name: "S104", kind: "splice", place: "sill", thread: null }],
      wires: [
        {
          id: "w",
          ends: [
            { at: "pin", pin: "A.1" },
            { at: "point", point: "s1" },
            { at: "loose", end: "capped" },
          ],
          colour: "SW",
          colourSystem: "german",
          size: 0.5,
          circuit: "12",
          bundle: { kind: "twist", name: "T1" },
        },
      ],
      connectors: [
        {
          name: "A",
          matesWith: "B",
          keepOut: "restraint system",
          shell: SHELLS.find((one) => one.id === "junction-12")!.shell,
          pins: [{ cavity: "1", function: "Horn" }],
        },
        { name: "B", pins: [] },
      ],
    };
    const back = read(file);
    if (!back.ok) throw new Error(jobFileProblemWords(back.error));
    expect(fileOf({ dossier: back.value.dossier, ledger: [] })).toMatchObject(file);
    const labelled = (labels: readonly string[]) => ({
      ...file,
      connectors: [
        {
          ...file.connectors[1],
          shell: {
            view: "wire",
            pattern: { kind: "rows", rows: [{ places: 2 }], numbering: { scheme: "explicit", labels } },
          },
        },
      ],
    });
    expect(words(labelled(["1", "1"]))).toContain("Label 1 is used twice.");
    expect(words(labelled(["1"]))).toContain("1 labels are given for 2 cavities.");
    expect(
      words({ ...file, wires: [{ ...file.wires[0], ends: [{ at: "pin", pin: "A.9" }, { at: "loom" }] }] }),
    ).toContain("wires: ");
    const older = read({
      format: "trevin-job",
      version: 1,
      connectors: [
        {
          name: "A",
          layout: { rows: [{ places: 2, offset: 1 }], view: "wire" },
          pins: [{ cavity: "x", function: "" }],
        },
        { name: "B", layout: null, pins: [] },
      ],
    });
    expect(older.ok && older.value.dossier.connectors.map(({ shell }) => shell)).toEqual([
      rowsOnly([{ places: 2, offset: 1 }], "wire"),
      null,
    ]);
  });
  it.each(readdirSync(FIXTURES).filter((file) => file.endsWith(".v1.json")))(
    "opens the version 1 file %s, now and in every later version",
    (file) => {
      expect(words(readFileSync(new URL(file, FIXTURES), "utf8"))).toBe("ok");
    },
  );

  it("fills in what a small file leaves out", () => {
    const file = readFileSync(new URL("hand-written.v1.json", FIXTURES), "utf8");
    const back = readJobFile(file);
    if (!back.ok) throw new Error("unread");
    expect(back.value.dossier.connectors.map(({ side, leads }) => [side, leads])).toEqual([
      ["vehicle", "loom"],
      ["incoming", "flying"],
    ]);
    expect(back.value.dossier.connectors[0]!.pins[0]).toMatchObject({
      id: "P3.1",
      content: "occupied",
      signal: null,
      size: null,
    });
  });

  it("says where and why a bad file is bad", () => {
    const good = fileOf({ dossier: demoDossier(), ledger: [] });
    const text = JSON.stringify(good, null, 1);
    expect(words(text.slice(0, 900))).toMatch(/line \d+/);
    expect(words({ ...good, version: 3 })).toContain("version 3");
    expect(words({ hello: 1 })).toContain("not a Trevin job file");
    expect(words({ ...good, connectors: [{ name: "A", pins: [{ cavity: 7, function: "x" }] }] })).toContain(
      "connectors[0].pins[0].cavity",
    );
    expect(
      words({
        ...good,
        decisions: [
          {
            kind: "join",
            vehicle: { connector: "B12", cavity: "4" },
            incoming: { connector: "B12", cavity: "4" },
          },
        ],
      }),
    ).toBe("decisions[0]: B12.4 is joined to itself.");
    expect(words({ ...good, decisions: [{ kind: "cap", pin: { connector: "B12", cavity: "99" } }] })).toBe(
      "decisions[0]: There is no pin B12.99.",
    );
    expect(
      words({
        ...good,
        connectors: [
          {
            name: "A",
            pins: [
              { cavity: "1", function: "x" },
              { cavity: "1", function: "y" },
            ],
          },
        ],
        decisions: [],
      }),
    ).toContain("connectors[0].pins[1].cavity: A has cavity 1 twice");
    expect(words({ ...good, job: { name: "\ud83d" } })).toContain("job.name: this is not text");
    const bare = { wires: [], points: [], brief: [] };
    const cap = (cavity: string) => ({ kind: "cap", pin: { connector: "A", cavity } });
    const pins = Array.from({ length: 40 }, (_, i) => ({
      cavity: String(i),
      function: "x",
      content: i === 23 || i === 31 ? "empty" : "occupied",
    }));
    // Of two that cannot stand the first is named; one that is said twice counts once.
    expect(
      words({
        ...good,
        ...bare,
        connectors: [{ name: "A", pins }],
        decisions: ["0", "0", ...pins.map(({ cavity }) => cavity)].map(cap),
      }),
    ).toMatch(/^decisions\[25\]: A\.23/);
    expect(
      words({
        ...good,
        ...bare,
        connectors: [1, 2, 3].map((n) => ({
          name: `A${n}`,
          pins: Array.from({ length: 3334 }, (_, i) => ({ cavity: String(i), function: "" })),
        })),
        decisions: [],
      }),
    ).toContain("connectors: A job takes up to 10,000 pins; this would be 10,002.");
    expect(words({ ...good, ledger: [{ bytes: "{}", hash: "0".repeat(64) }] })).toContain(
      "Entry 0 of the ledger was changed",
    );
  });

  it("fits its published JSON Schema in an independent validator (Ajv), and bad files do not", () => {
    const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(
      jobFileJsonSchema() as object,
    );
    fc.assert(
      fc.property(decidedDossier(4), (dossier) => {
        expect(validate(JSON.parse(JSON.stringify(fileOf({ dossier, ledger: [] }))))).toBe(true);
      }),
      { numRuns: 100, seed: 71 },
    );
    const bad: unknown = {
      ...(fileOf({ dossier: demoDossier(), ledger: [] }) as JobFile),
      connectors: [{ pins: [] }],
    };
    expect(validate(bad)).toBe(false);
  });

  it("has its JSON Schema in docs, up to date (npm run generate)", () => {
    expect(
      JSON.parse(readFileSync(new URL("../../../../docs/job-file.schema.json", import.meta.url), "utf8")),
    ).toEqual(JSON.parse(JSON.stringify(jobFileJsonSchema())));
  });
});
