<script setup lang="ts">
/** What is known of a face: how it goes with another, what it can be taken for, cavities it lacks, its housing. */
import { computed } from "vue";
import {
  GENDER_WORDS,
  LOCK_WORDS,
  numberingWords,
  viewWords,
  type Connector,
  type Face,
  type PinId,
} from "@trevin/core";
import { shellLine } from "../../shells/draft.ts";

const props = defineProps<{
  connector: Connector;
  face: Face | null;
  selected: PinId | null;
  otherWords: string;
  mateWords: string;
  confusions: readonly string[];
  frozen: boolean;
}>();
const about = computed(() => {
  const shell = props.connector.shell;
  if (shell === null) return [];
  return [
    shellLine(shell),
    shell.standard,
    shell.pattern.kind === "rows" ? numberingWords(shell.pattern.numbering) : "",
    `labels printed for the ${viewWords(shell.view)}`,
    shell.gender === null ? "" : GENDER_WORDS[shell.gender],
    ...shell.locks.map((lock) => LOCK_WORDS[lock]),
  ].filter((part) => part !== "");
});
</script>

<template>
  <p v-if="otherWords" class="why">{{ otherWords }}</p>
  <p v-for="line in confusions.slice(0, 3)" :key="line" class="confused">{{ line }}</p>
  <p v-if="confusions.length > 3" class="why">
    And {{ confusions.length - 3 }} more: see Look-alikes in Pinouts.
  </p>
  <p v-if="mateWords && !otherWords" class="why">{{ mateWords }}</p>
  <p v-if="face && face.unplaced.length" class="bad">
    The housing has no cavity
    {{
      face.unplaced
        .slice(0, 8)
        .map((pin) => pin.cavity)
        .join(", ")
    }}{{ face.unplaced.length > 8 ? ` and ${face.unplaced.length - 8} more` : "" }}. Either the label or the
    housing is wrong.
  </p>
  <p class="why about">
    {{ about.join(" · ") || "Housing not known." }}
    <RouterLink
      v-if="!frozen"
      class="link no-print"
      :to="{ name: 'pinouts', query: { ...(selected ? { pin: selected } : {}), change: '1' } }"
      >{{ connector.shell ? "Change" : "Choose a housing" }}</RouterLink
    >
  </p>
</template>

<style scoped>
.confused,
.keep {
  font-size: 14px;
  padding: 4px 0 4px 12px;
  border-left: 6px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 2px, transparent 2px 5px) 6;
}
</style>
