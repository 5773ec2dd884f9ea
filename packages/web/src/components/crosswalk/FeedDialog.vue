<script setup lang="ts">
/** Where a pin gets what no wire of the other side gives it. */
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { computed, ref, watch } from "vue";
import {
  FEED_CLASSES,
  feedPlaces,
  feedPlaceWords,
  isFeed,
  pinName,
  SIGNAL_WORDS,
  type Decision,
  type Dossier,
  type FeedClass,
  type PlacedPin,
} from "@trevin/core";

const props = defineProps<{ target: PlacedPin | null; before: Decision | null; dossier: Dossier }>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ feed: [feed: FeedClass, from: string] }>();

const kind = ref<FeedClass>("battery");
const from = ref("");
watch(open, (now) => {
  if (!now || props.target === null) return;
  const own = props.target.pin.signal;
  const usual = isFeed(own) ? own : "battery";
  const before = props.before?.kind === "feed" ? props.before : null;
  kind.value = before?.feed ?? usual;
  from.value = before?.from ?? "";
});
const MOST_OFFERED = 6;
const places = computed(() =>
  open.value
    ? feedPlaces(props.dossier)
        .filter((place) => place.feed === kind.value)
        .slice(0, MOST_OFFERED)
    : [],
);
const options = FEED_CLASSES.map((value) => ({ value, label: SIGNAL_WORDS[value] }));
const isSupply = computed(() => kind.value !== "ground" && kind.value !== "sensor-return");
const save = (): void => {
  if (from.value.trim() !== "") emit("feed", kind.value, from.value.trim());
};
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`Feed ${target ? pinName(target) : ''} from elsewhere`"
    :draggable="false"
  >
    <form id="feed-form" class="field" @submit.prevent="save">
      <span id="feed-kind" class="label">What it needs</span
      ><Select
        v-model="kind"
        :options="options"
        option-label="label"
        option-value="value"
        aria-labelledby="feed-kind"
      />
      <label for="feed-from">{{
        isSupply ? "From where: fuse with its rating" : "From where: ground point or wire"
      }}</label><InputText
        id="feed-from"
        v-model="from"
        autofocus
        maxlength="120"
        :placeholder="isSupply ? 'spare fuse F22, 5 A' : 'G3, left sill'"
      />
    </form>
    <div v-if="places.length" class="places">
      <span class="lab mut">In this job:</span
      ><button
        v-for="place in places"
        :key="feedPlaceWords(place)"
        type="button"
        class="btn quiet"
        @click="from = feedPlaceWords(place)"
      >
        {{ feedPlaceWords(place) }}
      </button>
    </div>
    <p class="why">
      {{
        isSupply
          ? "The fuse protects the thinnest wire of the feed. It goes in last."
          : "One clean point, measured under load."
      }}
    </p>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="submit" form="feed-form" class="btn pri" :disabled="from.trim() === ''">
        Feed it
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.places {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.places .btn {
  font-size: 14px;
  min-height: 30px;
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
