<script setup lang="ts">
/** The one boxed text of a line: a cavity as printed on the shell. */
withDefaults(defineProps<{ label: string; state?: "plain" | "hand" | "off"; size?: "line" | "big" }>(), {
  state: "plain",
  size: "line",
});
</script>

<template>
  <span class="cav" :class="[state, size]">{{ label }}</span>
</template>

<style scoped>
.cav {
  display: inline-grid;
  place-items: center;
  min-width: 32px;
  height: 24px;
  padding: 0 5px;
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  background: var(--sheet);
  font: 700 15px/1 var(--f-code);
  letter-spacing: -0.02em;
  white-space: nowrap;
}
.cav.off {
  border-style: dashed;
  border-color: var(--rule2);
  color: var(--ink2);
}
.cav.hand {
  background: var(--ink);
  color: var(--on-ink);
}
.cav.big {
  min-width: 74px;
  height: 72px;
  padding: 0 10px;
  font-size: 52px;
  border: 0;
  border-radius: 0;
}
</style>
