<script setup lang="ts">
/** The stages of the job, how far each is, and the one in sight. */
import { computed } from "vue";
import { useRoute } from "vue-router";
import { briefLines, undecidedPins } from "@trevin/core";
import { useJob } from "../../stores/job.ts";
import { useProof } from "../../stores/proof.ts";

withDefaults(defineProps<{ slim?: boolean }>(), { slim: false });
const store = useJob();
const route = useRoute();
const proof = computed(() => useProof().planned);

const stages = computed(() => {
  const dossier = store.dossier;
  const plan = store.analysis?.bench.plan;
  const pins = dossier?.connectors.flatMap((connector) => connector.pins) ?? [];
  const known = pins.filter((pin) => pin.content === "empty" || pin.function !== "").length;
  const wanted = pins.filter((pin) => pin.content !== "empty").length;
  const undecided = dossier === null ? 0 : undecidedPins(dossier).length;
  const steps = plan?.steps ?? [];
  const done = steps.filter((step) => store.analysis?.bench.progress.has(step.id)).length;
  const blocks = plan?.blocks.length ?? 0;
  const share = (part: number, whole: number): number => (whole === 0 ? 0 : part / whole);
  // Reading all labels takes a moment, and the worker is at it first.
  const isWorkedOut = dossier !== null && store.analysis !== null;
  const wishes = isWorkedOut ? briefLines(dossier).filter(({ item }) => item.kept) : [];
  const served = wishes.filter(({ state }) => state === "served").length;
  const worklistWords = (): string => {
    if (wanted === 0) return "needs pins";
    if (blocks > 0) return `${blocks} ${blocks === 1 ? "blocker" : "blockers"}`;
    return `${steps.length} steps, ${plan?.minutes ?? 0} min`;
  };
  const proofWords = (): string => {
    if (proof.value === null) return "";
    const { verdict, findings } = proof.value;
    if (verdict === "nothing") return "nothing decided";
    if (verdict === "works") return undecided > 0 ? "nothing found so far" : "safe to power";
    const stops = findings.filter(({ severity }) => severity === "stop").length;
    return stops > 0 ? `${stops} not safe` : `${findings.length} to look at`;
  };
  // Nothing is said of what has not been read or worked out yet.
  const said = (isKnown: boolean, words: string): string => (isKnown ? words : "");
  const isRead = dossier !== null;
  return [
    {
      name: "brief",
      title: "Brief",
      text: said(
        isWorkedOut,
        wishes.length === 0 ? "nothing requested" : `${served} of ${wishes.length} served`,
      ),
      share: share(served, wishes.length),
    },
    {
      name: "pinouts",
      title: "Pinouts",
      text: said(isRead, pins.length === 0 ? "no pins yet" : `${known} of ${pins.length} cavities known`),
      share: share(known, pins.length),
    },
    {
      name: "crosswalk",
      title: "Crosswalk",
      text: said(isRead, wanted === 0 ? "needs pins" : `${wanted - undecided} of ${wanted} pins decided`),
      share: share(wanted - undecided, wanted),
    },
    {
      name: "worklist",
      title: "Worklist",
      text: said(isRead && (plan !== undefined || wanted === 0), worklistWords()),
      share: blocks > 0 || steps.length === 0 ? 0 : 1,
    },
    {
      name: "proof",
      title: "Proof",
      text: proofWords(),
      share: proof.value?.verdict === "works" && undecided === 0 ? 1 : 0,
    },
    {
      name: "bench",
      title: "Bench",
      text: said(
        isRead && (plan !== undefined || !store.begun),
        !store.begun ? "not begun" : `${done} of ${steps.length} steps`,
      ),
      share: share(done, steps.length),
    },
    {
      name: "ledger",
      title: "Ledger",
      text: said(isRead, store.stored.length === 1 ? "1 entry" : `${store.stored.length} entries`),
      share: store.begun ? share(done, steps.length) : 0,
    },
  ];
});
</script>

<template>
  <nav class="stages no-print" :class="{ slim }" aria-label="Stages of the job">
    <RouterLink
      v-for="stage in stages"
      :key="stage.name"
      :to="{ name: stage.name }"
      class="stage"
      :class="{ 'router-link-active': stage.name === 'pinouts' && route.name === 'faces' }"
    >
      <b>{{ stage.title }}</b>
      <span v-if="!slim">{{ stage.text }}</span>
      <i><u :style="{ width: `${stage.share * 100}%` }" /></i>
    </RouterLink>
  </nav>
</template>

<style scoped>
.stages {
  display: grid;
  grid-template-columns: repeat(7, 1fr);
  height: 48px;
  padding: 0 20px;
  border-bottom: 2px solid var(--ink);
}
.stage {
  position: relative;
  padding: 7px 12px 0;
  border-left: 1px solid var(--rule);
  text-decoration: none;
  min-width: 0;
}
.stage:first-child {
  border-left: 0;
  padding-left: 0;
}
b {
  display: block;
  font: 600 17px/17px var(--f-label);
  letter-spacing: 0.01em;
}
span {
  display: block;
  font: 500 14px/16px var(--f-label);
  color: var(--ink2);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
i {
  position: absolute;
  left: 12px;
  right: 12px;
  bottom: 0;
  height: 3px;
  background: var(--rule);
}
.stage:first-child i {
  left: 0;
}
u {
  display: block;
  height: 3px;
  background: var(--ink);
}
.router-link-active {
  background: var(--sheet);
  border-left: 1px solid var(--ink);
  border-right: 1px solid var(--ink);
  box-shadow: 0 2px 0 var(--sheet);
  padding-left: 12px !important;
}
.router-link-active::before {
  content: "";
  position: absolute;
  left: -1px;
  right: -1px;
  top: 0;
  height: 4px;
  background: var(--ink);
}
.router-link-active i {
  display: none;
}
.router-link-active span {
  color: var(--ink);
}
.slim {
  display: flex;
  gap: 18px;
  height: auto;
  padding: 0;
  border: 0;
  align-self: stretch;
}
.slim .stage {
  padding: 0;
  border: 0;
  display: flex;
  align-items: center;
  min-height: 40px;
}
.slim .stage i {
  left: 0;
  right: 0;
}
.slim .router-link-active {
  padding: 0 !important;
  background: none;
  border: 0;
  box-shadow: none;
}
.slim .router-link-active i {
  display: block;
  height: 5px;
}
.slim .router-link-active u {
  height: 5px;
}
.slim b {
  font-size: 16px;
  font-weight: 500;
  color: var(--ink2);
}
.slim .router-link-active b {
  font-weight: 600;
  color: var(--ink);
}
@media (max-width: 900px) {
  .stages:not(.slim) {
    padding: 0 8px;
    overflow-x: auto;
    grid-template-columns: repeat(7, minmax(112px, 1fr));
  }
}
</style>
