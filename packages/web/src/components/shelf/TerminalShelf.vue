<script setup lang="ts">
/** Terminal systems, found by what is seen of them, and the shop's own. */
import { computed, reactive, ref, shallowRef } from "vue";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { findTerminals, SECONDARY_LOCKS, type SeenTraits, type TerminalSystem } from "@trevin/core";
import { walkOptions } from "../../composables/listArrows.ts";
import { useShelf } from "../../stores/shelf.ts";
import TerminalForm from "./TerminalForm.vue";
import TerminalSheet from "./TerminalSheet.vue";
import { LOCK_SIDE_WORDS, SECONDARY_WORDS } from "./terminalWords.ts";

const shelf = useShelf();
const any = { value: "any", label: "not checked" };
const seen = reactive({
  text: "",
  sealed: "any",
  lockSide: "any",
  secondary: "any",
  gender: "any",
  width: "",
  conductor: "",
});
const traits = computed<SeenTraits>(() => {
  const number = (text: string): number | undefined => {
    const value = Number(text.replace(",", "."));
    return text.trim() === "" || !(value > 0) ? undefined : value;
  };
  return {
    text: seen.text,
    sealed: seen.sealed === "any" ? undefined : seen.sealed === "yes",
    lockSide: seen.lockSide === "any" ? undefined : (seen.lockSide as TerminalSystem["lockSide"]),
    secondary: seen.secondary === "any" ? undefined : (seen.secondary as TerminalSystem["secondary"]),
    gender: seen.gender === "any" ? undefined : (seen.gender as TerminalSystem["gender"]),
    width: number(seen.width),
    conductor: number(seen.conductor),
  };
});
const matches = computed(() => findTerminals(shelf.terminals, traits.value));
const asked = computed(() =>
  Object.values(traits.value).some((value) => value !== undefined && value !== ""),
);
const terminalId = ref("");
const match = computed(
  () => matches.value.find((one) => one.system.id === terminalId.value) ?? matches.value[0] ?? null,
);
const formOpen = ref(false);
const formStart = shallowRef<TerminalSystem | null>(null);
function editTerminal(system: TerminalSystem | null): void {
  formStart.value = system;
  shelf.problem = "";
  formOpen.value = true;
}
const copyOf = (system: TerminalSystem): TerminalSystem => ({
  ...system,
  id: crypto.randomUUID(),
  name: `${system.name}, ours`,
});
async function saveTerminal(system: TerminalSystem): Promise<boolean> {
  const stored = await shelf.putTerminal(system);
  if (stored) terminalId.value = system.id;
  return stored;
}
/** How many of the traits that were seen agree, or speak against it. */
function fitWords({ agrees, against }: (typeof matches.value)[number]): string {
  if (against.length > 0) return `${against.length} against`;
  if (agrees.length === 0) return "";
  return `${agrees.length} ${agrees.length === 1 ? "agrees" : "agree"}`;
}
</script>

<template>
  <p v-if="shelf.problem && !formOpen" class="bad" role="alert">{{ shelf.problem }}</p>
  <div class="split">
    <section class="left">
      <h2>What do you see?</h2>
      <div class="traits">
        <div class="field all">
          <label for="seen-text">Words</label
          ><InputText id="seen-text" v-model="seen.text" placeholder="box, comb, wedge" />
        </div>
        <div class="field">
          <span id="seen-sealed" class="label">Seal on the wire</span
          ><Select
            v-model="seen.sealed"
            :options="[any, { value: 'yes', label: 'yes' }, { value: 'no', label: 'no' }]"
            option-label="label"
            option-value="value"
            aria-labelledby="seen-sealed"
          />
        </div>
        <div class="field">
          <span id="seen-side" class="label">Terminal lock</span
          ><Select
            v-model="seen.lockSide"
            :options="[any, ...Object.entries(LOCK_SIDE_WORDS).map(([value, label]) => ({ value, label }))]"
            option-label="label"
            option-value="value"
            aria-labelledby="seen-side"
          />
        </div>
        <div class="field">
          <span id="seen-over" class="label">Secondary lock (TPA)</span
          ><Select
            v-model="seen.secondary"
            :options="[any, ...SECONDARY_LOCKS.map((value) => ({ value, label: SECONDARY_WORDS[value] }))]"
            option-label="label"
            option-value="value"
            aria-labelledby="seen-over"
          />
        </div>
        <div class="field">
          <span id="seen-gender" class="label">Contact</span
          ><Select
            v-model="seen.gender"
            :options="[
              any,
              { value: 'female', label: 'female' },
              { value: 'male', label: 'male' },
              { value: 'ring', label: 'ring' },
            ]"
            option-label="label"
            option-value="value"
            aria-labelledby="seen-gender"
          />
        </div>
        <div class="field">
          <label for="seen-width">Contact width, mm</label
          ><InputText id="seen-width" v-model="seen.width" inputmode="decimal" placeholder="2.8" />
        </div>
        <div class="field">
          <label for="seen-conductor">Conductor, mm²</label
          ><InputText id="seen-conductor" v-model="seen.conductor" inputmode="decimal" placeholder="0.75" />
        </div>
      </div>
      <ul class="systems" role="listbox" aria-label="Terminal systems" tabindex="-1" @keydown="walkOptions">
        <li v-for="one in matches" :key="one.system.id" role="none">
          <button
            type="button"
            role="option"
            :aria-selected="one === match"
            :class="{ against: one.against.length }"
            @click="terminalId = one.system.id"
          >
            <b>{{ one.system.name }}</b><span class="mut">{{ one.system.tell }}</span
            ><span v-if="asked" class="lab fit">{{ fitWords(one) }}</span>
          </button>
        </li>
      </ul>
      <p v-if="matches.length === 0" class="mut">No match. Try without words, or add your own.</p>
      <button type="button" class="btn" @click="editTerminal(null)">Add a custom system</button>
    </section>
    <section class="right">
      <TerminalSheet
        v-if="match"
        :system="match.system"
        :match="asked ? match : null"
        :own="shelf.isOwnTerminal(match.system.id)"
        @edit="editTerminal(match.system)"
        @copy="editTerminal(copyOf(match.system))"
        @remove="shelf.removeTerminal(match.system.id)"
      />
    </section>
  </div>
  <TerminalForm v-model:open="formOpen" :start="formStart" :refused="shelf.problem" :save="saveTerminal" />
</template>

<style scoped src="./shelfPage.css"></style>
<style scoped>
.left:has(.traits) {
  grid-template-rows: auto auto minmax(0, 1fr) auto;
}
.traits {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
}
.all {
  grid-column: 1 / -1;
}
.systems {
  overflow: auto;
  border-top: 1px solid var(--ink);
  min-height: 120px;
}
.systems button {
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  text-align: left;
  padding: 6px 8px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  cursor: pointer;
  min-height: 44px;
}
.systems b {
  font-weight: 650;
}
.systems .mut {
  font-size: 13px;
  grid-column: 1;
}
.systems .fit {
  grid-column: 2;
  grid-row: 1;
}
.systems [aria-selected="true"] {
  background: var(--sheet);
  box-shadow: inset 5px 0 0 var(--ink);
  padding-left: 14px;
}
.against b {
  font-weight: 400;
  color: var(--ink2);
}
</style>
