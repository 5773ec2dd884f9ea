<script setup lang="ts">
/** The cavities of one side with the wires that come out of them, towards the middle of the row. */
import { pinColour, type PlacedPin, type Side } from "@trevin/core";
import { ROW_HEIGHT } from "./rowHeight.ts";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

defineProps<{
  pins: readonly PlacedPin[];
  side: Side;
  selected: boolean;
  several: boolean;
  narrow: boolean;
}>();
</script>

<template>
  <span class="plugs" :class="side">
    <span v-for="placed in pins" :key="placed.pin.id">
      <i v-if="several" class="lab mut">{{ placed.connector.name }}</i><CavityLabel
        :label="placed.pin.cavity"
        :state="selected ? 'hand' : 'plain'"
      />
      <DrawnWire
        class="wire"
        :colour="pinColour(placed.pin, placed.connector)"
        :size="placed.pin.size"
        :length="narrow ? 44 : 60"
        :end="side === 'vehicle' ? 'right' : 'left'"
      />
    </span>
  </span>
</template>

<style scoped>
.plugs {
  min-width: 0;
  display: grid;
  grid-auto-rows: v-bind("`${ROW_HEIGHT}px`");
  align-items: center;
}
.plugs > span {
  display: flex;
  gap: 5px;
  align-items: center;
  justify-content: flex-end;
}
.incoming > span {
  flex-direction: row-reverse;
}
i {
  font-style: normal;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.wire {
  flex: none;
}
/* On a phone the wire lies under its cavity. */
@media (max-width: 620px) {
  i {
    display: none;
  }
  .plugs > span,
  .incoming > span {
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 1px;
  }
  .wire {
    width: 32px;
    height: 9px;
  }
}
</style>
