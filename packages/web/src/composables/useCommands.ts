import { onBeforeUnmount, onMounted, shallowReactive } from "vue";

/** Something the user can do now: in the palette, in the list of shortcuts, and by its key. */
export interface AppCommand {
  readonly id: string;
  readonly title: string;
  /** As `event.key`, with "Ctrl+" before it where needed; letters without Ctrl count only outside of text fields. */
  readonly keys?: string;
  readonly enabled?: () => boolean;
  readonly run: () => unknown;
}

const registered = shallowReactive(new Map<symbol, readonly AppCommand[]>());

/** All commands of the views now shown, those of the innermost first. */
export const allCommands = (): readonly AppCommand[] => [...registered.values()].reverse().flat();

/** Offers commands for as long as the calling component is shown. */
export function useCommands(commands: readonly AppCommand[]): void {
  const key = Symbol("commands");
  onMounted(() => registered.set(key, commands));
  onBeforeUnmount(() => registered.delete(key));
}

const KEY_SIGNS: Readonly<Record<string, string>> = {
  ArrowDown: "↓",
  ArrowUp: "↑",
  Backspace: "⌫",
  Escape: "Esc",
};
/** How a key stands on the screen: "Ctrl Z", "↓". */
export const keyWords = (keys: string): string =>
  keys
    .split("+")
    .map((key) => KEY_SIGNS[key] ?? key)
    .join(" ");

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName) ||
    target.getAttribute("role") === "combobox");

/** Alt with a letter or digit is the command of that key, also while something is being typed. */
function handleAlt(event: KeyboardEvent): void {
  const key = /^(?:Key|Digit)(.)$/.exec(event.code)?.[1];
  const command =
    key === undefined || event.ctrlKey
      ? undefined
      : allCommands().find((candidate) => candidate.keys === key && (candidate.enabled?.() ?? true));
  if (command === undefined) return;
  event.preventDefault();
  void command.run();
}

/** Runs the command whose keys were pressed; at most one. */
export function handleKey(event: KeyboardEvent): void {
  if (event.defaultPrevented || document.querySelector("[aria-modal='true']") !== null) return;
  if (event.altKey) return handleAlt(event);
  const control = event.ctrlKey || event.metaKey;
  const letter = event.key.length === 1;
  const named = event.key === " " ? "Space" : event.key;
  const name = named.length === 1 ? named.toUpperCase() : named;
  // The shift of a plain character is in the character itself.
  const shift = event.shiftKey && (control || !letter);
  const keys = `${control ? "Ctrl+" : ""}${shift ? "Shift+" : ""}${name}`;
  if (!control && isTyping(event.target)) return;
  if (
    (name === "Space" || name === "Enter") &&
    event.target instanceof HTMLElement &&
    event.target.closest("button, a, summary, [role='option']") !== null
  )
    return;
  const command = allCommands().find(
    (candidate) => candidate.keys === keys && (candidate.enabled?.() ?? true),
  );
  if (command === undefined) return;
  event.preventDefault();
  void command.run();
}
