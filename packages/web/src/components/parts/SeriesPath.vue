<script setup lang="ts">
/** A wire that leaves, goes through a part, and comes back. */
defineProps<{
  joint: { readonly x: number; readonly y: number };
  width: number;
  height: number;
  dash: string;
}>();
</script>

<template>
  <g>
    <path
      :d="`M2 ${joint.y - 4}H${joint.x}Q${joint.x + 14} ${joint.y - 4} ${joint.x + 18} ${height / 4}T${joint.x + 34} ${height / 4}H${width - 12}`"
      :stroke-dasharray="dash"
    />
    <path
      :d="`M${width - 12} ${height / 4 - 5.5} L${width - 1} ${height / 4} L${width - 12} ${height / 4 + 5.5}z`"
      fill="var(--ink)"
      stroke="none"
    />
    <path
      :d="`M${width - 2} ${(height * 3) / 4}H${joint.x + 34}Q${joint.x + 22} ${(height * 3) / 4} ${joint.x + 18} ${joint.y + 14}T${joint.x} ${joint.y + 4}H12`"
      :stroke-dasharray="dash"
    />
    <path
      :d="`M12 ${joint.y - 1.5} L1 ${joint.y + 4} L12 ${joint.y + 9.5}z`"
      fill="var(--ink)"
      stroke="none"
    />
  </g>
</template>
