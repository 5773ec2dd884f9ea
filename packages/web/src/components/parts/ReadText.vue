<script setup lang="ts">
/** A label with the words that were not understood marked. */
import { computed } from "vue";

const props = defineProps<{ text: string; unread: readonly string[] }>();
const parts = computed(() =>
  props.text.split(/([\p{L}\p{N}]+)/u).map((part) => ({
    part,
    isUnread: props.unread.includes(part.toLowerCase()),
  })),
);
</script>

<template>
  <template v-for="({ part, isUnread }, i) in parts" :key="i"
    ><span v-if="isUnread" class="unread" title="not understood">{{ part }}</span
    ><template v-else>{{ part }}</template></template
  >
</template>

<style scoped>
.unread {
  text-decoration: underline dotted 2px;
  text-underline-offset: 3px;
}
</style>
