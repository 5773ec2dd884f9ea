<script setup lang="ts">
/** Every part that the screens are drawn from, in one place. */
import {
  blankConnector,
  blankPin,
  COLOUR_NAMES,
  connectorId,
  formatColour,
  pinId,
  plain,
  SHELLS,
  type CavityLook,
  type Connector,
  type Pin,
  type PinId,
  type WireColour,
} from "@trevin/core";
import TopLine from "../components/frame/TopLine.vue";
import CavityLabel from "../components/parts/CavityLabel.vue";
import ConnectorFace from "../components/parts/ConnectorFace.vue";
import DrawnWire from "../components/parts/DrawnWire.vue";
import HazardBox from "../components/parts/HazardBox.vue";
import HazardTag from "../components/parts/HazardTag.vue";
import LinkLine from "../components/parts/LinkLine.vue";

const striped: readonly WireColour[] = [
  plain("white", "red"),
  plain("black", "yellow"),
  plain("green", "yellow"),
  plain("yellow", "green", "red"),
  { base: "orange", stripes: [], rings: { colour: "silver", count: null } },
  plain("light green", "white"),
];
const sizes = [0.35, 0.5, 0.75, 1.25, 1.5, 2, 4, 6];
const acts = ["move", "splice", "adapter", "feed", "cap", "remove", "leave", "undecided"] as const;
const codes = ["B", "W/R", "L/R", "BR", "V/W", "", "L/W", "SB", "G/Y", "GR/R", "GR/L", "Y", "G", "P/B"];
const pins = codes.map((colour, i): Pin => ({
  ...blankPin(pinId(`p${i}`), String(i + 1), i),
  content: colour === "" ? "empty" : "occupied",
  colour,
  size: i === 0 ? 2 : 0.5,
}));
const shell = SHELLS.find((one) => one.id === "sealed-14-stepped")!.shell;
const connector: Connector = {
  ...blankConnector(connectorId("sample"), "B12", "vehicle"),
  colourSystem: "japanese",
  sealed: true,
  shell,
  pins,
};
const doubtful: Connector = {
  ...connector,
  id: connectorId("doubtful"),
  shell: { ...shell, blank: "membrane" },
  pins: pins.map((pin, i) => ({
    ...pin,
    ...(i === 3 ? { doubts: { colour: "one colour or two?" } } : {}),
    ...(i === 9 ? { content: "unknown" as const } : {}),
  })),
};
const junction: Connector = {
  ...connector,
  id: connectorId("junction"),
  name: "J3",
  shell: SHELLS.find((one) => one.id === "junction-12")!.shell,
};
const shut: Connector = { ...connector, id: connectorId("shut"), keepOut: "restraint system" };
const without = { readings: [], size: null, doubt: false, more: [] };
const states = new Map<PinId, CavityLook>([
  [pinId("p11"), { state: "vacated", ...without }],
  [pinId("p12"), { state: "plugged", ...without }],
]);
</script>

<template>
  <TopLine />
  <main>
    <h1>Parts sheet</h1>
    <p class="mut">
      What every screen is drawn from. Wire insulation is the only saturated colour; shape, pattern, weight
      and a word show states.
    </p>
    <section>
      <h2>Wires, base colours</h2>
      <ul class="wires">
        <li v-for="name in COLOUR_NAMES" :key="name">
          <DrawnWire :colour="plain(name)" :thick="13" :length="120" end="right" /><span>{{ name }}</span
          ><span class="code">{{
            formatColour(plain(name), "iec") === name ? "" : formatColour(plain(name), "iec")
          }}</span>
        </li>
      </ul>
    </section>
    <section>
      <h2>Stripes and rings</h2>
      <ul class="wires">
        <li v-for="(colour, i) in striped" :key="i">
          <DrawnWire :colour="colour" :thick="13" :length="120" end="right" /><span class="code">{{
            formatColour(colour, "iec")
          }}</span>
        </li>
        <li><DrawnWire :colour="null" :thick="13" :length="120" /><span>not known</span></li>
      </ul>
    </section>
    <section>
      <h2>Sizes, mm²</h2>
      <ul class="wires">
        <li v-for="size in sizes" :key="size">
          <DrawnWire :colour="plain('blue', 'white')" :size="size" :length="90" end="right" /><span
            class="code"
            >{{ size }}</span
          >
        </li>
      </ul>
    </section>
    <section>
      <h2>Between two pins</h2>
      <ul class="wires">
        <li v-for="act in acts" :key="act"><LinkLine :act="act" :words="act" /></li>
        <li><LinkLine act="split" :right="2" words="split" /></li>
        <li>
          <LinkLine act="merge" :left="2" words="merge" :device="{ kind: 'diodes', band: 'incoming' }" />
        </li>
        <li><LinkLine act="mate" :left="2" :right="2" words="plugged together" /></li>
        <li><LinkLine act="series" :right="2" words="in series" /></li>
        <li><LinkLine act="jumper" :left="2" words="jumper" /></li>
        <li>
          <LinkLine act="splice" words="divider" :device="{ kind: 'divider', upper: 22000, lower: 10000 }" />
        </li>
        <li><LinkLine act="move" sure="sure" words="sure" /></li>
        <li><LinkLine act="move" sure="check" words="check" /></li>
        <li><LinkLine act="move" sure="guess" words="guess" /></li>
      </ul>
    </section>
    <section class="faces">
      <h2>Faces and cavity states</h2>
      <ConnectorFace
        :connector="connector"
        :hold="{ view: 'wire', grip: 'up' }"
        :width="420"
        :in-hand="pinId('p6')"
        :twins="[pinId('p7')]"
        :now="states"
        :max-pitch="52"
      />
      <ConnectorFace
        :connector="doubtful"
        :hold="{ view: 'mating', grip: 'down' }"
        :width="420"
        :in-hand="pinId('p3')"
        counting
        :max-pitch="52"
      />
      <ConnectorFace
        :connector="junction"
        :hold="{ view: 'wire', grip: 'up' }"
        :width="420"
        :max-pitch="52"
      />
      <ConnectorFace :connector="shut" :hold="{ view: 'wire', grip: 'left' }" :width="420" :max-pitch="42" />
      <ConnectorFace
        :connector="{ ...connector, id: connectorId('other'), shell: null }"
        :hold="{ view: 'wire', grip: 'up' }"
        :width="420"
        :max-pitch="42"
      />
      <p>
        <CavityLabel label="7" /> <CavityLabel label="7" state="hand" />
        <CavityLabel label="6" state="off" />{{ " " }}<CavityLabel label="87a" />
      </p>
    </section>
    <section class="haz">
      <h2>Hazards</h2>
      <p><HazardTag severity="stop" /> <HazardTag severity="caution" /> <HazardTag severity="note" /></p>
      <HazardBox
        severity="stop"
        title="Supply onto ground"
        detail="2 and C would be joined. Fix it, or give a reason for the ledger."
      />
      <HazardBox
        severity="caution"
        title="Black here, black there"
        detail="Ground at B12.1, CAN low at AL-P.K."
      />
      <HazardBox severity="note" title="2 onto 1.5 mm²" detail="The barrel is chosen for the sum." />
    </section>
    <section>
      <h2>Controls</h2>
      <p class="ctl">
        <button type="button" class="btn pri">First choice <kbd>Enter</kbd></button
        ><button type="button" class="btn">Other</button
        ><button type="button" class="btn quiet">Turn over <kbd>V</kbd></button
        ><button type="button" class="btn" disabled>Not now</button>
      </p>
    </section>
  </main>
</template>

<style scoped>
main {
  padding: 16px 20px 48px;
  display: grid;
  gap: 18px;
  max-width: 1240px;
  margin: 0 auto;
}
section {
  border-top: 1px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 10px;
}
.wires {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 10px 20px;
}
.wires li {
  display: flex;
  align-items: center;
  gap: 10px;
  font: 500 15px/1 var(--f-label);
  min-height: 24px;
}
.faces {
  grid-template-columns: 1fr 1fr;
}
.faces h2,
.faces p {
  grid-column: 1 / -1;
}
.haz {
  max-width: 640px;
}
.ctl {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
}
@media (max-width: 900px) {
  .faces {
    grid-template-columns: 1fr;
  }
}
</style>
