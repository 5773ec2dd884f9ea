/** A start that cannot go on: one message for the person, one exit code for the script. */
export class StartFailure extends Error {
  override readonly name = "StartFailure";
  constructor(
    message: string,
    readonly exitCode: number,
  ) {
    super(message);
  }
}

/** Exit codes of `npm start`, documented in the README. */
export const EXIT = {
  missingPackage: 3,
  damagedData: 4,
  portBusy: 5,
  newerDatabase: 6,
  alreadyRunning: 7,
  database: 8,
  build: 9,
} as const;
