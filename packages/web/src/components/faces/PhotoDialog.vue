<script setup lang="ts">
/** One photo beside the drawn face, with its caption. */
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import { ref, watch } from "vue";
import type { Photo } from "@trevin/core/contract";
import type { Connector, Hold, PinId, PlacedPin } from "@trevin/core";
import ConnectorFace from "../parts/ConnectorFace.vue";
import HoldControls from "./HoldControls.vue";

const photo = defineModel<Photo | null>("photo", { required: true });
defineProps<{
  header: string;
  title: string;
  /** Address of the photo in full size. */
  src: string;
  connector: Connector | null;
  placed: PlacedPin | null;
  hold: Hold;
  /** There is no other photo to go to. */
  alone: boolean;
}>();
const emit = defineEmits<{
  pick: [pin: PinId];
  caption: [photo: Photo, words: string];
  remove: [photo: Photo];
  step: [by: number];
}>();
const words = ref("");
const big = ref(false);
watch(photo, (now) => {
  words.value = now?.caption ?? "";
  big.value = false;
});
function save(): void {
  const now = photo.value;
  if (now !== null && now.caption !== words.value.trim()) emit("caption", now, words.value.trim());
}
function close(): void {
  save();
  photo.value = null;
}
</script>

<template>
  <Dialog
    :visible="photo !== null"
    modal
    :header="header"
    :draggable="false"
    class="wide"
    @update:visible="close"
  >
    <div v-if="photo" class="beside" :class="{ big }">
      <button type="button" class="pic" :title="big ? 'Fit' : 'Full size'" @click="big = !big">
        <img
          :src="src"
          :alt="photo.caption || `Photo of ${title}`"
          :width="photo.width"
          :height="photo.height"
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
        v-if="photo"
        type="button"
        class="btn quiet left"
        @click="
          emit('remove', photo);
          photo = null;
        "
      >
        Remove
      </button>
      <button
        type="button"
        class="btn quiet"
        :disabled="alone"
        @click="
          save();
          emit('step', -1);
        "
      >
        Before
      </button>
      <button
        type="button"
        class="btn quiet"
        :disabled="alone"
        @click="
          save();
          emit('step', 1);
        "
      >
        Next
      </button>
      <button type="button" class="btn pri" @click="close">Done</button>
    </template>
  </Dialog>
</template>

<style scoped>
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
}
</style>
