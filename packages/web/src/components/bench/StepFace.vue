<script setup lang="ts">
/** The connector of the step as it is held, with the cavity in hand and its place in words. */
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
  type Connector,
  type Dossier,
  type PinId,
  type PlacedPin,
} from "@trevin/core";
import { usePrefs } from "../../stores/prefs.ts";
import ConnectorFace from "../parts/ConnectorFace.vue";
import type { WireColour } from "@trevin/core";

const props = defineProps<{
  connector: Connector | null;
  at: PlacedPin | null;
  twins: readonly PinId[];
  now: ReadonlyMap<PinId, CavityLook>;
  wires: Dossier["wires"];
  lead: WireColour | null;
  wide: boolean;
  phone: boolean;
}>();
const prefs = usePrefs();
const faceBox = ref<HTMLElement | null>(null);
const { width: faceWidth } = useElementSize(faceBox);
const face = computed(() => (props.connector === null ? null : faceOf(props.connector)));
const where = computed(() => (props.at === null ? null : locate(face.value, props.at.pin.id, prefs.hold)));
const marks = computed(() =>
  face.value === null || where.value === null
    ? ""
    : landmarkWords(landmarks(face.value, where.value, prefs.hold)),
);
</script>

<template>
  <section class="facecol">
    <p v-if="connector" class="loc">
      <span
        ><b
          >{{ connector.name }}<template v-if="face">, {{ holdWords(prefs.hold, face.shell) }}</template></b
        ><template v-if="where"
          ><br />{{ placeWords(where.locator) }}<span v-if="marks" class="marks">{{ marks }}</span></template
        ></span
      ><span v-if="face" class="turns"
        ><button
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
        </button></span
      >
    </p>
    <div ref="faceBox" class="facebox">
      <ConnectorFace
        v-if="connector && faceWidth > 0"
        :connector="connector"
        :hold="prefs.hold"
        :width="Math.floor(faceWidth)"
        :in-hand="at?.pin.id ?? null"
        :twins="twins"
        :now="now"
        :wires="wires"
        :lead="lead"
        :show-lead="lead !== null"
        :max-pitch="wide ? 76 : phone ? 46 : 88"
        :max-height="phone ? 250 : 420"
      />
    </div>
  </section>
</template>

<style scoped>
.facecol {
  grid-area: face;
  min-width: 0;
}
.loc {
  display: flex;
  align-items: flex-start;
  font-size: 17px;
  line-height: 22px;
  min-height: 48px;
}
.loc b {
  font-weight: 650;
}
.turns {
  margin-left: auto;
  display: flex;
  gap: 8px;
}
.marks {
  display: block;
  font-size: 15px;
  color: var(--ink2);
}
.facebox {
  overflow: visible;
  min-height: 60px;
}
@media (max-width: 999px) {
  .turn {
    min-height: 56px;
  }
}
@media (max-width: 700px) {
  .loc {
    font-size: 15px;
    line-height: 20px;
  }
}
</style>
