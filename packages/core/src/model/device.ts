/** A part that goes between two wires that must not be joined directly. Ohms, volts and amperes. */
export type InsertedDevice =
  /** One in each of the wires that meet, its band towards the side named. */
  | { readonly kind: "diodes"; readonly band: "vehicle" | "incoming" }
  /** From the source over `upper` to the input, and from there over `lower` to the input's own ground. */
  | { readonly kind: "divider"; readonly upper: number; readonly lower: number }
  | { readonly kind: "regulator"; readonly volts: number }
  /** `coil`: the side whose wire works the coil; the other side hangs on the contact. */
  | { readonly kind: "relay"; readonly coil: "vehicle" | "incoming" }
  | { readonly kind: "resistor"; readonly ohms: number; readonly how: "in series" | "in parallel" }
  | { readonly kind: "fuse"; readonly amps: number }
  /** A contact in the loop that must be closed before the engine cranks. */
  | { readonly kind: "switch"; readonly what: "clutch" | "neutral" }
  /** A bought or built module that turns one signal into another. */
  | { readonly kind: "converter"; readonly what: string };
export type DeviceKind = InsertedDevice["kind"];
