import { demoJob, expect, pasteInto, test } from "./fixtures.ts";

test("a table is typed like in a spreadsheet: Enter, Tab, arrows, ditto, next label", async ({ page }) => {
  const answer = await page.request.post("/api/v1/jobs", { data: { name: "Typed", kind: "cluster-swap", vehicle: "", incoming: "", nominalVolts: 12, method: "move" } });
  const { id } = (await answer.json()) as { id: string };
  await page.request.put(`/api/v1/jobs/${id}/connectors/c1`, { headers: { "If-Match": '"1"' }, data: { name: "H", side: "vehicle", place: "", colourSystem: "iec", leads: "loom", sealed: false, layout: null } });
  await page.goto(`/jobs/${id}/pinouts`);
  const next = page.getByLabel("Label of a new cavity");
  await next.focus();
  for (const [label, colour, name, size] of [["G", "BK", "Ground", "2"], ["", "BK/WH", "Horn", "18 AWG"], ["", "", "empty", ""]] as const) {
    await page.keyboard.insertText(label);
    await page.keyboard.press("Tab");
    await page.keyboard.insertText(colour);
    await page.keyboard.press("Tab");
    await page.keyboard.insertText(name);
    await page.keyboard.press("Tab");
    await page.keyboard.press("Tab");
    await page.keyboard.insertText(size);
    await page.keyboard.press("Enter");
    await expect(next).toBeFocused();
    await expect(next).toHaveValue("");
  }
  // H follows G, J follows H: the letter I is left out.
  await expect(page.getByLabel("Function of H")).toHaveValue("Horn");
  await expect(page.getByLabel("Size of H in mm²")).toHaveValue("0.82");
  await expect(page.getByLabel("Function of J")).toHaveValue("empty");
  await expect(page.getByLabel("Signal class of G")).toHaveValue("ground");
  await expect(page.getByRole("img", { name: "wire, black, white stripe" })).toBeVisible();
  await page.getByLabel("Signal class of H").focus();
  await page.keyboard.press("Tab");
  await page.keyboard.press("'");
  await expect(page.getByLabel("Size of H in mm²")).toHaveValue("2");
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("ArrowUp");
  await expect(page.getByLabel("Size of G in mm²")).toBeFocused();
  await page.keyboard.press("Control+z");
  await expect(page.getByLabel("Size of H in mm²")).toHaveValue("0.82");
  await page.keyboard.press("Control+y");
  await expect(page.getByLabel("Size of H in mm²")).toHaveValue("2");
  // What cannot be read is kept and explained; Esc puts the old value back.
  await page.keyboard.insertText("thick");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert")).toContainText("“thick” is neither mm² nor AWG");
  await expect(page.getByLabel("Size of G in mm²")).toHaveValue("thick");
  await page.keyboard.press("Escape");
  await expect(page.getByLabel("Size of G in mm²")).toHaveValue("2");
});

test("a pasted table is previewed, bad lines first, and nothing enters without a yes", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/pinouts`);
  await page.getByLabel("Paste a table into B12").fill("cavity\tfunction\tcolour\tsize\n15\tHorn\tB/W\t0.5\n\tno label\tB\t1\n15\tagain\tZZZ\t1\n16\t=1+1\tR\tx");
  await page.keyboard.press("Control+Enter");
  await expect(page.getByText("4 lines read, 2 understood, 2 cannot go in, 1 to look at")).toBeVisible();
  const rows = page.getByRole("region", { name: "Lines read" }).getByRole("row");
  await expect(rows.nth(1)).toContainText("not put in: no cavity");
  await expect(rows.nth(2)).toContainText("cavity 15 stands on line 2 already");
  await expect(page.getByRole("tab", { name: /B12.*14 of 14/ })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("region", { name: "Lines read" })).toBeHidden();
  await page.getByLabel("Paste a table into B12").fill("1\u0000\u0001\u0002PK");
  await page.getByRole("button", { name: "Read these lines" }).click();
  await expect(page.getByRole("alert")).toContainText("Line 1 holds characters that no text has");
  const box = page.getByLabel("Paste a table into B12");
  await box.fill("");
  await pasteInto(box, Array.from({ length: 5000 }, (_, i) => `${i + 1}\tHorn\tB`).join("\n"));
  await expect(page.getByRole("alert")).toContainText("5000 lines are more than the 600 that one connector takes");
  await box.fill("");
  await pasteInto(box, "15\tHorn\tB/W\t0.5\n16\tWiper\tG/R\t0.5\n\tno label\tG\t1");
  await page.getByRole("button", { name: /Put in 2/ }).click();
  await expect(page.getByLabel("Function of 16")).toHaveValue("Wiper");
  // The line that could not go in is still there, to be mended.
  await expect(page.getByLabel("Paste a table into B12")).toHaveValue("\tno label\tG\t1");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByLabel("Function of 16")).toHaveCount(0);
});

test("the face turns over with one key and names its view", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/pinouts`);
  await expect(page.getByText("top row, right end", { exact: true })).toBeVisible();
  await page.keyboard.press("v");
  await expect(page.getByRole("group", { name: "B12, mating face, lock up" })).toBeVisible();
  await expect(page.getByText("top row, left end", { exact: true })).toBeVisible();
});
