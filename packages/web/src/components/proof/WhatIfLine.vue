<script setup lang="ts">
/** A fault put into the wire in sight, or the job decided otherwise, and what would differ. */
import { computed, ref, toRaw, watch } from "vue";
import Select from "primevue/select";
import {
  FAULT_WORDS,
  canUnplug,
  decisionByPin,
  decisionId,
  FAULTS,
  otherwiseWords,
  swappable,
  whatIf,
  whatIfSwapped,
  whatIfUnplugged,
  whatIfWords,
  type Connector,
  type Dossier,
  type FaultKind,
  type Otherwise,
  type OtherwiseOutcome,
  type PinId,
  type Proof,
} from "@trevin/core";
import { useLatest } from "../../composables/useLatest.ts";
import { startOtherwise } from "../../workers/client.ts";

const props = defineProps<{
  proof: Proof;
  dossier: Dossier;
  pin: PinId;
  plug: Connector;
  title: string;
  nominal: number;
  name: (pin: PinId) => string;
}>();
type Asked = FaultKind | "unplugged" | Otherwise["kind"] | null;
const asked = ref<Asked>(null);
const twin = ref<PinId | null>(null);
const pullable = computed(() => canUnplug(props.proof.network, props.plug.id));
const twins = computed(() =>
  swappable(props.proof.network, props.pin).map((pin) => ({ pin, label: props.name(pin) })),
);
const decision = computed(() => decisionByPin(props.dossier).get(props.pin) ?? null);

const { answer: otherwise, isAsking: isSolving, ask, clear } = useLatest<OtherwiseOutcome>();
const solve = (how: Otherwise): void => void ask(startOtherwise(toRaw(props.dossier), how).result);
watch([asked, () => props.dossier], ([what]) => {
  clear();
  if (what === "by-colour") solve({ kind: what });
  if (what === "without" && decision.value !== null)
    solve({ kind: what, decision: decisionId(decision.value) });
});
function toggle(what: Asked): void {
  twin.value = null;
  asked.value = asked.value === what ? null : what;
}
function swap(pin: PinId | null): void {
  asked.value = null;
  twin.value = pin;
}
const faultLines = computed((): readonly string[] => {
  const { proof, nominal, pin, plug, name } = props;
  if (twin.value !== null) return whatIfWords(whatIfSwapped(proof, nominal, pin, twin.value), name);
  switch (asked.value) {
    case null:
    case "without":
    case "by-colour":
      return [];
    case "unplugged":
      return whatIfWords(whatIfUnplugged(proof, nominal, plug.id), name);
    default:
      return whatIfWords(whatIf(proof, nominal, pin, asked.value), name);
  }
});
const outcome = computed(() =>
  otherwise.value === null ? null : otherwiseWords(otherwise.value, props.name),
);
</script>

<template>
  <div class="what no-print">
    <span class="lab">What if the wire at {{ title }} were</span>
    <span role="group" aria-label="Fault">
      <button
        v-for="one in FAULTS"
        :key="one"
        type="button"
        class="link lab"
        :aria-pressed="asked === one"
        @click="toggle(one)"
      >
        {{ FAULT_WORDS[one] }}
      </button>
      <button
        v-if="pullable"
        type="button"
        class="link lab"
        :aria-pressed="asked === 'unplugged'"
        @click="toggle('unplugged')"
      >
        gone with the plug {{ plug.name }} pulled
      </button>
      <button
        v-if="decision"
        type="button"
        class="link lab"
        :aria-pressed="asked === 'without'"
        @click="toggle('without')"
      >
        left alone
      </button>
      <span v-if="twins.length" class="lab twin">
        swapped with
        <Select
          :model-value="twin"
          :options="twins"
          option-label="label"
          option-value="pin"
          placeholder="which wire"
          show-clear
          size="small"
          aria-label="Swapped with"
          @update:model-value="swap"
        />
      </span>
    </span>
    <span class="lab job">
      What if
      <button
        type="button"
        class="link lab"
        :aria-pressed="asked === 'by-colour'"
        @click="toggle('by-colour')"
      >
        the whole job were joined by colour
      </button>
    </span>
    <p v-if="isSolving" role="status" class="mut">Solving the circuit</p>
    <div v-else-if="outcome" role="status" class="outcome">
      <b>{{ outcome.verdict }}</b>
      <ul>
        <li v-for="line in outcome.lines" :key="line">{{ line }}</li>
        <li v-if="outcome.more">and {{ outcome.more }} more</li>
      </ul>
    </div>
    <ul v-else-if="faultLines.length" role="status" class="outcome">
      <li v-for="line in faultLines" :key="line">{{ line }}</li>
    </ul>
  </div>
</template>

<style scoped>
.what {
  margin-top: 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}
[role="group"] {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}
[aria-pressed="true"] {
  font-weight: 700;
  background: var(--ink);
  color: var(--on-ink);
  padding: 0 5px;
}
.twin {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  white-space: nowrap;
}
.twin :deep(.p-select) {
  max-width: 240px;
}
.twin :deep(.p-select-label) {
  padding-block: 2px;
}
.job {
  flex: 1 0 100%;
}
.outcome,
p {
  flex: 1 0 100%;
}
.outcome {
  border-left: 6px solid var(--ink);
  padding-left: 10px;
}
</style>
