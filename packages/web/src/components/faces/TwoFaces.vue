<script setup lang="ts">
/** The connector in hand, large, and another one beside it with their marks on the same side. */
import { useElementSize } from "@vueuse/core";
import { ref } from "vue";
import type { CavityLook, Connector, Dossier, Hold, PinId } from "@trevin/core";
import ConnectorFace from "../parts/ConnectorFace.vue";

defineProps<{
  paper: boolean;
  chosen: Connector;
  other: Connector | null;
  /** The other one can be picked from too: it is a connector of the job. */
  otherPickable: boolean;
  selected: PinId | null;
  /** Cavities that are live. */
  live: readonly PinId[];
  otherHand: PinId | null;
  now: ReadonlyMap<PinId, CavityLook>;
  otherNow: ReadonlyMap<PinId, CavityLook>;
  wires: Dossier["wires"];
  hold: Hold;
  counting: boolean;
}>();
const emit = defineEmits<{ pick: [pin: PinId]; point: [label: string | null] }>();
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
</script>

<template>
  <div ref="box" class="two-faces" :class="{ pair: other }">
    <ConnectorFace
      :connector="chosen"
      :hold="hold"
      :paper="paper"
      :width="Math.max(300, other && width > 860 ? width / 2 - 16 : width)"
      :in-hand="selected"
      :live="live"
      :now="now"
      :wires="wires"
      :counting="counting"
      pickable
      :max-pitch="72"
      :max-height="520"
      @pick="emit('pick', $event)"
      @point="emit('point', $event)"
    />
    <div v-if="other">
      <ConnectorFace
        :connector="other"
        :hold="hold"
        :paper="paper"
        :width="Math.max(300, width > 860 ? width / 2 - 16 : width)"
        :in-hand="otherHand"
        :now="otherNow"
        :wires="wires"
        :pickable="otherPickable"
        :max-pitch="72"
        :max-height="520"
        @pick="emit('pick', $event)"
      />
    </div>
  </div>
</template>

<style scoped>
.two-faces {
  min-width: 0;
  padding: 8px 0;
}
.two-faces.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 24px 32px;
}
</style>
