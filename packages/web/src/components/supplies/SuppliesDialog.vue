<script setup lang="ts">
/** Supplies, fuses and ground points of the job: what each gives, where it is found, and everything that hangs on it. */
import Dialog from "primevue/dialog";
import { computed, shallowRef, watch } from "vue";
import {
  compareNatural,
  feedOf,
  hangingOn,
  indexPins,
  pinName,
  polarityOf,
  SIGNAL_WORDS,
  terminalWords,
  type Dossier,
  type Fuse,
  type JoinPoint,
  type JoinPointId,
  type JoinPointKind,
} from "@trevin/core";
import type { WiringChange } from "../../stores/job.ts";
import { newSupply } from "./newSupply.ts";
import PointFields from "./PointFields.vue";

const props = defineProps<{
  dossier: Dossier;
  problem: string;
  change: (wiring: WiringChange) => Promise<boolean>;
}>();
const open = defineModel<boolean>("open", { required: true });

interface Row {
  readonly point: JoinPoint;
  readonly gives: string;
  readonly fuse: string;
  /** "2.5 mm² from F22": what leads to it. */
  readonly from: string;
  /** "X.A 3 A": what hangs on it, with its current. */
  readonly hangs: readonly string[];
  /** A; null while no current is known. */
  readonly amps: number | null;
}
function fromWords({ supply }: JoinPoint): string {
  const before = props.dossier.points.find(({ id }) => id === supply?.behind);
  if (before === undefined || supply === null) return "";
  const { trunk } = supply;
  const wire =
    trunk === null
      ? ""
      : `${trunk.size === null ? "new wire" : `${trunk.size} mm²`}${trunk.length === null ? "" : `, ${trunk.length / 1000} m`} `;
  return `${wire}from ${before.name}`;
}
function fuseWords(fuse: Fuse | null): string {
  if (fuse === null) return "none";
  return `${fuse.amps === null ? "rating not known" : `${fuse.amps} A`}${fuse.fitted ? ", in" : ""}`;
}
const KINDS: readonly JoinPointKind[] = ["supply", "ground", "stud"];
const rows = computed((): readonly Row[] => {
  if (!open.value) return [];
  const pins = indexPins(props.dossier);
  const hanging = hangingOn(props.dossier.decisions);
  const byPoint = new Map<JoinPointId, string[]>();
  for (const wire of props.dossier.wires)
    for (const end of wire.ends) {
      if (end.at !== "point") continue;
      const names = wire.ends.flatMap((one) => {
        const placed = one.at === "pin" ? pins.get(one.pin) : undefined;
        return placed === undefined ? [] : [pinName(placed)];
      });
      byPoint.set(end.point, [...(byPoint.get(end.point) ?? []), ...names]);
    }
  return props.dossier.points
    .filter((point) => KINDS.includes(point.kind))
    .map((point): Row => {
      const hung = hanging.get(point.id) ?? [];
      const feed = feedOf(point);
      const currents = hung.flatMap(({ pin, terminal }) =>
        terminal === null ? (pins.get(pin)?.pin.amps ?? []) : [],
      );
      return {
        point,
        gives: feed === null ? "not known" : SIGNAL_WORDS[feed],
        from: fromWords(point),
        fuse: polarityOf(point) === "supply" ? fuseWords(point.supply?.fuse ?? null) : "",
        hangs: [
          ...(byPoint.get(point.id) ?? []),
          ...hung.map(({ pin, terminal }) => {
            const placed = pins.get(pin);
            const name = placed === undefined ? pin : pinName(placed);
            const amps = terminal === null ? (placed?.pin.amps ?? null) : null;
            const what = terminal === null ? name : `${terminalWords(terminal)} of the part at ${name}`;
            return amps === null ? what : `${what} ${amps} A`;
          }),
        ],
        amps: currents.length === 0 ? null : currents.reduce((sum, one) => sum + one, 0),
      };
    })
    .sort((a, b) => compareNatural(`${a.gives} ${a.point.name}`, `${b.gives} ${b.point.name}`));
});

const draft = shallowRef<JoinPoint | null>(null);
const isNew = computed(() => props.dossier.points.every(({ id }) => id !== draft.value?.id));
watch(open, () => (draft.value = null));
const add = (kind: "supply" | "ground"): void => {
  draft.value = newSupply(kind === "supply" ? "battery" : "ground");
};
async function save(): Promise<void> {
  const point = draft.value;
  if (point === null || point.name.trim() === "") return;
  if (await props.change({ putPoints: [{ ...point, name: point.name.trim(), place: point.place.trim() }] }))
    draft.value = null;
}
const remove = (point: JoinPoint): Promise<boolean> => props.change({ removePoints: [point.id] });
</script>

<template>
  <Dialog v-model:visible="open" class="wide" modal header="Supplies and grounds" :draggable="false">
    <p v-if="rows.length === 0 && draft === null" class="why">
      No supply or ground point yet. They also come in where a pin is fed from one, and where a wire is
      followed to one.
    </p>
    <table v-if="rows.length">
      <thead>
        <tr>
          <th>name</th>
          <th>gives</th>
          <th>fuse</th>
          <th>place</th>
          <th>what hangs on it</th>
          <th class="num">A</th>
          <th><span class="sr">what can be done</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.point.id">
          <td>
            <b class="code">{{ row.point.name }}</b>
          </td>
          <td :class="{ doubt: row.gives === 'not known' }">
            {{ row.gives
            }}<template v-if="row.point.supply?.through"
              >, through a {{ row.point.supply.through }} switch</template
            >
          </td>
          <td>{{ row.fuse }}</td>
          <td>
            {{ row.point.place }}<template v-if="row.point.thread"> M{{ row.point.thread }}</template>
            <span v-if="row.from" class="mut">{{ row.point.place ? ", " : "" }}{{ row.from }}</span>
          </td>
          <td>{{ row.hangs.join(", ") || "nothing" }}</td>
          <td class="num">{{ row.amps === null ? "" : Number(row.amps.toFixed(2)) }}</td>
          <td>
            <span class="acts"
              ><button
                type="button"
                class="link"
                :aria-label="`Change ${row.point.name}`"
                @click="draft = row.point"
              >
                change</button
              ><button
                v-if="row.hangs.length === 0"
                type="button"
                class="link"
                :aria-label="`Remove ${row.point.name}`"
                @click="remove(row.point)"
              >
                remove
              </button></span
            >
          </td>
        </tr>
      </tbody>
    </table>
    <form v-if="draft" class="form" @submit.prevent="save">
      <h3>
        {{ isNew ? `Add a ${draft.kind === "ground" ? "ground point" : "supply"}` : `Change ${draft.name}` }}
      </h3>
      <PointFields :key="draft.id" v-model:point="draft" :points="dossier.points" :kinds="KINDS" focus />
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      <div class="acts">
        <button type="submit" class="btn pri" :disabled="draft.name.trim() === ''">
          {{ isNew ? "Add" : "Save" }}</button><button type="button" class="btn quiet" @click="draft = null">
          Cancel
        </button>
      </div>
    </form>
    <div v-else class="acts add">
      <button type="button" class="btn quiet" @click="add('supply')">Add a supply</button
      ><button type="button" class="btn quiet" @click="add('ground')">Add a ground point</button>
    </div>
  </Dialog>
</template>

<style scoped>
td {
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
}
.code {
  font-family: var(--f-code);
}
.doubt {
  font-weight: 650;
  border-bottom: 2px dashed var(--ink);
}
.num {
  text-align: right;
}
.acts {
  display: flex;
  gap: 10px;
  align-items: center;
}
.form {
  display: grid;
  gap: 10px;
  border-top: 2px solid var(--ink);
  padding-top: 12px;
  margin-top: 12px;
}
.add {
  margin-top: 12px;
}
</style>
