import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { demoJob, expect, jobOf, pasteInto, test, workAtBench } from "./fixtures.ts";

/** `paint`: only what a theme can change. `within`: a dialog alone; the view under it has a test of its own. */
const check = async (page: Page, paint = false, within: string | null = null): Promise<void> => {
  // What passes is not asked for: telling it takes most of the time.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ["violations"] });
  if (within !== null) axe.include(within);
  const { violations } = await (
    paint
      ? axe.withRules(["color-contrast"])
      : axe.withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"])
  ).analyze();
  expect(
    violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 3)
          .map((node) => node.html.slice(0, 140))
          .join(" | ")}`,
    ),
  ).toEqual([]);
};

const checkDialog = (page: Page): Promise<void> => check(page, false, "[role=dialog]");

const settled = (page: Page): Promise<void> =>
  page
    .getByRole("heading")
    .first()
    .or(page.getByRole("grid").first())
    .or(page.getByRole("listbox").first())
    .or(page.getByText("No work recorded yet"))
    .first()
    .waitFor();
/** Views that between them hold every part that a theme paints. */
const PAINTED = ["/", "/parts", "/shelf/terminals", "pinouts", "crosswalk", "proof", "bench"];
/** In the light theme everything is looked at, in the dark one what a theme can change. */
async function checkView(
  page: Page,
  path: string,
  ready: (page: Page) => Promise<void> = settled,
): Promise<void> {
  await page.goto(path);
  await ready(page);
  await check(page);
  if (!PAINTED.some((one) => path === one || path.endsWith(`/${one}`))) return;
  await page.getByRole("button", { name: "Light / dark" }).click();
  await check(page, true);
}

for (const path of ["/", "/parts", "/nowhere", "/shelf", "/shelf/terminals", "/shelf/words"]) {
  test(`${path} passes axe (WCAG 2.2 AA)`, async ({ page }) => checkView(page, path));
}
for (const view of ["brief", "pinouts", "faces", "crosswalk", "worklist", "proof", "bench", "ledger"]) {
  test(`the ${view} passes axe (WCAG 2.2 AA)`, async ({ page }) =>
    checkView(page, `${await demoJob(page, false)}/${view}`));
}
test("bench, worklist and ledger pass axe (WCAG 2.2 AA) in the middle of the work", async ({ page }) => {
  const decided = await demoJob(page);
  await workAtBench(page, decided, 12);
  await checkView(page, `${decided}/bench`);
  await checkView(page, `${decided}/worklist`);
  await checkView(page, `${decided}/ledger`, (shown) => shown.getByText("Ledger fingerprint").waitFor());
});

test("what opens over the pinouts passes axe", async ({ page }) => {
  await page.goto(`${await demoJob(page, false)}/pinouts`);
  await page.getByRole("grid").waitFor();
  for (const key of ["s", "l", "u", "w", "m"]) {
    await page.keyboard.press(key);
    await page.getByRole("dialog").waitFor();
    if (key === "w") await page.keyboard.insertText("blue with white stripe");
    await checkDialog(page);
    await page.keyboard.press("Escape");
    await page.getByRole("dialog").waitFor({ state: "hidden" });
  }
  await page.getByRole("button", { name: "Edit connector" }).click();
  await page.getByRole("dialog").waitFor();
  await checkDialog(page);
  for (const path of ["Choose from the Shelf", "Edit its shape"]) {
    await page.getByRole("button", { name: path }).click();
    await checkDialog(page);
    await page.getByRole("button", { name: "Back" }).click();
  }
  await page.keyboard.press("Escape");
  await page.getByRole("dialog").waitFor({ state: "hidden" });
  await page.keyboard.press("g");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.type("fuel");
  await page.getByRole("listbox", { name: "Functions" }).waitFor();
  await check(page);
  await page.keyboard.press("Escape");
  await pasteInto(
    page.getByLabel("Paste a table into B12"),
    "cavity\tcolour\tfunction\n15\tBR\thorn\n15\tXQ\tagain",
  );
  await page.getByRole("region", { name: "Lines read" }).waitFor();
  await check(page);
  await page.goto("/");
  await page.keyboard.press("n");
  await page.getByRole("dialog").waitFor();
  await checkDialog(page);
});

test("what opens over the crosswalk and the brief passes axe", async ({ page }) => {
  const job = await jobOf(page);
  await page.goto(`${job}/crosswalk`);
  await page.getByRole("listbox", { name: "Circuits" }).waitFor();
  await page.getByRole("option", { name: /Lift request switch/ }).click();
  for (const key of ["p", "i", "o", "+"]) {
    await page.keyboard.press(key);
    await page.getByRole("dialog").waitFor();
    await checkDialog(page);
    await page.keyboard.press("Escape");
    await page.getByRole("dialog").waitFor({ state: "hidden" });
  }
  for (const key of ["c", "y", "h", "Escape", "3"]) await page.keyboard.press(key);
  await check(page);
  await page.goto(`${job}/brief`);
  await page.getByRole("button", { name: "Pins…" }).first().click();
  await page.getByRole("dialog").waitFor();
  await checkDialog(page);
});
