<script setup lang="ts">
/** Makes a shell: rows, offsets, sizes, labels, what holds it; the face beside it follows every key. */
import { computed, ref, watch } from "vue";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import {
  BLANKS,
  EXTRA_LOCKS,
  FACELESS,
  FACE_VIEWS,
  LOCK_WORDS,
  MARKS,
  numberingWords,
  viewWords,
  waysOf,
  type Shell,
} from "@trevin/core";
import { draftOf, readDraft, type ShellDraft } from "../../shells/draft.ts";
import { usePrefs } from "../../stores/prefs.ts";
import { useShelf } from "../../stores/shelf.ts";
import LabelScheme from "./LabelScheme.vue";
import ShellRows from "./ShellRows.vue";
import HoldControls from "./HoldControls.vue";
import ShellFace from "./ShellFace.vue";

const props = defineProps<{ start: Shell | null }>();
const emit = defineEmits<{ change: [shell: Shell | null] }>();
const prefs = usePrefs();
const shelf = useShelf();
const draft = ref<ShellDraft>(draftOf(props.start));
watch(
  () => props.start,
  (next) => {
    draft.value = draftOf(next);
  },
);
const read = computed(() => readDraft(draft.value));
const shell = computed(() => (read.value.ok ? read.value.value : null));
watch(read, (now) => emit("change", now.ok ? now.value : null), { immediate: true });
const shown = ref<Shell | null>(props.start);
watch(
  shell,
  (now) => {
    if (now !== null) shown.value = now;
  },
  { immediate: true },
);
const inHand = ref("");

const option = (value: string, label = value) => ({ value, label });
const KINDS = [
  option("rows", "Rows"),
  option("rings", "Rings, round"),
  option("points", "Places set one by one"),
  option("none", "No face"),
];
const VIEWS = FACE_VIEWS.map((view) => option(view, `the ${viewWords(view)}`));
const BLANK_OPTIONS = BLANKS.map((blank) =>
  option(blank, { open: "open", membrane: "closed by membrane", plug: "closed by cavity plug" }[blank]),
);
const systems = computed(() => shelf.terminals.map((system) => option(system.id, system.name)));
</script>

<template>
  <div class="editor">
    <div class="form">
      <div class="two">
        <div class="field">
          <label for="s-name">Name</label
          ><InputText
            id="s-name"
            v-model="draft.name"
            maxlength="80"
            placeholder="describe what it looks like"
          />
        </div>
        <div class="field">
          <label for="s-standard">Standard, if any</label
          ><InputText id="s-standard" v-model="draft.standard" maxlength="80" placeholder="ISO 7588-1" />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <span id="s-kind" class="label">Cavities in</span
          ><Select
            v-model="draft.kind"
            :options="KINDS"
            option-label="label"
            option-value="value"
            aria-labelledby="s-kind"
          />
        </div>
        <div class="field">
          <span id="s-mark" class="label">Up is marked by the</span
          ><Select v-model="draft.mark" :options="[...MARKS]" aria-labelledby="s-mark" />
        </div>
      </div>
      <ShellRows v-if="draft.kind === 'rows' || draft.kind === 'rings'" v-model:draft="draft" />
      <div v-else-if="draft.kind === 'points'" class="field">
        <label for="s-points">One line each: label, right, down, contact width, upright or flat</label
        ><textarea id="s-points" v-model="draft.points" class="inp code" rows="7" spellcheck="false" />
      </div>
      <div v-else class="field">
        <span id="s-what" class="label">What it is</span
        ><Select v-model="draft.what" :options="[...FACELESS]" aria-labelledby="s-what" />
      </div>
      <LabelScheme v-if="draft.kind === 'rows' || draft.kind === 'rings'" v-model:draft="draft" />
      <div v-if="draft.kind !== 'none'" class="two">
        <div class="field">
          <span id="s-view" class="label">Drawn as seen from</span
          ><Select
            v-model="draft.view"
            :options="VIEWS"
            option-label="label"
            option-value="value"
            aria-labelledby="s-view"
          />
        </div>
        <div class="field">
          <span id="s-gender" class="label">Contacts are</span
          ><Select
            v-model="draft.gender"
            :options="['unknown', 'female', 'male']"
            aria-labelledby="s-gender"
          />
        </div>
        <div class="field">
          <span id="s-blank" class="label">Empty cavities</span
          ><Select
            v-model="draft.blank"
            :options="BLANK_OPTIONS"
            option-label="label"
            option-value="value"
            aria-labelledby="s-blank"
          />
        </div>
        <div class="field">
          <label for="s-keying">Ribs: edge and place, 0 to 1</label
          ><InputText
            id="s-keying"
            v-model="draft.keying"
            class="code"
            placeholder="bottom 0.3, bottom 0.7"
          />
        </div>
        <div class="field">
          <label for="s-joined">Bridged while mated</label
          ><InputText id="s-joined" v-model="draft.joined" class="code" placeholder="1 2 3; 4 5 6" />
        </div>
        <div class="field">
          <label for="s-reversed">Contacts of the other gender</label
          ><InputText id="s-reversed" v-model="draft.reversed" class="code" placeholder="7" />
        </div>
      </div>
      <fieldset v-if="draft.kind !== 'none'" class="ticks">
        <legend class="lab">Secondary locks (TPA, CPA)</legend>
        <label v-for="lock in EXTRA_LOCKS" :key="lock"
          ><input v-model="draft.locks" type="checkbox" :value="lock" /> {{ LOCK_WORDS[lock] }}</label
        >
      </fieldset>
      <details>
        <summary class="lab">Matching terminal systems: {{ draft.terminals.length }}</summary>
        <div class="ticks tall">
          <label v-for="system in systems" :key="system.value"
            ><input v-model="draft.terminals" type="checkbox" :value="system.value" />
            {{ system.label }}</label
          >
        </div>
      </details>
    </div>
    <div class="seen">
      <HoldControls :mark="draft.mark" compact />
      <ShellFace
        v-if="shown && shown.pattern.kind !== 'none'"
        :shell="shown"
        :hold="prefs.hold"
        :width="330"
        :in-hand="inHand"
        pickable
        counting
        :max-pitch="46"
        @pick="inHand = $event"
      />
      <p v-if="!read.ok" class="bad" role="alert">{{ read.error }}</p>
      <p v-else-if="shell" class="why">
        {{ waysOf(shell) }} cavities{{
          shell.pattern.kind === "rows" ? `, ${numberingWords(shell.pattern.numbering)}` : ""
        }}, as printed on the {{ viewWords(shell.view) }}.
      </p>
    </div>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 20px;
  align-items: start;
}
.form {
  display: grid;
  gap: 12px;
}
fieldset {
  border: 0;
  border-top: 1px solid var(--rule);
  padding-top: 4px;
  display: grid;
  gap: 4px;
  justify-items: start;
}
.ticks {
  display: flex;
  gap: 6px 18px;
  flex-wrap: wrap;
}
.ticks label {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 13.5px;
}
.ticks input {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
.tall {
  display: grid;
  grid-template-columns: 1fr 1fr;
  padding-top: 6px;
}
.seen {
  position: sticky;
  top: 0;
  display: grid;
  gap: 10px;
}
textarea {
  resize: vertical;
}
@media (max-width: 800px) {
  .editor {
    grid-template-columns: minmax(0, 1fr);
  }
  .tall {
    grid-template-columns: 1fr;
  }
}
</style>
