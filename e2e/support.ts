import { expect, test as base, type Page } from "@playwright/test";

/** Every test fails on an uncaught error or on anything the security policy had to stop. */
export const test = base.extend({
  page: async ({ page }, run) => {
    const problems: string[] = [];
    page.on("pageerror", (error) => problems.push(error.message));
    page.on("console", (message) => {
      if (message.type() === "error") problems.push(message.text());
    });
    await run(page);
    expect(problems).toEqual([]);
  },
});
export { expect };

type Start = { animal?: string; count?: string; name?: string; size?: string; sill?: string };

/** Starts a habitat through the form and waits for its brief. */
export async function start(
  page: Page,
  {
    animal = "Red-eyed crocodile skink",
    count = "1",
    name = "Fernwall",
    size = "60 x 45 x 60",
    sill = "20",
  }: Start = {},
): Promise<void> {
  await page.goto("/start");
  await page.getByLabel("Animal", { exact: true }).click();
  await page.getByRole("option", { name: animal }).click();
  await page.getByLabel("How many").fill(count);
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Inner size").fill(size);
  await page.getByLabel("Door sill").fill(sill);
  await page.getByRole("button", { name: "Put it on the bench" }).click();
  await expect(page.getByRole("heading", { name: "Brief", exact: true })).toBeVisible();
}

export const step = async (page: Page, name: string): Promise<void> => {
  await page.getByRole("navigation", { name: "Steps of the work" }).getByRole("link", { name }).click();
  await expect(page.getByRole("heading", { level: 1, name, exact: true })).toBeVisible();
};

/** Waits until the last edit is kept on the device. */
export const kept = (page: Page): Promise<void> =>
  expect(page.getByRole("status").filter({ hasText: "Kept on this device" })).toBeVisible();

/** The step's figures, on the right. */
export const ledger = (page: Page) => page.getByRole("complementary", { name: "Ledger" });

export const finding = (page: Page, title: string) =>
  page.getByRole("contentinfo", { name: "Findings" }).getByRole("listitem").filter({ hasText: title });

/** A finding in the panel of all of them, which is opened when it is not. */
export async function advice(page: Page, title: string) {
  const panel = page.getByRole("dialog", { name: "All findings" });
  if (!(await panel.isVisible()))
    await page.getByRole("button", { name: /^All \d+ findings$|see it in full$/ }).click();
  // What is read when it is asked for comes a moment later, and hides the page from then on.
  await expect(panel).toBeVisible();
  return panel.getByRole("listitem").filter({ hasText: title });
}

export async function closeAdvice(page: Page): Promise<void> {
  await page.getByRole("dialog", { name: "All findings" }).getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("dialog", { name: "All findings" })).toHaveCount(0);
}

/** The file that a click makes the browser save, as text. */
export async function savedText(page: Page, click: () => Promise<void>): Promise<string> {
  const [download] = await Promise.all([page.waitForEvent("download"), click()]);
  const stream = await download.createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks).toString("utf8");
}

export async function demo(page: Page): Promise<void> {
  await page.goto("/demo");
  await page.waitForURL((url) => url.pathname === "/");
  await expect(page.getByRole("article")).toHaveCount(7);
}

/** Says in Keeping that the animal moved in today, and why although steps are still open. */
export async function moveIn(page: Page, why = "Raised in this very box"): Promise<void> {
  await page.getByRole("button", { name: "The animal moves in…" }).click();
  const asking = page.getByRole("dialog", { name: "The animal moves in" });
  await asking.getByLabel("Why although something is open").fill(why);
  await asking.getByRole("button", { name: "It has moved in" }).click();
  await expect(asking).toHaveCount(0);
}
