<script setup lang="ts">
/** What flows through each fuse and out of the battery with everything on, in each position of the key, beside what the fuse is rated for. */
import { computed } from "vue";
import { fuseCurrents, KEY_WORDS, type JobNetwork } from "@trevin/core";
import PlotChart from "../charts/PlotChart.vue";

const props = defineProps<{ network: JobNetwork }>();
const rows = computed(() => fuseCurrents(props.network));
const named = (name: string | null): string => name ?? "battery";
const most = (amps: (typeof rows.value)[number]["amps"]): number => Math.max(...Object.values(amps));
const said = computed(
  () =>
    `Current with everything on: ${rows.value
      .map(
        ({ name, rating, amps }) =>
          `${named(name)} ${most(amps).toFixed(1)} A${rating === null ? "" : ` of ${rating} A`}`,
      )
      .join(", ")}`,
);
/** Height of a fuse's bars, px. */
const ROW = 74;
const draw = computed(() => (tone: (name: string) => string) => {
  const names = rows.value.map(({ name }) => named(name));
  const shades = [tone("rule"), tone("tin"), tone("ink2"), tone("ink")];
  const bars = props.network.positions.map((key, i) => ({
    type: "bar",
    orientation: "h",
    name: KEY_WORDS[key],
    y: names,
    x: rows.value.map(({ amps }) => amps[key]),
    marker: { color: shades[i], line: { color: tone("ink"), width: 1 } },
    text: rows.value.map(({ amps }) =>
      amps[key] < 0.05 ? "" : `${KEY_WORDS[key]} ${amps[key].toFixed(1)} A`,
    ),
    textposition: "outside",
    cliponaxis: false,
    textfont: { size: 13 },
  }));
  const shapes = rows.value.flatMap(({ rating }, i) =>
    rating === null
      ? []
      : [
          {
            type: "line",
            x0: rating,
            x1: rating,
            y0: i - 0.45,
            y1: i + 0.45,
            line: { color: tone("stop"), width: 4 },
          },
        ],
  );
  const annotations = rows.value.flatMap(({ rating }, i) =>
    rating === null
      ? []
      : [
          {
            x: rating,
            y: i - 0.45,
            text: `${rating} A`,
            showarrow: false,
            yanchor: "top",
            xanchor: "left",
            xshift: 4,
            font: { size: 13, color: tone("stop-ink") },
          },
        ],
  );
  const widest = Math.max(...rows.value.map(({ amps, rating }) => Math.max(most(amps), rating ?? 0)), 1);
  return {
    traces: bars,
    layout: {
      barmode: "group",
      bargap: 0.3,
      shapes,
      annotations,
      xaxis: { title: { text: "A" }, range: [0, widest * 1.25] },
      yaxis: { autorange: "reversed", type: "category" },
    },
  };
});
</script>

<template>
  <PlotChart :title="said" :draw="draw" :height="60 + rows.length * ROW" />
</template>
