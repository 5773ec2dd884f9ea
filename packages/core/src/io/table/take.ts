import { parseColour, sameColour } from "../../colour/index.ts";
import {
  blankPin,
  FACTS,
  lastOrder,
  pinSystem,
  type Claim,
  type Connector,
  type Fact,
  type Pin,
  type PinId,
  type SourceId,
} from "../../model/index.ts";
import type { LineProblem, ReadTable, TableLine } from "./parseTable.ts";

/** How a table goes into a connector that has some of its cavities already. */
export type TakeMode =
  | { readonly kind: "replace" }
  /** What is there stays; what the table says otherwise is kept beside it, as a contradiction or, with `when`, as a variant. */
  | { readonly kind: "compare"; readonly when: string };

export interface TakeOptions {
  readonly source: SourceId | null;
  readonly mode: TakeMode;
  readonly newId: () => PinId;
  /** A problem in words, for the doubt that stays with a value. */
  readonly say: (problem: LineProblem) => string;
}

const FACT_OF: Readonly<Partial<Record<LineProblem["code"], Fact>>> = {
  "colour-unread": "colour",
  "colour-other-system": "colour",
  "colour-divided": "colour",
  "colour-elsewhere": "colour",
  "size-as-awg": "size",
  "size-unread": "size",
  "signal-unread": "signal",
};

export const canGoIn = (line: TableLine): boolean =>
  line.problems.every((problem) => problem.weight !== "error");

/**
 * The pins that a table puts into a connector: lines whose cavity is there change it, the others are added after the last.
 * Lines that cannot go in are left out. Doubts of a line become doubts of its values.
 */
export function takeTable(table: ReadTable, connector: Connector, options: TakeOptions): readonly Pin[] {
  const byLabel = new Map(connector.pins.map((pin) => [pin.cavity, pin]));
  let order = lastOrder(connector);
  return table.lines.filter(canGoIn).flatMap((line) => {
    const before = byLabel.get(line.cavity);
    const read = pinOf(
      line,
      table,
      connector,
      before ?? blankPin(options.newId(), line.cavity, ++order),
      options,
    );
    if (before === undefined) return [read];
    const next = options.mode.kind === "replace" ? over(before, read, line) : read;
    if (options.mode.kind === "replace") return [next];
    const compared = beside(before, next, connector, options.source, options.mode.when);
    return compared === before ? [] : [compared];
  });
}

function pinOf(
  line: TableLine,
  table: ReadTable,
  connector: Connector,
  base: Pin,
  { source, say }: TakeOptions,
): Pin {
  const system = line.colourSystem ?? table.system;
  const doubts: Partial<Record<Fact, string>> = {};
  for (const problem of line.problems) {
    const fact =
      problem.code === "merged-cell"
        ? problem.fields.find((field): field is Fact => (FACTS as readonly string[]).includes(field))
        : FACT_OF[problem.code];
    if (fact !== undefined && problem.weight === "doubt") doubts[fact] = say(problem).slice(0, 200);
  }
  const stated = {
    cavity: true,
    function: line.function !== "" || line.content === "empty",
    colour: line.colour !== "",
    size: line.size !== null,
    signal: line.signal !== null,
  };
  return {
    ...base,
    // A table that has no column for it does not say that a cavity is empty.
    content: line.content === "empty" && !table.columns.includes("function") ? base.content : line.content,
    function: line.function.slice(0, 200),
    colour: line.colour.slice(0, 60),
    size: line.size,
    signal: line.signal,
    circuit: line.circuit.slice(0, 40),
    condition: line.condition.slice(0, 120),
    note: line.note.slice(0, 1000),
    colourSystem: line.colour === "" || system === connector.colourSystem ? null : system,
    sources:
      source === null
        ? {}
        : Object.fromEntries(FACTS.filter((fact) => stated[fact]).map((fact) => [fact, source])),
    doubts,
    claims: [],
  };
}

/**
 * What a line says, over what is there. A column that the table does not have, and a cell that is blank, say nothing: the value
 * stays, with its source, its doubt and what other sources say of it.
 */
function over(before: Pin, read: Pin, line: TableLine): Pin {
  if (line.content === "empty" && line.saidEmpty) return { ...read, note: line.note || before.note };
  const says: Readonly<Record<Fact, boolean>> = {
    cavity: true,
    function: line.function !== "",
    colour: line.colour !== "",
    size: line.size !== null,
    // A class that was given for other words falls with them.
    signal: line.signal !== null || (line.function !== "" && line.function !== before.function),
  };
  const kept = FACTS.filter((fact) => !says[fact]);
  const only = <T>(of: Readonly<Partial<Record<Fact, T>>>): Partial<Record<Fact, T>> =>
    Object.fromEntries(kept.flatMap((fact) => (of[fact] === undefined ? [] : [[fact, of[fact]]])));
  return {
    ...before,
    content: says.function || says.colour || before.content === "unknown" ? read.content : before.content,
    ...(says.function ? { function: read.function } : {}),
    ...(says.colour ? { colour: read.colour, colourSystem: read.colourSystem } : {}),
    ...(says.size ? { size: read.size } : {}),
    ...(says.signal ? { signal: read.signal } : {}),
    circuit: read.circuit || before.circuit,
    condition: read.condition || before.condition,
    note: read.note || before.note,
    sources: { ...only(before.sources), ...read.sources },
    doubts: { ...only(before.doubts), ...read.doubts },
    claims: before.claims.filter(({ fact }) => !says[fact]),
  };
}

/** What is known of a pin beyond its label; of a cavity that only stands in the table nothing. */
export const isBlank = (pin: Pin): boolean =>
  pin.content === "unknown" && FACTS.every((fact) => fact === "cavity" || valueOf(pin, fact) === "");

/** A value that a line would write over, with what it was. */
export interface Overwritten {
  readonly fact: Fact;
  readonly before: string;
}
/** What of a pin is lost when a line replaces it. */
export function overwritten(
  line: TableLine,
  table: ReadTable,
  before: Pin,
  connector: Connector,
): readonly Overwritten[] {
  const next = over(
    before,
    pinOf(line, table, connector, before, {
      source: null,
      mode: { kind: "replace" },
      newId: () => before.id,
      say: () => "",
    }),
    line,
  );
  return FACTS.flatMap((fact) => {
    const was = valueOf(before, fact);
    return was === "" || agrees(fact, before, next, connector) ? [] : [{ fact, before: was }];
  });
}

/** Keeps what is there, fills what is missing, and notes what differs. The same pin when nothing does. */
function beside(before: Pin, next: Pin, connector: Connector, source: SourceId | null, when: string): Pin {
  let pin = before;
  const claims: Claim[] = [];
  for (const fact of FACTS) {
    const [old, other] = [valueOf(before, fact), valueOf(next, fact)];
    if (fact === "cavity" || other === "" || agrees(fact, before, next, connector)) continue;
    // A cavity known to be empty stays so: the other source's wire is a contradiction, not a value that was missing.
    if (before.content === "empty" && fact !== "function") continue;
    if (old !== "") claims.push({ fact, value: other, source: source ?? ("guessed" as SourceId), when });
    else if (when === "")
      pin = {
        ...pin,
        [fact]: next[fact],
        ...(fact === "colour" ? { colourSystem: next.colourSystem } : {}),
        content: next.content,
        sources: { ...pin.sources, ...(source === null ? {} : { [fact]: source }) },
      };
  }
  const fresh = claims.filter(
    (claim) =>
      !before.claims.some(
        (known) => known.fact === claim.fact && known.value === claim.value && known.when === claim.when,
      ),
  );
  return fresh.length === 0 ? pin : { ...pin, claims: [...pin.claims, ...fresh] };
}

/** A value as text; empty where nothing is stated. */
export function valueOf(pin: Pin, fact: Fact): string {
  if (fact === "size") return pin.size === null ? "" : String(pin.size);
  if (fact === "signal") return pin.signal === "none" ? "" : (pin.signal ?? "");
  if (fact === "function" && pin.content === "empty") return "empty";
  return pin[fact];
}

function agrees(fact: Fact, a: Pin, b: Pin, connector: Connector): boolean {
  if (fact !== "colour") return valueOf(a, fact).toLowerCase() === valueOf(b, fact).toLowerCase();
  const [left, right] = [
    parseColour(a.colour, pinSystem(a, connector)),
    parseColour(b.colour, pinSystem(b, connector)),
  ];
  return left.ok && right.ok
    ? sameColour(left.value, right.value)
    : a.colour.toLowerCase() === b.colour.toLowerCase();
}
