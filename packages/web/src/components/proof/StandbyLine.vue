<script setup lang="ts">
/** What the car draws while it stands, and how long its battery lasts at that. */
import { useLocalStorage } from "@vueuse/core";
import { computed } from "vue";
import InputNumber from "primevue/inputnumber";
import BatteryChart from "./BatteryChart.vue";
import { daysUntilFlat, standbyOf, standbyWords, USUAL_BATTERY, type PinId, type Proof } from "@trevin/core";

const props = defineProps<{ proof: Proof; name: (pin: PinId) => string }>();
const ampereHours = useLocalStorage("trevin.battery-ah", USUAL_BATTERY);
const standby = computed(() => standbyOf(props.proof));
const days = computed(() => daysUntilFlat(standby.value.amps, ampereHours.value));
const words = computed(() => standbyWords(standby.value, days.value, props.name));
</script>

<template>
  <section v-if="standby.known.length + standby.unknown.length > 0" class="standby">
    <h3>Parked</h3>
    <p>
      <b>{{ words.title }}</b> <span class="mut">{{ words.detail }}</span>
    </p>
    <label class="lab no-print"
      >Battery
      <InputNumber
        v-model="ampereHours"
        :min="1"
        :max="2000"
        input-class="ah"
        suffix=" Ah"
        :allow-empty="false"
    /></label>
    <BatteryChart v-if="standby.amps > 0" :amps="standby.amps" :ampere-hours="ampereHours" :days="days" />
  </section>
</template>

<style scoped>
.standby {
  display: grid;
  gap: 4px;
}
.standby :deep(.ah) {
  width: 84px;
}
</style>
