<script setup lang="ts">
/** The line at the top: whose job, what can be undone, whether it is saved. */
import { computed } from "vue";
import { allCommands } from "../../composables/useCommands.ts";
import { useJob } from "../../stores/job.ts";
import { usePrefs } from "../../stores/prefs.ts";
import FrameMenu from "./FrameMenu.vue";
import TrevinMark from "../parts/TrevinMark.vue";

const props = withDefaults(defineProps<{ job?: boolean }>(), { job: false });
const emit = defineEmits<{ details: [] }>();
const store = useJob();
const prefs = usePrefs();
const head = computed(() => (props.job ? store.dossier?.head : undefined));
/** What goes into what, where the job's own name does not say so already. */
const cars = computed(() =>
  [head.value?.vehicle, head.value?.incoming]
    .filter((text) => text && !head.value?.name.includes(text))
    .join(" + "),
);
const saved = computed(() => {
  if (store.busy > 0) return "saving";
  if (store.refused) return "not saved";
  return store.savedAt
    ? `saved ${store.savedAt.toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" })}`
    : "saved";
});
const palette = (): void =>
  void allCommands()
    .find((command) => command.id === "palette")
    ?.run();
</script>

<template>
  <header class="top no-print">
    <RouterLink class="mark" :to="{ name: 'jobs' }" aria-label="Trevin, all jobs"
      ><TrevinMark />Trevin</RouterLink
    >
    <button v-if="head" class="job" type="button" title="Job details" @click="emit('details')">
      <b>{{ head.name }}</b><span v-if="cars" class="cars">{{ cars }}</span
      ><span class="mut">{{ head.kind.replaceAll("-", " ") }}, {{ head.nominalVolts }} V</span>
    </button>
    <slot />
    <div class="r">
      <RouterLink class="flat" :to="{ name: 'shelf' }">Shelf</RouterLink>
      <button
        v-if="job"
        type="button"
        class="flat"
        :disabled="!store.view?.undo"
        :title="store.view?.undo ? `Undo: ${store.view.undo}` : 'Nothing to undo'"
        @click="store.undo()"
      >
        Undo
      </button>
      <button
        v-if="job"
        type="button"
        class="flat"
        :disabled="!store.view?.redo"
        :title="store.view?.redo ? `Redo: ${store.view.redo}` : 'Nothing to redo'"
        @click="store.redo()"
      >
        Redo
      </button>
      <button type="button" class="flat" @click="prefs.turnTheme()">Light / dark</button>
      <button type="button" class="flat find" @click="palette">Find or do <kbd>Ctrl K</kbd></button>
      <span v-if="job" class="saved" role="status">{{ saved }}</span>
      <FrameMenu :job="job" />
    </div>
  </header>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  gap: 20px;
  min-height: 40px;
  padding: 0 20px;
  border-bottom: 1px solid var(--rule);
}
.mark {
  display: flex;
  align-items: center;
  gap: 8px;
  font: 600 21px/1 var(--f-label);
  letter-spacing: 0.02em;
  text-decoration: none;
}
.job {
  border: 0;
  background: none;
  cursor: pointer;
  text-align: left;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  min-width: 0;
  padding: 4px 0;
}
.job b {
  font-weight: 650;
}
.job span {
  margin-left: 12px;
}
.r {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 18px;
  font: 500 15px/1 var(--f-label);
  color: var(--ink2);
  white-space: nowrap;
}
.flat {
  text-decoration: none;
  border: 0;
  background: none;
  color: inherit;
  cursor: pointer;
  padding: 6px 0;
}
.flat:hover:not(:disabled) {
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 3px;
}
.flat:disabled {
  cursor: default;
  color: var(--rule2);
  font-style: italic;
}
.saved {
  min-width: 66px;
  text-align: right;
}
@media (max-width: 900px) {
  .find,
  .flat,
  .job span {
    display: none;
  }
  .top {
    gap: 12px;
    padding: 4px 12px;
  }
}
</style>
