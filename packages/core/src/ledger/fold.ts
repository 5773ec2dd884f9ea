import {
  applyOperation,
  initialState,
  owned,
  settled,
  type CavityState,
  type HarnessState,
  type OperationProblem,
} from "../harness/index.ts";
import {
  emptyDossier,
  type Connector,
  type DecisionId,
  type Dossier,
  type Half,
  type JobHead,
  type PinId,
  type StepId,
} from "../model/index.ts";
import { invariant } from "../util/index.ts";
import type { DoneStep } from "../plan/index.ts";
import type { Entry, PinFacts } from "./entry.ts";
import { withPlace } from "./places.ts";

/** The job as the ledger leaves it. */
export interface Fold {
  readonly head: JobHead;
  /** The baseline's connectors with what was found since. */
  readonly connectors: readonly Connector[];
  readonly start: HarnessState;
  readonly state: HarnessState;
  /** Steps done and skipped, by the sequence of the entry that says so. */
  readonly done: ReadonlyMap<StepId, number>;
  readonly skipped: ReadonlyMap<StepId, number>;
  /** The steps done in the order of their entries, each with its decision. */
  readonly order: readonly DoneStep[];
  /** Decisions of which an operation was done; they are locked. A look or a measurement locks nothing. */
  readonly carriedOut: ReadonlySet<DecisionId>;
  /** The half that was found live, of each cut that was made to find out. */
  readonly live: ReadonlyMap<DecisionId, Half>;
  readonly retracted: ReadonlySet<number>;
}

export interface Misfit {
  readonly seq: number;
  readonly problem: OperationProblem;
}

/**
 * The state of the harness: baseline and every entry not retracted, in order. Entries that no longer apply are named and left out.
 * Wires that were found in other cavities were there from the start.
 * `loom`: what is known of the looms behind the connectors; it changes no entry, only what is seen to be joined.
 */
export function foldLedger(
  entries: readonly Entry[],
  without: ReadonlySet<number> = new Set(),
  loom: Pick<Dossier, "wires" | "points"> = { wires: [], points: [] },
): { readonly fold: Fold; readonly misfits: readonly Misfit[] } {
  const [first] = entries;
  invariant(first?.what.kind === "baseline", "a ledger begins with its baseline");
  const { head, begins } = first.what;
  const retracted = new Set([
    ...without,
    ...entries.flatMap(({ what }) => (what.kind === "retracted" ? [what.seq] : [])),
  ]);
  const baseline = entries.reduce(
    (tables, { seq, what }) =>
      what.kind === "found" && what.place !== undefined && !retracted.has(seq)
        ? withPlace(tables, what.pin, what.place.found)
        : tables,
    first.what.connectors,
  );
  const plugged = initialState({ ...emptyDossier(head), ...loom, connectors: baseline });
  const start = begins === "plugged" ? withPierced(plugged, entries) : unplugged(plugged);
  let state = owned(start);
  const facts = new Map<PinId, PinFacts>();
  const done = new Map<StepId, number>();
  const skipped = new Map<StepId, number>();
  const decisionOf = new Map<StepId, DecisionId | null>();
  const carriedOut = new Set<DecisionId>();
  const live = new Map<DecisionId, Half>();
  const misfits: Misfit[] = [];
  for (const { seq, what } of entries) {
    if (retracted.has(seq)) continue;
    if (what.kind === "done") {
      if (what.op !== null) {
        const next = applyOperation(state, what.op, "recorded");
        if (!next.ok) {
          misfits.push({ seq, problem: next.error });
          continue;
        }
        state = next.value.state;
        if (what.decision !== null) carriedOut.add(what.decision);
      }
      if (what.decision !== null && what.live !== undefined) live.set(what.decision, what.live);
      done.set(what.step, seq);
      decisionOf.set(what.step, what.decision);
      skipped.delete(what.step);
    } else if (what.kind === "skipped") {
      skipped.set(what.step, seq);
    } else if (what.kind === "found") {
      facts.set(what.pin, { ...facts.get(what.pin), ...what.facts });
    }
  }
  const connectors = baseline.map((connector) => ({
    ...connector,
    pins: connector.pins.map((pin) => ({ ...pin, ...facts.get(pin.id) })),
  }));
  const order = [...done.keys()].map((step) => ({ step, decision: decisionOf.get(step) ?? null }));
  return {
    fold: {
      head,
      connectors,
      start,
      state: settled(state),
      done,
      order,
      skipped,
      carriedOut,
      live,
      retracted,
    },
    misfits,
  };
}

/** The beginning as older ledgers saw it: every plug apart, an empty cavity just empty. */
function unplugged(state: HarnessState): HarnessState {
  return {
    ...state,
    plugged: Object.fromEntries(Object.keys(state.plugged).map((id) => [id, null])),
    cavities: Object.fromEntries(
      Object.entries(state.cavities).map(([id, hole]) => [
        id,
        OPENED_LATER.has(hole.state) ? { ...hole, state: "empty" } : hole,
      ]),
    ),
  };
}
/** What a cavity is at the beginning that no wire was in. */
const OPENED_LATER: ReadonlySet<CavityState> = new Set(["blank", "plugged", "vacated"]);

/** A cavity that was pierced had a membrane, whatever is taken for its shell today. */
function withPierced(state: HarnessState, entries: readonly Entry[]): HarnessState {
  const pierced = entries.flatMap(({ what }) =>
    what.kind === "done" && what.op?.kind === "pierce" ? [what.op.cavity] : [],
  );
  const wrong = pierced.flatMap((cavity) => {
    const hole = state.cavities[cavity];
    return hole !== undefined && OPENED_LATER.has(hole.state)
      ? [[cavity, { ...hole, state: "blank" }] as const]
      : [];
  });
  return wrong.length === 0
    ? state
    : { ...state, cavities: { ...state.cavities, ...Object.fromEntries(wrong) } };
}

/**
 * An entry and everything later that stands on it, the last first: retracted one after another in this order, none is refused.
 */
export function retractChain(entries: readonly Entry[], seq: number): readonly number[] {
  const chain = new Set([seq]);
  const lastFirst = (): readonly number[] => [...chain].sort((a, b) => b - a);
  /** What would be in the way of one of them, when all later ones are gone already. */
  const inTheWay = (): readonly Misfit[] => {
    const gone = new Set<number>();
    for (const one of lastFirst()) {
      gone.add(one);
      const { misfits } = foldLedger(entries, gone);
      if (misfits.length > 0) return misfits;
    }
    return [];
  };
  for (let misfits = inTheWay(); misfits.length > 0; misfits = inTheWay())
    for (const misfit of misfits) chain.add(misfit.seq);
  return lastFirst();
}

/**
 * Whether an entry can be taken back as a mistake: refolds without it. Gives the later entries that would no longer
 * apply, first to last; none means that it can.
 */
export function obstaclesToRetract(entries: readonly Entry[], seq: number): readonly Misfit[] {
  return foldLedger(entries, new Set([seq])).misfits;
}
