import { at, byPoints, byRows, contacts, inRings, inRows, rib, row, type ShelfShell } from "./build.ts";

/** SAE J1962 / ISO 15031-3, as published: 1 to 8 on the wide side, 9 to 16 below, numbered from the left on the vehicle's face. */
const DIAGNOSTIC = contacts([
  ["1", "maker's own"],
  ["2", "SAE J1850 bus +"],
  ["3", "maker's own"],
  ["4", "chassis ground"],
  ["5", "signal ground"],
  ["6", "CAN high"],
  ["7", "K-line"],
  ["8", "maker's own"],
  ["9", "maker's own"],
  ["10", "SAE J1850 bus -"],
  ["11", "maker's own"],
  ["12", "maker's own"],
  ["13", "maker's own"],
  ["14", "CAN low"],
  ["15", "L-line"],
  ["16", "battery, permanent"],
]);
const J1962 = {
  standard: "SAE J1962 / ISO 15031-3",
  mark: "wide side" as const,
  contacts: DIAGNOSTIC,
  terminals: ["plain-1.5-female"],
};

/** ISO 7588: coil 85 and 86 face each other, and so do 30 and 87, with 87a between them. Places as seen on the socket's face, from memory. */
const relay = (
  id: string,
  name: string,
  standard: string,
  labels: readonly [top: string, left: string, middle: string | null, right: string, bottom: string],
  note: string,
  functions: Parameters<typeof contacts>[0],
): ShelfShell =>
  byPoints(
    id,
    "relay and fuse",
    name,
    [
      at(labels[0], 2, 0.8, 6.3, "flat"),
      at(labels[1], 0.6, 2.2, 6.3, "upright"),
      ...(labels[2] === null ? [] : [at(labels[2], 2, 2.2, 6.3, "flat")]),
      at(labels[3], 3.4, 2.2, 6.3, "upright"),
      at(labels[4], 2, 3.6, 6.3, "flat"),
    ],
    {
      standard,
      mark: "key",
      contacts: contacts(functions),
      sure: "check",
      note,
      terminals: ["blade-6.3-female"],
    },
  );
const DIN_RELAY = [
  ["30", "common contact"],
  ["85", "relay coil, minus"],
  ["86", "relay coil, plus"],
  ["87", "normally open contact"],
  ["87a", "normally closed contact"],
] as const;

export const RELAY_AND_FUSE: readonly ShelfShell[] = [
  relay(
    "relay-mini-a",
    "Relay socket, mini, layout A",
    "ISO 7588-1",
    ["87", "86", "87a", "85", "30"],
    "30 faces 87, 85 faces 86. Compare with the numbers moulded on the relay.",
    DIN_RELAY,
  ),
  relay(
    "relay-mini-b",
    "Relay socket, mini, layout B",
    "ISO 7588-1",
    ["87", "30", "87a", "85", "86"],
    "30 and 86 change places against layout A: the relay of one fits the other's socket and does not work there. Compare the numbers.",
    DIN_RELAY,
  ),
  relay(
    "relay-mini-4",
    "Relay socket, mini, 4 contacts",
    "ISO 7588-1",
    ["87", "86", null, "85", "30"],
    "No normally closed contact. Compare with the numbers moulded on the relay.",
    DIN_RELAY.filter(([label]) => label !== "87a"),
  ),
  relay(
    "relay-micro",
    "Relay socket, micro",
    "ISO 7588-3",
    ["5", "1", "4", "2", "3"],
    "Numbers of the micro relay: 1 is 86, 2 is 85, 3 is 30, 4 is 87a, 5 is 87. Compare with the numbers moulded on the relay.",
    [
      ["1", "relay coil, plus"],
      ["2", "relay coil, minus"],
      ["3", "common contact"],
      ["4", "normally closed contact"],
      ["5", "normally open contact"],
    ],
  ),
  byPoints(
    "flasher",
    "relay and fuse",
    "Flasher socket, 3 contacts",
    [at("49", 1, 0.8, 6.3, "flat"), at("49a", 0.6, 2.6, 6.3, "upright"), at("31", 2.4, 2.6, 6.3, "upright")],
    {
      standard: "DIN 72552 numbers",
      mark: "key",
      contacts: contacts([
        ["49", "flasher supply"],
        ["49a", "flasher output"],
        ["31", "ground"],
      ]),
      sure: "check",
      note: "Places differ; the numbers decide.",
      terminals: ["blade-6.3-female"],
    },
  ),
  byPoints(
    "fuse-mini",
    "relay and fuse",
    "Blade fuse holder, mini",
    [at("in", 0.8, 0.8, 2.8, "upright"), at("out", 2.4, 0.8, 2.8, "upright")],
    {
      standard: "ISO 8820-3 type F",
      contacts: contacts([
        ["in", "fuse, supply side"],
        ["out", "fuse, load side"],
      ]),
      note: "Either way round; the supply side is the one that is live with the fuse out.",
      terminals: ["blade-2.8-female"],
    },
  ),
  byPoints(
    "fuse-regular",
    "relay and fuse",
    "Blade fuse holder, regular",
    [at("in", 0.8, 0.8, 4.8, "upright"), at("out", 2.6, 0.8, 4.8, "upright")],
    {
      standard: "ISO 8820-3 type C",
      contacts: contacts([
        ["in", "fuse, supply side"],
        ["out", "fuse, load side"],
      ]),
      note: "Either way round; the supply side is the one that is live with the fuse out.",
      terminals: ["blade-6.3-female"],
    },
  ),
  byPoints(
    "fuse-maxi",
    "relay and fuse",
    "Blade fuse holder, maxi",
    [at("in", 0.8, 0.8, 8, "upright"), at("out", 3, 0.8, 8, "upright")],
    {
      standard: "ISO 8820-3 type E",
      contacts: contacts([
        ["in", "fuse, supply side"],
        ["out", "fuse, load side"],
      ]),
      terminals: ["blade-9.5-female"],
    },
  ),
];

export const LAMPS: readonly ShelfShell[] = [
  byPoints(
    "lamp-three-blade",
    "lamp",
    "Lamp cap, three blades (P43t)",
    [at("1", 2, 0.8, 8, "flat"), at("2", 0.6, 2.4, 8, "upright"), at("3", 3.4, 2.4, 8, "upright")],
    {
      standard: "IEC 60061-1 P43t",
      mark: "key",
      sure: "check",
      note: "Labels are ours: 1 lies across, 2 and 3 stand. Which one is main beam, dipped beam and ground is read off the lamp, never guessed.",
      terminals: ["blade-9.5-female"],
    },
  ),
  byPoints(
    "lamp-two-blade",
    "lamp",
    "Lamp cap, two blades (PX26d)",
    [at("1", 0.8, 0.8, 6.3, "upright"), at("2", 2.4, 0.8, 6.3, "upright")],
    {
      standard: "IEC 60061-1 PX26d",
      note: "A filament has no polarity; an LED in its place has.",
      terminals: ["blade-6.3-female"],
    },
  ),
  byPoints(
    "lamp-bayonet-two",
    "lamp",
    "Lamp socket, bayonet, two contacts (BAY15d)",
    [at("1", 0.7, 1, null), at("2", 2.1, 1, null), at("shell", 1.4, 2.4, null)],
    {
      standard: "IEC 60061-1 BAY15d",
      mark: "key",
      sure: "check",
      note: "Stop and tail in one lamp: pins of the cap at different heights let it in one way only.",
      contacts: contacts([["shell", "ground"]]),
    },
  ),
  inRows("lamp-wedge-three", "lamp", "Wedge lamp socket, three wires", [row(3)], byRows(), {
    standard: "IEC 60061-1 W3×16q",
    sure: "check",
    note: "Two filaments with a common: find the common by resistance.",
  }),
];

export const DIAGNOSTIC_SHELLS: readonly ShelfShell[] = [
  inRows("diagnostic-a", "diagnostic", "Diagnostic 16-way, type A (12 V)", [row(8), row(8)], byRows(), J1962),
  inRows("diagnostic-b", "diagnostic", "Diagnostic 16-way, type B (24 V)", [row(8), row(8)], byRows(), {
    ...J1962,
    keying: [rib("top", 0.5)],
    note: "Type B has a split slot between its rows: a 12 V tool does not go in.",
  }),
];

const EUROPE_7 = contacts([
  ["1", "left turn lamp", "YE"],
  ["2", "rear fog lamp", "BU"],
  ["3", "ground", "WH"],
  ["4", "right turn lamp", "GN"],
  ["5", "right tail lamp", "BN"],
  ["6", "stop lamp", "RD"],
  ["7", "left tail lamp", "BK"],
]);
const MOULDED = "Which way the numbers run is from memory: compare with the numbers moulded on the part.";
export const TRAILER_SHELLS: readonly ShelfShell[] = [
  inRings(
    "trailer-iso1724",
    "trailer",
    "Trailer 7-pin, 12 V (12N)",
    [
      [6, 30],
      [1, 0],
    ],
    ["1", "2", "3", "4", "5", "6", "7"],
    { standard: "ISO 1724", contacts: EUROPE_7, sure: "check", note: MOULDED },
  ),
  inRings(
    "trailer-iso3732",
    "trailer",
    "Trailer 7-pin, supplementary (12S)",
    [
      [6, 30],
      [1, 0],
    ],
    ["1", "2", "3", "4", "5", "6", "7"],
    {
      standard: "ISO 3732",
      reversed: ["7"],
      sure: "check",
      note: `Looks like the 12N; its contact 7 is of the other gender, so the two do not go together. ${MOULDED}`,
      contacts: contacts([
        ["1", "reversing lamp", "YE"],
        ["2", "spare", "BU"],
        ["3", "ground, for 4", "WH"],
        ["4", "battery, permanent", "GN"],
        ["5", "spare", "BN"],
        ["6", "switched supply, refrigerator", "RD"],
        ["7", "ground, for 6", "BK"],
      ]),
    },
  ),
  inRings(
    "trailer-iso11446",
    "trailer",
    "Trailer 13-pin, 12 V",
    [
      [8, 22.5],
      [4, 45],
      [1, 0],
    ],
    ["1", "2", "3", "4", "5", "6", "7", "8", "9", "10", "11", "12", "13"],
    {
      standard: "ISO 11446",
      sure: "check",
      note: MOULDED,
      contacts: contacts([
        ["1", "left turn lamp", "YE"],
        ["2", "rear fog lamp", "BU"],
        ["3", "ground, for 1 to 8", "WH"],
        ["4", "right turn lamp", "GN"],
        ["5", "right tail lamp", "BN"],
        ["6", "stop lamp", "RD"],
        ["7", "left tail lamp", "BK"],
        ["8", "reversing lamp", "PK"],
        ["9", "battery, permanent", "OG"],
        ["10", "ignition switched supply", "GY"],
        ["11", "ground, for 10", "WH/BK"],
        ["12", "trailer recognition", "WH/BU"],
        ["13", "ground, for 9", "WH/RD"],
      ]),
    },
  ),
  inRows("trailer-flat-4", "trailer", "Trailer flat 4-way", [row(4)], byRows(), {
    standard: "North American practice",
    mark: "key",
    reversed: ["1"],
    note: "The single contact of the other gender is ground.",
    contacts: contacts([
      ["1", "ground", "WH"],
      ["2", "tail and marker lamps", "BN"],
      ["3", "left turn and stop lamp", "YE"],
      ["4", "right turn and stop lamp", "GN"],
    ]),
  }),
  inRows("trailer-flat-5", "trailer", "Trailer flat 5-way", [row(5)], byRows(), {
    standard: "North American practice",
    mark: "key",
    reversed: ["1"],
    note: "As the flat 4-way, with blue for reverse or the surge brake's lockout.",
    contacts: contacts([
      ["1", "ground", "WH"],
      ["2", "tail and marker lamps", "BN"],
      ["3", "left turn and stop lamp", "YE"],
      ["4", "right turn and stop lamp", "GN"],
      ["5", "reversing lamp", "BU"],
    ]),
  }),
  inRings(
    "trailer-j2863",
    "trailer",
    "Trailer 7-way blade",
    [
      [6, 30],
      [1, 0],
    ],
    ["1h", "3h", "5h", "7h", "9h", "11h", "C"],
    {
      standard: "SAE J2863",
      sure: "check",
      note: "Labels are hours of the clock on the vehicle's socket, key up.",
      contacts: contacts([
        ["1h", "battery, charge line", "BK"],
        ["3h", "right turn and stop lamp", "GN"],
        ["5h", "electric trailer brake", "BU"],
        ["7h", "ground", "WH"],
        ["9h", "left turn and stop lamp", "YE"],
        ["11h", "tail and marker lamps", "BN"],
        ["C", "reversing lamp", "VT"],
      ]),
    },
  ),
  inRings(
    "trailer-j560",
    "trailer",
    "Trailer 7-pin, heavy duty",
    [
      [6, 0],
      [1, 0],
    ],
    ["1", "2", "3", "4", "5", "6", "7"],
    {
      standard: "SAE J560",
      sure: "check",
      note: MOULDED,
      contacts: contacts([
        ["1", "ground", "WH"],
        ["2", "clearance and marker lamps", "BK"],
        ["3", "left turn lamp", "YE"],
        ["4", "stop lamp", "RD"],
        ["5", "right turn lamp", "GN"],
        ["6", "tail and licence lamps", "BN"],
        ["7", "auxiliary supply", "BU"],
      ]),
    },
  ),
];
