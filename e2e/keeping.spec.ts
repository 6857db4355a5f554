import type { Page } from "@playwright/test";
import { demo, expect, kept, ledger, moveIn, start, step, test } from "./support";

const duty = (page: Page, title: string) => ledger(page).getByRole("listitem").filter({ hasText: title });

async function living(page: Page): Promise<void> {
  await start(page);
  await step(page, "Keeping");
  await moveIn(page);
}

test("a messy logger's file comes in right, is remembered, and twice the same is not told twice", async ({ page }) => {
  await living(page);
  const text = [
    "Logger 3;Keller",
    "Datum;Uhrzeit;Temp warm (°F);Feuchte %",
    "25.09.2025;14:05;78,8;61,5",
    "26.09.2025;14:05;71,6;70,0",
    "31.02.2026;14:05;77,0;62,0",
  ].join("\r\n");
  const take = async () => {
    await ledger(page)
      .getByLabel("From a logger’s file")
      .setInputFiles({ name: "keller.csv", mimeType: "text/csv", buffer: Buffer.from(text, "latin1") });
    const asking = page.getByRole("dialog", { name: "Readings from keller.csv" });
    await expect(asking.getByLabel("Columns parted by")).toHaveValue(";");
    await expect(asking.getByLabel("Figures like")).toHaveValue(",");
    await expect(asking.getByLabel("Days as")).toHaveValue("dmy");
    await expect(asking.getByLabel("in °F")).toBeChecked();
    return asking;
  };
  let asking = await take();
  await asking.getByLabel("What is in “Feuchte %”").selectOption("retreat.humidityRh");
  await asking.getByRole("button", { name: "Take them in" }).click();
  await expect(ledger(page)).toContainText("4 new readings from 3 rows. 1 row was left out, row 5: no day and time.");
  await expect(page.getByRole("img", { name: /^Temperature over time .* 2 readings, the last 22 °C/ })).toBeVisible();

  asking = await take();
  await expect(asking.getByLabel("What is in “Feuchte %”")).toHaveValue("retreat.humidityRh");
  await asking.getByRole("button", { name: "Take them in" }).click();
  await expect(ledger(page)).toContainText("0 new readings from 3 rows.");
  await page.reload();
  await page.getByRole("radio", { name: "Humidity" }).click();
  await expect(page.getByRole("img", { name: /^Humidity over time .* 2 readings, the last 70/ })).toBeVisible();
});

test("duties are put off, left out, changed, turned off with a reason, and added; a reload loses nothing", async ({
  page,
}) => {
  await page.clock.setFixedTime(new Date("2026-03-02T10:00:00"));
  await living(page);
  await ledger(page).getByRole("button", { name: "Change: Spot clean" }).click();
  await duty(page, "Spot clean").getByRole("button", { name: "3 days" }).click();
  await expect(duty(page, "Spot clean")).toContainText("in 3 days");

  await ledger(page)
    .getByRole("button", { name: /^All duties/ })
    .click();
  await ledger(page).getByRole("button", { name: "Change: Clean the glass" }).click();
  const glass = duty(page, "Clean the glass");
  await glass.getByLabel("It comes").selectOption("weekdays");
  await glass.getByRole("button", { name: "Thu", exact: true }).click();
  await expect(glass).toContainText("every Thu, Sun");
  await expect(glass).toContainText("in 3 days");

  await ledger(page).getByRole("button", { name: "Change: Weigh" }).click();
  await duty(page, "Weigh").getByLabel("Why").fill("It is left in peace");
  await duty(page, "Weigh").getByRole("button", { name: "Off for good" }).click();
  await expect(ledger(page).getByRole("list", { name: "Duties that are off" })).toContainText(
    "off: It is left in peace",
  );

  await ledger(page).getByText("A duty of your own").click();
  await ledger(page).getByLabel("What is to be done").fill("Photo of the wall");
  await ledger(page).getByRole("button", { name: "Add it" }).click();
  await expect(duty(page, "Photo of the wall")).toContainText("in 7 days");
  await kept(page);
  await page.reload();
  await ledger(page)
    .getByRole("button", { name: /^All duties/ })
    .click();
  await expect(duty(page, "Photo of the wall")).toContainText("in 7 days");
  await expect(glass).toContainText("every Thu, Sun");
  await expect(ledger(page).getByRole("list", { name: "Duties that are off" })).toContainText("Weigh");
});

test("meals, a shed and a weight stand in the story, are found, taken out, and told of each animal", async ({
  page,
}) => {
  await page.clock.setFixedTime(new Date("2026-03-02T10:00:00"));
  await living(page);
  await page.getByRole("radio", { name: "Animals" }).click();
  await page.getByText("Add an animal").first().click();
  await page.locator("#work").getByLabel("Name", { exact: true }).fill("Ember");
  await page.getByRole("button", { name: "Add an animal" }).click();
  const pick = (name: string) => ledger(page).getByRole("button", { name, exact: true }).click();
  const write = () => ledger(page).getByRole("button", { name: "Write it down" }).click();
  await pick("Fed");
  await ledger(page).getByLabel("Which animal").selectOption({ label: "Ember" });
  await ledger(page).getByLabel("Taken").selectOption("refused");
  await ledger(page).locator('input[type="date"]').last().fill("2026-02-25");
  await write();
  await pick("Shed");
  await ledger(page).getByLabel("Which animal").selectOption({ label: "Ember" });
  await write();
  await pick("Weighed");
  await write();
  await expect(ledger(page)).toContainText("Mass is not right.");
  await ledger(page).getByLabel("Which animal").selectOption({ label: "Ember" });
  await ledger(page).getByLabel("Mass").fill("1.5 oz");
  await write();
  await expect(page.getByRole("row", { name: /Ember/ })).toContainText("43 g");
  await expect(page.getByRole("row", { name: /Ember/ })).toContainText("1 meal refused");

  await page.getByRole("radio", { name: "Story" }).click();
  const story = page.getByRole("list", { name: "Story" });
  await expect(story.getByRole("listitem").filter({ hasText: "Refused insects" })).toContainText(
    "Ember · shed Mon 2 Mar: off food before it",
  );
  await page.getByLabel("Find in the story").fill("ember weighed");
  await expect(story.getByRole("listitem")).toHaveCount(1);
  await story.getByRole("button", { name: /^Take out/ }).click();
  await expect(story.getByRole("listitem")).toHaveCount(0);
  await page.reload();
  await page.getByLabel("Find in the story").fill("weighed");
  await expect(story.getByRole("listitem")).toHaveCount(0);
});

test("two years of meals, sheds and weights are read back as curves", async ({ page }) => {
  await demo(page);
  await page.goto("/h/demo-dry-wash/keeping");
  await page.getByRole("radio", { name: "Animals" }).click();
  await expect(page.getByRole("img", { name: /^All in the box: 2\d, 6\d/ })).toBeVisible();
  await expect(page.getByRole("row", { name: /All in the box/ })).toContainText(/5\d meals/);
  await page.getByRole("radio", { name: "Story" }).click();
  await page.getByLabel("Find in the story").fill("stuck toes");
  await expect(page.getByRole("list", { name: "Story" }).getByRole("listitem")).toContainText("never dosed at home");
});

test("cold days are told by themselves, and explained by what was changed just before", async ({ page }) => {
  await page.clock.setFixedTime(new Date("2025-10-01T10:00:00"));
  await living(page);
  const rows = [24, 25, 26, 27, 28, 29].map((day) => `2025-09-${day} 13:00,${day < 26 ? 26 : 15}`);
  await ledger(page)
    .getByLabel("From a logger’s file")
    .setInputFiles({
      name: "log.csv",
      mimeType: "text/csv",
      buffer: Buffer.from(["time,temp (°C)", ...rows].join("\n")),
    });
  await page.getByRole("dialog").getByRole("button", { name: "Take them in" }).click();
  const says = ledger(page);
  await expect(says).toContainText("In band 33 % of the readings by day, over the last 60 days.");
  await expect(says).toContainText(
    "Temperature, warm end: under its band from Fri 26 Sep to Mon 29 Sep, down to 15 °C.",
  );
  const first = says
    .getByRole("list", { name: "What may have brought it, likeliest first" })
    .first()
    .locator("li")
    .first();
  await expect(first).toContainText("as it is set up the box comes to");
  await ledger(page).getByRole("button", { name: "Changed", exact: true }).click();
  await ledger(page).getByLabel("In your words").fill("Lid opened for the new lamp");
  await ledger(page).locator('input[type="date"]').last().fill("2025-09-25");
  await ledger(page).getByRole("button", { name: "Write it down" }).click();
  await expect(first).toContainText("Lid opened for the new lamp, on Thu 25 Sep. Take it back for two days and see.");
});

test("any reading is mended or taken out later, after a reload too, and put back", async ({ page }) => {
  await page.clock.setFixedTime(new Date("2026-03-02T10:00:00"));
  await demo(page);
  await page.goto("/h/demo-kiln-end/keeping");
  await page.getByText("One by one").click();
  const rows = page.getByRole("listitem").filter({ has: page.getByRole("button", { name: /^Take out: Temperature/ }) });
  await expect(rows).toHaveCount(20);
  const first = rows.first();
  await first.getByRole("button", { name: /^Change: Temperature, / }).click();
  await first.getByRole("textbox").fill("33.3");
  await first.getByRole("textbox").press("Tab");
  await first.getByRole("button", { name: "Keep" }).click();
  await expect(rows.filter({ hasText: "33.3 °C" })).toHaveCount(1);
  await page.reload();
  await page.getByText("One by one").click();
  const mended = rows.filter({ hasText: "33.3 °C" });
  await mended.getByRole("button", { name: /^Take out/ }).click();
  await expect(mended).toHaveCount(0);
  await page.getByRole("status").filter({ hasText: "is taken out" }).getByRole("button", { name: "Undo" }).click();
  await expect(mended).toHaveCount(1);
});
