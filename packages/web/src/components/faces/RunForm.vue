<script setup lang="ts">
/** Where a wire goes, put down as it is found: to a cavity, a point that is there, or a new one. */
import Select from "primevue/select";
import { computed, ref, watch } from "vue";
import {
  blankPoint,
  JOIN_POINT_KINDS,
  JOIN_POINT_WORDS,
  joinPointId,
  loomWireId,
  pinName,
  readRunTarget,
  runTo,
  type Dossier,
  type JoinPoint,
  type JoinPointKind,
  type LoomWire,
  type PinId,
  type PlacedPin,
  type WireEnd,
} from "@trevin/core";
import type { WiringChange } from "../../stores/job.ts";

const props = defineProps<{
  dossier: Dossier;
  placed: PlacedPin;
  pins: ReadonlyMap<PinId, PlacedPin>;
  own: readonly LoomWire[];
  change: (wiring: WiringChange) => Promise<boolean>;
}>();
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
      ? { ...blankPoint(id, aim.name, kind.value), place: place.value.trim() }
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
/** Every end that a wire can go to; the first that begin as it was typed are offered. */
const targets = computed(() => [
  ...props.dossier.points.map((point) => point.name),
  ...[...props.pins.values()].filter(({ pin }) => pin.content !== "empty").map(pinName),
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

const kinds = JOIN_POINT_KINDS.map((value) => ({ value, label: JOIN_POINT_WORDS[value] }));
defineExpose({ add });
</script>

<template>
  <form class="add" @submit.prevent="add()">
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
      ><input id="run-colour" v-model="colour" class="inp code" placeholder="as at the pin" maxlength="60" />
      <span />
      <label class="lab" for="run-bundle">Twist or shield</label
      ><input id="run-bundle" v-model="bundle" class="inp code" placeholder="T1 or S1" maxlength="40" />
    </template>
    <button type="button" class="link more" :aria-expanded="more" @click="more = !more">
      {{ more ? "less" : "circuit, colour, twist" }}
    </button>
    <button v-if="own.length && target.kind === 'end'" type="button" class="link more" @click="fork(own[0]!)">
      the wire branches there
    </button>
    <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
  </form>
</template>

<style scoped>
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
</style>
