import {
  blankConnector,
  blankPin,
  connectorId,
  emptyDossier,
  pinId,
  type Dossier,
  type Pin,
  type PinId,
  type Side,
} from "../model/index.ts";

/**
 * An engine swap of our own invention: the car's body looms (150 pins, five plugs) and another car's engine looms (120 pins, six
 * plugs). Each line is one circuit as the two makers' lists would word it, worked out by hand; that is the right answer.
 */
const CIRCUITS = `
Constant supply, engine module | Memory supply ECM
Ignition supply, engine | KL15 engine
Ignition supply, gearbox | Transmission ignition feed
Crank signal | Starter signal 50
Ground, engine left | Ground 1
Ground, engine right | Ground 2
Ground, electronics | Ground 3
Tachometer | Engine speed signal
Vehicle speed | VSS
Coolant temperature gauge | Temp gauge
Oil pressure switch | Oil lamp
Oil pressure gauge | Oil sender
Malfunction indicator lamp | MIL
Charge lamp | D+
Fuel pump relay | FP relay
Fuel pump supply | Fuel pump feed
Fuel level | Tank sender
Cooling fan relay low | Low fan
Cooling fan relay high | High fan
Air conditioning request | A/C switch
Compressor clutch relay | A/C clutch relay
Refrigerant pressure | A/C pressure
Brake switch | BPP
Second brake switch | Brake pedal test
Clutch switch | CPP
Park neutral | Neutral safety switch
Reverse lamp switch | Backup switch
Starter relay | Starter solenoid
Alternator field | Generator field
Accelerator pedal 1 | APP1
Accelerator pedal 2 | APP2
Accelerator ground, sensor return | Low reference
Accelerator supply 5 V | 5 V reference
CAN high | CAN+
CAN low | CAN-
Diagnostic line | K-line
Immobiliser | Transponder
Cruise set switch | Speed control
Kickdown switch | Kick down
Overdrive switch | O/D off
Transmission range | Range sensor
Turbine speed | Input shaft speed
Output shaft speed | OSS
Transmission fluid temperature | TFT
Torque converter clutch | TCC
Pressure control solenoid | EPC
Shift lock | BTSI
Outside temperature | Ambient temperature
Main relay | ECM relay
Evaporator temperature | Evap temp
Oxygen sensor, front | Lambda front
Oxygen sensor, rear | Lambda rear
Oxygen sensor heater, front | HO2S heater front
Oxygen sensor heater, rear | HO2S heater rear
Power steering pressure | PSP switch
Coolant level | ECL
Water in fuel | WIF
Fuel rail pressure | Rail pressure
Manifold pressure | MAP
Mass air flow | MAF
Intake air temperature | IAT
Glow plug relay | Preheat relay
Glow lamp | Wait to start
Engine oil level | Oil level
Secondary air pump | AIR
`
  .trim()
  .split("\n");

const ONLY_VEHICLE = `
Dipped beam, left|Dipped beam, right|Main beam, left|Main beam, right|Side lamp, left|Side lamp, right|Turn lamp, left|Turn lamp, right|Tail lamp, left|Tail lamp, right|Stop lamp, left|Stop lamp, right
Front fog lamp, left|Front fog lamp, right|Rear fog lamp|Reverse lamp, left|Reverse lamp, right|Number plate lamp|Interior lamp|Boot lamp|Instrument lighting|Horn|Horn relay|Wiper low|Wiper high|Wiper park
Wiper interval|Washer pump|Rear wiper|Rear washer|Door ajar switch, left|Door ajar switch, right|Bonnet switch|Boot switch|Boot release|Door lock motor|Door unlock motor|Lock switch|Unlock switch|Window up, left
Window down, left|Window up, right|Window down, right|Mirror heater|Rear window heater|Seat heater, left|Seat heater, right|Blower motor|Blower control|Radio antenna|Speaker left +|Speaker left -|Speaker right +|Speaker right -
Accessory supply|Power socket|Park brake switch|Brake fluid level|Washer level|Seat belt switch|Seat belt lamp|ABS lamp|Hazard switch|Turn switch|Headlamp switch|Rain sensor|Parking sensor|Trailer detect|Trailer tail lamp|Sunroof motor
Buzzer|Clock|Trip reset|Steering wheel controls|Airbag warning lamp|Tyre pressure receiver|Alarm siren|Key in|Fuel flap release|Camera signal|Child lock|Mirror fold|Convertible top|Beacon|Work lamp
`
  .trim()
  .split(/[|\n]/)
  .map((text) => text.trim());
const ONLY_INCOMING = `
Injector 1|Injector 2|Injector 3|Injector 4|Injector 5|Injector 6|Ignition coil 1|Ignition coil 2|Ignition coil 3|Ignition coil 4|Ignition coil 5|Ignition coil 6|Crankshaft position|Camshaft position|Knock sensor 1|Knock sensor 2
Throttle position|Throttle position 2|Idle air control|EGR valve|Canister purge|Variable valve timing, intake|Variable valve timing, exhaust|Boost control|Barometric pressure|Fuel temperature|Oil temperature|Flex fuel|Shift solenoid A
Shift solenoid B|Charge air temperature|Exhaust gas temperature|Thermostat heater|Intake runner|Supercharger clutch|Ignition trigger|Engine mount|Electric coolant pump|NOx sensor|Spare|Spare 2|Torque request|Load signal|Alternator sense
Ballast output|Exhaust brake|Fuel metering valve|Direct injector high side|Wideband pump|Nernst cell|Distributor pickup|Cylinder head temperature|Differential pressure|Fuel pump monitor|Volume air flow
`
  .trim()
  .split(/[|\n]/)
  .map((text) => text.trim());

const COLOURS = [
  "BK",
  "BN",
  "RD",
  "OG",
  "YE",
  "GN",
  "BU",
  "VT",
  "GY",
  "WH",
  "PK",
  "TQ",
  "BK/WH",
  "RD/WH",
  "YE/BK",
  "GN/WH",
  "BU/RD",
  "GY/BU",
  "WH/RD",
  "BN/YE",
  "VT/WH",
];
const SIZES = [0.35, 0.5, 0.75, 0.5, 1, 0.35, 1.5] as const;
const VEHICLE = [
  ["BH1", 60],
  ["CL1", 40],
  ["BM1", 30],
  ["FB1", 12],
  ["SL1", 8],
] as const;
const INCOMING = [
  ["E1", 40],
  ["E2", 24],
  ["E3", 20],
  ["T1", 16],
  ["A1", 12],
  ["F1", 8],
] as const;

export interface EngineSwap {
  readonly dossier: Dossier;
  /** The right partner of each pin that has one, worked out by hand: vehicle to incoming. */
  readonly truth: ReadonlyMap<PinId, PinId>;
}

/** The swap with its pins dealt over the plugs in an order that has nothing to do with the other side's. */
export function engineSwap(): EngineSwap {
  const circuits = CIRCUITS.map((line) => line.split("|").map((text) => text.trim()));
  const ours = dealt([...circuits.map(([text]) => text ?? ""), ...ONLY_VEHICLE], 150, 7);
  const theirs = dealt([...circuits.map(([, text]) => text ?? ""), ...ONLY_INCOMING], 120, 11);
  const left = plugs(VEHICLE, "vehicle", ours, 3);
  const right = plugs(INCOMING, "incoming", theirs, 8);
  const truth = new Map(
    circuits.map(
      (_, circuit) => [left.idOf(ours.indexOf(circuit)), right.idOf(theirs.indexOf(circuit))] as const,
    ),
  );
  const head = {
    name: "Engine swap",
    kind: "engine-swap",
    vehicle: "Corlane Drift",
    incoming: "Ovant six-cylinder with automatic",
    nominalVolts: 12,
    method: "splice",
  } as const;
  return { dossier: { ...emptyDossier(head), connectors: [...left.connectors, ...right.connectors] }, truth };

  function plugs(
    names: readonly (readonly [string, number])[],
    side: Side,
    order: readonly number[],
    shift: number,
  ) {
    const texts =
      side === "vehicle"
        ? [...circuits.map(([text]) => text ?? ""), ...ONLY_VEHICLE]
        : [...circuits.map(([, text]) => text ?? ""), ...ONLY_INCOMING];
    const ids: PinId[] = [];
    let next = 0;
    const connectors = names.map(([name, ways]) => ({
      ...blankConnector(connectorId(name), name, side),
      leads: "loom" as const,
      pins: Array.from({ length: ways }, (_, i): Pin => {
        const place = next++;
        const text = texts[order[place] ?? -1] ?? "";
        const id = pinId(`${name}.${i + 1}`);
        ids.push(id);
        return {
          ...blankPin(id, String(i + 1), i),
          function: text,
          content: text === "" ? "empty" : "occupied",
          colour: text === "" ? "" : (COLOURS[(place * 5 + shift) % COLOURS.length] ?? ""),
          size: text === "" ? null : (SIZES[(place * 3 + shift) % SIZES.length] ?? null),
        };
      }),
    }));
    return { connectors, idOf: (place: number): PinId => ids[place] ?? pinId("") };
  }
}

/** Indices of the texts in a fixed shuffled order, padded with −1 for empty cavities. */
function dealt(texts: readonly string[], places: number, step: number): readonly number[] {
  const order: number[] = Array<number>(places).fill(-1);
  // A step that shares no factor with the number of places visits every place once.
  texts.slice(0, places).forEach((_, index) => (order[(index * step + 3) % places] = index));
  return order;
}
