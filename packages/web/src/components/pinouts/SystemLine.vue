<script setup lang="ts">
/** How well the declared colour system fits the codes of a connector, and what another one would make of them. */
import { COLOUR_SYSTEM_NAMES, rankSystems, type ColourSystem, type Connector } from "@trevin/core";
import { computed } from "vue";
import { readOtherwise } from "../../grid/colours.ts";

const props = defineProps<{ connector: Connector }>();
const emit = defineEmits<{ declare: [system: ColourSystem] }>();
const systems = computed(() => {
  const ranks = rankSystems(
    props.connector.pins.filter((one) => one.colourSystem === null).map((one) => one.colour),
  );
  const declared = ranks.find((rank) => rank.system === props.connector.colourSystem);
  const [best] = ranks;
  return {
    declared,
    elsewhere: readOtherwise(props.connector),
    better: best !== undefined && declared !== undefined && best.read > declared.read ? best : null,
  };
});
</script>

<template>
  <p v-if="systems.declared && systems.declared.total > 0" class="systems">
    <b>{{ COLOUR_SYSTEM_NAMES[connector.colourSystem] }}:</b> {{ systems.declared.read }} of
    {{ systems.declared.total }} codes match.
    <template v-if="systems.better">
      {{ COLOUR_SYSTEM_NAMES[systems.better.system] }} would read {{ systems.better.read }}.
      <button type="button" class="link" @click="emit('declare', systems.better.system)">
        Switch
      </button></template
    >
    <template v-if="systems.elsewhere.length > 0">
      Ambiguous codes:
      <span class="code">{{ systems.elsewhere.slice(0, 10).join(" ") }}</span><template
        v-if="systems.elsewhere.length > 10"
      >
        and {{ systems.elsewhere.length - 10 }} more</template
      ></template
    >
  </p>
</template>
