<script setup lang="ts">
/** Direction, highest voltage and currents of the chosen pins. */
import Select from "primevue/select";
import { computed, ref } from "vue";
import { DIRECTIONS, usualLevel, type Pin, type SignalClass } from "@trevin/core";

const props = defineProps<{
  pin: Pin;
  signal: SignalClass;
  chosen: readonly Pin[];
  nominalVolts: number;
  many: string;
}>();
const emit = defineEmits<{ put: [pins: readonly Pin[]] }>();
const DIRECTION_OPTIONS = [
  { value: "unsaid", label: "no direction" },
  { value: "source", label: "drives the wire" },
  { value: "load", label: "takes from it" },
  { value: "both", label: "both ways" },
  { value: "passive", label: "common rail" },
];
const setDirection = (value: string): void =>
  emit(
    "put",
    props.chosen.map((pin) => ({ ...pin, direction: DIRECTIONS.find((one) => one === value) ?? null })),
  );
const wrong = ref("");
/** A level in V or a current in A for all chosen pins; an empty field takes it away. */
function setValue(fact: "level" | "amps" | "peak" | "standby", event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim().replace(",", ".");
  const value = text === "" ? null : Number(text);
  const most = { level: 1000, amps: 1000, peak: 5000, standby: 10 }[fact];
  wrong.value =
    value !== null && !(value >= 0 && value <= most)
      ? `“${text}” is no ${fact === "level" ? "voltage" : "current"}: a number from 0 to ${most}.`
      : "";
  if (wrong.value === "")
    emit(
      "put",
      props.chosen.map((pin) => ({ ...pin, [fact]: value })),
    );
}
const usual = computed(() => usualLevel(props.signal, props.nominalVolts));
</script>

<template>
  <div class="electrical">
    <Select
      :model-value="pin.direction ?? 'unsaid'"
      :options="DIRECTION_OPTIONS"
      option-label="label"
      option-value="value"
      :aria-label="`Which way ${many} works`"
      @update:model-value="setDirection"
    />
    <label
      ><span class="sr">Highest voltage of {{ many }}</span
      ><input
        class="inp"
        inputmode="decimal"
        :value="pin.level ?? ''"
        :placeholder="usual === null ? 'V' : `${usual}`"
        @change="setValue('level', $event)"
      />
      V</label
    >
    <label
      ><span class="sr">Current of {{ many }}</span
      ><input
        class="inp"
        inputmode="decimal"
        :value="pin.amps ?? ''"
        placeholder="A"
        @change="setValue('amps', $event)"
      />
      A</label
    >
    <label v-if="pin.direction !== 'source'"
      ><span class="sr">Highest current of {{ many }} for a moment, as it starts</span
      ><input
        class="inp"
        inputmode="decimal"
        :value="pin.peak ?? ''"
        placeholder="A"
        @change="setValue('peak', $event)"
      />
      at start</label
    >
    <label v-if="pin.signal === 'battery'"
      ><span class="sr">Standby current of {{ many }}</span
      ><input
        class="inp"
        inputmode="decimal"
        :value="pin.standby ?? ''"
        placeholder="A"
        @change="setValue('standby', $event)"
      />
      asleep</label
    >
  </div>
  <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
</template>

<style scoped>
.electrical {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  padding-top: 4px;
}
.electrical :deep(.sel) {
  width: 132px;
  min-height: 34px;
  padding: 4px 8px;
}
.electrical label {
  display: flex;
  gap: 5px;
  align-items: center;
  font: 500 14px/18px var(--f-label);
}
.electrical label .inp {
  width: 50px;
  min-height: 34px;
  padding: 4px 8px;
}
</style>
