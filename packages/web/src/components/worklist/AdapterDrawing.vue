<script setup lang="ts">
/** The finished adapter as a drawing: on the screen, on paper, and as a file. */
import { computed, shallowRef, watch } from "vue";
import {
  adapterGraph,
  DEVICE_NAMES,
  drawAdapter,
  drawingSvg,
  fedLegs,
  runWords,
  supplyWordsIn,
  type AdapterLayout,
  type AdapterLoom,
  type JoinPoint,
} from "@trevin/core";
import { layoutAdapter } from "../../drawing/layout.ts";
import { saveSvg } from "../../drawing/saveSvg.ts";
import DrawnShapes from "../parts/DrawnShapes.vue";

const props = defineProps<{ loom: AdapterLoom; job: string; points: readonly JoinPoint[] }>();
const graph = computed(() =>
  adapterGraph(props.loom, ({ device }) => [
    DEVICE_NAMES[device.kind],
    ...fedLegs(device).map(
      ({ terminal, supply }) => `${terminal} from ${supplyWordsIn(props.points, supply)}`,
    ),
  ]),
);
const layout = shallowRef<AdapterLayout | null>(null);
const failed = shallowRef(false);
watch(
  graph,
  async (now) => {
    try {
      const found = await layoutAdapter(now);
      if (graph.value === now) layout.value = found;
      failed.value = false;
    } catch {
      failed.value = true;
    }
  },
  { immediate: true },
);
const drawing = computed(() => (layout.value === null ? null : drawAdapter(graph.value, layout.value)));
const title = computed(() => ({
  title: `Adapter loom, ${props.job}`,
  subtitle: props.loom.runs.map(runWords).join("; "),
}));
const save = (): void => {
  if (drawing.value !== null) saveSvg(drawingSvg(drawing.value, title.value), `adapter ${props.job}`);
};
</script>

<template>
  <figure class="drawing">
    <svg
      v-if="drawing"
      :viewBox="`0 0 ${drawing.width} ${drawing.height}`"
      :style="{ maxWidth: `${drawing.width}px` }"
      role="img"
      :aria-label="`Drawing of the adapter loom. ${title.subtitle}`"
    >
      <DrawnShapes :shapes="drawing.shapes" />
    </svg>
    <p v-else-if="failed" class="mut">
      The drawing could not be laid out. The cut list below holds all of it.
    </p>
    <p v-else class="mut">Drawing the adapter</p>
    <button v-if="drawing" type="button" class="btn quiet no-print" @click="save">SVG</button>
  </figure>
</template>

<style scoped>
.drawing {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 12px 0;
  break-inside: avoid;
}
svg {
  width: 100%;
  height: auto;
}
</style>
