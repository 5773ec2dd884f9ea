import { readFileSync } from "node:fs";
import { expect, jobOf, pressDone, test } from "./fixtures.ts";

const demo = (name: string): { readonly connectors: readonly { readonly name: string }[] } =>
  JSON.parse(
    readFileSync(new URL(`../packages/server/demo/${name}.trevin.json`, import.meta.url), "utf8"),
  ) as { connectors: { name: string }[] };

/** The demonstration jobs that ship decided, two of them left half done: each is worked from where it stands to its last step. */
for (const [name, half] of [
  ["engine-swap", false],
  ["cluster-swap", false],
  ["gearbox", true],
  ["light-board", true],
  ["platform-truck", false],
] as const)
  test(`the demonstration ${name} is worked to its end, and the ledger holds it`, async ({ page }) => {
    // The engine swap has more than three hundred steps.
    test.setTimeout(900_000);
    const job = await jobOf(page, demo(name));
    await page.goto(`${job}/bench`);
    if (!half) await page.getByRole("button", { name: "Begin" }).click();
    await expect(page.locator(".say h1")).toBeVisible();
    let cards = 0;
    const live = page.getByRole("radio", { name: /loom/i }).first();
    while (await page.locator(".eye b").isVisible()) {
      // A test that finds the live half asks which it was.
      if (await page.getByRole("group", { name: "Which half is live?" }).isVisible())
        await live.check({ force: true });
      await pressDone(page);
      expect(++cards).toBeLessThan(500);
    }
    expect(cards).toBeGreaterThan(5);
    await page.keyboard.press("Control+6");
    await expect(page.getByText("Ledger fingerprint")).toBeVisible();
    await expect(page.getByText(/no longer appl/i)).toHaveCount(0);
    await page.goto(`${job}/proof`);
    await page.getByRole("button", { name: "As it is now" }).click();
    await expect(page.getByRole("heading", { name: /^Safe to power/ })).toBeVisible();
  });
