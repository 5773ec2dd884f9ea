<script setup lang="ts">
/** What would cure a finding, each tried in the circuit before it is offered. */
import { shallowRef, toRaw, watch } from "vue";
import { decisionWords, pinNamer, type CircuitFinding, type Decision, type Dossier } from "@trevin/core";
import { startCures } from "../../workers/client.ts";

const props = defineProps<{ finding: CircuitFinding; dossier: Dossier }>();
const emit = defineEmits<{ take: [cure: Decision] }>();
const cures = shallowRef<readonly Decision[] | "trying" | null>(null);
/** Counts what was asked, so that a late answer is told from the one that is waited for. */
let turn = 0;
watch([() => props.finding, () => props.dossier], () => {
  turn++;
  cures.value = null;
});
async function attempt(): Promise<void> {
  const own = ++turn;
  cures.value = "trying";
  const found = await startCures(toRaw(props.dossier), toRaw(props.finding)).result;
  if (own === turn) cures.value = found;
}
</script>

<template>
  <div class="cures no-print" @click.stop>
    <button v-if="cures === null" type="button" class="link lab" @click="attempt">Try cures</button>
    <span v-else-if="cures === 'trying'" class="lab mut" role="status">Trying in the circuit…</span>
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
.btn {
  text-align: left;
  white-space: normal;
}
</style>
