<script setup lang="ts">
/** Which half of a cut carries the supply: the joint is made with that one. */
import { HALVES, LIVE_HALF_WORDS, type Half } from "@trevin/core";
import HazardBox from "../parts/HazardBox.vue";

defineProps<{ asked: boolean }>();
const live = defineModel<Half | null>({ required: true });
const WHERE: Readonly<Record<Half, string>> = { loom: "runs into the loom", plug: "stays in the connector" };
</script>

<template>
  <fieldset class="live" :class="{ asked: asked && live === null }">
    <legend>Which half is live?</legend>
    <label v-for="half in HALVES" :key="half" class="half" :class="{ on: live === half }">
      <input v-model="live" type="radio" name="live-half" :value="half" />
      <span
        ><b>{{ LIVE_HALF_WORDS[half] }}</b> {{ WHERE[half] }}</span
      >
    </label>
    <HazardBox
      severity="caution"
      title="Both live, or neither?"
      detail="Do not join it yet. Both: the wire is fed from two ends. Neither: check key position, fuse and the meter's ground. Write a note, and choose once you know why."
    />
  </fieldset>
</template>

<style scoped>
.live {
  display: grid;
  gap: 8px;
  border: 0;
}
legend {
  font-weight: 650;
  font-size: 18px;
  padding: 0 0 6px;
}
.asked legend {
  color: var(--stop-ink);
}
.half {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 56px;
  padding: 0 14px;
  border: 1px solid var(--rule2);
  border-radius: 6px;
  font-size: 18px;
}
.half b {
  display: inline-block;
  font-weight: 650;
}
.half b::first-letter {
  text-transform: uppercase;
}
.half.on {
  border-color: var(--ink);
  box-shadow: inset 0 0 0 1px var(--ink);
}
.half input {
  width: 22px;
  height: 22px;
  accent-color: var(--ink);
}
</style>
