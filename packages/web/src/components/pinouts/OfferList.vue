<script setup lang="ts">
/** Offers for the field that is open; drawn over everything, so that no pane cuts them off. */
import type { Offer } from "../../grid/useOffers.ts";

defineProps<{
  offers: readonly Offer[];
  picked: number;
  place: { left: number; top: number; width: number; upward: boolean };
  functions: boolean;
}>();
const emit = defineEmits<{ take: [index: number] }>();
</script>

<template>
  <Teleport to="body">
    <ul
      v-if="offers.length > 0"
      id="grid-offers"
      class="offers"
      :class="{ upward: place.upward }"
      :style="{ left: `${place.left}px`, top: `${place.top}px`, minWidth: `${place.width}px` }"
      role="listbox"
      :aria-label="functions ? 'Functions' : 'Signal classes'"
    >
      <li
        v-for="(offer, o) in offers"
        :id="`offer-${o}`"
        :key="offer.text"
        role="option"
        :aria-selected="o === picked"
        :class="{ on: o === picked }"
        @mousedown.prevent.stop="emit('take', o)"
      >
        <b>{{ offer.text }}</b><span>{{ offer.aside }}</span>
      </li>
      <li v-if="functions" class="hint" role="presentation">
        <kbd>↓</kbd><kbd>Enter</kbd> use it <kbd>Alt Enter</kbd> keep my text, use the first meaning
      </li>
    </ul>
  </Teleport>
</template>

<style scoped>
.offers {
  position: fixed;
  z-index: 1100;
  width: max-content;
  max-width: min(420px, 96vw);
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  font: 400 14px/1.3 var(--f-text);
}
.offers.upward {
  transform: translateY(-100%);
}
.offers li {
  display: flex;
  justify-content: space-between;
  gap: 18px;
  padding: 5px 8px;
  cursor: pointer;
  white-space: nowrap;
}
.offers li span {
  color: var(--ink2);
  font: 500 14px/18px var(--f-label);
}
.offers li.on {
  background: var(--well);
  box-shadow: inset 4px 0 0 var(--ink);
}
.offers .hint {
  border-top: 1px solid var(--rule);
  gap: 6px;
  justify-content: flex-start;
  color: var(--ink2);
  font: 500 13px/18px var(--f-label);
  cursor: default;
}
</style>
