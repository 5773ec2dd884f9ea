/** Names a tick of a card: by the act and its line, since two acts may ask for the same. */
export const tickKey = (act: number, line: string): string => `${act} ${line}`;
