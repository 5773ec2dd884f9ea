/** Bad input: said on standard error, exit code 1. */
export class InputError extends Error {
  override readonly name = "InputError";
}
