<script setup lang="ts">
/** One row of the crosswalk: the wires of both sides, and what happens between. */
import { isWhole, lineWords, worstOf, type CircuitRow } from "@trevin/core";
import { ROW_HEIGHT } from "./rowHeight.ts";
import { computed } from "vue";
import HazardTag from "../parts/HazardTag.vue";
import LinkLine from "../parts/LinkLine.vue";
import CircuitEnds from "./CircuitEnds.vue";
import CircuitPlugs from "./CircuitPlugs.vue";

const props = defineProps<{
  row: CircuitRow;
  selected: boolean;
  marked: boolean;
  several: boolean;
  narrow: boolean;
  byColour: string;
  shared: ReadonlySet<string>;
}>();
const emit = defineEmits<{ mark: [] }>();
const worst = computed(() => worstOf(props.row, props.shared));
const isOpen = computed(() => props.row.decision === null);
const mirrored = computed(
  () =>
    props.row.vehicle.length === 0 &&
    props.row.act !== "feed" &&
    (props.row.act !== "undecided" || props.row.alone?.proposal !== "feed"),
);
const line = computed(() => lineWords(props.row));
const isHere = computed(() => !props.row.vehicle.length || !props.row.incoming.length);
</script>

<template>
  <div class="row" :class="{ on: selected, open: isOpen, marked, several }">
    <CircuitEnds
      :pins="row.vehicle"
      :none="row.act === 'jumper' || row.act === 'shift' ? '' : 'nothing on the vehicle'"
    />
    <CircuitPlugs
      :pins="row.vehicle"
      side="vehicle"
      :selected="selected"
      :several="several"
      :narrow="narrow"
    />
    <LinkLine
      :act="row.act"
      :sure="row.sure"
      :words="line.above"
      :under="line.below"
      :width="narrow ? 66 : 132"
      :mirrored="mirrored"
      :device="row.device"
      :whole="isWhole(row)"
      :left="row.act === 'jumper' ? Math.max(row.vehicle.length, row.incoming.length) : row.vehicle.length"
      :right="row.incoming.length"
      :row-height="ROW_HEIGHT"
      :class="{ suggested: isOpen && !isHere }"
    />
    <CircuitPlugs
      :pins="row.incoming"
      side="incoming"
      :selected="selected"
      :several="several"
      :narrow="narrow"
    />
    <CircuitEnds
      :pins="row.incoming"
      :none="row.act === 'jumper' || row.act === 'shift' ? '' : 'nothing on the incoming side'"
    />
    <span class="sure lab" :class="row.sure">{{ row.alone ? "" : row.sure }}</span>
    <span v-if="byColour" class="state lab colour">{{ byColour }}</span>
    <span v-else class="state"
      ><HazardTag v-if="worst" :severity="worst.severity" /><span
        v-if="isOpen"
        class="undecided lab"
        :class="{ small: worst }"
        >undecided</span
      ><span v-else-if="!worst" class="lab mut">decided</span></span
    >
    <span
      class="mark"
      :class="{ marked }"
      title="Select this circuit (Space)"
      aria-hidden="true"
      @click.stop="emit('mark')"
    />
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 104px 134px 112px minmax(0, 1fr) 40px 78px 18px;
  gap: 4px;
  align-items: center;
  height: 100%;
  border-bottom: 1px solid var(--rule);
  padding: 0 4px 0 8px;
  cursor: pointer;
}
.row.several {
  grid-template-columns: minmax(0, 1fr) 134px 134px 134px minmax(0, 1fr) 40px 78px 18px;
}
.row.on {
  background: var(--sheet);
  outline: 2.5px solid var(--ink);
  outline-offset: -2px;
  border-color: transparent;
}
.row.marked {
  background: var(--well);
}
.row > .link {
  justify-self: center;
}
.suggested :deep(svg) {
  opacity: 0.75;
}
.sure {
  color: var(--ink2);
  justify-self: start;
}
.sure.check {
  border-bottom: 2px dashed var(--ink);
}
.sure.guess {
  border-bottom: 2.5px dotted var(--ink);
}
.sure.check,
.sure.guess {
  color: var(--ink);
  font-weight: 600;
}
.undecided {
  border: 1.5px dashed var(--ink);
  padding: 0 5px;
  line-height: 18px;
  height: 21px;
  display: inline-block;
  font-weight: 600;
}
.undecided.small {
  border: 0;
  padding: 0;
  height: 13px;
  line-height: 13px;
  font-size: 13px;
  font-weight: 500;
  color: var(--ink2);
}
.state {
  justify-self: start;
  display: grid;
  justify-items: start;
}
.colour {
  white-space: normal;
  line-height: 15px;
}
.mark {
  width: 16px;
  height: 16px;
  border: 1.5px solid var(--rule2);
  border-radius: 2px;
  cursor: pointer;
}
.mark.marked {
  border-color: var(--ink);
  background: var(--ink);
  box-shadow: inset 0 0 0 2.5px var(--sheet);
}
@media (max-width: 1000px) {
  .row {
    grid-template-columns: minmax(0, 1fr) 84px 68px 84px minmax(0, 1fr) 78px 18px;
  }
  .row.several {
    grid-template-columns: minmax(0, 1fr) 108px 68px 108px minmax(0, 1fr) 78px 18px;
  }
  .row > .sure {
    display: none;
  }
}
@media (max-width: 620px) {
  .row,
  .row.several {
    grid-template-columns: minmax(0, 1fr) 38px 58px 38px minmax(0, 1fr);
    padding: 0 2px;
  }
  .row > .state,
  .row > .mark {
    display: none;
  }
}
</style>
