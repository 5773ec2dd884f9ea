// @vitest-environment happy-dom
import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { analyse, type Dossier, type Pin, type Analysis, type Progress } from "@trevin/core";
import type { JobView, Problem } from "@trevin/core/contract";
import { demoDossier } from "@trevin/core/testing";
import type { Running } from "../workers/client.ts";
import { ApiProblem } from "../api/client.ts";
import { useJob } from "./job.ts";

const server = vi.hoisted(() => ({
  answers: [] as (() => Promise<unknown>)[],
  calls: [] as { revision: number; put: readonly Pin[] }[],
  records: [] as (() => Promise<unknown>)[],
  recorded: [] as string[],
  view: null as unknown,
  there: true,
}));
const worker = vi.hoisted(() => ({ hangs: false, stopped: 0 }));
/** Files of one worker share their modules: what another one mocked is forgotten before this one's imports. */
vi.hoisted(() => {
  vi.resetModules();
});
vi.mock("../workers/client.ts", () => ({
  startAnalysis: (
    dossier: Dossier,
    entries: [],
    match: boolean,
    onProgress: (progress: Progress) => void,
  ): Running<Analysis> => {
    if (!worker.hangs || !match)
      return { result: Promise.resolve(analyse(dossier, entries, { match })), stop: () => undefined };
    onProgress({ done: 3, total: 9 });
    let stop: () => void = () => undefined;
    const result = new Promise<null>((resolve) => {
      stop = () => {
        worker.stopped++;
        resolve(null);
      };
    });
    return { result, stop };
  },
}));
vi.mock("../api/client.ts", async (original) => ({
  ...(await original<object>()),
  api: {
    job: () => Promise.resolve(server.view),
    ledger: () => Promise.resolve([]),
    shelf: () => Promise.resolve({ shells: [], terminals: [], words: [] }),
    putWord: () => Promise.resolve({ shells: [], terminals: [], words: [] }),
    isThere: () => Promise.resolve(server.there),
    record: (_id: string, command: { event: string }) => {
      server.recorded.push(command.event);
      return (server.records.shift() ?? (() => Promise.resolve({ entries: [], seq: -1 })))();
    },
    changePins: (_id: string, revision: number, _connector: string, { put }: { put: readonly Pin[] }) => {
      server.calls.push({ revision, put });
      return (server.answers.shift() ?? (() => Promise.resolve(stored(put))))();
    },
  },
}));

const problem = (status: number): Problem => ({
  type: "about:blank",
  title: "no",
  status,
  code: status === 412 ? "stale-revision" : "unreachable",
  detail: "not stored",
});
const view = (dossier: Dossier, revision: number): JobView => ({
  id: "11111111-1111-4111-8111-111111111111",
  revision,
  archived: false,
  dossier: dossier as JobView["dossier"],
  ledgerLength: 0,
  undo: null,
  redo: null,
});
/** What the server answers after it has stored some pins. */
function stored(put: readonly Pin[]): JobView {
  const before = server.view as JobView;
  const connectors = before.dossier.connectors.map((connector) => ({
    ...connector,
    pins: connector.pins.map((pin) => put.find((one) => one.id === pin.id) ?? pin),
  }));
  server.view = view({ ...(before.dossier as Dossier), connectors }, before.revision + 1);
  return server.view as JobView;
}
const fail = (status: number) => () => Promise.reject(new ApiProblem(problem(status)));

describe("the open job", () => {
  const dossier = demoDossier();
  const connector = dossier.connectors.find((one) => one.name === "B12")!;
  const noted = (cavity: string, note: string): Pin => ({
    ...connector.pins.find((pin) => pin.cavity === cavity)!,
    note,
  });
  const noteOf = (store: ReturnType<typeof useJob>, cavity: string): string | undefined =>
    store.view?.dossier.connectors
      .find((one) => one.name === "B12")
      ?.pins.find((pin) => pin.cavity === cavity)?.note;

  async function opened(): Promise<ReturnType<typeof useJob>> {
    setActivePinia(createPinia());
    const store = useJob();
    await store.open("11111111-1111-4111-8111-111111111111");
    return store;
  }
  beforeEach(() => {
    worker.hangs = false;
    vi.useRealTimers();
    server.there = true;
    server.answers = [];
    server.calls = [];
    server.records = [];
    server.recorded = [];
    localStorage.clear();
    server.view = view(dossier, 5);
  });

  it("shows a change at once and sends changes one after another, each on the revision before", async () => {
    const store = await opened();
    const first = store.changePins(connector.id, [noted("4", "a")]);
    const second = store.changePins(connector.id, [noted("5", "b")]);
    expect([noteOf(store, "4"), noteOf(store, "5"), store.busy]).toEqual(["a", "b", 2]);
    expect(await Promise.all([first, second])).toEqual([true, true]);
    expect(server.calls.map((call) => call.revision)).toEqual([5, 6]);
    expect([store.view?.revision, store.busy, store.refused]).toEqual([7, 0, null]);
  });
  it("keeps what did not get through, shows it still, and makes all of it again in order", async () => {
    const store = await opened();
    server.answers = [fail(0)];
    expect(await store.changePins(connector.id, [noted("4", "a")])).toBe(false);
    expect(await store.changePins(connector.id, [noted("5", "b")])).toBe(false);
    expect([store.waiting.length, store.busy, noteOf(store, "4"), noteOf(store, "5")]).toEqual([
      2,
      0,
      "a",
      "b",
    ]);
    expect(await store.again()).toBe(true);
    expect(server.calls.slice(1).map((call) => call.put[0]!.note)).toEqual(["a", "b"]);
    expect([store.waiting.length, noteOf(store, "4")]).toEqual([0, "a"]);
  });
  it("waits for a server that is gone, stores in order when it is back, and lets nothing overtake what waits", async () => {
    const store = await opened();
    vi.useFakeTimers();
    server.there = false;
    server.answers = [fail(503)];
    const first = store.changePins(connector.id, [noted("4", "first")]);
    const second = store.changePins(connector.id, [noted("4", "second")]);
    await Promise.all([first, second]);
    expect([store.waiting.length, server.calls.length, noteOf(store, "4")]).toEqual([2, 1, "second"]);
    // It answers again, and a third change is made before the next attempt.
    await vi.advanceTimersByTimeAsync(30_000);
    expect(store.waiting.length).toBe(2);
    server.there = true;
    await store.changePins(connector.id, [noted("4", "third")]);
    expect(server.calls.length).toBe(1);
    await vi.advanceTimersByTimeAsync(20_000);
    expect(server.calls.slice(1).map(({ put }) => put[0]!.note)).toEqual(["first", "second", "third"]);
    expect([store.waiting.length, store.refused, noteOf(store, "4")]).toEqual([0, null, "third"]);
  });
  it("shows the server's state after a conflict, and can make the change on top of it", async () => {
    const store = await opened();
    server.answers = [
      () => {
        stored([noted("7", "theirs")]);
        return fail(412)();
      },
    ];
    expect(await store.changePins(connector.id, [noted("4", "mine")])).toBe(false);
    expect([store.refused?.status, noteOf(store, "4"), noteOf(store, "7"), store.view?.revision]).toEqual([
      412,
      connector.pins.find((pin) => pin.cavity === "4")!.note,
      "theirs",
      6,
    ]);
    expect(await store.again()).toBe(true);
    expect([server.calls.at(-1)?.revision, noteOf(store, "4"), noteOf(store, "7")]).toEqual([
      6,
      "mine",
      "theirs",
    ]);
  });
  it("says what the server refuses, drops it, and lets the next change through untouched", async () => {
    const store = await opened();
    server.answers = [fail(409)];
    expect(await store.changePins(connector.id, [noted("4", "refused")])).toBe(false);
    expect([store.refused?.status, store.waiting.length, store.busy, noteOf(store, "4")]).toEqual([
      409,
      0,
      0,
      connector.pins.find((pin) => pin.cavity === "4")!.note,
    ]);
    expect(await store.changePins(connector.id, [noted("5", "b")])).toBe(true);
    expect([store.refused, noteOf(store, "5")]).toEqual([null, "b"]);
    expect(server.calls.map((call) => call.put[0]!.note)).toEqual(["refused", "b"]);
  });
  it("sends a Done that never got an answer again after a reload, with the same event", async () => {
    const store = await opened();
    server.records = [fail(0)];
    expect(await store.record({ kind: "note", step: null, text: "seen" })).toBe(false);
    const again = await opened();
    await vi.waitFor(() => expect(server.recorded.length).toBe(2));
    expect(server.recorded[1]).toBe(server.recorded[0]);
    await vi.waitFor(() => expect(again.busy).toBe(0));
    await opened();
    expect(server.recorded.length).toBe(2);
    // One that was understood and refused is not sent again.
    server.records = [fail(409)];
    expect(await again.record({ kind: "note", step: null, text: "no" })).toBe(false);
    await opened();
    expect(server.recorded.length).toBe(3);
  });
  it("forgets a change that is dropped", async () => {
    const store = await opened();
    server.answers = [fail(503)];
    await store.changePins(connector.id, [noted("4", "mine")]);
    await store.drop();
    expect([store.waiting.length, store.refused, noteOf(store, "4")]).toEqual([
      0,
      null,
      connector.pins.find((pin) => pin.cavity === "4")!.note,
    ]);
  });

  it("tells how far a long matching is, and when it is stopped shows everything that is decided without suggestions", async () => {
    worker.hangs = true;
    setActivePinia(createPinia());
    const store = useJob();
    const open = store.open("11111111-1111-4111-8111-111111111111");
    await vi.waitFor(() => expect(store.progress).toEqual({ done: 3, total: 9 }));
    store.stopMatch();
    await open;
    expect(store.progress).toBeNull();
    expect(worker.stopped).toBe(1);
    expect(store.analysis).toMatchObject({ matched: false, crosswalk: { pairs: [] } });
    expect(store.dossier?.decisions.length).toBe(dossier.decisions.length);
    worker.hangs = false;
    await store.matchAgain();
    expect(store.analysis).toMatchObject({ matched: true });
    expect(store.analysis?.crosswalk.pairs.length).toBeGreaterThan(3);
  });
});
