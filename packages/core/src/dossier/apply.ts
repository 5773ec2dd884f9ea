import {
  allPins,
  decisionId,
  indexPins,
  isJoining,
  MOST_PINS,
  namedPins,
  OWN_SOURCES,
  pinName,
  type BriefItem,
  type ConnectorId,
  type Dossier,
  type PinId,
  type Source,
  type SourceId,
  type WorklistEdits,
} from "../model/index.ts";
import { fail, ok, type Result } from "../util/index.ts";
import type { Command, CommandProblem } from "./command.ts";
import type { ConnectorHead } from "./diff.ts";
import { changeWiring, withoutEnds } from "./wiring.ts";
import { decide } from "./decide.ts";

/** The dossier after a command; what takes it back is the difference of the two, reversed. */
export function applyCommand(dossier: Dossier, command: Command): Result<Dossier, CommandProblem> {
  switch (command.kind) {
    case "set-head":
      if (command.head.name.trim() === "") return fail({ code: "name-missing" });
      return ok({ ...dossier, head: command.head });
    case "put-connector":
      return putConnector(dossier, command.connector);
    case "remove-connector":
      return removeConnector(dossier, command.connector);
    case "change-pins":
      return changePins(dossier, command);
    case "change-wiring":
      return changeWiring(dossier, command);
    case "decide":
      return decide(dossier, command);
    case "put-source":
      return putSource(dossier, command.source);
    case "remove-source":
      return removeSource(dossier, command.source);
    case "set-brief":
      return setBrief(dossier, command.brief);
    case "set-worklist":
      return setWorklist(dossier, command.worklist);
    case "set-words":
      return ok({ ...dossier, words: command.words });
  }
}

function putConnector(dossier: Dossier, connector: ConnectorHead): Result<Dossier, CommandProblem> {
  if (connector.name.trim() === "") return fail({ code: "name-missing" });
  if (dossier.connectors.some((other) => other.id !== connector.id && other.name === connector.name))
    return fail({ code: "name-taken", name: connector.name });
  const before = dossier.connectors.find((other) => other.id === connector.id);
  if (before === undefined)
    return ok({ ...dossier, connectors: [...dossier.connectors, { ...connector, pins: [] }] });
  const { pins } = before;
  if (before.side !== connector.side) {
    const joined = dossier.decisions.find(
      (decision) =>
        (isJoining(decision) || decision.kind === "forbid") &&
        namedPins(decision).some((id) => pins.some((pin) => pin.id === id)),
    );
    if (joined !== undefined) return fail({ code: "join-needs-both-sides", decision: decisionId(joined) });
  }
  const connectors = dossier.connectors.map((other) =>
    other.id === connector.id ? { ...connector, pins } : other,
  );
  return ok({ ...dossier, connectors });
}

function removeConnector(dossier: Dossier, id: ConnectorId): Result<Dossier, CommandProblem> {
  const connector = dossier.connectors.find((other) => other.id === id);
  if (connector === undefined) return fail({ code: "no-such-connector", connector: id });
  const gone = new Set(connector.pins.map((pin) => pin.id));
  return ok({
    ...withoutHanging(dossier, gone),
    connectors: dossier.connectors.filter((other) => other.id !== id),
  });
}

function changePins(
  dossier: Dossier,
  command: Extract<Command, { kind: "change-pins" }>,
): Result<Dossier, CommandProblem> {
  const connector = dossier.connectors.find((other) => other.id === command.connector);
  if (connector === undefined) return fail({ code: "no-such-connector", connector: command.connector });
  const elsewhere = new Set(
    dossier.connectors
      .filter((other) => other.id !== connector.id)
      .flatMap((other) => other.pins.map((pin) => pin.id)),
  );
  const foreign = command.put.find((pin) => elsewhere.has(pin.id));
  if (foreign !== undefined) return fail({ code: "pin-of-other-connector", pin: foreign.id });
  const before = new Map(connector.pins.map((pin) => [pin.id, pin]));
  const missing = command.remove.find((id) => !before.has(id));
  if (missing !== undefined) return fail({ code: "no-such-pin", pin: missing });
  const after = new Map(before);
  for (const id of command.remove) after.delete(id);
  for (const pin of command.put) after.set(pin.id, pin);
  const count = elsewhere.size + after.size;
  if (count > MOST_PINS && after.size > before.size)
    return fail({ code: "job-too-large", pins: count, limit: MOST_PINS });
  const labels = new Set<string>();
  for (const pin of after.values()) {
    if (pin.cavity.trim() === "") return fail({ code: "cavity-missing", pin: pin.id });
    if (labels.has(pin.cavity))
      return fail({ code: "cavity-taken", connector: connector.name, cavity: pin.cavity });
    labels.add(pin.cavity);
  }
  // A cavity that is gone or found empty has nothing left to decide.
  const gone = new Set([
    ...command.remove,
    ...command.put
      .filter((pin) => pin.content === "empty" && before.get(pin.id)?.content !== "empty")
      .map((pin) => pin.id),
  ]);
  const pins = [...after.values()];
  return ok({
    ...withoutHanging(dossier, gone),
    connectors: dossier.connectors.map((other) => (other.id === connector.id ? { ...other, pins } : other)),
  });
}

function putSource(dossier: Dossier, source: Source): Result<Dossier, CommandProblem> {
  if (source.title.trim() === "") return fail({ code: "name-missing" });
  const before = dossier.sources.find((other) => other.id === source.id);
  const sources =
    before === undefined
      ? [...dossier.sources, source]
      : dossier.sources.map((other) => (other === before ? source : other));
  return ok({ ...dossier, sources });
}

/** A source leaves only when no value leans on it; what every job has is there again once its own settings are gone. */
function removeSource(dossier: Dossier, id: SourceId): Result<Dossier, CommandProblem> {
  const source = dossier.sources.find((other) => other.id === id);
  if (source === undefined) return fail({ code: "no-such-source", source: id });
  const user = OWN_SOURCES.some((own) => own.id === id)
    ? undefined
    : allPins(dossier).find(
        ({ pin }) =>
          Object.values(pin.sources).includes(id) || pin.claims.some((claim) => claim.source === id),
      );
  if (user !== undefined) return fail({ code: "source-in-use", title: source.title, pin: pinName(user) });
  return ok({ ...dossier, sources: dossier.sources.filter((other) => other.id !== id) });
}

function setBrief(dossier: Dossier, brief: readonly BriefItem[]): Result<Dossier, CommandProblem> {
  const pins = indexPins(dossier);
  const said = new Set<string>();
  for (const item of brief) {
    if (item.text.trim() === "") return fail({ code: "brief-text-missing" });
    const key = `${item.kind} ${item.text.trim().toLowerCase()}`;
    if (said.has(key)) return fail({ code: "brief-repeated", text: item.text });
    said.add(key);
    const lost = item.pins.find((id) => !pins.has(id));
    // A pin that has gone since is no mistake of the one who wrote the brief; only a new link must lead somewhere.
    if (lost !== undefined && dossier.brief.every((before) => !before.pins.includes(lost)))
      return fail({ code: "no-such-pin", pin: lost });
  }
  return ok({ ...dossier, brief });
}

function setWorklist(dossier: Dossier, worklist: WorklistEdits): Result<Dossier, CommandProblem> {
  if (
    [...worklist.own.map(({ text }) => text), ...worklist.parts.map(({ name }) => name)].some(
      (text) => text.trim() === "",
    )
  )
    return fail({ code: "step-text-missing" });
  for (const list of [worklist.own, worklist.parts]) {
    const ids = list.map(({ id }) => id);
    const twice = ids.find((id, index) => ids.indexOf(id) !== index);
    if (twice !== undefined) return fail({ code: "step-id-repeated", id: twice });
  }
  return ok({ ...dossier, worklist });
}

/** The job without what hangs on pins that are gone, or were found empty: decisions, and ends of wires. */
const withoutHanging = (dossier: Dossier, pins: ReadonlySet<PinId>): Dossier =>
  pins.size === 0
    ? dossier
    : {
        ...dossier,
        decisions: dossier.decisions.filter((decision) => !namedPins(decision).some((pin) => pins.has(pin))),
        wires: withoutEnds(dossier.wires, pins),
      };
