<script setup lang="ts">
/** Which wire of the vehicle meets which of the incoming part, why, and how sure. */
import { useMediaQuery } from "@vueuse/core";
import { computed, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import {
  pinId,
  takeBack,
  withoutAnswer,
  hazardKey,
  hazardsOfJob,
  isOpenHazard,
  type DecisionId,
} from "@trevin/core";
import BlockBar from "../components/crosswalk/BlockBar.vue";
import CommonHazards from "../components/crosswalk/CommonHazards.vue";
import type { ActName } from "../components/crosswalk/actNames.ts";
import CircuitPane from "../components/crosswalk/CircuitPane.vue";
import { crosswalkCommands } from "../components/crosswalk/crosswalkCommands.ts";
import CrosswalkSheet from "../components/crosswalk/CrosswalkSheet.vue";
import EndDialog from "../components/crosswalk/EndDialog.vue";
import DeviceDialog from "../components/crosswalk/DeviceDialog.vue";
import FeedDialog from "../components/crosswalk/FeedDialog.vue";
import ListTools from "../components/crosswalk/ListTools.vue";
import MateDialog from "../components/crosswalk/MateDialog.vue";
import MeasureDialog from "../components/crosswalk/MeasureDialog.vue";
import PartnerDialog from "../components/crosswalk/PartnerDialog.vue";
import SideDialog from "../components/crosswalk/SideDialog.vue";
import { useActs, type Decide } from "../components/crosswalk/useActs.ts";
import { useBlocks } from "../components/crosswalk/useBlocks.ts";
import { useCircuits } from "../components/crosswalk/useCircuits.ts";
import { useDialogs } from "../components/crosswalk/useDialogs.ts";
import CircuitList from "../components/crosswalk/CircuitList.vue";
import { holdCommands } from "../composables/holdCommands.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow } from "../composables/useFaces.ts";
import { usePrinting } from "../composables/usePrinting.ts";
import { useJob } from "../stores/job.ts";

const store = useJob();
const router = useRouter();
const now = useCavitiesNow();
const dossier = computed(() => store.dossier!);
const analysis = computed(() => store.analysis!);
const narrow = useMediaQuery("(max-width: 1000px)");

/** A link from a flag or a step opens its own circuit. */
const asked = useRoute().query["pin"];
const circuits = useCircuits(
  () => dossier.value,
  () => analysis.value,
  typeof asked === "string" ? pinId(asked) : null,
);
const { all, shown, where, rows, counts, places, heads, several, chosenPin, selected, marked, target } =
  circuits;
const { select, mark, extend, common, sharedKeys, offer } = circuits;

const decide: Decide = async (edit) => {
  if (edit === null || edit.put.length + edit.remove.length === 0) return false;
  return store.decide(edit.put, edit.remove, edit.points);
};
const dialogs = useDialogs(decide, store.changePins, () => dossier.value, circuits);
const { pairing, pairingOpen, own, conflict, mating, matingOwn, mate, feeding, feedTarget } = dialogs;
const { measuring, unknownPin, keepMeasured, openFeed, feed, fitting, sides } = dialogs;
const acts = useActs(decide, () => dossier.value, circuits, dialogs);
const { act, take, sureOnes, takeSure, reject, open, fix, accept } = acts;
const current = { dossier: () => dossier.value, analysis: () => analysis.value, begun: () => store.begun };
const blocking = useBlocks(current, circuits, () => void router.push({ name: "brief" }));
const { blocks, undecided, question, goBlock, nextBlock } = blocking;

const answering = ref<string | null>(null);
const whyOpen = ref(false);
const overlay = ref(false);
watch(selected, (row, before) => {
  if (row?.key !== before?.key) answering.value = null;
});
function answerFirst(): void {
  const hazard = selected.value?.hazards.find((one) => isOpenHazard(one) && one.decision !== null);
  if (hazard !== undefined) answering.value = hazardKey(hazard);
}

const { printing, print } = usePrinting();
useCommands([
  ...crosswalkCommands(() => dossier.value, circuits, acts, dialogs, blocking, {
    overlay,
    whyOpen,
    answerFirst,
    print,
  }),
  ...holdCommands(true),
]);
/** The acts of the pane, by name. */
const ACTS: Readonly<Record<ActName, () => unknown>> = {
  take,
  pair: () => (pairing.value = "join"),
  jumper: () => (pairing.value = "jumper"),
  shift: () => (pairing.value = "shift"),
  series: () => (pairing.value = "series"),
  mate: () => (mating.value = true),
  reEnd: () => (dialogs.ending.value = true),
  out: () => open("remove"),
  live: acts.turnLive,
  reject,
  cap: () => open("cap"),
  leave: () => open("leave"),
  feed: openFeed,
  device: () => (fitting.value = true),
  method: acts.turnMethod,
  tap: acts.turnTap,
  half: () => acts.turnHalf("vehicle"),
  theirHalf: () => acts.turnHalf("incoming"),
  sure: acts.turnSure,
  back: () => act(takeBack(target.value), false),
};
</script>

<template>
  <main v-if="all.length === 0 && analysis.matched" class="empty-view no-print">
    <h1>No pins to match yet</h1>
    <p>Matching starts once both sides have a pin table.</p>
    <RouterLink class="btn pri" :to="{ name: 'pinouts' }">Go to Pinouts</RouterLink>
  </main>
  <main v-else class="split no-print">
    <section class="left">
      <ListTools
        v-model:shown="shown"
        v-model:where="where"
        v-model:overlay="overlay"
        :counts="counts"
        :places="several ? places : []"
        :sure="sureOnes.length"
        @side="sides = true"
        @print="print"
        @take-sure="takeSure"
      />
      <p v-if="!analysis.matched" class="stopped">
        <b>Matching stopped.</b> Your decisions are all here; there are no suggestions.
        <button type="button" class="btn" @click="store.matchAgain()">Match again</button>
      </p>
      <CommonHazards :common="common" />
      <header class="heads">
        <span v-for="one in heads" :key="one.side" :class="one.side"
          ><b class="code">{{ one.name }}</b> <span class="lab mut">{{ one.about }}</span></span
        >
        <span class="legend lab" aria-label="Legend"
          ><i class="ln" /> sure <i class="ln check" /> check <i class="ln guess" /> guess</span
        >
      </header>
      <CircuitList
        :rows="rows"
        :selected="selected?.key ?? null"
        :marked="marked"
        :several="several"
        :narrow="narrow"
        :verdict="overlay ? analysis.verdict : null"
        :dossier="dossier"
        :shared="sharedKeys"
        @select="select"
        @mark="mark"
        @extend="extend"
        @take="take"
      />
      <BlockBar
        :marked="marked.size"
        :can-take="target.some((row) => row.offer !== null)"
        :blocks="blocks"
        :undecided="undecided"
        :question="question"
        :verdict="analysis.verdict"
        :dossier="dossier"
        @take="take"
        @cap="open('cap')"
        @leave="open('leave')"
        @reject="reject"
        @take-back="act(takeBack(target), false)"
        @unmark="marked = new Set()"
        @go-block="goBlock"
        @next-block="nextBlock"
      />
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
      @act="ACTS[$event]()"
      @why="whyOpen = !whyOpen"
      @fix="fix"
      @accept="accept"
      @withdraw="(decision, rule) => decide(withoutAnswer(decision, rule))"
      @open="acts.setOpen"
      @cut-at="acts.setCutAt"
      @remove="(id: DecisionId) => decide({ put: [], remove: [id] })"
    />
    <PartnerDialog
      v-model:open="pairingOpen"
      :own="own"
      :dossier="dossier"
      :mode="pairing ?? 'join'"
      :conflict="conflict"
      @choose="dialogs.choosePartner"
      @settle="dialogs.settle"
      @back="conflict = null"
    />
    <MeasureDialog
      v-model:open="measuring"
      :target="unknownPin"
      :nominal-volts="dossier.head.nominalVolts"
      @keep="keepMeasured"
    />
    <EndDialog v-model:open="dialogs.ending.value" :own="own" @choose="dialogs.reEnded" />
    <MateDialog v-model:open="mating" :own="matingOwn" :dossier="dossier" @choose="mate" />
    <FeedDialog
      v-model:open="feeding"
      v-model:filling="dialogs.filling.value"
      :target="feedTarget"
      :before="selected?.decision ?? null"
      :dossier="dossier"
      @feed="feed"
      @branch="dialogs.branch"
    />
    <DeviceDialog
      v-model:open="fitting"
      :now="selected?.device ?? null"
      :proposed="selected?.proposed?.device ?? null"
      :nominal-volts="dossier.head.nominalVolts"
      :dossier="dossier"
      :tapped="selected?.decision?.kind === 'tap'"
      @put="dialogs.putDevice"
    />
    <SideDialog v-model:open="sides" :dossier="dossier" @copy="dialogs.copySide" />
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
@media (max-width: 1000px) {
  .split {
    grid-template: auto / 1fr;
    height: auto;
  }
}
</style>
