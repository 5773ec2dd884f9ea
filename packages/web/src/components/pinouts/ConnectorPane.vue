<script setup lang="ts">
/** The connector in hand: its face, the place of the pin, what is known of it. */
import { useElementSize } from "@vueuse/core";
import { computed, ref } from "vue";
import type { RouteLocationRaw } from "vue-router";
import {
  faceOf,
  goesAway,
  hasPartBehind,
  holdWords,
  landmarks,
  landmarkWords,
  locate,
  placeWords,
  valueOf,
  viewWords,
  type CavityLook,
  type Connector,
  type Dossier,
  type Hold,
  type OwnWord,
  type Pin,
  type PinId,
  type Source,
  type SourceId,
} from "@trevin/core";
import { shellLine } from "../../shells/draft.ts";
import { usePrefs } from "../../stores/prefs.ts";
import CavityLabel from "../parts/CavityLabel.vue";
import ConnectorFace from "../parts/ConnectorFace.vue";
import PartBehind from "../parts/PartBehind.vue";
import PinInspector from "./PinInspector.vue";
import LiveAt from "../proof/LiveAt.vue";
import { useLiveNow } from "../../composables/useLiveNow.ts";
import ReadingDialog from "./ReadingDialog.vue";

const props = defineProps<{
  connector: Connector;
  pin: Pin | undefined;
  /** What a change in the inspector is made to. */
  chosen: readonly Pin[];
  dossier: Dossier;
  sources: ReadonlyMap<SourceId, Source>;
  words: readonly OwnWord[];
  now: ReadonlyMap<PinId, CavityLook>;
  toFaces: RouteLocationRaw;
}>();
const emit = defineEmits<{
  select: [pin: PinId, clicked: boolean];
  put: [pins: readonly Pin[]];
  doubt: [];
  learn: [word: OwnWord];
  edit: [];
}>();

/** Whether the label of the pin in hand is being taught. */
const misread = ref(false);
const pane = ref<HTMLElement | null>(null);
const { width: paneWidth } = useElementSize(pane);
const FACE = 406;
/** As wide as the pane has room for; its usual width till it is measured. */
const faceWidth = computed(() =>
  paneWidth.value === 0 ? FACE : Math.min(FACE, Math.floor(paneWidth.value)),
);
const prefs = usePrefs();
const { positions, cavities, live } = useLiveNow(() => props.connector);
const SIDES = { vehicle: "stays", incoming: "comes in" } as const;
const face = computed(() => faceOf(props.connector));
const where = computed(() => (props.pin === undefined ? null : locate(face.value, props.pin.id, prefs.hold)));
const marks = computed(() =>
  face.value === null || where.value === null
    ? ""
    : landmarkWords(landmarks(face.value, where.value, prefs.hold)),
);
const otherHold = computed<Hold>(() => ({
  ...prefs.hold,
  view: prefs.hold.view === "wire" ? "mating" : "wire",
}));
const whereElse = computed(() =>
  props.pin === undefined ? null : locate(face.value, props.pin.id, otherHold.value),
);
</script>

<template>
  <aside ref="pane" class="right">
    <header>
      <b
        >{{ connector.name }}<template v-if="face">, {{ holdWords(prefs.hold, face.shell) }}</template></b
      ><button v-if="face" type="button" class="btn quiet" @click="prefs.turnOver()">
        Turn over <kbd class="letter">V</kbd></button
      ><RouterLink class="btn quiet" :to="toFaces">Large <kbd class="letter">F</kbd></RouterLink>
    </header>
    <ConnectorFace
      v-if="connector.pins.length <= 400"
      :connector="connector"
      :hold="prefs.hold"
      :width="faceWidth"
      :in-hand="pin?.id ?? null"
      :live="live"
      :now="now"
      :wires="dossier.wires"
      pickable
      :max-pitch="52"
      :max-height="330"
      @pick="(id, clicked) => emit('select', id, clicked)"
    />
    <section v-if="pin" class="pin">
      <CavityLabel :label="pin.cavity" state="hand" />
      <p v-if="where">
        <b>{{ placeWords(where.locator) }}</b><br /><span class="mut">{{ marks }}</span>
      </p>
      <p v-else class="mut">
        {{ face ? "The housing has no such cavity." : "Housing not known: count the cavities on the part." }}
      </p>
    </section>
    <p v-if="whereElse && pin" class="else">
      The same {{ pin.cavity }} on the {{ viewWords(otherHold.view) }}:
      <b>{{ placeWords(whereElse.locator) }}</b>
    </p>
    <LiveAt :connector="connector" :positions="positions" :cavities="cavities" :pin="pin?.id ?? null" />
    <PinInspector
      v-if="pin && (pin.content !== 'empty' || valueOf(pin, 'colour') !== '')"
      :pin="pin"
      :connector="connector"
      :sources="sources"
      :chosen="chosen"
      :words="words"
      :nominal-volts="dossier.head.nominalVolts"
      @put="emit('put', $event)"
      @doubt="emit('doubt')"
      @misread="misread = true"
    />
    <PartBehind
      v-if="hasPartBehind(dossier, connector) && !goesAway(dossier, connector)"
      :connector="connector"
      :dossier="dossier"
      class="partbehind"
    />
    <dl class="facts lab">
      <dt>side</dt>
      <dd>{{ connector.side }}, {{ SIDES[connector.side] }}</dd>
      <template v-if="connector.branch"
        ><dt>branch</dt>
        <dd>{{ connector.branch }}</dd></template
      >
      <template v-if="connector.shell"
        ><dt>housing</dt>
        <dd>{{ shellLine(connector.shell) }}</dd></template
      >
      <template v-if="connector.keepOut"
        ><dt>keep out</dt>
        <dd>
          <b>{{ connector.keepOut }}</b>
        </dd></template
      >
      <template v-if="connector.module"
        ><dt>module</dt>
        <dd>{{ connector.module }}</dd></template
      >
      <dt>wires</dt>
      <dd>{{ connector.leads === "loom" ? "run on into a loom" : "pigtail with free ends" }}</dd>
      <dt>sealed</dt>
      <dd>{{ connector.sealed ? "yes: open cavities get a cavity plug" : "no" }}</dd>
    </dl>
    <button type="button" class="btn quiet edit" @click="emit('edit')">Edit connector</button>
    <ReadingDialog
      v-if="pin"
      v-model:open="misread"
      :pin="pin"
      :connector="connector"
      :dossier="dossier"
      :words="words"
      @learn="emit('learn', $event)"
    />
  </aside>
</template>

<style scoped>
.right {
  border-left: 1px solid var(--ink);
  padding: 8px 20px 20px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-width: 0;
}
.right header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
}
.right header {
  gap: 8px;
}
.right header b {
  margin-right: auto;
}
.pin {
  display: flex;
  gap: 12px;
  align-items: center;
}
.pin .cav {
  height: 40px;
  min-width: 44px;
  font-size: 20px;
  flex: none;
}
.else {
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}
.facts {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 14px;
  border-top: 2px solid var(--ink);
  padding-top: 10px;
}
.facts dt {
  color: var(--ink2);
}
.partbehind {
  border-top: 2px solid var(--ink);
  padding-top: 10px;
}
.edit {
  align-self: start;
}
@media (max-width: 1000px) {
  .right {
    border-left: 0;
    border-top: 1px solid var(--ink);
  }
}
</style>
