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
  setting: 2,
  missingPackage: 3,
  damagedData: 4,
  portBusy: 5,
  newerDatabase: 6,
  alreadyRunning: 7,
  database: 8,
  build: 9,
} as const;

export const DISK_FULL =
  "The disk is full, so the database cannot be started. Nothing is damaged. Make room, then start again.";

/** What a folder or disk refuses as a start that cannot go on; everything else as it is. */
export function asStartFailure(error: unknown): unknown {
  if (error instanceof StartFailure || !(error instanceof Error) || !("code" in error)) return error;
  if (error.code === "ENOSPC") return new StartFailure(DISK_FULL, EXIT.damagedData);
  return typeof error.code === "string" && /^(EROFS|EACCES|EPERM|ENOTDIR)$/.test(error.code)
    ? notWritable("The data folder", error)
    : error;
}

export const notWritable = (what: string, { message }: Error): StartFailure =>
  new StartFailure(
    `${what} cannot be written: ${message}. Nothing was changed. Set TREVIN_DATA to a folder that can.`,
    EXIT.damagedData,
  );
