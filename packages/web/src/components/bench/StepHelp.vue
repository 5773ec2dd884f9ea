<script setup lang="ts">
/** What to mind at a step: twins and look-alikes, what the wire is, photos, and the ticks before Done. */
import { computed } from "vue";
import {
  colourInWords,
  mistakenFor,
  originWords,
  type CavityLook,
  type Connector,
  type Half,
  type PinId,
  type PlacedPin,
  type StepWords,
} from "@trevin/core";
import type { Hold } from "@trevin/core";
import type { ShownStep } from "../../composables/usePlan.ts";
import { useSignalOf } from "../../composables/useSignalOf.ts";
import PhotoStrip from "../faces/PhotoStrip.vue";
import DrawnWire from "../parts/DrawnWire.vue";
import HazardBox from "../parts/HazardBox.vue";
import LiveHalf from "./LiveHalf.vue";
import type { BenchReading } from "./benchReading.ts";
import StepReadings from "./StepReadings.vue";
import StepHow from "./StepHow.vue";
import StepTicks from "./StepTicks.vue";

const props = defineProps<{
  shown: ShownStep;
  wire: PlacedPin | null;
  at: PlacedPin | null;
  twins: readonly PlacedPin[];
  connector: Connector | null;
  connectors: readonly Connector[];
  now: ReadonlyMap<PinId, CavityLook>;
  job: string;
  hold: Hold;
  phone: boolean;
  acts: readonly StepWords[];
  asked: boolean;
  missing: number;
  readings: readonly BenchReading[];
  nominalVolts: number;
  notes: readonly { readonly seq: number; readonly text: string }[];
}>();
/** At most two: more would not be read with the pick in the hand. */
const lookAlikes = computed(() => {
  const { step, colour } = props.shown;
  return props.wire === null || colour === null || step.kind !== "release"
    ? []
    : mistakenFor(props.wire, colour, props.now).slice(0, 2);
});
const classOf = useSignalOf();
const ticked = defineModel<ReadonlySet<string>>("ticked", { required: true });
const mileage = defineModel<string>("mileage", { required: true });
const live = defineModel<Half | null>("live", { required: true });
const measured = defineModel<ReadonlyMap<string, string>>("measured", { required: true });
const emit = defineEmits<{ all: [] }>();
</script>

<template>
  <section class="help">
    <div class="mind">
      <HazardBox
        v-if="twins.length"
        severity="caution"
        :title="`${twins.map((twin) => twin.pin.cavity).join(', ')} looks the same`"
        detail="Go by cavity, not colour. Leave the twin in."
      />
      <HazardBox
        v-else-if="lookAlikes.length && shown.colour"
        severity="caution"
        :title="`${lookAlikes.map((other) => other.pin.cavity).join(' and ')} could be mistaken for it`"
      >
        <div class="alike">
          <DrawnWire :colour="shown.colour" :thick="phone ? 13 : 16" :length="phone ? 110 : 150" /><b
            class="code"
            >{{ at?.pin.cavity }}</b
          ><span
            ><b>{{ colourInWords(shown.colour) }}</b
            >: take</span
          >
          <template v-for="other in lookAlikes" :key="other.pin.id"
            ><DrawnWire :colour="other.colour" :thick="phone ? 13 : 16" :length="phone ? 110 : 150" /><b
              class="code"
              >{{ other.pin.cavity }}</b
            ><span>{{ colourInWords(other.colour) }}: leave</span></template
          >
        </div>
      </HazardBox>
      <div v-if="wire" class="facts">
        <p>
          <b>{{ wire.pin.function || "function not recorded" }}</b>
        </p>
        <p v-if="shown.step.kind === 'insert'">{{ originWords(shown.step, wire) }}</p>
        <p class="mut">
          {{ classOf(wire) }}<template v-if="wire.pin.size">, {{ wire.pin.size }} mm²</template
          ><template v-if="wire.pin.note">. {{ wire.pin.note }}</template>
        </p>
      </div>
      <PhotoStrip
        v-if="shown.step.kind === 'photograph' && connector"
        class="shoot"
        :job="job"
        :connectors="connectors"
        :connector="connector"
        :placed="null"
        :hold="hold"
      />
      <LiveHalf v-if="shown.step.kind === 'find-live'" v-model="live" :asked="asked" />
      <StepReadings
        v-if="readings.length"
        v-model="measured"
        :asked="readings"
        :nominal-volts="nominalVolts"
        :pressed="asked"
      />
      <p v-if="shown.step.kind === 'note-odometer'" class="mileage">
        <label for="mileage">Mileage, as the cluster shows it</label
        ><input
          id="mileage"
          v-model="mileage"
          class="inp"
          maxlength="40"
          placeholder="123 456 km"
          autocomplete="off"
        />
      </p>
      <ul v-if="notes.length" class="notes" aria-label="Notes at this step">
        <li v-for="note in notes" :key="note.seq"><b>Note:</b> {{ note.text }}</li>
      </ul>
    </div>
    <StepHow :kind="shown.step.kind" :connector="at?.connector ?? connector" :wire="wire" />
    <StepTicks
      v-model="ticked"
      class="ticks"
      :acts="acts"
      :asked="asked"
      :missing="missing"
      @all="emit('all')"
    />
  </section>
</template>

<style scoped>
.help {
  grid-area: help;
  display: grid;
  grid-template-columns: minmax(0, 0.9fr) minmax(0, 1.1fr);
  gap: 28px;
  align-items: start;
  padding-top: 14px;
}
.help:has(> .how) {
  grid-template: "mind how" auto "ticks how" 1fr / minmax(0, 0.75fr) minmax(0, 1.5fr);
  row-gap: 14px;
}
.help:has(> .how) .mind {
  grid-area: mind;
}
.help:has(> .how) .ticks {
  grid-area: ticks;
}
.how {
  grid-area: how;
}
.unsaid {
  grid-column: 1 / -1;
}
.mind {
  display: grid;
  gap: 12px;
  font-size: 16px;
}
.alike {
  display: grid;
  grid-template-columns: auto auto 1fr;
  gap: 6px 12px;
  align-items: center;
  margin-top: 8px;
}
.alike .code {
  font-weight: 700;
  font-size: 17px;
}
.facts b {
  font-weight: 650;
  font-size: 18px;
}
.shoot :deep(.btn) {
  min-height: 56px;
  min-width: 96px;
  font-size: 18px;
}
.mileage {
  display: grid;
  gap: 4px;
}
.mileage .inp {
  min-height: 56px;
  font-size: 22px;
}
@media (max-width: 999px) {
  .help,
  .help:has(> .how) {
    grid-template: none / minmax(0, 1fr);
    gap: 12px;
  }
  .help:has(> .how) .mind,
  .help:has(> .how) .ticks,
  .help:has(> .how) .how {
    grid-area: auto;
  }
}
</style>
