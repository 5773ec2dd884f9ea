<script setup lang="ts">
/** Battery on or off, the standing caution, and the way out of the bench. */
import FrameMenu from "../frame/FrameMenu.vue";

defineProps<{ battery: "on" | "off"; since: string; wide: boolean }>();
</script>

<template>
  <p class="power">
    <span class="off" :class="{ live: battery === 'on' }"
      ><svg width="30" height="24" viewBox="0 0 30 24" aria-hidden="true">
        <path d="M1 11h22v12H1zM4 11V7h4v4" fill="none" stroke="currentColor" stroke-width="2" />
        <path d="M16 11V8h4v3" fill="currentColor" stroke="currentColor" />
        <path
          v-if="battery === 'off'"
          d="M15 4.5V1h6v3.5M21 2.5h8V12"
          fill="none"
          stroke="currentColor"
          stroke-width="2"
        /></svg
      ><b>Battery {{ battery === "off" ? "OFF" : "ON" }}</b></span
    ><span>{{ since }}</span
    ><span class="keep"><b>Keep out:</b> leave restraint and high-voltage connectors closed</span
    ><span class="menu"><FrameMenu job /></span
    ><RouterLink class="pause" :to="{ name: 'worklist' }">Pause <kbd v-if="wide">Esc</kbd></RouterLink>
  </p>
</template>

<style scoped>
.power {
  grid-area: power;
  display: flex;
  align-items: center;
  gap: 22px;
  min-height: 44px;
  margin: 0 -20px;
  padding: 0 20px;
  font: 500 16px/1 var(--f-label);
  border-bottom: 1px solid var(--rule);
}
.power .off {
  display: flex;
  align-items: center;
  gap: 10px;
  border: 2px solid var(--ink);
  height: 32px;
  padding: 0 12px 0 8px;
  background: var(--sheet);
}
.power .off b {
  font: 600 19px/1 var(--f-label);
  letter-spacing: 0.02em;
}
.power .off svg {
  height: 22px;
}
.power .live {
  background: var(--ink);
  color: var(--on-ink);
  border-left: 14px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 4px, var(--sheet) 4px 7px) 14;
}
.power b {
  font-weight: 600;
}
.menu {
  margin-left: auto;
}
.pause {
  min-height: 40px;
  display: inline-flex;
  align-items: center;
  gap: 8px;
}
@media (min-width: 701px) {
  .menu :deep(.menu) {
    display: none;
  }
}
@media (max-width: 999px) {
  .pause {
    min-height: 56px;
    font-size: 18px;
  }
}
@media (max-width: 700px) {
  .power {
    margin: 0 -16px;
    padding: 6px 16px;
    gap: 12px;
  }
  .keep {
    display: none;
  }
}
</style>
