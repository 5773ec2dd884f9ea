<script setup lang="ts">
/** A terminal in its cavity, cut along its length: lock, lance or finger, and the tool with the way that it goes. */
import { computed } from "vue";
import { drawSection, sectionOf, type TerminalSystem } from "@trevin/core";
import DrawnShapes from "./DrawnShapes.vue";

const props = defineProps<{ system: TerminalSystem }>();
const drawing = computed(() => drawSection(sectionOf(props.system)));
</script>

<template>
  <svg
    class="section"
    :viewBox="`0 0 ${drawing.width} ${drawing.height}`"
    role="img"
    :aria-label="`Section through ${system.name}: ${system.order.join('; ')}`"
  >
    <DrawnShapes :shapes="drawing.shapes" />
  </svg>
</template>

<style scoped>
.section {
  width: 100%;
  max-width: 620px;
  height: auto;
  display: block;
}
</style>
