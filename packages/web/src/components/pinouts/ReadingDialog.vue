<script setup lang="ts">
/** A label that was misread, or not read: what it means, for this shop from now on. */
import { computed, ref, shallowRef, watch } from "vue";
import Dialog from "primevue/dialog";
import Select from "primevue/select";
import ReadingSlots from "./ReadingSlots.vue";
import {
  contextOf,
  likeKey,
  meaningWords,
  readFunction,
  SIGNAL_CLASSES,
  SIGNAL_WORDS,
  suggestThings,
  taughtSlots,
  type Connector,
  type Dossier,
  type OwnWord,
  type Pin,
  type SignalClass,
  type TaughtSlots,
} from "@trevin/core";

const visible = defineModel<boolean>("open", { required: true });
const props = defineProps<{
  pin: Pin;
  connector: Connector;
  dossier: Dossier;
  words: readonly OwnWord[];
}>();
const emit = defineEmits<{ learn: [word: OwnWord] }>();

const text = computed(() => props.pin.function);
const typed = ref("");
const term = ref<string | null>(null);
const signal = ref<SignalClass>("unknown");
const slots = shallowRef<TaughtSlots>({});
const like = ref(true);
const at = ref(0);

const read = computed(() => readFunction(text.value, props.words, contextOf(props.connector, props.pin)));
/** As the words alone say; what was taught stands over it. */
const plain = computed(() => readFunction(text.value, [], contextOf(props.connector, props.pin)));
watch(
  visible,
  (open) => {
    if (!open) return;
    typed.value = "";
    term.value = read.value.thing?.name ?? null;
    signal.value = read.value.signal;
    slots.value = taughtSlots(props.words, text.value);
    like.value = true;
    at.value = 0;
  },
  { immediate: true },
);
const offers = computed(() => suggestThings(typed.value.trim() === "" ? text.value : typed.value, 7));
const offerAt = computed(() => Math.min(at.value, offers.value.length - 1));
watch(typed, () => (at.value = 0));
function take(index: number): void {
  const offer = offers.value[index];
  if (offer === undefined) return;
  term.value = offer.thing.name;
  signal.value = offer.thing.signal;
  typed.value = "";
}
function walk(event: KeyboardEvent, by: number): void {
  event.preventDefault();
  at.value = (offerAt.value + by + offers.value.length) % Math.max(1, offers.value.length);
}
/** Enter takes the offer in sight while something is typed, and teaches when nothing is. */
function enter(): void {
  if (typed.value.trim() === "") teach();
  else take(offerAt.value);
}

/** Labels of this job that differ only in side, end or number. */
const alike = computed(() => {
  const key = likeKey(text.value);
  const texts = props.dossier.connectors.flatMap(({ pins }) => pins.map((pin) => pin.function));
  return key === ""
    ? []
    : [...new Set(texts.filter((other) => other !== text.value && likeKey(other) === key))];
});
const canGeneralise = computed(
  () => likeKey(text.value) !== "" && likeKey(text.value) !== text.value.toLowerCase(),
);
const options = SIGNAL_CLASSES.map((value) => ({ value, label: SIGNAL_WORDS[value] }));
function teach(): void {
  emit("learn", {
    text: text.value,
    term: term.value,
    signal: signal.value,
    ...(like.value && canGeneralise.value ? { like: true } : {}),
    ...(Object.keys(slots.value).length > 0 ? { slots: slots.value } : {}),
  });
  visible.value = false;
}
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="`What does “${text}” mean?`" class="dialog">
    <p>
      <b class="lab">Read as</b> {{ meaningWords(read) || "not understood" }}
      <template v-if="read.unread.length">
        <span class="mut">; not understood: </span
        ><mark v-for="word in read.unread" :key="word">{{ word }}</mark>
      </template>
    </p>
    <div class="field">
      <label for="reading-thing">It serves</label>
      <input
        id="reading-thing"
        v-model="typed"
        class="inp"
        autofocus
        autocomplete="off"
        role="combobox"
        aria-controls="reading-offers"
        :aria-expanded="offers.length > 0"
        :aria-activedescendant="offers.length ? `reading-offer-${offerAt}` : undefined"
        :placeholder="term ?? 'type a part, for example fan'"
        @keydown.down="walk($event, 1)"
        @keydown.up="walk($event, -1)"
        @keydown.enter.prevent="enter"
      />
      <ul id="reading-offers" role="listbox" aria-label="What it may serve">
        <li
          v-for="(offer, i) in offers"
          :id="`reading-offer-${i}`"
          :key="offer.thing.name"
          role="option"
          :aria-selected="term === offer.thing.name"
          :class="{ at: i === offerAt && typed.trim() !== '', on: term === offer.thing.name }"
          @click="take(i)"
        >
          <b>{{ offer.thing.name }}</b> <span class="mut">{{ SIGNAL_WORDS[offer.thing.signal] }}</span>
        </li>
      </ul>
      <p v-if="term" class="now">
        <b>{{ term }}</b>
        <button type="button" class="link" @click="term = null">none of these</button>
      </p>
      <p v-else class="now mut">No part named: the label itself becomes the name.</p>
    </div>
    <div class="field">
      <span id="reading-signal" class="lab">It carries</span>
      <Select
        v-model="signal"
        :options="options"
        option-label="label"
        option-value="value"
        aria-labelledby="reading-signal"
      />
    </div>
    <details>
      <summary>What else it says: side, number, part, pole, which way it works</summary>
      <ReadingSlots v-model="slots" :read="plain" />
    </details>
    <label v-if="canGeneralise" class="like"
      ><input v-model="like" type="checkbox" /> Also with another side, end or number<template
        v-if="alike.length"
        >: {{ alike.slice(0, 4).join(", ")
        }}<template v-if="alike.length > 4"> and {{ alike.length - 4 }} more</template></template
      ></label
    >
    <p class="why">Kept on the Shelf under Words, for every job of this shop. It can be removed there.</p>
    <footer>
      <button type="button" class="btn pri" @click="teach">Teach it <kbd>Enter</kbd></button>
      <button type="button" class="btn" @click="visible = false">Cancel</button>
    </footer>
  </Dialog>
</template>

<style scoped>
mark {
  background: none;
  color: inherit;
  text-decoration: underline dotted 2px;
  text-underline-offset: 3px;
  margin-right: 6px;
}
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  border: 1px solid var(--rule);
}
li {
  padding: 5px 10px;
  cursor: pointer;
  display: flex;
  justify-content: space-between;
  gap: 12px;
}
li.on {
  border-left: 6px solid var(--ink);
}
li.at {
  background: var(--ink);
  color: var(--sheet);
}
li.at .mut {
  color: inherit;
}
.now {
  padding-top: 6px;
  display: flex;
  gap: 12px;
}
.like {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
footer {
  display: flex;
  gap: 10px;
}
</style>
