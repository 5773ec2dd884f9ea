<script setup lang="ts">
import { onBeforeUnmount, onMounted } from "vue";
import CommandPalette from "./components/frame/CommandPalette.vue";
import ShortcutSheet from "./components/frame/ShortcutSheet.vue";
import { handleKey, useCommands } from "./composables/useCommands.ts";
import { router } from "./router.ts";
import { usePrefs } from "./stores/prefs.ts";

const prefs = usePrefs();
useCommands([
  { id: "jobs", title: "Go to all jobs", run: () => router.push({ name: "jobs" }) },
  { id: "theme", title: "Change between light and dark", run: prefs.turnTheme },
  { id: "parts", title: "Open the parts sheet", run: () => router.push({ name: "parts" }) },
]);
onMounted(() => window.addEventListener("keydown", handleKey));
onBeforeUnmount(() => window.removeEventListener("keydown", handleKey));
</script>

<template>
  <RouterView />
  <CommandPalette />
  <ShortcutSheet />
</template>
