<script setup lang="ts">
/** Before the battery goes on for good: what the solved circuit says against it. */
import { computed } from "vue";
import { circuitFindingWords, pinNamer, type Dossier, type Step } from "@trevin/core";
import { useProof } from "../../stores/proof.ts";
import HazardBox from "../parts/HazardBox.vue";

const props = defineProps<{ step: Step; dossier: Dossier }>();
const proof = useProof();
const stop = computed(() => {
  const finding = proof.planned?.findings.find(({ severity }) => severity === "stop");
  return props.step.kind !== "battery-on" || finding === undefined
    ? null
    : circuitFindingWords(finding, pinNamer(props.dossier));
});
</script>

<template>
  <HazardBox v-if="stop" severity="stop" v-bind="stop">
    <RouterLink class="link lab" :to="{ name: 'proof' }"
      >See it in the proof before the battery goes on</RouterLink
    >
  </HazardBox>
</template>
