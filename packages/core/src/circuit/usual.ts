import type { Amps, Millimetres, Ohms, SquareMillimetres, Volts, Watts } from "../util/index.ts";
import type { ReadPin } from "../pairing/index.ts";
import { isSupply, type SignalClass, type WireRole } from "../model/index.ts";

/** What a part takes: a filament, an LED lamp, a coil or motor (straight enough at rest), or an input that merely listens. */
export type LoadData =
  | { readonly kind: "lamp"; readonly watts: Watts; readonly stated: boolean }
  | { readonly kind: "led"; readonly watts: Watts; readonly stated: boolean }
  | { readonly kind: "draws"; readonly amps: Amps; readonly stated: boolean }
  | { readonly kind: "listens"; readonly ohms: Ohms };

/** Rated watts of filament lamps by what they do (categories of UN R37, from memory: P21W, R5W, W5W, H7, H3, C5W, W1.2W). */
const WATTS: readonly (readonly [words: RegExp, watts: number])[] = [
  [/telltale|warning|indicator lamp|charge lamp|charge indicator|glow lamp|\bmil\b|check engine/, 1.2],
  [/illumination|dimm|cluster|backlight|instrument/, 1.2],
  [/turn|hazard|stop|brake lamp|brake light|reverse|reversing|rear fog|daytime/, 21],
  [/tail|position|parking|side marker|running|side light|marker|clearance/, 5],
  [/plate|interior|courtesy|dome|map|glove|boot lamp|trunk|footwell|door lamp/, 5],
  [/low beam|high beam|dip|headlamp|front fog|driving lamp|work lamp|spot/, 55],
];
const PLAIN_LAMP = 5;
/** An LED lamp does with this share of the watts of the filament lamp that it replaces (common practice, no source). */
const LED_SHARE = 1 / 6;
const LED = /\bLEDs?\b/i;

/** Running current of parts at 12 V, A (common practice, no source; the part's own plate decides). */
const AMPS: readonly (readonly [words: RegExp, amps: number])[] = [
  [/relay/, 0.15],
  [/starter|start motor/, 15],
  [/radiator fan|cooling fan|engine fan|condenser fan/, 20],
  [/blower/, 15],
  [/fuel pump/, 7],
  [/water pump|washer/, 4],
  [/wiper/, 5],
  [/horn/, 5],
  [/window|seat|mirror|sunroof|door lock|lock motor|actuator/, 5],
  [/heated|heater|defrost|demist/, 12],
  [/glow plug/, 12],
  [/compressor clutch|clutch/, 4],
  [/injector|solenoid|valve|purge/, 1],
  [/ignition coil|coil pack/, 4],
  [/trailer brake/, 10],
  [/radio|amplifier|stereo/, 5],
  [/socket|outlet|lighter/, 10],
];
/** A module's supply, and what a switched wire without a name works: a relay or a small valve. */
const [MODULE_AMPS, PLAIN_AMPS, COIL_AMPS] = [0.5, 0.5, 0.15];
/** What an input puts across its wire, Ω (common practice, no source). */
const INPUT_OHMS = 100e3;
const TWELVE = 12;

/** Roles of a wire that only tells or asks. */
const ASKED: readonly WireRole[] = ["in", "request", "signal"];
const LISTENING: ReadonlySet<SignalClass> = new Set(["start"]);
const LAMPS: ReadonlySet<SignalClass> = new Set(["lamp-feed", "lamp-dimmer", "charge-indicator"]);

/** What hangs on a pin that takes: as written down, else as usual for what it is called. At 12 V; on other supplies the watts stay. */
export function loadOf({ placed, reading, signal }: ReadPin, nominalVolts: Volts): LoadData {
  const { amps } = placed.pin;
  const name = `${reading.thing?.name ?? ""} ${reading.thing === null ? reading.said : ""}`;
  const isLamp = LAMPS.has(signal) || reading.kinds.has("lamp") || reading.kinds.has("telltale");
  const kind = LED.test(placed.pin.function) ? "led" : "lamp";
  if (amps !== null && amps > 0)
    return isLamp
      ? { kind, watts: amps * nominalVolts, stated: true }
      : { kind: "draws", amps, stated: true };
  const asInput =
    LISTENING.has(signal) || (isSupply(signal) && /sense|signal|input|trigger|wake/.test(reading.said));
  const isAsked = ASKED.some((role) => reading.roles.has(role)) && !isSupply(signal) && !isLamp;
  if (asInput || isAsked) return { kind: "listens", ohms: INPUT_OHMS };
  const scaled = (watts12: number): number => (watts12 * TWELVE) / nominalVolts;
  if (isLamp)
    return {
      kind,
      watts:
        (WATTS.find(([words]) => words.test(name))?.[1] ?? PLAIN_LAMP) * (kind === "led" ? LED_SHARE : 1),
      stated: false,
    };
  if (isSupply(signal)) return { kind: "draws", amps: scaled(MODULE_AMPS), stated: false };
  if (reading.kinds.has("relay") || reading.kinds.has("coil"))
    return { kind: "draws", amps: scaled(COIL_AMPS), stated: false };
  return {
    kind: "draws",
    amps: scaled(AMPS.find(([words]) => words.test(name))?.[1] ?? PLAIN_AMPS),
    stated: false,
  };
}

/** Resistance of blade fuses by rating, Ω (one maker's data sheet, from memory, ISO 8820-3 sizes). */
const FUSE_OHMS: readonly (readonly [amps: number, ohms: number])[] = [
  [5, 0.0179],
  [7.5, 0.0109],
  [10, 0.0077],
  [15, 0.0048],
  [20, 0.0034],
  [25, 0.0025],
  [30, 0.002],
  [40, 0.0014],
];
export const fuseOhms = (amps: Amps | null): Ohms =>
  FUSE_OHMS.find(([rating]) => rating >= (amps ?? 10))?.[1] ?? 0.001;

/** Opening times of blade fuses by the share of their rating (ISO 8820-3, from memory), s. */
const OPENING: readonly (readonly [share: number, least: number, most: number])[] = [
  [1.35, 0.75, 600],
  [1.6, 0.25, 50],
  [2, 0.15, 5],
  [3.5, 0.04, 0.5],
  [6, 0.02, 0.1],
];
/** From this share of its rating on a fuse opens sooner or later; above the other it should not run for long (80 %, common practice). */
export const [BLOWS, LOADED] = [1.35, 0.8];
/** Within how many seconds a fuse is sure to open at so many times its rating; null where it holds. */
export const opensWithin = (share: number): number | null =>
  OPENING.filter(([from]) => share >= from).at(-1)?.[2] ?? null;

/** Resistivity of copper at 20 °C, Ω·mm²/m, with stranding (ISO 6722-1 limits imply 0.0185, from memory). */
const RHO = 0.0185;
/** Taken where a length or size is not known: mm and mm². */
export const [USUAL_LENGTH, USUAL_SIZE] = [1500, 1];
export const wireOhms = (size: SquareMillimetres | null, length: Millimetres | null): Ohms =>
  (RHO * ((length ?? USUAL_LENGTH) / 1000)) / (size ?? USUAL_SIZE);
