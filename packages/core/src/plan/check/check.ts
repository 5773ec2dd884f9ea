import { applyOperation, connectedEnds, connectedPoints, cutFarEnd, cutPlugEnd, endsInCavity, farEnd, initialState, plugEnd, type EndPlace, type HarnessState, type OperationProblem } from "../../harness/index.ts";
import { decisionId, decisionPins, decisionSureness, indexPins, indexSources, linkedPairs, type Decision, type DecisionId, type Dossier, type EndId, type PinId, type StepId } from "../../model/index.ts";
import type { Plan } from "../step.ts";

/** What is wrong with a plan, at the first step where it is. */
export type Fault =
  | { readonly code: "step-cannot-be-done"; readonly step: StepId; readonly problem: OperationProblem }
  | { readonly code: "two-ends-in-the-hand"; readonly step: StepId; readonly ends: readonly EndId[] }
  | { readonly code: "unchecked-doubt"; readonly step: StepId; readonly decision: DecisionId }
  | { readonly code: "decision-not-carried-out"; readonly decision: DecisionId }
  | { readonly code: "wire-moved-without-decision"; readonly pin: PinId }
  | { readonly code: "bare-end-left"; readonly end: EndId }
  | { readonly code: "left-open"; readonly what: "battery-off" | "lock-open" };

/**
 * A second opinion on a plan: replays it from the start with nothing of the planner but `applyOperation`, and judges the
 * end state by what each decision promised. Gives the first fault, or null for a sound plan.
 */
export function checkPlan(dossier: Dossier, plan: Pick<Plan, "steps">): Fault | null {
  const start = initialState(dossier);
  let state = start;
  const checked = new Set<DecisionId>();
  const pins = indexPins(dossier);
  const sources = indexSources(dossier.sources);
  const doubtful = new Set(dossier.decisions.filter((decision) => decisionSureness(decision, pins, sources) !== "sure").map(decisionId));
  for (const step of plan.steps) {
    if (step.kind === "check" && step.decision !== null) checked.add(step.decision);
    if (step.op === null) continue;
    if (step.decision !== null && doubtful.has(step.decision) && !checked.has(step.decision)) return { code: "unchecked-doubt", step: step.id, decision: step.decision };
    const next = applyOperation(state, step.op);
    if (!next.ok) return { code: "step-cannot-be-done", step: step.id, problem: next.error };
    state = next.value.state;
    const held = terminalsInHand(state);
    if (held.length > 1) return { code: "two-ends-in-the-hand", step: step.id, ends: held };
  }
  return endFault(dossier, start, state);
}

/** Terminals out of their cavities, uncovered, on wires that are aboard. */
function terminalsInHand(state: HarnessState): readonly EndId[] {
  return (Object.entries(state.ends) as [EndId, EndPlace][]).flatMap(([end, place]) => (place.at === "loose" && place.terminal && !place.covered && isAboard(state, end) ? [end] : []));
}

function endFault(dossier: Dossier, start: HarnessState, end: HarnessState): Fault | null {
  const pins = indexPins(dossier);
  const touched = new Set<PinId>();
  for (const decision of dossier.decisions) {
    for (const pin of decisionPins(decision)) touched.add(pin);
    if (!carriedOut(decision, start, end)) return { code: "decision-not-carried-out", decision: decisionId(decision) };
  }
  for (const id of pins.keys()) {
    const unchanged = JSON.stringify(endsInCavity(start, id)) === JSON.stringify(endsInCavity(end, id));
    if (!touched.has(id) && !unchanged) return { code: "wire-moved-without-decision", pin: id };
  }
  if (start === end) return null;
  const bare = (Object.entries(end.ends) as [EndId, EndPlace][]).find(([id, place]) => place.at === "loose" && !place.covered && JSON.stringify(start.ends[id]) !== JSON.stringify(place) && isAboard(end, id));
  if (bare !== undefined) return { code: "bare-end-left", end: bare[0] };
  if (end.battery === "off") return { code: "left-open", what: "battery-off" };
  return Object.values(end.locks).includes("open") ? { code: "left-open", what: "lock-open" } : null;
}

const isAboard = (state: HarnessState, end: EndId): boolean => Object.values(state.wires).some((wire) => wire.aboard && wire.ends.includes(end));

/** What each kind of decision promises of the end state, in terms of what is joined to what. */
function carriedOut(decision: Decision, start: HarnessState, end: HarnessState): boolean {
  const reach = connectedPoints(end);
  const reaches = (from: EndId, cavity: PinId): boolean => (reach.get(from) ?? []).some((point) => point.at === "cavity" && point.cavity === cavity);
  const placed = (id: EndId): EndPlace | undefined => end.ends[id];
  switch (decision.kind) {
    case "join": {
      const loomSide = farEnd(decision.vehicle);
      const alone = endsInCavity(end, decision.incoming).length === 1;
      const toldApart = start.ends[loomSide]?.at === "loose" || !reaches(loomSide, decision.vehicle);
      return alone && toldApart && reaches(loomSide, decision.incoming);
    }
    case "merge":
    case "split":
      return linkedPairs(decision).every(([vehicle, incoming]) => {
        const toldApart = start.ends[farEnd(vehicle)]?.at === "loose" || !reaches(farEnd(vehicle), vehicle);
        return toldApart && reaches(farEnd(vehicle), incoming);
      });
    case "jumper": {
      const [first, ...others] = decision.pins.map((pin) => farEnd(pin));
      const joint = first === undefined ? undefined : connectedEnds(end).get(first);
      return joint !== undefined && others.every((other) => joint.has(other)) && decision.pins.every((pin) => start.ends[farEnd(pin)]?.at === "loose" || !reaches(farEnd(pin), pin));
    }
    case "forbid":
      return true;
    case "cap": {
      if (start.cavities[decision.pin]?.state !== "occupied") return true;
      const capped = [plugEnd(decision.pin), farEnd(decision.pin)].map(placed).filter((place) => place?.at === "loose" && place.covered);
      return capped.length === 1;
    }
    case "feed": {
      if (start.cavities[decision.pin]?.state !== "occupied") return true;
      const fed = [farEnd(decision.pin), cutPlugEnd(decision.pin)].map(placed).some((place) => place?.at === "supply");
      const rest = placed(cutFarEnd(decision.pin));
      return fed && (rest === undefined || (rest.at === "loose" && rest.covered));
    }
    case "leave":
      return JSON.stringify(endsInCavity(start, decision.pin)) === JSON.stringify(endsInCavity(end, decision.pin)) && JSON.stringify(start.ends[farEnd(decision.pin)]) === JSON.stringify(placed(farEnd(decision.pin)));
  }
}
