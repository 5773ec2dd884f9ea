<script setup lang="ts">
/** What the shop has taught: labels of looms and what they mean, for every job. */
import { computed, ref } from "vue";
import { SIGNAL_WORDS, slotWords } from "@trevin/core";
import { useShelf } from "../../stores/shelf.ts";

const shelf = useShelf();
const find = ref("");
const shown = computed(() => {
  const wanted = find.value.trim().toLowerCase();
  return shelf.words.filter(({ text, term }) => `${text} ${term ?? ""}`.toLowerCase().includes(wanted));
});
</script>

<template>
  <section class="page">
    <p v-if="shelf.words.length === 0" class="none">
      Nothing taught yet. Where a label is misread, press <kbd>M</kbd> in Pinouts and say what it means: every
      job of this shop reads it that way from then on.
    </p>
    <template v-else>
      <input v-model="find" class="inp" placeholder="Find" aria-label="Find a word" />
      <table>
        <thead>
          <tr>
            <th>Label</th>
            <th>Serves</th>
            <th>Carries</th>
            <th>Also says</th>
            <th>Also with another side or number</th>
            <th><span class="sr">Remove</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="word in shown" :key="word.text">
            <td>
              <b>{{ word.text }}</b>
            </td>
            <td>{{ word.term ?? "its own name" }}</td>
            <td>{{ SIGNAL_WORDS[word.signal] }}</td>
            <td>{{ slotWords(word.slots) || "–" }}</td>
            <td>{{ word.like ? "yes" : "no" }}</td>
            <td>
              <button type="button" class="link lab" @click="shelf.removeWord(word.text)">
                remove<span class="sr"> {{ word.text }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="shown.length === 0" class="mut">No label like that.</p>
      <p class="why">
        A job keeps what was taught while it was open, also when the word is removed here; it is forgotten
        there under Sources.
      </p>
    </template>
    <p v-if="shelf.problem" class="bad" role="alert">{{ shelf.problem }}</p>
  </section>
</template>

<style scoped>
.page {
  padding: 16px 20px;
  display: grid;
  gap: 12px;
  justify-items: start;
  align-content: start;
  overflow: auto;
}
.none {
  max-width: 560px;
}
.inp {
  max-width: 374px;
}
table {
  border-collapse: collapse;
  width: 100%;
  max-width: 980px;
}
th {
  text-align: left;
  font: 500 14px/18px var(--f-label);
  color: var(--ink2);
  border-bottom: 1px solid var(--ink);
}
td {
  border-bottom: 1px solid var(--rule);
}
th,
td {
  padding: 6px 12px 6px 0;
}
</style>
