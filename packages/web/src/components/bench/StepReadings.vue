<script setup lang="ts">
/** What the meter shows at a step: kept with it in the ledger. None has to be typed; what cannot be read, or speaks against going on, is said at once. */
import { computed } from "vue";
import { doubtOf, doubtWords, readingProblemWords, unitOf } from "@trevin/core";
import type { BenchReading } from "./benchReading.ts";

const props = defineProps<{
  asked: readonly BenchReading[];
  nominalVolts: number;
  /** Done was pressed with a figure that cannot be read. */
  pressed: boolean;
}>();
/** What is typed, by the key of the reading. */
const typed = defineModel<ReadonlyMap<string, string>>({ required: true });
const rows = computed(() =>
  props.asked.map((one, i) => {
    const { read } = one;
    const doubt = read?.ok === true ? doubtOf({ ...one, value: read.value }, props.nominalVolts) : null;
    return {
      ...one,
      id: `reading-${i}`,
      problem: read?.ok === false ? readingProblemWords(read.error) : "",
      doubt: doubt === null ? "" : doubtWords(doubt),
    };
  }),
);
function type(key: string, event: Event): void {
  typed.value = new Map([...typed.value, [key, (event.target as HTMLInputElement).value]]);
}
</script>

<template>
  <fieldset class="readings" :class="{ asked: pressed && rows.some((row) => row.problem) }">
    <legend>Readings</legend>
    <div v-for="row in rows" :key="row.key" class="reading">
      <label :for="row.id">{{ row.label }}</label><span class="field"
        ><input
          :id="row.id"
          class="inp"
          maxlength="20"
          inputmode="text"
          autocomplete="off"
          :value="row.text"
          :aria-invalid="row.problem !== ''"
          :aria-describedby="row.problem || row.doubt ? `${row.id}-said` : undefined"
          @input="type(row.key, $event)"
          @keydown.enter="($event.target as HTMLInputElement).blur()"
        /><span class="lab mut">{{ unitOf(row.quantity) }}</span></span
      >
      <p v-if="row.problem || row.doubt" :id="`${row.id}-said`" class="said" role="status">
        {{ row.problem || row.doubt }}
      </p>
    </div>
  </fieldset>
</template>

<style scoped>
.readings {
  border: 0;
  min-width: 0;
  display: grid;
  gap: 8px;
}
legend {
  font: 600 19px/24px var(--f-label);
  padding-bottom: 4px;
}
.asked legend {
  color: var(--stop-ink);
}
.reading {
  display: grid;
  grid-template-columns: minmax(0, max-content) auto;
  justify-content: start;
  gap: 4px 12px;
  align-items: center;
}
.reading label::first-letter {
  text-transform: uppercase;
}
.field {
  display: flex;
  gap: 6px;
  align-items: center;
}
.inp {
  width: 110px;
  min-height: 44px;
  font-family: var(--f-code);
}
.said {
  grid-column: 1 / -1;
  font-size: 15px;
  line-height: 20px;
  border-left: 6px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 4px, var(--sheet) 4px 7px) 6;
  padding-left: 10px;
}
</style>
