import { rowsOnly } from "../model/index.ts";
import { join, pair, pin, V, X, type Case, type Pin } from "../testing/twoPlugs.ts";
import { type Hazard } from "../hazards/index.ts";

const sized = (name: string, size: number): Pin => ({ function: name, size });
/** Rows of so many places, from the mark down. */
const rowsOf = (lengths: readonly number[], view: "wire" | "mating" = "wire") =>
  rowsOnly(
    lengths.map((places) => ({ places, offset: 0 })),
    view,
  );
const shell = (lengths: readonly number[], more: Pin = {}): Pin => ({
  shell: { ...rowsOf(lengths), ...more },
});
const twoRows = (size: number): Pin => ({
  shell: {
    ...rowsOf([1]),
    pattern: { kind: "rows", rows: [{ places: 1, offset: 0, size }], numbering: { scheme: "listed" } },
  },
});

const fuseF6: Pin = {
  id: "F6",
  name: "F6",
  kind: "supply",
  supply: { feed: "ignition", fuse: { amps: 5, fitted: true } },
};

/** For each rule: what raises it and how gravely, and the nearest thing that does not. Trade facts: common practice. */
export const HAZARD_CASES: Readonly<
  Record<
    string,
    {
      readonly raised: Case;
      readonly severity: Hazard["severity"];
      readonly quiet: Case;
      readonly cured?: boolean;
    }
  >
> = {
  "keep-out": {
    severity: "stop",
    raised: pair({ function: "Airbag squib high" }, { function: "spare" }),
    quiet: pair({ function: "Airbag warning lamp" }, { function: "Airbag warning lamp" }),
  },
  "supply-onto-ground": {
    severity: "stop",
    raised: pair({ function: "Constant supply" }, { function: "Ground" }),
    quiet: pair({ function: "Ground" }, { function: "Ground" }),
  },
  "supply-onto-signal": {
    severity: "stop",
    raised: pair({ function: "Ignition supply" }, { function: "Throttle position" }),
    quiet: pair({ function: "Kneel", signal: "switched-supply" }, { function: "Kneel", signal: "analog" }),
  },
  "data-onto-other": {
    severity: "stop",
    raised: pair({ function: "Ground" }, { function: "CAN low" }),
    quiet: pair({ function: "LIN" }, { function: "LIN" }),
  },
  "can-crossed": {
    severity: "stop",
    raised: pair({ function: "CAN high" }, { function: "CAN low" }),
    quiet: pair({ function: "CAN high" }, { function: "CAN high" }),
  },
  "supply-onto-grounded-only": {
    severity: "stop",
    raised: pair({ function: "Constant supply" }, { function: "Horn relay" }),
    quiet: pair({ function: "Horn switch" }, { function: "Horn relay" }),
  },
  "coil-onto-tachometer": {
    severity: "stop",
    raised: pair({ function: "Ignition coil" }, { function: "Tachometer" }),
    quiet: pair({ function: "Tachometer" }, { function: "Tachometer" }),
  },
  "level-too-high": {
    severity: "stop",
    raised: pair(
      { function: "Neutral switch", signal: "switched-supply", level: 12, direction: "source" },
      { function: "Neutral switch", signal: "switched-supply", level: 5 },
    ),
    quiet: pair({ function: "Neutral switch", level: 5 }, { function: "Neutral switch", level: 5 }),
  },
  "level-too-low": {
    severity: "caution",
    raised: pair({ function: "Reverse switch", level: 5 }, { function: "Reverse switch", level: 12 }),
    quiet: pair({ function: "Reverse switch", level: 12 }, { function: "Reverse switch", level: 14 }),
  },
  "missing-relay": {
    severity: "stop",
    raised: pair({ function: "Fan feed", amps: 5 }, { function: "Fan feed", amps: 22 }),
    quiet: pair({ function: "Fan feed", amps: 30 }, { function: "Fan feed", amps: 22 }),
  },
  "series-back": {
    severity: "stop",
    raised: {
      v: [pin("1", "CAN low")],
      x: [pin("A", "CAN low"), pin("B", "Constant supply")],
      decisions: [{ kind: "series", vehicle: V("1"), into: X("A"), back: X("B") }],
    },
    quiet: {
      v: [pin("1", "Horn")],
      x: [pin("A", "Horn"), pin("B", "Horn")],
      decisions: [{ kind: "series", vehicle: V("1"), into: X("A"), back: X("B") }],
    },
  },
  "both-sides": {
    severity: "stop",
    raised: {
      v: [pin("1", "Turn lamp")],
      x: [pin("A", "Turn lamp, left"), pin("B", "Turn lamp, right")],
      decisions: [{ kind: "split", vehicle: V("1"), incoming: [X("A"), X("B")] }],
    },
    quiet: {
      v: [pin("1", "Turn lamp, left")],
      x: [pin("A", "Turn lamp, left front"), pin("B", "Turn lamp, left rear")],
      decisions: [{ kind: "split", vehicle: V("1"), incoming: [X("A"), X("B")] }],
    },
  },
  "combined-stop-turn": {
    severity: "stop",
    raised: pair({ function: "Stop/turn lamp, left" }, { function: "Turn lamp, left" }),
    quiet: pair({ function: "Stop/turn lamp, left" }, { function: "Stop and turn lamp left" }),
  },
  "start-interlock": {
    severity: "stop",
    raised: { x: [pin("A", "Clutch switch")], decisions: [{ kind: "cap", pin: X("A") }] },
    quiet: { v: [pin("1", "Clutch switch")], decisions: [{ kind: "leave", pin: V("1") }] },
  },
  "missing-feed": {
    severity: "stop",
    raised: { x: [pin("A", "Memory supply")] },
    quiet: {
      x: [pin("A", "Memory supply")],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", from: "F22, 5 A" }],
    },
  },
  "fuse-too-large": {
    severity: "stop",
    raised: {
      x: [pin("A", "Memory supply", { size: 0.5 })],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", from: "fuse F3, 30 A" }],
    },
    quiet: {
      x: [pin("A", "Memory supply", { size: 0.5 })],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", from: "fuse F3, 5 A" }],
    },
  },
  "supply-class": {
    severity: "caution",
    raised: {
      x: [pin("A", "Memory supply")],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", supply: "F6" }],
      file: { points: [fuseF6] },
    },
    quiet: {
      x: [pin("A", "Ignition supply")],
      decisions: [{ kind: "feed", pin: X("A"), feed: "ignition", supply: "F6" }],
      file: { points: [fuseF6] },
    },
  },
  "fuse-too-small": {
    severity: "stop",
    raised: {
      x: [pin("A", "Ignition supply", { amps: 3 }), pin("B", "Ignition supply", { amps: 3 })],
      decisions: ["A", "B"].map((one) => ({ kind: "feed", pin: X(one), feed: "ignition", supply: "F6" })),
      file: { points: [fuseF6] },
    },
    quiet: {
      x: [pin("A", "Ignition supply", { amps: 2 }), pin("B", "Ignition supply", { amps: 2 })],
      decisions: ["A", "B"].map((one) => ({ kind: "feed", pin: X(one), feed: "ignition", supply: "F6" })),
      file: { points: [fuseF6] },
    },
  },
  "two-sources": {
    severity: "caution",
    raised: {
      v: [pin("1", "Door ajar, left"), pin("2", "Door ajar, right")],
      x: [pin("A", "Door ajar")],
      decisions: [{ kind: "merge", vehicle: [V("1"), V("2")], incoming: X("A") }],
    },
    quiet: {
      v: [pin("1", "Ground"), pin("2", "Ground")],
      x: [pin("A", "Ground")],
      decisions: [{ kind: "merge", vehicle: [V("1"), V("2")], incoming: X("A") }],
    },
  },
  "same-colour-other-function": {
    severity: "caution",
    raised: {
      v: [pin("1", "Ground", { colour: "BK" })],
      x: [pin("A", "Ground", { colour: "BN" }), pin("B", "CAN low", { colour: "BK" })],
      decisions: [join("1", "A")],
    },
    quiet: {
      v: [pin("1", "Ground", { colour: "BK" })],
      x: [pin("A", "Ground", { colour: "BN" }), pin("B", "Ground", { colour: "BK" })],
      decisions: [join("1", "A")],
    },
  },
  "same-function-other-colour": {
    severity: "note",
    raised: pair({ function: "Horn", colour: "RD" }, { function: "Horn", colour: "GN" }),
    quiet: pair({ function: "Horn", colour: "RD" }, { function: "Horn", colour: "RD" }),
  },
  "paired-by-colour": {
    severity: "caution",
    raised: pair({ function: "", colour: "RD" }, { function: "", colour: "RD" }),
    quiet: pair({ function: "Horn", colour: "RD" }, { function: "Horn", colour: "RD" }),
  },
  opposites: {
    severity: "caution",
    raised: pair(pin("1", "Blinker rechts"), pin("A", "Left turn indicator")),
    quiet: pair(pin("1", "Blinker rechts"), pin("A", "Right turn indicator")),
  },
  "twin-colour": {
    severity: "note",
    raised: { v: [pin("1", "Horn", { colour: "BK" }), pin("2", "Ground", { colour: "BK" })] },
    quiet: { v: [pin("1", "Horn", { colour: "BK" }), pin("2", "Ground", { colour: "RD" })] },
  },
  "near-colour": {
    severity: "note",
    raised: {
      v: [pin("1", "Horn", { colour: "BN" }), pin("2", "Fan", { colour: "BN/RD" })],
      decisions: [
        { kind: "cap", pin: { connector: "V", cavity: "1" } },
        { kind: "cap", pin: { connector: "V", cavity: "2" } },
      ],
    },
    quiet: {
      v: [pin("1", "Horn", { colour: "BN" }), pin("2", "Fan", { colour: "BN/RD" })],
      decisions: [{ kind: "cap", pin: { connector: "V", cavity: "1" } }],
    },
  },
  "twin-in-module": {
    severity: "note",
    raised: {
      v: [pin("1", "Horn", { colour: "RD" })],
      onV: { module: "BCM" },
      x: [pin("A", "Horn")],
      more: [
        {
          name: "V2",
          side: "vehicle",
          module: "BCM",
          colourSystem: "iec",
          pins: [pin("1", "Fan", { colour: "RD" })],
        },
      ],
      decisions: [join("1", "A")],
    },
    quiet: {
      v: [pin("1", "Horn", { colour: "RD" })],
      onV: { module: "BCM" },
      x: [pin("A", "Horn")],
      more: [
        {
          name: "V2",
          side: "vehicle",
          module: "ECM",
          colourSystem: "iec",
          pins: [pin("1", "Fan", { colour: "RD" })],
        },
      ],
      decisions: [join("1", "A")],
    },
  },
  "twin-in-exchange": {
    severity: "note",
    cured: true,
    raised: {
      ...pair({ function: "Horn", colour: "RD" }, { function: "Horn", colour: "RD" }, { method: "move" }),
      onX: { leads: "loom" },
    },
    quiet: {
      ...pair({ function: "Horn", colour: "RD" }, { function: "Horn", colour: "RD" }, { method: "splice" }),
      onX: { leads: "loom" },
    },
  },
  "name-look-alike": {
    severity: "note",
    raised: {
      v: [pin("1", "Horn")],
      onV: { name: "C101" },
      more: [{ name: "C107", side: "vehicle", pins: [pin("1", "Fan")] }],
    },
    quiet: {
      v: [pin("1", "Horn")],
      onV: { name: "C101" },
      more: [{ name: "B250", side: "vehicle", pins: [pin("1", "Fan")] }],
    },
  },
  "same-cavities": {
    severity: "note",
    raised: {
      v: [pin("1", "Horn")],
      onV: { module: "BCM" },
      more: [{ name: "W", side: "vehicle", module: "BCM", pins: [pin("1", "Fan")] }],
    },
    quiet: {
      v: [pin("1", "Horn")],
      onV: { module: "BCM" },
      more: [{ name: "W", side: "vehicle", module: "BCM", pins: [pin("A", "Fan")] }],
    },
  },
  "mirrored-shell": {
    severity: "caution",
    raised: {
      v: [pin("1", "a"), pin("2", "b"), pin("3", "c")],
      onV: shell([3], { keying: [{ edge: "bottom", at: 0.2 }] }),
      x: [pin("1", "a"), pin("2", "b"), pin("3", "c")],
      onX: shell([3], { keying: [{ edge: "bottom", at: 0.8 }] }),
    },
    quiet: { v: [pin("1", "a")], onV: shell([3]), x: [pin("1", "a")], onX: shell([2, 4]) },
  },
  "view-mirrored": {
    severity: "note",
    cured: true,
    raised: {
      ...pair({ function: "Horn" }, { function: "Horn" }),
      onV: { shell: rowsOf([2]) },
      onX: { shell: rowsOf([2], "mating") },
    },
    quiet: {
      ...pair({ function: "Horn" }, { function: "Horn" }),
      onV: { shell: rowsOf([2]) },
      onX: { shell: rowsOf([2]) },
    },
  },
  "skipped-letters": {
    severity: "note",
    raised: { x: [..."ABCDEFGHJK"].map((label) => pin(label, "Horn")) },
    quiet: { x: [..."ABCDEFGHIJK"].map((label) => pin(label, "Horn")) },
  },
  "position-changes": {
    severity: "note",
    raised: {
      v: [pin("1", "Horn"), pin("2", "Fan relay")],
      x: [pin("1", "Fan relay"), pin("2", "Horn")],
      onV: shell([2]),
      onX: shell([2]),
      decisions: [join("1", "2")],
    },
    quiet: {
      v: [pin("1", "Horn"), pin("2", "Fan relay")],
      x: [pin("1", "Horn"), pin("2", "Fan relay")],
      onV: shell([2]),
      onX: shell([2]),
      decisions: [join("1", "1")],
    },
  },
  "second-side": {
    severity: "note",
    raised: {
      v: [pin("1", "Tail lamp, left", { colour: "RD" }), pin("2", "Tail lamp, right", { colour: "GN" })],
      x: [pin("A", "Tail lamp, left"), pin("B", "Tail lamp, right")],
      decisions: [join("1", "A"), join("2", "B")],
    },
    quiet: {
      v: [pin("1", "Tail lamp, left"), pin("2", "Horn")],
      x: [pin("A", "Tail lamp, left"), pin("B", "Horn")],
      decisions: [join("1", "A"), join("2", "B")],
    },
  },
  "part-cut-off": {
    severity: "stop",
    raised: {
      ...pair({ function: "Ignition switch" }, { function: "Ignition" }),
      file: { worklist: { counterparts: [{ connector: "V", becomes: "stays" }] } },
    },
    quiet: pair({ function: "Ignition switch" }, { function: "Ignition" }),
  },
  "device-legs": {
    severity: "stop",
    raised: pair(
      { function: "Fan" },
      { function: "Fan" },
      { device: { kind: "divider", upper: 1, lower: 1 } },
    ),
    quiet: pair({ function: "Fan" }, { function: "Fan" }, { device: { kind: "fuse", amps: 5 } }),
  },
  "needs-device": {
    severity: "caution",
    raised: pair(
      { function: "Crank sensor", signal: "vr-pair" },
      { function: "Crank sensor", signal: "hall" },
    ),
    quiet: pair(
      { function: "Crank sensor", signal: "vr-pair" },
      { function: "Crank sensor", signal: "vr-pair" },
    ),
  },
  "load-without-source": {
    severity: "caution",
    raised: pair(
      { function: "Tachometer", direction: "load" },
      { function: "Tachometer", direction: "load" },
    ),
    quiet: pair(
      { function: "Tachometer", direction: "source" },
      { function: "Tachometer", direction: "load" },
    ),
  },
  "constant-against-switched": {
    severity: "caution",
    raised: pair({ function: "Accessory supply" }, { function: "Memory supply" }),
    quiet: pair({ function: "Constant supply" }, { function: "Memory supply" }),
  },
  "wrong-key-feed": {
    severity: "caution",
    raised: pair({ function: "Accessory supply" }, { function: "Ignition supply" }),
    quiet: pair({ function: "Ignition supply" }, { function: "Ignition supply" }),
  },
  "twist-lost": {
    severity: "note",
    raised: pair({ function: "CAN high" }, { function: "CAN high" }),
    quiet: pair({ function: "Horn" }, { function: "Horn" }),
  },
  "merged-currents": {
    severity: "note",
    raised: {
      v: [pin("1", "Ground", { size: 2.5 })],
      x: [pin("A", "Ground", { size: 1 }), pin("B", "Ground", { size: 1 })],
      decisions: [{ kind: "split", vehicle: V("1"), incoming: [X("A"), X("B")] }],
    },
    quiet: pair({ function: "Ground" }, { function: "Ground" }),
  },
  "relay-contact": {
    severity: "caution",
    raised: pair({ function: "87" }, { function: "87a" }),
    quiet: pair({ function: "87" }, { function: "87" }),
  },
  "relay-unfed": {
    severity: "stop",
    raised: {
      v: [pin("1", "Horn feed")],
      x: [pin("A", "Relay 1 normally open (87)"), pin("B", "Relay 1 common (30)")],
      decisions: [join("1", "A"), { kind: "cap", pin: { connector: "X", cavity: "B" } }],
    },
    quiet: {
      v: [pin("1", "Horn feed")],
      x: [pin("A", "Relay 1 normally open (87)"), pin("B", "Relay 1 common (30)")],
      decisions: [
        join("1", "A"),
        { kind: "feed", pin: { connector: "X", cavity: "B" }, feed: "battery", from: "F22, 5 A" },
      ],
    },
  },
  "relay-diode": {
    severity: "caution",
    raised: pair({ function: "85" }, { function: "86" }),
    quiet: pair({ function: "86" }, { function: "86" }),
  },
  "one-of-several": {
    severity: "caution",
    raised: {
      v: [pin("1", "Range switch P"), pin("2", "Range switch R")],
      x: [pin("A", "Transmission range")],
      decisions: [{ kind: "merge", vehicle: [V("1"), V("2")], incoming: X("A") }],
    },
    quiet: pair({ function: "Transmission range" }, { function: "Transmission range" }),
  },
  "floating-input": {
    severity: "note",
    raised: { x: [pin("A", "Throttle position")], decisions: [{ kind: "cap", pin: X("A") }] },
    quiet: { x: [pin("A", "Exhaust valve")], decisions: [{ kind: "cap", pin: X("A") }] },
  },
  "bridge-leaves": {
    severity: "caution",
    raised: {
      v: [pin("1", "Interior lamp"), pin("2", "Door ajar lamp")],
      x: [pin("A", "Interior lamp")],
      onV: shell([2], { joined: [["1", "2"]] }),
      decisions: [join("1", "A", { method: "splice" }), { kind: "cap", pin: V("2") }],
      file: { worklist: { counterparts: [{ connector: "V", becomes: "leaves" }] } },
    },
    quiet: {
      v: [pin("1", "Interior lamp"), pin("2", "Door ajar lamp")],
      x: [pin("A", "Interior lamp")],
      onV: shell([2], { joined: [["1", "2"]] }),
      decisions: [{ kind: "merge", vehicle: [V("1"), V("2")], incoming: X("A") }],
      file: { worklist: { counterparts: [{ connector: "V", becomes: "leaves" }] } },
    },
  },
  "joined-cavities": {
    severity: "caution",
    raised: {
      v: [pin("1", "Ground"), pin("2", "Ground")],
      x: [pin("A", "Ground")],
      onV: shell([2], { joined: [["1", "2"]] }),
      decisions: [join("1", "A"), { kind: "leave", pin: V("2") }],
    },
    quiet: {
      v: [pin("1", "Ground"), pin("2", "Ground")],
      x: [pin("A", "Ground")],
      onV: shell([2]),
      decisions: [join("1", "A"), { kind: "leave", pin: V("2") }],
    },
  },
  "shared-ground": {
    severity: "note",
    raised: {
      v: [pin("1", "Ground"), pin("2", "Ground"), pin("3", "Ground")],
      x: [pin("A", "Ground")],
      decisions: [join("1", "A")],
      file: {
        points: [{ id: "G1", name: "G1", kind: "ground" }],
        wires: ["1", "2", "3"].map((cavity) => ({
          id: `w${cavity}`,
          ends: [
            { at: "pin", pin: `V.${cavity}` },
            { at: "point", point: "G1" },
          ],
        })),
      },
    },
    quiet: {
      v: [pin("1", "Ground"), pin("2", "Ground")],
      x: [pin("A", "Ground")],
      decisions: [join("1", "A")],
      file: {
        points: [{ id: "G1", name: "G1", kind: "ground" }],
        wires: [
          {
            id: "w1",
            ends: [
              { at: "pin", pin: "V.1" },
              { at: "point", point: "G1" },
            ],
          },
        ],
      },
    },
  },
  "missing-ground": {
    severity: "caution",
    raised: { x: [pin("A", "Ignition supply"), pin("B", "Horn")] },
    quiet: { x: [pin("A", "Ignition supply"), pin("B", "Ground")] },
  },
  "sensor-return-on-chassis": {
    severity: "caution",
    raised: pair({ function: "Ground" }, { function: "Sensor return" }),
    quiet: pair({ function: "Sensor return" }, { function: "Sensor return" }),
  },
  "size-step": {
    severity: "note",
    raised: pair(sized("Ground", 2), sized("Ground", 0.5)),
    quiet: pair(sized("Ground", 2), sized("Ground", 1.5)),
  },
  "sender-scale": {
    severity: "caution",
    raised: pair({ function: "Fuel level" }, { function: "Fuel gauge" }),
    quiet: pair({ function: "Coolant temperature" }, { function: "ECT" }),
  },
  "charge-lamp": {
    severity: "caution",
    raised: { v: [pin("1", "Charge lamp")], decisions: [{ kind: "cap", pin: V("1") }] },
    quiet: pair({ function: "Charge lamp" }, { function: "D+" }),
  },
  "pickup-polarity": {
    severity: "caution",
    raised: pair({ function: "Crankshaft position" }, { function: "CKP" }),
    quiet: pair({ function: "Camshaft position" }, { function: "CMP" }),
  },
  "feed-without-fuse": {
    severity: "caution",
    raised: {
      x: [pin("A", "Memory supply")],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", from: "battery post" }],
    },
    quiet: {
      x: [pin("A", "Memory supply")],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", from: "spare fuse F22, 5 A" }],
    },
  },
  "ground-strap": {
    severity: "caution",
    raised: { x: [pin("A", "Injector 1")], file: { job: { kind: "engine-swap" } } },
    quiet: {
      x: [pin("A", "Injector 1"), pin("B", "Engine block ground")],
      file: { job: { kind: "engine-swap" } },
    },
  },
  "bus-termination": {
    severity: "note",
    raised: pair({ function: "CAN high" }, { function: "CAN high" }),
    quiet: pair({ function: "LIN" }, { function: "LIN" }),
  },
  "missing-flasher": {
    severity: "caution",
    raised: pair({ function: "Turn switch, left" }, { function: "Turn lamp, left" }),
    quiet: pair({ function: "Flasher output" }, { function: "Turn lamp, left" }),
  },
  "series-lamp": {
    severity: "caution",
    raised: pair(
      { function: "Instrument lamp", signal: "lamp-feed", level: 6 },
      { function: "Instrument lamp", signal: "lamp-feed" },
    ),
    quiet: pair(
      { function: "Instrument lamp", signal: "lamp-feed", level: 12 },
      { function: "Instrument lamp", signal: "lamp-feed" },
    ),
  },
  "single-tell-tale": {
    severity: "caution",
    raised: { v: [pin("1", "Turn tell-tale")] },
    quiet: { v: [pin("1", "Turn tell-tale, left"), pin("2", "Turn tell-tale, right")] },
  },
  "terminal-fit": {
    severity: "caution",
    raised: {
      ...pair({ function: "Horn" }, { function: "Horn" }, { method: "move" }),
      onV: twoRows(0.64),
      onX: twoRows(2.8),
    },
    quiet: {
      ...pair({ function: "Horn" }, { function: "Horn" }, { method: "splice" }),
      onV: twoRows(0.64),
      onX: twoRows(2.8),
    },
  },
  "reform-lance": {
    severity: "note",
    cured: true,
    raised: pair({ function: "Horn" }, { function: "Horn" }, { method: "move" }),
    quiet: pair({ function: "Horn" }, { function: "Horn" }, { method: "splice" }),
  },
  "seal-missing": {
    severity: "caution",
    raised: {
      ...pair({ function: "Horn" }, { function: "Horn" }, { method: "move" }),
      onX: { sealed: true },
    },
    quiet: {
      ...pair({ function: "Horn" }, { function: "Horn" }, { method: "move" }),
      onV: { sealed: true },
      onX: { sealed: true },
    },
  },
  "two-mates": {
    severity: "caution",
    raised: {
      v: [pin("1", "Horn")],
      x: [pin("A", "Horn")],
      onV: { id: "V", matesWith: "X" },
      onX: { id: "X" },
      more: [{ name: "W9", side: "vehicle", matesWith: "X", pins: [pin("1", "Fan")] }],
    },
    quiet: {
      v: [pin("1", "Horn")],
      x: [pin("A", "Horn")],
      onV: { id: "V", matesWith: "X" },
      onX: { id: "X", matesWith: "V" },
    },
  },
  "which-shell": {
    severity: "caution",
    raised: {
      v: [pin("1", "Horn"), pin("2", "Reverse lamps")],
      x: [pin("A", "Horn"), pin("B", "Reverse lamps")],
      onX: { leads: "loom" },
      decisions: [join("1", "A", { method: "move" }), join("2", "B", { method: "move" })],
    },
    quiet: {
      v: [pin("1", "Horn"), pin("2", "Reverse lamps")],
      x: [pin("A", "Horn"), pin("B", "Reverse lamps")],
      onX: { leads: "loom" },
      decisions: [join("1", "A", { method: "move" }), join("2", "B", { method: "splice" })],
    },
  },
  "wrong-socket": {
    severity: "note",
    raised: {
      v: [pin("1", "Horn")],
      onV: shell([2, 2]),
      more: [{ name: "W9", side: "vehicle", pins: [pin("1", "Fan")], ...shell([2, 2]) }],
    },
    quiet: {
      v: [pin("1", "Horn")],
      onV: shell([2, 2]),
      more: [{ name: "W9", side: "vehicle", pins: [pin("1", "Fan")], ...shell([3, 5]) }],
    },
  },
  "vacated-cavity": {
    severity: "note",
    cured: true,
    raised: { v: [pin("1", "Horn")], onV: { sealed: true }, decisions: [{ kind: "cap", pin: V("1") }] },
    quiet: { v: [pin("1", "Horn")], decisions: [{ kind: "cap", pin: V("1") }] },
  },
  "blank-membrane": {
    severity: "note",
    raised: {
      v: [pin("1", "Horn")],
      x: [pin("A", "", { content: "empty" }), pin("B", "Lamp")],
      onX: { sealed: true },
      decisions: [join("1", "A", { method: "move" })],
    },
    quiet: {
      v: [pin("1", "Horn")],
      x: [pin("A", "", { content: "empty" })],
      decisions: [join("1", "A", { method: "move" })],
    },
  },
  "wet-joint": {
    severity: "note",
    raised: {
      ...pair({ function: "Horn" }, { function: "Horn" }, { method: "splice" }),
      onV: { sealed: true },
    },
    quiet: pair({ function: "Horn" }, { function: "Horn" }, { method: "splice" }),
  },
  "adapter-over-kept-wire": {
    severity: "caution",
    raised: {
      v: [pin("1", "Horn"), pin("2", "Fan")],
      x: [pin("A", "Horn")],
      decisions: [join("1", "A", { method: "adapter" }), { kind: "leave", pin: V("2") }],
    },
    quiet: {
      v: [pin("1", "Horn"), pin("2", "Fan")],
      x: [pin("A", "Horn")],
      decisions: [join("1", "A", { method: "splice" }), { kind: "leave", pin: V("2") }],
    },
  },
  "hot-or-moving": {
    severity: "note",
    raised: { ...pair({ function: "Horn" }, { function: "Horn" }), onV: { place: "beside the exhaust" } },
    quiet: { ...pair({ function: "Horn" }, { function: "Horn" }), onV: { place: "under the dash" } },
  },
  "cavity-without-pin": {
    severity: "caution",
    raised: { x: [pin("A", "Ignition supply", { content: "empty" })] },
    quiet: { x: [pin("A", "", { content: "empty" })] },
  },
  "option-wire": {
    severity: "note",
    raised: pair(
      { function: "Compressor clutch", condition: "only with air conditioning" },
      { function: "Compressor clutch" },
    ),
    quiet: pair(
      { function: "Compressor clutch", condition: "only with air conditioning", identified: true },
      { function: "Compressor clutch" },
    ),
  },
  "sources-contradict": {
    severity: "caution",
    raised: pair(
      { function: "Horn", claims: [{ fact: "colour", value: "RD", source: "recalled", when: "" }] },
      { function: "Horn" },
    ),
    quiet: pair({ function: "Horn" }, { function: "Horn" }),
  },
  "not-in-source": {
    severity: "note",
    raised: { v: [pin("1", "", { colour: "RD", content: "occupied" })] },
    quiet: { v: [pin("1", "Horn", { colour: "RD" })] },
  },
  "function-lost": {
    severity: "note",
    raised: { v: [pin("1", "Clock")], decisions: [{ kind: "cap", pin: V("1") }] },
    quiet: { v: [pin("1", "Clock")], decisions: [{ kind: "leave", pin: V("1") }] },
  },
  "fault-code": {
    severity: "note",
    raised: { x: [pin("A", "Oxygen sensor heater")], decisions: [{ kind: "cap", pin: X("A") }] },
    quiet: {
      x: [pin("A", "Oxygen sensor heater")],
      decisions: [{ kind: "cap", pin: X("A"), open: "nothing" }],
    },
  },
  "programming-owed": {
    severity: "note",
    raised: pair({ function: "CAN high" }, { function: "CAN high" }),
    quiet: pair({ function: "Speaker +" }, { function: "Speaker +" }),
  },
  glare: {
    severity: "note",
    raised: pair({ function: "Dipped beam" }, { function: "Low beam" }),
    quiet: pair({ function: "Horn" }, { function: "Horn" }),
  },
  "standby-drain": {
    severity: "caution",
    raised: {
      x: [pin("A", "Memory supply", { standby: 0.2 })],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", from: "F22, 5 A" }],
    },
    quiet: {
      x: [pin("A", "Ignition supply")],
      decisions: [{ kind: "feed", pin: X("A"), feed: "ignition", from: "F22, 5 A" }],
    },
  },
  variant: {
    severity: "note",
    raised: pair(
      {
        function: "Horn",
        claims: [{ fact: "colour", value: "RD", source: "recalled", when: "up to model year 2" }],
      },
      { function: "Horn" },
    ),
    quiet: pair({ function: "Horn" }, { function: "Horn" }),
  },
  "law-reminder": {
    severity: "note",
    raised: pair({ function: "Stop lamp switch" }, { function: "Brake input" }),
    quiet: pair({ function: "Park brake" }, { function: "Park brake" }),
  },
};
