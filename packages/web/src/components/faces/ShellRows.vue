<script setup lang="ts">
/** Rows or rings of a shell: how many places each has, and where they begin. */
import Select from "primevue/select";
import type { ShellDraft } from "../../shells/draft.ts";

const draft = defineModel<ShellDraft>("draft", { required: true });
const addRow = (): void =>
  void draft.value.rows.push({ ...(draft.value.rows.at(-1) ?? { places: "2", offset: "0", size: "" }) });
const addRing = (): void => void draft.value.rings.push({ places: "1", at: "0" });
</script>

<template>
  <fieldset v-if="draft.kind === 'rows'">
    <legend class="lab">Rows, from the {{ draft.mark }} down</legend>
    <p class="row head lab"><span /><span>places</span><span>offset</span><span>contact, mm</span></p>
    <p v-for="(row, i) in draft.rows" :key="i" class="row">
      <span class="lab">{{ i + 1 }}</span><input
        v-model="row.places"
        class="inp code"
        inputmode="numeric"
        :aria-label="`Row ${i + 1}: places`"
      /><input
        v-model="row.offset"
        class="inp code"
        inputmode="decimal"
        :aria-label="`Row ${i + 1}: offset in places`"
      /><input
        v-model="row.size"
        class="inp code"
        inputmode="decimal"
        placeholder="any"
        :aria-label="`Row ${i + 1}: width of the contact in mm`"
      /><button
        type="button"
        class="link"
        :disabled="draft.rows.length < 2"
        :aria-label="`Remove row ${i + 1}`"
        @click="draft.rows.splice(i, 1)"
      >
        remove
      </button>
    </p>
    <button type="button" class="btn quiet" :disabled="draft.rows.length >= 12" @click="addRow">
      Another row
    </button>
  </fieldset>
  <fieldset v-else>
    <legend class="lab">Rings, outermost first</legend>
    <p class="row head lab"><span /><span>places</span><span>first at, °</span><span /></p>
    <p v-for="(ring, i) in draft.rings" :key="i" class="row">
      <span class="lab">{{ i + 1 }}</span><input
        v-model="ring.places"
        class="inp code"
        inputmode="numeric"
        :aria-label="`Ring ${i + 1}: places`"
      /><input
        v-model="ring.at"
        class="inp code"
        inputmode="decimal"
        :aria-label="`Ring ${i + 1}: degrees clockwise from the ${draft.mark}`"
      /><span /><button
        type="button"
        class="link"
        :disabled="draft.rings.length < 2"
        :aria-label="`Remove ring ${i + 1}`"
        @click="draft.rings.splice(i, 1)"
      >
        remove
      </button>
    </p>
    <p class="line">
      <button type="button" class="btn quiet" :disabled="draft.rings.length >= 6" @click="addRing">
        A ring inside</button
      ><Select
        v-model="draft.direction"
        :options="['clockwise', 'counter-clockwise']"
        aria-label="Direction of counting"
      />
    </p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  border-top: 1px solid var(--rule);
  padding-top: 4px;
  display: grid;
  gap: 4px;
  justify-items: start;
}
.row {
  display: grid;
  grid-template-columns: 20px 80px 80px 96px auto;
  gap: 8px;
  align-items: center;
}
.line {
  display: flex;
  gap: 10px;
}
</style>
