<script setup lang="ts">
/** A housing chosen from the Shelf, with its face beside the list. */
import type { ShelfShell } from "@trevin/core";
import { usePrefs } from "../../stores/prefs.ts";
import HoldControls from "../faces/HoldControls.vue";
import ShellFace from "../faces/ShellFace.vue";
import ShellList from "../faces/ShellList.vue";

const picked = defineModel<ShelfShell | null>("picked", { required: true });
defineProps<{ ways: number }>();
const prefs = usePrefs();
</script>

<template>
  <div class="shelf">
    <ShellList :chosen="picked?.id ?? null" :ways="ways" @choose="picked = $event" />
    <div v-if="picked" class="seen">
      <HoldControls :mark="picked.shell.mark" compact /><ShellFace
        v-if="picked.shell.pattern.kind !== 'none'"
        :shell="picked.shell"
        :hold="prefs.hold"
        :width="330"
        whole
        :max-pitch="46"
      />
      <p v-if="picked.note" class="why">{{ picked.note }}</p>
    </div>
    <p v-else class="mut">
      Compare with the part: rows, steps, position of the lock, direction of the labels.
    </p>
  </div>
</template>

<style scoped>
.shelf {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 20px;
  height: 64vh;
}
.shelf > .seen {
  display: grid;
  gap: 10px;
  align-content: start;
}
@media (max-width: 800px) {
  .shelf {
    grid-template-columns: minmax(0, 1fr);
    height: auto;
  }
  .shelf :deep(ul) {
    max-height: 40vh;
  }
}
</style>
