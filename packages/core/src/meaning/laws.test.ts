import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { THINGS } from "./lexicon/index.ts";
import { sideOf } from "./meaning.ts";
import { readMeaning } from "./readMeaning.ts";
import { oppositeOf } from "./whichOne.ts";

const which = (text: string): Readonly<Record<string, string>> =>
  Object.fromEntries([...readMeaning(text).which].map(([name, values]) => [name, [...values].join("+")]));

/** Things said in many manners: each way of saying it names the same thing, the same side and the same class. */
const THINGS_SAID = [
  ["turn lamp", ["turn signal", "indicator", "flasher lamp", "TURN SIG", "direction indicator", "Blinker"]],
  ["tail lamp", ["tail lamp", "tail light", "TAIL LP", "rear position lamp", "Schlusslicht", "taillight"]],
  ["stop lamp", ["stop lamp", "brake light", "STOP LT", "brake lamp", "Bremslicht", "stoplight"]],
  [
    "dipped beam",
    ["dipped beam", "low beam", "LO BEAM", "headlamp dip", "Abblendlicht", "headlight low beam"],
  ],
  ["main beam", ["main beam", "high beam", "HI BEAM", "headlamp main beam", "Fernlicht", "full beam"]],
  [
    "door ajar switch",
    ["door switch", "door ajar", "DOOR SW", "door contact", "Türkontakt", "door jamb switch"],
  ],
  [
    "wheel speed sensor",
    ["wheel speed sensor", "WSS", "ABS wheel speed sensor", "wheel speed sndr", "abs sensor"],
  ],
  ["seat heater", ["seat heater", "heated seat", "SEAT HTR", "Sitzheizung", "seat heating"]],
  ["window motor", ["window motor", "window lift motor", "WINDOW MTR", "window regulator motor"]],
] as const;
const SIDES = [
  ["left", ["left", "LH", "L/H", "links", "LHS", "li."]],
  ["right", ["right", "RH", "R/H", "rechts", "RHS", "re."]],
] as const;
const ENDS = [
  ["", [""]],
  ["front", ["front", "FRT", "vorn"]],
  ["rear", ["rear", "hinten", "RR"]],
] as const;
const ORDERS: readonly ((name: string, side: string, end: string) => string)[] = [
  (name, side, end) => `${name} ${side} ${end}`,
  (name, side, end) => `${side} ${end} ${name}`,
  (name, side, end) => `${name}, ${side} ${end}`,
  (name, side, end) => `${name} (${side} ${end})`,
  (name, side, end) => `${end} ${side}: ${name}`.trim(),
  (name, side, end) => `${name.toUpperCase()} ${side.toUpperCase()} ${end.toUpperCase()}`,
];

describe("paraphrases", () => {
  it("give one thing and one side in every manner of speaking", () => {
    let said = 0;
    const misread: string[] = [];
    for (const [name, ways] of THINGS_SAID)
      for (const way of ways)
        for (const [side, sideWords] of SIDES)
          for (const sideWord of sideWords)
            for (const [end, endWords] of ENDS)
              for (const endWord of endWords)
                for (const order of ORDERS) {
                  const text = order(way, sideWord, endWord).replace(/\s+/g, " ").trim();
                  const read = readMeaning(text);
                  said++;
                  // "Front" and "rear" belong to some names themselves.
                  if (
                    read.thing?.name !== name ||
                    sideOf(read) !== side ||
                    (end !== "" &&
                      !text.includes("re.") &&
                      read.which.get("end")?.has(end) !== true &&
                      !/rear/.test(name))
                  )
                    misread.push(`${text}: ${read.thing?.name ?? "nothing"}, ${JSON.stringify(which(text))}`);
                }
    expect(said).toBeGreaterThan(10_000);
    expect(misread.slice(0, 20)).toEqual([]);
  });
  it("give one class for each role in every manner of speaking", () => {
    const sensors = [
      "throttle position",
      "MAP",
      "oil pressure sensor",
      "accelerator pedal",
      "manifold pressure",
      "fuel rail pressure",
    ];
    const roles = [
      ["sensor-supply", ["5V", "5 V reference", "+5V", "5V REF", "supply", "VCC", "Versorgung 5V"]],
      ["sensor-return", ["ground", "GND", "return", "RTN", "low reference", "earth", "0V", "Masse"]],
    ] as const;
    for (const sensor of sensors)
      for (const [signal, words] of roles)
        for (const word of words)
          for (const text of [`${sensor} ${word}`, `${sensor.toUpperCase()} ${word}`, `${sensor}, ${word}`])
            expect(readMeaning(text).signal, text).toBe(signal);
    const supplies = [
      [
        "battery",
        [
          "B+",
          "constant 12V",
          "permanent live",
          "Kl. 30",
          "hot at all times",
          "always live",
          "BATT",
          "12V constant",
          "unswitched 12 V",
          "Dauerplus",
        ],
      ],
      [
        "ignition",
        [
          "Kl. 15",
          "ignition switched 12V",
          "IGN",
          "key on 12V",
          "hot in run and start",
          "RUN/CRANK",
          "ignition feed",
          "switched live",
        ],
      ],
      ["accessory", ["ACC", "accessory", "12v radio wire (acc)", "Kl. 75", "accessory feed"]],
      ["start", ["Kl. 50", "crank signal", "starter signal", "START", "12 V at cranking"]],
      [
        "ground",
        [
          "GND",
          "earth",
          "Kl. 31",
          "chassis ground",
          "body earth",
          "Masse",
          "battery negative",
          "power ground",
          "PGND",
          "earth stud, rear rail",
        ],
      ],
    ] as const;
    for (const [signal, texts] of supplies)
      for (const text of texts) expect(readMeaning(text).signal, text).toBe(signal);
  });
});

const OPPOSITES = [
  ["low", "high"],
  ["open", "closed"],
  ["open", "close"],
  ["lock", "unlock"],
  ["left", "right"],
  ["front", "rear"],
  ["up", "down"],
  ["inner", "outer"],
  ["upper", "lower"],
  ["raise", "lower"],
  ["extend", "retract"],
] as const;
describe("words that turn a text", () => {
  const swaps = [
    ["left", "right"],
    ["low", "high"],
    ["front", "rear"],
    ["upper", "lower"],
    ["in", "out"],
    ["+", "-"],
    ["LH", "RH"],
    ["up", "down"],
  ] as const;
  const frames = [
    "lamp %",
    "% speed fan relay",
    "speaker door %",
    "window %",
    "CAN %",
    "DIG % 2",
    "seat heater %",
    "% beam",
    "wheel speed sensor %",
    "height sensor % axle",
    "crank sensor %",
    "pressure switch %",
    "mirror %",
    "tach %",
  ];
  it("never leave the meaning as it was when they are exchanged", () => {
    let turned = 0;
    for (const frame of frames)
      for (const [one, other] of swaps) {
        const [a, b] = [readMeaning(frame.replace("%", one)), readMeaning(frame.replace("%", other))];
        const facts = ({ thing: own, which: places, pole, direction, signal }: typeof a): string =>
          JSON.stringify([own?.name, [...places].map(([d, v]) => [d, [...v]]), pole, direction, signal]);
        // A frame that does not take the word leaves both unread.
        if (
          facts(a) === facts(readMeaning(frame.replace("%", ""))) &&
          facts(b) === facts(readMeaning(frame.replace("%", "")))
        )
          continue;
        turned++;
        expect(facts(a), `${frame} ${one}/${other}`).not.toBe(facts(b));
      }
    expect(turned).toBeGreaterThan(60);
  });
  it("tell two wires of one thing apart wherever it goes by both of them: a high and a low pressure switch", () => {
    const same: string[] = [];
    let both = 0;
    for (const { phrases } of THINGS)
      for (const phrase of phrases)
        for (const [one, other] of OPPOSITES) {
          const turned = phrase.replace(new RegExp(`\\b${one}\\b`), other);
          if (turned === phrase || !phrases.includes(turned)) continue;
          const [a, b] = [readMeaning(phrase), readMeaning(turned)];
          if (a.thing?.name !== b.thing?.name) continue;
          both++;
          if (a.signal === b.signal && a.pole === b.pole && oppositeOf(a.which, b.which) === null)
            same.push(`${phrase}, ${turned}`);
        }
    expect(same).toEqual([]);
    expect(both).toBeGreaterThan(150);
  });
  it("keep switched earth and earth, request and supply, apart", () => {
    expect(readMeaning("Fan relay, ground when on").signal).toBe("switched-ground");
    expect(readMeaning("Fan ground").signal).toBe("ground");
    expect(readMeaning("A/C request, 0 V = on").signal).toBe("switched-ground");
    expect(readMeaning("A/C request, active high").signal).toBe("switched-supply");
  });
});

describe("bad input", () => {
  it("gives nothing for words that nobody knows, for numbers and for signs", () => {
    for (const text of ["zzyx quorb", "12345", "", "   ", "🙂🙂", "=1+1", "«»", "\u0000"]) {
      const { thing: named, signal } = readMeaning(text);
      expect([named, signal], text).toEqual([null, "unknown"]);
    }
  });
  it("reads any text in time, and a text of random letters as nothing sure", () => {
    const letters = fc.string({
      unit: fc.constantFrom(..."bcdfghjklmnpqrstvwxz"),
      minLength: 6,
      maxLength: 9,
    });
    fc.assert(
      fc.property(fc.array(letters, { minLength: 1, maxLength: 4 }), (words) => {
        const { thing: named, signal, fuzzy } = readMeaning(words.map((word) => `q${word}q`).join(" "));
        expect(named === null || fuzzy).toBe(true);
        expect(signal === "unknown" || fuzzy).toBe(true);
      }),
      { numRuns: 300, seed: 16 },
    );
    fc.assert(
      fc.property(fc.string({ unit: "binary", maxLength: 300 }), (text) => {
        const { certain, understood, classes } = readMeaning(text);
        expect(certain).toBeGreaterThanOrEqual(0);
        expect(understood).toBeLessThanOrEqual(1);
        expect([...classes.values()].reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 1);
      }),
      { numRuns: 500, seed: 16 },
    );
    expect(readMeaning("fuel pump ".repeat(5000)).thing?.name).toBe("fuel pump");
    expect(readMeaning("طرمبة البنزين fuel pump").thing?.name).toBe("fuel pump");
  });
});
