<script setup lang="ts">
/** What was done, by whom and when; the pin tables as they are now; everything to take along. */
import type { Photo } from "@trevin/core/contract";
import { computed, ref } from "vue";
import {
  entryNarrator,
  initialState,
  operationProblemWords,
  pinNamer,
  retractChain,
  type Entry,
  type Misfit,
} from "@trevin/core";
import { downloadPath } from "../api/client.ts";
import AsBuiltTables from "../components/ledger/AsBuiltTables.vue";
import { usePhotos } from "../composables/usePhotos.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useJob } from "../stores/job.ts";

const store = useJob();
const bench = computed(() => store.analysis!.bench);
const tab = ref<"entries" | "built">("entries");
const narrate = computed(() => entryNarrator(bench.value.dossier));
const retracted = computed(() => bench.value.fold?.retracted ?? new Set<number>());
const entries = computed(() => [...store.entries].reverse());
const { photos, path: photoPath } = usePhotos(computed(() => store.view!.id));
/** Photos that were taken up to an entry and after the one before it: they stand with it. */
const photosAt = computed(() => {
  const at = new Map<number, Photo[]>();
  for (const photo of photos.value) {
    const entry = store.entries.find((one) => one.at >= photo.at) ?? store.entries.at(-1);
    if (entry !== undefined) at.set(entry.seq, [...(at.get(entry.seq) ?? []), photo]);
  }
  return at;
});
const name = computed(() => pinNamer(bench.value.dossier));
const misfitWords = ({ seq, problem }: Misfit): string => {
  const entry = store.entries.find((one) => one.seq === seq);
  const why = operationProblemWords(problem, name.value);
  return entry === undefined ? why : `${narrate.value(entry)}: ${why}`;
};
const head = computed(() => store.stored.at(-1)?.hash ?? null);
const now = computed(() => (store.begun ? bench.value.state : initialState(bench.value.dossier)));
const canTakeBack = (entry: Entry): boolean =>
  ["done", "skipped", "note", "found"].includes(entry.what.kind) && !retracted.value.has(entry.seq);
/** The entry whose retraction is being asked about, with everything later that stands on it, the last first. */
const asked = ref<{ readonly seq: number; readonly chain: readonly number[] } | null>(null);
async function takeBack(entry: Entry): Promise<void> {
  const chain = entry.what.kind === "done" ? retractChain(store.entries, entry.seq) : [entry.seq];
  if (chain.length > 1 && asked.value?.seq !== entry.seq) {
    asked.value = { seq: entry.seq, chain };
    return;
  }
  asked.value = null;
  for (const seq of chain)
    if (!(await store.record({ kind: "retracted", seq, reason: "entered by mistake" }))) return;
}
const further = computed(() => (asked.value === null ? [] : asked.value.chain.slice(0, -1)));
const time = (iso: string): string =>
  new Date(iso).toLocaleString([], { dateStyle: "short", timeStyle: "medium" });
const KINDS: Readonly<Record<Entry["what"]["kind"], string>> = {
  baseline: "begun",
  "plan-adopted": "plan",
  done: "done",
  skipped: "left out",
  note: "note",
  found: "found",
  photo: "photo",
  retracted: "taken back",
};
const path = (what: Parameters<typeof downloadPath>[1]): string => downloadPath(store.view!.id, what);
useCommands([
  { id: "entries", title: "Show what was done", keys: "E", run: () => (tab.value = "entries") },
  { id: "built", title: "Show the pin tables as built", keys: "T", run: () => (tab.value = "built") },
  { id: "print", title: "Print", keys: "Ctrl+P", run: () => window.print() },
]);
</script>

<template>
  <main>
    <header class="head">
      <div role="tablist" aria-label="Ledger">
        <button type="button" role="tab" :aria-selected="tab === 'entries'" @click="tab = 'entries'">
          What was done <kbd>E</kbd>
        </button>
        <button type="button" role="tab" :aria-selected="tab === 'built'" @click="tab = 'built'">
          As built <kbd>T</kbd>
        </button>
      </div>
      <span class="grow" />
      <a class="btn" :href="path('file')" download>Job file, JSON</a>
      <a class="btn quiet" :href="path('as-built.csv')" download>As built, CSV</a>
      <a class="btn quiet" :href="path('ledger.csv')" download>Ledger, CSV</a>
    </header>
    <section v-if="tab === 'entries'">
      <p v-if="entries.length === 0" class="none">
        No work recorded yet. Your first step at the bench freezes the pin tables and starts the ledger. After
        that every change is an entry here and cannot be altered.
      </p>
      <template v-else>
        <section v-if="bench.misfits.length" class="tray" role="alert">
          <h2>
            {{ bench.misfits.length }} {{ bench.misfits.length === 1 ? "entry does" : "entries do" }} not
            apply any more
          </h2>
          <p>Kept in the ledger, and not counted in what is built now. Record what is really there.</p>
          <ul>
            <li v-for="one in bench.misfits" :key="one.seq">
              <b class="code">{{ one.seq }}</b> {{ misfitWords(one) }}
            </li>
          </ul>
        </section>
        <table>
          <thead>
            <tr>
              <th>no.</th>
              <th>when</th>
              <th>who</th>
              <th>kind</th>
              <th>what</th>
              <th><span class="sr">undo</span></th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="entry in entries"
              :key="entry.seq"
              :class="{
                gone: retracted.has(entry.seq),
                small: entry.what.kind === 'plan-adopted' || entry.what.kind === 'retracted',
              }"
            >
              <td class="code">{{ entry.seq }}</td>
              <td class="lab">{{ time(entry.at) }}</td>
              <td class="lab">{{ entry.person || "not named" }}</td>
              <td class="lab">
                <b>{{ KINDS[entry.what.kind] }}</b>
              </td>
              <td class="what">
                {{ narrate(entry) }}
                <a
                  v-for="photo in photosAt.get(entry.seq) ?? []"
                  :key="photo.id"
                  :href="photoPath(photo, 'full')"
                  target="_blank"
                  rel="noopener"
                  ><img :src="photoPath(photo, 'small')" :alt="photo.caption || 'Photo'" class="photo"
                /></a>
                <p v-if="asked?.seq === entry.seq" class="ask" role="alert">
                  Later entries depend on it: {{ further.join(", ") }}. Retract all
                  {{ asked.chain.length }} together?
                  <button type="button" class="btn" @click="takeBack(entry)">
                    Retract {{ asked.chain[0] }} to {{ entry.seq }}
                  </button>
                  <button type="button" class="btn quiet" @click="asked = null">Keep them</button>
                </p>
              </td>
              <td class="act">
                <button v-if="canTakeBack(entry)" type="button" class="link lab" @click="takeBack(entry)">
                  Retract<span class="sr">: entry {{ entry.seq }}</span></button
                ><span v-else-if="retracted.has(entry.seq)" class="lab mut">retracted</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p class="hash">
          <b>Ledger fingerprint</b> <span class="code">{{ head }}</span><br /><span class="why"
            >Each entry contains the hash of the one before. Hand this line over with the job: it shows
            whether anything was altered later.</span
          >
        </p>
      </template>
    </section>
    <AsBuiltTables v-else :dossier="bench.dossier" :state="now" :begun="store.begun" />
  </main>
</template>

<style scoped>
main {
  padding: 8px 20px 40px;
}
.head {
  display: flex;
  align-items: center;
  gap: 10px;
  border-bottom: 1px solid var(--ink);
  min-height: 48px;
  flex-wrap: wrap;
}
[role="tablist"] {
  display: flex;
  gap: 20px;
  align-self: stretch;
}
[role="tab"] {
  border: 0;
  background: none;
  font: 600 18px/1 var(--f-label);
  border-bottom: 4px solid transparent;
  border-top: 4px solid transparent;
  cursor: pointer;
  min-height: 46px;
  color: var(--ink2);
}
[aria-selected="true"] {
  border-bottom-color: var(--ink);
  color: var(--ink);
}
.grow {
  flex: 1;
}
.none {
  max-width: 560px;
  margin: 10vh auto 0;
}
th {
  padding: 6px 8px 5px 0;
  border-bottom: 1px solid var(--ink);
}
td {
  padding: 3px 10px 3px 0;
  min-height: 30px;
  height: 31px;
  border-bottom: 1px solid var(--rule);
  vertical-align: middle;
}
td.lab {
  white-space: nowrap;
}
.gone .what {
  text-decoration: line-through;
  color: var(--ink2);
}
.small td {
  color: var(--ink2);
}
.act {
  text-align: right;
  white-space: nowrap;
}
.photo {
  height: 56px;
  margin: 4px 6px 4px 0;
  vertical-align: middle;
  border: 1px solid var(--rule2);
}
.ask {
  font-weight: 650;
  text-decoration: none;
}
.hash {
  margin-top: 14px;
}
.hash .code {
  overflow-wrap: anywhere;
}
@media (max-width: 1000px) {
  td:nth-child(2) {
    white-space: normal;
  }
}
/* On a phone an entry is a line of who and when, and its words below over the whole width. */
@media (max-width: 620px) {
  main {
    padding: 8px 12px 40px;
  }
  thead {
    display: none;
  }
  section tr {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    column-gap: 10px;
    padding: 6px 0;
    border-bottom: 1px solid var(--rule);
  }
  section td {
    border: 0;
    height: auto;
    padding: 0;
  }
  section .what {
    order: 2;
    flex: 1 0 100%;
  }
  section .act {
    margin-left: auto;
  }
}
@media print {
  .head,
  .act {
    display: none;
  }
}
</style>
