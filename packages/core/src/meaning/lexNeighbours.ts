import { present } from "../util/index.ts";
import { END, group, rule, type Rule } from "./lexRule.ts";
import { SHARES, terminal } from "./lexWords.ts";

/** A number that is no amount. */
const BARE = `${END}(?! ?(?:a|amps?|v|volts?|w|watts?|m[ap]|mm2?)${END})`;

/** The output for a coil; its own number counts where no cylinder is named behind it. */
const coilOutput = (m: RegExpExecArray): string =>
  /cyl|\(\d/.test(m.input.slice(m.index)) ? "ignition trigger" : `number ${group(m, 1)} ignition trigger`;

/** A terminal's number behind its part. */
const behind = (part: string, numbers: string): Rule =>
  rule(`(${numbers})(?<=${part}(?:${numbers}))${BARE}`, (m) => terminal(group(m, 1)));

/** A word that stands for something else behind another one. */
const after = (before: string, word: string, words: string): Rule =>
  rule(`${word}(?<=(?:${before}) ${word})${END}`, words);

const PROXIMITY = "prox\\w*\\.?(?: (?:switch|sensor|sw))?[,: ]*";
const GAUGE = "\\bgauges?,?";
const KEY_SWITCH = "\\b(?:key|ign(?:ition)?) ?sw(?:itch)?,?";
const [LAST_A, LAST_B, LAST_G, LAST_I, LAST_M, LAST_S] = [..."abgims"].map(
  (letter) => `${letter}(?= *(?:$|\\())`,
) as [string, string, string, string, string, string];
const POTENTIOMETER = "(?:accelerator|throttle|pedal|pot(?:entiometer)?),?";
const TURRET = "turret|slew|swing|rotate|rotation|turntable";
/** Marks that mean what the words beside them say (common practice, no source, where nothing else is named). */
export const BY_NEIGHBOURS: readonly Rule[] = [
  // "Start key, 15", "ign sw 50", "light switch 58", "flasher 49a": the terminal of the part, without a word for it (DIN 72552).
  behind(
    `(?:\\b(?:key|ignition lock|barrel)|(?:ign(?:ition)?|key|start(?:er)?) ?sw(?:itch)?)[ ,.:]*`,
    "15|30|50|75",
  ),
  behind("(?:light(?:ing|s)?|dip|dipper|lamp) ?sw(?:itch)?[ ,.:]*", "5[678][abdlr]?|30"),
  behind("(?:flasher|hazard)(?: unit| relay| sw(?:itch)?)?[ ,.:]*", "49a?"),
  // "Seat back heat", "seat bottom fan": the halves of a seat.
  rule(`(?<=seat )(back|bottom|base)(?=\\b.*(?:heat|fan|blow|vent|cool))`, (m) =>
    group(m, 1) === "back" ? "backrest" : "cushion",
  ),
  // "Return to dig": where a bucket goes, and no way back of a current.
  rule(`return(?= to (?:dig|cent|home|travel|work|neutral))`, "back"),
  // A turret seen from above.
  after(TURRET, "cw", "right"),
  after(TURRET, "ccw", "left"),
  // "Foot dimmer, low": a dip switch under the foot.
  rule(`(?:foot dimmer|dimmer switch|dip(?:per)? switch)[ ,]+(low|high|brights?|dim)${END}`, (m) =>
    /low|dim/.test(group(m, 1)) ? "low beam" : "high beam",
  ),
  rule(`brights${END}`, "high beam"),
  // "Old bulb plug": the plug of a lamp, and no glow plug.
  rule(`(?<=(?:bulb|headlamp|headlight) )(?:plug|connector|socket|holder)${END}`, ""),
  rule(`(main|dip)(?<=(?:bulb|headlamp|headlight)[^(]{0,25} (?:main|dip))${END}`, (m) =>
    group(m, 1) === "main" ? "high beam" : "low beam",
  ),
  // "Telescope ret", "jack ret": it comes back in, and nothing leads back.
  after(
    "\\btele\\w*|\\b(?:steps?|jacks?|legs?|slide|ram|boom|outriggers?|awning)|\\bstab\\w*",
    "ret",
    "retract",
  ),
  // "W-lead from immobiliser": a line of ISO 9141, where no alternator is spoken of.
  rule(`w[- ](?:lead|line|bus)(?=.*(?:immo|reading unit|diagn)|(?<=(?:immo|diagn).*))${END}`, "kline"),
  // "AN GND", "AN TEMP 2": analog, and no German "on".
  rule(`an(?= (?:gnd|ground|volts?|temp|in|out|com|ret|return|0v|sig|inputs?)${END})`, "analog"),
  // "Term. 31, earth on cylinder head": the number says it.
  after("(?:terminal|term\\.?|kl\\.?|klemme) ?31[ ,:]*", "(?:earth|ground|gnd|masse)", ""),
  // "Stop button": it stops an engine; brake lamps have a switch, a bus has a bell.
  rule(
    `(?<!(?:start|emergency|e|passenger|next|bus|panic)[-/ &]{0,3})stop(?= (?:push ?)?button(?!.*(?:bell|passenger|lift)))`,
    "engine stop",
  ),
  // "Solenoid coil pos.": its plus; "DIN 9 (+) retard.": the retarder, and no timing of the ignition.
  after("coil|solenoid|relay|motor|supply|feed|batt\\w*", "pos\\.?(?= *(?:$|[,;)]))", "plus"),
  rule(`retard\\.`, "retarder"),
  // Wires of a proximity switch: brown its plus, blue its minus, black its signal (IEC 60947-5-2, from memory).
  after(PROXIMITY, "brown", "plus"),
  after(PROXIMITY, "blue", "minus"),
  after(PROXIMITY, "black", "signal"),
  // "Pull to 0 V": an end, and no range of volts.
  after("pull(?:ed|s)?", "to 0 ?v", "to ground"),
  rule(`key switch(?= ?\\(?key inserted)`, "key in switch"),
  rule(`speed sensor(?= ?\\(?(?:ring gear|flywheel))`, "flywheel pickup"),
  // "Chassis by the battery": a place.
  rule(
    `(?<!(?:fed|supplied|powered|driven|held) )(?:by|near|beside|next to|close to) (?:the )?batt(?:ery)?${END}`,
    "",
  ),
  // "USB 5 A": what charges, and no data.
  rule(`usb(?= ?\\d+(?:[.,]\\d+)? ?a${END})`, "usb power"),
  // Letters on the back of a gauge and of a key switch (common practice, no source).
  after(GAUGE, LAST_I, "ignition"),
  after(GAUGE, LAST_G, "ground"),
  after(GAUGE, LAST_S, "sender"),
  after(KEY_SWITCH, LAST_S, "crank signal"),
  after(KEY_SWITCH, LAST_B, "battery"),
  after(KEY_SWITCH, LAST_I, "ignition"),
  after(KEY_SWITCH, LAST_A, "accessory"),
  after(KEY_SWITCH, LAST_M, "magneto stop"),
  after("neutral start(?:er)? sw(?:itch)?,?", "nsw", ""),
  rule(`neutral start(?:er)?(?= ?sw)`, "neutral"),
  // "Accelerator, high end": the ends of a potentiometer.
  after(POTENTIOMETER, "high end", "high supply"),
  after(POTENTIOMETER, "low end", "low return"),
  // "Load resistor, across turn": the lamp that it stands beside.
  rule(
    `(?:across|parallel (?:to|with))(?= (?:the )?(?:left |right |[lr]h )?(?:turn|tail|stop|brake|indicator|flasher|lamp))`,
    "",
  ),
  // "Sensor power, battery level": how much it gives, and no gauge.
  rule(`(?<=(?:pwr|power|supply|feed|output)[ ,(]*(?:at )?)batt(?:ery)? level`, "battery voltage"),
  // "M1+": the first motor of a data sheet.
  rule(`m(\\d)(?=[ ]?[+\\-−](?: |$))`, (m) => `motor ${group(m, 1)} `),
  // "Wiper return to zero": where it parks, and no way back of a current.
  rule(`returns? to (?:zero|home|rest|park(?:ing)?)(?: position)?${END}`, "park position"),
  // "Crank return": of the sensor there; nothing cranks through it.
  rule(`crank(?= (?:return|ret|ground|gnd|shield|screen)${END})`, "crankshaft sensor"),
  // "Q1 front door opens", "I7 stop": outputs and inputs by the letters of IEC 61131-3 (from memory).
  rule(`(?<=^)([iq])(\\d{1,2})(?= \\p{L})`, (m) => (group(m, 1) === "q" ? "output" : "input")),
  rule(`(?<=^)push[- ]?buttons?(?=[ ,])`, "button"),
  // "DR motor UP": makers' English for the driver's window.
  rule(
    `(dr|as)(?= (?:motor|mtr) (?:up|dn|down)${END})`,
    (m) => `${group(m, 1) === "dr" ? "driver" : "passenger"} window`,
  ),
  // "HB OUT A": a half bridge, and no high beam.
  rule(`hb(?= ?(?:out|output|[ab]${END}|\\d))`, "half bridge"),
  // "Flashing beacon 12 V, -": a dash that ends a text is a minus.
  rule(`[-–−](?<=,[ ]?[-–−])(?=[ ]*$)`, "minus"),
  // "Rudder ref": what tells where the rudder stands, and no reference voltage.
  after("rud(?:der)?", "ref(?:erence)?", "sensor"),
  // "(-) Ground while running": the mark says it once more.
  rule(`\\(-\\)[ ]?(?=(?:ground|gnd|earth) (?:while|when|out))`, ""),
  // "NSW links": German fog lamps; alone it is a makers' neutral switch.
  rule(`nsw(?= (?:links|rechts|li|re|[lr])${END})|nsw(?<=masse nsw)`, "front fog lamp"),
  // "Passenger mat": a mat that feels somebody; alone it is the manifold's air temperature.
  after("seat|passenger|occupant|driver|floor|detection|pressure", "mat", "operator sensor"),
  // "High idle request to chassis": to the truck under the body, and no earth.
  after(
    "(?:request|signal|command|enable|output|status|lamp|switch|idle|stop|start) (?:to|from)(?: the)?",
    "chassis",
    "",
  ),
  // "Door 1 open pushbutton", "button door 2 closing": it asks for the door, and tells nothing of it.
  rule(`(?:push[- ]?)?button(?=s? door ?\\d? (?:open|clos|exit))`, "request"),
  rule(
    `(?:push[- ]?)?button(?<=door ?\\d? (?:open(?:ing)?|clos(?:e|ing)|exit) (?:push[- ]?)?button)${END}`,
    "request",
  ),
  // "Coil with built-in igniter": a kind of coil.
  rule(`with (?:built[- ]?in |integrated )?(?:igniter|power (?:stage|transistor))${END}`, ""),
  // "IGN4": no key has so many positions.
  rule(`ign[ ]?([3-9])${BARE}`, coilOutput),
  // "Reversing camera screen": what is looked at, and no shield.
  after("camera|reversing|lcd|touch|display", "screen", "monitor"),
  // "to chassis plug": where it goes, and no earth.
  rule(`chassis(?= (?:plug|loom|harness|side|connector|wiring))`, "to"),
  rule(`h[- ]br(?:idge)?${END}`, "out"),
  rule(`5[ ]?v[ ]?ref[ ]?(\\d?)${END}`, (m) => `sensor supply ${group(m, 1)}`),
  // "Lambdasonde vor Kat": before and behind the catalyst.
  rule(`(vor|nach)[ -]?kat(?:alysator)?${END}`, (m) => (group(m, 1) === "vor" ? "pre cat" : "post cat")),
  // SAE J1930 has AIR and PAIR for secondary air; in any other text they are plain words.
  rule(`(?<=^)p?air(?=$)`, "second air"),
  // "Return air sensor": the air of the cabin on its way back, and no way back of a sensor.
  rule(`return air${END}`, "cabin temperature sensor"),
  // "LP pump", "HP switch": low and high pressure, and no lamp.
  rule(
    `(?<!(?:stop|turn|tail|head|fog|park\\w*|brake|back ?up|reverse) )([lh])\\.?p\\.?(?= (?:fuel )?(?:pump|sw(?:itch)?)${END})`,
    (m) => `${group(m, 1) === "l" ? "low" : "high"} pressure`,
  ),
  // "2 wire", "3-wire type": how many it has, not which one it is.
  rule(`(?:[2-6]|two|three|four)[ -]?wires?(?: type)?${END}`, "1amount"),
  // "TANK 1/4", "probe 25 %": how full it is where the wire ends.
  rule(
    `(?<=(?:tank|probe|level|water|waste|fresh|gr[ae]y|fuel)\\w*[ ]?\\d?[ :,]*)(${Object.keys(SHARES).join("|").replaceAll("%", " ?%")})`,
    (m) => present(SHARES[group(m, 1).replace(" ", "")], "a share that is written"),
  ),
  // "VBAT SW": behind the relay or the key, not at the battery.
  rule(`(?:v[_ ]?batt?|ubat|u[_ ]?batt?|\\+?ub)[ _-]?(sw(?:itched)?|key|ign)${END}`, (m) =>
    group(m, 1).startsWith("s") ? "switched supply" : "ignition supply",
  ),
  // "IGN1 OUT 5V 20mA": a control unit's output for a coil, no supply.
  rule(
    `ign[ ]?(\\d{1,2})(?:[ ]?(?:out(?:put)?|drv|driver)(?=.*(?:5 ?v|\\dma|logic|ttl|igbt|coil|low side))|(?=.*(?:logic|ttl|igbt)))`,
    coilOutput,
  ),
  rule(`stat(?= sw)`, "thermostat"),
  rule(`starter (?=(?:button|btn|push ?button)$)`, "start "),
  rule(`d_plus${END}`, "dplus"),
  rule(`accel(?= (?:fl|fr|rl|rr)${END})`, "acceleration sensor"),
  // "#10", "#20": injectors in some makers' lists (common practice).
  rule(`^#([1-8])0$`, (m) => `injector ${group(m, 1)}`),
  rule(`(?<=outr(?:igger)?s? (?:[lr]|left|right) )ext${END}`, "extend"),
  rule(`(?:gnd|ground|earth) by (?=ecu|ecm|pcm|control|module|unit|computer|engine)`, "earthed "),
  rule(`(?<=(?:abs|ebs|esc|esp|epb|ecu|oil|fuel|water|brake|level) )wl${END}`, "warning lamp"),
  rule(`not[- ](?:aus|halt)${END}`, "emergency stop"),
  rule(
    `(?<=(?:schaufel|mast|gabel|ausleger|lift(?:er)?|rampe|b(?:ü|ue)hne|plattform|pritsche|st(?:ü|ue)tzen?|arm|l(?:ö|oe)ffel|schild|presse) )auf${END}`,
    "up",
  ),
  rule(`(?<=\\p{L}{4,} )ab$`, "down"),
  rule(`(?<=(?:dach|verdeck|schieber|hahn|plane|rollo|rolladen) )(auf|zu)${END}`, (m) =>
    group(m, 1) === "auf" ? "open" : "closed",
  ),
  // "Knock sensor, screened core": the wire within the screen.
  rule(`(?:screened|shielded) core${END}`, "signal"),
  rule(`ht(?= (?:up|dn|down)${END})`, "height"),
  rule(`coils(?= (?:12|24) ?v)`, "ignition coil supply"),
  // "Trigger in +": the pickup at the crank, on an engine's control unit.
  rule(
    `^trig(?:ger)?(?: in(?:put)?) ?([+-])$`,
    (m) => `crankshaft ${group(m, 1) === "+" ? "plus" : "minus"}`,
  ),
  rule(`back door(?= (?:lock|courtesy|opener|lid))`, "boot"),
  rule(`def(?= grid)`, "defrost"),
  rule(`(?:from )?ground (?:box|station)${END}`, ""),
  rule(`(?<=brake )fl(?= (?:lt|lamp|light|sw|lvl|lev|low))`, "fluid"),
  rule(`(?<=(?:shore|mains|rain|presence|leak|engine) )det${END}`, "detect"),
  rule(`cmp(?= (?:temp|rly|relay|req|clutch|motor))|(?<=(?:rly|relay) )cmp${END}`, "compressor"),
  rule(`^hs(?=(?: (?:[lr]|fl|fr|rl|rr))? (?:sig|gnd|5 ?v|ret)${END})`, "height sensor"),
  rule(`^switched$`, "ignition supply"),
];
