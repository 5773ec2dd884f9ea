import {
  type Asked,
  type CircuitFinding,
  type DarkBecause,
  type Fares,
  type FaultKind,
  type Key,
  type Proof,
  type Rail,
  type Standby,
  type WhatIf,
} from "../circuit/index.ts";
import type { InsertedDevice, PinId } from "../model/index.ts";
import type { OtherwiseOutcome } from "../plan/index.ts";
import { list } from "../util/index.ts";

export const KEY_WORDS: Readonly<Record<Key, string>> = {
  off: "Off",
  accessory: "Accessory",
  run: "Run",
  crank: "Crank",
};
const AT_KEY: Readonly<Record<Key, string>> = {
  off: "with the key off",
  accessory: "with the key at accessory",
  run: "with the key at run",
  crank: "while cranking",
};
const RAIL_WORDS: Readonly<Record<Rail, string>> = {
  battery: "battery supply",
  accessory: "accessory supply",
  ignition: "ignition supply",
  "run-not-crank": "run supply",
  start: "start wire",
};

/** 12.04 as "12.0 V", 0.15 as "0.15 V". */
export const voltWords = (volts: number): string => `${volts >= 1 ? volts.toFixed(1) : volts.toFixed(2)} V`;
const ampWords = (amps: number): string => `${amps >= 10 ? Math.round(amps) : amps.toFixed(1)} A`;
const secondWords = (within: number | null): string => {
  if (within === null) return "";
  return within >= 60 ? `, within ${Math.round(within / 60)} min` : `, within ${within} s`;
};

/** What a finding says and what cures it. `name` names a pin. */
export interface FindingWords {
  readonly title: string;
  readonly detail: string;
  readonly cure: string;
}
export function circuitFindingWords(finding: CircuitFinding, name: (pin: PinId) => string): FindingWords {
  const [first] = finding.pins;
  const at = first === undefined ? "A wire" : name(first);
  const all = list(finding.pins.map(name));
  switch (finding.kind) {
    case "short":
      return {
        title: "Short circuit",
        detail: `${all}: about ${ampWords(finding.amps)} flow ${AT_KEY[finding.key]}${
          finding.fuse === null
            ? ", and no fuse is known in front of it"
            : `; ${finding.fuse} opens${secondWords(finding.within)}`
        }.`,
        cure: "A supply and a ground meet here: take the decision back that joins them.",
      };
    case "fuse-blows":
      return {
        title: `${finding.fuse}, ${finding.rating} A, blows`,
        detail: `${ampWords(finding.amps)} flow through it with everything on; it opens${secondWords(finding.within) || " sooner or later"}.`,
        cure: "Share the load out over another supply, or fit a larger fuse where the thinnest wire behind it allows that.",
      };
    case "fuse-loaded":
      return {
        title: `${finding.fuse}, ${finding.rating} A, is loaded to the limit`,
        detail: `${ampWords(finding.amps)} flow through it with everything on; up to 80 % of the rating is usual.`,
        cure: "Share the load out over another supply.",
      };
    case "back-feed":
      return {
        title: `The ${RAIL_WORDS[finding.rail]} is fed backwards`,
        detail: `${voltWords(finding.volts)} stand on it ${AT_KEY[finding.key]}, over ${all}: everything else on that supply stays on.`,
        cure: "Keep the two supplies apart, or put a diode between, band away from the one that stays live.",
      };
    case "output-back-fed":
      return {
        title: "One output feeds the other",
        detail: `With only ${name(finding.pins[1] ?? finding.pins[0] ?? ("" as PinId))} on, ${at} stands at ${voltWords(finding.volts)}: what else hangs on it comes on too.`,
        cure: "Fit a diode in each, band towards the load, or part the old feed.",
      };
    case "level":
      return {
        title: `${voltWords(finding.volts)} on a ${finding.most} V wire`,
        detail: `${at} takes ${finding.most} V at most and gets ${voltWords(finding.volts)} ${AT_KEY[finding.key]}.`,
        cure: "Fit a divider or a regulator between.",
      };
    case "dark":
      return {
        title: "It never works",
        detail: `${at}: ${DARK_WORDS[finding.why]}.`,
        cure: DARK_CURES[finding.why],
      };
    case "dim":
      return {
        title: finding.fares === "glows" ? "It only glows" : "It gets part of the voltage",
        detail: `${at} gets ${voltWords(finding.volts)} with everything on.`,
        cure: "Something else lies in series with it, or its wire is too thin for what flows.",
      };
    case "not-excited":
      return {
        title: "The alternator may not wake up",
        detail: `${at}: ${finding.amps < 0.001 ? "no current flows" : `only ${Math.round(finding.amps * 1000)} mA flow`} through its charge lamp with the key at run; a bulb gives 100 mA or more.`,
        cure: "Feed it over a bulb of 2 W from the ignition, or put a resistor beside the LED lamp.",
      };
    case "flasher-light":
      return {
        title: "LED lamps may make it flash fast",
        detail: `${at} gives ${ampWords(finding.amps)}; a flasher that watches for dead lamps wants ${ampWords(finding.wants)} or more.`,
        cure: "Fit a flasher made for LED lamps, or a load resistor beside them: it gets hot.",
      };
    case "reversed":
      return {
        title: "Supply and ground the wrong way round",
        detail: `${at} gets −${voltWords(-finding.volts)} ${AT_KEY[finding.key]}: what should be its ground is live.`,
        cure: "Swap the two. Electronics die of it at once, and a motor runs backwards.",
      };
    case "never-off":
      return {
        title: "It is on when it should be off",
        detail: `${at} gets ${voltWords(finding.volts)} ${AT_KEY[finding.key]} with every switch off.`,
        cure: "Look for the supply that reaches it, and part the two.",
      };
    case "drop":
      return {
        title: `${voltWords(finding.lost)} lost on the way`,
        detail: `${at} works, but ${Math.round(finding.share * 100)} % of the voltage stays in wires and contacts${finding.stated ? "" : ", with the usual draw and length taken"}; up to 10 % is usual.`,
        cure: "Shorten the wire, take a thicker one, or switch the load with a relay near it.",
      };
    case "starts-weak":
      return {
        title: `Only ${voltWords(finding.volts)} are left while it starts`,
        detail: `${at} draws ${ampWords(finding.amps)} for a moment, and the wires keep the rest of the voltage.`,
        cure: "Take a thicker or shorter wire, on its ground as well, or feed it through a relay near it.",
      };
    case "fuse-at-start":
      return {
        title: `${finding.fuse} may open as it starts`,
        detail: `${ampWords(finding.amps)} flow through its ${finding.rating} A for a moment; it opens${secondWords(finding.within)}.`,
        cure: "Take a slow fuse or the next rating that the wire allows, or a soft start.",
      };
    case "wire-overloaded":
      return {
        title: `${ampWords(finding.amps)} on ${finding.size} mm²`,
        detail: `${at} carries more than the ${finding.carries} A that its wire takes for good.`,
        cure: "Run a thicker wire, or switch the load with a relay near it.",
      };
  }
}
const DARK_WORDS: Readonly<Record<DarkBecause, string>> = {
  "no-source": "nothing feeds it in any position of key and switches",
  "no-return": "it is fed, but its ground leads nowhere",
  "diode-blocks": "the diode in front of it blocks; turned round, it would work",
  "relay-never-pulls": "the relay in front of it never pulls in",
};
const DARK_CURES: Readonly<Record<DarkBecause, string>> = {
  "no-source": "Join what drives it, or feed it.",
  "no-return": "Ground the part that it belongs to.",
  "diode-blocks": "Turn the diode: its band points the way the current goes.",
  "relay-never-pulls": "Feed both ends of its winding: 86 and 85.",
};

/** How a line of the brief comes out of the circuit. */
export function askedWords({ result, keys, wherever, finding }: Asked, name: (pin: PinId) => string): string {
  switch (result) {
    case "works":
      if (keys === null) return "works when it is switched on";
      if (keys.length === 0) return "works";
      return wherever
        ? "works, wherever the key is"
        : `works, key at ${list(keys.map((key) => KEY_WORDS[key].toLowerCase()))}`;
    case "fails":
      return finding === null ? "does not work" : circuitFindingWords(finding, name).title;
    case "outside":
      return "not in the circuit: test it";
    case "open":
      return "not decided yet";
    case "lost":
      return "given up by what is decided";
    case "no-pin":
      return "no pin does this";
  }
}

/** What the car draws while it stands: "0.04 A asleep, flat in 31 days". */
export function standbyWords(
  { known, unknown, amps }: Standby,
  days: number,
  name: (pin: PinId) => string,
): { readonly title: string; readonly detail: string } {
  const open =
    unknown.length === 0
      ? ""
      : ` ${list(unknown.slice(0, MOST_STANDING).map(name))}${unknown.length > MOST_STANDING ? ` and ${unknown.length - MOST_STANDING} more` : ""}: nobody has said what ${unknown.length === 1 ? "it draws" : "they draw"} asleep.`;
  if (known.length === 0)
    return { title: `${unknown.length} always fed, standby current not known.`, detail: open.trim() };
  const lasts = days >= 10 ? Math.round(days) : days.toFixed(1);
  return {
    title:
      amps === 0
        ? "Nothing is drawn while parked."
        : `${amps >= 0.1 ? amps.toFixed(2) : `${Math.round(amps * 1000)} m`}${amps >= 0.1 ? " " : ""}A asleep: too flat to start in ${lasts} days.`,
    detail: open.trim(),
  };
}
const MOST_STANDING = 3;

/** The verdict in one line. */
export const VERDICT_WORDS: Readonly<Record<Proof["verdict"], string>> = {
  unsafe: "Not safe to power",
  fails: "Safe to power, but not all of it works",
  look: "Safe to power, but look at this",
  works: "Safe to power",
  nothing: "Nothing to prove yet",
};

export const FAULT_WORDS: Readonly<Record<FaultKind, string>> = {
  open: "broken",
  poor: "corroded, 5 Ω more",
  ground: "chafed through to ground",
  supply: "chafed through to a live wire",
};
export const FARES_WORDS: Readonly<Record<Fares, string>> = {
  full: "works",
  dim: "dim",
  glows: "glows",
  off: "dark",
  reversed: "the wrong way round",
  within: "within its level",
  over: "too high",
};

/** What a fault changes, a sentence each; one that says so where it changes nothing. */
export function whatIfWords(
  { changes, crossed, extra }: WhatIf,
  name: (pin: PinId) => string,
): readonly string[] {
  const said = changes.map(({ row, before, after, comesOn }) => {
    const turns = before === after ? "" : ` ${FARES_WORDS[before]} before, ${FARES_WORDS[after]} now`;
    const and = turns !== "" && comesOn ? "," : "";
    return `${name(row.pin)}:${turns}${and}${comesOn ? " comes on by itself" : ""}.`;
  });
  const turned = crossed.map(({ row, before, after }) => {
    const no = before.length > 0 ? `no longer worked by ${list(before.map(name))}` : "";
    const then = after.length > 0 ? `worked by ${list(after.map(name))} then` : "";
    return `${name(row.pin)}: ${[then, no].filter((part) => part !== "").join(", ")}.`;
  });
  const draws = extra >= SURGE ? [`About ${ampWords(extra)} more flow from the battery: a short.`] : [];
  return said.length + draws.length + turned.length === 0
    ? ["Nothing in this circuit fares otherwise."]
    : [...draws, ...said, ...turned];
}

/** What would come of a job decided otherwise: the verdict, what is found then and was not before, and which parts fare otherwise. */
export function otherwiseWords(
  outcome: OtherwiseOutcome,
  name: (pin: PinId) => string,
): { readonly verdict: string; readonly lines: readonly string[]; readonly more: number } {
  const found = outcome.findings.map((finding) => {
    const { title, detail } = circuitFindingWords(finding, name);
    return `${title}. ${detail}`;
  });
  const fares = found.length === 0 || outcome.changes.length > 0;
  const lines = [...found, ...(fares ? whatIfWords(outcome, name) : [])];
  return {
    verdict: VERDICT_WORDS[outcome.verdict],
    lines: lines.slice(0, MOST_LINES),
    more: Math.max(0, lines.length - MOST_LINES),
  };
}
const MOST_LINES = 8;
/** From so much on, A, what a fault draws is a short. */
const SURGE = 30;

/** A part between in one word. */
export const DEVICE_NAMES: Readonly<Record<InsertedDevice["kind"], string>> = {
  diodes: "diodes",
  divider: "divider",
  regulator: "regulator",
  relay: "relay",
  resistor: "resistor",
  fuse: "fuse",
  switch: "switch",
  converter: "converter",
};
