<script setup lang="ts">
/** What was done, by whom and when; the pin tables as they are now; everything to take along. */
import { computed, ref } from "vue";
import {
  asBuilt,
  entryNarrator,
  initialState,
  pinColour,
  pluggedNow,
  retractChain,
  type Entry,
} from "@trevin/core";
import { downloadPath } from "../api/client.ts";
import CavityLabel from "../components/parts/CavityLabel.vue";
import DrawnWire from "../components/parts/DrawnWire.vue";
import { useCommands } from "../composables/useCommands.ts";
import { useJob } from "../stores/job.ts";

const store = useJob();
const bench = computed(() => store.analysis!.bench);
const tab = ref<"entries" | "built">("entries");
const narrate = computed(() => entryNarrator(bench.value.dossier));
const retracted = computed(() => bench.value.fold?.retracted ?? new Set<number>());
const entries = computed(() => [...store.entries].reverse());
const head = computed(() => store.stored.at(-1)?.hash ?? null);
const now = computed(() => (store.begun ? bench.value.state : initialState(bench.value.dossier)));
const rows = computed(() => asBuilt(bench.value.dossier, now.value));
const plugged = computed(() => pluggedNow(bench.value.dossier, now.value));
const connectors = computed(() => [...new Set(rows.value.map((row) => row.connector))]);
const systems = computed(
  () =>
    new Map(
      bench.value.dossier.connectors.flatMap((connector) =>
        connector.pins.map((pin) => [pin.id, connector] as const),
      ),
    ),
);
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
  retracted: "taken back",
};
const colourOf = (pin: (typeof rows.value)[number]["wire"]) => {
  const connector = pin === null ? undefined : systems.value.get(pin.pin.id);
  return pin === null || connector === undefined ? null : pinColour(pin.pin, connector);
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
    <section v-else class="built">
      <div v-for="connector in connectors" :key="connector">
        <h2>
          {{ connector }}, {{ store.begun ? "as built" : "as found" }}
          <span class="lab mut">plugged into {{ plugged.get(connector) }}</span>
        </h2>
        <table>
          <thead>
            <tr>
              <th>cavity</th>
              <th>wire</th>
              <th>function</th>
              <th>was at</th>
              <th>joined to, loose ends</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows.filter((one) => one.connector === connector)" :key="row.cavity">
              <td><CavityLabel :label="row.cavity" :state="row.wire ? 'plain' : 'off'" /></td>
              <td class="wire">
                <template v-if="row.wire"
                  ><DrawnWire :colour="colourOf(row.wire)" :size="row.wire.pin.size" :length="56" />{{ " "
                  }}<span class="code">{{ row.wire.pin.colour }}</span></template
                ><span v-else class="mut">{{ row.state === "blank" ? "empty, closed" : row.state }}</span>
              </td>
              <td>
                <b v-if="row.wire">{{ row.wire.pin.function }}</b>
              </td>
              <td class="code">
                {{ row.wire && row.wire.was !== `${row.connector}.${row.cavity}` ? row.wire.was : "" }}
              </td>
              <td class="lab">{{ [...row.joinedTo, ...row.loose].join("; ") }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
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
.built {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 28px;
  padding-top: 10px;
  align-items: start;
}
.wire {
  white-space: nowrap;
}
.wire svg {
  display: inline-block;
  vertical-align: middle;
  margin-right: 4px;
}
.built td.lab {
  white-space: normal;
}
@media (max-width: 1000px) {
  .built {
    grid-template-columns: 1fr;
  }
  td:nth-child(2) {
    white-space: normal;
  }
}
@media print {
  .head,
  .act {
    display: none;
  }
  .built {
    display: block;
  }
}
</style>
