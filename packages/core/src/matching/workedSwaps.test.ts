import { describe, expect, it } from "vitest";
import { readJobValue } from "../contract/index.ts";
import { indexPins, pinName, type Dossier, type PinId } from "../model/index.ts";
import din from "../testing/reference/din72552.json" with { type: "json" };
import sae from "../testing/reference/sae-j1930.json" with { type: "json" };
import { engineSwap } from "../testing/engineSwap.ts";
import { colourForColour } from "./colourVerdict.ts";
import { suggest, type Crosswalk } from "./crosswalk.ts";
import { findHazards } from "./hazards/index.ts";

type Row = readonly [
  cavity: string,
  name: string,
  colour?: string,
  signal?: string,
  more?: Record<string, unknown>,
];
/** A job from two short tables. */
function job(vehicle: readonly Row[], incoming: readonly Row[], file: Record<string, unknown> = {}): Dossier {
  const pins = (rows: readonly Row[]) =>
    rows.map(([cavity, name, colour, signal, more]) => ({
      cavity,
      function: name,
      ...(colour ? { colour } : {}),
      ...(signal ? { signal } : {}),
      ...more,
    }));
  const read = readJobValue({
    format: "trevin-job",
    version: 1,
    connectors: [
      { name: "V", colourSystem: "iec", pins: pins(vehicle) },
      { name: "X", colourSystem: "iec", pins: pins(incoming) },
    ],
    ...file,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
/** "1 A", splits as "1 A+B", merges as "1+2 A", feeds as "B feed battery", the rest as "C cap"; a part between behind a slash. */
function answer(dossier: Dossier, walk: Crosswalk = suggest(dossier)): readonly string[] {
  const pins = indexPins(dossier);
  const at = (id: PinId): string => pins.get(id)!.pin.cavity;
  const part = (kind: string | undefined): string => (kind === undefined ? "" : ` / ${kind}`);
  const joined = (pairs: Crosswalk["pairs"]): string =>
    `${[...new Set(pairs.map((pair) => at(pair.vehicle)))].join("+")} ${[...new Set(pairs.map((pair) => at(pair.incoming)))].join("+")}`;
  return [
    ...walk.pairs.map((pair) => `${joined([pair])}${part(pair.device?.device.kind)}`),
    ...walk.groups.map((group) => `${joined(group.pairs)}${part(group.device?.device.kind)}`),
    ...walk.jumpers.map((jumper) => jumper.pins.map(at).join("=")),
    ...walk.alone.map(
      (alone) => `${at(alone.pin)} ${alone.proposal}${alone.feed === null ? "" : ` ${alone.feed}`}`,
    ),
  ];
}
const outcomes = (dossier: Dossier): readonly string[] =>
  colourForColour(dossier).map((join) => join.outcome);

/** Worked swaps of our own, each with the right answer worked out by hand beside it (trade facts: common practice). */
describe("worked swaps", () => {
  it("cluster swap: functions over colours; the speed signal serves one gauge; the memory feed has to come from a fuse", () => {
    const dossier = job(
      [
        ["1", "KL15", "BK"],
        ["2", "KL31", "BN"],
        ["3", "Fuel sender", "BU/WH"],
        ["4", "Temp gauge", "YE"],
        ["5", "Tacho", "GN"],
        ["6", "Road speed", "WH"],
        ["7", "Oil lamp", "RD"],
        ["8", "Charge lamp", "BU"],
      ],
      [
        ["A", "Ignition", "RD"],
        ["B", "Memory", "BK"],
        ["C", "Ground", "BN/WH"],
        ["D", "Fuel level", "BU"],
        ["E", "Coolant gauge sender", "GN"],
        ["F", "Engine rpm", "YE"],
        ["G", "Vehicle speed", "WH/BK"],
        ["H", "Oil pressure switch", "VT"],
        ["J", "D+", "BU/WH"],
      ],
    );
    expect(answer(dossier)).toEqual([
      "1 A",
      "2 C",
      "3 D",
      "4 E",
      "5 F",
      "6 G",
      "7 H",
      "8 J",
      "B feed battery",
    ]);
    // By colour: BK 15 onto the memory input stays dead at key-off; YE and GN swap temperature and engine speed; BU/WH and BU swap fuel and charge.
    expect(outcomes(dossier)).not.toContain("works");
    // Four gauges may read wrong: by ohms and by pulses, on one card.
    const scales = findHazards(dossier, suggest(dossier)).filter(({ rule }) => rule === "sender-scale");
    expect(scales.map(({ pins }) => pins.length)).toEqual([8]);
  });

  it("towing lamps: one wire for each turn lamp here, two there; left never meets right", () => {
    const dossier = job(
      [
        ["1", "Turn lamp, left"],
        ["2", "Turn lamp, right"],
        ["3", "Stop lamp"],
        ["4", "Ground"],
      ],
      [
        ["A", "Turn lamp, left front"],
        ["B", "Turn lamp, left rear"],
        ["C", "Turn lamp, right front"],
        ["D", "Turn lamp, right rear"],
        ["E", "Brake light"],
        ["F", "Earth"],
      ],
    );
    expect(answer(dossier)).toEqual(["3 E", "4 F", "1 A+B", "2 C+D"]);
  });

  it("one turn wire for both sides is joined to neither in secret: a place that is open is no sure pair", () => {
    const dossier = job(
      [["1", "Turn lamp"]],
      [
        ["A", "Turn lamp, left"],
        ["B", "Turn lamp, right"],
      ],
    );
    const walk = suggest(dossier);
    expect(walk.groups).toEqual([]);
    expect(walk.pairs.map((pair) => pair.sure)).toEqual(["guess"]);
  });

  it("two door switches onto one input: diodes, so that one door does not light the other's lamp", () => {
    expect(
      answer(
        job(
          [
            ["10", "Door ajar, left"],
            ["11", "Door ajar, right"],
          ],
          [["G", "Door ajar"]],
        ),
      ),
    ).toEqual(["10+11 G / diodes"]);
  });

  it("a supply for two inputs is branched, the second at a price", () => {
    expect(
      answer(
        job(
          [
            ["2", "Ignition, run and crank", "WH/RD"],
            ["1", "Ground"],
          ],
          [
            ["A", "Supply, switched"],
            ["N", "Wake"],
            ["C", "Ground"],
          ],
        ),
      ),
    ).toEqual(["1 C", "2 A+N"]);
  });

  it("a 12 V switch on a 5 V input: paired by what it does, with a divider between", () => {
    expect(
      answer(
        job(
          [["9", "Kneel switch", "GN", "switched-supply", { level: 12, direction: "source" }]],
          [["F", "Kneel request", "GN", "analog", { level: 5 }]],
        ),
      ),
    ).toEqual(["9 F / divider"]);
    expect(
      answer(
        job(
          [["3", "Neutral switch", "", "switched-supply", { level: 12 }]],
          [["N", "PNP", "", "switched-supply", { level: 5 }]],
        ),
      ),
    ).toEqual(["3 N / divider"]);
  });

  it("a crank sensor with a coil on a Hall input goes through a conditioner, a horn switch on a fed relay through a relay", () => {
    expect(answer(job([["1", "CKP", "", "vr-pair"]], [["A", "Crankshaft position", "", "hall"]]))).toEqual([
      "1 A / converter",
    ]);
    expect(
      answer(job([["1", "Horn", "", "switched-supply"]], [["A", "Horn", "", "switched-ground"]])),
    ).toEqual(["1 A / relay"]);
  });

  it("a horn lead that is only ever grounded is never fed", () => {
    const dossier = job(
      [["1", "Constant supply", "RD", "battery"]],
      [["A", "Horn", "RD", "switched-ground"]],
    );
    expect(answer(dossier)).toEqual(["1 leave", "A cap"]);
    expect(outcomes(dossier)).toEqual(["damage"]);
  });

  it("black is ground here and data there: joining by colour shorts the bus", () => {
    const dossier = job(
      [
        ["1", "Ground", "BK"],
        ["2", "CAN low", "BN"],
      ],
      [
        ["A", "CAN low", "BK"],
        ["B", "Ground", "BN"],
      ],
    );
    expect(answer(dossier)).toEqual(["1 B", "2 A"]);
    expect(outcomes(dossier)).toEqual(["damage", "damage"]);
  });

  it("tells CAN high from CAN low whatever their colours, and the sensor return from the chassis ground", () => {
    const dossier = job(
      [
        ["1", "CAN H", "YE"],
        ["2", "CAN L", "GN"],
        ["3", "Sensor ground", "BK"],
        ["4", "Chassis ground", "BN"],
      ],
      [
        ["A", "CAN-L", "YE"],
        ["B", "CAN-H", "GN"],
        ["C", "Ground", "BK"],
        ["D", "Sensor return", "BN"],
      ],
    );
    expect(answer(dossier)).toEqual(["1 B", "2 A", "3 D", "4 C"]);
    expect(outcomes(dossier)).not.toContain("works");
  });

  it("stop and turn on one filament: whatever is proposed, joining it is a stop", () => {
    const dossier = job([["1", "Stop/turn lamp, left"]], [["A", "Turn lamp, left"]]);
    const walk = suggest(dossier);
    expect(
      findHazards(dossier, walk).filter(
        ({ rule, severity }) => rule === "combined-stop-turn" && severity === "stop",
      ).length,
    ).toBe(walk.pairs.length);
  });

  it("wiper delay taken out: what came in from the switch goes on to the motor, supply and ground end", () => {
    const dossier = job(
      [
        ["1", "Wiper low, from switch"],
        ["2", "Wiper low, to motor"],
        ["3", "Wiper park, from motor", "", "", { direction: "source" }],
        ["4", "Wiper park, to switch", "", "", { direction: "load" }],
        ["5", "Ignition supply"],
        ["6", "Ground"],
      ],
      [],
      { job: { kind: "module-bypass" } },
    );
    expect(answer(dossier)).toEqual(["1=2", "3=4", "5 leave", "6 leave"]);
  });

  it("equipment that is given up takes no part; equipment that is kept does", () => {
    const rows: readonly [Row[], Row[]] = [
      [["1", "A/C clutch", "", "", { condition: "only with air conditioning" }]],
      [["A", "Compressor clutch"]],
    ];
    expect(
      answer(job(...rows, { brief: [{ kind: "option", text: "air conditioning", kept: false }] })),
    ).toEqual(["1 leave", "A cap"]);
    expect(
      answer(job(...rows, { brief: [{ kind: "option", text: "air conditioning", kept: true }] })),
    ).toEqual(["1 A"]);
  });

  it("a restraint circuit and a plug that stays shut are not matched at all", () => {
    expect(answer(job([["1", "Airbag squib"]], [["A", "Airbag squib"]]))).toEqual(["1 leave", "A leave"]);
  });

  it("engine swap, 150 pins and 120: every one of the 65 circuits that both have finds its partner, in a sure or checked pair or a branch", () => {
    const { dossier, truth } = engineSwap();
    const walk = suggest(dossier);
    const pins = indexPins(dossier);
    const links = new Map(
      [...walk.pairs, ...walk.groups.flatMap((group) => group.pairs)].map((pair) => [
        `${pair.vehicle} ${pair.incoming}`,
        pair,
      ]),
    );
    const alike = (a: PinId, b: PinId): boolean =>
      pins.get(a)!.pin.signal === "ground" && pins.get(b)!.pin.signal === "ground";
    const missed = [...truth].filter(([vehicle, incoming]) => {
      const pair = links.get(`${vehicle} ${incoming}`);
      // Grounds of one kind may change places.
      return pair === undefined
        ? ![...links.values()].some((other) => other.vehicle === vehicle && alike(other.incoming, incoming))
        : false;
    });
    expect(missed.map(([vehicle]) => pinName(pins.get(vehicle)!))).toEqual([]);
    const wrong = [...links.values()].filter(
      (pair) =>
        truth.get(pair.vehicle) !== pair.incoming &&
        !alike(pair.vehicle, pair.incoming) &&
        pair.sure === "sure",
    );
    expect(wrong).toEqual([]);
  });
});

describe("published terms", () => {
  it("pairs every abbreviation of SAE J1930 / ISO 15031-2 with its own long form (reference from memory)", () => {
    const rows = sae.rows.filter(
      ({ abbr, term }) => job([["1", abbr]], [["A", term]]).connectors.length === 2,
    );
    const wrong = rows.flatMap(({ abbr, term }) => {
      const walk = suggest(job([["1", abbr]], [["A", term]]));
      return [...walk.pairs].length === 1 || isNoWire(abbr, term) ? [] : [`${abbr} = ${term}`];
    });
    expect(rows.length).toBeGreaterThan(60);
    expect(wrong).toEqual([]);
  });
  const isNoWire = (abbr: string, term: string): boolean =>
    suggest(job([["1", abbr, "", "none"]], [["A", term, "", "none"]])).alone.length === 2 &&
    !/sensor|switch|solenoid|signal|relay|position/.test(term);

  it("pairs every terminal of DIN 72552 with itself under its other name, and with no other terminal for sure", () => {
    const numbers = [...new Set(din.rows.map(({ terminal }) => terminal))].filter((terminal) =>
      /^\d/.test(terminal),
    );
    const half = numbers.filter((_, index) => index % 2 === 0).slice(0, 40);
    const dossier = job(
      half.map((terminal, i) => [String(i + 1), `KL ${terminal}`]),
      half.map((terminal, i) => [String(i + 1), `Terminal ${terminal}`]),
    );
    const pins = indexPins(dossier);
    const number = (id: PinId): string => pins.get(id)!.pin.function.replace(/^\D+/, "");
    const walk = suggest(dossier);
    expect(walk.pairs.length + walk.groups.length).toBeGreaterThan(25);
    for (const pair of walk.pairs.filter(({ sure }) => sure === "sure"))
      expect([number(pair.vehicle), pins.get(pair.vehicle)!.pin.signal]).toEqual([
        number(pair.incoming),
        pins.get(pair.incoming)!.pin.signal,
      ]);
  });
});

describe("bad input", () => {
  const many = (count: number, name: (index: number) => string, colour = "BK") =>
    Array.from({ length: count }, (_, i): Row => [String(i + 1), name(i), colour]);
  it("3,000 by 3,000 pins of one function are matched one to one", () => {
    const walk = suggest(
      job(
        many(3000, () => "Ground"),
        many(3000, () => "Ground"),
      ),
    );
    expect(walk.pairs.length).toBe(3000);
    expect(walk.alone).toEqual([]);
  });
  it("3,000 by 3,000 pins with names in no vocabulary are matched by their names, with progress told on the way", () => {
    let last = 0;
    const walk = suggest(
      job(
        many(3000, (i) => `zq ${i}`),
        many(3000, (i) => `zq ${2999 - i}`),
      ),
      {
        onProgress: (done, total) => {
          expect(done).toBeGreaterThanOrEqual(last);
          expect(done).toBeLessThanOrEqual(total);
          last = done;
        },
      },
    );
    expect(
      walk.pairs.filter((pair) => Number(pair.vehicle.slice(2)) + Number(pair.incoming.slice(2)) === 3001)
        .length,
    ).toBeGreaterThan(2900);
    expect(last).toBe(3000);
  });
  it("empty functions pair with nothing and say what to do first; one colour for all changes nothing", () => {
    const dossier = job(
      many(40, () => ""),
      many(40, () => ""),
    );
    expect(suggest(dossier).pairs).toEqual([]);
    expect(new Set(suggest(dossier).alone.map(({ why }) => why))).toEqual(new Set(["nothing-known"]));
    expect(colourForColour(dossier).length).toBe(40);
  });
  it("refuses decisions that contradict each other, join a pin to itself or use one connector on both sides", () => {
    const refused = (decision: object) =>
      readJobValue({
        format: "trevin-job",
        version: 1,
        connectors: [
          {
            name: "V",
            pins: [
              { cavity: "1", function: "a" },
              { cavity: "2", function: "b" },
            ],
          },
          {
            name: "X",
            pins: [
              { cavity: "A", function: "a" },
              { cavity: "B", function: "b" },
            ],
          },
        ],
        decisions: [
          {
            kind: "join",
            vehicle: { connector: "V", cavity: "1" },
            incoming: { connector: "X", cavity: "A" },
          },
          decision,
        ],
      });
    const [V1, V2, XA, XB] = [
      { connector: "V", cavity: "1" },
      { connector: "V", cavity: "2" },
      { connector: "X", cavity: "A" },
      { connector: "X", cavity: "B" },
    ];
    const code = (decision: object) => {
      const read = refused(decision);
      return read.ok
        ? "ok"
        : read.error.code === "contradiction"
          ? read.error.problem.code === "decision-refused"
            ? read.error.problem.problem.code
            : read.error.problem.code
          : read.error.code;
    };
    expect(code({ kind: "join", vehicle: V1, incoming: XB })).toBe("pin-already-decided");
    expect(code({ kind: "join", vehicle: V2, incoming: V2 })).toBe("pin-joined-to-itself");
    expect(code({ kind: "join", vehicle: V2, incoming: V1 })).toBe("join-needs-both-sides");
    expect(code({ kind: "forbid", vehicle: V1, incoming: XA })).toBe("pair-forbidden");
    expect(code({ kind: "jumper", pins: [V2, XB] })).toBe("jumper-across-connectors");
    expect(code({ kind: "split", vehicle: V2, incoming: [XB] })).toBe("wrong-shape");
    expect(code({ kind: "forbid", vehicle: V2, incoming: XB })).toBe("ok");
  });
});
