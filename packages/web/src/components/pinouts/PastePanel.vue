<script setup lang="ts">
/** What a pasted table became, before anything is stored: doubtful lines first, nothing lost. */
import { computed } from "vue";
import { COLOUR_SYSTEM_NAMES, colourInWords, lineProblemWords, parseColour, type ReadTable, type TableLine } from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

const props = defineProps<{ table: ReadTable; connector: string; existing: ReadonlySet<string>; busy: boolean }>();
const emit = defineEmits<{ take: []; drop: [] }>();

const isError = (line: TableLine): boolean => line.problems.some((problem) => problem.weight === "error");
const good = computed(() => props.table.lines.filter((line) => !isError(line)));
const bad = computed(() => props.table.lines.filter(isError));
const doubtful = computed(() => good.value.filter((line) => line.problems.length > 0));
const replaced = computed(() => good.value.filter((line) => props.existing.has(line.cavity)).length);
const LIMIT = 300;
const sorted = computed(() => [...bad.value, ...doubtful.value, ...good.value.filter((line) => line.problems.length === 0)].slice(0, LIMIT));
const colour = (line: TableLine) => {
  const read = parseColour(line.colour, props.table.system);
  return read.ok ? read.value : null;
};
const words = (line: TableLine): string => {
  const read = colour(line);
  return read === null ? line.colour : colourInWords(read);
};
const missing = computed(() => (["function", "colour"] as const).filter((field) => !props.table.columns.includes(field)));
</script>

<template>
  <section class="panel" aria-label="Pasted table">
    <header>
      <h2>Paste into {{ connector }}</h2>
      <p><b>{{ table.lines.length }}</b> lines read, <b>{{ good.length }}</b> understood<template v-if="bad.length">, <b>{{ bad.length }}</b> cannot go in</template><template v-if="doubtful.length">, <b>{{ doubtful.length }}</b> to look at</template><template v-if="replaced">, <b>{{ replaced }}</b> replace what is there</template></p>
      <span class="go"><button type="button" class="btn pri" :disabled="good.length === 0 || busy" @click="emit('take')">Put in {{ good.length }} <kbd>Enter</kbd></button>
      <button type="button" class="btn quiet" @click="emit('drop')">Drop it <kbd>Esc</kbd></button></span>
    </header>
    <p class="why">Colours read as {{ COLOUR_SYSTEM_NAMES[table.system] }}.<template v-if="missing.length"> No column looks like {{ missing.join(" or ") }}.</template></p>
    <div class="scroll" tabindex="0" role="region" aria-label="Lines read">
      <table>
        <thead><tr><th>line</th><th>as pasted</th><th>cavity</th><th>wire</th><th>function</th><th>signal</th><th class="num">mm²</th><th class="look">to look at</th></tr></thead>
        <tbody>
          <tr v-for="line in sorted" :key="line.line" :class="{ bad: isError(line) }">
            <td class="code mut">{{ line.line }}</td>
            <td class="raw code" :title="line.raw">{{ line.raw.replaceAll("\t", " ¦ ") }}</td>
            <td><CavityLabel :label="line.cavity === '' ? '?' : line.cavity.length > 12 ? `${line.cavity.slice(0, 9)}…` : line.cavity" :state="isError(line) || line.content === 'empty' ? 'off' : 'plain'" /></td>
            <td class="wire"><template v-if="line.colour"><DrawnWire :colour="colour(line)" :size="line.size" :length="52" /> {{ words(line) }}</template></td>
            <td class="fn">{{ line.content === "empty" ? "empty" : line.function }}</td>
            <td class="lab">{{ line.signal === "unknown" || line.signal === "none" ? "" : line.signal }}</td>
            <td class="num code">{{ line.size ?? "" }}</td>
            <td class="lab"><b v-if="isError(line)">not put in: </b>{{ line.problems.map(lineProblemWords).join("; ") }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="table.lines.length > LIMIT" class="why">The first {{ LIMIT }} of {{ table.lines.length }} are shown, doubtful ones first; all that are understood go in.</p>
    </div>
  </section>
</template>

<style scoped>
.panel { border-top: 2px solid var(--ink); padding-top: 10px; display: grid; gap: 6px; }
header { display: flex; align-items: center; gap: 14px; flex-wrap: wrap; }
.go { margin-left: auto; display: flex; gap: 10px; }
.scroll { overflow: auto; max-height: 300px; }
th { padding: 3px 8px 3px 0; border-bottom: 1px solid var(--ink); position: sticky; top: 0; background: var(--bench); }
td { padding: 0 8px 0 0; height: 27px; border-bottom: 1px solid var(--rule); }
.raw { max-width: 150px; overflow: hidden; text-overflow: ellipsis; white-space: pre; }
.wire { white-space: nowrap; font-size: 13.5px; }
.wire svg { display: inline-block; vertical-align: middle; margin-right: 6px; }
.fn { font-weight: 650; max-width: 190px; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.look { min-width: 160px; }
.num { text-align: right; }
tr.bad td { background: var(--sheet); }
tr.bad td:first-child { box-shadow: inset 5px 0 0 var(--ink); padding-left: 10px; }
</style>
