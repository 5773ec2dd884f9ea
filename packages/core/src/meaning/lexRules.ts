interface Rule {
  readonly pattern: RegExp;
  readonly words: (found: RegExpExecArray) => string;
}
const rule = (pattern: string, words: string | ((found: RegExpExecArray) => string)): Rule => ({
  pattern: new RegExp(pattern, "yu"),
  words: typeof words === "string" ? () => words : words,
});
/** Not within a word. */
const END = "(?![\\p{L}\\p{N}])";
const group = (found: RegExpExecArray, index: number): string => found[index] ?? "";

/** DIN 72552 numbers that stand behind "Kl." or "terminal" (from memory). */
const TERMINAL =
  "(1[ab]?|2|4[ab]?|15[arx]?|17|19|30[abc]?|31[abc]?|32|33[abfghlr]?|45[ab]?|48|49[abclr]?|50[a-h]?|51e?|52|53[abcei]?|54[glr]?|55|56[abd]?|57[alr]?|58[bcdklr]?|59[abc]?|61e?|71[ab]?|75x?|76|77|8[123][ablrzy]?|84[ab]?|85[cd]?|86[abs]?|87[abczyx]?|88[abczyx]?|72|c[0234]?|[luvwr]|b\\+|d\\+|df[12]?|d-|b-)";

/** Names of colours that may stand before a function. */
const COLOUR =
  "(?:black|blk|brown|brn|red|orange|org|orn|yellow|yel|green|grn|blue|blu|violet|vio|purple|pur|ppl|grey|gray|gry|white|wht|pink|pnk|tan)";

/** Marks and abbreviations that are more than letters, tried in this order at each place. */
const RULES: readonly Rule[] = [
  rule(`(?:kl(?:emme)?|clamp|term(?:inal)?)[. ]{0,2}${TERMINAL}${END}`, (m) => terminal(group(m, 1))),
  rule(`(31b|49a|53[abcei]|54g|56[abd]|58[bcdlrk]|86s)${END}`, (m) => `t${group(m, 1)}`),
  rule(`t(15|30|31|50|58|61)([a-z]?)${END}`, (m) => `t${group(m, 1)}${group(m, 2)}`),
  rule(`(?:hs|ls|ms|high speed|low speed)?[- ]?can[ -]?bus[ _-]?(?:h|hi|high|\\+)${END}`, "canh"),
  rule(`(?:hs|ls|ms|high speed|low speed)?[- ]?can[ -]?bus[ _-]?(?:l|lo|low|-)${END}`, "canl"),
  rule(`(?:(?:hs|ls|ms)-?)?can(\\d?)[ _-]{0,3}(?:h|hi|high|\\+)${END}`, (m) => `canh ${group(m, 1)}`),
  rule(`(?:(?:hs|ls|ms)-?)?can(\\d?)[ _-]{0,3}(?:l|lo|low|-)${END}`, (m) => `canl ${group(m, 1)}`),
  rule(`can[ _-](p|pos|n|neg)${END}`, (m) => (group(m, 1).startsWith("p") ? "canh" : "canl")),
  rule(`can[ _-]?(\\d)[ _-]?(?:h|hi|high|\\+)${END}`, (m) => `canh ${group(m, 1)}`),
  rule(`can[ _-]?(\\d)[ _-]?(?:l|lo|low|-)${END}`, (m) => `canl ${group(m, 1)}`),
  rule(
    `(0(?:[.,]\\d+)? ?(?:to|-|–) ?|\\d*(?:[.,]?\\d+)?(?: ?to |-|\\.\\.\\.?|–))(\\d+(?:[.,]\\d+)?)[ ]?(v|volts?)${END}`,
    (m) => (Number(group(m, 2)) <= 5 ? "range5v" : "range12v"),
  ),
  rule(`\\+[ ]?(12|24|36|48)[ ]?v?${END}`, (m) => `plus ${group(m, 1)}v`),
  rule(`\\+[ ]?(5|8|10)[ ]?v?${END}`, (m) => `${group(m, 1)}v`),
  rule(`(12|24|36|48)[ ]?v(?:olts?)?[ ]?\\+`, (m) => `plus ${group(m, 1)}v`),
  rule(`(\\d+(?:[.,]\\d+)?)[ -]?(?:v|volts?|vdc)${END}`, (m) => `${group(m, 1)}v`),
  rule(`\\d+(?:[.,]\\d+)?[ ]?(?:amps?|ma|a)${END}`, "1amp"),
  rule(`\\d+(?:[.,]\\d+)?[ ]?(?:kohm|k ntc|k|ohms?|Ω)${END}`, "1ohm"),
  rule(
    `\\d+(?:[.,]\\d+)?[ ]?(?:watts?|w|hz|khz|mm2|mm²|mm|bar|psi|km\\/h|kph|mph|rpm|ms|sec|s|min|m|ft|awg|ga|kpa|deg|°c?|%|%)${END}`,
    "1amount",
  ),
  rule(`[ub]?\\+?(?:v?batt?|u?bat)[ ]?\\+`, "bplus"),
  rule(`\\+[ ]?(?:batt?|bat|b)${END}`, "bplus"),
  rule(
    `(?<=(?:coil|winding|phase|stepper|motor) )([a-d])[ ]?([-+])(?![\\p{L}\\p{N}])`,
    (m) => `${group(m, 1)} windingend ${group(m, 2) === "+" ? "plus" : "minus"}`,
  ),
  rule(
    `(?<=step(?:per)?[ _])([a-d])([12])${END}`,
    (m) => `${group(m, 1)} windingend ${group(m, 2) === "1" ? "plus" : "minus"}`,
  ),
  rule(
    `([lr])sd(?= (?:btn|button|ajar|open|close|motor|mot|handle|lock|latch|sw|switch|unlock|drive))`,
    (m) => `${group(m, 1) === "l" ? "left" : "right"} sliding door`,
  ),
  rule(
    `(?:sp|spk|spkr)[ ]?([-+])(?![\\p{L}\\p{N}])`,
    (m) => `speaker ${group(m, 1) === "+" ? "plus" : "minus"}`,
  ),
  rule(`(?<=\\p{L})_s${END}`, "signal"),
  rule(`(?<=\\p{L})_p${END}`, "supply"),
  rule(`(?<=\\p{L})_m${END}`, "minus"),
  rule(`(?<=\\p{L})_wl${END}`, "warning lamp"),
  rule(`can(\\d)([pm])${END}`, (m) => `${group(m, 2) === "p" ? "canh" : "canl"} ${group(m, 1)}`),
  rule(`k[ _-]?diag${END}`, "kline"),
  // Pins of the diagnostic socket (ISO 15031-3, from memory).
  rule(
    `(?:e?obd(?:[ -]?(?:2|ii))?|dlc|diag(?:nos\\w+)?(?: (?:socket|plug|connector|port))?)[ ,]*(?:pin|cavity)[ ]?(\\d{1,2})${END}`,
    (m) => SOCKET_PINS[Number(group(m, 1))] ?? "diagnostic",
  ),
  rule(`rotation(?:al)? speed`, "engine speed"),
  rule(`lub(?:e|ricating|rication) oil`, "oil"),
  rule(`(plus|minus)(?= (?:micro ?)?(?:switch|sw|button|btn|paddle)${END})`, (m) =>
    group(m, 1) === "plus" ? "up" : "down",
  ),
  rule(`ign(?:ition)? sw(?:itch)?\\.? ?\\(st(?:art)?\\)`, "start signal"),
  rule(`(?<=\\d ?a )trip${END}`, "breaker"),
  rule(`returns? to (?=park|rest|off|home)`, ""),
  rule(`pilot l(?:amp|ight)`, "telltale"),
  rule(`\\+?15\\/54${END}`, "t15"),
  rule(`(50|30|15|31|61)(?= on )`, (m) => `t${group(m, 1)}`),
  rule(`(?<=(?:block|chassis|body|engine) )31${END}`, "t31"),
  rule(
    `pass(?:\\.|enger)?(?= (?:power |rear |front )?(?:window|win|wdw|door|dr|seat|side|mirror|airbag|lock|unlock|lamp))`,
    "passenger",
  ),
  rule(`dr(?= sw| lock| lamp| lk| court| ajar)`, "door"),
  rule(`(?<=(?:dr|door) sw(?:itch)? )([dp])${END}`, (m) => (group(m, 1) === "d" ? "driver" : "passenger")),
  rule(`f\\/(?=fog|lamp|lp|door|wip)`, "front "),
  rule(`r\\/(?=fog|lamp|lp|door|wip|def)`, "rear "),
  rule(`t\\/l(?:am)?p${END}`, "tail lamp"),
  rule(`rev(?:olution)?s? counter`, "tachometer"),
  rule(`4[ ]?l(?= (?:sw|switch|lamp|ind|range))`, "four low"),
  rule(`speed ([lh])${END}`, (m) => `${group(m, 1) === "l" ? "low" : "high"} speed`),
  rule(`h\\/l(?= (?:sw|switch|gear|range))`, "high low gear"),
  rule(`anti[- ]?theft${END}`, "anti theft"),
  rule(`b[ ]?\\+`, "bplus"),
  rule(`(?:v?batt?)[ ]?-(?![\\p{L}\\p{N} ])`, "bminus"),
  rule(`b[ ]?-${END}(?! )`, "bminus"),
  rule(`d[ ]?\\+`, "dplus"),
  rule(`s[ ]?\\+`, "splus"),
  rule(`ill?[ ]?\\+`, "illumination plus"),
  rule(`ill?[ ]?-${END}`, "illumination minus"),
  rule(`(?:sae )?j1939[ _-]?(?:h|hi|high|\\+)${END}`, "canh j1939"),
  rule(`(?:sae )?j1939[ _-]?(?:l|lo|low|-)${END}`, "canl j1939"),
  rule(`k[- ]?(?:line|lead|wire|leitung)${END}`, "kline"),
  rule(`w[- ]?lead${END}`, "w terminal"),
  rule(`\\(?pos(?:itive)?\\.?\\)? trigger`, "plus trigger"),
  rule(`(?:live|hot|positive|pos\\.?) end${END}`, "plus"),
  rule(`(?<=coil[,]? )a1${END}`, "plus"),
  rule(`(?<=coil[,]? )a2${END}`, "minus"),
  rule(`vb[ ]?\\+`, "bplus"),
  rule(`vb[ ]?-(?![\\p{L}\\p{N} ])`, "bminus"),
  rule(`a\\/t${END}`, "gearbox"),
  rule(`4 ?(?:-|–|to|\\.\\.\\.?) ?20 ?ma${END}`, "analog 1amount"),
  rule(`ai[ ]?(?=\\d)`, "analog in "),
  rule(`4[ -]?(?:lo|low)${END}`, "four low"),
  rule(`4[ -]?(?:hi|high)${END}`, "four high"),
  rule(`relay'?e?d[ ]?(?=\\+|12|24|ign)`, "after main relay "),
  rule(`revs? ?(?:out(?:put)?|signal)${END}`, "engine speed output"),
  rule(`int\\.?(?= (?:lts?|lights?|lamps?|lps?|temp|air))`, "interior"),
  rule(
    `(oil|boost|fuel|charge air|air|coolant) press(?:ure)?\\.? (?:and|\\/|&) temp(?:erature)?\\.?,? (press|temp)(?:ure|erature)?${END}`,
    (m) => `${group(m, 1)} ${group(m, 2) === "press" ? "pressure" : "temperature"}`,
  ),
  rule(`co-?driver`, "passenger"),
  rule(`stalk (?=left|right|[lr]h?${END})`, "turn switch "),
  rule(`batt?(?:ery)? (?:main |cable |lead )?(black|red)${END}`, (m) =>
    group(m, 1) === "red" ? "bplus" : "battery minus",
  ),
  rule(`di[ ]?(?=\\d)`, "digital in "),
  rule(`do[ ]?(?=\\d)`, "digital out "),
  rule(`air[ -]?condition(?:er|ing)?${END}`, "aircon"),
  rule(`air[ -]?con\\b\\.?`, "aircon"),
  rule(`rec(?:irc)?\\/fre?(?:sh)?${END}`, "recirculation fresh"),
  rule(`res(?:ume)?[ ]?\\+`, "resume plus"),
  rule(`set(?:[ ]?|\\/)(?:-|coast)(?![\\p{L}])`, "set minus"),
  rule(`de-?ic(?:ing|er|e)${END}`, "defrost"),
  rule(`(?:heated )?rear screen${END}`, "rear window"),
  rule(`(?:heated )?front screen${END}`, "windscreen"),
  rule(`screen(?= (?:wash|wip|heat|demist|defrost))`, "windscreen"),
  rule(`tell[- ]?tale`, "telltale"),
  rule(`ground speed${END}`, "road speed"),
  rule(`forward[\\/ -]*reverse (?:shuttle|lever|selector|switch)`, "direction lever"),
  rule(`(?<=contactor|relay|coil) \\+ (?=ctrl|control|coil|drive)`, "plus"),
  rule(`man(?:if)?\\.? pr(?:e?ss?)?${END}`, "manifold pressure"),
  rule(`iso-?bus[ _-]?(?:h|hi|high|\\+)${END}`, "canh isobus"),
  rule(`iso-?bus[ _-]?(?:l|lo|low|-)${END}`, "canl isobus"),
  rule(`can[ -]bus (?=high|low)`, "can"),
  rule(`pre[- ]?cat(?:alyst)?${END}`, "upstream"),
  rule(`post[- ]?cat(?:alyst)?${END}`, "downstream"),
  rule(`(?:\\+)?(12|24|48) ?v power${END}`, "battery supply"),
  rule(`-?0 ?v power${END}`, "battery minus"),
  rule(`spare (?=\\+|ign|feed|supply)`, ""),
  rule(`f\\/ga(?:u?ge)?${END}`, "fuel gauge"),
  rule(`t\\/ga(?:u?ge)?${END}`, "temperature gauge"),
  rule(`o\\/p${END}`, "oil pressure"),
  rule(`push[- ]?(?:to[- ]?)?start${END}`, "pushstart"),
  rule(
    `(?<=^)(?:(?:lt|dk|light|dark)[ .]?)?${COLOUR}(?:\\/(?:(?:lt|dk|light|dark)[ .]?)?${COLOUR})*(?= (?!lamp|light|water|warning|stop|lead|led|tank|flood|driving|nav)\\S)`,
    "",
  ),
  rule(`evap(?= (?:probe|temp|therm|sens|coil|fin))`, "evaporator"),
  rule(`wts (?=lamp|light|lp)`, "wait to start "),
  rule(`(?<=cc |cruise |control )res(?:ume)?${END}`, "resume"),
  rule(`regen(?= (?:inh|force|req|switch|sw|lamp|active|enable|start|stop|in))`, "regeneration"),
  rule(`batt?(?:ery)? ?[-−] ?(?=\\d)`, "battery minus "),
  rule(`(tx|rx)([pn])${END}`, (m) => `${group(m, 1)} ${group(m, 2) === "p" ? "plus" : "minus"}`),
  rule(
    `(port|starboard|stbd) (?:running|side|nav(?:igation)?) (?=light|lamp)`,
    (m) => `${group(m, 1) === "port" ? "left" : "right"} navigation`,
  ),
  rule(`(red|green) nav(?:igation)?${END}`, (m) => `${group(m, 1) === "red" ? "left" : "right"} navigation`),
  rule(`h?o2s(\\d)${END}`, (m) => `oxygen sensor s${group(m, 1)}`),
  rule(`thermo ?meter`, "temperature gauge"),
  rule(`ps (?=sw|switch|press)`, "power steering "),
  rule(`anti[- ]?start`, "immobiliser"),
  rule(`set[ -]?point`, "setpoint"),
  rule(`ign(?:ition)?[ _]?out(?:put)?[ _]?(?=\\d|[a-h]${END})`, "ignition coil output "),
  rule(`air bag${END}`, "airbag"),
  rule(`(oil|fuel|air|water|brake|boost) p${END}`, (m) => `${group(m, 1)} pressure`),
  rule(`(oil|water|air|fuel|cabin) t${END}`, (m) => `${group(m, 1)} temperature`),
  rule(`\\d+(?:-\\d+)? ?r${END}`, "ohm"),
  rule(`d(?:ig)?in ?\\+`, "digital plus"),
  rule(`d(?:ig)?in ?-(?=[\\s\\d])`, "digital minus"),
  rule(`a\\/?c${END}`, "aircon"),
  rule(`a[ -]c(?= )`, "aircon"),
  rule(`a\\/f${END}`, "air fuel"),
  rule(`o2s?(?![\\p{L}])`, "oxygen sensor"),
  rule(`h?ox(\\d)([ab])${END}`, (m) => `oxygen sensor bank ${group(m, 1)} s${group(m, 2) === "a" ? 1 : 2}`),
  rule(
    `ht(\\d)([ab])${END}`,
    (m) => `oxygen sensor heater bank ${group(m, 1)} s${group(m, 2) === "a" ? 1 : 2}`,
  ),
  rule(`b(?:ank)?[ ]?(\\d)[ ,/-]?s(?:ensor)?[ ]?(\\d)${END}`, (m) => `bank ${group(m, 1)} s${group(m, 2)}`),
  rule(`b(\\d)${END}`, (m) => `bank ${group(m, 1)}`),
  rule(`v?vta?(\\d)${END}`, (m) => `throttle position sensor ${group(m, 1)}`),
  rule(`e2${END}`, "sensor return"),
  rule(`am[12]${END}`, "battery feed"),
  rule(`e0(\\d)${END}`, (m) => `power ground ${group(m, 1)}`),
  rule(`ne[ ]?\\+`, "crankshaft position sensor plus"),
  rule(`ne[ ]?-${END}`, "crankshaft position sensor minus"),
  rule(`g[ ]?\\+`, "camshaft position sensor plus"),
  rule(`(?:vr|trig(?:ger)?)[ ]?(\\d)?[ ]?\\+`, (m) => `vr ${group(m, 1)} plus`),
  rule(`(?:vr|trig(?:ger)?)[ ]?(\\d)?[ ]?-${END}`, (m) => `vr ${group(m, 1)} minus`),
  rule(`o\\/d${END}`, "overdrive"),
  rule(`n\\/s\\/?([fr])?${END}`, (m) => `left ${corner(group(m, 1))}`),
  rule(`o\\/s\\/?([fr])?${END}`, (m) => `right ${corner(group(m, 1))}`),
  rule(`([lr])[./ ]h\\.?${END}`, (m) => (group(m, 1) === "l" ? "left" : "right")),
  rule(`p\\/?n${END}`, "park neutral"),
  rule(`b\\/u${END}`, "reverse"),
  rule(`e-throttle`, "electronic throttle"),
  rule(`zyl\\.`, "cylinder"),
  rule(`r(?:ea)?r\\.? def${END}`, "rear window defrost"),
  rule(`d\\/l(?:oc)?k?${END}`, "central lock"),
  rule(`p\\/wdw${END}`, "power window"),
  rule(`(?<=lock|lk|door|mode|mix|flap) act${END}`, " actuator"),
  rule(`c\\/l${END}`, "central lock"),
  rule(`h\\/l${END}`, "headlamp"),
  rule(`w\\/s${END}`, "windscreen"),
  rule(`p\\/w${END}`, "power window"),
  rule(`p\\/s${END}`, "power steering"),
  rule(`(?<=\\S )w\\/l${END}`, "warning lamp"),
  rule(`w\\/l${END}`, "wl"),
  rule(`w\\/[ ]?o${END}`, "without"),
  rule(`w\\/`, "with"),
  rule(`i\\/o${END}`, "io"),
  rule(`i\\/p${END}`, "instrument panel"),
  rule(`n[./]?[ ]?c\\.${END}`, "normally closed"),
  rule(`n\\.[ ]?o\\.`, "normally open"),
  rule(`n\\/o${END}`, "normally open"),
  rule(`n\\/[ca]${END}`, "nc"),
  rule(`f\\/r${END}`, "selector"),
  rule(`no\\.?[ ]?(?=\\d)`, "number "),
  rule(`#[ ]?(?=\\d)`, "hash "),
  rule(`j[ ]?(1850|1939|1708|1587)${END}`, (m) => `j${group(m, 1)}`),
  rule(`iso[ -]?9141(?:-2)?${END}`, "iso 9141"),
  rule(`open[ -](?:drain|coll(?:ector)?)${END}`, "opencollector"),
  rule(`(?:\\/|per) ?rev(?:olution)?${END}`, "per"),
  rule(`=`, "equals"),
  rule(`(?<=^|\\s|\\()\\+ ?ve${END}`, "plus"),
  rule(`(?<=^|\\s|\\()[-–−] ?ve${END}`, "minus"),
  rule(`(?<=^|\\s)e(\\d)(?= \\(|$)`, (m) => (group(m, 1) === "2" ? "sensor return" : "power ground")),
  rule(
    `(?<!heat(?:er|ing)? |seat |pad )mat(?= (?:sens|sndr|sig|temp|ntc|5|\\+|-)|\\s*$)`,
    "intake air temperature sensor",
  ),
  rule(`seat (?:occup\\w*|sensor) mat`, "seat mat"),
  rule(`(?<=act(?:uator)? )a${END}`, "plus"),
  rule(`act(?= (?:a|b|\\+|-|plus|minus)${END})`, "actuator"),
  rule(`s\\/?roof${END}`, "sunroof"),
  rule(`h\\/lamp${END}`, "headlamp"),
  rule(`\\(\\+\\)`, "plus"),
  rule(`\\([-–−]\\)`, "minus"),
  rule(
    `(?<=[\\p{L}\\p{N}]) \\+ (?=\\p{L})(?!radio|side|end|lead|wire|of|from|to|in|out|terminal|is\\b|on\\b|at\\b)`,
    "and",
  ),
  rule(`(?<=[\\p{L}\\p{N}])[ ]?\\+(?=[\\s,;:)]|$)`, "plus"),
  rule(`(?<=^|\\s|,)\\+(?=\\s|$|\\()`, "plus"),
  rule(`(?<=[\\p{L}\\p{N}])[ ]?[-−](?=[,;:)]|$|\\s(?:radio|end|side|of|wire|lead|terminal|\\())`, "minus"),
  rule(`(?<=[\\p{L}\\p{N}])[-−](?=\\s)`, "minus"),
  rule(`(?<=^|\\s)[-−](?=\\p{L})`, "minus"),
  rule(`(?:4|four)[ -]?(?:x|wheel drive)[ -]?4?${END}`, "4wd"),
  rule(`(1st|2nd|3rd|4th|5th|6th)${END}`, (m) => ORDINAL[group(m, 1)] ?? ""),
];
const SOCKET_PINS: Readonly<Record<number, string>> = {
  2: "j1850 bus plus",
  4: "chassis ground",
  5: "signal ground",
  6: "canh",
  7: "kline",
  10: "j1850 bus minus",
  14: "canl",
  15: "l line",
  16: "battery plus",
};
const ORDINAL: Readonly<Record<string, string>> = {
  "1st": "first",
  "2nd": "second",
  "3rd": "third",
  "4th": "4",
  "5th": "5",
  "6th": "6",
};
const CORNER: Readonly<Record<string, string>> = { f: "front", r: "rear" };
const corner = (letter: string): string => CORNER[letter] ?? "";
/** A terminal of DIN 72552 behind "Kl."; U, V and W are the phases of an alternator. */
function terminal(number: string): string {
  if (/^[bd][+-]$/.test(number)) return marks(number);
  return /^[uvw]$/.test(number) ? "phase terminal" : `t${number}`;
}
const marks = (text: string): string => text.replace("+", "plus").replace("-", "minus");

/** Whether any rule begins here; most places have none, and one look is cheaper than all of them. */
const ANY_RULE = new RegExp(RULES.map(({ pattern }) => `(?:${pattern.source})`).join("|"), "yu");

/** The words that a mark or abbreviation at a place of the text stands for, with what stands there; undefined where none begins. */
export function ruleAt(
  source: string,
  at: number,
): { readonly words: string; readonly raw: string } | undefined {
  ANY_RULE.lastIndex = at;
  if (!ANY_RULE.test(source)) return undefined;
  for (const { pattern, words } of RULES) {
    pattern.lastIndex = at;
    const found = pattern.exec(source);
    if (found !== null && found[0] !== "") return { words: words(found), raw: found[0] };
  }
  return undefined;
}
