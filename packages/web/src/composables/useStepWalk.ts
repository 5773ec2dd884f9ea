import { computed, ref, watch } from "vue";
import type { StepId } from "@trevin/core";
import type { usePlan } from "./usePlan.ts";

/** The step in hand in the worklist, walked through and moved about. */
export function useStepWalk(
  { steps, current }: Pick<ReturnType<typeof usePlan>, "steps" | "current">,
  moveBehind: (step: StepId, behind: StepId | null) => unknown,
) {
  const picked = ref<StepId | null>(null);
  const selected = computed(
    () => steps.value.find(({ step }) => step.id === picked.value) ?? current.value ?? steps.value[0] ?? null,
  );
  const index = computed(() => steps.value.findIndex(({ step }) => step.id === selected.value?.step.id));
  function walk(by: number): void {
    picked.value =
      steps.value[Math.min(Math.max(index.value + by, 0), steps.value.length - 1)]?.step.id ?? null;
  }
  /** Where a step is on its way to, while the plan is still being computed: keys may come faster. */
  let going: { readonly step: StepId; readonly to: number } | null = null;
  watch(index, (now) => {
    if (now === going?.to) going = null;
  });
  /** One place earlier or later in the whole list. */
  function shift(by: 1 | -1): void {
    const here = selected.value;
    if (here === null) return;
    const to = (going?.step === here.step.id ? going.to : index.value) + by;
    if (to < 0 || to >= steps.value.length) return;
    picked.value = here.step.id;
    going = { step: here.step.id, to };
    const others = steps.value.filter(({ step }) => step.id !== here.step.id);
    void moveBehind(here.step.id, others[to - 1]?.step.id ?? null);
  }

  return { picked, selected, index, walk, shift };
}
