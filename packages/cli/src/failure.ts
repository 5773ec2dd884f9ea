/** Bad input: said on standard error, exit code 1. */
export class InputError extends Error {
  override readonly name = "InputError";
  /** What can be printed all the same. */
  readonly answer: unknown;
  constructor(message: string, answer?: unknown) {
    super(message);
    this.answer = answer;
  }
}
