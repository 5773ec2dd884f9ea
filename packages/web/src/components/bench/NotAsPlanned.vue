<script setup lang="ts">
/** Something at the car differs from the plan: record it as found, or leave an act out with a reason. */
import { computed, reactive, ref, watch } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import {
  parseColour,
  parseSize,
  colourProblemWords,
  pinNamer,
  placeEffectWords,
  placeProblem,
  placeProblemWords,
  sizeProblemWords,
  type BenchView,
  type PinFacts,
  type PlacedPin,
} from "@trevin/core";

const open = defineModel<boolean>("open", { required: true });
const props = defineProps<{
  wire: PlacedPin | null;
  bench: Pick<BenchView, "dossier" | "state">;
  canSkip: boolean;
  note: boolean;
}>();
const emit = defineEmits<{
  found: [facts: PinFacts, place: string | null, note: string];
  skip: [reason: string];
  note: [text: string];
}>();

const form = reactive({ cavity: "", colour: "", function: "", size: "" });
const text = ref("");
const problem = ref("");
watch(open, (now) => {
  if (!now) return;
  form.cavity = props.wire?.pin.cavity ?? "";
  form.colour = props.wire?.pin.colour ?? "";
  form.function = props.wire?.pin.function ?? "";
  form.size = props.wire?.pin.size?.toString() ?? "";
  text.value = "";
  problem.value = "";
});
/** The cavity that the wire sits in, where that is another than the table says. */
const place = computed(() => {
  const cavity = form.cavity.trim();
  return props.note || cavity === "" || cavity === props.wire?.pin.cavity ? null : cavity;
});
const placed = computed(() => {
  const pin = props.wire?.pin.id;
  if (place.value === null || pin === undefined) return null;
  const { dossier, state } = props.bench;
  const fault = placeProblem(dossier, state, pin, place.value);
  return fault === null
    ? { ok: true, words: placeEffectWords(dossier, pin, place.value) }
    : { ok: false, words: placeProblemWords(fault, pinNamer(dossier)) };
});
function facts(): PinFacts | string {
  const pin = props.wire?.pin;
  if (pin === undefined || props.wire === null) return {};
  const colour =
    form.colour.trim() === pin.colour ? null : parseColour(form.colour, props.wire.connector.colourSystem);
  if (colour !== null && !colour.ok) return colourProblemWords(colour.error);
  const size = form.size.trim() === "" ? null : parseSize(form.size);
  if (size !== null && !size.ok) return sizeProblemWords(size.error);
  return {
    ...(form.colour.trim() !== pin.colour ? { colour: form.colour.trim() } : {}),
    ...(form.function.trim() !== pin.function ? { function: form.function.trim() } : {}),
    ...((size?.value ?? null) !== pin.size ? { size: size?.value ?? null } : {}),
  };
}
function save(): void {
  const found = props.note ? {} : facts();
  if (typeof found === "string") problem.value = found;
  else if (placed.value?.ok === false) problem.value = placed.value.words;
  else if (Object.keys(found).length > 0 || place.value !== null) {
    emit("found", found, place.value, text.value.trim());
    open.value = false;
  } else if (text.value.trim() !== "") {
    emit("note", text.value.trim());
    open.value = false;
  } else problem.value = "Change what differs, or note what happened.";
}
function skip(): void {
  if (text.value.trim() === "") problem.value = "Enter why you skip this step.";
  else {
    emit("skip", text.value.trim());
    open.value = false;
  }
}
</script>

<template>
  <Dialog v-model:visible="open" modal :header="note ? 'Note' : 'Not as planned'" :draggable="false">
    <form id="found-form" class="form" @submit.prevent="save">
      <template v-if="wire && !note">
        <p>
          What did you find at <b>{{ wire.connector.name }}, cavity {{ wire.pin.cavity }}</b
          >? If its wire sits in another cavity, enter that one. The plan is recalculated from it.
        </p>
        <div class="three">
          <div class="field">
            <label for="f-cavity">Its cavity</label
            ><InputText id="f-cavity" v-model="form.cavity" class="big" maxlength="12" />
          </div>
          <div class="field">
            <label for="f-colour">Colour code</label
            ><InputText id="f-colour" v-model="form.colour" class="big" />
          </div>
          <div class="field">
            <label for="f-size">Size, mm² or AWG</label
            ><InputText id="f-size" v-model="form.size" class="big" />
          </div>
        </div>
        <p v-if="placed?.ok" class="hint" role="status">{{ placed.words }}</p>
        <div class="field">
          <label for="f-function">Function</label
          ><InputText id="f-function" v-model="form.function" class="big" />
        </div>
      </template>
      <div class="field">
        <label for="f-note">{{
          note
            ? "What is worth knowing next year"
            : "What happened: will not release, wire broken, lock cracked…"
        }}</label><textarea
          id="f-note"
          v-model="text"
          class="inp"
          rows="3"
          maxlength="2000"
          :autofocus="note || !wire"
        />
      </div>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    </form>
    <template #footer>
      <button v-if="canSkip && !note" type="button" class="btn tall quiet" @click="skip">
        Skip this step
      </button>
      <button type="button" class="btn tall quiet" @click="open = false">Cancel</button>
      <button type="submit" form="found-form" class="btn tall pri">
        {{ note ? "Keep the note" : "Record as found" }}
      </button>
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
  grid-template-columns: 1fr 1.3fr 1.3fr;
  gap: 12px;
}
@media (max-width: 700px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
.tall {
  min-height: 56px;
}
.big {
  min-height: 46px;
  font-size: 17px;
}
</style>
