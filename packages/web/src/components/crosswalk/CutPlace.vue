<script setup lang="ts">
/** How far behind its plug the vehicle's wire is cut or tapped, where a person wants it elsewhere than the worklist would put it. */
import { ref, watch } from "vue";
import { placeOfCut, type Decision } from "@trevin/core";

const props = defineProps<{ decision: Decision }>();
const emit = defineEmits<{ set: [mm: number | null] }>();
const [LEAST, MOST] = [20, 20_000];
const place = ref<ReturnType<typeof placeOfCut>>(null);
const wrong = ref("");
watch(
  () => props.decision,
  (now) => {
    place.value = placeOfCut(now);
    wrong.value = "";
  },
  { immediate: true },
);
function set(event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim().replace(",", ".");
  const mm = text === "" ? null : Number(text);
  wrong.value =
    mm !== null && !(mm >= LEAST && mm <= MOST) ? `“${text}”: a distance from ${LEAST} to ${MOST} mm.` : "";
  if (wrong.value === "") emit("set", mm);
}
</script>

<template>
  <div v-if="place" class="place">
    <label for="cut-place">{{ place.how === "tap" ? "Tap it" : "Cut it" }}</label><input
      id="cut-place"
      class="inp code"
      inputmode="decimal"
      :value="place.mm ?? ''"
      placeholder="as spaced"
      @change="set"
    /><span>mm behind its plug</span>
    <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
  </div>
</template>

<style scoped>
.place {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  font: 500 15px/20px var(--f-label);
}
.inp {
  width: 92px;
  min-height: 34px;
  padding: 4px 8px;
}
.bad {
  flex-basis: 100%;
}
</style>
