import { readFileSync } from "node:fs";
import { expect, jobOf, pressDone, test } from "./fixtures.ts";

type Page = Parameters<typeof jobOf>[0];

const demo = (name: string): { readonly connectors: readonly { readonly name: string }[] } =>
  JSON.parse(
    readFileSync(new URL(`../packages/server/demo/${name}.trevin.json`, import.meta.url), "utf8"),
  ) as { connectors: { name: string }[] };

/** Every card to the last, by keyboard; then the ledger and the proof say that all is well. */
async function workToTheEnd(page: Page, job: string): Promise<void> {
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
}

/**
 * The demonstration jobs that ship decided, two of them left half done: each is worked from where it stands to its last step.
 * The engine swap, with more than three hundred, is recorded to its end by the tests of the API.
 */
for (const [name, half] of [
  ["cluster-swap", false],
  ["gearbox", true],
  ["light-board", true],
  ["platform-truck", false],
] as const)
  test(`the demonstration ${name} is worked to its end, and the ledger holds it`, async ({ page }) => {
    const job = await jobOf(page, demo(name));
    await page.goto(`${job}/bench`);
    if (!half) await page.getByRole("button", { name: "Begin" }).click();
    await workToTheEnd(page, job);
  });

/** Those that ship undecided, decided by keyboard blocker by blocker, then worked to the last step. */
for (const name of ["levelling", "tail-lift"])
  test(`the demonstration ${name} is decided from the keyboard and worked to its end`, async ({ page }) => {
    test.setTimeout(600_000);
    const job = await jobOf(page, demo(name));
    await page.goto(`${job}/crosswalk`);
    const foot = page.locator("footer.blocks");
    const detail = page.getByRole("complementary", { name: "The chosen circuit" });
    await expect(foot).toContainText("blocker");
    const textOf = (part: typeof foot): Promise<string> =>
      part.textContent({ timeout: 2000 }).then(
        (text) => (text ?? "").trim(),
        () => "",
      );
    const seen = async (): Promise<string> => `${await textOf(foot)} ${await textOf(detail)}`;
    // What blocks is worked out behind the page: on a busy machine some turns find what is settled already,
    // and the last of them may lead to the brief.
    for (let turn = 0; turn < 400 && !page.url().endsWith("/brief"); turn++) {
      const said = await textOf(foot);
      if (said.includes("No blockers") || /^1 blocker.*Work lamp/.test(said)) break;
      const asks = /behind it stay/.test(said);
      if (!asks) await page.keyboard.press("b");
      const before = await seen();
      if (asks) await page.keyboard.press("g");
      else {
        const offer = await textOf(detail.locator(".btn.pri").first());
        // What has no partner is put away by a key of its own: Enter never does that.
        await page.keyboard.press(/^(Choose|Measure)/.test(offer) ? "x" : "Enter");
        if (/^Feed it from…/.test(offer)) {
          const feed = page.getByRole("dialog", { name: /^Feed/ });
          await feed.getByLabel("Name", { exact: true }).fill("F22");
          await feed.getByLabel(/^Fuse/).fill("5");
          await page.keyboard.press("Enter");
        }
      }
      // Blocked by the next thing, or by the same one no more.
      await expect.poll(seen).not.toBe(before);
    }
    await expect(page.getByText(/^saved/)).toBeVisible();
    if (name === "tail-lift") {
      // Asked for, and no pin of either loom does it: that is taken off the brief.
      await page.goto(`${job}/brief`);
      await page.getByRole("button", { name: /Remove.*Work lamp|Work lamp.*remove/i }).click();
      await expect(page.getByText(/^saved/)).toBeVisible();
      await page.goto(`${job}/crosswalk`);
    }
    await expect(foot).toContainText("No blockers");
    await page.goto(`${job}/bench`);
    await page.getByRole("button", { name: "Begin" }).click();
    await workToTheEnd(page, job);
  });
