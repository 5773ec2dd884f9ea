import { demoJob, expect, test } from "./fixtures.ts";

test("the technician's own steps, parts, order and evenings stand in the list, and the second opinion says what an order breaks", async ({
  page,
}) => {
  const job = await demoJob(page);
  await page.goto(`${job}/worklist`);
  const list = page.getByRole("listitem");
  await expect(list.filter({ hasText: "Battery off" })).toBeVisible();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("n");
  await page.getByLabel("Decision").fill("Clean the ground point to bare metal");
  await page.getByRole("button", { name: "Add step", exact: true }).click();
  await expect(list.filter({ hasText: "Clean the ground point" })).toContainText(/^\s*3\s*Do/);
  await page.getByRole("button", { name: "add a part…" }).click();
  await page.getByLabel("Part", { exact: true }).fill("left sill trim");
  await page.getByLabel("Fasteners").fill("4 clips");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(list.filter({ hasText: "left sill trim, 4 clips" })).toHaveCount(3);

  // A cut before its plug is apart is refused by the rules, in words, and one button mends it.
  await list
    .filter({ hasText: /black.*100 mm behind B12/ })
    .getByRole("button")
    .click();
  for (let i = 0; i < 5; i++) await page.keyboard.press("Shift+ArrowUp");
  await expect(page.getByText(/This sequence fails: step \d+ \(cut black\)/)).toBeVisible();
  await expect(page.getByRole("button", { name: /Start at the bench|Continue at the bench/ })).toBeDisabled();
  await page.getByRole("button", { name: "Restore the planned order" }).click();
  await expect(page.getByText(/This sequence fails/)).toBeHidden();
  await page.getByRole("button", { name: "Split" }).click();
  await expect(page.getByText("session ends here").first()).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("session ends here")).toHaveCount(0);
  await page.reload();
  await expect(list.filter({ hasText: "Clean the ground point" })).toHaveCount(1);
});

test("the kit is ticked and says what can be done today", async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`${job}/worklist`);
  await expect(page.getByText(/0 of \d+ circuits can be done/)).toBeVisible();
  for (const kind of ["Tools", "Used up"]) {
    const all = page.getByRole("heading", { name: new RegExp(`^${kind}`) }).getByRole("button");
    await all.click();
    // What is ticked moves the list: the next one is clicked when it stands still.
    await expect(all).toHaveText("untick all");
  }
  await expect(page.getByText(/waits for butt splice/).first()).toBeVisible();
  await page
    .getByRole("heading", { name: /^Parts/ })
    .getByRole("button", { name: "tick all" })
    .click();
  await expect(page.getByText("All the work can be done with the ticked items.")).toBeVisible();
});

test("somebody else's instructions are held against the plan, and what it lacks is put in", async ({
  page,
}) => {
  const job = await demoJob(page);
  await page.goto(`${job}/worklist`);
  await page.getByRole("button", { name: "Instructions…" }).click();
  await page.getByLabel("Source").fill("sheet of the kit");
  await page
    .getByLabel("Paste the numbered steps")
    .fill("1. Disconnect the battery\n2. Unplug B12\n3. Paint the bracket black");
  await expect(page.getByRole("row", { name: /Unplug B12/ })).toContainText("Unplug B12, body, left sill");
  await expect(page.getByText(/steps of the plan are missing there/)).toBeVisible();
  await page.getByLabel("How line 3 is done differently").fill("grey instead");
  await page.getByRole("button", { name: "Add 1" }).click();
  await expect(
    page.getByRole("listitem").filter({ hasText: "Paint the bracket black (done otherwise: grey instead)" }),
  ).toContainText("sheet of the kit, step 3");
});

test("flags carry a code that opens the circuit, and an adapter comes out as its own cut list", async ({
  page,
}) => {
  const job = await demoJob(page);
  await page.addInitScript(() => {
    window.print = () => undefined;
  });
  await page.goto(`${job}/worklist`);
  await page.getByRole("button", { name: "Flags" }).click();
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("img", { name: "Code that opens B12.7" })).toBeVisible();
  await page.emulateMedia({ media: "screen" });
  await page.goto(`${job}/crosswalk?pin=B12.7`);
  await expect(page.getByRole("heading", { name: /Level sender, left/ }).first()).toBeVisible();
  await page.goto(`${job}/worklist`);
  await page.getByRole("button", { name: "Do all by adapter" }).click();
  await expect(page.getByRole("heading", { name: "Adapter loom", exact: true })).toBeVisible();
  await expect(page.getByRole("img", { name: /Drawing of the adapter loom/ })).toBeVisible();
  await expect(page.getByText(/Last change to the plan:/)).toBeVisible();
  await expect(page.getByText(/Neither loom is cut/)).toBeVisible();
  await expect(
    page.getByText("the plan was replayed from the start and does what you decided"),
  ).toBeVisible();
});

test("two wires of one plug change places, and a splice is tested in the middle", async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`${job}/crosswalk?pin=B12.9`);
  await expect(page.getByRole("heading", { name: /^\s*9/ })).toBeVisible();
  await page.keyboard.press("e");
  await page.getByRole("dialog", { name: "Move the wire of B12.9 to…" }).getByRole("combobox").fill("B12.10");
  await page.keyboard.press("Enter");
  // Both are joined already: that is said, and asked.
  await expect(page.getByRole("alertdialog")).toContainText("B12.9");
  await page.getByRole("button", { name: "Instead", exact: true }).click();
  await expect(page.getByText("to B12.10")).toBeVisible();
  await page.goto(`${job}/crosswalk?pin=B12.1`);
  await expect(page.getByRole("row", { name: /^joints/ })).toHaveText(/0\s*1\s*0/);
  await page.getByRole("button", { name: "All acts…" }).click();
  await page.getByRole("button", { name: /^Find the live half/ }).click();
  await expect(page.getByRole("button", { name: "No live test" })).toBeVisible();
  await page.goto(`${job}/worklist`);
  await expect(page.getByText(/^Exchange: /)).toBeVisible();
  await expect(
    page.getByRole("listitem").filter({ hasText: "which half carries the supply?" }),
  ).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "until its place is free" })).toBeVisible();
  await expect(page.getByText("the plan was replayed from the start")).toBeVisible();
});

test("a wire is led through the part in series, another one leaves the loom, and joints are soldered for the job or one by one", async ({
  page,
}) => {
  const job = await demoJob(page);
  await page.goto(`${job}/crosswalk?pin=B12.7`);
  await expect(page.getByRole("heading", { name: /^\s*7/ })).toBeVisible();
  await page.keyboard.press("q");
  const dialog = page.getByRole("dialog", { name: "Lead B12.7 through the part" });
  await dialog.getByRole("combobox").fill("level sender, left");
  await page.keyboard.press("Enter");
  await dialog.getByRole("combobox").fill("level sender, right");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Instead", exact: true }).click();
  await expect(page.getByText("in series", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: /^Splice instead/ }).click();
  await expect(page.getByRole("button", { name: /^Move instead/ })).toBeVisible();
  await page.goto(`${job}/crosswalk?pin=B12.3`);
  await page.getByRole("button", { name: "All acts…" }).click();
  await page.getByRole("button", { name: /^Remove from loom/ }).click();
  await expect(page.getByText("out of the loom", { exact: true })).toBeVisible();
  // The other sender has lost its partner to the series.
  await page.goto(`${job}/crosswalk?pin=B12.8`);
  await page.getByRole("button", { name: /^Leave/ }).click();
  await page.goto(`${job}/worklist`);
  await expect(page.getByText("where it leaves the branch", { exact: false })).toBeVisible();
  await page
    .getByRole("group", { name: "Joints" })
    .getByRole("button", { name: "solder", exact: true })
    .click();
  const spliced = page.getByRole("listitem").filter({ hasText: "soldered" });
  await expect(spliced).toHaveCount(4);
  await spliced.first().click();
  await page
    .getByRole("group", { name: "This joint" })
    .getByRole("button", { name: "crimp", exact: true })
    .click();
  await expect(spliced).toHaveCount(3);
  await expect(page.getByText("Sample of this crimp pull-tested")).toBeVisible();
  await expect(page.getByText("the plan was replayed from the start")).toBeVisible();
});
