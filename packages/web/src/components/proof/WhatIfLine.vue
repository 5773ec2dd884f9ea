<script setup lang="ts">
/** A fault put into the wire in sight, and what would differ. */
import { computed, ref } from "vue";
import {
  FAULT_WORDS,
  canUnplug,
  FAULTS,
  whatIf,
  whatIfUnplugged,
  whatIfWords,
  type FaultKind,
  type Connector,
  type PinId,
  type Proof,
} from "@trevin/core";

const props = defineProps<{
  proof: Proof;
  pin: PinId;
  plug: Connector;
  title: string;
  nominal: number;
  name: (pin: PinId) => string;
}>();
const fault = ref<FaultKind | "unplugged" | null>(null);
const pullable = computed(() => canUnplug(props.proof.network, props.plug.id));
const outcome = (kind: FaultKind | "unplugged") =>
  kind === "unplugged"
    ? whatIfUnplugged(props.proof, props.nominal, props.plug.id)
    : whatIf(props.proof, props.nominal, props.pin, kind);
const lines = computed(() => (fault.value === null ? [] : whatIfWords(outcome(fault.value), props.name)));
</script>

<template>
  <div class="what no-print">
    <span class="lab">What if the wire at {{ title }} were</span>
    <span role="group" aria-label="Fault">
      <button
        v-for="one in FAULTS"
        :key="one"
        type="button"
        class="link lab"
        :aria-pressed="fault === one"
        @click="fault = fault === one ? null : one"
      >
        {{ FAULT_WORDS[one] }}
      </button>
      <button
        v-if="pullable"
        type="button"
        class="link lab"
        :aria-pressed="fault === 'unplugged'"
        @click="fault = fault === 'unplugged' ? null : 'unplugged'"
      >
        gone with the plug {{ plug.name }} pulled
      </button>
    </span>
    <ul v-if="lines.length" role="status">
      <li v-for="line in lines" :key="line">{{ line }}</li>
    </ul>
  </div>
</template>

<style scoped>
.what {
  margin-top: 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}
[role="group"] {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 4px 12px;
}
[aria-pressed="true"] {
  font-weight: 700;
  background: var(--ink);
  color: var(--on-ink);
  padding: 0 5px;
}
ul {
  flex: 1 0 100%;
  border-left: 6px solid var(--ink);
  padding-left: 10px;
}
</style>
