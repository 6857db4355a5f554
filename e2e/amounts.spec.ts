import { demo, expect, ledger, start, step, test } from "./support";

test("why this much: the steps from what lies in the box to the packs, and what another habitat wants of the bins", async ({
  page,
}) => {
  await demo(page);
  await start(page, { size: "90 x 45 x 60", sill: "20" });
  await page.getByRole("link", { name: "Sheets to print" }).click();
  const row = page.getByRole("button", { name: "Clay pebbles" });
  await row.click();
  // 6 cm over 90 x 45, 5 % of what is poured settles; 6 L are in the bins; bags of 10 and of 25 L have prices.
  const stair = page.locator("tr", { hasText: "settles when pressed and watered" }).first();
  await expect(stair).toContainText("24.3 L");
  await expect(stair).toContainText("25.6 L");
  await expect(stair).toContainText("− 6 L");
  await expect(stair).toContainText("= 19.6 L");
  await expect(stair).toContainText("2 × bag 10 L");
  await row.click();
  await expect(stair).toHaveCount(0);

  const other = await page.evaluate(() => location.pathname);
  await start(page, { size: "60 x 45 x 60", sill: "20", name: "The other one" });
  await page.getByRole("link", { name: "Sheets to print" }).click();
  await page.getByRole("button", { name: "Clay pebbles" }).click();
  await expect(page.getByRole("main")).toContainText("is still to be built and wants 25.6 L of it");
  expect(other).toContain("/sheets");
  await page.goto("/bins");
  await expect(page.getByText("Still to be built from it:").first()).toContainText("25.6 L");
});

test("what is listed in the bins stays there, empty, and goes when it is taken out", async ({ page }) => {
  await page.goto("/bins");
  await page.getByRole("combobox", { name: "Add a thing" }).fill("wood round");
  await page.getByRole("option").first().click();
  const log = page.getByRole("listitem").filter({ hasText: "Log" }).first();
  await expect(log).toBeVisible();
  await page.reload();
  await expect(log).toBeVisible();
  await log.getByRole("button", { name: "Take Log out of the bins" }).click();
  await expect(page.getByText("Nothing in the bins yet.")).toBeVisible();
  await page.getByRole("button", { name: "Put it back" }).click();
  await expect(log).toBeVisible();
  await log.getByRole("button", { name: "Take Log out of the bins" }).click();
  await expect(log).toHaveCount(0);
});

test("charcoal under the soil and starters are bought, and are steps of the build", async ({ page }) => {
  await start(page, { size: "60 x 45 x 60", sill: "20" });
  await step(page, "Strata");
  await page.getByRole("button", { name: "Add a layer" }).click();
  await page.getByRole("menuitem", { name: /^Charcoal/ }).click();
  await step(page, "Crew");
  await page.getByRole("button", { name: "Add Handful of ripe compost" }).click();
  await step(page, "Build");
  await expect(page.getByText("Give the soil its start").first()).toBeVisible();
  await page.getByRole("link", { name: "Sheets to print" }).click();
  await expect(page.getByRole("row", { name: /Handful of ripe compost/ })).toContainText("250 mL");
  await expect(page.getByRole("row", { name: /^Charcoal/ })).toBeVisible();
});

test("bark leans over a lee, a twig is glued to it, and the wall is foamed from above the drainage", async ({
  page,
}) => {
  await start(page, { animal: "Leopard gecko", count: "1", size: "90 x 45 x 45", sill: "15" });
  await step(page, "Shell");
  await ledger(page).getByRole("radio", { name: "Hardscape", exact: true }).click();
  const hides = ledger(page)
    .getByRole("listitem")
    .filter({ hasText: /^hide, (warm|cool) end/ });
  await ledger(page).getByRole("combobox", { name: "Add a piece" }).fill("retaining bark");
  await page.getByRole("option", { name: "Cork edging" }).click();
  await ledger(page).getByRole("radio", { name: "on the soil" }).click();
  await ledger(page).getByRole("textbox", { name: "cork edging, width, cm" }).fill("22");
  await ledger(page).getByRole("radio", { name: "leans" }).click();
  await expect(ledger(page)).toContainText("A dry lee under it: counts as a hide");
  await expect(hides.filter({ hasText: "1, wants 1" })).toHaveCount(1);
  await ledger(page).getByRole("radio", { name: "lies" }).click();
  await expect(ledger(page)).not.toContainText("A dry lee under it");

  await ledger(page).getByRole("combobox", { name: "Add a piece" }).fill("shelf");
  await page.getByRole("option", { name: "Ledge" }).click();
  await ledger(page).getByRole("radio", { name: "glued to a piece" }).click();
  await expect(ledger(page).getByRole("combobox", { name: "Glued to" })).toHaveText("Cork edging");
  await ledger(page).getByRole("radio", { name: "Walls", exact: true }).click();
  await ledger(page).getByLabel("Built on the back wall").selectOption({ label: "Foam" });
  const edge = ledger(page).getByRole("textbox", { name: "back wall, lower edge, cm" });
  await edge.fill("6");
  await edge.blur();
  await expect(ledger(page)).toContainText("What lies lower runs on under it.");
});
