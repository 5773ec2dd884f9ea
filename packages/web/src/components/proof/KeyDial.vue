<script setup lang="ts">
/** The ignition key, drawn as what it is: its positions, chosen by pointer or arrow keys. */
import { KEY_WORDS, type Key } from "@trevin/core";

defineProps<{ positions: readonly Key[] }>();
const model = defineModel<Key>({ required: true });
/** Where the key points in each position, degrees clockwise from up. */
const ANGLES: Readonly<Record<Key, number>> = { off: 20, accessory: 62, run: 104, crank: 146 };
const point = (angle: number, radius: number): string => {
  const turned = ((angle - 90) * Math.PI) / 180;
  return `${52 + radius * Math.cos(turned)} ${52 + radius * Math.sin(turned)}`;
};
</script>

<template>
  <div class="dial" role="radiogroup" aria-label="Key">
    <svg width="104" height="104" viewBox="0 0 104 104" aria-hidden="true">
      <path
        v-for="key in positions"
        :key="key"
        :d="`M${point(ANGLES[key], 38)}L${point(ANGLES[key], 50)}`"
        class="tick"
        :class="{ on: key === model }"
      />
      <circle cx="52" cy="52" r="36" class="rim" />
      <circle cx="52" cy="52" r="27" class="face" />
      <path
        d="M46 48h12v8h-12zM56 46l20 6-20 6z"
        class="blade"
        :transform="`rotate(${ANGLES[model] - 90} 52 52)`"
      />
    </svg>
    <div class="places">
      <label v-for="key in positions" :key="key" :class="{ on: key === model }">
        <input v-model="model" type="radio" name="key-position" :value="key" class="sr" />{{ KEY_WORDS[key] }}
      </label>
    </div>
  </div>
</template>

<style scoped>
.dial {
  display: flex;
  gap: 8px;
  align-items: center;
}
.tick {
  stroke: var(--rule2);
  stroke-width: 1.5;
}
.tick.on {
  stroke: var(--ink);
  stroke-width: 3;
}
.rim {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.face {
  fill: none;
  stroke: var(--rule2);
}
.blade {
  fill: var(--ink);
}
.places {
  display: grid;
  flex: 1;
}
label {
  font: 500 16px/1 var(--f-label);
  padding: 7px 10px;
  cursor: pointer;
}
label.on {
  background: var(--ink);
  color: var(--on-ink);
  font-weight: 600;
}
label:focus-within {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
}
</style>
