<script setup lang="ts">
/** What to see before Done, by the acts of the card; what is left unticked is asked for once. */
import { computed } from "vue";
import { tickKey } from "./tickKey.ts";
import type { StepWords } from "@trevin/core";

const props = defineProps<{ acts: readonly StepWords[]; asked: boolean; missing: number }>();
const lines = computed(() => props.acts.reduce((sum, { before }) => sum + before.length, 0));
const ticked = defineModel<ReadonlySet<string>>({ required: true });
const emit = defineEmits<{ all: [] }>();
function turn(key: string): void {
  const now = new Set(ticked.value);
  if (!now.delete(key)) now.add(key);
  ticked.value = now;
}
</script>

<template>
  <fieldset class="chk" :class="{ asked: asked && missing > 0 }">
    <legend>
      Before Done
      <button v-if="asked && missing > 0" type="button" class="btn" @click="emit('all')">
        Tick all {{ missing }}
      </button>
    </legend>
    <div :class="{ columns: lines > 3 }">
      <div v-for="(act, i) in acts" :key="i" class="one">
        <p v-if="acts.length > 1" class="act">{{ act.act }}</p>
        <label v-for="item in act.before" :key="item"
          ><input type="checkbox" :checked="ticked.has(tickKey(i, item))" @change="turn(tickKey(i, item))" />
          {{ item }}</label
        >
      </div>
    </div>
  </fieldset>
</template>

<style scoped>
.chk {
  border: 0;
  min-width: 0;
}
.chk.asked {
  border-left: 6px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 4px, var(--sheet) 4px 7px) 6;
  padding-left: 12px;
}
.chk legend {
  font: 600 19px/24px var(--f-label);
  padding-bottom: 4px;
}
.chk legend .btn {
  min-height: 40px;
  margin-left: 10px;
}
.columns {
  columns: 2 280px;
  column-gap: 28px;
}
.one {
  break-inside: avoid-column;
}
.act {
  font: 600 16px/20px var(--f-label);
  padding: 8px 0 2px;
  border-top: 1px solid var(--rule);
}
.chk label {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 40px;
  border-top: 1px solid var(--rule);
  font-size: 16px;
  line-height: 20px;
  cursor: pointer;
}
.act + label {
  border-top: 0;
}
.chk input {
  width: 24px;
  height: 24px;
  accent-color: var(--ink);
  flex: none;
}
@media (max-width: 999px) {
  .chk label {
    min-height: 48px;
    font-size: 18px;
  }
  .chk legend .btn {
    min-height: 56px;
  }
}
@media (max-width: 700px) {
  .chk label {
    min-height: 44px;
    font-size: 16px;
  }
}
</style>
