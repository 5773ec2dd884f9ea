<script setup lang="ts">
/** How the cavities of a shell are labelled. */
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { computed } from "vue";
import type { ShellDraft } from "../../shells/draft.ts";

const draft = defineModel<ShellDraft>("draft", { required: true });
const option = (value: string, label = value) => ({ value, label });
const SCHEMES = [
  option("rows", "Row by row"),
  option("serpentine", "Back and forth"),
  option("columns", "Column by column"),
  option("grid", "Letter per row, number per place"),
  option("explicit", "Explicit labels"),
  option("listed", "In pin-table order"),
];
const ROUND_SCHEMES = [
  option("rows", "Round, ring by ring"),
  option("explicit", "Explicit labels"),
  option("listed", "In pin-table order"),
];
const schemes = computed(() => (draft.value.kind === "rings" ? ROUND_SCHEMES : SCHEMES));
const counted = computed(() => !["explicit", "listed", "grid"].includes(draft.value.scheme));
</script>

<template>
  <div class="two">
    <div class="field">
      <span id="s-scheme" class="label">Labels</span
      ><Select
        v-model="draft.scheme"
        :options="schemes"
        option-label="label"
        option-value="value"
        aria-labelledby="s-scheme"
      />
    </div>
    <div v-if="counted" class="field">
      <span id="s-kindof" class="label">Counted in</span
      ><Select
        v-model="draft.letters"
        :options="[
          { value: false, label: 'numbers' },
          { value: true, label: 'letters' },
        ]"
        option-label="label"
        option-value="value"
        aria-labelledby="s-kindof"
      />
    </div>
    <div v-else-if="draft.scheme === 'explicit'" class="field">
      <label for="s-labels">In order, top left first</label
      ><InputText id="s-labels" v-model="draft.labels" class="code" placeholder="30 85 86 87 87a" />
    </div>
  </div>
  <div v-if="draft.scheme !== 'listed' && draft.scheme !== 'explicit'" class="three">
    <template v-if="draft.kind === 'rows'">
      <div class="field">
        <span id="s-from" class="label">From the</span
        ><Select v-model="draft.from" :options="['left', 'right']" aria-labelledby="s-from" />
      </div>
      <div class="field">
        <span id="s-first" class="label">First row</span
        ><Select v-model="draft.first" :options="['top', 'bottom']" aria-labelledby="s-first" />
      </div>
    </template>
    <div v-if="draft.letters || draft.scheme === 'grid'" class="field">
      <label for="s-skip">Letters skipped</label
      ><InputText id="s-skip" v-model="draft.skip" class="code" placeholder="I O Q" />
    </div>
    <div v-else class="field">
      <label for="s-start">Starts at</label
      ><InputText id="s-start" v-model="draft.start" class="code" inputmode="numeric" />
    </div>
  </div>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 14px;
}
</style>
