<script setup lang="ts">
/** What the job is for: functions that must work in the end, equipment that is kept or given up, and the wires that stand for each. */
import { computed, ref } from "vue";
import {
  allPins,
  briefLines,
  pinName,
  suggestThings,
  type BriefItem,
  type BriefLine,
  type BriefState,
  type PinId,
} from "@trevin/core";
import NotOnBrief from "../components/brief/NotOnBrief.vue";
import PinPicker from "../components/brief/PinPicker.vue";
import { stateOf } from "../components/brief/stateWords.ts";
import { useJob } from "../stores/job.ts";

const store = useJob();
const dossier = computed(() => store.live!);
const lines = computed(() => briefLines(dossier.value));
const ofKind = (kind: BriefItem["kind"]) => lines.value.filter(({ item }) => item.kind === kind);
const summary = computed(() => {
  const count = (...states: BriefState[]): number =>
    lines.value.filter(({ item, state }) => item.kept && states.includes(state)).length;
  return lines.value.length === 0
    ? "Nothing on the brief yet."
    : `${count("served")} served, ${count("open")} open, ${count("lost", "no-pin")} not served.`;
});

const text = ref("");
const kind = ref<BriefItem["kind"]>("function");
const problem = ref("");
const offers = computed(() =>
  kind.value === "function"
    ? suggestThings(text.value, 6).map((offer) => offer.text)
    : conditions.value.filter((one) => one.toLowerCase().includes(text.value.trim().toLowerCase())),
);
const conditions = computed(() => [
  ...new Set(
    allPins(dossier.value)
      .map(({ pin }) => pin.condition)
      .filter((one) => one !== ""),
  ),
]);
async function add(words: string, as: BriefItem["kind"] = kind.value): Promise<void> {
  problem.value = "";
  if (words.trim() === "") problem.value = "Enter what must work: “coolant gauge”, “air conditioning”.";
  else if (dossier.value.brief.some((item) => item.text.trim().toLowerCase() === words.trim().toLowerCase()))
    problem.value = `“${words.trim()}” is already on the brief.`;
  else if (
    await store.setBrief([
      ...dossier.value.brief,
      { id: crypto.randomUUID(), kind: as, text: words.trim(), kept: true, pins: [] },
    ])
  )
    text.value = "";
}
const change = (id: string, patch: Partial<BriefItem>): Promise<boolean> =>
  store.setBrief(dossier.value.brief.map((item) => (item.id === id ? { ...item, ...patch } : item)));
const remove = (id: string): Promise<boolean> =>
  store.setBrief(dossier.value.brief.filter((item) => item.id !== id));

const linking = ref<BriefLine | null>(null);
const linkOpen = computed({
  get: () => linking.value !== null,
  set: (to) => {
    if (!to) linking.value = null;
  },
});
async function link(pins: readonly PinId[]): Promise<void> {
  if (linking.value !== null && (await change(linking.value.item.id, { pins }))) linking.value = null;
}
const parts = computed(() => [
  {
    title: "Must work in the end",
    rows: ofKind("function"),
    none: "No functions yet. Add what must work when the job is done.",
  },
  {
    title: "Equipment",
    rows: ofKind("option"),
    none: "No equipment listed. Wires for optional equipment are included until you drop it.",
  },
]);
</script>

<template>
  <main class="split">
    <section class="left">
      <header class="head">
        <h1>Brief</h1>
        <span class="mut lab">{{ summary }}</span>
      </header>
      <section v-for="part in parts" :key="part.title" class="part">
        <h2>{{ part.title }}</h2>
        <p v-if="part.rows.length === 0" class="mut">{{ part.none }}</p>
        <ul>
          <li v-for="line in part.rows" :key="line.item.id" :class="line.item.kept ? line.state : 'given-up'">
            <span class="mark" role="img" :aria-label="stateOf(line).words">{{ stateOf(line).mark }}</span>
            <span class="what"
              ><b>{{ line.item.text }}</b
              ><br /><span class="lab state">{{ stateOf(line).words }}</span></span
            >
            <span class="pins code"
              >{{ line.pins.slice(0, 8).map(pinName).join("  ")
              }}<template v-if="line.pins.length > 8"> and {{ line.pins.length - 8 }} more</template>{{ " "
              }}<span v-if="line.pins.length" class="lab mut">{{
                line.linked === "by-hand" ? "linked by hand" : "found by name"
              }}</span></span
            >
            <span class="acts">
              <button
                v-if="line.item.kind === 'option'"
                type="button"
                class="btn quiet"
                :aria-pressed="!line.item.kept"
                @click="change(line.item.id, { kept: !line.item.kept })"
              >
                {{ line.item.kept ? "Drop" : "Keep" }}
              </button>
              <button type="button" class="btn quiet" @click="linking = line">Pins…</button>
              <button
                type="button"
                class="btn quiet"
                :aria-label="`Remove ${line.item.text} from the brief`"
                @click="remove(line.item.id)"
              >
                Remove
              </button>
            </span>
          </li>
        </ul>
      </section>
      <form class="add" @submit.prevent="add(text)">
        <span class="kinds" role="group" aria-label="Kind of item"
          ><button type="button" :aria-pressed="kind === 'function'" @click="kind = 'function'">
            Function</button
          ><button type="button" :aria-pressed="kind === 'option'" @click="kind = 'option'">
            Equipment
          </button></span
        >
        <label class="sr" for="brief-text">{{
          kind === "function" ? "Function that must work" : "Equipment"
        }}</label>
        <input
          id="brief-text"
          v-model="text"
          class="inp"
          maxlength="120"
          autocomplete="off"
          list="brief-offers"
          :placeholder="kind === 'function' ? 'coolant gauge' : 'air conditioning'"
        />
        <datalist id="brief-offers"><option v-for="one in offers" :key="one" :value="one" /></datalist>
        <button type="submit" class="btn pri">Add</button>
      </form>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
    </section>
    <NotOnBrief
      :dossier="dossier"
      :lines="lines"
      @add="(items) => store.setBrief([...dossier.brief, ...items])"
    />
    <PinPicker
      v-model:open="linkOpen"
      :item="linking?.item ?? null"
      :start="linking?.item.pins ?? []"
      :dossier="dossier"
      @link="link"
    />
  </main>
</template>

<style scoped>
.split {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  min-height: 0;
}
.left {
  padding: 0 16px 32px 20px;
  min-width: 0;
}
.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
  min-height: 48px;
  padding-top: 12px;
  border-bottom: 1px solid var(--ink);
}
.part {
  padding-top: 14px;
}
.part > p {
  padding: 6px 0;
}
.part ul {
  border-top: 1px solid var(--rule);
}
.part li {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 6px 0;
  min-height: 46px;
}
.mark {
  width: 26px;
  height: 26px;
  display: grid;
  place-items: center;
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  font: 700 15px/1 var(--f-text);
  background: var(--sheet);
}
.open .mark {
  border-style: dashed;
}
.lost .mark,
.no-pin .mark {
  border-width: 2.5px;
}
.lost .state,
.no-pin .state {
  font-weight: 600;
  color: var(--ink);
}
.state {
  color: var(--ink2);
}
.given-up b {
  text-decoration: line-through;
}
.given-up .mark {
  border-color: var(--rule2);
  color: var(--ink2);
}
.pins {
  overflow-wrap: anywhere;
  white-space: pre-wrap;
}
.acts {
  display: flex;
  gap: 6px;
}
.acts .btn {
  min-height: 32px;
  font-size: 15px;
  padding: 0 9px;
}
.add {
  display: flex;
  gap: 10px;
  padding-top: 18px;
  align-items: center;
}
.add .inp {
  max-width: 420px;
}
.kinds {
  display: flex;
  border: 1.5px solid var(--rule2);
  border-radius: 2px;
}
.kinds button {
  border: 0;
  background: none;
  padding: 0 12px;
  min-height: 34px;
  font: 500 16px/1 var(--f-label);
  cursor: pointer;
}
.kinds button[aria-pressed="true"] {
  background: var(--ink);
  color: var(--on-ink);
}
.bad {
  margin-top: 10px;
}
@media (max-width: 1000px) {
  .split {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .part li {
    grid-template-columns: 30px minmax(0, 1fr);
  }
  .pins,
  .acts {
    grid-column: 2;
  }
  .add {
    flex-wrap: wrap;
  }
  .left {
    padding: 0 12px 24px;
  }
}
</style>
