import { advice, closeAdvice, expect, finding, kept, ledger, start, step, test } from "./support";

test("1. from an empty shelf: animal, box in inches, sill, room; the brief says whether it is enough", async ({
  page,
}) => {
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Nothing on the shelf yet" })).toBeVisible();
  await page.getByRole("link", { name: "Start a habitat" }).click();
  await start(page, { count: "2", size: "36 x 18 x 24 in", sill: "8 in" });
  const verdict = page.getByRole("list", { name: "The box for this animal" });
  await expect(verdict).toContainText("Big enough for 2: 91.4 × 45.7 cm of floor where 90 × 45 cm is the least");
  await page.getByLabel("How many").fill("4");
  await expect(verdict).toContainText("4 is more than live together in peace: 2 at the most");
  await page.getByLabel("Animal", { exact: true }).click();
  await page.getByRole("option", { name: "Crested gecko" }).click();
  await page.getByLabel("How many").fill("1");
  await expect(verdict).toContainText("Too low: 42.9 cm clear over the fill where 50 cm is the least");
});

test("2. strata: typing and dragging an edge move figures and section together", async ({ page }) => {
  await start(page);
  await step(page, "Strata");
  const pebbles = ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" });
  // 60 x 45 floor, 6 cm at 45 % voids: 16.2 L of pebbles, 7.29 L of water to the barrier (worked example, common
  // practice); 5 % of what is poured settles away.
  await expect(pebbles).toContainText("16.2 L in place, 17.1 L to buy");
  await expect(page.locator("dl").getByText("7.3", { exact: true })).toBeVisible();

  await pebbles.getByRole("textbox").fill("2 1/2 in");
  await expect(pebbles).toContainText("17.1 L in place");

  const grip = page.getByRole("slider", { name: "Clay pebbles: height of its upper edge" });
  const before = Number(await grip.getAttribute("aria-valuenow"));
  const box = (await grip.boundingBox())!;
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(at.x, at.y + 12);
  await page.mouse.move(at.x, at.y + 24);
  await page.mouse.up();
  await expect.poll(async () => Number(await grip.getAttribute("aria-valuenow"))).toBeLessThan(before);
  await grip.focus();
  const dragged = Number(await grip.getAttribute("aria-valuenow"));
  await page.keyboard.press("ArrowUp");
  await expect(grip).toHaveAttribute("aria-valuenow", String(Number((dragged + 0.5).toFixed(2))));
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(grip).toHaveAttribute("aria-valuenow", String(before));

  // A soil wedge of 8 cm in front and 14 cm at the back on 60 x 45: 29.7 L (worked example).
  const soil = ledger(page).getByRole("listitem").filter({ hasText: "Forest mix" });
  await soil.getByRole("textbox", { name: /in front/ }).fill("8");
  await soil.getByRole("textbox", { name: /at the back/ }).fill("14");
  await expect(soil).toContainText("29.7 L in place");
  await expect(page.getByText("of 20 cm sill")).toBeVisible();
  await expect(page.getByRole("region", { name: "The section in words" })).toContainText("Water stands at 1.3 cm");
});

test("4. planting and crew: ranked with reasons, added ones stand in the section", async ({ page }) => {
  await start(page);
  await step(page, "Planting");
  await page.getByRole("radio", { name: "Candidates" }).click();
  const candidates = ledger(page).getByRole("list").last().getByRole("listitem");
  await expect(candidates.first()).toContainText("Likes it this humid: thrives at");
  await expect(candidates.first().getByRole("img", { name: "fits", exact: true })).toBeVisible();
  await page.getByLabel("Find a plant").fill("haworthia");
  await expect(candidates).toHaveCount(3);
  await expect(candidates.first()).toContainText(/Too humid: it thrives at 20–55\s%, here it is 7\d–8\d\s%/);
  await page.getByLabel("Find a plant").fill("Nephrolepis");
  await page.getByRole("button", { name: "Add Sword fern" }).click();
  const stand = page.getByRole("button", { name: /^Sword fern: .* from the left/ });
  await expect(stand).toBeVisible();
  await expect(finding(page, "A plant outgrows the box.")).toContainText("Sword fern grows 47.5 cm high");

  const left = await stand.getAttribute("aria-label");
  await stand.focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("button", { name: /^Sword fern: .* from the left/ })).not.toHaveAttribute(
    "aria-label",
    left ?? "",
  );
  await (await advice(page, "A plant outgrows the box.")).getByRole("button", { name: "Take it out" }).click();
  await closeAdvice(page);
  await expect(stand).toHaveCount(0);

  await step(page, "Crew");
  await page.getByRole("button", { name: "Add Dwarf white isopods" }).click();
  await expect(page.getByLabel("Dwarf white isopods, how many")).toHaveValue("54");
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Blue death-feigning beetles" })).toContainText(
    "Too humid",
  );
});

test("5. build: steps with waits and dates side by side, and what to have at hand", async ({ page }) => {
  await start(page);
  await step(page, "Planting");
  await page.getByRole("radio", { name: "Candidates" }).click();
  await page.getByLabel("Find a plant").fill("nerve");
  await page.getByRole("button", { name: "Add Nerve plant" }).click();
  await step(page, "Build");
  await page.getByLabel("Start on").fill("2027-01-05");
  await expect(page.getByText("Tue 23 Feb").first()).toBeVisible();
  const growIn = ledger(page).getByRole("listitem").filter({ hasText: "Plants root for 35 days" });
  await expect(growIn).toContainText("waits 35 days, ready Tue 23 Feb · sets the move-in day");
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Cut and lay the barrier" })).toContainText(
    "gloves, cut away from you",
  );
  await page.getByRole("radio", { name: "To have at hand" }).click();
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" })).toContainText("17.1 L");
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Fibreglass insect screen" })).toContainText(
    "65 × 50 cm",
  );
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Nerve plant" })).toContainText("1 piece");
});

test("7. findings say what, why and mend in one press, which one undo takes back", async ({ page }) => {
  await start(page);
  await step(page, "Strata");
  const soil = ledger(page).getByRole("listitem").filter({ hasText: "Forest mix" });
  await soil.getByRole("textbox", { name: /in front/ }).fill("14");
  const over = finding(page, "The fill passes the door sill.");
  await expect(over).toContainText(
    "It stands 22 cm at the front, 6 cm of drainage, 14 cm of soil, 2 cm of dressing: 2 cm over the sill of 20 cm",
  );
  await over.getByRole("button", { name: "Lower the soil 2.5 cm" }).click();
  await expect(over).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(over).toHaveCount(1);
  await page.keyboard.press("Control+Shift+z");
  await expect(over).toHaveCount(0);

  await page.getByRole("button", { name: "Remove Clay pebbles" }).click();
  const missing = finding(page, "No drainage in a wet build.");
  await missing.getByRole("button", { name: "Lay 5 cm of clay pebbles" }).click();
  await expect(missing).toHaveCount(0);
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" })).toBeVisible();

  await page.getByRole("textbox", { name: /^Kept water line/ }).fill("4.8");
  await expect(finding(page, "Standing water is over the safe line.")).toContainText("safe to 0.5 cm");
  await finding(page, "Standing water is over the safe line.")
    .getByRole("button", { name: "Keep it at 0.5 cm" })
    .click();
  await expect(page.getByRole("textbox", { name: /^Kept water line/ })).toHaveValue("0.5");

  await step(page, "Shell");
  await page.getByLabel("Width").fill("30");
  await finding(page, "The box is too small.").getByRole("button", { name: "Make it 60 × 45 × 60 cm" }).click();
  await expect(page.getByLabel("Width")).toHaveValue("60.0");
  await kept(page);
});

test("the shell: a common size, a corner floor in plan, walls taken off an outer size, vents, and what each costs", async ({
  page,
}) => {
  await start(page, { size: "60 x 45 x 45", sill: "17" });
  await step(page, "Shell");
  const tile = (label: string) => page.getByRole("main").locator("dl > div").filter({ hasText: label });
  // 61 x 46 floor, two 61 x 45 and two 45 x 45 walls of 5 mm glass at 2500 kg a cubic metre (EN 572-1): 15.4 kg.
  await expect(tile("Empty box")).toContainText("15.4 kg");
  await ledger(page).getByLabel("Floor").click();
  await page.getByRole("option", { name: "Corner, round" }).click();
  await expect(page.getByRole("radio", { name: "Plan" })).toBeChecked();
  // A quarter of an ellipse, 60 x 45, 45 high: 95.4 L.
  await expect(tile("Volume inside")).toContainText("95.4 L");
  await page.keyboard.press("Control+z");
  await ledger(page).getByRole("radio", { name: "outside" }).click();
  await ledger(page).getByLabel("Width").fill("71");
  await expect(ledger(page)).toContainText("inside 70 × 45 × 45 cm");
  await ledger(page).getByRole("radio", { name: "glass" }).click();
  await expect(finding(page, "No way for air to move.")).toBeVisible();
  await ledger(page).getByRole("button", { name: "Add a vent" }).click();
  await expect(finding(page, "No way for air to move.")).toHaveCount(0);
  await expect(tile("Open to the air")).toContainText("top 0, low 80, high 0");
  await ledger(page)
    .getByRole("textbox", { name: /^Vent 1, from the left/ })
    .fill("68");
  await expect(
    page.getByRole("alert").filter({ hasText: "Vent 1. Place along the wall: the opening passes the end of its wall" }),
  ).toBeVisible();
  await ledger(page).getByRole("button", { name: "Stand it on its end" }).click();
  await expect(page.getByRole("banner")).toContainText("45 × 45 × 70 cm");
});
