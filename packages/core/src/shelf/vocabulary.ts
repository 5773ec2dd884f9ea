import type { SignalClass } from "../model/index.ts";

/** A function term with the words it goes by and the signal it usually is. `vital`: the part is dead or unsafe without it. */
export interface Term {
  readonly name: string;
  readonly words: readonly string[];
  readonly signal: SignalClass;
  readonly vital?: true;
}

const term = (name: string, signal: SignalClass, words: string, vital?: true): Term => ({
  name,
  signal,
  words: words.split("|").map((word) => word.trim()),
  ...(vital ? { vital } : {}),
});

/**
 * Functions met in body, chassis and engine looms. Abbreviations follow SAE J1930 / ISO 15031-2 usage and DIN 72552
 * terminal numbers, both from memory; everyday words are common practice.
 */
export const VOCABULARY: readonly Term[] = [
  term("constant supply", "battery", "battery|b+|constant|permanent|memory|supply memory|memory supply|kl30|kl 30|terminal 30|always live|bat|vbat|keep alive|kam", true),
  term("ignition supply", "ignition", "ignition|ign|run and crank|switched supply|supply switched|kl15|kl 15|terminal 15|key on|ign feed|ignition feed|ig1", true),
  term("accessory supply", "accessory", "accessory|acc|kl75|terminal 75|radio feed|accessories"),
  term("crank signal", "start", "crank|starter signal|start signal|kl50|kl 50|terminal 50|cranking"),
  term("ground", "ground", "ground|earth|gnd|mass|kl31|kl 31|terminal 31|chassis ground|power ground|body ground", true),
  term("sensor return", "sensor-return", "sensor return|sensor ground|signal ground|low reference|sensor gnd|sensor earth|reference return", true),
  term("sensor supply", "sensor-supply", "sensor supply|5 v reference|5v ref|vref|reference voltage|sensor feed|5 v supply|sensor 5v", true),
  term("wake", "ignition", "wake|wake up|enable|wakeup|wake-up"),
  term("can high", "can-h", "can high|can h|can-h|can+|canh|bus high"),
  term("can low", "can-l", "can low|can l|can-l|can-|canl|bus low"),
  term("lin bus", "lin", "lin|lin bus"),
  term("diagnostic line", "k-line", "k line|k-line|diagnostic|diagnosis|iso 9141"),
  term("shield", "shield", "shield|screen|drain wire"),
  term("height sensor", "analog", "level sender|height sensor|height sender|level sensor|ride height|lvl|level pos|height signal"),
  term("pressure sensor", "analog", "pressure sensor|pressure signal|air pressure|pressure sender|press sens"),
  term("kneel switch", "switched-supply", "kneel|kneel switch|kneel request|lower request|lowering switch|kneel req"),
  term("raise switch", "switched-supply", "raise|raise switch|lift request|raise request|lift switch"),
  term("door ajar switch", "switched-ground", "door ajar|door switch|door contact|courtesy switch|door open"),
  term("vehicle speed", "pwm", "road speed|vehicle speed|speed signal|vss|speedometer signal|speed pulses|speed"),
  term("park brake switch", "switched-ground", "park brake|parking brake|handbrake|hand brake switch|pbrake|park brake switch"),
  term("stop lamp switch", "switched-supply", "brake switch|stop lamp switch|stop light switch|brake light|stop lamp|stop signal"),
  term("fault lamp", "switched-ground", "fault lamp|warning lamp|level lamp|warn lamp|tell-tale|telltale|warning light|mil|malfunction indicator"),
  term("compressor relay", "switched-ground", "compressor relay|pump relay|compressor control|compressor rly|air pump relay"),
  term("compressor feed", "switched-supply", "compressor feed|compressor supply|compressor motor|pump feed"),
  term("exhaust valve", "switched-ground", "exhaust valve|vent valve|dump valve|release valve"),
  term("spring valve", "switched-ground", "spring valve|bag valve|air spring valve|valve"),
  term("reverse lamp switch", "switched-supply", "reverse|reverse lamp|reverse switch|backup lamp|back up"),
  term("turn lamp", "lamp-feed", "turn|turn lamp|indicator|turn signal|flasher|direction indicator"),
  term("side lamp", "lamp-feed", "side lamp|park lamp|parking lamp|tail lamp|position lamp|side light"),
  term("dipped beam", "lamp-feed", "dipped beam|low beam|dip|headlamp low|kl56b"),
  term("main beam", "lamp-feed", "main beam|high beam|full beam|headlamp high|kl56a"),
  term("instrument lighting", "lamp-dimmer", "instrument lighting|illumination|dimmer|dash light|panel light|kl58d"),
  term("horn", "switched-ground", "horn|horn relay|horn switch"),
  term("wiper", "switched-supply", "wiper|wiper motor|wiper feed"),
  term("wiper park", "switched-supply", "wiper park|park position|self park|kl53e"),
  term("washer pump", "switched-supply", "washer|washer pump|screen wash"),
  term("fuel level", "resistive-sensor", "fuel level|fuel gauge|fuel sender|tank sender|fuel level sender"),
  term("coolant temperature", "resistive-sensor", "coolant temperature|ect|engine coolant temperature|water temperature|temp sender|coolant temp|clt"),
  term("oil pressure", "resistive-sensor", "oil pressure|oil sender|eop|engine oil pressure|oil pressure switch"),
  term("intake air temperature", "resistive-sensor", "intake air temperature|iat|air temp|charge air temperature"),
  term("throttle position", "analog", "throttle position|tp|tps|throttle position sensor"),
  term("accelerator position", "analog", "accelerator position|app|pedal position|accelerator pedal"),
  term("manifold pressure", "analog", "manifold absolute pressure|map|map sensor|manifold pressure"),
  term("mass air flow", "analog", "mass air flow|maf|air flow meter"),
  term("crankshaft position", "vr-pair", "crankshaft position|ckp|crank sensor|engine speed sensor"),
  term("camshaft position", "hall", "camshaft position|cmp|cam sensor"),
  term("knock sensor", "analog", "knock sensor|ks|knock"),
  term("oxygen sensor", "analog", "oxygen sensor|ho2s|o2 sensor|lambda|heated oxygen sensor"),
  term("oxygen sensor heater", "switched-ground", "oxygen sensor heater|ho2s heater|lambda heater|o2 heater"),
  term("injector", "switched-ground", "injector|inj|fuel injector"),
  term("ignition coil", "coil", "ignition coil|coil|kl1|terminal 1|coil negative|coil primary"),
  term("tachometer", "pwm", "tachometer|tach|rev counter|engine speed signal|rpm"),
  term("fuel pump", "switched-supply", "fuel pump|fp|pump feed fuel"),
  term("fuel pump relay", "switched-ground", "fuel pump relay|fp relay|pump relay fuel"),
  term("main relay", "switched-ground", "main relay|power relay|ecm relay|asd relay"),
  term("fan relay", "switched-ground", "fan relay|cooling fan|fan control|fc"),
  term("charge indicator", "charge-indicator", "charge indicator|charge lamp|d+|alternator lamp|kl61|gen lamp"),
  term("starter relay", "switched-supply", "starter relay|starter solenoid|starter control"),
  term("clutch switch", "switched-ground", "clutch switch|clutch|clutch pedal position|cpp"),
  term("neutral switch", "switched-ground", "neutral switch|pnp|park neutral position|neutral|park/neutral"),
  term("audio", "audio", "audio|speaker|microphone"),
  term("axle select", "sensor-supply", "axle select|axle coding|variant coding|coding strap|strap"),
];
