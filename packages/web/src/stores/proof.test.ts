import { createPinia, setActivePinia } from "pinia";
import { nextTick, shallowRef } from "vue";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Analysis, Progress, Proof } from "@trevin/core";
import type { Running } from "../workers/client.ts";

const job = vi.hoisted(() => ({ analysis: null as unknown, begun: false }));
const worker = vi.hoisted(() => ({
  answers: [] as ((proof: unknown) => void)[],
  tells: [] as ((progress: { done: number; total: number }) => void)[],
}));
vi.mock("./job.ts", () => ({ useJob: () => job }));
vi.mock("../workers/client.ts", () => ({
  startProof: (
    _dossier: unknown,
    _state: unknown,
    _steps: unknown,
    onProgress: (progress: Progress) => void,
  ): Running<Proof> => {
    let stop: () => void = () => undefined;
    const result = new Promise<Proof | null>((resolve) => {
      stop = () => {
        resolve(null);
      };
      worker.answers.push(resolve as (proof: unknown) => void);
      worker.tells.push(onProgress);
    });
    return { result, stop };
  },
}));
const { useProof } = await import("./proof.ts");

const bench = (): unknown => ({
  bench: { dossier: {}, state: {}, start: {}, plan: { steps: [] }, progress: new Map() },
});
const settled = async (): Promise<void> => {
  for (let i = 0; i < 5; i++) await nextTick();
};
describe("the proof of a job", () => {
  const analysis = shallowRef<Analysis | null>(null);
  beforeEach(() => {
    setActivePinia(createPinia());
    worker.answers.length = worker.tells.length = 0;
    Object.defineProperty(job, "analysis", { get: () => analysis.value, configurable: true });
    analysis.value = bench() as Analysis;
  });
  it("tells how far it is, and shows what was solved", async () => {
    const store = useProof();
    await settled();
    worker.tells[0]?.({ done: 3, total: 9 });
    expect(store.progress).toEqual({ done: 3, total: 9 });
    worker.answers[0]?.({ verdict: "works" });
    await settled();
    expect([store.planned?.verdict, store.shown?.verdict, store.progress]).toEqual(["works", "works", null]);
  });
  it("claims nothing once it is stopped, whatever changes, till it is asked for again", async () => {
    const store = useProof();
    await settled();
    worker.answers[0]?.({ verdict: "works" });
    await settled();
    analysis.value = bench() as Analysis;
    await settled();
    store.stop();
    await settled();
    expect([store.planned, store.shown, store.stopped]).toEqual([null, null, true]);
    const asked = worker.answers.length;
    analysis.value = bench() as Analysis;
    await settled();
    expect(worker.answers.length).toBe(asked);
    void store.solveAgain();
    await settled();
    worker.answers.at(-1)?.({ verdict: "unsafe" });
    await settled();
    expect([store.planned?.verdict, store.stopped]).toEqual(["unsafe", false]);
  });
});
