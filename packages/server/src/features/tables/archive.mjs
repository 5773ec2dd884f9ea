// Plain JavaScript, since a thread starts without a loader.
import yauzl from "yauzl";

/** Limits on a spreadsheet file: what is inside it may not swell beyond these, whatever its directory claims. */
const LIMITS = { entries: 2000, bytes: 64_000_000, cells: 200_000 };

/**
 * What stopped a stream by its error's message.
 * @type {Partial<Record<string, import("@trevin/core").TableFileProblem>>}
 */
const PROBLEMS = {
  swells: { code: "file-swells", limit: LIMITS.bytes },
  cells: { code: "file-too-many-cells", limit: LIMITS.cells },
};

/** The longest beginning of a cell that is looked for, so that one across two chunks is found. */
const KEPT = 2;
/** Bytes of "<c", and those that end the name of an element: space, tab, line breaks, ">" and "/". */
const [LESS, C] = [0x3c, 0x63];
const ENDS = new Set([0x20, 0x09, 0x0a, 0x0d, 0x3e, 0x2f]);

/**
 * Cells that begin in a chunk of a sheet.
 * @param {Buffer} text
 */
function cellsIn(text) {
  let cells = 0;
  for (let at = text.indexOf(LESS); at >= 0 && at + KEPT < text.length; at = text.indexOf(LESS, at + 1))
    if (text[at + 1] === C && ENDS.has(text[at + KEPT] ?? 0)) cells++;
  return cells;
}

/**
 * Walks through a zip file and counts what comes out, without keeping it: a bomb is stopped at the limit, whatever sizes it
 * declares. Gives why it cannot be a workbook, or what is in it that will be passed over.
 * @param {Buffer} bytes
 * @returns {Promise<{ macros: boolean } | import("@trevin/core").TableFileProblem>}
 */
export function surveyArchive(bytes) {
  return new Promise((resolve) => {
    yauzl.fromBuffer(bytes, { lazyEntries: true, validateEntrySizes: true }, (error, zip) => {
      if (error !== null || zip === undefined)
        return resolve({ code: "file-damaged", detail: error?.message ?? "" });
      let size = 0;
      let cells = 0;
      let entries = 0;
      let workbook = false;
      let macros = false;
      /** @param {import("@trevin/core").TableFileProblem} problem */
      const stop = (problem) => {
        zip.close();
        resolve(problem);
      };
      zip.on("error", (/** @type {Error} */ problem) =>
        stop({ code: "file-damaged", detail: problem.message }),
      );
      zip.on("end", () => resolve(workbook ? { macros } : { code: "file-not-a-spreadsheet" }));
      zip.on("entry", (/** @type {import("yauzl").Entry} */ entry) => {
        if (++entries > LIMITS.entries) return stop({ code: "file-swells", limit: LIMITS.bytes });
        if (entry.isEncrypted()) return stop({ code: "file-locked" });
        workbook ||= entry.fileName === "xl/workbook.xml";
        macros ||= /vbaProject\.bin$/i.test(entry.fileName);
        const sheet = /^xl\/worksheets\/[^/]+\.xml$/i.test(entry.fileName);
        zip.openReadStream(entry, (failed, stream) => {
          if (failed !== null || stream === undefined)
            return stop({ code: "file-damaged", detail: failed?.message ?? "" });
          let tail = Buffer.alloc(0);
          stream.on("data", (/** @type {Buffer} */ chunk) => {
            size += chunk.length;
            if (sheet) {
              const text = Buffer.concat([tail, chunk]);
              cells += cellsIn(text);
              tail = text.subarray(Math.max(0, text.length - KEPT));
            }
            if (size > LIMITS.bytes) stream.destroy(new Error("swells"));
            else if (cells > LIMITS.cells) stream.destroy(new Error("cells"));
          });
          stream.on("error", (/** @type {Error} */ problem) =>
            stop(PROBLEMS[problem.message] ?? { code: "file-damaged", detail: problem.message }),
          );
          stream.on("end", () => zip.readEntry());
        });
      });
      zip.readEntry();
    });
  });
}
