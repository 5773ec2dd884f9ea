import { cell, demoJob, expect, test, typeInto, workAtBench } from "./fixtures.ts";

test("any command is found by typing a few letters, and the shortcuts of a view are listed", async ({
  page,
}) => {
  const job = await demoJob(page);
  await page.goto(`${job}/pinouts`);
  await page.getByRole("grid").waitFor();
  await page.keyboard.press("Control+k");
  await expect(page.getByRole("combobox", { name: "Type what you want" })).toBeFocused();
  await page.keyboard.type("go work");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/worklist/);
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog")).toContainText("Print the worklist");
});

test("jobs are archived and brought back", async ({ page }) => {
  await page.goto("/");
  await page
    .getByRole("button", { name: /New job/ })
    .first()
    .click();
  await page.getByLabel("Job name").fill("To be archived");
  await page.getByLabel("Nominal voltage, V").fill("400");
  await page.getByRole("button", { name: "Create the job" }).click();
  await expect(page.getByRole("alert")).toContainText("a number from 1 to 60");
  await page.getByLabel("Nominal voltage, V").fill("24");
  await page.getByRole("button", { name: "Create the job" }).click();
  await expect(page.getByRole("heading", { name: "Start with two connectors" })).toBeVisible();
  await page.goto("/");
  await page.getByRole("button", { name: "archive To be archived" }).first().click();
  await expect(page.getByRole("link", { name: "To be archived" })).toHaveCount(0);
  await page.getByRole("button", { name: /show \d+ archived/ }).click();
  await page.getByRole("button", { name: "bring back To be archived" }).first().click();
  await expect(page.getByRole("button", { name: "archive To be archived" }).first()).toBeVisible();
});

test("a connector's rows give its face, and nothing is claimed while they are not known", async ({
  page,
}) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/pinouts`);
  await page.getByRole("button", { name: "Edit connector" }).click();
  await page.getByLabel("or enter its rows").fill("six");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("alert")).toContainText("for example 6 + 8");
  await page.getByLabel("or enter its rows").fill("");
  await page.getByRole("button", { name: "Not known" }).click();
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("Housing not known")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("top row, right end", { exact: true })).toBeVisible();
});

test("after work has begun the pin table takes corrections as found, and cavities are fixed", async ({
  page,
}) => {
  const job = await demoJob(page);
  await workAtBench(page, job, 2);
  await page.goto(`${job}/pinouts`);
  await expect(page.getByText("Work on the car has started")).toBeVisible();
  await expect(cell(page, "Label", "a new cavity")).toHaveCount(0);
  await typeInto(page, cell(page, "Colour code", "8"), "L");
  await expect(page.getByText(/^saved/)).toBeVisible();
  await page.goto(`${job}/ledger`);
  await expect(page.getByRole("row", { name: /Found at B12\.8: colour L/ })).toBeVisible();
  await page.getByRole("tab", { name: /As built/ }).click();
  await expect(page.getByRole("row", { name: /^8 .*Level sender, right/ })).toContainText("L");
});

test("the worklist shows what is done and what it takes, and goes to paper without its buttons", async ({
  page,
}) => {
  const job = await demoJob(page);
  await workAtBench(page, job, 3);
  await page.goto(`${job}/worklist`);
  await expect(page.getByRole("img", { name: "done" })).toHaveCount(3);
  await expect(
    page.getByText("the plan was replayed from the start and does what you decided"),
  ).toBeVisible();
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
  await expect(page.getByText(/Plan [0-9a-f]{12}\./)).toBeVisible();
});

test("ways of working stand side by side with their kit, and one is chosen for the whole job", async ({
  page,
}) => {
  const job = await demoJob(page);
  await page.goto(`${job}/worklist`);
  const ways = page.getByRole("table").filter({ hasText: "de-pin" });
  await expect(ways.getByRole("row", { name: /^joints/ })).toHaveText(/2\s*0\s*12\s*0/);
  await expect(page.getByText("butt splice, 3.5 mm² together")).toBeVisible();
  await ways.getByRole("button", { name: "Do all by de-pin" }).click();
  await expect(ways.getByRole("row", { name: /^cuts/ })).toHaveText(/0\s*0\s*12\s*0/);
  await expect(page.getByText(/^butt splice/)).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(ways.getByRole("row", { name: /^joints/ })).toHaveText(/2\s*0\s*12\s*0/);
});
