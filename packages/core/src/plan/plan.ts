import { sameColour } from "../colour/index.ts";
import { applyOperation, initialState, type HarnessState } from "../harness/index.ts";
import { briefLines, findHazards } from "../matching/index.ts";
import {
  connectorsInOrder, decisionId, decisionPins, decisionSureness, indexPins, indexSources, isSupply, leadPin, linkedPairs, pinColour, pinsInOrder, rankPins, undecidedPins,
  type Connector, type Decision, type Dossier, type PinId, type PlacedPin,
} from "../model/index.ts";
import { firstDifference, present } from "../util/index.ts";
import { draftsOf, stepOf, type Draft } from "./templates.ts";
import type { Block, Group, Plan, Step } from "./step.ts";

/**
 * The ordered worklist: battery off, photograph and unlock, then one decision after another without interruption
 * (cavity emptied before it is filled, insulated before the next cut), supplies last, then plug, lock, measure, battery on.
 * A pure function of the dossier.
 */
export function planWork(dossier: Dossier): Plan {
  const pins = indexPins(dossier);
  const pin = (id: PinId): PlacedPin => present(pins.get(id), `pin ${id}`);
  const rank = rankPins(dossier);
  const sources = indexSources(dossier.sources);
  const doubted = dossier.decisions.filter((decision) => decision.kind !== "forbid").map((decision) => ({ ...decision, sure: decisionSureness(decision, pins, sources) }));
  const decisions = doubted.sort((a, b) => firstDifference(supplyLast(a, pin) - supplyLast(b, pin), placeOf(a, rank) - placeOf(b, rank)));
  const wire = decisions.flatMap((decision) => {
    const id = decisionId(decision);
    return draftsOf(decision, pin).map((draft) => stepOf(id, id, draft));
  });
  if (wire.every((step) => step.op === null)) {
    return { steps: [], groups: [], minutes: 0, blocks: [...blocksOf(dossier), ...(undecidedPins(dossier).length > 0 ? [] : [{ code: "nothing-to-do" } as const])] };
  }
  const handled = connectorsInOrder(dossier).filter((connector) => wire.some((step) => step.connector === connector.id));
  const unlocked = handled.filter((connector) => wire.some((step) => step.connector === connector.id && (step.kind === "release" || step.kind === "insert")));
  const opening = openingDrafts(handled, unlocked).map((draft) => stepOf("open", null, draft));
  const closing = closingDrafts(dossier, replayed(initialState(dossier), [...opening, ...wire]), unlocked).map((draft) => stepOf("close", null, draft));
  const steps = [...opening, ...wire, ...closing].map((step) => ({ ...step, twins: twinsOf(step, pin) }));
  const titles = new Map(decisions.map((decision) => [decisionId(decision) as string, titleOf(decision, pin)]));
  return { steps, groups: groupsOf(steps, titles), blocks: blocksOf(dossier), minutes: steps.reduce((sum, step) => sum + step.minutes, 0) };
}

/** Supplies brought in from elsewhere come after everything else: supply last. */
function supplyLast(decision: Decision, pin: (id: PinId) => PlacedPin): number {
  if (decision.kind === "feed") return isSupply(decision.feed) ? 2 : 0;
  return linkedPairs(decision).some(([, incoming]) => isSupply(pin(incoming).pin.signal)) ? 1 : 0;
}

const placeOf = (decision: Decision, rank: ReadonlyMap<PinId, number>): number => rank.get(leadPin(decision)) ?? 0;

function openingDrafts(handled: readonly Connector[], unlocked: readonly Connector[]): readonly Draft[] {
  return [
    { kind: "battery-off", role: "battery", op: { kind: "battery", to: "off" } },
    ...handled.map((connector): Draft => ({ kind: "photograph", role: `photograph:${connector.id}`, op: null, connector: connector.id })),
    ...unlocked.map((connector): Draft => ({ kind: "open-lock", role: `unlock:${connector.id}`, op: { kind: "lock", connector: connector.id, to: "open" }, connector: connector.id })),
  ];
}

function closingDrafts(dossier: Dossier, state: HarnessState, unlocked: readonly Connector[]): readonly Draft[] {
  const holes = connectorsInOrder(dossier).filter((connector) => connector.sealed).flatMap((connector) =>
    pinsInOrder(connector).filter((pin) => state.cavities[pin.id]?.state === "vacated").map((pin): Draft => ({
      kind: "plug", role: `plug:${pin.id}`, op: { kind: "plug", cavity: pin.id, to: "plugged" }, at: pin.id, connector: connector.id,
    })),
  );
  return [
    ...holes,
    ...unlocked.map((connector): Draft => ({ kind: "close-lock", role: `lock:${connector.id}`, op: { kind: "lock", connector: connector.id, to: "closed" }, connector: connector.id })),
    { kind: "measure", role: "measure", op: null },
    { kind: "battery-on", role: "battery", op: { kind: "battery", to: "on" } },
  ];
}

/** The state after the steps that can be done; only used to see which cavities end up open. */
function replayed(start: HarnessState, steps: readonly Step[]): HarnessState {
  return steps.reduce((state, step) => {
    const next = step.op === null ? null : applyOperation(state, step.op);
    return next?.ok ? next.value.state : state;
  }, start);
}

function twinsOf(step: Step, pin: (id: PinId) => PlacedPin): readonly PinId[] {
  if ((step.kind !== "release" && step.kind !== "cut") || step.wire === null) return [];
  const { pin: own, connector } = pin(step.wire);
  const colour = pinColour(own, connector);
  if (colour === null) return [];
  return pinsInOrder(connector).flatMap((other) => {
    const theirs = other.id === own.id || other.content !== "occupied" ? null : pinColour(other, connector);
    return theirs !== null && sameColour(theirs, colour) ? [other.id] : [];
  });
}

function titleOf(decision: Decision, pin: (id: PinId) => PlacedPin): string {
  const first = pin(leadPin(decision)).pin;
  return first.function || `Cavity ${first.cavity}`;
}

function groupsOf(steps: readonly Step[], titles: ReadonlyMap<string, string>): readonly Group[] {
  return [...new Set(steps.map((step) => step.group))].map((id) => {
    const own = steps.filter((step) => step.group === id);
    return {
      id,
      stage: id === "open" ? "open" : id === "close" ? "close" : "wire",
      title: id === "open" ? "Make safe and open" : id === "close" ? "Close and prove" : present(titles.get(id), "title"),
      steps: own.map((step) => step.id),
      minutes: own.reduce((sum, step) => sum + step.minutes, 0),
    };
  });
}

function blocksOf(dossier: Dossier): readonly Block[] {
  const pins = indexPins(dossier);
  const rank = rankPins(dossier);
  const decisions = [...dossier.decisions].sort((a, b) => placeOf(a, rank) - placeOf(b, rank));
  const worked = decisions.filter((decision) => decision.kind !== "leave").flatMap(decisionPins);
  const unseen = worked.filter((id) => pins.get(id)?.pin.content === "unknown");
  const shut = worked.filter((id) => (pins.get(id)?.connector.keepOut ?? "") !== "");
  const undecided = undecidedPins(dossier).map(({ pin }): Block => ({ code: "undecided", pin: pin.id }));
  const nowhere = decisions.flatMap((decision): Block[] => (decision.kind === "feed" && decision.from.trim() === "" ? [{ code: "feed-from-where", pin: decision.pin }] : []));
  // Only a decided join can stop the work; what is merely suggested is undecided already.
  const stops = findHazards(dossier).filter((hazard) => hazard.severity === "stop" && hazard.decision !== null && hazard.answered === null && !hazard.cured);
  const unserved = briefLines(dossier).flatMap((line): Block[] => (line.item.kept && (line.state === "no-pin" || line.state === "lost") ? [{ code: "unserved", line }] : []));
  return [...undecided, ...shut.map((id): Block => ({ code: "keep-out", pin: id })), ...unseen.map((id): Block => ({ code: "look-first", pin: id })), ...nowhere, ...unserved, ...stops.map((hazard): Block => ({ code: "stop", hazard }))];
}
