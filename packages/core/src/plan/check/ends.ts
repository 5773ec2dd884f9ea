import { isPartlyRecorded } from "../../face/index.ts";
import { unreachable } from "../../util/index.ts";
import {
  cutFarEnd,
  cutPlugEnd,
  farEnd,
  liveEnds,
  netOf,
  plugEnd,
  plugPart,
  wireOf,
  type EndPlace,
  type HarnessState,
  type Nets,
} from "../../harness/index.ts";
import {
  decisionId,
  decisionPins,
  indexPins,
  isTapOf,
  linkedPairs,
  methodOf,
  namedPins,
  parting,
  hasFuseToFit,
  isNewShell,
  suppliesOf,
  seatOf,
  seatsOf,
  type ConnectorId,
  type Decision,
  type Dossier,
  type EndId,
  type Merged,
  type Joining,
  type PinId,
} from "../../model/index.ts";
import { copperFault } from "./copper.ts";
import type { Fault } from "./fault.ts";

/** The ends in every cavity, as one text. */
function seats(state: HarnessState): ReadonlyMap<PinId, string> {
  const found = new Map<PinId, string>();
  for (const [end, place] of Object.entries<EndPlace>(state.ends))
    if (place.at === "cavity") found.set(place.cavity, `${found.get(place.cavity) ?? ""} ${end}`);
  return found;
}

export function endFault(
  dossier: Dossier,
  start: HarnessState,
  end: HarnessState,
  worked: boolean,
  crimped: ReadonlySet<EndId>,
): Fault | null {
  const pins = indexPins(dossier);
  const [before, after] = [seats(start), seats(end)];
  const touched = new Set<PinId>();
  const byId = new Map(dossier.points.map((point) => [point.id, point]));
  const toFit = new Map(
    dossier.points
      .filter((one) => hasFuseToFit(one, byId))
      .map(({ id, supply }) => [id, [id, ...(supply?.aliases ?? [])]] as const),
  );
  const settled = new Set(
    dossier.decisions.flatMap((one) => decisionPins(one).filter((pin) => !isTapOf(one, pin))),
  );
  for (const decision of dossier.decisions) {
    for (const pin of decisionPins(decision)) touched.add(pin);
    for (const seat of seatsOf(decision)) touched.add(seat);
    if (!isInPlace(decision, { start, end, before, after, settled, crimped }))
      return {
        code: "decision-not-carried-out",
        decision: decisionId(decision),
        pins: namedPins(decision),
      };
    if (
      suppliesOf(decision).some((supply) => toFit.get(supply)?.every((name) => end.fuses[name] === undefined))
    )
      return { code: "fuse-left-out", decision: decisionId(decision), pins: namedPins(decision) };
  }
  for (const id of pins.keys())
    if (!touched.has(id) && before.get(id) !== after.get(id))
      return { code: "wire-moved-without-decision", pin: id };
  if (!worked) return copperFault(dossier, start, end);
  const aboard = new Set(Object.values(end.wires).flatMap((wire) => (wire.aboard ? wire.ends : [])));
  const nets = netOf(end);
  const live = liveEnds(end, nets);
  const bare = (Object.entries(end.ends) as [EndId, EndPlace][]).find(
    ([id, place]) =>
      place.at === "loose" &&
      !place.covered &&
      aboard.has(id) &&
      (live.has(id) || JSON.stringify(start.ends[id]) !== JSON.stringify(place)),
  );
  if (bare !== undefined) return { code: "bare-end-left", end: bare[0] };
  const rubbish = emptyShells(start, end);
  /** New shells that got wires: what is left open in them gets a plug as well. */
  const filled = new Set(
    dossier.connectors
      .filter((one) => isNewShell(one) && one.pins.some(({ id }) => after.has(id)))
      .map(({ id }) => id),
  );
  const hole = [...pins.values()].find(
    ({ pin, connector }) =>
      connector.sealed &&
      !rubbish.has(connector.id) &&
      end.cavities[pin.id]?.state === "vacated" &&
      (start.cavities[pin.id]?.state !== "vacated" || filled.has(connector.id)),
  );
  if (hole !== undefined) return { code: "cavity-left-open", pin: hole.pin.id };
  if (end.battery === "off") return { code: "left-open", what: "battery-off" };
  const lock = (Object.entries(end.locks) as [ConnectorId, string][]).find(
    ([id, now]) => now === "open" && !rubbish.has(id),
  );
  if (lock !== undefined) return { code: "left-open", what: "lock-open", connector: lock[0] };
  const off = parting(dossier);
  const held = dossier.connectors.find(
    ({ id }) => off.has(id) && (start.plugged[id] ?? null) !== null && end.plugged[id] === start.plugged[id],
  );
  if (held !== undefined) return { code: "part-not-off", connector: held.id };
  const apart = leftApart(dossier, start, end, nets);
  return apart === null
    ? copperFault(dossier, start, end)
    : { code: "left-open", what: "unplugged", connector: apart };
}

/** Shells whose every wire has gone over into a shell that held none, and that are plugged into nothing: nobody needs their locks and holes. */
function emptyShells(start: HarnessState, end: HarnessState): ReadonlySet<ConnectorId> {
  const held = (state: HarnessState): ReadonlyMap<EndId, ConnectorId> =>
    new Map(
      (Object.entries(state.ends) as [EndId, HarnessState["ends"][EndId]][]).flatMap(([id, place]) => {
        const connector = place?.at === "cavity" ? state.cavities[place.cavity]?.connector : undefined;
        return connector === undefined ? [] : [[id, connector] as const];
      }),
    );
  const [before, after] = [held(start), held(end)];
  const full = new Set(before.values());
  const left = new Set(
    [...before].flatMap(([id, was]) => {
      const now = after.get(id);
      return now !== undefined && now !== was && !full.has(now) ? [] : [was];
    }),
  );
  return new Set([...full].filter((id) => !left.has(id) && (end.plugged[id] ?? null) === null));
}

/** A connector that was plugged in before or was worked on, that still leads somewhere, and that hangs in the air. One whose other half was taken away does. */
function leftApart(dossier: Dossier, start: HarnessState, end: HarnessState, nets: Nets): ConnectorId | null {
  const worked = new Set(
    dossier.decisions
      .filter(({ kind }) => kind !== "leave" && kind !== "forbid")
      .flatMap((decision) => [...decisionPins(decision), ...seatsOf(decision)])
      .map((pin) => start.cavities[pin]?.connector),
  );
  const isFlying = new Set(dossier.connectors.flatMap(({ id, leads }) => (leads === "flying" ? [id] : [])));
  const claimed = new Set(
    dossier.decisions.flatMap((decision) => {
      const plugs = namedPins(decision).flatMap((pin) => start.cavities[pin]?.connector ?? []);
      if (decision.kind === "mate") return plugs;
      return methodOf(decision) === "adapter" ? plugs.filter((id) => !isFlying.has(id)) : [];
    }),
  );
  const off = parting(dossier);
  const partly = dossier.connectors.find(
    (one) =>
      isPartlyRecorded(one) &&
      start.plugged[one.id] === "own" &&
      (end.plugged[one.id] ?? null) === null &&
      !off.has(one.id),
  );
  if (partly !== undefined) return partly.id;
  for (const place of Object.values<EndPlace>(end.ends)) {
    const hole = place.at === "cavity" ? end.cavities[place.cavity] : undefined;
    if (
      place.at !== "cavity" ||
      hole === undefined ||
      (end.plugged[hole.connector] ?? null) !== null ||
      (off.has(hole.connector) && !claimed.has(hole.connector)) ||
      (!worked.has(hole.connector) && (start.plugged[hole.connector] ?? null) === null)
    )
      continue;
    const net = nets.ofCavity(place.cavity);
    if ((net?.cavities.size ?? 0) > 1 || (net?.anchors.length ?? 0) > 0) return hole.connector;
  }
  return null;
}

interface Outcome {
  readonly start: HarnessState;
  readonly end: HarnessState;
  readonly before: ReadonlyMap<PinId, string>;
  readonly after: ReadonlyMap<PinId, string>;
  /** Pins with a decision that does more than hang something on their wires. */
  readonly settled: ReadonlySet<PinId>;
  /** Ends that got a new terminal on the way. */
  readonly crimped: ReadonlySet<EndId>;
}

/** What each kind of decision promises of terminals, covers and plugs; what is joined to what is for the copper as a whole. */
function isInPlace(decision: Decision, { start, end, before, after, settled, crimped }: Outcome): boolean {
  const placed = (id: EndId): EndPlace | undefined => end.ends[id];
  const wasThere = (pin: PinId): boolean => start.cavities[pin]?.state === "occupied";
  const isCovered = (id: EndId): boolean => {
    const place = placed(id);
    return place?.at === "loose" && place.covered;
  };
  const sits = (pin: PinId, cavity: PinId): boolean => {
    const place = placed(plugEnd(pin));
    return place?.at === "cavity" && place.cavity === cavity && after.get(cavity) === ` ${plugEnd(pin)}`;
  };
  const untouched = (pin: PinId): boolean =>
    before.get(pin) === after.get(pin) && end.ends[cutPlugEnd(pin)] === undefined;
  /** The end that is worked on does not lie loose: the lead of a pigtail, or that half of a cut. */
  const isHeld = (pin: PinId, half: Merged): boolean => {
    if (half === "whole") return settled.has(pin) || before.get(pin) === after.get(pin);
    const cut = { plug: cutPlugEnd, loom: cutFarEnd, pulled: plugEnd }[half](pin);
    const place = placed(start.ends[farEnd(pin)]?.at === "loose" ? farEnd(pin) : cut);
    return place !== undefined && place.at !== "loose" && (half !== "pulled" || place.at !== "cavity");
  };
  const meets = (joining: Joining): boolean =>
    linkedPairs(joining).every(
      ([vehicle, incoming]) =>
        isHeld(vehicle, joining.kind === "tap" ? "whole" : (joining.half ?? "loom")) &&
        isHeld(incoming, joining.theirHalf ?? "plug"),
    );
  // Neither factory loom is touched by an adapter: only the plugs meet other plugs.
  if (methodOf(decision) === "adapter") return namedPins(decision).every(untouched);
  switch (decision.kind) {
    case "join": {
      const seat = seatOf(decision);
      return seat === null ? meets(decision) : sits(decision.vehicle, seat);
    }
    case "series":
      return decision.method !== "move" || sits(decision.vehicle, decision.into);
    case "tap":
    case "merge":
    case "split":
      return meets(decision);
    case "jumper":
      return decision.pins.every((pin) => isHeld(pin, decision.half ?? "loom"));
    case "forbid":
      return true;
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
    case "move":
      return sits(decision.pin, decision.to);
    case "re-end":
      return (
        !wasThere(decision.pin) || (sits(decision.pin, decision.pin) && crimped.has(plugEnd(decision.pin)))
      );
    case "populate":
      return after.get(decision.cavity) === ` ${farEnd(decision.lead)}`;
    case "remove":
      return (
        !wasThere(decision.pin) ||
        [wireOf(decision.pin), plugPart(decision.pin)].some((wire) => end.wires[wire]?.aboard === false)
      );
    case "cap":
      return (
        !wasThere(decision.pin) ||
        [plugEnd(decision.pin), farEnd(decision.pin)].filter(isCovered).length === 1
      );
    case "feed": {
      const stub = (decision.theirHalf === "loom" ? cutPlugEnd : cutFarEnd)(decision.pin);
      const rest = placed(stub);
      if (start.cavities[decision.pin]?.state !== "unknown" && !wasThere(decision.pin))
        return decision.supply === null || sits(decision.pin, decision.pin);
      return !wasThere(decision.pin) || rest === undefined || isCovered(stub);
    }
    case "leave": {
      const [was, now] = [start.ends[farEnd(decision.pin)], placed(farEnd(decision.pin))];
      return (
        untouched(decision.pin) &&
        (JSON.stringify(was) === JSON.stringify(now) ||
          (was?.at === "loose" && isCovered(farEnd(decision.pin))))
      );
    }
    default:
      return unreachable(decision);
  }
}
