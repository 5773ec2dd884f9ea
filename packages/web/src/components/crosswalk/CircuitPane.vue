<script setup lang="ts">
/** The chosen circuit: its plugs as they are held, what is wrong with it, what can be done, and why. */
import Select from "primevue/select";
import { computed, ref, shallowRef, toRaw, watch } from "vue";
import {
  aloneWords,
  decisionId,
  deviceReasonWords,
  deviceWords,
  dividerReadings,
  explainer,
  feedPlaceWords,
  isJoining,
  isLeftOpen,
  linkedPairs,
  methodOf,
  OPEN_EFFECTS,
  OPEN_WORDS,
  pinNamer,
  reasonWords,
  type CavityLook,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type Dossier,
  type Fix,
  type Hazard,
  type WayOfWire,
  type OpenEffect,
  type PinId,
} from "@trevin/core";
import HoldControls from "../faces/HoldControls.vue";
import CavityLabel from "../parts/CavityLabel.vue";
import CostTable from "../parts/CostTable.vue";
import ConnectorFace from "../parts/ConnectorFace.vue";
import { usePrefs } from "../../stores/prefs.ts";
import { computeWorker } from "../../workers/client.ts";
import { canFindLive, METHOD_NAMES, METHOD_OFFERS, nextMethod, sameAnswer } from "./acts.ts";
import HazardCard from "./HazardCard.vue";
import { hazardKey, isOpenHazard, leadOf, pinsOfRow, type WalkRow } from "./rows.ts";

const props = defineProps<{
  row: WalkRow;
  dossier: Dossier;
  hazards: readonly Hazard[];
  ofJob: readonly Hazard[];
  now: ReadonlyMap<PinId, CavityLook>;
  offer: string;
  whyOpen: boolean;
}>();
const answering = defineModel<string | null>("answering", { required: true });
const emit = defineEmits<{
  pick: [pin: PinId];
  take: [];
  pair: [];
  reject: [];
  cap: [];
  leave: [];
  feed: [];
  jumper: [];
  shift: [];
  series: [];
  mate: [];
  out: [];
  live: [];
  device: [];
  method: [];
  sure: [];
  back: [];
  why: [];
  fix: [fix: Fix];
  accept: [hazards: readonly Hazard[], reason: string, by: string];
  withdraw: [decision: Decision, rule: string];
  open: [effect: OpenEffect | null];
  remove: [id: DecisionId];
}>();
const prefs = usePrefs();
const name = computed(() => pinNamer(props.dossier));

/** Each plug once, with the cavities of this circuit in it; while one side has none, its first plug keeps its place. */
const faces = computed(() => {
  const pins = pinsOfRow(props.row);
  const ids: readonly ConnectorId[] = [...new Set(pins.map(({ connector }) => connector.id))];
  const other =
    pins.every(({ connector }) => connector.side === pins[0]?.connector.side) && ids.length === 1
      ? props.dossier.connectors.find(({ side }) => side !== pins[0]?.connector.side)
      : undefined;
  const shown = [
    ...ids.flatMap((id) => props.dossier.connectors.find((one) => one.id === id) ?? []),
    ...(other === undefined ? [] : [other]),
  ].sort((a, b) => {
    if (a.side === b.side) return 0;
    return a.side === "vehicle" ? -1 : 1;
  });
  return shown.map((connector) => {
    const own = pins.filter((placed) => placed.connector.id === connector.id).map(({ pin }) => pin.id);
    return { connector, pin: own[0] ?? null, also: own.slice(1) };
  });
});

const graded = computed(() =>
  [...props.row.hazards]
    .filter(({ severity }) => severity !== "note")
    .sort(
      (a, b) =>
        Number(isOpenHazard(b)) - Number(isOpenHazard(a)) ||
        Number(b.severity === "stop") - Number(a.severity === "stop"),
    ),
);
const notes = computed(() => props.row.hazards.filter(({ severity }) => severity === "note"));
const alike = (hazard: Hazard): readonly Hazard[] => sameAnswer(props.hazards, hazard);
function accept(hazard: Hazard, reason: string, all: boolean, by: string): void {
  emit("accept", all ? alike(hazard) : [hazard], reason, by);
  answering.value = null;
}
function withdraw(hazard: Hazard): void {
  const decision = props.dossier.decisions.find((one) => decisionId(one) === hazard.decision);
  if (decision !== undefined) emit("withdraw", decision, hazard.rule);
}

const decision = computed(() => props.row.decision);
/** What each way of working would cost for this wire; it comes a moment later, from the worker. */
const ways = shallowRef<readonly WayOfWire[]>([]);
watch(
  decision,
  async (now) => {
    const answer =
      now !== null && methodOf(now) !== null
        ? await computeWorker().ways(toRaw(props.dossier), toRaw(now))
        : [];
    if (decision.value === now) ways.value = answer;
  },
  { immediate: true },
);
const otherWay = computed(() => (decision.value === null ? null : nextMethod(decision.value, props.dossier)));
const openEffect = computed(() =>
  decision.value !== null && isLeftOpen(decision.value) ? (decision.value.open ?? "unsaid") : null,
);
const effects = [
  { value: "unsaid", label: "not said" },
  ...OPEN_EFFECTS.map((value) => ({ value: value as string, label: OPEN_WORDS[value] })),
];

/** Every pair of the circuit with what speaks for and against it. */
const reasons = computed(() => {
  const explain = explainer(props.dossier);
  const met =
    decision.value?.kind === "mate"
      ? new Set(linkedPairs(decision.value).map((pair) => pair.join(" ")))
      : null;
  return props.row.vehicle.flatMap(({ pin }) =>
    props.row.incoming
      .filter((other) => met === null || met.has(`${pin.id} ${other.pin.id}`))
      .map((other) => {
        const suggested = props.row.pairs.find(
          (pair) => pair.vehicle === pin.id && pair.incoming === other.pin.id,
        );
        const { strength, reasons: all } = suggested ?? explain(pin.id, other.pin.id);
        return {
          key: `${pin.id} ${other.pin.id}`,
          words: `${pin.cavity} to ${other.pin.cavity}`,
          strength,
          margin: suggested?.margin ?? null,
          all,
        };
      }),
  );
});
const apart = computed(() => {
  const pins = pinsOfRow(props.row).map(({ pin }) => pin.id);
  return props.dossier.decisions.flatMap((one) =>
    one.kind === "forbid" && (pins.includes(one.vehicle) || pins.includes(one.incoming)) ? [one] : [],
  );
});
const volts = computed(() => {
  const { device } = props.row;
  return device?.kind === "divider" ? dividerReadings(props.dossier.head.nominalVolts, device) : [];
});
const remarks = computed(() =>
  pinsOfRow(props.row).flatMap(({ pin }) => (pin.note === "" ? [] : [`${pin.cavity}: ${pin.note}`])),
);
const more = ref(false);
watch(
  () => props.row.key,
  () => {
    more.value = false;
  },
);
</script>

<template>
  <aside class="pane" aria-label="The chosen circuit">
    <header><HoldControls small :mark="faces[0]?.connector.shell?.mark" /></header>
    <div v-for="face in faces" :key="face.connector.id" class="face">
      <p class="lab">
        <b class="code">{{ face.connector.name }}</b> {{ face.connector.place }}
      </p>
      <ConnectorFace
        :connector="face.connector"
        :hold="prefs.hold"
        :width="300"
        :in-hand="face.pin"
        :also="face.also"
        :now="now"
        pickable
        :max-pitch="40"
        :max-height="faces.length > 2 ? 120 : 200"
        @pick="emit('pick', $event)"
      />
    </div>
    <section class="detail">
      <h2>
        <template v-if="row.act === 'mate'"
          >{{ row.vehicle[0]?.connector.name }} into {{ row.incoming[0]?.connector.name }}</template
        >
        <template v-else
          ><CavityLabel
            v-for="placed in row.vehicle"
            :key="placed.pin.id"
            :label="placed.pin.cavity"
          /><template v-if="row.vehicle.length && row.incoming.length"> to </template
          ><CavityLabel v-for="placed in row.incoming" :key="placed.pin.id" :label="placed.pin.cavity" />
          {{ leadOf(row)?.pin.function }}</template
        >
      </h2>
      <HazardCard
        v-for="(hazard, i) in graded"
        :key="hazardKey(hazard)"
        :hazard="hazard"
        :alike="alike(hazard).length"
        :first="i === 0 && isOpenHazard(hazard) && decision !== null"
        :person="prefs.person"
        :answering="answering === hazardKey(hazard)"
        @update:answering="answering = $event ? hazardKey(hazard) : null"
        @fix="emit('fix', $event)"
        @accept="(reason, all, by) => accept(hazard, reason, all, by)"
        @withdraw="withdraw(hazard)"
      />
      <div v-if="row.device" class="device">
        <p>
          <b>{{ decision ? "Between:" : "Suggested between:" }}</b> {{ deviceWords(row.device)
          }}<template v-if="row.proposed">, since {{ deviceReasonWords(row.proposed) }}</template
          >.
        </p>
        <dl v-if="volts.length">
          <div v-for="one in volts" :key="one.at">
            <dt>{{ one.volts.toFixed(2) }} V</dt>
            <dd class="lab">at {{ one.at.toFixed(1) }} V</dd>
          </div>
        </dl>
      </div>
      <div class="acts">
        <button v-if="offer" type="button" class="btn pri" @click="emit('take')">
          {{ offer }} <kbd>Enter</kbd>
        </button>
        <button v-if="otherWay" type="button" class="btn" @click="emit('method')">
          {{ METHOD_OFFERS[otherWay] }} <kbd>M</kbd>
        </button>
        <button
          v-if="row.vehicle.length && row.incoming.length"
          type="button"
          class="btn quiet"
          @click="emit('reject')"
        >
          Never these <kbd>R</kbd>
        </button>
        <button type="button" class="btn quiet" @click="emit('pair')">Other pin… <kbd>P</kbd></button>
        <button v-if="decision?.kind !== 'cap'" type="button" class="btn quiet" @click="emit('cap')">
          Cap <kbd>X</kbd>
        </button>
        <button v-if="decision?.kind !== 'remove'" type="button" class="btn quiet" @click="emit('out')">
          Remove from loom <kbd>U</kbd>
        </button>
        <button v-if="decision?.kind !== 'leave'" type="button" class="btn quiet" @click="emit('leave')">
          Leave <kbd>L</kbd>
        </button>
        <button type="button" class="btn quiet" @click="emit('feed')">Feed… <kbd>F</kbd></button>
        <button type="button" class="btn quiet" @click="emit('jumper')">Jumper… <kbd>J</kbd></button>
        <button
          v-if="decision?.kind === 'join' && canFindLive(row)"
          type="button"
          class="btn quiet"
          :aria-pressed="decision.findLive === true"
          @click="emit('live')"
        >
          {{ decision.findLive ? "No test in the middle" : "Find the live half" }}
        </button>
        <button type="button" class="btn quiet" @click="emit('shift')">Move or swap… <kbd>E</kbd></button>
        <button v-if="row.vehicle.length === 1" type="button" class="btn quiet" @click="emit('series')">
          In series… <kbd>Q</kbd>
        </button>
        <button type="button" class="btn quiet" @click="emit('mate')">Mate connectors… <kbd>T</kbd></button>
        <button
          v-if="decision && isJoining(decision)"
          type="button"
          class="btn quiet"
          @click="emit('device')"
        >
          {{ row.device ? "Change the part…" : "Part between…" }} <kbd>I</kbd>
        </button>
        <button v-if="decision" type="button" class="btn quiet" @click="emit('sure')">
          {{ decision.sure === "sure" ? "Wants a check" : "It is sure" }} <kbd>S</kbd>
        </button>
        <button v-if="decision" type="button" class="btn quiet" @click="emit('back')">
          Undo decision <kbd>⌫</kbd>
        </button>
      </div>
      <div v-if="openEffect" class="field effect">
        <span id="open-effect" class="label">If left open</span
        ><Select
          :model-value="openEffect"
          :options="effects"
          option-label="label"
          option-value="value"
          aria-labelledby="open-effect"
          @update:model-value="emit('open', $event === 'unsaid' ? null : $event)"
        />
      </div>
      <section class="reasons">
        <h3>
          Why
          <button type="button" class="link lab" :aria-expanded="whyOpen" @click="emit('why')">
            {{ whyOpen ? "without figures" : "with figures" }} <kbd>Y</kbd>
          </button>
        </h3>
        <p v-if="decision?.reason">{{ decision.reason }}</p>
        <div v-for="pair in reasons" :key="pair.key">
          <p v-if="reasons.length > 1" class="lab">
            <b>{{ pair.words }}</b>
          </p>
          <ul>
            <li v-for="one in pair.all" :key="one.kind">
              {{ reasonWords(one)
              }}<span v-if="whyOpen && one.weight !== 0" class="figure"
                >{{ one.weight > 0 ? "+" : "" }}{{ (one.weight / 10).toFixed(1) }}</span
              >
            </li>
          </ul>
          <p v-if="whyOpen" class="why">
            {{
              pair.strength === null
                ? "A direct join does damage."
                : `Together ${(pair.strength / 10).toFixed(1)}`
            }}<template v-if="pair.margin !== null"
              >, {{ pair.margin >= Math.min(pair.strength ?? 0, 45) ? "at least " : ""
              }}{{ (pair.margin / 10).toFixed(1) }} ahead of the best arrangement without it; the smaller
              figure counts</template
            ><template v-if="pair.strength !== null">
              (natural log-odds: sure from 4.5, check from 2.0).</template
            >
          </p>
        </div>
        <template v-if="row.alone">
          <p>{{ aloneWords(row.alone) }}</p>
          <p v-if="row.alone.nearest">
            Closest match: {{ name(row.alone.nearest.pin)
            }}<template v-if="row.alone.nearest.takenBy"
              >, already paired with {{ name(row.alone.nearest.takenBy) }}</template
            >.
          </p>
          <p v-if="row.alone.from.length">
            Possible sources: {{ row.alone.from.slice(0, 3).map(feedPlaceWords).join("; ") }}.
          </p>
          <p v-if="row.alone.open">Left open: {{ OPEN_WORDS[row.alone.open] }}.</p>
        </template>
        <p v-for="one in apart" :key="decisionId(one)">
          {{ name(one.vehicle) }} never joined to {{ name(one.incoming)
          }}<template v-if="one.reason">: {{ one.reason }}</template>
          <button type="button" class="link" @click="emit('remove', decisionId(one))">allow again</button>
        </p>
        <p v-for="remark in remarks" :key="remark" class="mut">Note at {{ remark }}</p>
      </section>
      <CostTable
        v-if="decision && ways.length"
        :ways="
          ways.map(({ method, cost }) => ({
            key: method,
            name: METHOD_NAMES[method],
            cost,
            chosen: methodOf(decision!) === method,
          }))
        "
      />
      <section v-if="notes.length + ofJob.length > 0" class="notes">
        <button type="button" class="link lab" :aria-expanded="more" @click="more = !more">
          {{ notes.length }} {{ notes.length === 1 ? "note" : "notes" }} on this circuit<template
            v-if="ofJob.length"
            >, {{ ofJob.length }} on the whole job</template
          >
        </button>
        <dl v-if="more">
          <template v-for="note in [...notes, ...ofJob]" :key="hazardKey(note) + note.title"
            ><dt>{{ note.title }}</dt>
            <dd>{{ note.detail }} {{ note.cure }}</dd></template
          >
        </dl>
      </section>
    </section>
  </aside>
</template>

<style scoped>
.pane {
  border-left: 1px solid var(--ink);
  padding: 6px 18px 20px 16px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  overflow: auto;
  min-height: 0;
}
.face {
  display: grid;
  gap: 3px;
  flex: none;
}
.face .code {
  font-weight: 700;
}
.detail {
  border-top: 2px solid var(--ink);
  padding-top: 10px;
  display: grid;
  gap: 10px;
}
.detail h2 {
  display: flex;
  align-items: center;
  gap: 8px;
  flex-wrap: wrap;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.acts .btn {
  padding: 0 9px;
}
.device p {
  font-size: 13.5px;
}
.device dl {
  display: flex;
  margin-top: 6px;
}
.device dl div {
  padding-right: 16px;
  margin-right: 14px;
  border-right: 1px solid var(--rule);
}
.device dt {
  font: 700 15px/18px var(--f-code);
}
.effect :deep(.sel) {
  min-height: 34px;
}
.reasons {
  border-top: 1px solid var(--rule);
  padding-top: 8px;
  font-size: 13.5px;
  display: grid;
  gap: 4px;
}
.reasons h3 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.reasons li {
  padding-left: 12px;
  text-indent: -12px;
}
.reasons li::before {
  content: "– ";
}
.figure {
  font: 500 12px/1 var(--f-code);
  color: var(--ink2);
  margin-left: 6px;
}
.notes {
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}
.notes dl {
  display: grid;
  gap: 1px;
  padding-top: 6px;
  font-size: 13.5px;
}
.notes dt {
  font-weight: 650;
  padding-top: 4px;
}
.notes dd {
  color: var(--ink2);
}
@media (max-width: 1000px) {
  .pane {
    border-left: 0;
    border-top: 2px solid var(--ink);
    overflow: visible;
  }
}
</style>
