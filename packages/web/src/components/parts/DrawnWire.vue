<script setup lang="ts">
/** A straight piece of wire as it looks, with cut strands or a cap at its ends. */
import { computed } from "vue";
import { colourInWords, type WireColour } from "@trevin/core";
import { wireWidth } from "../../drawing/wire.ts";
import WirePath from "./WirePath.vue";

const props = withDefaults(
  defineProps<{
    colour: WireColour | null;
    size?: number | null;
    length?: number;
    thick?: number | null;
    end?: "none" | "right" | "left" | "cap";
  }>(),
  { size: null, length: 84, thick: null, end: "none" },
);
const width = computed(() => props.thick ?? wireWidth(props.size));
const height = computed(() => width.value + 4);
const from = computed(() => (props.end === "left" ? 8 : 0));
const SHORTER: Partial<Record<string, number>> = { right: 8, cap: 12 };
const to = computed(() => props.length - (SHORTER[props.end ?? ""] ?? 0));
const points = computed(() => [
  { x: from.value, y: height.value / 2 },
  { x: to.value, y: height.value / 2 },
]);
const label = computed(() =>
  props.colour === null ? "wire, colour not known" : `wire, ${colourInWords(props.colour)}`,
);
</script>

<template>
  <svg :width="length" :height="height" :viewBox="`0 0 ${length} ${height}`" role="img" :aria-label="label">
    <rect
      v-if="end === 'right'"
      :x="to"
      :y="height / 2 - width * 0.26"
      width="8"
      :height="width * 0.52"
      fill="var(--tin)"
      stroke="var(--wire-edge)"
      stroke-width=".8"
    />
    <rect
      v-if="end === 'left'"
      x="0"
      :y="height / 2 - width * 0.26"
      width="8"
      :height="width * 0.52"
      fill="var(--tin)"
      stroke="var(--wire-edge)"
      stroke-width=".8"
    />
    <WirePath :points="points" :width="width" :colour="colour" />
    <path
      v-if="end === 'cap'"
      :d="`M${to - 1} 1h5a6 ${height / 2 - 1} 0 0 1 0 ${height - 2}h-5z`"
      fill="var(--sheet)"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
  </svg>
</template>
