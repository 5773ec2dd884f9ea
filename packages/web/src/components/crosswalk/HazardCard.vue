<script setup lang="ts">
/** One hazard of the chosen circuit: its cures to take, or a reason to accept it. */
import InputText from "primevue/inputtext";
import { computed, ref, watch } from "vue";
import type { Fix, Hazard } from "@trevin/core";
import HazardBox from "../parts/HazardBox.vue";

const props = defineProps<{ hazard: Hazard; alike: number; first: boolean; person: string }>();
const answering = defineModel<boolean>("answering", { required: true });
const emit = defineEmits<{
  fix: [fix: Fix];
  accept: [reason: string, all: boolean, by: string];
  withdraw: [];
}>();
const reason = ref("");
const by = ref("");
const all = ref(true);
watch(answering, (now) => {
  if (now) {
    reason.value = "";
    by.value = props.person;
    all.value = true;
  }
});
const isOpen = computed(() => !props.hazard.cured && props.hazard.answered === null);
const accept = (): void => {
  if (reason.value.trim() !== "")
    emit("accept", reason.value.trim(), all.value && props.alike > 1, by.value.trim());
};
</script>

<template>
  <HazardBox
    :severity="hazard.severity"
    :title="hazard.title"
    :detail="hazard.detail"
    :cure="hazard.cured ? '' : hazard.cure"
    :settled="hazard.cured ? 'cured' : hazard.answered ? 'accepted' : ''"
  >
    <p v-if="hazard.cured"><b>Fixed by the plan:</b> {{ hazard.cure }}</p>
    <p v-else-if="hazard.answered">
      <b>Accepted:</b> {{ hazard.answered.reason
      }}<template v-if="hazard.answered.by">, {{ hazard.answered.by }}</template
      >{{ " " }}<button type="button" class="link" @click="emit('withdraw')">withdraw</button>
    </p>
    <div v-else-if="isOpen && hazard.severity !== 'note' && !answering" class="cures">
      <button
        v-for="(fix, i) in hazard.fixes"
        :key="fix.words"
        type="button"
        class="btn"
        :class="{ pri: i === 0 }"
        @click="emit('fix', fix)"
      >
        {{ fix.words }} <kbd v-if="first && i === 0">Enter</kbd>
      </button>
      <button v-if="hazard.decision" type="button" class="btn quiet" @click="answering = true">
        Accept with a reason… <kbd v-if="first">H</kbd>
      </button>
      <span v-else class="why">{{
        hazard.severity === "stop" ? "It can be cured or accepted once the circuit is decided." : ""
      }}</span>
    </div>
    <form v-if="answering" class="reason" @submit.prevent="accept" @keydown.esc.stop="answering = false">
      <InputText
        v-model="reason"
        aria-label="Reason"
        placeholder="Why is this acceptable?"
        maxlength="500"
        autofocus
      />
      <InputText v-model="by" aria-label="Accepted by" placeholder="Your name" maxlength="80" />
      <label v-if="alike > 1"><input v-model="all" type="checkbox" /> for all {{ alike }} of this rule</label>
      <div class="cures">
        <button class="btn pri" type="submit" :disabled="reason.trim() === ''">Accept</button
        ><button class="btn quiet" type="button" @click="answering = false">Cancel</button>
      </div>
    </form>
  </HazardBox>
</template>

<style scoped>
.cures {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 7px;
}
.cures .btn {
  min-height: 32px;
  font-size: 15px;
  padding: 3px 9px;
  white-space: normal;
  text-align: left;
  line-height: 17px;
}
.reason {
  display: grid;
  gap: 6px;
  margin-top: 7px;
}
.reason label {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 13.5px;
}
.reason label input {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
</style>
