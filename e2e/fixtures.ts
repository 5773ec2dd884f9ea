import { readFileSync } from "node:fs";
import { expect, test as base, type Locator, type Page } from "@playwright/test";

/** Every test fails on an error in the page, on a console error and on a breach of the content policy. */
export const test = base.extend<{ quiet: undefined; expectNoise: RegExp[] }>({
  expectNoise: [[], { option: true }],
  quiet: [
    async ({ page, expectNoise }, use) => {
      const noise: string[] = [];
      page.on("pageerror", (error) => noise.push(error.message));
      page.on("console", (message) => {
        if (message.type() === "error" || message.type() === "warning") noise.push(message.text());
      });
      await page.addInitScript(() => localStorage.setItem("trevin.person", "Ines"));
      await use(undefined);
      expect(noise.filter((line) => !expectNoise.some((pattern) => pattern.test(line)))).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

const DEMO = JSON.parse(
  readFileSync(new URL("../packages/server/demo/levelling.trevin.json", import.meta.url), "utf8"),
) as { decisions: object[] };
const ref = (connector: string, cavity: string) => ({ connector, cavity });
const join = (vehicle: string, incoming: string) => ({
  kind: "join",
  vehicle: ref("B12", vehicle),
  incoming: ref("AL-P", incoming),
});
const REST = [
  join("4", "M"),
  { ...join("5", "H"), sure: "check" },
  join("9", "F"),
  join("10", "N"),
  join("11", "G"),
  join("14", "L"),
  { kind: "cap", pin: ref("B12", "3") },
  { kind: "feed", pin: ref("AL-P", "B"), feed: "battery", from: "spare fuse F22, 5 A" },
];

/** A fresh copy of the demo job; decided, when asked, as a technician would. Gives its path. */
export async function demoJob(page: Page, decided = true): Promise<string> {
  const answer = await page.request.post("/api/v1/imports", {
    data: decided ? { ...DEMO, decisions: [...DEMO.decisions, ...REST] } : DEMO,
  });
  expect(answer.status()).toBe(201);
  return `/jobs/${((await answer.json()) as { id: string }).id}`;
}

const TAIL_LIFT: unknown = JSON.parse(
  readFileSync(new URL("../packages/server/demo/tail-lift.trevin.json", import.meta.url), "utf8"),
);
/** A job of any content. Gives its path. */
export async function jobOf(page: Page, data: unknown = TAIL_LIFT): Promise<string> {
  const answer = await page.request.post("/api/v1/imports", { data });
  expect(answer.status()).toBe(201);
  return `/jobs/${((await answer.json()) as { id: string }).id}`;
}

/** Looked for now and then: at every frame, the looking would be most of what the machine does. */
const LOOK = { polling: 40 };

/** Done by keyboard: once for what is not ticked, and once without it. Waits till the next card is there, or none. */
export async function pressDone(page: Page): Promise<void> {
  const was = await page.locator(".eye b").textContent();
  await page.keyboard.press("Space");
  const asks = await page.waitForFunction(
    ([before]) => {
      const buttons = [...document.querySelectorAll("button")].map(({ textContent }) => textContent.trim());
      if (buttons.some((text) => text.startsWith("Done?"))) return "asks";
      return document.querySelector(".eye b")?.textContent === before ? false : "next";
    },
    [was] as const,
    LOOK,
  );
  if ((await asks.jsonValue()) === "asks") await page.keyboard.press("Space");
  // A card of several steps is several entries: the next card is there when the last of them is.
  await page.waitForFunction(
    ([before]) =>
      document.querySelector(".eye b")?.textContent !== before &&
      ![...document.querySelectorAll("button")].some(
        (button) => button.disabled && button.textContent.trim().startsWith("Done"),
      ),
    [was] as const,
    LOOK,
  );
}
/** The number of the first step of the card in hand. */
export const stepInHand = async (page: Page): Promise<number> =>
  Number(/\d+/.exec((await page.locator(".eye b").textContent()) ?? "")?.[0]);

/** Does the first `count` steps at the bench by keyboard, card by card. */
export async function workAtBench(page: Page, job: string, count: number): Promise<void> {
  await page.goto(`${job}/bench`);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.locator(".eye b")).toBeVisible();
  while ((await stepInHand(page)) <= count) await pressDone(page);
  expect(await stepInHand(page)).toBe(count + 1);
}

/** What Ctrl+V does, with this text on the clipboard. */
export async function pasteInto(box: Locator, text: string): Promise<void> {
  await box.evaluate((element, clip) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData("text/plain", clip);
    element.dispatchEvent(new ClipboardEvent("paste", { clipboardData, bubbles: true, cancelable: true }));
  }, text);
}

/** A field of the pin table: cell(page, "Function", "7"). */
export const cell = (page: Page, what: string, cavity: string): Locator =>
  page.getByRole("gridcell", { name: new RegExp(`^${what} of ${cavity}(,|$)`) });

/** Types over a field of the pin table as a hand would: choose it, type, Enter. */
export async function typeInto(page: Page, field: Locator, text: string): Promise<void> {
  await field.click();
  await page.keyboard.type(text);
  await page.keyboard.press("Enter");
}

/** The preview of a table goes in. */
export async function putIn(page: Page, lines: number): Promise<void> {
  await page.getByRole("button", { name: new RegExp(`^Add ${lines} pins`) }).click();
}
