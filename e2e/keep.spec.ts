import { advice, closeAdvice, expect, finding, kept, ledger, moveIn, savedText, start, step, test } from "./support";

test("6. keeping: duties from the design, one ticked off, a reading written and charted against the band", async ({
  page,
}) => {
  // At noon a reading is held to the day's band, at other hours to the night's low as well.
  const noon = new Date();
  noon.setHours(12, 0, 0, 0);
  await page.clock.setFixedTime(noon);
  await start(page);
  await step(page, "Keeping");
  await moveIn(page);
  const mist = ledger(page).getByRole("listitem").filter({ hasText: "power off before hands go in" });
  await expect(mist).toContainText("today");
  await page.getByRole("checkbox", { name: "Done: Mist" }).click();
  await expect(mist).toContainText("in 1 day");
  await page.getByRole("button", { name: /^All duties/ }).click();
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Top up the litter" })).toContainText("in 60 days");

  await page.getByRole("button", { name: "Write it down" }).click();
  await expect(page.getByText("Reading: fill in at least one of temperature, humidity and water line.")).toBeVisible();
  await page.getByRole("textbox", { name: "Temperature" }).fill("91 F");
  await page.getByRole("textbox", { name: "Humidity" }).fill("82");
  await page.getByRole("textbox", { name: "Water line" }).fill("1 3/4 in");
  await page.getByRole("button", { name: "Write it down" }).click();
  await expect(
    page.getByRole("img", {
      name: /Temperature over time against the band of 20–27 °C. 1 reading, 32.8 °C/,
    }),
  ).toBeVisible();
  await expect(finding(page, "The last reading is out of band.")).toContainText(
    "32.8 °C at the warm end; 24–27 °C is wanted",
  );
  const over = await advice(page, "Standing water is over the safe line.");
  await over.getByRole("button", { name: "Deepen drainage to 9 cm" }).click();
  await closeAdvice(page);
  await expect(finding(page, "Standing water is over the safe line.")).toHaveCount(0);
  await page.goto("/");
  await expect(page.getByRole("complementary", { name: "Today" })).toContainText("Spot clean");
});

test("8. export, delete, import: identical; undo on the shelf; reload loses nothing", async ({ page }) => {
  await start(page, { name: "Fernwall – Überraschung" });
  await step(page, "Strata");
  await ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox").fill("6.5");
  await kept(page);
  await page.reload();
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox")).toHaveValue(
    "6.5",
  );
  const first = await savedText(page, () => page.getByRole("button", { name: "Export to a file" }).click());

  await page.goto("/");
  await page.getByRole("button", { name: "Fernwall – Überraschung: more" }).click();
  await page.getByRole("menuitem", { name: "Delete" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Delete" }).click();
  await expect(page.getByRole("heading", { name: "Nothing on the shelf yet" })).toBeVisible();

  await page
    .getByLabel("Import a file")
    .setInputFiles({ name: "fernwall.rincon.json", mimeType: "application/json", buffer: Buffer.from(first) });
  await page.getByRole("link", { name: "Open Fernwall – Überraschung" }).click();
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox")).toHaveValue(
    "6.5",
  );
  expect(await savedText(page, () => page.getByRole("button", { name: "Export to a file" }).click())).toBe(first);
});

test("an edit made just before the page is left is kept", async ({ page }) => {
  await start(page);
  await step(page, "Strata");
  await ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox").fill("7.5");
  await page.reload();
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox")).toHaveValue(
    "7.5",
  );
});

test("bad sizes are refused in words that name the field, and nothing is put on the shelf", async ({ page }) => {
  await page.goto("/start");
  const size = page.getByLabel("Inner size");
  const go = page.getByRole("button", { name: "Put it on the bench" });
  await go.click();
  await expect(page.getByText("Who will live in it? Type a name and choose an animal.")).toBeVisible();
  for (const [typed, told] of [
    ["0 x 45 x 45", "Width: must be between 10 cm and 500 cm."],
    ["60 x -45 x 45", "Depth, front to back: must be between"],
    ["60 x 45 x 9000", "Height: must be between 10 cm and 500 cm."],
    ["60 x 45", "give width × depth × height"],
    ["sixty x 45 x 45", "is not a measure"],
    ["60 x 45 x 45 kg", "is in a unit of another kind"],
  ] as const) {
    await size.fill(typed);
    await expect(page.getByText(told)).toBeVisible();
  }
  await page.getByLabel("Name").fill("<script>alert(1)</script>");
  await size.fill("60 x 45 x 45");
  await go.click();
  await expect(page.getByText("Name: leave out < and >.")).toBeVisible();
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Nothing on the shelf yet" })).toBeVisible();
});

test("a file that is not ours, cut off, from a newer version or with a script in a name changes nothing", async ({
  page,
}) => {
  await start(page);
  await kept(page);
  const good = await savedText(page, () => page.getByRole("button", { name: "Export to a file" }).click());
  await page.goto("/");
  const spoilt: [string, string][] = [
    ['{"format":"other"}', "does not say it is a Rincon habitat"],
    [good.slice(0, 300), "cut off or damaged"],
    [good.replace(/"formatVersion":\d+/, '"formatVersion":99'), "written by a newer Rincon"],
    [good.replace('"Fernwall"', '"<img src=x onerror=alert(1)>"'), "“design.name” holds markup"],
    [good.replace('"widthCm": 60', '"widthCm": -60'), "“design.shell.widthCm” is outside what is possible"],
  ];
  for (const [text, told] of spoilt) {
    await page
      .getByLabel("Import a file")
      .setInputFiles({ name: "bad.json", mimeType: "application/json", buffer: Buffer.from(text) });
    await expect(page.getByRole("dialog")).toContainText(told);
    await page.getByRole("button", { name: "Close" }).click();
    await expect(page.getByRole("dialog")).toHaveCount(0);
  }
  await expect(page.getByRole("article")).toHaveCount(1);
});
