<script setup lang="ts">
/** How the battery goes down while the car stands. */
import { computed } from "vue";
import PlotChart from "../charts/PlotChart.vue";

const props = defineProps<{
  /** What is drawn asleep, A. */
  amps: number;
  ampereHours: number;
  /** Until it no longer starts the engine. */
  days: number;
}>();
const HOURS = 24;
const said = computed(
  () => `The battery over the days it stands: too flat to start after ${Math.round(props.days)}`,
);
const draw = computed(() => (tone: (name: string) => string) => {
  const empty = props.ampereHours / props.amps / HOURS;
  return {
    traces: [
      { type: "scatter", mode: "lines", x: [0, empty], y: [100, 0], line: { color: tone("ink"), width: 3 } },
      {
        type: "scatter",
        mode: "markers",
        x: [props.days],
        y: [100 * (1 - props.days / empty)],
        marker: { color: tone("stop"), size: 12 },
      },
    ],
    layout: {
      xaxis: { title: { text: "days" }, range: [0, empty] },
      yaxis: { title: { text: "%" }, range: [0, 104], tickvals: [0, 50, 100] },
    },
  };
});
</script>

<template>
  <PlotChart :title="said" :draw="draw" :height="170" />
</template>
