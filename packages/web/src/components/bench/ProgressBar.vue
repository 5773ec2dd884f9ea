<script setup lang="ts">
/** One box per step, in groups; the present one framed. */
import { computed } from "vue";

interface Box {
  readonly id: string;
  readonly state: "open" | "done" | "skipped";
}
const props = defineProps<{
  groups: readonly { readonly id: string; readonly title: string; readonly boxes: readonly Box[] }[];
  current: string | null;
  titles: boolean;
}>();
const total = computed(() => props.groups.reduce((sum, group) => sum + group.boxes.length, 0));
const done = computed(() =>
  props.groups.reduce((sum, group) => sum + group.boxes.filter((box) => box.state !== "open").length, 0),
);
</script>

<template>
  <div
    class="bar"
    role="progressbar"
    :aria-valuenow="done"
    aria-valuemin="0"
    :aria-valuemax="total"
    aria-label="Steps done"
  >
    <div
      v-for="group in groups"
      :key="group.id"
      class="group"
      :class="{ on: group.boxes.some((box) => box.id === current) }"
      :style="{ flexGrow: group.boxes.length }"
    >
      <div class="boxes">
        <i v-for="box in group.boxes" :key="box.id" :class="[box.state, { now: box.id === current }]" />
      </div>
      <span v-if="titles" class="lab">{{ group.title }}</span>
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 10px;
}
.group {
  min-width: 0;
  flex-basis: 0;
}
.boxes {
  display: flex;
  gap: 2.5px;
  height: 22px;
  align-items: center;
}
i {
  flex: 1;
  min-width: 2px;
  height: 12px;
  border: 1px solid var(--rule2);
}
i.done {
  background: var(--ink);
  border-color: var(--ink);
}
i.skipped {
  background: repeating-linear-gradient(90deg, var(--ink) 0 2px, transparent 2px 4px);
}
i.now {
  height: 22px;
  border: 3px solid var(--ink);
  background: var(--sheet);
  min-width: 9px;
}
span {
  display: block;
  margin-top: 2px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  color: var(--ink2);
}
.on span {
  color: var(--ink);
  font-weight: 600;
  overflow: visible;
  position: relative;
  z-index: 1;
  width: max-content;
  padding-right: 8px;
  background: var(--bench);
}
.on + .group span {
  visibility: hidden;
}
@media (max-width: 900px) {
  .bar {
    gap: 5px;
  }
}
</style>
