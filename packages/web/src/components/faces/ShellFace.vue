<script setup lang="ts">
/** A shell without a connector: every cavity as it comes, with one in hand. */
import { computed } from "vue";
import {
  blankConnector,
  blankPin,
  connectorId,
  pinId,
  slotsOf,
  type Connector,
  type Hold,
  type Shell,
} from "@trevin/core";
import ConnectorFace from "../parts/ConnectorFace.vue";

const props = withDefaults(
  defineProps<{
    shell: Shell;
    hold: Hold;
    width: number;
    inHand?: string;
    pickable?: boolean;
    maxPitch?: number;
    counting?: boolean;
    whole?: boolean;
    thumb?: boolean;
    maxHeight?: number | undefined;
  }>(),
  {
    maxHeight: undefined,
    thumb: false,
    inHand: "",
    pickable: false,
    maxPitch: 52,
    counting: false,
    whole: false,
  },
);
const emit = defineEmits<{ pick: [label: string]; point: [label: string | null] }>();
const connector = computed<Connector>(() => ({
  ...blankConnector(connectorId("shell"), props.shell.name, "vehicle"),
  shell: props.shell,
  pins: slotsOf(props.shell).map((slot, order) => ({
    ...blankPin(pinId(`shell.${slot.label ?? order + 1}`), slot.label ?? String(order + 1), order),
    content: "empty" as const,
  })),
}));
const label = (id: string): string => id.slice("shell.".length);
</script>

<template>
  <ConnectorFace
    :connector="connector"
    :hold="hold"
    :width="width"
    :in-hand="inHand === '' ? null : pinId(`shell.${inHand}`)"
    :pickable="pickable"
    :max-pitch="maxPitch"
    :counting="counting"
    :whole="whole"
    :thumb="thumb"
    :max-height="maxHeight"
    @pick="emit('pick', label($event))"
    @point="emit('point', $event)"
  />
</template>
