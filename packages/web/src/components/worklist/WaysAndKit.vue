<script setup lang="ts">
/** The ways of working side by side, and everything that has to be there before the work begins. */
import { computed, shallowRef, toRaw, watch } from "vue";
import { allBy, KIT_KINDS, kitKey, type Decision, type Dossier, type KitKind, type MethodChoice } from "@trevin/core";
import { computeWorker } from "../../workers/client.ts";
import type { Needs } from "../../workers/reading.ts";

const props = defineProps<{ dossier: Dossier; frozen: boolean }>();
const emit = defineEmits<{ use: [decisions: readonly Decision[]] }>();
const needs = shallowRef<Needs | null>(null);
let asked = 0;
watch(() => props.dossier, async (dossier) => {
  const turn = ++asked;
  const answer = await computeWorker().needs(toRaw(dossier));
  if (turn === asked) needs.value = answer;
}, { immediate: true });

const WAYS: Readonly<Record<MethodChoice["method"], string>> = { "as-decided": "as decided", move: "all moved", splice: "all spliced" };
const LINES = [
  ["cuts", (cost: MethodChoice["cost"]) => String(cost.cuts)], ["joints", (cost: MethodChoice["cost"]) => String(cost.joints)], ["terminals moved", (cost: MethodChoice["cost"]) => String(cost.moved)],
  ["parts", (cost: MethodChoice["cost"]) => String(cost.parts)], ["tools", (cost: MethodChoice["cost"]) => String(cost.tools)], ["minutes", (cost: MethodChoice["cost"]) => `${cost.minutes[0]} to ${cost.minutes[1]}`], ["way back", (cost: MethodChoice["cost"]) => cost.reversible],
] as const;
/** The decisions that another way of working would change. */
const changed = (method: MethodChoice["method"]): readonly Decision[] => (method === "as-decided" ? [] : allBy(props.dossier, method).decisions.filter((decision, i) => decision !== props.dossier.decisions[i]));
const KINDS: Readonly<Record<KitKind, string>> = { part: "Parts", consumable: "Used up", tool: "Tools" };
const kinds = computed(() => KIT_KINDS.map((kind) => ({ kind, items: needs.value?.kit.filter((item) => item.kind === kind) ?? [] })).filter(({ items }) => items.length > 0));
</script>

<template>
  <template v-if="needs">
    <h2>Ways of working</h2>
    <table class="ways">
      <thead><tr><th /><th v-for="way in needs.ways" :key="way.method" scope="col">{{ WAYS[way.method] }}</th></tr></thead>
      <tbody>
        <tr v-for="[label, value] in LINES" :key="label"><th scope="row">{{ label }}</th><td v-for="way in needs.ways" :key="way.method">{{ value(way.cost) }}</td></tr>
        <tr v-if="!frozen" class="no-print"><th scope="row"><span class="sr">Choose</span></th><td v-for="way in needs.ways" :key="way.method"><button v-if="changed(way.method).length" type="button" class="btn quiet" :aria-label="`Do ${WAYS[way.method]}`" @click="emit('use', changed(way.method))">use</button></td></tr>
      </tbody>
    </table>
    <p class="why">Wires with a part between are spliced, wires for an empty cavity move, whichever way is chosen.</p>
    <h2>Kit</h2>
    <section v-for="one in kinds" :key="one.kind">
      <h3>{{ KINDS[one.kind] }}</h3>
      <ul class="kit"><li v-for="item in one.items" :key="kitKey(item)"><i class="box" /><b>{{ item.count }}</b><span>{{ item.what }}<template v-if="item.size">, {{ item.size }}</template> <span v-if="item.spare" class="mut lab">and {{ item.spare }} spare</span></span></li></ul>
    </section>
  </template>
</template>

<style scoped>
h2 { border-bottom: 1px solid var(--ink); padding-bottom: 6px; }
.ways td, .ways th { border-bottom: 1px solid var(--rule); padding: 5px 8px 5px 0; font-size: 13.5px; vertical-align: top; }
.ways td { font-weight: 650; }
.ways .btn { min-height: 28px; font-size: 14px; padding: 0 9px; }
.kit li { display: grid; grid-template-columns: 24px minmax(0, 1fr); gap: 8px; padding: 4px 0; border-bottom: 1px solid var(--rule); font-size: 13.5px; align-items: start; }
.kit b { text-align: right; }
.box { display: none; width: 14px; height: 14px; border: 1.5px solid var(--ink); border-radius: 2px; margin-top: 2px; }
@media print { .kit li { grid-template-columns: 16px 24px minmax(0, 1fr); } .box { display: block; } }
</style>
