<script setup lang="ts">
/** What becomes of the part that a plug of the vehicle goes into: asked once for each connector, never guessed. */
import { computed } from "vue";
import { counterpartOf, type Connector, type Counterpart } from "@trevin/core";
import { useWorklistEdits } from "../../composables/useWorklistEdits.ts";

const props = defineProps<{
  connector: Connector;
  /** Without what the answer means. */
  brief?: boolean;
  /** Whether the view answers to the keys. */
  keyed?: boolean;
}>();
const { edits, setCounterpart } = useWorklistEdits();
const now = computed(() => counterpartOf(edits.value, props.connector.id));
const CHOICES: readonly {
  readonly value: Counterpart;
  readonly label: string;
  readonly keys: string;
  readonly means: string;
}[] = [
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
    means: "Its plug comes off and stays off; its wires are free.",
  },
];
const means = computed(() => CHOICES.find(({ value }) => value === now.value)?.means ?? "");
const choose = (value: Counterpart): void =>
  void setCounterpart(props.connector.id, now.value === value ? null : value);
</script>

<template>
  <div class="behind" role="group" :aria-label="`The part behind ${connector.name}`">
    <span class="ask"
      ><b>{{ connector.name }}</b
      >: does the part behind it stay?</span
    >
    <span class="choices"
      ><button
        v-for="one in CHOICES"
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
  gap: 6px;
}
.btn[aria-pressed="true"] {
  background: var(--ink);
  color: var(--sheet);
}
</style>
