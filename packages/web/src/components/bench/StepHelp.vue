<script setup lang="ts">
/** What to mind at a step: twins and look-alikes, what the wire is, photos, and the ticks before Done. */
import { computed, ref, watch } from "vue";
import {
  colourInWords,
  originWords,
  type CavityLook,
  type Connector,
  type PinId,
  type PlacedPin,
} from "@trevin/core";
import type { Hold } from "@trevin/core";
import type { ShownStep } from "../../composables/usePlan.ts";
import PhotoStrip from "../faces/PhotoStrip.vue";
import DrawnWire from "../parts/DrawnWire.vue";
import HazardBox from "../parts/HazardBox.vue";

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
}>();
/** Wires of the same base colour that sit in the connector now: worth a second look before the pick goes in. */
const lookAlikes = computed(() => {
  const own = props.wire;
  const colour = props.shown.colour;
  if (own === null || colour === null || props.shown.step.kind !== "release") return [];
  return own.connector.pins
    .flatMap((pin) => {
      const other = pin.id === own.pin.id ? undefined : props.now.get(pin.id);
      const [seen] = other?.readings ?? [];
      return other?.state === "occupied" && seen !== undefined && seen.base === colour.base
        ? [{ pin, colour: seen }]
        : [];
    })
    .slice(0, 2);
});
const ticks = ref<boolean[]>([]);
watch(
  () => props.shown.step.id,
  () => {
    ticks.value = [];
  },
);
</script>

<template>
  <section class="help">
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
        {{ wire.pin.signal }}<template v-if="wire.pin.size">, {{ wire.pin.size }} mm²</template
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
    <fieldset class="chk">
      <legend>Before Done</legend>
      <label v-for="(item, i) in shown.words.before" :key="item"
        ><input v-model="ticks[i]" type="checkbox" /> {{ item }}</label
      >
    </fieldset>
  </section>
</template>

<style scoped>
.help {
  grid-area: help;
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 0.9fr) minmax(0, 1.2fr);
  gap: 24px;
  align-items: start;
  padding-top: 14px;
}
.help > :first-child:not(.hz) {
  grid-column: 1;
}
.alike {
  display: grid;
  grid-template-columns: auto auto 1fr;
  gap: 6px 12px;
  align-items: center;
  margin-top: 8px;
  font-size: 16px;
}
.alike .code {
  font-weight: 700;
  font-size: 17px;
}
.facts p {
  font-size: 16px;
}
.facts b {
  font-weight: 650;
  font-size: 18px;
}
.chk {
  border: 0;
  grid-column: 3;
}
.facts {
  grid-column: 2;
}
.shoot {
  grid-column: 1 / 3;
}
.shoot :deep(.btn) {
  min-height: 56px;
  min-width: 96px;
  font-size: 18px;
}
.chk legend {
  font: 600 19px/24px var(--f-label);
  padding-bottom: 4px;
}
.chk label {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 40px;
  border-top: 1px solid var(--rule);
  font-size: 16px;
  line-height: 20px;
  cursor: pointer;
}
.chk input {
  width: 24px;
  height: 24px;
  accent-color: var(--ink);
  flex: none;
}
@media (max-width: 999px) {
  .help {
    grid-template-columns: 1fr 1fr;
    gap: 16px;
  }
  .help > * {
    grid-column: auto !important;
  }
  .help .chk {
    grid-column: 1 / -1 !important;
    display: grid;
    grid-template-columns: 1fr 1fr;
    column-gap: 24px;
  }
  .chk label {
    min-height: 48px;
    font-size: 18px;
  }
}
@media (max-width: 700px) {
  .help {
    grid-template-columns: 1fr;
    gap: 10px;
  }
  .help .chk {
    grid-template-columns: 1fr;
  }
  .chk label {
    min-height: 44px;
    font-size: 16px;
  }
}
</style>
