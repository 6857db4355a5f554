import type { Page } from "@playwright/test";
import { expect, ledger, start, step, test } from "./support";

/** What stands after a label, on the page or in the ledger. */
const after = async (page: Page, label: RegExp): Promise<string> => {
  const text = (await page.getByRole("main").innerText()) + "\n" + (await ledger(page).innerText());
  return label.exec(text)?.[1] ?? `nothing for ${label}`;
};

test("one fact is told alike on neighbouring pages: misting, water for the mix, litres of it, the size of a panel", async ({
  page,
}) => {
  await start(page, { size: "60 x 45 x 60", sill: "20" });
  await step(page, "Climate");
  const mistings = await after(page, /Misting that usually holds it\s+(\d+ × a day|every \d+ days?)/);
  await step(page, "Mix");
  await expect(ledger(page)).toContainText("Water, first wetting");
  const water = await after(page, /Water, first wetting[\s\S]*?([\d.]+\s*\n?\s*m?L)\b/);
  const loose = await after(page, /To mix, loose[\s\S]*?([\d.]+\s*\n?\s*L)\b/);
  await step(page, "Build");
  const flat = (text: string) => text.replaceAll(/\s+/g, " ");
  const build = flat(await page.getByRole("main").innerText()) + flat(await ledger(page).innerText());
  expect(build).toContain(`${flat(water)} of water poured on`);
  expect(build).toContain(`${flat(loose)} loose`);
  await step(page, "Keeping");
  const keeping = await ledger(page).innerText();
  expect(keeping).toContain(mistings.includes("a day") ? `${mistings.split(" ")[0]} × a day` : mistings);

  await step(page, "Shell");
  await ledger(page).getByRole("radio", { name: "Walls", exact: true }).click();
  await ledger(page).getByLabel("Built on the back wall").selectOption({ label: "Cork panel" });
  await expect(ledger(page)).toContainText("sheet 59.7 × 59.7 cm");
  await page.getByRole("link", { name: "Sheets to print" }).click();
  await expect(page.getByRole("row", { name: /^Cork sheet/ })).toContainText("59.7 × 59.7 cm");
});
