<script setup lang="ts">
/** Before the first step: what is frozen, the cautions, and who works here. */
import InputText from "primevue/inputtext";
import { ref } from "vue";
import { usePrefs } from "../../stores/prefs.ts";
import HazardBox from "../parts/HazardBox.vue";

defineProps<{ steps: number; minutes: number }>();
const emit = defineEmits<{ begin: [] }>();
const prefs = usePrefs();
const person = ref(prefs.person);
function begin(): void {
  if (person.value.trim() === "") return;
  prefs.person = person.value.trim();
  emit("begin");
}
</script>

<template>
  <main class="start">
    <h1>Before the first step</h1>
    <p>
      Your first step freezes the pin tables as the baseline. {{ steps }} steps, about {{ minutes }} minutes.
    </p>
    <HazardBox
      severity="stop"
      title="Keep out"
      detail="Do not work on restraint (airbag, pretensioner) or orange high-voltage circuits here. Leave their connectors closed."
    />
    <HazardBox
      severity="caution"
      title="Battery off first, supply last"
      detail="Note what loses its memory. Observe the maker's waiting times and discharge capacitors. Wear eye protection with picks. For brakes, steering, lighting, immobiliser and odometer, local codes and licensed practice decide."
    />
    <form class="begin" @submit.prevent="begin">
      <div class="field">
        <label for="who">Your name (recorded in the ledger)</label
        ><InputText id="who" v-model="person" autocomplete="name" maxlength="80" />
      </div>
      <button type="submit" class="btn pri tall" :disabled="person.trim() === ''">Begin</button>
    </form>
  </main>
</template>

<style scoped src="./around.css"></style>
<style scoped>
.begin {
  display: flex;
  gap: 14px;
  align-items: end;
  flex-wrap: wrap;
}
.begin .field {
  flex: 1;
  min-width: 240px;
}
.begin :deep(.inp) {
  min-height: 56px;
  font-size: 18px;
}
</style>
