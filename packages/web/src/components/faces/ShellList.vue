<script setup lang="ts">
/** The Shelf's shells, narrowed by ways, group and words. */
import { computed, ref } from "vue";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { SHELL_GROUPS, waysOf, type ShelfShell } from "@trevin/core";
import { walkOptions } from "../../composables/listArrows.ts";
import { shellLine } from "../../shells/draft.ts";
import { useShelf } from "../../stores/shelf.ts";
import ShellFace from "./ShellFace.vue";

const props = withDefaults(defineProps<{ chosen: string | null; ways?: number }>(), { ways: 0 });
const emit = defineEmits<{ choose: [shell: ShelfShell] }>();
const shelf = useShelf();
const text = ref(props.ways > 0 ? String(props.ways) : "");
const group = ref<string>("all");
const groups = [
  { value: "all", label: "All kinds" },
  { value: "own", label: "Custom" },
  ...SHELL_GROUPS.map((one) => ({ value: one, label: one })),
];
const shown = computed(() => {
  const words = text.value
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== "");
  return shelf.shells.filter(({ id, shell, group: of, note }) => {
    if (
      group.value === "own"
        ? !shelf.isOwnShell(id)
        : group.value !== "all" && (of !== group.value || shelf.isOwnShell(id))
    )
      return false;
    const about = `${shell.name} ${shell.standard} ${of} ${note}`.toLowerCase();
    return words.every((word) =>
      /^\d+$/.test(word)
        ? waysOf(shell) === Number(word) || about.includes(` ${word}`)
        : about.includes(word),
    );
  });
});
</script>

<template>
  <div class="list">
    <div class="tools">
      <InputText v-model="text" placeholder="16, round, ISO 7588" aria-label="Find a housing" /><Select
        v-model="group"
        :options="groups"
        option-label="label"
        option-value="value"
        aria-label="Kind of housing"
      />
    </div>
    <p class="why" role="status">{{ shown.length }} of {{ shelf.shells.length }} shells</p>
    <ul role="listbox" aria-label="Shells" tabindex="-1" @keydown="walkOptions">
      <li v-for="one in shown" :key="one.id" role="none">
        <button type="button" role="option" :aria-selected="one.id === chosen" @click="emit('choose', one)">
          <span class="thumb" aria-hidden="true"
            ><ShellFace
              v-if="one.shell.pattern.kind !== 'none'"
              :shell="one.shell"
              :hold="{ view: one.shell.view, grip: 'up' }"
              :width="112"
              :max-pitch="12"
              thumb
          /></span>
          <span class="what"
            ><b>{{ shellLine(one.shell) }}</b
            ><span class="mut">{{
              [shelf.isOwnShell(one.id) ? "custom" : one.group, one.shell.standard]
                .filter((part) => part !== "")
                .join(", ")
            }}</span></span
          >
          <span v-if="one.sure === 'check'" class="check lab">check</span>
        </button>
      </li>
    </ul>
    <p v-if="shown.length === 0" class="mut">
      No housing matches. Create it from its rows, offsets and labels.
    </p>
  </div>
</template>

<style scoped>
.list {
  display: grid;
  gap: 8px;
  grid-template-rows: auto auto minmax(0, 1fr);
  min-height: 0;
}
.tools {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 180px;
  gap: 8px;
}
ul {
  overflow: auto;
  min-height: 0;
  border-top: 1px solid var(--ink);
}
li button {
  display: grid;
  grid-template-columns: 116px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  width: 100%;
  min-height: 48px;
  padding: 4px 6px;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  text-align: left;
  cursor: pointer;
}
li button:hover {
  background: var(--sheet);
}
[aria-selected="true"] {
  background: var(--sheet);
  box-shadow: inset 5px 0 0 var(--ink);
  padding-left: 12px !important;
}
.thumb {
  display: block;
  max-height: 64px;
  overflow: hidden;
  pointer-events: none;
}
.what {
  display: grid;
}
.what b {
  font-weight: 650;
}
.what .mut {
  font-size: 13px;
}
.check {
  text-decoration: underline dashed 2px;
  text-underline-offset: 3px;
}
@media (max-width: 700px) {
  .tools {
    grid-template-columns: 1fr;
  }
}
</style>
