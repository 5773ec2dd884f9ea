import { applyOperation, liveEnds, type EndPlace, type HarnessState } from "../harness/index.ts";
import {
  linkedPairs,
  type Decision,
  type DecisionId,
  type EndId,
  type JointKind,
  type PinId,
} from "../model/index.ts";
import type { Stage } from "./stages.ts";
import type { Draft } from "./templates/draft.ts";
import type { WorkUnit } from "./units.ts";

/** Leads that end in the air and that a supply can reach once everything is plugged in again. */
export function leadsToInsulate(
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
export function withUncovered(units: readonly WorkUnit[], start: HarnessState): readonly WorkUnit[] {
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

export const vehiclePins = (decision: Decision): readonly PinId[] =>
  linkedPairs(decision).map(([vehicle]) => vehicle);

/** How a joint is made: as its own decision says, else as in the rest of the job. */
export function jointed(
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
export const placed = (draft: Draft, { place }: WorkUnit) => ({ ...draft, place });
