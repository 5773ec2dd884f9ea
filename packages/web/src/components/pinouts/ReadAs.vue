<script setup lang="ts">
/** How a label is read, what in it was not understood, and the way to put that right. */
import { computed } from "vue";
import {
  contextOf,
  mayBeOther,
  meaningWords,
  readFunction,
  termWords,
  type Connector,
  type OwnWord,
  type Pin,
} from "@trevin/core";
import { useCommands } from "../../composables/useCommands.ts";

const props = defineProps<{ pin: Pin; connector: Connector; words: readonly OwnWord[] }>();
const emit = defineEmits<{ misread: [] }>();
const meaning = computed(() =>
  readFunction(props.pin.function, props.words, contextOf(props.connector, props.pin)),
);
useCommands([
  {
    id: "misread",
    title: "Misread: say what this label means",
    keys: "M",
    enabled: () => props.pin.function !== "",
    run: () => emit("misread"),
  },
]);
</script>

<template>
  <p v-if="pin.function" class="read">
    <span
      ><b class="lab">Read as</b> {{ meaningWords(meaning) || "not understood"
      }}<span v-if="meaning.unread.length" class="mut"
        >; not understood: {{ meaning.unread.join(", ") }}</span
      ></span
    >
    <button type="button" class="btn quiet" @click="emit('misread')">
      Misread? <kbd class="letter">M</kbd>
    </button>
  </p>
  <p v-if="meaning.thing && !mayBeOther(meaning)" class="why">{{ termWords(meaning.thing) }}</p>
</template>

<style scoped>
.btn {
  font-size: 14px;
  padding: 1px 8px;
  min-height: 26px;
}
.read {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
</style>
