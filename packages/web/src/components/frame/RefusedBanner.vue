<script setup lang="ts">
/** A change that was not stored: what happened, what was kept, and what to do. */
import { useElementBounding } from "@vueuse/core";
import { computed, useTemplateRef, watchEffect } from "vue";
import { isOutage } from "../../api/patience.ts";
import { useJob } from "../../stores/job.ts";

const store = useJob();
const problem = computed(() => store.refused);
const title = computed(() => {
  if (problem.value?.status === 412) return "Changed elsewhere";
  return waitsForServer.value ? "Not stored yet" : "Not stored";
});
const waitsForServer = computed(() => problem.value !== null && isOutage(problem.value));
const canRetry = computed(() => store.waiting.length > 0);
/** The frame makes room for it, so that it hides nothing while the server is waited for. */
const { height } = useElementBounding(useTemplateRef("bar"));
watchEffect(() =>
  document.documentElement.style.setProperty("--banner", `${problem.value === null ? 0 : height.value}px`),
);
/** Where a refusal can be put right. */
const WAYS: Readonly<Record<string, { readonly name: string; readonly title: string }>> = {
  "decision-carried-out": { name: "ledger", title: "Go to Ledger" },
  "work-has-begun": { name: "bench", title: "Go to Bench" },
  blocked: { name: "worklist", title: "Go to Worklist" },
  "later-entries-depend": { name: "ledger", title: "Go to Ledger" },
};
const way = computed(() => (problem.value === null ? undefined : WAYS[problem.value.code]));
</script>

<template>
  <Teleport to="body">
    <div v-if="problem" ref="bar" class="banner no-print" role="alert">
      <b>{{ title }}</b>
      <span
        >{{ problem.detail ?? problem.title
        }}<template v-if="store.waiting.length > 1"> {{ store.waiting.length }} changes are waiting.</template
        ><template v-if="waitsForServer && canRetry"> Trevin keeps trying.</template></span
      >
      <RouterLink v-if="way" class="btn" :to="{ name: way.name }" @click="store.drop()">{{
        way.title
      }}</RouterLink>
      <button v-if="canRetry" type="button" class="btn" @click="store.again()">
        {{ problem.status === 412 ? "Make my change on top" : "Try now" }}
      </button>
      <button type="button" class="btn quiet" @click="store.drop()">
        {{ canRetry ? "Drop my change" : "Close" }}
      </button>
    </div></Teleport
  >
</template>

<style scoped>
.banner {
  position: fixed;
  inset: 0 0 auto;
  z-index: 3000;
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 8px 20px;
  background: var(--sheet);
  border-bottom: 2px solid var(--ink);
  border-left: 14px solid var(--ink);
  flex-wrap: wrap;
}
b {
  font: 600 18px/1 var(--f-label);
}
span {
  flex: 1;
  min-width: 240px;
}
</style>
