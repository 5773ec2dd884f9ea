import { defineStore } from "pinia";
import { computed, ref, shallowRef } from "vue";
import { readEntry, type JobView, type Problem } from "@trevin/core/contract";
import {
  applyCommand,
  learn,
  type BriefItem,
  type Command,
  type ConnectorHead,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type Dossier,
  type Entry,
  type JobHead,
  type JoinPoint,
  type JoinPointId,
  type LoomWire,
  type LoomWireId,
  type OwnWord,
  type Pin,
  type PinId,
  type Source,
  type SourceId,
  type WorklistEdits,
  type StoredEntry,
} from "@trevin/core";
import { api, ApiProblem } from "../api/client.ts";
import { changeQueue } from "./changeQueue.ts";
import { benchRecords } from "./benchRecords.ts";
import { isOutage, patience } from "../api/patience.ts";
import { outbox } from "./outbox.ts";
import { useShelf } from "./shelf.ts";
import { runningAnalysis } from "./runningAnalysis.ts";

/** Wires and points to put and to take off; what is left out stays. */
export interface WiringChange {
  readonly put?: readonly LoomWire[];
  readonly remove?: readonly LoomWireId[];
  readonly putPoints?: readonly JoinPoint[];
  readonly removePoints?: readonly JoinPointId[];
}

type Send = (id: string, revision: number) => Promise<JobView>;

/** The open job: dossier, ledger, what is computed from both, and the queue of changes on their way to the server. */
export const useJob = defineStore("job", () => {
  /** The job as the server last gave it, and with the changes that are on their way or wait. */
  const confirmed = shallowRef<JobView | null>(null);
  const { pending, waiting, refused, busy, savedAt, enqueue, again, drop, forgetAll } = changeQueue(
    () => refresh(),
    () => recompute(),
  );
  const view = computed<JobView | null>(() => {
    if (confirmed.value === null) return null;
    const shown = pending.value.reduce<Dossier>((current, { command }) => {
      const next = command === null ? null : applyCommand(current, command);
      return next?.ok ? next.value : current;
    }, confirmed.value.dossier);
    return { ...confirmed.value, dossier: shown as JobView["dossier"] };
  });
  const stored = shallowRef<readonly StoredEntry[]>([]);
  const entries = computed<readonly Entry[]>(() =>
    stored.value.flatMap(({ bytes }) => readEntry(JSON.parse(bytes)) ?? []),
  );
  const { analysis, planBefore, progress, matching, recompute, stopMatch, matchAgain } = runningAnalysis(
    () => view.value?.dossier ?? null,
    () => entries.value,
  );
  const loading = ref(false);
  const missing = shallowRef<Problem | null>(null);
  const said = ref("");

  const dossier = computed<Dossier | null>(
    () => analysis.value?.bench.dossier ?? view.value?.dossier ?? null,
  );
  const begun = computed(() => stored.value.length > 0);

  /** The pins as they are being edited, ahead of what is computed from them. */
  const live = computed<Dossier | null>(() => (begun.value ? dossier.value : (view.value?.dossier ?? null)));

  /** A text means what it was given last: what this job says of it comes after what the shop says. */
  const words = computed<readonly OwnWord[]>(() => [
    ...useShelf().words,
    ...(view.value?.dossier.words ?? []),
  ]);

  async function open(id: string): Promise<void> {
    forgetAll();
    if (confirmed.value?.id !== id) {
      matching.value = true;
      confirmed.value = null;
      analysis.value = null;
      planBefore.value = null;
      stored.value = [];
    }
    loading.value = true;
    missing.value = null;
    try {
      const [job, ledger] = await Promise.all([api.job(id), api.ledger(id)]);
      stored.value = ledger;
      confirmed.value = job;
      void useShelf().load();
      await recompute();
      // What was done before a reload and never answered goes first.
      void Promise.all(outbox.of(id).map(sendRecord));
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      missing.value = error.problem;
      wanted = id;
      if (isOutage(error.problem)) opening.start();
    } finally {
      loading.value = false;
    }
  }
  /** The job that could not be loaded; it is loaded as soon as the server answers, unless another one was opened since. */
  let wanted = "";
  const opening = patience(async () => {
    if (missing.value === null || !isOutage(missing.value)) return true;
    if (!(await api.isThere())) return false;
    await open(wanted);
    return missing.value === null || !isOutage(missing.value);
  });

  async function refresh(): Promise<void> {
    if (confirmed.value === null) return;
    const { id } = confirmed.value;
    const [job, ledger] = await Promise.all([api.job(id), api.ledger(id)]);
    stored.value = ledger;
    confirmed.value = job;
    await recompute();
  }

  const change = (send: Send, command: Command | null = null): Promise<boolean> =>
    enqueue(async () => {
      if (confirmed.value === null) return;
      confirmed.value = await send(confirmed.value.id, confirmed.value.revision);
      await recompute();
    }, command);

  const setHead = (head: JobHead) => change((id, revision) => api.patch(id, revision, { head }));
  const putConnector = (connector: ConnectorHead) =>
    change((id, revision) => api.putConnector(id, revision, connector));
  const removeConnector = (connector: ConnectorId) =>
    change((id, revision) => api.removeConnector(id, revision, connector));
  const changePins = (connector: ConnectorId, put: readonly Pin[], remove: readonly PinId[] = []) =>
    change((id, revision) => api.changePins(id, revision, connector, { put, remove }), {
      kind: "change-pins",
      connector,
      put,
      remove,
    });
  const decide = (
    put: readonly Decision[],
    remove: readonly DecisionId[] = [],
    points: readonly JoinPoint[] = [],
  ) => {
    const edit = { put, remove, ...(points.length === 0 ? {} : { points }) };
    return change((id, revision) => api.decide(id, revision, edit), { kind: "decide", ...edit });
  };
  const putSource = (source: Source) =>
    change((id, revision) => api.putSource(id, revision, source), { kind: "put-source", source });
  const removeSource = (source: SourceId) =>
    change((id, revision) => api.removeSource(id, revision, source), { kind: "remove-source", source });
  const changeWiring = (wiring: WiringChange) => {
    const body = {
      put: wiring.put ?? [],
      remove: wiring.remove ?? [],
      putPoints: wiring.putPoints ?? [],
      removePoints: wiring.removePoints ?? [],
    };
    return change((id, revision) => api.changeWiring(id, revision, body), { kind: "change-wiring", ...body });
  };
  /** From now on this text means this, here and in the other jobs of the shop. */
  const learnWord = (word: OwnWord) => {
    const next = learn(view.value?.dossier.words ?? [], word);
    void useShelf().putWord(word);
    return change((id, revision) => api.setWords(id, revision, next), {
      kind: "set-words",
      words: next,
    });
  };
  const forgetWord = (text: string) => {
    const next = (view.value?.dossier.words ?? []).filter((word) => word.text !== text);
    return change((id, revision) => api.setWords(id, revision, next), { kind: "set-words", words: next });
  };
  const setBrief = (brief: readonly BriefItem[]) =>
    change((id, revision) => api.setBrief(id, revision, brief), { kind: "set-brief", brief });
  const setWorklist = (worklist: WorklistEdits) =>
    change((id, revision) => api.setWorklist(id, revision, worklist), { kind: "set-worklist", worklist });
  const undo = () =>
    change(async (id, revision) => {
      said.value = `Undone: ${view.value?.undo ?? ""}`;
      return api.undo(id, revision);
    });
  const redo = () =>
    change(async (id, revision) => {
      said.value = `Done again: ${view.value?.redo ?? ""}`;
      return api.redo(id, revision);
    });

  const { record, sendRecord, isOnItsWay } = benchRecords({
    job: () => confirmed.value?.id ?? null,
    plan: () => analysis.value?.bench.planHash ?? "",
    stored,
    enqueue,
    refresh,
    recompute,
  });

  return {
    view,
    stored,
    entries,
    dossier,
    analysis,
    planBefore,
    begun,
    loading,
    missing,
    waiting,
    refused,
    busy,
    savedAt,
    said,
    live,
    words,
    progress,
    stopMatch,
    matchAgain,
    putSource,
    removeSource,
    changeWiring,
    learnWord,
    forgetWord,
    setBrief,
    setWorklist,
    enqueue,
    again,
    drop,
    isOnItsWay,
    open,
    refresh,
    setHead,
    putConnector,
    removeConnector,
    changePins,
    decide,
    undo,
    redo,
    record,
  };
});
