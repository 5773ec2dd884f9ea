<script setup lang="ts">
/** What blocks the worklist, each with its way to the circuit. */
import { computed } from "vue";
import {
  blockWords,
  faultWords,
  pinNamer,
  type Block,
  type Connector,
  type ConnectorId,
  type Dossier,
} from "@trevin/core";
import PartBehind from "../parts/PartBehind.vue";
import { wayOfBlock } from "./wayOfBlock.ts";

const props = defineProps<{ blocks: readonly Block[]; dossier: Dossier; stepName: (id: string) => string }>();
const name = computed(() => pinNamer(props.dossier));
const plugOf = (id: ConnectorId): Connector | undefined =>
  props.dossier.connectors.find((connector) => connector.id === id);
const words = (block: Block): string =>
  block.code === "broken"
    ? `This sequence fails: ${faultWords(block.fault, name.value, props.stepName)}`
    : blockWords(block, name.value);
/** Pins that are only undecided stand in one line, behind what has to be answered first. */
const undecided = computed(() => props.blocks.filter(({ code }) => code === "undecided"));
const single = computed(() =>
  undecided.value.length < 4 ? props.blocks : props.blocks.filter(({ code }) => code !== "undecided"),
);
const first = computed(() => undecided.value[0]);
</script>

<template>
  <h2>{{ blocks.length }} {{ blocks.length === 1 ? "item blocks" : "items block" }} the worklist</h2>
  <ul class="blocks">
    <li v-for="(block, i) in single.slice(0, 8)" :key="i">
      <PartBehind
        v-if="block.code === 'counterpart' && plugOf(block.connector)"
        :connector="plugOf(block.connector)!"
        :dossier="dossier"
      />
      <RouterLink v-else-if="block.code !== 'broken'" :to="wayOfBlock(block)">{{
        words(block)
      }}</RouterLink><b v-else>{{ words(block) }}</b>
    </li>
    <li v-if="single.length > 8" class="mut">and {{ single.length - 8 }} more</li>
    <li v-if="single !== blocks && first">
      <RouterLink :to="wayOfBlock(first)">{{ undecided.length }} pins are undecided</RouterLink>
    </li>
  </ul>
</template>

<style scoped>
.blocks {
  display: grid;
  gap: 4px;
  padding-bottom: 8px;
}
.blocks a,
.link {
  display: inline-block;
  min-height: 26px;
  line-height: 26px;
}
</style>
