// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { createApp, defineComponent, h, type App } from "vue";
import { allCommands, handleKey, keyWords, useCommands, type AppCommand } from "./useCommands.ts";

let app: App | null = null;
function offer(commands: readonly AppCommand[]): void {
  app = createApp(
    defineComponent({
      setup: () => {
        useCommands(commands);
        return () => h("div");
      },
    }),
  );
  app.mount(document.createElement("div"));
}
function press(
  key: string,
  target: HTMLElement = document.body,
  more: KeyboardEventInit = {},
): KeyboardEvent {
  const event = new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true, ...more });
  target.addEventListener("keydown", handleKey, { once: true });
  target.dispatchEvent(event);
  return event;
}
const field = (tag: string): HTMLElement => {
  const element = document.createElement(tag);
  document.body.append(element);
  return element;
};

describe("commands", () => {
  const done = vi.fn();
  const undo = vi.fn();
  beforeEach(() =>
    offer([
      { id: "done", title: "Done", keys: "Space", run: done },
      { id: "undo", title: "Undo", keys: "Ctrl+Z", run: undo },
      { id: "off", title: "Off", keys: "X", enabled: () => false, run: done },
    ]),
  );
  afterEach(() => {
    app?.unmount();
    document.body.innerHTML = "";
    vi.clearAllMocks();
  });

  it("run by their key, once, and keep the browser from doing its own", () => {
    expect(press(" ").defaultPrevented).toBe(true);
    expect(done).toHaveBeenCalledTimes(1);
    press("z", document.body, { ctrlKey: true });
    expect(undo).toHaveBeenCalledTimes(1);
  });
  it("leave letters to a field that is being typed in, but not Ctrl keys", () => {
    expect(press(" ", field("input")).defaultPrevented).toBe(false);
    expect(press(" ", field("textarea")).defaultPrevented).toBe(false);
    expect(done).not.toHaveBeenCalled();
    press("z", field("input"), { ctrlKey: true });
    expect(undo).toHaveBeenCalledTimes(1);
  });
  it("leave Space to a button in focus, everything to an open dialog, and do nothing when they are off", () => {
    press(" ", field("button"));
    press("x");
    const dialog = field("div");
    dialog.setAttribute("aria-modal", "true");
    press(" ");
    expect(done).not.toHaveBeenCalled();
  });
  it("are gone with the view that offered them", () => {
    expect(allCommands().map((command) => command.id)).toEqual(["done", "undo", "off"]);
    app?.unmount();
    expect(allCommands()).toEqual([]);
    app = null;
  });
  it("are written as keys are printed", () => {
    expect(["Ctrl+Shift+Z", "ArrowDown", "Backspace", "A"].map(keyWords)).toEqual([
      "Ctrl Shift Z",
      "↓",
      "⌫",
      "A",
    ]);
  });
});
