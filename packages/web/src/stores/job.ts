import { defineStore } from "pinia";
import { computed, ref, shallowRef } from "vue";
import { readEntry, type BenchCommandInput, type JobView, type Problem } from "@trevin/core/contract";
import type { ConnectorHead, ConnectorId, Decision, DecisionId, Dossier, Entry, JobHead, Pin, PinFacts, PinId, StepId, StoredEntry } from "@trevin/core";
import { api, ApiProblem } from "../api/client.ts";
import { computeWorker } from "../workers/client.ts";
import type { Analysis } from "../workers/analysis.ts";
import { usePrefs } from "./prefs.ts";

type Send = (id: string, revision: number) => Promise<JobView>;

/** What could not be stored, kept so that it can be tried again or dropped. */
export interface Refused {
  readonly problem: Problem;
  readonly again: () => Promise<boolean>;
}

/** The open job: dossier, ledger, what is computed from both, and the queue of changes on their way to the server. */
export const useJob = defineStore("job", () => {
  const view = shallowRef<JobView | null>(null);
  const stored = shallowRef<readonly StoredEntry[]>([]);
  const analysis = shallowRef<Analysis | null>(null);
  const loading = ref(false);
  const missing = shallowRef<Problem | null>(null);
  const refused = shallowRef<Refused | null>(null);
  const busy = ref(0);
  const savedAt = ref<Date | null>(null);
  const said = ref("");

  const dossier = computed<Dossier | null>(() => analysis.value?.bench.dossier ?? view.value?.dossier ?? null);
  const entries = computed<readonly Entry[]>(() => stored.value.flatMap(({ bytes }) => readEntry(JSON.parse(bytes)) ?? []));
  const begun = computed(() => stored.value.length > 0);

  let asked = 0;
  async function recompute(): Promise<void> {
    if (view.value === null) return;
    const turn = ++asked;
    const result = await computeWorker().analyse(view.value.dossier, entries.value);
    if (turn === asked) analysis.value = result;
  }

  async function open(id: string): Promise<void> {
    if (view.value?.id !== id) {
      view.value = null;
      analysis.value = null;
      stored.value = [];
    }
    loading.value = true;
    missing.value = null;
    refused.value = null;
    try {
      const [job, ledger] = await Promise.all([api.job(id), api.ledger(id)]);
      stored.value = ledger;
      view.value = job;
      await recompute();
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      missing.value = error.problem;
    } finally {
      loading.value = false;
    }
  }

  let queue: Promise<unknown> = Promise.resolve();
  /** Changes go one after another, each on the revision that the one before it left. Gives whether it was stored. */
  function enqueue(work: () => Promise<void>): Promise<boolean> {
    const attempt = async (): Promise<boolean> => {
      busy.value++;
      try {
        await work();
        savedAt.value = new Date();
        refused.value = null;
        return true;
      } catch (error) {
        if (!(error instanceof ApiProblem)) throw error;
        refused.value = { problem: error.problem, again: () => enqueue(work) };
        if (error.problem.status === 412 || error.problem.status === 409) await refresh();
        return false;
      } finally {
        busy.value--;
      }
    };
    const turn = queue.then(attempt, attempt);
    queue = turn.catch(() => undefined);
    return turn;
  }

  async function refresh(): Promise<void> {
    if (view.value === null) return;
    const [job, ledger] = await Promise.all([api.job(view.value.id), api.ledger(view.value.id)]);
    stored.value = ledger;
    view.value = job;
    await recompute();
  }

  const change = (send: Send): Promise<boolean> =>
    enqueue(async () => {
      if (view.value === null) return;
      view.value = await send(view.value.id, view.value.revision);
      await recompute();
    });

  const setHead = (head: JobHead) => change((id, revision) => api.patch(id, revision, { head }));
  const putConnector = (connector: ConnectorHead) => change((id, revision) => api.putConnector(id, revision, connector));
  const removeConnector = (connector: ConnectorId) => change((id, revision) => api.removeConnector(id, revision, connector));
  const changePins = (connector: ConnectorId, put: readonly Pin[], remove: readonly PinId[] = []) => change((id, revision) => api.changePins(id, revision, connector, { put, remove }));
  const decide = (put: readonly Decision[], remove: readonly DecisionId[] = []) => change((id, revision) => api.decide(id, revision, { put, remove }));
  const undo = () => change(async (id, revision) => {
    said.value = `Undone: ${view.value?.undo ?? ""}`;
    return api.undo(id, revision);
  });
  const redo = () => change(async (id, revision) => {
    said.value = `Done again: ${view.value?.redo ?? ""}`;
    return api.redo(id, revision);
  });

  type Body =
    | { kind: "done"; step: StepId; note: string }
    | { kind: "skipped"; step: StepId; reason: string }
    | { kind: "note"; step: StepId | null; text: string }
    | { kind: "found"; pin: PinId; facts: PinFacts; note: string }
    | { kind: "retracted"; seq: number; reason: string };

  /** One bench command. Its event id is made once, so that trying again never records twice. */
  function record(body: Body): Promise<boolean> {
    const prefs = usePrefs();
    const plan = analysis.value?.bench.planHash ?? "";
    const command: BenchCommandInput = {
      ...(body.kind === "done" || body.kind === "skipped" ? { ...body, plan } : body),
      event: crypto.randomUUID(), person: prefs.person, device: prefs.device, deviceAt: new Date().toISOString(), lastSeen: stored.value.length - 1,
    };
    return enqueue(async () => {
      if (view.value === null) return;
      const answer = await api.record(view.value.id, command);
      const missed = answer.seq - answer.entries.length + 1 !== stored.value.length;
      if (missed) return refresh();
      stored.value = [...stored.value, ...answer.entries];
      await recompute();
    });
  }

  return {
    view, stored, entries, dossier, analysis, begun, loading, missing, refused, busy, savedAt, said,
    open, refresh, setHead, putConnector, removeConnector, changePins, decide, undo, redo, record,
  };
});
