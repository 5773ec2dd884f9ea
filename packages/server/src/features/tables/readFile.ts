import {
  fail,
  ok,
  type Result,
  type Sheet,
  type TableFile,
  type TableFileNote,
  type TableFileProblem,
} from "@trevin/core";
import { SERVER_FOLDER } from "../../folder.ts";
import { newThreads, ThreadTrouble } from "../../threads.ts";

/** Largest file taken, in bytes. */
export const TABLE_FILE_LIMIT = 10_000_000;

const startsWith = (bytes: Buffer, ...head: readonly number[]): boolean =>
  head.every((byte, i) => bytes[i] === byte);

/**
 * What is in a table file: text of any usual encoding, or the visible sheets of an XLSX workbook. Told by its first bytes,
 * not by its name. Macros are never run; formulas give the value that was stored with them.
 */
export async function readTableFile(bytes: Buffer): Promise<Result<TableFile, TableFileProblem>> {
  if (bytes.length === 0) return fail({ code: "file-empty" });
  if (bytes.length > TABLE_FILE_LIMIT)
    return fail({ code: "file-too-large", bytes: bytes.length, limit: TABLE_FILE_LIMIT });
  // Compound files: spreadsheets from before 2007, and newer ones locked with a password.
  if (startsWith(bytes, 0xd0, 0xcf, 0x11, 0xe0))
    return fail(
      bytes.includes(Buffer.from("EncryptedPackage", "utf16le"))
        ? { code: "file-locked" }
        : { code: "file-old-spreadsheet" },
    );
  return startsWith(bytes, 0x50, 0x4b) ? readWorkbook(bytes) : ok(decode(bytes));
}

interface Workbook {
  readonly macros: boolean;
  readonly sheets: readonly Sheet[];
  readonly hidden: readonly string[];
}

/** One workbook at a time, so that several monstrous ones do not add up; a few more may wait. */
const LIMITS = { threads: 1, waiting: 8, seconds: 60, memoryMb: 512 };
const reader = newThreads<Buffer, Workbook | TableFileProblem>(
  new URL("src/features/tables/workbook.worker.mjs", SERVER_FOLDER),
  LIMITS,
);

async function readWorkbook(bytes: Buffer): Promise<Result<TableFile, TableFileProblem>> {
  const read = await reader.run(bytes).catch(whyNot);
  if ("code" in read) return fail(read);
  const notes: TableFileNote[] = [
    ...(read.macros ? [{ code: "macros-ignored" } as const] : []),
    ...(read.hidden.length > 0 ? [{ code: "hidden-sheets", names: read.hidden } as const] : []),
  ];
  return ok({ kind: "sheets", sheets: read.sheets, notes });
}

function whyNot(error: unknown): TableFileProblem {
  if (!(error instanceof ThreadTrouble))
    return { code: "file-damaged", detail: error instanceof Error ? error.message : String(error) };
  if (error.kind === "busy") return { code: "reader-busy" };
  return error.kind === "too-slow"
    ? { code: "file-too-slow", seconds: LIMITS.seconds }
    : { code: "file-swells", limit: LIMITS.memoryMb * 1e6 };
}

/** Text by its byte-order mark, else UTF-8, else the Western European code page that old tools write. */
function decode(bytes: Buffer): TableFile {
  const littleEndian = startsWith(bytes, 0xff, 0xfe);
  const bigEndian = startsWith(bytes, 0xfe, 0xff);
  const encoding = (littleEndian && "utf-16le") || (bigEndian && "utf-16be") || "utf-8";
  try {
    return { kind: "text", text: new TextDecoder(encoding, { fatal: true }).decode(bytes), notes: [] };
  } catch {
    return {
      kind: "text",
      text: new TextDecoder("windows-1252").decode(bytes),
      notes: [{ code: "encoding-guessed", encoding: "Windows-1252" }],
    };
  }
}
