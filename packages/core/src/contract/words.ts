import { chainProblemWords, documentProblemWords } from "../words/index.ts";
import type { JobFileProblem } from "./jobFile.ts";

/** What is wrong with a job file: where, and why. */
export function jobFileProblemWords(problem: JobFileProblem): string {
  switch (problem.code) {
    case "not-json":
      return `This is not complete JSON: line ${problem.line}, column ${problem.column} (${problem.detail}). The file may be cut short.`;
    case "not-a-job-file":
      return 'This JSON is not a Trevin job file: it needs "format": "trevin-job" and a "version".';
    case "newer-version":
      return `This job file has format version ${problem.version}; this Trevin knows up to ${problem.known}. Open it with a newer Trevin.`;
    case "wrong-shape":
      return `The file does not fit the format: ${problem.issues.map((issue) => `${issue.path || "file"}: ${issue.message}`).join("; ")}`;
    case "contradiction":
      return `${problem.problem.path}: ${documentProblemWords(problem.problem)}`;
    case "ledger-damaged":
      return chainProblemWords(problem.problem);
    case "ledger-does-not-apply":
      return `Entry ${problem.seq} of the ledger does not fit the job.`;
  }
}
