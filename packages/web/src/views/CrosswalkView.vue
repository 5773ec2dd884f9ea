<script setup lang="ts">
/** Which wire of the vehicle meets which of the incoming part, why, and how sure. */
import { useMediaQuery } from "@vueuse/core";
import { computed, nextTick, ref, watch } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import {
  aloneWords, blockWords, connectorsInOrder, FEED_CLASSES, indexPins, isFeed, pinName, pinNamer, pinsOfSide, reasonWords, undecidedPins,
  type Block, type Decision, type DecisionId, type FeedClass, type Method, type PinId, type PlacedPin, type Sureness,
} from "@trevin/core";
import { walkRows, type WalkRow } from "../components/crosswalk/rows.ts";
import WalkLine from "../components/crosswalk/WalkLine.vue";
import CavityLabel from "../components/parts/CavityLabel.vue";
import HoldControls from "../components/faces/HoldControls.vue";
import ConnectorFace from "../components/parts/ConnectorFace.vue";
import HazardBox from "../components/parts/HazardBox.vue";
import { holdCommands } from "../composables/holdCommands.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow, ways } from "../composables/useFaces.ts";
import { useJob } from "../stores/job.ts";
import { usePrefs } from "../stores/prefs.ts";

const store = useJob();
const now = useCavitiesNow();
const dossier = computed(() => store.dossier!);
const analysis = computed(() => store.analysis!);
const rows = computed(() => walkRows(dossier.value, analysis.value));
const chosenPin = ref<PinId | null>(null);
const selected = computed<WalkRow | undefined>(() => rows.value.find((row) => row.vehicle?.pin.id === chosenPin.value || row.incoming?.pin.id === chosenPin.value) ?? rows.value[0]);
const list = ref<HTMLElement | null>(null);
const prefs = usePrefs();
const feeding = ref(false);
const pairing = ref(false);
const answering = ref<string | null>(null);
const feedKind = ref<FeedClass>("battery");
const feedFrom = ref("");
const partner = ref<PinId | null>(null);
const reason = ref("");

const several = computed(() => dossier.value.connectors.length > 2);
const narrow = useMediaQuery("(max-width: 1000px)");
const heads = computed(() => connectorsInOrder(dossier.value));
const verdict = computed(() => ({ works: count("works"), dead: count("dead"), damage: count("damage") }));
const count = (outcome: "works" | "dead" | "damage"): number => analysis.value.verdict.filter((join) => join.outcome === outcome).length;
const name = computed(() => pinNamer(dossier.value));
const blocks = computed(() => analysis.value.bench.plan.blocks);
const undecided = computed(() => undecidedPins(dossier.value).length);
const sureOnes = computed(() => rows.value.filter((row) => row.decision === null && row.vehicle && row.incoming && row.sure === "sure" && row.hazards.every((hazard) => hazard.severity !== "stop")));

function select(row: WalkRow | undefined): void {
  if (row === undefined) return;
  chosenPin.value = (row.vehicle ?? row.incoming)?.pin.id ?? null;
  void nextTick(() => list.value?.querySelector(".row.on")?.scrollIntoView({ block: "nearest" }));
}
function move(by: number): void {
  const index = rows.value.findIndex((row) => row.key === selected.value?.key);
  select(rows.value[Math.min(Math.max(index + by, 0), rows.value.length - 1)]);
}
function nextOpen(): void {
  const index = rows.value.findIndex((row) => row.key === selected.value?.key);
  const order = [...rows.value.slice(index + 1), ...rows.value.slice(0, index + 1)];
  select(order.find((row) => row.decision === null) ?? selected.value);
}
const common = { reason: "", answers: [] };
function joinOf(row: WalkRow, sure: Sureness): Decision | null {
  if (row.vehicle === null || row.incoming === null) return null;
  return { kind: "join", vehicle: row.vehicle.pin.id, incoming: row.incoming.pin.id, method: dossier.value.head.method, sure, ...common };
}
const removed = (row: WalkRow): readonly DecisionId[] => (row.id === null ? [] : [row.id]);

async function accept(): Promise<void> {
  const row = selected.value;
  if (row === undefined || row.decision !== null) return;
  if (row.alone?.proposal === "feed") return openFeed();
  const pin = (row.vehicle ?? row.incoming)?.pin.id;
  const decision = joinOf(row, row.sure) ?? (row.alone && pin ? ({ kind: row.alone.proposal === "leave" ? "leave" : "cap", pin, sure: "sure", ...common } as const) : null);
  if (decision !== null && (await store.decide([decision]))) nextOpen();
}
const acceptSure = (): Promise<boolean> => store.decide(sureOnes.value.flatMap((row) => joinOf(row, "sure") ?? []));
async function alone(kind: "cap" | "leave"): Promise<void> {
  const row = selected.value;
  if (row === undefined) return;
  const pins = [row.vehicle, row.incoming].flatMap((placed) => placed?.pin.id ?? []);
  if (row.decision === null && pins.length === 2) {
    if (await store.decide([{ kind, pin: pins[0]!, sure: "sure", ...common }])) chosenPin.value = pins[0]!;
  } else if (await store.decide(pins.map((pin) => ({ kind, pin, sure: "sure", ...common })), removed(row))) nextOpen();
}
function openFeed(): void {
  const target = feedTarget.value;
  if (target === null) return;
  feedKind.value = isFeed(target.pin.signal) ? target.pin.signal : "battery";
  feedFrom.value = selected.value?.decision?.kind === "feed" ? selected.value.decision.from : "";
  feeding.value = true;
}
const feedTarget = computed<PlacedPin | null>(() => selected.value?.incoming ?? selected.value?.vehicle ?? null);
async function saveFeed(): Promise<void> {
  const target = feedTarget.value;
  if (target === null || feedFrom.value.trim() === "") return;
  if (await store.decide([{ kind: "feed", pin: target.pin.id, feed: feedKind.value, from: feedFrom.value.trim(), sure: "sure", ...common }], selected.value === undefined ? [] : removed(selected.value))) {
    feeding.value = false;
    nextOpen();
  }
}
const own = computed<PlacedPin | null>(() => selected.value?.vehicle ?? selected.value?.incoming ?? null);
const candidates = computed(() => {
  if (own.value === null) return [];
  const decided = new Set(dossier.value.decisions.flatMap((decision) => (decision.kind === "join" ? [decision.vehicle, decision.incoming] : [])));
  return pinsOfSide(dossier.value, own.value.connector.side === "vehicle" ? "incoming" : "vehicle").map((placed) => ({
    value: placed.pin.id, label: `${pinName(placed)}  ${placed.pin.function || (placed.pin.content === "empty" ? "empty cavity" : "no function")}${decided.has(placed.pin.id) ? " (joined already)" : ""}`,
  }));
});
async function savePair(): Promise<void> {
  const mine = own.value;
  if (mine === null || partner.value === null || selected.value === undefined) return;
  const [vehicle, incoming] = mine.connector.side === "vehicle" ? [mine.pin.id, partner.value] : [partner.value, mine.pin.id];
  const others = dossier.value.decisions.filter((decision) => (decision.kind === "join" ? decision.vehicle === vehicle || decision.incoming === incoming : decision.pin === vehicle || decision.pin === incoming));
  const ids = rows.value.flatMap((row) => (row.decision !== null && others.includes(row.decision) && row.id !== null ? [row.id] : []));
  if (await store.decide([{ kind: "join", vehicle, incoming, method: dossier.value.head.method, sure: "sure", ...common, reason: "chosen by hand" }], [...new Set([...ids, ...removed(selected.value)])])) pairing.value = false;
}
const takeBack = (): unknown => selected.value?.id && store.decide([], [selected.value.id]);
function change(patch: { method?: Method; sure?: Sureness; answers?: Decision["answers"] }): unknown {
  const decision = selected.value?.decision;
  return decision && store.decide([{ ...decision, ...patch } as Decision]);
}
async function answer(): Promise<void> {
  const decision = selected.value?.decision;
  if (!decision || answering.value === null || reason.value.trim() === "") return;
  await change({ answers: [...decision.answers.filter((one) => one.rule !== answering.value), { rule: answering.value, reason: reason.value.trim() }] });
  answering.value = null;
  reason.value = "";
}
function goBlock(block: Block): void {
  if (block.code === "nothing-to-do") return;
  chosenPin.value = block.code === "stop" ? (block.hazard.pins[0] ?? null) : block.pin;
  void nextTick(() => list.value?.querySelector(".row.on")?.scrollIntoView({ block: "nearest" }));
}
const open = computed(() => selected.value?.decision === null);
const acceptWords = computed(() => {
  const row = selected.value;
  if (row === undefined || row.decision !== null) return "";
  if (row.vehicle && row.incoming) return `Join ${row.vehicle.pin.cavity} to ${row.incoming.pin.cavity}`;
  return row.alone?.proposal === "feed" ? "Feed it from…" : row.alone?.proposal === "leave" ? "Leave as it is" : "Cap and tuck";
});
useCommands([
  { id: "down", title: "Next row", keys: "ArrowDown", run: () => move(1) },
  { id: "up", title: "Row before", keys: "ArrowUp", run: () => move(-1) },
  { id: "next-open", title: "Next undecided row", keys: "D", run: nextOpen },
  { id: "accept", title: "Take what is suggested", keys: "Enter", enabled: () => open.value, run: accept },
  { id: "accept-sure", title: "Take every sure suggestion", keys: "A", enabled: () => sureOnes.value.length > 0, run: acceptSure },
  { id: "pair", title: "Join to another pin…", keys: "P", run: () => openPair() },
  { id: "cap", title: "Cap and tuck", keys: "X", run: () => alone("cap") },
  { id: "leave", title: "Leave as it is", keys: "L", run: () => alone("leave") },
  { id: "feed", title: "Feed from elsewhere…", keys: "F", run: openFeed },
  { id: "method", title: "Change between move and splice", keys: "M", enabled: () => selected.value?.decision?.kind === "join", run: () => selected.value?.decision?.kind === "join" && change({ method: selected.value.decision.method === "move" ? "splice" : "move" }) },
  { id: "sure", title: "Change between sure and check", keys: "S", enabled: () => !open.value, run: () => change({ sure: selected.value?.decision?.sure === "sure" ? "check" : "sure" }) },
  { id: "take-back", title: "Take the decision back", keys: "Backspace", enabled: () => !open.value, run: takeBack },
  ...holdCommands(true),
]);
function openPair(): void {
  partner.value = null;
  pairing.value = true;
}
watch(selected, () => { answering.value = null; });
const faces = computed(() => {
  const row = selected.value;
  const pins = indexPins(dossier.value);
  const first = row?.vehicle ?? [...pins.values()].find((placed) => placed.connector.side === "vehicle");
  const second = row?.incoming ?? [...pins.values()].find((placed) => placed.connector.side === "incoming");
  return [first && { connector: first.connector, pin: row?.vehicle?.pin.id ?? null }, second && { connector: second.connector, pin: row?.incoming?.pin.id ?? null }].filter((face) => face !== undefined);
});
const feedOptions = FEED_CLASSES.map((value) => ({ value, label: value.replaceAll("-", " ") }));
</script>

<template>
  <main v-if="rows.length === 0" class="start">
    <h1>No pins to match yet</h1>
    <p>The crosswalk begins as soon as both sides have a pin table.</p>
    <RouterLink class="btn pri" :to="{ name: 'pinouts' }">To the pinouts</RouterLink>
  </main>
  <main v-else class="split">
    <section class="left">
      <header class="heads">
        <span v-for="one in heads.filter((c) => c.side === 'vehicle')" :key="one.id"><b class="code">{{ one.name }}</b> <span class="lab">{{ one.place }}</span> <span class="lab mut">{{ ways(one) }}</span></span>
        <span class="legend lab" aria-label="Legend"><i class="ln" /> sure <i class="ln check" /> check <i class="ln guess" /> guess</span>
        <span v-for="one in heads.filter((c) => c.side === 'incoming')" :key="one.id"><b class="code">{{ one.name }}</b> <span class="lab">{{ one.place }}</span> <span class="lab mut">{{ ways(one) }}</span></span>
        <button v-if="sureOnes.length" type="button" class="btn" @click="acceptSure">Take the {{ sureOnes.length }} sure <kbd>A</kbd></button>
      </header>
      <div ref="list" class="list" role="listbox" aria-label="Circuits" tabindex="0" :aria-activedescendant="selected ? `row-${selected.key}` : undefined" @keydown.enter.prevent.stop="accept">
        <div v-for="row in rows" :id="`row-${row.key}`" :key="row.key" role="option" :aria-selected="row.key === selected?.key" @click="select(row)">
          <WalkLine :row="row" :selected="row.key === selected?.key" :several="several" :narrow="narrow" />
        </div>
      </div>
      <footer class="blocks">
        <p v-if="blocks.length === 0"><b class="big">Nothing stands in the way</b><br><RouterLink :to="{ name: 'worklist' }">To the worklist</RouterLink></p>
        <template v-else>
          <p><b class="big">{{ blocks.length }} {{ blocks.length === 1 ? "stands" : "stand" }} in the way</b><br><span class="mut lab">of the worklist, {{ undecided }} pins undecided</span></p>
          <button v-for="(block, i) in blocks.slice(0, 2)" :key="i" type="button" class="link lab" @click="goBlock(block)">{{ blockWords(block, name) }}</button>
          <button v-if="blocks.length > 2" type="button" class="link lab" @click="nextOpen">and {{ blocks.length - 2 }} more</button>
        </template>
        <p class="verdict lab"><b>Colour for colour</b> would make {{ analysis.verdict.length }} joins: {{ verdict.works }} work, {{ verdict.dead }} stay dead, {{ verdict.damage }} do damage</p>
      </footer>
    </section>
    <aside class="right" aria-label="The chosen circuit">
      <header><HoldControls small :mark="faces[0]?.connector.shell?.mark" /></header>
      <div v-for="face in faces" :key="face.connector.id" class="face">
        <p class="lab"><b class="code">{{ face.connector.name }}</b> {{ face.connector.place }}</p>
        <ConnectorFace :connector="face.connector" :hold="prefs.hold" :width="300" :in-hand="face.pin" :now="now" pickable :max-pitch="40" :max-height="230" @pick="chosenPin = $event" />
      </div>
      <section v-if="selected" class="detail">
        <h2>
          <CavityLabel v-if="selected.vehicle" :label="selected.vehicle.pin.cavity" /><template v-if="selected.vehicle && selected.incoming"> to </template><CavityLabel v-if="selected.incoming" :label="selected.incoming.pin.cavity" />
          {{ (selected.vehicle ?? selected.incoming)?.pin.function }}
        </h2>
        <HazardBox v-for="hazard in selected.hazards" :key="hazard.rule + hazard.pins.join()" :severity="hazard.severity" :title="hazard.title" :detail="hazard.detail" :cure="hazard.cure">
          <p v-if="hazard.answered"><b>Accepted:</b> {{ hazard.answered }}</p>
          <p v-else-if="hazard.severity === 'stop' && hazard.decision"><button type="button" class="link" @click="answering = hazard.rule">Accept with a reason…</button></p>
          <form v-if="answering === hazard.rule" class="reason" @submit.prevent="answer"><InputText v-model="reason" aria-label="Reason" placeholder="Why is this right?" maxlength="500" autofocus /><button class="btn pri" type="submit" :disabled="reason.trim() === ''">Accept</button></form>
        </HazardBox>
        <div class="acts">
          <button v-if="acceptWords" type="button" class="btn pri" @click="accept">{{ acceptWords }} <kbd>Enter</kbd></button>
          <template v-if="selected.decision?.kind === 'join'">
            <button type="button" class="btn" @click="change({ method: selected.decision.method === 'move' ? 'splice' : 'move' })">{{ selected.decision.method === "move" ? "Splice instead" : "Move instead" }} <kbd>M</kbd></button>
          </template>
          <button type="button" class="btn quiet" @click="openPair">Other pin… <kbd>P</kbd></button>
          <button v-if="selected.decision?.kind !== 'cap'" type="button" class="btn quiet" @click="alone('cap')">Cap <kbd>X</kbd></button>
          <button v-if="selected.decision?.kind !== 'leave'" type="button" class="btn quiet" @click="alone('leave')">Leave <kbd>L</kbd></button>
          <button type="button" class="btn quiet" @click="openFeed">Feed… <kbd>F</kbd></button>
          <button v-if="selected.decision" type="button" class="btn quiet" @click="change({ sure: selected.decision.sure === 'sure' ? 'check' : 'sure' })">{{ selected.decision.sure === "sure" ? "Wants a check" : "It is sure" }} <kbd>S</kbd></button>
          <button v-if="selected.decision" type="button" class="btn quiet" @click="takeBack">Take back <kbd>⌫</kbd></button>
        </div>
        <ul class="reasons">
          <li v-if="selected.decision?.reason">{{ selected.decision.reason }}</li>
          <li v-for="one in selected.reasons" :key="one.kind">{{ reasonWords(one) }}</li>
          <li v-if="selected.alone">{{ aloneWords(selected.alone) }}</li>
          <li v-for="note in [selected.vehicle?.pin.note, selected.incoming?.pin.note].filter((text) => text)" :key="note" class="mut">Note: {{ note }}</li>
        </ul>
      </section>
    </aside>
    <Dialog v-model:visible="feeding" modal :header="`Feed ${feedTarget ? pinName(feedTarget) : ''} from elsewhere`" :draggable="false">
      <form id="feed-form" class="field" @submit.prevent="saveFeed">
        <span id="feed-kind" class="label">What it needs</span><Select v-model="feedKind" :options="feedOptions" option-label="label" option-value="value" aria-labelledby="feed-kind" />
        <label for="feed-from">From where: fuse with its rating, or ground point</label><InputText id="feed-from" v-model="feedFrom" autofocus maxlength="120" placeholder="spare fuse F22, 5 A" />
      </form>
      <p class="why">The fuse protects the thinnest wire of the feed. It goes in last.</p>
      <template #footer><button type="button" class="btn quiet" @click="feeding = false">Cancel</button><button type="submit" form="feed-form" class="btn pri" :disabled="feedFrom.trim() === ''">Feed it</button></template>
    </Dialog>
    <Dialog v-model:visible="pairing" modal :header="`Join ${own ? pinName(own) : ''} to another pin`" :draggable="false">
      <form id="pair-form" class="field" @submit.prevent="savePair"><span id="pair-with" class="label">Pin of the other side</span><Select v-model="partner" :options="candidates" option-label="label" option-value="value" filter aria-labelledby="pair-with" placeholder="Choose a pin" /></form>
      <p class="why">Decisions that stand in the way are taken back with this one; undo brings them all back.</p>
      <template #footer><button type="button" class="btn quiet" @click="pairing = false">Cancel</button><button type="submit" form="pair-form" class="btn pri" :disabled="partner === null">Join them</button></template>
    </Dialog>
  </main>
</template>

<style scoped>
.start { max-width: 560px; margin: 12vh auto 0; display: grid; gap: 14px; justify-items: start; padding: 0 20px; }
.split { flex: 1; display: grid; grid-template-columns: minmax(0, 1fr) 336px; min-height: 0; }
.left { min-width: 0; display: flex; flex-direction: column; padding: 0 8px 0 12px; }
.heads { display: flex; align-items: center; gap: 18px; min-height: 42px; padding: 0 8px; border-bottom: 1px solid var(--ink); flex-wrap: wrap; }
.heads .btn { margin-left: auto; }
.heads .code { font-weight: 700; font-size: 15px; }
.legend { display: flex; align-items: center; gap: 7px; }
.ln { display: inline-block; width: 26px; border-top: 2.5px solid var(--ink); margin-left: 6px; }
.ln.check { border-top-style: dashed; }
.ln.guess { border-top: 3px dotted var(--ink); }
.list { flex: 1; }
.list:focus-visible { outline-offset: -2px; }
.blocks .link { white-space: nowrap; }
.blocks { position: sticky; bottom: 0; background: var(--bench); border-top: 2px solid var(--ink); display: flex; align-items: center; gap: 16px; padding: 8px; min-height: 56px; }
.big { font: 600 18px/22px var(--f-label); }
.verdict { margin-left: auto; max-width: 300px; flex: none; line-height: 17px; color: var(--ink2); }
.verdict b { color: var(--ink); font-weight: 600; }
.right { border-left: 1px solid var(--ink); padding: 6px 18px 20px 16px; display: flex; flex-direction: column; gap: 8px; }
.right header { display: flex; align-items: center; }
.right header .btn { margin-left: auto; }
.face { display: grid; gap: 3px; }
.face .code { font-weight: 700; }
.detail { border-top: 2px solid var(--ink); padding-top: 10px; display: grid; gap: 10px; }
.detail h2 { display: flex; align-items: center; gap: 8px; flex-wrap: wrap; }
.acts { display: flex; flex-wrap: wrap; gap: 6px; }
.acts .btn { padding: 0 9px; }
.reasons { border-top: 1px solid var(--rule); padding-top: 8px; font-size: 13.5px; display: grid; gap: 3px; }
.reasons li { padding-left: 12px; text-indent: -12px; }
.reasons li::before { content: "– "; }
.reason { display: flex; gap: 8px; margin-top: 6px; }
@media (max-width: 1000px) { .blocks { flex-wrap: wrap; } .verdict { margin-left: 0; max-width: none; } .split { grid-template-columns: 1fr; } .right { border-left: 0; border-top: 2px solid var(--ink); } }
</style>
