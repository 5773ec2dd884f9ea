<script setup lang="ts">
/** A wire along any path, inside an SVG. */
import { computed } from "vue";
import type { WireColour } from "@trevin/core";
import { insulation, pathOf, ringPath, stripePath, type Point } from "../../drawing/wire.ts";

const props = defineProps<{ points: readonly Point[]; width: number; colour: WireColour | null }>();
const line = computed(() => pathOf(props.points));
const stripes = computed(() =>
  (props.colour?.stripes ?? []).map((name, i, all) => ({
    fill: insulation(name),
    d: stripePath(props.points, props.width, i / all.length),
  })),
);
const rings = computed(() =>
  props.colour?.rings
    ? { stroke: insulation(props.colour.rings.colour), d: ringPath(props.points, props.width) }
    : null,
);
</script>

<template>
  <g fill="none">
    <path :d="line" stroke="var(--wire-edge)" :stroke-width="width + 2" />
    <path v-if="colour" :d="line" :stroke="insulation(colour.base)" :stroke-width="width" />
    <path v-else :d="line" stroke="var(--sheet)" :stroke-width="width" stroke-dasharray="5 3" />
    <path v-for="(stripe, i) in stripes" :key="i" :d="stripe.d" :fill="stripe.fill" />
    <path v-if="rings" :d="rings.d" :stroke="rings.stroke" stroke-width="2.4" />
    <template v-if="width >= 12">
      <path
        :d="line"
        stroke="#000"
        stroke-opacity=".16"
        :stroke-width="width * 0.22"
        :transform="`translate(0 ${width * 0.39})`"
      />
      <path
        :d="line"
        stroke="#fff"
        stroke-opacity=".38"
        :stroke-width="Math.max(1.2, width * 0.07)"
        :transform="`translate(0 ${-width * 0.26})`"
      />
    </template>
  </g>
</template>
