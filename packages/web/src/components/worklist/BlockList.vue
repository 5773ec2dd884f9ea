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
</script>

<template>
  <h2>{{ blocks.length }} {{ blocks.length === 1 ? "item blocks" : "items block" }} the worklist</h2>
  <ul class="blocks">
    <li v-for="(block, i) in blocks.slice(0, 8)" :key="i">
      <PartBehind
        v-if="block.code === 'counterpart' && plugOf(block.connector)"
        :connector="plugOf(block.connector)!"
      />
      <RouterLink v-else-if="block.code !== 'broken'" :to="wayOfBlock(block)">{{
        words(block)
      }}</RouterLink><b v-else>{{ words(block) }}</b>
    </li>
    <li v-if="blocks.length > 8" class="mut">and {{ blocks.length - 8 }} more</li>
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
