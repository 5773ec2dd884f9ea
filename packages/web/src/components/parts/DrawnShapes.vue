<script setup lang="ts">
/** Shapes of a drawing made by core, as SVG. */
import type { Shape } from "@trevin/core";
import { paint } from "../../drawing/paint.ts";

defineProps<{ shapes: readonly Shape[] }>();
</script>

<template>
  <template v-for="(shape, i) in shapes" :key="i">
    <path
      v-if="shape.kind === 'path'"
      :d="shape.d"
      :fill="paint(shape.fill)"
      :stroke="paint(shape.stroke)"
      :stroke-width="shape.width"
      :stroke-dasharray="shape.dash"
      stroke-linejoin="round"
    />
    <circle
      v-else-if="shape.kind === 'circle'"
      :cx="shape.x"
      :cy="shape.y"
      :r="shape.r"
      :fill="paint(shape.fill)"
      :stroke="paint(shape.stroke)"
      :stroke-width="shape.width"
      :stroke-dasharray="shape.dash"
    />
    <text
      v-else
      :x="shape.x"
      :y="shape.y"
      :text-anchor="shape.anchor"
      :fill="paint(shape.fill)"
      :class="shape.font"
      :style="{ fontSize: `${shape.size}px` }"
      >{{ shape.text }}</text
    >
  </template>
</template>

<style scoped>
.code {
  font-family: var(--f-code);
  font-weight: 700;
  letter-spacing: -0.02em;
}
.label {
  font-family: var(--f-label);
  font-weight: 500;
}
</style>
