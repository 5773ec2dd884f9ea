<script setup lang="ts">
/** Find or do: every command that is possible now, by typing a few letters of it. */
import { computed, nextTick, ref, watch } from "vue";
import Dialog from "primevue/dialog";
import { allCommands, keyWords, useCommands, type AppCommand } from "../../composables/useCommands.ts";

const open = ref(false);
const query = ref("");
const chosen = ref(0);
const input = ref<HTMLInputElement | null>(null);

const found = computed<readonly AppCommand[]>(() => {
  const words = query.value
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== "");
  return allCommands().filter(
    (command) =>
      command.id !== "palette" &&
      (command.enabled?.() ?? true) &&
      words.every((word) => command.title.toLowerCase().includes(word)),
  );
});
watch(query, () => (chosen.value = 0));

function show(): void {
  query.value = "";
  chosen.value = 0;
  open.value = true;
  void nextTick(() => input.value?.focus());
}
function run(command: AppCommand | undefined): void {
  if (command === undefined) return;
  open.value = false;
  void nextTick(() => command.run());
}
function onKey(event: KeyboardEvent): void {
  const step = Number(event.key === "ArrowDown") - Number(event.key === "ArrowUp");
  if (step !== 0) {
    event.preventDefault();
    chosen.value = Math.min(Math.max(chosen.value + step, 0), found.value.length - 1);
  } else if (event.key === "Enter") {
    event.preventDefault();
    run(found.value[chosen.value]);
  }
}
useCommands([{ id: "palette", title: "Find or do", keys: "Ctrl+K", run: show }]);
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    header="Find or do"
    :draggable="false"
    dismissable-mask
    @show="input?.focus()"
  >
    <input
      ref="input"
      v-model="query"
      autofocus
      class="inp"
      placeholder="Type what you want"
      role="combobox"
      aria-label="Type what you want"
      aria-expanded="true"
      aria-controls="palette-list"
      :aria-activedescendant="found[chosen] ? `cmd-${found[chosen]?.id}` : undefined"
      @keydown="onKey"
    />
    <ul id="palette-list" role="listbox" aria-label="Commands">
      <li
        v-for="(command, i) in found"
        :id="`cmd-${command.id}`"
        :key="command.id"
        role="option"
        :aria-selected="i === chosen"
        :class="{ on: i === chosen }"
        @click="run(command)"
        @mousemove="chosen = i"
      >
        <span>{{ command.title }}</span><kbd v-if="command.keys">{{ keyWords(command.keys ?? "") }}</kbd>
      </li>
      <li v-if="found.length === 0" class="mut none" role="option" aria-selected="false">
        No matching command.
      </li>
    </ul>
  </Dialog>
</template>

<style scoped>
ul {
  max-height: 50vh;
  overflow: auto;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 8px 10px;
  border-top: 1px solid var(--rule);
  cursor: pointer;
}
li.on {
  background: var(--well);
  box-shadow: inset 4px 0 0 var(--ink);
}
.none {
  cursor: default;
}
</style>
