import { Piscina } from "piscina";
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

/** Largest file taken, in bytes. */
export const TABLE_FILE_LIMIT = 10_000_000;
const SECONDS = 20;
const MEMORY_MB = 512;

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
const reader = new Piscina({
  filename: new URL("src/features/tables/workbook.worker.mjs", SERVER_FOLDER).href,
  minThreads: 0,
  maxThreads: 1,
  maxQueue: 8,
  idleTimeout: 10_000,
  resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
  execArgv: [],
});

async function readWorkbook(bytes: Buffer): Promise<Result<TableFile, TableFileProblem>> {
  const read = await inThread(bytes);
  if ("code" in read) return fail(read);
  const notes: TableFileNote[] = [
    ...(read.macros ? [{ code: "macros-ignored" } as const] : []),
    ...(read.hidden.length > 0 ? [{ code: "hidden-sheets", names: read.hidden } as const] : []),
  ];
  return ok({ kind: "sheets", sheets: read.sheets, notes });
}

async function inThread(bytes: Buffer): Promise<Workbook | TableFileProblem> {
  try {
    return (await reader.run(bytes, { signal: AbortSignal.timeout(SECONDS * 1000) })) as
      Workbook | TableFileProblem;
  } catch (error) {
    const { name, code, message } = error as Error & { readonly code?: string };
    if (message === "Task queue is at limit") return { code: "reader-busy" };
    if (name === "AbortError") return { code: "file-too-slow", seconds: SECONDS };
    if (code === "ERR_WORKER_OUT_OF_MEMORY") return { code: "file-swells", limit: MEMORY_MB * 1e6 };
    return { code: "file-damaged", detail: message };
  }
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
