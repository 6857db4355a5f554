import { advice, closeAdvice, expect, finding, ledger, start, step, test } from "./support";

const GECKO = { animal: "Crested gecko", name: "Rack", size: "45 x 45 x 60", sill: "20" };

/** Animals of five ways of life; grounds and water are common practice. */
const FIVE = [
  { animal: "Caribbean land hermit crab", count: "3", size: "100 x 50 x 50", soil: "Moulting sand", water: "pools" },
  { animal: "Giant African millipede", count: "2", size: "80 x 40 x 60", soil: "Millipede", water: "bowl" },
  { animal: "Hermann's tortoise", count: "1", size: "200 x 100 x 90", soil: "Burrow mix", water: "bath" },
  { animal: "Iberian ribbed newt", count: "3", size: "100 x 40 x 50", soil: undefined, water: "water" },
  { animal: "Regal jumping spider", count: "1", size: "20 x 20 x 35", soil: "Soil", water: "drops" },
] as const;

for (const { animal, count, size, soil, water } of FIVE)
  test(`${animal}: started from the shelf as it is kept, and nothing harms it`, async ({ page }) => {
    await start(page, { animal, count, size, name: "Test box", sill: "0" });
    await expect(page.getByRole("list", { name: "The box for this animal" })).toContainText(`Big enough for ${count}`);
    await expect(page.getByRole("contentinfo", { name: "Findings" })).not.toContainText("Harms:");
    await expect(ledger(page).locator("dl")).toContainText(new RegExp(water, "i"));
    await step(page, "Strata");
    const soils = ledger(page).getByRole("listitem").filter({ hasText: "in place" });
    if (soil) await expect(soils.filter({ hasText: soil })).toHaveCount(1);
    else await expect(soils).toHaveCount(0);
    const fitting = page.getByRole("img", { name: "fits", exact: true }).first();
    await step(page, "Planting");
    await page.getByRole("radio", { name: "Candidates" }).click();
    await expect(fitting).toBeVisible();
    await step(page, "Crew");
    // Newts hunt what lives in their water: at the best it does with care.
    const borne = page.getByRole("img", { name: soil ? "fits" : "with care", exact: true }).first();
    await expect(borne).toBeVisible();
  });

test("a second opinion is read in the Brief and followed: its finding says so, and one undo goes back", async ({
  page,
}) => {
  await start(page, GECKO);
  const missing = finding(page, "No drainage in a wet build.");
  await expect(missing).toHaveCount(0);
  const question = ledger(page).getByRole("group", { name: "Drainage or none?" });
  await question.getByRole("radio", { name: /keeps the deep soil from souring/ }).check();
  await expect(await advice(page, "No drainage in a wet build.")).toContainText(
    "You follow one of two schools here: Drainage or none?",
  );
  await closeAdvice(page);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(missing).toHaveCount(0);
  await expect(question.getByRole("radio", { name: "As the library has it" })).toBeChecked();
});

test("a mix with lime in it is warned of, with the pH it heads for, and mended", async ({ page }) => {
  await start(page, GECKO);
  await step(page, "Mix");
  await page.getByLabel("Add an ingredient").fill("powdered lime");
  await page.getByRole("option", { name: "Powdered lime" }).click();
  const limed = finding(page, "Lime sets the pH of this mix.");
  await expect(limed).toContainText(/it heads for pH 7\.8/);
  await limed.getByRole("button", { name: "Leave the lime out" }).click();
  await expect(limed).toHaveCount(0);
});

test("the Library says which figures from memory decided a finding in one's own habitats, and goes there", async ({
  page,
}) => {
  await start(page, { animal: "Central bearded dragon", name: "Small box" });
  await page.goto("/library");
  const first = page.getByRole("region", { name: "Check first" });
  await first.getByRole("button", { name: /Central bearded dragon/ }).click();
  const entry = page.getByRole("article", { name: "Central bearded dragon" });
  await expect(entry.getByRole("heading", { name: "Check first" })).toBeVisible();
  await expect(entry.getByText("Decided “The box is too small.” in Small box").first()).toBeVisible();
  await expect(page.getByRole("button", { name: /Central bearded dragon.*Check first/ })).toBeInViewport();
});
