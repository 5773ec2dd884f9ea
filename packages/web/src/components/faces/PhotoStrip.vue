<script setup lang="ts">
/** Photos of what is in hand, taken in from a camera or a file, looked at beside the drawn face. */
import { computed, ref, toRef } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import type { Photo } from "@trevin/core/contract";
import { pinName, type Connector, type Hold, type PlacedPin } from "@trevin/core";
import { usePhotos } from "../../composables/usePhotos.ts";
import ConnectorFace from "../parts/ConnectorFace.vue";
import HoldControls from "./HoldControls.vue";

const props = defineProps<{
  job: string;
  connectors: readonly Connector[];
  connector: Connector | null;
  placed: PlacedPin | null;
  hold: Hold;
}>();
const emit = defineEmits<{ pick: [pin: NonNullable<typeof props.placed>["pin"]["id"]] }>();
const { photos, removed, problem, busy, add, caption, remove, putBack, path } = usePhotos(
  toRef(props, "job"),
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
const words = ref("");
const big = ref(false);
function look(photo: Photo): void {
  open.value = photo;
  words.value = photo.caption;
  big.value = false;
}
const step = (by: number): void => {
  const at = shown.value.findIndex((photo) => photo.id === open.value?.id);
  const next = shown.value[(at + by + shown.value.length) % shown.value.length];
  if (next !== undefined) look(next);
};
async function save(): Promise<void> {
  const photo = open.value;
  if (photo !== null && photo.caption !== words.value.trim()) await caption(photo, words.value.trim());
}
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
        <button type="button" :title="photo.caption || when(photo)" @click="look(photo)">
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
    <Dialog
      :visible="open !== null"
      modal
      :header="open ? `${title}, ${when(open)}` : ''"
      :draggable="false"
      class="wide"
      @update:visible="
        save();
        open = null;
      "
    >
      <div v-if="open" class="beside" :class="{ big }">
        <button type="button" class="pic" :title="big ? 'Fit' : 'Full size'" @click="big = !big">
          <img
            :src="path(open, 'full')"
            :alt="open.caption || `Photo of ${title}`"
            :width="open.width"
            :height="open.height"
          />
        </button>
        <div v-if="connector" class="drawn">
          <HoldControls :mark="connector.shell?.mark" compact /><ConnectorFace
            :connector="connector"
            :hold="hold"
            :width="340"
            :in-hand="placed?.pin.id ?? null"
            pickable
            :max-pitch="52"
            @pick="emit('pick', $event)"
          />
        </div>
      </div>
      <div class="field">
        <label for="photo-words">Caption</label
        ><InputText id="photo-words" v-model="words" maxlength="200" @keydown.enter="save" />
      </div>
      <template #footer>
        <button
          v-if="open"
          type="button"
          class="btn quiet left"
          @click="
            remove(open);
            open = null;
          "
        >
          Remove
        </button>
        <button
          type="button"
          class="btn quiet"
          :disabled="shown.length < 2"
          @click="
            save();
            step(-1);
          "
        >
          Before
        </button>
        <button
          type="button"
          class="btn quiet"
          :disabled="shown.length < 2"
          @click="
            save();
            step(1);
          "
        >
          Next
        </button>
        <button
          type="button"
          class="btn pri"
          @click="
            save();
            open = null;
          "
        >
          Done
        </button>
      </template>
    </Dialog>
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
.beside {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 16px;
  align-items: start;
}
.beside.big {
  grid-template-columns: minmax(0, 1fr);
}
.pic {
  border: 0;
  padding: 0;
  background: none;
  cursor: zoom-in;
  overflow: auto;
  max-height: 62vh;
}
.pic img {
  display: block;
  max-width: 100%;
  height: auto;
  max-height: 60vh;
  width: auto;
}
.big .pic {
  cursor: zoom-out;
}
.big .pic img {
  max-width: none;
  max-height: none;
}
.drawn {
  display: grid;
  gap: 10px;
}
.left {
  margin-right: auto;
}
@media (max-width: 800px) {
  .beside {
    grid-template-columns: minmax(0, 1fr);
  }
  .strip img {
    height: 72px;
  }
}
</style>
