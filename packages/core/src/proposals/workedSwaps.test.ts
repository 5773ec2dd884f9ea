import { describe, expect, it } from "vitest";
import { indexPins, pinName, type Dossier, type PinId } from "../model/index.ts";
import { signalOf } from "../meaning/index.ts";
import { engineSwap } from "../testing/engineSwap.ts";
import { colourForColour, findHazards } from "../hazards/index.ts";
import { suggest, type Crosswalk } from "./crosswalk.ts";
import { shortJob, type Row } from "../testing/shortTables.ts";

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
    const dossier = shortJob(
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
    const dossier = shortJob(
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
    const dossier = shortJob(
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
        shortJob(
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
        shortJob(
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
        shortJob(
          [["9", "Kneel switch", "GN", "switched-supply", { level: 12, direction: "source" }]],
          [["F", "Kneel request", "GN", "analog", { level: 5 }]],
        ),
      ),
    ).toEqual(["9 F / divider"]);
    expect(
      answer(
        shortJob(
          [["3", "Neutral switch", "", "switched-supply", { level: 12 }]],
          [["N", "PNP", "", "switched-supply", { level: 5 }]],
        ),
      ),
    ).toEqual(["3 N / divider"]);
  });

  it("a crank sensor with a coil on a Hall input goes through a conditioner, a horn switch on a fed relay through a relay", () => {
    expect(
      answer(shortJob([["1", "CKP", "", "vr-pair"]], [["A", "Crankshaft position", "", "hall"]])),
    ).toEqual(["1 A / converter"]);
    expect(
      answer(shortJob([["1", "Horn", "", "switched-supply"]], [["A", "Horn", "", "switched-ground"]])),
    ).toEqual(["1 A / relay"]);
  });

  it("a horn lead that is only ever grounded is never fed", () => {
    const dossier = shortJob(
      [["1", "Constant supply", "RD", "battery"]],
      [["A", "Horn", "RD", "switched-ground"]],
    );
    expect(answer(dossier)).toEqual(["1 leave", "A cap"]);
    expect(outcomes(dossier)).toEqual(["damage"]);
  });

  it("black is ground here and data there: joining by colour shorts the bus", () => {
    const dossier = shortJob(
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
    const dossier = shortJob(
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
    const dossier = shortJob([["1", "Stop/turn lamp, left"]], [["A", "Turn lamp, left"]]);
    const walk = suggest(dossier);
    expect(
      findHazards(dossier, walk).filter(
        ({ rule, severity }) => rule === "combined-stop-turn" && severity === "stop",
      ).length,
    ).toBe(walk.pairs.length);
  });

  it("wiper delay taken out: what came in from the switch goes on to the motor, supply and ground end", () => {
    const dossier = shortJob(
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
      answer(shortJob(...rows, { brief: [{ kind: "option", text: "air conditioning", kept: false }] })),
    ).toEqual(["1 leave", "A cap"]);
    expect(
      answer(shortJob(...rows, { brief: [{ kind: "option", text: "air conditioning", kept: true }] })),
    ).toEqual(["1 A"]);
  });

  it("a restraint circuit and a plug that stays shut are not matched at all", () => {
    expect(answer(shortJob([["1", "Airbag squib"]], [["A", "Airbag squib"]]))).toEqual([
      "1 leave",
      "A leave",
    ]);
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
    const isGround = (id: PinId): boolean => signalOf(pins.get(id)!, dossier.words) === "ground";
    const alike = (a: PinId, b: PinId): boolean => isGround(a) && isGround(b);
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
