declare const brand: unique symbol;
/** A string that only its own constructor makes, so that a pin id is never passed for a connector id. */
export type Brand<B extends string> = string & { readonly [brand]: B };
