import { demoJob, expect, jobOf, test } from "./fixtures.ts";

type Page = Parameters<typeof demoJob>[0];
const rowIn = (page: Page) => (text: string | RegExp) =>
  page.getByRole("listbox", { name: "Circuits" }).getByRole("option", { name: text });
const detailOf = (page: Page) => page.getByRole("complementary", { name: "The chosen circuit" });

test("decisions are made, changed and taken back by mouse, and undone", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/crosswalk`);
  const row = rowIn(page);
  await row(/Park brake switch/).click();
  const detail = detailOf(page);
  await expect(detail).toContainText("same function: park brake switch");
  await expect(detail).toContainText("colour differs (not proof)");
  await detail.getByRole("button", { name: /Join 4 to M/ }).click();
  await row(/Park brake switch/).click();
  await detail.getByRole("button", { name: /Splice instead/ }).click();
  await expect(row(/Park brake switch/)).toContainText("splice");
  await detail.getByRole("button", { name: "All acts…" }).click();
  await detail.getByRole("button", { name: /Mark as check/ }).click();
  await expect(row(/Park brake switch/)).toContainText("check");
  await detail.getByRole("button", { name: /Clear decision/ }).click();
  await expect(row(/Park brake switch/)).toContainText("undecided");
  await row(/^Accessory/)
    .first()
    .click();
  await detail.getByRole("button", { name: /New terminal/ }).click();
  await page.getByRole("radio", { name: "Ring for an M6 stud" }).check();
  await page.getByRole("button", { name: /Fit it/ }).click();
  await expect(row(/^Accessory/).first()).toContainText("new ring, M6");
  // Five edits are taken back one by one, each once the one before is stored.
  const undo = page.getByRole("button", { name: "Undo" });
  for (let i = 0; i < 5; i++) {
    await expect(page.locator(".saved")).toHaveText(/^saved/);
    await undo.click();
  }
  await expect(row(/Park brake switch/)).toContainText("suggested");
  await expect(undo).toBeDisabled();
});

test("a join that does damage is a stop that wants a reason before the work can begin", async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`${job}/crosswalk`);
  await rowIn(page)(/Accessory/).click();
  await page.keyboard.press("p");
  await page.getByRole("combobox", { name: /find by cavity/ }).fill("AL-P.C");
  await expect(page.getByRole("listbox", { name: "Pins to join" })).toContainText(
    "accessory onto ground does damage",
  );
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Instead", exact: true }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  const detail = detailOf(page);
  await expect(detail).toContainText("accessory onto ground");
  await expect(page.locator("footer")).toContainText("blocker");
  await page.keyboard.press("h");
  await expect(page.getByLabel("Accepted by")).toHaveValue("Ines");
  await page.getByLabel("Reason").fill("the table was misprinted");
  await page.keyboard.press("Enter");
  await expect(detail).toContainText("Accepted: the table was misprinted, Ines");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(detail).not.toContainText("Accepted:");
});

test("black on black is flagged from both sides, and colour for colour is judged", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/crosswalk`);
  for (const circuit of [/Ground, body left/, /CAN low/]) {
    await rowIn(page)(circuit).click();
    await expect(page.getByText("Black here, black there")).toBeVisible();
  }
  await expect(page.getByText(/By colour alone, 4 joins: 0 work, 3 stay dead, 1 do damage/)).toBeVisible();
  await page.keyboard.press("c");
  await expect(rowIn(page)(/Ground, body left/)).toContainText("to K: does damage");
  await page.keyboard.press("c");
  await rowIn(page)(/Supply, memory/).click();
  await expect(page.getByText("Supply, memory has no feed")).toBeVisible();
});

test("pointing at a cavity of a face chooses its circuit, and both faces turn over", async ({ page }) => {
  const job = await demoJob(page, false);
  await page.goto(`${job}/crosswalk`);
  await page.getByRole("button", { name: /^Cavity K: CAN low; black/ }).click();
  await expect(rowIn(page)(/CAN low/)).toHaveAttribute("aria-selected", "true");
  await page.keyboard.press("v");
  await expect(page.getByRole("group", { name: "AL-P, mating face, lock up" })).toBeVisible();
});

test("two looms of several plugs are matched from the keyboard alone, to a worklist that nothing stands in the way of", async ({
  page,
}) => {
  const job = await jobOf(page);
  await page.goto(`${job}/crosswalk`);
  const row = rowIn(page);
  await expect(row(/Door ajar, left.*Door ajar, right/)).toContainText("diodes");
  // What blocks is one key away; the first cure is one more.
  for (let i = 0; i < 40 && (await row(/Lift request switch/).getAttribute("aria-selected")) !== "true"; i++)
    await page.keyboard.press("b");
  await expect(detailOf(page)).toContainText("12 V onto a 5 V input");
  await page.keyboard.press("Enter");
  await expect(row(/Lift request switch/)).toContainText("divider");
  await expect(detailOf(page)).toContainText("5.00 V");
  await page.keyboard.press("a");
  // A suggestion that was turned down is not made again, and undo brings it back.
  await row(/Ignition, run and crank/).click();
  await page.keyboard.press("r");
  await expect(row(/Ignition, run and crank/)).not.toContainText("Wake");
  await page.keyboard.press("Control+z");
  await expect(row(/Ignition, run and crank/)).toContainText("Wake");
  await page.keyboard.press("Enter");
  // Several at once: everything that is still undecided, as it is suggested.
  await page.keyboard.press("2");
  const open = page.getByRole("listbox", { name: "Circuits" }).getByRole("option");
  await expect(open.first()).toContainText("undecided");
  await page.keyboard.press("Control+a");
  await expect(page.locator("footer")).toContainText("selected");
  await page.keyboard.press("Enter");
  // What merely found no partner is still open: nothing is done to it without a word.
  await expect(row(/Accessory/)).toContainText("undecided");
  await expect(page.locator("footer")).toContainText("3 pins undecided");
  await page.keyboard.press("Control+a");
  await page.keyboard.press("x");
  await page.keyboard.press("1");
  // Whether what is behind the two plugs of the car stays is asked, one after the other.
  await expect(page.locator("footer")).toContainText("D4: does the part behind it stay?");
  await page.keyboard.press("g");
  await expect(page.locator("footer")).toContainText("D7: does the part behind it stay?");
  await page.keyboard.press("g");
  // The divider divides nothing without its ground; a place for it is known.
  await page.keyboard.press("b");
  await expect(detailOf(page)).toContainText("nothing is connected to its ground");
  await page.keyboard.press("Enter");
  await expect(detailOf(page)).toContainText("ground: G4, rear cross member");
  await expect(page.locator("footer")).toContainText("1 blocker");
  await expect(page.locator("footer")).toContainText("“Work lamp” must work, but no pin does it");
  await page.keyboard.press("b");
  await expect(page.getByRole("heading", { name: "Brief", exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Remove Work lamp from the brief" }).click();
  await page.keyboard.press("Control+3");
  await expect(page.getByText("No blockers")).toBeVisible();
});

test("left is copied to the right with every difference to confirm", async ({ page }) => {
  const job = await jobOf(page);
  await page.goto(`${job}/crosswalk`);
  await expect(rowIn(page)(/Turn lamp, right/)).toContainText("undecided");
  await page.keyboard.press("o");
  const dialog = page.getByRole("dialog");
  await expect(dialog).toContainText("D7.2 to TL-A.F and TL-A.G");
  await expect(dialog).toContainText("place D7.2 here, D4.3 there");
  for (const box of await dialog.getByRole("checkbox", { name: /D7\.2|TL-A\.[FG]/ }).all())
    if (!(await box.isChecked())) await box.check();
  await dialog.getByRole("button", { name: /^Copy/ }).click();
  await expect(dialog).toBeHidden();
  await expect(rowIn(page)(/Turn lamp, right/)).toContainText("sure");
  await expect(rowIn(page)(/Turn lamp, right/)).not.toContainText("undecided");
});

test("a start interlock that is left off is a stop with a switch in the loop to offer, and a jumper stays in its plug", async ({
  page,
}) => {
  const job = await jobOf(page);
  await page.goto(`${job}/crosswalk`);
  await rowIn(page)(/Start inhibit/).click();
  await page.keyboard.press("x");
  await rowIn(page)(/Start inhibit.*nothing on the incoming side/).click();
  const detail = detailOf(page);
  await expect(detail).toContainText("Start interlock removed");
  await expect(detail.getByRole("combobox", { name: /If left open/ })).toContainText(
    "the engine does not start",
  );
  await detail.getByRole("button", { name: "Fit a neutral switch in the loop" }).click();
  await expect(rowIn(page)(/Start inhibit/).first()).toContainText("from ground through a neutral switch");
  await page.keyboard.press("End");
  await rowIn(page)(/Horn relay/).click();
  await page.keyboard.press("j");
  await page.getByRole("combobox", { name: /find by cavity/ }).fill("lift pump");
  await page.keyboard.press("Enter");
  await expect(rowIn(page)(/Lift pump relay.*Horn relay/)).toContainText("jumper");
});

test("one answer covers all hazards of one rule and cure", async ({ page }) => {
  const join = (cavity: string) => ({
    kind: "join",
    vehicle: { connector: "A", cavity },
    incoming: { connector: "B", cavity },
  });
  const pins = (level: number) =>
    ["1", "2", "3"].map((cavity) => ({
      cavity,
      function: `Door ajar ${cavity}`,
      signal: "switched-supply",
      level,
    }));
  const job = await jobOf(page, {
    format: "trevin-job",
    version: 1,
    connectors: [
      { name: "A", pins: pins(12) },
      { name: "B", pins: pins(5) },
    ],
    decisions: ["1", "2", "3"].map(join),
    worklist: { counterparts: [{ connector: "A", becomes: "leaves" }] },
  });
  await page.goto(`${job}/crosswalk`);
  await expect(page.locator("footer")).toContainText("3 blockers");
  await page.keyboard.press("h");
  await expect(page.getByText("for all 3 of this rule")).toBeVisible();
  await page.getByLabel("Reason").fill("measured: the module takes 12 V");
  await page.keyboard.press("Enter");
  await expect(page.getByText("No blockers")).toBeVisible();
});

test("a table of 1,500 strange words on each side is matched with progress, can be stopped, and nothing that is decided is lost", async ({
  page,
}) => {
  const pins = (turned: boolean) =>
    Array.from({ length: 1500 }, (_, i) => ({
      cavity: String(i + 1),
      function: `Battery feed q${(((turned ? 1499 - i : i) * 7919) % 100_003).toString(36)}`,
    }));
  const job = await jobOf(page, {
    format: "trevin-job",
    version: 1,
    connectors: [
      { name: "A", pins: pins(false) },
      { name: "B", pins: pins(true) },
    ],
    decisions: [{ kind: "leave", pin: { connector: "A", cavity: "7" } }],
  });
  await page.goto(`${job}/crosswalk`);
  await expect(page.getByRole("progressbar", { name: "Matching" })).toBeVisible();
  await page.getByRole("button", { name: /Stop \(keeps your decisions\)/ }).click();
  await expect(page.getByText("Matching stopped.")).toBeVisible();
  await expect(rowIn(page)(/Battery feed/).first()).toContainText("stays as it is");
  await page.getByRole("button", { name: "Match again" }).click();
  await expect(page.getByRole("progressbar", { name: "Matching" })).toBeVisible();
  // The page still answers while it goes on.
  await page.getByRole("link", { name: /^Pinouts/ }).click();
  await expect(page.getByRole("grid", { name: "Pins of A" })).toBeVisible();
});
