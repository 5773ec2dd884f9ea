declare const brand: unique symbol;
declare const unit: unique symbol;
type Quantity<U extends string> = number & { readonly [unit]?: U };
/** Numbers with their unit: a plain number may become any of them, but none is ever passed for another. What is computed of them is a plain number again. */
export type Volts = Quantity<"V">;
export type Amps = Quantity<"A">;
export type Ohms = Quantity<"Ω">;
export type Watts = Quantity<"W">;
export type Millimetres = Quantity<"mm">;
/** Cross-section of a conductor. */
export type SquareMillimetres = Quantity<"mm²">;

/** A string that only its own constructor makes, so that a pin id is never passed for a connector id. */
export type Brand<B extends string> = string & { readonly [brand]: B };
