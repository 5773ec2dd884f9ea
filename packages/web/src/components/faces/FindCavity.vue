<script setup lang="ts">
/** Typing a label or a place in words finds the cavity in the hold in use. */
import { computed, ref } from "vue";
import { findPlace, foundWords, type Face, type Hold } from "@trevin/core";

const props = defineProps<{ face: Face; hold: Hold }>();
const emit = defineEmits<{ found: [label: string] }>();
const text = ref("");
const found = computed(() => findPlace(props.face, props.hold, text.value));
const said = computed(() => foundWords(found.value, text.value));
const box = ref<HTMLInputElement | null>(null);
function go(): void {
  const places = found.value.kind === "several" ? found.value.places : [];
  const place = found.value.kind === "one" ? found.value.place : places[0];
  if (place === undefined) return;
  emit("found", place.label);
  if (found.value.kind === "one") text.value = "";
}
defineExpose({ focus: () => box.value?.focus() });
</script>

<template>
  <form class="find" role="search" @submit.prevent="go">
    <label for="find-cavity" class="lab">Find</label>
    <input
      id="find-cavity"
      ref="box"
      v-model="text"
      class="inp code"
      placeholder="38, or row 2, 4 from left"
      autocomplete="off"
      aria-describedby="find-cavity-said"
      @keydown.esc.stop="
        text = '';
        box?.blur();
      "
    />
    <kbd>F</kbd>
    <p id="find-cavity-said" class="why" role="status">{{ said }}</p>
  </form>
</template>

<style scoped>
.find {
  display: grid;
  grid-template-columns: auto minmax(120px, 240px) auto;
  align-items: center;
  gap: 4px 8px;
}
.find p {
  grid-column: 1 / -1;
  min-height: 0;
}
.find p:empty {
  display: none;
}
@media (max-width: 900px) {
  .find {
    grid-template-columns: auto 1fr;
  }
  .find kbd {
    display: none;
  }
  .find .inp {
    min-height: 48px;
  }
}
</style>
