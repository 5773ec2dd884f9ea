import { cell, demoJob, expect, pasteInto, putIn, test, typeInto } from "./fixtures.ts";
import type { Page } from "@playwright/test";

/** A job with one connector that has no cavities yet. */
async function blankJob(page: Page, colourSystem = "iec"): Promise<string> {
  const answer = await page.request.post("/api/v1/jobs", {
    data: {
      name: "Typed",
      kind: "cluster-swap",
      vehicle: "",
      incoming: "",
      nominalVolts: 12,
      method: "move",
    },
  });
  const { id } = (await answer.json()) as { id: string };
  await page.request.put(`/api/v1/jobs/${id}/connectors/c1`, {
    headers: { "If-Match": '"1"' },
    data: { name: "H", side: "vehicle", place: "", colourSystem, leads: "loom", sealed: false },
  });
  return `/jobs/${id}`;
}
const grid = (page: Page) => page.getByRole("grid", { name: "Pins of H" });

test("a table is typed like in a spreadsheet: Enter, Tab, arrows, ditto, next label, undo", async ({
  page,
}) => {
  await page.goto(`${await blankJob(page)}/pinouts`);
  await grid(page).focus();
  for (const [label, colour, name, size] of [
    ["G", "BK", "Ground", "2"],
    ["", "BK/WH", "Horn", "18 AWG"],
    ["", "", "empty", ""],
  ] as const) {
    for (const text of [label, colour, name, ""]) {
      await page.keyboard.type(text);
      await page.keyboard.press("Tab");
    }
    await page.keyboard.type(size);
    await page.keyboard.press("Enter");
    await expect(cell(page, "Label", "a new cavity")).toHaveAttribute("aria-selected", "true");
  }
  // H follows G, J follows H: the letter I is left out.
  await expect(cell(page, "Function", "H")).toHaveText("Horn");
  await expect(cell(page, "Size in mm²", "H")).toHaveText("0.82");
  await expect(cell(page, "Function", "J")).toHaveText("empty");
  await expect(cell(page, "Signal class", "G")).toHaveText("ground");
  await expect(page.getByRole("img", { name: "wire, black, white stripe" })).toBeVisible();
  await cell(page, "Size in mm²", "H").click();
  await page.keyboard.press("'");
  await expect(cell(page, "Size in mm²", "H")).toHaveText("2");
  await page.keyboard.press("Control+z");
  await expect(cell(page, "Size in mm²", "H")).toHaveText("0.82");
  await page.keyboard.press("Control+y");
  await expect(cell(page, "Size in mm²", "H")).toHaveText("2");
  // What cannot be read is kept and explained; Esc puts the old value back.
  await typeInto(page, cell(page, "Size in mm²", "G"), "thick");
  await expect(page.getByRole("alert")).toContainText("“thick” is neither mm² nor AWG");
  await expect(page.getByRole("combobox", { name: "Size in mm² of G" })).toHaveValue("thick");
  await page.keyboard.press("Escape");
  await expect(cell(page, "Size in mm²", "G")).toHaveText("2");
});

test("ranges are copied, pasted, filled, counted on and cleared, each as one step of undo", async ({
  page,
  context,
}) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await page.goto(`${await blankJob(page)}/pinouts`);
  await pasteInto(
    page.getByLabel("Paste a table into H"),
    Array.from({ length: 6 }, (_, i) => `${i + 1}\tBK\tHorn ${i + 1}\t${i === 0 ? "1401" : ""}`).join("\n"),
  );
  await putIn(page, 6);
  await cell(page, "Function", "1").click();
  await page.keyboard.press("Shift+ArrowDown");
  await page.keyboard.press("Control+c");
  await cell(page, "Function", "3").click();
  await page.keyboard.press("Control+v");
  await expect(cell(page, "Function", "4")).toHaveText("Horn 2");
  await cell(page, "Colour code", "1").click();
  await page.keyboard.type("RD/WH");
  await page.keyboard.press("Enter");
  await cell(page, "Colour code", "1").click();
  await cell(page, "Colour code", "6").click({ modifiers: ["Shift"] });
  await page.keyboard.press("Control+d");
  await expect(cell(page, "Colour code", "6")).toHaveText("RD/WH");
  await expect(page.getByText("twin")).toHaveCount(6);
  await page.getByRole("button", { name: "Columns" }).click();
  await page.getByLabel("circuit").check();
  await page.getByRole("button", { name: "Columns" }).click();
  await typeInto(page, cell(page, "Circuit number", "1"), "1401");
  await cell(page, "Circuit number", "1").click();
  await page.keyboard.press("Control+Shift+ArrowDown");
  await page.keyboard.press("Control+Shift+D");
  await expect(cell(page, "Circuit number", "6")).toHaveText("1406");
  await page.keyboard.press("Delete");
  await expect(cell(page, "Circuit number", "6")).toHaveText("");
  await page.keyboard.press("Control+z");
  await expect(cell(page, "Circuit number", "6")).toHaveText("1406");
  await page.keyboard.press("Space");
  await expect(page.getByText("6 of 6 identified")).toBeVisible();
});

test("functions are offered while typing, with their signal; own words are learned", async ({ page }) => {
  const job = await blankJob(page);
  await page.goto(`${job}/pinouts`);
  await pasteInto(page.getByLabel("Paste a table into H"), "1\tBK\n2\tRD\n3\tGN\n4\tBU");
  // A table without functions is asked for once.
  await putIn(page, 4);
  await expect(page.getByRole("alert")).toContainText("No column holds functions");
  await page.getByRole("button", { name: "Add 4 pins without functions" }).click();
  await cell(page, "Function", "1").click();
  await page.keyboard.type("fuel lev");
  await expect(page.getByRole("option", { name: /^fuel level/ })).toBeVisible();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Enter");
  await expect(cell(page, "Function", "1")).toHaveText("fuel level");
  await expect(cell(page, "Signal class", "1")).toHaveText("resistive-sensor");
  // The user's own words, with what they mean: another text from now on known.
  await page.keyboard.type("tank clock thing fuel level");
  await expect(page.getByRole("option").first()).toBeVisible();
  await page.keyboard.press("Alt+Enter");
  await expect(cell(page, "Function", "2")).toHaveText("tank clock thing fuel level");
  await typeInto(page, cell(page, "Function", "3"), "quorb");
  await typeInto(page, cell(page, "Signal class", "3"), "lin");
  await expect(page.getByText(/^saved/)).toBeVisible();
  await typeInto(page, cell(page, "Function", "4"), "quorb");
  await expect(cell(page, "Signal class", "4")).toHaveText("lin");
  const { words } = (await (await page.request.get("/api/v1/shelf")).json()) as {
    words: { text: string; signal: string }[];
  };
  expect(words).toContainEqual(expect.objectContaining({ text: "quorb", signal: "lin" }));
});

test("a misread label is taught with its like ones, for every job of the shop, and removed from the Shelf", async ({
  page,
}) => {
  const job = await blankJob(page);
  await page.goto(`${job}/pinouts`);
  await pasteInto(
    page.getByLabel("Paste a table into H"),
    "1\tBK\tFrobnitz LH 2\n2\tRD\tFrobnitz RH 1\n3\tGN\tHorn\n",
  );
  await page.getByRole("button", { name: "least understood first" }).click();
  await expect(page.getByRole("button", { name: "back to what needs a look" })).toBeVisible();
  await expect(page.getByTitle("not understood").first()).toHaveText("Frobnitz");
  await putIn(page, 3);
  await cell(page, "Function", "1").click();
  await expect(page.getByText("not understood: frobnitz")).toBeVisible();
  await page.keyboard.press("Alt+M");
  const dialog = page.getByRole("dialog", { name: /What does “Frobnitz LH 2” mean/ });
  await expect(dialog.getByText("Also with another side, end or number: Frobnitz RH 1")).toBeVisible();
  await dialog.getByText("What else it says").click();
  await dialog.getByRole("combobox", { name: "Part at its end" }).click();
  await page.getByRole("option", { name: "relay", exact: true }).click();
  await dialog.getByRole("combobox", { name: "It serves" }).fill("radiator f");
  await page.keyboard.press("Enter");
  await page.keyboard.press("Enter");
  await expect(dialog).toBeHidden();
  await expect(page.getByText("radiator fan · left number 2").first()).toBeVisible();
  for (const cavity of ["1", "2"])
    await expect(cell(page, "Signal class", cavity)).toHaveText("switched-ground");
  await expect(page.getByText(/^saved/)).toBeVisible();
  await page.goto("/shelf/words");
  await expect(page.getByRole("row", { name: /Frobnitz LH 2 radiator fan.* relay yes/ })).toBeVisible();
  await page.getByRole("button", { name: "remove Frobnitz LH 2" }).click();
  await expect(page.getByText("Frobnitz LH 2 was removed from the Shelf.")).toBeVisible();
  await page.getByRole("button", { name: "Restore" }).click();
  await expect(page.getByRole("row", { name: /Frobnitz LH 2/ })).toBeVisible();
  await page.getByRole("button", { name: "remove Frobnitz LH 2" }).click();
});

test("rows are found, filtered and sorted; the wire finder leads to a pin", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/pinouts`);
  await page.getByRole("grid").waitFor();
  await page.keyboard.press("Control+f");
  await page.keyboard.type("level");
  await expect(page.getByRole("status").filter({ hasText: "3 of 14" })).toBeVisible();
  await page.keyboard.press("Escape");
  await page.getByRole("combobox", { name: "Show" }).click();
  await page.getByRole("option", { name: "doubtful" }).click();
  await expect(page.getByText("1 of 14", { exact: true })).toBeVisible();
  await expect(cell(page, "Function", "5")).toHaveText("Road speed");
  await page.getByRole("combobox", { name: "Show" }).click();
  await page.getByRole("option", { name: "all cavities" }).click();
  await page.getByRole("columnheader", { name: "function" }).getByRole("button").click();
  await expect(page.getByRole("columnheader", { name: "function" })).toHaveAttribute(
    "aria-sort",
    "ascending",
  );
  await expect(page.getByRole("row").nth(1)).toContainText("Accessory");
  await page.keyboard.press("w");
  await page.keyboard.insertText("blue with");
  // The hand may be slow: once the dialog has settled, its field still has the keys.
  await page.waitForTimeout(600);
  await expect(page.getByLabel("Colour as you see it or as the diagram writes it")).toBeFocused();
  await page.keyboard.type(" white stripe");
  await expect(page.getByRole("region", { name: "blue, white stripe" }).getByRole("button")).toHaveCount(3);
  await page.getByRole("button", { name: /AL-P E .*Level sender, right/ }).click();
  await expect(page.getByRole("tab", { name: /AL-P/ })).toHaveAttribute("aria-selected", "true");
  await expect(page.getByText("top row, 4th from the left", { exact: true })).toBeVisible();
});

test("a code that can be read in two ways is marked, and settled by looking", async ({ page }) => {
  await page.goto(`${await blankJob(page, "japanese")}/pinouts`);
  await pasteInto(page.getByLabel("Paste a table into H"), "1\tBR\tpark brake\n2\tLW\thorn\n3\tG\tfan relay");
  await expect(page.getByText("“BR” could also be black, red stripe")).toBeVisible();
  await putIn(page, 3);
  await expect(page.getByText("one colour or two?").first()).toBeVisible();
  await cell(page, "Function", "1").click();
  await page.keyboard.press("Alt+2");
  await expect(cell(page, "Colour code", "1")).toHaveText("B/R");
  await expect(page.getByText("read off the part").first()).toBeVisible();
  await expect(page.getByRole("region", { name: "One colour or two?" })).toHaveCount(0);
});

test("sources: a doubtful source is raised as a whole, and a second one is put beside what contradicts it", async ({
  page,
}) => {
  await page.goto(`${await blankJob(page)}/pinouts`);
  await grid(page).waitFor();
  await page.keyboard.press("s");
  await page.getByLabel("Title").fill("Diagram 41");
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await expect(page.getByRole("cell", { name: /Diagram 41/ })).toBeVisible();
  await page.keyboard.press("Escape");
  const choose = async (label: string, option: string): Promise<void> => {
    await page.getByRole("combobox", { name: label }).click();
    await page.getByRole("option", { name: option, exact: true }).click();
  };
  await pasteInto(page.getByLabel("Paste a table into H"), "1\tBK\tGround\n2\tRD\tHorn");
  await choose("Source of the table", "Diagram 41");
  await putIn(page, 2);
  await expect(page.getByText("Diagram 41", { exact: true }).first()).toBeVisible();
  await expect(page.getByRole("row").filter({ hasText: "Horn" })).toContainText("check");
  await page.keyboard.press("Alt+s");
  await page.getByRole("button", { name: "Spot checks passed: mark sure" }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("row").filter({ hasText: "Horn" })).not.toContainText("check");
  // Another owner's list says otherwise.
  await pasteInto(page.getByLabel("Paste a table into H"), "1\tBK\tGround\n2\tYE\tHorn");
  await choose("Source of the table", "recalled");
  await choose("Existing cavities", "keep existing values, note differences");
  await putIn(page, 2);
  await cell(page, "Function", "2").click();
  const facts = page.getByRole("region", { name: "Sources of 2" });
  await expect(facts).toContainText("YE");
  await expect(facts).toContainText("RD");
  await facts.getByRole("button", { name: "use this" }).click();
  await expect(cell(page, "Colour code", "2")).toHaveText("YE");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(cell(page, "Colour code", "2")).toHaveText("RD");
  // One value is doubted by hand; one cell is declared to be written in another system.
  await cell(page, "Colour code", "1").click();
  await page.keyboard.press("Alt+d");
  await expect(page.getByRole("region", { name: "Sources of 1" })).toContainText("marked by hand");
  await page.keyboard.press("Alt+d");
  await expect(page.getByRole("region", { name: "Sources of 1" })).not.toContainText("marked by hand");
  await typeInto(page, cell(page, "Colour code", "1"), "SW");
  await expect(page.getByText("not read")).toBeVisible();
  await cell(page, "Colour code", "1").click();
  await choose("Colour system of cavity 1", "German abbreviations");
  await expect(page.getByRole("row").nth(1)).toContainText("black");
});

test("the face turns over with one key and names its view", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/pinouts`);
  await expect(page.getByText("top row, right end", { exact: true })).toBeVisible();
  await page.keyboard.press("v");
  await expect(page.getByRole("group", { name: "B12, mating face, lock up" })).toBeVisible();
  await expect(page.getByText("top row, left end", { exact: true })).toBeVisible();
});
