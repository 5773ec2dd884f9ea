import { chromium, type Page } from "playwright-core";
import { browserLaunch } from "../scripts/browser.mjs";
import { fileOf } from "../packages/core/src/index.ts";
import { largeJob, tableText } from "./parsing.ts";
import { percentile, round, say, timed } from "./tools.ts";

interface Figures {
  readonly open: number;
  readonly edit: number;
  readonly saved: number;
  readonly scroll: number;
  readonly preview: number;
  readonly put: number;
}

/** The pin table in a real browser: `n` rows beside 50 rows in the same run. */
export async function pinTable(base: string, n: number): Promise<void> {
  const browser = await chromium.launch(browserLaunch());
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.addInitScript(() => localStorage.setItem("trevin.person", "bench"));
    const small = await measure(page, base, 50);
    const large = await measure(page, base, n);
    const line = (what: string, key: keyof Figures): string =>
      `${what} ${round(large[key])} ms (50 rows: ${round(small[key])}, ratio ${round(large[key] / small[key])})`;
    say(
      `pin table of ${n} rows: ${[line("open", "open"), line("edit shown", "edit"), line("edit stored", "saved"), line("to the last row", "scroll"), line("1,000 lines pasted to preview", "preview"), ...(Number.isNaN(large.put) ? [] : [line("put in and shown", "put")])].join("; ")}`,
    );
  } finally {
    await browser.close();
  }
}

async function measure(page: Page, base: string, n: number): Promise<Figures> {
  const answer = await page.request.post(`${base}/imports`, {
    data: fileOf({ dossier: largeJob(n), ledger: [] }),
  });
  const { id } = (await answer.json()) as { id: string };
  const root = base.replace("/api/v1", "");
  const cell = (what: string, cavity: number) =>
    page.getByRole("gridcell", { name: new RegExp(`^${what} of ${cavity}(,|$)`) });
  const open = await timed(async () => {
    await page.goto(`${root}/jobs/${id}/pinouts`);
    await cell("Function", 3).waitFor();
  });
  const edits: number[] = [];
  const stores: number[] = [];
  for (const cavity of [2, 4, 6]) {
    await cell("Function", cavity).click();
    await page.keyboard.type(`horn ${cavity}`);
    const saving = page.waitForResponse((response) => response.url().includes("/pins"));
    edits.push(
      await timed(async () => {
        await page.keyboard.press("Enter");
        await page
          .getByRole("gridcell", { name: `Function of ${cavity}, horn ${cavity}`, exact: true })
          .waitFor();
      }),
    );
    stores.push(await timed(async () => void (await saving)));
  }
  const scroll = await timed(async () => {
    await page.keyboard.press("Control+End");
    await cell("Label", n).waitFor();
  });
  const text = tableText(1000, 10_001);
  const preview = await timed(async () => {
    await page.getByLabel("Paste a table into L").evaluate((element, clip) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData("text/plain", clip);
      element.dispatchEvent(new ClipboardEvent("paste", { clipboardData, bubbles: true, cancelable: true }));
    }, text);
    await page.getByText(/1000 lines read/).waitFor();
  });
  if (n + 1000 > 5000)
    return {
      open,
      edit: percentile(edits, 0.5),
      saved: percentile(stores, 0.5),
      scroll,
      preview,
      put: Number.NaN,
    };
  const put = await timed(async () => {
    await page.getByRole("button", { name: /^Add \d+ pins/ }).click();
    await page.getByRole("tab", { name: new RegExp(`of ${n + 1000}`) }).waitFor();
  });
  return { open, edit: percentile(edits, 0.5), saved: percentile(stores, 0.5), scroll, preview, put };
}
