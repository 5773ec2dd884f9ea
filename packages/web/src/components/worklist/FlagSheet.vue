<script setup lang="ts">
/** Flags to fold around the wires, for paper: from where to where, and a code that opens the circuit in Trevin. */
import { computed } from "vue";
import { useRouter } from "vue-router";
import { toSVG } from "bwip-js/browser";
import { colourInWords, flagsOf, pinColour, pinName, type Dossier, type Flag } from "@trevin/core";

const props = withDefaults(
  defineProps<{
    dossier: Dossier;
    /** Names of wires that get no flag. */
    out: ReadonlySet<string>;
    /** Whether each flag has a tick for being printed. */
    pick?: boolean;
  }>(),
  { pick: false },
);
const emit = defineEmits<{ turn: [name: string] }>();
const router = useRouter();
const urlOf = ({ pin }: Flag): string =>
  new URL(router.resolve({ name: "crosswalk", query: { pin: pin.pin.id } }).href, location.origin).href;
const flags = computed(() =>
  flagsOf(props.dossier).map((flag) => {
    const colour = pinColour(flag.pin.pin, flag.pin.connector);
    return {
      ...flag,
      name: pinName(flag.pin),
      colour: colour === null ? flag.pin.pin.colour : colourInWords(colour),
      code: toSVG({ bcid: "qrcode", text: urlOf(flag), scale: 2 }),
    };
  }),
);
const shown = computed(() => flags.value.filter(({ name }) => props.pick || !props.out.has(name)));
</script>

<template>
  <section class="flags" aria-label="Wire flags">
    <!-- The code is drawn by the library from this job's own address. -->
    <article v-for="flag in shown" :key="flag.name" :class="{ off: out.has(flag.name) }">
      <input
        v-if="pick"
        type="checkbox"
        class="pick"
        :checked="!out.has(flag.name)"
        :aria-label="`Print the flag of ${flag.name}`"
        @change="emit('turn', flag.name)"
      />
      <!-- eslint-disable-next-line vue/no-v-html -->
      <span class="code" role="img" :aria-label="`Code that opens ${flag.name}`" v-html="flag.code" />
      <p>
        <b>{{ flag.name }}</b><span v-if="flag.to"> to {{ flag.to }}</span>
      </p>
      <p class="small what">{{ flag.pin.pin.function }}</p>
      <p class="small">
        {{ flag.colour }}<template v-if="flag.pin.pin.size">, {{ flag.pin.pin.size }} mm²</template>
      </p>
      <p class="again">
        <b>{{ flag.name }}</b><span v-if="flag.to"> to {{ flag.to }}</span>
      </p>
    </article>
  </section>
</template>

<style scoped>
.flags {
  display: grid;
  grid-template-columns: repeat(2, 88mm);
  gap: 3mm 6mm;
  color: #000;
  background: #fff;
}
article {
  position: relative;
  display: grid;
  grid-template-columns: 17mm 34mm 1fr;
  grid-template-rows: auto auto 1fr;
  column-gap: 2mm;
  border: 1px dashed #000;
  padding: 1.5mm;
  height: 20mm;
  break-inside: avoid;
  overflow: hidden;
  font-size: 9.5pt;
  line-height: 11pt;
}
.code {
  grid-row: 1 / 4;
}
.code :deep(svg) {
  width: 17mm;
  height: 17mm;
  display: block;
}
.off {
  opacity: 0.45;
}
.pick {
  position: absolute;
  right: 1mm;
  top: 1mm;
  width: 22px;
  height: 22px;
  accent-color: #000;
}
.what {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.small {
  grid-column: 2;
  font-size: 8pt;
  line-height: 9.5pt;
}
.again {
  grid-column: 3;
  grid-row: 1 / 4;
  border-left: 1px dotted #000;
  padding-left: 2mm;
  align-self: stretch;
  display: grid;
  align-content: center;
}
</style>
