<script setup lang="ts">
/** Under a face: the position of the key in which it shows what is live, and the figures. */
import Select from "primevue/select";
import { computed } from "vue";
import { KEY_WORDS, type CavityVolts, type Connector, type Key, type PinId } from "@trevin/core";
import { MOMENT_WORDS, useProof } from "../../stores/proof.ts";
import LiveCavities from "./LiveCavities.vue";

const props = defineProps<{
  connector: Connector;
  positions: readonly Key[];
  cavities: readonly CavityVolts[] | null;
  pin: PinId | null;
}>();
const proof = useProof();
const NOT_SHOWN = "not";
const options = computed(() => [
  { value: NOT_SHOWN, label: "Not shown" },
  ...props.positions.map((key) => ({ value: key, label: `Key at ${KEY_WORDS[key].toLowerCase()}` })),
]);
/** A position that this job's key does not have was chosen in another one. */
const at = computed(() => props.positions.find((key) => key === proof.liveAt) ?? null);
const chosen = computed({
  get: () => at.value ?? NOT_SHOWN,
  set: (value: Key | typeof NOT_SHOWN) => {
    proof.liveAt = value === NOT_SHOWN ? null : value;
  },
});
</script>

<template>
  <section class="liveat no-print">
    <div class="ask">
      <span aria-hidden="true">Live now</span>
      <Select
        v-model="chosen"
        aria-label="Live now"
        :options="options"
        option-label="label"
        option-value="value"
        class="at"
      />
      <span v-if="at" class="mut">{{ MOMENT_WORDS[proof.moment] }}, all switches on</span>
    </div>
    <template v-if="at">
      <p v-if="cavities === null" class="mut">
        {{ proof.stopped ? "The circuit is not solved: start it in Proof." : "Solving the circuit." }}
      </p>
      <p v-else-if="cavities.length === 0" class="mut">
        No wire of {{ connector.name }} is in the circuit yet.
      </p>
      <LiveCavities v-else :connector="connector" :cavities="cavities" :pin="pin" />
    </template>
  </section>
</template>

<style scoped>
.liveat {
  display: grid;
  gap: 8px;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
}
.at {
  flex: none;
  width: 170px;
}
</style>
