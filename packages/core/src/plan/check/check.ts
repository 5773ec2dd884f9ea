import { unreachable } from "../../util/index.ts";
import {
  applyOperation,
  connectedEnds,
  connectedPoints,
  cutFarEnd,
  cutPlugEnd,
  farEnd,
  initialState,
  owned,
  plugEnd,
  plugPart,
  wireOf,
  type EndPlace,
  type HarnessState,
  type Point,
} from "../../harness/index.ts";
import {
  decisionId,
  decisionPins,
  decisionSureness,
  indexPins,
  indexSources,
  linkedPairs,
  methodOf,
  namedPins,
  needsFuse,
  seatsOf,
  type ConnectorId,
  type Decision,
  type Dossier,
  type EndId,
  type PinId,
  type StepId,
} from "../../model/index.ts";
import type { Plan } from "../step.ts";
import type { Fault } from "./fault.ts";
import { AFTER, BEFORE, follow, newWatch, remember } from "./watch.ts";

/**
 * A second opinion on a plan: replays it from the start with nothing of the planner but `applyOperation`, looks at every step
 * by the rules of careful work, and judges the end state by what each decision promised. Gives the first fault, or null for a
 * sound plan.
 */
export function checkPlan(
  dossier: Dossier,
  plan: Pick<Plan, "steps">,
  start: HarnessState = initialState(dossier),
): Fault | null {
  const pins = indexPins(dossier);
  const sources = indexSources(dossier.sources);
  const doubtful = new Set(
    dossier.decisions
      .filter((decision) => decisionSureness(decision, pins, sources) !== "sure")
      .map(decisionId),
  );
  const watch = newWatch(pins, doubtful, new Set(dossier.worklist.evenings));
  const seen = new Set<StepId>();
  let state = owned(start);
  let worked = false;
  for (const step of plan.steps) {
    if (seen.has(step.id)) return { code: "step-repeated", step: step.id };
    seen.add(step.id);
    for (const rule of BEFORE) {
      const fault = rule(step, watch, state);
      if (fault !== null) return fault;
    }
    if (step.op !== null) {
      const next = applyOperation(state, step.op);
      if (!next.ok) return { code: "step-cannot-be-done", step: step.id, problem: next.error };
      state = next.value.state;
      worked = true;
      follow(watch, step, step.op, state);
    }
    remember(watch, step);
    for (const rule of AFTER) {
      const fault = rule(step, watch, state);
      if (fault !== null) return fault;
    }
  }
  return endFault(dossier, start, state, worked);
}

/** The ends in every cavity, as one text. */
function seats(state: HarnessState): ReadonlyMap<PinId, string> {
  const found = new Map<PinId, string>();
  for (const [end, place] of Object.entries<EndPlace>(state.ends))
    if (place.at === "cavity") found.set(place.cavity, `${found.get(place.cavity) ?? ""} ${end}`);
  return found;
}

function endFault(dossier: Dossier, start: HarnessState, end: HarnessState, worked: boolean): Fault | null {
  const pins = indexPins(dossier);
  const [before, after] = [seats(start), seats(end)];
  const reach = connectedPoints(end);
  const joints = connectedEnds(end);
  const touched = new Set<PinId>();
  for (const decision of dossier.decisions) {
    for (const pin of decisionPins(decision)) touched.add(pin);
    for (const seat of seatsOf(decision)) touched.add(seat);
    if (!carriedOut(decision, { start, end, before, after, reach, joints }))
      return { code: "decision-not-carried-out", decision: decisionId(decision) };
    if (
      decision.kind === "feed" &&
      needsFuse(decision.feed) &&
      [farEnd(decision.pin), cutPlugEnd(decision.pin)].some((one) => {
        const place = end.ends[one];
        return place?.at === "supply" && end.fuses[place.supply] === undefined;
      })
    )
      return { code: "fuse-left-out", decision: decisionId(decision) };
  }
  for (const id of pins.keys())
    if (!touched.has(id) && before.get(id) !== after.get(id))
      return { code: "wire-moved-without-decision", pin: id };
  if (!worked) return null;
  const aboard = new Set(Object.values(end.wires).flatMap((wire) => (wire.aboard ? wire.ends : [])));
  const bare = (Object.entries(end.ends) as [EndId, EndPlace][]).find(
    ([id, place]) =>
      place.at === "loose" &&
      !place.covered &&
      aboard.has(id) &&
      JSON.stringify(start.ends[id]) !== JSON.stringify(place),
  );
  if (bare !== undefined) return { code: "bare-end-left", end: bare[0] };
  const hole = [...pins.values()].find(
    ({ pin, connector }) =>
      connector.sealed &&
      end.cavities[pin.id]?.state === "vacated" &&
      start.cavities[pin.id]?.state !== "vacated",
  );
  if (hole !== undefined) return { code: "cavity-left-open", pin: hole.pin.id };
  if (end.battery === "off") return { code: "left-open", what: "battery-off" };
  const lock = (Object.entries(end.locks) as [ConnectorId, string][]).find(([, now]) => now === "open");
  if (lock !== undefined) return { code: "left-open", what: "lock-open", connector: lock[0] };
  const apart = leftApart(dossier, start, end, reach);
  return apart === null ? null : { code: "left-open", what: "unplugged", connector: apart };
}

/** A connector that was plugged in before or was worked on, that still leads somewhere, and that hangs in the air. */
function leftApart(
  dossier: Dossier,
  start: HarnessState,
  end: HarnessState,
  reach: ReadonlyMap<EndId, readonly Point[]>,
): ConnectorId | null {
  const worked = new Set(
    dossier.decisions
      .filter(({ kind }) => kind !== "leave" && kind !== "forbid")
      .flatMap((decision) => [...decisionPins(decision), ...seatsOf(decision)])
      .map((pin) => start.cavities[pin]?.connector),
  );
  for (const [id, place] of Object.entries(end.ends) as [EndId, EndPlace][]) {
    const hole = place.at === "cavity" ? end.cavities[place.cavity] : undefined;
    if (
      place.at !== "cavity" ||
      hole === undefined ||
      (end.plugged[hole.connector] ?? null) !== null ||
      (!worked.has(hole.connector) && (start.plugged[hole.connector] ?? null) === null)
    )
      continue;
    if ((reach.get(id) ?? []).some((point) => point.at !== "cavity" || point.cavity !== place.cavity))
      return hole.connector;
  }
  return null;
}

interface Outcome {
  readonly start: HarnessState;
  readonly end: HarnessState;
  readonly before: ReadonlyMap<PinId, string>;
  readonly after: ReadonlyMap<PinId, string>;
  readonly reach: ReadonlyMap<EndId, readonly Point[]>;
  readonly joints: ReadonlyMap<EndId, ReadonlySet<EndId>>;
}

/** What each kind of decision promises of the end state, in terms of what is joined to what. */
function carriedOut(decision: Decision, { start, end, before, after, reach, joints }: Outcome): boolean {
  const reaches = (from: EndId, cavity: PinId): boolean =>
    (reach.get(from) ?? []).some((point) => point.at === "cavity" && point.cavity === cavity);
  const placed = (id: EndId): EndPlace | undefined => end.ends[id];
  const toldApart = (pin: PinId): boolean =>
    start.ends[farEnd(pin)]?.at === "loose" || !reaches(farEnd(pin), pin);
  const stays = (pin: PinId): boolean =>
    before.get(pin) === after.get(pin) &&
    JSON.stringify(start.ends[farEnd(pin)]) === JSON.stringify(placed(farEnd(pin)));
  const untouched = (pin: PinId): boolean =>
    before.get(pin) === after.get(pin) && end.ends[cutPlugEnd(pin)] === undefined;
  // Neither factory loom is touched by an adapter: only the plugs meet other plugs.
  if (methodOf(decision) === "adapter") {
    const [first, ...others] = namedPins(decision);
    return (
      first !== undefined &&
      [first, ...others].every(untouched) &&
      others.every((other) => reaches(farEnd(first), other))
    );
  }
  switch (decision.kind) {
    case "join":
      return (
        (after.get(decision.incoming) ?? "").trim().split(" ").length === 1 &&
        toldApart(decision.vehicle) &&
        reaches(farEnd(decision.vehicle), decision.incoming)
      );
    case "merge":
    case "split":
      return linkedPairs(decision).every(
        ([vehicle, incoming]) => toldApart(vehicle) && reaches(farEnd(vehicle), incoming),
      );
    case "mate": {
      const [own, other] = [decision.vehicle, decision.incoming].map(([first]) =>
        first === undefined ? undefined : start.cavities[first]?.connector,
      );
      return (
        own !== undefined &&
        end.plugged[own] === other &&
        [...decision.vehicle, ...decision.incoming].every(untouched)
      );
    }
    case "move": {
      const place = placed(plugEnd(decision.pin));
      return place?.at === "cavity" && place.cavity === decision.to;
    }
    case "jumper": {
      const [first, ...others] = decision.pins.map((pin) => farEnd(pin));
      const joint = first === undefined ? undefined : joints.get(first);
      return (
        joint !== undefined && others.every((other) => joint.has(other)) && decision.pins.every(toldApart)
      );
    }
    case "forbid":
      return true;
    case "series":
      // The loom's half ends in the part, and what comes back from the part is all that the plug's cavity holds.
      return (
        reaches(farEnd(decision.vehicle), decision.into) &&
        reaches(plugEnd(decision.back), decision.vehicle) &&
        !reaches(farEnd(decision.vehicle), decision.vehicle) &&
        !reaches(farEnd(decision.vehicle), decision.back)
      );
    case "remove":
      return (
        start.cavities[decision.pin]?.state !== "occupied" ||
        [wireOf(decision.pin), plugPart(decision.pin)].some((wire) => end.wires[wire]?.aboard === false)
      );
    case "cap": {
      if (start.cavities[decision.pin]?.state !== "occupied") return true;
      const capped = [plugEnd(decision.pin), farEnd(decision.pin)]
        .map(placed)
        .filter((place) => place?.at === "loose" && place.covered);
      return capped.length === 1;
    }
    case "feed": {
      if (start.cavities[decision.pin]?.state !== "occupied") return true;
      const fed = [farEnd(decision.pin), cutPlugEnd(decision.pin)]
        .map(placed)
        .some((place) => place?.at === "supply");
      const rest = placed(cutFarEnd(decision.pin));
      return fed && (rest === undefined || (rest.at === "loose" && rest.covered));
    }
    case "leave":
      return stays(decision.pin);
    default:
      return unreachable(decision);
  }
}
