<script setup lang="ts">
/** What the hands are at in a step: each connector as it is held, with its cavities marked and the one in hand in words. */
import { useElementSize } from "@vueuse/core";
import { computed, ref } from "vue";
import {
  faceOf,
  holdWords,
  landmarks,
  landmarkWords,
  locate,
  placeWords,
  type CavityLook,
  type Dossier,
  type Face,
  type HeldFace,
  type PinId,
  type StepKind,
  type WireColour,
} from "@trevin/core";
import { usePrefs } from "../../stores/prefs.ts";
import ConnectorFace from "../parts/ConnectorFace.vue";

const props = defineProps<{
  faces: readonly HeldFace[];
  kind: StepKind;
  twins: readonly PinId[];
  now: ReadonlyMap<PinId, CavityLook>;
  wires: Dossier["wires"];
  colourOf: (pin: PinId) => WireColour | null;
  wide: boolean;
  phone: boolean;
}>();
const prefs = usePrefs();
const faceBox = ref<HTMLElement | null>(null);
const { width: boxWidth } = useElementSize(faceBox);

/** The wire is drawn into its cavity while it goes in or out of it, and behind the connector while it is worked on there. */
const LEADS: Partial<Record<StepKind, "into" | "behind">> = {
  release: "into",
  insert: "into",
  cut: "behind",
  splice: "behind",
  "fit-device": "behind",
};
const lead = computed(() => LEADS[props.kind]);
const several = computed(() => props.faces.length > 1);
const isSideBySide = computed(() => several.value && !props.phone && boxWidth.value > 420);
const width = computed(() =>
  Math.floor(isSideBySide.value ? (boxWidth.value - 20) / Math.min(2, props.faces.length) : boxWidth.value),
);
/** Where the marked cavities are; with their labels where they are several. */
function placesOf(face: Face | null, { pin, also }: HeldFace): string {
  const places = [pin, ...also].flatMap((id) => (id === null ? [] : (locate(face, id, prefs.hold) ?? [])));
  return places
    .map(({ label, locator }) => `${places.length > 1 ? `${label} ` : ""}${placeWords(locator)}`)
    .join("; ");
}
const shown = computed(() =>
  props.faces.map((held) => {
    const face = faceOf(held.connector);
    const where = held.pin === null ? null : locate(face, held.pin, prefs.hold);
    return {
      ...held,
      held: face === null ? "" : holdWords(prefs.hold, face.shell),
      place: placesOf(face, held),
      marks:
        several.value || face === null || where === null
          ? ""
          : landmarkWords(landmarks(face, where, prefs.hold)),
      colour: held.pin === null ? null : props.colourOf(held.pin),
    };
  }),
);
const maxHeight = computed(() => {
  if (!several.value) return props.phone ? 250 : 420;
  return props.phone ? 130 : 210;
});
const maxPitch = computed(() => {
  if (several.value) return 46;
  if (props.wide) return 76;
  return props.phone ? 46 : 88;
});
</script>

<template>
  <section class="facecol">
    <div v-if="shown.length" class="turns">
      <button
        type="button"
        class="btn turn"
        aria-label="Turn the part a quarter in the hand"
        title="Turn the part a quarter in the hand"
        @click="prefs.turnGrip()"
      >
        <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
          <path
            d="M17.5 11a6.5 6.5 0 1 1-2-4.7M16 2v4.6h-4.6"
            fill="none"
            stroke="currentColor"
            stroke-width="2"
          /></svg
        ><kbd v-if="wide">K</kbd></button
      ><button type="button" class="btn turn" @click="prefs.turnOver()">
        Turn over <kbd v-if="wide">V</kbd>
      </button>
    </div>
    <div ref="faceBox" class="faces" :class="{ several: isSideBySide }">
      <div v-for="(one, i) in shown" :key="one.connector.id">
        <p class="loc" :class="{ first: i === 0 }">
          <b
            ><span class="name">{{ one.connector.name }}</span
            ><template v-if="one.held">, {{ one.held }}</template></b
          ><template v-if="one.place"><br />{{ one.place }}</template
          ><span v-if="one.marks" class="marks">{{ one.marks }}</span>
        </p>
        <ConnectorFace
          v-if="width > 0"
          :connector="one.connector"
          :hold="prefs.hold"
          :width="width"
          :in-hand="one.pin"
          :also="one.also"
          :twins="twins"
          :now="now"
          :wires="wires"
          :lead="one.colour"
          :show-lead="lead !== undefined && one.pin !== null"
          :behind="lead === 'behind'"
          :max-pitch="maxPitch"
          :max-height="maxHeight"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
.facecol {
  grid-area: face;
  min-width: 0;
  position: relative;
}
.loc {
  font-size: 17px;
  line-height: 22px;
}
.loc.first {
  min-height: 48px;
  padding-right: 190px;
}
.loc b {
  font-weight: 650;
}
.turns {
  position: absolute;
  right: 0;
  top: 0;
  display: flex;
  gap: 8px;
}
.name {
  display: inline-block;
}
.name::first-letter {
  text-transform: capitalize;
}
.marks {
  display: block;
  font-size: 15px;
  color: var(--ink2);
}
.faces {
  min-height: 60px;
  display: grid;
  gap: 10px 20px;
}
.faces.several {
  grid-template-columns: 1fr 1fr;
  padding-top: 48px;
}
.several .loc {
  padding-right: 0;
}
@media (max-width: 999px) {
  .turn {
    min-height: 56px;
  }
  .several {
    padding-top: 64px;
  }
}
@media (max-width: 700px) {
  .loc {
    font-size: 15px;
    line-height: 20px;
  }
  .loc.first {
    padding-right: 180px;
    min-height: 60px;
  }
}
</style>
