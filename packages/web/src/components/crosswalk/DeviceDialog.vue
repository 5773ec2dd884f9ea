<script setup lang="ts">
/** The part between two wires: put in, changed or taken out. */
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { computed, shallowRef, watch } from "vue";
import {
  deviceWords,
  dividerFor,
  dividerReadings,
  fedLegs,
  list,
  missingLegs,
  terminalWords,
  blankDevice,
  type DeviceKind,
  type Dossier,
  type InsertedDevice,
  type JoinPoint,
} from "@trevin/core";
import DeviceLegs from "./DeviceLegs.vue";

const props = defineProps<{
  now: InsertedDevice | null;
  proposed: InsertedDevice | null;
  nominalVolts: number;
  dossier: Dossier;
  /** Whether the vehicle's wire is tapped and not cut. */
  tapped: boolean;
}>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ put: [device: InsertedDevice | undefined, points: readonly JoinPoint[]] }>();

const KINDS: readonly { readonly value: DeviceKind; readonly label: string }[] = [
  { value: "diodes", label: "diode in each wire" },
  { value: "divider", label: "divider of two resistors" },
  { value: "regulator", label: "voltage regulator" },
  { value: "relay", label: "relay" },
  { value: "resistor", label: "resistor" },
  { value: "fuse", label: "fuse" },
  { value: "switch", label: "switch in the loop" },
  { value: "converter", label: "converter or adapter" },
];
const SIDES = [
  { value: "vehicle", label: "vehicle" },
  { value: "incoming", label: "incoming part" },
];
const device = shallowRef<InsertedDevice>(blankDevice("diodes"));
/** Supplies and ground points that are made with it, by the terminal that hangs on them. */
const made = shallowRef<ReadonlyMap<string, JoinPoint>>(new Map());
watch(open, (now) => {
  made.value = new Map();
  if (now) device.value = props.now ?? props.proposed ?? blankDevice("diodes");
});
const setKind = (kind: DeviceKind): void => {
  device.value = kind === "divider" ? { kind, ...dividerFor(props.nominalVolts, 5) } : blankDevice(kind);
};
const set = (patch: object): void => {
  device.value = { ...device.value, ...patch } as InsertedDevice;
};
const problem = computed(() => {
  const bad = Object.entries(device.value).find(
    ([, value]) => typeof value === "number" && !(value > 0 && value < 1e8),
  );
  if (bad !== undefined) return "Enter numbers above 0.";
  return device.value.kind === "converter" && device.value.what.trim() === "" ? "Enter what it is." : "";
});
/** Only those that a terminal still hangs on. */
const used = computed(() => {
  const hung = new Set(fedLegs(device.value).map(({ supply }) => supply));
  return [...made.value.values()].filter(({ id }) => hung.has(id));
});
/** A part with a signal path has a way in and a way out. */
const hasInput = computed(() => ["divider", "regulator", "converter"].includes(device.value.kind));
const what = computed(() => {
  const missing = missingLegs(device.value);
  if (missing.length > 0) return `Still missing: ${list(missing.map(terminalWords))}.`;
  return props.tapped
    ? `The vehicle's wire stays whole; a lead goes from it to ${deviceWords(device.value)}.`
    : `Both wires are cut and joined to ${deviceWords(device.value)}.`;
});
const number = (event: Event): number => Number((event.target as HTMLInputElement).value.replace(",", "."));
const volts = computed(() => {
  const { value } = device;
  return value.kind === "divider" && problem.value === ""
    ? dividerReadings(props.nominalVolts, value).map(
        ({ at, volts: seen }) => `${seen.toFixed(2)} V at ${at.toFixed(1)} V`,
      )
    : [];
});
</script>

<template>
  <Dialog v-model:visible="open" modal header="Device in between" :draggable="false">
    <form id="device-form" class="form" @submit.prevent="problem === '' && emit('put', device, used)">
      <div class="field">
        <span id="d-kind" class="label">Part</span
        ><Select
          :model-value="device.kind"
          :options="KINDS as never"
          option-label="label"
          option-value="value"
          aria-labelledby="d-kind"
          @update:model-value="setKind"
        />
      </div>
      <div v-if="device.kind === 'diodes'" class="field">
        <span id="d-band" class="label">Diode cathode (band) towards</span
        ><Select
          :model-value="device.band"
          :options="SIDES"
          option-label="label"
          option-value="value"
          aria-labelledby="d-band"
          @update:model-value="set({ band: $event })"
        />
      </div>
      <div v-else-if="device.kind === 'relay'" class="field">
        <span id="d-coil" class="label">Relay coil driven by</span
        ><Select
          :model-value="device.coil"
          :options="SIDES"
          option-label="label"
          option-value="value"
          aria-labelledby="d-coil"
          @update:model-value="set({ coil: $event })"
        />
      </div>
      <div v-else-if="device.kind === 'divider'" class="two">
        <div class="field">
          <label for="d-upper">Source to input, Ω</label
          ><input
            id="d-upper"
            class="inp"
            inputmode="decimal"
            :value="device.upper"
            @input="set({ upper: number($event) })"
          />
        </div>
        <div class="field">
          <label for="d-lower">Input to ground, Ω</label
          ><input
            id="d-lower"
            class="inp"
            inputmode="decimal"
            :value="device.lower"
            @input="set({ lower: number($event) })"
          />
        </div>
      </div>
      <div v-else-if="device.kind === 'regulator'" class="field">
        <label for="d-volts">Output, V</label
        ><input
          id="d-volts"
          class="inp"
          inputmode="decimal"
          :value="device.volts"
          @input="set({ volts: number($event) })"
        />
      </div>
      <div v-else-if="device.kind === 'resistor'" class="two">
        <div class="field">
          <label for="d-ohms">Resistance, Ω</label
          ><input
            id="d-ohms"
            class="inp"
            inputmode="decimal"
            :value="device.ohms"
            @input="set({ ohms: number($event) })"
          />
        </div>
        <div class="field">
          <span id="d-how" class="label">How</span
          ><Select
            :model-value="device.how"
            :options="['in series', 'in parallel']"
            aria-labelledby="d-how"
            @update:model-value="set({ how: $event })"
          />
        </div>
      </div>
      <div v-else-if="device.kind === 'fuse'" class="field">
        <label for="d-amps">Rating, A</label
        ><input
          id="d-amps"
          class="inp"
          inputmode="decimal"
          :value="device.amps"
          @input="set({ amps: number($event) })"
        />
      </div>
      <div v-else-if="device.kind === 'switch'" class="field">
        <span id="d-what" class="label">Closed when</span
        ><Select
          :model-value="device.what"
          :options="[
            { value: 'clutch', label: 'the clutch is down' },
            { value: 'neutral', label: 'the gearbox is in neutral' },
          ]"
          option-label="label"
          option-value="value"
          aria-labelledby="d-what"
          @update:model-value="set({ what: $event })"
        />
      </div>
      <div v-else class="field">
        <label for="d-conv">What it does</label
        ><InputText
          id="d-conv"
          :model-value="device.what"
          maxlength="120"
          @update:model-value="set({ what: $event ?? '' })"
        />
      </div>
      <div v-if="hasInput" class="field">
        <span id="d-source" class="label">Signal comes from</span
        ><Select
          :model-value="device.source ?? 'vehicle'"
          :options="SIDES"
          option-label="label"
          option-value="value"
          aria-labelledby="d-source"
          @update:model-value="set({ source: $event })"
        />
      </div>
      <DeviceLegs
        v-model:made="made"
        :device="device"
        :points="dossier.points"
        @put="set({ legs: $event })"
      />
      <p v-if="volts.length" class="lab">The input sees {{ volts.join(", ") }}.</p>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      <p v-else class="why">{{ what }}</p>
    </form>
    <template #footer>
      <button v-if="now" type="button" class="btn quiet" @click="emit('put', undefined, [])">
        Take it out</button
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button>
      <button type="submit" form="device-form" class="btn pri" :disabled="problem !== ''">
        {{ now ? "Change it" : "Add step" }}
      </button>
    </template>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
}
</style>
