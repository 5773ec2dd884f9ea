<script setup lang="ts">
/** What happens between two pins: the line's pattern says how sure, the mark on it what is done. */
import type { Sureness } from "@trevin/core";

withDefaults(defineProps<{ act: "move" | "splice" | "cap" | "leave" | "feed" | "undecided"; sure?: Sureness; words?: string; width?: number; mirrored?: boolean }>(), { sure: "sure", words: "", width: 120, mirrored: false });
const DASH: Readonly<Record<Sureness, string>> = { sure: "none", check: "9 5", guess: "0.1 6" };
</script>

<template>
  <div class="link" :style="{ width: `${width}px` }">
    <span class="words lab">{{ words }}</span>
    <svg :width="width" height="16" :viewBox="`0 0 ${width} 16`" aria-hidden="true" :class="{ mirrored }">
      <g stroke="var(--ink)" stroke-width="2.5" fill="none" stroke-linecap="round">
        <template v-if="act === 'move'">
          <path :d="`M2 8H${width - 12}`" :stroke-dasharray="DASH[sure]" />
          <path :d="`M${width - 12} 2.5 L${width - 1} 8 L${width - 12} 13.5z`" fill="var(--ink)" stroke="none" />
        </template>
        <template v-else-if="act === 'splice'">
          <path :d="`M2 8H${width - 2}`" :stroke-dasharray="DASH[sure]" />
          <rect :x="width / 2 - 11" y="3" width="22" height="10" rx="3" fill="var(--sheet)" stroke-width="2" />
          <path :d="`M${width / 2 - 4} 3v10M${width / 2 + 4} 3v10`" stroke-width="1.5" />
        </template>
        <template v-else-if="act === 'cap'">
          <path :d="`M2 8H24`" :stroke-dasharray="DASH[sure]" />
          <path d="M24 1.5h6a7 6.5 0 0 1 0 13h-6z" fill="var(--sheet)" stroke-width="1.8" />
        </template>
        <template v-else-if="act === 'leave'">
          <path d="M2 8H24" :stroke-dasharray="DASH[sure]" />
          <path d="M27 2v12M32 2v12" stroke-width="2" />
        </template>
        <template v-else-if="act === 'feed'">
          <path :d="`M18 8H${width - 2}`" :stroke-dasharray="DASH[sure]" />
          <circle cx="10" cy="8" r="7" fill="var(--sheet)" stroke-width="2" />
          <path d="M10 4.5v7M6.5 8h7" stroke-width="1.8" />
        </template>
        <template v-else>
          <path :d="`M24 8H${width - 2}`" stroke-dasharray="0.1 6" />
          <circle cx="10" cy="8" r="7.5" fill="var(--sheet)" stroke-width="1.8" />
          <text x="10" y="12.5" text-anchor="middle" stroke="none" fill="var(--ink)" class="q">?</text>
        </template>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.link { position: relative; }
.words { display: block; height: 15px; line-height: 15px; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
.mirrored { transform: scaleX(-1); }
.q { font: 700 12px/1 var(--f-code); }
</style>
