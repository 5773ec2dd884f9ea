<script setup lang="ts">
/** A splice, stud, ground point, supply or device terminal of the looms behind. */
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { ref, watch } from "vue";
import {
  JOIN_POINT_KINDS,
  JOIN_POINT_WORDS,
  pointWords,
  type Dossier,
  type JoinPoint,
  type JoinPointKind,
} from "@trevin/core";
import type { WiringChange } from "../../stores/job.ts";

const props = defineProps<{ dossier: Dossier; change: (wiring: WiringChange) => Promise<boolean> }>();
const editing = defineModel<JoinPoint | null>("point", { required: true });
const draft = ref({ name: "", kind: "splice" as JoinPointKind, place: "", thread: "" });
watch(editing, (point) => {
  if (point === null) return;
  draft.value = {
    name: point.name,
    kind: point.kind,
    place: point.place,
    thread: point.thread === null ? "" : String(point.thread),
  };
});
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
</template>

<style scoped>
.shared {
  font-weight: 650;
}
.point {
  display: grid;
  gap: 14px;
}
.left {
  margin-right: auto;
}
</style>
