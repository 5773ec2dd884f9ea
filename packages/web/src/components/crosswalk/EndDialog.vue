<script setup lang="ts">
/** A wire gets a new terminal where it is: which one. */
import { ref, watch } from "vue";
import Dialog from "primevue/dialog";
import { pinName, STUDS, type PlacedPin, type Stud } from "@trevin/core";

const open = defineModel<boolean>("open", { required: true });
defineProps<{ own: PlacedPin | null }>();
const emit = defineEmits<{ choose: [stud: Stud | null] }>();
const ENDS: readonly { readonly stud: Stud | null; readonly label: string }[] = [
  { stud: null, label: "Terminal of the plug, back into the same cavity" },
  ...STUDS.map((stud) => ({ stud, label: `Ring for an M${stud} stud` })),
];
const chosen = ref<Stud | null>(null);
watch(open, (now) => {
  if (now) chosen.value = null;
});
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`New terminal on ${own === null ? '' : pinName(own)}`"
    :draggable="false"
    :pt="{ root: { class: 'dlg' } }"
  >
    <form id="new-end" @submit.prevent="emit('choose', chosen)">
      <fieldset>
        <legend class="sr">What goes on the wire</legend>
        <label v-for="(end, i) in ENDS" :key="end.label"
          ><input v-model="chosen" type="radio" name="end" :value="end.stud" :autofocus="i === 0" />
          {{ end.label }}</label
        >
      </fieldset>
      <p class="why">
        The old terminal is cut off and the wire gets shorter by its length. It stays joined to what it was
        joined to.
      </p>
    </form>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="submit" form="new-end" class="btn pri">Fit it <kbd>Enter</kbd></button></template
    >
  </Dialog>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 8px;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 36px;
}
</style>
