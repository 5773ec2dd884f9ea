<script setup lang="ts">
/** Below the list: what blocks the worklist, or what can be done to all selected circuits. */
import { blockWords, pinNamer, type Analysis, type Block, type Connector, type Dossier } from "@trevin/core";
import { computed } from "vue";
import PartBehind from "../parts/PartBehind.vue";
import { colourVerdict } from "./colourVerdict.ts";

const props = defineProps<{
  marked: number;
  canTake: boolean;
  blocks: readonly Block[];
  undecided: number;
  /** The plug whose part is asked about, or null. */
  question: Connector | null;
  verdict: Analysis["verdict"];
  dossier: Dossier;
}>();
const emit = defineEmits<{
  take: [];
  cap: [];
  leave: [];
  reject: [];
  takeBack: [];
  unmark: [];
  goBlock: [block: Block];
  nextBlock: [];
}>();
const name = computed(() => pinNamer(props.dossier));
const others = computed(() => props.blocks.filter(({ code }) => code !== "counterpart"));
/** The blockers that are named; the question about a part takes their place. */
const named = computed(() => (props.question ? [] : others.value.slice(0, 2)));
const more = computed(() => props.blocks.length - (props.question ? 1 : named.value.length));
</script>

<template>
  <footer class="blocks">
    <template v-if="marked > 0">
      <p>
        <b class="big">{{ marked }} selected</b>
      </p>
      <button type="button" class="btn pri" :disabled="!canTake" @click="emit('take')">
        Accept <kbd>Enter</kbd></button
      ><button type="button" class="btn quiet" @click="emit('cap')">Cap <kbd>X</kbd></button
      ><button type="button" class="btn quiet" @click="emit('leave')">Leave <kbd>L</kbd></button>
      <button type="button" class="btn quiet" @click="emit('reject')">Never join these <kbd>R</kbd></button
      ><button type="button" class="btn quiet" @click="emit('takeBack')">Clear decisions <kbd>⌫</kbd></button
      ><button type="button" class="btn quiet" @click="emit('unmark')">Clear <kbd>Esc</kbd></button>
    </template>
    <template v-else>
      <p v-if="blocks.length === 0">
        <b class="big">No blockers</b><br /><RouterLink :to="{ name: 'worklist' }">Go to Worklist</RouterLink>
      </p>
      <template v-else>
        <p>
          <b class="big">{{ blocks.length }} {{ blocks.length === 1 ? "blocker" : "blockers" }}</b
          >{{ " " }}<kbd>B</kbd><br /><span class="mut lab"
            >{{ undecided }} {{ undecided === 1 ? "pin" : "pins" }} undecided</span
          >
        </p>
        <PartBehind v-if="question" :connector="question" :dossier="dossier" keyed brief />
        <button
          v-for="(block, i) in named"
          :key="i"
          type="button"
          class="link lab"
          @click="emit('goBlock', block)"
        >
          {{ blockWords(block, name) }}
        </button>
        <button v-if="more > 0" type="button" class="link lab more" @click="emit('nextBlock')">
          and {{ more }} more
        </button>
      </template>
      <p v-if="verdict.length > 0" class="verdict lab">
        <b>By colour alone</b>, {{ colourVerdict(verdict) }}
      </p>
    </template>
  </footer>
</template>

<style scoped>
.blocks {
  background: var(--bench);
  border-top: 2px solid var(--ink);
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 8px;
  min-height: 56px;
}
.blocks > p:first-child {
  flex: none;
}
.blocks .link {
  text-align: left;
  overflow: hidden;
  text-overflow: ellipsis;
  max-height: 32px;
}
.blocks .more {
  white-space: nowrap;
  flex: none;
}
.big {
  font: 600 18px/22px var(--f-label);
}
.verdict {
  margin-left: auto;
  flex: 0 1 auto;
  min-width: 160px;
  line-height: 17px;
  color: var(--ink2);
}
.verdict b {
  color: var(--ink);
  font-weight: 600;
}
@media (max-width: 1000px) {
  .blocks {
    flex-wrap: wrap;
    position: sticky;
    bottom: 0;
    z-index: 2;
  }
  .verdict {
    margin-left: 0;
    max-width: none;
    flex: 1;
  }
}
</style>
