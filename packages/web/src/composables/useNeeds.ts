import { computed, shallowRef, toRaw, watch } from "vue";
import { kitKey, type KitItem, type StepId } from "@trevin/core";
import { computeWorker } from "../workers/client.ts";
import type { Needs } from "../workers/onDemand.ts";
import type { usePlan } from "./usePlan.ts";

/** Kit, ways of working and the second opinion on a plan, computed in the worker; and what each step still lacks. */
export function useNeeds(
  { bench, groups }: Pick<ReturnType<typeof usePlan>, "bench" | "groups">,
  owned: () => readonly string[],
) {
  const needs = shallowRef<Needs | null>(null);
  let asked = 0;
  watch(
    () => bench.value.planHash,
    async () => {
      const turn = ++asked;
      const answer = await computeWorker().needs({
        dossier: toRaw(bench.value.dossier),
        plan: toRaw(bench.value.plan),
        start: toRaw(bench.value.start),
      });
      if (turn === asked) needs.value = answer;
    },
    { immediate: true },
  );
  const have = computed(owned);
  /** What each step still lacks. */
  const lacking = computed<ReadonlyMap<StepId, readonly KitItem[]>>(() => {
    const there = new Set(have.value);
    const map = new Map<StepId, KitItem[]>();
    for (const item of needs.value?.kit ?? [])
      if (!there.has(kitKey(item)))
        for (const step of item.steps) map.set(step, [...(map.get(step) ?? []), item]);
    return map;
  });
  const circuits = computed(() => groups.value.filter(({ stage }) => stage === "wire"));
  const ready = computed(
    () => circuits.value.filter((group) => group.steps.every((step) => !lacking.value.has(step))).length,
  );
  /** While nothing is ticked, nothing is said to be missing. */
  const waiting = computed(() =>
    have.value.length > 0 ? lacking.value : new Map<StepId, readonly KitItem[]>(),
  );

  return { needs, have, circuits, ready, waiting };
}
