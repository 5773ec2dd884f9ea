<script setup lang="ts">
/** The cavity in hand in words: its function, its wire, its place from both sides. */
import { computed } from "vue";
import {
  formatColour,
  holdWords,
  landmarks,
  landmarkWords,
  locateAll,
  pinSystem,
  placeWords,
  viewWords,
  type CavityLook,
  type Face,
  type Hold,
  type Located,
  type PlacedPin,
} from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

const props = defineProps<{
  placed: PlacedPin;
  look: CavityLook | null;
  face: Face | null;
  here: Located | null;
  hold: Hold;
}>();
const marks = computed(() =>
  props.face === null || props.here === null
    ? ""
    : landmarkWords(landmarks(props.face, props.here, props.hold)),
);
const otherHold = computed(() => ({
  ...props.hold,
  view: props.hold.view === "wire" ? ("mating" as const) : ("wire" as const),
}));
const elsewhere = computed(() =>
  props.face === null
    ? null
    : (locateAll(props.face, otherHold.value).find((place) => place.pin?.id === props.placed.pin.id) ?? null),
);
</script>

<template>
  <section class="in-hand" aria-label="The cavity in hand">
    <CavityLabel :label="placed.pin.cavity" state="hand" />
    <div>
      <p class="fn">
        {{ placed.pin.function || (placed.pin.content === "empty" ? "Empty" : "No function yet") }}
      </p>
      <p v-if="look && look.state === 'occupied'" class="wire">
        <DrawnWire
          v-for="(reading, i) in look.readings"
          :key="i"
          :colour="reading"
          :size="look.size"
          :length="96"
        /><DrawnWire v-if="look.readings.length === 0" :colour="null" :length="96" /><span
          >{{
            look.readings
              .map((reading) => formatColour(reading, pinSystem(placed.pin, placed.connector)) ?? "")
              .join(" or ") || "colour not known"
          }}<template v-if="placed.pin.size">, {{ placed.pin.size }} mm²</template></span
        >
      </p>
    </div>
    <template v-if="here && face">
      <p class="place">
        <b>{{ placeWords(here.locator) }}</b><span class="mut">{{ holdWords(hold, face.shell) }}</span
        ><span v-if="marks">{{ marks }}</span>
      </p>
      <p v-if="elsewhere" class="why all">
        On the {{ viewWords(otherHold.view) }}: {{ placeWords(elsewhere.locator) }}.
      </p>
    </template>
    <p v-else class="mut all">
      {{ face ? "The housing has no such cavity." : "Housing not known: count the cavities on the part." }}
    </p>
    <p v-if="placed.pin.circuit" class="all">
      <span class="lab">Circuit</span> <b class="code">{{ placed.pin.circuit }}</b>
    </p>
  </section>
</template>

<style scoped>
.in-hand {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 8px 14px;
  align-items: center;
}
.in-hand > :deep(.cav) {
  min-width: 64px;
  height: 56px;
  font-size: 30px;
}
.fn {
  font: 650 18px/22px var(--f-text);
}
.wire {
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
  font-size: 14px;
}
.place {
  grid-column: 1 / -1;
  display: grid;
  font-size: 15px;
}
.place b::first-letter {
  text-transform: capitalize;
}
.place b {
  display: inline-block;
  font-size: 20px;
  font-weight: 650;
  line-height: 26px;
}
.all {
  grid-column: 1 / -1;
}
</style>
