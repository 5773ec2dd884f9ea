import { cell, demoJob, expect, test, typeInto } from "./fixtures.ts";

test.use({ expectNoise: [/Failed to load resource/] });

test("a change made elsewhere is shown, and the own one can be made on top", async ({ page, context }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/pinouts`);
  const other = await context.newPage();
  await other.goto(`${job}/pinouts`);
  await typeInto(other, cell(other, "Function", "4"), "Brake looked at");
  await expect(other.getByText(/^saved/)).toBeVisible();
  // Another cavity is stored as if nothing had happened, and shows what the other one did.
  await typeInto(page, cell(page, "Function", "5"), "My speed");
  await expect(page.getByText(/^saved/)).toBeVisible();
  await expect(cell(page, "Function", "4")).toHaveText("Brake looked at");
  await typeInto(other, cell(other, "Function", "8"), "Sender looked at");
  await expect(other.getByText(/^saved/)).toBeVisible();
  await typeInto(page, cell(page, "Function", "8"), "My sender");
  const banner = page.getByRole("alert");
  await expect(banner).toContainText("Changed elsewhere");
  await expect(banner).toContainText("B12: cavity 8 changed");
  await expect(cell(page, "Function", "8")).toHaveText("Sender looked at");
  await page.getByRole("button", { name: "Make my change on top" }).click();
  await expect(cell(page, "Function", "8")).toHaveText("My sender");
  await expect(cell(page, "Function", "5")).toHaveText("My speed");
  await expect(banner).toBeHidden();
});

test("with the server gone nothing is lost: the step waits and is recorded once", async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`${job}/bench`);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByText(/^Step 1 of/).first()).toBeVisible();
  await page.route("**/api/v1/**", (route) => route.abort());
  await page.keyboard.press("Space");
  await page.getByRole("button", { name: /^Done\?/ }).click();
  await expect(page.getByRole("alert")).toContainText("Not stored yet");
  await page.unroute("**/api/v1/**");
  await expect(page.getByText(/^Step 2 of/).first()).toBeVisible();
  const { entries } = (await (await page.request.get(`/api/v1${job}/ledger`)).json()) as {
    entries: unknown[];
  };
  expect(entries).toHaveLength(3);
});

test("with the server gone several edits wait, and all are stored when it is back", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/pinouts`);
  await expect(cell(page, "Function", "3")).toBeVisible();
  await page.route("**/api/v1/**", (route) => route.abort());
  for (const [cavity, note] of [
    ["3", "First horn"],
    ["4", "Second horn"],
  ] as const) {
    await typeInto(page, cell(page, "Function", cavity), note);
  }
  await expect(page.getByRole("alert")).toContainText("2 changes are waiting");
  await page.unroute("**/api/v1/**");
  await expect(page.getByRole("alert")).toBeHidden();
  await expect(page.getByText(/^saved/)).toBeVisible();
  await page.reload();
  await expect(cell(page, "Function", "3")).toHaveText("First horn");
  await expect(cell(page, "Function", "4")).toHaveText("Second horn");
});

test("a job that is not here says so", async ({ page }) => {
  await page.goto("/jobs/11111111-1111-4111-8111-111111111111/pinouts");
  await expect(page.getByRole("heading", { name: "This job is not here" })).toBeVisible();
});

test("pages wait for a server that is away and come by themselves when it is back", async ({ page }) => {
  const away = {
    status: 503,
    contentType: "application/problem+json",
    body: JSON.stringify({
      type: "about:blank",
      title: "Not available",
      status: 503,
      code: "database-unreachable",
      detail: "The database does not answer.",
    }),
  };
  const job = await demoJob(page, false);
  await page.route("**/api/v1/**", (route) => route.fulfill(away));
  await page.goto("/");
  await expect(page.getByRole("alert")).toContainText("The list comes as soon as it answers.");
  await page.unroute("**/api/v1/**");
  await expect(page.getByRole("link", { name: "Levelling controller" }).first()).toBeVisible();
  await page.route("**/api/v1/**", (route) => route.fulfill(away));
  await page.goto(`${job}/pinouts`);
  await expect(page.getByRole("heading", { name: "Waiting for the server" })).toBeVisible();
  await page.unroute("**/api/v1/**");
  await expect(cell(page, "Function", "4")).toBeVisible();
  // Leaving with something not stored asks first.
  await page.route("**/api/v1/**", (route) => route.fulfill(away));
  await typeInto(page, cell(page, "Function", "4"), "Not yet stored");
  await expect(page.getByRole("alert")).toContainText("Trevin keeps trying.");
  page.once("dialog", (dialog) => void dialog.dismiss());
  await page.getByRole("link", { name: "Trevin, all jobs" }).click();
  await expect(page).toHaveURL(/pinouts/);
  await page.unroute("**/api/v1/**");
  await expect(page.getByText(/^saved/)).toBeVisible();
});

test("a bad job file is refused with where and why", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("link", { name: "Levelling controller" }).first()).toBeVisible();
  await page.getByLabel("Job file").setInputFiles({
    name: "bad.json",
    mimeType: "application/json",
    buffer: Buffer.from('{"format":"trevin-job","version":7}'),
  });
  await expect(page.getByRole("alert")).toContainText("format version 7");
  await page.getByLabel("Job file").setInputFiles({
    name: "cut.json",
    mimeType: "application/json",
    buffer: Buffer.from('{"format":"trevin-job","ver'),
  });
  await expect(page.getByRole("alert")).toContainText("not complete JSON");
});
