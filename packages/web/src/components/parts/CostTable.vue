<script setup lang="ts">
/** Ways of working side by side, by what each of them costs; the one that is chosen stands in the frame. */
import { METHODS, type MethodCost } from "@trevin/core";

export interface Way {
  readonly key: string;
  readonly name: string;
  readonly cost: MethodCost;
  readonly chosen: boolean;
}
defineProps<{ ways: readonly Way[] }>();
const most = METHODS.length + 1;
const LINES: readonly (readonly [string, (cost: MethodCost) => string])[] = [
  ["cuts", (cost) => String(cost.cuts)],
  ["joints", (cost) => String(cost.joints)],
  ["terminals moved", (cost) => String(cost.moved)],
  ["parts", (cost) => String(cost.parts)],
  ["tools", (cost) => String(cost.tools)],
  ["minutes", (cost) => `${cost.minutes[0]} to ${cost.minutes[1]}`],
  ["way back", (cost) => (cost.reversible === "exact" ? "exact" : "joints stay")],
];
</script>

<template>
  <table class="ways" :class="{ narrow: ways.length < most }">
    <thead>
      <tr>
        <th><span class="sr">What it costs</span></th>
        <th v-for="way in ways" :key="way.key" scope="col" :class="{ chosen: way.chosen }">{{ way.name }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="[label, value] in LINES" :key="label">
        <th scope="row">{{ label }}</th>
        <td v-for="way in ways" :key="way.key" :class="{ chosen: way.chosen }">{{ value(way.cost) }}</td>
      </tr>
      <tr v-if="$slots['default']" class="no-print">
        <th scope="row"><span class="sr">Choose</span></th>
        <td v-for="way in ways" :key="way.key" :class="{ chosen: way.chosen }"><slot :way="way" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.ways {
  border-collapse: collapse;
  width: 100%;
}
.ways td,
.ways th {
  border-bottom: 1px solid var(--rule);
  padding: 5px 6px;
  font-size: 13.5px;
  vertical-align: top;
  text-align: left;
}
.narrow td,
.narrow th {
  padding: 2px 6px;
}
.ways tbody th {
  padding-left: 0;
  font-weight: 500;
  color: var(--ink2);
}
.ways td {
  font-weight: 650;
}
.chosen {
  border-left: 2px solid var(--ink);
  border-right: 2px solid var(--ink);
  background: var(--sheet);
}
thead .chosen {
  border-top: 2px solid var(--ink);
}
tbody tr:last-child .chosen {
  border-bottom: 2px solid var(--ink);
}
.ways :deep(.btn) {
  min-height: 26px;
  font-size: 14px;
  padding: 0 8px;
}
</style>
