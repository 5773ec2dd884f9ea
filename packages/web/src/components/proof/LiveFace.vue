<script setup lang="ts">
/** The plug in sight with what a meter shows in it now: which cavities are live in this position of key and switches. */
import { computed } from "vue";
import {
  liveNow,
  voltWords,
  type Connector,
  type JobNetwork,
  type OperatingPoint,
  type PinId,
} from "@trevin/core";
import { usePrefs } from "../../stores/prefs.ts";
import { useCavitiesNow } from "../../composables/useFaces.ts";
import CavityLabel from "../parts/CavityLabel.vue";
import ConnectorFace from "../parts/ConnectorFace.vue";

const props = defineProps<{
  connector: Connector;
  network: JobNetwork;
  point: OperatingPoint;
  /** From so much on, V, a cavity is live. */
  least: number;
  pin: PinId;
}>();
const emit = defineEmits<{ pick: [pin: PinId] }>();
const prefs = usePrefs();
const now = useCavitiesNow();
const labels = computed(() => new Map(props.connector.pins.map(({ id, cavity }) => [id, cavity])));
const cavities = computed(() => liveNow(props.network, props.point, props.connector.id));
const live = computed(() =>
  cavities.value.flatMap(({ pin, volts }) =>
    volts !== null && Math.abs(volts) >= props.least ? [{ pin, volts }] : [],
  ),
);
const floating = computed(() => cavities.value.filter(({ volts }) => volts === null));
</script>

<template>
  <section class="live">
    <h3>Live now in {{ connector.name }}</h3>
    <ConnectorFace
      v-if="connector.pins.length <= 120"
      :connector="connector"
      :hold="prefs.hold"
      :width="226"
      :in-hand="pin"
      :also="live.map((one) => one.pin)"
      :now="now"
      :max-pitch="34"
      :max-height="170"
      pickable
      whole
      @pick="emit('pick', $event)"
    />
    <ul v-if="live.length">
      <li v-for="one in live" :key="one.pin">
        <CavityLabel :label="labels.get(one.pin) ?? ''" :state="one.pin === pin ? 'hand' : 'plain'" />
        <span class="code">{{ voltWords(Math.abs(one.volts)) }}</span>
      </li>
    </ul>
    <p v-else class="mut">Nothing in it is live.</p>
    <p v-if="floating.length" class="mut">
      {{ floating.map((one) => labels.get(one.pin)).join(", ") }}: floating
    </p>
  </section>
</template>

<style scoped>
.live {
  margin-top: 18px;
  display: grid;
  gap: 8px;
}
ul {
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
