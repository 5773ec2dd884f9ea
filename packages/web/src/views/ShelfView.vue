<script setup lang="ts">
/** The Shelf: shells as they are held and counted, terminal systems by what is seen of them, and the shop's own of both. */
import { computed, reactive, ref, shallowRef, watch } from "vue";
import { useElementSize } from "@vueuse/core";
import { useRoute } from "vue-router";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import {
  BLANK_WORDS,
  faceOf,
  findTerminals,
  GENDER_WORDS,
  holdWords,
  locateAll,
  LOCK_WORDS,
  numberingWords,
  placeWords,
  SECONDARY_LOCKS,
  viewWords,
  waysOf,
  type SeenTraits,
  type Shell,
  type ShelfShell,
  type TerminalSystem,
} from "@trevin/core";
import TopLine from "../components/frame/TopLine.vue";
import CavityLabel from "../components/parts/CavityLabel.vue";
import FindCavity from "../components/faces/FindCavity.vue";
import HoldControls from "../components/faces/HoldControls.vue";
import ShellEditor from "../components/faces/ShellEditor.vue";
import ShellFace from "../components/faces/ShellFace.vue";
import ShellList from "../components/faces/ShellList.vue";
import TerminalForm from "../components/shelf/TerminalForm.vue";
import TerminalSheet from "../components/shelf/TerminalSheet.vue";
import { LOCK_SIDE_WORDS, SECONDARY_WORDS } from "../components/shelf/terminalWords.ts";
import { walkOptions } from "../composables/listArrows.ts";
import { holdCommands } from "../composables/holdCommands.ts";
import { useCommands } from "../composables/useCommands.ts";
import { shellLine } from "../shells/draft.ts";
import { usePrefs } from "../stores/prefs.ts";
import { useShelf } from "../stores/shelf.ts";

const shelf = useShelf();
const prefs = usePrefs();
const route = useRoute();
void shelf.load();
const page = computed(() => (route.params["kind"] === "terminals" ? "terminals" : "shells"));

const shellId = ref("header-68");
const chosen = computed<ShelfShell | undefined>(
  () => shelf.shells.find((one) => one.id === shellId.value) ?? shelf.shells[0],
);
const shell = computed(() => chosen.value?.shell ?? null);
const face = computed(() => (shell.value === null ? null : faceOf({ shell: shell.value, pins: [] })));
const inHand = ref("");
watch(shellId, () => {
  inHand.value = "";
});
const located = computed(() => (face.value === null ? [] : locateAll(face.value, prefs.hold)));
const pointed = ref<string | null>(null);
const here = computed(
  () => located.value.find((place) => place.label === (pointed.value ?? inHand.value)) ?? null,
);
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const finder = ref<InstanceType<typeof FindCavity> | null>(null);
function labelWords({ pattern, mark }: Shell): string {
  if (pattern.kind === "rows") return numberingWords(pattern.numbering);
  if (pattern.kind === "rings") return `round, ${pattern.direction} from the ${mark}`;
  return pattern.kind === "points" ? "set one by one" : "";
}
const about = computed<readonly (readonly [string, string])[]>(() => {
  const one = shell.value;
  if (one === null) return [];
  return [
    ["standard", one.standard],
    ["labels", labelWords(one)],
    ["given for", one.pattern.kind === "none" ? "" : `the ${viewWords(one.view)}, ${one.mark} up`],
    [
      "contacts",
      one.gender === null
        ? ""
        : `${GENDER_WORDS[one.gender]}${one.reversed.length ? `; ${one.reversed.join(", ")} the other way` : ""}`,
    ],
    ["empty", one.pattern.kind === "none" ? "" : BLANK_WORDS[one.blank]],
    ["locks", one.locks.map((lock) => LOCK_WORDS[lock]).join(", ")],
    ["joined while mated", one.joined.map((group) => group.join(" ")).join("; ")],
    [
      "terminals",
      one.terminals.map((id) => shelf.terminals.find((system) => system.id === id)?.name ?? id).join("; "),
    ],
  ].filter((line): line is [string, string] => line[1] !== "");
});
const uses = computed(() => Object.entries(chosen.value?.contacts ?? {}));

const editing = ref(false);
const start = shallowRef<Shell | null>(null);
const editId = ref("");
const drawn = shallowRef<Shell | null>(null);
function make(from: ShelfShell | null, own: boolean): void {
  const copied = own || from === null ? from?.shell : { ...from.shell, name: `${from.shell.name}, ours` };
  start.value = copied ?? null;
  editId.value = own && from !== null ? from.id : crypto.randomUUID();
  shelf.problem = "";
  editing.value = true;
}
async function saveShell(): Promise<void> {
  if (drawn.value === null || drawn.value.name === "") return;
  if (await shelf.putShell({ id: editId.value, shell: drawn.value, note: "" })) {
    shellId.value = editId.value;
    editing.value = false;
  }
}

const any = { value: "any", label: "not seen" };
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
useCommands([
  ...holdCommands(),
  {
    id: "find-cavity",
    title: "Find a cavity by label or place",
    keys: "F",
    enabled: () => page.value === "shells",
    run: () => finder.value?.focus(),
  },
  {
    id: "new-shell",
    title: "Make a shell of our own",
    keys: "N",
    enabled: () => page.value === "shells",
    run: () => make(null, false),
  },
]);
const pages = [
  { kind: "shells", title: "Shells" },
  { kind: "terminals", title: "Terminal systems" },
] as const;
</script>

<template>
  <TopLine />
  <main>
    <header class="head">
      <h1>Shelf</h1>
      <nav aria-label="Shelf">
        <RouterLink
          v-for="one in pages"
          :key="one.kind"
          :to="{ name: 'shelf', params: { kind: one.kind } }"
          class="tab"
          :aria-current="page === one.kind ? 'page' : undefined"
          >{{ one.title }}</RouterLink
        >
      </nav>
      <p v-if="shelf.removed" class="why" role="status">
        {{ shelf.removed.name }} is off the Shelf.
        <button type="button" class="link" @click="shelf.putBack()">Put it back</button>
      </p>
    </header>
    <p v-if="shelf.problem && !editing && !formOpen" class="bad" role="alert">{{ shelf.problem }}</p>
    <div v-if="page === 'shells'" class="split">
      <section class="left">
        <ShellList :chosen="chosen?.id ?? null" @choose="shellId = $event.id" /><button
          type="button"
          class="btn"
          @click="make(null, false)"
        >
          Make a shell of our own <kbd>N</kbd>
        </button>
      </section>
      <section v-if="chosen && shell" class="right">
        <div class="title">
          <h2>{{ shellLine(shell) }}</h2>
          <span class="mut">{{ waysOf(shell) || "no" }} cavities</span
          ><span v-if="chosen.sure === 'check'" class="check lab">check against the part</span
          ><span class="acts"
            ><template v-if="shelf.isOwnShell(chosen.id)"
              ><button type="button" class="btn quiet" @click="make(chosen, true)">Change</button
              ><button type="button" class="btn quiet" @click="shelf.removeShell(chosen.id)">
                Take off
              </button></template
            ><button type="button" class="btn quiet" @click="make(chosen, false)">
              Copy as our own
            </button></span
          >
        </div>
        <template v-if="face">
          <div class="bar">
            <HoldControls :mark="shell.mark" /><FindCavity
              ref="finder"
              :face="face"
              :hold="prefs.hold"
              @found="inHand = $event"
            />
          </div>
          <div ref="box">
            <ShellFace
              :shell="shell"
              :hold="prefs.hold"
              :width="Math.max(300, width)"
              :in-hand="inHand"
              pickable
              counting
              :max-pitch="58"
              :max-height="470"
              @pick="inHand = $event"
              @point="pointed = $event"
            />
          </div>
          <p class="said" aria-live="polite">
            <template v-if="here"
              ><CavityLabel :label="here.label" state="hand" /> <b>{{ placeWords(here.locator) }}</b>
              <span class="mut"
                >{{ holdWords(prefs.hold, shell)
                }}{{ chosen.contacts[here.label] ? `: ${chosen.contacts[here.label]?.function}` : "" }}</span
              ></template
            ><span v-else class="mut">Point at a cavity, or type one.</span>
          </p>
        </template>
        <p v-else class="mut">It has no face: its contacts are listed by their labels.</p>
        <p v-if="chosen.note" class="note">{{ chosen.note }}</p>
        <dl>
          <template v-for="[what, value] in about" :key="what"
            ><dt class="lab">{{ what }}</dt>
            <dd>{{ value }}</dd></template
          >
        </dl>
        <table v-if="uses.length">
          <thead>
            <tr>
              <th>contact</th>
              <th>usually</th>
              <th>colour</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="[label, use] in uses" :key="label">
              <td><CavityLabel :label="label" /></td>
              <td>{{ use.function }}</td>
              <td class="code">{{ use.colour }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
    <div v-else class="split">
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
            <span id="seen-side" class="label">Lock of the terminal</span
            ><Select
              v-model="seen.lockSide"
              :options="[any, ...Object.entries(LOCK_SIDE_WORDS).map(([value, label]) => ({ value, label }))]"
              option-label="label"
              option-value="value"
              aria-labelledby="seen-side"
            />
          </div>
          <div class="field">
            <span id="seen-over" class="label">Lock over all terminals</span
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
              ><span v-if="asked" class="lab fit">{{
                one.against.length
                  ? `${one.against.length} against`
                  : one.agrees.length
                    ? `${one.agrees.length} ${one.agrees.length === 1 ? "agrees" : "agree"}`
                    : ""
              }}</span>
            </button>
          </li>
        </ul>
        <p v-if="matches.length === 0" class="mut">Nothing by that name. Leave the words out, or add it.</p>
        <button type="button" class="btn" @click="editTerminal(null)">Add one of our own</button>
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
    <Dialog v-model:visible="editing" class="wide" modal header="A shell of our own" :draggable="false">
      <ShellEditor :start="start" @change="drawn = $event" />
      <p v-if="shelf.problem" class="bad" role="alert">{{ shelf.problem }}</p>
      <p v-else-if="drawn && drawn.name === ''" class="why">Give it a name by which it is found again.</p>
      <template #footer
        ><button type="button" class="btn quiet" @click="editing = false">Cancel</button
        ><button
          type="button"
          class="btn pri"
          :disabled="drawn === null || drawn.name === ''"
          @click="saveShell"
        >
          Put on the Shelf
        </button></template
      >
    </Dialog>
    <TerminalForm v-model:open="formOpen" :start="formStart" :refused="shelf.problem" :save="saveTerminal" />
  </main>
</template>

<style scoped>
main {
  display: flex;
  flex-direction: column;
  height: calc(100vh - 41px);
  min-height: 0;
}
.head {
  display: flex;
  align-items: center;
  gap: 28px;
  padding: 8px 20px 0;
  border-bottom: 2px solid var(--ink);
}
.head nav {
  display: flex;
  gap: 22px;
}
.tab {
  padding: 8px 0;
  font: 600 17px/20px var(--f-label);
  color: var(--ink2);
  text-decoration: none;
}
.tab[aria-current] {
  color: var(--ink);
  box-shadow: inset 0 -4px 0 var(--ink);
}
.split {
  flex: 1;
  display: grid;
  grid-template-columns: 410px minmax(0, 1fr);
  min-height: 0;
}
.left {
  border-right: 1px solid var(--ink);
  padding: 12px 16px 16px 20px;
  display: grid;
  gap: 10px;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
}
.left:has(.traits) {
  grid-template-rows: auto auto minmax(0, 1fr) auto;
}
.right {
  padding: 12px 20px 24px;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-width: 0;
}
.title {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
}
.title h2 {
  font-size: 24px;
  line-height: 28px;
}
.acts {
  margin-left: auto;
  display: flex;
  gap: 8px;
}
.check {
  text-decoration: underline dashed 2px;
  text-underline-offset: 3px;
}
.bar {
  display: flex;
  gap: 10px 20px;
  flex-wrap: wrap;
  align-items: center;
}
.said {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  min-height: 44px;
  font-size: 18px;
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}
.said :deep(.cav) {
  min-width: 52px;
  height: 40px;
  font-size: 22px;
}
.said b::first-letter {
  text-transform: capitalize;
}
.said b {
  display: inline-block;
}
.note {
  padding-left: 12px;
  border-left: 6px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 2px, transparent 2px 5px) 6;
}
dl {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr);
  border-top: 2px solid var(--ink);
}
dt,
dd {
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
dt {
  color: var(--ink2);
}
td {
  padding: 3px 8px 3px 0;
  border-top: 1px solid var(--rule);
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
@media (max-width: 900px) {
  main {
    height: auto;
  }
  .split {
    grid-template-columns: minmax(0, 1fr);
  }
  .left {
    border-right: 0;
    border-bottom: 1px solid var(--ink);
  }
  .left :deep(ul) {
    max-height: 34vh;
  }
  .head {
    flex-wrap: wrap;
    gap: 4px 20px;
  }
}
</style>
