<script setup lang="ts">
/** A followed wire as a small drawing: the spots as they are reached, from left to right, and the wires between them. */
import { computed } from "vue";
import { hierarchy, tree } from "d3-hierarchy";
import { spotWords, stretchColour, type PinId, type PlacedPin, type Stretch } from "@trevin/core";
import { curve } from "../../drawing/wire.ts";
import WirePath from "../parts/WirePath.vue";

const props = defineProps<{ whole: Stretch; pins: ReadonlyMap<PinId, PlacedPin>; width: number }>();
const emit = defineEmits<{ pick: [pin: PinId] }>();
const ROW = 30;
const laid = computed(() => {
  const root = tree<Stretch>().nodeSize([ROW, 1])(hierarchy(props.whole, (stretch) => [...stretch.beyond]));
  const nodes = root.descendants();
  const step = Math.min(130, (props.width - 84) / Math.max(1, root.height));
  const top = Math.min(...nodes.map((node) => node.x)) - ROW / 2;
  const bottom = Math.max(...nodes.map((node) => node.x)) + ROW / 2;
  return {
    height: bottom - top,
    spots: nodes.map((node) => ({
      node,
      x: 4 + node.depth * step,
      y: node.x - top,
      from: node.parent === null ? null : { x: 4 + node.parent.depth * step, y: node.parent.x - top },
    })),
  };
});
const words = (stretch: Stretch): string =>
  stretch.spot.at === "loom" ? "continues" : spotWords(stretch.spot);
const points = (from: { x: number; y: number }, to: { x: number; y: number }) => {
  const half = (to.x - from.x) / 2;
  return curve(from, { x: from.x + half, y: from.y }, { x: to.x - half, y: to.y }, to, 12);
};
</script>

<template>
  <svg
    :width="width"
    :height="laid.height"
    :viewBox="`0 0 ${width} ${laid.height}`"
    role="img"
    aria-label="The wire and where it goes"
  >
    <template v-for="({ node, x, y, from }, i) in laid.spots" :key="i">
      <template v-if="from">
        <path
          v-if="node.data.link?.by !== 'wire'"
          :d="`M${from.x} ${from.y}C${(from.x + x) / 2} ${from.y} ${(from.x + x) / 2} ${y} ${x} ${y}`"
          fill="none"
          stroke="var(--ink)"
          :stroke-width="node.data.link?.by === 'bridge' ? 4 : 2"
          :stroke-dasharray="node.data.link?.by === 'mated' ? '2 4' : undefined"
        />
        <WirePath
          v-else
          :points="points(from, { x, y })"
          :width="6"
          :colour="stretchColour(node.data.link, pins)"
        />
      </template>
    </template>
    <g
      v-for="({ node, x, y }, i) in laid.spots"
      :key="`s${i}`"
      :class="{ pin: node.data.spot.at === 'pin' && i > 0 }"
      @click="node.data.spot.at === 'pin' && emit('pick', node.data.spot.placed.pin.id)"
    >
      <circle
        v-if="node.data.spot.at === 'point'"
        :cx="x"
        :cy="y"
        r="6"
        fill="var(--sheet)"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <path
        v-else-if="node.data.spot.at === 'loose' || node.data.spot.at === 'loom'"
        :d="`M${x} ${y - 6}v12`"
        stroke="var(--ink)"
        stroke-width="2"
        :stroke-dasharray="node.data.spot.at === 'loom' ? '2 2' : undefined"
      />
      <rect
        v-else
        :x="x - 4"
        :y="y - 6"
        width="12"
        height="12"
        fill="var(--sheet)"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <text
        :x="x + (node.data.spot.at === 'pin' ? 12 : 10)"
        :y="y - 5"
        class="name"
        :class="{ again: node.data.again }"
      >
        {{ words(node.data) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.name {
  font: 700 12.5px/1 var(--f-code);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--bench);
  stroke-width: 3px;
  letter-spacing: -0.02em;
}
.again {
  font-style: italic;
}
.pin {
  cursor: pointer;
}
</style>
