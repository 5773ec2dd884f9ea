import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { jobFileProblemWords, readJobFile } from "@trevin/core/contract";
import type { JobDocument } from "@trevin/core";
import { matchReport } from "./match.ts";
import { planReport } from "./plan.ts";
import { validateReport } from "./validate.ts";

const HELP = `trevin: the computations of Trevin for scripts

  trevin validate JOB.json   is the file sound, and what stands in the way of the work
  trevin match JOB.json      pairs with confidence and reasons, what to do with the rest, hazards
  trevin plan JOB.json       the ordered worklist, checked by a second opinion
  trevin backup FILE         everything in the database, into one file
  trevin restore FILE        a backup into an empty database

JOB.json is a job file (docs/job-file.md); "-" reads standard input.
Reports are JSON on standard output. Errors go to standard error:
exit code 1 for bad input, 2 for a wrong command line.
`;

/** Bad input: said on standard error, exit code 1. */
export class InputError extends Error {
  override readonly name = "InputError";
}

const REPORTS: Readonly<Record<string, (document: JobDocument) => unknown>> = { match: matchReport, plan: planReport, validate: validateReport };
const COMMANDS = [...Object.keys(REPORTS), "backup", "restore"];

/** Runs one command line and gives the exit code. */
export async function main(args: readonly string[]): Promise<number> {
  let parsed;
  try {
    parsed = parseArgs({ args: [...args], allowPositionals: true, options: { help: { type: "boolean", short: "h" } } });
  } catch (error) {
    return usage(error instanceof Error ? error.message : String(error));
  }
  if (parsed.values.help === true || args.length === 0) {
    process.stdout.write(HELP);
    return args.length === 0 ? 2 : 0;
  }
  const [command = "", file, ...extra] = parsed.positionals;
  if (!COMMANDS.includes(command)) return usage(`there is no command "${command}"`);
  if (file === undefined || extra.length > 0) return usage(`${command} takes one file`);
  try {
    const report = REPORTS[command];
    if (report === undefined) process.stdout.write(`${await transfer(command, file)}\n`);
    else process.stdout.write(`${JSON.stringify(report(load(file)), null, 2)}\n`);
    return 0;
  } catch (error) {
    if (!(error instanceof InputError) && !(error instanceof Error && "exitCode" in error)) throw error;
    process.stderr.write(`trevin ${command}: ${error.message}\n`);
    return 1;
  }
}

function usage(why: string): number {
  process.stderr.write(`trevin: ${why}\nTry: trevin --help\n`);
  return 2;
}

function load(file: string): JobDocument {
  let text;
  try {
    text = readFileSync(file === "-" ? 0 : file, "utf8");
  } catch (error) {
    throw new InputError(`${file}: ${error instanceof Error ? error.message : String(error)}`);
  }
  const read = readJobFile(text);
  if (!read.ok) throw new InputError(`${file}: ${jobFileProblemWords(read.error)}`);
  return read.value;
}

/** The database is opened only for the commands that need it. */
async function transfer(command: string, file: string): Promise<string> {
  const { backupTo, restoreFrom } = await import("@trevin/server/backup");
  return command === "backup" ? backupTo(file) : restoreFrom(file);
}
