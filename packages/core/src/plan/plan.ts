import { sameColour, type WireColour } from "../colour/index.ts";
import {
  applyOperation,
  farEnd,
  initialState,
  liveEnds,
  owned,
  settled,
  wireOf,
  type EndPlace,
  type HarnessState,
} from "../harness/index.ts";
import { findHazards, type Hazard } from "../hazards/index.ts";
import {
  decisionId,
  linkedPairs,
  decisionSureness,
  indexPins,
  indexSources,
  pinColour,
  pinsInOrder,
  ranked,
  rankPins,
  type Connector,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type Dossier,
  type EndId,
  type JointKind,
  type PinId,
  type PlacedPin,
  stepId,
  type StepId,
} from "../model/index.ts";
import { present } from "../util/index.ts";
import { plugsSetAside, withoutStubCaps } from "./aside.ts";
import { blocksOf } from "./blocks.ts";
import { transfersOf } from "./displacements.ts";
import { withEdits } from "./edits.ts";
import { rangeOf } from "./minutes.ts";
import { orderByPlace } from "./order.ts";
import { stagger } from "./stagger.ts";
import { closing, handlingOf, leaving, matesToCome, opening, renewed, type Stage } from "./stages.ts";
import { checkOf } from "./templates/decisions.ts";
import { stepOf, type Draft } from "./templates/draft.ts";
import type { Group, Plan, Step, Walk } from "./step.ts";
import { unitsOf, type WorkUnit } from "./units.ts";

export interface PlanOptions {
  /** The harness that the work begins with; the dossier's own when left out. */
  readonly start?: HarnessState;
  /** Steps done, in the order in which they were, with the decision of each. What is decided after the battery went on again is a new round of work. */
  readonly done?: readonly DoneStep[];
  /** Whether the work has begun; left out: whether any step is done. */
  readonly begun?: boolean;
  /** The hazards of the job, where they are known already. */
  readonly hazards?: readonly Hazard[];
}

export interface DoneStep {
  readonly step: StepId;
  readonly decision: DecisionId | null;
}

/**
 * The ordered worklist. Looks that need the power first; then battery off, plugs opened place by place, one decision after
 * another without interruption (a cavity emptied before it is filled, insulated before the next cut, supplies last), plugs
 * closed, and only then power, fuses and proof. A pure function of the dossier, of the state it begins with and of what was done.
 */
export function planWork(
  dossier: Dossier,
  {
    start = initialState(dossier),
    done = [],
    begun = done.length > 0,
    hazards = findHazards(dossier),
  }: PlanOptions = {},
): Plan {
  const rounds: Round[] = [];
  let state = start;
  const all = roundsOf(dossier, done);
  all.forEach(({ decisions, suffix }, i) => {
    // A part is changed once: later rounds find the new one.
    const pulled = new Set(
      rounds.flatMap(({ steps }) =>
        steps.flatMap(({ op }) => (op?.kind === "disconnect" ? [op.connector] : [])),
      ),
    );
    const fresh = new Set([...renewed(dossier, state)].filter((id) => !pulled.has(id)));
    const round = planRound(dossier, decisions, suffix, state, fresh, hazards);
    if (round === null) return;
    rounds.push(round);
    if (i < all.length - 1) state = stateAfter(state, round.steps);
  });
  const blocks = blocksOf(dossier, hazards, begun);
  if (rounds.length === 0)
    return {
      steps: [],
      groups: [],
      minutes: 0,
      range: [0, 0],
      transfers: 0,
      walk: { changes: 0, atLeast: 0, proven: true },
      blocks: [
        ...blocks,
        ...(blocks.some(({ code }) => code === "undecided") ? [] : [{ code: "nothing-to-do" } as const]),
      ],
    };
  const twinsOf = twinFinder(indexPins(dossier));
  const steps = withEdits(
    rounds.flatMap((round) => round.steps),
    dossier.worklist,
  ).map((step) => ({ ...step, twins: twinsOf(step) }));
  const heads = new Map(rounds.flatMap((round) => [...round.heads]));
  const walks = rounds.map(({ walk }) => walk);
  const walk: Walk = {
    changes: sum(walks.map(({ changes }) => changes)),
    atLeast: sum(walks.map(({ atLeast }) => atLeast)),
    proven: walks.every(({ proven }) => proven),
  };
  return {
    steps,
    groups: groupsOf(steps, heads),
    blocks,
    minutes: sum(steps.map(({ minutes }) => minutes)),
    range: rangeOf(steps),
    transfers: sum(rounds.map(({ transfers }) => transfers)),
    walk,
  };
}

const sum = (numbers: readonly number[]): number => numbers.reduce((total, one) => total + one, 0);

interface Head {
  readonly title: string;
  readonly stage: Group["stage"];
  readonly place: string;
}
interface Round {
  readonly steps: readonly Step[];
  readonly heads: ReadonlyMap<string, Head>;
  readonly transfers: number;
  readonly walk: Walk;
}

/** All that a plan takes from the steps done: two lists with the same answer give the same plan. */
export const roundsDone = (dossier: Dossier, done: readonly DoneStep[]): readonly (readonly DecisionId[])[] =>
  roundsOf(dossier, done).map(({ decisions }) => decisions.map(decisionId));

/** The decisions by the round in which they are carried out: each time the battery is back on, what was not begun is left for the next. */
function roundsOf(
  dossier: Dossier,
  done: readonly DoneStep[],
): readonly { readonly decisions: readonly Decision[]; readonly suffix: string }[] {
  const ranks = rankPins(dossier);
  let left = dossier.decisions
    .filter(({ kind }) => kind !== "forbid")
    .sort(ranked((id) => ranks.get(id) ?? 0));
  const rounds: { decisions: readonly Decision[]; suffix: string }[] = [];
  for (let n = 1, from = 0; ; n++) {
    const suffix = n === 1 ? "" : `~${n}`;
    const closed = stepId(`close${suffix}/battery`);
    const end = done.findIndex(({ step }, i) => i >= from && step === closed);
    if (end < 0) return [...rounds, { decisions: left, suffix }];
    const begun = new Set(done.slice(0, end).map((one) => one.decision));
    const now = left.filter((decision) => begun.has(decisionId(decision)));
    rounds.push({ decisions: now, suffix });
    left = left.filter((decision) => !begun.has(decisionId(decision)));
    from = end + 1;
  }
}

function planRound(
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
    .map((decision) => ({ ...checkOf(decision, pin), decision: decisionId(decision) }));
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
  const staged = (stages: readonly Stage[], owner: string): readonly Step[] =>
    stages.flatMap(({ id, drafts }) =>
      drafts.map((draft) => {
        const mate = draft.op?.kind === "connect" ? mates.get(draft.op.connector) : undefined;
        const decision =
          owners.get(draft) ??
          (draft.kind === "find-live"
            ? (byWire.get(draft.wire) ?? null)
            : mate !== undefined && draft.op?.kind === "connect" && draft.op.into === mate.into
              ? mate.decision
              : null);
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

/** Leads that end in the air and that a supply can reach once everything is plugged in again. */
function leadsToInsulate(
  worked: HarnessState,
  stages: readonly Stage[],
  start: HarnessState,
): ReadonlySet<EndId> {
  const open = (Object.entries(worked.ends) as [EndId, EndPlace][]).filter(
    ([end, place]) =>
      place.at === "loose" && !place.covered && JSON.stringify(place) === JSON.stringify(start.ends[end]),
  );
  if (open.length === 0) return new Set();
  const closed = stages.flatMap(({ drafts }) => drafts.flatMap(({ op }) => op ?? []));
  const live = liveEnds(
    closed.reduce((state, op) => {
      const next = op.kind === "battery" ? null : applyOperation(state, op);
      return next?.ok === true ? next.value.state : state;
    }, worked),
  );
  return new Set(open.flatMap(([end]) => (live.has(end) ? [end] : [])));
}

/** An end that lies insulated from an earlier round is opened before it is worked on. */
function withUncovered(units: readonly WorkUnit[], start: HarnessState): readonly WorkUnit[] {
  const covered = new Set(
    (Object.entries(start.ends) as [EndId, EndPlace][]).flatMap(([end, place]) =>
      place.at === "loose" && place.covered ? [end] : [],
    ),
  );
  if (covered.size === 0) return units;
  const open = new Set<EndId>();
  return units.map((unit) => ({
    ...unit,
    drafts: unit.drafts.flatMap((owned) => {
      const { draft } = owned;
      if (draft.op?.kind === "cap") {
        if (!covered.has(draft.op.end) || open.has(draft.op.end)) return [owned];
        return draft.op.to === "covered" ? [] : [owned];
      }
      const needed = endsWorkedOn(draft.op).filter((end) => covered.has(end) && !open.has(end));
      for (const end of needed) open.add(end);
      return [
        ...needed.map((end, i) => ({
          ...owned,
          draft: {
            ...draft,
            kind: "uncover" as const,
            role: `uncover-${draft.role}${i === 0 ? "" : `-${i}`}`,
            op: { kind: "cap", end, to: "open" } as const,
          },
        })),
        owned,
      ];
    }),
  }));
}

function endsWorkedOn(op: Draft["op"]): readonly EndId[] {
  switch (op?.kind) {
    case "splice":
    case "tap":
      return op.ends;
    case "fit":
      return op.terminals.flatMap(({ ends }) => ends);
    case "feed":
    case "crimp":
    case "insert":
      return [op.end];
    default:
      return [];
  }
}

const vehiclePins = (decision: Decision): readonly PinId[] =>
  linkedPairs(decision).map(([vehicle]) => vehicle);

/** How a joint is made: as its own decision says, else as in the rest of the job. */
function jointed(
  draft: Draft,
  decision: DecisionId | null,
  ways: ReadonlyMap<DecisionId, JointKind>,
  usual: JointKind,
): Draft {
  const wanted = (decision === null ? undefined : ways.get(decision)) ?? usual;
  switch (draft.op?.kind) {
    case "splice":
      return { ...draft, joint: wanted, op: { ...draft.op, by: wanted } };
    case "tap": {
      // No sleeve can be slid over a wire that is not cut.
      const joint = wanted === "sleeve" ? "solder" : wanted;
      return { ...draft, joint, op: { ...draft.op, by: joint } };
    }
    case "fit":
      return { ...draft, joint: wanted };
    default:
      return draft;
  }
}

/** The incoming plug is brought to the vehicle's: a unit of work has one place. */
const placed = (draft: Draft, { place }: WorkUnit) => ({ ...draft, place });

/** The state after the steps that can be done. */
export function stateAfter(start: HarnessState, steps: readonly Step[]): HarnessState {
  return settled(
    steps.reduce((state, step) => {
      const next = step.op === null ? null : applyOperation(state, step.op);
      return next?.ok ? next.value.state : state;
    }, owned(start)),
  );
}

/** The cavities of the same plug with a wire of the same colour, for the steps that take a wire by its colour; each colour is read once. */
function twinFinder(pins: ReadonlyMap<PinId, PlacedPin>): (step: Step) => readonly PinId[] {
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
function groupsOf(steps: readonly Step[], heads: ReadonlyMap<string, Head>): readonly Group[] {
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
