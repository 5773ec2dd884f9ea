<script setup lang="ts">
/** The connector in the hand: its face as it is held, what is in each cavity, the wires behind, photos beside. */
import { computed, nextTick, ref, watch } from "vue";
import { useLocalStorage } from "@vueuse/core";
import { useRoute } from "vue-router";
import { connectorsInOrder, faceOf, holdWords, indexPins, locateAll, placeWords } from "@trevin/core";
import ConnectorTabs from "../components/pinouts/ConnectorTabs.vue";
import FaceSheet from "../components/faces/FaceSheet.vue";
import FindCavity from "../components/faces/FindCavity.vue";
import HoldControls from "../components/faces/HoldControls.vue";
import PhotoStrip from "../components/faces/PhotoStrip.vue";
import WiresBehind from "../components/faces/WiresBehind.vue";
import FaceNotes from "../components/faces/FaceNotes.vue";
import LiveAt from "../components/proof/LiveAt.vue";
import TwoFaces from "../components/faces/TwoFaces.vue";
import FaceTools from "../components/faces/FaceTools.vue";
import CavityInHand from "../components/faces/CavityInHand.vue";
import { useBeside } from "../composables/useBeside.ts";
import { usePointed } from "../composables/usePointed.ts";
import { useFaceChoice } from "../composables/useFaceChoice.ts";
import { downloadFace } from "../composables/downloadFace.ts";
import { holdCommands } from "../composables/holdCommands.ts";
import { usePrinting } from "../composables/usePrinting.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow } from "../composables/useFaces.ts";
import { useLiveNow } from "../composables/useLiveNow.ts";
import { useJob } from "../stores/job.ts";
import { usePrefs } from "../stores/prefs.ts";

const store = useJob();
const prefs = usePrefs();
const route = useRoute();
const now = useCavitiesNow();
const dossier = computed(() => store.live!);
const connectors = computed(() => connectorsInOrder(dossier.value));
const pins = computed(() => indexPins(dossier.value));

const { chosen, selected, pick, choose, step } = useFaceChoice(connectors, pins);
const placed = computed(() => (selected.value === null ? null : (pins.value.get(selected.value) ?? null)));
const face = computed(() => (chosen.value === undefined ? null : faceOf(chosen.value)));
const located = computed(() => (face.value === null ? [] : locateAll(face.value, prefs.hold)));
const here = computed(() => located.value.find((place) => place.pin?.id === selected.value) ?? null);
function found(label: string): void {
  const pin = face.value?.places.find((place) => place.label === label)?.pin;
  if (pin !== undefined && pin !== null) pick(pin.id);
  else pointed.value = label;
}

const { pointed, looks, pointedPlace, pointedWords } = usePointed({
  chosen,
  dossier,
  now,
  located,
  here,
  placed,
});
const look = computed(() => (placed.value === null ? null : (looks.value.get(placed.value.pin.id) ?? null)));

const { positions, cavities, live } = useLiveNow(() => chosen.value);
const counting = useLocalStorage("trevin.counting", true);
const finder = ref<InstanceType<typeof FindCavity> | null>(null);

const { beside, besideOptions, other, otherNow, otherHand, otherWords, confusions, mateWords } = useBeside({
  dossier: () => dossier.value,
  connectors: () => connectors.value,
  chosen: () => chosen.value,
  face: () => face.value,
  here: () => here.value,
  now: () => now.value,
});
watch(
  () => chosen.value?.id,
  () => {
    pointed.value = null;
  },
);
const { printing, print } = usePrinting();
const save = (): void => {
  if (chosen.value !== undefined) downloadFace(chosen.value, prefs.hold, looks.value);
};
useCommands([
  ...holdCommands(),
  {
    id: "find-cavity",
    title: "Find a cavity by label or place",
    keys: "F",
    run: () => finder.value?.focus(),
  },
  {
    id: "run-to",
    title: "Enter where this wire goes",
    keys: "R",
    enabled: () => placed.value !== null,
    run: () => void nextTick(() => document.getElementById("run-to")?.focus()),
  },
  { id: "face-svg", title: "Save this face as an SVG file", run: save },
  { id: "face-print", title: "Print this face", run: print },
  { id: "next-connector", title: "Next connector", keys: "]", run: () => step(1) },
  { id: "prev-connector", title: "Previous connector", keys: "[", run: () => step(-1) },
]);
</script>

<template>
  <main v-if="chosen === undefined" class="empty-view">
    <h1>No connector yet</h1>
    <p>Faces are drawn from the connectors in Pinouts.</p>
    <RouterLink class="btn pri" :to="{ name: 'pinouts' }">Go to Pinouts</RouterLink>
  </main>
  <main v-else class="faces">
    <h1 class="sr">Faces</h1>
    <div class="tabs no-print">
      <ConnectorTabs :connectors="connectors" :chosen="chosen.id" frozen @choose="choose" /><RouterLink
        class="btn quiet"
        :to="{ name: 'pinouts', query: selected ? { pin: selected } : {} }"
        >Pin table</RouterLink
      >
    </div>
    <section class="stand">
      <div class="bar no-print">
        <HoldControls v-if="face" :mark="face.shell.mark" />
        <FindCavity v-if="face" ref="finder" :face="face" :hold="prefs.hold" @found="found" />
      </div>
      <FaceTools
        v-model:counting="counting"
        v-model:beside="beside"
        :options="besideOptions"
        :drawn="face !== null"
        @save="save"
        @print="print"
      />
      <p v-if="chosen.keepOut" class="keep">
        <b>Keep out: {{ chosen.keepOut }}.</b> Leave this connector closed: its circuits are for licensed
        practice.
      </p>
      <h2 class="print-only">
        {{ chosen.name }}{{ chosen.place ? `, ${chosen.place}` : ""
        }}{{ face ? `: ${holdWords(prefs.hold, face.shell)}` : "" }}
      </h2>
      <TwoFaces
        :chosen="chosen"
        :other="other"
        :other-pickable="beside !== 'half'"
        :selected="selected"
        :live="live"
        :other-hand="otherHand"
        :now="now"
        :other-now="otherNow"
        :wires="dossier.wires"
        :hold="prefs.hold"
        :counting="counting"
        :paper="printing"
        @pick="pick"
        @point="pointed = $event"
      />
      <p class="pointed" aria-live="polite">
        {{ pointedWords
        }}<span v-if="pointedPlace && face" class="mut"
          >{{ placeWords(pointedPlace.locator) }}, {{ holdWords(prefs.hold, face.shell) }}</span
        >
      </p>
      <LiveAt :connector="chosen" :positions="positions" :cavities="cavities" :pin="selected" />
      <FaceNotes
        :connector="chosen"
        :face="face"
        :selected="selected"
        :other-words="otherWords"
        :mate-words="mateWords"
        :confusions="confusions"
        :frozen="store.begun"
      />
    </section>
    <aside>
      <CavityInHand
        v-if="placed"
        :placed="placed"
        :look="look"
        :face="face"
        :here="here"
        :hold="prefs.hold"
      />
      <WiresBehind
        v-if="placed"
        :dossier="dossier"
        :placed="placed"
        :change="store.changeWiring"
        @pick="pick"
      />
    </aside>
    <div class="shots no-print">
      <PhotoStrip
        :job="String(route.params['job'])"
        :connectors="connectors"
        :connector="chosen"
        :placed="placed"
        :hold="prefs.hold"
        @pick="pick"
      />
    </div>
    <FaceSheet :dossier="dossier" :connector="chosen" />
  </main>
</template>

<style scoped>
.faces {
  flex: 1;
  display: grid;
  grid-template: "tabs tabs" auto "stand aside" auto "photos aside" 1fr / minmax(0, 1fr) 400px;
  min-height: 0;
}
.tabs {
  grid-area: tabs;
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 0 20px;
  border-bottom: 1px solid var(--ink);
}
.tabs > :deep(.tabs) {
  flex: 1;
  min-width: 0;
  border: 0;
  padding: 0;
}
.stand {
  grid-area: stand;
  padding: 10px 20px 20px;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: center;
}
.pointed {
  font-size: 17px;
  font-weight: 650;
  border-top: 1px solid var(--rule);
  padding-top: 8px;
  min-height: 34px;
}
.pointed .mut {
  font-weight: 400;
  display: block;
  font-size: 15px;
}
aside {
  grid-area: aside;
  border-left: 1px solid var(--ink);
  padding: 10px 20px 20px;
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-width: 0;
}
.shots {
  grid-area: photos;
  padding: 0 20px 20px;
  min-width: 0;
}
.print-only {
  display: none;
}
@media (max-width: 1000px) {
  .faces {
    grid-template: "tabs" auto "stand" auto "aside" auto "photos" auto / minmax(0, 1fr);
  }
  aside {
    border-left: 0;
    border-top: 1px solid var(--ink);
  }
}
@media (max-width: 700px) {
  .tabs {
    padding: 0 12px;
  }
  .stand,
  aside {
    padding: 10px 12px 16px;
  }
  .pointed {
    font-size: 18px;
  }
}
@media print {
  .faces {
    display: block;
  }
  aside {
    display: none;
  }
  .print-only {
    display: block;
  }
}
.keep {
  font-size: 14px;
  padding: 4px 0 4px 12px;
  border-left: 6px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 2px, transparent 2px 5px) 6;
}
</style>
