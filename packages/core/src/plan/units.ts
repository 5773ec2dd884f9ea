import type { HarnessState } from "../harness/index.ts";
import { signalOf } from "../meaning/index.ts";
import {
  decisionByPin,
  decisionId,
  hangingOn,
  isDeadEnd,
  isSupply,
  leadPin,
  ranked,
  linkedPairs,
  type Decision,
  type DecisionId,
  type Dossier,
  type OwnWord,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { lookAlikes } from "../lookalikes/index.ts";
import { isByAdapter, WORK_TABLE } from "./adapter.ts";
import { adapterDrafts, adapterFeeds } from "./adapterDrafts.ts";
import { displaced, type Displaced } from "./displacements.ts";
import type { Unit } from "./order.ts";
import { draftsOf } from "./templates/decisions.ts";
import { trunkLaid } from "./templates/fills.ts";
import { moveTogether, ownedBy } from "./templates/moves.ts";
import type { Draft } from "./templates/draft.ts";

type Owned = { readonly decision: DecisionId | null; readonly draft: Draft };

/** Work that is done without interruption: one decision, or the moves that have to go together. */
export interface WorkUnit extends Unit {
  readonly title: string;
  /** Cuts that are made, insulated and tested with the power on before everything else. */
  readonly window: readonly Owned[];
  readonly drafts: readonly Owned[];
}

export interface Work {
  readonly units: readonly WorkUnit[];
  readonly displaced: readonly Displaced[];
}

const ADAPTER_TIER = 0;
const SIGNAL_TIER = 1;

/** Every decision that changes a wire as a unit of work; what stays as it is has none. */
export function unitsOf(
  dossier: Dossier,
  decisions: readonly Decision[],
  start: HarnessState,
  pin: (id: PinId) => PlacedPin,
  rank: (id: PinId) => number,
): Work {
  const canPark = parkable(dossier);
  const components = displaced(decisions, rank, canPark);
  const caps = new Map(
    decisions.flatMap((decision) => (isDeadEnd(decision) ? [[decision.pin, decision] as const] : [])),
  );
  const around = { start, pin, capping: (id: PinId) => caps.get(id), parkable: canPark };
  const moved = new Set(components.flatMap(({ moves }) => moves.map(({ decision }) => decisionId(decision))));
  const freeing = new Set(
    components.flatMap(({ kind, moves: [first] }) => {
      const cap = kind === "chain" && first?.decision.kind === "move" ? caps.get(first.to) : undefined;
      return cap === undefined ? [] : [decisionId(cap)];
    }),
  );
  const unit = (
    lead: Decision,
    tier: number,
    title: string,
    phases: Pick<WorkUnit, "window" | "drafts">,
  ): WorkUnit => ({
    id: decisionId(lead),
    place: pin(leadPin(lead)).connector.place,
    rank: rank(leadPin(lead)),
    tier,
    after: [],
    title,
    ...phases,
  });
  const single = decisions
    .filter(
      (decision) =>
        !moved.has(decisionId(decision)) && !freeing.has(decisionId(decision)) && !isByAdapter(decision),
    )
    .sort(ranked(rank));
  const table = adapterDrafts(dossier, decisions);
  const units = [
    ...(table.length === 0
      ? []
      : [
          {
            id: "adapter",
            place: WORK_TABLE,
            rank: -1,
            tier: ADAPTER_TIER,
            after: [],
            title: "Adapter loom",
            window: [],
            drafts: table,
          },
        ]),
    ...components.flatMap((component): readonly WorkUnit[] => {
      const lead = component.moves[0]?.decision;
      return lead === undefined
        ? []
        : [
            unit(
              lead,
              Math.max(...component.moves.map(({ decision }) => tierOf(decision, pin, dossier.words))),
              titleOfMoves(component, pin),
              { window: [], drafts: moveTogether(component, around) },
            ),
          ];
    }),
    ...decisions.filter(isByAdapter).map((decision) => ({
      ...unit(decision, SIGNAL_TIER + 2, functionOf(pin(leadPin(decision))), {
        window: [],
        drafts: ownedBy(decision, adapterFeeds(decision, pin)),
      }),
      id: `feeds:${decisionId(decision)}`,
    })),
    ...single.map((decision) => {
      const phases = draftsOf(decision, pin);
      return unit(decision, tierOf(decision, pin, dossier.words), functionOf(pin(leadPin(decision))), {
        window: ownedBy(decision, phases.window),
        drafts: ownedBy(decision, phases.work),
      });
    }),
  ];
  const filled = units.filter(({ drafts }) => drafts.length > 0);
  return {
    units: tapsLast(afterTrunks(afterFreed(filled, decisions), decisions, dossier)),
    displaced: components,
  };
}

/** A unit that waits for others, whatever their tier. */
const behind = (unit: WorkUnit, others: readonly WorkUnit[]): WorkUnit => ({
  ...unit,
  after: [...unit.after, ...others.map(({ id }) => id)],
  tier: Math.max(unit.tier, ...others.map(({ tier }) => tier)),
});

/** A lead goes into its cavity once the wire that sits there is out. */
function afterFreed(units: readonly WorkUnit[], decisions: readonly Decision[]): readonly WorkUnit[] {
  const populated = decisions.filter((one) => one.kind === "populate");
  if (populated.length === 0) return units;
  const byPin = decisionByPin({ decisions });
  const cavityOf = new Map(populated.map((one) => [decisionId(one) as string, one.cavity]));
  return units.map((unit) => {
    const cavity = cavityOf.get(unit.id);
    const own = cavity === undefined ? undefined : byPin.get(cavity);
    const frees =
      own === undefined
        ? undefined
        : units.find(({ drafts }) => drafts.some(({ decision }) => decision === decisionId(own)));
    return frees === undefined ? unit : behind(unit, [frees]);
  });
}

/** What hangs on a wire that is cut as well hangs on its half in the loom, once that is made. */
function tapsLast(units: readonly WorkUnit[]): readonly WorkUnit[] {
  const tapped = (unit: WorkUnit): readonly PinId[] =>
    unit.drafts.flatMap(({ draft: { op } }) => (op?.kind === "tap" ? [op.pin] : []));
  if (units.every((unit) => tapped(unit).length === 0)) return units;
  return units.map((unit) => {
    const wires = tapped(unit);
    if (wires.length === 0) return unit;
    const first = units.filter(
      (other) =>
        tapped(other).length === 0 &&
        other.drafts.some(
          ({ draft }) => draft.wire !== undefined && draft.wire !== null && wires.includes(draft.wire),
        ),
    );
    return first.length === 0 ? unit : behind(unit, first);
  });
}

/** A supply that a new wire leads to has that wire laid by the first that hangs on it; the others wait for it. */
function afterTrunks(
  units: readonly WorkUnit[],
  decisions: readonly Decision[],
  { points }: Dossier,
): readonly WorkUnit[] {
  const hanging = hangingOn(decisions);
  return points
    .filter(({ supply }) => (supply?.trunk ?? null) !== null)
    .reduce<readonly WorkUnit[]>((all, point) => {
      const hung = new Set<unknown>(
        (hanging.get(point.id) ?? []).map(({ decision }) => decisionId(decision)),
      );
      const users = all.filter(({ drafts }) => drafts.some(({ decision }) => hung.has(decision)));
      const [first] = users;
      if (first === undefined) return all;
      const tier = Math.max(...users.map((unit) => unit.tier));
      const owner = first.drafts.find(({ decision }) => hung.has(decision))?.decision ?? null;
      return all.map((unit) => {
        if (unit === first)
          return { ...unit, drafts: [{ decision: owner, draft: trunkLaid(point) }, ...unit.drafts] };
        return users.includes(unit)
          ? { ...unit, after: [...unit.after, first.id], tier: Math.max(tier, unit.tier) }
          : unit;
      });
    }, units);
}

/** Supplies brought in from elsewhere come after everything else: supply last. */
function tierOf(decision: Decision, pin: (id: PinId) => PlacedPin, words: readonly OwnWord[]): number {
  if (decision.kind === "feed") return isSupply(decision.feed) ? SIGNAL_TIER + 2 : SIGNAL_TIER;
  return linkedPairs(decision).some(([, incoming]) => isSupply(signalOf(pin(incoming), words)))
    ? SIGNAL_TIER + 1
    : SIGNAL_TIER;
}

const functionOf = ({ pin }: PlacedPin): string => pin.function || `Cavity ${pin.cavity}`;

function titleOfMoves({ kind, moves }: Displaced, pin: (id: PinId) => PlacedPin): string {
  const names = moves.map(({ from }) => functionOf(pin(from)));
  if (moves.length === 1) return names[0] ?? "";
  return `${kind === "cycle" ? "Exchange" : "In sequence"}: ${names.slice(0, -1).join(", ")} and ${names.at(-1) ?? ""}`;
}

/** Wires without a look-alike in their own plug or its module; found out only when somebody asks. */
function parkable(dossier: Dossier): (id: PinId) => boolean {
  let alike: ReadonlySet<PinId> | null = null;
  return (id) => {
    alike ??= new Set(lookAlikes(dossier).flatMap(({ pair }) => pair.map(({ pin }) => pin.id)));
    return !alike.has(id);
  };
}
