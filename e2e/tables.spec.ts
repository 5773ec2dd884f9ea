import { cell, demoJob, expect, pasteInto, putIn, test } from "./fixtures.ts";
import ExcelJS from "exceljs";
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

test("a table is previewed, bad lines first, every guess can be corrected, and nothing enters without a yes", async ({
  page,
}) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/pinouts`);
  const box = page.getByLabel("Paste a table into B12");
  await box.fill(
    "cavity\tfunction\tcolour\tsize\n15\tHorn\tB/W\t0.5\n\tno label\tB\t1\n15\tagain\tZZZ\t1\n16\t=1+1\tR\tx",
  );
  await page.keyboard.press("Control+Enter");
  await expect(page.getByText("4 lines read, 2 understood, 2 not usable, 1 to look at")).toBeVisible();
  const rows = page.getByRole("region", { name: "Lines read" }).getByRole("row");
  await expect(rows.nth(1)).toContainText("not added: no cavity");
  await expect(rows.nth(2)).toContainText("cavity 15 already used on line 2");
  await page.getByRole("button", { name: "One header row fewer" }).click();
  await expect(page.getByText(/^5 lines read/)).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("region", { name: "Lines read" })).toBeHidden();
  await expect(page.getByRole("tab", { name: /B12.*14 of 14/ })).toBeVisible();
  await box.fill("1\u0000\u0001\u0002PK");
  await page.getByRole("button", { name: "Read these lines" }).click();
  await expect(page.getByRole("alert")).toContainText("Line 1 contains characters that are not text");
  await page.keyboard.press("Escape");
  await box.fill("");
  await pasteInto(box, Array.from({ length: 5001 }, (_, i) => `${i + 1}\tHorn\tB`).join("\n"));
  await expect(page.getByRole("alert")).toContainText("5001 lines exceed the limit of 5000 per connector");
  await page.getByRole("button", { name: /Discard/ }).click();
  await box.fill("");
  await pasteInto(box, "15\tHorn\tB/W\t0.5\n16\tWiper\tG/R\t0.5\n\tno label\tG\t1");
  await putIn(page, 2);
  await expect(cell(page, "Function", "16")).toHaveText("Wiper");
  // The line that could not go in is still there, to be mended.
  await expect(box).toHaveValue("\tno label\tG\t1");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(cell(page, "Function", "16")).toHaveCount(0);
});

test.describe("files", () => {
  test.use({ expectNoise: [/Failed to load resource.*422/] });
  test("a workbook is opened, its sheet chosen and its columns corrected; a locked one leaves the job as it was", async ({
    page,
  }) => {
    const book = new ExcelJS.Workbook();
    book.addWorksheet("cover").addRow(["Loom drawings"]);
    book
      .addWorksheet("H plug")
      .addRows([
        ["Connector H"],
        ["Terminal", "Wire", "mm²", "Leads to"],
        [1, "SW/WS", 0.5, "horn relay"],
        [2, "BR", 2.5, "ground"],
      ]);
    const buffer = Buffer.from(await book.xlsx.writeBuffer());
    await page.goto(`${await blankJob(page)}/pinouts`);
    const picker = page.getByLabel("Table file");
    await picker.setInputFiles({
      name: "locked.xlsx",
      mimeType: "application/octet-stream",
      buffer: Buffer.concat([
        Buffer.from([0xd0, 0xcf, 0x11, 0xe0]),
        Buffer.from("EncryptedPackage", "utf16le"),
      ]),
    });
    await expect(page.getByRole("alert")).toContainText("locked.xlsx: The file is locked with a password");
    await picker.setInputFiles({ name: "pins.xlsx", mimeType: "application/octet-stream", buffer });
    await page.getByRole("combobox", { name: "Sheet" }).click();
    await page.getByRole("option", { name: "H plug" }).click();
    await expect(page.getByText(/^2 lines read, 2 understood/)).toBeVisible();
    await page.getByRole("combobox", { name: "Column 4 is" }).click();
    await page.getByRole("option", { name: "function", exact: true }).click();
    await expect(page.getByRole("region", { name: "Lines read" })).toContainText("black, white stripe");
    await putIn(page, 2);
    await expect(cell(page, "Function", "1")).toHaveText("horn relay");
    await expect(page.getByText("German abbreviations: 2 of 2 codes match.")).toBeVisible();
  });
});

/** The measure of the work: a newcomer types or pastes these within a couple of minutes each. */
test("a 26-way table is pasted and a 40-way one typed, from an empty job", async ({ page }) => {
  test.slow();
  await page.goto(`${await blankJob(page)}/pinouts`);
  const colours = ["BK", "RD", "GN/YE", "BU", "WH/RD", "BN", "VT/WH", "OG", "GY/BU", "PK"];
  const names = [
    "ground",
    "ignition supply",
    "coolant temperature",
    "can high",
    "can low",
    "fuel level",
    "vehicle speed",
    "stop lamp",
    "turn lamp, left",
    "horn",
  ];
  await pasteInto(
    page.getByLabel("Paste a table into H"),
    [
      "pin\tcolor\tmm2\tfunction",
      ...Array.from({ length: 26 }, (_, i) =>
        i % 7 === 6 ? `${i + 1}\t\t\tempty` : `${i + 1}\t${colours[i % 10]}\t0.5\t${names[i % 10]}`,
      ),
    ].join("\n"),
  );
  await expect(page.getByText(/^26 lines read, 26 understood/)).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("tab", { name: /H .*26 of 26/ })).toBeVisible();
  await page.keyboard.press("Alt+c");
  await page.getByLabel("Name (as on the tag)").fill("K");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("grid", { name: "Pins of K" })).toBeFocused();
  for (let i = 0; i < 40; i++) {
    await page.keyboard.press("Tab");
    await page.keyboard.type(colours[i % 10] ?? "");
    await page.keyboard.press("Tab");
    await page.keyboard.type(names[i % 10] ?? "");
    await page.keyboard.press("Enter");
  }
  await expect(page.getByRole("tab", { name: /K .*40 of 40/ })).toBeVisible();
  await expect(page.getByText(/^saved/)).toBeVisible();
  await expect(cell(page, "Signal class", "40")).toBeVisible();
  await page.reload();
  await page.getByRole("tab", { name: /^K / }).click();
  await expect(cell(page, "Function", "3")).toHaveText("coolant temperature");
  await expect(cell(page, "Signal class", "3")).toHaveText("resistive-sensor");
});
