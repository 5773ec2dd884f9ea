<script setup lang="ts">
/** What a meter shows in the cavities of a connector, in figures: those that are live, and those whose wire hangs on nothing. */
import { computed } from "vue";
import { voltWords, type CavityVolts, type Connector, type PinId } from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";

const props = defineProps<{
  connector: Connector;
  cavities: readonly CavityVolts[];
  pin: PinId | null;
}>();
const labels = computed(() => new Map(props.connector.pins.map(({ id, cavity }) => [id, cavity])));
const live = computed(() => props.cavities.filter((one) => one.live));
const floating = computed(() => props.cavities.filter(({ volts }) => volts === null));
</script>

<template>
  <ul v-if="live.length" class="volts">
    <li v-for="one in live" :key="one.pin">
      <CavityLabel :label="labels.get(one.pin) ?? ''" :state="one.pin === pin ? 'hand' : 'plain'" />
      <span class="code">{{ voltWords(Math.abs(one.volts ?? 0)) }}</span>
    </li>
  </ul>
  <p v-else class="mut">Nothing in it is live.</p>
  <p v-if="floating.length" class="mut">
    {{ floating.map((one) => labels.get(one.pin)).join(", ") }}: floating
  </p>
</template>

<style scoped>
.volts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
}
li {
  display: flex;
  align-items: center;
  gap: 6px;
}
</style>
