<script setup lang="ts">
/** Beside the steps: ways of working, kit, what is still to do afterwards, parts in the way, sessions, and the independent check. */
import InputNumber from "primevue/inputnumber";
import { computed, ref } from "vue";
import {
  faultWords,
  owedAfter,
  pinNamer,
  splitByLeg,
  splitIntoEvenings,
  type Decision,
  type Dossier,
  type Hazard,
  type JointKind,
  type PartInTheWay,
  type Plan,
  type StepId,
} from "@trevin/core";
import type { Needs } from "../../workers/onDemand.ts";
import HazardBox from "../parts/HazardBox.vue";
import JointChoice from "./JointChoice.vue";
import KitList from "./KitList.vue";
import PartsInTheWay from "./PartsInTheWay.vue";
import WaysTable from "./WaysTable.vue";

const props = defineProps<{
  dossier: Dossier;
  plan: Plan;
  hazards: readonly Hazard[];
  needs: Needs | null;
  have: readonly string[];
  /** Circuits that can be done with what is there, of so many. */
  ready: number;
  circuits: number;
  joint: JointKind;
  evenings: number;
  steps: number;
  frozen: boolean;
  stepName: (id: string) => string;
}>();
const emit = defineEmits<{
  use: [decisions: readonly Decision[]];
  joint: [joint: JointKind];
  have: [keys: readonly string[], has: boolean];
  savePart: [part: Omit<PartInTheWay, "id"> & { id?: string | undefined }];
  removePart: [id: string];
  evenings: [steps: readonly StepId[]];
}>();
const night = ref(120);
const name = computed(() => pinNamer(props.dossier));
const owed = computed(() => owedAfter(props.hazards));
</script>

<template>
  <template v-if="needs && steps > 0">
    <h2>Ways of working</h2>
    <WaysTable :dossier="dossier" :ways="needs.ways" :frozen="frozen" @use="emit('use', $event)" />
    <JointChoice label="Joints" :chosen="joint" @choose="emit('joint', $event)" />
    <KitList
      :kit="needs.kit"
      :have="have"
      :ready="ready"
      :circuits="circuits"
      @tick="(keys, has) => emit('have', keys, has)"
    />
  </template>
  <template v-if="owed.length">
    <h2>Still to do after the job</h2>
    <ul class="owed">
      <li v-for="one in owed" :key="one.rule + one.detail">
        <b>{{ one.title }}.</b> {{ one.detail }}
        <span class="mut">{{ one.accepted ? `Accepted: ${one.accepted}.` : one.cure }}</span>
      </li>
    </ul>
  </template>
  <PartsInTheWay :dossier="dossier" @save="emit('savePart', $event)" @remove="emit('removePart', $event)" />
  <div class="evenings no-print">
    <span class="lab">Session of</span
    ><InputNumber
      v-model="night"
      :min="15"
      :max="1440"
      input-class="len"
      aria-label="Minutes per session"
    /><span class="lab">min</span
    ><button
      type="button"
      class="btn quiet"
      :disabled="steps === 0"
      @click="emit('evenings', splitIntoEvenings(plan, night))"
    >
      Split</button
    ><button
      type="button"
      class="btn quiet"
      :disabled="steps === 0"
      @click="emit('evenings', splitByLeg(plan, dossier))"
    >
      By branch</button
    ><button v-if="evenings" type="button" class="btn quiet" @click="emit('evenings', [])">None</button>
  </div>
  <p v-if="needs" class="check">
    <b>Independent check:</b>
    {{
      needs.fault === null
        ? "the plan was replayed from the start and does what you decided"
        : faultWords(needs.fault, name, stepName)
    }}<template v-if="plan.transfers"> with the fewest moves possible ({{ plan.transfers }})</template>.
  </p>
  <HazardBox
    severity="caution"
    title="Before the first step"
    detail="Leave restraint and high-voltage connectors closed. Observe the maker's waiting time after the battery comes off. Wear eye protection with picks and spring-loaded locks."
  />
  <HazardBox
    severity="note"
    title="Joints and heat"
    detail="Crimp, insulate and stagger joints so that no two can touch; keep them out of wet places and away from hot parts. Tag and keep every lead you remove: it is the way back. For brakes, steering, lighting and the immobiliser, local codes and licensed practice decide."
  />
</template>

<style scoped>
.link {
  display: inline-block;
  min-height: 26px;
  line-height: 26px;
}
.owed {
  display: grid;
  gap: 6px;
  font-size: 13.5px;
}
.check {
  font-size: 13.5px;
}
.evenings {
  display: flex;
  align-items: center;
  gap: 8px;
}
.evenings :deep(.len) {
  width: 72px;
}
</style>
