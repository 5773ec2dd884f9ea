/** Names a tick of a card: by the act and its line, since two acts may ask for the same. */
export const tickKey = (act: number, line: string): string => `${act} ${line}`;
/** Names a figure that is measured at a step of a card. */
export const readingKey = (step: string, of: string): string => `${step} ${of}`;
