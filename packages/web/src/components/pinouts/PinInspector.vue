<script setup lang="ts">
/** All that is known of one pin: where each value comes from, what contradicts it, and the doubts with the way to settle them. */
import { computed } from "vue";
import Select from "primevue/select";
import {
  COLOUR_SYSTEM_NAMES,
  COLOUR_SYSTEMS,
  colourInWords,
  FACTS,
  formatColour,
  pinSystem,
  valueOf,
  vouched,
  type Claim,
  type ColourSystem,
  type Connector,
  type Fact,
  type OwnWord,
  type Pin,
  type Source,
  type SourceId,
  type WireColour,
} from "@trevin/core";
import ElectricalFacts from "./ElectricalFacts.vue";
import ReadAs from "./ReadAs.vue";
import SettleColour from "./SettleColour.vue";
import { applied } from "../../grid/cells.ts";
import { pinFacts, sourceTitle } from "../../grid/pinFacts.ts";
import { connectorHabit, colourOf } from "../../grid/colours.ts";
import { useSignalOf } from "../../composables/useSignalOf.ts";
import { useCommands } from "../../composables/useCommands.ts";

const props = defineProps<{
  pin: Pin;
  connector: Connector;
  sources: ReadonlyMap<SourceId, Source>;
  chosen: readonly Pin[];
  words: readonly OwnWord[];
  nominalVolts: number;
}>();
const emit = defineEmits<{ put: [pins: readonly Pin[]]; doubt: []; misread: [] }>();

const classOf = useSignalOf();
const system = computed<ColourSystem>(() => pinSystem(props.pin, props.connector));
const reading = computed(() => colourOf(props.pin, props.connector, connectorHabit(props.connector)));
/** The readings of one code that somebody has to decide between, best first; none when a person has looked. */
const readings = computed<readonly WireColour[]>(() => {
  if (!reading.value.ok || props.pin.sources.colour === "read-off") return [];
  const own = reading.value.value.others
    .filter((other) => other.systems.includes(system.value))
    .map((other) => other.colour);
  return own.length === 0 ? [] : [reading.value.value.colour, ...own];
});
const elsewhere = computed(() =>
  reading.value.ok ? reading.value.value.others.filter((other) => !other.systems.includes(system.value)) : [],
);

const FACT_TITLES: Readonly<Record<Fact, string>> = {
  cavity: "place",
  function: "function",
  colour: "colour",
  size: "size",
  signal: "signal",
};
const title = (id: SourceId): string => sourceTitle(id, props.sources);
const facts = computed(() => pinFacts(props.pin, props.sources));

/** Looked at on the part: this is what it is. */
function seen(colour: WireColour, index: number): void {
  const code = index === 0 ? props.pin.colour : formatColour(colour, system.value);
  emit("put", [vouched({ ...props.pin, colour: code }, ["colour"], "read-off" as SourceId)]);
}
function takeClaim(claim: Claim): void {
  const next = applied(props.pin, claim.fact, claim.value, {
    source: claim.source,
    sourceSystem: props.sources.get(claim.source)?.colourSystem ?? null,
    taken: () => false,
  });
  if (typeof next !== "string")
    emit("put", [{ ...next, claims: next.claims.filter((other) => other !== claim) }]);
}
const keepOwn = (fact: Fact): void =>
  emit("put", [
    { ...props.pin, claims: props.pin.claims.filter((claim) => claim.fact !== fact || claim.when !== "") },
  ]);
const readOff = (): void =>
  emit(
    "put",
    props.chosen.map((pin) =>
      vouched(
        pin,
        FACTS.filter((fact) => valueOf(pin, fact) !== ""),
        "read-off" as SourceId,
      ),
    ),
  );
const sourceOptions = computed(() =>
  [...props.sources.values()].map((source) => ({ value: source.id, label: source.title })),
);
const setSource = (source: SourceId): void =>
  emit(
    "put",
    props.chosen.map((pin) =>
      vouched(
        pin,
        FACTS.filter((fact) => valueOf(pin, fact) !== ""),
        source,
      ),
    ),
  );
const systemOptions = computed(() => [
  {
    value: "connector",
    label: `as ${props.connector.name}: ${COLOUR_SYSTEM_NAMES[props.connector.colourSystem]}`,
  },
  ...COLOUR_SYSTEMS.filter((one) => one !== props.connector.colourSystem).map((value) => ({
    value: value as string,
    label: COLOUR_SYSTEM_NAMES[value],
  })),
]);
const setSystem = (value: string): void =>
  emit(
    "put",
    props.chosen.map((pin) => ({
      ...pin,
      colourSystem: COLOUR_SYSTEMS.find((one) => one === value) ?? null,
    })),
  );
const many = computed(() =>
  props.chosen.length > 1 ? `${props.chosen.length} pins` : `cavity ${props.pin.cavity}`,
);

useCommands([
  {
    id: "seen-1",
    title: "Seen: the first reading of the code",
    keys: "1",
    enabled: () => readings.value.length > 0,
    run: () => readings.value[0] && seen(readings.value[0], 0),
  },
  {
    id: "seen-2",
    title: "Seen: the second reading of the code",
    keys: "2",
    enabled: () => readings.value.length > 1,
    run: () => readings.value[1] && seen(readings.value[1], 1),
  },
  { id: "read-off", title: "Verified: all values read off the part", keys: "R", run: readOff },
]);
</script>

<template>
  <SettleColour
    v-if="readings.length > 0"
    :colour="pin.colour"
    :cavity="pin.cavity"
    :readings="readings"
    @seen="seen"
  />
  <section class="facts" :aria-label="`Sources of ${pin.cavity}`">
    <div v-for="one in facts" :key="one.fact" class="fact">
      <span class="what">{{ FACT_TITLES[one.fact] }}</span>
      <span class="value" :class="one.sure ?? ''">{{ one.value || "not stated" }}</span>
      <span class="src"
        >{{ one.source
        }}<template v-if="one.sure === 'check' || one.sure === 'guess'">, {{ one.sure }}</template></span
      >
      <p v-if="one.doubt" class="doubt">{{ one.doubt }}</p>
      <template v-for="claim in one.claims" :key="`${claim.value}${claim.when}${claim.source}`">
        <span class="what mut">{{ claim.when === "" ? "but" : "" }}</span>
        <span class="value">{{ claim.value }}</span>
        <span class="src"
          >{{ claim.when === "" ? title(claim.source) : `${claim.when} (${title(claim.source)})` }}
          <button v-if="claim.when === ''" type="button" class="link" @click="takeClaim(claim)">
            use this
          </button></span
        >
      </template>
      <button
        v-if="one.claims.some((claim) => claim.when === '')"
        type="button"
        class="link keep"
        @click="keepOwn(one.fact)"
      >
        keep {{ one.value }}
      </button>
    </div>
    <p v-if="elsewhere.length" class="why">
      {{ pin.colour }} would be
      {{
        elsewhere
          .map(
            (other) =>
              `${colourInWords(other.colour)} in ${other.systems.map((one) => COLOUR_SYSTEM_NAMES[one]).join(" and ")}`,
          )
          .join("; ")
      }}.
    </p>
    <ReadAs :pin="pin" :connector="connector" :words="words" @misread="emit('misread')" />
    <ElectricalFacts
      :pin="pin"
      :signal="classOf({ pin, connector })"
      :chosen="chosen"
      :nominal-volts="nominalVolts"
      :many="many"
      @put="emit('put', $event)"
    />
    <p v-if="pin.condition"><b class="lab">Only when</b> {{ pin.condition }}</p>
    <p v-if="pin.circuit">
      <b class="lab">Circuit</b> <span class="code">{{ pin.circuit }}</span>
    </p>
    <p v-if="pin.note"><b class="lab">Note</b> {{ pin.note }}</p>
    <div class="acts">
      <button type="button" class="btn quiet" @click="readOff">
        Read off the part: {{ many }} <kbd class="letter">R</kbd>
      </button>
      <button type="button" class="btn quiet" @click="emit('doubt')">
        In doubt <kbd class="letter">D</kbd>
      </button>
      <Select
        :model-value="null"
        :options="sourceOptions"
        option-label="label"
        option-value="value"
        placeholder="Source"
        :aria-label="`Source of ${many}`"
        @update:model-value="setSource"
      />
      <Select
        v-if="pin.colour"
        class="system"
        :model-value="pin.colourSystem ?? 'connector'"
        :options="systemOptions"
        option-label="label"
        option-value="value"
        :aria-label="`Colour system of ${many}`"
        @update:model-value="setSystem"
      />
    </div>
  </section>
</template>

<style scoped>
.facts {
  border-top: 2px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 4px;
  font-size: 13.5px;
}
.fact {
  display: grid;
  grid-template-columns: 62px minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 0 10px;
  border-bottom: 1px solid var(--rule);
  padding-bottom: 3px;
}
.what,
.src {
  font: 500 14px/18px var(--f-label);
  color: var(--ink2);
}
.value {
  font-weight: 650;
}
.value.check {
  text-decoration: underline dashed 2px;
  text-underline-offset: 3px;
}
.value.guess {
  text-decoration: underline dotted 2px;
  text-underline-offset: 3px;
}
.doubt {
  grid-column: 2 / -1;
  color: var(--ink2);
  font-size: 13px;
}
.keep {
  grid-column: 2;
  justify-self: start;
  font: 500 14px/18px var(--f-label);
}
.acts {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  padding-top: 4px;
}
.acts .btn {
  font-size: 15px;
}
.acts :deep(.sel) {
  width: 112px;
  min-height: 34px;
  padding: 4px 8px;
}
.acts :deep(.system) {
  width: 250px;
}
</style>
