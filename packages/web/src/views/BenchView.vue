<script setup lang="ts">
/** One step at a time, for a tablet or phone at the bench: what, where, the face, the check, done. */
import { useElementSize, useMediaQuery } from "@vueuse/core";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import InputText from "primevue/inputtext";
import {
  blockWords,
  colourInWords,
  findConnector,
  faceOf,
  holdWords,
  landmarks,
  landmarkWords,
  locate,
  originWords,
  placeWords,
  pinNamer,
  stepLine,
  type PinFacts,
  type PlacedPin,
} from "@trevin/core";
import NotAsPlanned from "../components/bench/NotAsPlanned.vue";
import PhotoStrip from "../components/faces/PhotoStrip.vue";
import ProgressBar from "../components/bench/ProgressBar.vue";
import CavityLabel from "../components/parts/CavityLabel.vue";
import ConnectorFace from "../components/parts/ConnectorFace.vue";
import DrawnWire from "../components/parts/DrawnWire.vue";
import HazardBox from "../components/parts/HazardBox.vue";
import { holdCommands } from "../composables/holdCommands.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow } from "../composables/useFaces.ts";
import { usePlan } from "../composables/usePlan.ts";
import { useJob } from "../stores/job.ts";
import { usePrefs } from "../stores/prefs.ts";

const router = useRouter();
const store = useJob();
const prefs = usePrefs();
const now = useCavitiesNow();
const { bench, steps, groups, current, placed } = usePlan();
const asking = ref(false);
const noting = ref(false);
const busy = ref(false);
const faceBox = ref<HTMLElement | null>(null);
const { width: faceWidth } = useElementSize(faceBox);
const wide = useMediaQuery("(min-width: 1000px)");
const isPhone = useMediaQuery("(max-width: 700px)");

const blocks = computed(() => bench.value.plan.blocks);
const name = computed(() => pinNamer(bench.value.dossier));
const connector = computed(() => {
  const id = current.value?.step.connector;
  return id ? findConnector(bench.value.dossier, id) : null;
});
const wire = computed(() => placed(current.value?.step.wire ?? null));
const at = computed(() => current.value?.at ?? null);
const code = computed(() => wire.value?.pin.colour ?? "");
const face = computed(() => (connector.value === null ? null : faceOf(connector.value)));
const where = computed(() => (at.value === null ? null : locate(face.value, at.value.pin.id, prefs.hold)));
const marks = computed(() =>
  face.value === null || where.value === null
    ? ""
    : landmarkWords(landmarks(face.value, where.value, prefs.hold)),
);
const number = computed(() => current.value?.number ?? steps.value.length);
const next = computed(
  () => steps.value.find((shown) => shown.number > number.value && shown.state === "open") ?? null,
);
const nextWords = computed(() =>
  next.value === null ? "this is the last step" : `next, ${next.value.number}: ${stepLine(next.value.words)}`,
);
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
/** Wires of the same base colour that sit in the connector now: worth a second look before the pick goes in. */
const lookAlikes = computed(() => {
  const own = wire.value;
  const colour = current.value?.colour ?? null;
  if (own === null || colour === null || current.value?.step.kind !== "release") return [];
  return own.connector.pins
    .flatMap((pin) => {
      const other = pin.id === own.pin.id ? undefined : now.value.get(pin.id);
      const [seen] = other?.readings ?? [];
      return other?.state === "occupied" && seen !== undefined && seen.base === colour.base
        ? [{ pin, colour: seen }]
        : [];
    })
    .slice(0, 2);
});
const lead = computed(() =>
  current.value !== null && ["release", "insert", "cut", "splice"].includes(current.value.step.kind)
    ? current.value.colour
    : null,
);
const restarted = computed(() => store.begun && current.value !== null);
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
/** The last thing done that was not taken back. */
const last = computed(() => {
  const fold = bench.value.fold;
  return (
    store.entries.findLast(
      (entry) =>
        (entry.what.kind === "done" || entry.what.kind === "skipped") && !fold?.retracted.has(entry.seq),
    ) ?? null
  );
});
const ticks = ref<boolean[]>([]);
watch(
  () => current.value?.step.id,
  () => {
    ticks.value = [];
  },
);

async function done(): Promise<void> {
  const step = current.value?.step;
  if (step === undefined || busy.value || blocks.value.length > 0) return;
  busy.value = true;
  if (store.waiting.length > 0) await store.again();
  else await store.record({ kind: "done", step: step.id, note: "" });
  busy.value = false;
}
async function back(): Promise<void> {
  if (last.value === null || busy.value) return;
  busy.value = true;
  await store.record({ kind: "retracted", seq: last.value.seq, reason: "went back at the bench" });
  busy.value = false;
}
const skip = (reason: string): unknown =>
  current.value && store.record({ kind: "skipped", step: current.value.step.id, reason });
const found = (facts: PinFacts, note: string): unknown =>
  wire.value && store.record({ kind: "found", pin: wire.value.pin.id, facts, note });
const keepNote = (text: string): unknown =>
  store.record({ kind: "note", step: current.value?.step.id ?? null, text });
const began = ref(false);
const ready = computed(() => store.begun || began.value);
const person = ref(prefs.person);
function begin(): void {
  if (person.value.trim() === "") return;
  prefs.person = person.value.trim();
  began.value = true;
}
useCommands([
  {
    id: "done",
    title: "Done, next step",
    keys: "Space",
    enabled: () => ready.value && current.value !== null,
    run: done,
  },
  {
    id: "back",
    title: "Back: the last step was not done",
    keys: "B",
    enabled: () => last.value !== null,
    run: back,
  },
  {
    id: "not",
    title: "Not as planned",
    keys: "N",
    enabled: () => ready.value && current.value !== null,
    run: () => {
      noting.value = false;
      asking.value = true;
    },
  },
  {
    id: "note",
    title: "Write a note",
    keys: "T",
    enabled: () => ready.value,
    run: () => {
      noting.value = true;
      asking.value = true;
    },
  },
  ...holdCommands(),
  {
    id: "pause",
    title: "Pause: back to the worklist",
    keys: "Escape",
    run: () => router.push({ name: "worklist" }),
  },
]);
const showFace = computed(() => connector.value !== null);
</script>

<template>
  <main v-if="blocks.length && !(store.begun && current === null)" class="start">
    <h1>{{ blocks.length }} {{ blocks.length === 1 ? "thing stands" : "things stand" }} in the way</h1>
    <p>The bench opens when every pin has its decision. Nothing that was recorded is lost.</p>
    <ul>
      <li v-for="(block, i) in blocks.slice(0, 8)" :key="i">{{ blockWords(block, name) }}</li>
      <li v-if="blocks.length > 8">and {{ blocks.length - 8 }} more</li>
    </ul>
    <RouterLink class="btn pri tall" :to="{ name: 'crosswalk' }">Decide in the crosswalk</RouterLink>
  </main>
  <main v-else-if="current === null" class="start">
    <h1>{{ steps.length === 0 ? "Nothing to do" : "Every step is done" }}</h1>
    <p>
      {{
        steps.length === 0
          ? "No decision changes a wire."
          : "The ledger holds what was done and the pin tables as they are now."
      }}
    </p>
    <p>
      <RouterLink class="btn pri tall" :to="{ name: 'ledger' }">To the ledger</RouterLink>
      <button v-if="last" type="button" class="btn tall" @click="back">Back one step</button>
    </p>
  </main>
  <main v-else-if="!ready" class="start">
    <h1>Before the first step</h1>
    <p>
      The first step freezes the pin tables as they are: {{ steps.length }} steps, about
      {{ bench.plan.minutes }} minutes.
    </p>
    <HazardBox
      severity="stop"
      title="Keep out"
      detail="Restraint (airbag, pretensioner) and orange high-voltage circuits are not worked on here. Their plugs stay shut."
    />
    <HazardBox
      severity="caution"
      title="Battery off first, supply last"
      detail="Note what loses its memory. Mind the maker's waiting times and charged capacitors. Eye protection with picks. Brakes, steering, lighting, immobiliser, odometer: local codes and licensed practice decide."
    />
    <form class="begin" @submit.prevent="begin">
      <div class="field">
        <label for="who">Who works here; it stands in the ledger</label
        ><InputText id="who" v-model="person" autocomplete="name" maxlength="80" />
      </div>
      <button type="submit" class="btn pri tall" :disabled="person.trim() === ''">Begin</button>
    </form>
  </main>
  <main v-else class="bench">
    <p class="power">
      <span class="off" :class="{ live: bench.state.battery === 'on' }"
        ><svg width="30" height="24" viewBox="0 0 30 24" aria-hidden="true">
          <path d="M1 11h22v12H1zM4 11V7h4v4" fill="none" stroke="currentColor" stroke-width="2" />
          <path d="M16 11V8h4v3" fill="currentColor" stroke="currentColor" />
          <path
            v-if="bench.state.battery === 'off'"
            d="M15 4.5V1h6v3.5M21 2.5h8V12"
            fill="none"
            stroke="currentColor"
            stroke-width="2"
          /></svg
        ><b>Battery {{ bench.state.battery === "off" ? "OFF" : "ON" }}</b></span
      ><span>{{ since }}</span
      ><span class="keep"><b>Keep out:</b> restraint and high-voltage plugs stay shut</span
      ><RouterLink class="pause" :to="{ name: 'worklist' }">Pause <kbd v-if="wide">Esc</kbd></RouterLink>
    </p>
    <div class="prog">
      <p class="eye">
        <b>Step {{ number }}</b> of {{ steps.length }}, {{ group?.title.toLowerCase() }}, about
        {{ current.step.minutes }} min
      </p>
      <ProgressBar :groups="boxes" :current="current.step.id" :titles="wide" />
    </div>
    <section class="say" aria-live="polite">
      <h1>{{ current.words.verb }}</h1>
      <p class="object">
        {{ current.words.object }} <span v-if="code" class="code">{{ code }}</span>
      </p>
      <p class="place">
        <span>{{
          at ? current.words.where.replace(/cavity .*$/, "cavity") : current.words.where
        }}</span><CavityLabel v-if="at" class="big" :label="at.pin.cavity" state="hand" size="big" />
      </p>
    </section>
    <section class="facecol">
      <p v-if="showFace" class="loc">
        <span
          ><b
            >{{ connector?.name
            }}<template v-if="face">, {{ holdWords(prefs.hold, face.shell) }}</template></b
          ><template v-if="where"
            ><br />{{ placeWords(where.locator)
            }}<span v-if="marks" class="marks">{{ marks }}</span></template
          ></span
        ><span v-if="face" class="turns"
          ><button
            type="button"
            class="btn turn"
            aria-label="Turn the part a quarter in the hand"
            title="Turn the part a quarter in the hand"
            @click="prefs.turnGrip()"
          >
            <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
              <path
                d="M17.5 11a6.5 6.5 0 1 1-2-4.7M16 2v4.6h-4.6"
                fill="none"
                stroke="currentColor"
                stroke-width="2"
              /></svg
            ><kbd v-if="wide">K</kbd></button
          ><button type="button" class="btn turn" @click="prefs.turnOver()">
            Turn over <kbd v-if="wide">V</kbd>
          </button></span
        >
      </p>
      <div ref="faceBox" class="facebox">
        <ConnectorFace
          v-if="connector && faceWidth > 0"
          :connector="connector"
          :hold="prefs.hold"
          :width="Math.floor(faceWidth)"
          :in-hand="at?.pin.id ?? null"
          :twins="twins.map((twin) => twin.pin.id)"
          :now="now"
          :wires="bench.dossier.wires"
          :lead="lead"
          :show-lead="lead !== null"
          :max-pitch="wide ? 76 : isPhone ? 46 : 88"
          :max-height="isPhone ? 250 : 420"
        />
      </div>
    </section>
    <section class="help">
      <HazardBox
        v-if="twins.length"
        severity="caution"
        :title="`${twins.map((twin) => twin.pin.cavity).join(', ')} looks the same`"
        detail="Go by the cavity, not by the colour. The twin stays in."
      />
      <HazardBox
        v-else-if="lookAlikes.length && current.colour"
        severity="caution"
        :title="`${lookAlikes.map((other) => other.pin.cavity).join(' and ')} could be taken for it`"
      >
        <div class="alike">
          <DrawnWire :colour="current.colour" :thick="isPhone ? 13 : 16" :length="isPhone ? 110 : 150" /><b
            class="code"
            >{{ at?.pin.cavity }}</b
          ><span
            ><b>{{ colourInWords(current.colour) }}</b
            >: take</span
          >
          <template v-for="other in lookAlikes" :key="other.pin.id"
            ><DrawnWire :colour="other.colour" :thick="isPhone ? 13 : 16" :length="isPhone ? 110 : 150" /><b
              class="code"
              >{{ other.pin.cavity }}</b
            ><span>{{ colourInWords(other.colour) }}: leave</span></template
          >
        </div>
      </HazardBox>
      <div v-if="wire" class="facts">
        <p>
          <b>{{ wire.pin.function || "function not noted" }}</b>
        </p>
        <p v-if="current.step.kind === 'insert'">{{ originWords(current.step, wire) }}</p>
        <p class="mut">
          {{ wire.pin.signal }}<template v-if="wire.pin.size">, {{ wire.pin.size }} mm²</template
          ><template v-if="wire.pin.note">. {{ wire.pin.note }}</template>
        </p>
      </div>
      <PhotoStrip
        v-if="current.step.kind === 'photograph' && connector"
        class="shoot"
        :job="store.view?.id ?? ''"
        :connectors="bench.dossier.connectors"
        :connector="connector"
        :placed="null"
        :hold="prefs.hold"
      />
      <fieldset class="chk">
        <legend>Before Done</legend>
        <label v-for="(item, i) in current.words.before" :key="item"
          ><input v-model="ticks[i]" type="checkbox" /> {{ item }}</label
        >
      </fieldset>
    </section>
    <footer class="act">
      <button type="button" class="btn" :disabled="last === null || busy" @click="back">
        Back <kbd v-if="wide">B</kbd>
      </button>
      <button
        type="button"
        class="btn"
        @click="
          noting = false;
          asking = true;
        "
      >
        Not as planned <kbd v-if="wide">N</kbd>
      </button>
      <button
        type="button"
        class="btn note"
        @click="
          noting = true;
          asking = true;
        "
      >
        Note <kbd v-if="wide">T</kbd>
      </button>
      <button type="button" class="btn pri" :disabled="busy" @click="done">
        <span
          ><b>Done</b><s>{{ nextWords }}</s></span
        ><kbd v-if="wide">Space</kbd>
      </button>
    </footer>
    <p class="sr" role="status">{{ restarted ? `Step ${number} of ${steps.length}` : "" }}</p>
    <NotAsPlanned
      v-model:open="asking"
      :wire="wire"
      :can-skip="current.step.op === null"
      :note="noting"
      @found="found"
      @skip="skip"
      @note="keepNote"
    />
  </main>
</template>

<style scoped>
.start {
  max-width: 620px;
  margin: 8vh auto 0;
  display: grid;
  gap: 14px;
  padding: 0 20px 40px;
}
.start h1 {
  font-size: 32px;
  line-height: 36px;
}
.start ul {
  display: grid;
  gap: 4px;
}
.start li::before {
  content: "– ";
}
.tall {
  min-height: 56px;
  font-size: 19px;
  padding: 0 20px;
  justify-self: start;
}
.begin {
  display: flex;
  gap: 14px;
  align-items: end;
  flex-wrap: wrap;
}
.begin .field {
  flex: 1;
  min-width: 240px;
}
.begin :deep(.inp) {
  min-height: 56px;
  font-size: 18px;
}
.bench {
  flex: 1;
  display: grid;
  grid-template:
    "power power" auto "prog prog" auto "say face" auto "help help" auto "act act" 1fr / minmax(0, 10fr)
    minmax(0, 11fr);
  column-gap: 20px;
  padding: 0 20px 16px;
}
.power {
  grid-area: power;
  display: flex;
  align-items: center;
  gap: 22px;
  min-height: 44px;
  margin: 0 -20px;
  padding: 0 20px;
  font: 500 16px/1 var(--f-label);
  border-bottom: 1px solid var(--rule);
}
.power .off {
  display: flex;
  align-items: center;
  gap: 10px;
  border: 2px solid var(--ink);
  height: 32px;
  padding: 0 12px 0 8px;
  background: var(--sheet);
}
.power .off b {
  font: 600 19px/1 var(--f-label);
  letter-spacing: 0.02em;
}
.power .off svg {
  height: 22px;
}
.power .live {
  background: var(--ink);
  color: var(--on-ink);
  border-left: 14px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 4px, var(--sheet) 4px 7px) 14;
}
.power b {
  font-weight: 600;
}
.pause {
  margin-left: auto;
  min-height: 40px;
  display: inline-flex;
  align-items: center;
  gap: 8px;
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
.say {
  grid-area: say;
  position: relative;
  z-index: 2;
  padding-bottom: 12px;
}
h1 {
  letter-spacing: -0.01em;
}
.say h1 {
  font: 600 84px/82px var(--f-label);
  margin: 2px 0 4px -3px;
}
.object {
  font: 650 32px/38px var(--f-text);
  letter-spacing: -0.01em;
  text-wrap: balance;
}
.object .code {
  font-size: 22px;
  margin-left: 8px;
  white-space: nowrap;
}
.place {
  display: flex;
  align-items: center;
  gap: 14px;
  font: 400 25px/32px var(--f-text);
  margin-top: 12px;
}
.facecol {
  grid-area: face;
  min-width: 0;
}
.loc {
  display: flex;
  align-items: flex-start;
  font-size: 17px;
  line-height: 22px;
  min-height: 48px;
}
.loc b {
  font-weight: 650;
}
.turns {
  margin-left: auto;
  display: flex;
  gap: 8px;
}
.marks {
  display: block;
  font-size: 15px;
  color: var(--ink2);
}
.facebox {
  overflow: visible;
  min-height: 60px;
}
.bench {
  overflow-x: clip;
}
.help {
  grid-area: help;
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 0.9fr) minmax(0, 1.2fr);
  gap: 24px;
  align-items: start;
  padding-top: 14px;
}
.help > :first-child:not(.hz) {
  grid-column: 1;
}
.alike {
  display: grid;
  grid-template-columns: auto auto 1fr;
  gap: 6px 12px;
  align-items: center;
  margin-top: 8px;
  font-size: 16px;
}
.alike .code {
  font-weight: 700;
  font-size: 17px;
}
.facts p {
  font-size: 16px;
}
.facts b {
  font-weight: 650;
  font-size: 18px;
}
.chk {
  border: 0;
  grid-column: 3;
}
.facts {
  grid-column: 2;
}
.shoot {
  grid-column: 1 / 3;
}
.shoot :deep(.btn) {
  min-height: 56px;
  min-width: 96px;
  font-size: 18px;
}
.chk legend {
  font: 600 19px/24px var(--f-label);
  padding-bottom: 4px;
}
.chk label {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 40px;
  border-top: 1px solid var(--rule);
  font-size: 16px;
  line-height: 20px;
  cursor: pointer;
}
.chk input {
  width: 24px;
  height: 24px;
  accent-color: var(--ink);
  flex: none;
}
.act {
  grid-area: act;
  align-self: end;
  display: grid;
  grid-template-columns: 140px 230px 120px minmax(0, 1fr);
  gap: 12px;
  padding-top: 14px;
  position: sticky;
  bottom: 0;
  background: var(--bench);
  padding-bottom: 12px;
  z-index: 3;
}
.act .btn {
  min-height: 72px;
  font-size: 23px;
  border-width: 2px;
}
.act .pri {
  justify-content: space-between;
  padding: 0 20px;
  text-align: left;
}
.act .pri span {
  min-width: 0;
  display: flex;
  align-items: baseline;
  gap: 16px;
}
.act .pri b {
  font: 600 38px/38px var(--f-label);
}
.act .pri s {
  text-decoration: none;
  font: 500 19px/22px var(--f-label);
  white-space: normal;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
@media (max-width: 999px) {
  .bench {
    grid-template: "power" auto "prog" auto "say" auto "face" auto "help" auto "act" 1fr / minmax(0, 1fr);
  }
  .say {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    column-gap: 16px;
    border-bottom: 1px solid var(--rule);
    margin-bottom: 8px;
  }
  .say h1 {
    font-size: 100px;
    line-height: 96px;
    grid-column: 1;
  }
  .object {
    font-size: 36px;
    line-height: 42px;
    grid-column: 1;
  }
  .place {
    grid-column: 1;
    font-size: 28px;
    display: block;
  }
  .place :deep(.big) {
    position: absolute;
    right: 0;
    top: 10px;
    min-width: 150px;
    height: 150px;
    font-size: 84px;
  }
  .turn {
    min-height: 56px;
  }
  .help {
    grid-template-columns: 1fr 1fr;
    gap: 16px;
  }
  .help > * {
    grid-column: auto !important;
  }
  .help .chk {
    grid-column: 1 / -1 !important;
    display: grid;
    grid-template-columns: 1fr 1fr;
    column-gap: 24px;
  }
  .chk label {
    min-height: 48px;
    font-size: 18px;
  }
  .act {
    grid-template-columns: 130px 1fr 110px;
  }
  .act .pri {
    grid-column: 1 / -1;
    min-height: 88px;
  }
  .pause {
    min-height: 56px;
    font-size: 18px;
  }
}
@media (max-width: 700px) {
  .bench {
    padding: 0 16px 0;
  }
  .power {
    margin: 0 -16px;
    padding: 6px 16px;
    gap: 12px;
  }
  .keep {
    display: none;
  }
  .eye {
    font-size: 16px;
    line-height: 20px;
  }
  .say h1 {
    font-size: 58px;
    line-height: 56px;
  }
  .object {
    font-size: 22px;
    line-height: 27px;
  }
  .object .code {
    font-size: 18px;
  }
  .place {
    font-size: 19px;
    line-height: 26px;
    margin-top: 4px;
  }
  .place :deep(.big) {
    min-width: 92px;
    height: 92px;
    font-size: 56px;
    top: 4px;
  }
  .loc {
    font-size: 15px;
    line-height: 20px;
  }
  .help {
    grid-template-columns: 1fr;
    gap: 10px;
  }
  .help .chk {
    grid-template-columns: 1fr;
  }
  .chk label {
    min-height: 44px;
    font-size: 16px;
  }
  .act {
    gap: 8px;
    grid-template-columns: 92px 1fr 80px;
    padding-top: 8px;
  }
  .act .btn {
    min-height: 56px;
    font-size: 19px;
    padding: 0 8px;
  }
  .act .pri {
    min-height: 76px;
    padding: 0 16px;
  }
  .act .pri span {
    display: grid;
    gap: 2px;
  }
  .act .pri s {
    font-size: 16px;
    line-height: 18px;
    -webkit-line-clamp: 1;
  }
}
</style>
