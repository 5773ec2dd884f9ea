<script setup lang="ts">
/** The verdict in one line, the worst finding beside it, and which harness it is of. */
import { computed } from "vue";
import { VERDICT_WORDS, type FindingWords, type Proof } from "@trevin/core";
import { useJob } from "../../stores/job.ts";
import { MOMENT_WORDS, MOMENTS, useProof } from "../../stores/proof.ts";

const props = defineProps<{
  proof: Proof;
  first: FindingWords | null;
  summary: string;
  undecided: number;
}>();
/** What is not decided yet is not proved. */
const verdict = computed(() =>
  props.proof.verdict === "works" && props.undecided > 0
    ? "Nothing against it so far"
    : VERDICT_WORDS[props.proof.verdict],
);
const job = useJob();
const store = useProof();
const moments = computed(() => MOMENTS.filter((one) => one !== "now" || job.begun));
</script>

<template>
  <header class="verdict" :class="proof.verdict">
    <h1>{{ verdict }}</h1>
    <p>
      <template v-if="first"
        ><b>{{ first.title }}.</b> {{ first.detail }}</template
      ><span v-else class="mut">{{ summary }}</span>
    </p>
    <div v-if="moments.length > 1" class="moments" role="group" aria-label="Which harness">
      <button
        v-for="one in moments"
        :key="one"
        type="button"
        class="btn quiet"
        :aria-pressed="store.moment === one"
        @click="store.moment = one"
      >
        {{ MOMENT_WORDS[one] }}
      </button>
    </div>
  </header>
</template>

<style scoped>
.verdict {
  display: flex;
  align-items: center;
  gap: 24px;
  padding: 12px 20px;
  border-bottom: 2px solid var(--ink);
  background: var(--sheet);
}
.verdict h1 {
  font: 600 34px/36px var(--f-label);
  flex: none;
  max-width: 460px;
}
.verdict.unsafe {
  border-bottom-color: var(--stop);
  padding-left: 58px;
  position: relative;
}
.verdict.unsafe::before {
  content: "";
  position: absolute;
  inset: 0 auto 0 0;
  width: 40px;
  background: repeating-linear-gradient(135deg, var(--sheet) 0 6px, var(--stop) 6px 14px);
}
.verdict.unsafe h1 {
  color: var(--stop-ink);
}
.verdict p {
  flex: 1;
  max-width: 620px;
}
.moments {
  display: flex;
  gap: 6px;
}
.moments [aria-pressed="true"] {
  background: var(--ink);
  color: var(--on-ink);
}
@media (max-width: 700px) {
  .verdict {
    flex-wrap: wrap;
    gap: 8px;
  }
  .verdict p {
    flex: 1 0 100%;
  }
}
</style>
