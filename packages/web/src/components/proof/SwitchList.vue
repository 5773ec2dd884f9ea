<script setup lang="ts">
/** Outputs and switches of the circuit, each thrown by hand. */
import { pinName, type Proof } from "@trevin/core";

const props = defineProps<{ proof: Proof }>();
const on = defineModel<ReadonlySet<string>>({ required: true });
function toggle(element: string): void {
  const next = new Set(on.value);
  if (!next.delete(element)) next.add(element);
  on.value = next;
}
const all = (): void => {
  on.value = new Set(props.proof.network.drivers.map(({ element }) => element));
};
</script>

<template>
  <div class="head">
    <h3>Switches</h3>
    <span class="grow" />
    <button type="button" class="link lab" @click="all">all on</button>
    <button type="button" class="link lab" @click="on = new Set()">all off</button>
  </div>
  <ul>
    <li v-for="{ element, port } in proof.network.drivers" :key="element">
      <button type="button" role="switch" :aria-checked="on.has(element)" @click="toggle(element)">
        <span class="name"
          ><b class="code">{{ pinName(port.read.placed) }}</b> {{ port.read.placed.pin.function }}</span
        >
        <svg width="44" height="16" viewBox="0 0 44 16" aria-hidden="true">
          <path d="M0 11h10M34 11h10" />
          <path :d="on.has(element) ? 'M10 11h24' : 'M10 11L31 3'" class="arm" />
          <circle cx="10" cy="11" r="3" />
          <circle cx="34" cy="11" r="3" />
        </svg>
        <span class="lab state">{{ on.has(element) ? "on" : "off" }}</span>
      </button>
    </li>
    <li v-if="proof.network.drivers.length === 0" class="mut lab none">None in what is decided.</li>
  </ul>
</template>

<style scoped>
.head {
  display: flex;
  gap: 10px;
  align-items: baseline;
  margin-top: 12px;
  border-bottom: 1px solid var(--rule);
  padding-bottom: 4px;
}
.grow {
  flex: 1;
}
ul {
  overflow: auto;
  min-height: 0;
}
button[role="switch"] {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  padding: 5px 0;
  text-align: left;
  cursor: pointer;
}
.name {
  flex: 1;
  font: 500 14px/17px var(--f-label);
}
.name .code {
  margin-right: 3px;
}
.state {
  width: 22px;
}
[aria-checked="true"] .state {
  font-weight: 700;
}
svg {
  flex: none;
}
path,
circle {
  fill: var(--bench);
  stroke: var(--ink);
  stroke-width: 1.6;
}
.arm {
  stroke-width: 2.6;
}
.none {
  padding: 8px 0;
}
</style>
