import { readFileSync } from "node:fs";
import { demoJob, expect, jobOf, pressDone, test, workAtBench } from "./fixtures.ts";

test("resumes at the very step after a reload, on another device too, and goes back by taking back", async ({
  page,
  browser,
}) => {
  const job = await demoJob(page);
  await workAtBench(page, job, 16);
  await expect(page.getByRole("heading", { name: "Insert" })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Step 17 of/).first()).toBeVisible();
  const tablet = await browser.newPage({ viewport: { width: 820, height: 1180 } });
  await tablet.goto(page.url());
  await expect(tablet.getByText(/^Step 17 of/).first()).toBeVisible();
  await tablet.close();
  await page.keyboard.press("b");
  await expect(page.getByText(/^Step 16 of/).first()).toBeVisible();
  await expect(page.getByRole("heading", { name: "Release" })).toBeVisible();
  // How it is let go: the section, and the order of the hand.
  await expect(page.getByRole("img", { name: /^Section through/ })).toBeVisible();
  await expect(
    page.getByRole("list", { name: "Release, in order" }).getByRole("listitem").first(),
  ).toContainText(/front lock/);
  await pressDone(page);
  await page.keyboard.press("Escape");
  await expect(
    page
      .getByRole("listitem")
      .filter({ hasText: /Release.*brown.*out of B12, cavity 4/ })
      .getByRole("img", { name: "done" }),
  ).toBeVisible();
});

test("records what is not as planned as found, and keeps a note", async ({ page }) => {
  const job = await demoJob(page);
  await workAtBench(page, job, 8);
  await page.keyboard.press("n");
  await page.getByLabel("Colour code").fill("GR");
  await page.getByLabel("Its cavity").fill("99");
  await page.getByRole("button", { name: "Record as found" }).click();
  await expect(page.getByText("This housing has no cavity 99.")).toBeVisible();
  await page.getByLabel("Its cavity").fill("5");
  await expect(page.getByText(/^The table has .* in 5\. .* check there too\.$/)).toBeVisible();
  await page.getByRole("button", { name: "Record as found" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.keyboard.press("t");
  await page.getByLabel(/worth knowing/).fill("lock is brittle");
  await page.getByRole("button", { name: "Keep the note" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.keyboard.press("Control+6");
  await expect(
    page.getByRole("row", { name: /found.*Found “.*”, GR, in cavity 5 of B12, not in 1: colour GR/ }),
  ).toBeVisible();
  await expect(page.getByRole("row", { name: /note.*lock is brittle/ })).toBeVisible();
  await page
    .getByRole("row", { name: /lock is brittle/ })
    .getByRole("button")
    .click();
  await expect(page.getByRole("row", { name: /lock is brittle/ })).toContainText("retracted");
});

for (const [name, width, height] of [
  ["tablet", 820, 1180],
  ["phone", 390, 844],
] as const) {
  test(`is usable with one thumb on a ${name}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    const job = await demoJob(page);
    await workAtBench(page, job, 11);
    for (const button of ["Back", "Not as planned", "Done", "Turn over"]) {
      const box = await page.getByRole("button", { name: button }).first().boundingBox();
      expect(box?.height, button).toBeGreaterThanOrEqual(56);
    }
    const done = await page.getByRole("button", { name: /^Done/ }).boundingBox();
    expect((done?.y ?? 0) + (done?.height ?? 0)).toBeLessThanOrEqual(height);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  });
}

test("is closed while something stands in the way, and says what", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/bench`);
  await expect(page.getByText("B12.3 is undecided")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Done/ })).toHaveCount(0);
});

test("a figure is typed as the meter shows it, and stands in the ledger with its step", async ({ page }) => {
  const { ledger: _left, ...board } = JSON.parse(
    readFileSync(new URL("../packages/server/demo/light-board.trevin.json", import.meta.url), "utf8"),
  ) as { ledger: unknown };
  const job = await jobOf(page, board);
  await page.goto(`${job}/bench`);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("heading", { name: "Check" })).toBeVisible();
  const figure = page.getByRole("textbox", { name: "At the wire" });
  await figure.fill("twelve");
  await expect(page.getByText("Type what the meter shows: 12.4, 4.2k, 35 mA, or OL.")).toBeVisible();
  const done = page.getByRole("button", { name: /^Done/ });
  await done.click();
  await expect(done).toContainText("check the reading first");
  await figure.fill("12,4");
  await figure.press("Enter");
  await pressDone(page);
  await page.goto(`${job}/ledger`);
  await expect(page.getByText(/Measured: at the wire 12\.4 V/)).toBeVisible();
});
