<script setup lang="ts">
/** The flags as they will be printed, and which of them. */
import Dialog from "primevue/dialog";
import type { Component } from "vue";
import { flagsOf, pinName, type Dossier } from "@trevin/core";

defineProps<{ sheet: Component | null; dossier: Dossier }>();
const open = defineModel<boolean>("open", { required: true });
/** Names of wires that get no flag. */
const out = defineModel<ReadonlySet<string>>("out", { required: true });
const emit = defineEmits<{ print: [] }>();
function turn(name: string): void {
  const now = new Set(out.value);
  if (!now.delete(name)) now.add(name);
  out.value = now;
}
const all = (dossier: Dossier): readonly string[] => flagsOf(dossier).map(({ pin }) => pinName(pin));
</script>

<template>
  <Dialog v-model:visible="open" class="wide" modal header="Print wire flags" :draggable="false">
    <p class="why">Fold around the wire at the dotted line. The code opens the circuit in Trevin.</p>
    <p class="line">
      <button type="button" class="btn quiet" @click="out = new Set()">All</button>
      <button type="button" class="btn quiet" @click="out = new Set(all(dossier))">None</button>
    </p>
    <div class="preview" tabindex="0" role="region" aria-label="Flags to print">
      <component :is="sheet" v-if="sheet" :dossier="dossier" :out="out" pick @turn="turn" />
    </div>
    <template #footer>
      <button type="button" class="btn quiet" @click="open = false">Cancel</button>
      <button
        type="button"
        class="btn pri"
        :disabled="all(dossier).every((name) => out.has(name))"
        @click="emit('print')"
      >
        Print {{ all(dossier).filter((name) => !out.has(name)).length }} flags
      </button>
    </template>
  </Dialog>
</template>

<style scoped>
.line {
  display: flex;
  gap: 8px;
  padding: 6px 0;
}
.preview {
  max-height: 52vh;
  overflow: auto;
  padding: 8px;
  background: #fff;
  border: 1px solid var(--rule);
}
</style>
