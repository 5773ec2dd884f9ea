<script setup lang="ts">
/** The device between the wires of a circuit, decided or suggested, with what its input will see. */
import { computed } from "vue";
import {
  deviceReasonWords,
  deviceWords,
  dividerReadings,
  missingLegs,
  pinName,
  supplyWordsIn,
  terminalsOf,
  type JoinPoint,
  type PlacedPin,
  type CircuitRow,
} from "@trevin/core";

const props = defineProps<{ row: CircuitRow; nominalVolts: number; points: readonly JoinPoint[] }>();
const volts = computed(() => {
  const { device } = props.row;
  return device?.kind === "divider" ? dividerReadings(props.nominalVolts, device) : [];
});
/** Every terminal with what is on it: nobody has to guess which leg is which. */
const legs = computed((): readonly string[] => {
  const { device, vehicle, incoming } = props.row;
  if (device === null) return [];
  const at = terminalsOf(device);
  const cavities = (pins: readonly PlacedPin[]): string =>
    pins.map((placed) => pinName(placed)).join(" and ");
  const own = [
    `${at.vehicle}: ${cavities(vehicle)}`,
    ...(at.incoming === at.vehicle ? [] : [`${at.incoming}: ${cavities(incoming)}`]),
  ];
  const further = (device.legs ?? []).map(({ terminal, to }) =>
    to.kind === "open"
      ? `${terminal}: open`
      : `${terminal}: ${to.supply === null ? "where from?" : supplyWordsIn(props.points, to.supply)}`,
  );
  return [...own, ...further, ...missingLegs(device).map((terminal) => `${terminal}: nothing yet`)];
});
</script>

<template>
  <div v-if="row.device" class="device">
    <p>
      <b>{{ row.decision ? "In between:" : "Suggested in between:" }}</b> {{ deviceWords(row.device)
      }}<template v-if="row.proposed">, since {{ deviceReasonWords(row.proposed) }}</template
      >.
    </p>
    <p v-if="legs.length" class="lab">{{ legs.join(" · ") }}</p>
    <dl v-if="volts.length">
      <div v-for="one in volts" :key="one.at">
        <dt>{{ one.volts.toFixed(2) }} V</dt>
        <dd class="lab">at {{ one.at.toFixed(1) }} V</dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.device p {
  font-size: 13.5px;
}
.device dl {
  display: flex;
  margin-top: 6px;
}
.device dl div {
  padding-right: 16px;
  margin-right: 14px;
  border-right: 1px solid var(--rule);
}
.device dt {
  font: 700 15px/18px var(--f-code);
}
</style>
