<script setup lang="ts">
/** The ordered work: what, where, why in this order, what it needs, and what stands in its way. */
import { useEventListener } from "@vueuse/core";
import { computed, nextTick, ref, shallowRef, toRaw, watch, type Component } from "vue";
import { useRouter } from "vue-router";
import InputNumber from "primevue/inputnumber";
import {
  blockWords,
  faultWords,
  kitKey,
  owedAfter,
  ownStepId,
  pinNamer,
  planDifference,
  splitByLeg,
  splitIntoEvenings,
  type Decision,
  type Flag,
  type KitItem,
  type StepId,
} from "@trevin/core";
import HazardBox from "../components/parts/HazardBox.vue";
import AdapterList from "../components/worklist/AdapterList.vue";
import InstructionsDialog from "../components/worklist/InstructionsDialog.vue";
import JointChoice from "../components/worklist/JointChoice.vue";
import KitList from "../components/worklist/KitList.vue";
import OwnStepDialog from "../components/worklist/OwnStepDialog.vue";
import PartsInTheWay from "../components/worklist/PartsInTheWay.vue";
import StepList from "../components/worklist/StepList.vue";
import StepPane from "../components/worklist/StepPane.vue";
import WaysTable from "../components/worklist/WaysTable.vue";
import { useCommands } from "../composables/useCommands.ts";
import { usePlan } from "../composables/usePlan.ts";
import { useWorklistEdits } from "../composables/useWorklistEdits.ts";
import { useJob } from "../stores/job.ts";
import { computeWorker } from "../workers/client.ts";
import type { Needs } from "../workers/reading.ts";

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
const name = computed(() => pinNamer(bench.value.dossier));
const stepName = (id: string): string => {
  const shown = steps.value.find(({ step }) => step.id === id);
  return shown === undefined
    ? "a step"
    : `step ${shown.number} (${shown.words.verb.toLowerCase()} ${shown.words.object})`;
};
const blocks = computed(() =>
  plan.value.blocks.map((block) =>
    block.code === "broken"
      ? `In this order: ${faultWords(block.fault, name.value, stepName)}`
      : blockWords(block, name.value),
  ),
);
const owed = computed(() => owedAfter(store.analysis?.hazards ?? []));
const places = computed(
  () => new Set(groups.value.map(({ place }) => place).filter((place) => place !== "")).size,
);

const needs = shallowRef<Needs | null>(null);
let asked = 0;
watch(
  () => bench.value.planHash,
  async () => {
    const turn = ++asked;
    const answer = await computeWorker().needs({
      dossier: toRaw(bench.value.dossier),
      plan: toRaw(plan.value),
      start: toRaw(bench.value.start),
    });
    if (turn === asked) needs.value = answer;
  },
  { immediate: true },
);
const have = computed(() => edits.value.have);
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

const difference = computed(() =>
  store.planBefore === null ? null : planDifference(store.planBefore, plan.value),
);
const differs = computed(() =>
  difference.value === null
    ? []
    : [
        [difference.value.added.length, "new"],
        [difference.value.gone.length, "gone"],
        [difference.value.changed.length, "changed"],
        [difference.value.moved.length, "moved"],
      ]
        .filter(([count]) => Number(count) > 0)
        .map(([count, what]) => `${count} ${what}`),
);

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
const adding = ref(false);
const reading = ref(false);
const night = ref(120);
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
const isEvening = computed(
  () => selected.value !== null && edits.value.evenings.includes(selected.value.step.id),
);

const printing = ref(false);
const flags = ref(false);
/** The drawer of codes is large, and fetched only when flags are printed. */
const FlagSheet = shallowRef<Component | null>(null);
useEventListener(window, "beforeprint", () => {
  printing.value = true;
});
useEventListener(window, "afterprint", () => {
  printing.value = false;
  flags.value = false;
});
async function print(withFlags = false): Promise<void> {
  printing.value = true;
  if (withFlags) FlagSheet.value ??= (await import("../components/worklist/FlagSheet.vue")).default;
  flags.value = withFlags;
  await nextTick();
  window.print();
}
const urlOf = ({ pin }: Flag): string =>
  new URL(router.resolve({ name: "crosswalk", query: { pin: pin.pin.id } }).href, location.origin).href;
const toBench = (): unknown => router.push({ name: "bench" });
useCommands([
  {
    id: "to-bench",
    title: "To the bench",
    keys: "Enter",
    enabled: () => plan.value.blocks.length === 0,
    run: toBench,
  },
  { id: "print", title: "Print the worklist", keys: "Ctrl+P", run: () => print() },
  { id: "print-flags", title: "Print flags for the wires", run: () => print(true) },
  { id: "step-down", title: "Next step", keys: "ArrowDown", run: () => walk(1) },
  { id: "step-up", title: "Step before", keys: "ArrowUp", run: () => walk(-1) },
  { id: "step-later", title: "Move the step later", keys: "Shift+ArrowDown", run: () => shift(1) },
  { id: "step-earlier", title: "Move the step earlier", keys: "Shift+ArrowUp", run: () => shift(-1) },
  {
    id: "own-step",
    title: "Own step after this one…",
    keys: "N",
    enabled: () => selected.value !== null,
    run: () => {
      adding.value = true;
    },
  },
  {
    id: "instructions",
    title: "Paste somebody else's instructions…",
    run: () => {
      reading.value = true;
    },
  },
  {
    id: "evening",
    title: "End the evening after this step, or not",
    keys: "E",
    enabled: () => selected.value !== null,
    run: () => selected.value && toggleEvening(selected.value.step.id),
  },
  {
    id: "remove-own",
    title: "Remove the own step",
    keys: "Backspace",
    enabled: () => selected.value?.step.kind === "own",
    run: () => selected.value && removeOwn(selected.value.step.id),
  },
  {
    id: "reset-order",
    title: "Back to the planned order",
    enabled: () => edits.value.order.length > 0,
    run: resetOrder,
  },
]);
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
          {{ done > 0 ? "Back to the bench" : "To the bench" }} <kbd>Enter</kbd>
        </button>
      </header>
      <p class="print-only">
        {{ bench.dossier.head.name }}: {{ bench.dossier.head.vehicle }} + {{ bench.dossier.head.incoming }}.
        Plan {{ bench.planHash.slice(0, 12) }}.
      </p>
      <p v-if="differs.length" class="differs no-print">
        <b>The last change made of the plan:</b> {{ differs.join(", ")
        }}<template v-if="difference && difference.minutes !== 0"
          >, {{ Math.abs(difference.minutes) }} min {{ difference.minutes > 0 ? "more" : "less" }}</template
        >. <button type="button" class="link" @click="store.planBefore = null">seen</button>
      </p>
      <p v-if="steps.length === 0" class="none">
        No decision changes a wire yet.
        <RouterLink :to="{ name: 'crosswalk' }">Decide in the crosswalk</RouterLink> what becomes of each pin.
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
      <AdapterList :dossier="bench.dossier" @length="setAdapterLength" />
    </section>
    <aside class="right">
      <template v-if="blocks.length">
        <h2>{{ blocks.length }} {{ blocks.length === 1 ? "thing stands" : "things stand" }} in the way</h2>
        <ul class="blocks">
          <li v-for="(words, i) in blocks.slice(0, 8)" :key="i">
            <RouterLink v-if="plan.blocks[i]?.code !== 'broken'" :to="{ name: 'crosswalk' }">{{
              words
            }}</RouterLink><b v-else>{{ words }}</b>
          </li>
          <li v-if="blocks.length > 8" class="mut">and {{ blocks.length - 8 }} more</li>
        </ul>
      </template>
      <p v-if="edits.order.length" class="lab no-print">
        {{ edits.order.length }} {{ edits.order.length === 1 ? "step stands" : "steps stand" }} elsewhere than
        planned. <button type="button" class="link" @click="resetOrder">Back to the planned order</button>
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
      <template v-if="needs && steps.length > 0">
        <h2>Ways of working</h2>
        <WaysTable
          :dossier="bench.dossier"
          :ways="needs.ways"
          :frozen="store.begun"
          @use="store.decide($event)"
        />
        <JointChoice label="Joints" :chosen="edits.joint" @choose="setJoint" />
        <KitList :kit="needs.kit" :have="have" :ready="ready" :circuits="circuits.length" @tick="setHave" />
      </template>
      <template v-if="owed.length">
        <h2>Owed after the job</h2>
        <ul class="owed">
          <li v-for="one in owed" :key="one.rule + one.detail">
            <b>{{ one.title }}.</b> {{ one.detail }}
            <span class="mut">{{ one.accepted ? `Accepted: ${one.accepted}.` : one.cure }}</span>
          </li>
        </ul>
      </template>
      <PartsInTheWay :dossier="bench.dossier" @save="savePart" @remove="removePart" />
      <div class="evenings no-print">
        <span class="lab">An evening of</span
        ><InputNumber
          v-model="night"
          :min="15"
          :max="1440"
          input-class="len"
          aria-label="Minutes of an evening"
        /><span class="lab">min</span
        ><button
          type="button"
          class="btn quiet"
          :disabled="steps.length === 0"
          @click="endEvenings(splitIntoEvenings(plan, night))"
        >
          Split the job</button
        ><button
          type="button"
          class="btn quiet"
          :disabled="steps.length === 0"
          @click="endEvenings(splitByLeg(plan, bench.dossier))"
        >
          By leg</button
        ><button v-if="edits.evenings.length" type="button" class="btn quiet" @click="endEvenings([])">
          None
        </button>
      </div>
      <p v-if="needs" class="check">
        <b>Second opinion:</b>
        {{
          needs.fault === null
            ? "the plan was replayed from the start and does what the decisions say"
            : faultWords(needs.fault, name, stepName)
        }}<template v-if="plan.transfers"> with the fewest moves possible ({{ plan.transfers }})</template>.
      </p>
      <HazardBox
        severity="caution"
        title="Before the first step"
        detail="Restraint and high-voltage plugs stay shut. Mind the maker's waiting time after the battery comes off. Eye protection with picks and spring-loaded locks."
      />
      <HazardBox
        severity="note"
        title="Joints and heat"
        detail="Crimp, cover and keep joints staggered so that two can never touch, out of wet places and away from hot parts. Keep every lead that is taken out with its flag: it is the way back. Brakes, steering, lighting and the immobiliser: local codes and licensed practice decide."
      />
    </aside>
    <component
      :is="FlagSheet"
      v-if="flags && FlagSheet"
      class="sheet"
      :dossier="bench.dossier"
      :url="urlOf"
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
.differs {
  padding: 6px 0;
  border-bottom: 1px solid var(--rule2);
  font-size: 14px;
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
.owed {
  display: grid;
  gap: 6px;
  font-size: 13.5px;
}
.check {
  font-size: 13.5px;
}
.evenings {
  display: flex;
  align-items: center;
  gap: 8px;
}
.evenings :deep(.len) {
  width: 72px;
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
