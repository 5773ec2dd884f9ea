<script setup lang="ts">
/** What to do, with what, and where: readable at arm's length. */
import type { StepWords } from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";

defineProps<{ words: StepWords; code: string }>();
</script>

<template>
  <section class="say" aria-live="polite">
    <h1>{{ words.verb }}</h1>
    <p class="object">
      {{ words.object }} <span v-if="code" class="code">{{ code }}</span>
    </p>
    <p class="place">
      <span>{{ words.where }}</span><CavityLabel
        v-if="words.cavity"
        class="big"
        :label="words.cavity"
        state="hand"
        size="big"
      /><span v-if="words.after" class="after">{{ words.after.replace(/^[,:]? /, "") }}</span>
    </p>
  </section>
</template>

<style scoped>
.say {
  grid-area: say;
  position: relative;
  z-index: 2;
  padding-bottom: 12px;
}
h1 {
  letter-spacing: -0.01em;
}
.say h1 {
  font: 600 84px/82px var(--f-label);
  margin: 2px 0 4px -3px;
}
.object {
  font: 650 32px/38px var(--f-text);
  letter-spacing: -0.01em;
  text-wrap: balance;
}
.object .code {
  font-size: 22px;
  margin-left: 8px;
  white-space: nowrap;
}
.place {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  font: 400 25px/32px var(--f-text);
  margin-top: 12px;
}
.after {
  flex-basis: 100%;
  display: block;
}
@media (max-width: 999px) {
  .say {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    column-gap: 16px;
    border-bottom: 1px solid var(--rule);
    margin-bottom: 8px;
  }
  .say h1 {
    font-size: 100px;
    line-height: 96px;
    grid-column: 1;
  }
  .object {
    font-size: 36px;
    line-height: 42px;
    grid-column: 1;
  }
  .place {
    grid-column: 1;
    font-size: 28px;
    display: block;
  }
  .place :deep(.big) {
    position: absolute;
    right: 0;
    top: 10px;
    min-width: 150px;
    height: 150px;
    font-size: 84px;
  }
}
@media (max-width: 700px) {
  .say h1 {
    font-size: 58px;
    line-height: 56px;
  }
  .object {
    font-size: 22px;
    line-height: 27px;
  }
  .object .code {
    font-size: 18px;
  }
  .place {
    font-size: 19px;
    line-height: 26px;
    margin-top: 4px;
  }
  .place :deep(.big) {
    min-width: 92px;
    height: 92px;
    font-size: 56px;
    top: 4px;
  }
}
</style>
