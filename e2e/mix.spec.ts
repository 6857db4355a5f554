import { demo, expect, ledger, savedText, start, step, test } from "./support";
import type { Page } from "@playwright/test";

const GULLY = "/h/demo-lantern-gully/mix";
const parts = (page: Page) => page.getByRole("list", { name: "Parts of the mix" });
const row = (page: Page, name: string) => parts(page).getByRole("listitem").filter({ hasText: name });
const mode = (page: Page, name: string) => page.getByRole("radio", { name, exact: true }).click();
const addRule = async (page: Page, name: string) => {
  await page.getByRole("button", { name: "Add a rule" }).click();
  await page.getByRole("menuitem", { name, exact: true }).click();
};

test("3. mix: 70, 30 and 10 parts come to 63.6, 27.3 and 9.1 %, are scaled to this habitat, dragged, locked and refused when senseless", async ({
  page,
}) => {
  await start(page);
  await step(page, "Mix");
  await page.getByLabel("Start from a recipe").click();
  await page.getByRole("option", { name: "Burrow mix" }).click();
  await expect(row(page, "Organic topsoil")).toContainText("63.6 %");
  await expect(row(page, "Play sand")).toContainText("27.3 %");
  await expect(row(page, "Clay powder")).toContainText("9.1 %");
  // 10 cm on 60 x 45 is 27.0 L in place; clay and sand run into the gaps of the topsoil, so more is measured out than
  // comes of it.
  await expect(ledger(page).locator("dl").getByText("In place 27.0 L")).toBeVisible();
  await expect(ledger(page)).toContainText(/[1-9]\d?\s% is lost in mixing/);
  await row(page, "Clay powder").getByRole("textbox").fill("20");
  await expect(row(page, "Clay powder")).toContainText("16.7 %");
  await row(page, "Clay powder").getByRole("textbox").fill("-3");
  await expect(
    page.getByRole("alert").filter({ hasText: "Clay powder, parts: must be between 0.01 and 10,000" }),
  ).toBeVisible();
  await row(page, "Clay powder").getByRole("textbox").fill("lots");
  await expect(page.getByRole("alert").filter({ hasText: "Clay powder, parts: must be" })).toBeVisible();
  await expect(row(page, "Clay powder")).toContainText("16.7 %");
  await page.keyboard.press("Escape");
  await mode(page, "per cent");
  await expect(page.getByText("100 % in all")).toBeVisible();

  await page.getByRole("button", { name: "Lock Plain clay powder" }).click();
  const boundary = page.getByRole("slider", { name: /^Boundary between organic topsoil and/ });
  const before = Number(await boundary.getAttribute("aria-valuenow"));
  const box = (await boundary.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 30, { steps: 3 });
  await page.mouse.up();
  expect(Number(await boundary.getAttribute("aria-valuenow"))).toBeLessThan(before);
  await expect(row(page, "Clay powder")).toContainText("16.7 %");
  await page.getByRole("button", { name: "Lock Organic topsoil" }).click();
  await page.getByRole("button", { name: "Lock Play sand" }).click();
  await expect(
    page.getByRole("status").filter({ hasText: "Every part is locked, so nothing can give way" }),
  ).toBeVisible();
  for (const name of ["Plain clay powder", "Organic topsoil", "Play sand"])
    await page.getByRole("button", { name: `Remove ${name}` }).click();
  await expect(page.getByText("The jar is empty. Take a recipe or add an ingredient.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(row(page, "Play sand")).toContainText("100.0 %");
});

test("a forest-floor mix is matched from bins without tree fern, in whole scoops and with peat barred; a clash is explained and gives way", async ({
  page,
}) => {
  await demo(page);
  await page.goto(GULLY);
  await mode(page, "Match");
  await page.getByLabel("Come near to").click();
  await page.getByRole("option", { name: "Forest mix, tree fern" }).click();
  await addRule(page, "No peat");
  await page.getByRole("button", { name: "Match", exact: true }).click();
  const ways = page.getByRole("list", { name: "Ways to mix it" }).getByRole("listitem");
  await expect(ways).toHaveCount(3);
  await expect(ways.first()).toContainText(/% off, most of it:|Alike in all that counts/);
  const found = page.getByRole("table");
  await expect(found).not.toContainText(/Tree fern|peat/i);
  const scoops = await found.locator("tbody tr td:nth-child(2)").allTextContents();
  expect(scoops.every((text) => /^\d+$/.test(text))).toBe(true);
  expect(scoops.reduce((sum, text) => sum + Number(text), 0)).toBeLessThanOrEqual(12);
  // All of it comes from the bins: nothing is to be bought.
  for (const text of await found.locator("tbody tr td:nth-child(4)").allTextContents()) expect(text).toBe("–");
  await expect(ledger(page)).toContainText("Ring: the nearest");

  await addRule(page, "Share of clay");
  await page.getByRole("textbox", { name: "clay, at most, per cent" }).fill("40");
  await page.getByRole("textbox", { name: "clay, at least, per cent" }).fill("20");
  await page.getByRole("button", { name: "Match again" }).click();
  const clash = page.getByRole("alert").filter({ hasText: "These rules cannot all be kept" });
  await expect(clash).toContainText("Only what is in my bins");
  await expect(clash).toContainText("Clay at 20–40 %");
  await expect(clash).not.toContainText("No peat");
  await clash.getByRole("button", { name: "Let it give" }).click();
  await expect(ways).toHaveCount(3);
  await page.getByRole("button", { name: "Take this" }).click();
  await mode(page, "Mix");
  await expect(row(page, "Tree fern fibre")).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(row(page, "Tree fern fibre")).toHaveCount(1);
});

test("a bag is stretched, mixes are laid side by side, and a change that brings them nearer is made", async ({
  page,
}) => {
  await demo(page);
  await page.goto(GULLY);
  await mode(page, "Stretch a bag");
  await page.getByRole("button", { name: "Work it out" }).click();
  await expect(page.getByRole("table").getByRole("row", { name: /Ready forest mix/ })).toContainText("8.0");
  await mode(page, "Compare");
  const nearer = page
    .getByRole("heading", { name: /What would bring this mix nearer to A, Forest mix, tree fern/ })
    .locator("..");
  const apart = async () => Number(/([\d.]+)\s% off/.exec((await nearer.textContent()) ?? "")?.[1]);
  const before = await apart();
  await nearer
    .getByRole("button", { name: /^Do it/ })
    .first()
    .click();
  await expect.poll(apart).toBeLessThan(before);
});

test("a recipe is made in three bucket batches; an old soil is topped up and written down", async ({ page }) => {
  await demo(page);
  await page.goto(GULLY);
  await mode(page, "Make it");
  await expect(page.getByText(/^3 batches/)).toBeVisible();
  await expect(page.getByText("1 brick of coir")).toContainText("3.8 L of warm water, 10 min at the least");
  await expect(page.getByText("It keeps its shape and does not drip.")).toBeVisible();
  await page.getByRole("textbox", { name: "Lift at most" }).fill("2");
  await page.getByRole("button", { name: /^Make \d+ batches/ }).click();
  await expect(page.getByText(/over your 2 kg/)).toHaveCount(0);
  await page.getByRole("textbox", { name: "Vessel" }).fill("0");
  await expect(page.getByText(/Vessel: must be between 500\smL and 500\sL/)).toBeVisible();

  await mode(page, "Refresh");
  await page.getByRole("textbox", { name: "Months in the box" }).fill("30");
  await page.getByRole("textbox", { name: "Sunk, by a ruler" }).fill("3");
  await expect(page.getByText("Top it up with fresh mix, do not throw it out")).toBeVisible();
  // 3 of 5.3 cm is 57 % of what was laid: 17.4 L of it loose (worked by hand).
  await expect(page.locator("dl > div").filter({ hasText: "Fresh mix, loose" })).toContainText(/11\.\d/);
  await page.getByRole("button", { name: "Write down that it was topped up" }).click();
  await expect(page.getByText(/^Topped up on .* with/)).toBeVisible();
  await page.reload();
  await mode(page, "Refresh");
  await page.getByRole("button", { name: /^Take out the top-up/ }).click();
  await expect(page.getByText("Not topped up so far.")).toBeVisible();
});

test("own ingredients: a table with semicolons, decimal commas and a formula; one in use is taken off and nothing breaks; recipes go out and in", async ({
  page,
}) => {
  await page.goto("/library");
  await page.getByRole("radio", { name: "Ingredients", exact: true }).click();
  const example = await savedText(page, () => page.getByRole("button", { name: "An example table" }).click());
  const [heading = "", line = ""] = example
    .replace(/^\uFEFF/, "")
    .trim()
    .split("\r\n");
  const semicolons = (text: string) => text.replaceAll(",", ";").replace(/(\d)\.(\d)/g, "$1,$2");
  const table = [
    semicolons(heading),
    semicolons(line),
    semicolons(line).replace("Brook clay", "=HYPERLINK(1)"),
    semicolons(line)
      .replace("Brook clay", "Bächlein")
      .replace(/;0,\d+;/, ";viel;"),
  ].join("\n");
  // As a spreadsheet of the old western encoding saves it.
  await page
    .getByLabel("Bring in a table (CSV)")
    .setInputFiles({ name: "mine.csv", mimeType: "text/csv", buffer: Buffer.from(table, "latin1") });
  await expect(page.getByText("1 ingredient was taken in.")).toBeVisible();
  await expect(page.getByText("Row 3, name: “=HYPERLINK(1)” begins as a formula.")).toBeVisible();
  await expect(page.getByText(/Row 4, .*: “viel” is not a number/)).toBeVisible();
  await page.getByRole("button", { name: /^Brook clay/ }).click();
  await page.getByLabel("pH", { exact: true }).fill("14");
  await page.getByRole("button", { name: "Keep the changes" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "“pH” is outside what is possible" })).toBeVisible();
  await page.getByLabel("pH", { exact: true }).fill("7.4");
  await page.getByRole("button", { name: "Keep the changes" }).click();
  await expect(page.getByText("Kept. Habitats that use it already")).toBeVisible();

  await start(page);
  await step(page, "Mix");
  await page.getByLabel("Add an ingredient").fill("brook");
  await page.getByRole("option", { name: "Brook clay" }).click();
  await expect(row(page, "Brook clay")).toBeVisible();
  await page.getByRole("button", { name: "Recipe …" }).click();
  const recipe = await savedText(page, async () => page.getByRole("menuitem", { name: "Save as a file" }).click());
  await page.getByRole("button", { name: "Recipe …" }).click();
  await page.getByRole("menuitem", { name: "Keep as your own …" }).click();
  await page.getByRole("dialog").getByLabel("Name").fill("burrow MIX");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("Name: “burrow MIX” is taken.")).toBeVisible();
  await page.getByRole("dialog").getByLabel("Name").fill("Brook soil");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("Kept as Brook soil.")).toBeVisible();

  await page.goto("/library");
  await page.getByRole("radio", { name: "Ingredients", exact: true }).click();
  await page.getByRole("button", { name: /^Brook clay/ }).click();
  await page.getByRole("button", { name: "Take it off your shelf" }).click();
  await expect(page.getByText("It stays: your recipes need it (Brook soil).")).toBeVisible();
  await page.goBack();
  await page.getByRole("button", { name: "Recipe …" }).click();
  await page.getByRole("menuitem", { name: "Take Brook soil off your recipes" }).click();
  await page.goto("/library");
  await page.getByRole("radio", { name: "Ingredients", exact: true }).click();
  await page.getByRole("button", { name: /^Brook clay/ }).click();
  await page.getByRole("button", { name: "Take it off your shelf" }).click();
  await expect(page.getByText("Brook clay was taken off. Habitats that use it keep it.")).toBeVisible();
  await page.goto("/");
  await page.getByRole("link", { name: "Open Fernwall" }).click();
  await step(page, "Mix");
  await expect(row(page, "Brook clay")).toBeVisible();

  await page.getByLabel("Open a recipe file …").setInputFiles({
    name: "bad.json",
    mimeType: "application/json",
    buffer: Buffer.from(recipe.replace(/"parts": [\d.]+/, '"parts": -1')),
  });
  await expect(
    page.getByRole("alert").filter({ hasText: "The recipe was not opened, and the mix is as it was." }),
  ).toContainText("parts.0.parts");
  await page.getByRole("button", { name: "Remove Brook clay" }).click();
  await page
    .getByLabel("Open a recipe file …")
    .setInputFiles({ name: "good.json", mimeType: "application/json", buffer: Buffer.from(recipe) });
  await expect(row(page, "Brook clay")).toBeVisible();
});
