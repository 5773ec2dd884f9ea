<script setup lang="ts">
/** One step of the worklist in a line: tick, number, verb, wire, cavity, words, what to mind, minutes. */
import { whereLine } from "@trevin/core";
import type { ShownStep } from "../../composables/usePlan.ts";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

defineProps<{
  shown: ShownStep;
  selected: boolean;
  mark: "new" | "moved" | "changed" | null;
  twins: readonly string[];
  evening: boolean;
}>();
const emit = defineEmits<{ pick: [] }>();
</script>

<template>
  <li :class="[shown.state, { selected, evening }]" :data-step="shown.step.id">
    <button type="button" class="row" :aria-current="selected || undefined" @click="emit('pick')">
      <i class="box" :class="shown.state" role="img" :aria-label="shown.state" />
      <span class="n">{{ shown.number }}</span>
      <b class="verb">{{ shown.words.verb }}</b>
      <span class="wire"
        ><DrawnWire v-if="shown.step.wire" :colour="shown.colour" :size="shown.size" :length="54"
      /></span>
      <span class="what"
        ><CavityLabel v-if="shown.at" :label="shown.at.pin.cavity" /> {{ shown.words.object
        }}<template v-if="shown.code"
          >{{ " " }}<span class="code">{{ shown.code }}</span></template
        ><template v-if="shown.words.where">, {{ whereLine(shown.words) }}</template></span
      >
      <span class="flag lab"
        ><b v-if="mark" class="mark">{{ mark }}</b
        ><u v-else-if="shown.step.kind === 'check'">check first</u
        ><template v-else-if="twins.length">twin {{ twins.join(", ") }} stays in</template></span
      >
      <span class="min">{{ shown.step.minutes }}</span>
    </button>
    <p v-if="evening" class="night lab">session ends here</p>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 20px 30px 92px 62px minmax(0, 1fr) 108px 26px;
  gap: 6px;
  align-items: center;
  min-height: 25px;
  width: 100%;
  text-align: left;
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  cursor: pointer;
}
.selected .row {
  background: var(--sheet);
  box-shadow:
    -6px 0 0 var(--sheet),
    inset 3px 0 0 var(--ink);
}
.box {
  width: 16px;
  height: 16px;
  border: 1.6px solid var(--ink);
  border-radius: 2px;
  background: var(--sheet);
  position: relative;
  margin-left: 4px;
}
.box.done::after {
  content: "";
  position: absolute;
  left: 3px;
  top: -3px;
  width: 6px;
  height: 12px;
  border: solid var(--ink);
  border-width: 0 2.4px 2.4px 0;
  transform: rotate(40deg);
}
.box.skipped::after {
  content: "";
  position: absolute;
  left: 2px;
  right: 2px;
  top: 6px;
  border-top: 2px dashed var(--ink);
}
.n {
  font: 700 14px/1 var(--f-text);
  text-align: right;
  padding-right: 8px;
}
.verb {
  font-weight: 650;
}
.what {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.selected .what {
  white-space: normal;
}
.what .cav {
  height: 20px;
  min-width: 26px;
  font-size: 13px;
  margin-right: 4px;
  vertical-align: middle;
}
.done .what,
.done .verb {
  text-decoration: line-through;
  color: var(--ink2);
}
.skipped .what {
  font-style: italic;
  color: var(--ink2);
}
.flag {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.flag u {
  text-decoration: none;
  border-bottom: 2.5px dotted var(--ink);
  font-weight: 600;
}
.mark {
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  padding: 0 5px;
  font-weight: 600;
}
.min {
  font: 700 15px/1 var(--f-text);
  text-align: right;
}
.night {
  border-bottom: 3px double var(--ink);
  margin: 2px 0 8px 60px;
  padding-bottom: 2px;
  color: var(--ink2);
}
@media (max-width: 700px) {
  .row {
    grid-template-columns: 22px 26px 78px minmax(0, 1fr) 24px;
    padding: 4px 0;
  }
  .wire,
  .flag {
    display: none;
  }
  .what {
    white-space: normal;
  }
}
@media print {
  .row {
    min-height: 0;
    padding: 1px 0;
  }
  .what {
    white-space: normal;
  }
  .selected .row {
    box-shadow: none;
    background: none;
  }
}
</style>
