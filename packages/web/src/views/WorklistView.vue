<script setup lang="ts">
/** The ordered work: what, where, why in this order, what it needs, and what stands in its way. */
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { ownStepId, planDifference, type Decision } from "@trevin/core";
import AdapterList from "../components/worklist/AdapterList.vue";
import InstructionsDialog from "../components/worklist/InstructionsDialog.vue";
import OwnStepDialog from "../components/worklist/OwnStepDialog.vue";
import BlockList from "../components/worklist/BlockList.vue";
import StepList from "../components/worklist/StepList.vue";
import StepPane from "../components/worklist/StepPane.vue";
import { worklistCommands } from "../components/worklist/worklistCommands.ts";
import WorklistSide from "../components/worklist/WorklistSide.vue";
import FlagDialog from "../components/worklist/FlagDialog.vue";
import { useFlagPrint } from "../composables/useFlagPrint.ts";
import PlanDifferenceLine from "../components/worklist/PlanDifferenceLine.vue";
import { useNeeds } from "../composables/useNeeds.ts";
import { useStepWalk } from "../composables/useStepWalk.ts";
import { useCommands } from "../composables/useCommands.ts";
import { usePlan } from "../composables/usePlan.ts";
import { useWorklistEdits } from "../composables/useWorklistEdits.ts";
import { useJob } from "../stores/job.ts";

const router = useRouter();
const store = useJob();
const { bench, steps, groups, current, placed } = usePlan();
const {
  edits,
  moveBehind,
  resetOrder,
  addOwn,
  addAll,
  removeOwn,
  savePart,
  removePart,
  toggleEvening,
  endEvenings,
  setHave,
  setAdapterLength,
  setJoint,
} = useWorklistEdits();
const plan = computed(() => bench.value.plan);
const stepName = (id: string): string => {
  const shown = steps.value.find(({ step }) => step.id === id);
  return shown === undefined
    ? "a step"
    : `step ${shown.number} (${shown.words.verb.toLowerCase()} ${shown.words.object})`;
};
const places = computed(
  () => new Set(groups.value.map(({ place }) => place).filter((place) => place !== "")).size,
);

const { needs, have, circuits, ready, waiting } = useNeeds({ bench, groups }, () => edits.value.have);
const difference = computed(() =>
  store.planBefore === null ? null : planDifference(store.planBefore, plan.value),
);
const { picked, selected, index, walk, shift } = useStepWalk({ steps, current }, moveBehind);
const adding = ref(false);
const reading = ref(false);
async function saveOwn(step: { text: string; place: string; minutes: number }): Promise<void> {
  const before = new Set(edits.value.own.map(({ id }) => id));
  if (!(await addOwn({ ...step, after: selected.value?.step.id ?? null, from: "", deviation: "" }))) return;
  adding.value = false;
  const own = edits.value.own.find(({ id }) => !before.has(id));
  if (own !== undefined) picked.value = ownStepId(own);
}
async function addInstructions(all: Parameters<typeof addAll>[0]): Promise<void> {
  if (await addAll(all)) reading.value = false;
}
const isEvening = computed(() => edits.value.evenings.some((id) => id === selected.value?.step.id));

const { flags, choosing, withoutFlag, FlagSheet, printing, print, printFlags } = useFlagPrint();
const toBench = (): unknown => router.push({ name: "bench" });
useCommands(
  worklistCommands({
    canStart: () => plan.value.blocks.length === 0,
    toBench,
    print,
    walk,
    shift,
    selected: () => selected.value,
    add: () => {
      adding.value = true;
    },
    instructions: () => {
      reading.value = true;
    },
    toggleEvening,
    removeOwn,
    reordered: () => edits.value.order.length > 0,
    resetOrder,
  }),
);
const done = computed(() => steps.value.filter((shown) => shown.state !== "open").length);
</script>

<template>
  <main class="split" :class="{ 'flags-only': flags }">
    <section class="left">
      <header class="head">
        <h1>
          {{ steps.length }} steps, {{ plan.minutes }} minutes<template v-if="places > 1"
            >, {{ places }} places</template
          >
        </h1>
        <span class="mut lab">{{ Math.round(plan.range[0]) }} to {{ Math.round(plan.range[1]) }} min</span>
        <span class="grow" />
        <button type="button" class="btn quiet no-print" @click="reading = true">Instructions…</button>
        <button type="button" class="btn quiet no-print" :disabled="steps.length === 0" @click="print(true)">
          Flags
        </button>
        <button type="button" class="btn quiet no-print" @click="print()">Print</button>
        <button type="button" class="btn pri no-print" :disabled="plan.blocks.length > 0" @click="toBench">
          {{ done > 0 ? "Continue at the bench" : "Start at the bench" }} <kbd>Enter</kbd>
        </button>
      </header>
      <p class="print-only">
        {{ bench.dossier.head.name }}: {{ bench.dossier.head.vehicle }} + {{ bench.dossier.head.incoming }}.
        Plan {{ bench.planHash.slice(0, 12) }}.
      </p>
      <PlanDifferenceLine :difference="difference" @seen="store.planBefore = null" />
      <p v-if="steps.length === 0" class="none">
        No decision changes a wire yet.
        <RouterLink :to="{ name: 'crosswalk' }">Go to Crosswalk</RouterLink> to decide what happens to each
        pin.
      </p>
      <StepList
        :groups="groups"
        :selected="selected?.step.id ?? null"
        :difference="difference"
        :evenings="edits.evenings"
        :waiting="waiting"
        :placed="placed"
        :printing="printing"
        @pick="picked = $event"
        @drop="moveBehind"
      />
      <AdapterList :dossier="bench.dossier" :job="bench.dossier.head.name" @length="setAdapterLength" />
    </section>
    <aside class="right">
      <BlockList
        v-if="plan.blocks.length"
        :blocks="plan.blocks"
        :dossier="bench.dossier"
        :step-name="stepName"
      />
      <p v-if="edits.order.length" class="lab no-print">
        {{ edits.order.length }} {{ edits.order.length === 1 ? "step" : "steps" }} moved by hand.
        <button type="button" class="link" @click="resetOrder">Restore the planned order</button>
      </p>
      <StepPane
        v-if="selected"
        class="no-print"
        :shown="selected"
        :dossier="bench.dossier"
        :kit="needs?.kit ?? []"
        :have="have"
        :evening="isEvening"
        :first="index <= 0"
        :last="index >= steps.length - 1"
        @up="shift(-1)"
        @down="shift(1)"
        @own="adding = true"
        @evening="toggleEvening(selected.step.id)"
        @remove="removeOwn(selected.step.id)"
        @joint="(decision, joint) => store.decide([{ ...decision, joint } as Decision])"
      />
      <WorklistSide
        :dossier="bench.dossier"
        :plan="plan"
        :hazards="store.analysis?.hazards ?? []"
        :needs="needs"
        :have="have"
        :ready="ready"
        :circuits="circuits.length"
        :joint="edits.joint"
        :evenings="edits.evenings.length"
        :steps="steps.length"
        :frozen="store.begun"
        :step-name="stepName"
        @use="store.decide"
        @joint="setJoint"
        @have="setHave"
        @save-part="savePart"
        @remove-part="removePart"
        @evenings="endEvenings"
      />
    </aside>
    <component
      :is="FlagSheet"
      v-if="flags && FlagSheet"
      class="sheet"
      :dossier="bench.dossier"
      :out="withoutFlag"
    />
    <FlagDialog
      v-model:open="choosing"
      v-model:out="withoutFlag"
      :sheet="FlagSheet"
      :dossier="bench.dossier"
      @print="printFlags"
    />
    <OwnStepDialog
      v-model:open="adding"
      :usual="selected?.step.place ?? ''"
      :behind="
        selected ? `after step ${selected.number}, ${selected.words.verb} ${selected.words.object}` : 'first'
      "
      @save="saveOwn"
    />
    <InstructionsDialog
      v-model:open="reading"
      :dossier="bench.dossier"
      :steps="steps"
      @add="addInstructions"
    />
  </main>
</template>

<style scoped>
.split {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  min-height: 0;
}
.left {
  padding: 0 16px 32px 20px;
  min-width: 0;
}
.head {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
  border-bottom: 1px solid var(--ink);
  flex-wrap: wrap;
  padding: 6px 0;
}
.grow {
  flex: 1;
}
.none {
  padding: 24px 0;
}
.right {
  border-left: 1px solid var(--ink);
  padding: 12px 20px 20px 16px;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.right > h2 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 6px;
}
.blocks {
  display: grid;
  gap: 4px;
  padding-bottom: 8px;
}
.blocks a,
.link {
  display: inline-block;
  min-height: 26px;
  line-height: 26px;
}
.print-only,
.sheet {
  display: none;
}
@media (max-width: 1000px) {
  .split {
    grid-template-columns: 1fr;
  }
  .right {
    border-left: 0;
    border-top: 2px solid var(--ink);
  }
}
@media (max-width: 700px) {
  .left {
    padding: 0 12px;
  }
}
@media print {
  .split {
    display: block;
  }
  .right {
    border: 0;
    page-break-before: always;
  }
  .print-only {
    display: block;
  }
  .flags-only > .left,
  .flags-only > .right {
    display: none;
  }
  .flags-only > .sheet {
    display: grid;
  }
}
</style>
