import type { ColourName } from "./colour.ts";

export const COLOUR_SYSTEMS = ["iec", "german", "japanese", "north-american"] as const;
export type ColourSystem = (typeof COLOUR_SYSTEMS)[number];

export const COLOUR_SYSTEM_NAMES: Readonly<Record<ColourSystem, string>> = {
  iec: "IEC 60757",
  german: "German abbreviations",
  japanese: "Japanese letters",
  "north-american": "North-American abbreviations",
};

export type CodeTable = Readonly<Record<string, ColourName>>;

/** IEC 60757 two-letter codes, from memory, high confidence. */
const IEC: CodeTable = {
  BK: "black",
  BN: "brown",
  RD: "red",
  OG: "orange",
  YE: "yellow",
  GN: "green",
  BU: "blue",
  VT: "violet",
  GY: "grey",
  WH: "white",
  PK: "pink",
  GD: "gold",
  TQ: "turquoise",
  SR: "silver",
};

/** German vehicle abbreviations (customary, DIN/VDA practice), from memory, high confidence; RO and TR medium. */
const GERMAN: CodeTable = {
  SW: "black",
  WS: "white",
  BR: "brown",
  RT: "red",
  RO: "red",
  GE: "yellow",
  GN: "green",
  BL: "blue",
  LI: "violet",
  VI: "violet",
  GR: "grey",
  OR: "orange",
  RS: "pink",
  TR: "natural",
};

/** Japanese one- and two-letter codes (customary), from memory, high confidence; BE, CH, DG, LB, LA medium. */
const JAPANESE: CodeTable = {
  B: "black",
  W: "white",
  R: "red",
  G: "green",
  L: "blue",
  Y: "yellow",
  BR: "brown",
  O: "orange",
  OR: "orange",
  P: "pink",
  V: "violet",
  PU: "violet",
  GR: "grey",
  GY: "grey",
  LG: "light green",
  SB: "sky blue",
  LB: "light blue",
  DG: "dark green",
  CH: "dark brown",
  BE: "beige",
  LA: "lavender",
};

/** North-American three-letter abbreviations (customary), from memory, high confidence. */
const NORTH_AMERICAN_LONG: CodeTable = {
  BLK: "black",
  WHT: "white",
  RED: "red",
  GRN: "green",
  BLU: "blue",
  YEL: "yellow",
  ORN: "orange",
  ORG: "orange",
  BRN: "brown",
  PNK: "pink",
  PPL: "violet",
  PUR: "violet",
  VIO: "violet",
  GRY: "grey",
  GRA: "grey",
  TAN: "tan",
  NAT: "natural",
  "LT GRN": "light green",
  "DK GRN": "dark green",
  "LT BLU": "light blue",
  "DK BLU": "dark blue",
};

/** North-American one- and two-letter sets (one per maker), from memory, medium confidence; the D- and L- prefixes high. */
const NORTH_AMERICAN_SHORT: CodeTable = {
  BK: "black",
  WH: "white",
  WT: "white",
  RD: "red",
  GN: "green",
  DG: "dark green",
  LG: "light green",
  BU: "blue",
  DB: "dark blue",
  LB: "light blue",
  YE: "yellow",
  YL: "yellow",
  OG: "orange",
  OR: "orange",
  BN: "brown",
  BR: "brown",
  PK: "pink",
  VT: "violet",
  GY: "grey",
  TN: "tan",
  W: "white",
  R: "red",
  Y: "yellow",
  O: "orange",
  P: "violet",
  T: "tan",
  "D BU": "dark blue",
  "L BU": "light blue",
  "D GN": "dark green",
  "L GN": "light green",
};

/** Sets that a system is written in: a list keeps to one of them. */
export const CODE_SETS: Readonly<Record<ColourSystem, readonly CodeTable[]>> = {
  iec: [IEC],
  german: [GERMAN],
  japanese: [JAPANESE],
  "north-american": [NORTH_AMERICAN_LONG, NORTH_AMERICAN_SHORT],
};

/** First code listed for a colour is the one written out. */
export const CODE_TABLES: Readonly<Record<ColourSystem, CodeTable>> = {
  iec: IEC,
  german: GERMAN,
  japanese: JAPANESE,
  "north-american": { ...NORTH_AMERICAN_LONG, ...NORTH_AMERICAN_SHORT },
};

/** Plain English and German words, understood in every system. */
export const COLOUR_WORDS: CodeTable = {
  black: "black",
  brown: "brown",
  red: "red",
  orange: "orange",
  yellow: "yellow",
  green: "green",
  blue: "blue",
  violet: "violet",
  purple: "violet",
  grey: "grey",
  gray: "grey",
  slate: "grey",
  white: "white",
  pink: "pink",
  turquoise: "turquoise",
  gold: "gold",
  silver: "silver",
  "light green": "light green",
  "dark green": "dark green",
  "light blue": "light blue",
  "dark blue": "dark blue",
  "sky blue": "sky blue",
  "pale blue": "light blue",
  "pale green": "light green",
  lime: "light green",
  navy: "dark blue",
  tan: "tan",
  beige: "beige",
  natural: "natural",
  clear: "natural",
  transparent: "natural",
  "dark brown": "dark brown",
  lavender: "lavender",
  schwarz: "black",
  braun: "brown",
  rot: "red",
  gelb: "yellow",
  grün: "green",
  gruen: "green",
  blau: "blue",
  violett: "violet",
  lila: "violet",
  grau: "grey",
  weiß: "white",
  weiss: "white",
  rosa: "pink",
  türkis: "turquoise",
  tuerkis: "turquoise",
};
