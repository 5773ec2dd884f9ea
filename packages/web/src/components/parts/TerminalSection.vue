<script setup lang="ts">
/** A terminal on its way out, in, or onto its wire: lock, lance or finger, tool, seal and barrel, with the numbers of the order. */
import { computed } from "vue";
import {
  drawCrimp,
  drawInsert,
  drawSection,
  orderOf,
  sectionOf,
  type TerminalAct,
  type TerminalSystem,
} from "@trevin/core";
import DrawnShapes from "./DrawnShapes.vue";

const props = defineProps<{ system: TerminalSystem; act: TerminalAct }>();
const drawing = computed(() => {
  if (props.act === "insert") return drawInsert(props.system);
  return props.act === "crimp" ? drawCrimp(props.system) : drawSection(sectionOf(props.system));
});
const order = computed(() => orderOf[props.act](props.system));
</script>

<template>
  <svg
    class="section"
    :viewBox="`0 0 ${drawing.width} ${drawing.height}`"
    role="img"
    :aria-label="`${act === 'crimp' ? 'Crimp of' : 'Section through'} ${system.name}: ${order.join('; ')}`"
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
