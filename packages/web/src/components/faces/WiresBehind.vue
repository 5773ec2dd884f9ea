<script setup lang="ts">
/** Where the wire of the cavity in hand goes: followed as a list and as a drawing, and put down as it is found. */
import { computed, ref, watch } from "vue";
import { useElementSize } from "@vueuse/core";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import {
  indexPins,
  JOIN_POINT_KINDS,
  JOIN_POINT_WORDS,
  joinPointId,
  linkWords,
  loomWireId,
  pinName,
  pointWords,
  readRunTarget,
  runTo,
  sameCircuit,
  sharedWords,
  spotDetail,
  spotWords,
  stretches,
  trace,
  wiresAt,
  type Dossier,
  type JoinPoint,
  type JoinPointKind,
  type LoomWire,
  type PinId,
  type PlacedPin,
  type WireEnd,
} from "@trevin/core";
import type { WiringChange } from "../../stores/job.ts";
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

const to = ref("");
const place = ref("");
const kind = ref<JoinPointKind>("splice");
const circuit = ref("");
const colour = ref("");
const bundle = ref("");
const more = ref(false);
const target = computed(() => readRunTarget(props.dossier, to.value));
watch(target, (next) => {
  if (next.kind === "new-point") kind.value = next.pointKind;
});
watch(
  () => props.placed.pin.id,
  () => {
    to.value = "";
    place.value = "";
    circuit.value = "";
    colour.value = "";
    bundle.value = "";
  },
);
const problem = computed(() =>
  target.value.kind === "no-such-cavity"
    ? `${target.value.connector} has no cavity ${target.value.cavity}.`
    : "",
);
const canAdd = computed(() => target.value.kind === "end" || target.value.kind === "new-point");
async function add(end: WireEnd | null = null): Promise<void> {
  const aim = target.value;
  const id = joinPointId(crypto.randomUUID());
  const point: JoinPoint | null =
    end === null && aim.kind === "new-point"
      ? { id, name: aim.name, kind: kind.value, place: place.value.trim(), thread: null }
      : null;
  const named = point === null ? null : { at: "point" as const, point: id };
  const far = end ?? (aim.kind === "end" ? aim.end : named);
  if (far === null || (far.at === "pin" && far.pin === props.placed.pin.id)) return;
  const wire = runTo(
    props.dossier,
    props.placed,
    far,
    { colour: colour.value.trim(), circuit: circuit.value.trim(), bundle: bundle.value.trim() },
    loomWireId(crypto.randomUUID()),
  );
  if (await props.change({ put: [wire], ...(point === null ? {} : { putPoints: [point] }) })) to.value = "";
}
const fork = (wire: LoomWire): Promise<boolean> => {
  const aim = target.value;
  return aim.kind === "end"
    ? props.change({ put: [{ ...wire, ends: [...wire.ends, aim.end] }] })
    : Promise.resolve(false);
};
const own = computed(() => wiresAt(props.dossier, props.placed.pin.id));
/** Every end that a wire can go to; the first that begin as it was typed are offered. */
const targets = computed(() => [
  ...props.dossier.points.map((point) => point.name),
  ...[...pins.value.values()].filter(({ pin }) => pin.content !== "empty").map(pinName),
  "capped",
  "loom",
]);
const known = computed(() =>
  targets.value
    .filter(
      (name) =>
        name.toLowerCase().startsWith(to.value.trim().toLowerCase()) && name !== pinName(props.placed),
    )
    .slice(0, 30),
);

const editing = ref<JoinPoint | null>(null);
const draft = ref({ name: "", kind: "splice" as JoinPointKind, place: "", thread: "" });
function edit(point: JoinPoint): void {
  editing.value = point;
  draft.value = {
    name: point.name,
    kind: point.kind,
    place: point.place,
    thread: point.thread === null ? "" : String(point.thread),
  };
}
async function save(): Promise<void> {
  const point = editing.value;
  if (point === null || draft.value.name.trim() === "") return;
  const thread = Number(draft.value.thread.replace(/^m/i, "").replace(",", "."));
  if (
    await props.change({
      putPoints: [
        {
          ...point,
          name: draft.value.name.trim(),
          kind: draft.value.kind,
          place: draft.value.place.trim(),
          thread: thread >= 1 && thread <= 40 ? thread : null,
        },
      ],
    })
  )
    editing.value = null;
}
async function removePoint(): Promise<void> {
  const point = editing.value;
  if (point === null) return;
  if (
    await props.change({
      removePoints: [point.id],
      remove: props.dossier.wires
        .filter((wire) => wire.ends.some((end) => end.at === "point" && end.point === point.id))
        .map((wire) => wire.id),
    })
  )
    editing.value = null;
}
const kinds = JOIN_POINT_KINDS.map((value) => ({ value, label: JOIN_POINT_WORDS[value] }));
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
            @click="edit(line.spot.point)"
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
      <button type="button" class="link" @click="add({ at: 'pin', pin: other.pin.id })">
        It is the same wire
      </button>
    </p>
    <form v-if="placed.pin.content !== 'empty'" class="add" @submit.prevent="add()">
      <label class="lab" for="run-to">Runs to</label>
      <input
        id="run-to"
        v-model="to"
        class="inp code"
        list="run-targets"
        placeholder="S104, B12.7, capped"
        autocomplete="off"
      />
      <datalist id="run-targets"><option v-for="name in known" :key="name" :value="name" /></datalist>
      <button type="submit" class="btn" :disabled="!canAdd">Record</button>
      <template v-if="target.kind === 'new-point'">
        <span class="lab">a new</span>
        <Select
          v-model="kind"
          :options="kinds"
          option-label="label"
          option-value="value"
          aria-label="Kind of point"
        />
        <input
          v-model="place"
          class="inp wide"
          placeholder="where: under the sill trim"
          aria-label="Where it is found"
          maxlength="120"
        />
      </template>
      <template v-if="more">
        <label class="lab" for="run-circuit">Circuit</label
        ><input id="run-circuit" v-model="circuit" class="inp code" maxlength="40" />
        <span />
        <label class="lab" for="run-colour">Colour</label
        ><input
          id="run-colour"
          v-model="colour"
          class="inp code"
          placeholder="as at the pin"
          maxlength="60"
        />
        <span />
        <label class="lab" for="run-bundle">Twist or shield</label
        ><input id="run-bundle" v-model="bundle" class="inp code" placeholder="T1 or S1" maxlength="40" />
      </template>
      <button type="button" class="link more" :aria-expanded="more" @click="more = !more">
        {{ more ? "less" : "circuit, colour, twist" }}
      </button>
      <button
        v-if="own.length && target.kind === 'end'"
        type="button"
        class="link more"
        @click="fork(own[0]!)"
      >
        the wire branches there
      </button>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    </form>
    <Dialog
      :visible="editing !== null"
      modal
      :header="`Point ${editing?.name ?? ''}`"
      :draggable="false"
      @update:visible="editing = null"
    >
      <form id="point-form" class="point" @submit.prevent="save">
        <p v-if="editing" class="shared">{{ pointWords(dossier, editing) }}</p>
        <div class="two">
          <div class="field">
            <label for="p-name">Name</label
            ><InputText id="p-name" v-model="draft.name" autofocus maxlength="40" />
          </div>
          <div class="field">
            <span id="p-kind" class="label">Kind</span
            ><Select
              v-model="draft.kind"
              :options="kinds"
              option-label="label"
              option-value="value"
              aria-labelledby="p-kind"
            />
          </div>
        </div>
        <div class="field">
          <label for="p-place">Where it is found</label
          ><InputText id="p-place" v-model="draft.place" maxlength="120" />
        </div>
        <div v-if="draft.kind === 'stud' || draft.kind === 'ground'" class="field">
          <label for="p-thread">Thread, mm (M6 is 6)</label
          ><InputText id="p-thread" v-model="draft.thread" maxlength="6" />
        </div>
      </form>
      <template #footer>
        <button type="button" class="btn quiet left" @click="removePoint">Remove point and its wires</button>
        <button type="button" class="btn quiet" @click="editing = null">Cancel</button>
        <button type="submit" form="point-form" class="btn pri" :disabled="draft.name.trim() === ''">
          Save
        </button>
      </template>
    </Dialog>
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
.add {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 6px 8px;
  align-items: center;
}
.wide {
  grid-column: 2 / -1;
}
.more {
  grid-column: 1 / -1;
  justify-self: start;
  font: 500 14px/18px var(--f-label);
}
.bad {
  grid-column: 1 / -1;
}
.point {
  display: grid;
  gap: 14px;
}
.left {
  margin-right: auto;
}
</style>
