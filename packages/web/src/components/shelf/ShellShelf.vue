<script setup lang="ts">
/** The shells of the Shelf, as they are held and counted, and the shop's own. */
import { computed, ref, shallowRef, watch } from "vue";
import { useElementSize } from "@vueuse/core";
import Dialog from "primevue/dialog";
import { faceOf, holdWords, locateAll, placeWords, waysOf, type Shell, type ShelfShell } from "@trevin/core";
import { holdCommands } from "../../composables/holdCommands.ts";
import { useCommands } from "../../composables/useCommands.ts";
import { shellLine } from "../../shells/draft.ts";
import { shellFacts } from "../../shells/shellFacts.ts";
import { usePrefs } from "../../stores/prefs.ts";
import { useShelf } from "../../stores/shelf.ts";
import FindCavity from "../faces/FindCavity.vue";
import HoldControls from "../faces/HoldControls.vue";
import ShellEditor from "../faces/ShellEditor.vue";
import ShellFace from "../faces/ShellFace.vue";
import ShellList from "../faces/ShellList.vue";
import CavityLabel from "../parts/CavityLabel.vue";

const shelf = useShelf();
const prefs = usePrefs();
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
const about = computed(() => (shell.value === null ? [] : shellFacts(shell.value, shelf.terminals)));
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

useCommands([
  ...holdCommands(),
  {
    id: "find-cavity",
    title: "Find a cavity by label or place",
    keys: "F",
    run: () => finder.value?.focus(),
  },
  {
    id: "new-shell",
    title: "New custom housing",
    keys: "N",
    run: () => make(null, false),
  },
]);
</script>

<template>
  <p v-if="shelf.problem && !editing" class="bad" role="alert">{{ shelf.problem }}</p>
  <div class="split">
    <section class="left">
      <ShellList :chosen="chosen?.id ?? null" @choose="shellId = $event.id" /><button
        type="button"
        class="btn"
        @click="make(null, false)"
      >
        New custom housing <kbd>N</kbd>
      </button>
    </section>
    <section v-if="chosen && shell" class="right">
      <div class="title">
        <h2>{{ shellLine(shell) }}</h2>
        <span class="mut">{{ waysOf(shell) || "no" }} cavities</span
        ><span v-if="chosen.sure === 'check'" class="check lab">check against the part</span
        ><span class="acts"
          ><template v-if="shelf.isOwnShell(chosen.id)"
            ><button type="button" class="btn quiet" @click="make(chosen, true)">Edit</button
            ><button type="button" class="btn quiet" @click="shelf.removeShell(chosen.id)">
              Remove
            </button></template
          ><button type="button" class="btn quiet" @click="make(chosen, false)">Copy as custom</button></span
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
            ><CavityLabel :label="here.label" state="hand" /> <b>{{ placeWords(here.locator) }}</b>{{ " "
            }}<span class="mut"
              >{{ holdWords(prefs.hold, shell)
              }}{{ chosen.contacts[here.label] ? `: ${chosen.contacts[here.label]?.function}` : "" }}</span
            ></template
          ><span v-else class="mut">Point at a cavity or type its label.</span>
        </p>
      </template>
      <p v-else class="mut">No face: its contacts are listed by label.</p>
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
  <Dialog v-model:visible="editing" class="wide" modal header="Custom housing" :draggable="false">
    <ShellEditor :start="start" @change="drawn = $event" />
    <p v-if="shelf.problem" class="bad" role="alert">{{ shelf.problem }}</p>
    <p v-else-if="drawn && drawn.name === ''" class="why">Enter a name.</p>
    <template #footer
      ><button type="button" class="btn quiet" @click="editing = false">Cancel</button
      ><button
        type="button"
        class="btn pri"
        :disabled="drawn === null || drawn.name === ''"
        @click="saveShell"
      >
        Save to the Shelf
      </button></template
    >
  </Dialog>
</template>

<style scoped src="./shelfPage.css"></style>
<style scoped>
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
</style>
