<script setup lang="ts">
/** Which plug of the other side a plug goes into as it is: how many of their wires meet, and whether the faces say so. */
import Dialog from "primevue/dialog";
import { computed, ref, watch } from "vue";
import {
  connectorsInOrder,
  faceOf,
  meetings,
  meetingWires,
  type Connector,
  type Dossier,
} from "@trevin/core";

const props = defineProps<{ own: Connector | null; dossier: Dossier }>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ choose: [other: Connector] }>();

function fitWords(fits: boolean | null): string {
  if (fits === null) return "by label: one of the faces is not known";
  return fits ? "the faces fit" : "the faces do not fit; by label";
}

const at = ref(0);
watch(open, (now) => {
  if (now) at.value = 0;
});
const offers = computed(() => {
  const { own } = props;
  if (own === null || !open.value) return [];
  return connectorsInOrder(props.dossier)
    .filter(({ side, keepOut }) => side !== own.side && keepOut === "")
    .map((other) => {
      const [mine, theirs] = [faceOf(own), faceOf(other)];
      const fits = mine === null || theirs === null ? null : meetings(mine, theirs) !== null;
      return {
        other,
        wires: meetingWires(own, other).length,
        words: fitWords(fits),
      };
    })
    .sort((a, b) => b.wires - a.wires);
});
function move(by: number): void {
  at.value = Math.min(Math.max(at.value + by, 0), offers.value.length - 1);
}
function choose(): void {
  const offer = offers.value[at.value];
  if (offer !== undefined && offer.wires > 0) emit("choose", offer.other);
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`Plug ${own?.name ?? ''} into…`"
    :draggable="false"
    :pt="{ root: { class: 'dlg' } }"
  >
    <div
      class="offers"
      role="listbox"
      tabindex="0"
      autofocus
      aria-label="Plugs of the other side"
      :aria-activedescendant="`mate-${at}`"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.enter.prevent="choose"
    >
      <div
        v-for="(offer, i) in offers"
        :id="`mate-${i}`"
        :key="offer.other.id"
        role="option"
        :aria-selected="i === at"
        :class="{ at: i === at }"
        @click="at = i"
        @dblclick="
          at = i;
          choose();
        "
      >
        <b class="code">{{ offer.other.name }}</b><span
          >{{ offer.other.place || "place not noted" }}<br /><span class="why">{{ offer.words }}</span></span
        ><b>{{ offer.wires }} {{ offer.wires === 1 ? "wire meets" : "wires meet" }}</b>
      </div>
    </div>
    <p v-if="offers.length === 0" class="mut">The other side has no connector yet.</p>
    <p class="why">
      The two connectors mate as they are. A wire that meets none still needs its own decision. Conflicting
      decisions are undone; Undo restores them.
    </p>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="button" class="btn pri" :disabled="(offers[at]?.wires ?? 0) === 0" @click="choose">
        Mate them <kbd>Enter</kbd>
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.offers {
  max-height: 46vh;
  overflow: auto;
  border: 1px solid var(--rule);
  margin-bottom: 8px;
}
.offers > div {
  display: grid;
  grid-template-columns: minmax(70px, auto) minmax(0, 1fr) auto;
  gap: 14px;
  align-items: center;
  padding: 6px 10px;
  border-bottom: 1px solid var(--rule);
  cursor: pointer;
  min-height: 44px;
  line-height: 17px;
}
.offers .at {
  outline: 2.5px solid var(--ink);
  outline-offset: -2.5px;
  background: var(--bench);
}
.code {
  font-family: var(--f-code);
}
</style>
