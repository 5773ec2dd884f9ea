import {
  connectorsInOrder,
  decisionByPin,
  decisionId,
  indexPins,
  isJoining,
  linkedPairs,
  pinsOfSide,
  ranked,
  rankPins,
  type Decision,
  type Dossier,
  type PinId,
  type Side,
} from "../model/index.ts";
import { digestOf, present } from "../util/index.ts";
import type { Crosswalk } from "../proposals/index.ts";
import { keepOutOf } from "../brief/index.ts";
import { pinReader, type ReadPin } from "../pairing/index.ts";
import { RULES } from "./rules.ts";
import { looksIn, type Finding, type Hazard, type HazardContext, type Link, type Rule } from "./rule.ts";

export {
  type Finding,
  type Fix,
  type Hazard,
  type HazardClass,
  type HazardContext,
  type Link,
  type Rule,
  type Severity,
} from "./rule.ts";
export { RULES } from "./rules.ts";

type Suggested = Pick<Crosswalk, "pairs" | "groups">;
const NOTHING: Suggested = { pairs: [], groups: [] };

function contextOf(dossier: Dossier, suggested: Suggested): HazardContext {
  const pins = indexPins(dossier);
  const reader = pinReader(dossier);
  const known = new Map<PinId, ReadPin>();
  const read = (id: PinId): ReadPin => {
    const pin = known.get(id) ?? reader(present(pins.get(id), `pin ${id}`));
    known.set(id, pin);
    return pin;
  };
  const fixed = dossier.decisions.flatMap((decision) =>
    linkedPairs(decision).map(([vehicle, incoming]): Link => ({
      vehicle: read(vehicle),
      incoming: read(incoming),
      decision,
      sure: decision.sure,
      device: isJoining(decision) ? (decision.device ?? null) : null,
    })),
  );
  const offered = [
    ...suggested.pairs.map((pair) => ({ ...pair, device: pair.device?.device ?? null })),
    ...suggested.groups.flatMap((group) =>
      group.pairs.map((pair) => ({ ...pair, device: group.device?.device ?? null })),
    ),
  ];
  const open = offered.map((pair): Link => ({
    vehicle: read(pair.vehicle),
    incoming: read(pair.incoming),
    decision: null,
    sure: pair.sure,
    device: pair.device,
  }));
  const rank = rankPins(dossier);
  const links = [...fixed, ...open].sort(
    (a, b) =>
      (rank.get(a.vehicle.placed.pin.id) ?? 0) - (rank.get(b.vehicle.placed.pin.id) ?? 0) ||
      (rank.get(a.incoming.placed.pin.id) ?? 0) - (rank.get(b.incoming.placed.pin.id) ?? 0),
  );
  const decisions = [...dossier.decisions].sort(ranked((id) => rank.get(id) ?? 0));
  const of = <K extends Decision["kind"]>(...kinds: readonly K[]) =>
    decisions.flatMap((decision) =>
      (kinds as readonly string[]).includes(decision.kind)
        ? [decision as Extract<Decision, { kind: K }>]
        : [],
    );
  const wires = (side: Side): readonly ReadPin[] =>
    pinsOfSide(dossier, side)
      .filter((placed) => placed.pin.content === "occupied" && keepOutOf(placed) === null)
      .map(({ pin }) => read(pin.id));
  const both = { vehicle: wires("vehicle"), incoming: wires("incoming") };
  return {
    dossier,
    links,
    groups: sharing(links),
    wires: both,
    open: of("cap", "remove", "leave").map((decision) => ({ pin: read(decision.pin), decision })),
    feeds: of("feed").map((decision) => ({ pin: read(decision.pin), decision })),
    jumpers: of("jumper").map((decision) => ({ pins: decision.pins.map(read), decision })),
    series: of("series").map((decision) => ({
      vehicle: read(decision.vehicle),
      back: read(decision.back),
      decision,
    })),
    connectors: connectorsInOrder(dossier),
    decided: decisionByPin(dossier),
    byLook: { vehicle: looksIn(both.vehicle), incoming: looksIn(both.incoming) },
  };
}

/** Links that have a pin in common, two and more. */
function sharing(links: readonly Link[]): readonly (readonly Link[])[] {
  const byPin = new Map<ReadPin, Link[]>();
  for (const link of links)
    for (const pin of [link.vehicle, link.incoming]) byPin.set(pin, [...(byPin.get(pin) ?? []), link]);
  return [...byPin.values()].filter((group) => group.length > 1);
}

/** The findings of a rule, those of one kind on one card. */
function onCards({ find, together }: Rule, context: HazardContext): readonly Finding[] {
  const all = find(context);
  if (together === undefined || all.length < 2) return all;
  const groups = new Map<string, [Finding, ...Finding[]]>();
  for (const finding of all) {
    const key = together.by(finding);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [finding]);
    else group.push(finding);
  }
  return [...groups.values()].map((group): Finding => {
    const [first] = group;
    if (group.length === 1) return first;
    return {
      ...first,
      ...together.words(group),
      pins: [...new Set(group.flatMap(({ pins }) => pins))],
      figures: group.flatMap(({ figures = [] }) => figures),
      fixes: [],
      cured: group.every(({ cured }) => cured === true),
    };
  });
}

/** What is kept out is left as it is, and nothing else is said of it. */
const isKeptOut = ({ placed }: ReadPin): boolean => keepOutOf(placed) !== null;

/** All hazards of what is decided and suggested, by rule; what was accepted carries its reason and who gave it. */
export function findHazards(dossier: Dossier, suggested: Suggested = NOTHING): readonly Hazard[] {
  const context = contextOf(dossier, suggested);
  const answers = new Map(
    dossier.decisions
      .filter((decision) => decision.answers.length > 0)
      .map((decision) => [decisionId(decision), decision.answers] as const),
  );
  return RULES.flatMap((rule) =>
    onCards(rule, context)
      .filter(({ pins }) => rule.id === "keep-out" || !pins.some(isKeptOut))
      .map(({ severity, pins, decision, title, detail, cure, fixes, cured, figures, about }): Hazard => {
        const id = decision === undefined || decision === null ? null : decisionId(decision);
        const named = pins.map((pin) => pin.placed.pin.id);
        const facts = digestOf(JSON.stringify([severity, [...named].sort(), figures ?? []]));
        const own = id === null ? undefined : answers.get(id);
        return {
          rule: rule.id,
          class: rule.class,
          severity,
          pins: named,
          decision: id,
          title,
          detail,
          cure,
          fixes: fixes ?? [],
          cured: cured ?? false,
          about: about ?? "",
          facts,
          answered:
            own?.find((one) => one.rule === rule.id && (one.facts === undefined || one.facts === facts)) ??
            null,
        };
      }),
  );
}
export { colourForColour, type ColourJoin, type ColourOutcome } from "./colourVerdict.ts";
