<script setup lang="ts">
/** What the solved circuit shows, worst first, each with the way to its decision; and what it says nothing of. */
import { computed } from "vue";
import {
  circuitFindingWords,
  circuitNoteWords,
  type CircuitFinding,
  type Decision,
  type Dossier,
  type PinId,
  type Proof,
} from "@trevin/core";
import FindingCures from "./FindingCures.vue";
import HazardBox from "../parts/HazardBox.vue";

const props = defineProps<{
  proof: Proof;
  undecided: number;
  name: (pin: PinId) => string;
  /** The job, where it is the finished one that is shown, so that cures can be tried. */
  dossier: Dossier | null;
}>();
const emit = defineEmits<{ show: [finding: CircuitFinding]; cure: [cure: Decision] }>();
/** What the circuit says nothing of. */
const leftOut = computed(() => {
  const untold = props.proof.network.untold.length;
  const { undecided } = props;
  const say = [
    ...(undecided > 0 ? [`${undecided} pins are not decided yet and count as right.`] : []),
    ...(untold > 0
      ? [
          `${untold} ${untold === 1 ? "wire is" : "wires are"} not in it: data, or a function that is not known.`,
        ]
      : []),
  ];
  return say.join(" ");
});
</script>

<template>
  <aside class="findings">
    <h3>{{ proof.findings.length === 0 ? "Nothing found" : `Found: ${proof.findings.length}` }}</h3>
    <div v-for="(finding, i) in proof.findings" :key="i" class="found" @click="emit('show', finding)">
      <HazardBox :severity="finding.severity" v-bind="circuitFindingWords(finding, name)">
        <RouterLink
          v-if="finding.pins[0]"
          class="link lab no-print"
          :to="{ name: 'crosswalk', query: { pin: finding.pins[0] } }"
          @click.stop
          >To its decision</RouterLink
        >
        <FindingCures
          v-if="dossier && finding.severity !== 'note'"
          :finding="finding"
          :dossier="dossier"
          @take="emit('cure', $event)"
        />
      </HazardBox>
    </div>
    <div v-if="proof.findings.length === 0" class="why clear">
      <p>In every position of key and switches:</p>
      <ul>
        <li>no supply meets ground</li>
        <li>no fuse carries too much</li>
        <li>no supply or output is fed backwards</li>
        <li>no input gets more than its level</li>
        <li>every part gets its voltage, and only when it should</li>
      </ul>
    </div>
    <slot />
    <p v-if="leftOut" class="why">{{ leftOut }}</p>
    <p class="why">Measure all the same before the battery goes on.</p>
    <p v-for="(note, i) in proof.notes" :key="`n${i}`" class="bad">{{ circuitNoteWords(note) }}</p>
  </aside>
</template>

<style scoped>
.findings {
  display: grid;
  gap: 10px;
  align-content: start;
}
.clear li {
  padding-left: 16px;
  position: relative;
}
.clear li::before {
  content: "";
  position: absolute;
  left: 2px;
  top: 5px;
  width: 8px;
  height: 4px;
  border: solid var(--ink);
  border-width: 0 0 2px 2px;
  transform: rotate(-45deg);
}
.found {
  cursor: pointer;
}
.found .link {
  display: inline-block;
  line-height: 26px;
}
</style>
