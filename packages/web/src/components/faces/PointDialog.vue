<script setup lang="ts">
/** A splice, stud, ground point, supply or device terminal of the looms behind. */
import Dialog from "primevue/dialog";
import { shallowRef, watch } from "vue";
import { pointWords, type Dossier, type JoinPoint } from "@trevin/core";
import type { WiringChange } from "../../stores/job.ts";
import PointFields from "../supplies/PointFields.vue";

const props = defineProps<{ dossier: Dossier; change: (wiring: WiringChange) => Promise<boolean> }>();
const editing = defineModel<JoinPoint | null>("point", { required: true });
const draft = shallowRef<JoinPoint | null>(null);
watch(editing, (point) => (draft.value = point));
async function save(): Promise<void> {
  const point = draft.value;
  if (point === null || point.name.trim() === "") return;
  if (await props.change({ putPoints: [{ ...point, name: point.name.trim(), place: point.place.trim() }] }))
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
</script>

<template>
  <Dialog
    :visible="editing !== null"
    modal
    :header="`Point ${editing?.name ?? ''}`"
    :draggable="false"
    @update:visible="editing = null"
  >
    <form v-if="draft" id="point-form" class="point" @submit.prevent="save">
      <p v-if="editing" class="shared">{{ pointWords(dossier, editing) }}</p>
      <PointFields v-model:point="draft" :points="dossier.points" focus />
    </form>
    <template #footer>
      <button type="button" class="btn quiet left" @click="removePoint">Remove point and its wires</button>
      <button type="button" class="btn quiet" @click="editing = null">Cancel</button>
      <button type="submit" form="point-form" class="btn pri" :disabled="draft?.name.trim() === ''">
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
