<script setup lang="ts">
/** How bare ends are joined: one of three, for one joint or for the whole job. */
import { JOINT_KINDS, type JointKind } from "@trevin/core";

defineProps<{ label: string; chosen: JointKind; disabled?: boolean }>();
const emit = defineEmits<{ choose: [joint: JointKind] }>();
const NAMES: Readonly<Record<JointKind, string>> = {
  crimp: "crimp",
  solder: "solder",
  sleeve: "solder sleeve",
};
</script>

<template>
  <div class="joints no-print" role="group" :aria-label="label">
    <span class="lab">{{ label }}</span>
    <button
      v-for="kind in JOINT_KINDS"
      :key="kind"
      type="button"
      class="btn quiet"
      :class="{ on: kind === chosen }"
      :aria-pressed="kind === chosen"
      :disabled="disabled"
      @click="emit('choose', kind)"
    >
      {{ NAMES[kind] }}
    </button>
  </div>
</template>

<style scoped>
.joints {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 6px;
}
.joints .btn {
  min-height: 30px;
  font-size: 14px;
  padding: 0 9px;
}
.on {
  background: var(--ink);
  color: var(--sheet);
}
</style>
