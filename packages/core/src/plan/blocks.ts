import { briefLines } from "../brief/index.ts";
import { type Hazard } from "../hazards/index.ts";
import {
  asksAfterPart,
  connectorsInOrder,
  decisionByPin,
  indexPins,
  isDeadEnd,
  isTapping,
  leadPin,
  namedPins,
  ranked,
  rankPins,
  seatOf,
  undecidedPins,
  type Dossier,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import type { Block } from "./step.ts";

/**
 * Everything that stands in the way of the work, in the order in which it is best settled. In work that has `begun` nobody is asked
 * what becomes of a part: its plug is open already.
 */
export function blocksOf(dossier: Dossier, hazards: readonly Hazard[], begun: boolean): readonly Block[] {
  const pins = indexPins(dossier);
  const rank = rankPins(dossier);
  const decisions = [...dossier.decisions].sort(ranked((id) => rank.get(id) ?? 0));
  const worked = decisions.filter(({ kind }) => kind !== "leave" && kind !== "forbid").flatMap(namedPins);
  const unseen = worked.filter((id) => pins.get(id)?.pin.content === "unknown");
  const shut = worked.filter((id) => (pins.get(id)?.connector.keepOut ?? "") !== "");
  const undecided = undecidedPins(dossier).map(({ pin }): Block => ({ code: "undecided", pin: pin.id }));
  const nowhere = decisions.flatMap((decision): Block[] =>
    decision.kind === "feed" && decision.supply === null
      ? [{ code: "feed-from-where", pin: decision.pin }]
      : [],
  );
  // Only a decided join can stop the work; what is merely suggested is undecided already.
  const stops = hazards.filter(
    (hazard) =>
      hazard.severity === "stop" && hazard.decision !== null && hazard.answered === null && !hazard.cured,
  );
  const unserved = briefLines(dossier).flatMap((line): Block[] =>
    line.item.kept && (line.state === "no-pin" || line.state === "lost") ? [{ code: "unserved", line }] : [],
  );
  return [
    ...undecided,
    ...(begun ? [] : unasked(dossier, pins)),
    ...shut.map((id): Block => ({ code: "keep-out", pin: id })),
    ...unseen.map((id): Block => ({ code: "look-first", pin: id })),
    ...keptCavities(dossier, pins),
    ...nowhere,
    ...unserved,
    ...stops.map((hazard): Block => ({ code: "stop", hazard })),
  ];
}

/** The plugs of the vehicle whose part loses a wire by what is decided, where nobody has said that it leaves. */
function unasked(dossier: Dossier, pins: ReadonlyMap<PinId, PlacedPin>): readonly Block[] {
  // In a repair the part stays and gets a new plug.
  if (dossier.head.kind === "connector-repair") return [];
  const parted = new Set(
    dossier.decisions.flatMap((decision) =>
      isTapping(decision) || ["series", "move", "re-end", "leave", "forbid"].includes(decision.kind)
        ? []
        : namedPins(decision).flatMap((id) => pins.get(id)?.connector.id ?? []),
    ),
  );
  return connectorsInOrder(dossier).flatMap((connector): readonly Block[] =>
    parted.has(connector.id) && asksAfterPart(dossier, connector)
      ? [{ code: "counterpart", connector: connector.id }]
      : [],
  );
}

/** Cavities that a wire is to move into while their own wire has no decision that takes it out. */
function keptCavities(dossier: Dossier, pins: ReadonlyMap<PinId, PlacedPin>): readonly Block[] {
  const byPin = decisionByPin(dossier);
  return dossier.decisions.flatMap((decision): readonly Block[] => {
    const [by, to] =
      decision.kind === "populate" ? [decision.lead, decision.cavity] : [leadPin(decision), seatOf(decision)];
    if (to === null || (decision.kind !== "move" && decision.kind !== "populate")) return [];
    if (pins.get(to)?.pin.content !== "occupied") return [];
    const own = byPin.get(to);
    const leaves =
      own !== undefined &&
      ((seatOf(own) !== null && own.kind !== "series") ||
        ("half" in own && own.half === "pulled") ||
        (isDeadEnd(own) && pins.get(to)?.connector.leads === "loom"));
    return leaves ? [] : [{ code: "cavity-kept", pin: to, by }];
  });
}
