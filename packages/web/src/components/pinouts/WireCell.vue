<script setup lang="ts">
/** The wire of one cavity, drawn, with its colour in words. */
import { computed } from "vue";
import { COLOUR_SYSTEM_NAMES, pinSystem, type Connector } from "@trevin/core";
import DrawnWire from "../parts/DrawnWire.vue";
import { colourCellWords } from "../../grid/colours.ts";
import type { GridLine } from "../../grid/gridLine.ts";

const props = defineProps<{ line: GridLine; connector: Connector }>();
const wire = computed(() => props.line.wire);
const reading = computed(() => props.line.reading);
</script>

<template>
  <span class="wire" role="gridcell">
    <template v-if="wire && reading">
      <DrawnWire :colour="reading.ok ? reading.value.colour : null" :size="wire.size" :length="56" />
      <span
        class="words"
        :class="{ divided: line.divided, unread: !reading.ok }"
        :title="colourCellWords(reading)"
        >{{ line.divided ? "one colour or two?" : colourCellWords(reading) }}</span
      >
      <abbr
        v-if="pinSystem(wire, connector) !== connector.colourSystem"
        class="sys"
        :title="`read as ${COLOUR_SYSTEM_NAMES[pinSystem(wire, connector)]}`"
        >*</abbr
      >
    </template>
    <span v-else-if="line.pin?.content === 'empty'" class="mut">empty</span>
  </span>
</template>

<style scoped>
.wire {
  white-space: nowrap;
  overflow: hidden;
  gap: 8px;
  padding-right: 4px;
}
.wire svg {
  flex: none;
}
.words {
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 13.5px;
}
.words.divided {
  border-bottom: 2px dotted var(--ink);
}
.words.unread {
  border-bottom: 2px dashed var(--ink);
}
.sys {
  text-decoration: none;
  font-weight: 700;
  cursor: help;
}
@media (max-width: 620px) {
  .words {
    display: none;
  }
}
</style>
