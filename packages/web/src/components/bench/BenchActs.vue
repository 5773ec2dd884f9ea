<script setup lang="ts">
/** The four acts at the bench; Done says what comes next. */

defineProps<{
  canGoBack: boolean;
  busy: boolean;
  next: string;
  /** What Done goes without, where it has asked: "without 2 ticks"; else empty. */
  asks: string;
  wide: boolean;
}>();
const emit = defineEmits<{ back: []; other: []; note: []; done: [] }>();
</script>

<template>
  <footer class="act">
    <button type="button" class="btn" :disabled="!canGoBack || busy" @click="emit('back')">
      Back <kbd v-if="wide">B</kbd>
    </button>
    <button type="button" class="btn" @click="emit('other')">Not as planned <kbd v-if="wide">N</kbd></button>
    <button type="button" class="btn note" @click="emit('note')">Note <kbd v-if="wide">T</kbd></button>
    <button type="button" class="btn pri" :disabled="busy" @click="emit('done')">
      <span
        ><b>Done{{ asks && "?" }}</b
        ><s>{{ asks || next }}</s></span
      ><kbd v-if="wide">Space</kbd>
    </button>
  </footer>
</template>

<style scoped>
.act {
  grid-area: act;
  align-self: end;
  display: grid;
  grid-template-columns: 140px 230px 120px minmax(0, 1fr);
  gap: 12px;
  padding-top: 14px;
  position: sticky;
  bottom: 0;
  background: var(--bench);
  padding-bottom: 12px;
  z-index: 3;
}
.act .btn {
  min-height: 72px;
  font-size: 23px;
  border-width: 2px;
}
.act .pri {
  justify-content: space-between;
  padding: 0 20px;
  text-align: left;
}
.act .pri span {
  min-width: 0;
  display: flex;
  align-items: baseline;
  gap: 16px;
}
.act .pri b {
  font: 600 38px/38px var(--f-label);
}
.act .pri s {
  text-decoration: none;
  font: 500 19px/22px var(--f-label);
  white-space: normal;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
@media (max-width: 999px) {
  .act {
    grid-template-columns: 130px 1fr 110px;
  }
  .act .pri {
    grid-column: 1 / -1;
    min-height: 88px;
  }
}
@media (max-width: 700px) {
  .act {
    gap: 8px;
    grid-template-columns: 92px 1fr 80px;
    padding-top: 8px;
  }
  .act .btn {
    min-height: 56px;
    font-size: 19px;
    padding: 0 8px;
  }
  .act .pri {
    min-height: 76px;
    padding: 0 16px;
  }
  .act .pri span {
    display: grid;
    gap: 2px;
  }
  .act .pri s {
    font-size: 16px;
    line-height: 18px;
    -webkit-line-clamp: 1;
  }
}
</style>
