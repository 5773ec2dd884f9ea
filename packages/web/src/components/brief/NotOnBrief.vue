<script setup lang="ts">
/** Functions of the incoming part that are not on the brief yet, in the words of its table. */
import { computed } from "vue";
import { allPins, readFunction, type BriefItem, type BriefLine, type Dossier } from "@trevin/core";

const props = defineProps<{ dossier: Dossier; lines: readonly BriefLine[] }>();
const emit = defineEmits<{ add: [items: readonly BriefItem[]] }>();
const unasked = computed(() => {
  const asked = new Set(props.lines.flatMap(({ pins }) => pins.map(({ pin }) => pin.id)));
  const found = allPins(props.dossier).filter(
    ({ pin, connector }) =>
      connector.side === "incoming" &&
      pin.content === "occupied" &&
      pin.function !== "" &&
      !asked.has(pin.id),
  );
  return [
    ...new Set(
      found.flatMap(({ pin }) => {
        const { thing } = readFunction(pin.function, props.dossier.words);
        return thing?.vital === true || thing?.name === "spare" ? [] : [pin.function];
      }),
    ),
  ];
});
const add = (all: readonly string[]): void =>
  emit(
    "add",
    all.map((text) => ({ id: crypto.randomUUID(), kind: "function", text, kept: true, pins: [] })),
  );
</script>

<template>
  <aside class="right" aria-label="What the incoming part can do">
    <h2>Not on the brief</h2>
    <p v-if="unasked.length === 0" class="mut">
      {{
        lines.length === 0
          ? "The functions of the incoming part appear here once its pin table is in."
          : "Every function of the incoming part is on the brief."
      }}
    </p>
    <template v-else>
      <p class="why">Functions of the incoming part. A brief item that nothing serves blocks the worklist.</p>
      <button type="button" class="btn" @click="add(unasked)">Add all {{ unasked.length }}</button>
      <ul>
        <li v-for="words in unasked.slice(0, 40)" :key="words">
          <span>{{ words }}</span><button
            type="button"
            class="btn quiet"
            :aria-label="`Add ${words}`"
            @click="add([words])"
          >
            Add
          </button>
        </li>
      </ul>
    </template>
  </aside>
</template>

<style scoped>
.right {
  border-left: 1px solid var(--ink);
  padding: 12px 20px 20px 16px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.right > .btn {
  align-self: start;
}
.right li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  border-bottom: 1px solid var(--rule);
  min-height: 36px;
}
.right li .btn {
  min-height: 28px;
  font-size: 14px;
  padding: 0 9px;
}
@media (max-width: 1000px) {
  .right {
    border-left: 0;
    border-top: 2px solid var(--ink);
  }
}
</style>
