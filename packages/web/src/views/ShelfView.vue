<script setup lang="ts">
/** The Shelf: shells, terminal systems, and the shop's own of both. */
import { computed } from "vue";
import { useRoute } from "vue-router";
import TopLine from "../components/frame/TopLine.vue";
import ShellShelf from "../components/shelf/ShellShelf.vue";
import TerminalShelf from "../components/shelf/TerminalShelf.vue";
import WordShelf from "../components/shelf/WordShelf.vue";
import { useShelf } from "../stores/shelf.ts";

const shelf = useShelf();
const route = useRoute();
void shelf.load();
const page = computed(() => pages.find(({ kind }) => kind === route.params["kind"])?.kind ?? "shells");
const pages = [
  { kind: "shells", title: "Housings" },
  { kind: "terminals", title: "Terminal systems" },
  { kind: "words", title: "Words" },
] as const;
</script>

<template>
  <TopLine />
  <main>
    <header class="head">
      <h1>Shelf</h1>
      <nav aria-label="Shelf">
        <RouterLink
          v-for="one in pages"
          :key="one.kind"
          :to="{ name: 'shelf', params: { kind: one.kind } }"
          class="tab"
          :aria-current="page === one.kind ? 'page' : undefined"
          >{{ one.title }}</RouterLink
        >
      </nav>
      <p v-if="shelf.removed" class="why" role="status">
        {{ shelf.removed.name }} was removed from the Shelf.
        <button type="button" class="link" @click="shelf.putBack()">Restore</button>
      </p>
    </header>
    <ShellShelf v-if="page === 'shells'" />
    <TerminalShelf v-else-if="page === 'terminals'" />
    <WordShelf v-else />
  </main>
</template>

<style scoped>
main {
  display: flex;
  flex-direction: column;
  height: calc(100vh - 41px);
  min-height: 0;
}
.head {
  display: flex;
  align-items: center;
  gap: 28px;
  padding: 8px 20px 0;
  border-bottom: 2px solid var(--ink);
}
.head nav {
  display: flex;
  gap: 22px;
}
.tab {
  padding: 8px 0;
  font: 600 17px/20px var(--f-label);
  color: var(--ink2);
  text-decoration: none;
}
.tab[aria-current] {
  color: var(--ink);
  box-shadow: inset 0 -4px 0 var(--ink);
}
@media (max-width: 900px) {
  main {
    height: auto;
  }
  .head {
    flex-wrap: wrap;
    gap: 4px 20px;
  }
}
</style>
