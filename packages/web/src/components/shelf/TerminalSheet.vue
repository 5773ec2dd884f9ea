<script setup lang="ts">
/** A terminal system: how it is told, let go, prepared and judged. */
import { computed, ref } from "vue";
import {
  locksOf,
  orderOf,
  TERMINAL_ACTS,
  type TerminalAct,
  type TerminalMatch,
  type TerminalSystem,
} from "@trevin/core";
import TerminalSection from "../parts/TerminalSection.vue";
import { RELEASE_WORDS, SECONDARY_WORDS, TRAIT_WORDS } from "./terminalWords.ts";

const props = defineProps<{
  system: TerminalSystem;
  match: TerminalMatch | null;
  own: boolean;
  locale?: string;
}>();
const emit = defineEmits<{ edit: []; remove: []; copy: [] }>();
const act = ref<TerminalAct>("release");
const ACT_WORDS: Readonly<Record<TerminalAct, string>> = {
  release: "Release",
  insert: "Insert",
  crimp: "Crimp",
};
const lines = computed(() => orderOf[act.value](props.system));
const range = ([from, to]: readonly [number, number], unit: string): string => `${from} to ${to} ${unit}`;
const facts = computed<readonly (readonly [string, string])[]>(() => [
  ["identified by", props.system.tell],
  [
    "contact",
    props.system.width === null ? props.system.gender : `${props.system.gender}, ${props.system.width} mm`,
  ],
  [
    "primary lock",
    `${RELEASE_WORDS[props.system.release]}${props.system.lockSide === "none" ? "" : `, on its ${props.system.lockSide}`}`,
  ],
  [
    "secondary locks",
    locksOf(props.system)
      .map((lock) => SECONDARY_WORDS[lock])
      .join("; then ") || "none",
  ],
  ["tool", props.system.tool],
  ["strip", range(props.system.strip, "mm")],
  ["conductor", range(props.system.conductor, "mm²")],
  ["insulation", range(props.system.insulation, "mm across")],
  [
    "seal",
    props.system.seals.length === 0
      ? "none"
      : props.system.seals.map((seal) => `${seal.from} to ${seal.to} mm, ribs ${seal.ribs}`).join("; "),
  ],
  [
    "before reuse",
    props.system.bendBack
      ? "re-form the lance; fit a new terminal if it is cracked or has gone soft"
      : "nothing to re-form; inspect the contact",
  ],
]);
</script>

<template>
  <article class="sheet">
    <header>
      <h2>{{ system.name }}</h2>
      <span class="acts"
        ><button v-if="own" type="button" class="btn quiet" @click="emit('edit')">Edit</button
        ><button v-if="own" type="button" class="btn quiet" @click="emit('remove')">Remove</button
        ><button type="button" class="btn quiet" @click="emit('copy')">Copy as custom</button></span
      >
    </header>
    <p v-if="match && match.against.length" class="bad">
      Against it: {{ match.against.map((trait) => TRAIT_WORDS[trait]).join(", ") }}.
    </p>
    <div class="which" role="group" aria-label="What is done with the terminal">
      <button
        v-for="one in TERMINAL_ACTS"
        :key="one"
        type="button"
        class="btn quiet"
        :aria-pressed="one === act"
        @click="act = one"
      >
        {{ ACT_WORDS[one] }}
      </button>
    </div>
    <div class="orders">
      <TerminalSection :system="system" :act="act" />
      <ol :aria-label="`${ACT_WORDS[act]}, in order`">
        <li v-for="(step, i) in lines" :key="step">
          <b>{{ i + 1 }}</b><span>{{ step }}</span>
        </li>
      </ol>
    </div>
    <dl>
      <template v-for="[what, value] in facts" :key="what"
        ><dt class="lab">{{ what }}</dt>
        <dd>{{ value }}</dd></template
      >
    </dl>
    <section v-if="system.goodCrimp">
      <h3>A good crimp</h3>
      <p>{{ system.goodCrimp }}</p>
    </section>
    <section v-if="system.cautions.length" class="cautions">
      <h3>Cautions</h3>
      <ul>
        <li v-for="line in system.cautions" :key="line">{{ line }}</li>
      </ul>
    </section>
    <p class="why from">{{ system.source }}. The maker's sheet takes precedence.</p>
  </article>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 14px;
  align-content: start;
}
header {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
h2 {
  font-size: 24px;
  line-height: 28px;
}
.from::first-letter {
  text-transform: capitalize;
}
.acts {
  margin-left: auto;
  display: flex;
  gap: 8px;
}
.orders {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(330px, 1fr));
  gap: 14px 24px;
  align-items: start;
}
.which {
  display: flex;
  gap: 6px;
}
.which [aria-pressed="true"] {
  box-shadow: inset 0 -3px 0 var(--ink);
}
ol li {
  display: flex;
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
  font-size: 16px;
}
ol b {
  font: 700 16px/1.4 var(--f-code);
  border: 1.5px solid var(--ink);
  min-width: 26px;
  text-align: center;
  height: 26px;
}
dl {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  border-top: 2px solid var(--ink);
}
dt,
dd {
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
dt {
  color: var(--ink2);
}
.cautions ul {
  padding-left: 12px;
  border-left: 6px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 2px, transparent 2px 5px) 6;
  display: grid;
  gap: 4px;
}
</style>
