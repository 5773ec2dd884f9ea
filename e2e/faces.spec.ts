import { demoJob, expect, pressDone, stepInHand, test, workAtBench } from "./fixtures.ts";
import type { Page } from "@playwright/test";
import sharp from "sharp";

const inHand = (page: Page) => page.getByLabel("The cavity in hand");

test("a newcomer finds cavity 38 of the 68-way header on the wire side with the lock down", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("link", { name: "Shelf" }).click();
  await page.getByLabel("Find a housing").fill("68");
  await page.getByRole("option", { name: /Module 68-way/ }).click();
  await page.getByRole("radio", { name: "lock down" }).click();
  await page.keyboard.press("f");
  await page.keyboard.type("38");
  await page.keyboard.press("Enter");
  await expect(page.getByText("row 2 of 4, 4th from the left")).toBeVisible();
  await expect(page.getByText("wire side, lock down")).toBeVisible();
  await page.getByLabel("Find", { exact: true }).press("Escape");
  await page.keyboard.press("v");
  await expect(page.getByText("row 2 of 4, 4th from the right")).toBeVisible();
  // The same by words, and what is not there is said.
  await page.getByLabel("Find", { exact: true }).fill("row 2, 4 from right");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: /^Cavity 38:/ })).toHaveAttribute("aria-pressed", "true");
  await page.getByLabel("Find", { exact: true }).fill("row 7, 1");
  await expect(page.getByText("There are 4 rows of up to 23.")).toBeVisible();
});

test("a face turns in the hand, is walked with the arrows and says what it holds", async ({ page }) => {
  await page.goto(`${await demoJob(page)}/faces`);
  const face = page.getByRole("group", { name: /^B12, wire side, lock up/ });
  await face.getByRole("button", { name: /^Cavity 4:/ }).click();
  await expect(inHand(page)).toContainText("Top row, 3rd from the left".replace("T", "t"));
  await expect(inHand(page)).toContainText("The empty 6 is two to its left; 10 is below.");
  await page.keyboard.press("ArrowDown");
  await expect(inHand(page)).toContainText("Sensor return");
  await page.keyboard.press("ArrowRight");
  await expect(inHand(page)).toContainText("Sensor supply 5 V");
  await page.keyboard.press("k");
  await expect(page.getByRole("group", { name: /^B12, wire side, lock to the right/ })).toBeVisible();
  await expect(inHand(page)).toContainText("left column, 3rd from the bottom");
  await page.keyboard.press("v");
  await expect(inHand(page)).toContainText("mating face, lock to the right");
  await page.reload();
  await expect(inHand(page)).toContainText("mating face, lock to the right");
  await page.getByRole("button", { name: /^Cavity 13:/ }).hover();
  await expect(page.getByText(/^Cavity 13: CAN low; green; 0.35 mm².*mating face/)).toBeVisible();
});

test("a wire is followed over its splice, put down from a name, and taken back with undo", async ({
  page,
}) => {
  await page.goto(`${await demoJob(page)}/faces`);
  await page.getByRole("button", { name: /^Cavity 10:/ }).click();
  const behind = page.getByRole("region", { name: "Wires behind" });
  await expect(behind.getByRole("listitem")).toHaveCount(3);
  await expect(behind).toContainText("splice, under the cabin floor, 30 cm behind B12");
  await page.getByRole("button", { name: /^Cavity 4:/ }).click();
  await expect(behind).toContainText("Not traced yet.");
  await behind.getByLabel("Runs to").fill("S104");
  await page.keyboard.press("Enter");
  await expect(behind).toContainText("B12.4 is joined to 1 pin: Sensor return.");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(behind).toContainText("Not traced yet.");
  await behind.getByLabel("Runs to").fill("G7");
  await behind.getByLabel("Where it is found").fill("left strut");
  await page.getByRole("button", { name: "Record" }).click();
  await expect(behind).toContainText("ground point, left strut");
  await behind.getByRole("button", { name: "G7", exact: true }).click();
  await page.getByLabel("Thread, mm").fill("M6");
  await page.getByLabel("Where it is found").last().fill("right strut");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(behind).toContainText("ground point, right strut");
  await page.getByRole("button", { name: /^Cavity 1:/ }).click();
  await behind.getByLabel("Runs to").fill("B12.99");
  await expect(behind.getByRole("alert")).toHaveText("B12 has no cavity 99.");
});

test("a connector gets its shell from the Shelf with its contacts, and one that looks alike is said so", async ({
  page,
}) => {
  const answer = await page.request.post("/api/v1/jobs", {
    data: {
      name: "Towing",
      kind: "module-integration",
      vehicle: "",
      incoming: "",
      nominalVolts: 12,
      method: "move",
    },
  });
  const { id } = (await answer.json()) as { id: string };
  await page.goto(`/jobs/${id}/pinouts`);
  for (const [name, shell] of [
    ["T1", "12N"],
    ["T2", "12S"],
  ] as const) {
    await page
      .getByRole("button", { name: name === "T1" ? /^Add the vehicle's connector/ : "Add a connector" })
      .click();
    await page.getByLabel("Name (as on the tag)").fill(name);
    await page.getByRole("button", { name: "Choose from the Shelf" }).click();
    await page.getByLabel("Find a housing").fill(shell);
    await page.getByRole("option", { name: new RegExp(`\\(${shell}\\)`) }).click();
    await page.getByRole("button", { name: "Use this housing" }).click();
    await expect(page.getByRole("checkbox", { name: "Add its 7 cavities to the pin table" })).toBeChecked();
    await page.getByRole("button", { name: "Add", exact: true }).click();
    await expect(page.getByRole("grid", { name: `Pins of ${name}` })).toBeVisible();
    await expect(page.getByRole("gridcell", { name: /^Function of 7/ })).toHaveText(
      name === "T1" ? "left tail lamp" : "ground, for 6",
    );
  }
  await page.goto(`/jobs/${id}/faces`);
  await expect(
    page.getByText("T1 and T2 have the same housing, so each also fits the other's socket."),
  ).toBeVisible();
  await page.getByRole("combobox", { name: "Compare with" }).click();
  await page.getByRole("option", { name: "its mating half" }).click();
  await expect(page.getByText("T1 and T1, mating half mate")).toBeVisible();
});

test("a shell is made row by row with its face beside, kept on the Shelf, taken off and put back", async ({
  page,
}) => {
  await page.goto("/shelf");
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
  await page.keyboard.press("n");
  await page.getByLabel("Name", { exact: true }).fill("Van door, 3 over 4");
  await page.getByLabel("Row 1: places").fill("3");
  await page.getByRole("button", { name: "Another row" }).click();
  await page.getByLabel("Row 2: places").fill("x");
  await expect(page.getByRole("alert")).toContainText("Row 2: 1 to 60 places");
  await page.getByLabel("Row 2: places").fill("4");
  await page.getByLabel("Row 1: offset in places").fill("0.5");
  await page.getByRole("combobox", { name: "Counted in" }).click();
  await page.getByRole("option", { name: "letters" }).click();
  await page.getByLabel("Letters skipped").fill("B C");
  await expect(
    page.getByText("7 cavities, lettered row by row from the left, top row first, without B, C"),
  ).toBeVisible();
  await page.getByRole("button", { name: "Save to the Shelf" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect(page.getByRole("heading", { name: "Van door, 3 over 4" })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Cavity H:/ })).toBeVisible();
  await page.getByRole("button", { name: "Remove" }).click();
  await page.getByRole("button", { name: "Restore" }).click();
  await page.getByLabel("Find a housing").fill("van door");
  await expect(page.getByRole("option", { name: /Van door/ })).toBeVisible();
  await page.request.delete(
    `/api/v1/shelf/shells/${((await (await page.request.get("/api/v1/shelf")).json()) as { shells: { id: string }[] }).shells[0]!.id}`,
  );
});

test("a terminal system is found by what is seen of it", async ({ page }) => {
  await page.goto("/shelf/terminals");
  await page.getByLabel("Contact width, mm").fill("2,7");
  await page.getByRole("combobox", { name: "Seal on the wire" }).click();
  await page.getByRole("option", { name: "yes" }).click();
  const [first] = await page.getByRole("listbox", { name: "Terminal systems" }).getByRole("option").all();
  await expect(first!).toContainText("Sealed receptacle 2.8 mm, lance");
  await expect(page.getByRole("heading", { name: "Sealed receptacle 2.8 mm, lance" })).toBeVisible();
  await expect(page.getByText("Push the side slide out until it stops")).toBeVisible();
});

test.describe("photos", () => {
  test.use({ expectNoise: [/422/] });
  test("a photo is taken in, captioned beside the face, removed and put back", async ({ page }) => {
    await page.goto(`${await demoJob(page)}/faces`);
    const buffer = await sharp({ create: { width: 600, height: 400, channels: 3, background: "#665544" } })
      .jpeg()
      .toBuffer();
    await page
      .getByLabel("Photos of B12")
      .setInputFiles({ name: "plug.jpg", mimeType: "image/jpeg", buffer });
    const photos = page.getByRole("region", { name: "Photos" });
    await photos.getByRole("button", { name: /20\d\d/ }).click();
    const dialog = page.getByRole("dialog");
    await expect(dialog.getByRole("group", { name: /^B12, / })).toBeVisible();
    await dialog.getByLabel("Caption").fill("lock cracked");
    await dialog.getByRole("button", { name: "Done" }).click();
    await expect(photos.getByRole("img", { name: "lock cracked" })).toBeVisible();
    await photos.getByRole("button", { name: "lock cracked" }).click();
    await dialog.getByRole("button", { name: "Remove" }).click();
    await expect(photos.getByRole("img")).toHaveCount(0);
    await photos.getByRole("button", { name: "Restore" }).click();
    await expect(photos.getByRole("img", { name: "lock cracked" })).toBeVisible();
    await page
      .getByLabel("Photos of B12")
      .setInputFiles({ name: "notes.jpg", mimeType: "image/jpeg", buffer: Buffer.from("no picture") });
    await expect(photos.getByRole("alert")).toContainText("This is not a picture that can be read.");
  });

  test("the step that asks for a photo takes it in, and it stands at the connector afterwards", async ({
    page,
  }) => {
    const job = await demoJob(page);
    await workAtBench(page, job, 2);
    await expect(page.getByRole("heading", { name: "Photograph" })).toBeVisible();
    const buffer = await sharp({ create: { width: 60, height: 40, channels: 3, background: "#445566" } })
      .png()
      .toBuffer();
    await page
      .getByLabel("Photos of B12")
      .setInputFiles({ name: "before.png", mimeType: "image/png", buffer });
    await expect(page.getByRole("img", { name: /^Photo of B12/ })).toBeVisible();
    await pressDone(page);
    expect(await stepInHand(page)).toBe(4);
    await page.goto(`${job}/faces`);
    await expect(page.getByRole("img", { name: /^Photo of B12/ })).toBeVisible();
  });
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test("a wide face keeps a window round the cavity in hand, and nothing scrolls sideways", async ({
    page,
  }) => {
    await page.goto("/shelf");
    await page.getByLabel("Find", { exact: true }).fill("38");
    await page.keyboard.press("Enter");
    await expect(page.getByRole("group", { name: "Area around the cavity in hand, enlarged" })).toBeVisible();
    await page.goto(`${await demoJob(page)}/faces`);
    await expect(inHand(page)).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
});
