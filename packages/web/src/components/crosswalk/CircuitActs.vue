<script setup lang="ts">
/** What can be done with the circuit in hand; each act with its key. */
import { computed } from "vue";
import { isJoining, type Decision, type Method } from "@trevin/core";
import { canFindLive, METHOD_OFFERS } from "./acts.ts";
import type { CircuitRow } from "./rows.ts";

const props = defineProps<{
  row: CircuitRow;
  decision: Decision | null;
  offer: string;
  otherWay: Method | null;
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
}>();
</script>

<template>
  <div class="acts">
    <button v-if="offer" type="button" class="btn pri" @click="emit('take')">
      {{ offer }} <kbd>Enter</kbd>
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
    <button type="button" class="btn quiet" @click="emit('pair')">Other pin… <kbd>P</kbd></button>
    <button
      v-if="decision?.kind !== 'cap' && !unidentified"
      type="button"
      class="btn quiet"
      @click="emit('cap')"
    >
      Cap <kbd>X</kbd>
    </button>
    <button
      v-if="decision?.kind !== 'remove' && !unidentified"
      type="button"
      class="btn quiet"
      @click="emit('out')"
    >
      Remove from loom <kbd>U</kbd>
    </button>
    <button v-if="decision?.kind !== 'leave'" type="button" class="btn quiet" @click="emit('leave')">
      Leave <kbd>L</kbd>
    </button>
    <button type="button" class="btn quiet" @click="emit('feed')">Feed… <kbd>F</kbd></button>
    <button type="button" class="btn quiet" @click="emit('jumper')">Jumper… <kbd>J</kbd></button>
    <button
      v-if="decision?.kind === 'join' && canFindLive(row)"
      type="button"
      class="btn quiet"
      :aria-pressed="decision.findLive === true"
      @click="emit('live')"
    >
      {{ decision.findLive ? "No live test" : "Find the live half" }}
    </button>
    <button type="button" class="btn quiet" @click="emit('shift')">Move or swap… <kbd>E</kbd></button>
    <button v-if="row.vehicle.length === 1" type="button" class="btn quiet" @click="emit('series')">
      In series… <kbd>Q</kbd>
    </button>
    <button type="button" class="btn quiet" @click="emit('mate')">Mate connectors… <kbd>T</kbd></button>
    <button v-if="decision && isJoining(decision)" type="button" class="btn quiet" @click="emit('device')">
      {{ row.device ? "Change the device…" : "Device in between…" }} <kbd>I</kbd>
    </button>
    <button v-if="decision" type="button" class="btn quiet" @click="emit('sure')">
      {{ decision.sure === "sure" ? "Mark as check" : "Mark as sure" }} <kbd>S</kbd>
    </button>
    <button v-if="decision" type="button" class="btn quiet" @click="emit('back')">
      Clear decision <kbd>⌫</kbd>
    </button>
  </div>
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
</style>
