<script setup lang="ts">
/** What happens between two sides: the line's pattern says how sure, the mark on it what is done. */
import { computed } from "vue";
import type { InsertedDevice, Sureness, Act } from "@trevin/core";
import SeriesPath from "./SeriesPath.vue";

const props = withDefaults(
  defineProps<{
    act: Act;
    sure?: Sureness;
    words?: string;
    under?: string;
    width?: number;
    mirrored?: boolean;
    device?: InsertedDevice | null;
    /** The wires on the left stay whole, and branches of them meet. */
    whole?: boolean;
    /** How many wires come from each side, and how high one of them stands, in px. */
    left?: number;
    right?: number;
    rowHeight?: number;
  }>(),
  {
    sure: "sure",
    words: "",
    under: "",
    width: 120,
    mirrored: false,
    device: null,
    whole: false,
    left: 1,
    right: 1,
    rowHeight: 37,
  },
);
const DASH: Readonly<Record<Sureness, string>> = { sure: "none", check: "9 5", guess: "0.1 6" };
const LETTERS: Readonly<Record<InsertedDevice["kind"], string>> = {
  diodes: "",
  divider: "DIV",
  regulator: "REG",
  relay: "RLY",
  resistor: "RES",
  fuse: "FUSE",
  switch: "SW",
  converter: "CNV",
};

const FORKED: readonly Act[] = ["split", "tap", "merge", "mate", "series", "jumper"];
const several = computed(() => FORKED.includes(props.act));
const height = computed(() => (several.value ? Math.max(props.left, props.right) * props.rowHeight : 16));
const dash = computed(() => DASH[props.sure]);
const spread = (count: number): readonly number[] =>
  Array.from({ length: count }, (_, i) => ((i + 0.5) * height.value) / count);
/** The branches of a split or merge, from the joint outwards; a jumper's from its turn. */
const joint = computed(() => ({ x: props.width / 2 + (props.whole ? 16 : 0), y: height.value / 2 }));
/** What goes on past its branch, from each tapped wire back to where it came from. */
const goingOn = computed(() => (props.whole ? spread(props.left) : []));
const branches = computed(() => {
  const many = spread(Math.max(props.left, props.right));
  const { x, y } = joint.value;
  if (props.act === "jumper") {
    const [top = 0, bottom = 0] = [many[0], many.at(-1)];
    return [
      `M2 ${top}H${props.width * 0.5}Q${props.width * 0.66} ${top} ${props.width * 0.66} ${(top + bottom) / 2}T${props.width * 0.5} ${bottom}H2`,
      ...many.slice(1, -1).map((line) => `M2 ${line}H${props.width * 0.66}`),
    ];
  }
  const toTheRight = props.act === "split" || props.act === "tap";
  const out = toTheRight ? props.width - 2 : 2;
  const way = toTheRight ? 1 : -1;
  return many.map((line) => `M${x + 11 * way} ${y}Q${x + 22 * way} ${line} ${x + 38 * way} ${line}H${out}`);
});
/** Where the diodes of a merge or split sit, and which way they point. */
const diodes = computed(() => {
  if (props.device?.kind !== "diodes") return [];
  const points = props.device.band === "incoming" ? 1 : -1;
  if (!several.value) return [{ x: props.width / 2, y: 8, points }];
  const left = props.whole ? 32 : 16;
  const x = props.act === "split" || props.act === "tap" ? props.width - 20 : left;
  return spread(Math.max(props.left, props.right)).map((y) => ({ x, y, points }));
});
const boxAt = computed(() => {
  if (props.act === "tap") return { x: props.width - 26, y: joint.value.y };
  return several.value ? joint.value : { x: props.width / 2, y: 8 };
});
const boxed = computed(() =>
  props.device === null || props.device.kind === "diodes" ? "" : LETTERS[props.device.kind],
);
</script>

<template>
  <div class="link" :class="{ forked: several, from: mirrored }" :style="{ width: `${width}px` }">
    <span
      class="words lab"
      :class="{
        far: act === 'merge',
        beside: several && act !== 'jumper' && act !== 'mate' && act !== 'tap',
      }"
      >{{ words }}</span
    >
    <span v-if="under" class="words lab under" :class="{ far: act === 'merge' }">{{ under }}</span>
    <svg
      :width="width"
      :height="height"
      :viewBox="`0 0 ${width} ${height}`"
      aria-hidden="true"
      :class="{ mirrored }"
    >
      <g stroke="var(--ink)" stroke-width="2.5" fill="none" stroke-linecap="round">
        <SeriesPath v-if="act === 'series'" :joint="joint" :width="width" :height="height" :dash="dash" />
        <template v-else-if="act === 'mate'">
          <path
            v-for="y in spread(left)"
            :key="y"
            :d="`M2 ${y}H${joint.x - 8}M${joint.x + 8} ${y}H${width - 2}`"
            :stroke-dasharray="dash"
          />
          <path
            :d="`M${joint.x - 8} 15h6v${height - 20}h-6zM${joint.x + 2} 15h6v${height - 20}h-6z`"
            fill="var(--sheet)"
            stroke-width="1.8"
          />
        </template>
        <template v-else-if="act === 'tap'">
          <path :d="`M2 ${joint.y}H${joint.x - 5}m-6 0q-1 10 -12 10H12`" :stroke-dasharray="dash" />
          <path
            :d="`M12 ${joint.y + 4.5} L2 ${joint.y + 10} L12 ${joint.y + 15.5}z`"
            fill="var(--ink)"
            stroke="none"
          />
          <path v-for="branch in branches" :key="branch" :d="branch" :stroke-dasharray="dash" />
          <path :d="`M${joint.x - 5} ${joint.y}H${joint.x + 11}`" :stroke-dasharray="dash" />
          <circle :cx="joint.x - 5" :cy="joint.y" r="4.5" fill="var(--ink)" stroke="none" />
        </template>
        <template v-else-if="several">
          <path
            v-if="act !== 'jumper'"
            :d="
              act === 'split' ? `M2 ${joint.y}H${joint.x - 11}` : `M${joint.x + 11} ${joint.y}H${width - 2}`
            "
            :stroke-dasharray="dash"
          />
          <path v-for="branch in branches" :key="branch" :d="branch" :stroke-dasharray="dash" />
          <g v-for="y in goingOn" :key="y" fill="var(--ink)">
            <path :d="`M20 ${y}q-1 9 -10 9`" :stroke-dasharray="dash" fill="none" />
            <path :d="`M11 ${y + 4} L2 ${y + 9} L11 ${y + 14}z`" stroke="none" />
            <circle cx="20" :cy="y" r="4" stroke="none" />
          </g>
          <template v-if="act !== 'jumper' && boxed === ''">
            <rect
              :x="joint.x - 11"
              :y="joint.y - 5"
              width="22"
              height="10"
              rx="3"
              fill="var(--sheet)"
              stroke-width="2"
            />
            <path
              :d="`M${joint.x - 4} ${joint.y - 5}v10M${joint.x + 4} ${joint.y - 5}v10`"
              stroke-width="1.5"
            />
          </template>
        </template>
        <template v-else-if="act === 'move'">
          <path :d="`M2 8H${width - 12}`" :stroke-dasharray="dash" />
          <path
            :d="`M${width - 12} 2.5 L${width - 1} 8 L${width - 12} 13.5z`"
            fill="var(--ink)"
            stroke="none"
          />
        </template>
        <template v-else-if="act === 'populate'">
          <path :d="`M12 8H${width - 2}`" :stroke-dasharray="dash" />
          <path d="M12 2.5 L1 8 L12 13.5z" fill="var(--ink)" stroke="none" />
        </template>
        <template v-else-if="act === 'splice'">
          <path :d="`M2 8H${width - 2}`" :stroke-dasharray="dash" />
          <template v-if="device === null">
            <rect
              :x="width / 2 - 11"
              y="3"
              width="22"
              height="10"
              rx="3"
              fill="var(--sheet)"
              stroke-width="2"
            />
            <path :d="`M${width / 2 - 4} 3v10M${width / 2 + 4} 3v10`" stroke-width="1.5" />
          </template>
        </template>
        <template v-else-if="act === 'adapter'">
          <path :d="`M2 8H${width - 2}`" :stroke-dasharray="dash" />
          <path :d="`M14 2.5h6v11h-6zM${width - 20} 2.5h6v11h-6z`" fill="var(--sheet)" stroke-width="1.8" />
        </template>
        <template v-else-if="act === 'shift'">
          <path d="M2 8H22a5 5 0 0 1 0 7H10" :stroke-dasharray="dash" />
          <path d="M12 11.5 L4 15 L12 18.5z" fill="var(--ink)" stroke="none" />
        </template>
        <template v-else-if="act === 'cap'">
          <path :d="`M2 8H24`" :stroke-dasharray="dash" />
          <path d="M24 1.5h6a7 6.5 0 0 1 0 13h-6z" fill="var(--sheet)" stroke-width="1.8" />
        </template>
        <template v-else-if="act === 'remove'">
          <path d="M2 8H20" :stroke-dasharray="dash" />
          <path d="M22 2l12 12M34 2l-12 12" stroke-width="2" />
        </template>
        <template v-else-if="act === 'leave'">
          <path d="M2 8H24" :stroke-dasharray="dash" />
          <path d="M27 2v12M32 2v12" stroke-width="2" />
        </template>
        <template v-else-if="act === 'feed'">
          <path :d="`M18 8H${width - 2}`" :stroke-dasharray="dash" />
          <circle cx="10" cy="8" r="7" fill="var(--sheet)" stroke-width="2" />
          <path d="M10 4.5v7M6.5 8h7" stroke-width="1.8" />
        </template>
        <template v-else>
          <path :d="`M24 8H${width - 2}`" stroke-dasharray="0.1 6" />
          <circle cx="10" cy="8" r="7.5" fill="var(--sheet)" stroke-width="1.8" />
          <text
            x="10"
            y="12.5"
            text-anchor="middle"
            stroke="none"
            fill="var(--ink)"
            class="q"
            :transform="mirrored ? 'translate(20 0) scale(-1 1)' : undefined"
          >
            ?
          </text>
        </template>
        <g
          v-for="diode in diodes"
          :key="`${diode.x} ${diode.y}`"
          :transform="`translate(${diode.x} ${diode.y}) scale(${diode.points} 1)`"
        >
          <path d="M-6 -5.5L5 0L-6 5.5z" fill="var(--sheet)" stroke-width="1.6" stroke-linejoin="round" />
          <path d="M5.5 -6v12" stroke-width="2" />
        </g>
        <g v-if="boxed !== ''" :transform="`translate(${boxAt.x} ${boxAt.y})`">
          <rect x="-19" y="-8" width="38" height="16" fill="var(--sheet)" stroke-width="1.8" />
          <text x="0" y="4.5" text-anchor="middle" stroke="none" fill="var(--ink)" class="kind">
            {{ boxed }}
          </text>
        </g>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.link {
  position: relative;
}
.words {
  display: block;
  padding: 0 3px;
  height: 15px;
  line-height: 15px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.from .words {
  text-align: right;
}
.forked .words {
  position: absolute;
  left: 0;
  right: 0;
  z-index: 1;
  top: -1px;
}
.forked .words.beside {
  top: calc(50% - 19px);
  right: 58%;
}
.forked .words.under {
  top: calc(50% + 4px);
  right: 58%;
}
.forked .words.far {
  right: 0;
  left: 58%;
  text-align: right;
}
.mirrored {
  transform: scaleX(-1);
}
.q {
  font: 700 12px/1 var(--f-code);
}
.kind {
  font: 600 13px/1 var(--f-label);
  letter-spacing: 0.05em;
}
</style>
