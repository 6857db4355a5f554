import { demo, expect, finding, kept, ledger, savedText, start, step, test } from "./support";
import type { Page } from "@playwright/test";

const frogs = { animal: "Red-eyed tree frog", count: "3", name: "Leafwell", size: "60 x 45 x 60", sill: "0" };
const panel = (page: Page, name: string) => page.getByRole("radio", { name, exact: true }).click();
const shelf = (page: Page, name: string) =>
  page
    .getByRole("radiogroup", { name: "Which shelf of the library" })
    .getByRole("radio", { name, exact: true })
    .click();

test("the Library: found by an old name and with a letter wrong, filtered by what fits a habitat, four compared", async ({
  page,
}) => {
  await start(page, frogs);
  await kept(page);
  await page.goto("/library");
  await page.getByLabel("Find by name").fill("Litoria caerulea");
  await expect(page.getByRole("status").filter({ hasText: /^1 entry$/ })).toBeVisible();
  await expect(page.getByRole("heading", { level: 2, name: "Green tree frog" })).toBeVisible();
  await page.getByLabel("Find by name").fill("Dendrobatis tinctorius");
  await expect(page.getByRole("heading", { level: 2, name: "Dyeing poison frog" })).toBeVisible();
  await page.getByLabel("Find by name").fill("");
  for (const name of ["Dyeing poison frog", "Golden poison frog", "Tomato frog", "Mossy frog"])
    await page.getByRole("checkbox", { name: `Compare ${name}` }).click();
  await expect(page.getByRole("checkbox", { name: "Compare Mimic poison frog" })).toBeDisabled();
  await page.getByRole("button", { name: "Compare 4" }).click();
  const beside = page.getByRole("region", { name: "Side by side" });
  await expect(beside.getByRole("columnheader")).toHaveCount(5);
  await expect(beside.getByRole("row", { name: /^Temperature, warm end/ })).toContainText("24–27");
  await page.getByRole("button", { name: "Back to the list" }).click();

  await shelf(page, "Plants");
  await page.getByLabel("Fits the habitat").click();
  await page.getByRole("option", { name: "Leafwell" }).click();
  await page.getByLabel("Find by name").fill("haworthia");
  await expect(page.getByText("Nothing by that name on this shelf.")).toBeVisible();
});

test("a plant is copied, changed, used and refused with its reason; its origin is kept, and the file of own entries comes back", async ({
  page,
}) => {
  await page.goto("/library");
  await shelf(page, "Plants");
  await page.getByRole("button", { name: /^Nerve plant/ }).click();
  await page.getByRole("button", { name: "Copy as your own" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Giant nerve plant");
  await page.getByLabel("Grown, Height from", { exact: true }).fill("75");
  await page.getByLabel("Grown, Height to", { exact: true }).fill("85");
  await page.getByLabel("Temperature, thrives from", { exact: true }).fill("40");
  await page.getByRole("button", { name: "Keep the changes" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "is outside what is possible" })).toBeVisible();
  await page.getByLabel("Temperature, thrives from", { exact: true }).fill("20");
  await page.getByRole("button", { name: "Keep the changes" }).click();
  await expect(page.getByText("Kept. Habitats that use it already")).toBeVisible();
  const file = await savedText(page, () => page.getByRole("button", { name: "Save yours as a file" }).click());

  await start(page, frogs);
  await step(page, "Planting");
  await page.getByLabel("Find a plant").fill("giant nerve");
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Giant nerve plant" })).toContainText(
    "Grows 80 cm high; there is",
  );
  await page.getByRole("button", { name: "Add Giant nerve plant" }).click();
  await expect(finding(page, "A plant outgrows the box.")).toContainText("Giant nerve plant grows 80 cm high");
  await page.getByLabel("Find a plant").fill("african milk");
  const wrong = ledger(page).getByRole("listitem").filter({ hasText: "African milk tree" });
  await expect(wrong.getByRole("img", { name: "misfit", exact: true })).toBeVisible();
  await expect(wrong).toContainText(/Too humid: it thrives at 20–55/);
  await kept(page);

  await page.goto("/library");
  await shelf(page, "Plants");
  await page.getByRole("button", { name: /^Giant nerve plant/ }).click();
  await page.getByRole("button", { name: "Back to the library’s figures" }).click();
  await expect(page.getByLabel("Grown, Height to", { exact: true })).toHaveValue("15.0");
  await page.getByRole("button", { name: "Take it off your shelf" }).click();
  await expect(page.getByText("Giant nerve plant was taken off. Habitats that use it keep it.")).toBeVisible();
  await page.getByLabel("Open a file of entries").setInputFiles({
    name: "bad.json",
    mimeType: "application/json",
    buffer: Buffer.from(file.replace(/"heightCm": \[\s*75/, '"heightCm": [-8')),
  });
  await expect(
    page.getByText(
      "The file was not taken in, and nothing has changed. “plants.0.grown.heightCm.0” is outside what is possible.",
    ),
  ).toBeVisible();
  await page
    .getByLabel("Open a file of entries")
    .setInputFiles({ name: "good.json", mimeType: "application/json", buffer: Buffer.from(file) });
  await expect(page.getByText("1 entry was taken in.")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Giant nerve plant/ })).toBeVisible();
});

test("a biotope palette is proposed, another one differs, and it is planted; the work list says how", async ({
  page,
}) => {
  await start(page, frogs);
  await step(page, "Planting");
  await panel(page, "Palette");
  await page.getByLabel(/^Only from Central America/).check();
  await page.getByRole("button", { name: "Propose" }).click();
  const picks = ledger(page).getByRole("status").getByRole("listitem");
  await expect(page.getByRole("button", { name: "Another one" })).toBeVisible();
  const names = async () =>
    (await picks.locator("span:not([class*=Mui])").allTextContents()).filter((text) => text !== "");
  const first = await names();
  expect(first.length).toBeGreaterThanOrEqual(4);
  await expect(ledger(page)).toContainText(/\d+\s% of the floor and \d+\s% of the back wall covered after 12 months/);
  await page.getByRole("button", { name: "Another one" }).click();
  await expect
    .poll(async () => {
      const second = await names();
      return second.length > 0 ? first.filter((name) => !second.includes(name)).length : 0;
    })
    .toBeGreaterThanOrEqual(2);
  await page.getByRole("button", { name: "Plant them" }).click();
  const standing = ledger(page).getByRole("list", { name: "In the box" }).getByRole("listitem");
  expect(await standing.count()).toBeGreaterThanOrEqual(4);
  await page.getByRole("radio", { name: "bought" }).click();
  await panel(page, "Work");
  await expect(ledger(page)).toContainText("Wash off all nursery soil, rinse the leaves.");
  await expect(ledger(page)).toContainText(/Keep apart until/);
  await page.keyboard.press("Control+z");
  await expect(ledger(page)).toContainText("No plants, no work.");
});

test("grown to twelve months the section shows what crowds, and it is mended; a plant that died here twice is said so", async ({
  page,
}) => {
  await demo(page);
  await page.goto("/h/demo-lantern-gully/planting");
  await page.getByRole("radio", { name: "12 months" }).click();
  const crowd = finding(page, "Plants will crowd one another.");
  await expect(crowd).toContainText(/In a year .* stand in one place/);
  await crowd.getByRole("button").click();
  await expect(crowd).toHaveCount(0);

  for (const nth of [1, 2]) {
    await panel(page, "Candidates");
    await page.getByLabel("Find a plant").fill("prayer plant");
    await page.getByRole("button", { name: "Add Prayer plant" }).click();
    await panel(page, "In the box");
    await page.getByRole("button", { name: "More for Prayer plant" }).click();
    await page.getByRole("menuitem", { name: "Prayer plant died" }).click();
    await panel(page, "Candidates");
    await page.getByLabel("Find a plant").fill("prayer plant");
    await expect(ledger(page)).toContainText(nth === 1 ? "It died here once before." : "It died here 2 times before.");
  }
  await page.getByRole("button", { name: "Add Prayer plant" }).click();
  await expect(finding(page, "This plant died here before.")).toContainText("Of prayer plant, 2 died in this box");
});

test("a candidate is dragged to a place, moved into a sunken pot, and tank mates are judged", async ({ page }) => {
  await start(page, frogs);
  await step(page, "Planting");
  await page.getByLabel("Find a plant").fill("golden pothos");
  const grip = (await page.getByTitle("Drag Golden pothos to a place in the box").boundingBox())!;
  await page.mouse.move(grip.x + 8, grip.y + 8);
  await page.mouse.down();
  await page.mouse.move(grip.x - 80, grip.y + 20, { steps: 4 });
  const place = (await page.getByText("On wood, high").boundingBox())!;
  await page.mouse.move(place.x + place.width / 2, place.y + place.height / 2, { steps: 6 });
  await page.mouse.up();
  await panel(page, "In the box");
  const where = page.getByLabel("Golden pothos: stands");
  await expect(where).toHaveValue("wood");
  await where.selectOption("pot");
  await expect(where).toHaveValue("pot");
  await panel(page, "Work");
  await expect(ledger(page)).toContainText("Keep it in its pot, sunk into the ground, so that it can be swapped.");

  await step(page, "Brief");
  await page.getByLabel("Add a species").fill("leucomelas");
  await page.getByRole("option", { name: /Yellow-banded poison frog/ }).click();
  const clash = finding(page, "Two species that cannot share a box.");
  await expect(clash).toContainText("Red-eyed tree frog can swallow yellow-banded poison frog.");
  await clash.getByRole("button", { name: "Leave yellow-banded poison frog out" }).click();
  await expect(clash).toHaveCount(0);
});
