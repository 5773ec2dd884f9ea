<script setup lang="ts">
/** Why the wires of a circuit go together or not, with figures when asked. */
import { computed } from "vue";
import {
  aloneWords,
  candidatesFor,
  CHECK,
  decisionId,
  explainer,
  linkedPairs,
  OPEN_WORDS,
  pinNamer,
  reasonWords,
  SURE,
  pinsOfRow,
  type DecisionId,
  type Dossier,
  type CircuitRow,
} from "@trevin/core";

const props = defineProps<{ row: CircuitRow; dossier: Dossier; whyOpen: boolean }>();
const emit = defineEmits<{ why: []; remove: [id: DecisionId] }>();
const name = computed(() => pinNamer(props.dossier));
const decision = computed(() => props.row.decision);
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
/** The likeliest partners of a wire that found none, with what speaks for them. */
const likely = computed(() => {
  const [own] = pinsOfRow(props.row);
  if (own === undefined || props.row.alone?.why !== "no-partner") return [];
  return candidatesFor(props.dossier, own)
    .filter(({ strength, pin: { pin } }) => strength !== null && strength > -25 && pin.content === "occupied")
    .slice(0, 3)
    .map(({ pin, reasons: all }) => ({
      pin,
      words: all
        .filter(({ kind }) => kind !== "colour" && kind !== "size")
        .slice(0, 2)
        .map(reasonWords)
        .join("; "),
    }));
});
const apart = computed(() => {
  const pins = pinsOfRow(props.row).map(({ pin }) => pin.id);
  return props.dossier.decisions.flatMap((one) =>
    one.kind === "forbid" && (pins.includes(one.vehicle) || pins.includes(one.incoming)) ? [one] : [],
  );
});
const remarks = computed(() =>
  pinsOfRow(props.row).flatMap(({ pin }) => (pin.note === "" ? [] : [`${pin.cavity}: ${pin.note}`])),
);
</script>

<template>
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
          >, {{ pair.margin >= Math.min(pair.strength ?? 0, SURE) ? "at least " : ""
          }}{{ (pair.margin / 10).toFixed(1) }} ahead of the best arrangement without it; the smaller figure
          counts</template
        ><template v-if="pair.strength !== null">
          (natural log-odds: sure from {{ (SURE / 10).toFixed(1) }}, check from {{ (CHECK / 10).toFixed(1) }},
          and sure only where both texts were understood).</template
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
      <ul v-if="likely.length" aria-label="Could go with">
        <li v-for="one in likely" :key="one.pin.pin.id">
          <b>{{ name(one.pin.pin.id) }} {{ one.pin.pin.function }}</b
          >: {{ one.words }}
        </li>
      </ul>
      <p v-if="row.alone.from.length">
        Possible sources:
        {{
          row.alone.from
            .slice(0, 3)
            .map(({ words }) => words)
            .join("; ")
        }}.
      </p>
      <p v-if="row.alone.open">Left open: {{ OPEN_WORDS[row.alone.open] }}.</p>
    </template>
    <p v-for="one in apart" :key="decisionId(one)">
      {{ name(one.vehicle) }} never joined to {{ name(one.incoming)
      }}<template v-if="one.reason">: {{ one.reason }}</template
      >{{ " "
      }}<button type="button" class="link" @click="emit('remove', decisionId(one))">allow again</button>
    </p>
    <p v-for="remark in remarks" :key="remark" class="mut">Note at {{ remark }}</p>
  </section>
</template>

<style scoped>
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
</style>
