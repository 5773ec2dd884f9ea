import {
  blankPin,
  connectorId,
  connectorsInOrder,
  decisionId,
  leadPin,
  MOST_PINS,
  emptyDossier,
  NO_EDITS,
  indexPins,
  indexSources,
  pinId,
  pinsInOrder,
  rankPins,
  type BriefItem,
  type Connector,
  type Decision,
  type DecisionId,
  type Dossier,
  type JobHead,
  type Method,
  type Pin,
  type PinId,
  type Source,
} from "../../model/index.ts";
import { applyCommand, type CommandProblem } from "../../dossier/index.ts";
import type { StoredEntry } from "../../ledger/index.ts";
import { parseColour, rankSystems, type ColourSystem } from "../../colour/index.ts";
import { namesTaken } from "./ids.ts";
import { fail, ok, present, type Result } from "../../util/index.ts";
import {
  LATER,
  JOB_FORMAT,
  JOB_FORMAT_VERSION,
  type PinRef,
  type JobFile,
  type FileConnector,
  type FilePin,
  type FileDecision,
} from "./jobFile.ts";

/** A whole job outside the database. */
export interface JobDocument {
  readonly dossier: Dossier;
  readonly ledger: readonly StoredEntry[];
}

/** What in a well-formed file contradicts itself; `path` points into the JSON. */
export type DocumentProblem = { readonly path: string } & (
  | { readonly code: "job-too-large"; readonly pins: number; readonly limit: number }
  | { readonly code: "connector-repeated"; readonly name: string }
  | { readonly code: "cavity-repeated"; readonly connector: string; readonly cavity: string }
  | { readonly code: "id-repeated"; readonly id: string }
  | { readonly code: "source-unknown"; readonly source: string }
  | { readonly code: "pin-not-found"; readonly connector: string; readonly cavity: string }
  | { readonly code: "pin-joined-to-itself"; readonly connector: string; readonly cavity: string }
  | { readonly code: "brief-refused"; readonly problem: CommandProblem }
  | { readonly code: "worklist-refused"; readonly problem: CommandProblem }
  | { readonly code: "wiring-refused"; readonly problem: CommandProblem }
  | { readonly code: "decision-refused"; readonly problem: CommandProblem }
);

/** Fills in what a file left out and checks what its shape alone cannot say. */
export function documentOf(file: JobFile): Result<JobDocument, DocumentProblem> {
  const count = file.connectors.reduce((sum, { pins }) => sum + pins.length, 0);
  if (count > MOST_PINS)
    return fail({ path: "connectors", code: "job-too-large", pins: count, limit: MOST_PINS });
  const connectors: Connector[] = [];
  const ids = new Set<string>();
  const named = namesTaken(file);
  for (const [c, source] of file.connectors.entries()) {
    if (connectors.some((other) => other.name === source.name))
      return fail({ path: `connectors[${c}].name`, code: "connector-repeated", name: source.name });
    const connector = connectorOf(source, c, named);
    const cavities = new Set<string>();
    for (const [p, pin] of connector.pins.entries()) {
      if (cavities.has(pin.cavity))
        return fail({
          path: `connectors[${c}].pins[${p}].cavity`,
          code: "cavity-repeated",
          connector: source.name,
          cavity: pin.cavity,
        });
      if (ids.has(pin.id))
        return fail({ path: `connectors[${c}].pins[${p}].id`, code: "id-repeated", id: pin.id });
      cavities.add(pin.cavity);
      ids.add(pin.id);
    }
    if (ids.has(`connector ${connector.id}`))
      return fail({ path: `connectors[${c}].id`, code: "id-repeated", id: connector.id });
    ids.add(`connector ${connector.id}`);
    connectors.push(connector);
  }
  const head: JobHead = {
    name: "Imported job",
    kind: "module-integration",
    vehicle: "",
    incoming: "",
    nominalVolts: 12,
    method: "move",
    ...defined(file.job ?? {}),
  };
  const sources = file.sources ?? [];
  const unknown = unknownSource(connectors, sources);
  if (unknown !== null) return fail(unknown);
  const brief = (file.brief ?? []).map((item, index): BriefItem => ({
    id: item.id ?? `brief-${index + 1}`,
    kind: item.kind,
    text: item.text,
    kept: item.kept ?? true,
    pins: item.pins ?? [],
  }));
  const bare = { ...emptyDossier(head), connectors, sources, words: file.words ?? [] };
  const briefed = applyCommand(bare, { kind: "set-brief", brief });
  if (!briefed.ok) return fail({ path: "brief", code: "brief-refused", problem: briefed.error });
  const wired = applyCommand(briefed.value, {
    kind: "change-wiring",
    put: file.wires ?? [],
    remove: [],
    putPoints: file.points ?? [],
    removePoints: [],
  });
  if (!wired.ok) return fail({ path: "wires", code: "wiring-refused", problem: wired.error });
  const edited = applyCommand(wired.value, {
    kind: "set-worklist",
    worklist: { ...NO_EDITS, ...defined(file.worklist ?? {}) },
  });
  if (!edited.ok) return fail({ path: "worklist", code: "worklist-refused", problem: edited.error });
  return decided(edited.value, file);
}

/** The first value that leans on a source which the file does not have. */
function unknownSource(
  connectors: readonly Connector[],
  documents: readonly Source[],
): DocumentProblem | null {
  const known = indexSources(documents);
  for (const [c, connector] of connectors.entries()) {
    for (const [p, pin] of connector.pins.entries()) {
      const lost = [...Object.values(pin.sources), ...pin.claims.map((claim) => claim.source)].find(
        (source) => !known.has(source),
      );
      if (lost !== undefined)
        return { path: `connectors[${c}].pins[${p}]`, code: "source-unknown", source: lost };
    }
  }
  return null;
}

function decided(dossier: Dossier, file: JobFile): Result<JobDocument, DocumentProblem> {
  const byRef = new Map(
    [...indexPins(dossier).values()].map(({ connector, pin }) => [
      keyOf({ connector: connector.name, cavity: pin.cavity }),
      pin.id,
    ]),
  );
  const decisions: Decision[] = [];
  for (const [d, source] of (file.decisions ?? []).entries()) {
    const path = `decisions[${d}]`;
    const refs = refsOf(source);
    const twice = refs.find((ref, index) => refs.findIndex((other) => keyOf(other) === keyOf(ref)) !== index);
    if (twice !== undefined) return fail({ path, code: "pin-joined-to-itself", ...twice });
    const lost = refs.find((ref) => !byRef.has(keyOf(ref)));
    if (lost !== undefined)
      return fail({ path, code: "pin-not-found", connector: lost.connector, cavity: lost.cavity });
    const common = {
      sure: source.sure ?? "sure",
      reason: source.reason ?? "",
      answers: source.answers ?? [],
    } as const;
    const usual: Partial<Record<string, Method>> = { join: dossier.head.method, series: "move" };
    const missing = usual[source.kind];
    const method =
      missing === undefined ? {} : { method: ("method" in source ? source.method : undefined) ?? missing };
    const decision = {
      ...withPins(source, (ref: PinRef) => present(byRef.get(keyOf(ref)), "pin")),
      ...common,
      ...method,
    } as Decision;
    decisions.push(decision);
  }
  const all = deciding(dossier, decisions);
  if (all.ok) return ok({ dossier: all.value, ledger: file.ledger ?? [] });
  // Which one is wrong: the first with which those before it cannot stand.
  let [sound, unsound] = [0, decisions.length];
  let problem = all.error;
  while (unsound - sound > 1) {
    const half = Math.floor((sound + unsound) / 2);
    const tried = deciding(dossier, decisions.slice(0, half));
    if (tried.ok) sound = half;
    else [unsound, problem] = [half, tried.error];
  }
  return fail({ path: `decisions[${sound}]`, code: "decision-refused", problem });
}

/** Decisions put at once; of two with the same name the later one holds. */
function deciding(dossier: Dossier, decisions: readonly Decision[]) {
  const byId = new Map<DecisionId, Decision>();
  for (const decision of decisions) {
    const id = decisionId(decision);
    byId.delete(id);
    byId.set(id, decision);
  }
  return applyCommand(dossier, { kind: "decide", put: [...byId.values()], remove: [] });
}

const keyOf = ({ connector, cavity }: PinRef): string => JSON.stringify([connector, cavity]);
const PIN_FIELDS = ["vehicle", "incoming", "into", "back", "pin", "to", "pins", "lead", "cavity"] as const;

/** The same decision with what names its pins turned into something else: references into ids, or back. */
function withPins<From, To>(decision: FileDecision | Decision, turn: (pin: From) => To): object {
  const fields = Object.entries(decision).map(([field, value]: [string, unknown]) => {
    if (!(PIN_FIELDS as readonly string[]).includes(field)) return [field, value] as const;
    return [field, Array.isArray(value) ? (value as From[]).map(turn) : turn(value as From)] as const;
  });
  return Object.fromEntries(fields);
}

const refsOf = (decision: FileDecision): readonly PinRef[] =>
  PIN_FIELDS.flatMap((field) =>
    field in decision
      ? [(decision as unknown as Record<string, PinRef | readonly PinRef[]>)[field] ?? []].flat()
      : [],
  );

function connectorOf(source: FileConnector, index: number, named: ReturnType<typeof namesTaken>): Connector {
  const side = source.side ?? (index === 0 ? "vehicle" : "incoming");
  const system =
    source.colourSystem ?? rankSystems(source.pins.map((pin) => pin.colour ?? ""))[0]?.system ?? "iec";
  return {
    id: connectorId(source.id ?? named.connector(source.name)),
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
    pins: source.pins.map((pin, order) =>
      pinOf(pin, pin.id ?? named.pin(`${source.name}.${pin.cavity}`), order, system),
    ),
  };
}

function pinOf(source: FilePin, id: string, order: number, system: ColourSystem): Pin {
  const bare = source.function.trim() === "" && !parseColour(source.colour ?? "", system).ok;
  const content = source.content ?? (bare ? "empty" : "occupied");
  const later = Object.fromEntries(LATER.map((key) => [key, source[key]])) as Pick<
    FilePin,
    (typeof LATER)[number]
  >;
  return {
    ...blankPin(pinId(id), source.cavity, order),
    ...defined(later),
    content,
    function: source.function,
    colour: source.colour ?? "",
    size: source.size ?? null,
    signal: source.signal ?? null,
    note: source.note ?? "",
  };
}

const defined = <T extends object>(value: T): { [K in keyof T]?: NonNullable<T[K]> } =>
  Object.fromEntries(Object.entries(value).filter(([, part]) => part !== undefined)) as {
    [K in keyof T]?: NonNullable<T[K]>;
  };

/** The file of a job: ids included, so that the ledger still names what it names. documentOf(fileOf(d)) equals d. */
export function fileOf({ dossier, ledger }: JobDocument): JobFile {
  const pins = indexPins(dossier);
  const rank = rankPins(dossier);
  const placeOf = (decision: Decision): number => rank.get(leadPin(decision)) ?? 0;
  const ref = (id: PinId): PinRef => {
    const { connector, pin } = present(pins.get(id), `pin ${id}`);
    return { connector: connector.name, cavity: pin.cavity };
  };
  return {
    format: JOB_FORMAT,
    version: JOB_FORMAT_VERSION,
    job: dossier.head,
    connectors: connectorsInOrder(dossier).map((connector) => ({
      ...connector,
      pins: pinsInOrder(connector).map(({ order: _order, ...pin }) => pin),
    })),
    decisions: [...dossier.decisions]
      .sort((a, b) => placeOf(a) - placeOf(b))
      .map((decision) => withPins(decision, ref) as FileDecision),
    ...(dossier.sources.length === 0 ? {} : { sources: dossier.sources }),
    ...(dossier.brief.length === 0 ? {} : { brief: dossier.brief }),
    ...(JSON.stringify(dossier.worklist) === JSON.stringify(NO_EDITS) ? {} : { worklist: dossier.worklist }),
    ...(dossier.words.length === 0 ? {} : { words: dossier.words }),
    ...(dossier.points.length === 0 ? {} : { points: dossier.points }),
    ...(dossier.wires.length === 0 ? {} : { wires: dossier.wires }),
    ...(ledger.length === 0 ? {} : { ledger }),
  };
}
