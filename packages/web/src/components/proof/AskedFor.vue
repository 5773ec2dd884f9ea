<script setup lang="ts">
/** What the brief asks for, line by line, as the circuit answers it. */
import { computed } from "vue";
import {
  askedOf,
  askedWords,
  type Asked,
  type CircuitFinding,
  type Dossier,
  type PinId,
  type Proof,
} from "@trevin/core";

const props = defineProps<{ proof: Proof; dossier: Dossier; name: (pin: PinId) => string }>();
const emit = defineEmits<{ show: [finding: CircuitFinding] }>();
const asked = computed(() => askedOf(props.dossier, props.proof));
const isBad = ({ result }: Asked): boolean => result === "fails" || result === "lost" || result === "no-pin";
const works = computed(() => asked.value.filter(({ result }) => result === "works").length);
</script>

<template>
  <section v-if="asked.length" class="asked">
    <h3>Asked for: {{ works }} of {{ asked.length }} work</h3>
    <ul>
      <li
        v-for="one in asked"
        :key="one.line.item.text"
        :class="{ fails: isBad(one), ok: one.result === 'works' }"
      >
        <b>{{ one.line.item.text }}</b>
        <button v-if="one.finding" type="button" class="link" @click="emit('show', one.finding)">
          {{ askedWords(one, name) }}
        </button>
        <span v-else class="mut">{{ askedWords(one, name) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.asked {
  margin-bottom: 16px;
}
li {
  position: relative;
  padding: 5px 0 5px 20px;
  border-bottom: 1px solid var(--rule);
  line-height: 18px;
}
li b,
li span,
li button {
  display: block;
  text-align: left;
}
li::before {
  position: absolute;
  left: 2px;
  top: 5px;
  font-weight: 700;
  content: "–";
}
li.ok::before {
  content: "";
  top: 10px;
  width: 8px;
  height: 4px;
  border: solid var(--ink);
  border-width: 0 0 2px 2px;
  transform: rotate(-45deg);
}
li.fails::before {
  content: "×";
}
</style>
