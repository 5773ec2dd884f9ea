<script setup lang="ts">
/** The connector in the hand: its face as it is held, what is in each cavity, the wires behind, photos beside. */
import { computed, nextTick, ref, watch } from "vue";
import { useElementSize, useLocalStorage } from "@vueuse/core";
import { useRoute, useRouter } from "vue-router";
import Select from "primevue/select";
import {
  answering,
  cavityWords,
  connectorsInOrder,
  faceOf,
  findConnector,
  fitOf,
  fitWords,
  formatColour,
  GENDER_WORDS,
  holdWords,
  indexPins,
  landmarks,
  landmarkWords,
  likenessWords,
  LOCK_WORDS,
  locateAll,
  looksOf,
  matingHalf,
  numberingWords,
  pinsInOrder,
  pinSystem,
  placeWords,
  shellLookAlikes,
  viewWords,
  type CavityLook,
  type Connector,
  type ConnectorId,
  type Located,
  type PinId,
  type ShellFit,
} from "@trevin/core";
import ConnectorTabs from "../components/pinouts/ConnectorTabs.vue";
import CavityLabel from "../components/parts/CavityLabel.vue";
import ConnectorFace from "../components/parts/ConnectorFace.vue";
import DrawnWire from "../components/parts/DrawnWire.vue";
import FaceSheet from "../components/faces/FaceSheet.vue";
import FindCavity from "../components/faces/FindCavity.vue";
import HoldControls from "../components/faces/HoldControls.vue";
import PhotoStrip from "../components/faces/PhotoStrip.vue";
import WiresBehind from "../components/faces/WiresBehind.vue";
import { downloadFace } from "../composables/downloadFace.ts";
import { holdCommands } from "../composables/holdCommands.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow } from "../composables/useFaces.ts";
import { shellLine } from "../shells/draft.ts";
import { useJob } from "../stores/job.ts";
import { usePrefs } from "../stores/prefs.ts";

const store = useJob();
const prefs = usePrefs();
const route = useRoute();
const router = useRouter();
const now = useCavitiesNow();
const dossier = computed(() => store.live!);
const connectors = computed(() => connectorsInOrder(dossier.value));
const pins = computed(() => indexPins(dossier.value));

const chosen = computed(
  () =>
    connectors.value.find(
      (one) => one.id === route.query["connector"] || one.pins.some((pin) => pin.id === route.query["pin"]),
    ) ?? connectors.value[0],
);
const selected = computed<PinId | null>(() => {
  const asked = route.query["pin"];
  const connector = chosen.value;
  if (connector === undefined) return null;
  return connector.pins.find((pin) => pin.id === asked)?.id ?? pinsInOrder(connector)[0]?.id ?? null;
});
const go = (connector: ConnectorId, pin: PinId | null): void =>
  void router.replace({ query: { connector, ...(pin === null ? {} : { pin }) } });
const pick = (id: PinId): void => {
  const placed = pins.value.get(id);
  if (placed !== undefined) go(placed.connector.id, id);
};
const choose = (id: ConnectorId): void => go(id, null);
const placed = computed(() => (selected.value === null ? null : (pins.value.get(selected.value) ?? null)));
const face = computed(() => (chosen.value === undefined ? null : faceOf(chosen.value)));
const located = computed(() => (face.value === null ? [] : locateAll(face.value, prefs.hold)));
const here = computed(() => located.value.find((place) => place.pin?.id === selected.value) ?? null);
const marks = computed(() =>
  face.value === null || here.value === null
    ? ""
    : landmarkWords(landmarks(face.value, here.value, prefs.hold)),
);
const otherHold = computed(() => ({
  ...prefs.hold,
  view: prefs.hold.view === "wire" ? ("mating" as const) : ("wire" as const),
}));
const elsewhere = computed(() =>
  face.value === null
    ? null
    : (locateAll(face.value, otherHold.value).find((place) => place.pin?.id === selected.value) ?? null),
);
function found(label: string): void {
  const pin = face.value?.places.find((place) => place.label === label)?.pin;
  if (pin !== undefined && pin !== null) pick(pin.id);
  else pointed.value = label;
}

/** What is pointed at, said at once; the cavity in hand while nothing is. */
const pointed = ref<string | null>(null);
const looks = computed<ReadonlyMap<PinId, CavityLook>>(() =>
  chosen.value === undefined
    ? new Map()
    : new Map([...looksOf(chosen.value, dossier.value.wires), ...now.value]),
);
const pointedPlace = computed<Located | null>(() =>
  pointed.value === null
    ? here.value
    : (located.value.find((place) => place.label === pointed.value) ?? here.value),
);
const pointedWords = computed(() => {
  const place = pointedPlace.value;
  if (place === null)
    return placed.value === null
      ? ""
      : cavityWords(placed.value.pin.cavity, placed.value.pin, looks.value.get(placed.value.pin.id));
  return cavityWords(place.label, place.pin, place.pin === null ? undefined : looks.value.get(place.pin.id));
});
const look = computed(() => (placed.value === null ? null : (looks.value.get(placed.value.pin.id) ?? null)));

const counting = useLocalStorage("trevin.counting", true);
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const finder = ref<InstanceType<typeof FindCavity> | null>(null);

/** A second part beside the first, marks on the same side: the mating half, or any other connector. */
const beside = ref<string>("none");
const besideOptions = computed(() => [
  { value: "none", label: "nothing" },
  ...(face.value === null ? [] : [{ value: "half", label: "its mating half" }]),
  ...connectors.value
    .filter((one) => one.id !== chosen.value?.id && one.shell !== null)
    .map((one) => ({ value: one.id, label: one.name })),
]);
watch(
  () => chosen.value?.id,
  () => {
    pointed.value = null;
    const mate = chosen.value?.matesWith ?? "";
    beside.value = besideOptions.value.some((one) => one.value === mate) ? mate : "none";
  },
  { immediate: true },
);
const other = computed<Connector | null>(() => {
  const connector = chosen.value;
  if (connector === undefined || beside.value === "none") return null;
  if (beside.value !== "half") return findConnector(dossier.value, beside.value as ConnectorId);
  return connector.shell === null
    ? null
    : {
        ...connector,
        name: `${connector.name}, mating half`,
        shell: matingHalf(connector.shell),
        pins: connector.pins.map((pin) => ({ ...pin, content: "unknown" as const, colour: "" })),
      };
});
const otherNow = computed(() => (beside.value === "half" ? new Map<PinId, never>() : now.value));
const otherHand = computed(() => {
  const into = other.value === null ? null : faceOf(other.value);
  return face.value === null || into === null || here.value === null
    ? null
    : (answering(face.value, here.value.label, into)?.pin?.id ?? null);
});
const fitWith = (mate: Connector | null | undefined): ShellFit | null =>
  chosen.value?.shell && mate?.shell ? fitOf(chosen.value.shell, mate.shell) : null;
const otherWords = computed(() => {
  const fit = fitWith(other.value);
  return fit === null || other.value === null || chosen.value === undefined
    ? ""
    : fitWords(fit, chosen.value.name, other.value.name);
});
/** Other connectors of the job that this one can be taken for. */
const confusions = computed(() =>
  shellLookAlikes(dossier.value).flatMap(({ pair: [a, b], likeness }) =>
    a.id === chosen.value?.id || b.id === chosen.value?.id
      ? (likenessWords(likeness, a.name, b.name) ?? [])
      : [],
  ),
);
const mate = computed(() => connectors.value.find((one) => one.id === chosen.value?.matesWith));
const mateWords = computed(() => {
  const fit = fitWith(mate.value);
  return fit === null || mate.value === undefined || chosen.value === undefined
    ? ""
    : fitWords(fit, chosen.value.name, mate.value.name);
});
const about = computed(() => {
  const shell = chosen.value?.shell;
  if (shell === null || shell === undefined) return [];
  return [
    shellLine(shell),
    shell.standard,
    shell.pattern.kind === "rows" ? numberingWords(shell.pattern.numbering) : "",
    `labels printed for the ${viewWords(shell.view)}`,
    shell.gender === null ? "" : GENDER_WORDS[shell.gender],
    ...shell.locks.map((lock) => LOCK_WORDS[lock]),
  ].filter((part) => part !== "");
});

const print = (): void => window.print();
const save = (): void => {
  if (chosen.value !== undefined) downloadFace(chosen.value, prefs.hold, looks.value);
};
function step(by: number): void {
  const index = connectors.value.findIndex((one) => one.id === chosen.value?.id);
  const next = connectors.value[(index + by + connectors.value.length) % connectors.value.length];
  if (next !== undefined) choose(next.id);
}
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
    title: "Say where this wire goes",
    keys: "R",
    enabled: () => placed.value !== null,
    run: () => void nextTick(() => document.getElementById("run-to")?.focus()),
  },
  { id: "face-svg", title: "Save this face as an SVG file", run: save },
  { id: "face-print", title: "Print this face", run: print },
  { id: "next-connector", title: "Next connector", keys: "]", run: () => step(1) },
  { id: "prev-connector", title: "Connector before", keys: "[", run: () => step(-1) },
]);
</script>

<template>
  <main v-if="chosen === undefined" class="start">
    <h1>No connector yet</h1>
    <p>Faces are drawn from the connectors of the pinouts.</p>
    <RouterLink class="btn pri" :to="{ name: 'pinouts' }">To the pinouts</RouterLink>
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
      <div class="bar more no-print">
        <label v-if="face" class="tick lab"><input v-model="counting" type="checkbox" /> count along</label>
        <label class="lab tick"
          >beside it
          <Select
            v-model="beside"
            class="besides"
            :options="besideOptions"
            option-label="label"
            option-value="value"
            aria-label="Beside it"
        /></label>
        <span class="acts"
          ><button type="button" class="btn quiet" @click="save">SVG</button
          ><button type="button" class="btn quiet" @click="print">Print</button></span
        >
      </div>
      <p v-if="chosen.keepOut" class="keep">
        <b>Keep out: {{ chosen.keepOut }}.</b> This plug stays shut here; its circuits belong to licensed
        practice.
      </p>
      <h2 class="print-only">
        {{ chosen.name }}{{ chosen.place ? `, ${chosen.place}` : ""
        }}{{ face ? `: ${holdWords(prefs.hold, face.shell)}` : "" }}
      </h2>
      <div ref="box" class="two-faces" :class="{ pair: other }">
        <ConnectorFace
          :connector="chosen"
          :hold="prefs.hold"
          :width="Math.max(300, other && width > 860 ? width / 2 - 16 : width)"
          :in-hand="selected"
          :now="now"
          :wires="dossier.wires"
          :counting="counting"
          pickable
          :max-pitch="72"
          :max-height="520"
          @pick="pick"
          @point="pointed = $event"
        />
        <div v-if="other">
          <ConnectorFace
            :connector="other"
            :hold="prefs.hold"
            :width="Math.max(300, width > 860 ? width / 2 - 16 : width)"
            :in-hand="otherHand"
            :now="otherNow"
            :wires="dossier.wires"
            :pickable="beside !== 'half'"
            :max-pitch="72"
            :max-height="520"
            @pick="pick"
          />
        </div>
      </div>
      <p class="pointed" aria-live="polite">
        {{ pointedWords
        }}<span v-if="pointedPlace && face" class="mut"
          >{{ placeWords(pointedPlace.locator) }}, {{ holdWords(prefs.hold, face.shell) }}</span
        >
      </p>
      <p v-if="otherWords" class="why">{{ otherWords }}</p>
      <p v-for="line in confusions.slice(0, 3)" :key="line" class="confused">{{ line }}</p>
      <p v-if="confusions.length > 3" class="why">
        And {{ confusions.length - 3 }} more; Look-alikes at the pin table lists them.
      </p>
      <p v-if="mateWords && !otherWords" class="why">{{ mateWords }}</p>
      <p v-if="face && face.unplaced.length" class="bad">
        The shell has no cavity
        {{
          face.unplaced
            .slice(0, 8)
            .map((pin) => pin.cavity)
            .join(", ")
        }}{{ face.unplaced.length > 8 ? ` and ${face.unplaced.length - 8} more` : "" }}. Either the label or
        the shell is wrong.
      </p>
      <p class="why about">
        {{ about.join(" · ") || "No shell is known." }}
        <RouterLink
          v-if="!store.begun"
          class="link no-print"
          :to="{ name: 'pinouts', query: { ...(selected ? { pin: selected } : {}), change: '1' } }"
          >{{ chosen.shell ? "Change" : "Give it a shell" }}</RouterLink
        >
      </p>
    </section>
    <aside>
      <section v-if="placed" class="in-hand" aria-label="The cavity in hand">
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
                  .map((reading) => formatColour(reading, pinSystem(placed!.pin, placed!.connector)) ?? "")
                  .join(" or ") || "colour not known"
              }}<template v-if="placed.pin.size">, {{ placed.pin.size }} mm²</template></span
            >
          </p>
        </div>
        <template v-if="here && face">
          <p class="place">
            <b>{{ placeWords(here.locator) }}</b><span class="mut">{{
              holdWords(prefs.hold, face.shell)
            }}</span
            ><span v-if="marks">{{ marks }}</span>
          </p>
          <p v-if="elsewhere" class="why all">
            On the {{ viewWords(otherHold.view) }}: {{ placeWords(elsewhere.locator) }}.
          </p>
        </template>
        <p v-else class="mut all">
          {{
            face
              ? "The shell has no such cavity."
              : "No shell is known, so no place is claimed. Count on the part."
          }}
        </p>
        <p v-if="placed.pin.circuit" class="all">
          <span class="lab">Circuit</span> <b class="code">{{ placed.pin.circuit }}</b>
        </p>
      </section>
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
.start {
  max-width: 560px;
  margin: 12vh auto 0;
  display: grid;
  gap: 14px;
  justify-items: start;
  padding: 0 20px;
}
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
.tick {
  display: flex;
  gap: 6px;
  align-items: center;
}
.tick input {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
.besides {
  width: 160px;
  min-height: 34px;
}
.acts {
  display: flex;
  gap: 8px;
  margin-left: auto;
}
.two-faces {
  min-width: 0;
  padding: 8px 0;
}
.two-faces.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 24px 32px;
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
.confused,
.keep {
  font-size: 14px;
  padding: 4px 0 4px 12px;
  border-left: 6px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 2px, transparent 2px 5px) 6;
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
  .acts {
    margin-left: 0;
  }
}
@media (max-width: 700px) {
  .more {
    order: 5;
  }
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
</style>
