<script setup lang="ts">
/** Where a pin's values come from, and its doubt or its twin in a word. */
import { leastSure, sourceWords, type Likeness, type Pin, type Source, type SourceId } from "@trevin/core";

const props = defineProps<{
  pin: Pin | undefined;
  sources: ReadonlyMap<SourceId, Source>;
  mark: Likeness["kind"] | undefined;
}>();
/** Sources of a pin in a few words: the one its values share, or how many there are. */
function fromWords(pin: Pin): string {
  const ids = [...new Set(Object.values(pin.sources))];
  const [only] = ids;
  if (only === undefined) return "";
  if (ids.length > 1) return `${ids.length} sources`;
  const source = props.sources.get(only);
  return source === undefined ? "" : sourceWords(source);
}
/** The word that stands for doubt in a row; empty where its values are sure or nobody said. */
const doubtWord = (pin: Pin): string => {
  const sure = leastSure(pin, props.sources);
  return sure === "check" || sure === "guess" ? sure : "";
};
</script>

<template>
  <span class="source" role="gridcell">
    <template v-if="pin">
      <span class="from" :title="fromWords(pin)">{{ fromWords(pin) }}</span>
      <em v-if="doubtWord(pin)" :class="doubtWord(pin)">{{ doubtWord(pin) }}</em>
      <em
        v-else-if="mark"
        class="twin"
        :title="
          mark === 'same'
            ? 'another wire here has the same colour'
            : 'another wire here is easily taken for it'
        "
        >{{ mark === "same" ? "twin" : "alike" }}</em
      >
    </template>
  </span>
</template>

<style scoped>
.source {
  display: flex;
  align-items: center;
  gap: 6px;
  padding: 0 6px;
  font: 500 14px/16px var(--f-label);
  color: var(--ink2);
  overflow: hidden;
}
.from {
  flex: 1;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.source em {
  font-style: normal;
  color: var(--ink);
  flex: none;
}
.source .check {
  border-bottom: 2px dashed var(--ink);
}
.source .guess {
  border-bottom: 2px dotted var(--ink);
}
.source .twin {
  border-left: 3px double var(--ink);
  padding-left: 4px;
}
</style>
