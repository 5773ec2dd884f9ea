import type { ColourName } from "./colour.ts";

export const COLOUR_SYSTEMS = ["iec", "german", "japanese", "north-american"] as const;
export type ColourSystem = (typeof COLOUR_SYSTEMS)[number];

export const COLOUR_SYSTEM_NAMES: Readonly<Record<ColourSystem, string>> = {
  iec: "IEC 60757",
  german: "German abbreviations",
  japanese: "Japanese letters",
  "north-american": "North-American abbreviations",
};

type Table = Readonly<Record<string, ColourName>>;

/** IEC 60757 two-letter codes, from memory, high confidence. */
const IEC: Table = {
  BK: "black", BN: "brown", RD: "red", OG: "orange", YE: "yellow", GN: "green", BU: "blue", VT: "violet", GY: "grey",
  WH: "white", PK: "pink", GD: "gold", TQ: "turquoise", SR: "silver",
};

/** German vehicle abbreviations (customary, DIN/VDA practice), from memory, high confidence; RO medium. */
const GERMAN: Table = {
  SW: "black", WS: "white", BR: "brown", RT: "red", RO: "red", GE: "yellow", GN: "green", BL: "blue", LI: "violet",
  VI: "violet", GR: "grey", OR: "orange", RS: "pink", TR: "natural",
};

/** Japanese one- and two-letter codes (customary), from memory, high confidence; BE, CH, DG, LB, LA medium. */
const JAPANESE: Table = {
  B: "black", W: "white", R: "red", G: "green", L: "blue", Y: "yellow", BR: "brown", O: "orange", OR: "orange", P: "pink",
  V: "violet", PU: "violet", GR: "grey", GY: "grey", LG: "light green", SB: "sky blue", LB: "light blue", DG: "dark green",
  CH: "dark brown", BE: "beige", LA: "lavender",
};

/** North-American abbreviations (customary), from memory; long forms high confidence, two-letter forms medium. */
const NORTH_AMERICAN: Table = {
  BLK: "black", WHT: "white", RED: "red", GRN: "green", BLU: "blue", YEL: "yellow", ORN: "orange", ORG: "orange", BRN: "brown",
  PNK: "pink", PPL: "violet", PUR: "violet", VIO: "violet", GRY: "grey", TAN: "tan", NAT: "natural",
  "LT GRN": "light green", "DK GRN": "dark green", "LT BLU": "light blue", "DK BLU": "dark blue",
  BK: "black", WH: "white", WT: "white", RD: "red", GN: "green", DG: "dark green", LG: "light green", BU: "blue", DB: "dark blue",
  LB: "light blue", YE: "yellow", YL: "yellow", OG: "orange", BN: "brown", PK: "pink", VT: "violet", GY: "grey", TN: "tan",
};

/** First code listed for a colour is the one written out. */
export const CODE_TABLES: Readonly<Record<ColourSystem, Table>> = { iec: IEC, german: GERMAN, japanese: JAPANESE, "north-american": NORTH_AMERICAN };

/** Plain English words, understood in every system. */
export const COLOUR_WORDS: Table = {
  black: "black", brown: "brown", red: "red", orange: "orange", yellow: "yellow", green: "green", blue: "blue", violet: "violet",
  purple: "violet", grey: "grey", gray: "grey", white: "white", pink: "pink", turquoise: "turquoise", gold: "gold", silver: "silver",
  "light green": "light green", "dark green": "dark green", "light blue": "light blue", "dark blue": "dark blue", "sky blue": "sky blue",
  tan: "tan", beige: "beige", natural: "natural", "dark brown": "dark brown", lavender: "lavender",
};
