<script setup lang="ts">
/** What the wires of one side are for, a line each, with colour, size and signal. */
import { colourInWords, isNewShell, pinColour, type PlacedPin } from "@trevin/core";
import { useSignalOf } from "../../composables/useSignalOf.ts";
import { ROW_HEIGHT } from "./rowHeight.ts";

const classOf = useSignalOf();
defineProps<{ pins: readonly PlacedPin[]; none: string }>();
const words = ({ pin, connector }: PlacedPin): string => {
  const colour = pinColour(pin, connector);
  return colour === null ? "" : colourInWords(colour);
};
/** Letters that have room in a line; a longer function is set narrow. */
const ROOM = 20;
const emptyWords = ({ connector }: PlacedPin): string => (isNewShell(connector) ? "new shell" : "new wire");
</script>

<template>
  <div class="ends">
    <div v-for="placed in pins" :key="placed.pin.id" class="end">
      <b :class="{ long: placed.pin.function.length > ROOM }" :title="placed.pin.function">{{
        placed.pin.function || (placed.pin.content === "empty" ? emptyWords(placed) : "no function recorded")
      }}</b>
      <span
        class="lab"
        :title="`${placed.pin.colour} ${words(placed)} ${placed.pin.size ?? ''} ${classOf(placed)}`"
        ><span class="code">{{ placed.pin.colour }}</span
        ><span>{{ words(placed) }}</span
        ><em>{{ placed.pin.size ?? "" }}</em
        ><span>{{ placed.pin.content === "empty" ? "empty cavity" : classOf(placed) }}</span></span
      >
    </div>
    <span v-if="pins.length === 0" class="mut none">{{ none }}</span>
  </div>
</template>

<style scoped>
.ends {
  min-width: 0;
  display: grid;
  grid-auto-rows: v-bind("`${ROW_HEIGHT}px`");
  align-items: center;
}
.end {
  min-width: 0;
  display: grid;
}
b {
  font-weight: 650;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  line-height: 18px;
}
.long {
  font: 600 16px/18px var(--f-label);
}
/* What has no room is left out whole, never cut in the middle. */
.lab {
  display: flex;
  flex-wrap: wrap;
  column-gap: 4px;
  height: 16px;
  line-height: 16px;
  overflow: hidden;
  color: var(--ink2);
}
em {
  font-style: normal;
  font-weight: 600;
  color: var(--ink);
  margin: 0 3px;
}
.code {
  color: var(--ink);
  margin-right: 3px;
}
.none {
  font-style: italic;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
@media (max-width: 620px) {
  .lab {
    display: none;
  }
  b {
    white-space: normal;
    font-size: 13px;
    line-height: 16px;
    max-height: 32px;
  }
  .long {
    font: 600 14px/16px var(--f-label);
  }
}
</style>
