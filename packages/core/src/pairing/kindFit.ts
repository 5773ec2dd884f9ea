import type { Meaning } from "../meaning/index.ts";
import type { SignalClass } from "../model/index.ts";
import type { ReadPin } from "./readPin.ts";
import type { ThingFit } from "./thingFit.ts";

/** What the kinds of part may say of a pair. */
export const KIND_FEATURES = [
  "kind-input-on-worked",
  "kind-agrees",
  "kind-clashes",
  "kind-differs",
  "kind-lamp-of-fed",
  "kind-contact-fits",
  "kind-contact-misfits",
] as const;
type KindValues = Readonly<Partial<Record<(typeof KIND_FEATURES)[number], number>>>;

/** A direction that is surer than this was said or written down, not guessed from the plug. */
export const SAID = 0.9;

const FED: ReadonlySet<SignalClass> = new Set(["switched-supply", "pwm", "coil"]);
/** What a control unit or a switch works, and what is no lamp itself. */
const isWorked = ({ thing }: Meaning): boolean =>
  thing !== null &&
  (FED.has(thing.signal) ||
    (thing.signal === "switched-ground" && thing.direction === "source" && !TELLS.test(thing.name)));
const TELLS = /lamp|tell-tale|warning|buzzer|horn|siren/;
const isTellTale = ({ thing }: Meaning): boolean =>
  thing !== null && thing.signal === "switched-ground" && TELLS.test(thing.name);
/** A buzzer and the lamp beside it have wires of their own. */
const SOUNDS = /\b(?:buzzer|bleeper)\b/;
const SHINES = /\b(?:lamp|indicator|telltale)\b/;
const isDisjoint = (a: ReadonlySet<string>, b: ReadonlySet<string>): boolean =>
  [...a].every((one) => !b.has(one));

/** Whether a contact of a relay and what another pin is go together: a switch or an output works 85 and 86, 87 feeds what uses current. */
function contactFit({ contact }: Meaning, { kinds, roles, contact: other, thing }: Meaning): boolean | null {
  if (contact === null || other !== null || kinds.has("relay") || kinds.has("contactor")) return null;
  const isAsked = kinds.has("switch") || roles.has("out") || roles.has("control");
  const isUser =
    !isAsked &&
    ((["lamp", "motor", "pump", "heater"] as const).some((kind) => kinds.has(kind)) ||
      USERS.test(thing?.name ?? ""));
  if (!isAsked && !isUser) return null;
  if (contact === "87") return isUser;
  return contact === "85" || contact === "86" ? isAsked : null;
}
const USERS =
  /^(?:horn|beacon|wiper|blower motor|radiator fan|fuel pump|compressor clutch|main beam|dipped beam)$|lamp$/;

/** "RLY 2 COM" takes what comes from the key, "RLY 2 NO" gives it on; null where no free contact of a relay is named, or nothing tells. */
function throughContact({ reading }: ReadPin, { reading: other, way }: ReadPin): boolean | null {
  const end = /\b(?:rel(?:ay|ais)?|rly|k) ?\d*,? (com(?:mon)?|no)\b/i.exec(reading.text)?.[1];
  if (end === undefined || other.contact !== null || other.kinds.has("relay") || way.certain <= SAID)
    return null;
  if (way.direction !== "source" && way.direction !== "load") return null;
  return /^com/i.test(end) === (way.direction === "source");
}

/** An input of a control unit and a valve, motor or pump: somebody else works that one. */
const isInputOnWorked = ({ reading, way }: ReadPin, { reading: { kinds, roles } }: ReadPin): boolean =>
  reading.roles.has("in") &&
  way.direction === "load" &&
  way.certain > SAID &&
  WORKED.some((kind) => kinds.has(kind)) &&
  !WORKED.some((kind) => reading.kinds.has(kind)) &&
  !kinds.has("switch") &&
  !kinds.has("sensor") &&
  !roles.has("out");
const WORKED = ["valve", "motor", "pump", "heater", "contactor"] as const;

/** What the kinds of part say that two texts name: relays, valves, lamps of the dash, inputs. Symmetric. */
export function kindFit(left: ReadPin, right: ReadPin, thing: ThingFit): KindValues {
  const [a, b] = [left.reading, right.reading];
  const values: Partial<Record<(typeof KIND_FEATURES)[number], number>> = {};
  if (isInputOnWorked(left, right) || isInputOnWorked(right, left)) values["kind-input-on-worked"] = 1;
  if (
    (["relay", "contactor", "pump", "valve", "heater"] as const).some(
      (kind) => a.kinds.has(kind) && b.kinds.has(kind),
    )
  )
    values["kind-agrees"] = 1;
  const [sounds, other] = SOUNDS.test(a.said) ? [a, b] : [b, a];
  if (SOUNDS.test(sounds.said)) {
    if (SOUNDS.test(other.said)) values["kind-agrees"] = 1;
    else if (SHINES.test(other.said) && !SHINES.test(sounds.said)) values["kind-clashes"] = 1;
  }
  const dash = [a, b].map(({ kinds }) => kinds.has("telltale") || kinds.has("gauge"));
  if (dash[0] !== dash[1] && thing !== "same") values["kind-clashes"] = 1;
  // The lamp that tells of a heater is not the wire that feeds it or asks for it.
  if (
    dash[0] !== dash[1]
      ? thing === "same" && isWorked(a)
      : thing === "related" && ((isTellTale(a) && isWorked(b)) || (isTellTale(b) && isWorked(a)))
  )
    values["kind-lamp-of-fed"] = 1;
  if (
    thing !== "same" &&
    thing !== "shows" &&
    a.kinds.size > 0 &&
    b.kinds.size > 0 &&
    isDisjoint(a.kinds, b.kinds)
  )
    values["kind-differs"] = 1;
  const contact =
    contactFit(a, b) ?? contactFit(b, a) ?? throughContact(left, right) ?? throughContact(right, left);
  if (contact !== null) values[contact ? "kind-contact-fits" : "kind-contact-misfits"] = 1;
  return values;
}
