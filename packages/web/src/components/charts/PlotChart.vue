<script setup lang="ts">
/** A chart in the colours and type of the page; the library is loaded when the first one is shown. */
import { useElementSize } from "@vueuse/core";
import { onBeforeUnmount, ref, useTemplateRef, watch } from "vue";
import type Plotly from "plotly.js-basic-dist-min";
import type { Trace } from "plotly.js-basic-dist-min";
import { usePrefs } from "../../stores/prefs.ts";

const props = defineProps<{
  /** What the chart says, for those who do not see it. */
  title: string;
  /** Traces and layout in the colours at hand. */
  draw: (tone: (name: string) => string) => {
    readonly traces: readonly Trace[];
    readonly layout: Readonly<Record<string, unknown>>;
  };
  height: number;
}>();
const box = useTemplateRef<HTMLElement>("box");
const { width } = useElementSize(box);
const failed = ref(false);
const prefs = usePrefs();

/** The library writes no styles of its own where it finds an element of this name and class; the page allows none. */
const STYLES = "plotly.js-style-global";
function withoutOwnStyles(): void {
  if (document.getElementById(STYLES) !== null) return;
  const mark = document.createElement("meta");
  mark.id = STYLES;
  mark.className = "no-inline-styles";
  document.head.append(mark);
}
let library: typeof Plotly | null = null;
async function show(): Promise<void> {
  if (box.value === null || width.value === 0) return;
  withoutOwnStyles();
  try {
    library ??= (await import("plotly.js-basic-dist-min")).default;
  } catch {
    failed.value = true;
    return;
  }
  if (box.value === null) return;
  const css = getComputedStyle(document.documentElement);
  const tone = (name: string): string => css.getPropertyValue(`--${name}`).trim();
  const { traces, layout } = props.draw(tone);
  const axis = {
    color: tone("ink"),
    gridcolor: tone("rule"),
    zerolinecolor: tone("ink"),
    linecolor: tone("ink"),
    tickfont: { size: 13 },
    fixedrange: true,
  };
  const own = (name: string): object => (layout[name] as object | undefined) ?? {};
  await library.react(
    box.value,
    traces,
    {
      paper_bgcolor: "rgba(0,0,0,0)",
      plot_bgcolor: "rgba(0,0,0,0)",
      font: { family: tone("f-text"), size: 14, color: tone("ink") },
      margin: { l: 8, r: 16, t: 8, b: 36 },
      showlegend: false,
      ...layout,
      width: width.value,
      height: props.height,
      xaxis: { ...axis, ...own("xaxis") },
      yaxis: { ...axis, automargin: true, ...own("yaxis") },
    },
    { staticPlot: true, displayModeBar: false, logging: 0 },
  );
}
watch([box, width, () => props.draw, () => props.height, () => prefs.theme], () => void show(), {
  flush: "post",
});
onBeforeUnmount(() => {
  if (box.value !== null) library?.purge(box.value);
});
</script>

<template>
  <p v-if="failed" class="mut">The chart could not be loaded.</p>
  <figure v-else role="img" :aria-label="title">
    <div ref="box" :style="{ minHeight: `${height}px` }"></div>
  </figure>
</template>

<style>
/* The few rules that the library needs; it would write them into the page itself, which the page does not allow. */
.js-plotly-plot .svg-container {
  position: relative;
}
.js-plotly-plot .main-svg {
  position: absolute;
  top: 0;
  left: 0;
  pointer-events: none;
}
</style>
