<script setup lang="ts">
/** Which wire of the vehicle meets which of the incoming part, why, and how sure. */
import Select from "primevue/select";
import { useEventListener, useMediaQuery } from "@vueuse/core";
import { computed, nextTick, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import {
  blockWords,
  connectorsInOrder,
  isLeftOpen,
  pinId,
  pinNamer,
  undecidedPins,
  type Block,
  type Connector,
  type Decision,
  type DecisionId,
  type FeedClass,
  type Fix,
  type Hazard,
  type InsertedDevice,
  type LeavingOpen,
  type OpenEffect,
  type PinId,
  type PlacedPin,
} from "@trevin/core";
import {
  acceptHazards,
  canFindLive,
  joinPins,
  jumperPins,
  leaveOpen,
  matePlugs,
  nextMethod,
  offerWords,
  rejectRows,
  seriesThrough,
  shiftPin,
  sureOffers,
  takeBack,
  takeOffers,
  withDevice,
  withoutAnswer,
  type Edit,
} from "../components/crosswalk/acts.ts";
import CircuitPane from "../components/crosswalk/CircuitPane.vue";
import CrosswalkSheet from "../components/crosswalk/CrosswalkSheet.vue";
import DeviceDialog from "../components/crosswalk/DeviceDialog.vue";
import FeedDialog from "../components/crosswalk/FeedDialog.vue";
import MateDialog from "../components/crosswalk/MateDialog.vue";
import PartnerDialog from "../components/crosswalk/PartnerDialog.vue";
import SideDialog from "../components/crosswalk/SideDialog.vue";
import WalkList from "../components/crosswalk/WalkList.vue";
import {
  hazardKey,
  hazardsOfJob,
  isAt,
  isOpenHazard,
  isShown,
  leadOf,
  pinsOfRow,
  SHOWN,
  walkRows,
  wantsAttention,
  worstOf,
  type Shown,
  type WalkRow,
} from "../components/crosswalk/rows.ts";
import { holdCommands } from "../composables/holdCommands.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow, ways } from "../composables/useFaces.ts";
import { useJob } from "../stores/job.ts";

const store = useJob();
const router = useRouter();
const now = useCavitiesNow();
const dossier = computed(() => store.dossier!);
const analysis = computed(() => store.analysis!);
const name = computed(() => pinNamer(dossier.value));
const narrow = useMediaQuery("(max-width: 1000px)");

const all = computed(() => walkRows(dossier.value, analysis.value));
const shown = ref<Shown>("all");
const where = ref("all");
const inPlace = computed(() => all.value.filter((row) => isAt(row, where.value)));
const rows = computed(() =>
  inPlace.value.filter(
    (row) => isShown(row, shown.value) || marked.value.has(row.key) || row.key === kept.value,
  ),
);
const counts = computed(
  () =>
    Object.fromEntries(
      SHOWN.map((one) => [one, inPlace.value.filter((row) => isShown(row, one)).length]),
    ) as Record<Shown, number>,
);
const LISTS: Readonly<Record<Shown, string>> = {
  all: "All",
  undecided: "Undecided",
  hazards: "Hazards",
  doubtful: "Doubtful",
};
const places = computed(() => {
  const connectors = connectorsInOrder(dossier.value);
  const branches = [...new Set(connectors.map(({ branch }) => branch).filter((branch) => branch !== ""))];
  return [
    { value: "all", label: "Every connector" },
    ...connectors.map((one) => ({
      value: `connector ${one.id}`,
      label: `${one.name}${one.place ? `, ${one.place}` : ""}`,
    })),
    ...branches.map((branch) => ({ value: `branch ${branch}`, label: `Branch: ${branch}` })),
  ];
});
const heads = computed(() =>
  (["vehicle", "incoming"] as const).map((side) => {
    const own = connectorsInOrder(dossier.value).filter((connector) => connector.side === side);
    const only = own.length === 1 ? own[0] : undefined;
    if (only !== undefined) return { side, name: only.name, about: `${only.place} ${ways(only)}` };
    const cavities = own.reduce((sum, connector) => sum + connector.pins.length, 0);
    const name = side === "vehicle" ? "Vehicle" : "Incoming";
    return { side, name, about: `${own.length} plugs, ${cavities} cavities` };
  }),
);
const several = computed(() => dossier.value.connectors.length > 2);

/** The row in hand follows its pin through every change; the list keeps it in sight even when it no longer fits the list. */
/** A link from a flag or a step opens its own circuit. */
const asked = useRoute().query["pin"];
const chosenPin = ref<PinId | null>(typeof asked === "string" ? pinId(asked) : null);
const kept = ref("");
const holds = (row: WalkRow, pin: PinId | null): boolean =>
  pinsOfRow(row).some((placed) => placed.pin.id === pin);
const selected = computed<WalkRow | undefined>(
  () => rows.value.find((row) => holds(row, chosenPin.value)) ?? rows.value[0],
);
const marked = ref<ReadonlySet<string>>(new Set());
/** What an act is done to: everything marked, else the row in hand. */
const target = computed<readonly WalkRow[]>(() => {
  if (marked.value.size > 0) return all.value.filter((row) => marked.value.has(row.key));
  return selected.value === undefined ? [] : [selected.value];
});
const answering = ref<string | null>(null);
const whyOpen = ref(false);
const overlay = ref(false);

function select(row: WalkRow | undefined): void {
  if (row === undefined) return;
  chosenPin.value = leadOf(row)?.pin.id ?? null;
  kept.value = row.key;
}
watch(selected, (row, before) => {
  if (row?.key !== before?.key) answering.value = null;
});
watch([shown, where], () => {
  kept.value = "";
  marked.value = new Set();
});
const indexOf = (row: WalkRow | undefined): number => rows.value.findIndex((one) => one.key === row?.key);
const move = (by: number): void =>
  select(rows.value[Math.min(Math.max(indexOf(selected.value) + by, 0), rows.value.length - 1)]);
function mark(row: WalkRow | undefined): void {
  if (row === undefined) return;
  const next = new Set(marked.value);
  if (!next.delete(row.key)) next.add(row.key);
  marked.value = next;
}
function extend(to: WalkRow | undefined): void {
  if (to === undefined) return;
  const [a, b] = [indexOf(selected.value), indexOf(to)].sort((x, y) => x - y);
  marked.value = new Set([...marked.value, ...rows.value.slice(a, (b ?? 0) + 1).map((row) => row.key)]);
  select(to);
}
function extendBy(by: number): void {
  const next = rows.value[indexOf(selected.value) + by];
  if (next !== undefined) extend(next);
}
/** The next row of a kind after the one in hand, going round. */
function next(wanted: (row: WalkRow) => boolean): void {
  const index = indexOf(selected.value);
  const order = [...rows.value.slice(index + 1), ...rows.value.slice(0, Math.max(index, 0))];
  select(order.find(wanted) ?? selected.value);
}
const nextDoubtful = (): void => next(wantsAttention);

async function decide(edit: Edit | null): Promise<boolean> {
  if (edit === null || edit.put.length + edit.remove.length === 0) return false;
  return store.decide(edit.put, edit.remove);
}
/**
 * Does it to all marked rows, or to the one in hand and goes on to the next that wants something. It goes on at once and not when
 * the edit is stored, so that it never takes the hand away from where it went meanwhile.
 */
async function act(edit: Edit | null, goOn = true): Promise<void> {
  if (edit === null || edit.put.length + edit.remove.length === 0) return;
  const several = marked.value.size > 0;
  const stored = decide(edit);
  if (!several && goOn) nextDoubtful();
  if ((await stored) && several) marked.value = new Set();
}
const firstFix = computed(() => (selected.value?.decision ? worstOf(selected.value)?.fixes[0] : undefined));
async function take(): Promise<void> {
  if (marked.value.size === 0) {
    if (selected.value?.offer?.kind === "feed" && selected.value.offer.from === "") return openFeed();
    if (selected.value?.offer === null && firstFix.value !== undefined) return fix(firstFix.value);
  }
  await act(takeOffers(target.value));
}
const sureOnes = computed(() => sureOffers(rows.value));
const takeSure = (): Promise<boolean> => decide(takeOffers(sureOnes.value));
const reject = (): Promise<void> =>
  act(
    rejectRows(
      target.value.filter((row) => row.vehicle.length > 0 && row.incoming.length > 0),
      "",
    ),
    false,
  );
async function open(kind: LeavingOpen["kind"]): Promise<void> {
  // A pair that was only suggested loses its vehicle's wire: the other pin is still open and stays in hand.
  await act(leaveOpen(target.value, kind, dossier.value));
}
const fix = async (one: Fix): Promise<void> => {
  await decide(one);
};
const accept = (hazards: readonly Hazard[], reason: string, by: string): Promise<boolean> =>
  decide(acceptHazards(dossier.value, hazards, reason, by));
function answerFirst(): void {
  const hazard = selected.value?.hazards.find((one) => isOpenHazard(one) && one.decision !== null);
  if (hazard !== undefined) answering.value = hazardKey(hazard);
}
function change(patch: object): Promise<boolean> {
  const decision = selected.value?.decision;
  return decision
    ? decide({ put: [{ ...decision, ...patch } as Decision], remove: [] })
    : Promise.resolve(false);
}
function turnLive(): unknown {
  const now = selected.value?.decision;
  if (now?.kind !== "join" || !canFindLive(selected.value)) return undefined;
  const { findLive, ...plain } = now;
  return decide({ put: [findLive === true ? plain : { ...plain, findLive: true }], remove: [] });
}
function turnMethod(): unknown {
  const now = selected.value?.decision ?? null;
  const method = now === null ? null : nextMethod(now, dossier.value);
  return method !== null && change({ method });
}
const turnSure = (): unknown =>
  change({ sure: selected.value?.decision?.sure === "sure" ? "check" : "sure" });
function setOpen(effect: OpenEffect | null): void {
  const decision = selected.value?.decision;
  if (!decision || !isLeftOpen(decision)) return;
  const { open: _before, ...rest } = decision;
  void decide({ put: [effect === null ? rest : { ...rest, open: effect }], remove: [] });
}

const pairing = ref<"join" | "jumper" | "shift" | "series" | null>(null);
const pairingOpen = computed({
  get: () => pairing.value !== null,
  set: (to) => {
    if (!to) pairing.value = null;
  },
});
const own = computed(() => (selected.value === undefined ? null : (leadOf(selected.value) ?? null)));
/** The edit that the open dialog stands for, with the pins chosen in it. */
function pairedWith(mine: PlacedPin, pins: readonly PinId[]): Edit | null {
  const [first, second] = pins;
  const own = [mine.pin.id];
  if (pairing.value === "series")
    return first === undefined || second === undefined
      ? null
      : seriesThrough(dossier.value, mine.pin.id, first, second);
  if (pairing.value === "shift" && first !== undefined) return shiftPin(dossier.value, mine.pin.id, first);
  if (pairing.value === "jumper") return jumperPins(dossier.value, [...own, ...pins]);
  return mine.connector.side === "vehicle"
    ? joinPins(dossier.value, own, pins)
    : joinPins(dossier.value, pins, own);
}
async function choosePartner(pins: readonly PinId[]): Promise<void> {
  const mine = own.value;
  if (mine === null) return;
  if (await decide(pairedWith(mine, pins))) {
    chosenPin.value = mine.pin.id;
    pairing.value = null;
  }
}
const mating = ref(false);
const matingOwn = computed(() => own.value?.connector ?? null);
async function mate(other: Connector): Promise<void> {
  const mine = own.value;
  if (mine === null) return;
  if (
    await decide(
      mine.connector.side === "vehicle"
        ? matePlugs(dossier.value, mine.connector, other)
        : matePlugs(dossier.value, other, mine.connector),
    )
  ) {
    chosenPin.value = mine.pin.id;
    mating.value = false;
  }
}
const feeding = ref(false);
const feedTarget = computed(() => selected.value?.incoming[0] ?? selected.value?.vehicle[0] ?? null);
function openFeed(): void {
  if (feedTarget.value !== null) feeding.value = true;
}
async function feed(kind: FeedClass, from: string): Promise<void> {
  const pin = feedTarget.value?.pin.id;
  if (pin === undefined || selected.value === undefined) return;
  if (
    await decide({
      put: [{ kind: "feed", pin, feed: kind, from, sure: "sure", reason: "", answers: [] }],
      remove: selected.value.id === null ? [] : [selected.value.id],
    })
  ) {
    feeding.value = false;
    nextDoubtful();
  }
}
const fitting = ref(false);
async function putDevice(device: InsertedDevice | undefined): Promise<void> {
  if (selected.value?.decision && (await decide(withDevice(selected.value.decision, device))))
    fitting.value = false;
}
const sides = ref(false);
async function copySide(put: readonly Decision[]): Promise<void> {
  if (await decide({ put, remove: [] })) sides.value = false;
}

const blocks = computed(() => analysis.value.bench.plan.blocks);
const undecided = computed(() => undecidedPins(dossier.value).length);
const isBlockAt = (block: Block, row: WalkRow): boolean =>
  block.code === "stop" ? holds(row, block.hazard.pins[0] ?? null) : "pin" in block && holds(row, block.pin);
function goBlock(block: Block): void {
  if (block.code === "unserved") return void router.push({ name: "brief" });
  const row = all.value.find((one) => isBlockAt(block, one));
  if (row === undefined) return;
  if (indexOf(row) < 0) [shown.value, where.value] = ["all", "all"];
  void nextTick(() => select(row));
}
/** What blocks, one after another from the row in hand on. */
function nextBlock(): void {
  const index = all.value.findIndex((row) => row.key === selected.value?.key);
  const order = [...all.value.slice(index + 1), ...all.value.slice(0, index + 1)];
  const row = order.find((one) => blocks.value.some((block) => isBlockAt(block, one)));
  const block = blocks.value.find((one) => row === undefined || isBlockAt(one, row));
  if (block !== undefined) goBlock(block);
}
const count = (outcome: "works" | "dead" | "damage"): number =>
  analysis.value.verdict.filter((join) => join.outcome === outcome).length;
const offer = computed(() => (selected.value === undefined ? "" : offerWords(selected.value)));
const isOpen = computed(() => selected.value?.decision === null);

const printing = ref(false);
async function print(): Promise<void> {
  printing.value = true;
  await nextTick();
  window.print();
}
useEventListener(window, "beforeprint", () => {
  printing.value = true;
});
useEventListener(window, "afterprint", () => {
  printing.value = false;
});
useCommands([
  { id: "down", title: "Next circuit", keys: "ArrowDown", run: () => move(1) },
  { id: "up", title: "Circuit before", keys: "ArrowUp", run: () => move(-1) },
  { id: "first", title: "First circuit", keys: "Home", run: () => select(rows.value[0]) },
  { id: "last", title: "Last circuit", keys: "End", run: () => select(rows.value.at(-1)) },
  {
    id: "extend-down",
    title: "Mark on to the next circuit",
    keys: "Shift+ArrowDown",
    run: () => extendBy(1),
  },
  { id: "extend-up", title: "Mark on to the circuit before", keys: "Shift+ArrowUp", run: () => extendBy(-1) },
  { id: "mark", title: "Mark or unmark this circuit", keys: "Space", run: () => mark(selected.value) },
  {
    id: "unmark",
    title: "Mark none",
    keys: "Escape",
    enabled: () => marked.value.size > 0,
    run: () => {
      marked.value = new Set();
    },
  },
  {
    id: "doubtful",
    title: "Next doubtful circuit: undecided, unsure, or with a stop",
    keys: "D",
    run: nextDoubtful,
  },
  {
    id: "block",
    title: "Next that stands in the way of the worklist",
    keys: "B",
    enabled: () => blocks.value.length > 0,
    run: nextBlock,
  },
  { id: "accept", title: "Take what is suggested, or the first cure", keys: "Enter", run: take },
  {
    id: "accept-sure",
    title: "Take every sure suggestion",
    keys: "A",
    enabled: () => sureOnes.value.length > 0,
    run: takeSure,
  },
  { id: "reject", title: "Never join these: look for the next best", keys: "R", run: reject },
  {
    id: "pair",
    title: "Join to another pin…",
    keys: "P",
    run: () => {
      pairing.value = "join";
    },
  },
  { id: "cap", title: "Cap and tuck", keys: "X", run: () => open("cap") },
  { id: "out", title: "Take out of the loom", keys: "U", run: () => open("remove") },
  {
    id: "series",
    title: "Lead through the incoming part, in series…",
    keys: "Q",
    enabled: () => selected.value?.vehicle.length === 1,
    run: () => {
      pairing.value = "series";
    },
  },
  {
    id: "mate",
    title: "Plug this plug into one of the other side…",
    keys: "T",
    run: () => {
      mating.value = true;
    },
  },
  { id: "leave", title: "Leave as it is", keys: "L", run: () => open("leave") },
  { id: "feed", title: "Feed from elsewhere…", keys: "F", run: openFeed },
  {
    id: "jumper",
    title: "Jumper within the plug…",
    keys: "J",
    run: () => {
      pairing.value = "jumper";
    },
  },
  {
    id: "shift",
    title: "Move or exchange within its side…",
    keys: "E",
    run: () => {
      pairing.value = "shift";
    },
  },
  {
    id: "device",
    title: "Part between…",
    keys: "I",
    enabled: () =>
      selected.value?.decision?.kind === "join" ||
      selected.value?.decision?.kind === "merge" ||
      selected.value?.decision?.kind === "split",
    run: () => {
      fitting.value = true;
    },
  },
  {
    id: "method",
    title: "Change between move, splice and adapter",
    keys: "M",
    enabled: () => !!selected.value?.decision && nextMethod(selected.value.decision, dossier.value) !== null,
    run: turnMethod,
  },
  {
    id: "live",
    title: "Find the live half by a test in the middle of the splice, or not",
    enabled: () => canFindLive(selected.value),
    run: turnLive,
  },
  {
    id: "sure",
    title: "Change between sure and check",
    keys: "S",
    enabled: () => !isOpen.value,
    run: turnSure,
  },
  {
    id: "answer",
    title: "Accept the hazard with a reason…",
    keys: "H",
    enabled: () => !isOpen.value && selected.value?.hazards.some(isOpenHazard) === true,
    run: answerFirst,
  },
  {
    id: "why",
    title: "Why: with figures, or without",
    keys: "Y",
    run: () => {
      whyOpen.value = !whyOpen.value;
    },
  },
  {
    id: "take-back",
    title: "Take the decision back",
    keys: "Backspace",
    run: () => act(takeBack(target.value), false),
  },
  {
    id: "overlay",
    title: "Show what joining by colour would do",
    keys: "C",
    run: () => {
      overlay.value = !overlay.value;
    },
  },
  {
    id: "side",
    title: "The other side of the car…",
    keys: "O",
    run: () => {
      sides.value = true;
    },
  },
  { id: "print", title: "Print the crosswalk", keys: "Ctrl+P", run: print },
  ...SHOWN.map((one, i) => ({
    id: `list-${one}`,
    title: `List: ${LISTS[one].toLowerCase()}`,
    keys: String(i + 1),
    run: () => {
      shown.value = one;
    },
  })),
  ...holdCommands(true),
]);
</script>

<template>
  <main v-if="all.length === 0 && analysis.matched" class="start no-print">
    <h1>No pins to match yet</h1>
    <p>The crosswalk begins as soon as both sides have a pin table.</p>
    <RouterLink class="btn pri" :to="{ name: 'pinouts' }">To the pinouts</RouterLink>
  </main>
  <main v-else class="split no-print">
    <section class="left">
      <header class="tools">
        <span class="lists" role="group" aria-label="List"
          ><button
            v-for="one in SHOWN"
            :key="one"
            type="button"
            :aria-pressed="shown === one"
            @click="shown = one"
          >
            {{ LISTS[one] }} <b>{{ counts[one] }}</b>
          </button></span
        >
        <Select
          v-if="several"
          v-model="where"
          class="where"
          :options="places"
          option-label="label"
          option-value="value"
          aria-label="Where"
        />
        <span class="grow" />
        <button type="button" class="btn quiet" :aria-pressed="overlay" @click="overlay = !overlay">
          By colour <kbd>C</kbd>
        </button>
        <button type="button" class="btn quiet" @click="sides = true">Side <kbd>O</kbd></button>
        <button type="button" class="btn quiet" @click="print">Print</button>
        <button v-if="sureOnes.length" type="button" class="btn" @click="takeSure">
          Take {{ sureOnes.length }} sure <kbd>A</kbd>
        </button>
      </header>
      <p v-if="!analysis.matched" class="stopped">
        <b>The matching was stopped.</b> What is decided is all here; suggestions are left out.
        <button type="button" class="btn" @click="store.matchAgain()">Match again</button>
      </p>
      <header class="heads">
        <span v-for="one in heads" :key="one.side" :class="one.side"
          ><b class="code">{{ one.name }}</b> <span class="lab mut">{{ one.about }}</span></span
        >
        <span class="legend lab" aria-label="Legend"
          ><i class="ln" /> sure <i class="ln check" /> check <i class="ln guess" /> guess</span
        >
      </header>
      <WalkList
        :rows="rows"
        :selected="selected?.key ?? null"
        :marked="marked"
        :several="several"
        :narrow="narrow"
        :verdict="overlay ? analysis.verdict : null"
        :dossier="dossier"
        @select="select"
        @mark="mark"
        @extend="extend"
        @take="take"
      />
      <footer class="blocks">
        <template v-if="marked.size > 0">
          <p>
            <b class="big">{{ marked.size }} marked</b>
          </p>
          <button
            type="button"
            class="btn pri"
            :disabled="target.every((row) => row.offer === null)"
            @click="take"
          >
            Take <kbd>Enter</kbd></button
          ><button type="button" class="btn quiet" @click="open('cap')">Cap <kbd>X</kbd></button
          ><button type="button" class="btn quiet" @click="open('leave')">Leave <kbd>L</kbd></button>
          <button type="button" class="btn quiet" @click="reject">Never these <kbd>R</kbd></button
          ><button type="button" class="btn quiet" @click="act(takeBack(target), false)">
            Take back <kbd>⌫</kbd></button
          ><button type="button" class="btn quiet" @click="marked = new Set()">None <kbd>Esc</kbd></button>
        </template>
        <template v-else>
          <p v-if="blocks.length === 0">
            <b class="big">Nothing stands in the way</b><br /><RouterLink :to="{ name: 'worklist' }"
              >To the worklist</RouterLink
            >
          </p>
          <template v-else>
            <p>
              <b class="big">{{ blocks.length }} {{ blocks.length === 1 ? "stands" : "stand" }} in the way</b>
              <kbd>B</kbd><br /><span class="mut lab">of the worklist, {{ undecided }} pins undecided</span>
            </p>
            <button
              v-for="(block, i) in blocks.slice(0, 2)"
              :key="i"
              type="button"
              class="link lab"
              @click="goBlock(block)"
            >
              {{ blockWords(block, name) }}
            </button>
            <button v-if="blocks.length > 2" type="button" class="link lab more" @click="nextBlock">
              and {{ blocks.length - 2 }} more
            </button>
          </template>
          <p class="verdict lab">
            <b>Colour for colour</b> would make {{ analysis.verdict.length }} joins:
            {{ count("works") }} work, {{ count("dead") }} stay dead, {{ count("damage") }} do damage
          </p>
        </template>
      </footer>
    </section>
    <CircuitPane
      v-if="selected"
      v-model:answering="answering"
      :row="selected"
      :dossier="dossier"
      :hazards="analysis.hazards"
      :of-job="hazardsOfJob(analysis)"
      :now="now"
      :offer="offer"
      :why-open="whyOpen"
      @pick="chosenPin = $event"
      @take="take"
      @pair="pairing = 'join'"
      @jumper="pairing = 'jumper'"
      @shift="pairing = 'shift'"
      @series="pairing = 'series'"
      @mate="mating = true"
      @out="open('remove')"
      @live="turnLive"
      @reject="reject"
      @cap="open('cap')"
      @leave="open('leave')"
      @feed="openFeed"
      @device="fitting = true"
      @method="turnMethod"
      @sure="turnSure"
      @back="act(takeBack(target), false)"
      @why="whyOpen = !whyOpen"
      @fix="fix"
      @accept="accept"
      @withdraw="(decision, rule) => decide(withoutAnswer(decision, rule))"
      @open="setOpen"
      @remove="(id: DecisionId) => decide({ put: [], remove: [id] })"
    />
    <PartnerDialog
      v-model:open="pairingOpen"
      :own="own"
      :dossier="dossier"
      :mode="pairing ?? 'join'"
      @choose="choosePartner"
    />
    <MateDialog v-model:open="mating" :own="matingOwn" :dossier="dossier" @choose="mate" />
    <FeedDialog
      v-model:open="feeding"
      :target="feedTarget"
      :before="selected?.decision ?? null"
      :dossier="dossier"
      @feed="feed"
    />
    <DeviceDialog
      v-model:open="fitting"
      :now="selected?.device ?? null"
      :proposed="selected?.proposed?.device ?? null"
      :nominal-volts="dossier.head.nominalVolts"
      @put="putDevice"
    />
    <SideDialog v-model:open="sides" :dossier="dossier" @copy="copySide" />
  </main>
  <CrosswalkSheet
    v-if="printing"
    :rows="rows"
    :dossier="dossier"
    :verdict="analysis.verdict"
    :blocks="blocks"
  />
</template>

<style scoped>
.start {
  max-width: 560px;
  margin: 12vh auto 0;
  display: grid;
  gap: 14px;
  justify-items: start;
  padding: 0 20px;
}
.split {
  flex: none;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr) 336px;
  min-height: 0;
  height: calc(100vh - 88px);
}
.left {
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
  padding: 0 8px 0 12px;
}
.tools {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 4px 0;
  flex-wrap: wrap;
}
.tools .btn {
  min-height: 32px;
  font-size: 15px;
  padding: 0 9px;
}
.btn[aria-pressed="true"] {
  background: var(--ink);
  color: var(--on-ink);
}
.btn[aria-pressed="true"] kbd {
  background: transparent;
  color: var(--on-ink);
  border-color: var(--on-ink);
}
.grow {
  flex: 1;
}
.lists {
  display: flex;
  border: 1.5px solid var(--rule2);
  border-radius: 2px;
}
.lists button {
  border: 0;
  border-right: 1px solid var(--rule2);
  background: none;
  padding: 0 10px;
  min-height: 30px;
  font: 500 15px/1 var(--f-label);
  cursor: pointer;
}
.lists button:last-child {
  border-right: 0;
}
.lists button[aria-pressed="true"] {
  background: var(--ink);
  color: var(--on-ink);
}
.lists b {
  font: 700 13px/1 var(--f-text);
  margin-left: 3px;
}
.where {
  width: 168px;
  min-height: 32px;
  padding: 2px 8px;
}
.heads {
  display: flex;
  align-items: center;
  gap: 18px;
  min-height: 28px;
  padding: 0 8px;
  border-bottom: 1px solid var(--ink);
  flex-wrap: wrap;
}
.heads .code {
  font-weight: 700;
  font-size: 15px;
}
.legend {
  display: flex;
  align-items: center;
  gap: 7px;
  margin-left: auto;
}
.ln {
  display: inline-block;
  width: 26px;
  border-top: 2.5px solid var(--ink);
  margin-left: 6px;
}
.ln.check {
  border-top-style: dashed;
}
.ln.guess {
  border-top: 3px dotted var(--ink);
}
.stopped {
  border: 1.5px solid var(--ink);
  background: var(--sheet);
  padding: 8px 12px;
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 6px;
}
.blocks {
  background: var(--bench);
  border-top: 2px solid var(--ink);
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 8px;
  min-height: 56px;
}
.blocks > p:first-child {
  flex: none;
}
.blocks .link {
  text-align: left;
  overflow: hidden;
  text-overflow: ellipsis;
  max-height: 32px;
}
.blocks .more {
  white-space: nowrap;
  flex: none;
}
.big {
  font: 600 18px/22px var(--f-label);
}
.verdict {
  margin-left: auto;
  max-width: 300px;
  flex: none;
  line-height: 17px;
  color: var(--ink2);
}
.verdict b {
  color: var(--ink);
  font-weight: 600;
}
@media (max-width: 1000px) {
  .split {
    grid-template: auto / 1fr;
    height: auto;
  }
  .blocks {
    flex-wrap: wrap;
    position: sticky;
    bottom: 0;
    z-index: 2;
  }
  .verdict {
    margin-left: 0;
    max-width: none;
    flex: 1;
  }
}
</style>
