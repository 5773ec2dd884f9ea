<script setup lang="ts">
/** What can be done with the circuit in hand; each act with its key. */
import { computed, ref } from "vue";
import { isJoining, type Decision, type Method, type Part } from "@trevin/core";
import { canFindLive, METHOD_OFFERS } from "./acts.ts";
import type { CircuitRow } from "./rows.ts";

const props = defineProps<{
  row: CircuitRow;
  decision: Decision | null;
  offer: string;
  otherWay: Method | null;
  /** Whether the wire could be tapped instead of cut through, or the other way about. */
  tapOrCut: boolean;
  /** The half of the cut wire that could be joined instead, or null. */
  half: Part | null;
  /** The same for the incoming wires. */
  theirHalf: Part | null;
}>();
/** Nothing is done to a wire that nobody knows. */
const unidentified = computed(() => props.row.alone?.proposal === "identify");
const emit = defineEmits<{
  back: [];
  cap: [];
  device: [];
  feed: [];
  jumper: [];
  leave: [];
  live: [];
  mate: [];
  method: [];
  out: [];
  pair: [];
  reject: [];
  series: [];
  shift: [];
  sure: [];
  take: [];
  tap: [];
  half: [];
  theirHalf: [];
}>();
const PART_OFFERS: Readonly<Record<Part, string>> = {
  loom: "Join the loom half",
  plug: "Join the plug half",
  pulled: "Pull the terminal",
};
const PART_HELP: Readonly<Record<Part, string>> = {
  loom: "Join the half that stays in the loom, and insulate the one in the plug.",
  plug: "Join the half that stays in the plug, and insulate the one in the loom.",
  pulled: "Release the terminal and cut it off instead of cutting the wire: its cavity is free then.",
};
/** One line on the act that the hand is on. */
const help = ref("");
function explain({ target }: Event): void {
  help.value =
    target instanceof Element ? (target.closest<HTMLElement>("[data-help]")?.dataset["help"] ?? "") : "";
}
</script>

<template>
  <div class="acts" @pointerover="explain" @focusin="explain" @pointerleave="help = ''">
    <button v-if="offer" type="button" class="btn pri" @click="emit('take')">
      {{ offer }} <kbd>Enter</kbd>
    </button>
    <button
      v-if="tapOrCut"
      type="button"
      class="btn"
      :data-help="
        decision?.kind === 'tap'
          ? 'Cut the wire behind its plug: the part behind it loses the wire.'
          : 'The wire stays whole and a branch hangs on it: for a part that stays.'
      "
      @click="emit('tap')"
    >
      {{ decision?.kind === "tap" ? "Cut through instead" : "Tap instead" }} <kbd>N</kbd>
    </button>
    <button v-if="half" type="button" class="btn quiet" :data-help="PART_HELP[half]" @click="emit('half')">
      {{ PART_OFFERS[half] }} <kbd>W</kbd>
    </button>
    <button
      v-if="theirHalf"
      type="button"
      class="btn quiet"
      data-help="Of the incoming wire that is cut: join the half that leads to what it is for, the part at its plug or the loom behind."
      @click="emit('theirHalf')"
    >
      {{ theirHalf === "plug" ? "Incoming: plug half" : "Incoming: loom half" }}
    </button>
    <button v-if="otherWay" type="button" class="btn" @click="emit('method')">
      {{ METHOD_OFFERS[otherWay] }} <kbd>M</kbd>
    </button>
    <button
      v-if="row.vehicle.length && row.incoming.length"
      type="button"
      class="btn quiet"
      @click="emit('reject')"
    >
      Never join these <kbd>R</kbd>
    </button>
    <button
      type="button"
      class="btn quiet"
      data-help="Join it to a pin of your choice, or to several."
      @click="emit('pair')"
    >
      Other pin… <kbd>P</kbd>
    </button>
    <button
      v-if="decision?.kind !== 'cap' && !unidentified"
      type="button"
      class="btn quiet"
      data-help="The wire comes out of its cavity, is insulated and tied back."
      @click="emit('cap')"
    >
      Cap <kbd>X</kbd>
    </button>
    <button
      v-if="decision?.kind !== 'remove' && !unidentified"
      type="button"
      class="btn quiet"
      data-help="The wire is taken out of the loom, and kept for the way back."
      @click="emit('out')"
    >
      Remove from loom <kbd>U</kbd>
    </button>
    <button
      v-if="decision?.kind !== 'leave'"
      type="button"
      class="btn quiet"
      data-help="Nothing is done to it."
      @click="emit('leave')"
    >
      Leave <kbd>L</kbd>
    </button>
    <button
      type="button"
      class="btn quiet"
      data-help="It gets its supply or ground from a fuse, a ground point or another wire."
      @click="emit('feed')"
    >
      Feed… <kbd>F</kbd>
    </button>
    <button
      type="button"
      class="btn quiet"
      data-help="Bridge it to other wires of the same connector, as for a module that is taken out."
      @click="emit('jumper')"
    >
      Jumper… <kbd>J</kbd>
    </button>
    <button
      v-if="decision?.kind === 'join' && canFindLive(row)"
      type="button"
      class="btn quiet"
      :aria-pressed="decision.findLive === true"
      data-help="Cut, power on, and find by a reading which half carries the supply."
      @click="emit('live')"
    >
      {{ decision.findLive ? "No live test" : "Find the live half" }}
    </button>
    <button
      type="button"
      class="btn quiet"
      data-help="Its terminal goes to another cavity of the same side, or swaps with the one there."
      @click="emit('shift')"
    >
      Move or swap… <kbd>E</kbd>
    </button>
    <button
      v-if="row.vehicle.length === 1"
      type="button"
      class="btn quiet"
      data-help="Open the wire and lead it through the incoming part: in by one lead, back by another."
      @click="emit('series')"
    >
      Through the part… <kbd>Q</kbd>
    </button>
    <button
      type="button"
      class="btn quiet"
      data-help="Two connectors go together as they are, every wire with the one it meets."
      @click="emit('mate')"
    >
      Plug together… <kbd>T</kbd>
    </button>
    <button
      v-if="decision && isJoining(decision)"
      type="button"
      class="btn quiet"
      data-help="A diode, divider, relay or the like goes between the wires."
      @click="emit('device')"
    >
      {{ row.device ? "Change the device…" : "Device in between…" }} <kbd>I</kbd>
    </button>
    <button v-if="decision" type="button" class="btn quiet" @click="emit('sure')">
      {{ decision.sure === "sure" ? "Mark as check" : "Mark as sure" }} <kbd>S</kbd>
    </button>
    <button v-if="decision" type="button" class="btn quiet" @click="emit('back')">
      Clear decision <kbd>⌫</kbd>
    </button>
  </div>
  <p class="why" aria-live="polite">{{ help }}</p>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.acts .btn {
  padding: 0 9px;
}
.why {
  min-height: 18px;
}
</style>
