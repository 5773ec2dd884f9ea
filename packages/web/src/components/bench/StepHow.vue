<script setup lang="ts">
/** How the hand does this step at this terminal: the section with its numbers, and the order. */
import { computed, ref, watch } from "vue";
import { howTo, needsHow, type Connector, type PlacedPin, type StepKind } from "@trevin/core";
import { useShelf } from "../../stores/shelf.ts";
import TerminalSection from "../parts/TerminalSection.vue";

const props = defineProps<{ kind: StepKind; connector: Connector | null; wire: PlacedPin | null }>();
const shelf = useShelf();
const ways = computed(() => {
  const { connector, kind, wire } = props;
  const systems = shelf.terminals.filter(({ id }) => connector?.shell?.terminals.includes(id) === true);
  return howTo(kind, systems, wire?.pin.size ?? null);
});
const chosen = ref("");
watch(
  () => props.connector?.id,
  () => (chosen.value = ""),
);
const way = computed(
  () => ways.value.find(({ system }) => system.id === chosen.value) ?? ways.value[0] ?? null,
);
const isOpen = computed(() => props.connector !== null && needsHow(props.kind));
</script>

<template>
  <section v-if="way" class="how" :aria-label="way.title">
    <div v-if="ways.length > 1" class="which" role="group" aria-label="Terminal system">
      <button
        v-for="one in ways"
        :key="one.system.id"
        type="button"
        class="btn quiet"
        :aria-pressed="one === way"
        @click="chosen = one.system.id"
      >
        {{ one.system.name }}
      </button>
    </div>
    <h3 v-else>{{ way.system.name }}</h3>
    <TerminalSection :system="way.system" :act="way.act" />
    <ol :aria-label="way.title">
      <li v-for="(line, i) in way.lines" :key="line">
        <b>{{ i + 1 }}</b><span>{{ line }}</span>
      </li>
    </ol>
    <p v-if="kind === 'release'" class="mut">Tool: {{ way.system.tool }}. {{ way.system.cautions[0] }}</p>
  </section>
  <p v-else-if="isOpen" class="unsaid mut">
    Nobody has said which terminals are in {{ connector?.name }}.
    <RouterLink :to="{ name: 'shelf', params: { kind: 'terminals' } }">Find them on the Shelf</RouterLink> by
    what you see; the lock is nearly always of another colour than the shell.
  </p>
</template>

<style scoped>
.how {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 6px 20px;
  align-content: start;
}
.how > h3,
.how > .which,
.how > p {
  grid-column: 1 / -1;
}
@media (max-width: 699px) {
  .how {
    grid-template-columns: minmax(0, 1fr);
  }
}
h3 {
  font: 600 18px/22px var(--f-label);
}
.which {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.which .btn {
  min-height: 40px;
}
@media (max-width: 999px) {
  .which .btn {
    min-height: 56px;
  }
}
.which [aria-pressed="true"] {
  box-shadow: inset 0 -3px 0 var(--ink);
}
ol li {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr);
  gap: 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 17px;
  line-height: 23px;
}
ol b {
  font: 700 15px/22px var(--f-code);
  background: var(--ink);
  color: var(--on-ink);
  text-align: center;
  height: 22px;
}
</style>
