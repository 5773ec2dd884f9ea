<script setup lang="ts">
/** What becomes of what a plug of the vehicle goes into, a part or a plug of another loom: asked once for each, never guessed. */
import { computed } from "vue";
import { counterpartIn, mateOf, type Connector, type Counterpart, type Dossier } from "@trevin/core";
import { useWorklistEdits } from "../../composables/useWorklistEdits.ts";

const props = defineProps<{
  connector: Connector;
  dossier: Dossier;
  /** Without what the answer means. */
  brief?: boolean;
  /** Whether the view answers to the keys. */
  keyed?: boolean;
}>();
const { setCounterpart } = useWorklistEdits();
const now = computed(() => counterpartIn(props.dossier, props.connector));
const mate = computed(() => mateOf(props.dossier, props.connector)?.name ?? null);
interface Choice {
  readonly value: Counterpart;
  readonly label: string;
  readonly keys: string;
  readonly means: string;
}
const choices = computed((): readonly Choice[] => [
  {
    value: "stays",
    label: "It stays",
    keys: "Z",
    means: "Its wires stay whole: a module is tapped onto them.",
  },
  {
    value: "leaves",
    label: "It is taken away",
    keys: "G",
    means:
      mate.value === null
        ? "Its plug comes off and stays off; its wires are free."
        : `${mate.value} goes away with its loom; the wires of ${props.connector.name} are free.`,
  },
  // Of two plugs that meet, a new one is listed as what it is: a plug of the other side.
  ...(mate.value === null
    ? [
        {
          value: "comes" as const,
          label: "A new one comes",
          keys: "V",
          means: "The plug goes onto a new part: say what each of its wires does there.",
        },
      ]
    : []),
]);
const means = computed(() => choices.value.find(({ value }) => value === now.value)?.means ?? "");
const choose = (value: Counterpart): void =>
  void setCounterpart(props.connector.id, now.value === value ? null : value);
</script>

<template>
  <div class="behind" role="group" :aria-label="`${mate ?? 'The part'} behind ${connector.name}`">
    <span class="ask"
      ><b>{{ connector.name }}</b
      >: does {{ mate ?? "the part" }} behind it stay?</span
    >
    <span class="choices"
      ><button
        v-for="one in choices"
        :key="one.value"
        type="button"
        class="btn"
        :class="{ quiet: now !== one.value }"
        :aria-pressed="now === one.value"
        @click="choose(one.value)"
      >
        {{ one.label }} <kbd v-if="keyed">{{ one.keys }}</kbd>
      </button></span
    >
    <span v-if="!brief && means" class="lab mut">{{ means }}</span>
  </div>
</template>

<style scoped>
.behind {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.btn[aria-pressed="true"] {
  background: var(--ink);
  color: var(--sheet);
}
</style>
