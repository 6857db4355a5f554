import type { Page } from "@playwright/test";
import { advice, closeAdvice, demo, expect, finding, kept, ledger, start, step, test } from "./support";

const METRIC = /\d\s?(cm|mm|°C|kg|mL|L|g)(?![\p{L}])/u;
const noMetric = async (page: Page): Promise<void> => {
  const text = await page.locator("body").innerText();
  expect(text.split("\n").filter((line) => METRIC.test(line))).toEqual([]);
};

test("from an empty shelf in US units: a sill conflict mended at once, a finding accepted and back when its cause changes", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("button", { name: "Units: metric. Switch to US units" }).click();
  await noMetric(page);
  await start(page, { size: "24 18 24", sill: "4 1/2", name: "Ohio box" });
  await noMetric(page);
  for (const name of ["Shell", "Strata", "Mix", "Planting", "Crew", "Climate", "Build", "Keeping"]) {
    await step(page, name);
    await noMetric(page);
  }

  await step(page, "Strata");
  const over = finding(page, "The fill passes the door sill.");
  await expect(over).toContainText("Harms");
  await over.getByRole("button").last().click();
  await expect(over).toHaveCount(0);
  const panel = await advice(page, "The soil is too shallow.");
  await expect(panel).toHaveCount(0);
  await noMetric(page);

  const noCrew = await advice(page, "No cleanup crew.");
  await expect(noCrew).toContainText("Opinion");
  await closeAdvice(page);

  await ledger(page).getByRole("textbox", { name: /front/ }).first().fill("1");
  const shallow = await advice(page, "The soil is too shallow.");
  await shallow.getByRole("button", { name: "Accept" }).click();
  await shallow.getByRole("button", { name: "Keep" }).click();
  await expect(shallow).toContainText("Write why");
  await shallow.getByRole("textbox", { name: "Your reason" }).fill("It is fed by hand and never digs");
  await shallow.getByRole("button", { name: "Keep" }).click();
  await expect(shallow).toContainText(/Accepted on .*: “It is fed by hand and never digs”/);
  await closeAdvice(page);
  await expect(finding(page, "The soil is too shallow.")).toHaveCount(0);
  await kept(page);
  await page.goto(`${page.url().split("/").slice(0, -1).join("/")}/sheets`);
  await page.getByRole("radio", { name: "Care card" }).click();
  await expect(page.getByRole("article")).toContainText("It is fed by hand and never digs");
  await page.goBack();
  await expect(page.getByRole("heading", { level: 1, name: "Strata" })).toBeVisible();

  await ledger(page).getByRole("textbox", { name: /front/ }).first().fill("1/2");
  await ledger(page).getByRole("textbox", { name: /back/ }).first().fill("1/2");
  await expect(await advice(page, "The soil is too shallow.")).toContainText("Back since its cause changed");
});

test("a planter foamed into a wall and planted; two bags turned into a depth; two variants compared", async ({
  page,
}) => {
  await demo(page);
  await page.goto("/h/demo-twin-deep/shell");
  await page.getByRole("radio", { name: "Hardscape" }).click();
  await ledger(page).getByRole("combobox", { name: "Add a piece" }).fill("flower pot");
  await page.getByRole("option", { name: "Planter", exact: true }).click();
  await page.getByRole("radio", { name: "set in a wall" }).click();
  const unheld = await advice(page, "Nothing to set a piece in.");
  await expect(unheld).toContainText("nothing is built there to hold it");
  await closeAdvice(page);
  await page.getByRole("radio", { name: "Walls" }).click();
  await ledger(page).getByLabel("Built on the back wall").selectOption({ label: "Foam" });
  await expect(finding(page, "Nothing to set a piece in.")).toHaveCount(0);
  await step(page, "Planting");
  await page.getByRole("radio", { name: "Candidates" }).click();
  await page.getByLabel("Find a plant").fill("lemon button");
  await page.getByRole("button", { name: /^Add Lemon button/ }).click();
  await page.getByRole("radio", { name: "In the box", exact: true }).click();
  const where = page.getByRole("combobox", { name: /Lemon button/i }).first();
  await where.selectOption({ label: await lastOption(where) });
  await expect(where).toHaveValue(/^[0-9a-f-]{8}$/);

  await step(page, "Strata");
  const pebbles = page.getByRole("listitem").filter({ hasText: "Clay pebbles" });
  await pebbles.getByRole("button", { name: /^More on/ }).click();
  await pebbles.getByLabel("Bags").fill("2");
  await pebbles.getByLabel("In each").fill("10 L");
  const said = await pebbles.getByRole("status").innerText();
  const depth = Number(/makes ([\d.]+)/.exec(said)?.[1]);
  expect(depth).toBeGreaterThan(3);
  await pebbles.getByRole("button", { name: "Lay it so" }).click();
  await expect(pebbles.getByRole("textbox").first()).toHaveValue(new RegExp(`^${depth}`));
  await kept(page);

  await page.goto("/");
  await page.getByRole("button", { name: "Twin, deep litter: more" }).click();
  await page.getByRole("menuitem", { name: "Make a variant" }).click();
  await expect(page.getByText("Nothing: they are built alike.")).toBeVisible();
  await page.getByRole("region", { name: "Against" }).getByRole("link").click();
  await step(page, "Strata");
  await page.getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox").first().fill("4");
  await kept(page);
  await page.goto("/");
  await page.getByRole("button", { name: "Twin, deep litter: more" }).click();
  await page.getByRole("menuitem", { name: "Compare with another" }).click();
  await expect(page.getByRole("main")).toContainText("Clay pebbles, 4 cm");
  await expect(page.getByRole("row", { name: /Drainage, as poured/ })).toContainText("−");
});

async function lastOption(select: ReturnType<Page["getByRole"]>): Promise<string> {
  return (await select.getByRole("option").last().textContent()) ?? "";
}

test("forty findings stand in the panel, three cards in the bar, and nothing slides sideways, on a phone one", async ({
  page,
}) => {
  await start(page, { size: "60 x 45 x 60" });
  const many = Array.from({ length: 40 }, (_, at) => at);
  await step(page, "Planting");
  await page.getByRole("radio", { name: "Candidates" }).click();
  await page.getByLabel("Find a plant").fill("zebra haworthia");
  for (const _ of many) await page.getByRole("button", { name: /^Add Zebra haworthia/i }).click();
  const bar = page.getByRole("contentinfo", { name: "Findings" });
  const all = bar.getByRole("button", { name: /^All \d+ findings$/ });
  await expect.poll(async () => Number(/\d+/.exec((await all.textContent()) ?? "")?.[0])).toBeGreaterThan(40);
  await expect(bar.getByRole("listitem").filter({ visible: true })).toHaveCount(3);
  const slides = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(await slides()).toBeLessThanOrEqual(0);
  await all.click();
  await page.getByRole("radio", { name: /^Worth a look \d+/ }).click();
  expect(await slides()).toBeLessThanOrEqual(0);
  await closeAdvice(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(bar.getByRole("listitem").filter({ visible: true })).toHaveCount(1);
  expect(await slides()).toBeLessThanOrEqual(0);
});

test("a name nobody has leads to the nearest, and to an entry of one's own in the units at hand", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("button", { name: "Units: metric. Switch to US units" }).click();
  await start(page, { size: "24 18 24", sill: "4" });
  await page.getByRole("combobox", { name: "Animal" }).fill("leopord gecko");
  await expect(page.getByRole("option").first()).toContainText("Leopard gecko");
  await page.getByRole("combobox", { name: "Animal" }).fill("zzyx crocodile");
  await expect(page.getByText("Nothing by that name. The nearest:")).toBeVisible();
  await page.getByRole("option", { name: /“zzyx crocodile” as your own/ }).click();
  await page.getByRole("link", { name: "Set them in the Library" }).click();
  await expect(page.getByRole("textbox", { name: "Name", exact: true })).toHaveValue("zzyx crocodile");
  const warm = page.getByLabel("Temperature, warm end to", { exact: true });
  await warm.fill("90");
  await page.getByRole("button", { name: "Keep the changes" }).click();
  await expect(page.getByRole("button", { name: "Keep the changes" })).toBeDisabled();
  await page.getByRole("button", { name: "Units: US. Switch to metric" }).click();
  await expect(warm).toHaveValue("32.2");
});
