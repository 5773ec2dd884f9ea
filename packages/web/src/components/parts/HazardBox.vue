<script setup lang="ts">
/** A hazard in words, with its cure. */
import type { Severity } from "@trevin/core";

/** `settled`: what has become of it, "cured" or "accepted"; it is then drawn quietly. */
defineProps<{ severity: Severity; title: string; detail?: string; cure?: string; settled?: string }>();
const WORDS: Readonly<Record<Severity, string>> = { stop: "STOP", caution: "CAUTION", note: "NOTE" };
</script>

<template>
  <div class="hz" :class="settled ? 'note' : severity">
    <h4>
      <em>{{ settled ? `${WORDS[severity]}, ${settled}` : WORDS[severity] }}</em> {{ title }}
    </h4>
    <p v-if="detail">{{ detail }}</p>
    <p v-if="cure" class="cure"><b>Fix:</b> {{ cure }}</p>
    <slot />
  </div>
</template>

<style scoped>
.hz {
  position: relative;
  padding: 9px 12px 10px 28px;
  border: 1.5px solid var(--ink);
  background: var(--sheet);
}
.hz::before {
  content: "";
  position: absolute;
  left: 0;
  top: 0;
  bottom: 0;
  width: 14px;
  border-right: 1.5px solid var(--ink);
}
.hz.stop {
  border: 2px solid var(--stop);
}
.hz.stop::before {
  border-right: 2px solid var(--stop);
  background: repeating-linear-gradient(135deg, var(--sheet) 0 3px, var(--stop) 3px 7px);
}
.hz.caution::before {
  background: repeating-linear-gradient(135deg, var(--sheet) 0 4px, var(--ink) 4px 5.5px);
}
.hz.note {
  border: 1px solid var(--rule2);
}
.hz.note::before {
  background: radial-gradient(circle at 50% 50%, var(--ink) 1.2px, var(--sheet) 1.4px) 0 0/6px 6px;
  border-right: 1px solid var(--rule2);
}
h4 {
  font: 600 17px/20px var(--f-label);
  letter-spacing: 0.01em;
}
h4 em {
  font-style: normal;
  letter-spacing: 0.05em;
  margin-right: 4px;
}
.hz.stop h4 em {
  color: var(--stop-ink);
}
p {
  font-size: 13.5px;
  line-height: 18px;
  margin-top: 3px;
}
.cure b {
  font-weight: 650;
}
</style>
