<script setup lang="ts">
/** On a narrow screen everything that the top line has no room for: finding, undoing, the stages, and the ways out. */
import Dialog from "primevue/dialog";
import { ref } from "vue";
import { allCommands } from "../../composables/useCommands.ts";
import { useJob } from "../../stores/job.ts";
import { usePrefs } from "../../stores/prefs.ts";

defineProps<{ job: boolean }>();
const store = useJob();
const prefs = usePrefs();
const open = ref(false);
function run(id: string): void {
  open.value = false;
  void allCommands()
    .find((command) => command.id === id)
    ?.run();
}
const STAGES = ["brief", "pinouts", "crosswalk", "worklist", "bench", "ledger"] as const;
</script>

<template>
  <button type="button" class="btn menu" @click="open = true">Menu</button>
  <Dialog v-model:visible="open" modal header="Menu" :draggable="false" dismissable-mask>
    <div class="entries">
      <button type="button" class="btn" @click="run('what-wire')">What is this wire?</button>
      <button type="button" class="btn" @click="run('palette')">Find or do</button>
      <template v-if="job">
        <button type="button" class="btn" :disabled="!store.view?.undo" @click="run('undo')">
          Undo<span v-if="store.view?.undo" class="mut">: {{ store.view.undo }}</span>
        </button>
        <button type="button" class="btn" :disabled="!store.view?.redo" @click="run('redo')">
          Redo<span v-if="store.view?.redo" class="mut">: {{ store.view.redo }}</span>
        </button>
      </template>
      <RouterLink class="btn" :to="{ name: 'shelf' }" @click="open = false">Shelf</RouterLink>
      <button type="button" class="btn" @click="prefs.turnTheme()">Light / dark</button>
    </div>
    <nav v-if="job" class="entries two" aria-label="Stages of the job">
      <RouterLink
        v-for="stage in STAGES"
        :key="stage"
        class="btn"
        :to="{ name: stage }"
        @click="open = false"
        >{{ stage.charAt(0).toUpperCase() + stage.slice(1) }}</RouterLink
      >
    </nav>
    <RouterLink class="btn out" :to="{ name: 'jobs' }" @click="open = false">All jobs</RouterLink>
  </Dialog>
</template>

<style scoped>
.menu {
  display: none;
}
.entries {
  display: grid;
  gap: 8px;
  margin-bottom: 14px;
}
.two {
  grid-template-columns: 1fr 1fr;
}
.entries .btn,
.out {
  min-height: 56px;
  font-size: 18px;
  width: 100%;
}
@media (max-width: 900px) {
  .menu {
    display: inline-flex;
    min-height: 44px;
  }
}
</style>
