<script setup lang="ts">
/** The lines of a table as they were understood, doubtful ones first. */
import { computed, ref } from "vue";
import {
  canGoIn,
  colourInWords,
  likelyClass,
  mayBeOther,
  readRows,
  servesWords,
  lineProblemWords,
  parseColour,
  type ColourSystem,
  type Overwritten,
  type TableLine,
} from "@trevin/core";
import { isDoubtfulLine } from "./doubtfulLine.ts";
import ReadText from "../parts/ReadText.vue";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

const props = defineProps<{
  lines: readonly TableLine[];
  system: ColourSystem;
  /** What each line writes over, by its number. */
  lost: ReadonlyMap<number, readonly Overwritten[]>;
}>();
const lostWords = (line: TableLine): string =>
  (props.lost.get(line.line) ?? []).map(({ fact, before }) => `${fact} was ${before}`).join("; ");
const LIMIT = 300;
/** What cannot go in first, then what is doubtful. */
const rank = (line: TableLine): number => {
  if (!canGoIn(line)) return 0;
  if (props.lost.has(line.line)) return 1;
  return isDoubtfulLine(line) ? 2 : 3;
};
/** How well each function is understood, in the light of the whole table; asked for, the worst come first. */
const worstFirst = ref(false);
const readings = computed(() => {
  const read = readRows(props.lines);
  return new Map(props.lines.map((line, i) => [line.line, read[i]]));
});
const understood = (line: TableLine): number => {
  const meaning = readings.value.get(line.line);
  if (meaning === undefined || line.function === "" || line.content === "empty") return 1;
  if (meaning.things.length === 0 && meaning.signal === "unknown") return 0;
  return meaning.understood - (mayBeOther(meaning) ? 0.3 : 0) - (meaning.certain < 0.6 ? 0.2 : 0);
};
const sorted = computed(() =>
  [...props.lines]
    .sort((a, b) => (worstFirst.value ? understood(a) - understood(b) : rank(a) - rank(b)))
    .slice(0, LIMIT),
);
function shortLabel(label: string): string {
  if (label === "") return "?";
  return label.length > 12 ? `${label.slice(0, 9)}…` : label;
}
const readAs = (line: TableLine): string => {
  const meaning = readings.value.get(line.line);
  if (meaning === undefined) return "";
  const words = servesWords(meaning);
  if (words !== "") return `read as ${words}`;
  return meaning.signal === "unknown" ? "not understood" : "";
};
const readSignal = (line: TableLine): string => {
  const meaning = readings.value.get(line.line);
  const signal = meaning === undefined ? "unknown" : likelyClass(meaning);
  return signal === "unknown" ? "" : signal;
};
const colour = (line: TableLine) => {
  const read = parseColour(line.colour, line.colourSystem ?? props.system);
  return read.ok ? read.value : null;
};
const wireWords = (line: TableLine): string => {
  const read = colour(line);
  return read === null ? line.colour : colourInWords(read);
};
const looks = (line: TableLine): string =>
  line.problems
    .filter((one) => one.weight !== "mark")
    .map(lineProblemWords)
    .join("; ");
const marks = (line: TableLine): string =>
  line.problems
    .filter((one) => one.weight === "mark")
    .map(lineProblemWords)
    .join("; ");
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="Lines read">
    <table>
      <thead>
        <tr>
          <th>line</th>
          <th>as pasted</th>
          <th>cavity</th>
          <th>wire</th>
          <th>
            function
            <button type="button" class="link" :aria-pressed="worstFirst" @click="worstFirst = !worstFirst">
              {{ worstFirst ? "back to what needs a look" : "least understood first" }}
            </button>
          </th>
          <th>signal</th>
          <th class="num">mm²</th>
          <th class="look">to look at</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in sorted" :key="line.line" :class="{ bad: !canGoIn(line) }">
          <td class="code mut">{{ line.line }}</td>
          <td class="raw code" :title="line.raw">{{ line.raw.replaceAll("\t", " ¦ ") }}</td>
          <td>
            <CavityLabel
              :label="shortLabel(line.cavity)"
              :state="!canGoIn(line) || line.content === 'empty' ? 'off' : 'plain'"
            />
          </td>
          <td class="wire">
            <template v-if="line.colour"
              ><DrawnWire :colour="colour(line)" :size="line.size" :length="52" />
              {{ wireWords(line) }}</template
            >
          </td>
          <td class="fn">
            <template v-if="line.content === 'empty'">empty</template
            ><ReadText v-else :text="line.function" :unread="readings.get(line.line)?.unread ?? []" /><small
              v-if="line.content !== 'empty' && line.function"
              class="mut"
              >{{ readAs(line) }}</small
            >
          </td>
          <td class="lab sig">
            <template v-if="line.signal">{{ line.signal }}</template><span v-else class="mut">{{
              readSignal(line)
            }}</span>
          </td>
          <td class="num code">{{ line.size ?? "" }}</td>
          <td class="lab">
            <b v-if="!canGoIn(line)">not added: </b
            ><b v-if="lostWords(line)" class="lost">{{ lostWords(line) }}</b
            >{{ lostWords(line) && looks(line) ? "; " : ""
            }}<span :class="{ doubt: isDoubtfulLine(line) && canGoIn(line) }">{{ looks(line) }}</span
            ><span v-if="marks(line)" class="mut">{{ looks(line) ? "; " : "" }}{{ marks(line) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="lines.length > LIMIT" class="why">
      The first {{ LIMIT }} of {{ lines.length }} are shown, doubtful ones first; every line that is
      understood is added.
    </p>
  </div>
</template>

<style scoped>
.fn small {
  display: block;
  font-size: 12px;
  line-height: 15px;
  font-weight: 450;
  white-space: normal;
}
.scroll {
  overflow: auto;
  max-height: calc(100vh - 330px);
  min-height: 180px;
  border-bottom: 1px solid var(--ink);
}
th {
  padding: 3px 8px 3px 0;
  border-bottom: 1px solid var(--ink);
  position: sticky;
  top: 0;
  background: var(--bench);
}
td {
  padding: 0 8px 0 0;
  height: 27px;
  border-bottom: 1px solid var(--rule);
}
.raw {
  max-width: 96px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: pre;
}
.wire {
  white-space: nowrap;
  font-size: 13.5px;
}
.wire svg {
  display: inline-block;
  vertical-align: middle;
  margin-right: 6px;
}
.fn {
  font-weight: 650;
  max-width: 150px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.look {
  min-width: 158px;
}
.sig {
  white-space: nowrap;
}
.doubt {
  border-bottom: 2px dotted var(--ink);
}
.num {
  text-align: right;
}
tr.bad td {
  background: var(--sheet);
}
tr.bad td:first-child {
  box-shadow: inset 5px 0 0 var(--ink);
  padding-left: 10px;
}
</style>
