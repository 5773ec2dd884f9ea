import { signalOf } from "../meaning/index.ts";
import { pinsInOrder, signalFit, type Dossier, type PlacedPin } from "../model/index.ts";
import { candidatesFor, deviceReasonWords, deviceWords } from "../proposals/index.ts";
import { reasonWords } from "../words/index.ts";

export type PairingMode = "join" | "jumper" | "shift" | "series";
/** A pin that can be chosen in a pairing dialog. */
export interface Offer {
  readonly placed: PlacedPin;
  readonly strength: number | null;
  readonly words: string;
  readonly taken: boolean;
}
type Candidate = ReturnType<typeof candidatesFor>[number];
function caseWords({ strength, reasons, device }: Candidate): string {
  if (strength === null) return reasons.map(reasonWords).join("; ") || "joined directly, it does damage";
  if (device !== null) return `through ${deviceWords(device.device)}: ${deviceReasonWords(device)}`;
  const weighty = reasons.filter((reason) => reason.weight !== 0).slice(0, 2);
  return weighty.map(reasonWords).join("; ");
}

const rankOf = ({ placed }: Offer): number => (placed.pin.content === "empty" ? 0 : 1);

/** What a pin can be paired with, by mode: the other side by the case for it, its own plug, the cavities of its own side and those of the vehicle, or the incoming part. */
export function partnerOffers(
  dossier: Dossier,
  own: PlacedPin,
  mode: PairingMode,
  taken: (placed: PlacedPin) => boolean,
): readonly Offer[] {
  if (mode === "jumper") {
    const ownClass = signalOf(own, dossier.words);
    return pinsInOrder(own.connector)
      .filter((pin) => pin.id !== own.pin.id && pin.content === "occupied")
      .map((pin): Offer => {
        const placed = { pin, connector: own.connector };
        const fit = signalFit(ownClass, signalOf(placed, dossier.words));
        return {
          placed,
          strength: fit === "damage" ? null : 0,
          words: fit === "damage" ? "joining them does damage" : "",
          taken: taken(placed),
        };
      });
  }
  if (mode === "shift") {
    const connectors = dossier.connectors
      .filter(({ side }) => side === own.connector.side)
      .sort((a, b) => Number(b.id === own.connector.id) - Number(a.id === own.connector.id));
    const across =
      own.connector.side === "incoming"
        ? dossier.connectors.filter(({ side, keepOut }) => side === "vehicle" && keepOut === "")
        : [];
    const filled = across.flatMap((connector) =>
      pinsInOrder(connector)
        .filter(({ content }) => content !== "unknown")
        .map((pin): Offer => ({
          placed: { pin, connector },
          strength: 0,
          words:
            pin.content === "empty" ? "free: it goes in there" : "replaces the wire there, which is capped",
          taken: pin.content !== "empty" && taken({ pin, connector }),
        })),
    );
    const within = connectors.flatMap((connector) =>
      pinsInOrder(connector)
        .filter((pin) => pin.id !== own.pin.id && pin.content !== "unknown" && connector.keepOut === "")
        .map((pin): Offer => ({
          placed: { pin, connector },
          strength: 0,
          words: pin.content === "empty" ? "free: the wire moves there" : "the two wires swap",
          taken: pin.content !== "empty" && taken({ pin, connector }),
        })),
    );
    // A lead seldom changes places in its own plug, and is often what an empty cavity waits for.
    const emptyFirst = [...filled].sort((a, b) => rankOf(a) - rankOf(b));
    return own.connector.leads === "flying" ? [...emptyFirst, ...within] : [...within, ...emptyFirst];
  }
  if (mode === "series") {
    return dossier.connectors
      .filter(({ side, keepOut }) => side === "incoming" && keepOut === "")
      .flatMap((connector) =>
        pinsInOrder(connector)
          .filter(({ content }) => content !== "unknown")
          .map((pin): Offer => ({
            placed: { pin, connector },
            strength: 0,
            words: pin.content === "empty" ? "the wire goes into this cavity" : "a lead of the part",
            taken: taken({ pin, connector }),
          })),
      );
  }
  return candidatesFor(dossier, own).map((one): Offer => ({
    placed: one.pin,
    strength: one.strength,
    taken: taken(one.pin),
    words: caseWords(one),
  }));
}
