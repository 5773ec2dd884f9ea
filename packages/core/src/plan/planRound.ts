import { sameColour, type WireColour } from "../colour/index.ts";
import { farEnd, wireOf, type HarnessState } from "../harness/index.ts";
import type { findHazards } from "../hazards/index.ts";
import {
  decisionId,
  decisionSureness,
  indexPins,
  indexSources,
  pinColour,
  pinsInOrder,
  rankPins,
  type Connector,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type Dossier,
  type EndId,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { present } from "../util/index.ts";
import { plugsSetAside, withoutStubCaps } from "./aside.ts";
import { transfersOf } from "./displacements.ts";
import { orderByPlace } from "./order.ts";
import { stagger } from "./stagger.ts";
import { handlingOf, leaving, matesToCome, opening, type Stage } from "./stages.ts";
import { closing } from "./closing.ts";
import { checkOf } from "./templates/decisions.ts";
import { stepOf, type Draft } from "./templates/draft.ts";
import type { Group, Step, Walk } from "./step.ts";
import { unitsOf } from "./units.ts";
import { sum, stateAfter } from "./afterSteps.ts";
import { leadsToInsulate, withUncovered, vehiclePins, jointed, placed } from "./uncovered.ts";

interface Head {
  readonly title: string;
  readonly stage: Group["stage"];
  readonly place: string;
}
export interface Round {
  readonly steps: readonly Step[];
  readonly heads: ReadonlyMap<string, Head>;
  readonly transfers: number;
  readonly walk: Walk;
}

export function planRound(
  dossier: Dossier,
  decisions: readonly Decision[],
  suffix: string,
  start: HarnessState,
  fresh: ReadonlySet<ConnectorId>,
  hazards: ReturnType<typeof findHazards>,
): Round | null {
  const pins = indexPins(dossier);
  const pin = (id: PinId): PlacedPin => present(pins.get(id), `pin ${id}`);
  const ranks = rankPins(dossier);
  const sources = indexSources(dossier.sources);
  const work = unitsOf(dossier, decisions, start, pin, (id) => ranks.get(id) ?? 0);
  const mates = matesToCome(decisions, start, pin);
  const comesOff = [...leaving(dossier, start)].some((id) => (start.plugged[id] ?? null) !== null);
  if (work.units.length === 0 && mates.size === 0 && !comesOff && fresh.size === 0) return null;
  const { units, walk } = orderByPlace(withUncovered(work.units, start));
  const worked = new Set([
    ...units.flatMap(({ window, drafts }) => [...window, ...drafts].map(({ decision }) => decision)),
    ...[...mates.values()].map(({ decision }) => decision),
  ]);
  const checks = decisions
    .filter(
      (decision) =>
        decisionSureness(decision, pins, sources) !== "sure" &&
        (worked.has(decisionId(decision)) || decision.kind === "leave"),
    )
    .map((decision) => ({ ...checkOf(decision, pin, dossier.words), decision: decisionId(decision) }));
  const cutAt = new Map(
    decisions.flatMap((decision) =>
      "cutAt" in decision && decision.cutAt !== undefined
        ? [[decisionId(decision), { mm: decision.cutAt, of: new Set(vehiclePins(decision)) }] as const]
        : [],
    ),
  );
  /** Where a person wants the vehicle's wire cut or tapped. */
  const wanted = (draft: Draft, decision: DecisionId | null): Draft => {
    const at = decision === null ? undefined : cutAt.get(decision);
    const isCut = draft.kind === "cut" || draft.kind === "tap";
    return at !== undefined &&
      isCut &&
      draft.wire !== undefined &&
      draft.wire !== null &&
      at.of.has(draft.wire)
      ? { ...draft, length: at.mm }
      : draft;
  };
  const apart = stagger((id) => start.wires[wireOf(id)]?.ends.includes(farEnd(id)) === false);
  const window = units.flatMap((unit) =>
    unit.window.map(({ draft, decision }) => ({
      draft: apart(placed(wanted(draft, decision), unit)),
      decision,
    })),
  );
  const ways = new Map(
    decisions.flatMap((decision) =>
      "joint" in decision && decision.joint !== undefined
        ? [[decisionId(decision), decision.joint] as const]
        : [],
    ),
  );
  const wire = units.flatMap((unit) =>
    unit.drafts.map(({ decision, draft }) =>
      stepOf(
        `${unit.id}${suffix}`,
        decision ?? `adapter${suffix}`,
        decision,
        jointed(apart(placed(wanted(draft, decision), unit)), decision, ways, dossier.worklist.joint),
      ),
    ),
  );
  const handling = handlingOf(
    dossier,
    [...wire, ...window.map(({ draft, decision }) => stepOf("window", "window", decision, draft))],
    mates,
    start,
    pin,
    fresh,
  );
  const owners = new Map<unknown, Step["decision"]>(
    [...checks, ...window].map(({ draft, decision }) => [draft, decision]),
  );
  const byWire = new Map(window.map(({ draft, decision }) => [draft.wire, decision]));
  /** The decision that plugs two plugs together, where a draft does that. */
  const mateOf = ({ op }: Draft) => {
    const mate = op?.kind === "connect" ? mates.get(op.connector) : undefined;
    return op?.kind === "connect" && op.into === mate?.into ? mate.decision : undefined;
  };
  const staged = (stages: readonly Stage[], owner: string): readonly Step[] =>
    stages.flatMap(({ id, drafts }) =>
      drafts.map((draft) => {
        const decision =
          owners.get(draft) ?? (draft.kind === "find-live" ? byWire.get(draft.wire) : mateOf(draft)) ?? null;
        return stepOf(`${id}${suffix}`, decision ?? `${owner}${suffix}`, decision, draft);
      }),
    );
  const table = wire.filter(({ group }) => group === `adapter${suffix}`);
  const onCar = wire.filter(({ group }) => group !== `adapter${suffix}`);
  const before = opening(
    dossier,
    handling,
    start,
    checks,
    window.map(({ draft }) => draft),
  );
  // The adapter is made before the car is touched, unless something about it has yet to be looked at there, or joints are made in it.
  const late = table.some(
    ({ decision, op }) =>
      op?.kind === "splice" || op?.kind === "fit" || checks.some((check) => check.decision === decision),
  );
  const capped = [...(late ? [] : table), ...staged(before, "open"), ...(late ? table : []), ...onCar];
  const done = stateAfter(start, capped);
  const aside = plugsSetAside(handling, mates, start, done);
  const opened = withoutStubCaps(capped, aside, done);
  const inserted = new Set(
    opened.flatMap(({ op, connector }) =>
      op?.kind === "insert" && connector !== null && start.cavities[op.cavity] !== undefined
        ? [connector]
        : [],
    ),
  );
  const wired = opened === capped ? done : stateAfter(start, opened);
  const close = (insulate: ReadonlySet<EndId>): readonly Stage[] =>
    closing(dossier, decisions, handling, mates, start, wired, inserted, insulate, hazards, pin, aside);
  const plain = close(new Set());
  const bare = leadsToInsulate(wired, plain, start);
  const after = bare.size === 0 ? plain : close(bare);
  const heads = new Map<string, Head>([
    ...units.map((unit): [string, Head] => [
      `${unit.id}${suffix}`,
      { title: unit.title, stage: "wire", place: unit.place },
    ]),
    ...before.map((stage): [string, Head] => [`${stage.id}${suffix}`, { ...stage, stage: "open" }]),
    ...after.map((stage): [string, Head] => [`${stage.id}${suffix}`, { ...stage, stage: "close" }]),
  ]);
  return {
    steps: [...opened, ...staged(after, "close")],
    heads,
    transfers: transfersOf(work.displaced),
    walk,
  };
}

/** The cavities of the same plug with a wire of the same colour, for the steps that take a wire by its colour; each colour is read once. */
export function twinFinder(pins: ReadonlyMap<PinId, PlacedPin>): (step: Step) => readonly PinId[] {
  const colours = new Map<PinId, WireColour>();
  /** The wires of a plug by their base colour. */
  const read = new Map<ConnectorId, ReadonlyMap<string, readonly PinId[]>>();
  const wiresOf = (connector: Connector): ReadonlyMap<string, readonly PinId[]> => {
    const known = read.get(connector.id);
    if (known !== undefined) return known;
    const byBase = new Map<string, PinId[]>();
    for (const pin of pinsInOrder(connector)) {
      const colour = pin.content === "occupied" ? pinColour(pin, connector) : null;
      if (colour === null) continue;
      colours.set(pin.id, colour);
      byBase.set(colour.base, [...(byBase.get(colour.base) ?? []), pin.id]);
    }
    read.set(connector.id, byBase);
    return byBase;
  };
  return (step) => {
    const held =
      (step.kind === "release" || step.kind === "cut") && step.wire !== null
        ? pins.get(step.wire)
        : undefined;
    if (held === undefined) return [];
    const wires = wiresOf(held.connector);
    const own = colours.get(held.pin.id);
    if (own === undefined) return [];
    return (wires.get(own.base) ?? []).filter((id) => {
      const colour = colours.get(id);
      return id !== held.pin.id && colour !== undefined && sameColour(colour, own);
    });
  };
}

/** Neighbouring steps of one group under one heading; a group that the technician took apart has one for each of its parts. */
export function groupsOf(steps: readonly Step[], heads: ReadonlyMap<string, Head>): readonly Group[] {
  const runs: { group: string; steps: Step[] }[] = [];
  for (const step of steps) {
    const last = runs.at(-1);
    if (last?.group === step.group) last.steps.push(step);
    else runs.push({ group: step.group, steps: [step] });
  }
  const parts = new Map<string, number>();
  return runs.map((run): Group => {
    const part = (parts.get(run.group) ?? 0) + 1;
    parts.set(run.group, part);
    const { title, stage, place } = present(heads.get(run.group), `group ${run.group}`);
    return {
      id: part === 1 ? run.group : `${run.group}#${part}`,
      title,
      stage,
      place,
      steps: run.steps.map(({ id }) => id),
      minutes: sum(run.steps.map(({ minutes }) => minutes)),
    };
  });
}
