<script setup lang="ts">
/** The ordered work: what, where, why in this order, and what stands in its way. */
import { computed } from "vue";
import { useRouter } from "vue-router";
import { blockWords, checkPlan, faultWords, pinNamer } from "@trevin/core";
import CavityLabel from "../components/parts/CavityLabel.vue";
import DrawnWire from "../components/parts/DrawnWire.vue";
import HazardBox from "../components/parts/HazardBox.vue";
import WaysAndKit from "../components/worklist/WaysAndKit.vue";
import { useJob } from "../stores/job.ts";
import { useCommands } from "../composables/useCommands.ts";
import { usePlan } from "../composables/usePlan.ts";

const router = useRouter();
const store = useJob();
const { bench, steps, groups, placed } = usePlan();
const plan = computed(() => bench.value.plan);
const name = computed(() => pinNamer(bench.value.dossier));
const fault = computed(() => checkPlan(bench.value.dossier, plan.value));
const tally = computed(() => {
  const count = (...kinds: string[]): number => plan.value.steps.filter((step) => kinds.includes(step.kind)).length;
  return [["feeds brought in", count("feed")], ["ends capped", count("cap")], ["cavity plugs", count("plug")], ["checks first", count("check")]] as const;
});
const handling = computed(() => (plan.value.steps.some((step) => step.kind === "splice") ? "Crimp, cover and keep joints staggered so that two can never touch." : "Keep every lead that is taken out with its flag: it is the way back."));
const toBench = (): unknown => router.push({ name: "bench" });
const print = (): void => window.print();
useCommands([
  { id: "to-bench", title: "To the bench", keys: "Enter", enabled: () => plan.value.blocks.length === 0, run: toBench },
  { id: "print", title: "Print the worklist", keys: "Ctrl+P", run: print },
]);
const done = computed(() => steps.value.filter((shown) => shown.state !== "open").length);
</script>

<template>
  <main class="split">
    <section class="left">
      <header class="head">
        <h1>{{ steps.length }} steps, {{ plan.minutes }} minutes</h1>
        <span class="mut lab">one wire at a time, a cavity emptied before it is filled, supply last</span>
        <span class="grow" />
        <button type="button" class="btn quiet no-print" @click="print">Print</button>
        <button type="button" class="btn pri no-print" :disabled="plan.blocks.length > 0" @click="toBench">{{ done > 0 ? "Back to the bench" : "To the bench" }} <kbd>Enter</kbd></button>
      </header>
      <p class="print-only">{{ bench.dossier.head.name }}: {{ bench.dossier.head.vehicle }} + {{ bench.dossier.head.incoming }}. Plan {{ bench.planHash.slice(0, 12) }}.</p>
      <p v-if="steps.length === 0" class="none">No decision changes a wire yet. <RouterLink :to="{ name: 'crosswalk' }">Decide in the crosswalk</RouterLink> what becomes of each pin.</p>
      <section v-for="group in groups" :key="group.id" class="group" :class="group.stage">
        <h2><span>{{ group.title }}</span><span class="min">{{ group.minutes }}</span></h2>
        <ol>
          <li v-for="shown in group.shown" :key="shown.step.id" :class="shown.state">
            <i class="box" :class="shown.state" role="img" :aria-label="shown.state" />
            <span class="n">{{ shown.number }}</span>
            <b class="verb">{{ shown.words.verb }}</b>
            <span class="wire"><DrawnWire v-if="shown.step.wire" :colour="shown.colour" :size="shown.size" :length="54" /></span>
            <span class="what"><CavityLabel v-if="shown.at" :label="shown.at.pin.cavity" /> {{ shown.words.object }}, {{ shown.words.where }}</span>
            <span class="flag lab"><template v-if="shown.step.kind === 'check'"><u>check first</u></template><template v-else-if="shown.step.twins.length">twin {{ shown.step.twins.map((id) => placed(id)?.pin.cavity).join(", ") }} stays in</template></span>
            <span class="min">{{ shown.step.minutes }}</span>
          </li>
        </ol>
      </section>
    </section>
    <aside class="right">
      <template v-if="plan.blocks.length">
        <h2>{{ plan.blocks.length }} {{ plan.blocks.length === 1 ? "thing stands" : "things stand" }} in the way</h2>
        <ul class="blocks"><li v-for="(block, i) in plan.blocks.slice(0, 12)" :key="i"><RouterLink :to="{ name: 'crosswalk' }">{{ blockWords(block, name) }}</RouterLink></li><li v-if="plan.blocks.length > 12" class="mut">and {{ plan.blocks.length - 12 }} more</li></ul>
      </template>
      <h2>What it takes</h2>
      <dl><template v-for="[label, value] in tally" :key="label"><dt class="lab">{{ label }}</dt><dd>{{ value }}</dd></template></dl>
      <WaysAndKit v-if="steps.length > 0" :dossier="bench.dossier" :frozen="store.begun" @use="store.decide($event)" />
      <p class="check"><b>Second opinion:</b> {{ fault === null ? "the plan was replayed from the start and does what the decisions say" : faultWords(fault, name) }}</p>
      <HazardBox severity="caution" title="Before the first step" detail="Restraint and high-voltage plugs stay shut. Mind the maker's waiting time after the battery comes off. Eye protection with picks and spring-loaded locks." />
      <HazardBox severity="note" title="Joints and heat" :detail="`${handling} Keep them out of wet places and away from hot parts. Brakes, steering, lighting and the immobiliser: local codes and licensed practice decide.`" />
    </aside>
  </main>
</template>

<style scoped>
.split { flex: 1; display: grid; grid-template-columns: minmax(0, 1fr) 380px; min-height: 0; }
.left { padding: 0 16px 32px 20px; min-width: 0; }
.head { display: flex; align-items: center; gap: 12px; min-height: 48px; border-bottom: 1px solid var(--ink); flex-wrap: wrap; padding: 6px 0; }
.grow { flex: 1; }
.none { padding: 24px 0; }
.group { border-bottom: 1px solid var(--rule2); padding-bottom: 2px; }
.group.open, .group:has(+ .close) { border-bottom: 2px solid var(--ink); }
.group h2 { display: flex; justify-content: space-between; font: 600 17px/22px var(--f-label); padding-top: 5px; }
.group.open h2, .group.close h2 { font-size: 19px; }
.min { font: 700 15px/1 var(--f-text); text-align: right; align-self: center; }
li { display: grid; grid-template-columns: 20px 30px 92px 62px minmax(0, 1fr) 108px 22px; gap: 6px; align-items: center; min-height: 24px; }
.box { width: 16px; height: 16px; border: 1.6px solid var(--ink); border-radius: 2px; background: var(--sheet); position: relative; }
.box.done::after { content: ""; position: absolute; left: 3px; top: -3px; width: 6px; height: 12px; border: solid var(--ink); border-width: 0 2.4px 2.4px 0; transform: rotate(40deg); }
.box.skipped::after { content: ""; position: absolute; left: 2px; right: 2px; top: 6px; border-top: 2px dashed var(--ink); }
.n { font: 700 14px/1 var(--f-text); text-align: right; padding-right: 8px; }
.verb { font-weight: 650; }
.what { white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
.what .cav { height: 20px; min-width: 26px; font-size: 13px; margin-right: 4px; vertical-align: middle; }
li.done .what, li.done .verb { text-decoration: line-through; color: var(--ink2); }
li.skipped .what { font-style: italic; color: var(--ink2); }
.flag { white-space: nowrap; }
.flag u { text-decoration: none; border-bottom: 2.5px dotted var(--ink); font-weight: 600; }
.right { border-left: 1px solid var(--ink); padding: 12px 20px 20px 16px; display: flex; flex-direction: column; gap: 12px; }
.right h2 { border-bottom: 1px solid var(--ink); padding-bottom: 6px; }
.blocks { display: grid; gap: 4px; padding-bottom: 8px; }
dl { display: grid; grid-template-columns: 130px 1fr; }
dt, dd { border-bottom: 1px solid var(--rule); padding: 6px 0; }
dt { color: var(--ink2); }
dd { font-weight: 650; }
.check { font-size: 13.5px; }
.print-only { display: none; }
@media (max-width: 1000px) { .split { grid-template-columns: 1fr; } .right { border-left: 0; border-top: 2px solid var(--ink); } }
@media (max-width: 700px) { li { grid-template-columns: 20px 26px 78px minmax(0, 1fr) 20px; padding: 4px 0; } li .wire, li .flag { display: none; } .what { white-space: normal; } .left { padding: 0 12px; } }
@media print { .split { display: block; } .right { border: 0; page-break-before: always; } .print-only { display: block; } .group { page-break-inside: avoid; } .what { white-space: normal; } }
</style>
