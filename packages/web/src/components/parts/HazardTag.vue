<script setup lang="ts">
/** A hazard's word with its hatched edge; told by pattern, weight and word, not by hue. */
import type { Severity } from "@trevin/core";

defineProps<{ severity: Severity }>();
const WORDS: Readonly<Record<Severity, string>> = { stop: "STOP", caution: "CAUTION", note: "NOTE" };
</script>

<template>
  <span class="tag" :class="severity"
    ><span>{{ WORDS[severity] }}</span></span
  >
</template>

<style scoped>
.tag {
  display: inline-flex;
  align-items: stretch;
  height: 20px;
  font: 600 14px/19px var(--f-label);
  letter-spacing: 0.04em;
  border: 1.5px solid var(--ink);
  white-space: nowrap;
  background: var(--sheet);
  color: var(--ink);
}
.tag::before {
  content: "";
  width: 9px;
  flex: none;
}
.tag span {
  padding: 0 5px;
  margin-top: -1px;
}
.tag.stop {
  background: var(--stop);
  border-color: var(--stop);
  color: var(--on-stop);
}
.tag.stop::before {
  background: repeating-linear-gradient(135deg, var(--sheet) 0 3px, var(--stop) 3px 7px);
}
.tag.caution::before {
  background: repeating-linear-gradient(135deg, var(--sheet) 0 4px, var(--ink) 4px 5.5px);
  border-right: 1.5px solid var(--ink);
}
.tag.note {
  border: 1px solid var(--rule2);
  font-weight: 500;
}
.tag.note::before {
  background: radial-gradient(circle at 50% 50%, var(--ink) 1.1px, var(--sheet) 1.3px) 0 0/5px 5px;
}
</style>
