<script setup lang="ts">
/** Wires, names and shells that can be taken for each other, in one connector, across a module's plugs, and among what is open. */
import { computed, ref, shallowRef, toRaw, watch } from "vue";
import Dialog from "primevue/dialog";
import {
  colourInWords,
  connectorsInOrder,
  likenessWords,
  LOOK_ALIKE_SCOPES,
  shellLookAlikes,
  sightWords,
  type ConnectorId,
  type Dossier,
  type LookAlikeGroup,
  type LookAlikeScope,
  type PinId,
  type PlacedPin,
} from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";
import type { LookAlikesFound } from "../../workers/onDemand.ts";
import { computeWorker } from "../../workers/client.ts";

const visible = defineModel<boolean>("open", { required: true });
const props = defineProps<{ dossier: Dossier }>();
const emit = defineEmits<{ show: [connector: ConnectorId, pin: PinId] }>();

const together = ref<ConnectorId[]>([]);
const found = shallowRef<LookAlikesFound | null>(null);
const failed = ref(false);
let asked = 0;
watch(
  [visible, together, () => props.dossier],
  async () => {
    if (!visible.value) return;
    const turn = ++asked;
    failed.value = false;
    try {
      const answer = await computeWorker().lookAlikes(toRaw(props.dossier), [...together.value]);
      if (turn === asked) found.value = answer;
    } catch {
      failed.value = true;
    }
  },
  { deep: false },
);
const toggle = (id: ConnectorId): void => {
  together.value = together.value.includes(id)
    ? together.value.filter((one) => one !== id)
    : [...together.value, id];
};

const SCOPES: Readonly<Record<LookAlikeScope, string>> = {
  connector: "In one connector",
  module: "Across the plugs of one module",
  open: "In connectors open at the same time",
};
const LIMIT = 150;
const shells = computed(() =>
  visible.value
    ? shellLookAlikes(props.dossier).flatMap(
        ({ pair: [a, b], likeness }) => likenessWords(likeness, a.name, b.name) ?? [],
      )
    : [],
);
const groups = computed(() =>
  LOOK_ALIKE_SCOPES.map((scope) => ({
    scope,
    all: (found.value?.wires ?? []).filter((one) => one.scope === scope),
  })).filter(({ all }) => all.length > 0),
);
const why = ({ sides, sights }: LookAlikeGroup): string =>
  sides.length === 1 ? "same colour" : `easily confused in ${sightWords(sights)}`;
/** The connector's name before its first pin of a row. */
const named = (pins: readonly PlacedPin[], index: number): boolean =>
  pins[index]?.connector.id !== pins[index - 1]?.connector.id;
const show = ({ connector, pin }: PlacedPin): void => {
  visible.value = false;
  emit("show", connector.id, pin.id);
};
const WHAT = { connector: "Connectors", cavity: "Cavities of", circuit: "Circuits in" } as const;
</script>

<template>
  <Dialog v-model:visible="visible" class="wide" modal header="Look-alikes" :draggable="false">
    <fieldset v-if="dossier.connectors.length > 1">
      <legend class="lab">Open together</legend>
      <label v-for="one in connectorsInOrder(dossier)" :key="one.id"
        ><input type="checkbox" :checked="together.includes(one.id)" @change="toggle(one.id)" />{{ " "
        }}<span class="code">{{ one.name }}</span></label
      >
    </fieldset>
    <p v-if="failed" class="bad" role="alert">Look-alikes could not be calculated. Close and open again.</p>
    <p v-else-if="found === null" class="mut" role="status">Comparing</p>
    <p v-else-if="groups.length === 0 && found.names.length === 0 && shells.length === 0">
      No look-alikes found.
    </p>
    <section v-if="found && found.names.length > 0">
      <h3>
        Easily confused names <span class="mut">{{ found.names.length }}</span>
      </h3>
      <ul>
        <li v-for="one in found.names.slice(0, LIMIT)" :key="`${one.what}${one.at}${one.names.join()}`">
          <span
            >{{ WHAT[one.what]
            }}<template v-if="one.at">
              <b class="code">{{ one.at }}</b></template
            >: <b class="code">{{ one.names[0] }}</b> and <b class="code">{{ one.names[1] }}</b></span
          >
        </li>
      </ul>
    </section>
    <section v-if="shells.length > 0">
      <h3>
        Shells <span class="mut">{{ shells.length }}</span>
      </h3>
      <ul>
        <li v-for="one in shells.slice(0, LIMIT)" :key="one">{{ one }}</li>
      </ul>
    </section>
    <section v-for="group in groups" :key="group.scope">
      <h3>
        {{ SCOPES[group.scope] }} <span class="mut">{{ group.all.length }}</span>
      </h3>
      <ul>
        <li v-for="(one, i) in group.all.slice(0, LIMIT)" :key="i">
          <span v-for="side in one.sides" :key="colourInWords(side.colour)" class="side">
            <DrawnWire :colour="side.colour" :length="52" /><span class="words">{{
              colourInWords(side.colour)
            }}</span>
            <template v-for="(placed, p) in side.pins" :key="placed.pin.id"
              ><b v-if="named(side.pins, p)" class="code">{{ placed.connector.name }}</b
              ><button
                type="button"
                class="one"
                :title="placed.pin.function"
                :aria-label="`${placed.connector.name} ${placed.pin.cavity}, ${placed.pin.function}`"
                @click="show(placed)"
              >
                <CavityLabel :label="placed.pin.cavity" /></button
            ></template>
          </span>
          <span class="kind lab">{{ why(one) }}</span>
        </li>
      </ul>
      <p v-if="group.all.length > LIMIT" class="why">The first {{ LIMIT }} of {{ group.all.length }}.</p>
    </section>
  </Dialog>
</template>

<style scoped>
fieldset {
  border: 0;
  display: flex;
  gap: 6px 16px;
  flex-wrap: wrap;
}
legend {
  float: left;
  margin-right: 12px;
  color: var(--ink2);
}
fieldset input {
  width: 16px;
  height: 16px;
  accent-color: var(--ink);
  vertical-align: -2px;
}
h3 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 3px;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  border-bottom: 1px solid var(--rule);
  min-height: 34px;
  flex-wrap: wrap;
}
.side {
  display: flex;
  align-items: center;
  gap: 6px;
  flex-wrap: wrap;
}
.side + .side {
  border-left: 1px solid var(--rule2);
  padding-left: 10px;
}
.words {
  font-size: 13.5px;
  margin-right: 4px;
}
.one {
  border: 0;
  background: none;
  cursor: pointer;
  padding: 2px 0;
}
.kind {
  margin-left: auto;
  color: var(--ink2);
}
</style>
