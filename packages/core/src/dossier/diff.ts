import {
  decisionId,
  decisionPins,
  type BriefItem,
  type Connector,
  type ConnectorId,
  type Decision,
  type Dossier,
  type JobHead,
  type JoinPoint,
  type LoomWire,
  type OwnWord,
  type Pin,
  type Source,
  type WorklistEdits,
} from "../model/index.ts";
import { fail, ok, sameValue, type Result } from "../util/index.ts";

/** A connector without its pins, which are records of their own. */
export type ConnectorHead = Omit<Connector, "pins">;

/** What a dossier consists of. A record is what two people cannot both change without one of them seeing it. */
export interface Records {
  readonly head: JobHead;
  readonly connector: ConnectorHead;
  readonly pin: { readonly connector: ConnectorId; readonly pin: Pin };
  readonly decision: Decision;
  readonly wire: LoomWire;
  readonly point: JoinPoint;
  readonly source: Source;
  readonly words: readonly OwnWord[];
  readonly brief: readonly BriefItem[];
  readonly worklist: WorklistEdits;
}
export type RecordKind = keyof Records;

/** One record as it was and as it is; null where there was, or is, none. Those that a job has once have an empty key. */
export type Difference<K extends RecordKind = RecordKind> = {
  readonly [P in K]: {
    readonly of: P;
    readonly key: string;
    readonly before: Records[P] | null;
    readonly after: Records[P] | null;
  };
}[K];
export type Diff = readonly Difference[];

type Keyed<T> = readonly (readonly [key: string, record: T])[];
const one = <T>(record: T): Keyed<T> => [["", record]];
const byId = <T extends { readonly id: string }>(list: readonly T[]): Keyed<T> =>
  list.map((record) => [record.id, record]);
const headOf = ({ pins: _pins, ...head }: Connector): ConnectorHead => head;

const RECORDS: { readonly [K in RecordKind]: (dossier: Dossier) => Keyed<Records[K]> } = {
  head: ({ head }) => one(head),
  connector: ({ connectors }) => byId(connectors.map(headOf)),
  pin: ({ connectors }) =>
    connectors.flatMap(({ id, pins }) => pins.map((pin) => [pin.id, { connector: id, pin }] as const)),
  decision: ({ decisions }) => decisions.map((decision) => [decisionId(decision), decision]),
  wire: ({ wires }) => byId(wires),
  point: ({ points }) => byId(points),
  source: ({ sources }) => byId(sources),
  words: ({ words }) => one(words),
  brief: ({ brief }) => one(brief),
  worklist: ({ worklist }) => one(worklist),
};
/** Where the records of each kind stand: what is the very same list holds no difference. */
const FIELD: { readonly [K in RecordKind]: keyof Dossier } = {
  head: "head",
  connector: "connectors",
  pin: "connectors",
  decision: "decisions",
  wire: "wires",
  point: "points",
  source: "sources",
  words: "words",
  brief: "brief",
  worklist: "worklist",
};
const RECORD_KINDS = Object.keys(RECORDS) as readonly RecordKind[];

/** What differs between two dossiers, record by record. */
export function diffOf(before: Dossier, after: Dossier): Diff {
  const differences = <K extends RecordKind>(of: K): readonly Difference[] => {
    if (before[FIELD[of]] === after[FIELD[of]]) return [];
    const was = new Map(RECORDS[of](before));
    const is = new Map(RECORDS[of](after));
    return [...new Set([...was.keys(), ...is.keys()])].flatMap((key) => {
      const change = { of, key, before: was.get(key) ?? null, after: is.get(key) ?? null };
      return isSame(of, change.before, change.after) ? [] : [change as unknown as Difference];
    });
  };
  return RECORD_KINDS.flatMap((of) => differences(of));
}

/** The record of a pin is made anew each time it is asked for; the pin in it mostly is the very same. */
function isSame<K extends RecordKind>(of: K, a: Records[K] | null, b: Records[K] | null): boolean {
  const pin = (record: unknown): Pin | null => (record as Records["pin"] | null)?.pin ?? null;
  return (of === "pin" && pin(a) !== null && pin(a) === pin(b)) || sameValue(a, b);
}

/** What takes a difference back. */
export const reversed = (diff: Diff): Diff =>
  diff.map((change) => ({ ...change, before: change.after, after: change.before }) as Difference);

/** A record that is not any more as the difference has it. */
export interface DiffProblem {
  readonly code: "changed-since";
  readonly of: RecordKind;
  readonly key: string;
}

/** The dossier with the records of a difference as they are after it; each must stand as it was before it. */
export function patched(dossier: Dossier, diff: Diff): Result<Dossier, DiffProblem> {
  const now = new Map<RecordKind, Map<string, unknown>>();
  for (const { of, key, before, after } of diff) {
    const records = now.get(of) ?? new Map<string, unknown>(RECORDS[of](dossier));
    now.set(of, records);
    if (!sameValue(records.get(key) ?? null, before)) return fail({ code: "changed-since", of, key });
    if (after === null) records.delete(key);
    else records.set(key, after);
  }
  const list = <K extends RecordKind>(of: K): readonly Records[K][] | null => {
    const records = now.get(of) as ReadonlyMap<string, Records[K]> | undefined;
    return records === undefined ? null : [...records.values()];
  };
  const heads = list("connector") ?? (now.has("pin") ? dossier.connectors.map(headOf) : null);
  return ok({
    head: list("head")?.[0] ?? dossier.head,
    connectors: heads === null ? dossier.connectors : withPins(heads, list("pin") ?? pinsOf(dossier)),
    decisions: list("decision") ?? dossier.decisions,
    wires: list("wire") ?? dossier.wires,
    points: list("point") ?? dossier.points,
    sources: list("source") ?? dossier.sources,
    words: list("words")?.[0] ?? dossier.words,
    brief: list("brief")?.[0] ?? dossier.brief,
    worklist: list("worklist")?.[0] ?? dossier.worklist,
  });
}

const pinsOf = (dossier: Dossier): readonly Records["pin"][] => RECORDS.pin(dossier).map(([, pin]) => pin);

function withPins(heads: readonly ConnectorHead[], pins: readonly Records["pin"][]): readonly Connector[] {
  const inside = new Map(heads.map(({ id }) => [id, [] as Pin[]]));
  for (const { connector, pin } of pins) inside.get(connector)?.push(pin);
  return heads.map((head) => ({ ...head, pins: inside.get(head.id) ?? [] }));
}

/**
 * Whether a difference can be made after others that its author has not seen: they have no record in common, and none takes away a
 * source that the other leans on. What its result would break is refused before, like that of any command.
 */
export function isApartFrom(own: Diff, others: readonly Diff[]): boolean {
  const touched = new Set(own.flatMap(touchedBy));
  const [needed, gone] = [sourcesOf(own), sourcesGone(own)];
  return others.every(
    (other) =>
      !other.flatMap(touchedBy).some((name) => touched.has(name)) &&
      !sourcesGone(other).some((id) => needed.includes(id)) &&
      !sourcesOf(other).some((id) => gone.includes(id)),
  );
}
/** A decision is a record, and so is what is decided of each of its pins. */
function touchedBy({ of, key, before, after }: Difference): readonly string[] {
  const pins =
    of === "decision" ? [before, after].flatMap((one) => (one === null ? [] : decisionPins(one))) : [];
  return [`${of} ${key}`, ...pins.map((pin) => `decided ${pin}`)];
}
const sourcesGone = (diff: Diff): readonly string[] =>
  diff.flatMap(({ of, key, after }) => (of === "source" && after === null ? [key] : []));
const sourcesOf = (diff: Diff): readonly string[] =>
  diff.flatMap((change) =>
    change.of === "pin" && change.after !== null ? Object.values(change.after.pin.sources) : [],
  );
