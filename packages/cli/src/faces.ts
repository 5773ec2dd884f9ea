import {
  cavityWords,
  faceFile,
  faceOf,
  holdWords,
  indexPins,
  landmarks,
  landmarkWords,
  linkWords,
  locate,
  locatorWords,
  looksOf,
  pinName,
  placeWords,
  sharedWith,
  spotDetail,
  spotWords,
  trace,
  type Connector,
  type Dossier,
  type Hold,
  type JobDocument,
  type PlacedPin,
  type Stretch,
} from "@trevin/core";
import { InputError } from "./failure.ts";

function connectorOf({ connectors }: Dossier, name: string): Connector {
  const connector =
    connectors.find((one) => one.name === name) ??
    connectors.find((one) => one.name.toLowerCase() === name.toLowerCase());
  if (connector === undefined)
    throw new InputError(
      `there is no connector ${name}; there are ${connectors.map((one) => one.name).join(", ")}`,
    );
  return connector;
}
function placedOf(dossier: Dossier, name: string, cavity: string): PlacedPin {
  const connector = connectorOf(dossier, name);
  const pin =
    connector.pins.find((one) => one.cavity === cavity) ??
    connector.pins.find((one) => one.cavity.toLowerCase() === cavity.toLowerCase());
  if (pin === undefined) throw new InputError(`${connector.name} has no cavity ${cavity}`);
  return { connector, pin };
}
function noFace(connector: Connector): never {
  throw new InputError(`no shell with a face is known for ${connector.name}, so no place is claimed`);
}

/** Where a cavity is in a hold: in words, as numbers, with landmarks, and what is in it. */
export function locateReport({ dossier }: JobDocument, name: string, cavity: string, hold: Hold): unknown {
  const placed = placedOf(dossier, name, cavity);
  const face = faceOf(placed.connector) ?? noFace(placed.connector);
  const here = locate(face, placed.pin.id, hold);
  if (here === null)
    throw new InputError(`the shell of ${placed.connector.name} has no cavity ${placed.pin.cavity}`);
  const marks = landmarks(face, here, hold);
  return {
    pin: pinName(placed),
    hold: holdWords(hold, face.shell),
    words: locatorWords(here.locator, hold, face.shell),
    place: placeWords(here.locator),
    locator: here.locator,
    landmarks: landmarkWords(marks),
    marks,
    holds: cavityWords(
      placed.pin.cavity,
      placed.pin,
      looksOf(placed.connector, dossier.wires).get(placed.pin.id),
    ),
  };
}

/** The face of a connector as an SVG file. */
export function faceReport({ dossier }: JobDocument, name: string, hold: Hold): string {
  const connector = connectorOf(dossier, name);
  return (faceFile(connector, hold, looksOf(connector, dossier.wires)) ?? noFace(connector)).trimEnd();
}

/** Everything that the copper at a cavity is joined to, with all plugs of the job mated, and what of it is the same loom. */
export function traceReport({ dossier }: JobDocument, name: string, cavity: string): unknown {
  const placed = placedOf(dossier, name, cavity);
  const pins = indexPins(dossier);
  const tell = ({ spot, link, again, beyond }: Stretch): unknown => ({
    at: spotWords(spot),
    what: spotDetail(spot),
    ...(link === null ? {} : { by: link.by, over: linkWords(link, pins) }),
    ...(again ? { loop: true } : {}),
    ...(beyond.length === 0 ? {} : { beyond: beyond.map(tell) }),
  });
  const whole = trace(dossier, placed.pin.id);
  return {
    ...(whole === null ? {} : (tell(whole) as object)),
    sharedWith: sharedWith(dossier, placed.pin.id).flatMap((id) => {
      const other = pins.get(id);
      return other === undefined ? [] : [pinName(other)];
    }),
  };
}
