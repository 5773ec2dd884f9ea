<script setup lang="ts">
/** How the part is held: which side is in sight, and where its mark points. */
import { GRIPS, gripWords, viewWords, type Grip, type Mark } from "@trevin/core";
import { usePrefs } from "../../stores/prefs.ts";

withDefaults(defineProps<{ mark?: Mark | undefined; compact?: boolean; small?: boolean }>(), {
  mark: "lock",
  compact: false,
  small: false,
});
const prefs = usePrefs();
const ARROWS: Readonly<Record<Grip, string>> = {
  up: "M10 16V5M5.5 9.5 10 4.5l4.5 5",
  right: "M4 10h11M10.5 5.5l5 4.5-5 4.5",
  down: "M10 4v11M5.5 10.5l4.5 5 4.5-5",
  left: "M16 10H5M9.5 5.5l-5 4.5 5 4.5",
};
</script>

<template>
  <div class="hold">
    <button
      type="button"
      class="btn quiet"
      :title="`Turn over to the ${viewWords(prefs.hold.view === 'wire' ? 'mating' : 'wire')}`"
      @click="prefs.turnOver()"
    >
      <b>{{ prefs.hold.view === "wire" ? "Wire side" : "Mating face" }}</b> Turn over<template
        v-if="!compact"
      >
        <kbd>V</kbd></template
      >
    </button>
    <button
      v-if="small"
      type="button"
      class="btn quiet"
      :title="`Turn the part a quarter in the hand: now ${mark} ${gripWords(prefs.hold.grip)}`"
      :aria-label="`Turn a quarter, ${mark} ${gripWords(prefs.hold.grip)}`"
      @click="prefs.turnGrip()"
    >
      <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
        <path :d="ARROWS[prefs.hold.grip]" fill="none" stroke="currentColor" stroke-width="2" />
      </svg>
      {{ mark }} <kbd>K</kbd>
    </button>
    <div v-else class="grips" role="radiogroup" :aria-label="`Where the ${mark} points`">
      <button
        v-for="grip in GRIPS"
        :key="grip"
        type="button"
        class="grip"
        role="radio"
        :aria-checked="prefs.hold.grip === grip"
        :aria-label="`${mark} ${gripWords(grip)}`"
        :title="`${mark} ${gripWords(grip)}`"
        @click="prefs.grip = grip"
      >
        <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
          <path :d="ARROWS[grip]" fill="none" stroke="currentColor" stroke-width="2" />
        </svg>
      </button>
      <span class="lab">{{ mark }} {{ gripWords(prefs.hold.grip) }} <kbd v-if="!compact">K</kbd></span>
    </div>
  </div>
</template>

<style scoped>
.hold {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
}
.grips {
  display: flex;
  align-items: center;
}
.grip {
  width: 34px;
  height: 34px;
  border: 1.5px solid var(--rule2);
  margin-left: -1.5px;
  background: none;
  display: grid;
  place-items: center;
  cursor: pointer;
}
.grip[aria-checked="true"] {
  background: var(--ink);
  color: var(--on-ink);
  border-color: var(--ink);
}
.lab {
  margin-left: 10px;
  min-width: 116px;
}
@media (max-width: 900px) {
  kbd {
    display: none;
  }
  .grip {
    width: 48px;
    height: 48px;
  }
  .hold .btn {
    min-height: 48px;
  }
}
@media (max-width: 700px) {
  .hold {
    gap: 10px;
  }
  .hold .btn {
    padding: 0 8px;
  }
  .lab {
    position: absolute;
    clip-path: inset(50%);
  }
}
</style>
