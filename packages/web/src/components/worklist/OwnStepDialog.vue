<script setup lang="ts">
/** A step of one's own, behind the chosen one. */
import Dialog from "primevue/dialog";
import InputNumber from "primevue/inputnumber";
import InputText from "primevue/inputtext";
import { ref, watch } from "vue";

const props = defineProps<{ usual: string; behind: string }>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ save: [step: { text: string; place: string; minutes: number }] }>();
const text = ref("");
const place = ref("");
const minutes = ref(5);
watch(open, (now) => {
  if (now) {
    text.value = "";
    place.value = props.usual;
    minutes.value = 5;
  }
});
function save(): void {
  if (text.value.trim() !== "")
    emit("save", { text: text.value.trim(), place: place.value.trim(), minutes: minutes.value });
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    header="Own step"
    :draggable="false"
    :style="{ width: 'min(520px, 94vw)' }"
  >
    <form id="own-form" class="form" @submit.prevent="save">
      <p class="why">Inserted {{ behind }}.</p>
      <div class="field">
        <label for="own-text">Decision</label
        ><InputText
          id="own-text"
          v-model="text"
          autofocus
          maxlength="500"
          placeholder="Clean the ground point to bare metal"
        />
      </div>
      <div class="two">
        <div class="field">
          <label for="own-place">Where</label><InputText id="own-place" v-model="place" maxlength="120" />
        </div>
        <div class="field">
          <label for="own-minutes">Minutes</label
          ><InputNumber v-model="minutes" input-id="own-minutes" :min="0" :max="10000" />
        </div>
      </div>
    </form>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="submit" form="own-form" class="btn pri" :disabled="text.trim() === ''">
        Add step
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 120px;
  gap: 12px;
}
.two :deep(input) {
  width: 100%;
}
</style>
