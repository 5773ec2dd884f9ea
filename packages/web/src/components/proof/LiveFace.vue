<script setup lang="ts">
/** The plug in sight with what a meter shows in it now: which cavities are live in this position of key and switches. */
import { computed } from "vue";
import { liveNow, type Connector, type JobNetwork, type OperatingPoint, type PinId } from "@trevin/core";
import { usePrefs } from "../../stores/prefs.ts";
import { useCavitiesNow } from "../../composables/useFaces.ts";
import ConnectorFace from "../parts/ConnectorFace.vue";
import LiveCavities from "./LiveCavities.vue";

const props = defineProps<{
  connector: Connector;
  network: JobNetwork;
  point: OperatingPoint;
  nominalVolts: number;
  pin: PinId;
}>();
const emit = defineEmits<{ pick: [pin: PinId] }>();
const prefs = usePrefs();
const now = useCavitiesNow();
const cavities = computed(() => liveNow(props.network, props.point, props.connector.id, props.nominalVolts));
const live = computed(() => cavities.value.flatMap(({ pin, live }) => (live ? [pin] : [])));
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
      :live="live"
      :now="now"
      :max-pitch="34"
      :max-height="170"
      pickable
      whole
      @pick="emit('pick', $event)"
    />
    <LiveCavities :connector="connector" :cavities="cavities" :pin="pin" />
  </section>
</template>

<style scoped>
.live {
  margin-top: 18px;
  display: grid;
  gap: 8px;
}
</style>
