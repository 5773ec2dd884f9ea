<script setup lang="ts">
/** One step at a time, for a tablet or phone at the bench: what, where, the face, the check, done. */
import { useMediaQuery } from "@vueuse/core";
import { computed, ref, shallowRef } from "vue";
import { useRouter } from "vue-router";
import {
  cardWords,
  circuitFindingWords,
  facesOfStep,
  findConnector,
  isPowerForGood,
  pinColour,
  pinNamer,
  stepLine,
  type PinId,
  type PlacedPin,
  type Step,
  type WireColour,
} from "@trevin/core";
import BeforeWork from "../components/bench/BeforeWork.vue";
import BenchActs from "../components/bench/BenchActs.vue";
import NoStep from "../components/bench/NoStep.vue";
import NotAsPlanned from "../components/bench/NotAsPlanned.vue";
import PowerLine from "../components/bench/PowerLine.vue";
import PowerStop from "../components/bench/PowerStop.vue";
import ProgressBar from "../components/bench/ProgressBar.vue";
import StepFace from "../components/bench/StepFace.vue";
import StepHelp from "../components/bench/StepHelp.vue";
import StepWords from "../components/bench/StepWords.vue";
import { holdCommands } from "../composables/holdCommands.ts";
import { useBenchRecord } from "../composables/useBenchRecord.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow } from "../composables/useFaces.ts";
import { usePlan } from "../composables/usePlan.ts";
import { useJob } from "../stores/job.ts";
import { usePrefs } from "../stores/prefs.ts";
import { useProof } from "../stores/proof.ts";

const router = useRouter();
const store = useJob();
const prefs = usePrefs();
const now = useCavitiesNow();
const { bench, steps, groups, current, card, pins, placed } = usePlan();
const wire = computed(() => placed(current.value?.step.wire ?? null));
/** What the card ends in: it names the card, and its cavity is the one in hand. */
const main = computed(() => card.value.at(-1) ?? current.value);
const proof = useProof();
/** What the solved circuit says against the battery going on for good. */
const powerStop = computed(() => {
  const step = main.value?.step;
  const finding = proof.planned?.findings.find(({ severity }) => severity === "stop");
  return step !== undefined && isPowerForGood(step) && finding !== undefined
    ? circuitFindingWords(finding, pinNamer(bench.value.dossier))
    : null;
});
const stopped = computed(() => powerStop.value !== null);
const recording = useBenchRecord({ bench, card }, stopped);
const { busy, last, ticked, mileage, live, measured, readings, accept, asked, notes, ...acts } = recording;
const { missing, unreadable, needsMileage, needsLive, needsReason } = recording;
const { tickAll, done, back, skip, found, keepNote } = acts;
const words = computed(() =>
  card.value.length === 0 ? null : cardWords(card.value.map((one) => one.words)),
);
/** What is told: of the step and the wire in hand when the question was opened, whatever is recorded meanwhile. */
const telling = shallowRef<{ step: Step | null; wire: PlacedPin | null; note: boolean; canSkip: boolean }>({
  step: null,
  wire: null,
  note: false,
  canSkip: false,
});
const asking = ref(false);
const wide = useMediaQuery("(min-width: 1000px)");
const isPhone = useMediaQuery("(max-width: 700px)");

const blocks = computed(() => bench.value.plan.blocks);
const connector = computed(() => {
  const id = current.value?.step.connector;
  return id ? findConnector(bench.value.dossier, id) : null;
});
const at = computed(() => current.value?.at ?? null);
const number = computed(() => current.value?.number ?? steps.value.length);
const next = computed(
  () =>
    steps.value.find(
      (shown) => shown.number > (main.value?.number ?? number.value) && shown.state === "open",
    ) ?? null,
);
const nextWords = computed(() =>
  next.value === null ? "this is the last step" : `next, ${next.value.number}: ${stepLine(next.value.words)}`,
);
const stepNumbers = computed(() => {
  const to = main.value?.number ?? number.value;
  return to === number.value ? `Step ${number.value}` : `Steps ${number.value} to ${to}`;
});
const minutes = computed(() => card.value.reduce((sum, { step }) => sum + step.minutes, 0));
/** What Done still asks for, in the button itself. */
const asks = computed(() => {
  if (!asked.value) return "";
  if (needsLive.value) return "choose the live half first";
  if (needsReason.value) return "not safe to power";
  if (unreadable.value) return "check the reading first";
  if (needsMileage.value) return "without the mileage";
  return missing.value.length === 0 ? "" : `without ${missing.value.length} ticks`;
});
const group = computed(() => groups.value.find((one) => one.id === current.value?.step.group));
const boxes = computed(() =>
  groups.value.map((one) => ({
    id: one.id,
    title: one.title,
    boxes: one.shown.map((shown) => ({ id: shown.step.id, state: shown.state })),
  })),
);
/** A wire that has left its cavity cannot be taken for another any more. */
const stillIn = (placedPin: PlacedPin): boolean => now.value.get(placedPin.pin.id)?.state === "occupied";
const twins = computed(() =>
  (current.value?.step.twins ?? []).flatMap((id) => placed(id) ?? []).filter(stillIn),
);
const faces = computed(() =>
  current.value === null ? [] : facesOfStep(main.value!.step, bench.value.dossier, pins.value),
);
/** The colour of the wire that is drawn at a cavity: where several meet its own, else that of the wire in hand. */
function colourOf(pin: PinId): WireColour | null {
  const own = isJoint.value ? placed(pin) : null;
  return own === null ? (current.value?.colour ?? null) : pinColour(own.pin, own.connector);
}
const isJoint = computed(() => ["splice", "tap", "fit"].includes(main.value?.step.op?.kind ?? ""));
/** A step about one wire shows its code; where several meet, each has its own in the list. */
const code = computed(() => (isJoint.value ? "" : (wire.value?.pin.colour ?? "")));
const since = computed(() => {
  const entry = store.entries.findLast(
    (one) =>
      one.what.kind === "done" &&
      one.what.op?.kind === "battery" &&
      !(bench.value.fold?.retracted.has(one.seq) ?? false),
  );
  return entry === undefined
    ? ""
    : `since ${new Date(entry.at).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" })}`;
});

const began = ref(false);
const ready = computed(() => store.begun || began.value);
function ask(note: boolean): void {
  const step = main.value?.step ?? null;
  const canSkip = step !== null && card.value.length === 1 && step.op === null && step.kind !== "find-live";
  telling.value = { step, wire: wire.value, note, canSkip };
  asking.value = true;
}
useCommands([
  {
    id: "done",
    title: "Done, go to the next step",
    keys: "Space",
    enabled: () => ready.value && current.value !== null,
    run: done,
  },
  {
    id: "back",
    title: "Undo last step (it was not actually done)",
    keys: "B",
    enabled: () => last.value !== null,
    run: back,
  },
  {
    id: "not",
    title: "Not as planned",
    keys: "N",
    enabled: () => ready.value && current.value !== null,
    run: () => ask(false),
  },
  {
    id: "note",
    title: "Write a note",
    keys: "T",
    enabled: () => ready.value,
    run: () => ask(true),
  },
  ...holdCommands(),
  {
    id: "pause",
    title: "Pause (back to the worklist)",
    keys: "Escape",
    run: () => router.push({ name: "worklist" }),
  },
]);
</script>

<template>
  <NoStep
    v-if="current === null || blocks.length > 0"
    :blocks="store.begun && current === null ? [] : blocks"
    :dossier="bench.dossier"
    :steps="steps.length"
    :can-go-back="last !== null"
    @back="back"
  />
  <BeforeWork v-else-if="!ready" :steps="steps.length" :minutes="bench.plan.minutes" @begin="began = true" />
  <main v-else class="bench">
    <PowerLine :battery="bench.state.battery" :since="since" :wide="wide" />
    <div class="prog">
      <p class="eye">
        <b>{{ stepNumbers }}</b> of {{ steps.length }}, {{ group?.title }}, about {{ minutes }} min
      </p>
      <ProgressBar :groups="boxes" :current="current.step.id" :titles="wide" />
      <PowerStop v-if="powerStop" v-model="accept" :stop="powerStop" :asked="asked" />
    </div>
    <StepWords v-if="words" :words="words" :code="code" />
    <StepFace
      :faces="faces"
      :kind="main!.step.kind"
      :twins="twins.map((twin) => twin.pin.id)"
      :now="now"
      :wires="bench.dossier.wires"
      :colour-of="colourOf"
      :wide="wide"
      :phone="isPhone"
    />
    <StepHelp
      v-model:ticked="ticked"
      v-model:mileage="mileage"
      v-model:live="live"
      v-model:measured="measured"
      :readings="readings"
      :nominal-volts="bench.dossier.head.nominalVolts"
      :shown="main!"
      :acts="words?.acts ?? []"
      :asked="asked"
      :missing="missing.length"
      :notes="notes"
      :wire="wire"
      :at="at"
      :twins="twins"
      :connector="connector"
      :connectors="bench.dossier.connectors"
      :now="now"
      :job="store.view?.id ?? ''"
      :hold="prefs.hold"
      :phone="isPhone"
      @all="tickAll"
    />
    <BenchActs
      :can-go-back="last !== null"
      :busy="busy"
      :next="nextWords"
      :asks="asks"
      :wide="wide"
      @back="back"
      @other="ask(false)"
      @note="ask(true)"
      @done="done"
    />
    <p class="sr" role="status">{{ store.begun ? `Step ${number} of ${steps.length}` : "" }}</p>
    <NotAsPlanned
      v-model:open="asking"
      :bench="bench"
      :wire="telling.wire"
      :can-skip="telling.canSkip"
      :note="telling.note"
      @found="(facts, place, note) => telling.wire && found(telling.wire.pin.id, facts, place, note)"
      @skip="(reason) => telling.step && skip(telling.step.id, reason)"
      @note="(text) => keepNote(telling.step?.id ?? null, text)"
    />
  </main>
</template>

<style scoped>
.bench {
  flex: 1;
  display: grid;
  grid-template:
    "power power" auto "prog prog" auto "say face" auto "help help" auto "act act" 1fr / minmax(0, 10fr)
    minmax(0, 11fr);
  column-gap: 20px;
  padding: 0 20px 16px;
}
.prog {
  grid-area: prog;
  padding-top: 8px;
  display: flex;
  flex-direction: column-reverse;
  gap: 2px;
}
.eye {
  font: 500 19px/24px var(--f-label);
  color: var(--ink2);
}
.eye b {
  font-weight: 600;
  color: var(--ink);
}
.bench {
  overflow-x: clip;
}
@media (max-width: 999px) {
  .bench {
    grid-template: "power" auto "prog" auto "say" auto "face" auto "help" auto "act" 1fr / minmax(0, 1fr);
  }
}
@media (max-width: 700px) {
  .bench {
    padding: 0 16px 0;
  }
  .eye {
    font-size: 16px;
    line-height: 20px;
  }
}
</style>
