<script setup lang="ts">
/** One row of the crosswalk. */
import { computed } from "vue";
import { colourInWords, pinColour, type PlacedPin } from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";
import HazardTag from "../parts/HazardTag.vue";
import LinkLine from "../parts/LinkLine.vue";
import { lineWords, type WalkRow } from "./rows.ts";

const props = defineProps<{ row: WalkRow; selected: boolean; several: boolean; narrow: boolean }>();
const colour = (placed: PlacedPin) => pinColour(placed.pin, placed.connector);
const words = (placed: PlacedPin): string => {
  const read = colour(placed);
  return read === null ? "" : colourInWords(read);
};
const act = computed(() => {
  const { decision, vehicle, incoming } = props.row;
  if (decision?.kind === "join") return decision.method;
  if (decision !== null) return decision.kind;
  return vehicle !== null && incoming !== null ? "move" : "undecided";
});
const worst = computed(() => props.row.hazards.find((hazard) => hazard.severity === "stop" && hazard.answered === null) ?? props.row.hazards.find((hazard) => hazard.severity === "caution") ?? props.row.hazards[0]);
const isOpen = computed(() => props.row.decision === null);
</script>

<template>
  <div class="row" :class="{ on: selected, open: isOpen }">
    <div class="end l">
      <template v-if="row.vehicle">
        <b>{{ row.vehicle.pin.function || "no function noted" }}</b>
        <span class="lab"><span class="code">{{ row.vehicle.pin.colour }}</span> {{ words(row.vehicle) }} <em>{{ row.vehicle.pin.size ?? "" }}</em> {{ row.vehicle.pin.signal }}</span>
      </template>
      <span v-else class="mut none">nothing on the vehicle</span>
    </div>
    <span class="cavs"><i v-if="several && row.vehicle" class="lab mut">{{ row.vehicle.connector.name }}</i><CavityLabel v-if="row.vehicle" :label="row.vehicle.pin.cavity" :state="selected ? 'hand' : 'plain'" /></span>
    <span class="wire"><DrawnWire v-if="row.vehicle" :colour="colour(row.vehicle)" :size="row.vehicle.pin.size" :length="narrow ? 44 : 66" end="right" /></span>
    <LinkLine :act="act" :sure="row.sure" :words="lineWords(row)" :width="narrow ? 66 : 108" :mirrored="row.vehicle === null && act !== 'feed' && act !== 'undecided'" :class="{ suggested: isOpen && row.vehicle && row.incoming }" />
    <span class="wire"><DrawnWire v-if="row.incoming" :colour="colour(row.incoming)" :size="row.incoming.pin.size" :length="narrow ? 44 : 66" end="left" /></span>
    <span class="cavs"><CavityLabel v-if="row.incoming" :label="row.incoming.pin.cavity" :state="selected ? 'hand' : 'plain'" /><i v-if="several && row.incoming" class="lab mut">{{ row.incoming.connector.name }}</i></span>
    <div class="end">
      <template v-if="row.incoming">
        <b>{{ row.incoming.pin.function || "no function noted" }}</b>
        <span class="lab"><span class="code">{{ row.incoming.pin.colour }}</span> {{ words(row.incoming) }} <em>{{ row.incoming.pin.size ?? "" }}</em> {{ row.incoming.pin.signal }}</span>
      </template>
      <span v-else class="mut none">nothing on the incoming side</span>
    </div>
    <span class="sure lab" :class="row.sure">{{ row.alone ? "" : row.sure }}</span>
    <span class="state"><HazardTag v-if="worst" :severity="worst.severity" /><span v-else-if="isOpen" class="undecided lab">undecided</span><span v-else class="lab mut">decided</span></span>
  </div>
</template>

<style scoped>
.row { display: grid; grid-template-columns: minmax(0, 1fr) auto 68px 110px 68px auto minmax(0, 1fr) 44px 78px; gap: 4px; align-items: center; min-height: 37px; border-bottom: 1px solid var(--rule); padding: 0 8px; cursor: pointer; }
.row.on { background: var(--sheet); outline: 2.5px solid var(--ink); outline-offset: -1px; border-color: transparent; }
.end { min-width: 0; display: grid; }
.end b { font-weight: 650; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; line-height: 18px; }
.end .lab { white-space: nowrap; overflow: hidden; text-overflow: ellipsis; color: var(--ink2); }
.end em { font-style: normal; font-weight: 600; color: var(--ink); margin: 0 3px; }
.end .code { color: var(--ink); margin-right: 3px; }
.none { font-style: italic; }
.cavs { display: flex; gap: 5px; align-items: center; min-width: 36px; justify-content: center; }
.cavs i { font-style: normal; }
.wire { display: grid; align-items: center; }
.row > .link { justify-self: center; }
.suggested { opacity: 1; }
.suggested :deep(svg) { opacity: 0.75; }
.sure.check { border-bottom: 2px dashed var(--ink); justify-self: start; }
.sure.guess { border-bottom: 2.5px dotted var(--ink); justify-self: start; }
.sure { color: var(--ink2); }
.sure.check, .sure.guess { color: var(--ink); font-weight: 600; }
.undecided { border: 1.5px dashed var(--ink); padding: 0 5px; line-height: 18px; height: 21px; display: inline-block; font-weight: 600; }
.state { justify-self: start; }
@media (max-width: 1000px) {
  .row { grid-template-columns: minmax(0, 1fr) auto 46px 68px 46px auto minmax(0, 1fr) 78px; }
  .row > .sure { display: none; }
}
@media (max-width: 620px) {
  .row { grid-template-columns: minmax(0, 1fr) auto 68px auto minmax(0, 1fr); padding: 4px 0; }
  .row > .wire, .row > .state { display: none; }
  .end b, .end .lab { white-space: normal; }
}
</style>
