<script setup lang="ts">
/** Readings of a wire that nobody knows: written into its note, with what they say of it. Nothing is done to the wire. */
import Dialog from "primevue/dialog";
import { computed, ref, watch } from "vue";
import {
  classMeasured,
  MEASURED_AT,
  measuredIn,
  MEASURED_WORDS,
  NOT_MEASURED,
  noteWith,
  pinName,
  SIGNAL_WORDS,
  type Measured,
  type Pin,
  type PlacedPin,
} from "@trevin/core";
import { useSignalOf } from "../../composables/useSignalOf.ts";

const props = defineProps<{ target: PlacedPin | null; nominalVolts: number }>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ keep: [pin: Pin] }>();

const classOf = useSignalOf();
type Typed = Record<keyof Measured, string>;
const blank = (): Typed => ({ off: "", on: "", lamps: "", cranking: "", ohms: "" });
const typed = ref<Typed>(blank());
const whatItIs = ref("");
const asClass = ref(true);
watch(open, (now) => {
  if (!now || props.target === null) return;
  const before = measuredIn(props.target.pin.note);
  typed.value = Object.fromEntries(
    Object.entries(before).map(([at, value]) => [at, value === null ? "" : String(value)]),
  ) as Typed;
  whatItIs.value = props.target.pin.function;
  asClass.value = classOf(props.target) === "unknown";
});
const numberOf = (text: string): number | null => {
  const number = Number(text.trim().replace(",", "."));
  return text.trim() === "" || !Number.isFinite(number) ? null : number;
};
const isBad = (text: string): boolean => text.trim() !== "" && numberOf(text) === null;
const measured = computed<Measured>(() => ({
  ...NOT_MEASURED,
  ...Object.fromEntries(Object.entries(typed.value).map(([at, text]) => [at, numberOf(text)])),
}));
const reads = computed(() => classMeasured(measured.value, props.nominalVolts));
const wrong = computed(() => Object.values(typed.value).some(isBad));
const some = computed(
  () => whatItIs.value.trim() !== "" || Object.values(measured.value).some((value) => value !== null),
);
function keep(): void {
  const pin = props.target?.pin;
  if (pin === undefined || wrong.value || !some.value) return;
  emit("keep", {
    ...pin,
    function: whatItIs.value.trim(),
    note: noteWith(pin.note, measured.value),
    signal: reads.value !== null && asClass.value ? reads.value : pin.signal,
  });
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`Measure ${target ? pinName(target) : ''} and write it down`"
    :draggable="false"
  >
    <p>
      Back-probe the cavity with its connector plugged in, meter to a known ground. Leave blank what you did
      not measure.
    </p>
    <form id="measure-form" class="grid" @submit.prevent="keep">
      <template v-for="(at, i) in MEASURED_AT" :key="at"
        ><label :for="`measure-${at}`">{{ MEASURED_WORDS[at] }}</label
        ><span
          ><input
            :id="`measure-${at}`"
            v-model="typed[at]"
            class="inp"
            inputmode="decimal"
            autocomplete="off"
            :autofocus="i === 0"
            :aria-invalid="isBad(typed[at])"
          />
          V</span
        ></template
      >
      <label for="measure-ohms">to ground, battery off</label
      ><span
        ><input
          id="measure-ohms"
          v-model="typed.ohms"
          class="inp"
          inputmode="decimal"
          autocomplete="off"
          :aria-invalid="isBad(typed.ohms)"
        />
        Ω</span
      >
      <label for="measure-what">what it is, if you know now</label
      ><input id="measure-what" v-model="whatItIs" class="inp" maxlength="200" autocomplete="off" />
    </form>
    <p v-if="wrong" class="bad" role="alert">A reading is a number, such as 12.4.</p>
    <p v-else-if="reads" role="status">
      <label
        ><input v-model="asClass" type="checkbox" /> Reads like <b>{{ SIGNAL_WORDS[reads] }}</b>: set it as
        the signal</label
      ><br /><span class="why"
        >A hint, not proof. A lamp or coil at the far end can show a voltage or a ground too.</span
      >
    </p>
    <p v-else class="why" role="status">These readings do not settle what it is.</p>
    <p class="why">
      High-impedance meter only on unknown wires: no test lamp, no jumper. Stay off restraint and high-voltage
      connectors.
    </p>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="submit" form="measure-form" class="btn pri" :disabled="wrong || !some">
        Write it down
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 8px 14px;
  align-items: center;
}
.grid span .inp {
  width: 110px;
}
.bad {
  font-weight: 650;
}
</style>
