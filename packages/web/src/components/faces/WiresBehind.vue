<script setup lang="ts">
/** Where the wire of the cavity in hand goes: followed as a list and as a drawing, and put down as it is found. */
import { computed, ref } from "vue";
import { useElementSize } from "@vueuse/core";
import {
  indexPins,
  linkWords,
  pinName,
  sameCircuit,
  sharedWords,
  spotDetail,
  spotWords,
  stretches,
  trace,
  wiresAt,
  type Dossier,
  type JoinPoint,
  type PinId,
  type PlacedPin,
} from "@trevin/core";
import type { WiringChange } from "../../stores/job.ts";
import RunForm from "./RunForm.vue";
import PointDialog from "./PointDialog.vue";
import TraceDrawing from "./TraceDrawing.vue";

const props = defineProps<{
  dossier: Dossier;
  placed: PlacedPin;
  change: (wiring: WiringChange) => Promise<boolean>;
}>();
const emit = defineEmits<{ pick: [pin: PinId] }>();
const pins = computed(() => indexPins(props.dossier));
const mated = ref(true);
const followed = computed(() => trace(props.dossier, props.placed.pin.id, mated.value ? undefined : []));
const all = computed(() => (followed.value === null ? [] : stretches(followed.value).slice(1)));
const LIMIT = 60;
const lines = computed(() => all.value.slice(0, LIMIT));
const shared = computed(() => sharedWords(props.dossier, props.placed, pins.value));
const anyMated = computed(() => props.dossier.connectors.some((connector) => connector.matesWith !== null));
const same = computed(() =>
  sameCircuit(props.dossier, props.placed.pin.id)
    .flatMap((id) => pins.value.get(id) ?? [])
    .slice(0, 4),
);
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);

const form = ref<InstanceType<typeof RunForm> | null>(null);
const own = computed(() => wiresAt(props.dossier, props.placed.pin.id));
const editing = ref<JoinPoint | null>(null);
</script>

<template>
  <section ref="box" class="behind" aria-label="Wires behind">
    <header>
      <h2>Wires behind {{ pinName(placed) }}</h2>
      <label v-if="anyMated" class="tick"><input v-model="mated" type="checkbox" /> plugs mated</label>
    </header>
    <p v-if="shared" class="shared">{{ shared }}</p>
    <p v-if="placed.pin.content === 'empty'" class="mut">Empty: no wire goes in here.</p>
    <p v-else-if="lines.length === 0" class="mut">
      Not traced yet. Enter where the wire goes: a splice, a ground point, another cavity.
    </p>
    <template v-else>
      <TraceDrawing
        v-if="followed && all.length <= 24"
        :whole="followed"
        :pins="pins"
        :width="Math.max(220, width)"
        @pick="emit('pick', $event)"
      />
      <ol class="lines">
        <li v-for="(line, i) in lines" :key="i" :style="{ paddingLeft: `${(line.depth - 1) * 14}px` }">
          <button
            v-if="line.spot.at === 'pin'"
            type="button"
            class="link code"
            @click="emit('pick', line.spot.placed.pin.id)"
          >
            {{ spotWords(line.spot) }}
          </button>
          <button
            v-else-if="line.spot.at === 'point'"
            type="button"
            class="link code"
            :title="`Change ${line.spot.point.name}`"
            @click="editing = line.spot.point"
          >
            {{ line.spot.point.name }}
          </button>
          <span v-else class="code">{{ spotWords(line.spot) }}</span>
          <span>{{ spotDetail(line.spot) }}</span>
          <span class="mut"
            >{{ line.link ? linkWords(line.link, pins) : "" }}{{ line.again ? ", a loop" : "" }}</span
          >
          <button
            v-if="line.link?.by === 'wire' && own.includes(line.link.wire)"
            type="button"
            class="link"
            :aria-label="`Remove the wire to ${spotWords(line.spot)}`"
            @click="change({ remove: [line.link.wire.id] })"
          >
            remove
          </button>
        </li>
      </ol>
      <p v-if="all.length > LIMIT" class="why">The nearest {{ LIMIT }} of {{ all.length }}.</p>
    </template>
    <p v-for="other in same" :key="other.pin.id" class="same">
      Circuit {{ placed.pin.circuit }} is also at <b class="code">{{ pinName(other) }}</b>.
      <button type="button" class="link" @click="form?.add({ at: 'pin', pin: other.pin.id })">
        It is the same wire
      </button>
    </p>
    <RunForm
      v-if="placed.pin.content !== 'empty'"
      ref="form"
      :dossier="dossier"
      :placed="placed"
      :pins="pins"
      :own="own"
      :change="change"
    />
    <PointDialog v-model:point="editing" :dossier="dossier" :change="change" />
  </section>
</template>

<style scoped>
.behind {
  display: grid;
  gap: 8px;
  border-top: 2px solid var(--ink);
  padding-top: 8px;
  min-width: 0;
}
header {
  display: flex;
  align-items: baseline;
  gap: 12px;
}
.tick {
  margin-left: auto;
  display: flex;
  gap: 6px;
  align-items: center;
  font: 500 14px/1 var(--f-label);
}
.tick input {
  accent-color: var(--ink);
  width: 18px;
  height: 18px;
}
.shared {
  font-weight: 650;
}
.lines li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 4px 0;
  font-size: 13.5px;
}
.lines .code {
  font-weight: 700;
}
.lines li > :last-child.link {
  margin-left: auto;
}
.same {
  font-size: 13.5px;
}
.bad {
  grid-column: 1 / -1;
}
</style>
