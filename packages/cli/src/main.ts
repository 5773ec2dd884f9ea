import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import {
  COLOUR_SYSTEMS,
  FACE_VIEWS,
  GRIPS,
  KEYS,
  type ColourSystem,
  type Hold,
  type Key,
  type MeaningContext,
} from "@trevin/core";
import { jobFileProblemWords, readJobFile, type ReadJob } from "@trevin/core/contract";
import { colourReport, columnReport } from "./colour.ts";
import { faceReport, locateReport, traceReport } from "./faces.ts";
import { InputError } from "./failure.ts";
import { importReport } from "./importTable.ts";
import { lookAlikesReport } from "./lookalikes.ts";
import { matchReport } from "./match.ts";
import { meaningReport } from "./meaning.ts";
import { checkReport, planReport } from "./plan.ts";
import { networkReport, positionReport, proofReport, spiceReport, type Position } from "./solve.ts";
import { validateReport } from "./validate.ts";
import { otherwiseReport, WHAT_IFS, whatIfReport } from "./whatIf.ts";

const HELP = `trevin: the computations of Trevin for scripts

  trevin colour "SW/GN"             a wire colour in every system that reads it
  trevin colour --column FILE       which system a column of codes is written in, and each code in it
  trevin meaning "LO FAN OUT"       what a label says of a wire, with the words that say so
  trevin import TABLE               pins read from a table (CSV, TSV, XLSX, text), with what is doubtful
  trevin lookalikes JOB.json        wires that look alike, names one character apart
  trevin validate JOB.json          whether the file is valid, and what blocks the worklist
  trevin match JOB.json             pairs with confidence and reasons, proposals for the rest, hazards
  trevin plan JOB.json              the ordered worklist, verified by an independent checker
  trevin check PLAN.json            the first rule that a plan breaks, including plans edited by hand
  trevin locate JOB.json CONNECTOR CAVITY
                                    where a cavity is, in words with landmarks
  trevin face JOB.json CONNECTOR    the face of a connector as SVG
  trevin trace JOB.json CONNECTOR CAVITY
                                    where its wire goes, through splices, junctions and connectors
  trevin solve FILE.cir             volts and amperes of a network written as a SPICE netlist
  trevin solve JOB.json             the circuit that a job ends with: safe to power or not, what works, what
                                    does not and why; with --state the volts and amperes of one position
  trevin whatif JOB.json CONNECTOR CAVITY ${WHAT_IFS.join("|")}
                                    what differs in that circuit: with a fault at that wire, its plug pulled,
                                    the wire left alone, or another one of the plug in its place
  trevin whatif JOB.json by-colour  what would come of joining the whole job colour for colour
  trevin backup FILE                everything in the database, into one file
  trevin restore FILE               a backup into an empty database; with --leave-out-unreadable, without jobs
                                    that cannot be read

  --system ${COLOUR_SYSTEMS.join("|")}
                                    colour system for colour and import
  --plug NAME, --module NAME        the plug that a label stands in and the part it is on, for meaning
  --state "key=run,on=1,B12.4=0"    one position, for solve: the key (off, accessory, run, crank), all outputs
                                    and switches on or off, and single ones by their pin
  --spice                           that position as a netlist
  --view wire|mating                side you are looking at, for locate and face (default: wire)
  --grip mark-up|mark-right|mark-down|mark-left
                                    where the lock or key points (default: up); lock- and key- mean the same

JOB.json is a job file (docs/job-file.md); "-" reads standard input.
Reports are JSON on standard output. Errors go to standard error:
exit code 1 for bad input, 2 for a wrong command line.
`;

/** A wrong command line: said on standard error, exit code 2. */
class UsageError extends Error {
  override readonly name = "UsageError";
}

/** Where a command reads and writes: the process, or whoever calls it from within one. */
export interface Streams {
  readonly out: (text: string) => void;
  readonly err: (text: string) => void;
  /** The whole of standard input. */
  readonly input: () => Buffer;
}
const PROCESS: Streams = {
  out: (text) => void process.stdout.write(text),
  err: (text) => void process.stderr.write(text),
  input: () => readFileSync(0),
};

interface Call {
  /** The one argument: a file, or a colour. */
  readonly argument: string;
  /** The bytes of the file that the argument names; "-" is standard input. */
  readonly bytes: () => Buffer;
  readonly system: ColourSystem | null;
  readonly column: boolean;
  /** What stands behind the first argument: connector, cavity. */
  readonly rest: readonly string[];
  readonly hold: Hold;
  /** Whether jobs that cannot be read are left out of a restore. */
  readonly leaveOut: boolean;
  /** Whether solve writes a netlist, and of which state. */
  readonly spice: boolean;
  readonly state: string;
  /** The plug's name and its module, for the meaning of a label. */
  readonly context: MeaningContext;
}

type Command = (call: Call) => unknown;

const job =
  (report: (document: ReadJob) => unknown): Command =>
  (call) =>
    report(loadJob(call));

const COMMANDS: Readonly<Record<string, Command>> = {
  colour: (call) =>
    call.column ? columnReport(loadText(call), call.system) : colourReport(call.argument, call.system),
  import: async ({ argument, bytes, system }) => {
    // The reader of spreadsheets is loaded only where it is needed, and so is the database below.
    const [{ readTableFile }, { tableFileProblemWords }] = await Promise.all([
      import("@trevin/server/tables"),
      import("@trevin/core"),
    ]);
    const file = await readTableFile(bytes());
    if (!file.ok) throw new InputError(`${argument}: ${tableFileProblemWords(file.error)}`);
    return importReport(file.value, system);
  },
  lookalikes: job(lookAlikesReport),
  locate: ({ rest: [connector = "", cavity = ""], hold, ...call }) =>
    locateReport(loadJob(call), connector, cavity, hold),
  face: ({ rest: [connector = ""], hold, ...call }) => faceReport(loadJob(call), connector, hold),
  trace: ({ rest: [connector = "", cavity = ""], ...call }) => traceReport(loadJob(call), connector, cavity),
  meaning: ({ argument, context }) => meaningReport(argument, context),
  solve: (call) => {
    const text = loadText(call);
    if (!text.trimStart().startsWith("{")) return networkReport(call.argument, text);
    const document = jobIn(text, call.argument);
    if (call.spice) return spiceReport(document, positionIn(call.state));
    return call.state === "" ? proofReport(document) : positionReport(document, positionIn(call.state));
  },
  whatif: ({ rest: [connector = "", cavity, fault = ""], ...call }) =>
    cavity === undefined
      ? otherwiseReport(loadJob(call), { kind: "by-colour" })
      : whatIfReport(loadJob(call), connector, cavity, fault),
  match: job(matchReport),
  plan: job(planReport),
  check: (call) => checkReport(loadText(call)),
  validate: job(validateReport),
  backup: async ({ argument }) => (await import("@trevin/server/backup")).backupTo(argument),
  restore: async ({ argument, leaveOut }) =>
    (await import("@trevin/server/backup")).restoreFrom(argument, leaveOut),
};
const TAKES_SYSTEM = new Set(["colour", "import"]);
const TAKES_HOLD = new Set(["locate", "face"]);
/** Arguments behind the file, by command. */
const BEHIND: Readonly<Record<string, readonly string[]>> = {
  locate: ["CONNECTOR", "CAVITY"],
  face: ["CONNECTOR"],
  trace: ["CONNECTOR", "CAVITY"],
  whatif: ["CONNECTOR", "CAVITY", "FAULT"],
};

/** Runs one command line and gives the exit code. */
export async function main(args: readonly string[], { out, err, input }: Streams = PROCESS): Promise<number> {
  let name = "";
  const print = (answer: unknown): void =>
    out(typeof answer === "string" ? `${answer}\n` : `${JSON.stringify(answer, null, 2)}\n`);
  try {
    const read = readArguments(args, input);
    if (read === null) {
      out(HELP);
      return args.length === 0 ? 2 : 0;
    }
    name = read.name;
    const answer = await read.command(read.call);
    print(answer);
    return 0;
  } catch (error) {
    if (error instanceof UsageError) {
      err(`trevin: ${error.message}\nTry: trevin --help\n`);
      return 2;
    }
    if (!(error instanceof InputError) && !(error instanceof Error && "exitCode" in error)) throw error;
    if (error instanceof InputError && error.answer !== undefined) print(error.answer);
    err(`trevin ${name}: ${error.message}\n`);
    return 1;
  }
}

/** The command and what it is called with; null when help is asked for. */
function readArguments(
  args: readonly string[],
  input: Streams["input"],
): { readonly name: string; readonly command: Command; readonly call: Call } | null {
  let parsed;
  try {
    parsed = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        help: { type: "boolean", short: "h" },
        system: { type: "string" },
        column: { type: "string" },
        "leave-out-unreadable": { type: "boolean" },
        view: { type: "string" },
        grip: { type: "string" },
        plug: { type: "string" },
        module: { type: "string" },
        spice: { type: "boolean" },
        state: { type: "string" },
      },
    });
  } catch (error) {
    throw new UsageError(error instanceof Error ? error.message : String(error));
  }
  const { values } = parsed;
  if (values.help === true || args.length === 0) return null;
  const [name = "", ...rest] = parsed.positionals;
  const command = COMMANDS[name];
  if (command === undefined) throw new UsageError(`there is no command "${name}"`);
  if (values.column !== undefined && name !== "colour") throw new UsageError(`${name} takes no --column`);
  const leaveOut = values["leave-out-unreadable"] === true;
  if (leaveOut && name !== "restore") throw new UsageError(`${name} takes no --leave-out-unreadable`);
  if (values.system !== undefined && !TAKES_SYSTEM.has(name))
    throw new UsageError(`${name} takes no --system`);
  const system = values.system === undefined ? null : COLOUR_SYSTEMS.find((one) => one === values.system);
  if (system === undefined) throw new UsageError(`--system is one of ${COLOUR_SYSTEMS.join(", ")}`);
  if ((values.view !== undefined || values.grip !== undefined) && !TAKES_HOLD.has(name))
    throw new UsageError(`${name} takes no --view and no --grip`);
  if ((values.plug !== undefined || values.module !== undefined) && name !== "meaning")
    throw new UsageError(`${name} takes no --plug and no --module`);
  if ((values.spice !== undefined || values.state !== undefined) && name !== "solve")
    throw new UsageError(`${name} takes no --spice and no --state`);
  const hold = readHold(values.view, values.grip);
  const given = values.column === undefined ? rest : [values.column, ...rest];
  const [argument, ...more] = given;
  const behind = BEHIND[name] ?? [];
  const isJobWide = name === "whatif" && more.length === 1 && more[0] === "by-colour";
  if (behind.length > 0 && !isJobWide && (argument === undefined || more.length !== behind.length))
    throw new UsageError(
      `${name} takes JOB.json ${behind.join(" ")}${name === "whatif" ? ", or JOB.json by-colour" : ""}`,
    );
  if (argument === undefined || more.length > behind.length)
    throw new UsageError(
      name === "colour"
        ? "colour takes one colour in quotes, or --column FILE"
        : `${name} takes one ${name === "meaning" ? "label in quotes" : "file"}`,
    );
  return {
    name,
    command,
    call: {
      argument,
      bytes: () => loadBytes(argument, input),
      system,
      column: values.column !== undefined,
      rest: more,
      hold,
      leaveOut,
      spice: values.spice === true,
      state: values.state ?? "",
      context: {
        ...(values.plug === undefined ? {} : { plug: values.plug }),
        ...(values.module === undefined ? {} : { module: values.module }),
      },
    },
  };
}

/** "key=run,on=1,B12.4=0": the position of the key, whether outputs and switches are on, and those that are otherwise; off where nothing is said. */
function positionIn(state: string): Position {
  let [key, on]: [Key, boolean] = ["off", false];
  const thrown = new Map<string, boolean>();
  for (const part of state.split(",").filter((one) => one.trim() !== "")) {
    const at = part.lastIndexOf("=");
    const [name, value] = [part.slice(0, at).trim(), part.slice(at + 1).trim()];
    const known = KEYS.find((one) => one === value);
    if (name === "key" && known !== undefined) key = known;
    else if (name === "on" && (value === "0" || value === "1")) on = value === "1";
    else if (name.includes(".") && (value === "0" || value === "1")) thrown.set(name, value === "1");
    else
      throw new UsageError(
        `--state takes key=${KEYS.join("|")}, on=0|1 and CONNECTOR.CAVITY=0|1, not "${part}"`,
      );
  }
  return { key, on, thrown };
}

function readHold(view: string | undefined, grip: string | undefined): Hold {
  const side = FACE_VIEWS.find((one) => one === (view ?? "wire"));
  const way = GRIPS.find((one) => new RegExp(`^(?:[a-z]+-)?${one}$`).test(grip ?? "up"));
  if (side === undefined) throw new UsageError(`--view is one of ${FACE_VIEWS.join(", ")}`);
  if (way === undefined)
    throw new UsageError(`--grip is one of ${GRIPS.map((one) => `lock-${one}`).join(", ")}`);
  return { view: side, grip: way };
}

function loadBytes(file: string, input: Streams["input"]): Buffer {
  try {
    return file === "-" ? input() : readFileSync(file);
  } catch (error) {
    throw new InputError(`${file}: ${error instanceof Error ? error.message : String(error)}`);
  }
}
type Source = Pick<Call, "argument" | "bytes">;
const loadText = ({ bytes }: Source): string => bytes().toString("utf8");

const loadJob = (source: Source): ReadJob => jobIn(loadText(source), source.argument);
function jobIn(text: string, name: string): ReadJob {
  const read = readJobFile(text);
  if (!read.ok) throw new InputError(`${name}: ${jobFileProblemWords(read.error)}`);
  return read.value;
}
