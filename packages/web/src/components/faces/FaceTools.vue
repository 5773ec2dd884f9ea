<script setup lang="ts">
/** What stands beside the face, counting aids, and the face to take along. */
import Select from "primevue/select";

defineProps<{ options: { readonly value: string; readonly label: string }[]; drawn: boolean }>();
const counting = defineModel<boolean>("counting", { required: true });
const beside = defineModel<string>("beside", { required: true });
const emit = defineEmits<{ save: []; print: [] }>();
</script>

<template>
  <div class="bar more no-print">
    <label v-if="drawn" class="tick lab"><input v-model="counting" type="checkbox" /> count cavities</label>
    <label class="lab tick"
      >compare with
      <Select
        v-model="beside"
        class="besides"
        :options="options"
        option-label="label"
        option-value="value"
        aria-label="Compare with"
    /></label>
    <span class="acts"
      ><button type="button" class="btn quiet" @click="emit('save')">SVG</button
      ><button type="button" class="btn quiet" @click="emit('print')">Print</button></span
    >
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: center;
}
.tick {
  display: flex;
  gap: 6px;
  align-items: center;
}
.tick input {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
.besides {
  width: 160px;
  min-height: 34px;
}
.acts {
  display: flex;
  gap: 8px;
  margin-left: auto;
}
@media (max-width: 1000px) {
  .acts {
    margin-left: 0;
  }
}
@media (max-width: 700px) {
  .more {
    order: 5;
  }
}
</style>
