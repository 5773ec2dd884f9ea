<script setup lang="ts">
/** What would cure a finding, each tried in the circuit before it is offered. */
import { toRaw, watch } from "vue";
import { decisionWords, pinNamer, type CircuitFinding, type Decision, type Dossier } from "@trevin/core";
import { useLatest } from "../../composables/useLatest.ts";
import { startCures } from "../../workers/client.ts";

const props = defineProps<{ finding: CircuitFinding; dossier: Dossier }>();
const emit = defineEmits<{ take: [cure: Decision] }>();
const { answer: cures, isAsking, ask, clear } = useLatest<readonly Decision[]>();
watch([() => props.finding, () => props.dossier], clear);
const attempt = (): Promise<void> => ask(startCures(toRaw(props.dossier), toRaw(props.finding)).result);
</script>

<template>
  <div class="cures no-print" @click.stop>
    <span v-if="isAsking" class="lab mut" role="status">Trying in the circuit…</span>
    <button v-else-if="cures === null" type="button" class="link lab" @click="attempt">Try cures</button>
    <p v-else-if="cures.length === 0" class="lab mut" role="status">
      No other part, half or diode cures it here: change what is joined.
    </p>
    <template v-else>
      <span class="lab" role="status">Tried in the circuit, this cures it:</span>
      <button v-for="(cure, i) in cures" :key="i" type="button" class="btn quiet" @click="emit('take', cure)">
        {{ decisionWords(cure, pinNamer(dossier)) }}
      </button>
    </template>
  </div>
</template>

<style scoped>
.cures {
  display: grid;
  gap: 6px;
  justify-items: start;
}
.link {
  line-height: 26px;
}
.btn {
  text-align: left;
  white-space: normal;
}
</style>
