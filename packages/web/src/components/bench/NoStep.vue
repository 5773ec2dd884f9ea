<script setup lang="ts">
/** The bench without a step to show: blocked, nothing to do, or every step done. */
import { blockWords, pinNamer, type Block, type Dossier } from "@trevin/core";
import { computed } from "vue";
import { wayOfBlock } from "../worklist/wayOfBlock.ts";

const props = defineProps<{
  blocks: readonly Block[];
  dossier: Dossier;
  steps: number;
  canGoBack: boolean;
}>();
const emit = defineEmits<{ back: [] }>();
const name = computed(() => pinNamer(props.dossier));
</script>

<template>
  <main v-if="blocks.length" class="start">
    <h1>{{ blocks.length }} {{ blocks.length === 1 ? "item blocks" : "items block" }} the worklist</h1>
    <p>The bench opens once every pin has a decision. Everything recorded so far is kept.</p>
    <ul>
      <li v-for="(block, i) in blocks.slice(0, 8)" :key="i">
        <RouterLink :to="wayOfBlock(block)">{{ blockWords(block, name) }}</RouterLink>
      </li>
      <li v-if="blocks.length > 8">and {{ blocks.length - 8 }} more</li>
    </ul>
    <RouterLink class="btn pri tall" :to="{ name: 'crosswalk' }">Go to Crosswalk</RouterLink>
  </main>
  <main v-else class="start">
    <h1>{{ steps === 0 ? "Nothing to do" : "Every step is done" }}</h1>
    <p>
      {{
        steps === 0
          ? "No decision changes a wire."
          : "The ledger shows what was done and the pin tables as built."
      }}
    </p>
    <p>
      <RouterLink class="btn pri tall" :to="{ name: 'ledger' }">Go to Ledger</RouterLink>{{ " "
      }}<button v-if="canGoBack" type="button" class="btn tall" @click="emit('back')">Undo last step</button>
    </p>
  </main>
</template>

<style scoped src="./around.css"></style>
<style scoped>
.start ul {
  display: grid;
  gap: 4px;
}
.start li a {
  display: inline-block;
  min-height: 26px;
  line-height: 26px;
}
.start li::before {
  content: "– ";
}
</style>
