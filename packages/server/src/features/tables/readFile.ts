import { Worker } from "node:worker_threads";
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
import { surveyArchive } from "./archive.ts";

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

async function readWorkbook(bytes: Buffer): Promise<Result<TableFile, TableFileProblem>> {
  const survey = await surveyArchive(bytes);
  if ("code" in survey) return fail(survey);
  const read = await inThread(bytes);
  if ("code" in read) return fail(read);
  const notes: TableFileNote[] = [
    ...(survey.macros ? [{ code: "macros-ignored" } as const] : []),
    ...(read.hidden.length > 0 ? [{ code: "hidden-sheets", names: read.hidden } as const] : []),
  ];
  return ok({ kind: "sheets", sheets: read.sheets, notes });
}

interface FromThread {
  readonly sheets: readonly Sheet[];
  readonly hidden: readonly string[];
}

function inThread(bytes: Buffer): Promise<FromThread | TableFileProblem> {
  return new Promise((resolve) => {
    const worker = new Worker(new URL("src/features/tables/workbook.worker.mjs", SERVER_FOLDER), {
      workerData: bytes,
      execArgv: [],
      resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
    });
    const timer = setTimeout(() => finish({ code: "file-too-slow", seconds: SECONDS }), SECONDS * 1000);
    const finish = (answer: FromThread | TableFileProblem): void => {
      clearTimeout(timer);
      resolve(answer);
      void worker.terminate();
    };
    worker.once("message", (answer: FromThread) => finish(answer));
    worker.once("error", (error) => finish({ code: "file-damaged", detail: error.message }));
    worker.once("exit", () => finish({ code: "file-damaged", detail: "the reader stopped" }));
  });
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
