<script setup lang="ts">
/** "What is this wire?": a colour typed in any way, and every place of the job where it occurs. */
import { computed, nextTick, ref } from "vue";
import { useRouter } from "vue-router";
import Dialog from "primevue/dialog";
import {
  COLOUR_SYSTEM_NAMES,
  colourInWords,
  faceOf,
  locate,
  locatorWords,
  pinColour,
  sightWords,
  whatIsThisWire,
  type Dossier,
  type WireAnswer,
  type WireHit,
} from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";
import { useCommands } from "../../composables/useCommands.ts";
import { usePrefs } from "../../stores/prefs.ts";

/** A job to look through; with several each place is named with its job. */
interface Searched {
  readonly id: string;
  readonly name: string;
  readonly dossier: Dossier;
}
type Hit = WireHit & { readonly job: Searched };
const props = defineProps<{ jobs: readonly Searched[]; loading?: boolean }>();
const emit = defineEmits<{ ask: [] }>();
const router = useRouter();
const prefs = usePrefs();
const open = ref(false);
const text = ref("");
const input = ref<HTMLInputElement | null>(null);
/** Each reading of the text once, with the wires of every job. */
const answers = computed(() => {
  const found = new Map<string, Omit<WireAnswer, "hits"> & { readonly hits: readonly Hit[] }>();
  if (text.value.trim() === "") return [];
  for (const job of props.jobs)
    for (const answer of whatIsThisWire(job.dossier, text.value)) {
      const key = colourInWords(answer.colour);
      const hits = answer.hits.map((hit): Hit => ({ ...hit, job }));
      found.set(key, { ...answer, hits: [...(found.get(key)?.hits ?? []), ...hits] });
    }
  return [...found.values()];
});
const LIMIT = 60;
const total = computed(() =>
  answers.value.reduce((sum, one) => sum + one.hits.filter((hit) => hit.likeness.kind === "same").length, 0),
);

function ask(): void {
  open.value = true;
  emit("ask");
  void nextTick(() => {
    input.value?.focus();
    input.value?.select();
  });
}
const why = ({ likeness, twins }: Hit): string => {
  if (likeness.kind === "near") return `easily taken for it in ${sightWords(likeness.sights)}`;
  return twins > 0 ? `${twins + 1} alike in this plug` : "";
};
const where = ({ placed, job }: Hit): string => {
  if (props.jobs.length > 1) return job.name;
  const place = locate(faceOf(placed.connector), placed.pin.id, prefs.hold);
  return place === null || placed.connector.shell === null
    ? placed.connector.place
    : locatorWords(place.locator, prefs.hold, placed.connector.shell);
};
function show(hit: Hit): void {
  open.value = false;
  void router.push({ name: "pinouts", params: { job: hit.job.id }, query: { pin: hit.placed.pin.id } });
}
useCommands([{ id: "what-wire", title: "What is this wire? Find a colour", keys: "W", run: ask }]);
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    header="What is this wire?"
    :draggable="false"
    dismissable-mask
    @show="input?.focus()"
  >
    <div class="field">
      <label for="wire-colour">Colour as you see it or as the diagram writes it</label
      ><input
        id="wire-colour"
        ref="input"
        v-model="text"
        autofocus
        class="inp"
        autocomplete="off"
        maxlength="60"
        placeholder="green with red stripe, GN/RT, G-R"
      />
    </div>
    <p v-if="loading" class="mut" role="status">Loading the pin tables</p>
    <p v-else-if="text.trim() !== '' && answers.length === 0" class="bad" role="status">
      “{{ text }}” is not a colour in any of the four systems. Use words: base first, then stripe.
    </p>
    <p v-else-if="answers.length > 1" class="why">
      {{ answers.length }} ways to read this; the job's systems first.
    </p>
    <section
      v-for="answer in answers"
      :key="colourInWords(answer.colour)"
      :aria-label="colourInWords(answer.colour)"
    >
      <h3>
        <DrawnWire :colour="answer.colour" :length="84" :thick="12" /> {{ colourInWords(answer.colour) }}
        <span class="mut">{{
          answer.systems.length === 4
            ? ""
            : answer.systems.map((system) => COLOUR_SYSTEM_NAMES[system]).join(", ")
        }}</span>
      </h3>
      <p v-if="answer.hits.length === 0" class="mut">
        No wire {{ jobs.length > 1 ? "of these jobs" : "in this job" }} has this colour or one that is easily
        taken for it.
      </p>
      <ul>
        <li v-for="hit in answer.hits.slice(0, LIMIT)" :key="hit.job.id + hit.placed.pin.id">
          <button type="button" class="hit" @click="show(hit)">
            <b class="code">{{ hit.placed.connector.name }}</b><CavityLabel
              :label="hit.placed.pin.cavity"
              class="cavity"
            /><DrawnWire
              :colour="pinColour(hit.placed.pin, hit.placed.connector)"
              :size="hit.placed.pin.size"
              :length="48"
            />
            <span class="fn"
              ><b>{{ hit.placed.pin.function || "function not known" }}</b
              ><span class="mut">{{ where(hit) }}</span></span
            >
            <span
              class="kind"
              :class="{
                near: hit.likeness.kind === 'near',
                twin: hit.twins > 0 && hit.likeness.kind === 'same',
              }"
              >{{ why(hit) }}</span
            >
          </button>
        </li>
      </ul>
      <p v-if="answer.hits.length > LIMIT" class="why">The first {{ LIMIT }} of {{ answer.hits.length }}.</p>
    </section>
    <p class="sr" role="status">{{ text.trim() === "" ? "" : `${total} wires of this colour` }}</p>
  </Dialog>
</template>

<style scoped>
h3 {
  display: flex;
  align-items: center;
  gap: 10px;
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
}
h3 .mut {
  font-weight: 500;
  font-size: 14px;
}
.hit {
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  min-height: 46px;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  cursor: pointer;
  text-align: left;
  padding: 4px 0;
}
.hit:hover {
  background: var(--well);
}
.hit > .code {
  min-width: 46px;
  font-weight: 700;
  font-size: 14px;
}
.hit > .cavity {
  min-width: 44px;
}
.fn {
  display: grid;
  flex: 1;
  min-width: 0;
}
.fn .mut {
  font-size: 13px;
}
.kind {
  font: 500 14px/16px var(--f-label);
  max-width: 190px;
  text-align: right;
}
.kind.twin {
  border-left: 3px double var(--ink);
  padding-left: 6px;
}
.kind.near {
  border-bottom: 2px dotted var(--ink);
}
</style>
