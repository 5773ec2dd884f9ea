<script setup lang="ts">
/** Somebody else's numbered instructions: which steps of the plan each line speaks of, what they leave out, and what is put in from them. */
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import { computed, reactive, ref, watch } from "vue";
import { readInstructions, stepLine, type Dossier, type OwnStep, type StepId } from "@trevin/core";
import type { ShownStep } from "../../composables/usePlan.ts";

const props = defineProps<{ dossier: Dossier; steps: readonly ShownStep[] }>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ add: [steps: readonly Omit<OwnStep, "id">[]] }>();
const text = ref("");
const title = ref("");
/** Lines that are put in, by their place; and how they are done otherwise. */
const chosen = reactive(new Set<number>());
const otherwise = reactive(new Map<number, string>());
const byId = computed(() => new Map(props.steps.map((shown) => [shown.step.id, shown])));
const read = computed(() =>
  readInstructions(text.value, { steps: props.steps.map(({ step }) => step) }, props.dossier),
);
watch(text, () => {
  chosen.clear();
  otherwise.clear();
  read.value.lines.forEach((line, i) => {
    if (line.steps.length === 0) chosen.add(i);
  });
});
const words = (id: StepId): string => {
  const shown = byId.value.get(id);
  return shown === undefined ? "" : `${shown.number} ${stepLine(shown.words)}`;
};
const missing = computed(() => (read.value.lines.length === 0 ? [] : read.value.missing));
const toggle = (i: number): void => {
  if (!chosen.delete(i)) chosen.add(i);
};
function add(): void {
  let after: StepId | null = null;
  const steps = read.value.lines.flatMap((line, i): readonly Omit<OwnStep, "id">[] => {
    after = line.steps.at(-1) ?? after;
    return chosen.has(i)
      ? [
          {
            after,
            text: line.text,
            place: "",
            minutes: 5,
            from: `${title.value.trim() || "instructions"}${line.number === "" ? "" : `, step ${line.number}`}`,
            deviation: (otherwise.get(i) ?? "").trim(),
          },
        ]
      : [];
  });
  emit("add", steps);
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    header="Other instructions"
    :draggable="false"
    :style="{ width: 'min(920px, 96vw)' }"
  >
    <div class="form">
      <div class="field">
        <label for="ins-title">Source</label
        ><InputText id="ins-title" v-model="title" maxlength="120" placeholder="the kit's instructions" />
      </div>
      <div class="field">
        <label for="ins-text">Paste the numbered steps</label
        ><textarea
          id="ins-text"
          v-model="text"
          class="inp"
          rows="6"
          placeholder="1. Disconnect the battery.&#10;2. Unplug B12 and release wire 7 …"
        />
      </div>
      <table v-if="read.lines.length">
        <thead>
          <tr>
            <th>theirs</th>
            <th>this plan</th>
            <th>add as a step</th>
            <th>done differently</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(line, i) in read.lines" :key="i">
            <td>
              <b v-if="line.number" class="no">{{ line.number }}</b>{{ line.text }}
            </td>
            <td v-if="line.steps.length === 0" class="mut">no step of the plan</td>
            <td v-else>
              <span v-for="id in line.steps" :key="id" class="step">{{ words(id) }}</span>
            </td>
            <td>
              <input
                type="checkbox"
                :checked="chosen.has(i)"
                :aria-label="`Put line ${line.number || i + 1} in as a step`"
                @change="toggle(i)"
              />
            </td>
            <td>
              <InputText
                v-if="chosen.has(i)"
                :model-value="otherwise.get(i) ?? ''"
                :aria-label="`How line ${line.number || i + 1} is done differently`"
                maxlength="500"
                @update:model-value="otherwise.set(i, $event ?? '')"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="missing.length" class="gap">
        <b
          >{{ missing.length }} {{ missing.length === 1 ? "step" : "steps" }} of the plan
          {{ missing.length === 1 ? "is" : "are" }} missing there:</b
        >
        {{ missing.slice(0, 8).map(words).join("; ")
        }}<template v-if="missing.length > 8"> and {{ missing.length - 8 }} more</template>. They stay in the
        plan.
      </p>
    </div>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="button" class="btn pri" :disabled="chosen.size === 0" @click="add">
        Add {{ chosen.size }}
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
}
textarea {
  resize: vertical;
  font: inherit;
}
table {
  border-collapse: collapse;
  width: 100%;
  font-size: 14px;
}
th {
  text-align: left;
  font: 500 14px/16px var(--f-label);
  color: var(--ink2);
  border-bottom: 1px solid var(--ink);
  padding: 4px 8px 4px 0;
}
td {
  border-bottom: 1px solid var(--rule);
  padding: 5px 8px 5px 0;
  vertical-align: top;
}
td input[type="checkbox"] {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
td :deep(.inp),
td :deep(input[type="text"]) {
  width: 160px;
}
.step {
  display: block;
}
.no {
  margin-right: 6px;
}
.gap {
  font-size: 14px;
}
</style>
