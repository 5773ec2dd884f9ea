import { describe, expect, it } from "vitest";
import din from "../testing/reference/din72552.json" with { type: "json" };
import sae from "../testing/reference/sae-j1930.json" with { type: "json" };
import { TAUGHT_SLOTS, type TaughtSlot } from "../model/index.ts";
import { FORM_COUNT, THINGS } from "./lexicon/index.ts";
import { likelyClass, sideOf } from "./meaning.ts";
import { learn, likeKey, readFunction, slotOf, taughtSlots } from "./ownWords.ts";
import { phraseCount } from "./phrases.ts";
import { readMeaning } from "./readMeaning.ts";
import { suggestThings } from "./suggest.ts";

const thing = (text: string): string | undefined => readMeaning(text).thing?.name;

describe("readMeaning", () => {
  it.each([
    ["Fan request from ECU (ground switched)", "radiator fan", "switched-ground"],
    ["LO FAN OUT", "radiator fan", "switched-ground"],
    ["CLG FAN RLY #2 COIL", "radiator fan", "switched-ground"],
    ["12v with key on, has to stay hot while cranking", "ignition supply", "ignition"],
    ["Kl.30 via S12", "constant supply", "battery"],
    ["Sensor earth, do not join to 31", "sensor return", "sensor-return"],
    ["Throttle sensor ground", "throttle position", "sensor-return"],
    ["Earth, body to engine", "ground", "ground"],
    ["MAP 5V", "manifold pressure", "sensor-supply"],
    ["Kraftstoffpumpe Relais", "fuel pump relay", "switched-ground"],
    ["Bremslichtschalter", "stop lamp switch", "switched-supply"],
    ["Öldruckschalter", "oil pressure switch", "switched-ground"],
    ["Terminal 49a", "flasher output", "switched-supply"],
    ["CAN1_H", "can high", "can-h"],
    ["HS OUT 4 - stop, 12 V", "stop lamp", "lamp-feed"],
    ["(-) Horn out 200mA", "horn", "switched-ground"],
    ["(-) Chassis ground", "ground", "ground"],
    ["Ign feed, drops out while cranking", "ignition supply", "run-not-crank"],
    ["key on 12v, stays on when cranking", "ignition supply", "ignition"],
    ["Crank position sensor NE+", "crankshaft position", "vr-pair"],
    ["NTC RTN - do not ground", "sensor return", "sensor-return"],
    ["Not used", "spare", "none"],
    ["Pump, fuel", "fuel pump", "switched-supply"],
  ] as const)("reads %s", (text, name, signal) => {
    const meaning = readMeaning(text);
    if (signal === "run-not-crank") expect(meaning.signal).toBe(signal);
    else expect([meaning.thing?.name, meaning.signal]).toEqual([name, signal]);
  });
  it("says which words gave what, and which it did not understand", () => {
    const meaning = readMeaning("Fuel pump relay zzyx, left");
    expect(meaning.givenBy).toContainEqual({
      slot: "thing",
      value: "fuel pump relay",
      words: "fuel pump relay",
    });
    expect(meaning.unread).toEqual(["zzyx"]);
    expect(sideOf(meaning)).toBe("left");
  });
  it("forgives one slip in a long word and says so, and never two", () => {
    expect(readMeaning("Alternater lamp")).toMatchObject({ thing: { name: "charge indicator" } });
    expect(readMeaning("Radiaotr fan")).toMatchObject({ thing: { name: "radiator fan" }, fuzzy: true });
    expect(readMeaning("Rdaiaotr").thing).toBeNull();
  });
  it("reads a head that stands last as the head", () => {
    expect(thing("speed fan")).toBe("radiator fan");
    expect(thing("coolant temperature warning lamp")).toBe("temperature warning lamp");
    expect(thing("Low oil pressure lamp")).toBe("oil pressure lamp");
  });
  it("takes the plug's own name where a text says no more than what it carries", () => {
    expect(readMeaning("SIG", { plug: "MAF" }).thing?.name).toBe("mass air flow");
    expect(readMeaning("GND", { plug: "TPS" }).things.map(({ name }) => name)).toEqual(["throttle position"]);
    expect(readMeaning("Horn", { plug: "MAF" }).thing?.name).toBe("horn");
  });
  it("reads bare terminal numbers and ignition numbers only where the list speaks that way", () => {
    expect(readMeaning("58L tail light left", { bareTerminals: true }).which.get("side")).toEqual(
      new Set(["left"]),
    );
    expect(readMeaning("Input 54", { bareTerminals: true }).thing?.name).toBe("stop lamp");
    expect(readMeaning("Input 54").thing).toBeNull();
    expect(readMeaning("IGN 2", { ignitionCoils: true }).thing?.name).toBe("ignition coil");
    expect(readMeaning("IGN 1").signal).toBe("ignition");
  });
});

describe("the lexicon", () => {
  it("holds some seven hundred things, 3,700 word forms and 11,000 phrases, each thing once", () => {
    expect(THINGS.length).toBeGreaterThan(700);
    expect(FORM_COUNT).toBeGreaterThan(3600);
    expect(phraseCount()).toBeGreaterThan(11000);
    expect(new Set(THINGS.map(({ name }) => name)).size).toBe(THINGS.length);
  });
  it("reads the name of each thing back as that thing", () => {
    const lost = THINGS.filter(({ name }) => !readMeaning(name).things.some((one) => one.name === name)).map(
      ({ name }) => name,
    );
    expect(lost).toEqual([]);
  });
  it("marks what is not worked on here, and what keeps the engine from cranking in gear", () => {
    const marked = (of: (thing: (typeof THINGS)[number]) => boolean): readonly string[] =>
      THINGS.filter(of).map(({ name }) => name);
    expect(marked(({ keepOut }) => keepOut === "restraint")).toEqual(
      expect.arrayContaining(["airbag squib", "belt pretensioner", "crash sensor", "occupant sensor"]),
    );
    expect(marked(({ keepOut }) => keepOut === "high-voltage").length).toBe(4);
    expect(marked(({ startInterlock }) => startInterlock)).toEqual([
      "start inhibit",
      "clutch switch",
      "side stand switch",
      "neutral switch",
    ]);
    for (const text of ["Gurtstraffer links", "HV interlock", "SRS driver bag +", "Beckengurt Straffer"])
      expect([text, readMeaning(text).things.some(({ keepOut }) => keepOut !== null)]).toEqual([text, true]);
  });
  it("knows every abbreviation of SAE J1930 that names a wire (reference from memory)", () => {
    const wanted: Readonly<Record<string, string>> = {
      ECT: "coolant temperature",
      IAT: "intake air temperature",
      MAP: "manifold pressure",
      MAF: "mass air flow",
      CKP: "crankshaft position",
      CMP: "camshaft position",
      APP: "accelerator position",
      HO2S: "oxygen sensor",
      VSS: "vehicle speed",
      TP: "throttle position",
      FP: "fuel pump",
      MIL: "malfunction indicator lamp",
      KS: "knock sensor",
      PNP: "neutral switch",
      EVAP: "purge valve",
      TFT: "transmission fluid temperature",
      PSP: "power steering pressure",
    };
    for (const [abbreviation, name] of Object.entries(wanted)) expect(thing(abbreviation)).toBe(name);
    // Parts without a wire of that name, states of the engine, and control modules as a whole.
    const noWire = new Set(
      "ACL CFI CL DTC ECM EEPROM FT KOEO KOER M/C MFI OC OL PCM SFI TBI TCM TWC".split(" "),
    );
    const unknown = sae.rows
      .map((row) => row.abbr)
      .filter((abbreviation) => !noWire.has(abbreviation))
      .filter((abbreviation) => {
        const { thing: named, signal } = readMeaning(abbreviation);
        return named === null && signal === "unknown";
      });
    expect(unknown).toEqual([]);
    expect(sae.rows.length - noWire.size).toBeGreaterThan(50);
  });
  it("knows every terminal number of DIN 72552 (reference from memory)", () => {
    for (const [number, name] of [
      ["30", "constant supply"],
      ["15", "ignition supply"],
      ["31", "ground"],
      ["50", "crank signal"],
      ["75", "accessory supply"],
      ["61", "charge indicator"],
      ["87a", "relay rest output"],
      ["49a", "flasher output"],
      ["53e", "wiper park"],
      ["58d", "instrument lighting"],
    ] as const)
      for (const form of [`KL${number}`, `Kl. ${number}`, `terminal ${number}`, `Term. ${number}`])
        expect(thing(form), form).toBe(name);
    const silent = din.rows
      .map((row) => row.terminal)
      .filter((number) => {
        const { thing: named, signal } = readMeaning(`terminal ${number}`);
        return named === null && signal === "unknown";
      });
    expect(silent).toEqual([]);
  });
});

describe("own words", () => {
  const [faultLamp] = THINGS.filter(({ name }) => name === "fault lamp");
  const words = learn(learn([], { text: "snubber", term: null, signal: "lin" }), {
    text: "Lamp 7",
    term: faultLamp?.name ?? null,
    signal: faultLamp?.signal ?? "unknown",
  });
  it("are also said of the same words with another side, end or number, where that was asked for", () => {
    const taught = learn([], {
      text: "Gubbins LH 2",
      term: "radiator fan",
      signal: "switched-ground",
      like: true,
    });
    for (const text of ["Gubbins RH 1", "gubbins", "GUBBINS4", "front gubbins upper"]) {
      const { thing: named, signal, which } = readFunction(text, taught);
      expect([text, named?.name, signal]).toEqual([text, "radiator fan", "switched-ground"]);
      // Which one it is is still read from the label.
      expect(which).toEqual(readMeaning(text).which);
    }
    // What a terminal or an amount says is never taken for a number of several.
    for (const [one, other] of [
      ["Kl. 30 gubbins", "Kl. 31 gubbins"],
      ["Gubbins 5 V", "Gubbins 12 V"],
      ["gubbins 0.5A", "gubbins 10 A"],
      ["Gubbins high", "Gubbins low"],
      ["Gubbins in", "Gubbins out"],
    ] as const)
      expect(likeKey(one)).not.toBe(likeKey(other));
    expect(likeKey("Gubbins1 LH")).toBe(likeKey("gubbins 2, rh"));
    expect(readFunction("Gubbins lamp", taught).thing?.name).not.toBe("radiator fan");
    expect(
      readFunction("2 left", learn([], { text: "1 right", term: "horn", signal: "lin", like: true })).signal,
    ).not.toBe("lin");
    expect(
      readFunction("Gubbins RH", learn([], { text: "Gubbins LH", term: "horn", signal: "lin" })).signal,
    ).not.toBe("lin");
  });

  it("teach any slot, side and number for that very label only", () => {
    const taught = learn([], {
      text: "Gubbins RH 3",
      term: "radiator fan",
      signal: "switched-ground",
      like: true,
      slots: { side: "left", number: null, kind: "relay", role: "request", pole: null, direction: "source" },
    });
    const own = readFunction("gubbins rh 3", taught);
    expect([...own.which]).toEqual([["side", new Set(["left"])]]);
    expect(own).toMatchObject({ pole: null, direction: "source" });
    expect([...own.kinds, ...own.roles]).toEqual(["relay", "request"]);
    expect(slotOf(own, "side")).toBe("left");
    const other = readFunction("Gubbins RH 2", taught);
    expect(other.which).toEqual(readMeaning("Gubbins RH 2").which);
    expect(other).toMatchObject({ direction: "source", kinds: new Set(["relay"]) });
    expect(taughtSlots(taught, "Gubbins RH 2")).not.toHaveProperty("side");
    // What was not taught stays as it is read, in every slot.
    for (const { phrases } of THINGS)
      for (const text of phrases) {
        const plain = readMeaning(text);
        const same = readFunction(text, [{ text, term: null, signal: "lin" }]);
        for (const slot of Object.keys(TAUGHT_SLOTS) as readonly TaughtSlot[])
          expect([text, slot, slotOf(same, slot)]).toEqual([text, slot, slotOf(plain, slot)]);
      }
  });

  it("come before the lexicon's", () => {
    expect(readFunction("snubber", words)).toMatchObject({
      thing: { name: "snubber" },
      signal: "lin",
      certain: 1,
    });
    expect(readFunction("lamp 7", words).thing?.name).toBe("fault lamp");
    expect(readFunction("snubber", [...words, { text: "snubber", term: null, signal: "hall" }]).signal).toBe(
      "hall",
    ); // the last one given counts
    expect(learn(words, { text: "SNUBBER", term: null, signal: "pwm" })).toEqual([
      words[1],
      { text: "SNUBBER", term: null, signal: "pwm" },
    ]);
  });
});

describe("suggestThings", () => {
  const texts = (typed: string): readonly string[] => suggestThings(typed, 3).map((one) => one.text);
  it("offers what is being typed, with the place that was typed, and forgives slips", () => {
    expect(texts("lvl rr")[0]).toBe("height sensor, rear");
    expect(texts("ign")[0]).toBe("ignition supply");
    expect(texts("turn l")[0]).toBe("turn lamp, left");
    expect(texts("fuel pmp")[0]).toBe("fuel pump");
    expect(texts("coola")).toContain("coolant temperature");
    expect(texts("")).toEqual([]);
  });
  it("finds each thing by the first letters of its name", () => {
    for (const one of THINGS)
      expect(
        suggestThings(one.name.slice(0, -1), 8).some(({ thing: own }) => own === one),
        one.name,
      ).toBe(true);
  });
});

describe("likelyClass", () => {
  it("writes nothing down that is no more than a guess", () => {
    expect(likelyClass(readMeaning("Fuel pump relay"))).toBe("switched-ground");
    expect(likelyClass(readMeaning("zzyx"))).toBe("unknown");
  });
});
