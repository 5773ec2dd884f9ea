<script setup lang="ts">
/** One row of the crosswalk: the wires of both sides, and what happens between. */
import { computed } from "vue";
import { colourInWords, pinColour, type PlacedPin } from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";
import HazardTag from "../parts/HazardTag.vue";
import LinkLine from "../parts/LinkLine.vue";
import { lineWords, ROW_HEIGHT, worstOf, type WalkRow } from "./rows.ts";

const props = defineProps<{ row: WalkRow; selected: boolean; marked: boolean; several: boolean; narrow: boolean; byColour: string }>();
const emit = defineEmits<{ mark: [] }>();
const colour = (placed: PlacedPin) => pinColour(placed.pin, placed.connector);
const words = (placed: PlacedPin): string => {
  const read = colour(placed);
  return read === null ? "" : colourInWords(read);
};
const worst = computed(() => worstOf(props.row));
const isOpen = computed(() => props.row.decision === null);
const mirrored = computed(() => props.row.vehicle.length === 0 && props.row.act !== "feed" && (props.row.act !== "undecided" || props.row.alone?.proposal !== "feed"));
const line = computed(() => lineWords(props.row));
const isHere = computed(() => !props.row.vehicle.length || !props.row.incoming.length);
const sides = computed(() => [
  { pins: props.row.vehicle, side: "vehicle", none: props.row.act === "jumper" ? "" : "nothing on the vehicle" },
  { pins: props.row.incoming, side: "incoming", none: props.row.act === "jumper" ? "" : "nothing on the incoming side" },
] as const);
</script>

<template>
  <div class="row" :class="{ on: selected, open: isOpen, marked, several }">
    <template v-for="{ pins, side, none } in sides" :key="side">
      <div v-if="side === 'vehicle'" class="ends">
        <div v-for="placed in pins" :key="placed.pin.id" class="end">
          <b>{{ placed.pin.function || "no function noted" }}</b>
          <span class="lab" :title="`${placed.pin.colour} ${words(placed)} ${placed.pin.size ?? ''} ${placed.pin.signal}`"><span class="code">{{ placed.pin.colour }}</span> {{ words(placed) }} <em>{{ placed.pin.size ?? "" }}</em> {{ placed.pin.signal }}</span>
        </div>
        <span v-if="pins.length === 0" class="mut none">{{ none }}</span>
      </div>
      <span v-if="side === 'incoming'" class="wires"><span v-for="placed in pins" :key="placed.pin.id" class="wire"><DrawnWire :colour="colour(placed)" :size="placed.pin.size" :length="narrow ? 44 : 60" end="left" /></span></span>
      <span class="cavs" :class="side"><span v-for="placed in pins" :key="placed.pin.id"><i v-if="several" class="lab mut">{{ placed.connector.name }}</i><CavityLabel :label="placed.pin.cavity" :state="selected ? 'hand' : 'plain'" /></span></span>
      <span v-if="side === 'vehicle'" class="wires"><span v-for="placed in pins" :key="placed.pin.id" class="wire"><DrawnWire :colour="colour(placed)" :size="placed.pin.size" :length="narrow ? 44 : 60" end="right" /></span></span>
      <LinkLine
        v-if="side === 'vehicle'" :act="row.act" :sure="row.sure" :words="line.above" :under="line.below" :width="narrow ? 66 : 132" :mirrored="mirrored" :device="row.device" :left="row.act === 'jumper' ? Math.max(row.vehicle.length, row.incoming.length) : row.vehicle.length" :right="row.incoming.length" :row-height="ROW_HEIGHT"
        :class="{ suggested: isOpen && !isHere }"
      />
      <div v-else class="ends">
        <div v-for="placed in pins" :key="placed.pin.id" class="end">
          <b>{{ placed.pin.function || "no function noted" }}</b>
          <span class="lab" :title="`${placed.pin.colour} ${words(placed)} ${placed.pin.size ?? ''} ${placed.pin.signal}`"><span class="code">{{ placed.pin.colour }}</span> {{ words(placed) }} <em>{{ placed.pin.size ?? "" }}</em> {{ placed.pin.signal }}</span>
        </div>
        <span v-if="pins.length === 0" class="mut none">{{ none }}</span>
      </div>
    </template>
    <span class="sure lab" :class="row.sure">{{ row.alone ? "" : row.sure }}</span>
    <span v-if="byColour" class="state lab colour">{{ byColour }}</span>
    <span v-else class="state"><HazardTag v-if="worst" :severity="worst.severity" /><span v-if="isOpen" class="undecided lab" :class="{ small: worst }">undecided</span><span v-else-if="!worst" class="lab mut">decided</span></span>
    <span class="mark" :class="{ marked }" title="Mark this circuit (Space)" aria-hidden="true" @click.stop="emit('mark')" />
  </div>
</template>

<style scoped>
.row { display: grid; grid-template-columns: minmax(0, 1fr) 36px 62px 134px 62px 36px minmax(0, 1fr) 40px 78px 18px; gap: 4px; align-items: center; height: 100%; border-bottom: 1px solid var(--rule); padding: 0 4px 0 8px; cursor: pointer; }
.row.several { grid-template-columns: minmax(0, 1fr) 68px 62px 134px 62px 68px minmax(0, 1fr) 40px 78px 18px; }
.row.on { background: var(--sheet); outline: 2.5px solid var(--ink); outline-offset: -2px; border-color: transparent; }
.row.marked { background: var(--well); }
.ends, .wires, .cavs { min-width: 0; display: grid; grid-auto-rows: v-bind("`${ROW_HEIGHT}px`"); align-items: center; }
.end { min-width: 0; display: grid; }
.end b { font-weight: 650; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; line-height: 18px; }
.end .lab { white-space: nowrap; overflow: hidden; text-overflow: ellipsis; color: var(--ink2); }
.end em { font-style: normal; font-weight: 600; color: var(--ink); margin: 0 3px; }
.end .code { color: var(--ink); margin-right: 3px; }
.none { font-style: italic; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
.cavs > span { display: flex; gap: 5px; align-items: center; justify-content: flex-end; }
.cavs.incoming > span { flex-direction: row-reverse; }
.cavs i { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.cavs i { font-style: normal; }
.wire { display: grid; align-items: center; }
.row > .link { justify-self: center; }
.suggested :deep(svg) { opacity: 0.75; }
.sure { color: var(--ink2); justify-self: start; }
.sure.check { border-bottom: 2px dashed var(--ink); }
.sure.guess { border-bottom: 2.5px dotted var(--ink); }
.sure.check, .sure.guess { color: var(--ink); font-weight: 600; }
.undecided { border: 1.5px dashed var(--ink); padding: 0 5px; line-height: 18px; height: 21px; display: inline-block; font-weight: 600; }
.undecided.small { border: 0; padding: 0; height: 13px; line-height: 13px; font-size: 13px; font-weight: 500; color: var(--ink2); }
.state { justify-self: start; display: grid; justify-items: start; }
.colour { white-space: normal; line-height: 15px; }
.mark { width: 16px; height: 16px; border: 1.5px solid var(--rule2); border-radius: 2px; background: none; padding: 0; cursor: pointer; }
.mark.marked { border-color: var(--ink); background: var(--ink); box-shadow: inset 0 0 0 2.5px var(--sheet); }
@media (max-width: 1000px) {
  .row, .row.several { grid-template-columns: minmax(0, 1fr) auto 46px 68px 46px auto minmax(0, 1fr) 78px 18px; }
  .row > .sure { display: none; }
}
@media (max-width: 620px) {
  .row, .row.several { grid-template-columns: minmax(0, 1fr) auto 58px auto minmax(0, 1fr); padding: 0 2px; }
  .row > .wires, .row > .state, .row > .mark, .end .lab, .cavs i { display: none; }
  .end b { white-space: normal; font-size: 13px; line-height: 16px; max-height: 32px; }
}
</style>
