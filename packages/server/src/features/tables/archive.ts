import yauzl from "yauzl";
import type { TableFileProblem } from "@trevin/core";

/** Limits on a spreadsheet file: what is inside it may not swell beyond these, whatever its directory claims. */
const ARCHIVE_LIMITS = { entries: 2000, bytes: 64_000_000, cells: 200_000 } as const;

export interface ArchiveSurvey {
  readonly macros: boolean;
}

/** What stopped a stream by its error's message. */
const PROBLEMS: Partial<Record<string, TableFileProblem>> = {
  swells: { code: "file-swells", limit: ARCHIVE_LIMITS.bytes },
  cells: { code: "file-too-many-cells", limit: ARCHIVE_LIMITS.cells },
};

const CELL = Buffer.from("<c ");

/**
 * Walks through a zip file and counts what comes out, without keeping it: a bomb is stopped at the limit, whatever sizes it
 * declares. Gives why it cannot be a workbook, or what is in it that will be passed over.
 */
export function surveyArchive(bytes: Buffer): Promise<ArchiveSurvey | TableFileProblem> {
  return new Promise((resolve) => {
    yauzl.fromBuffer(bytes, { lazyEntries: true, validateEntrySizes: true }, (error, zip) => {
      if (error !== null || zip === undefined)
        return resolve({ code: "file-damaged", detail: error?.message ?? "" });
      let size = 0;
      let cells = 0;
      let entries = 0;
      let workbook = false;
      let macros = false;
      const stop = (problem: TableFileProblem): void => {
        zip.close();
        resolve(problem);
      };
      zip.on("error", (problem: Error) => stop({ code: "file-damaged", detail: problem.message }));
      zip.on("end", () => resolve(workbook ? { macros } : { code: "file-not-a-spreadsheet" }));
      zip.on("entry", (entry: yauzl.Entry) => {
        if (++entries > ARCHIVE_LIMITS.entries)
          return stop({ code: "file-swells", limit: ARCHIVE_LIMITS.bytes });
        if (entry.isEncrypted()) return stop({ code: "file-locked" });
        workbook ||= entry.fileName === "xl/workbook.xml";
        macros ||= /vbaProject\.bin$/i.test(entry.fileName);
        const sheet = /^xl\/worksheets\/[^/]+\.xml$/.test(entry.fileName);
        zip.openReadStream(entry, (failed, stream) => {
          if (failed !== null || stream === undefined)
            return stop({ code: "file-damaged", detail: failed?.message ?? "" });
          let tail = Buffer.alloc(0);
          stream.on("data", (chunk: Buffer) => {
            size += chunk.length;
            if (sheet) {
              const text = Buffer.concat([tail, chunk]);
              for (let at = text.indexOf(CELL); at >= 0; at = text.indexOf(CELL, at + CELL.length)) cells++;
              tail = text.subarray(Math.max(0, text.length - CELL.length + 1));
            }
            if (size > ARCHIVE_LIMITS.bytes) stream.destroy(new Error("swells"));
            else if (cells > ARCHIVE_LIMITS.cells) stream.destroy(new Error("cells"));
          });
          stream.on("error", (problem: Error) =>
            stop(PROBLEMS[problem.message] ?? { code: "file-damaged", detail: problem.message }),
          );
          stream.on("end", () => zip.readEntry());
        });
      });
      zip.readEntry();
    });
  });
}
