<script setup lang="ts">
/** The second side of a car as a copy of the first: what differs is confirmed one by one, and never assumed. */
import Dialog from "primevue/dialog";
import { computed, ref, watch } from "vue";
import {
  decisionId,
  decisionWords,
  otherSide,
  pinName,
  pinNamer,
  type Decision,
  type Dossier,
} from "@trevin/core";

const props = defineProps<{ dossier: Dossier }>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ copy: [decisions: readonly Decision[]] }>();

const name = computed(() => pinNamer(props.dossier));
const found = computed(() =>
  (open.value ? otherSide(props.dossier) : []).map((one) => ({
    ...one,
    key: decisionId(one.copy),
    differences: one.differences.map((difference) => ({
      ...difference,
      key: `${difference.pin.pin.id} ${difference.fact}`,
    })),
  })),
);
const copies = computed(() => found.value.filter(({ decided }) => decided === null));
const twins = computed(() =>
  found.value.filter(({ decided, differences }) => decided !== null && differences.length > 0),
);
const left = ref<ReadonlySet<string>>(new Set());
const seen = ref<ReadonlySet<string>>(new Set());
watch(open, (now) => {
  if (now) {
    left.value = new Set();
    seen.value = new Set();
  }
});
const flip = (set: ReadonlySet<string>, key: string): ReadonlySet<string> => {
  const next = new Set(set);
  if (!next.delete(key)) next.add(key);
  return next;
};
const chosen = computed(() => copies.value.filter(({ key }) => !left.value.has(key)));
/** As sure as the first side where all that differs was confirmed; else it is checked at the car. */
function copy(): void {
  emit(
    "copy",
    chosen.value.map(({ copy: decision, like, differences, key }) => ({
      ...decision,
      sure: differences.every((difference) => seen.value.has(`${key} ${difference.key}`))
        ? like.sure
        : "check",
    })),
  );
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    header="The other side of the car"
    :draggable="false"
    :pt="{ root: { class: 'dlg wide' } }"
  >
    <p v-if="copies.length === 0 && twins.length === 0" class="mut">
      No decided left or right wire has an open counterpart, and both sides match where decided.
    </p>
    <template v-if="copies.length">
      <p>
        These decisions have an open counterpart on the other side. Tick each difference you have seen; the
        rest is checked at the car before cutting.
      </p>
      <ul class="copies">
        <li v-for="one in copies" :key="one.key">
          <label class="take"
            ><input type="checkbox" :checked="!left.has(one.key)" @change="left = flip(left, one.key)" />{{
              " "
            }}<span
              ><b>{{ decisionWords(one.copy, name) }}</b
              ><br /><span class="why">like {{ decisionWords(one.like, name) }}</span></span
            ></label
          >
          <label v-for="difference in one.differences" :key="difference.key" class="differs"
            ><input
              type="checkbox"
              :disabled="left.has(one.key)"
              :checked="seen.has(`${one.key} ${difference.key}`)"
              @change="seen = flip(seen, `${one.key} ${difference.key}`)"
            />
            {{ difference.fact === "place" ? "" : `${pinName(difference.pin)}: ` }}{{ difference.fact }}
            {{ difference.here }} here, {{ difference.there }} there</label
          >
          <p v-if="one.differences.length === 0" class="why differs">
            The two sides agree in place, colour and size.
          </p>
        </li>
      </ul>
    </template>
    <template v-if="twins.length">
      <h3>Decided differently on the two sides</h3>
      <ul class="copies">
        <li v-for="one in twins" :key="one.key">
          {{ decisionWords(one.copy, name) }}
          <p class="why differs">
            {{
              one.differences
                .map((difference) => `${difference.fact} ${difference.here} here, ${difference.there} there`)
                .join("; ")
            }}
          </p>
        </li>
      </ul>
    </template>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">
        {{ copies.length ? "Cancel" : "Close" }}</button
      ><button
        v-if="copies.length"
        type="button"
        class="btn pri"
        :disabled="chosen.length === 0"
        @click="copy"
      >
        Copy {{ chosen.length }}
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.copies {
  display: grid;
  gap: 0;
  border-top: 1px solid var(--rule);
}
.copies li {
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}
.take {
  display: flex;
  gap: 10px;
  align-items: start;
}
.differs {
  display: flex;
  gap: 8px;
  padding: 4px 0 4px 28px;
  min-height: 28px;
  align-items: center;
}
input {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
  flex: none;
}
</style>
