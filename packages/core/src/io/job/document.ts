import {
  blankPin, connectorId, connectorsInOrder, decisionPins, emptyDossier, indexPins, indexSources, pinId, pinsInOrder, rankPins,
  type CavityContent, type Connector, type ConnectorId, type Decision, type Dossier, type JobHead, type JoinPoint, type LoomWire, type OwnWord, type Pin, type PinId, type Shell, type Source, type Side, type SignalClass,
} from "../../model/index.ts";
import { applyCommand, type CommandProblem } from "../../dossier/index.ts";
import type { StoredEntry } from "../../ledger/index.ts";
import { parseColour, rankSystems, type ColourSystem } from "../../colour/index.ts";
import { readFunction } from "../../shelf/index.ts";
import { fail, ok, present, type Result } from "../../util/index.ts";

export const JOB_FORMAT = "trevin-job";
export const JOB_FORMAT_VERSION = 1;

export interface PinRef {
  readonly connector: string;
  readonly cavity: string;
}

/** The job file as it stands in JSON: everything but connectors and their pins (cavity, function) may be left out. */
export interface JobFile {
  readonly format: typeof JOB_FORMAT;
  readonly version: typeof JOB_FORMAT_VERSION;
  readonly job?: Partial<JobHead> | undefined;
  readonly connectors: readonly FileConnector[];
  readonly sources?: readonly Source[] | undefined;
  readonly words?: readonly OwnWord[] | undefined;
  readonly points?: readonly JoinPoint[] | undefined;
  readonly wires?: readonly LoomWire[] | undefined;
  readonly decisions?: readonly FileDecision[] | undefined;
  readonly ledger?: readonly StoredEntry[] | undefined;
}

export interface FileConnector {
  readonly id?: string | undefined;
  readonly name: string;
  readonly side?: Side | undefined;
  readonly place?: string | undefined;
  readonly branch?: string | undefined;
  readonly module?: string | undefined;
  readonly colourSystem?: ColourSystem | undefined;
  readonly leads?: "loom" | "flying" | undefined;
  readonly sealed?: boolean | undefined;
  readonly shell?: Shell | null | undefined;
  readonly matesWith?: ConnectorId | null | undefined;
  readonly keepOut?: string | undefined;
  readonly pins: readonly FilePin[];
}

export interface FilePin extends Partial<Pick<Pin, "circuit" | "condition" | "colourSystem" | "identified" | "sources" | "doubts" | "claims">> {
  readonly id?: string | undefined;
  readonly cavity: string;
  readonly function: string;
  readonly colour?: string | undefined;
  readonly size?: number | null | undefined;
  readonly signal?: SignalClass | undefined;
  readonly content?: CavityContent | undefined;
  readonly note?: string | undefined;
}

type WithRefs<D> = D extends { readonly kind: "join" } ? Omit<D, "vehicle" | "incoming"> & { readonly vehicle: PinRef; readonly incoming: PinRef } : Omit<D, "pin"> & { readonly pin: PinRef };
type Optional<D> = D extends unknown ? Omit<D, "sure" | "reason" | "answers" | "method"> & { readonly [K in Extract<keyof D, "sure" | "reason" | "answers" | "method">]?: D[K] | undefined } : never;
export type FileDecision = Optional<WithRefs<Decision>>;

/** A whole job outside the database. */
export interface JobDocument {
  readonly dossier: Dossier;
  readonly ledger: readonly StoredEntry[];
}

/** What in a well-formed file contradicts itself; `path` points into the JSON. */
export type DocumentProblem = { readonly path: string } & (
  | { readonly code: "connector-repeated"; readonly name: string }
  | { readonly code: "cavity-repeated"; readonly connector: string; readonly cavity: string }
  | { readonly code: "id-repeated"; readonly id: string }
  | { readonly code: "source-unknown"; readonly source: string }
  | { readonly code: "pin-not-found"; readonly connector: string; readonly cavity: string }
  | { readonly code: "pin-joined-to-itself"; readonly connector: string; readonly cavity: string }
  | { readonly code: "wiring-refused"; readonly problem: CommandProblem }
  | { readonly code: "decision-refused"; readonly problem: CommandProblem }
);

/** Fills in what a file left out and checks what its shape alone cannot say. */
export function documentOf(file: JobFile): Result<JobDocument, DocumentProblem> {
  const connectors: Connector[] = [];
  const ids = new Set<string>();
  for (const [c, source] of file.connectors.entries()) {
    if (connectors.some((other) => other.name === source.name)) return fail({ path: `connectors[${c}].name`, code: "connector-repeated", name: source.name });
    const connector = connectorOf(source, c);
    const cavities = new Set<string>();
    for (const [p, pin] of connector.pins.entries()) {
      if (cavities.has(pin.cavity)) return fail({ path: `connectors[${c}].pins[${p}].cavity`, code: "cavity-repeated", connector: source.name, cavity: pin.cavity });
      if (ids.has(pin.id)) return fail({ path: `connectors[${c}].pins[${p}].id`, code: "id-repeated", id: pin.id });
      cavities.add(pin.cavity);
      ids.add(pin.id);
    }
    if (ids.has(`connector ${connector.id}`)) return fail({ path: `connectors[${c}].id`, code: "id-repeated", id: connector.id });
    ids.add(`connector ${connector.id}`);
    connectors.push(connector);
  }
  const head: JobHead = { name: "Imported job", kind: "module-integration", vehicle: "", incoming: "", nominalVolts: 12, method: "move", ...defined(file.job ?? {}) };
  const sources = file.sources ?? [];
  const unknown = unknownSource(connectors, sources);
  if (unknown !== null) return fail(unknown);
  const bare = { ...emptyDossier(head), connectors, sources, words: file.words ?? [] };
  const wired = applyCommand(bare, { kind: "change-wiring", put: file.wires ?? [], remove: [], putPoints: file.points ?? [], removePoints: [] });
  if (!wired.ok) return fail({ path: "wires", code: "wiring-refused", problem: wired.error });
  return decided(wired.value.dossier, file);
}

/** The first value that leans on a source which the file does not have. */
function unknownSource(connectors: readonly Connector[], documents: readonly Source[]): DocumentProblem | null {
  const known = indexSources(documents);
  for (const [c, connector] of connectors.entries()) {
    for (const [p, pin] of connector.pins.entries()) {
      const lost = [...Object.values(pin.sources), ...pin.claims.map((claim) => claim.source)].find((source) => !known.has(source));
      if (lost !== undefined) return { path: `connectors[${c}].pins[${p}]`, code: "source-unknown", source: lost };
    }
  }
  return null;
}

function decided(dossier: Dossier, file: JobFile): Result<JobDocument, DocumentProblem> {
  const byRef = new Map([...indexPins(dossier).values()].map(({ connector, pin }) => [JSON.stringify([connector.name, pin.cavity]), pin.id]));
  let current = dossier;
  for (const [d, source] of (file.decisions ?? []).entries()) {
    const path = `decisions[${d}]`;
    const refs = source.kind === "join" ? [source.vehicle, source.incoming] : [source.pin];
    const [a, b] = refs;
    if (a !== undefined && b !== undefined && a.connector === b.connector && a.cavity === b.cavity) return fail({ path, code: "pin-joined-to-itself", ...a });
    const lost = refs.find((ref) => !byRef.has(JSON.stringify([ref.connector, ref.cavity])));
    if (lost !== undefined) return fail({ path, code: "pin-not-found", connector: lost.connector, cavity: lost.cavity });
    const pin = (ref: PinRef): PinId => present(byRef.get(JSON.stringify([ref.connector, ref.cavity])), "pin");
    const common = { sure: source.sure ?? "sure", reason: source.reason ?? "", answers: source.answers ?? [] } as const;
    const decision: Decision =
      source.kind === "join"
        ? { kind: "join", vehicle: pin(source.vehicle), incoming: pin(source.incoming), method: source.method ?? dossier.head.method, ...common }
        : source.kind === "feed"
          ? { kind: "feed", pin: pin(source.pin), feed: source.feed, from: source.from, ...common }
          : { kind: source.kind, pin: pin(source.pin), ...common };
    const next = applyCommand(current, { kind: "decide", put: [decision], remove: [] });
    if (!next.ok) return fail({ path, code: "decision-refused", problem: next.error });
    current = next.value.dossier;
  }
  return ok({ dossier: current, ledger: file.ledger ?? [] });
}

function connectorOf(source: FileConnector, index: number): Connector {
  const side = source.side ?? (index === 0 ? "vehicle" : "incoming");
  const system = source.colourSystem ?? rankSystems(source.pins.map((pin) => pin.colour ?? ""))[0]?.system ?? "iec";
  return {
    id: connectorId(source.id ?? source.name),
    name: source.name,
    side,
    place: source.place ?? "",
    branch: source.branch ?? "",
    module: source.module ?? "",
    colourSystem: system,
    leads: source.leads ?? (side === "vehicle" ? "loom" : "flying"),
    sealed: source.sealed ?? false,
    shell: source.shell ?? null,
    matesWith: source.matesWith ?? null,
    keepOut: source.keepOut ?? "",
    pins: source.pins.map((pin, order) => pinOf(pin, source.name, order, system)),
  };
}

function pinOf(source: FilePin, connector: string, order: number, system: ColourSystem): Pin {
  const bare = source.function.trim() === "" && !parseColour(source.colour ?? "", system).ok;
  const content = source.content ?? (bare ? "empty" : "occupied");
  const { circuit, condition, colourSystem, identified, sources, doubts, claims } = source;
  return {
    ...blankPin(pinId(source.id ?? `${connector}.${source.cavity}`), source.cavity, order),
    ...defined({ circuit, condition, colourSystem, identified, sources, doubts, claims }),
    content,
    function: source.function,
    colour: source.colour ?? "",
    size: source.size ?? null,
    signal: source.signal ?? (content === "empty" ? "none" : (readFunction(source.function).term?.signal ?? "unknown")),
    note: source.note ?? "",
  };
}

const defined = <T extends object>(value: T): { [K in keyof T]?: NonNullable<T[K]> } => Object.fromEntries(Object.entries(value).filter(([, part]) => part !== undefined)) as { [K in keyof T]?: NonNullable<T[K]> };

/** The file of a job: ids included, so that the ledger still names what it names. documentOf(fileOf(d)) equals d. */
export function fileOf({ dossier, ledger }: JobDocument): JobFile {
  const pins = indexPins(dossier);
  const rank = rankPins(dossier);
  const placeOf = (decision: Decision): number => rank.get(present(decisionPins(decision)[0], "pin of a decision")) ?? 0;
  const ref = (id: PinId): PinRef => {
    const { connector, pin } = present(pins.get(id), `pin ${id}`);
    return { connector: connector.name, cavity: pin.cavity };
  };
  return {
    format: JOB_FORMAT,
    version: JOB_FORMAT_VERSION,
    job: dossier.head,
    connectors: connectorsInOrder(dossier).map((connector) => ({ ...connector, pins: pinsInOrder(connector).map(({ order: _order, ...pin }) => pin) })),
    decisions: [...dossier.decisions]
      .sort((a, b) => placeOf(a) - placeOf(b))
      .map((decision): FileDecision => (decision.kind === "join" ? { ...decision, vehicle: ref(decision.vehicle), incoming: ref(decision.incoming) } : { ...decision, pin: ref(decision.pin) })),
    ...(dossier.sources.length === 0 ? {} : { sources: dossier.sources }),
    ...(dossier.words.length === 0 ? {} : { words: dossier.words }),
    ...(dossier.points.length === 0 ? {} : { points: dossier.points }),
    ...(dossier.wires.length === 0 ? {} : { wires: dossier.wires }),
    ...(ledger.length === 0 ? {} : { ledger }),
  };
}
