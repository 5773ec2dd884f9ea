// @ts-expect-error the package brings no types; the tests declare what they use
import { diff } from "color-diff";
import { lab65 } from "culori";
import Papa from "papaparse";
import {
  blankConnector,
  blankPin,
  connectorId,
  emptyDossier,
  formatColour,
  lookAlikes,
  NOMINAL_SRGB,
  parseTable,
  pinColour,
  pinId,
  plain,
  rankSystems,
  readColour,
  readMeaning,
  twinMarks,
  type ColourName,
  type Connector,
  type Dossier,
} from "../packages/core/src/index.ts";
import tables from "../packages/core/src/testing/reading/tables.json" with { type: "json" };
import type { RawJob } from "../packages/core/src/testing/readingTables.ts";
import { median, round, say } from "./tools.ts";

const BASES: readonly ColourName[] = [
  "black",
  "white",
  "red",
  "green",
  "blue",
  "yellow",
  "brown",
  "grey",
  "violet",
  "orange",
  "pink",
];
const FUNCTIONS = [
  "ground",
  "ignition supply",
  "coolant temperature",
  "can high",
  "fuel level sender",
  "turn lamp left",
  "horn relay",
  "lvl rr",
  "wiper park",
  "stop lamp",
];

/** A connector of n wires in every usual colour, as a large diagram would list them. */
function largeConnector(n: number, name = "L"): Connector {
  const pins = Array.from({ length: n }, (_, i) => {
    const base = BASES[i % BASES.length] ?? "black";
    const stripe = BASES[(i * 7 + 3) % BASES.length] ?? "white";
    return {
      ...blankPin(pinId(`${name}.${i + 1}`), String(i + 1), i),
      content: "occupied" as const,
      colour: formatColour(stripe === base ? plain(base) : plain(base, stripe), "iec"),
      function: `${FUNCTIONS[i % FUNCTIONS.length]} ${i}`,
      size: 0.5,
    };
  });
  return { ...blankConnector(connectorId(name), name, "vehicle"), pins };
}
export const largeJob = (n: number): Dossier => ({
  ...emptyDossier({
    name: `${n} rows`,
    kind: "whole-loom-rewire",
    vehicle: "",
    incoming: "",
    nominalVolts: 12,
    method: "move",
  }),
  connectors: [largeConnector(n)],
});
export const tableText = (n: number, first = 1): string =>
  [
    "cavity\tcolour\tsize\tfunction",
    ...largeConnector(n).pins.map((pin, i) => `${first + i}\t${pin.colour}\t0.5\t${pin.function}`),
  ].join("\n");

/** Colours, tables and look-alikes, each beside a package doing the nearest comparable work. */
/** Labels as tables have them, made different by a wire number. */
const labelsOf = (count: number): readonly string[] => {
  const said = [...(tables as unknown as RawJob[])].flatMap(({ vehicle, incoming }) =>
    [...vehicle, ...incoming].flatMap(({ pins }) => pins.flatMap((pin) => pin.function ?? [])),
  );
  return Array.from({ length: count }, (_, i) => `${said[i % said.length] ?? ""} ${100 + i}`);
};

export function reading(): void {
  const codes = largeConnector(2000).pins.map((pin) => pin.colour);
  const all = median(5, () => codes.forEach((code) => readColour(code, "iec")));
  const hex = Object.values(NOMINAL_SRGB);
  const reference = median(5, () => codes.forEach((_, i) => lab65(hex[i % hex.length] ?? "#000")));
  say(
    `colour codes: ${round(codes.length / all)} a ms read in all four systems (culori reads ${round(codes.length / reference)} hex colours a ms, ratio ${round(all / reference)}); ranking a column of ${codes.length}: ${round(median(3, () => rankSystems(codes)))} ms`,
  );
  const labels = labelsOf(5000);
  let turn = 0;
  // A reading is kept by its text, so each run reads texts of its own.
  const read = median(3, () => {
    turn++;
    for (const label of labels) readMeaning(`${label} w${turn}`);
  });
  const split = median(3, () => labels.forEach((label) => Papa.parse(label, { delimiter: " " })));
  say(
    `labels: 5,000 different ones read in ${round(read)} ms, ${round((5000 / read) * 1000)} a second (papaparse splits them at blanks in ${round(split)} ms, ratio ${round(read / split)})`,
  );
  const text = tableText(1000);
  const ours = median(5, () => parseTable(text, null));
  const papa = median(5, () => Papa.parse(text, { delimiter: "\t" }));
  say(
    `table of 1,000 lines: columns, colours, functions and doubts in ${round(ours)} ms (papaparse splits it into cells in ${round(papa)} ms, ratio ${round(ours / papa)})`,
  );
  const job = largeJob(300);
  const scan = median(5, () => lookAlikes(job));
  const labs = job.connectors.flatMap((connector) =>
    connector.pins.map((pin) => {
      const { l, a, b } = lab65(NOMINAL_SRGB[pinColour(pin, connector)?.base ?? "black"])!;
      return { L: l, a, b };
    }),
  );
  const pairs = median(3, () => labs.forEach((a, i) => labs.slice(i + 1).forEach((b) => diff(a, b))));
  say(
    `look-alikes of 300 wires: ${lookAlikes(job).length} pairs in ${round(scan)} ms under five sights (color-diff on the bases of all pairs, one sight: ${round(pairs)} ms, ratio ${round(scan / pairs)}); marks of a table of 5,000: ${round(median(3, () => twinMarks(largeConnector(5000))))} ms`,
  );
}
