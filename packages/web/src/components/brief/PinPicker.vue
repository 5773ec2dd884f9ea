<script setup lang="ts">
/** Pins that a line of the brief stands for, ticked by hand. */
import Dialog from "primevue/dialog";
import { computed, ref, watch } from "vue";
import { allPins, pinColour, pinName, type BriefItem, type Dossier, type PinId } from "@trevin/core";
import DrawnWire from "../parts/DrawnWire.vue";

const props = defineProps<{ item: BriefItem | null; start: readonly PinId[]; dossier: Dossier }>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ link: [pins: readonly PinId[]] }>();
const MOST_SHOWN = 80;
const text = ref("");
const chosen = ref<ReadonlySet<PinId>>(new Set());
watch(open, (now) => {
  if (now) {
    text.value = "";
    chosen.value = new Set(props.start);
  }
});
const found = computed(() => {
  const words = text.value
    .trim()
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== "");
  const pins = open.value
    ? allPins(props.dossier).filter(
        (placed) =>
          placed.pin.content !== "empty" &&
          words.every((word) =>
            `${pinName(placed)} ${placed.pin.function} ${placed.pin.condition}`.toLowerCase().includes(word),
          ),
      )
    : [];
  return [
    ...pins.filter(({ pin }) => chosen.value.has(pin.id)),
    ...pins.filter(({ pin }) => !chosen.value.has(pin.id)),
  ];
});
function flip(pin: PinId): void {
  const next = new Set(chosen.value);
  if (!next.delete(pin)) next.add(pin);
  chosen.value = next;
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`Which pins are “${item?.text ?? ''}”?`"
    :draggable="false"
    :pt="{ root: { class: 'dlg wide' } }"
  >
    <div class="field">
      <label for="picker-text">Find by cavity or function</label
      ><input id="picker-text" v-model="text" class="inp" autofocus autocomplete="off" />
    </div>
    <ul>
      <li v-for="placed in found.slice(0, MOST_SHOWN)" :key="placed.pin.id">
        <label
          ><input type="checkbox" :checked="chosen.has(placed.pin.id)" @change="flip(placed.pin.id)" /><span
            class="code"
            >{{ pinName(placed) }}</span
          ><DrawnWire
            :colour="pinColour(placed.pin, placed.connector)"
            :size="placed.pin.size"
            :length="44"
          /><b>{{ placed.pin.function || "no function recorded" }}</b
          ><span class="lab mut">{{ placed.pin.condition }}</span></label
        >
      </li>
    </ul>
    <p v-if="found.length > MOST_SHOWN" class="mut lab">
      and {{ found.length - MOST_SHOWN }} more: type more words
    </p>
    <p class="why">With none ticked, the words find the pins.</p>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="button" class="btn pri" @click="emit('link', [...chosen])">
        {{ chosen.size === 0 ? "Let the words find them" : `Link ${chosen.size}` }}
      </button></template
    >
  </Dialog>
</template>

<style scoped>
ul {
  max-height: 46vh;
  overflow: auto;
  border: 1px solid var(--rule);
}
label {
  display: grid;
  grid-template-columns: 18px 84px 48px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  min-height: 34px;
  padding: 0 10px;
  border-bottom: 1px solid var(--rule);
  cursor: pointer;
}
.field label {
  display: block;
  padding: 0;
  border: 0;
  min-height: 0;
}
input[type="checkbox"] {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
.code {
  font-weight: 700;
}
</style>
