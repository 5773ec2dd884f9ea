import { csvFormatRows } from "d3-dsv";
import type { AsBuiltRow, Entry } from "../../ledger/index.ts";

/**
 * A cell that a spreadsheet would run as a formula gets an apostrophe before it (common practice against CSV injection).
 */
export const inertCell = (text: string): string => (/^[=+@\t\r]|^-(?!$|\d)/.test(text) ? `'${text}` : text);

/** RFC 4180 text with CRLF line ends; first row is the header. */
export const toCsv = (rows: readonly (readonly string[])[]): string =>
  `${csvFormatRows(rows.map((row) => row.map(inertCell))).replaceAll("\n", "\r\n")}\r\n`;

export function asBuiltCsv(rows: readonly AsBuiltRow[]): string {
  return toCsv([
    [
      "connector",
      "cavity",
      "state",
      "function",
      "colour",
      "size mm2",
      "signal",
      "wire was at",
      "joined to",
      "loose ends",
      "note",
    ],
    ...rows.map((row) => [
      row.connector,
      row.cavity,
      row.state,
      row.wire?.function ?? "",
      row.wire?.pin.colour ?? "",
      row.wire?.pin.size?.toString() ?? "",
      row.wire?.signal ?? "",
      row.wire?.was ?? "",
      row.joinedTo.join("; "),
      row.loose.join("; "),
      row.wire?.pin.note ?? "",
    ]),
  ]);
}

export function ledgerCsv(entries: readonly Entry[], words: (entry: Entry) => string): string {
  return toCsv([
    ["seq", "time", "person", "device", "kind", "what"],
    ...entries.map((entry) => [
      String(entry.seq),
      entry.at,
      entry.person,
      entry.device,
      entry.what.kind,
      words(entry),
    ]),
  ]);
}
