<script setup lang="ts">
/** What the last change did to the plan. */
import { computed } from "vue";
import type { PlanDifference } from "@trevin/core";

const props = defineProps<{ difference: PlanDifference | null }>();
const emit = defineEmits<{ seen: [] }>();
const differs = computed(() =>
  props.difference === null
    ? []
    : [
        [props.difference.added.length, "new"],
        [props.difference.gone.length, "gone"],
        [props.difference.changed.length, "changed"],
        [props.difference.moved.length, "moved"],
      ]
        .filter(([count]) => Number(count) > 0)
        .map(([count, what]) => `${count} ${what}`),
);
</script>

<template>
  <p v-if="differs.length" class="differs no-print">
    <b>Last change to the plan:</b> {{ differs.join(", ")
    }}<template v-if="difference && difference.minutes !== 0"
      >, {{ Math.abs(difference.minutes) }} min {{ difference.minutes > 0 ? "more" : "less" }}</template
    >. <button type="button" class="link" @click="emit('seen')">Dismiss</button>
  </p>
</template>

<style scoped>
.differs {
  padding: 6px 0;
  border-bottom: 1px solid var(--rule2);
  font-size: 14px;
}
.blocks a,
.link {
  display: inline-block;
  min-height: 26px;
  line-height: 26px;
}
</style>
