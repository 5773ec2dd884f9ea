<script setup lang="ts">
/** The visible list of shortcuts for what is on the screen now. */
import { computed, ref } from "vue";
import Dialog from "primevue/dialog";
import { allCommands, keyWords, useCommands } from "../../composables/useCommands.ts";

const open = ref(false);
const rows = computed(() =>
  open.value ? allCommands().filter((command) => command.keys !== undefined) : [],
);
useCommands([{ id: "shortcuts", title: "Show the shortcuts", keys: "?", run: () => (open.value = true) }]);
</script>

<template>
  <Dialog v-model:visible="open" modal header="Shortcuts here" :draggable="false" dismissable-mask>
    <dl>
      <template v-for="command in rows" :key="command.id"
        ><dt>
          <kbd>{{ keyWords(command.keys ?? "") }}</kbd>
        </dt>
        <dd>{{ command.title }}</dd></template
      >
    </dl>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  align-items: center;
}
</style>
