<script setup lang="ts">
/** Notes on a circuit and on the whole job, folded away. */
import { ref, watch } from "vue";
import { hazardKey, type Hazard } from "@trevin/core";

const props = defineProps<{ circuit: string; notes: readonly Hazard[]; ofJob: readonly Hazard[] }>();
const more = ref(false);
watch(
  () => props.circuit,
  () => {
    more.value = false;
  },
);
</script>

<template>
  <section v-if="notes.length + ofJob.length > 0" class="notes">
    <button type="button" class="link lab" :aria-expanded="more" @click="more = !more">
      {{ notes.length }} {{ notes.length === 1 ? "note" : "notes" }} on this circuit<template
        v-if="ofJob.length"
        >, {{ ofJob.length }} on the whole job</template
      >
    </button>
    <dl v-if="more">
      <template v-for="note in [...notes, ...ofJob]" :key="hazardKey(note) + note.title"
        ><dt>{{ note.title }}</dt>
        <dd>{{ note.detail }} {{ note.cure }}</dd></template
      >
    </dl>
  </section>
</template>

<style scoped>
.notes {
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}
.notes dl {
  display: grid;
  gap: 1px;
  padding-top: 6px;
  font-size: 13.5px;
}
.notes dt {
  font-weight: 650;
  padding-top: 4px;
}
.notes dd {
  color: var(--ink2);
}
</style>
