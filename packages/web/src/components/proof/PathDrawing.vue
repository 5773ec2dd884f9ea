<script setup lang="ts">
/** The way from the battery over a part to ground: the voltage along it above, what is there below. */
import { useElementSize } from "@vueuse/core";
import { computed, useTemplateRef } from "vue";
import {
  colourInWords,
  DEVICE_NAMES,
  KEY_WORDS,
  pinColour,
  pinName,
  voltWords,
  type InsertedDevice,
  type Key,
  type PathPart,
  type PinId,
  type PlacedPin,
} from "@trevin/core";
import DrawnWire from "../parts/DrawnWire.vue";

const props = defineProps<{
  path: readonly PathPart[];
  pins: ReadonlyMap<PinId, PlacedPin>;
  devices: ReadonlyMap<string, InsertedDevice>;
  keyAt: Key;
  battery: number;
}>();
const box = useTemplateRef<HTMLElement>("box");
const { width } = useElementSize(box);
const HEIGHT = 100;
/** A pin's own feed and ground are part of its wire; what is drawn is what a hand can find. */
const parts = computed(() => props.path.filter(({ what }) => what !== "ground-wire"));
const slot = computed(() => Math.max(74, width.value / Math.max(1, parts.value.length)));
/** Width of a figure with its unit, px. */
const LABEL = 66;
/** Room for the figures above the line. */
const TOP = 26;
const y = (volts: number | null): number =>
  TOP + (1 - Math.max(0, volts ?? 0) / props.battery) * (HEIGHT - TOP - 6);
/** The voltage line: a broken piece where nothing is known of a voltage. */
const line = computed(() =>
  parts.value
    .map((part, i) => {
      const [left, right] = [i * slot.value, (i + 1) * slot.value];
      if (part.what === "battery") return `M${left + slot.value / 2} ${y(part.behind)}H${right}`;
      if (part.behind === null || part.before === null) return `M${left} ${y(part.before)}h${slot.value / 2}`;
      return `M${left} ${y(part.before)}L${left + slot.value * 0.3} ${y(part.before)}L${left + slot.value * 0.7} ${y(part.behind)}H${right}`;
    })
    .join(""),
);
/** Voltages that are told: at the battery, and wherever a tenth of a volt or more is lost. */
const told = computed(() => {
  const all = everyTold.value;
  const shown: (typeof all)[number][] = [];
  for (const one of all) {
    const last = shown.at(-1);
    if (last === undefined || (one.x - last.x >= LABEL && voltWords(one.volts) !== voltWords(last.volts)))
      shown.push(one);
  }
  return shown;
});
const everyTold = computed(() =>
  parts.value.flatMap((part, i) => {
    if (part.what === "battery") return [{ x: slot.value / 2, volts: part.behind ?? 0, top: y(part.behind) }];
    const fell = Math.abs((part.before ?? 0) - (part.behind ?? 0)) >= 0.1;
    return fell && part.before !== null && part.what !== "chassis"
      ? [{ x: i * slot.value + 2, volts: part.before, top: y(part.before) }]
      : [];
  }),
);
const placed = (pin: PinId): PlacedPin | null => props.pins.get(pin) ?? null;
const nameOf = (pin: PinId): string => {
  const one = placed(pin);
  return one === null ? "" : pinName(one);
};
const functionOf = (pin: PinId): string => placed(pin)?.pin.function ?? "";
const colourOf = (pin: PinId) => {
  const one = placed(pin);
  return one === null ? null : pinColour(one.pin, one.connector);
};
function fuseWords(fuse: { readonly amps: number | null } | null): string {
  if (fuse === null) return "";
  return fuse.amps === null ? "fuse, rating not known" : `${fuse.amps} A`;
}
function words(part: PathPart): readonly [title: string, detail: string] {
  switch (part.what) {
    case "battery":
      return ["battery", ""];
    case "key":
      return [`key, ${KEY_WORDS[props.keyAt]}`, part.closed ? "" : "open"];
    case "supply":
      return [part.name, fuseWords(part.fuse)];
    case "supply-wire":
      return ["fuse", "not recorded"];
    case "wire": {
      const colour = colourOf(part.pin);
      return [nameOf(part.pin), colour === null ? "" : colourInWords(colour)];
    }
    case "output":
    case "pull":
      return [part.closed ? "on" : "off", `${nameOf(part.pin)} ${functionOf(part.pin)}`];
    case "device": {
      const device = props.devices.get(part.device);
      if (part.diode !== null) return ["diode", part.diode === "with" ? "lets through" : "blocks"];
      return [device === undefined ? "part" : DEVICE_NAMES[device.kind], part.closed ? "" : "open"];
    }
    case "passes":
      return [part.closed ? "lets through" : "open", "the part it is led through"];
    case "part":
      return [functionOf(part.pin) || "part", nameOf(part.pin)];
    case "ground":
      return [part.name, "ground"];
    default:
      return ["ground", ""];
  }
}
const isSwitch = (part: PathPart): part is Extract<PathPart, { closed: boolean }> =>
  "closed" in part && part.what !== "device";
</script>

<template>
  <div ref="box" class="way" tabindex="0" role="region" aria-label="Way of the current">
    <div class="inner" :style="{ width: `${slot * parts.length}px` }">
      <svg :width="slot * parts.length" :height="HEIGHT" aria-hidden="true">
        <path :d="`M0 ${y(0)}H${slot * parts.length}`" class="zero" />
        <path :d="line" class="line" />
        <text v-for="one in told" :key="one.x" :x="one.x" :y="one.top - 7">
          {{ voltWords(one.volts) }}
        </text>
      </svg>
      <ol :style="{ gridTemplateColumns: `repeat(${parts.length}, ${slot}px)` }">
        <li v-for="(part, i) in parts" :key="i">
          <span class="sym" :class="part.what">
            <DrawnWire
              v-if="part.what === 'wire'"
              :colour="colourOf(part.pin)"
              :size="placed(part.pin)?.pin.size ?? null"
              :length="slot"
            />
            <svg
              v-else
              width="100%"
              height="26"
              viewBox="0 0 74 26"
              preserveAspectRatio="none"
              aria-hidden="true"
            >
              <template v-if="part.what === 'battery'">
                <path d="M37 13H74M37 2v22M30 7v12M30 13H22" />
              </template>
              <template v-else-if="part.what === 'chassis'">
                <path d="M0 13h37v3M24 16h26M29 20h16M34 24h6" />
              </template>
              <template v-else-if="part.what === 'device' && part.diode !== null">
                <path d="M0 13h74" />
                <path :d="part.diode === 'with' ? 'M26 4v18l20-9z' : 'M48 4v18L28 13z'" class="solid" />
                <path :d="part.diode === 'with' ? 'M47 3v20' : 'M27 3v20'" class="thick" />
              </template>
              <template v-else-if="isSwitch(part)">
                <path d="M0 17h20M54 17h20" />
                <path :d="part.closed ? 'M20 17h34' : 'M20 17L50 4'" class="thick" />
                <circle cx="20" cy="17" r="3" />
                <circle cx="54" cy="17" r="3" />
              </template>
              <template v-else-if="part.what === 'part'">
                <path d="M0 13h17M57 13h17" />
                <rect x="17" y="3" width="40" height="20" />
                <path d="M17 3l40 20M57 3l-40 20" class="thin" />
              </template>
              <template v-else-if="part.what === 'supply' || part.what === 'supply-wire'">
                <path d="M0 13h74" />
                <rect x="19" y="6" width="36" height="14" :class="{ dash: part.what === 'supply-wire' }" />
                <path d="M19 13h36" class="thin" />
              </template>
              <template v-else>
                <path d="M0 13h17M57 13h17" />
                <rect x="17" y="3" width="40" height="20" />
              </template>
            </svg>
          </span>
          <b>{{ words(part)[0] }}</b>
          <span class="mut">{{ words(part)[1] }}</span>
        </li>
      </ol>
    </div>
  </div>
</template>

<style scoped>
.way {
  overflow-x: auto;
}
.zero {
  stroke: var(--rule2);
  stroke-width: 1;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
text {
  font: 500 15px/1 var(--f-code);
  fill: var(--ink);
}
ol {
  display: grid;
}
li {
  display: grid;
  justify-items: center;
  align-content: start;
  text-align: center;
  font: 500 13.5px/15px var(--f-label);
  overflow-wrap: anywhere;
}
li b {
  font-weight: 600;
  margin-top: 3px;
  padding: 0 3px;
}
li > .mut {
  padding: 0 3px;
}
.sym {
  height: 28px;
  width: 100%;
  display: grid;
  align-items: center;
}
.sym path,
.sym rect,
.sym circle {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
  vector-effect: non-scaling-stroke;
}
.sym rect,
.sym circle {
  fill: var(--sheet);
}
.sym .thick {
  stroke-width: 3;
}
.sym .solid {
  fill: var(--ink);
}
.sym .thin {
  stroke-width: 1;
}
.sym .dash {
  stroke-dasharray: 4 3;
}
</style>
