<script setup lang="ts">
/** A code that can be read as one colour or two: settled by looking at the part. */
import { colourInWords, type WireColour } from "@trevin/core";
import DrawnWire from "../parts/DrawnWire.vue";

defineProps<{ colour: string; cavity: string; readings: readonly WireColour[] }>();
const emit = defineEmits<{ seen: [colour: WireColour, index: number] }>();
</script>

<template>
  <section class="settle" aria-label="One colour or two?">
    <h2>
      <span class="code">{{ colour }}</span> One colour or two?
    </h2>
    <div v-for="(one, i) in readings.slice(0, 3)" :key="colourInWords(one)" class="way">
      <DrawnWire :colour="one" :length="96" :thick="13" /><span>{{ colourInWords(one) }}</span
      ><button type="button" class="btn" :class="{ pri: i === 0 }" @click="emit('seen', one, i)">
        Seen: {{ one.stripes.length === 0 ? one.base : "stripe" }}
        <kbd v-if="i < 2" class="letter">{{ i + 1 }}</kbd>
      </button>
    </div>
    <p class="why">
      Check {{ cavity }} at the connector to settle it. Until then you can plan the wire, but not cut or power
      it.
    </p>
  </section>
</template>

<style scoped>
.settle {
  border-top: 2px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 6px;
}
.settle h2 .code {
  border-bottom: 3px dotted var(--ink);
  margin-right: 6px;
  font: 700 18px/1.2 var(--f-code);
}
.way {
  display: flex;
  align-items: center;
  gap: 12px;
  border-bottom: 1px solid var(--rule);
  padding-bottom: 6px;
}
.way .btn {
  margin-left: auto;
}
</style>
