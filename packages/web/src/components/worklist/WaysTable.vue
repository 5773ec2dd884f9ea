<script setup lang="ts">
/** The ways of working side by side, each planned in full; the one that is decided now stands in the frame. */
import { computed } from "vue";
import { allBy, type Decision, type Dossier, type MethodChoice } from "@trevin/core";

const props = defineProps<{ dossier: Dossier; ways: readonly MethodChoice[]; frozen: boolean }>();
const emit = defineEmits<{ use: [decisions: readonly Decision[]] }>();

const WAYS: Readonly<Record<MethodChoice["method"], string>> = { "as-decided": "as decided", move: "de-pin", splice: "splice", adapter: "adapter" };
type Cost = MethodChoice["cost"];
const LINES: readonly (readonly [string, (cost: Cost) => string])[] = [
  ["cuts", (cost) => String(cost.cuts)], ["joints", (cost) => String(cost.joints)], ["terminals moved", (cost) => String(cost.moved)], ["parts", (cost) => String(cost.parts)], ["tools", (cost) => String(cost.tools)],
  ["minutes", (cost) => `${cost.minutes[0]} to ${cost.minutes[1]}`], ["way back", (cost) => (cost.reversible === "exact" ? "exact" : "joints stay")],
];
/** The decisions that another way of working would change. */
const changed = (method: MethodChoice["method"]): readonly Decision[] => (method === "as-decided" ? [] : allBy(props.dossier, method).decisions.filter((decision, i) => decision !== props.dossier.decisions[i]));
const choices = computed(() => props.ways.map((way) => ({ ...way, changed: changed(way.method) })));
const isChosen = (way: (typeof choices.value)[number]): boolean => way.method === "as-decided";
</script>

<template>
  <table class="ways">
    <thead><tr><th><span class="sr">What it costs</span></th><th v-for="way in choices" :key="way.method" scope="col" :class="{ chosen: isChosen(way) }">{{ WAYS[way.method] }}</th></tr></thead>
    <tbody>
      <tr v-for="[label, value] in LINES" :key="label"><th scope="row">{{ label }}</th><td v-for="way in choices" :key="way.method" :class="{ chosen: isChosen(way) }">{{ value(way.cost) }}</td></tr>
      <tr v-if="!frozen" class="no-print">
        <th scope="row"><span class="sr">Choose</span></th>
        <td v-for="way in choices" :key="way.method" :class="{ chosen: isChosen(way) }">
          <button v-if="way.changed.length" type="button" class="btn quiet" :aria-label="`Do all by ${WAYS[way.method]}`" @click="emit('use', way.changed)">all</button>
          <span v-else-if="way.method !== 'as-decided'" class="mut lab">so it is</span>
        </td>
      </tr>
    </tbody>
  </table>
  <p class="why">A part between needs a joint, and a wire for an empty cavity moves, whichever way is chosen. One wire otherwise: <kbd>M</kbd> in the crosswalk.</p>
</template>

<style scoped>
.ways { border-collapse: collapse; width: 100%; }
.ways td, .ways th { border-bottom: 1px solid var(--rule); padding: 5px 6px; font-size: 13.5px; vertical-align: top; text-align: left; }
.ways tbody th { padding-left: 0; font-weight: 500; color: var(--ink2); }
.ways td { font-weight: 650; }
.chosen { border-left: 2px solid var(--ink); border-right: 2px solid var(--ink); background: var(--sheet); }
thead .chosen { border-top: 2px solid var(--ink); }
tbody tr:last-child .chosen { border-bottom: 2px solid var(--ink); }
.ways .btn { min-height: 26px; font-size: 14px; padding: 0 8px; }
</style>
