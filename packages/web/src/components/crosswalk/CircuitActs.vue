<script setup lang="ts">
/** What can be done with the circuit in hand: the few acts that fit it, and all the others in a list, each with its key. */
import { useLocalStorage } from "@vueuse/core";
import { computed } from "vue";
import {
  isJoining,
  isTapping,
  canFindLive,
  METHOD_OFFERS,
  type Decision,
  type Method,
  type Part,
  type CircuitRow,
} from "@trevin/core";
import type { ActName } from "./actNames.ts";

const props = defineProps<{
  row: CircuitRow;
  decision: Decision | null;
  offer: string;
  otherWay: Method | null;
  /** Whether the wire could be tapped instead of cut through, or the other way about. */
  tapOrCut: boolean;
  /** The half of the cut wire that could be joined instead, or null. */
  half: Part | null;
  /** The same for the incoming wires. */
  theirHalf: Part | null;
}>();
const emit = defineEmits<{ act: [name: ActName] }>();

const PART_OFFERS: Readonly<Record<Part, string>> = {
  loom: "Join the loom half",
  plug: "Join the plug half",
  pulled: "Pull the terminal",
};
const PART_HELP: Readonly<Record<Part, string>> = {
  loom: "Join the half that stays in the loom, and insulate the one in the plug.",
  plug: "Join the half that stays in the plug, and insulate the one in the loom.",
  pulled: "Release the terminal and cut it off instead of cutting the wire: its cavity is free then.",
};

interface Act {
  readonly name: ActName;
  readonly label: string;
  readonly keys?: string;
  readonly help: string;
  /** It may stand in front, where it fits the circuit. */
  readonly front?: boolean;
  readonly pressed?: boolean;
}
const acts = computed<readonly Act[]>(() => {
  const { decision, row, half, theirHalf, otherWay } = props;
  /** Nothing is done to a wire that nobody knows. */
  const unidentified = row.alone?.proposal === "identify";
  const list: readonly (Act | false)[] = [
    props.tapOrCut && {
      name: "tap",
      keys: "N",
      front: true,
      ...(decision !== null && isTapping(decision)
        ? {
            label: "Cut through instead",
            help: "Cut the wire behind its plug: the part behind it loses the wire.",
          }
        : {
            label: "Tap instead",
            help: "The wire stays whole and a branch hangs on it: for a part that stays.",
          }),
    },
    half !== null && {
      name: "half",
      label: decision?.kind === "series" ? `Lead the ${half} half in` : PART_OFFERS[half],
      keys: "W",
      help:
        decision?.kind === "series"
          ? "Once the wire is cut: which half goes into the part, and which gets what comes back from it."
          : PART_HELP[half],
      front: true,
    },
    theirHalf !== null && {
      name: "theirHalf",
      label: theirHalf === "plug" ? "Incoming: plug half" : "Incoming: loom half",
      help: "Of the incoming wire that is cut: join the half that leads to what it is for, the part at its plug or the loom behind.",
    },
    otherWay !== null && {
      name: "method",
      label: METHOD_OFFERS[otherWay],
      keys: "M",
      help: "Joined in another way: on the car, in the plug, or in an adapter.",
      front: true,
    },
    {
      name: "pair",
      label: "Other pin…",
      keys: "P",
      help: "Join it to a pin of your choice, or to several.",
      front: true,
    },
    decision !== null && {
      name: "back",
      label: "Clear decision",
      keys: "⌫",
      help: "Nothing is decided of it any more.",
      front: true,
    },
    row.vehicle.length > 0 &&
      row.incoming.length > 0 && {
        name: "reject",
        label: "Never join these",
        keys: "R",
        help: "The two are kept apart, also in later suggestions.",
      },
    decision?.kind !== "cap" &&
      !unidentified && {
        name: "cap",
        label: "Cap",
        keys: "X",
        help: "The wire comes out of its cavity, is insulated and tied back.",
      },
    decision?.kind !== "remove" &&
      !unidentified && {
        name: "out",
        label: "Remove from loom",
        keys: "U",
        help: "The wire is taken out of the loom, and kept for the way back.",
      },
    decision?.kind !== "leave" && {
      name: "leave",
      label: "Leave",
      keys: "L",
      help: "Nothing is done to it.",
    },
    {
      name: "feed",
      label: "Feed…",
      keys: "F",
      help: "It gets its supply or ground from a fuse, a ground point or another wire.",
    },
    {
      name: "jumper",
      label: "Jumper…",
      keys: "J",
      help: "Bridge it to other wires of the same connector, as for a module that is taken out.",
    },
    (decision?.kind === "join" || decision?.kind === "series") &&
      canFindLive(row) && {
        name: "live",
        label: decision.findLive ? "No live test" : "Find the live half",
        help:
          decision.kind === "join"
            ? "Cut, power on, and find by a reading which half carries the supply."
            : "Cut, power on, and find by a reading which half carries the supply: that one goes into the part.",
        pressed: decision.findLive === true,
      },
    {
      name: "shift",
      label: "Move or swap…",
      keys: "E",
      help: "Its terminal goes to another cavity of the same side, or swaps with the one there.",
    },
    !unidentified &&
      row.vehicle.length + row.incoming.length === 1 && {
        name: "reEnd",
        label: "New terminal…",
        help: "Its terminal is cut off and a new one goes into the same cavity, or a ring onto its stud.",
      },
    row.vehicle.length === 1 && {
      name: "series",
      label: "Through the part…",
      keys: "Q",
      help: "Open the wire and lead it through the incoming part: in by one lead, back by another.",
    },
    {
      name: "mate",
      label: "Plug together…",
      keys: "T",
      help: "Two connectors go together as they are, every wire with the one it meets.",
    },
    decision !== null &&
      isJoining(decision) && {
        name: "device",
        label: row.device ? "Change the device…" : "Device in between…",
        keys: "I",
        help: "A diode, divider, relay or the like goes between the wires.",
      },
    decision !== null && {
      name: "sure",
      label: decision.sure === "sure" ? "Mark as check" : "Mark as sure",
      keys: "S",
      help: "How sure you are: what is to be checked is measured before it is cut.",
    },
  ];
  return list.filter((one) => one !== false);
});
/** Beside the offer, so many acts stand in front. */
const IN_FRONT = 3;
const front = computed(() => acts.value.filter((one) => one.front).slice(0, IN_FRONT));
const others = computed(() => acts.value.filter((one) => !front.value.includes(one)));
const all = useLocalStorage("trevin.all-acts", false);
</script>

<template>
  <div class="acts">
    <button v-if="offer" type="button" class="btn pri" @click="emit('act', 'take')">
      {{ offer }} <kbd>Enter</kbd>
    </button>
    <button
      v-for="one in front"
      :key="one.name"
      type="button"
      class="btn quiet"
      :title="one.help"
      @click="emit('act', one.name)"
    >
      {{ one.label }} <kbd v-if="one.keys">{{ one.keys }}</kbd>
    </button>
    <button type="button" class="btn quiet" :aria-expanded="all" @click="all = !all">
      {{ all ? "Fewer acts" : "All acts…" }}
    </button>
  </div>
  <ul v-if="all" class="list" aria-label="All acts">
    <li v-for="one in others" :key="one.name">
      <button type="button" :aria-pressed="one.pressed" @click="emit('act', one.name)">
        <b>{{ one.label }}</b> <kbd v-if="one.keys">{{ one.keys }}</kbd>
        <span class="mut">{{ one.help }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.acts .btn {
  padding: 0 9px;
}
.list {
  border-top: 1px solid var(--rule);
}
.list button {
  display: block;
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  padding: 5px 2px;
  text-align: left;
  cursor: pointer;
  font-size: 13px;
  line-height: 17px;
}
.list button:hover {
  background: var(--sheet);
}
.list b {
  font: 600 15px/17px var(--f-label);
}
.list .mut {
  display: block;
}
</style>
