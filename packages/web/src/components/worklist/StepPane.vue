<script setup lang="ts">
/** The step in hand: why it is done, what to see before it counts as done, what it needs; and what can be changed about it. */
import { computed } from "vue";
import {
  decisionId,
  decisionWords,
  kitKey,
  pinNamer,
  whereLine,
  type Decision,
  type Dossier,
  type JointKind,
  type KitItem,
} from "@trevin/core";
import type { ShownStep } from "../../composables/usePlan.ts";
import JointChoice from "./JointChoice.vue";

const props = defineProps<{
  shown: ShownStep;
  dossier: Dossier;
  kit: readonly KitItem[];
  have: readonly string[];
  evening: boolean;
  first: boolean;
  last: boolean;
}>();
const emit = defineEmits<{
  joint: [decision: Decision, joint: JointKind];
  up: [];
  down: [];
  own: [];
  evening: [];
  remove: [];
}>();
const decision = computed<Decision | null>(
  () => props.dossier.decisions.find((one) => decisionId(one) === props.shown.step.decision) ?? null,
);
const name = computed(() => pinNamer(props.dossier));
const needs = computed(() => props.kit.filter(({ steps }) => steps.includes(props.shown.step.id)));
const isOwn = computed(() => props.shown.step.kind === "own");
</script>

<template>
  <section class="pane" aria-label="The chosen step">
    <h2>{{ shown.number }} {{ shown.words.verb }} {{ shown.words.object }}</h2>
    <p>
      {{ whereLine(shown.words)
      }}<template v-if="shown.step.place && !shown.words.where.includes(shown.step.place)"
        >, {{ shown.step.place }}</template
      >.
      <span class="mut"
        >{{ shown.step.minutes }} min typically, {{ shown.step.range[0] }} to {{ shown.step.range[1] }}.</span
      >
    </p>
    <p v-if="decision">
      <b>Why:</b> {{ decisionWords(decision, name)
      }}<template v-if="decision.reason"> ({{ decision.reason }})</template>.
      <RouterLink class="no-print" :to="{ name: 'crosswalk', query: { pin: shown.step.wire ?? undefined } }"
        >Open the circuit</RouterLink
      >
    </p>
    <ul v-if="shown.words.before.length" class="before">
      <li v-for="line in shown.words.before" :key="line">{{ line }}</li>
    </ul>
    <p v-if="needs.length" class="lab mut">
      Needs
      {{
        needs.map((item) => `${item.what}${have.includes(kitKey(item)) ? "" : " (not ticked)"}`).join("; ")
      }}.
    </p>
    <JointChoice
      v-if="shown.step.joint && decision"
      label="This joint"
      :chosen="shown.step.joint"
      :disabled="shown.state !== 'open'"
      @choose="decision && emit('joint', decision, $event)"
    />
    <div class="acts no-print">
      <button type="button" class="btn quiet" :disabled="first" @click="emit('up')">
        Earlier <kbd>Shift ↑</kbd>
      </button>
      <button type="button" class="btn quiet" :disabled="last" @click="emit('down')">
        Later <kbd>Shift ↓</kbd>
      </button>
      <button type="button" class="btn quiet" @click="emit('own')">Add step after… <kbd>N</kbd></button>
      <button type="button" class="btn quiet" :aria-pressed="evening" @click="emit('evening')">
        {{ evening ? "Do not end the session here" : "End the session here" }} <kbd>E</kbd>
      </button>
      <button v-if="isOwn" type="button" class="btn quiet" @click="emit('remove')">
        Remove step <kbd>⌫</kbd>
      </button>
    </div>
  </section>
</template>

<style scoped>
.pane {
  display: grid;
  gap: 6px;
  font-size: 14px;
  line-height: 19px;
  border-bottom: 1px solid var(--ink);
  padding-bottom: 12px;
}
.pane h2 {
  font: 600 20px/24px var(--f-label);
}
.before {
  display: grid;
  gap: 2px;
}
.before li::before {
  content: "– ";
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.acts .btn {
  min-height: 30px;
  font-size: 14px;
  padding: 0 9px;
}
</style>
