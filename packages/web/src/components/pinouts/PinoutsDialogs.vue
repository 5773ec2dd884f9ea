<script lang="ts">
/** What can be opened over the pin tables. */
export type PinoutsDialog = "sources" | "alike" | "supplies";
</script>
<script setup lang="ts">
import { computed } from "vue";
import type { ConnectorId, Dossier, PinId, Source } from "@trevin/core";
import { useJob } from "../../stores/job.ts";
import SuppliesDialog from "../supplies/SuppliesDialog.vue";
import LookAlikesDialog from "./LookAlikesDialog.vue";
import SourcesDialog from "./SourcesDialog.vue";

defineProps<{ dossier: Dossier }>();
const emit = defineEmits<{ show: [connector: ConnectorId, pin: PinId] }>();
const open = defineModel<PinoutsDialog | null>("open", { required: true });
const store = useJob();
const isOpen = (one: PinoutsDialog) =>
  computed({ get: () => open.value === one, set: (to) => (open.value = to ? one : null) });
const [sources, alike, supplies] = [isOpen("sources"), isOpen("alike"), isOpen("supplies")];
const problem = computed(() => store.refused?.detail ?? "");
const putSource = (next: Source): void => void store.putSource(next);
</script>

<template>
  <SourcesDialog
    v-model:open="sources"
    :dossier="dossier"
    :problem="problem"
    @put="putSource"
    @remove="store.removeSource($event)"
    @forget="store.forgetWord($event)"
  />
  <SuppliesDialog
    v-model:open="supplies"
    :dossier="dossier"
    :problem="problem"
    :change="store.changeWiring"
  />
  <LookAlikesDialog v-model:open="alike" :dossier="dossier" @show="(one, pin) => emit('show', one, pin)" />
</template>
