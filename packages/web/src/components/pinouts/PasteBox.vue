<script setup lang="ts">
/** Where a table is pasted, or a file is opened. */
import { ref } from "vue";

defineProps<{ name: string; opening: boolean; problem: string }>();
/** What is in the box: kept until it is in the pin table. */
const text = defineModel<string>("text", { required: true });
const emit = defineEmits<{ read: [text: string]; file: [file: File] }>();
const picker = ref<HTMLInputElement | null>(null);
const pasteBox = ref<HTMLTextAreaElement | null>(null);

/** A paste is read at once; what is typed is read when the hand asks for it. */
function onPaste(event: ClipboardEvent): void {
  const pasted = event.clipboardData?.getData("text/plain") ?? "";
  if (pasted.trim() === "" || text.value.trim() !== "") return;
  event.preventDefault();
  emit("read", pasted);
}
function choose(): void {
  const file = picker.value?.files?.[0];
  if (file !== undefined) emit("file", file);
  if (picker.value !== null) picker.value.value = "";
}
defineExpose({ focus: () => pasteBox.value?.focus(), pick: () => picker.value?.click() });
</script>

<template>
  <div class="pastebox">
    <span class="line">
      <textarea
        ref="pasteBox"
        v-model="text"
        class="inp"
        :rows="text === '' ? 1 : 6"
        :aria-label="`Paste a table into ${name}`"
        placeholder="Paste a table or a list: cavity, colour, size, function"
        @paste="onPaste"
        @keydown.ctrl.enter.prevent="emit('read', text)"
      /><button
        type="button"
        class="btn quiet"
        title="XLSX, CSV, TSV or text"
        :disabled="opening"
        @click="picker?.click()"
      >
        {{ opening ? "Opening" : "Open a file" }} <kbd class="letter">O</kbd>
      </button></span
    >
    <p v-if="problem" class="bad" role="alert">{{ problem }} The pin table has not changed.</p>
    <button v-if="text.trim() !== ''" type="button" class="btn read" @click="emit('read', text)">
      Read these lines <kbd>Ctrl Enter</kbd>
    </button>
    <input
      ref="picker"
      class="sr"
      type="file"
      tabindex="-1"
      aria-label="Table file"
      accept=".xlsx,.xlsm,.csv,.tsv,.txt,.xls"
      @change="choose"
    />
  </div>
</template>

<style scoped>
.pastebox {
  display: grid;
  gap: 6px;
}
.pastebox .line {
  display: flex;
  gap: 10px;
  align-items: start;
}
.pastebox .read {
  justify-self: start;
}
.pastebox textarea {
  resize: vertical;
  font: 500 13px/1.4 var(--f-code);
}
</style>
