<script setup lang="ts">
/** Photos of what is in hand, taken in from a camera or a file, looked at beside the drawn face. */
import { computed, ref, toRef } from "vue";
import type { Photo } from "@trevin/core/contract";
import { pinName, type Connector, type Hold, type PlacedPin } from "@trevin/core";
import { usePhotos } from "../../composables/usePhotos.ts";
import { useJob } from "../../stores/job.ts";
import PhotoDialog from "./PhotoDialog.vue";

const props = defineProps<{
  job: string;
  connectors: readonly Connector[];
  connector: Connector | null;
  placed: PlacedPin | null;
  hold: Hold;
}>();
const store = useJob();
const emit = defineEmits<{ pick: [pin: NonNullable<typeof props.placed>["pin"]["id"]] }>();
const { photos, removed, problem, busy, add, caption, remove, putBack, path } = usePhotos(
  toRef(props, "job"),
  // While the work is under way a photo is evidence: its fingerprint stands in the ledger.
  ({ id, sha256, connector, pin }) =>
    store.begun && store.record({ kind: "photo", photo: id, sha256, connector, pin }),
);
const where = ref<"pin" | "connector" | "job">("connector");
/** A photo of a connector that is not there any more belongs to the job. */
const ofJob = (photo: Photo): boolean => props.connectors.every((one) => one.id !== photo.connector);
const shown = computed(() =>
  photos.value.filter((photo) => {
    if (where.value === "job") return ofJob(photo);
    return where.value === "connector"
      ? photo.connector === props.connector?.id
      : photo.pin === props.placed?.pin.id;
  }),
);
const place = computed(() => {
  if (where.value === "job" || props.connector === null) return {};
  return where.value === "connector" || props.placed === null
    ? { connector: props.connector.id }
    : { connector: props.connector.id, pin: props.placed.pin.id };
});
const title = computed(() => {
  if (where.value === "job") return "the whole job";
  if (where.value === "connector") return props.connector?.name ?? "";
  return props.placed === null ? "" : pinName(props.placed);
});
const counts = computed(() => ({
  pin: photos.value.filter((photo) => photo.pin !== null && photo.pin === props.placed?.pin.id).length,
  connector: photos.value.filter((photo) => photo.connector === props.connector?.id).length,
  job: photos.value.filter(ofJob).length,
}));

const picker = ref<HTMLInputElement | null>(null);
async function take(list: FileList | null | undefined): Promise<void> {
  await add([...(list ?? [])], place.value);
  if (picker.value !== null) picker.value.value = "";
}
function onDrop(event: DragEvent): void {
  void take(event.dataTransfer?.files);
}
const open = ref<Photo | null>(null);
const step = (by: number): void => {
  const at = shown.value.findIndex((photo) => photo.id === open.value?.id);
  const next = shown.value[(at + by + shown.value.length) % shown.value.length];
  if (next !== undefined) open.value = next;
};
const when = (photo: Photo): string =>
  new Date(photo.at).toLocaleString([], { dateStyle: "medium", timeStyle: "short" });
</script>

<template>
  <section class="photos" aria-label="Photos" @dragover.prevent @drop.prevent="onDrop">
    <header>
      <h2>Photos</h2>
      <span role="radiogroup" aria-label="Photos of" class="of">
        <button
          v-if="placed"
          type="button"
          role="radio"
          class="link"
          :aria-checked="where === 'pin'"
          @click="where = 'pin'"
        >
          {{ pinName(placed) }} {{ counts.pin }}
        </button>
        <button
          v-if="connector"
          type="button"
          role="radio"
          class="link"
          :aria-checked="where === 'connector'"
          @click="where = 'connector'"
        >
          {{ connector.name }} {{ counts.connector }}
        </button>
        <button
          type="button"
          role="radio"
          class="link"
          :aria-checked="where === 'job'"
          @click="where = 'job'"
        >
          job {{ counts.job }}
        </button>
      </span>
      <button type="button" class="btn quiet" :disabled="busy" @click="picker?.click()">
        {{ busy ? "Storing" : "Add a photo" }}
      </button>
      <input
        ref="picker"
        class="sr"
        type="file"
        accept="image/*"
        multiple
        tabindex="-1"
        :aria-label="`Photos of ${title}`"
        @change="take(($event.target as HTMLInputElement).files)"
      />
    </header>
    <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    <p v-if="removed" class="why">
      Photo removed. <button type="button" class="link" @click="putBack()">Restore</button>
    </p>
    <ul v-if="shown.length" class="strip">
      <li v-for="photo in shown" :key="photo.id">
        <button type="button" :title="photo.caption || when(photo)" @click="open = photo">
          <img
            :src="path(photo, 'small')"
            :alt="photo.caption || `Photo of ${title}, ${when(photo)}`"
            loading="lazy"
          />
        </button>
      </li>
    </ul>
    <p v-else class="why">
      No photo of {{ title }} yet. Take one before opening and one after. Location and camera data are removed
      on saving.
    </p>
    <PhotoDialog
      v-model:photo="open"
      :header="open ? `${title}, ${when(open)}` : ''"
      :title="title"
      :src="open ? path(open, 'full') : ''"
      :connector="connector"
      :placed="placed"
      :hold="hold"
      :alone="shown.length < 2"
      @pick="emit('pick', $event)"
      @caption="caption"
      @remove="remove"
      @step="step"
    />
  </section>
</template>

<style scoped>
.photos {
  display: grid;
  gap: 8px;
  border-top: 2px solid var(--ink);
  padding-top: 8px;
}
header {
  display: flex;
  align-items: center;
  gap: 12px;
  flex-wrap: wrap;
}
header .btn {
  margin-left: auto;
}
.of {
  display: flex;
  gap: 12px;
}
.of .link {
  font: 500 15px/1.4 var(--f-label);
  text-decoration-color: var(--rule2);
}
.of [aria-checked="true"] {
  font-weight: 600;
  text-decoration: none;
  box-shadow: 0 3px 0 var(--ink);
}
.strip {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.strip button {
  border: 1.5px solid var(--rule2);
  padding: 0;
  background: var(--sheet);
  cursor: pointer;
  display: block;
}
.strip img {
  height: 84px;
  width: auto;
  max-width: 150px;
  object-fit: cover;
  display: block;
}
@media (max-width: 800px) {
  .strip img {
    height: 72px;
  }
}
</style>
