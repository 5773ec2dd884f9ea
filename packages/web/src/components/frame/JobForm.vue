<script setup lang="ts">
/** A job's details, for a new job and for changing them. */
import { computed, reactive, ref, watch } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { driveOf, JOB_KINDS, METHODS, VEHICLE_DRIVES, type JobHead, type VehicleDrive } from "@trevin/core";

const open = defineModel<boolean>("open", { required: true });
const props = defineProps<{
  start: JobHead | null;
  title: string;
  action: string;
  submit: (head: JobHead) => Promise<string | null>;
}>();

const NEW: JobHead = {
  name: "",
  kind: "module-integration",
  vehicle: "",
  incoming: "",
  nominalVolts: 12,
  method: "move",
};
const form = reactive<{ -readonly [K in keyof JobHead]: JobHead[K] }>({ ...NEW });
const volts = ref("12");
const voltsTyped = (): number => Number(volts.value.replace(",", "."));
const problem = ref("");
const busy = ref(false);
watch(open, (now) => {
  if (!now) return;
  Object.assign(form, { drive: undefined, ...(props.start ?? NEW) });
  volts.value = String(form.nominalVolts);
  problem.value = "";
});
const kinds = JOB_KINDS.map((value) => ({
  value,
  label: `${value[0]?.toUpperCase()}${value.slice(1).replaceAll("-", " ")}`,
}));
const methods = METHODS.map((value) => ({
  value,
  label: { move: "De-pin and re-pin", splice: "Cut and splice", adapter: "Adapter loom" }[value],
}));
const DRIVE_LABELS: Readonly<Record<VehicleDrive, string>> = {
  combustion: "Combustion engine",
  hybrid: "Hybrid",
  electric: "Electric",
  trailer: "Trailer",
  bench: "Off the vehicle",
};
const drives = VEHICLE_DRIVES.map((value) => ({ value, label: DRIVE_LABELS[value] }));
/** As long as nobody has chosen, the voltage says it. */
const drive = computed({
  get: () => driveOf({ drive: form.drive, nominalVolts: voltsTyped() }),
  set: (value: VehicleDrive) => {
    form.drive = value;
  },
});

async function save(): Promise<void> {
  form.name = form.name.trim();
  form.nominalVolts = voltsTyped();
  if (form.name === "") problem.value = "Enter a name.";
  else if (!(form.nominalVolts >= 1 && form.nominalVolts <= 60))
    problem.value = "Nominal voltage: a number from 1 to 60.";
  else {
    busy.value = true;
    problem.value = (await props.submit({ ...form })) ?? "";
    busy.value = false;
    if (problem.value === "") open.value = false;
  }
}
</script>

<template>
  <Dialog v-model:visible="open" modal :header="title" :draggable="false">
    <form id="job-form" class="form" @submit.prevent="save">
      <div class="field">
        <label for="job-name">Job name</label
        ><InputText
          id="job-name"
          v-model="form.name"
          autofocus
          maxlength="80"
          :aria-invalid="problem !== ''"
        />
      </div>
      <div class="field">
        <span id="job-kind" class="label">Kind</span
        ><Select
          v-model="form.kind"
          :options="kinds"
          option-label="label"
          option-value="value"
          aria-labelledby="job-kind"
        />
      </div>
      <div class="two">
        <div class="field">
          <label for="job-vehicle">Vehicle (what stays)</label
          ><InputText id="job-vehicle" v-model="form.vehicle" maxlength="120" />
        </div>
        <div class="field">
          <label for="job-incoming">Incoming part or donor</label
          ><InputText id="job-incoming" v-model="form.incoming" maxlength="120" />
        </div>
      </div>
      <div class="three">
        <div class="field">
          <span id="job-drive" class="label">Drive</span
          ><Select
            v-model="drive"
            :options="drives"
            option-label="label"
            option-value="value"
            aria-labelledby="job-drive"
          />
        </div>
        <div class="field">
          <label for="job-volts">Nominal voltage, V</label
          ><InputText id="job-volts" v-model="volts" inputmode="decimal" />
        </div>
        <div class="field">
          <span id="job-method" class="label">Usual method</span
          ><Select
            v-model="form.method"
            :options="methods"
            option-label="label"
            option-value="value"
            aria-labelledby="job-method"
          />
        </div>
      </div>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    </form>
    <template #footer>
      <button type="button" class="btn quiet" @click="open = false">Cancel</button>
      <button type="submit" form="job-form" class="btn pri" :disabled="busy">{{ action }}</button>
    </template>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}
.three {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(160px, 1fr));
  gap: 14px;
}
</style>
