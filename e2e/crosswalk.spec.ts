import { demoJob, expect, test } from "./fixtures.ts";

test("decisions are made, changed and taken back by mouse, and undone", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/crosswalk`);
  const row = (text: string | RegExp) => page.getByRole("option", { name: text });
  await row(/Park brake switch/).click();
  const detail = page.getByRole("complementary", { name: "The chosen circuit" });
  await expect(detail).toContainText("same function: park brake switch");
  await expect(detail).toContainText("colour differs, which proves nothing");
  await detail.getByRole("button", { name: /Join 4 to M/ }).click();
  await row(/Park brake switch/).click();
  await detail.getByRole("button", { name: /Splice instead/ }).click();
  await expect(row(/Park brake switch/)).toContainText("splice");
  await detail.getByRole("button", { name: /Wants a check/ }).click();
  await expect(row(/Park brake switch/)).toContainText("check");
  await detail.getByRole("button", { name: /Take back/ }).click();
  await expect(row(/Park brake switch/)).toContainText("undecided");
  for (let i = 0; i < 4; i++) await page.getByRole("button", { name: "Undo" }).click();
  await expect(row(/Park brake switch/)).toContainText("suggested");
  await expect(page.getByRole("button", { name: "Undo" })).toBeDisabled();
});

test("a join that does damage is a stop that wants a reason before the work can begin", async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`${job}/crosswalk`);
  await page.getByRole("option", { name: /Accessory/ }).click();
  await page.keyboard.press("p");
  await page.getByRole("combobox", { name: "Pin of the other side" }).click();
  await page.getByRole("option", { name: /AL-P\.C\b/ }).click();
  await page.getByRole("button", { name: "Join them" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  const detail = page.getByRole("complementary", { name: "The chosen circuit" });
  await expect(detail).toContainText("accessory onto ground");
  await expect(page.getByRole("contentinfo").or(page.locator("footer")).first()).toContainText("in the way");
  await page.getByRole("button", { name: "Accept with a reason…" }).click();
  await page.getByLabel("Reason").fill("the table was misprinted");
  await page.getByRole("button", { name: "Accept", exact: true }).click();
  await expect(detail).toContainText("Accepted: the table was misprinted");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(detail).not.toContainText("Accepted:");
});

test("black on black is flagged from both sides, and colour for colour is judged", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/crosswalk`);
  for (const circuit of [/Ground, body left/, /CAN low/]) {
    await page.getByRole("option", { name: circuit }).click();
    await expect(page.getByText("Black here, black there")).toBeVisible();
  }
  await expect(page.getByText(/Colour for colour would make 4 joins: 0 work, 3 stay dead, 1 do damage/)).toBeVisible();
  await page.getByRole("option", { name: /Supply, memory/ }).click();
  await expect(page.getByText("Supply, memory has no feed")).toBeVisible();
});

test("pointing at a cavity of a face chooses its circuit, and both faces turn over", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/crosswalk`);
  await page.getByRole("button", { name: /^Cavity K: CAN low; black/ }).click();
  await expect(page.getByRole("option", { name: /CAN low/ })).toHaveAttribute("aria-selected", "true");
  await page.keyboard.press("v");
  await expect(page.getByRole("group", { name: "AL-P, mating face, lock up" })).toBeVisible();
});
