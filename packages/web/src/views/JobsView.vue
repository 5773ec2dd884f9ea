<script setup lang="ts">
/** All jobs: open one, begin one, bring one in. */
import { computed, onMounted, ref, shallowRef, watch } from "vue";
import { useRouter } from "vue-router";
import type { Dossier, JobHead } from "@trevin/core";
import type { JobSummary, Problem } from "@trevin/core/contract";
import { api, ApiProblem } from "../api/client.ts";
import { isOutage, patience } from "../api/patience.ts";
import { useStandings } from "../composables/useStandings.ts";
import { useCommands } from "../composables/useCommands.ts";
import JobLine from "../components/jobs/JobLine.vue";
import JobForm from "../components/frame/JobForm.vue";
import WireFinder from "../components/frame/WireFinder.vue";
import TopLine from "../components/frame/TopLine.vue";

const router = useRouter();
const jobs = ref<JobSummary[] | null>(null);
const problem = ref<Problem | null>(null);
const creating = ref(false);
const showArchived = ref(false);
const file = ref<HTMLInputElement | null>(null);
const FILE_LIMIT = 16_000_000;

const shown = computed(() => (jobs.value ?? []).filter((job) => showArchived.value || !job.archived));
const archivedCount = computed(() => (jobs.value ?? []).filter((job) => job.archived).length);

async function attempt(work: () => Promise<void>): Promise<string | null> {
  try {
    await work();
    problem.value = null;
    return null;
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error;
    problem.value = error.problem;
    return error.message;
  }
}
async function load(): Promise<void> {
  await attempt(async () => {
    jobs.value = await api.jobs();
  });
  if (problem.value !== null && isOutage(problem.value)) loading.start();
}
/** As soon as the server answers the list is there, without a key. */
const loading = patience(async () => {
  if (jobs.value !== null) return true;
  if (await api.isThere()) await load();
  return jobs.value !== null;
});
onMounted(load);
const { standings, load: loadStandings } = useStandings();
watch(shown, (now) => void loadStandings(now.map(({ id }) => id)));

async function create(head: JobHead): Promise<string | null> {
  return attempt(async () => {
    const job = await api.create(head);
    await router.push({ name: "pinouts", params: { job: job.id } });
  });
}
async function bringIn(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const [chosen] = input.files ?? [];
  input.value = "";
  if (chosen === undefined) return;
  if (chosen.size > FILE_LIMIT) {
    problem.value = {
      type: "about:blank",
      title: "Too large",
      status: 413,
      code: "too-large",
      detail: `${chosen.name} has ${(chosen.size / 1e6).toFixed(1)} MB; a job file has at most ${FILE_LIMIT / 1e6} MB. Nothing was stored.`,
    };
    return;
  }
  await attempt(async () => {
    const job = await api.importFile(await chosen.text());
    await router.push({ name: "pinouts", params: { job: job.id } });
  });
}
async function setArchived(job: JobSummary, archived: boolean): Promise<void> {
  await attempt(async () => {
    await api.patch(job.id, job.revision, { archived });
    jobs.value = await api.jobs();
  });
}
/** Every job that is not archived, the latest first, for "What is this wire?". */
const MOST_SEARCHED = 30;
const searched = shallowRef<{ id: string; name: string; dossier: Dossier }[]>([]);
const searching = ref(false);
async function loadSearched(): Promise<void> {
  searching.value = true;
  await attempt(async () => {
    const open = (jobs.value ?? []).filter((job) => !job.archived).slice(0, MOST_SEARCHED);
    searched.value = (await Promise.all(open.map(({ id }) => api.job(id)))).map(({ id, dossier }) => ({
      id,
      name: dossier.head.name,
      dossier,
    }));
  });
  searching.value = false;
}

useCommands([
  { id: "new", title: "New job", keys: "N", run: () => (creating.value = true) },
  { id: "import", title: "Import a job file", keys: "I", run: () => file.value?.click() },
]);
</script>

<template>
  <TopLine />
  <WireFinder :jobs="searched" :loading="searching" @ask="loadSearched" />
  <main>
    <header class="head">
      <h1>Jobs</h1>
      <span v-if="jobs" class="mut">{{ shown.length }} {{ shown.length === 1 ? "job" : "jobs" }}</span>
      <button v-if="archivedCount" type="button" class="link" @click="showArchived = !showArchived">
        {{ showArchived ? "hide" : "show" }} {{ archivedCount }} archived
      </button>
      <span class="grow" />
      <button type="button" class="btn" @click="file?.click()">Import a job file <kbd>I</kbd></button>
      <button type="button" class="btn pri" @click="creating = true">New job <kbd>N</kbd></button>
      <input
        ref="file"
        type="file"
        accept=".json,application/json"
        class="sr"
        tabindex="-1"
        aria-label="Job file"
        @change="bringIn"
      />
    </header>
    <p v-if="problem" class="bad" role="alert">
      <b>{{ problem.title }}.</b> {{ problem.detail }}
      <template v-if="jobs === null && isOutage(problem)">The list comes as soon as it answers.</template>
      <button v-if="jobs === null" type="button" class="link" @click="load">Try now</button>
    </p>
    <p v-if="jobs === null && !problem" class="mut">Loading the jobs</p>
    <ul v-else-if="shown.length > 0" class="jobs">
      <JobLine
        v-for="job in shown"
        :key="job.id"
        :job="job"
        :standing="standings[job.id]"
        @archive="setArchived(job, $event)"
      />
    </ul>
    <section v-else-if="jobs" class="none">
      <h2>{{ jobs.length === 0 ? "No job yet" : "No open job" }}</h2>
      <p>A job is one vehicle and one change to its wiring. Start with the two pin tables.</p>
      <button type="button" class="btn pri" @click="creating = true">New job <kbd>N</kbd></button>
    </section>
    <JobForm v-model:open="creating" :start="null" title="New job" action="Create the job" :submit="create" />
  </main>
</template>

<style scoped>
main {
  padding: 20px;
  max-width: 1280px;
  margin: 0 auto;
  display: grid;
  gap: 16px;
}
.head {
  display: flex;
  align-items: baseline;
  gap: 14px;
  flex-wrap: wrap;
}
.head .btn {
  align-self: center;
}
.grow {
  flex: 1;
}
.jobs {
  list-style: none;
  border-top: 2px solid var(--ink);
}
.none {
  margin-top: 8vh;
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: 520px;
}
</style>
