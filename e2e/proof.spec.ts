import { readFileSync } from "node:fs";
import { demoJob, expect, jobOf, test } from "./fixtures.ts";

test("12 V on a 5 V input is seen before power, where it stands, and at its decision", async ({ page }) => {
  await page.goto(`${await jobOf(page)}/proof`);
  await expect(page.getByRole("heading", { name: "Not safe to power" })).toBeVisible();
  await expect(page.getByRole("link", { name: /Proof/ })).toContainText("1 not safe");
  await page.getByText("STOP 12.6 V on a 5 V wire").click();
  const row = page.getByRole("row", { name: /Lift request/ });
  await expect(row).toHaveAttribute("aria-selected", "true");
  await expect(row).toContainText("too high");
  await page.getByRole("link", { name: "To its decision" }).click();
  await expect(page).toHaveURL(/crosswalk\?pin=/);
});

test("the key and the switches are turned, and the voltages follow", async ({ page }) => {
  await page.goto(`${await demoJob(page)}/proof`);
  await expect(page.getByRole("heading", { name: /Safe to power/ })).toBeVisible();
  const supply = page.getByRole("row", { name: /Supply, switched/ });
  await supply.click();
  const now = supply.getByRole("cell").nth(8);
  await page.getByRole("radio", { name: "Off" }).check({ force: true });
  await expect(now).toHaveText("0");
  await page.getByRole("radio", { name: "Run" }).check({ force: true });
  await expect(now).toHaveText(/^1[12]\.\d$/);
  const output = page.getByRole("switch").first();
  await output.click();
  await expect(output).toHaveAttribute("aria-checked", "true");
});

test("every face shows what is live with the key at run", async ({ page }) => {
  const job = await jobOf(page);
  await page.goto(`${job}/pinouts`);
  const at = page.getByRole("combobox", { name: "Live now" });
  await at.click();
  await page.getByRole("option", { name: "Key at run" }).click();
  await expect(page.getByText("When all is done, all switches on")).toBeVisible();
  await expect(page.getByRole("button", { name: /Lift request switch.*, live$/ })).toBeVisible();
  await page.getByRole("link", { name: /^Large/ }).click();
  await expect(page.getByRole("button", { name: /Lift request switch.*, live$/ })).toBeVisible();
  // A list that the page still moves under is closed again: it is opened once more.
  await expect(async () => {
    await page.getByRole("combobox", { name: "Live now" }).click();
    await page.getByRole("option", { name: "Not shown" }).click({ timeout: 3000 });
  }).toPass();
  await expect(page.getByRole("button", { name: /, live$/ })).toHaveCount(0);
});

test("a new user finds out why a lamp stays dark: the diode is turned", async ({ page }) => {
  const scene = JSON.parse(
    readFileSync(new URL("../packages/core/src/testing/scenes/03-two-sources.json", import.meta.url), "utf8"),
  ) as object;
  const ref = (connector: string, cavity: string): object => ({ connector, cavity });
  const merge = (band: string): object => ({
    kind: "merge",
    vehicle: [ref("TV", "1"), ref("TB", "1")],
    incoming: ref("LB", "1"),
    device: { kind: "diodes", band },
  });
  await page.goto(`${await jobOf(page, { ...scene, decisions: [merge("vehicle")] })}/proof`);
  await expect(
    page.getByText("the diode in front of it blocks; turned round, it would work").first(),
  ).toBeVisible();
  await expect(page.getByText("blocks", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Try cures" }).first().click();
  const cure = page.getByRole("button", { name: /through a diode in each wire.* towards the incoming part/ });
  await cure.first().click();
  await expect(page.getByRole("button", { name: "Try cures" })).toHaveCount(0);
  await expect(page.getByRole("heading", { name: "Nothing found" })).toBeVisible();
  const brief = [{ kind: "function", text: "Left turn lamp" }];
  await page.goto(`${await jobOf(page, { ...scene, brief, decisions: [merge("incoming")] })}/proof`);
  await expect(page.getByRole("row", { name: /Left turn lamp/ })).toContainText("works");
  await expect(page.getByRole("heading", { name: "Asked for: 1 of 1 work" })).toBeVisible();
});

test("two wires in each other's cavity, the job joined by colour, and the current against the fuse", async ({
  page,
}) => {
  await page.goto(`${await demoJob(page)}/proof`);
  await page.getByRole("row", { name: /Supply, switched/ }).click();
  await page.getByRole("combobox", { name: "Swapped with" }).click();
  await page.getByRole("option").first().click();
  await expect(page.getByText(/Nothing in this circuit fares otherwise|now\.|then\./).first()).toBeVisible();
  const byColour = page.getByRole("button", { name: "the whole job were joined by colour" });
  await byColour.click();
  await expect(byColour).toHaveAttribute("aria-pressed", "true");
  await expect(page.locator(".outcome b")).toHaveText(/^(Not safe|Safe) to power/);
  await page.getByRole("button", { name: "Current against fuse" }).click();
  const chart = page.getByRole("img", { name: /^Current with everything on: battery \d/ });
  await expect(chart.getByText(/^Run \d/).first()).toBeVisible();
});
