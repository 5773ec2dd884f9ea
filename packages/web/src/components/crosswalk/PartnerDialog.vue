<script setup lang="ts">
/** Joining a pin to others by hand: every pin of the other side by the case for it, or the pins of its own plug for a jumper. */
import Dialog from "primevue/dialog";
import { computed, ref, watch } from "vue";
import {
  decisionByPin,
  decisionId,
  decisionWords,
  pinColour,
  pinName,
  pinNamer,
  partnerOffers,
  type Dossier,
  type PinId,
  type PlacedPin,
  type Edit,
  type Offer,
  type PairingMode,
} from "@trevin/core";
import type { Conflict } from "./useDialogs.ts";
import { useSignalOf } from "../../composables/useSignalOf.ts";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

const classOf = useSignalOf();
const props = defineProps<{
  own: PlacedPin | null;
  dossier: Dossier;
  mode: PairingMode;
  /** What the choice would undo, to be asked first; null while nothing is. */
  conflict: Conflict | null;
}>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ choose: [pins: readonly PinId[]]; settle: [edit: Edit]; back: [] }>();

const MOST_SHOWN = 60;
const text = ref("");
const chosen = ref<readonly PinId[]>([]);
const at = ref(0);
watch(open, (now) => {
  if (now) {
    text.value = "";
    chosen.value = [];
    at.value = 0;
  }
});

const decided = computed(() => decisionByPin(props.dossier));
const offers = computed<readonly Offer[]>(() => {
  if (props.own === null || !open.value) return [];
  return partnerOffers(props.dossier, props.own, props.mode, ({ pin }) => decided.value.has(pin.id));
});
const found = computed(() => {
  const words = text.value
    .trim()
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== "");
  return offers.value.filter(({ placed }) =>
    words.every((word) =>
      `${pinName(placed)} ${placed.pin.function} ${placed.pin.colour}`.toLowerCase().includes(word),
    ),
  );
});
const shown = computed(() => found.value.slice(0, MOST_SHOWN));
watch(text, () => (at.value = 0));
const toggle = (id: PinId): void => {
  if (props.mode === "shift") chosen.value = [id];
  else if (props.mode === "series" && chosen.value.length === 2 && !chosen.value.includes(id))
    chosen.value = [...chosen.value.slice(0, 1), id];
  else
    chosen.value = chosen.value.includes(id)
      ? chosen.value.filter((one) => one !== id)
      : [...chosen.value, id];
};
function move(by: number): void {
  at.value = Math.min(Math.max(at.value + by, 0), shown.value.length - 1);
  document.getElementById(`partner-${at.value}`)?.scrollIntoView({ block: "nearest" });
}
/** Enter takes what is ticked, or the line that the arrows are on. */
function choose(): void {
  if (props.mode === "series") {
    // One after the other: where the wire goes in, then what leads back; the line in hand counts as the next tick.
    const here = shown.value[at.value]?.placed.pin;
    if (
      chosen.value.length < 2 &&
      here !== undefined &&
      !chosen.value.includes(here.id) &&
      !(chosen.value.length === 1 && here.content === "empty")
    )
      chosen.value = [...chosen.value, here.id];
    if (chosen.value.length === 2) emit("choose", chosen.value);
    else text.value = "";
    return;
  }
  const here = shown.value[at.value]?.placed.pin;
  // A wire goes into an empty cavity only where somebody ticked it.
  const inHand = here === undefined || (props.mode === "join" && here.content === "empty") ? [] : [here.id];
  const pins = chosen.value.length > 0 ? chosen.value : inHand;
  if (pins.length > 0) emit("choose", pins);
}
const named = computed(() => pinNamer(props.dossier));
const vFocus = { mounted: (button: HTMLElement): void => button.focus() };
const header = computed(() => {
  const name = props.own === null ? "" : pinName(props.own);
  return {
    series: `Lead ${name} through the part`,
    jumper: `Join ${name} to others of its plug`,
    shift: `Move the wire of ${name} to…`,
    join: `Join ${name} to…`,
  }[props.mode];
});
const order = (id: PinId): string => {
  const place = chosen.value.indexOf(id);
  if (props.mode !== "series" || place < 0) return "";
  return place === 0 ? "goes in here" : "leads back";
};
const HINTS: Readonly<Record<typeof props.mode, string>> = {
  join: "Tick several to join one wire to all of them.",
  jumper: "Tick several to join one wire to all of them.",
  shift:
    "Within its side, two wires swap. A wire that sits in a cavity of the vehicle is capped and makes room.",
  series: "First the cavity it goes into, then the lead that comes back.",
};
const action = computed(() => {
  if (props.mode === "series") return chosen.value.length === 0 ? "It goes in here" : "Lead it through";
  if (props.mode === "jumper") return "Join in the plug";
  if (props.mode === "shift") return "Move it there";
  return chosen.value.length > 1 ? `Join to all ${chosen.value.length}` : "Join them";
});
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="header"
    :draggable="false"
    :pt="{ root: { class: 'dlg wide' } }"
  >
    <div v-if="conflict" class="ask" role="alertdialog" aria-label="Already joined">
      <p>
        <b>Already joined.</b>
        {{ conflict.both || conflict.tap ? "Keep what is there, or undo it?" : "This undoes:" }}
      </p>
      <ul>
        <li v-for="one in conflict.lost" :key="decisionId(one)" class="lost">
          {{ decisionWords(one, named) }}
        </li>
      </ul>
    </div>
    <div v-if="!conflict" class="field">
      <label for="partner-text"
        >{{ own?.pin.function || "no function recorded" }}: find by cavity, function or colour</label
      >
      <input
        id="partner-text"
        v-model="text"
        class="inp"
        autofocus
        autocomplete="off"
        role="combobox"
        aria-expanded="true"
        aria-controls="partner-list"
        :aria-activedescendant="`partner-${at}`"
        @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
        @keydown.enter.prevent="choose"
        @keydown.ctrl.space.prevent="shown[at] && toggle(shown[at]!.placed.pin.id)"
      />
    </div>
    <ul
      v-if="!conflict"
      id="partner-list"
      class="offers"
      role="listbox"
      :aria-label="mode === 'shift' ? 'Cavities to move to' : 'Pins to join'"
      aria-multiselectable="true"
    >
      <li
        v-for="(offer, i) in shown"
        :id="`partner-${i}`"
        :key="offer.placed.pin.id"
        role="option"
        :aria-selected="chosen.includes(offer.placed.pin.id) || i === at"
        :class="{ at: i === at }"
        @click="
          at = i;
          toggle(offer.placed.pin.id);
        "
        @dblclick="mode !== 'series' && ((chosen = [offer.placed.pin.id]), choose())"
      >
        <i class="box" :class="{ on: chosen.includes(offer.placed.pin.id) }" />
        <span class="lab mut">{{ offer.placed.connector.name }}</span><CavityLabel
          :label="offer.placed.pin.cavity"
        />
        <DrawnWire
          :colour="pinColour(offer.placed.pin, offer.placed.connector)"
          :size="offer.placed.pin.size"
          :length="48"
        />
        <span class="what"
          ><b>{{
            offer.placed.pin.function ||
            (offer.placed.pin.content === "empty" ? "empty cavity" : "no function recorded")
          }}</b
          >{{ " " }}<span class="lab mut">{{ classOf(offer.placed) }}</span
          ><br /><span class="why" :class="{ harm: offer.strength === null }">{{ offer.words }}</span></span
        >
        <span class="lab" :class="{ mut: order(offer.placed.pin.id) === '' }">{{
          order(offer.placed.pin.id) || (offer.taken ? "decided already" : "")
        }}</span>
      </li>
    </ul>
    <p v-if="conflict" class="why">Undo restores whatever is undone here.</p>
    <p v-else-if="found.length === 0" class="mut">
      {{ offers.length === 0 ? "There is no other pin to join it to." : "No pin has all of these words." }}
    </p>
    <p v-else-if="found.length > shown.length" class="mut lab">
      and {{ found.length - shown.length }} more: type more words
    </p>
    <p v-if="!conflict" class="why">{{ HINTS[mode] }}</p>
    <template #footer
      ><template v-if="conflict"
        ><button v-focus type="button" class="btn quiet" @click="emit('back')">Choose another</button
        ><button type="button" class="btn" @click="emit('settle', conflict.instead)">Instead</button
        ><button v-if="conflict.tap" type="button" class="btn" @click="emit('settle', conflict.tap)">
          Both, tapped</button
        ><button v-if="conflict.both" type="button" class="btn pri" @click="emit('settle', conflict.both)">
          Both, in one joint
        </button></template
      ><button v-if="!conflict" type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button v-if="!conflict" type="button" class="btn pri" :disabled="shown.length === 0" @click="choose">
        {{ action }} <kbd>Enter</kbd>
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.ask li {
  margin-left: 18px;
}
.offers {
  max-height: 46vh;
  overflow: auto;
  border: 1px solid var(--rule);
}
.offers li {
  display: grid;
  grid-template-columns: 18px minmax(44px, auto) auto 52px minmax(0, 1fr) 92px;
  gap: 10px;
  align-items: center;
  padding: 5px 10px;
  border-bottom: 1px solid var(--rule);
  cursor: pointer;
  min-height: 44px;
}
.offers li.at {
  outline: 2.5px solid var(--ink);
  outline-offset: -2.5px;
  background: var(--bench);
}
.box {
  width: 16px;
  height: 16px;
  border: 1.6px solid var(--ink);
  border-radius: 2px;
}
.box.on {
  background: var(--ink);
  box-shadow: inset 0 0 0 3px var(--sheet);
}
.what {
  line-height: 17px;
}
.harm {
  font-weight: 650;
  color: var(--stop-ink);
}
</style>
