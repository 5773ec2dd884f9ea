<script setup lang="ts">
/** What surrounds every stage of one job. */
import { computed, onBeforeUnmount, onMounted, ref, watch } from "vue";
import { onBeforeRouteLeave, onBeforeRouteUpdate, useRoute, useRouter } from "vue-router";
import type { Problem } from "@trevin/core/contract";
import { api, downloadPath } from "../api/client.ts";
import { isOutage } from "../api/patience.ts";
import UnderWay from "../components/parts/UnderWay.vue";
import JobForm from "../components/frame/JobForm.vue";
import RefusedBanner from "../components/frame/RefusedBanner.vue";
import StageRuler from "../components/frame/StageRuler.vue";
import WireFinder from "../components/frame/WireFinder.vue";
import TopLine from "../components/frame/TopLine.vue";
import { useCommands } from "../composables/useCommands.ts";
import { useJob } from "../stores/job.ts";
import { usePrefs } from "../stores/prefs.ts";
import { warmUpAnalysis } from "../workers/client.ts";

const route = useRoute();
const router = useRouter();
const store = useJob();
const details = ref(false);
const id = computed(() => String(route.params["job"]));
const atBench = computed(() => route.name === "bench");
/** Pin tables are shown as soon as they are here; everything else needs what is computed from them. */
const waits = computed(
  () =>
    store.analysis === null &&
    (store.begun || (route.name !== "brief" && route.name !== "pinouts" && route.name !== "faces")),
);
warmUpAnalysis();
watch(
  id,
  (job) => {
    usePrefs().takeUp(job);
    void store.open(job);
  },
  { immediate: true },
);

const STOP = "Stop (keeps your decisions)";
/** How far a matching is that takes longer than a hand waits. */
const SLOW = 500;
const progress = computed(() => (slow.value ? store.progress : null));
const slow = ref(false);
let timer = 0;
watch(
  () => store.progress !== null,
  (busy) => {
    window.clearTimeout(timer);
    slow.value = false;
    if (busy)
      timer = window.setTimeout(() => {
        slow.value = true;
      }, SLOW);
  },
);

const go = (name: string) => () => router.push({ name, params: { job: id.value } });
useCommands([
  ...(["brief", "pinouts", "crosswalk", "worklist", "bench", "ledger", "proof"] as const).map((name, i) => ({
    id: `go-${name}`,
    title: `Go to ${name}`,
    keys: `Ctrl+${i + 1}`,
    run: go(name),
  })),
  { id: "go-faces", title: "Go to Faces", run: go("faces") },
  {
    id: "go-shelf",
    title: "Go to Shelf (housings and terminals)",
    run: () => router.push({ name: "shelf" }),
  },
  {
    id: "undo",
    title: "Undo",
    keys: "Ctrl+Z",
    enabled: () => Boolean(store.view?.undo),
    run: () => store.undo(),
  },
  {
    id: "redo",
    title: "Redo",
    keys: "Ctrl+Shift+Z",
    enabled: () => Boolean(store.view?.redo),
    run: () => store.redo(),
  },
  {
    id: "redo-y",
    title: "Redo",
    keys: "Ctrl+Y",
    enabled: () => Boolean(store.view?.redo),
    run: () => store.redo(),
  },
  { id: "details", title: "Edit job details", run: () => (details.value = true) },
  {
    id: "export",
    title: "Download the job file",
    run: () => window.location.assign(downloadPath(id.value, "file")),
  },
  { id: "archive", title: "Archive this job", run: archive },
]);

async function archive(): Promise<void> {
  const job = store.view;
  if (
    job !== null &&
    (await store.enqueue(async () => void (await api.patch(job.id, job.revision, { archived: true }))))
  )
    await router.push({ name: "jobs" });
}
function missingTitle(problem: Problem): string {
  if (problem.status === 404) return "This job is not here";
  return isOutage(problem) ? "Waiting for the server" : "The job cannot be loaded";
}
/** Going to another page of Trevin keeps no changes either. */
const mayLeave = (): boolean =>
  store.waiting.length === 0 ||
  window.confirm(
    store.waiting.length === 1
      ? "A change is not stored yet. Leave this job and drop it?"
      : `${store.waiting.length} changes are not stored yet. Leave this job and drop them?`,
  );
onBeforeRouteLeave(mayLeave);
onBeforeRouteUpdate((to) => to.params["job"] === route.params["job"] || mayLeave());
/** Leaving the page while something is not stored asks first. */
function onLeave(event: BeforeUnloadEvent): void {
  if (store.busy > 0 || store.waiting.length > 0) event.preventDefault();
}
onMounted(() => window.addEventListener("beforeunload", onLeave));
onBeforeUnmount(() => window.removeEventListener("beforeunload", onLeave));
</script>

<template>
  <div class="frame" :class="{ bench: atBench }">
    <TopLine job @details="details = true"><StageRuler v-if="atBench" slim /></TopLine>
    <StageRuler v-if="!atBench" />
    <RefusedBanner />
    <section v-if="store.missing" class="state">
      <h1>{{ missingTitle(store.missing) }}</h1>
      <p>
        {{ store.missing.detail
        }}<template v-if="isOutage(store.missing)"> The job opens as soon as it answers.</template>
      </p>
      <p>
        <button type="button" class="btn pri" @click="store.open(id)">Try again</button>{{ " "
        }}<RouterLink class="btn" :to="{ name: 'jobs' }">All jobs</RouterLink>
      </p>
    </section>
    <section v-else-if="store.dossier === null || waits" class="state mut" role="status">
      <p>{{ progress ? `Matching ${progress.total} wires: ${progress.done} so far` : "Loading the job" }}</p>
      <UnderWay v-if="progress" :progress="progress" what="Matching" :stop="STOP" @stop="store.stopMatch()" />
    </section>
    <template v-else>
      <div v-if="progress" class="under-way no-print" role="status">
        <span class="lab">Matching {{ progress.total }} wires</span
        ><UnderWay :progress="progress" what="Matching" :stop="STOP" @stop="store.stopMatch()" />
      </div>
      <RouterView />
    </template>
    <JobForm
      v-if="store.dossier"
      v-model:open="details"
      :start="store.dossier.head"
      title="Job details"
      action="Save"
      :submit="
        async (head) => ((await store.setHead(head)) ? null : (store.refused?.detail ?? 'Not stored.'))
      "
    />
    <WireFinder v-if="store.live" :jobs="[{ id, name: store.live.head.name, dossier: store.live }]" />
    <p class="sr" role="status">{{ store.said }}</p>
  </div>
</template>

<style scoped>
.frame {
  min-height: 100vh;
  padding-top: var(--banner, 0);
  display: flex;
  flex-direction: column;
}
.frame > :last-child {
  flex: none;
}
.under-way {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 4px 20px;
  border-bottom: 1px solid var(--ink);
  background: var(--sheet);
}
.state {
  max-width: 560px;
  margin: 12vh auto 0;
  display: grid;
  gap: 12px;
  padding: 0 20px;
}
@media (max-width: 900px) {
  .frame.bench :deep(.stages) {
    display: none;
  }
}
@media (max-width: 700px) {
  .frame.bench :deep(.top) {
    display: none;
  }
}
</style>
