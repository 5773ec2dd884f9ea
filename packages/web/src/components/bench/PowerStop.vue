<script setup lang="ts">
/** Before the battery goes on for good: what the solved circuit says against it, and the reason to power it all the same. */
import HazardBox from "../parts/HazardBox.vue";

defineProps<{ stop: { readonly title: string; readonly detail: string }; asked: boolean }>();
const reason = defineModel<string>({ required: true });
</script>

<template>
  <HazardBox severity="stop" :title="stop.title" :detail="stop.detail">
    <RouterLink class="link lab" :to="{ name: 'proof' }"
      >See it in the proof before the battery goes on</RouterLink
    >
    <p class="why" :class="{ asked: asked && reason.trim() === '' }">
      <label for="power-reason">Reason to power it all the same; it goes into the ledger</label>
      <input id="power-reason" v-model="reason" class="inp" maxlength="500" autocomplete="off" />
    </p>
  </HazardBox>
</template>

<style scoped>
.why {
  display: grid;
  gap: 4px;
  margin-top: 8px;
}
.why .inp {
  min-height: 48px;
}
.asked label {
  font-weight: 650;
}
</style>
