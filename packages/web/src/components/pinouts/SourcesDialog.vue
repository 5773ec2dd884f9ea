<script setup lang="ts">
/** Where values come from: the job's documents and what needs none, each with how far it is trusted. */
import { computed, reactive, ref } from "vue";
import Dialog from "primevue/dialog";
import Select from "primevue/select";
import {
  allPins,
  allSources,
  COLOUR_SYSTEM_NAMES,
  COLOUR_SYSTEMS,
  OWN_SOURCES,
  SOURCE_KINDS,
  sourceId,
  SURENESS,
  type ColourSystem,
  type Dossier,
  type Source,
  type SourceId,
  type SourceKind,
  type Sureness,
} from "@trevin/core";

const open = defineModel<boolean>("open", { required: true });
const props = defineProps<{ dossier: Dossier; problem: string }>();
const emit = defineEmits<{ put: [source: Source]; remove: [source: SourceId]; forget: [word: string] }>();

const KIND_WORDS: Readonly<Record<SourceKind, string>> = {
  diagram: "diagram",
  sheet: "maker's sheet",
  "other-owner": "another owner's list",
  recalled: "recalled",
  "read-off": "read off the part",
  measured: "measured",
  guessed: "guessed",
};
const SURE_WORDS: Readonly<Record<Sureness, string>> = {
  sure: "sure: the right year and equipment, or spot-checked",
  check: "check: plan with it, verify before cutting",
  guess: "guess",
};
const own = new Set(OWN_SOURCES.map((source) => source.id));
const values = computed(() => {
  const counts = new Map<SourceId, number>();
  for (const { pin } of allPins(props.dossier))
    for (const id of Object.values(pin.sources)) counts.set(id, (counts.get(id) ?? 0) + 1);
  return counts;
});
const sources = computed(() => allSources(props.dossier.sources));

const BLANK = {
  kind: "diagram" as SourceKind,
  title: "",
  page: "",
  appliesTo: "",
  colourSystem: null as ColourSystem | null,
  sure: "check" as Sureness,
};
const form = reactive({ ...BLANK });
const editing = ref<SourceId | null>(null);
const missing = ref(false);
function begin(source: Source | null): void {
  editing.value = source?.id ?? null;
  Object.assign(form, source ?? BLANK);
  missing.value = false;
}
function save(): void {
  missing.value = form.title.trim() === "";
  if (missing.value) return;
  emit("put", { ...form, id: editing.value ?? sourceId(crypto.randomUUID()), title: form.title.trim() });
  begin(null);
}
const kinds = SOURCE_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }));
const systems = [
  { value: null, label: "not declared" },
  ...COLOUR_SYSTEMS.map((value) => ({ value, label: COLOUR_SYSTEM_NAMES[value] })),
].map(({ value, label }) => ({ value: value ?? "none", label }));
const sures = SURENESS.map((value) => ({ value, label: SURE_WORDS[value] }));
</script>

<template>
  <Dialog v-model:visible="open" class="wide" modal header="Sources" :draggable="false">
    <table>
      <thead>
        <tr>
          <th>source</th>
          <th>years and markets</th>
          <th class="num">values</th>
          <th>trust</th>
          <th><span class="sr">what can be done</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="source in sources" :key="source.id">
          <td>
            <b>{{ source.title }}</b><template v-if="source.page">, p. {{ source.page }}</template
            >{{ " "
            }}<span
              v-if="!own.has(source.id) && !source.title.toLowerCase().includes(source.kind)"
              class="mut"
              >{{ KIND_WORDS[source.kind] }}</span
            >
          </td>
          <td>{{ source.appliesTo }}</td>
          <td class="num">{{ values.get(source.id) ?? 0 }}</td>
          <td>
            <span class="trust" :class="source.sure">{{ source.sure }}</span>
          </td>
          <td>
            <span class="acts">
              <button
                v-if="source.sure !== 'sure' && (values.get(source.id) ?? 0) > 0"
                type="button"
                class="btn quiet"
                @click="emit('put', { ...source, sure: 'sure' })"
              >
                Spot checks passed: mark sure
              </button>
              <button
                v-if="source.sure === 'sure' && !own.has(source.id)"
                type="button"
                class="btn quiet"
                @click="emit('put', { ...source, sure: 'check' })"
              >
                Mark as doubtful
              </button>
              <button v-if="!own.has(source.id)" type="button" class="link" @click="begin(source)">
                change
              </button>
              <button
                v-if="!own.has(source.id) && (values.get(source.id) ?? 0) === 0"
                type="button"
                class="link"
                @click="emit('remove', source.id)"
              >
                remove
              </button>
            </span>
          </td>
        </tr>
      </tbody>
    </table>
    <section v-if="dossier.words.length > 0" class="form">
      <h3>Your own terms in this job</h3>
      <ul>
        <li v-for="word in dossier.words" :key="word.text">
          <b>{{ word.text }}</b> <span class="mut">{{ word.term ?? word.signal }}</span>{{ " "
          }}<button
            type="button"
            class="link"
            :aria-label="`Forget ${word.text}`"
            @click="emit('forget', word.text)"
          >
            forget
          </button>
        </li>
      </ul>
    </section>
    <form class="form" @submit.prevent="save">
      <h3>{{ editing === null ? "Add a source" : "Change this source" }}</h3>
      <div class="two">
        <div class="field">
          <label for="s-title">Title</label
          ><input
            id="s-title"
            v-model="form.title"
            class="inp"
            maxlength="120"
            placeholder="Diagram 41, body"
          />
        </div>
        <div class="field">
          <span id="s-kind" class="label">Kind</span
          ><Select
            v-model="form.kind"
            :options="kinds"
            option-label="label"
            option-value="value"
            aria-labelledby="s-kind"
          />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <label for="s-page">Page</label><input id="s-page" v-model="form.page" class="inp" maxlength="40" />
        </div>
        <div class="field">
          <label for="s-applies">Years and markets</label
          ><input
            id="s-applies"
            v-model="form.appliesTo"
            class="inp"
            maxlength="120"
            placeholder="from model year 3, left-hand drive"
          />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <span id="s-system" class="label">Colour codes in it are</span
          ><Select
            :model-value="form.colourSystem ?? 'none'"
            :options="systems"
            option-label="label"
            option-value="value"
            aria-labelledby="s-system"
            @update:model-value="form.colourSystem = $event === 'none' ? null : $event"
          />
        </div>
        <div class="field">
          <span id="s-sure" class="label">Reliability</span
          ><Select
            v-model="form.sure"
            :options="sures"
            option-label="label"
            option-value="value"
            aria-labelledby="s-sure"
          />
        </div>
      </div>
      <p v-if="missing" class="bad" role="alert">Enter a title.</p>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      <div class="acts">
        <button type="submit" class="btn pri">{{ editing === null ? "Add" : "Save" }}</button><button
          v-if="editing !== null"
          type="button"
          class="btn quiet"
          @click="begin(null)"
        >
          Cancel
        </button>
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
td {
  padding: 6px 10px 6px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: middle;
}
.num {
  text-align: right;
  padding-right: 14px;
}
.acts {
  display: flex;
  min-height: 30px;
  gap: 10px;
  align-items: center;
}
.acts .btn {
  min-height: 30px;
  font-size: 14px;
  padding: 0 8px;
}
.trust {
  font-weight: 650;
}
.trust.check {
  border-bottom: 2px dashed var(--ink);
}
.trust.guess {
  border-bottom: 2px dotted var(--ink);
}
li {
  display: flex;
  gap: 12px;
  padding: 3px 0;
  border-bottom: 1px solid var(--rule);
}
li .link {
  margin-left: auto;
}
.form {
  display: grid;
  gap: 10px;
  border-top: 2px solid var(--ink);
  padding-top: 12px;
}
</style>
